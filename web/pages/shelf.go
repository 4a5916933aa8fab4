package pages

import (
	"context"
	"errors"
	"net/http"
	"strconv"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/people"
	"setfast/store"
	"setfast/web/ask"
)

// mostChanges are told of a project.
const mostChanges = 8

func (p *Pages) shelf(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	project, err := p.App.Store.Project(ctx, n)
	if err != nil {
		return err
	}
	parts, offParts, err := p.PartViews(ctx, project)
	if err != nil {
		return err
	}
	all, err := p.App.Store.Assemblies(ctx, n)
	if err != nil {
		return err
	}
	var as []asmView
	only := 0
	var offAs []store.Assembly
	soon, cancel := context.WithTimeout(ctx, 3*time.Second)
	defer cancel()
	for _, a := range all {
		if a.Off {
			offAs = append(offAs, a)
			continue
		}
		if a.Verdict == "" { // not known yet: taken now, if that does not take long
			if j, err := p.App.Judge(soon, a.ID); err == nil {
				a.Verdict = string(j.Verdict())
			}
		}
		placed, err := p.App.Placed(ctx, a)
		if err != nil {
			return err
		}
		if placed {
			only++
		}
		as = append(as, asmView{a, placed})
	}
	changes, err := p.App.Store.Changes(ctx, n, mostChanges)
	if err != nil {
		return err
	}
	others, err := p.elsewhere(ctx, ask.Who(c).Person, n)
	if err != nil {
		return err
	}
	class, name, err := p.App.Store.ClassOf(ctx, n)
	if err != nil && !errors.Is(err, store.ErrNotFound) {
		return err
	}
	return c.Render(http.StatusOK, "shelf.html", shelfView{ask.NewHead(c, project.Name+" · Shelf"), project, folders(parts), len(parts), as, only, changes, others, offParts, offAs, class, name})
}

// asmView is an assembly on the Shelf.
type asmView struct {
	store.Assembly
	Placed bool // it came with placements, and nothing relates its parts
}

// tag is a verdict as it is shown; with an assembly it is asked for once more, with clashes taken into it.
type tag struct {
	Verdict string
	ID      int64
}

// Tag is the assembly's verdict.
func (v asmView) Tag() tag {
	if v.Placed || !app.Clashable(v.Verdict) {
		return tag{v.Verdict, 0}
	}
	return tag{v.Verdict, v.ID}
}

// verdict answers with an assembly's verdict, clashes taken into it; where these cannot be told the account's stands.
func (p *Pages) verdict(c *echo.Context, n int64) error {
	v, err := p.App.Verdict(c.Request().Context(), n)
	if v == "" {
		return err
	}
	return c.Render(http.StatusOK, "verdict", tag{string(v), 0})
}

// accountAll accounts for all assemblies that are placed only.
func (p *Pages) accountAll(c *echo.Context, n int64) error {
	if _, err := p.App.AccountAll(c.Request().Context(), n, ask.Who(c).Name); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+strconv.FormatInt(n, 10))
}

// elsewhere is another project with what can be brought over from it.
type elsewhere struct {
	Project string
	List    []store.Elsewhere
}

// elsewhere lists what other projects have that somebody may look at.
func (p *Pages) elsewhere(ctx context.Context, who store.Person, project int64) (out []elsewhere, err error) {
	list, err := p.App.Store.Elsewhere(ctx, project)
	if err != nil {
		return nil, err
	}
	roleIn, err := people.RolesOf(ctx, p.App.Store, who)
	if err != nil {
		return nil, err
	}
	for _, x := range list {
		if !roleIn(x.ProjectID).May(people.Look) {
			continue
		}
		if n := len(out); n == 0 || out[n-1].Project != x.Project {
			out = append(out, elsewhere{Project: x.Project})
		}
		last := &out[len(out)-1]
		last.List = append(last.List, x)
	}
	return out, err
}

// bring copies an assembly or a part of another project.
func (p *Pages) bring(c *echo.Context, n int64) error {
	what := c.FormValue("what")
	id, isPart, err := app.KeyID(what)
	if err != nil {
		return ask.Refuse(err.Error())
	}
	of := store.OfAssembly
	if isPart {
		of = store.OfPart
	}
	_, role, err := people.RoleIn(c.Request().Context(), p.App.Store, ask.Who(c).Person, of, id)
	if err != nil {
		return err
	}
	if !role.May(people.Look) {
		return ask.Refuse("what was chosen is not there, or you are not in its project")
	}
	if _, err := p.App.BringOver(c.Request().Context(), n, what); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+strconv.FormatInt(n, 10))
}

// save gives the whole project as a zip bundle: one document, and the files its parts come from.
func (p *Pages) save(c *echo.Context, n int64) error {
	s, err := p.App.SaveProject(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return ask.Bundle(c, p.App.Store, s)
}

// takeOff takes a part or an assembly off the Shelf; logs still find it, and it can be put back.
func (p *Pages) takeOff(key func(int64) string) func(*echo.Context, int64) error {
	return func(c *echo.Context, n int64) error {
		if err := p.App.Store.TakeOff(c.Request().Context(), key(n)); err != nil {
			return err
		}
		return c.NoContent(http.StatusOK)
	}
}

// putBack puts it on the Shelf again.
func (p *Pages) putBack(key func(int64) string) func(*echo.Context, int64) error {
	return func(c *echo.Context, n int64) error {
		if err := p.App.Store.PutBack(c.Request().Context(), key(n)); err != nil {
			return err
		}
		return c.NoContent(http.StatusOK)
	}
}

// throwAway deletes for good what no log refers to.
func (p *Pages) throwAway(key func(int64) string) func(*echo.Context, int64) error {
	return func(c *echo.Context, n int64) error {
		if err := p.App.Store.ThrowAway(c.Request().Context(), key(n)); err != nil {
			return err
		}
		return c.NoContent(http.StatusOK)
	}
}

func (p *Pages) createAssembly(c *echo.Context, n int64) error {
	a, err := p.App.StartAssembly(c.Request().Context(), n, c.FormValue("name"), c.FormValue("number"))
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/a/"+strconv.FormatInt(a, 10))
}
