package web_test

import (
	"context"
	"crypto/tls"
	"database/sql"
	"fmt"
	"io"
	"maps"
	"net/http"
	"net/http/httptest"
	"net/url"
	"os"
	"path/filepath"
	"regexp"
	"strings"
	"testing"
	"time"

	"setfast/app"
	"setfast/app/people"
	"setfast/internal/bed"
	"setfast/store"
	"setfast/web"
)

// cheap lets people in at a cost that tests can pay.
func cheap() *people.Door {
	d := people.New(theApp.Store)
	d.Cost = people.Cost{Memory: 64, Times: 1}
	return d
}

// team is an interface on which people sign in.
func team(t *testing.T, o web.Options) *httptest.Server {
	t.Helper()
	o.People = cheap()
	s, err := web.New(theApp, o)
	if err != nil {
		t.Fatal(err)
	}
	srv := httptest.NewServer(s.Handler())
	t.Cleanup(func() { srv.CloseClientConnections(); srv.Close() }) // streams would go on
	return srv
}

const password = "vents along the ridge"

// somebody makes a person that has come.
func somebody(t *testing.T, name string, chief bool) store.Person {
	t.Helper()
	ctx := context.Background()
	d := cheap()
	secret, err := d.Add(ctx, "a test", name, chief)
	if err != nil {
		t.Fatal(err)
	}
	p, err := d.Join(ctx, secret, "", password)
	if err != nil {
		t.Fatal(err)
	}
	return p
}

// asker is a browser without a page, or a program.
type asker struct {
	t    *testing.T
	base string
	jar  map[string]string
	head map[string]string
	last *http.Response
}

func at(t *testing.T, srv *httptest.Server) *asker {
	return &asker{t: t, base: srv.URL, jar: map[string]string{}, head: map[string]string{}}
}

// ask sends a request as a browser's own page does, and gives what it was answered with.
func (a *asker) ask(method, path string, form url.Values) (code int, body string) {
	a.t.Helper()
	ctx, cancel := context.WithTimeout(context.Background(), 30*time.Second)
	defer cancel()
	req, err := http.NewRequestWithContext(ctx, method, a.base+path, strings.NewReader(form.Encode()))
	if err != nil {
		a.t.Fatal(err)
	}
	req.Header.Set("Content-Type", "application/x-www-form-urlencoded")
	req.Header.Set("Sec-Fetch-Site", "same-origin")
	for k, v := range a.head {
		req.Header.Set(k, v)
	}
	for k, v := range a.jar {
		req.AddCookie(&http.Cookie{Name: k, Value: v})
	}
	client := &http.Client{CheckRedirect: func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse }}
	if a.last, err = client.Do(req); err != nil {
		a.t.Fatal(err)
	}
	defer a.last.Body.Close()
	for _, c := range a.last.Cookies() {
		if a.jar[c.Name] = c.Value; c.MaxAge < 0 {
			delete(a.jar, c.Name)
		}
	}
	if strings.HasSuffix(path, "/live") && a.last.StatusCode == 200 { // it would go on
		return 200, ""
	}
	data, err := io.ReadAll(a.last.Body)
	if err != nil {
		a.t.Fatal(err)
	}
	return a.last.StatusCode, string(data)
}

func (a *asker) signIn(name, password string) (code int, body string) {
	a.t.Helper()
	return a.ask("POST", "/sign-in", url.Values{"name": {name}, "password": {password}, "next": {"/me"}})
}

// in signs in and gives the asker back.
func (a *asker) in(name string) *asker {
	a.t.Helper()
	if code, body := a.signIn(name, password); code != http.StatusSeeOther {
		a.t.Fatalf("%s cannot sign in: %d %s", name, code, body)
	}
	return a
}

