package store

import (
	"bufio"
	"bytes"
	"compress/gzip"
	"context"
	"errors"
	"fmt"
	"io"
	"net"
	"os"
	"os/exec"
	"path/filepath"
	"strings"

	"github.com/go-sql-driver/mysql"
)

// A backup is what mariadb-dump writes, from one consistent moment, packed by gzip behind a line of our own.
const backupHead = "-- Setfast backup 1\n"

// client runs one of MariaDB's own programs on a database.
func client(ctx context.Context, cfg *mysql.Config, program string, args ...string) (*exec.Cmd, *bytes.Buffer, error) {
	bin, err := exec.LookPath(program)
	if err != nil {
		return nil, nil, fmt.Errorf("%s is not installed (Debian package mariadb-client)", program)
	}
	all := []string{"--no-defaults", "--user=" + cfg.User, "--default-character-set=utf8mb4", "--max-allowed-packet=256M"}
	if cfg.Net == "unix" {
		all = append(all, "--socket="+cfg.Addr)
	} else {
		host, port, err := net.SplitHostPort(cfg.Addr)
		if err != nil {
			return nil, nil, fmt.Errorf("the database address %q has no port", cfg.Addr)
		}
		all = append(all, "--protocol=tcp", "--host="+host, "--port="+port)
	}
	cmd := exec.CommandContext(ctx, bin, append(all, args...)...)
	cmd.Env = append(os.Environ(), "MYSQL_PWD="+cfg.Passwd) // not among the arguments, where others could read it
	var errs bytes.Buffer
	cmd.Stderr = &errs
	return cmd, &errs, nil
}

func clientError(what string, err error, errs *bytes.Buffer) error {
	if line, _, _ := strings.Cut(strings.TrimSpace(errs.String()), "\n"); line != "" {
		return fmt.Errorf("%s: %s", what, line)
	}
	return fmt.Errorf("%s: %w", what, err)
}

// Backup writes all data of a database to a file, as they are at one moment, while others go on writing. A file that is there
// already is replaced once the new one is whole.
func Backup(ctx context.Context, dsn, file string) (size int64, err error) {
	if dsn, err = oneThatAnswers(ctx, dsn); err != nil {
		return 0, err
	}
	cfg, err := settled(dsn)
	if err != nil {
		return 0, err
	}
	dump, errs, err := client(ctx, cfg, "mariadb-dump", "--single-transaction", "--quick", "--hex-blob", "--skip-add-locks", cfg.DBName)
	if err != nil {
		return 0, err
	}
	f, err := os.CreateTemp(filepath.Dir(file), ".setfast-backup-")
	if err != nil {
		return 0, fmt.Errorf("%s cannot be written: %w", file, pathCause(err))
	}
	defer os.Remove(f.Name())
	defer f.Close()
	z := gzip.NewWriter(f)
	if _, err := io.WriteString(z, backupHead); err != nil {
		return 0, err
	}
	dump.Stdout = z
	if err := dump.Run(); err != nil {
		return 0, clientError("the backup was not written", err, errs)
	}
	if err := errors.Join(z.Close(), f.Sync()); err != nil {
		return 0, fmt.Errorf("%s cannot be written: %w", file, pathCause(err))
	}
	if err := whole(f.Name()); err != nil {
		return 0, err
	}
	st, err := f.Stat()
	if err != nil {
		return 0, err
	}
	if err := os.Rename(f.Name(), file); err != nil {
		return 0, fmt.Errorf("%s cannot be written: %w", file, pathCause(err))
	}
	return st.Size(), nil
}

func pathCause(err error) error {
	var pe *os.PathError
	if errors.As(err, &pe) {
		return pe.Err
	}
	return err
}

// unpacked opens a backup behind its first line.
func unpacked(file string) (io.Reader, func(), error) {
	f, err := os.Open(file)
	if err != nil {
		return nil, nil, fmt.Errorf("%s cannot be read: %w", file, pathCause(err))
	}
	z, err := gzip.NewReader(f)
	if err == nil {
		r := bufio.NewReaderSize(z, 1<<20)
		head := make([]byte, len(backupHead))
		if _, err = io.ReadFull(r, head); err == nil && string(head) == backupHead {
			return r, func() { f.Close() }, nil
		}
	}
	f.Close()
	return nil, nil, fmt.Errorf("%s is no backup of Setfast", file)
}

