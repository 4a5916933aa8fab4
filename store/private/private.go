// Package private runs a MariaDB server of one's own on this machine: its data in a folder, reached through a socket
// there, small, and ended with the program.
package private

import (
	"bytes"
	"context"
	"errors"
	"fmt"
	"net"
	"os"
	"os/exec"
	"os/user"
	"path/filepath"
	"runtime"
	"strconv"
	"strings"
	"sync"
	"syscall"
	"time"
)

// Server is a running private database server. It is started again where it ends by itself; Done tells when that was in vain.
type Server struct {
	Socket string

	bin, dir, user string
	lock           *os.File
	short          string // folder of a socket that needed a shorter name

	mu      sync.Mutex
	cmd     *exec.Cmd
	ended   chan struct{} // closed when the process at hand has ended
	stopped bool
	done    chan struct{}
	once    sync.Once
}

// Start takes the folder for this program alone, makes the data where it is missing, and runs the server on it.
func Start(ctx context.Context, dir string) (*Server, error) {
	dir, err := filepath.Abs(dir)
	if err != nil {
		return nil, err
	}
	bin, err := find("mariadbd")
	if err != nil {
		return nil, err
	}
	lock, err := take(dir)
	if err != nil {
		return nil, err
	}
	s, err := start(ctx, bin, dir, lock)
	if err != nil {
		if s != nil && s.short != "" {
			_ = os.RemoveAll(s.short)
		}
		lock.Close()
		return nil, err
	}
	go s.watch()
	return s, nil
}

func start(ctx context.Context, bin, dir string, lock *os.File) (*Server, error) {
	me, err := user.Current()
	if err != nil {
		return nil, err
	}
	if err := awaitOrphan(ctx, dir); err != nil {
		return nil, err
	}
	data := filepath.Join(dir, "data")
	if _, err := os.Stat(filepath.Join(data, "mysql")); err != nil {
		if err := initialise(ctx, data, me.Username); err != nil {
			return nil, err
		}
	}
	s := &Server{Socket: filepath.Join(dir, "db.sock"), bin: bin, dir: dir, user: me.Username, lock: lock, done: make(chan struct{})}
	if len(s.Socket) > 100 { // names of sockets are short
		if s.short, err = os.MkdirTemp("", "setfast-"); err != nil {
			return nil, err
		}
		s.Socket = filepath.Join(s.short, "db.sock")
	}
	// others that may look in while this runs (backups) find the socket here
	if err := os.WriteFile(filepath.Join(dir, "socket"), []byte(s.Socket), 0o600); err != nil {
		return s, err
	}
	return s, s.run(ctx)
}

// Running gives the socket of the server that runs on a folder, if one does.
func Running(dir string) (socket string, ok bool) {
	b, err := os.ReadFile(filepath.Join(dir, "socket"))
	if err != nil || !greets(string(b)) {
		return "", false
	}
	return string(b), true
}

// take takes the folder: no other program runs a server on it, nor throws it away, until the lock is closed.
func take(dir string) (*os.File, error) {
	if err := os.MkdirAll(dir, 0o700); err != nil {
		return nil, fmt.Errorf("the data folder %s cannot be made: %w", dir, cause(err))
	}
	if err := writable(dir); err != nil {
		return nil, err
	}
	f, err := os.OpenFile(filepath.Join(dir, "lock"), os.O_CREATE|os.O_RDWR, 0o600)
	if err != nil {
		return nil, fmt.Errorf("the data folder %s cannot be written: %w", dir, cause(err))
	}
	if err := syscall.Flock(int(f.Fd()), syscall.LOCK_EX|syscall.LOCK_NB); err != nil {
		f.Close()
		return nil, fmt.Errorf("another Setfast uses the data in %s; stop it first", dir)
	}
	return f, nil
}

// Reset throws the data of a folder away, unless a program uses it.
func Reset(dir string) error {
	if _, err := os.Stat(dir); errors.Is(err, os.ErrNotExist) {
		return nil
	}
	lock, err := take(dir)
	if err != nil {
		return err
	}
	defer lock.Close()
	if err := awaitOrphan(context.Background(), dir); err != nil {
		return err
	}
	list, err := os.ReadDir(dir)
	if err != nil {
		return cause(err)
	}
	for _, e := range list {
		if e.Name() == "lock" {
			continue
		}
		if err := os.RemoveAll(filepath.Join(dir, e.Name())); err != nil {
			return fmt.Errorf("the data in %s cannot be thrown away: %w", dir, cause(err))
		}
	}
	return nil
}