// may is who may come by each route: everybody (*), who is signed in (+), an administrator (!), or in the project the student, reader, editor (d), reviewer (v) and owner.
var may = map[string]string{
	"GET /static*": "*", "GET /healthz": "*", "GET /metrics": "*", "GET /sign-in": "*", "POST /sign-in": "*", "GET /join/:link": "*", "POST /join/:link": "*",
	"POST /sign-out": "+", "POST /sign-out/everywhere": "+", "GET /me": "+", "POST /me/password": "+", "POST /me/tokens": "+", "POST /me/tokens/:token": "+",
	"GET /": "+", "POST /projects": "+", "POST /practice": "+", "GET /shape/:sha": "+", "GET /preview/:sha": "+",
	"GET /people": "!", "POST /people": "!", "POST /people/:person": "!",

	"GET /p/:project": "rdvo", "GET /p/:project/save": "rdvo", "GET /p/:project/imports": "rdvo", "GET /p/:project/imports/:batch": "rdvo", "GET /p/:project/parts": "rdvo",
	"GET /p/:project/marking": "rdvo", "GET /p/:project/marking/:asm": "rdvo", "GET /p/:project/practice": "rdvo", "GET /p/:project/people": "rdvo",
	"GET /p/:project/class": "srdvo", "POST /p/:project/class/:task/begin": "srdvo", "POST /p/:project/class/:task/hand": "srdvo",
	"POST /p/:project/class": "do", "POST /p/:project/class/:task": "do", "POST /p/:project/class/:task/remark": "do",
	"POST /p/:project/practice": "do", "POST /p/:project/account": "do", "POST /p/:project/bring": "do", "POST /p/:project/imports": "do",
	"DELETE /p/:project/imports/file/:file": "do", "POST /p/:project/assemblies": "do", "POST /p/:project/unit": "do", "POST /p/:project/pattern": "do",
	"POST /p/:project/name": "o", "POST /p/:project/archive": "o", "POST /p/:project/delete": "o",
	"POST /p/:project/people": "o", "POST /p/:project/people/:person": "o", "POST /p/:project/invite": "o",
	"POST /p/:project/hooks": "o", "POST /p/:project/hooks/:hook": "o",
	"GET /api/v1/projects/:project/hooks": "o", "POST /api/v1/projects/:project/hooks": "o", "DELETE /api/v1/projects/:project/hooks/:hook": "o",
	"POST /parts/:part": "do", "POST /parts/:part/number": "do", "DELETE /parts/:part": "do", "POST /parts/:part/back": "do", "DELETE /parts/:part/good": "o",

	"GET /a/:asm": "rdvo", "GET /a/:asm/state": "rdvo", "GET /a/:asm/log": "rdvo", "GET /a/:asm/verdict": "rdvo", "GET /a/:asm/live": "rdvo", "POST /a/:asm/here": "rdvo",
	"GET /a/:asm/clash": "rdvo", "GET /a/:asm/fastening": "rdvo", "GET /a/:asm/copies": "rdvo", "GET /a/:asm/holes": "rdvo", "GET /a/:asm/fasteners": "rdvo",
	"GET /a/:asm/mesh": "rdvo", "GET /a/:asm/travel": "rdvo", "GET /a/:asm/implied": "rdvo", "GET /a/:asm/next": "rdvo", "GET /a/:asm/seatings": "rdvo", "GET /a/:asm/kept": "rdvo",
	"GET /a/:asm/swing/:k": "rdvo", "GET /a/:asm/export": "rdvo", "GET /a/:asm/save": "rdvo", "GET /a/:asm/bare": "rdvo", "GET /a/:asm/apart": "rdvo", "GET /a/:asm/dated": "rdvo",
	"GET /a/:asm/then": "rdvo", "GET /a/:asm/then/:seq": "rdvo", "GET /a/:asm/list": "rdvo", "GET /a/:asm/sheet": "rdvo", "GET /a/:asm/guide": "rdvo", "GET /a/:asm/out": "rdvo",
	"GET /a/:asm/proof": "rdvo", "GET /a/:asm/daybook": "rdvo", "GET /a/:asm/at/:seq": "rdvo", "GET /a/:asm/between": "rdvo", "GET /a/:asm/pinned/:name": "rdvo",
	"POST /a/:asm/measure": "rdvo", "POST /a/:asm/variants": "rdvo", "POST /a/:asm/open": "rdvo", "POST /a/:asm/offers": "rdvo", "POST /a/:asm/try": "rdvo", "POST /a/:asm/run": "rdvo",
	"POST /a/:asm/fastening": "rdvo", "POST /a/:asm/copies": "rdvo", "POST /a/:asm/coupled": "rdvo", "POST /a/:asm/cam": "rdvo", "POST /a/:asm/mirrored": "rdvo",
	"POST /a/:asm/drilled": "rdvo", "POST /a/:asm/compare": "rdvo",
	"POST /a/:asm/do": "do", "POST /a/:asm/undo": "do", "POST /a/:asm/redo": "do", "POST /a/:asm/form": "do", "POST /a/:asm/helper": "do", "POST /a/:asm/kept": "do",
	"POST /a/:asm/mirror": "do", "POST /a/:asm/drill": "do", "POST /a/:asm/outline": "do", "POST /a/:asm/revise": "do", "POST /a/:asm/follow": "do", "POST /a/:asm/unlink": "do",
	"POST /a/:asm/brief": "do", "POST /a/:asm/sheet": "do", "POST /a/:asm/daybook/back": "do", "POST /a/:asm/practice/try": "do", "POST /a/:asm/practice/hint": "do",
	"POST /a/:asm/back": "do", "DELETE /a/:asm": "do", "DELETE /a/:asm/good": "o",
	"POST /a/:asm/pin": "dvo", "POST /a/:asm/pinned/:name": "dvo", "POST /a/:asm/daybook/note": "dvo", "POST /a/:asm/daybook/name": "dvo",
	"POST /a/:asm/sign": "vo",

	"GET /api/v1/openapi.json": "*", "GET /api/v1/projects": "+", "POST /api/v1/projects": "+",
	"GET /api/v1/projects/:project/assemblies": "rdvo", "POST /api/v1/projects/:project/assemblies": "do", "GET /api/v1/projects/:project/parts": "rdvo",
	"POST /api/v1/projects/:project/files": "do", "GET /api/v1/projects/:project/files/:batch": "rdvo",
	"GET /api/v1/assemblies/:asm": "rdvo", "GET /api/v1/assemblies/:asm/document": "rdvo", "GET /api/v1/assemblies/:asm/bundle": "rdvo", "GET /api/v1/assemblies/:asm/report": "rdvo",
	"GET /api/v1/assemblies/:asm/log": "rdvo", "POST /api/v1/assemblies/:asm/acts": "do", "POST /api/v1/assemblies/:asm/undo": "do", "POST /api/v1/assemblies/:asm/redo": "do",
}

