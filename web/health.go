package web

import (
	"context"
	"net/http"
	"sync"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/internal/version"
	"setfast/store"
)

// health is how the server is, thing by thing.
type health struct {
	Status   string `json:"status"` // ok, or what is wrong with what it cannot do without
	Version  string `json:"version"`
	Database struct {
		OK bool    `json:"ok"`
		MS float64 `json:"ms"`
	} `json:"database"`
	Kernel struct {
		OK  bool   `json:"ok"`
		Why string `json:"why,omitempty"`
	} `json:"kernel"`
	Disk struct {
		OK     bool   `json:"ok"`
		FreeMB int64  `json:"free_mb"` // -1: the data are elsewhere
		Why    string `json:"why,omitempty"`
	} `json:"disk"`
	Waiting int `json:"files_waiting"`
}

// How long health waits for the database, and how long what the kernel said holds.
const (
	healthTime = 2 * time.Second
	kernelSays = time.Minute
)

// kernelHealth remembers whether the shape kernel works: to try costs a process.
type kernelHealth struct {
	mu  sync.Mutex
	at  time.Time
	err error
}

func (k *kernelHealth) of(ctx context.Context, try func(context.Context) error) error {
	k.mu.Lock()
	defer k.mu.Unlock()
	if time.Since(k.at) > kernelSays {
		k.err, k.at = try(ctx), time.Now()
	}
	return k.err
}

// healthz says whether the server can do its work; with ?all=1 thing by thing. It waits for nobody.
func (s *Server) healthz(c *echo.Context) error {
	ctx, cancel := context.WithTimeout(c.Request().Context(), healthTime)
	defer cancel()
	begun := time.Now()
	err := s.app.Store.Ping(ctx)
	low := s.app.LowOnRoom()
	if c.QueryParam("all") == "" {
		switch {
		case err != nil:
			return store.ErrAway
		case low != "":
			return c.String(http.StatusOK, "ok\n"+low)
		}
		return c.String(http.StatusOK, "ok")
	}
	h := health{Status: "ok", Version: version.Number}
	h.Database.OK, h.Database.MS = err == nil, float64(time.Since(begun).Microseconds())/1e3
	code := http.StatusOK
	if err != nil {
		h.Status, code = "the database does not answer", http.StatusServiceUnavailable
	} else if h.Waiting, err = s.app.Store.WaitingFiles(ctx); err != nil {
		h.Waiting = -1
	}
	if err := s.kernel.of(c.Request().Context(), s.app.TryKernel); err != nil {
		h.Kernel.Why = err.Error()
	} else {
		h.Kernel.OK = true
	}
	h.Disk.OK, h.Disk.Why, h.Disk.FreeMB = low == "", low, s.app.FreeBytes()
	if h.Disk.FreeMB > 0 {
		h.Disk.FreeMB >>= 20
	}
	return c.JSON(code, h)
}

// logged writes a line for each request, where that is wanted.
func (s *Server) logged(next echo.HandlerFunc) echo.HandlerFunc {
	if !s.requests {
		return next
	}
	return func(c *echo.Context) error {
		begun := time.Now()
		err := next(c)
		s.log.Info("request", "method", c.Request().Method, "path", c.Request().URL.Path, "route", c.Path(), "code", codeOf(c, err), "ms", time.Since(begun).Milliseconds())
		return err
	}
}