// awaitOrphan waits for the server of a program that was killed: it ends by itself, but takes a moment.
func awaitOrphan(ctx context.Context, dir string) error {
	b, err := os.ReadFile(filepath.Join(dir, "mariadb.pid"))
	if err != nil {
		return nil
	}
	pid, err := strconv.Atoi(strings.TrimSpace(string(b)))
	if err != nil || pid <= 1 {
		return nil
	}
	ours := func() bool { // numbers are used again: it must be the server of this folder
		line, err := os.ReadFile(fmt.Sprintf("/proc/%d/cmdline", pid))
		return err == nil && bytes.Contains(line, []byte("--datadir="+filepath.Join(dir, "data")+"\x00"))
	}
	for wait := 0; ours(); wait++ {
		switch wait {
		case 40:
			_ = syscall.Kill(pid, syscall.SIGTERM)
		case 600:
			_ = syscall.Kill(pid, syscall.SIGKILL)
		case 700:
			return fmt.Errorf("a database server (process %d) still runs on %s and does not end; end it first", pid, dir)
		}
		select {
		case <-ctx.Done():
			return ctx.Err()
		case <-time.After(50 * time.Millisecond):
		}
	}
	return nil
}

// run starts the process and waits until it answers.
func (s *Server) run(ctx context.Context) error {
	logFile := filepath.Join(s.dir, "mariadb.log")
	_ = os.Remove(logFile)
	cmd := exec.Command(s.bin, "--no-defaults", "--user="+s.user, "--datadir="+filepath.Join(s.dir, "data"), "--socket="+s.Socket, "--skip-networking",
		"--pid-file="+filepath.Join(s.dir, "mariadb.pid"), "--log-error="+logFile, "--innodb-buffer-pool-size=64M", "--innodb-log-file-size=64M",
		"--performance-schema=OFF", "--key-buffer-size=1M", "--max-connections=60", "--max-allowed-packet=64M", "--skip-log-bin",
		"--character-set-server=utf8mb4", "--collation-server=utf8mb4_unicode_ci", "--tmpdir="+os.TempDir(), "--skip-name-resolve")
	// the server ends when the thread that started it ends, so that thread must live as long as the server
	cmd.SysProcAttr = &syscall.SysProcAttr{Pdeathsig: syscall.SIGTERM, Setpgid: true}
	ended := make(chan struct{})
	started := make(chan error, 1)
	go func() {
		runtime.LockOSThread()
		err := cmd.Start()
		started <- err
		if err == nil {
			_ = cmd.Wait()
		}
		close(ended)
	}()
	if err := <-started; err != nil {
		return fmt.Errorf("the database server cannot be started: %w", err)
	}
	s.mu.Lock()
	s.cmd, s.ended = cmd, ended
	s.mu.Unlock()
	deadline := time.Now().Add(60 * time.Second)
	for {
		if greets(s.Socket) {
			return nil
		}
		select {
		case <-ended:
			return fmt.Errorf("the database server in %s did not start: %s (the whole is in %s)", s.dir, lastError(logFile), logFile)
		case <-ctx.Done():
			s.end()
			return ctx.Err()
		case <-time.After(30 * time.Millisecond):
		}
		if time.Now().After(deadline) {
			s.end()
			return fmt.Errorf("the database server in %s does not answer after a minute; see %s", s.dir, logFile)
		}
	}
}

// A server that lived for so long was well; one that did not so many times in a row is given up.
const (
	livedWell   = 10 * time.Second
	mostInVain  = 6
	restartWait = 200 * time.Millisecond
)

