// Package web is the interface: pages and fragments from templates, and the data the stage draws. It computes no geometry.
package web

import (
	"context"
	"crypto/tls"
	"embed"
	"errors"
	"fmt"
	"html/template"
	"io"
	"io/fs"
	"log/slog"
	"net"
	"net/http"
	"strings"
	"time"

	"github.com/labstack/echo/v5"
	"github.com/labstack/echo/v5/middleware"

	"setfast/app"
	"setfast/app/people"
	"setfast/store"
	"setfast/web/api"
	"setfast/web/ask"
	"setfast/web/bench"
	"setfast/web/door"
	"setfast/web/pages"
	"setfast/web/papers"
)

//go:embed templates/*.html
var templateFiles embed.FS

//go:embed static
var staticFiles embed.FS

// policy lets the pages use what this server sends and nothing else. WebAssembly, which the core in the worker is, counts as
// evaluated code to browsers and has a word of its own.
const policy = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; worker-src 'self'; style-src 'self'; img-src 'self' blob: data:; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'"

// Options say how the interface is served.
type Options struct {
	Log *slog.Logger
	// Exercises opens the project of exercises that come with the program, each person's own, and makes it where it is not there; nil: there are none.
	Exercises func(ctx context.Context, of store.Person) (project int64, err error)

	Requests bool         // each request is logged
	Hosts    []string     // names it answers to besides those of loopback, such as setfast.example:8443
	Solo     bool         // nobody signs in: whoever reaches it may do everything, so that it must be reached from this machine alone
	Proxied  bool         // a proxy on this machine speaks TLS and tells from where people come
	TLS      *tls.Config  // spoken here; nil: not
	People   *people.Door // lets people in; nil: the usual
	Mail     people.Mail  // by which links are sent; nil: they are not
}

// Server serves the interface.
type Server struct {
	app        *app.App
	echo       *echo.Echo
	log        *slog.Logger
	hosts      hosts
	configured []string
	requests   bool
	tls        *tls.Config
	secure     bool // people come by TLS
	handler    http.Handler
	meter      *meter
	bench      *bench.Bench
	kernel     kernelHealth
}

type renderer struct{ t *template.Template }

func (r renderer) Render(_ *echo.Context, w io.Writer, name string, data any) error {
	return r.t.ExecuteTemplate(w, name, data)
}

// New makes the server's handlers.
func New(a *app.App, o Options) (*Server, error) {
	if o.Log == nil {
		o.Log = slog.New(slog.DiscardHandler)
	}
	known, err := newHosts(o.Hosts)
	if err != nil {
		return nil, err
	}
	t, err := template.New("").Funcs(funcs).Funcs(template.FuncMap{"lowOnRoom": a.LowOnRoom}).ParseFS(templateFiles, "templates/*.html")
	if err != nil {
		return nil, err
	}
	e := echo.New()
	s := &Server{app: a, echo: e, log: o.Log, hosts: known, configured: o.Hosts, requests: o.Requests, tls: o.TLS, secure: o.TLS != nil || o.Proxied}
	s.meter = s.newMeter()
	e.Renderer = renderer{t}
	e.HTTPErrorHandler = s.fault
	if o.People == nil {
		o.People = people.New(a.Store)
	}
	d := door.New(a, o.People, door.Options{Solo: o.Solo, Secure: o.TLS != nil || o.Proxied, Proxied: o.Proxied, Mail: o.Mail})
	e.Use(s.meter.count, s.logged, middleware.Recover(), s.headers, d.Ask)
	e.Use(middleware.GzipWithConfig(middleware.GzipConfig{Skipper: func(c *echo.Context) bool { // states are packed once for all, streams are not
		path := c.Request().URL.Path
		return strings.HasSuffix(path, "/state") || strings.HasSuffix(path, "/live")
	}}))
	st, err := fs.Sub(staticFiles, "static")
	if err != nil {
		return nil, err
	}
	e.StaticFS("/static", st)
	p := &pages.Pages{App: a}
	p.Routes(e)
	(&papers.Papers{App: a, Exercises: o.Exercises}).Routes(e)
	b := &bench.Bench{App: a, Log: o.Log, Parts: p, Fault: func(c *echo.Context, err error) string {
		_, msg := s.inWords(c, err)
		return msg
	}, Write: func(name string, data any) (string, error) {
		var out strings.Builder
		err := t.ExecuteTemplate(&out, name, data)
		return out.String(), err
	}}
	b.Routes(e)
	s.bench = b
	e.GET("/healthz", s.healthz)
	e.GET("/metrics", s.metrics)
	d.Routes(e)
	(&api.API{App: a}).Routes(e)
	if bare := door.Unlisted(e.Router().Routes()); len(bare) > 0 {
		return nil, fmt.Errorf("nothing says who may use %s", strings.Join(bare, ", "))
	}
	s.handler, err = s.guard(e)
	return s, err
}

// Handler is the whole interface; requests that other sites make a browser send are refused, and those to other names.
func (s *Server) Handler() http.Handler { return s.handler }