// TestRights goes by every route as everybody: who may not is told so, and nobody else.
func TestRights(t *testing.T) {
	srv := team(t, web.Options{})
	s, err := web.New(theApp, web.Options{})
	if err != nil {
		t.Fatal(err)
	}
	ctx := context.Background()
	project := firstProject(t)
	who := map[string]*asker{"nobody": at(t, srv)}
	order := []string{"nobody", "Stranger"}
	somebody(t, "Stranger", false)
	for letter, role := range map[string]people.Role{"s": people.Student, "r": people.Reader, "d": people.Editor, "v": people.Reviewer, "o": people.Owner} {
		p := somebody(t, "The "+string(role), false)
		if err := theApp.Store.SetRole(ctx, project, p.ID, string(role), string(people.Owner)); err != nil {
			t.Fatal(err)
		}
		who[letter] = at(t, srv).in(p.Name)
		order = append(order, letter)
	}
	somebody(t, "Chief", true)
	order = append(order, "!")
	// who signs out is out: these come with tokens, which no sign-out ends
	for name, as := range map[string]string{"Stranger": "Stranger", "The student": "s", "The reader": "r", "The editor": "d", "The reviewer": "v", "The owner": "o", "Chief": "!"} {
		p, err := theApp.Store.PersonNamed(ctx, name)
		if err != nil {
			t.Fatal(err)
		}
		secret, err := cheap().Token(ctx, p, "a test")
		if err != nil {
			t.Fatal(err)
		}
		who[as] = at(t, srv)
		who[as].head["Authorization"] = "Bearer " + secret
	}
	param := regexp.MustCompile(`:[a-z]+`)
	tried, left := 0, maps.Clone(may)
	for _, route := range s.Routes() {
		want, ok := may[route]
		if !ok {
			t.Errorf("nothing here says who may use %s", route)
			continue
		}
		method, pattern, _ := strings.Cut(route, " ")
		for _, as := range order {
			asm, err := theApp.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: "Rights"})
			if err != nil {
				t.Fatal(err)
			}
			part, _, err := theApp.Store.AddPart(ctx, store.Part{ProjectID: project, Name: "Rights", SourceID: fmt.Sprintf("%064d", asm), DerivedSHA256: strings.Repeat("0", 64)})
			if err != nil {
				t.Fatal(err)
			}
			path := param.ReplaceAllStringFunc(strings.TrimSuffix(pattern, "*"), func(p string) string {
				switch p {
				case ":project":
					return fmt.Sprint(project)
				case ":asm":
					return fmt.Sprint(asm)
				case ":part":
					return fmt.Sprint(part.ID)
				}
				return "999999"
			})
			code, body := who[as].ask(method, path, nil)
			got := "in"
			switch {
			case code == 401 && strings.Contains(body, "signed out"), code == 303 && strings.HasPrefix(who[as].last.Header.Get("Location"), "/sign-in?"):
				got = "sign in first"
			case code == 303 && pattern == "/" && who[as].last.Header.Get("Location") == "/sign-in":
				got = "sign in first"
			case code == 403:
				got = "not as that"
			case code == 404 && strings.Contains(body, "not in its project"):
				got = "hidden"
			}
			wanted := "in"
			switch {
			case want == "*" || as == "!":
			case as == "nobody":
				wanted = "sign in first"
			case want == "+":
			case want == "!":
				wanted = "not as that"
			case as == "Stranger":
				wanted = "hidden"
			case !strings.Contains(want, as):
				wanted = "not as that"
			}
			if got != wanted {
				t.Errorf("%s as %s: %s (%d), want %s", route, as, got, code, wanted)
			}
			tried++
		}
		delete(left, route)
	}
	for route := range left {
		t.Errorf("there is no route %s", route)
	}
	if tried < 900 {
		t.Errorf("only %d were tried", tried)
	}
}