// watch starts the server again where it ends by itself.
func (s *Server) watch() {
	defer close(s.done)
	inVain := 0
	for {
		s.mu.Lock()
		ended := s.ended
		s.mu.Unlock()
		began := time.Now()
		<-ended
		if time.Since(began) > livedWell {
			inVain = 0
		}
		for {
			s.mu.Lock()
			stopped := s.stopped
			s.mu.Unlock()
			if stopped {
				return
			}
			if inVain++; inVain > mostInVain {
				return
			}
			if s.run(context.Background()) == nil {
				break
			}
			time.Sleep(time.Duration(inVain) * restartWait)
		}
	}
}

// greets tells whether a server answers on the socket: one that is only about to fail opens it, but says nothing.
func greets(socket string) bool {
	c, err := net.Dial("unix", socket)
	if err != nil {
		return false
	}
	defer c.Close()
	_ = c.SetDeadline(time.Now().Add(2 * time.Second))
	n, _ := c.Read(make([]byte, 5))
	return n == 5
}

// Done is closed when the server has ended for good: it was stopped, or would not stay up.
func (s *Server) Done() <-chan struct{} { return s.done }

// PID is the number of the server's process.
func (s *Server) PID() int {
	s.mu.Lock()
	defer s.mu.Unlock()
	return s.cmd.Process.Pid
}

// Stop ends the server, waits for it, and gives the folder free.
func (s *Server) Stop() {
	s.once.Do(func() {
		s.mu.Lock()
		s.stopped = true
		s.mu.Unlock()
		s.end()
		<-s.done
		if s.short != "" {
			_ = os.RemoveAll(s.short)
		}
		s.lock.Close()
	})
}

// end ends the process at hand.
func (s *Server) end() {
	s.mu.Lock()
	cmd, ended := s.cmd, s.ended
	s.mu.Unlock()
	_ = cmd.Process.Signal(syscall.SIGTERM)
	select {
	case <-ended:
	case <-time.After(20 * time.Second):
		_ = cmd.Process.Kill()
		<-ended
	}
}

func initialise(ctx context.Context, data, username string) error {
	tool, err := find("mariadb-install-db")
	if err != nil {
		return err
	}
	// in a folder beside, so that a half-made one is never taken for whole
	half := data + ".new"
	_ = os.RemoveAll(half)
	var out bytes.Buffer
	cmd := exec.CommandContext(ctx, tool, "--no-defaults", "--auth-root-authentication-method=normal", "--user="+username,
		"--datadir="+half, "--skip-test-db")
	cmd.Stdout, cmd.Stderr = &out, &out
	if err := cmd.Run(); err != nil {
		_ = os.RemoveAll(half)
		return fmt.Errorf("the database's data folder cannot be made: %s", lastLine(out.String(), err.Error()))
	}
	if _, err := os.Stat(data); err == nil {
		return fmt.Errorf("the data folder %s is damaged; start with --reset to begin anew", data)
	}
	return os.Rename(half, data)
}

// find looks for a program where Debian puts servers too.
func find(name string) (string, error) {
	if p, err := exec.LookPath(name); err == nil {
		return p, nil
	}
	for _, d := range []string{"/usr/sbin", "/usr/bin", "/usr/local/sbin"} {
		if p := filepath.Join(d, name); executable(p) {
			return p, nil
		}
	}
	return "", fmt.Errorf("%s is not installed (Debian package mariadb-server); ./setfast installs it", name)
}

func executable(p string) bool {
	st, err := os.Stat(p)
	return err == nil && !st.IsDir() && st.Mode()&0o111 != 0
}

func writable(dir string) error {
	f, err := os.CreateTemp(dir, ".try-")
	if err != nil {
		return fmt.Errorf("the data folder %s cannot be written: %w", dir, cause(err))
	}
	f.Close()
	return os.Remove(f.Name())
}

func cause(err error) error {
	var pe *os.PathError
	if errors.As(err, &pe) {
		return pe.Err
	}
	return err
}

func lastError(path string) string {
	data, _ := os.ReadFile(path)
	for _, l := range strings.Split(string(data), "\n") {
		if i := strings.Index(l, "[ERROR]"); i >= 0 {
			return strings.TrimSpace(l[i+7:])
		}
	}
	return "no reason given"
}

func lastLine(s, other string) string {
	lines := strings.Split(strings.TrimSpace(s), "\n")
	if l := strings.TrimSpace(lines[len(lines)-1]); l != "" {
		return l
	}
	return other
}
