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
	"setfast/app/words"
	"strings"

	"setfast/kernel"
	"setfast/store"
)

// Bounds on bundles. Text such as STEP's packs to a tenth or so; what unpacks to a hundred times is made to fill disks.
const (
	mostInBundle  = 2000
	mostUnpacked  = 2 << 30
	mostRatio     = 100
	ratioFrom     = 16 << 20 // bytes up to which no ratio is asked
	mostFileNames = 380
)

// Incoming is a file handed in.
type Incoming struct {
	Name string
	From io.Reader
}

// Files hands files over one after another, as Stage wants them.
func Files(list ...Incoming) func() (Incoming, error) {
	return func() (Incoming, error) {
		if len(list) == 0 {
			return Incoming{}, io.EOF
		}
		f := list[0]
		list = list[1:]
		return f, nil
	}
}

// upload takes files in. They go to a folder of its own while they come, and are counted; none is ever whole in memory.
type upload struct {
	app     *App
	dir     string
	left    int64 // bytes that may still come
	entries []spooled
}

// spooled is a file that has come: at path, or not taken for a reason.
type spooled struct {
	name, path     string
	size           int64
	state, message string
	within         int // index of the file that refers to it, or -1
}

// Stage keeps files handed in together, zip bundles unpacked, and tells which will be read and which are left over. Either all of
// them are taken or none.
func (a *App) Stage(ctx context.Context, project int64, next func() (Incoming, error)) (batch string, list []store.ImportFile, err error) {
	if err := a.roomFor(ctx, project, 0); err != nil {
		return "", nil, err
	}
	dir, err := kernel.WorkFolder("upload")
	if err != nil {
		return "", nil, full(err)
	}
	defer os.RemoveAll(dir)
	u := &upload{app: a, dir: dir, left: a.Limits.Upload}
	for {
		f, err := next()
		if err == io.EOF {
			break
		}
		if err == nil {
			err = u.take(f)
		}
		if err != nil {
			return "", nil, full(err)
		}
	}
	if len(u.entries) == 0 {
		return "", nil, words.Refuse("no files came with this request")
	}
	u.findWholes()
	total := int64(0)
	for _, e := range u.entries {
		total += e.size
	}
	if err := a.roomFor(ctx, project, total); err != nil {
		return "", nil, err
	}
	var raw [16]byte
	_, _ = rand.Read(raw[:])
	batch = hex.EncodeToString(raw[:])
	if err := u.keep(ctx, project, batch); err != nil {
		return "", nil, err
	}
	a.queue.wake()
	list, err = a.Store.Imports(ctx, batch)
	return batch, list, err
}

// full turns a full disk into words.
func full(err error) error {
	if isFull(err) {
		return store.ErrFull
	}
	return err
}

// take lets one file come, and unpacks it if it is a bundle.
func (u *upload) take(f Incoming) error {
	name := fileName(f.Name)
	bundle := strings.EqualFold(path.Ext(name), ".zip")
	if !bundle && !taken(name) {
		u.add(spooled{name: name, state: "left over", message: noneOfOurs})
		n, err := io.Copy(io.Discard, io.LimitReader(f.From, u.left+1))
		return u.count(n, err)
	}
	to := filepath.Join(u.dir, fmt.Sprint(len(u.entries), "-", safeName(name)))
	n, err := spool(to, io.LimitReader(f.From, u.left+1))
	if err := u.count(n, err); err != nil {
		return err
	}
	if bundle {
		defer os.Remove(to)
		return u.unzip(name, to)
	}
	u.came(name, to, n)
	return nil
}

// noneOfOurs is said of files that are not read.
const noneOfOurs = "neither a STEP or IGES file nor an assembly file (.setfast.json)"

// taken tells by its name whether a file is read; triangles only go with a document that names them.
func taken(name string) bool {
	return kernel.Format(name) != "" || isDocument(name) || isTriangles(name)
}

func isTriangles(name string) bool { return strings.EqualFold(path.Ext(name), ".stl") }