// TestSignIn: what is wrong is not told; tries are bounded; a session is new, is over when it is said to be, and belongs to one browser.
func TestSignIn(t *testing.T) {
	srv := team(t, web.Options{Proxied: true, Hosts: []string{"127.0.0.1"}})
	p := somebody(t, "Signe", false)
	from := func(address string) *asker {
		a := at(t, srv)
		a.head["X-Forwarded-For"] = "203.0.113.99, " + address // what came before the proxy's own word is anybody's
		return a
	}
	a := from("198.51.100.1")
	_, wrong := a.signIn("Signe", "not the password")
	code, none := a.signIn("Sigurd", "not the password")
	if code != 401 || strings.ReplaceAll(wrong, "Signe", "Sigurd") != none {
		t.Errorf("%d: a wrong password and a wrong name are told apart", code)
	}
	if len(a.jar) != 0 {
		t.Error("who is not in has a session")
	}
	for range 8 {
		a.signIn("Signe", "not the password")
	}
	if code, body := a.signIn("Signe", password); code != 429 || a.last.Header.Get("Retry-After") == "" || !strings.Contains(body, "try again in 15 minutes") {
		t.Errorf("after many tries: %d", code)
	}
	// from elsewhere the same name comes in; a session that was laid under somebody is not taken up
	b := from("198.51.100.2")
	b.jar["__Host-setfast"] = "laid-under"
	b.in("Signe")
	cookie := b.last.Header.Get("Set-Cookie")
	for _, part := range []string{"__Host-setfast=", "Path=/", "HttpOnly", "Secure", "SameSite=Lax"} {
		if !strings.Contains(cookie, part) {
			t.Errorf("the cookie is %q, without %s", cookie, part)
		}
	}
	if strings.Contains(cookie, "laid-under") || b.last.Header.Get("Strict-Transport-Security") == "" {
		t.Error("a session laid under was taken up, or nothing tells to stay with TLS")
	}
	first := b.jar["__Host-setfast"]
	b.in("Signe")
	old := from("198.51.100.2")
	old.jar["__Host-setfast"] = first
	if code, _ := old.ask("GET", "/me", nil); code != 303 || b.jar["__Host-setfast"] == first {
		t.Errorf("the session of before is still good: %d", code)
	}
	if code, _ := b.ask("GET", "/me", nil); code != 200 {
		t.Errorf("signed in: %d", code)
	}
	// a page of somebody else makes a browser sign nobody out
	b.head["Sec-Fetch-Site"] = "cross-site"
	if code, _ := b.ask("POST", "/sign-out", nil); code != 403 {
		t.Errorf("from another page: %d", code)
	}
	delete(b.head, "Sec-Fetch-Site")
	other := from("198.51.100.3").in("Signe")
	kept := other.jar["__Host-setfast"]
	other.ask("POST", "/sign-out", nil)
	other.jar["__Host-setfast"] = kept
	if code, _ := other.ask("GET", "/me", nil); code != 303 {
		t.Errorf("signed out: %d", code)
	}
	if code, _ := b.ask("GET", "/me", nil); code != 200 {
		t.Errorf("signed out elsewhere: %d", code)
	}
	other.in("Signe")
	b.ask("POST", "/sign-out/everywhere", nil)
	if code, _ := other.ask("GET", "/me", nil); code != 303 {
		t.Errorf("signed out everywhere: %d", code)
	}
	// a session ends with its time, and with the person
	other.in("Signe")
	db, err := sql.Open("mysql", bed.Database)
	if err != nil {
		t.Fatal(err)
	}
	defer db.Close()
	var plain int
	if err := db.QueryRow("SELECT COUNT(*) FROM sessions WHERE token=?", other.jar["__Host-setfast"]).Scan(&plain); err != nil || plain != 0 {
		t.Errorf("the database holds what a browser sends: %v", err)
	}
	if _, err := db.Exec("UPDATE sessions SET expiry=?", time.Now().UTC().Add(-time.Second)); err != nil {
		t.Fatal(err)
	}
	if code, _ := other.ask("GET", "/me", nil); code != 303 {
		t.Errorf("after its time: %d", code)
	}
	other.in("Signe")
	if err := theApp.Store.Bar(context.Background(), p.ID, true); err != nil {
		t.Fatal(err)
	}
	if code, _ := other.ask("GET", "/me", nil); code != 303 {
		t.Errorf("barred: %d", code)
	}
	if code, body := other.signIn("Signe", password); code != 401 || !strings.Contains(body, "No such name") {
		t.Errorf("barred, signs in: %d", code)
	}
	for next, want := range map[string]string{"/a/1": "/a/1", "//evil.example/": "/", "https://evil.example": "/", "/\\evil.example": "/", "": "/", "/p/1?x=y": "/p/1?x=y"} {
		somebodyOnce(t, "Next")
		c := from("198.51.100.4")
		c.ask("POST", "/sign-in", url.Values{"name": {"Next"}, "password": {password}, "next": {next}})
		if got := c.last.Header.Get("Location"); got != want {
			t.Errorf("next %q leads to %q", next, got)
		}
	}
}

