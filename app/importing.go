package app

import (
	"archive/zip"
	"bytes"
	"context"
	"crypto/rand"
	"encoding/hex"
	"errors"
	"fmt"
	"io"
	"os"
	"path"
	"path/filepath"
	"regexp"
	"strings"

	"setfast/kernel"
	"setfast/store"
)

// Bounds on what is handed in.
const (
	MaxUpload   = 500 << 20
	maxZipFiles = 2000
	maxZipBytes = 1 << 30
)

// Incoming is a file handed in.
type Incoming struct {
	Name string
	Data []byte
}

// Stage keeps files handed in together, zip bundles unpacked, and tells which will be read and which are left over.
func (a *App) Stage(ctx context.Context, project int64, files []Incoming) (string, []store.ImportFile, error) {
	var raw [16]byte
	if _, err := rand.Read(raw[:]); err != nil {
		return "", nil, err
	}
	batch := hex.EncodeToString(raw[:])
	add := func(name string, data []byte, state, message string) error {
		sha := strings.Repeat("0", 64)
		if state == "waiting" {
			var err error
			if sha, err = a.Store.PutBlob(ctx, data); err != nil {
				return err
			}
		}
		_, err := a.Store.AddImport(ctx, store.ImportFile{ProjectID: project, Batch: batch, Name: name, SHA256: sha, Size: int64(len(data)), State: state, Message: message})
		return err
	}
	one := func(name string, data []byte) error {
		if kernel.Format(name) == "" {
			return add(name, nil, "left over", "not a STEP or IGES file")
		}
		if len(data) == 0 {
			return add(name, nil, "failed", "it is empty")
		}
		return add(name, data, "waiting", "")
	}
	for _, f := range files {
		if strings.EqualFold(path.Ext(f.Name), ".zip") {
			if err := unzip(f, one, func(name, why string) error { return add(name, nil, "failed", why) }); err != nil {
				return "", nil, err
			}
			continue
		}
		if err := one(f.Name, f.Data); err != nil {
			return "", nil, err
		}
	}
	list, err := a.Store.Imports(ctx, batch)
	return batch, list, err
}