// begins tells whether a file begins as its name says.
func begins(head []byte, name string) error {
	switch {
	case isDocument(name):
		if h := bytes.TrimLeft(head, " \t\r\n\ufeff"); len(h) == 0 || h[0] != '{' {
			return errors.New("it does not begin like an assembly file")
		}
		return nil
	case isTriangles(name):
		return nil
	}
	return kernel.Begins(head, kernel.Format(name))
}

func (u *upload) count(n int64, err error) error {
	if u.left -= n; u.left < 0 {
		return words.Refuse("the files are more than %d MB together; hand them in by and by", u.app.Limits.Upload>>20)
	}
	return err
}

func (u *upload) add(s spooled) { s.within = -1; u.entries = append(u.entries, s) }

// came notes a part file that lies whole in the folder.
func (u *upload) came(name, at string, size int64) {
	s := spooled{name: name, path: at, size: size, state: "waiting"}
	head, err := headOf(at)
	switch {
	case size == 0:
		s.message = "it is empty"
	case u.app.Kernel != nil && size > int64(u.app.Kernel.MaxFileMB)<<20:
		s.message = fmt.Sprintf("it is larger than %d MB", u.app.Kernel.MaxFileMB)
	case err != nil:
		s.message = "it cannot be read again"
	default:
		if err := begins(head, name); err != nil {
			s.message = err.Error()
		}
	}
	if s.message != "" {
		_ = os.Remove(at)
		s.state, s.path, s.size = "failed", "", 0
	}
	u.add(s)
}

func headOf(path string) ([]byte, error) {
	f, err := os.Open(path)
	if err != nil {
		return nil, err
	}
	defer f.Close()
	head := make([]byte, kernel.HeadSize)
	n, err := io.ReadFull(f, head)
	if errors.Is(err, io.EOF) || errors.Is(err, io.ErrUnexpectedEOF) {
		err = nil
	}
	return head[:n], err
}

func spool(to string, from io.Reader) (int64, error) {
	f, err := os.OpenFile(to, os.O_CREATE|os.O_WRONLY|os.O_EXCL, 0o600)
	if err != nil {
		return 0, err
	}
	n, err := io.Copy(f, from)
	if e := f.Close(); err == nil {
		err = e
	}
	return n, err
}

// unzip takes the files of a bundle; its folders, and what systems leave in bundles, are passed over.
func (u *upload) unzip(bundle, at string) error {
	failed := func(name, why string) { u.add(spooled{name: name, state: "failed", message: why}) }
	z, err := zip.OpenReader(at)
	if err != nil {
		failed(bundle, "it is not a zip bundle, or is damaged")
		return nil
	}
	defer z.Close()
	if len(z.File) > mostInBundle {
		failed(bundle, fmt.Sprintf("it holds more than %d files", mostInBundle))
		return nil
	}
	left := int64(mostUnpacked)
	for _, e := range z.File {
		name := fileName(e.Name)
		if e.FileInfo().IsDir() || strings.HasPrefix(name, ".") || strings.Contains(e.Name, "__MACOSX") {
			continue
		}
		if !taken(name) {
			u.add(spooled{name: name, state: "left over", message: noneOfOurs})
			continue
		}
		to := filepath.Join(u.dir, fmt.Sprint(len(u.entries), "-", safeName(name)))
		n, why, err := u.unpack(e, to, left)
		if err != nil {
			return err
		}
		if why != "" {
			_ = os.Remove(to)
			failed(name, why)
			continue
		}
		left -= n
		u.came(name, to, n)
	}
	return nil
}