func somebodyOnce(t *testing.T, name string) {
	t.Helper()
	if _, err := theApp.Store.PersonNamed(context.Background(), name); err != nil {
		somebody(t, name, false)
	}
}

// TestLinks: a link lets in once, within its time, whom it is for; a new password ends what the old one opened; tokens end when they are revoked.
func TestLinks(t *testing.T) {
	mails := t.TempDir()
	srv := team(t, web.Options{Mail: people.Folder{Dir: mails, From: "setfast@example.org"}})
	ctx := context.Background()
	project := firstProject(t)
	somebody(t, "Host", true)
	host := at(t, srv).in("Host")
	link := func(body string) string {
		t.Helper()
		m := regexp.MustCompile(`/join/[A-Z2-7]{26}`).FindString(body)
		if m == "" {
			t.Fatalf("no link in %s", body)
		}
		return m
	}
	_, body := host.ask("POST", fmt.Sprintf("/p/%d/invite", project), url.Values{"role": {"editor"}, "mail": {"guest@example.org"}})
	into := link(body)
	if files, _ := filepath.Glob(filepath.Join(mails, "*.eml")); len(files) != 1 || !strings.Contains(body, "It went to guest@example.org") {
		t.Errorf("mails: %v", files)
	} else if data, err := os.ReadFile(files[0]); err != nil || !strings.Contains(string(data), srv.URL+into) {
		t.Errorf("%v: the mail lacks the link: %s", err, data)
	}
	if _, body := host.ask("POST", "/people", url.Values{"name": {"Unreached"}, "mail": {"nonsense"}}); !strings.Contains(body, "The link was not sent") || !strings.Contains(body, "/join/") {
		t.Error("a mail that cannot be sent is not told, or the link is not shown")
	}
	guest := at(t, srv)
	if code, body := guest.ask("GET", into, nil); code != 200 || !strings.Contains(body, "Host invites you as editor") {
		t.Errorf("%d %s", code, body)
	}
	for _, c := range []struct{ name, password, says string }{{"HOST", password, "somebody has this name"}, {"Guest", "short", "too short"}, {"Gue/st", password, "made of"}} {
		if code, body := guest.ask("POST", into, url.Values{"name": {c.name}, "password": {c.password}}); code != 422 || !strings.Contains(body, c.says) {
			t.Errorf("%s: %d, does not say %q", c.name, code, c.says)
		}
	}
	if code, _ := guest.ask("POST", into, url.Values{"name": {"Guest"}, "password": {password}}); code != 303 || guest.last.Header.Get("Location") != fmt.Sprintf("/p/%d", project) {
		t.Errorf("joins: %d", code)
	}
	if code, _ := guest.ask("POST", fmt.Sprintf("/p/%d/assemblies", project), url.Values{"name": {"By a guest"}}); code != 303 {
		t.Errorf("an editor makes an assembly: %d", code)
	}
	for _, path := range []string{into, "/join/AAAAAAAAAAAAAAAAAAAAAAAAAA"} {
		if code, body := at(t, srv).ask("GET", path, nil); code != 422 || !strings.Contains(body, "not valid, or not any more") {
			t.Errorf("used, or never made: %d", code)
		}
	}
	// somebody who is there already comes into the project as themselves
	_, body = host.ask("POST", fmt.Sprintf("/p/%d/invite", project), url.Values{"role": {"reviewer"}})
	reviewer := somebody(t, "Known", false)
	known := at(t, srv).in("Known")
	if code, _ := known.ask("POST", link(body), url.Values{"as": {"me"}}); code != 303 {
		t.Errorf("as oneself: %d", code)
	}
	if _, role, _ := theApp.Store.RoleIn(ctx, store.OfProject, project, reviewer.ID); role != "reviewer" {
		t.Errorf("is %q there", role)
	}
	// a new password by an administrator's link
	_, body = known.ask("POST", "/me/tokens", url.Values{"name": {"a script"}})
	secret := regexp.MustCompile(people.TokenPrefix + "[A-Z2-7]{26}").FindString(body)
	script := at(t, srv)
	script.head["Authorization"] = "Bearer " + secret
	if code, _ := script.ask("GET", fmt.Sprintf("/p/%d", project), nil); code != 200 {
		t.Errorf("by a token: %d", code)
	}
	_, body = host.ask("POST", fmt.Sprintf("/people/%d", reviewer.ID), url.Values{"do": {"link"}})
	again := link(body)
	fresh := at(t, srv)
	if code, _ := fresh.ask("POST", again, url.Values{"password": {"another ridge, other vents"}}); code != 303 {
		t.Errorf("chooses again: %d", code)
	}
	if code, _ := known.ask("GET", "/me", nil); code != 303 {
		t.Errorf("who was in by the old password still is: %d", code)
	}
	if code, _ := script.ask("GET", "/", nil); code != 401 {
		t.Errorf("the token of before: %d", code)
	}
	if code, _ := at(t, srv).signIn("Known", password); code != 401 {
		t.Errorf("the old password: %d", code)
	}
	// over
	_, body = host.ask("POST", fmt.Sprintf("/people/%d", reviewer.ID), url.Values{"do": {"link"}})
	db, err := sql.Open("mysql", bed.Database)
	if err != nil {
		t.Fatal(err)
	}
	defer db.Close()
	if _, err := db.Exec("UPDATE links SET until=? WHERE used IS NULL", time.Now().UTC().Add(-time.Second)); err != nil {
		t.Fatal(err)
	}
	if code, _ := at(t, srv).ask("POST", link(body), url.Values{"password": {"one more ridge, more vents"}}); code != 422 {
		t.Errorf("after its time: %d", code)
	}
	// a token that is revoked by its owner; another's is not his to revoke
	_, body = fresh.ask("POST", "/me/tokens", url.Values{"name": {"b"}})
	script.head["Authorization"] = "Bearer " + regexp.MustCompile(people.TokenPrefix+"[A-Z2-7]{26}").FindString(body)
	id := regexp.MustCompile(`/me/tokens/(\d+)`).FindString(body)
	if code, _ := guest.ask("POST", id, nil); code != 404 {
		t.Errorf("another's token: %d", code)
	}
	if code, _ := script.ask("GET", "/", nil); code != 200 {
		t.Errorf("not revoked: %d", code)
	}
	fresh.ask("POST", id, nil)
	if code, body := script.ask("GET", "/", nil); code != 401 || !strings.Contains(body, "revoked") {
		t.Errorf("revoked: %d", code)
	}
	// the last owner and the last administrator stay
	if code, body := host.ask("POST", fmt.Sprintf("/p/%d/people", project), url.Values{"name": {"Guest"}, "role": {"owner"}}); code != 303 {
		t.Errorf("%d %s", code, body)
	}
	g, _ := theApp.Store.PersonNamed(ctx, "guest")
	if code, body := guest.ask("POST", fmt.Sprintf("/p/%d/people/%d", project, g.ID), url.Values{"role": {"reader"}}); code != 422 || !strings.Contains(body, "last owner") {
		t.Errorf("the last owner: %d", code)
	}
}

