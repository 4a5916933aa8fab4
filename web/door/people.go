package door

import (
	"errors"
	"net/http"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app/people"
	"setfast/app/words"
	"setfast/store"
	"setfast/web/ask"
)

// refusal is what is said to who asked for what cannot be.
func refusal(err error) (msg string, ok bool) {
	var r *words.Refusal
	var often *people.TooOften
	var kept *store.Refusal
	if errors.As(err, &r) || errors.As(err, &often) || errors.As(err, &kept) {
		return err.Error(), true
	}
	return "", false
}

type peopleView struct {
	ask.Head
	People []store.Person
	Link   string // that was just made, shown this once
	For    string // whom it is for
	Why    string
	Mails  bool
	Sent   string // to which address the link went
}

// list shows everybody.
func (d *Door) list(c *echo.Context) error { return d.showPeople(c, http.StatusOK, peopleView{}) }

func (d *Door) showPeople(c *echo.Context, code int, v peopleView) (err error) {
	v.Head, v.Mails = ask.NewHead(c, "People"), d.mail != nil
	if v.People, err = d.app.Store.People(c.Request().Context()); err != nil {
		return err
	}
	return c.Render(code, "people.html", v)
}

// told shows the people again with a link that was made, or with why it was not.
func (d *Door) told(c *echo.Context, who, secret string, err error) error {
	if msg, ok := refusal(err); ok {
		return d.showPeople(c, http.StatusUnprocessableEntity, peopleView{Why: msg})
	}
	if err != nil {
		return err
	}
	v := peopleView{Link: d.full(c, secret), For: who}
	v.Sent, v.Why = d.send(c, v.Link, "")
	return d.showPeople(c, http.StatusOK, v)
}

// send sends a link where an address is given and that can be done; it tells where to, or why not. The link is shown all the same.
func (d *Door) send(c *echo.Context, link, project string) (sent, why string) {
	to := strings.TrimSpace(c.FormValue("mail"))
	if to == "" || d.mail == nil {
		return "", ""
	}
	what := "Setfast"
	if project != "" {
		what = project
	}
	text := ask.Who(c).Name + " lets you into " + what + ". This link does so once; follow it within its time and choose a password:\n\n" + link + "\n"
	if err := d.mail.Send(to, what+": a link to come in", text); err != nil {
		return "", "The link was not sent: " + err.Error()
	}
	return to, ""
}

// full is a link as it is sent to somebody.
func (d *Door) full(c *echo.Context, secret string) string {
	scheme := "http://"
	if d.sessions.Cookie.Secure {
		scheme = "https://"
	}
	return scheme + c.Request().Host + "/join/" + secret
}

// add makes somebody who comes by a link.
func (d *Door) add(c *echo.Context) error {
	name := c.FormValue("name")
	secret, err := d.people.Add(c.Request().Context(), ask.Who(c).Name, name, c.FormValue("chief") != "")
	return d.told(c, name, secret, err)
}

// change makes a link for another password, bars somebody or lets them in again, makes them an administrator or no longer.
func (d *Door) change(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	p, err := d.app.Store.Person(ctx, n)
	if err != nil {
		return err
	}
	switch do := c.FormValue("do"); do {
	case "link":
		secret, err := d.people.Renew(ctx, ask.Who(c).Name, n)
		return d.told(c, p.Name, secret, err)
	case "bar", "let":
		err = d.app.Store.Bar(ctx, n, do == "bar")
	case "chief", "no-chief":
		err = d.app.Store.SetChief(ctx, n, do == "chief")
	case "out":
		err = d.app.Store.SignOut(ctx, n)
	default:
		err = words.Refuse("there is nothing called %q to be done with somebody", do)
	}
	if err != nil {
		return d.told(c, "", "", err)
	}
	return c.Redirect(http.StatusSeeOther, "/people")
}
