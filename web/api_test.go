package web_test

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"io"
	"net/http"
	"os"
	"path/filepath"
	"strings"
	"testing"
	"time"

	"github.com/getkin/kin-openapi/openapi3"
	"github.com/getkin/kin-openapi/openapi3filter"
	"github.com/getkin/kin-openapi/routers"
	"github.com/getkin/kin-openapi/routers/gorillamux"

	"setfast/web"
)

// program speaks the API, and holds each request and answer against what the server says of itself.
type program struct {
	t      *testing.T
	base   string
	token  string
	routes routers.Router
}

// ask sends a request; what is sent and answered must be as described, but where says is given: then it must be refused with that.
func (p *program) ask(method, path string, in any, code int, says string, out any) {
	p.t.Helper()
	var data []byte
	kind := "application/json"
	switch in := in.(type) {
	case nil:
	case []byte:
		data, kind = in, "application/octet-stream"
	default:
		data, _ = json.Marshal(in)
	}
	req, err := http.NewRequest(method, p.base+"/api/v1"+path, bytes.NewReader(data))
	if err != nil {
		p.t.Fatal(err)
	}
	if in != nil {
		req.Header.Set("Content-Type", kind)
	}
	if p.token != "" {
		req.Header.Set("Authorization", "Bearer "+p.token)
	}
	route, params, err := p.routes.FindRoute(req)
	if err != nil {
		p.t.Fatalf("%s %s is not described: %v", method, path, err)
	}
	of := &openapi3filter.RequestValidationInput{Request: req, PathParams: params, Route: route, Options: &openapi3filter.Options{AuthenticationFunc: openapi3filter.NoopAuthenticationFunc}}
	if err := openapi3filter.ValidateRequest(context.Background(), of); err != nil && says == "" {
		p.t.Errorf("%s %s: what is sent is not as described: %v", method, path, err)
	}
	req.Body = io.NopCloser(bytes.NewReader(data))
	r, err := http.DefaultClient.Do(req)
	if err != nil {
		p.t.Fatal(err)
	}
	defer r.Body.Close()
	body, err := io.ReadAll(r.Body)
	if err != nil {
		p.t.Fatal(err)
	}
	if r.StatusCode != code || !strings.Contains(string(body), says) {
		p.t.Fatalf("%s %s: %d %.300s; want %d and %q", method, path, r.StatusCode, body, code, says)
	}
	answer := &openapi3filter.ResponseValidationInput{RequestValidationInput: of, Status: r.StatusCode, Header: r.Header, Body: io.NopCloser(bytes.NewReader(body))}
	if err := openapi3filter.ValidateResponse(context.Background(), answer); err != nil {
		p.t.Errorf("%s %s: the answer is not as described: %v", method, path, err)
	}
	if out != nil {
		if err := json.Unmarshal(body, out); err != nil {
			p.t.Errorf("%s %s: %v", method, path, err)
		}
	}
}

