package web

import (
	"context"
	"fmt"
	"net"
	"net/http"
	"strings"
	"time"
)

// How long a request may take. What is worked out has limits of its own, shorter than these.
const (
	requestTime = 90 * time.Second
	uploadTime  = 2 * time.Hour
)

// hosts are the names this server answers to: those of loopback, and the configured ones. A page of another site that was led
// here under a name of its own is turned away, whatever the name leads to.
type hosts map[string]bool

func newHosts(configured []string) (hosts, error) {
	h := hosts{}
	for _, c := range configured {
		name := hostName(c)
		if name == "" || strings.ContainsAny(name, "/ ") {
			return nil, fmt.Errorf("%q is no host name; write it as setfast.example or setfast.example:8443", c)
		}
		h[name] = true
	}
	return h, nil
}

// hostName is the name in a Host header: without port, brackets and the dot that may end it.
func hostName(host string) string {
	if name, _, err := net.SplitHostPort(host); err == nil {
		host = name
	}
	host = strings.TrimSuffix(strings.TrimSuffix(strings.TrimPrefix(host, "["), "]"), ".")
	return strings.ToLower(host)
}

func (h hosts) allow(host string) bool {
	name := hostName(host)
	if name == "localhost" || h[name] {
		return true
	}
	ip := net.ParseIP(name)
	return ip != nil && ip.IsLoopback()
}

// guard lets through what is addressed to this server and comes from its own pages, or from no page at all.
func (s *Server) guard(next http.Handler) (http.Handler, error) {
	origins := http.NewCrossOriginProtection()
	for _, c := range s.configured {
		for _, scheme := range []string{"http://", "https://"} {
			if err := origins.AddTrustedOrigin(scheme + c); err != nil {
				return nil, fmt.Errorf("the host %q: %w", c, err)
			}
		}
	}
	inner := origins.Handler(next)
	return http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if !s.hosts.allow(r.Host) {
			http.Error(w, "This server does not answer to that name; whoever runs it can add it with --host.", http.StatusMisdirectedRequest)
			return
		}
		ctx, cancel := context.WithTimeout(r.Context(), requestTime)
		if strings.HasSuffix(r.URL.Path, "/imports") && r.Method == http.MethodPost {
			cancel()
			ctx, cancel = context.WithTimeout(r.Context(), uploadTime)
		}
		defer cancel()
		inner.ServeHTTP(w, r.WithContext(ctx))
	}), nil
}
