package kernel

import (
	"bytes"
	"context"
	"errors"
	"fmt"
	"io"
	"os"
	"os/exec"
	"path/filepath"
	"regexp"
	"strings"
	"syscall"
	"time"
)

// Runner runs the kernel's child process.
type Runner struct {
	Bin       string        // the child program
	Timeout   time.Duration // wall clock for one file
	MemoryMB  int           // of the child
	MaxFileMB int           // larger files are refused unread
	slots     chan struct{} // how many run at once
}

// NewRunner uses the child program at bin with the usual limits.
func NewRunner(bin string) *Runner {
	return &Runner{Bin: bin, Timeout: 120 * time.Second, MemoryMB: 3000, MaxFileMB: 400, slots: make(chan struct{}, 2)}
}

// Find looks for the child program beside this one.
func Find() (*Runner, error) {
	self, err := os.Executable()
	if err != nil {
		return nil, err
	}
	bin := filepath.Join(filepath.Dir(self), "setfast-kernel")
	if env := os.Getenv("SETFAST_KERNEL"); env != "" {
		bin = env
	}
	if _, err := os.Stat(bin); err != nil {
		return nil, fmt.Errorf("the shape kernel %s is not built; start with ./setfast, which builds it", bin)
	}
	return NewRunner(bin), nil
}

// FileError says why a file could not be read.
type FileError struct{ Name, Why string }

func (e *FileError) Error() string { return fmt.Sprintf("%s could not be read: %s", e.Name, e.Why) }

// Format tells a shape file's format by its name, or "".
func Format(name string) string {
	switch strings.ToLower(filepath.Ext(name)) {
	case ".step", ".stp", ".p21":
		return "step"
	case ".iges", ".igs":
		return "iges"
	}
	return ""
}

// Read reads a file; companions are files it may refer to. The child sees copies of these in a folder of its own and
// nothing else.
func (r *Runner) Read(ctx context.Context, path string, companions ...string) (*Import, error) {
	name := filepath.Base(path)
	format := Format(name)
	bad := func(why string, a ...any) error { return &FileError{name, fmt.Sprintf(why, a...)} }
	if format == "" {
		return nil, bad("its name ends neither in .step, .stp, .iges nor .igs")
	}
	st, err := os.Stat(path)
	if err != nil {
		if pe, ok := err.(*os.PathError); ok {
			err = pe.Err
		}
		return nil, bad("%v", err)
	}
	switch {
	case st.IsDir():
		return nil, bad("it is a folder")
	case st.Size() == 0:
		return nil, bad("it is empty")
	case st.Size() > int64(r.MaxFileMB)<<20:
		return nil, bad("it is larger than %d MB", r.MaxFileMB)
	}
	if err := looksLike(path, format); err != nil {
		return nil, bad("%v", err)
	}
	select {
	case r.slots <- struct{}{}:
		defer func() { <-r.slots }()
	case <-ctx.Done():
		return nil, ctx.Err()
	}
	dir, err := os.MkdirTemp("", "setfast-shape-")
	if err != nil {
		return nil, err
	}
	defer os.RemoveAll(dir)
	in := "input." + map[string]string{"step": "stp", "iges": "igs"}[format]
	if err := copyFile(path, filepath.Join(dir, in)); err != nil {
		return nil, err
	}
	for _, c := range companions {
		if b := filepath.Base(c); b != in {
			if err := copyFile(c, filepath.Join(dir, b)); err != nil {
				return nil, err
			}
		}
	}
	if err := r.run(ctx, dir, nil, "read", format, in); err != nil {
		var ce *childError
		if errors.As(err, &ce) {
			return nil, bad("%s", ce.why)
		}
		return nil, err
	}
	text, err := os.ReadFile(filepath.Join(dir, "shape.json"))
	if err != nil {
		return nil, bad("the kernel gave no answer")
	}
	blob, err := os.ReadFile(filepath.Join(dir, "shape.bin"))
	if err != nil {
		return nil, bad("the kernel gave no answer")
	}
	im, err := decode(text, blob)
	if err != nil {
		return nil, bad("%v", err)
	}
	return im, nil
}

// Make runs a recipe in a folder, where it may write files.
func (r *Runner) Make(ctx context.Context, dir, recipe string) error {
	return r.run(ctx, dir, strings.NewReader(recipe), "make")
}

type childError struct{ why string }

func (e *childError) Error() string { return e.why }

