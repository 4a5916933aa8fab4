package papers

import (
	"database/sql"
	"fmt"
	"net/http"
	"net/url"
	"strconv"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/people"
	"setfast/app/words"
	"setfast/store"
	"setfast/web/ask"
)

type classView struct {
	ask.Head
	Project    store.Project
	Teaches    bool
	Mine       []app.Mine       // what a student sees
	Own        []store.Assembly // of the student, that can be handed in
	Tasks      []taskView       // what those who teach see
	Assemblies []store.Assembly // to begin with, or to mark by
}

// taskView is a task with what was done on it.
type taskView struct {
	store.Task
	Works   []workView
	Handed  int
	Marking string // where what was handed in is marked; empty: nothing was, or there is no key
	KeyName string
}

type workView struct {
	store.Work
	Late bool
}

// classes adds the page of a class.
func (p *Papers) classes(e *echo.Echo) {
	e.GET("/p/:project/class", ask.On("project", p.class))
	e.POST("/p/:project/class", ask.On("project", signedIn(p.setTask)))
	e.POST("/p/:project/class/:task", p.onTask(p.changeTask))
	e.POST("/p/:project/class/:task/remark", p.onTask(p.remark))
	e.POST("/p/:project/class/:task/begin", p.onTask(p.beginTask))
	e.POST("/p/:project/class/:task/hand", p.onTask(p.handIn))
}

// onTask hands a handler the task that the path names.
func (p *Papers) onTask(h func(c *echo.Context, t store.Task) error) echo.HandlerFunc {
	return ask.On("project", signedIn(func(c *echo.Context, n int64) error {
		id, err := ask.Number(c, "task")
		if err != nil {
			return err
		}
		t, err := p.App.Store.Task(c.Request().Context(), n, id)
		if err != nil {
			return err
		}
		return h(c, t)
	}))
}

// signedIn is for servers on which people sign in: without, there are no students.
func signedIn(h func(*echo.Context, int64) error) func(*echo.Context, int64) error {
	return func(c *echo.Context, n int64) error {
		if ask.Who(c).Solo {
			return ask.Refuse("classes are for servers on which people sign in")
		}
		return h(c, n)
	}
}

// class shows what is to be done: to students what they have done, to those who teach what all have.
func (p *Papers) class(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	project, err := p.App.Store.Project(ctx, n)
	if err != nil {
		return err
	}
	v := classView{Head: ask.NewHead(c, project.Name+" · Class"), Project: project}
	v.Teaches = v.Me.May(people.Edit)
	if v.Me.Role == people.Student {
		if v.Mine, err = p.App.Mine(ctx, n, v.Me.Person); err != nil {
			return err
		}
		if v.Own, err = p.ownAssemblies(c, n); err != nil {
			return err
		}
		return c.Render(http.StatusOK, "class.html", v)
	}
	if v.Assemblies, err = p.App.Store.Assemblies(ctx, n); err != nil {
		return err
	}
	if err := p.tasks(c, &v); err != nil {
		return err
	}
	return c.Render(http.StatusOK, "class.html", v)
}

// ownAssemblies are those that a student can hand in.
func (p *Papers) ownAssemblies(c *echo.Context, class int64) (out []store.Assembly, err error) {
	ctx := c.Request().Context()
	own, err := p.App.Store.PlaceOf(ctx, class, ask.Who(c).ID)
	if err != nil {
		return nil, nil // none yet
	}
	all, err := p.App.Store.Assemblies(ctx, own)
	for _, a := range all {
		if !a.Off {
			out = append(out, a)
		}
	}
	return out, err
}