// TestAPI does over the API what the pages do: a file is handed in, its parts are placed and related, taken back and done again, judged and fetched. Every request and
// answer is held against the description by kin-openapi (OpenAPI 3.0).
func TestAPI(t *testing.T) {
	srv := team(t, web.Options{})
	r, err := http.Get(srv.URL + "/api/v1/openapi.json")
	if err != nil {
		t.Fatal(err)
	}
	data, _ := io.ReadAll(r.Body)
	r.Body.Close()
	doc, err := openapi3.NewLoader().LoadFromData(data)
	if err == nil {
		err = doc.Validate(context.Background())
	}
	if err != nil {
		t.Fatal("the description is not well formed: ", err)
	}
	doc.Servers[0].URL = srv.URL + "/api/v1"
	routes, err := gorillamux.NewRouter(doc)
	if err != nil {
		t.Fatal(err)
	}
	ctx := context.Background()
	secret := func(name string) string {
		t.Helper()
		secret, err := cheap().Token(ctx, somebody(t, name, false), "a script")
		if err != nil {
			t.Fatal(err)
		}
		return secret
	}
	p := &program{t, srv.URL, secret("Script"), routes}
	other := &program{t, srv.URL, secret("Another"), routes}
	(&program{t, srv.URL, "", routes}).ask("GET", "/projects", nil, 401, "signed out", nil)
	(&program{t, srv.URL, "setfast_" + strings.Repeat("A", 26), routes}).ask("GET", "/projects", nil, 401, "not valid", nil)
	var project struct {
		ID   int64
		Role string
	}
	p.ask("POST", "/projects", map[string]string{"name": ""}, 422, "must not be empty", nil)
	p.ask("POST", "/projects", map[string]string{"name": "By a script"}, 201, "", &project)
	if project.Role != "owner" {
		t.Errorf("who starts it is %q", project.Role)
	}
	at := fmt.Sprint("/projects/", project.ID)
	other.ask("GET", at+"/assemblies", nil, 404, "not in its project", nil)
	var list []struct {
		ID   int64
		Unit string
	}
	p.ask("GET", "/projects", nil, 200, "", &list)
	if len(list) != 1 || list[0].ID != project.ID || list[0].Unit != "mm" {
		t.Errorf("projects: %v", list)
	}
	step, err := os.ReadFile(filepath.Join("..", "kernel", "testdata", "as1-oc-214.stp"))
	if err != nil {
		t.Fatal(err)
	}
	var batch struct {
		Batch string
		Files []struct{ State, Message string }
	}
	p.ask("POST", at+"/files", step, 422, "what the file is called", nil)
	p.ask("POST", at+"/files?name=as1.stp", step, 202, "", &batch)
	for deadline := time.Now().Add(time.Minute); batch.Files[0].State != "done"; time.Sleep(50 * time.Millisecond) {
		if p.ask("GET", at+"/files/"+batch.Batch, nil, 200, "", &batch); time.Now().After(deadline) || batch.Files[0].State == "failed" {
			t.Fatal(batch)
		}
	}
	var parts []struct{ Key, Name string }
	p.ask("GET", at+"/parts", nil, 200, "", &parts)
	if len(parts) != 5 {
		t.Fatalf("parts: %v", parts)
	}
	var asm struct {
		ID, Seq int64
		Verdict string
	}
	p.ask("POST", at+"/assemblies", map[string]string{"name": "Two plates", "number": "GV-1"}, 201, "", &asm)
	on := fmt.Sprint("/assemblies/", asm.ID)
	var done struct {
		Seq     int64
		Said    string
		Verdict string
		Loose   *int
	}
	p.ask("POST", on+"/acts", map[string]any{"do": "place", "items": []string{parts[0].Key, parts[0].Key}, "base": 0, "token": "first"}, 200, "", &done)
	if done.Seq != 1 || done.Verdict != "loose" || done.Loose == nil || *done.Loose != 6 {
		t.Errorf("placed: %+v", done)
	}
	p.ask("POST", on+"/acts", map[string]any{"do": "place", "items": []string{parts[0].Key, parts[0].Key}, "base": 0, "token": "first"}, 200, "", &done) // sent twice
	p.ask("POST", on+"/acts", map[string]any{"do": "nothing", "base": 1}, 422, "nothing", nil)
	p.ask("POST", on+"/acts", map[string]any{"do": "remove", "component": "nobody", "base": 1}, 422, "nobody", nil)
	p.ask("POST", on+"/undo", map[string]any{"base": 1}, 200, "", &done)
	p.ask("POST", on+"/redo", map[string]any{"base": 2}, 200, "", &done)
	var report struct {
		Root, Verdict string
		Assemblies    map[string]struct{ Loose int }
	}
	p.ask("GET", on+"/report", nil, 200, "", &report)
	if report.Verdict != "loose" || report.Assemblies[report.Root].Loose != 6 {
		t.Errorf("the report: %+v", report)
	}
	p.ask("GET", on, nil, 200, "", &asm)
	if asm.Seq != 3 || asm.Verdict != "loose" {
		t.Errorf("it stands at %+v", asm)
	}
	var lines []struct {
		Seq int64
		Who string
	}
	p.ask("GET", on+"/log?before=3", nil, 200, "", &lines)
	if len(lines) != 2 || lines[0].Seq != 2 || lines[0].Who != "Script" {
		t.Errorf("the log: %v", lines)
	}
	p.ask("GET", on+"/document", nil, 200, `"setfast"`, nil)
	p.ask("GET", on+"/bundle", nil, 200, "PK", nil)
}
