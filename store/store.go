// Package store keeps everything in MariaDB: projects, parts, and assemblies as logs of edits.
//
// Every statement waits a bounded time and is tried again where the database gave it up for another or was away for a moment
// (retry.go). A Store may be used from many goroutines at once; the assemblies it gives are shared and never changed.
package store

import (
	"context"
	"database/sql"
	"errors"
	"fmt"
	"io"
	"log"
	"sync"
	"time"

	"github.com/go-sql-driver/mysql"
)

// Store is the database.
type Store struct {
	db     *sql.DB
	health *sql.DB // for asking whether it answers: never busy with anything else
	name   string  // of the database

	sweeping sync.RWMutex // held for writing while blobs are collected

	mu     sync.Mutex
	states map[int64]State // the latest known of some assemblies
}

// ErrNotFound says that a row does not exist.
var ErrNotFound = errors.New("not found")

// connections is how many statements run at once; who finds all taken waits as long as its context lets it.
const connections = 16

// DSN is the data source name of a database behind a socket or a loopback address.
func DSN(network, address, user, password, database string) string {
	c := mysql.NewConfig()
	c.Net, c.Addr, c.User, c.Passwd, c.DBName = network, address, user, password, database
	return c.FormatDSN()
}

// settled adds what Setfast needs to an address given from outside.
func settled(dsn string) (*mysql.Config, error) {
	c, err := mysql.ParseDSN(dsn)
	if err != nil {
		return nil, fmt.Errorf("the database address is wrong, it reads user:password@tcp(host:port)/name: %w", err)
	}
	if c.DBName == "" {
		return nil, errors.New("the database address names no database; it reads user:password@tcp(host:port)/name")
	}
	c.ParseTime, c.Loc, c.InterpolateParams, c.ClientFoundRows = true, time.UTC, true, true
	c.Timeout, c.ReadTimeout, c.WriteTimeout = 5*time.Second, 30*time.Second, 30*time.Second
	c.Collation = "utf8mb4_unicode_ci"
	c.MaxAllowedPacket = 0 // as the server says
	if c.Params == nil {
		c.Params = map[string]string{}
	}
	c.Params["innodb_lock_wait_timeout"] = "3"
	c.Params["time_zone"] = "'+00:00'"
	c.Params["sql_mode"] = "'STRICT_TRANS_TABLES,NO_ENGINE_SUBSTITUTION'"
	c.Logger = log.New(io.Discard, "", 0)
	return c, nil
}

// Open connects, creates the database where it is missing, and brings its tables up to date.
func Open(ctx context.Context, dsn string) (*Store, error) {
	c, err := newNodes(dsn)
	if err != nil {
		return nil, err
	}
	cfg, err := makeAt(ctx, dsn)
	if err != nil {
		return nil, err
	}
	db, health := sql.OpenDB(c), sql.OpenDB(c)
	db.SetMaxOpenConns(connections)
	db.SetMaxIdleConns(connections / 2)
	db.SetConnMaxLifetime(10 * time.Minute)
	health.SetMaxOpenConns(2)
	s := &Store{db: db, health: health, name: cfg.DBName, states: map[int64]State{}}
	if err := s.migrate(ctx); err != nil {
		s.Close()
		return nil, err
	}
	return s, nil
}

// makeAt makes the database where there is none, at the first server that answers.
func makeAt(ctx context.Context, dsn string) (cfg *mysql.Config, err error) {
	for _, one := range eachAddress(dsn) {
		if cfg, err = settled(one); err != nil {
			return nil, err
		}
		if err = create(ctx, cfg); err == nil {
			return cfg, nil
		}
	}
	return nil, err
}

// create makes the database where there is none; who may not make any needs one made before.
func create(ctx context.Context, cfg *mysql.Config) error {
	bare := cfg.Clone()
	bare.DBName = ""
	c, err := mysql.NewConnector(bare)
	if err != nil {
		return err
	}
	root := sql.OpenDB(c)
	defer root.Close()
	_, err = root.ExecContext(ctx, "CREATE DATABASE IF NOT EXISTS `"+cfg.DBName+"` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci")
	var me *mysql.MySQLError
	if errors.As(err, &me) && (me.Number == 1044 || me.Number == 1142) { // no right to: it may be there
		return nil
	}
	if err != nil {
		return fmt.Errorf("the database does not answer: %w", err)
	}
	return nil
}

// Close ends the connections.
func (s *Store) Close() error { return errors.Join(s.db.Close(), s.health.Close()) }

// Ping asks whether the database answers, however busy it is with other things.
func (s *Store) Ping(ctx context.Context) error {
	var one int
	return s.health.QueryRowContext(ctx, "SELECT 1").Scan(&one)
}

// Pool tells of the connections to the database.
func (s *Store) Pool() sql.DBStats { return s.db.Stats() }

func now() time.Time { return time.Now().UTC().Truncate(time.Millisecond) }

func notFound(err error) error {
	if errors.Is(err, sql.ErrNoRows) {
		return ErrNotFound
	}
	return err
}
