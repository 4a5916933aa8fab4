// Package cluster starts several MariaDB servers that hold the same data (Galera), on loopback, for tests.
package cluster

import (
	"context"
	"database/sql"
	"fmt"
	"net"
	"os"
	"os/exec"
	"os/user"
	"path/filepath"
	"strconv"
	"strings"
	"syscall"
	"testing"
	"time"

	_ "github.com/go-sql-driver/mysql" // speaks to them
)

const provider = "/usr/lib/galera/libgalera_smm.so"

// Cluster is a few servers.
type Cluster struct {
	Nodes []*Node
	dir   string
	as    string // the user they run as
}

// Node is one of them.
type Node struct {
	Address string // host:port
	DB      *sql.DB

	c                     *Cluster
	dir                   string
	group, changes, whole int // ports: of the group, for changes that were missed, for all data
	cmd                   *exec.Cmd
	ended                 chan struct{}
}

// Start starts so many servers; they end with the test.
func Start(t *testing.T, n int) *Cluster {
	t.Helper()
	for _, p := range []string{provider, "/usr/bin/rsync"} {
		if _, err := os.Stat(p); err != nil {
			t.Skip("a cluster needs Debian's galera-4 and rsync: ", err)
		}
	}
	c := &Cluster{dir: t.TempDir()}
	if os.Getuid() == 0 { // what carries all data to a new node serves them as nobody
		c.as = "mysql"
		for d := c.dir; d != os.TempDir() && d != "/"; d = filepath.Dir(d) {
			_ = os.Chmod(d, 0o755)
		}
	} else if u, err := user.Current(); err == nil {
		c.as = u.Username
	}
	ports := free(t, 4*n)
	for i := range n {
		c.Nodes = append(c.Nodes, &Node{Address: fmt.Sprint("127.0.0.1:", ports[4*i]), c: c, dir: filepath.Join(c.dir, fmt.Sprint("n", i+1)),
			group: ports[4*i+1], changes: ports[4*i+2], whole: ports[4*i+3]})
	}
	for i, x := range c.Nodes {
		x.install(t)
		x.run(t, i == 0)
		t.Cleanup(x.stop)
		x.Synced(t)
	}
	return c
}

// free are ports that nobody listens on just now.
func free(t *testing.T, n int) (out []int) {
	for range n {
		l, err := net.Listen("tcp", "127.0.0.1:0")
		if err != nil {
			t.Fatal(err)
		}
		defer l.Close()
		out = append(out, l.Addr().(*net.TCPAddr).Port)
	}
	return out
}

func (x *Node) install(t *testing.T) {
	t.Helper()
	if err := os.Mkdir(x.dir, 0o755); err != nil {
		t.Fatal(err)
	}
	out, err := exec.Command("mariadb-install-db", "--no-defaults", "--auth-root-authentication-method=normal", "--user="+x.c.as, "--datadir="+filepath.Join(x.dir, "data"), "--skip-test-db").CombinedOutput()
	if err == nil && os.Getuid() == 0 {
		out, err = exec.Command("chown", "-R", x.c.as, x.dir).CombinedOutput()
	}
	if err != nil {
		t.Fatalf("%v\n%s", err, out)
	}
	x.DB, err = sql.Open("mysql", fmt.Sprintf("root@tcp(%s)/", x.Address))
	if err != nil {
		t.Fatal(err)
	}
	x.DB.SetMaxIdleConns(0)
}

