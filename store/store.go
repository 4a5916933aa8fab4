// Package store keeps everything in MariaDB: projects, parts, and assemblies as logs of edits.
package store

import (
	"context"
	"crypto/sha256"
	"database/sql"
	"embed"
	"encoding/hex"
	"errors"
	"fmt"
	"io"
	"log"
	"time"

	"github.com/go-sql-driver/mysql"
	"github.com/pressly/goose/v3"
)

//go:embed migrations/*.sql
var migrations embed.FS

// Store is the database.
type Store struct{ db *sql.DB }

// ErrNotFound says that a row does not exist.
var ErrNotFound = errors.New("not found")

// DSN is the data source name of a database behind a socket or a loopback address.
func DSN(network, address, user, password, database string) string {
	c := mysql.NewConfig()
	c.Net, c.Addr, c.User, c.Passwd, c.DBName = network, address, user, password, database
	c.ParseTime, c.Loc, c.InterpolateParams = true, time.UTC, true
	c.Timeout, c.ReadTimeout, c.WriteTimeout = 5*time.Second, 2*time.Minute, 2*time.Minute
	c.Collation = "utf8mb4_unicode_ci"
	c.MaxAllowedPacket = 0 // as the server says
	c.Logger = log.New(io.Discard, "", 0)
	return c.FormatDSN()
}

// Open connects, creates the database where it is missing, and brings its tables up to date.
func Open(ctx context.Context, dsn string) (*Store, error) {
	cfg, err := mysql.ParseDSN(dsn)
	if err != nil {
		return nil, fmt.Errorf("the database address is wrong: %w", err)
	}
	bare := cfg.Clone()
	bare.DBName = ""
	root, err := sql.Open("mysql", bare.FormatDSN())
	if err != nil {
		return nil, err
	}
	_, err = root.ExecContext(ctx, "CREATE DATABASE IF NOT EXISTS `"+cfg.DBName+"` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci")
	root.Close()
	if err != nil {
		return nil, fmt.Errorf("the database does not answer: %w", err)
	}
	db, err := sql.Open("mysql", dsn)
	if err != nil {
		return nil, err
	}
	db.SetMaxOpenConns(16)
	db.SetMaxIdleConns(8)
	db.SetConnMaxLifetime(10 * time.Minute)
	p, err := goose.NewProvider(goose.DialectMySQL, db, sub(migrations))
	if err == nil {
		_, err = p.Up(ctx)
	}
	if err != nil {
		db.Close()
		return nil, fmt.Errorf("the database's tables cannot be brought up to date: %w", err)
	}
	return &Store{db}, nil
}

// Close ends the connections.
func (s *Store) Close() error { return s.db.Close() }

// Ping asks whether the database answers.
func (s *Store) Ping(ctx context.Context) error { return s.db.PingContext(ctx) }

// inTx runs f in a transaction and repeats it when the database gave it up for another.
func (s *Store) inTx(ctx context.Context, f func(*sql.Tx) error) error {
	for try := 0; ; try++ {
		tx, err := s.db.BeginTx(ctx, nil)
		if err != nil {
			return err
		}
		err = f(tx)
		if err == nil {
			err = tx.Commit()
		} else {
			_ = tx.Rollback()
		}
		var me *mysql.MySQLError
		if errors.As(err, &me) && (me.Number == 1213 || me.Number == 1205) && try < 5 {
			continue
		}
		return err
	}
}

const pieceSize = 4 << 20

// PutBlob keeps a large value under its SHA-256; keeping it twice is keeping it once.
func (s *Store) PutBlob(ctx context.Context, data []byte) (string, error) {
	sum := sha256.Sum256(data)
	id := hex.EncodeToString(sum[:])
	err := s.inTx(ctx, func(tx *sql.Tx) error {
		var n int
		if err := tx.QueryRowContext(ctx, "SELECT COUNT(*) FROM blobs WHERE sha256=?", id).Scan(&n); err != nil || n > 0 {
			return err
		}
		for n := 0; n == 0 || n*pieceSize < len(data); n++ {
			piece := data[n*pieceSize : min((n+1)*pieceSize, len(data))]
			if _, err := tx.ExecContext(ctx, "INSERT IGNORE INTO blobs (sha256, n, data) VALUES (?,?,?)", id, n, piece); err != nil {
				return err
			}
		}
		return nil
	})
	return id, err
}

// Blob gives a large value back.
func (s *Store) Blob(ctx context.Context, id string) ([]byte, error) {
	rows, err := s.db.QueryContext(ctx, "SELECT data FROM blobs WHERE sha256=? ORDER BY n", id)
	if err != nil {
		return nil, err
	}
	defer rows.Close()
	var out []byte
	found := false
	for rows.Next() {
		var piece sql.RawBytes
		if err := rows.Scan(&piece); err != nil {
			return nil, err
		}
		out = append(out, piece...)
		found = true
	}
	if err := rows.Err(); err != nil {
		return nil, err
	}
	if !found {
		return nil, ErrNotFound
	}
	return out, nil
}

func now() time.Time { return time.Now().UTC().Truncate(time.Millisecond) }

func notFound(err error) error {
	if errors.Is(err, sql.ErrNoRows) {
		return ErrNotFound
	}
	return err
}
