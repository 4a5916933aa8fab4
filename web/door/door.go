// Package door asks who comes: sign-in, links and tokens, the people of the server and of a project; and it lets each route be used by those alone who may.
package door

import (
	"context"
	"errors"
	"fmt"
	"net"
	"net/http"
	"net/url"
	"strings"
	"time"

	"github.com/alexedwards/scs/v2"
	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/people"
	"setfast/store"
	"setfast/web/ask"
)

// Door stands before all routes. It may be used by many requests at once.
type Door struct {
	app      *app.App
	people   *people.Door
	sessions *scs.SessionManager
	solo     bool
	proxied  bool
	mail     people.Mail // nil: links are handed on by those who make them
}

// sessionTime is how long a browser stays signed in.
const sessionTime = 14 * 24 * time.Hour

// What a session holds.
const (
	sessionPerson = "person"
	sessionEra    = "era"
)

// Options say how people come.
type Options struct {
	Solo    bool // without sign-in
	Secure  bool // by TLS, here or before a proxy
	Proxied bool // by a proxy on this machine, which tells from where
	Mail    people.Mail
}

// New makes a door; its people come in by d.
func New(a *app.App, d *people.Door, o Options) *Door {
	m := scs.New()
	m.Store = store.Sessions{Store: a.Store}
	m.HashTokenInStore = true
	m.Lifetime = sessionTime
	m.Cookie.Name = "setfast"
	if o.Secure { // a browser takes a cookie of this name from this very server alone, and by TLS
		m.Cookie.Name, m.Cookie.Secure = "__Host-setfast", true
	}
	m.Cookie.HttpOnly, m.Cookie.SameSite, m.Cookie.Path = true, http.SameSiteLaxMode, "/"
	return &Door{app: a, people: d, sessions: m, solo: o.Solo, proxied: o.Proxied, mail: o.Mail}
}

// Unlisted are routes of which nothing says what they need.
func Unlisted(routes echo.Routes) (out []string) {
	for _, r := range routes {
		if _, ok := rights[r.Method+" "+r.Path]; !ok {
			out = append(out, r.Method+" "+r.Path)
		}
	}
	return out
}

// Refused is why somebody may not do something.
type Refused struct {
	Code int
	Msg  string
}

func (e *Refused) Error() string { return e.Msg }

// hidden is said of what is not there as of what somebody may not see: neither is told from the other.
var hidden = &Refused{http.StatusNotFound, "this is not here, or you are not in its project; its owner can let you in"}

// Ask finds who comes and lets them pass, or says why not.
func (d *Door) Ask(next echo.HandlerFunc) echo.HandlerFunc {
	return func(c *echo.Context) error {
		route := c.RouteInfo()
		if route.Path == "" { // there is no such page, for anybody
			if d.solo {
				ask.SetMe(c, ask.OneForAll)
			}
			return next(c)
		}
		n, ok := rights[route.Method+" "+route.Path]
		if !ok {
			return fmt.Errorf("nothing says what %s %s needs", route.Method, route.Path)
		}
		if d.solo {
			ask.SetMe(c, ask.OneForAll)
			return next(c)
		}
		if strings.HasPrefix(route.Path, "/static") || route.Path == "/healthz" || route.Path == "/metrics" {
			return next(c)
		}
		me, err := d.who(c)
		if err != nil {
			return err
		}
		ask.SetMe(c, me)
		switch {
		case n.open:
			return next(c)
		case me.ID == 0:
			return d.signInFirst(c)
		case n.chief && !me.Chief:
			return &Refused{http.StatusForbidden, "this is for administrators of this server"}
		case n.right == 0:
			return next(c)
		}
		project, err := d.roleIn(c, &me)
		if err != nil {
			return err
		}
		ask.SetMe(c, me)
		if !me.May(n.right) {
			return d.lacks(c, project, me.Role, n.right)
		}
		return next(c)
	}
}

// who finds who comes by the token that a program sends, or by the session of a browser.
func (d *Door) who(c *echo.Context) (me ask.Me, err error) {
	ctx := c.Request().Context()
	if secret, ok := strings.CutPrefix(c.Request().Header.Get("Authorization"), "Bearer "); ok {
		me.Person, err = d.people.Bearer(ctx, strings.TrimSpace(secret))
		if errors.Is(err, store.ErrNotFound) {
			err = &Refused{http.StatusUnauthorized, "this token is not valid, or was revoked"}
		}
		return me, err
	}
	id, era, err := d.session(c)
	if err != nil || id == 0 {
		return me, err
	}
	me.Person, err = d.app.Store.Person(ctx, id)
	if errors.Is(err, store.ErrNotFound) || err == nil && (me.Barred || me.Era != era) {
		return ask.Me{}, nil
	}
	return me, err
}

// session reads who a browser is signed in as.
func (d *Door) session(c *echo.Context) (id int64, era int, err error) {
	cookie, err := c.Cookie(d.sessions.Cookie.Name)
	if err != nil {
		return 0, 0, nil
	}
	ctx, err := d.sessions.Load(c.Request().Context(), cookie.Value)
	if err != nil {
		return 0, 0, err
	}
	return d.sessions.GetInt64(ctx, sessionPerson), d.sessions.GetInt(ctx, sessionEra), nil
}