// whole reads a backup to its end, which tells whether it is all there.
func whole(file string) error {
	r, done, err := unpacked(file)
	if err != nil {
		return err
	}
	defer done()
	var tail []byte
	b := make([]byte, 1<<20)
	for {
		n, err := r.Read(b)
		tail = append(tail, b[:n]...)
		tail = append(tail[:0:0], tail[max(0, len(tail)-200):]...)
		if err == io.EOF {
			break
		}
		if err != nil {
			return fmt.Errorf("the backup %s is damaged: %w", file, err)
		}
	}
	if !bytes.Contains(tail, []byte("-- Dump completed")) {
		return fmt.Errorf("the backup %s ends in the middle", file)
	}
	return nil
}

// ErrHasData says that a database to restore into is not empty.
var ErrHasData = errors.New("there are projects here already; --replace puts the backup in their place")

// Restore puts a backup in the place of what a database holds. It is read in beside and tried first: what is there goes only when
// all of it has come. Nobody else may use the database meanwhile.
func Restore(ctx context.Context, dsn, file string, replace bool) error {
	if err := whole(file); err != nil {
		return err
	}
	dsn, err := oneThatAnswers(ctx, dsn)
	if err != nil {
		return err
	}
	s, err := Open(ctx, dsn)
	if err != nil {
		return err
	}
	defer s.Close()
	letGo, err := s.alone(ctx)
	if err != nil {
		return err
	}
	defer letGo()
	var n int
	if err := s.row(ctx, "SELECT COUNT(*) FROM projects", nil, &n); err != nil {
		return err
	}
	if n > 0 && !replace {
		return ErrHasData
	}
	beside, before := s.name+"_restoring", s.name+"_before"
	for _, q := range []string{"DROP DATABASE IF EXISTS `" + beside + "`", "DROP DATABASE IF EXISTS `" + before + "`",
		"CREATE DATABASE `" + beside + "` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci", "CREATE DATABASE `" + before + "`"} {
		if _, err := s.db.ExecContext(ctx, q); err != nil {
			return fmt.Errorf("no database can be made to read the backup into: %w", err)
		}
	}
	if err := s.readIn(ctx, dsn, file, beside); err != nil {
		_, _ = s.db.ExecContext(context.WithoutCancel(ctx), "DROP DATABASE IF EXISTS `"+beside+"`")
		return err
	}
	if err := s.swap(ctx, beside, before); err != nil {
		return fmt.Errorf("the backup was read but could not be put in place: %w", err)
	}
	for _, q := range []string{"DROP DATABASE `" + before + "`", "DROP DATABASE `" + beside + "`"} {
		if _, err := s.db.ExecContext(ctx, q); err != nil {
			return err
		}
	}
	return nil
}

// readIn reads a backup into an empty database and brings its tables up to date.
func (s *Store) readIn(ctx context.Context, dsn, file, into string) error {
	cfg, err := settled(dsn)
	if err != nil {
		return err
	}
	r, done, err := unpacked(file)
	if err != nil {
		return err
	}
	defer done()
	cmd, errs, err := client(ctx, cfg, "mariadb", into)
	if err != nil {
		return err
	}
	cmd.Stdin = r
	if err := cmd.Run(); err != nil {
		return clientError("the backup cannot be read in", err, errs)
	}
	other, err := mysql.ParseDSN(dsn)
	if err != nil {
		return err
	}
	other.DBName = into
	t, err := Open(ctx, other.FormatDSN())
	if err != nil {
		return err
	}
	defer t.Close()
	if _, err = t.Projects(ctx); err != nil {
		return err
	}
	// who was signed in when it was made, or served, is so no more
	for _, q := range []string{"DELETE FROM sessions", "DELETE FROM leases", "DELETE FROM present"} {
		if _, err := t.exec(ctx, q); err != nil {
			return err
		}
	}
	return nil
}

// swap puts all tables of one database in the place of this one's, which go to a third: one statement, all or nothing.
func (s *Store) swap(ctx context.Context, beside, before string) error {
	tables := func(db string) ([]string, error) {
		return all(ctx, s.db, "SELECT table_name FROM information_schema.tables WHERE table_schema=?", []any{db}, func(r scanner) (t string, err error) { return t, r.Scan(&t) })
	}
	old, err := tables(s.name)
	if err != nil {
		return err
	}
	fresh, err := tables(beside)
	if err != nil {
		return err
	}
	var moves []string
	for _, t := range old {
		moves = append(moves, fmt.Sprintf("`%s`.`%s` TO `%s`.`%s`", s.name, t, before, t))
	}
	for _, t := range fresh {
		moves = append(moves, fmt.Sprintf("`%s`.`%s` TO `%s`.`%s`", beside, t, s.name, t))
	}
	_, err = s.db.ExecContext(ctx, "RENAME TABLE "+strings.Join(moves, ", "))
	s.mu.Lock()
	clear(s.states)
	s.mu.Unlock()
	return err
}
