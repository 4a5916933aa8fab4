//go:build !lean

package main

import (
	"context"
	"crypto/tls"
	"errors"
	"flag"
	"fmt"
	"io"
	"net"
	"os"
	"sync"
	"time"

	"setfast/app/people"
	"setfast/store"
)

// outward is how the server is reached, and by whom.
type outward struct {
	listen, cert, key string
	solo, proxied     bool
	hosts             names
	smtp, mailDir     string
	from              string
}

func (o *outward) flags(fs *flag.FlagSet, solo bool) {
	fs.BoolVar(&o.solo, "solo", solo, "nobody signs in: whoever sits at this machine may do everything")
	fs.StringVar(&o.listen, "listen", "127.0.0.1", "the `address` to listen on; another than this machine's own needs TLS")
	fs.StringVar(&o.cert, "tls-cert", "", "the `file` of the certificate, and those that lead to it, for TLS")
	fs.StringVar(&o.key, "tls-key", "", "the `file` of its key")
	fs.BoolVar(&o.proxied, "proxied", false, "a proxy on this machine speaks TLS and tells from where people come")
	fs.StringVar(&o.smtp, "smtp", "", "the mail server, `host:port`, by which links are sent; SETFAST_SMTP_USER and SETFAST_SMTP_PASSWORD where it wants them")
	fs.StringVar(&o.mailDir, "mail-folder", "", "a `folder` into which mails are written in place of being sent")
	fs.StringVar(&o.from, "mail-from", "", "the `address` that mails come from")
	fs.Var(&o.hosts, "host", "a `name` to answer to besides localhost, such as setfast.example; may be given several times")
}

// check sees that nobody is let in who should not be, and that no password travels for all to read. It gives how TLS is spoken here, if at all.
func (o *outward) check() (*tls.Config, error) {
	ip := net.ParseIP(o.listen)
	near := ip != nil && ip.IsLoopback()
	switch {
	case ip == nil:
		return nil, fmt.Errorf("--listen takes an address such as 127.0.0.1 or 0.0.0.0, not %q", o.listen)
	case o.solo && (!near || o.proxied || len(o.hosts) > 0):
		return nil, errors.New("with --solo nobody signs in, so the server must be reached from this machine alone: leave --listen, --host and --proxied out, or let people sign in with --solo=false")
	case (o.smtp != "" || o.mailDir != "") && o.from == "":
		return nil, errors.New("--smtp and --mail-folder want --mail-from, the address that mails come from")
	case (o.cert == "") != (o.key == ""):
		return nil, errors.New("--tls-cert and --tls-key go together")
	case o.proxied && (o.cert != "" || !near):
		return nil, errors.New("with --proxied the proxy on this machine speaks TLS: leave --tls-cert and --listen out")
	case o.cert == "" && !o.proxied && (!near || len(o.hosts) > 0):
		return nil, errors.New("people who come from elsewhere need TLS: give --tls-cert and --tls-key, or --proxied where a proxy on this machine speaks it")
	case o.cert == "":
		return nil, nil
	}
	c := &certificate{cert: o.cert, key: o.key}
	if _, err := c.get(nil); err != nil {
		return nil, err
	}
	return &tls.Config{MinVersion: tls.VersionTLS12, GetCertificate: c.get, NextProtos: []string{"h2", "http/1.1"}}, nil
}

// mail is how links are sent; nil: they are not.
func (o *outward) mail() people.Mail {
	switch {
	case o.mailDir != "":
		return people.Folder{Dir: o.mailDir, From: o.from}
	case o.smtp != "":
		return people.SMTP{Address: o.smtp, From: o.from, User: os.Getenv("SETFAST_SMTP_USER"), Password: os.Getenv("SETFAST_SMTP_PASSWORD")}
	}
	return nil
}

// certificate is read again when its file has changed: certificates are renewed while the server runs.
type certificate struct {
	cert, key string

	mu  sync.Mutex
	of  time.Time
	now *tls.Certificate
}

func (c *certificate) get(*tls.ClientHelloInfo) (*tls.Certificate, error) {
	c.mu.Lock()
	defer c.mu.Unlock()
	st, err := os.Stat(c.cert)
	if err == nil && (c.now == nil || !st.ModTime().Equal(c.of)) {
		var fresh tls.Certificate
		if fresh, err = tls.LoadX509KeyPair(c.cert, c.key); err == nil {
			c.now, c.of = &fresh, st.ModTime()
		}
	}
	if c.now != nil { // the old one is better than none, while the new one is being written
		return c.now, nil
	}
	return nil, fmt.Errorf("the certificate cannot be read: %w", plain(err))
}

// reached is where the server is.
func (o *outward) reached(at net.Addr) string {
	scheme := "http://"
	if o.cert != "" {
		scheme = "https://"
	}
	if len(o.hosts) > 0 {
		if o.proxied {
			scheme = "https://"
		}
		return scheme + o.hosts[0]
	}
	return scheme + at.String()
}

// welcome makes the owner where nobody can sign in yet, or tells how that is done.
func (o *outward) welcome(ctx context.Context, s *store.Store, owner string, at net.Addr, out io.Writer) error {
	if o.solo {
		fmt.Fprintln(out, "Nobody signs in: whoever sits at this machine may do everything.")
		return nil
	}
	there, err := s.AnyPerson(ctx)
	if err != nil || there {
		return err
	}
	if owner == "" {
		fmt.Fprintln(out, "Nobody can sign in yet: setfast people --owner NAME makes the owner; or start with --solo, for whoever sits at this machine.")
		return nil
	}
	secret, err := people.New(s).Add(ctx, owner, owner, true)
	if err == nil {
		fmt.Fprintf(out, "%s, the owner, comes by this link, once, within a week: %s/join/%s\n", owner, o.reached(at), secret)
	}
	return err
}
