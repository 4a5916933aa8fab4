package app

import (
	"context"
	"crypto/sha256"
	"encoding/hex"
	"errors"
	"fmt"
	"maps"
	"os"
	"path"
	"path/filepath"
	"regexp"
	"setfast/app/words"
	"slices"
	"strings"
	"sync"
	"time"

	"setfast/core/relate"
	"setfast/kernel"
	"setfast/store"
)

// Imported is how reading one file went.
type Imported struct {
	File    store.ImportFile
	New     []store.Part
	Known   []store.Part // products the project had already
	Missing []string
	Built   []string // assemblies made of the file's product tree
}

// ReadStaged reads one file that was handed in, or waits where it is being read already; it tells how that went.
func (a *App) ReadStaged(ctx context.Context, project, id int64) (store.ImportFile, error) {
	for {
		f, err := a.Store.ImportOf(ctx, project, id)
		if err != nil || !f.Open() {
			return f, err
		}
		ok, err := a.Store.ClaimImport(ctx, id)
		if err != nil {
			return f, err
		}
		if ok {
			if _, err := a.readClaimed(ctx, f); err != nil {
				return f, err
			}
			continue
		}
		select {
		case <-ctx.Done():
			return f, context.Cause(ctx)
		case <-time.After(50 * time.Millisecond):
		}
	}
}

// readClaimed reads a file, as it was before it was claimed, and notes how it went.
func (a *App) readClaimed(ctx context.Context, f store.ImportFile) (*Imported, error) {
	out := &Imported{File: f}
	own, cancel := context.WithCancelCause(ctx)
	var said sync.WaitGroup
	said.Go(func() { a.sayReading(own, f, cancel) })
	err := a.read(own, f, out)
	if errors.Is(context.Cause(own), errCancelled) {
		err = errCancelled
	}
	cancel(nil)
	said.Wait()
	out.File.State, out.File.Message = "done", ""
	var fe *kernel.FileError
	var ue *UserError
	switch {
	case err == nil:
		out.File.Message = importWords(out)
	case errors.Is(err, errCancelled):
		return out, nil
	case errors.As(err, &fe):
		out.File.State, out.File.Message = "failed", fe.Why
	case errors.As(err, &ue):
		out.File.State, out.File.Message = "failed", ue.Msg
	case ctx.Err() != nil:
		return nil, err // it is read again at the next start
	default:
		a.Log.Error("a file could not be read in", "file", f.Name, "error", err)
		out.File.State, out.File.Message = "failed", "it could not be kept; try again"
		if isFull(err) || errors.Is(err, store.ErrFull) {
			out.File.Message = "the disk is full"
		}
	}
	return out, a.Store.SetImport(ctx, out.File)
}

func importWords(i *Imported) string {
	w := []string{}
	if n := len(i.New); n > 0 {
		w = append(w, words.Plural(n, "part", "parts")+" added")
	}
	if n := len(i.Known); n > 0 {
		w = append(w, words.Plural(n, "part was", "parts were")+" here already")
	}
	if n := len(i.Built); n > 0 {
		w = append(w, words.Plural(n, "assembly", "assemblies")+" made: "+strings.Join(i.Built, ", "))
	}
	if len(i.Missing) > 0 {
		w = append(w, "missing: "+strings.Join(i.Missing, ", "))
	}
	return strings.Join(w, " · ")
}

// read reads one file into the project, with those of its batch that it refers to. Done again it adds nothing twice.
func (a *App) read(ctx context.Context, f store.ImportFile, out *Imported) error {
	if a.Kernel == nil {
		return words.Refuse("shapes cannot be read: the shape kernel is not built")
	}
	batch, err := a.Store.Imports(ctx, f.Batch)
	if err != nil {
		return err
	}
	byName := map[string]string{}
	for _, x := range batch {
		if k := strings.ToLower(x.Name); x.Size > 0 && x.ID != f.ID && byName[k] == "" {
			byName[k] = x.SHA256
		}
	}
	if isDocument(f.Name) {
		return a.readDocument(ctx, f, byName, out)
	}
	src, im, err := a.readSource(ctx, f.Name, f.SHA256, func(name string) string { return byName[strings.ToLower(path.Base(name))] })
	if err != nil {
		return err
	}
	out.Missing = im.Missing
	if len(im.Parts) == 0 {
		return words.Refuse("it holds no shapes of its own; it refers to %s", strings.Join(im.Missing, ", "))
	}
	if err := a.Store.SetCompanions(ctx, src.id, src.companions); err != nil {
		return err
	}
	var keys []string
	for i, p := range im.Parts {
		name := p.Name
		if name == "" {
			name = strings.TrimSuffix(f.Name, path.Ext(f.Name))
			if len(im.Parts) > 1 {
				name = fmt.Sprintf("%s %d", name, i+1)
			}
		}
		row := store.Part{ProjectID: f.ProjectID, Name: clip(name, words.MostName), SourceName: clip(f.Name, mostFileNames), SourceSHA256: f.SHA256, SourceID: src.id, SourceIndex: i, Tint: int(f.ID%1_000_000) + i, Arrival: f.ID}
		if err := a.derive(ctx, im, i, &row); err != nil {
			return err
		}
		row, fresh, err := a.Store.AddPart(ctx, row)
		if err != nil {
			return err
		}
		keys = append(keys, row.Key())
		if fresh {
			out.New = append(out.New, row)
		} else {
			out.Known = append(out.Known, row)
		}
	}
	t := &tree{app: a, project: f.ProjectID, im: im, parts: keys, file: f.Name, source: src.id, fresh: len(out.New) > 0}
	out.Built, err = t.build(ctx)
	return err
}

