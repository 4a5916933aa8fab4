package door

import (
	"errors"
	"fmt"
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/app/people"
	"setfast/app/words"
	"setfast/store"
	"setfast/web/ask"
)

type membersView struct {
	ask.Head
	Project store.Project
	Members []memberView
	Link    string // that was just made, shown this once
	As      people.Role
	Why     string
	Mails   bool
	Sent    string
	Hooks   []store.Hook
	HooksTo []string
	Secret  string // of a hook that was just made, shown this once
}

type memberView struct {
	store.Member
	Role people.Role
}

// members shows who is in a project.
func (d *Door) members(c *echo.Context, n int64) error {
	return d.showMembers(c, n, http.StatusOK, membersView{})
}

func (d *Door) showMembers(c *echo.Context, n int64, code int, v membersView) (err error) {
	ctx := c.Request().Context()
	if v.Project, err = d.app.Store.Project(ctx, n); err != nil {
		return err
	}
	list, err := d.app.Store.Members(ctx, n)
	if err != nil {
		return err
	}
	for _, m := range list {
		v.Members = append(v.Members, memberView{m, people.Role(m.Role)})
	}
	if v.Hooks, err = d.app.Store.Hooks(ctx, n); err != nil {
		return err
	}
	v.HooksTo, v.Mails = d.app.HooksTo, d.mail != nil
	v.Head = ask.NewHead(c, v.Project.Name+" · People")
	return c.Render(code, "members.html", v)
}

// addMember takes somebody who is on the server into a project.
func (d *Door) addMember(c *echo.Context, n int64) error {
	role, err := people.RoleOf(c.FormValue("role"))
	if err != nil {
		return err
	}
	name := c.FormValue("name")
	p, err := d.app.Store.PersonNamed(c.Request().Context(), name)
	if errors.Is(err, store.ErrNotFound) {
		err = words.Refuse("there is nobody called %q here; make a link instead, and send it to them", name)
	}
	if err == nil {
		err = d.app.Store.SetRole(c.Request().Context(), n, p.ID, string(role), string(people.Owner))
	}
	return d.then(c, n, err)
}

// changeMember changes what somebody is in a project, or takes them out of it.
func (d *Door) changeMember(c *echo.Context, n int64) error {
	person, err := ask.Number(c, "person")
	if err != nil {
		return err
	}
	role := people.None
	if c.FormValue("out") == "" {
		if role, err = people.RoleOf(c.FormValue("role")); err != nil {
			return err
		}
	}
	return d.then(c, n, d.app.Store.SetRole(c.Request().Context(), n, person, string(role), string(people.Owner)))
}

// then shows who is in a project after it was changed, or why it was not.
func (d *Door) then(c *echo.Context, n int64, err error) error {
	if msg, ok := refusal(err); ok {
		return d.showMembers(c, n, http.StatusUnprocessableEntity, membersView{Why: msg})
	}
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, fmt.Sprintf("/p/%d/people", n))
}

// invite makes a link into a project.
func (d *Door) invite(c *echo.Context, n int64) error {
	role, err := people.RoleOf(c.FormValue("role"))
	if err != nil {
		return err
	}
	secret, err := d.people.Invite(c.Request().Context(), ask.Who(c).Name, n, role)
	if err != nil {
		return err
	}
	p, err := d.app.Store.Project(c.Request().Context(), n)
	if err != nil {
		return err
	}
	v := membersView{Link: d.full(c, secret), As: role}
	v.Sent, v.Why = d.send(c, v.Link, p.Name)
	return d.showMembers(c, n, http.StatusOK, v)
}

// addHook lets an address be told of verdicts.
func (d *Door) addHook(c *echo.Context, n int64) error {
	h, err := d.app.AddHook(c.Request().Context(), n, c.FormValue("url"), ask.Who(c).Name)
	if err != nil {
		return d.then(c, n, err)
	}
	return d.showMembers(c, n, http.StatusOK, membersView{Secret: h.Secret})
}

// dropHook tells an address no more.
func (d *Door) dropHook(c *echo.Context, n int64) error {
	id, err := ask.Number(c, "hook")
	if err == nil {
		err = d.app.Store.DropHook(c.Request().Context(), n, id)
	}
	return d.then(c, n, err)
}
