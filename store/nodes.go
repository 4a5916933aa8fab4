package store

import (
	"context"
	"database/sql/driver"
	"errors"
	"fmt"
	"regexp"
	"strings"
	"sync/atomic"
	"time"

	"github.com/go-sql-driver/mysql"
)

// A database may be a cluster of MariaDB servers that hold the same data (Galera). Its address then names them all, with commas:
// user:password@tcp(one:3306,two:3306,three:3306)/name. The first that is well is used; where it is not any more, the next.

var severalHosts = regexp.MustCompile(`@tcp\(([^)]*,[^)]*)\)`)

// eachAddress is an address for each of the servers that one names.
func eachAddress(dsn string) []string {
	m := severalHosts.FindStringSubmatchIndex(dsn)
	if m == nil {
		return []string{dsn}
	}
	var out []string
	for _, host := range strings.Split(dsn[m[2]:m[3]], ",") {
		if host = strings.TrimSpace(host); host != "" {
			out = append(out, dsn[:m[2]]+host+dsn[m[3]:])
		}
	}
	return out
}

// oneThatAnswers is the address of the first server of several that is well.
func oneThatAnswers(ctx context.Context, dsn string) (string, error) {
	all := eachAddress(dsn)
	if len(all) == 1 {
		return dsn, nil
	}
	var errs []error
	for _, one := range all {
		n, err := newNodes(one)
		if err != nil {
			return "", err
		}
		try, cancel := context.WithTimeout(ctx, greetTime)
		c, err := n.Connect(try)
		cancel()
		if err == nil {
			return one, c.Close()
		}
		errs = append(errs, err)
	}
	return "", fmt.Errorf("no server of the cluster answers: %w", errors.Join(errs...))
}

const (
	restTime  = 2 * time.Second // for which a server that was not well is left alone, where there are others
	greetTime = 3 * time.Second // within which one of several servers has to let us in
)

// node is one of the servers.
type node struct {
	driver.Connector
	name    string
	resting atomic.Int64 // until when, in ns since 1970
}

func (n *node) well() bool { return time.Now().UnixNano() > n.resting.Load() }
func (n *node) rest()      { n.resting.Store(time.Now().Add(restTime).UnixNano()) }

// nodes connects to one of several servers.
type nodes struct{ list []*node }

func newNodes(dsn string) (*nodes, error) {
	var out nodes
	for _, one := range eachAddress(dsn) {
		cfg, err := settled(one)
		if err != nil {
			return nil, err
		}
		c, err := mysql.NewConnector(cfg)
		if err != nil {
			return nil, err
		}
		out.list = append(out.list, &node{Connector: c, name: cfg.Addr})
	}
	if len(out.list) == 0 {
		return nil, errors.New("the database address names no server")
	}
	return &out, nil
}

func (n *nodes) Driver() driver.Driver { return n.list[0].Driver() }

// Connect tries the servers in their order, those that were not well a moment ago last.
func (n *nodes) Connect(ctx context.Context) (driver.Conn, error) {
	var errs []error
	for _, well := range []bool{true, false} {
		for _, x := range n.list {
			if x.well() != well {
				continue
			}
			c, err := n.connect(ctx, x)
			if err == nil {
				return c, nil
			}
			if len(n.list) == 1 {
				return nil, err
			}
			x.rest()
			errs = append(errs, fmt.Errorf("%s: %w", x.name, err))
		}
	}
	return nil, errors.Join(errs...)
}

func (n *nodes) connect(ctx context.Context, x *node) (driver.Conn, error) {
	if len(n.list) > 1 {
		var cancel context.CancelFunc
		ctx, cancel = context.WithTimeout(ctx, greetTime)
		defer cancel()
	}
	c, err := x.Connector.Connect(ctx)
	if err != nil {
		return nil, err
	}
	in, ok := c.(connection)
	if !ok {
		c.Close()
		return nil, errors.New("the driver's connections lack something")
	}
	if err := join(ctx, in); err != nil {
		c.Close()
		return nil, err
	}
	return &nodeConn{connection: in, node: x, several: len(n.list) > 1}, nil
}

// join sees that a server of a cluster is ready, and lets whatever is asked of it wait until it has what was written at others before.
func join(ctx context.Context, c connection) error {
	on, err := ask(ctx, c, "SELECT @@wsrep_on", 0)
	if number(err) == erUnknownVariable || err == nil && on == "0" { // it is in no cluster
		return nil
	}
	if err != nil {
		return err
	}
	ready, err := ask(ctx, c, "SHOW GLOBAL STATUS LIKE 'wsrep_ready'", 1)
	if err != nil {
		return err
	}
	if ready != "ON" {
		return &mysql.MySQLError{Number: erUnready, Message: "this server is cut off from its cluster"}
	}
	_, err = c.ExecContext(ctx, "SET SESSION wsrep_sync_wait=7", nil)
	return err
}

// ask gives one value of the first row of an answer, as text.
func ask(ctx context.Context, c connection, q string, column int) (string, error) {
	rows, err := c.QueryContext(ctx, q, nil)
	if err != nil {
		return "", err
	}
	defer rows.Close()
	row := make([]driver.Value, len(rows.Columns()))
	if err := rows.Next(row); err != nil {
		return "", err
	}
	if b, ok := row[column].([]byte); ok {
		return string(b), nil
	}
	return fmt.Sprint(row[column]), nil
}

// connection is all that the driver's connections can do.
type connection interface {
	driver.Conn
	driver.QueryerContext
	driver.ExecerContext
	driver.ConnPrepareContext
	driver.ConnBeginTx
	driver.NamedValueChecker
	driver.Pinger
	driver.SessionResetter
	driver.Validator
}

// nodeConn leaves a server that is not well any more.
type nodeConn struct {
	connection
	node    *node
	several bool
}

// IsValid tells whether the connection may be used again.
func (c *nodeConn) IsValid() bool { return c.connection.IsValid() && (!c.several || c.node.well()) }

// judge looks at an error: a server that was cut off from the others of its cluster takes nothing, so what was asked was not done.
func (c *nodeConn) judge(err error) error {
	switch {
	case err == nil:
	case number(err) == erUnready:
		c.node.rest()
		if c.several {
			return driver.ErrBadConn
		}
	case isAway(err) && c.several:
		c.node.rest()
	}
	return err
}

func (c *nodeConn) QueryContext(ctx context.Context, q string, args []driver.NamedValue) (driver.Rows, error) {
	r, err := c.connection.QueryContext(ctx, q, args)
	return r, c.judge(err)
}

func (c *nodeConn) ExecContext(ctx context.Context, q string, args []driver.NamedValue) (driver.Result, error) {
	r, err := c.connection.ExecContext(ctx, q, args)
	return r, c.judge(err)
}

func (c *nodeConn) BeginTx(ctx context.Context, o driver.TxOptions) (driver.Tx, error) {
	tx, err := c.connection.BeginTx(ctx, o)
	if err = c.judge(err); err != nil {
		return nil, err
	}
	return nodeTx{tx, c}, nil
}

func (c *nodeConn) Ping(ctx context.Context) error { return c.judge(c.connection.Ping(ctx)) }

type nodeTx struct {
	driver.Tx
	c *nodeConn
}

// Commit may be refused where another server of the cluster has committed something that touches the same: the whole is tried again.
func (t nodeTx) Commit() error {
	err := t.Tx.Commit()
	if t.c.several && isAway(err) {
		t.c.node.rest()
	}
	return err
}
