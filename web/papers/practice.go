package papers

import (
	"fmt"
	"net/http"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/store"
	"setfast/web/ask"
)

type practiceView struct {
	ask.Head
	Project    store.Project
	Exercises  []app.Exercise
	Assemblies []store.Assembly
	Done       int
}

// practices adds the pages of exercises.
func (p *Papers) practices(e *echo.Echo) {
	e.POST("/practice", p.startPractice)
	e.GET("/p/:project/practice", ask.On("project", p.practice))
	e.POST("/p/:project/practice", ask.On("project", p.makeExercise))
	e.POST("/a/:asm/practice/try", ask.On("asm", p.try))
	e.POST("/a/:asm/practice/hint", ask.On("asm", p.hint))
}

// startPractice opens the project of exercises, and makes it where it is not there.
func (p *Papers) startPractice(c *echo.Context) error {
	if p.Exercises == nil {
		return ask.Refuse("no exercises come with this server")
	}
	id, err := p.Exercises(c.Request().Context(), ask.Who(c).Person)
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, fmt.Sprintf("/p/%d/practice", id))
}

// practice lists the exercises of a project.
func (p *Papers) practice(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	project, err := p.App.Store.Project(ctx, n)
	if err != nil {
		return err
	}
	v := practiceView{Head: ask.NewHead(c, project.Name+" · Practice"), Project: project}
	if v.Exercises, err = p.App.Exercises(ctx, n); err != nil {
		return err
	}
	is := map[int64]bool{}
	for _, x := range v.Exercises {
		is[x.Assembly] = true
		if x.Done {
			v.Done++
		}
	}
	all, err := p.App.Store.Assemblies(ctx, n)
	if err != nil {
		return err
	}
	for _, a := range all {
		if !a.Off && !is[a.ID] {
			v.Assemblies = append(v.Assemblies, a)
		}
	}
	return c.Render(http.StatusOK, "practice.html", v)
}

// makeExercise makes one of an assembly by leaving something out.
func (p *Papers) makeExercise(c *echo.Context, n int64) error {
	of, err := seqOf(c.FormValue("of"))
	if err != nil {
		return ask.Refuse("choose the assembly that the exercise is made of")
	}
	split := func(field, sep string) (out []string) {
		for _, s := range strings.Split(c.FormValue(field), sep) {
			if s = strings.TrimSpace(s); s != "" {
				out = append(out, s)
			}
		}
		return out
	}
	row, err := p.App.Store.Assembly(c.Request().Context(), of)
	if err != nil {
		return err
	}
	if row.ProjectID != n {
		return ask.Refuse(row.Name + " belongs to another project")
	}
	without := split("without", ",")
	if len(without) == 0 {
		return ask.Refuse("say what is left out: relations, joints or parts, with commas")
	}
	if _, err := p.App.MakeExercise(c.Request().Context(), of, c.FormValue("name"), without, app.Exercise{Task: c.FormValue("task"), Hints: split("hints", "\n")}); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+c.Param("project")+"/practice")
}

func (p *Papers) try(c *echo.Context, n int64) error {
	if err := p.App.TryExercise(c.Request().Context(), n, c.FormValue("answer")); err != nil {
		return err
	}
	return p.toPractice(c, n)
}

func (p *Papers) hint(c *echo.Context, n int64) error {
	if err := p.App.Hint(c.Request().Context(), n); err != nil {
		return err
	}
	return p.toPractice(c, n)
}

func (p *Papers) toPractice(c *echo.Context, n int64) error {
	row, err := p.App.Store.Assembly(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, fmt.Sprintf("/p/%d/practice#x%d", row.ProjectID, n))
}
