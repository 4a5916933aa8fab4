package web_test

import (
	"encoding/json"
	"io"
	"net/http"
	"strings"
	"testing"

	dto "github.com/prometheus/client_model/go"
	"github.com/prometheus/common/expfmt"
	"github.com/prometheus/common/model"
)

// TestMetrics reads the metrics by the format's own reader: requests are counted under their routes, whatever they asked for; other names and proxies get none.
func TestMetrics(t *testing.T) {
	get := func(path, host, via string) (*http.Response, string) {
		t.Helper()
		req, err := http.NewRequest("GET", address+path, nil)
		if err != nil {
			t.Fatal(err)
		}
		if host != "" {
			req.Host = host
		}
		if via != "" {
			req.Header.Set("X-Forwarded-For", via)
		}
		r, err := http.DefaultClient.Do(req)
		if err != nil {
			t.Fatal(err)
		}
		defer r.Body.Close()
		data, err := io.ReadAll(r.Body)
		if err != nil {
			t.Fatal(err)
		}
		return r, string(data)
	}
	read := func() map[string]*dto.MetricFamily {
		t.Helper()
		_, text := get("/metrics", "", "")
		p := expfmt.NewTextParser(model.UTF8Validation)
		all, err := p.TextToMetricFamilies(strings.NewReader(text))
		if err != nil {
			t.Fatal(err)
		}
		return all
	}
	count := func(route, code string) (n float64) {
		for _, m := range read()["setfast_requests_total"].GetMetric() {
			labels := map[string]string{}
			for _, l := range m.GetLabel() {
				labels[l.GetName()] = l.GetValue()
			}
			if labels["route"] == route && labels["code"] == code {
				n += m.GetCounter().GetValue()
			}
		}
		return n
	}
	was, gone := count("/healthz", "200"), count("/a/:asm/list", "404")
	get("/healthz", "", "")
	get("/a/99999991/list", "", "")
	get("/a/99999992/list", "", "")
	if n := count("/healthz", "200") - was; n != 1 {
		t.Errorf("health was asked once, counted %g times", n)
	}
	if n := count("/a/:asm/list", "404") - gone; n != 2 {
		t.Errorf("two lists are not there, %g are counted under their route", n)
	}
	for _, name := range []string{"setfast_request_seconds", "setfast_files_waiting", "setfast_accounts_running", "setfast_info", "go_goroutines", "process_resident_memory_bytes"} {
		if read()[name] == nil {
			t.Errorf("no %s", name)
		}
	}
	if r, _ := get("/metrics", "setfast.example:8443", ""); r.StatusCode != 404 {
		t.Errorf("by the name that people use: %d", r.StatusCode)
	}
	if r, _ := get("/metrics", "", "192.0.2.7"); r.StatusCode != 404 {
		t.Errorf("through a proxy: %d", r.StatusCode)
	}
	var h struct {
		Status           string
		Database, Kernel struct{ OK bool }
	}
	r, text := get("/healthz?all=1", "", "")
	if err := json.Unmarshal([]byte(text), &h); err != nil || r.StatusCode != 200 || h.Status != "ok" || !h.Database.OK || !h.Kernel.OK {
		t.Errorf("%v: %d %s", err, r.StatusCode, text)
	}
}