// run starts the server; the first one begins the cluster.
func (x *Node) run(t *testing.T, first bool) {
	t.Helper()
	bin, err := exec.LookPath("mariadbd")
	if err != nil {
		bin = "/usr/sbin/mariadbd"
	}
	var all []string
	for _, o := range x.c.Nodes {
		all = append(all, fmt.Sprint("127.0.0.1:", o.group))
	}
	// what is cut off is known after two seconds here; the usual is five
	options := fmt.Sprintf("gmcast.listen_addr=tcp://127.0.0.1:%d;ist.recv_addr=127.0.0.1:%d;evs.keepalive_period=PT0.5S;evs.inactive_check_period=PT0.25S;evs.suspect_timeout=PT2S;evs.inactive_timeout=PT5S;evs.install_timeout=PT4S;gcache.size=64M", x.group, x.changes)
	args := []string{"--no-defaults", "--user=" + x.c.as, "--datadir=" + filepath.Join(x.dir, "data"), "--socket=" + filepath.Join(x.dir, "s"), "--bind-address=127.0.0.1",
		"--port=" + x.Address[strings.LastIndex(x.Address, ":")+1:], "--wsrep-on=ON", "--wsrep-provider=" + provider, "--wsrep-cluster-name=setfast", "--wsrep-cluster-address=gcomm://" + strings.Join(all, ","),
		fmt.Sprint("--wsrep-node-address=127.0.0.1:", x.group), "--wsrep-provider-options=" + options, "--wsrep-sst-method=rsync", fmt.Sprint("--wsrep-sst-receive-address=127.0.0.1:", x.whole),
		"--binlog-format=ROW", "--innodb-autoinc-lock-mode=2", "--innodb-flush-log-at-trx-commit=2", "--innodb-buffer-pool-size=128M", "--max-allowed-packet=64M", "--skip-name-resolve"}
	if first {
		args = append(args, "--wsrep-new-cluster")
	}
	log, err := os.OpenFile(filepath.Join(x.dir, "log"), os.O_CREATE|os.O_APPEND|os.O_WRONLY, 0o644)
	if err != nil {
		t.Fatal(err)
	}
	defer log.Close()
	x.cmd = exec.Command(bin, args...)
	x.cmd.Stdout, x.cmd.Stderr = log, log
	x.cmd.SysProcAttr = &syscall.SysProcAttr{Pdeathsig: syscall.SIGKILL}
	if err := x.cmd.Start(); err != nil {
		t.Fatal(err)
	}
	ended := make(chan struct{})
	x.ended = ended
	go func(c *exec.Cmd) { _ = c.Wait(); close(ended) }(x.cmd)
}

// Synced waits until the server has all that the others have.
func (x *Node) Synced(t *testing.T) {
	t.Helper()
	var state string
	for deadline := time.Now().Add(time.Minute); time.Now().Before(deadline); time.Sleep(100 * time.Millisecond) {
		var name string
		ctx, cancel := context.WithTimeout(context.Background(), 2*time.Second)
		err := x.DB.QueryRowContext(ctx, "SHOW GLOBAL STATUS LIKE 'wsrep_local_state_comment'").Scan(&name, &state)
		cancel()
		if err == nil && state == "Synced" {
			return
		}
	}
	log, _ := os.ReadFile(filepath.Join(x.dir, "log"))
	t.Fatalf("%s does not come up (%s):\n%s", x.Address, state, log[max(0, len(log)-3000):])
}

// Kill ends the server at once.
func (x *Node) Kill() { _ = x.cmd.Process.Kill(); <-x.ended }

// Again starts the server after it was killed.
func (x *Node) Again(t *testing.T) { t.Helper(); x.run(t, false) }

// CutOff lets the server hear nothing of the others, or hear them again. Who asks it still reaches it.
func (x *Node) CutOff(t *testing.T, off bool) {
	t.Helper()
	if _, err := x.DB.Exec("SET GLOBAL wsrep_provider_options='gmcast.isolate=" + strconv.Itoa(map[bool]int{true: 1}[off]) + "'"); err != nil {
		t.Fatal(err)
	}
}

func (x *Node) stop() {
	x.DB.Close()
	_ = x.cmd.Process.Signal(syscall.SIGTERM)
	select {
	case <-x.ended:
	case <-time.After(20 * time.Second):
		x.Kill()
	}
}
