package door

import (
	"errors"
	"net/http"
	"strconv"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/app/people"
	"setfast/store"
	"setfast/web/ask"
)

// Routes adds the pages of people to a router.
func (d *Door) Routes(e *echo.Echo) {
	e.GET("/sign-in", d.signInForm)
	e.POST("/sign-in", d.team(d.signIn))
	e.POST("/sign-out", d.team(d.signOut))
	e.POST("/sign-out/everywhere", d.team(d.signOutEverywhere))
	e.GET("/join/:link", d.team(d.joinForm))
	e.POST("/join/:link", d.team(d.join))
	e.GET("/me", d.team(d.account))
	e.POST("/me/password", d.team(d.changePassword))
	e.POST("/me/tokens", d.team(d.makeToken))
	e.POST("/me/tokens/:token", d.team(ask.On("token", d.revoke)))
	e.GET("/people", d.team(d.list))
	e.POST("/people", d.team(d.add))
	e.POST("/people/:person", d.team(ask.On("person", d.change)))
	e.GET("/p/:project/people", ask.On("project", d.members))
	e.POST("/p/:project/people", d.team(ask.On("project", d.addMember)))
	e.POST("/p/:project/people/:person", d.team(ask.On("project", d.changeMember)))
	e.POST("/p/:project/invite", d.team(ask.On("project", d.invite)))
	e.POST("/p/:project/hooks", ask.On("project", d.addHook))
	e.POST("/p/:project/hooks/:hook", ask.On("project", d.dropHook))
}

// team is for servers on which people sign in.
func (d *Door) team(h echo.HandlerFunc) echo.HandlerFunc {
	return func(c *echo.Context) error {
		if d.solo {
			return &Refused{http.StatusNotFound, "nobody signs in here: this Setfast was started with --solo, for whoever sits at this machine"}
		}
		return h(c)
	}
}

type signInView struct {
	ask.Head
	Name, Next, Why string
}

func (d *Door) signInForm(c *echo.Context) error {
	if ask.Who(c).ID != 0 || d.solo {
		return c.Redirect(http.StatusSeeOther, within(c.QueryParam("next")))
	}
	return c.Render(http.StatusOK, "signin.html", signInView{Head: ask.NewHead(c, "Sign in"), Next: within(c.QueryParam("next"))})
}

func (d *Door) signIn(c *echo.Context) error {
	v := signInView{Head: ask.NewHead(c, "Sign in"), Name: c.FormValue("name"), Next: within(c.FormValue("next"))}
	p, err := d.people.Enter(c.Request().Context(), v.Name, c.FormValue("password"), d.address(c.Request()))
	var often *people.TooOften
	switch {
	case errors.As(err, &often):
		c.Response().Header().Set("Retry-After", strconv.Itoa(max(1, int(time.Until(often.Until).Seconds()))))
		v.Why = often.Error()
		return c.Render(http.StatusTooManyRequests, "signin.html", v)
	case errors.Is(err, people.ErrWrong):
		v.Why = err.Error()
		return c.Render(http.StatusUnauthorized, "signin.html", v)
	case err != nil:
		return err
	}
	if err := d.let(c, p); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, v.Next)
}

func (d *Door) signOut(c *echo.Context) error {
	if err := d.out(c); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/sign-in")
}

func (d *Door) signOutEverywhere(c *echo.Context) error {
	if err := d.app.Store.SignOut(c.Request().Context(), ask.Who(c).ID); err != nil {
		return err
	}
	return d.signOut(c)
}

type joinView struct {
	ask.Head
	Found people.Found
	Link  string
	Name  string
	Why   string
}

// joinForm shows what a link leads to.
func (d *Door) joinForm(c *echo.Context) error {
	v := joinView{Head: ask.NewHead(c, "Join"), Link: c.Param("link")}
	var err error
	if v.Found, err = d.people.Follow(c.Request().Context(), v.Link); err != nil {
		return err
	}
	return c.Render(http.StatusOK, "join.html", v)
}

// join uses a link, and signs in who came by it.
func (d *Door) join(c *echo.Context) error {
	ctx := c.Request().Context()
	v := joinView{Head: ask.NewHead(c, "Join"), Link: c.Param("link"), Name: c.FormValue("name")}
	var err error
	if v.Found, err = d.people.Follow(ctx, v.Link); err != nil {
		return err
	}
	to := "/"
	if v.Found.Link.Project != 0 {
		to = "/p/" + strconv.FormatInt(v.Found.Link.Project, 10)
		if v.Found.Role == string(people.Student) {
			to += "/class"
		}
	}
	if me := ask.Who(c); me.ID != 0 && c.FormValue("as") == "me" {
		if err := d.people.Accept(ctx, v.Link, me.Person); err != nil {
			return err
		}
		return c.Redirect(http.StatusSeeOther, to)
	}
	p, err := d.people.Join(ctx, v.Link, v.Name, c.FormValue("password"))
	if msg, ok := refusal(err); ok {
		v.Why = msg
		return c.Render(http.StatusUnprocessableEntity, "join.html", v)
	}
	if err != nil {
		return err
	}
	if err := d.let(c, p); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, to)
}

type accountView struct {
	ask.Head
	Tokens []store.Token
	Fresh  string // a token that was just made, shown this once
	Why    string
}

// account is what somebody can change about themselves.
func (d *Door) account(c *echo.Context) error { return d.showAccount(c, http.StatusOK, accountView{}) }

func (d *Door) showAccount(c *echo.Context, code int, v accountView) (err error) {
	v.Head = ask.NewHead(c, "You")
	if v.Tokens, err = d.app.Store.Tokens(c.Request().Context(), v.Me.ID); err != nil {
		return err
	}
	return c.Render(code, "me.html", v)
}

func (d *Door) changePassword(c *echo.Context) error {
	ctx := c.Request().Context()
	me := ask.Who(c).Person
	err := d.people.Change(ctx, me, c.FormValue("old"), c.FormValue("password"), d.address(c.Request()))
	if msg, ok := refusal(err); ok {
		return d.showAccount(c, http.StatusUnprocessableEntity, accountView{Why: msg})
	}
	if err != nil {
		return err
	}
	if me, err = d.app.Store.Person(ctx, me.ID); err != nil {
		return err
	}
	if err := d.let(c, me); err != nil { // here they stay signed in, elsewhere not
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/me")
}

func (d *Door) makeToken(c *echo.Context) error {
	secret, err := d.people.Token(c.Request().Context(), ask.Who(c).Person, c.FormValue("name"))
	if msg, ok := refusal(err); ok {
		return d.showAccount(c, http.StatusUnprocessableEntity, accountView{Why: msg})
	}
	if err != nil {
		return err
	}
	return d.showAccount(c, http.StatusOK, accountView{Fresh: secret})
}

func (d *Door) revoke(c *echo.Context, n int64) error {
	if err := d.app.Store.Revoke(c.Request().Context(), ask.Who(c).ID, n); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/me")
}