// unzip hands on the files of a bundle; its folders, and what systems leave in bundles, are passed over.
func unzip(f Incoming, one func(string, []byte) error, failed func(name, why string) error) error {
	z, err := zip.NewReader(bytes.NewReader(f.Data), int64(len(f.Data)))
	if err != nil {
		return failed(f.Name, "it is not a zip bundle, or is damaged")
	}
	if len(z.File) > maxZipFiles {
		return failed(f.Name, fmt.Sprintf("it holds more than %d files", maxZipFiles))
	}
	left := int64(maxZipBytes)
	for _, e := range z.File {
		base := path.Base(strings.ReplaceAll(e.Name, `\`, "/"))
		if e.FileInfo().IsDir() || strings.HasPrefix(base, ".") || strings.Contains(e.Name, "__MACOSX") {
			continue
		}
		if kernel.Format(base) == "" {
			if err := one(base, nil); err != nil {
				return err
			}
			continue
		}
		r, err := e.Open()
		if err != nil {
			if err := failed(base, "it cannot be unpacked"); err != nil {
				return err
			}
			continue
		}
		data, err := io.ReadAll(io.LimitReader(r, left+1))
		r.Close()
		left -= int64(len(data))
		if left < 0 {
			return failed(base, "the bundle unpacks to more than can be taken")
		}
		if err != nil {
			err = failed(base, "it is damaged inside the bundle")
		} else {
			err = one(base, data)
		}
		if err != nil {
			return err
		}
	}
	return nil
}

// Imported is how reading one file went.
type Imported struct {
	File    store.ImportFile
	New     []store.Part
	Known   []store.Part // products the project had already
	Missing []string
	Built   []string // assemblies made of the file's product tree
}

// ReadStaged reads one staged file into the project.
func (a *App) ReadStaged(ctx context.Context, batch string, id int64) (*Imported, error) {
	files, err := a.Store.Imports(ctx, batch)
	if err != nil {
		return nil, err
	}
	var f *store.ImportFile
	for i := range files {
		if files[i].ID == id {
			f = &files[i]
		}
	}
	if f == nil {
		return nil, store.ErrNotFound
	}
	out := &Imported{File: *f}
	if f.State != "waiting" {
		return out, nil
	}
	err = a.read(ctx, *f, files, out)
	out.File.State, out.File.Message = "done", ""
	if err != nil {
		var fe *kernel.FileError
		var ue *UserError
		switch {
		case errors.As(err, &fe):
			out.File.Message = fe.Why
		case errors.As(err, &ue):
			out.File.Message = ue.Msg
		default:
			return nil, err
		}
		out.File.State = "failed"
	} else {
		out.File.Message = importWords(out)
	}
	return out, a.Store.SetImport(ctx, id, out.File.State, out.File.Message)
}

func importWords(i *Imported) string {
	w := []string{}
	if n := len(i.New); n > 0 {
		w = append(w, plural(n, "part", "parts")+" added")
	}
	if n := len(i.Known); n > 0 {
		w = append(w, plural(n, "part was", "parts were")+" here already")
	}
	if n := len(i.Built); n > 0 {
		w = append(w, plural(n, "assembly", "assemblies")+" made: "+strings.Join(i.Built, ", "))
	}
	if len(i.Missing) > 0 {
		w = append(w, "missing: "+strings.Join(i.Missing, ", "))
	}
	return strings.Join(w, " · ")
}

func plural(n int, one, many string) string {
	if n == 1 {
		return "1 " + one
	}
	return fmt.Sprintf("%d %s", n, many)
}

func (a *App) read(ctx context.Context, f store.ImportFile, all []store.ImportFile, out *Imported) error {
	if a.Kernel == nil {
		return userErr("shapes cannot be read: the shape kernel is not built")
	}
	dir, err := os.MkdirTemp("", "setfast-import-")
	if err != nil {
		return err
	}
	defer os.RemoveAll(dir)
	put := func(x store.ImportFile) (string, error) {
		data, err := a.Store.Blob(ctx, x.SHA256)
		if err != nil {
			return "", err
		}
		p := filepath.Join(dir, safeName(x.Name))
		return p, os.WriteFile(p, data, 0o600)
	}
	main, err := put(f)
	if err != nil {
		return err
	}
	var companions []string
	if refs, err := kernel.ExternalRefs(main); err == nil && len(refs) > 0 {
		for _, x := range all {
			for _, r := range refs {
				if strings.EqualFold(x.Name, r) && x.ID != f.ID && kernel.Format(x.Name) != "" && x.Size > 0 {
					p, err := put(x)
					if err != nil {
						return err
					}
					companions = append(companions, p)
				}
			}
		}
	}
	im, err := a.Kernel.Read(ctx, main, companions...)
	if err != nil {
		return err
	}
	out.Missing = im.Missing
	var keys []string
	have, err := a.Store.Parts(ctx, f.ProjectID)
	if err != nil {
		return err
	}
	for i, p := range im.Parts {
		name := p.Name
		if name == "" {
			name = strings.TrimSuffix(f.Name, path.Ext(f.Name))
			if len(im.Parts) > 1 {
				name = fmt.Sprintf("%s %d", name, i+1)
			}
		}
		row := store.Part{ProjectID: f.ProjectID, Name: clip(name, 180), SourceName: clip(f.Name, 380), SourceSHA256: f.SHA256, SourceIndex: i, Tint: len(have) + i}
		if err := a.derive(ctx, p, &row); err != nil {
			return err
		}
		row, fresh, err := a.Store.AddPart(ctx, row)
		if err != nil {
			return err
		}
		keys = append(keys, PartKey(row.ID))
		if fresh {
			out.New = append(out.New, row)
		} else {
			out.Known = append(out.Known, row)
		}
	}
	if len(im.Parts) == 0 {
		return userErr("it holds no shapes of its own; it refers to %s", strings.Join(im.Missing, ", "))
	}
	if len(out.New) == 0 {
		return nil // the whole file was here before, and its assemblies with it
	}
	out.Built, err = a.buildTree(ctx, f.ProjectID, im, keys, f.Name)
	return err
}

// derive keeps what is worked out from a part's shape.
func (a *App) derive(ctx context.Context, p *kernel.Part, row *store.Part) error {
	data, err := kernel.Derive(p).Encode()
	if err != nil {
		return err
	}
	if row.DerivedSHA256, err = a.Store.PutBlob(ctx, data); err != nil {
		return err
	}
	pic, err := kernel.Preview(p, Tint(*row), 240)
	if err != nil {
		return err
	}
	row.PreviewSHA256, err = a.Store.PutBlob(ctx, pic)
	row.DerivedVersion = kernel.Version
	return err
}

// Refresh derives a part again where older code derived it.
func (a *App) Refresh(ctx context.Context, project int64) error {
	rows, err := a.Store.Parts(ctx, project)
	if err != nil || a.Kernel == nil {
		return err
	}
	for _, r := range rows {
		if r.DerivedVersion == kernel.Version {
			continue
		}
		dir, err := os.MkdirTemp("", "setfast-import-")
		if err != nil {
			return err
		}
		data, err := a.Store.Blob(ctx, r.SourceSHA256)
		if err == nil {
			p := filepath.Join(dir, safeName(r.SourceName))
			if err = os.WriteFile(p, data, 0o600); err == nil {
				var im *kernel.Import
				if im, err = a.Kernel.Read(ctx, p); err == nil && r.SourceIndex < len(im.Parts) {
					if err = a.derive(ctx, im.Parts[r.SourceIndex], &r); err == nil {
						err = a.Store.SetDerived(ctx, r.ID, r.DerivedVersion, r.DerivedSHA256, r.PreviewSHA256)
					}
				}
			}
		}
		os.RemoveAll(dir)
		if err != nil {
			return fmt.Errorf("part %q: %w", r.Name, err)
		}
	}
	return nil
}

// The quiet palette that parts are drawn in.
var tints = [][3]uint8{{173, 184, 178}, {200, 178, 142}, {158, 172, 191}, {190, 165, 160}, {176, 180, 148}, {168, 160, 182}, {196, 190, 172}, {150, 178, 176}}

// Tint is the colour a part is drawn in.
func Tint(p store.Part) [3]uint8 { return tints[p.Tint%len(tints)] }

var unsafe = regexp.MustCompile(`[^A-Za-z0-9._ ()+-]`)

// safeName keeps a file's name usable in a folder of our own.
func safeName(n string) string {
	n = unsafe.ReplaceAllString(filepath.Base(n), "_")
	if strings.HasPrefix(n, ".") {
		n = "_" + n
	}
	return n
}

func clip(s string, n int) string {
	if r := []rune(s); len(r) > n {
		return string(r[:n-1]) + "…"
	}
	return s
}