// Routes are all that it answers to, as method and path.
func (s *Server) Routes() (out []string) {
	for _, r := range s.echo.Router().Routes() {
		out = append(out, r.Method+" "+r.Path)
	}
	return out
}

// Serve answers on a listener until the context ends.
func (s *Server) Serve(ctx context.Context, l net.Listener) error {
	srv := &http.Server{Handler: s.Handler(), ReadHeaderTimeout: 10 * time.Second, ReadTimeout: ask.BodyTime, WriteTimeout: ask.AnswerTime, IdleTimeout: 2 * time.Minute,
		MaxHeaderBytes: 64 << 10, ErrorLog: slog.NewLogLogger(s.log.Handler(), slog.LevelWarn)}
	srv.RegisterOnShutdown(s.bench.Stop)
	done := make(chan error, 1)
	if s.tls != nil {
		l = tls.NewListener(l, s.tls)
	}
	go func() { done <- srv.Serve(l) }()
	select {
	case err := <-done:
		return err
	case <-ctx.Done():
	}
	stop, cancel := context.WithTimeout(context.Background(), 5*time.Second)
	defer cancel()
	_ = srv.Shutdown(stop)
	return nil
}

func (s *Server) headers(next echo.HandlerFunc) echo.HandlerFunc {
	return func(c *echo.Context) error {
		h := c.Response().Header()
		h.Set("Content-Security-Policy", policy)
		h.Set("X-Content-Type-Options", "nosniff")
		h.Set("Referrer-Policy", "same-origin")
		if s.secure {
			h.Set("Strict-Transport-Security", "max-age=31536000")
		}
		if !strings.HasPrefix(c.Request().URL.Path, "/static/") {
			h.Set("Cache-Control", "no-store")
		} else {
			h.Set("Cache-Control", "no-cache")
		}
		return next(c)
	}
}

// said gives the code and the sentence of an error.
func said(err error) (code int, msg string) {
	var ue *app.UserError
	var iu *store.ErrInUse
	var he *echo.HTTPError
	var no *door.Refused
	var sr *store.Refusal
	switch {
	case errors.As(err, &no):
		return no.Code, no.Msg
	case errors.As(err, &ue):
		return http.StatusUnprocessableEntity, ue.Msg
	case errors.As(err, &iu):
		return http.StatusUnprocessableEntity, iu.Error()
	case errors.Is(err, store.ErrNotFound):
		return http.StatusNotFound, "This is not here any more."
	case errors.Is(err, store.ErrMoved):
		return http.StatusConflict, err.Error()
	case errors.Is(err, store.ErrNothing):
		return http.StatusUnprocessableEntity, store.ErrNothing.Error()
	case errors.As(err, &sr):
		return http.StatusUnprocessableEntity, sr.Msg
	case errors.Is(err, store.ErrRemembered):
		return http.StatusUnprocessableEntity, store.ErrRemembered.Error()
	case errors.Is(err, store.ErrFull):
		return http.StatusInsufficientStorage, store.ErrFull.Error()
	case errors.Is(err, store.ErrAway):
		return http.StatusServiceUnavailable, store.ErrAway.Error()
	case errors.Is(err, store.ErrBusy), errors.Is(err, context.DeadlineExceeded):
		return http.StatusServiceUnavailable, store.ErrBusy.Error()
	case errors.As(err, &he):
		return he.Code, fmt.Sprint(he.Message)
	case errors.Is(err, context.Canceled):
		return 499, "cancelled"
	}
	switch k := echo.StatusCode(err); k {
	case 0:
	case http.StatusNotFound:
		return k, "There is no such page."
	case http.StatusMethodNotAllowed:
		return k, "This cannot be done here."
	default:
		return k, wrong
	}
	return http.StatusInternalServerError, wrong
}

const wrong = "Something went wrong here. Nothing was lost; try again, or reload the page."

// faultView is the page of an error.
type faultView struct {
	ask.Head
	Msg string
}

// inWords says an error as users read it; what is the server's own fault is written into the log.
func (s *Server) inWords(c *echo.Context, err error) (code int, msg string) {
	code, msg = said(err)
	if code >= 500 {
		s.log.Error("request failed", "path", c.Request().URL.Path, "error", err)
	}
	if msg != "" {
		msg = strings.ToUpper(msg[:1]) + msg[1:]
	}
	return code, msg
}

// fault answers with one clear sentence, as a page, a fragment or JSON, whatever was asked for.
func (s *Server) fault(c *echo.Context, err error) {
	code, msg := s.inWords(c, err)
	if code == http.StatusServiceUnavailable {
		c.Response().Header().Set("Retry-After", "2")
	}
	req := c.Request()
	if strings.Contains(req.Header.Get("Accept"), "application/json") || strings.HasPrefix(req.URL.Path, "/api/") {
		_ = c.JSON(code, map[string]string{"error": msg})
		return
	}
	if req.Header.Get("HX-Request") != "" {
		_ = c.Render(code, "notice", msg)
		return
	}
	_ = c.Render(code, "fault.html", faultView{ask.NewHead(c, "Not here"), msg})
}
