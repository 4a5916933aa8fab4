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
	"strings"
	"sync"
	"syscall"
	"time"
)

// Server is a running private database server.
type Server struct {
	Socket string
	cmd    *exec.Cmd
	done   chan struct{}
	once   sync.Once
	short  string // folder of a socket that needed a shorter name
}

// Start makes the data folder where it is missing, and runs the server on it.
func Start(ctx context.Context, dir string) (*Server, error) {
	dir, err := filepath.Abs(dir)
	if err != nil {
		return nil, err
	}
	bin, err := find("mariadbd")
	if err != nil {
		return nil, err
	}
	if err := os.MkdirAll(dir, 0o700); err != nil {
		return nil, fmt.Errorf("the data folder %s cannot be made: %w", dir, cause(err))
	}
	if err := writable(dir); err != nil {
		return nil, err
	}
	me, err := user.Current()
	if err != nil {
		return nil, err
	}
	data := filepath.Join(dir, "data")
	if _, err := os.Stat(filepath.Join(data, "mysql")); err != nil {
		if err := initialise(ctx, data, me.Username); err != nil {
			return nil, err
		}
	}
	s := &Server{Socket: filepath.Join(dir, "db.sock"), done: make(chan struct{})}
	if len(s.Socket) > 100 { // names of sockets are short
		if s.short, err = os.MkdirTemp("", "setfast-"); err != nil {
			return nil, err
		}
		s.Socket = filepath.Join(s.short, "db.sock")
	}
	if c, err := net.Dial("unix", s.Socket); err == nil {
		c.Close()
		return nil, fmt.Errorf("another Setfast uses the data in %s; stop it first", dir)
	}
	logFile := filepath.Join(dir, "mariadb.log")
	_ = os.Remove(logFile)
	s.cmd = exec.Command(bin, "--no-defaults", "--user="+me.Username, "--datadir="+data, "--socket="+s.Socket, "--skip-networking",
		"--pid-file="+filepath.Join(dir, "mariadb.pid"), "--log-error="+logFile, "--innodb-buffer-pool-size=64M", "--innodb-log-file-size=64M",
		"--performance-schema=OFF", "--key-buffer-size=1M", "--max-connections=60", "--max-allowed-packet=64M", "--skip-log-bin",
		"--character-set-server=utf8mb4", "--collation-server=utf8mb4_unicode_ci", "--tmpdir="+os.TempDir(), "--skip-name-resolve")
	// the server ends when the thread that started it ends, so that thread must live as long as this program
	s.cmd.SysProcAttr = &syscall.SysProcAttr{Pdeathsig: syscall.SIGTERM, Setpgid: true}
	started := make(chan error, 1)
	go func() {
		runtime.LockOSThread()
		err := s.cmd.Start()
		started <- err
		if err != nil {
			return
		}
		_ = s.cmd.Wait()
		close(s.done)
		select {}
	}()
	if err := <-started; err != nil {
		return nil, fmt.Errorf("the database server cannot be started: %w", err)
	}
	deadline := time.Now().Add(60 * time.Second)
	for {
		if greets(s.Socket) {
			return s, nil
		}
		select {
		case <-s.done:
			return nil, fmt.Errorf("the database server in %s did not start: %s (the whole is in %s)", dir, lastError(logFile), logFile)
		case <-ctx.Done():
			s.Stop()
			return nil, ctx.Err()
		case <-time.After(30 * time.Millisecond):
		}
		if time.Now().After(deadline) {
			s.Stop()
			return nil, fmt.Errorf("the database server in %s does not answer after a minute; see %s", dir, logFile)
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

// Done is closed when the server has ended, by whatever cause.
func (s *Server) Done() <-chan struct{} { return s.done }

// Stop ends the server and waits for it.
func (s *Server) Stop() {
	s.once.Do(func() {
		_ = s.cmd.Process.Signal(syscall.SIGTERM)
		select {
		case <-s.done:
		case <-time.After(20 * time.Second):
			_ = s.cmd.Process.Kill()
			<-s.done
		}
		if s.short != "" {
			_ = os.RemoveAll(s.short)
		}
	})
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