// source is a file with all it refers to.
type source struct {
	id         string            // names the files together: the file's own SHA-256 where it refers to no other
	companions map[string]string // name as it is called → SHA-256
}

// readSource reads a kept file and those it refers to; sha finds the content of a name.
func (a *App) readSource(ctx context.Context, name, main string, sha func(name string) string) (source, *kernel.Import, error) {
	src := source{id: main, companions: map[string]string{}}
	dir, err := kernel.WorkFolder("import")
	if err != nil {
		return src, nil, full(err)
	}
	defer os.RemoveAll(dir)
	put := func(id, as string) (string, error) {
		to, err := os.OpenFile(filepath.Join(dir, as), os.O_CREATE|os.O_WRONLY|os.O_EXCL, 0o600)
		if err != nil {
			return "", err
		}
		err = a.Store.BlobTo(ctx, id, to)
		if e := to.Close(); err == nil {
			err = e
		}
		return to.Name(), err
	}
	file, err := put(main, safeName(name))
	if err != nil {
		return src, nil, err
	}
	var companions map[string]string
	if kernel.Format(name) == "step" {
		at := map[string]string{main: file}
		var broken error
		companions, err = kernel.Companions(file, func(called string) string {
			id := sha(called)
			if id == "" || broken != nil {
				return ""
			}
			if at[id] == "" {
				at[id], broken = put(id, id+path.Ext(called))
			}
			src.companions[called] = id
			return at[id]
		})
		if broken != nil {
			return src, nil, broken
		}
		if err != nil {
			return src, nil, &kernel.FileError{Name: name, Why: err.Error()}
		}
	}
	if len(companions) > 0 {
		h := sha256.New()
		fmt.Fprintln(h, main)
		for _, called := range slices.Sorted(maps.Keys(companions)) {
			fmt.Fprintln(h, src.companions[called], called)
		}
		src.id = hex.EncodeToString(h.Sum(nil))
	}
	im, err := a.Kernel.Read(ctx, file, companions)
	return src, im, err
}

// readAgain reads the file that a part came from, with those it refers to.
func (a *App) readAgain(ctx context.Context, r store.Part) (*kernel.Import, error) {
	if isDocument(r.SourceName) {
		return a.sketches(ctx, r.SourceSHA256)
	}
	companions, err := a.Store.Companions(ctx, r.SourceID)
	if err != nil {
		return nil, err
	}
	_, im, err := a.readSource(ctx, r.SourceName, r.SourceSHA256, func(name string) string { return companions[name] })
	return im, err
}

// derive keeps what is worked out from a part's shape.
func (a *App) derive(ctx context.Context, im *kernel.Import, index int, row *store.Part) error {
	p, err := im.In(im.Parts[index], row.Unit)
	if err != nil {
		return err
	}
	d := kernel.Derive(p)
	d.Unit = im.Unit
	d.TellHand()
	if row.ID == 0 { // later it is what people say
		shape := d.Part()
		shape.Name = row.Name
		row.Fastener = relate.Fastener(shape, d.Surfaces())
	}
	data, err := d.Encode()
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

// Refresh derives parts again where older code derived them, each file read once with those it refers to. A part that cannot be
// stays as it is; how many there are is told.
func (a *App) Refresh(ctx context.Context) (done, failed int, err error) {
	rows, err := a.Store.Outdated(ctx, kernel.Version)
	if err != nil || a.Kernel == nil {
		return 0, 0, err
	}
	read := map[string]*kernel.Import{}
	for _, r := range rows {
		im, ok := read[r.SourceID]
		if !ok {
			clear(read) // parts of one file come one after another
			if im, err = a.readAgain(ctx, r); err != nil {
				a.Log.Warn("a part could not be read again", "part", r.Name, "file", r.SourceName, "error", err)
			}
			if ctx.Err() != nil {
				return done, failed, context.Cause(ctx)
			}
			read[r.SourceID] = im
		}
		if im == nil || r.SourceIndex >= len(im.Parts) {
			failed++
			continue
		}
		if err = a.derive(ctx, im, r.SourceIndex, &r); err == nil {
			err = a.Store.SetDerived(ctx, r)
		}
		if err != nil {
			return done, failed, fmt.Errorf("part %q: %w", r.Name, err)
		}
		done++
	}
	return done, failed, nil
}

// Reread derives a part again as if its file were in another unit than it says; with no unit, as it says. Its features keep their
// names; where it is placed it stays.
func (a *App) Reread(ctx context.Context, id int64, unit string) error {
	if err := kernel.CheckUnit(unit); err != nil { // before anything is read
		return words.Refuse("%v", err)
	}
	r, err := a.Store.Part(ctx, id)
	if err != nil || r.Unit == unit {
		return err
	}
	im, err := a.readAgain(ctx, r)
	var fe *kernel.FileError
	switch {
	case errors.As(err, &fe):
		return words.Refuse("%s could not be read again: %s", r.SourceName, fe.Why)
	case err != nil:
		return err
	case r.SourceIndex >= len(im.Parts):
		return words.Refuse("%s does not hold this part any more", r.SourceName)
	}
	if r.Unit = unit; unit == im.Unit {
		r.Unit = ""
	}
	if err := a.derive(ctx, im, r.SourceIndex, &r); err != nil {
		return err
	}
	if err := a.Store.SetDerived(ctx, r); err != nil {
		return err
	}
	return a.Store.ForgetVerdicts(ctx, r.ProjectID)
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
