package people

import (
	"bytes"
	"crypto/rand"
	"crypto/tls"
	"fmt"
	"mime"
	"net"
	"net/mail"
	"net/smtp"
	"os"
	"path/filepath"
	"strings"
	"time"

	"setfast/app/words"
)

// Mail sends links to people, where whoever runs the server lets it.
type Mail interface {
	Send(to, subject, text string) error
}

// letter is a message as it goes out (RFC 5322).
func letter(from, to, subject, text string) ([]byte, error) {
	f, err := mail.ParseAddress(from)
	if err != nil {
		return nil, fmt.Errorf("%q is no address to send from", from)
	}
	t, err := mail.ParseAddress(to)
	if err != nil || strings.ContainsAny(to, "\r\n") {
		return nil, words.Refuse("%q is no mail address", to)
	}
	var b bytes.Buffer
	fmt.Fprintf(&b, "From: %s\r\nTo: %s\r\nSubject: %s\r\nDate: %s\r\nMessage-ID: <%s@setfast>\r\nMIME-Version: 1.0\r\nContent-Type: text/plain; charset=utf-8\r\nContent-Transfer-Encoding: 8bit\r\n\r\n",
		f, t, mime.QEncoding.Encode("utf-8", subject), time.Now().Format(time.RFC1123Z), rand.Text())
	b.WriteString(strings.ReplaceAll(text, "\n", "\r\n"))
	return b.Bytes(), nil
}

// Folder writes what would be sent into files, for trying it.
type Folder struct{ Dir, From string }

// Send writes a file.
func (m Folder) Send(to, subject, text string) error {
	data, err := letter(m.From, to, subject, text)
	if err != nil {
		return err
	}
	return os.WriteFile(filepath.Join(m.Dir, time.Now().UTC().Format("20060102-150405.000")+"-"+rand.Text()[:6]+".eml"), data, 0o600)
}

// SMTP hands messages to a mail server: by TLS where that offers it, which it must where a user and a password are sent.
type SMTP struct{ Address, From, User, Password string }

const mailTime = 15 * time.Second

// Send hands one over.
func (m SMTP) Send(to, subject, text string) error {
	data, err := letter(m.From, to, subject, text)
	if err != nil {
		return err
	}
	host, _, err := net.SplitHostPort(m.Address)
	if err != nil {
		return fmt.Errorf("%q is no mail server; write host:port", m.Address)
	}
	conn, err := net.DialTimeout("tcp", m.Address, mailTime)
	if err != nil {
		return fmt.Errorf("the mail server does not answer: %w", err)
	}
	defer conn.Close()
	_ = conn.SetDeadline(time.Now().Add(mailTime))
	c, err := smtp.NewClient(conn, host)
	if err != nil {
		return fmt.Errorf("the mail server does not answer: %w", err)
	}
	defer c.Close()
	if ok, _ := c.Extension("STARTTLS"); ok {
		if err := c.StartTLS(&tls.Config{ServerName: host, MinVersion: tls.VersionTLS12}); err != nil {
			return fmt.Errorf("the mail server's TLS: %w", err)
		}
	}
	if m.User != "" {
		if err := c.Auth(smtp.PlainAuth("", m.User, m.Password, host)); err != nil {
			return fmt.Errorf("the mail server does not let us in: %w", err)
		}
	}
	f, _ := mail.ParseAddress(m.From)
	t, _ := mail.ParseAddress(to)
	if err := c.Mail(f.Address); err != nil {
		return fmt.Errorf("the mail server says: %w", err)
	}
	if err := c.Rcpt(t.Address); err != nil {
		return fmt.Errorf("the mail server says: %w", err)
	}
	w, err := c.Data()
	if err == nil {
		if _, err = w.Write(data); err == nil {
			err = w.Close()
		}
	}
	if err != nil {
		return fmt.Errorf("the mail server says: %w", err)
	}
	return c.Quit()
}