// roleIn finds what somebody is in the project that the path leads into.
func (d *Door) roleIn(c *echo.Context, me *ask.Me) (project int64, err error) {
	for _, x := range [...]struct{ param, of string }{{"project", store.OfProject}, {"asm", store.OfAssembly}, {"part", store.OfPart}} {
		if c.Param(x.param) == "" {
			continue
		}
		id, err := ask.Number(c, x.param)
		if err != nil {
			return 0, hidden
		}
		project, me.Role, err = people.RoleIn(c.Request().Context(), d.app.Store, me.Person, x.of, id)
		if err == nil && me.Role == people.None {
			err = hidden
		}
		return project, err // what else the path names is looked for in there
	}
	return 0, errors.New("a route that needs a role names no project")
}

// lacks says what is missing, and who can give it.
func (d *Door) lacks(c *echo.Context, project int64, role people.Role, right people.Right) error {
	list, err := d.app.Store.Members(c.Request().Context(), project)
	if err != nil {
		return err
	}
	var owners []string
	for _, m := range list {
		if m.Role == string(people.Owner) && len(owners) < 3 {
			owners = append(owners, m.Name)
		}
	}
	return &Refused{http.StatusForbidden, role.Lacks(right, owners)}
}

// signInFirst sends a browser to sign in, and tells all else to.
func (d *Door) signInFirst(c *echo.Context) error {
	r := c.Request()
	if any, err := d.app.Store.AnyPerson(r.Context()); err != nil {
		return err
	} else if !any {
		return &Refused{http.StatusServiceUnavailable, "nobody can sign in here yet: whoever runs this server makes its owner with: setfast people --owner NAME"}
	}
	if r.Method != http.MethodGet || strings.Contains(r.Header.Get("Accept"), "application/json") || strings.HasPrefix(r.URL.Path, "/api/") || r.Header.Get("Authorization") != "" || r.Header.Get("HX-Request") != "" {
		c.Response().Header().Set("WWW-Authenticate", `Bearer realm="Setfast"`)
		return &Refused{http.StatusUnauthorized, "you are signed out; sign in, in another window if you like, and try again"}
	}
	to := "/sign-in"
	if r.URL.RequestURI() != "/" {
		to += "?next=" + url.QueryEscape(r.URL.RequestURI())
	}
	return c.Redirect(http.StatusSeeOther, to)
}

// within keeps to addresses of this server.
func within(next string) string {
	u, err := url.Parse(next)
	if err != nil || u.IsAbs() || u.Host != "" || !strings.HasPrefix(next, "/") || strings.HasPrefix(next, "//") || strings.ContainsAny(next, "\\\r\n\t") {
		return "/"
	}
	return next
}

// address is from where somebody comes: of IPv6 the network that one household has. A proxy on this machine tells it.
func (d *Door) address(r *http.Request) string {
	host, _, err := net.SplitHostPort(r.RemoteAddr)
	if err != nil {
		host = r.RemoteAddr
	}
	ip := net.ParseIP(host)
	if list := r.Header.Values("X-Forwarded-For"); d.proxied && ip != nil && ip.IsLoopback() && len(list) > 0 {
		all := strings.Split(list[len(list)-1], ",")
		if told := net.ParseIP(strings.TrimSpace(all[len(all)-1])); told != nil {
			ip = told
		}
	}
	if ip != nil && ip.To4() == nil {
		return ip.Mask(net.CIDRMask(64, 128)).String()
	}
	if ip != nil {
		return ip.String()
	}
	return host
}

// let signs a browser in: in a session that did not exist before.
func (d *Door) let(c *echo.Context, p store.Person) error {
	ctx := c.Request().Context()
	token := ""
	if cookie, err := c.Cookie(d.sessions.Cookie.Name); err == nil {
		token = cookie.Value
	}
	ctx, err := d.sessions.Load(ctx, token)
	if err == nil {
		err = d.sessions.Clear(ctx)
	}
	if err == nil {
		err = d.sessions.RenewToken(ctx)
	}
	if err != nil {
		return err
	}
	d.sessions.Put(ctx, sessionPerson, p.ID)
	d.sessions.Put(ctx, sessionEra, p.Era)
	token, expiry, err := d.sessions.Commit(ctx)
	if err != nil {
		return err
	}
	d.sessions.WriteSessionCookie(ctx, c.Response(), token, expiry)
	return nil
}

// out ends the session of a browser.
func (d *Door) out(c *echo.Context) error {
	ctx := c.Request().Context()
	cookie, err := c.Cookie(d.sessions.Cookie.Name)
	if err != nil {
		return nil
	}
	if ctx, err = d.sessions.Load(ctx, cookie.Value); err == nil {
		err = d.sessions.Destroy(ctx)
	}
	d.sessions.WriteSessionCookie(context.WithoutCancel(c.Request().Context()), c.Response(), "", time.Time{})
	return err
}
