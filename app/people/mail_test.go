package people

import (
	"bufio"
	"fmt"
	"io"
	"mime"
	"net"
	"net/mail"
	"os"
	"path/filepath"
	"strings"
	"testing"
)

// TestMail writes a letter to a file and hands one to a mail server that is played here (RFC 5321); both read back as what was meant.
func TestMail(t *testing.T) {
	const text = "Comes by this link:\nhttps://setfast.example/join/ABC\n"
	reads := func(what string, data []byte) {
		t.Helper()
		m, err := mail.ReadMessage(strings.NewReader(string(data)))
		if err != nil {
			t.Fatalf("%s: %v", what, err)
		}
		body, _ := io.ReadAll(m.Body)
		subject, _ := new(mime.WordDecoder).DecodeHeader(m.Header.Get("Subject"))
		to, err := m.Header.AddressList("To")
		if err != nil || to[0].Address != "ben@example.org" || subject != "Glashäuser: a link" || strings.ReplaceAll(strings.TrimSpace(string(body)), "\r", "") != strings.TrimSpace(text) {
			t.Errorf("%s: %v %v %q %q", what, err, to, subject, body)
		}
	}
	dir := t.TempDir()
	if err := (Folder{dir, "setfast@example.org"}).Send("Ben <ben@example.org>", "Glashäuser: a link", text); err != nil {
		t.Fatal(err)
	}
	files, _ := filepath.Glob(filepath.Join(dir, "*.eml"))
	if len(files) != 1 {
		t.Fatal(files)
	}
	data, _ := os.ReadFile(files[0])
	reads("the file", data)
	l, err := net.Listen("tcp", "127.0.0.1:0")
	if err != nil {
		t.Fatal(err)
	}
	defer l.Close()
	heard := make(chan string, 1)
	go func() {
		conn, err := l.Accept()
		if err != nil {
			return
		}
		defer conn.Close()
		in := bufio.NewScanner(conn)
		fmt.Fprint(conn, "220 here\r\n")
		var got strings.Builder
		for in.Scan() {
			switch line := in.Text(); {
			case strings.HasPrefix(line, "DATA"):
				fmt.Fprint(conn, "354 go on\r\n")
				for in.Scan() && in.Text() != "." {
					got.WriteString(in.Text() + "\r\n")
				}
				fmt.Fprint(conn, "250 taken\r\n")
			case strings.HasPrefix(line, "QUIT"):
				fmt.Fprint(conn, "221 bye\r\n")
				heard <- got.String()
				return
			default:
				fmt.Fprint(conn, "250 yes\r\n")
			}
		}
	}()
	if err := (SMTP{Address: l.Addr().String(), From: "setfast@example.org"}).Send("ben@example.org", "Glashäuser: a link", text); err != nil {
		t.Fatal(err)
	}
	reads("the server", []byte(<-heard))
	for _, bad := range []string{"", "nobody", "a@b\r\nBcc: c@d", "a@b, c@d"} {
		if err := (Folder{dir, "setfast@example.org"}).Send(bad, "s", "t"); err == nil {
			t.Errorf("%q is written to", bad)
		}
	}
	if err := (SMTP{Address: "127.0.0.1:1", From: "setfast@example.org"}).Send("ben@example.org", "s", "t"); err == nil {
		t.Error("nobody listens, and it is sent")
	}
}