// unpack writes one file of a bundle, counting as it goes. It stops where the file is none of its format, or unpacks to more than
// any drawing would.
func (u *upload) unpack(e *zip.File, to string, left int64) (n int64, why string, err error) {
	if u.app.Kernel != nil {
		left = min(left, int64(u.app.Kernel.MaxFileMB)<<20)
	}
	tooMuch := "it unpacks to more than can be taken"
	if e.UncompressedSize64 > uint64(left) {
		return 0, tooMuch, nil
	}
	r, err := e.Open()
	if err != nil {
		return 0, "it cannot be unpacked", nil
	}
	defer r.Close()
	head := make([]byte, kernel.HeadSize)
	k, err := io.ReadFull(r, head)
	if err != nil && !errors.Is(err, io.EOF) && !errors.Is(err, io.ErrUnexpectedEOF) {
		return 0, "it is damaged inside the bundle", nil
	}
	if err := begins(head[:k], to); err != nil && k > 0 {
		return 0, err.Error(), nil
	}
	left = min(left, max(ratioFrom, mostRatio*int64(e.CompressedSize64)))
	n, err = spool(to, io.LimitReader(io.MultiReader(bytes.NewReader(head[:k]), r), left+1))
	var pe *os.PathError
	switch {
	case n > left:
		return n, tooMuch, nil
	case errors.As(err, &pe):
		return n, "", err // it is the disk, not the bundle
	case err != nil:
		return n, "it is damaged inside the bundle", nil
	}
	return n, "", nil
}

// findWholes finds which files are referred to by others that came with them: those are read with the one that refers to them.
func (u *upload) findWholes() {
	at := map[string]int{}
	for i, e := range u.entries {
		if k := strings.ToLower(e.name); e.state == "waiting" {
			if _, ok := at[k]; !ok {
				at[k] = i
			}
		}
	}
	refers := make([][]int, len(u.entries))
	referred := make([]bool, len(u.entries))
	for i, e := range u.entries {
		if e.state != "waiting" {
			continue
		}
		if isDocument(e.name) {
			data, _ := os.ReadFile(e.path)
			for _, name := range sourcesOf(data) {
				if k, ok := at[strings.ToLower(path.Base(name))]; ok && k != i {
					refers[i] = append(refers[i], k)
					referred[k] = true
				}
			}
		}
		if kernel.Format(e.name) != "step" {
			continue
		}
		found, err := kernel.Companions(e.path, func(name string) string {
			if k, ok := at[strings.ToLower(path.Base(name))]; ok && k != i {
				refers[i] = append(refers[i], k)
				referred[k] = true
			}
			return "" // one level is enough here
		})
		_, _ = found, err // what is wrong with the file is told when it is read
	}
	for i := range u.entries {
		if e := &u.entries[i]; isTriangles(e.name) && e.state == "waiting" && !referred[i] {
			e.state, e.message = "left over", "triangles go with an assembly file that names them, and none came with it"
		}
		if referred[i] || u.entries[i].state != "waiting" {
			continue
		}
		todo := append([]int(nil), refers[i]...)
		for len(todo) > 0 {
			k := todo[0]
			todo = todo[1:]
			if k != i && u.entries[k].within < 0 {
				u.entries[k].within, u.entries[k].state = i, "with"
				todo = append(todo, refers[k]...)
			}
		}
	}
}

// keep puts what came into the store. Those that are read with others come after them.
func (u *upload) keep(ctx context.Context, project int64, batch string) error {
	ids := make([]int64, len(u.entries))
	for _, with := range []bool{false, true} {
		for i, e := range u.entries {
			if (e.within >= 0) != with {
				continue
			}
			row := store.ImportFile{ProjectID: project, Batch: batch, Name: e.name, SHA256: strings.Repeat("0", 64), Size: e.size, State: e.state, Message: e.message}
			if e.path != "" {
				f, err := os.Open(e.path)
				if err != nil {
					return err
				}
				row.SHA256, err = u.app.Store.PutBlobFrom(ctx, f)
				f.Close()
				if err != nil {
					return err
				}
			}
			if with {
				row.Within = ids[e.within]
			}
			var err error
			if ids[i], err = u.app.Store.AddImport(ctx, row); err != nil {
				return err
			}
		}
	}
	return nil
}

// fileName is the last part of a file's name as it came, fit to be shown and kept.
func fileName(name string) string {
	name = path.Base(strings.ReplaceAll(strings.ToValidUTF8(name, "_"), `\`, "/"))
	name = strings.Map(func(r rune) rune {
		if r < ' ' || r == 0x7f || r == '\uFFFD' {
			return '_'
		}
		return r
	}, name)
	if r := []rune(name); len(r) > mostFileNames { // its end tells what it is
		name = string(r[:mostFileNames-20]) + "…" + string(r[len(r)-19:])
	}
	return name
}
