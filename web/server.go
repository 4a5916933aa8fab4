// Package web is the interface: pages and fragments from templates, and the data the stage draws. It computes no geometry.
package web

import (
	"context"
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
	"setfast/store"
)

//go:embed templates/*.html
var templateFiles embed.FS

//go:embed static
var staticFiles embed.FS

// policy lets the pages use what this server sends and nothing else. WebAssembly, which the core in the worker is, counts as
// evaluated code to browsers and has a word of its own.
const policy = "default-src 'none'; script-src 'self' 'wasm-unsafe-eval'; worker-src 'self'; style-src 'self'; img-src 'self' blob: data:; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'"

// Server serves the interface.
type Server struct {
	app  *app.App
	echo *echo.Echo
	tpl  *template.Template
	log  *slog.Logger
}

type renderer struct{ t *template.Template }

func (r renderer) Render(_ *echo.Context, w io.Writer, name string, data any) error {
	return r.t.ExecuteTemplate(w, name, data)
}

// New makes the server's handlers.
func New(a *app.App, log *slog.Logger) (*Server, error) {
	t, err := template.New("").Funcs(funcs).ParseFS(templateFiles, "templates/*.html")
	if err != nil {
		return nil, err
	}
	e := echo.New()
	s := &Server{app: a, echo: e, tpl: t, log: log}
	e.Renderer = renderer{t}
	e.HTTPErrorHandler = s.fault
	e.Use(middleware.Recover(), s.headers)
	e.Use(middleware.Gzip())
	st, err := fs.Sub(staticFiles, "static")
	if err != nil {
		return nil, err
	}
	e.StaticFS("/static", st)

	e.GET("/", s.projects)
	e.POST("/projects", s.createProject)
	e.GET("/p/:project", on("project", s.shelf))
	e.POST("/p/:project/name", on("project", s.renameProject))
	e.POST("/p/:project/imports", on("project", s.stage))
	e.POST("/imports/:batch/:file", on("file", s.readStaged))
	e.GET("/p/:project/parts", on("project", s.partList))
	e.POST("/parts/:part", on("part", s.updatePart))
	e.DELETE("/parts/:part", on("part", s.deletePart))
	e.POST("/p/:project/assemblies", on("project", s.createAssembly))
	e.DELETE("/a/:asm", on("asm", s.deleteAssembly))
	e.GET("/shape/:sha", s.shape)
	e.GET("/preview/:sha", s.preview)
	e.GET("/a/:asm", on("asm", s.bench))
	e.GET("/a/:asm/state", on("asm", s.state))
	e.POST("/a/:asm/do", on("asm", s.do))
	e.POST("/a/:asm/undo", on("asm", s.undo))
	e.POST("/a/:asm/redo", on("asm", s.redo))
	e.POST("/a/:asm/offers", on("asm", s.offers))
	e.POST("/a/:asm/try", on("asm", s.try))
	e.GET("/a/:asm/swing/:k", on("asm", s.swing))
	e.GET("/a/:asm/export", on("asm", s.export))
	e.GET("/a/:asm/bare", on("asm", s.bare))
	e.GET("/healthz", func(c *echo.Context) error {
		if err := a.Store.Ping(c.Request().Context()); err != nil {
			return echo.NewHTTPError(http.StatusServiceUnavailable, "the database does not answer")
		}
		return c.String(http.StatusOK, "ok")
	})
	return s, nil
}

// Handler is the whole interface; requests that other sites make a browser send are refused.
func (s *Server) Handler() http.Handler {
	return http.NewCrossOriginProtection().Handler(s.echo)
}

// Serve answers on a listener until the context ends.
func (s *Server) Serve(ctx context.Context, l net.Listener) error {
	srv := &http.Server{Handler: s.Handler(), ReadHeaderTimeout: 10 * time.Second, IdleTimeout: 2 * time.Minute, ErrorLog: slog.NewLogLogger(s.log.Handler(), slog.LevelWarn)}
	done := make(chan error, 1)
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
		if !strings.HasPrefix(c.Request().URL.Path, "/static/") {
			h.Set("Cache-Control", "no-store")
		} else {
			h.Set("Cache-Control", "no-cache")
		}
		return next(c)
	}
}

// fault answers with one clear sentence, as a page, a fragment or JSON, whatever was asked for.
func (s *Server) fault(c *echo.Context, err error) {
	code, msg := http.StatusInternalServerError, "Something went wrong here. Nothing was lost; try again, or reload the page."
	var ue *app.UserError
	var he *echo.HTTPError
	switch {
	case errors.As(err, &ue):
		code, msg = http.StatusUnprocessableEntity, ue.Msg
	case errors.Is(err, store.ErrNotFound):
		code, msg = http.StatusNotFound, "This is not here any more."
	case errors.Is(err, store.ErrMoved):
		code, msg = http.StatusConflict, err.Error()
	case errors.Is(err, store.ErrNothing):
		code, msg = http.StatusUnprocessableEntity, err.Error()
	case errors.As(err, &he):
		code, msg = he.Code, fmt.Sprint(he.Message)
	case errors.Is(err, context.Canceled):
		code, msg = 499, "cancelled"
	default:
		if k := echo.StatusCode(err); k != 0 {
			code = k
			if k == http.StatusNotFound {
				msg = "There is no such page."
			}
		}
	}
	if code >= 500 {
		s.log.Error("request failed", "path", c.Request().URL.Path, "error", err)
	}
	if msg != "" {
		msg = strings.ToUpper(msg[:1]) + msg[1:]
	}
	req := c.Request()
	if strings.Contains(req.Header.Get("Accept"), "application/json") {
		_ = c.JSON(code, map[string]string{"error": msg})
		return
	}
	if req.Header.Get("HX-Request") != "" {
		_ = c.Render(code, "notice", msg)
		return
	}
	_ = c.Render(code, "fault.html", map[string]any{"Title": "Not here", "Code": code, "Msg": msg})
}