// TestQuota: nobody owns more projects than one person may.
func TestQuota(t *testing.T) {
	own := app.New(theApp.Store, nil)
	own.Limits.Projects = 2
	s, err := web.New(own, web.Options{People: cheap()})
	if err != nil {
		t.Fatal(err)
	}
	srv := httptest.NewServer(s.Handler())
	defer srv.Close()
	somebody(t, "Quentin", false)
	a := at(t, srv).in("Quentin")
	for n, want := range []int{303, 303, 422} {
		if code, body := a.ask("POST", "/projects", url.Values{"name": {fmt.Sprint("mine ", n)}}); code != want || want == 422 && !strings.Contains(body, "own 2 projects") {
			t.Errorf("project %d: %d", n+1, code)
		}
	}
}

// TestTLS: spoken here by what the options say, with a cookie that goes by TLS alone.
func TestTLS(t *testing.T) {
	s, err := web.New(theApp, web.Options{People: cheap(), TLS: &tls.Config{}})
	if err != nil {
		t.Fatal(err)
	}
	somebody(t, "Tilda", false)
	srv := httptest.NewTLSServer(s.Handler())
	defer srv.Close()
	client := srv.Client()
	client.CheckRedirect = func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse }
	r, err := client.PostForm(srv.URL+"/sign-in", url.Values{"name": {"tilda"}, "password": {password}})
	if err != nil {
		t.Fatal(err)
	}
	r.Body.Close()
	if c := r.Header.Get("Set-Cookie"); r.StatusCode != 303 || !strings.HasPrefix(c, "__Host-setfast=") || !strings.Contains(c, "Secure") {
		t.Errorf("%d %s", r.StatusCode, c)
	}
}