// tasks gathers what all students have done.
func (p *Papers) tasks(c *echo.Context, v *classView) error {
	ctx := c.Request().Context()
	list, err := p.App.Store.Tasks(ctx, v.Project.ID)
	if err != nil {
		return err
	}
	works, err := p.App.Store.Works(ctx, v.Project.ID, string(people.Student))
	if err != nil {
		return err
	}
	named := map[int64]string{}
	for _, a := range v.Assemblies {
		named[a.ID] = a.Name
	}
	for _, t := range list {
		x := taskView{Task: t, KeyName: named[t.Key]}
		q := url.Values{"key": {strconv.FormatInt(t.Key, 10)}}
		for _, w := range works {
			if w.Task != t.ID {
				continue
			}
			x.Works = append(x.Works, workView{w, w.At.Valid && t.Late(w.At.Time)})
			if w.Handed != 0 {
				x.Handed++
				q.Add("of", strconv.FormatInt(w.Handed, 10))
			}
		}
		if x.Handed > 0 && t.Key != 0 {
			x.Marking = fmt.Sprintf("/p/%d/marking?%s", v.Project.ID, q.Encode())
		}
		v.Tasks = append(v.Tasks, x)
	}
	return nil
}

// formTask reads a task as it was typed.
func formTask(c *echo.Context, t store.Task) (store.Task, error) {
	t.Name, t.Words = c.FormValue("name"), c.FormValue("words")
	t.Start, _ = strconv.ParseInt(c.FormValue("start"), 10, 64)
	t.Key, _ = strconv.ParseInt(c.FormValue("key"), 10, 64)
	at, ok, err := app.DueIn(c.FormValue("due"))
	t.Due = sql.NullTime{Time: at, Valid: ok}
	return t, err
}

// setTask sets a task.
func (p *Papers) setTask(c *echo.Context, n int64) error {
	t, err := formTask(c, store.Task{Project: n})
	if err == nil {
		err = p.App.SetTask(c.Request().Context(), t)
	}
	if err != nil {
		return err
	}
	return toClass(c)
}

func toClass(c *echo.Context) error {
	return c.Redirect(http.StatusSeeOther, "/p/"+c.Param("project")+"/class")
}

// changeTask closes a task or opens it again, shows marks or hides them, changes its words, or takes it away.
func (p *Papers) changeTask(c *echo.Context, t store.Task) (err error) {
	ctx := c.Request().Context()
	switch do := c.FormValue("do"); do {
	case "close", "open":
		t.Closed = do == "close"
	case "show", "hide":
		t.Shown = do == "show"
	case "drop":
		if err := p.App.Store.DropTask(ctx, t.Project, t.ID); err != nil {
			return err
		}
		return toClass(c)
	case "change":
		if t, err = formTask(c, t); err != nil {
			return err
		}
	default:
		return words.Refuse("there is nothing called %q to be done with a task", do)
	}
	if err := p.App.SetTask(ctx, t); err != nil {
		return err
	}
	return toClass(c)
}

// mostRemark is how long a remark on a work may be.
const mostRemark = 400

// remark keeps what whoever marks a work says of it.
func (p *Papers) remark(c *echo.Context, t store.Task) error {
	text, err := ask.Text(c, "the remark", "remark", mostRemark)
	if err != nil {
		return err
	}
	person, err := strconv.ParseInt(c.FormValue("person"), 10, 64)
	if err != nil {
		return ask.Refuse("whose work it is about is not said")
	}
	if err := p.App.Store.Remark(c.Request().Context(), t.ID, person, text); err != nil {
		return err
	}
	return toClass(c)
}

// beginTask opens a student's own assembly, and makes it where it is not there.
func (p *Papers) beginTask(c *echo.Context, t store.Task) error {
	id, err := p.App.BeginTask(c.Request().Context(), t, ask.Who(c).Person)
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, fmt.Sprintf("/a/%d", id))
}

// handIn takes a student's assembly in.
func (p *Papers) handIn(c *echo.Context, t store.Task) error {
	own, err := strconv.ParseInt(c.FormValue("of"), 10, 64)
	if err != nil {
		return ask.Refuse("choose the assembly that you want to hand in")
	}
	if err := p.App.HandIn(c.Request().Context(), t, ask.Who(c).Person, own); err != nil {
		return err
	}
	return toClass(c)
}
