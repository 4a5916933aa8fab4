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
	"runtime"
	"strings"
	"syscall"
	"time"
)

// Runner runs the kernel's child process.
type Runner struct {
	Bin       string        // the child program
	Base      time.Duration // wall clock for any file …
	PerMB     time.Duration // … more for each megabyte of it and its companions …
	Timeout   time.Duration // … and never more than this
	MemoryMB  int           // of the child
	MaxFileMB int           // larger files are refused unread
	Unfenced  bool          // read even where the machine cannot keep the child inside its folder
	slots     chan struct{} // how many run at once
}

// AtOnce is how many files are read at once: one more than there are usually processors, so that two slow ones leave room.
const AtOnce = 3

// NewRunner uses the child program at bin with the usual limits.
func NewRunner(bin string) *Runner {
	return &Runner{Bin: bin, Base: 20 * time.Second, PerMB: 5 * time.Second, Timeout: 10 * time.Minute, MemoryMB: 3000, MaxFileMB: 400, slots: make(chan struct{}, AtOnce)}
}

// mostAnswer is how many bytes of shapes the child may hand back in one file, since they come into this program's memory.
const mostAnswer = 768 << 20

// limit is how long a file of this size may take.
func (r *Runner) limit(size int64) time.Duration {
	return min(r.Timeout, r.Base+time.Duration(float64(r.PerMB)*float64(size)/(1<<20)))
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
	r := NewRunner(bin)
	r.Unfenced = os.Getenv("SETFAST_UNFENCED") != ""
	return r, nil
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

// Read reads a file; companions are the files it refers to, and those refer to, by the names they are called. The child sees
// copies of these in a folder of its own and nothing else.
func (r *Runner) Read(ctx context.Context, path string, companions map[string]string) (*Import, error) {
	name := filepath.Base(path)
	format := Format(name)
	bad := func(why string, a ...any) error { return &FileError{name, fmt.Sprintf(why, a...)} }
	size, why := r.readable(path, format)
	if why != "" {
		return nil, bad("%s", why)
	}
	select {
	case r.slots <- struct{}{}:
		defer func() { <-r.slots }()
	case <-ctx.Done():
		return nil, context.Cause(ctx)
	}
	dir, err := WorkFolder("shape")
	if err != nil {
		return nil, err
	}
	defer os.RemoveAll(dir)
	in := "input." + map[string]string{"step": "stp", "iges": "igs"}[format]
	if err := copyFile(path, filepath.Join(dir, in)); err != nil {
		return nil, err
	}
	for called, c := range companions {
		if !inside(called) || called == in {
			continue
		}
		if st, err := os.Stat(c); err == nil {
			size += st.Size()
		}
		to := filepath.Join(dir, called)
		if err := os.MkdirAll(filepath.Dir(to), 0o700); err != nil {
			return nil, err
		}
		if err := copyFile(c, to); err != nil {
			return nil, err
		}
	}
	if err := r.run(ctx, r.limit(size), dir, nil, "read", format, in); err != nil {
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

// readable says why a file is not even given to the child, or its size.
func (r *Runner) readable(path, format string) (size int64, why string) {
	if format == "" {
		return 0, "its name ends neither in .step, .stp, .iges nor .igs"
	}
	st, err := os.Stat(path)
	if err != nil {
		if pe, ok := err.(*os.PathError); ok {
			err = pe.Err
		}
		return 0, err.Error()
	}
	switch {
	case st.IsDir():
		return 0, "it is a folder"
	case st.Size() == 0:
		return 0, "it is empty"
	case st.Size() > int64(r.MaxFileMB)<<20:
		return 0, fmt.Sprintf("it is larger than %d MB", r.MaxFileMB)
	}
	if err := looksLike(path, format); err != nil {
		return 0, err.Error()
	}
	return st.Size(), ""
}

// Make runs a recipe in a folder, where it may write files.
func (r *Runner) Make(ctx context.Context, dir, recipe string) error {
	return r.run(ctx, r.Timeout, dir, strings.NewReader(recipe), "make")
}

type childError struct{ why string }

func (e *childError) Error() string { return e.why }

// run starts the child and waits; it is ended when it takes too long, and may die of what it reads.
func (r *Runner) run(ctx context.Context, limit time.Duration, dir string, stdin io.Reader, args ...string) error {
	outer := ctx
	ctx, cancel := context.WithTimeout(ctx, limit)
	defer cancel()
	cmd := exec.CommandContext(ctx, r.Bin, args...)
	cmd.Dir = dir
	cmd.Stdin = stdin
	var errs bytes.Buffer
	cmd.Stderr = &limitedWriter{w: &errs, left: 64 << 10}
	cmd.Env = []string{
		"HOME=" + dir, "TMPDIR=" + dir, "LANG=C.UTF-8", "GOMAXPROCS=1", "GOTRACEBACK=none",
		fmt.Sprintf("SETFAST_CPU_SECONDS=%d", int(limit.Seconds())+1),
		fmt.Sprintf("SETFAST_MEMORY_BYTES=%d", int64(r.MemoryMB)<<20),
		fmt.Sprintf("SETFAST_FILE_BYTES=%d", mostAnswer),
	}
	if r.Unfenced {
		cmd.Env = append(cmd.Env, "SETFAST_UNFENCED=1")
	}
	// the child ends with the thread that started it, which therefore stays until the child has ended
	cmd.SysProcAttr = &syscall.SysProcAttr{Setpgid: true, Pdeathsig: syscall.SIGKILL}
	cmd.Cancel = func() error { return syscall.Kill(-cmd.Process.Pid, syscall.SIGKILL) }
	cmd.WaitDelay = 2 * time.Second
	ended := make(chan error)
	go func() {
		runtime.LockOSThread()
		defer runtime.UnlockOSThread()
		ended <- cmd.Run()
	}()
	err := <-ended
	if err == nil {
		return nil
	}
	if outer.Err() != nil {
		return context.Cause(outer)
	}
	if ctx.Err() != nil {
		return &childError{fmt.Sprintf("it took longer than %.0f seconds, which is all that a file of its size may", limit.Seconds())}
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

// looksLike refuses what is plainly no such file, references that would leave the child's folder, and structures that unfold to
// more than can be taken.
func looksLike(path, format string) error {
	f, err := os.Open(path)
	if err != nil {
		return err
	}
	defer f.Close()
	head := make([]byte, HeadSize)
	n, _ := io.ReadFull(f, head)
	if err := Begins(head[:n], format); err != nil {
		return err
	}
	if format == "step" {
		o, err := readOutline(path)
		if err != nil {
			return err
		}
		for _, r := range o.refs {
			if !inside(r) {
				return fmt.Errorf("it refers to a file outside its own folder: %s", r)
			}
		}
		_, err = o.instances()
		return err
	}
	return nil
}

// HeadSize is how much of a file Begins looks at.
const HeadSize = 4096

// Begins tells by its first bytes what is plainly no file of a format.
func Begins(head []byte, format string) error {
	switch {
	case format == "step" && !bytes.Contains(head, []byte("ISO-10303-21")):
		return errors.New("it does not begin like a STEP file")
	case format == "iges" && (len(head) < 73 || head[72] != 'S' && head[72] != 'C' && head[72] != 'B'):
		// 80-column cards, an S in column 73 of the first
		return errors.New("it does not begin like an IGES file")
	}
	return nil
}
