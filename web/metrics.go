package web

import (
	"context"
	"net"
	"net/http"
	"runtime"
	"strconv"
	"time"

	"github.com/labstack/echo/v5"
	"github.com/prometheus/client_golang/prometheus"
	"github.com/prometheus/client_golang/prometheus/collectors"
	"github.com/prometheus/client_golang/prometheus/promhttp"

	"setfast/internal/version"
)

// meter counts what is asked and how long it takes, and tells it in the common text format of metrics.
type meter struct {
	told     http.Handler
	requests *prometheus.CounterVec
	took     *prometheus.HistogramVec
	open     prometheus.Gauge
}

// asked is how long counting what waits may take, when metrics are read.
const asked = time.Second

func (s *Server) newMeter() *meter {
	r := prometheus.NewRegistry()
	m := &meter{
		requests: prometheus.NewCounterVec(prometheus.CounterOpts{Name: "setfast_requests_total", Help: "Requests that were answered."}, []string{"method", "route", "code"}),
		took: prometheus.NewHistogramVec(prometheus.HistogramOpts{Name: "setfast_request_seconds", Help: "How long requests took.",
			Buckets: []float64{0.005, 0.02, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10, 30, 90}}, []string{"route"}),
		open: prometheus.NewGauge(prometheus.GaugeOpts{Name: "setfast_requests_open", Help: "Requests that are being answered."}),
	}
	gauge := func(name, help string, of func() float64) {
		r.MustRegister(prometheus.NewGaugeFunc(prometheus.GaugeOpts{Name: name, Help: help}, of))
	}
	gauge("setfast_files_waiting", "Files handed in that are not read yet; -1 where the database does not say.", func() float64 {
		ctx, cancel := context.WithTimeout(context.Background(), asked)
		defer cancel()
		n, err := s.app.Store.WaitingFiles(ctx)
		if err != nil {
			return -1
		}
		return float64(n)
	})
	gauge("setfast_accounts_running", "Accounts, drawings and other long work under way.", func() float64 { return float64(s.app.Working()) })
	gauge("setfast_disk_free_bytes", "Room on the disk of the data; -1 where the data are elsewhere.", func() float64 { return float64(s.app.FreeBytes()) })
	gauge("setfast_database_connections_in_use", "Connections to the database in use.", func() float64 { return float64(s.app.Store.Pool().InUse) })
	gauge("setfast_database_wait_seconds_total", "Time spent waiting for a connection.", func() float64 { return s.app.Store.Pool().WaitDuration.Seconds() })
	info := prometheus.NewGauge(prometheus.GaugeOpts{Name: "setfast_info", Help: "The version that runs.", ConstLabels: prometheus.Labels{"version": version.Number, "go": runtime.Version()}})
	info.Set(1)
	r.MustRegister(m.requests, m.took, m.open, info, collectors.NewGoCollector(), collectors.NewProcessCollector(collectors.ProcessCollectorOpts{}))
	m.told = promhttp.HandlerFor(r, promhttp.HandlerOpts{DisableCompression: true})
	return m
}

// count counts a request under the pattern of its route, so that there are as many series as routes.
func (m *meter) count(next echo.HandlerFunc) echo.HandlerFunc {
	return func(c *echo.Context) error {
		m.open.Inc()
		begun := time.Now()
		defer m.open.Dec()
		err := next(c)
		route := c.Path()
		if route == "" {
			route = "none"
		}
		m.requests.WithLabelValues(c.Request().Method, route, strconv.Itoa(codeOf(c, err))).Inc()
		m.took.WithLabelValues(route).Observe(time.Since(begun).Seconds())
		return err
	}
}

// codeOf is the code that a request was answered with, or will be.
func codeOf(c *echo.Context, err error) int {
	if err != nil {
		code, _ := said(err)
		return code
	}
	if r, e := echo.UnwrapResponse(c.Response()); e == nil && r.Status != 0 {
		return r.Status
	}
	return http.StatusOK
}

// metrics tells them to this machine alone: not by a name that people use, nor through a proxy that says whom it asks for.
func (s *Server) metrics(c *echo.Context) error {
	r := c.Request()
	name := hostName(r.Host)
	ip := net.ParseIP(name)
	if name != "localhost" && (ip == nil || !ip.IsLoopback()) || r.Header.Get("X-Forwarded-For") != "" || r.Header.Get("Forwarded") != "" {
		return echo.ErrNotFound
	}
	s.meter.told.ServeHTTP(c.Response(), r)
	return nil
}
