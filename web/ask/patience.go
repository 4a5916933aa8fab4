package ask

import (
	"io"
	"net/http"
	"time"

	"github.com/labstack/echo/v5"
)

// How long a request's body and an answer may take; of large ones, each piece.
const (
	BodyTime   = 20 * time.Second
	AnswerTime = 2 * time.Minute
)

// patient reads a body for which more time is given as long as more of it comes.
type patient struct {
	io.Reader
	more func()
}

func (p *patient) Read(b []byte) (int, error) {
	p.more()
	return p.Reader.Read(b)
}

// Patiently gives an upload time piece by piece.
func Patiently(c *echo.Context, most int64) io.ReadCloser {
	rc := http.NewResponseController(c.Response())
	body := http.MaxBytesReader(c.Response(), c.Request().Body, most)
	more := func() {
		_ = rc.SetReadDeadline(time.Now().Add(BodyTime))
		_ = rc.SetWriteDeadline(time.Now().Add(AnswerTime))
	}
	return struct {
		io.Reader
		io.Closer
	}{&patient{body, more}, body}
}

// steady writes an answer for which more time is given as long as more of it is taken.
type steady struct {
	io.Writer
	rc *http.ResponseController
}

func (s *steady) Write(b []byte) (int, error) {
	_ = s.rc.SetWriteDeadline(time.Now().Add(AnswerTime))
	return s.Writer.Write(b)
}

// Steady is the answer of a request, for what is large.
func Steady(c *echo.Context) io.Writer {
	return &steady{c.Response(), http.NewResponseController(c.Response())}
}