// run starts the child and waits; it is ended when it takes too long, and may die of what it reads.
func (r *Runner) run(ctx context.Context, dir string, stdin io.Reader, args ...string) error {
	ctx, cancel := context.WithTimeout(ctx, r.Timeout)
	defer cancel()
	cmd := exec.CommandContext(ctx, r.Bin, args...)
	cmd.Dir = dir
	cmd.Stdin = stdin
	var errs bytes.Buffer
	cmd.Stderr = &limitedWriter{w: &errs, left: 64 << 10}
	cmd.Env = []string{
		"HOME=" + dir, "TMPDIR=" + dir, "LANG=C.UTF-8", "GOMAXPROCS=1", "GOTRACEBACK=none",
		fmt.Sprintf("SETFAST_CPU_SECONDS=%d", int(r.Timeout.Seconds())+1),
		fmt.Sprintf("SETFAST_MEMORY_BYTES=%d", int64(r.MemoryMB)<<20),
	}
	cmd.SysProcAttr = &syscall.SysProcAttr{Setpgid: true}
	cmd.Cancel = func() error { return syscall.Kill(-cmd.Process.Pid, syscall.SIGKILL) }
	cmd.WaitDelay = 2 * time.Second
	err := cmd.Run()
	if err == nil {
		return nil
	}
	if errors.Is(ctx.Err(), context.DeadlineExceeded) {
		return &childError{fmt.Sprintf("it took longer than %.0f seconds", r.Timeout.Seconds())}
	}
	if ctx.Err() != nil {
		return ctx.Err()
	}
	var ee *exec.ExitError
	if !errors.As(err, &ee) {
		return fmt.Errorf("the shape kernel cannot be started: %w", err)
	}
	if ee.ExitCode() == 3 {
		return &childError{strings.TrimSpace(errs.String())}
	}
	if ws, ok := ee.Sys().(syscall.WaitStatus); ok && ws.Signaled() && (ws.Signal() == syscall.SIGXCPU || ws.Signal() == syscall.SIGKILL) {
		return &childError{"it took more time or memory than it may have"}
	}
	if m := errs.String(); strings.Contains(m, "out of memory") || strings.Contains(m, "cannot allocate") || strings.Contains(m, "bad_alloc") {
		return &childError{"it needs more memory than it may have"}
	}
	return &childError{"the file is damaged: reading it broke off"}
}

type limitedWriter struct {
	w    io.Writer
	left int
}

func (l *limitedWriter) Write(p []byte) (int, error) {
	if k := min(len(p), l.left); k > 0 {
		l.left -= k
		_, _ = l.w.Write(p[:k])
	}
	return len(p), nil
}

func copyFile(from, to string) error {
	if os.Link(from, to) == nil {
		return nil
	}
	in, err := os.Open(from)
	if err != nil {
		return err
	}
	defer in.Close()
	out, err := os.OpenFile(to, os.O_CREATE|os.O_WRONLY|os.O_EXCL, 0o600)
	if err != nil {
		return err
	}
	if _, err = io.Copy(out, in); err != nil {
		out.Close()
		return err
	}
	return out.Close()
}

var documentFile = regexp.MustCompile(`(?i)DOCUMENT_FILE\s*\(\s*'((?:[^']|'')*)'`)

// looksLike refuses what is plainly no such file, and references that would leave the child's folder.
func looksLike(path, format string) error {
	f, err := os.Open(path)
	if err != nil {
		return err
	}
	defer f.Close()
	head := make([]byte, 4096)
	n, _ := io.ReadFull(f, head)
	head = head[:n]
	if format == "step" {
		if !bytes.Contains(head, []byte("ISO-10303-21")) {
			return errors.New("it does not begin like a STEP file")
		}
		refs, err := ExternalRefs(path)
		if err != nil {
			return err
		}
		for _, r := range refs {
			if strings.ContainsAny(r, `/\`) || strings.HasPrefix(r, "..") {
				return fmt.Errorf("it refers to a file outside its own folder: %s", r)
			}
		}
		return nil
	}
	// IGES: 80-column cards, an S in column 73 of the first
	if len(head) < 73 || head[72] != 'S' && head[72] != 'C' && head[72] != 'B' {
		return errors.New("it does not begin like an IGES file")
	}
	return nil
}

// ExternalRefs lists the other files a STEP file says its shapes are in.
func ExternalRefs(path string) ([]string, error) {
	data, err := os.ReadFile(path)
	if err != nil {
		return nil, err
	}
	if !bytes.Contains(data, []byte("DOCUMENT_FILE")) && !bytes.Contains(data, []byte("document_file")) {
		return nil, nil
	}
	var out []string
	for _, m := range documentFile.FindAllSubmatch(data, 1000) {
		if n := string(m[1]); n != "" {
			out = append(out, n)
		}
	}
	return out, nil
}
