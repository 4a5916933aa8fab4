// Package pages serves the projects and the Shelf: what stands ready to be placed, and the files that come in.
package pages

import (
	"net/http"
	"strconv"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/people"
	"setfast/app/words"
	"setfast/core/list"
	"setfast/store"
	"setfast/web/ask"
)

// Pages serves the projects and the Shelf.
type Pages struct{ App *app.App }

// Routes adds the pages to a router.
func (p *Pages) Routes(e *echo.Echo) {
	e.GET("/", p.projects)
	e.POST("/projects", p.createProject)
	e.GET("/p/:project", ask.On("project", p.shelf))
	e.POST("/p/:project/archive", ask.On("project", p.archive))
	e.POST("/p/:project/delete", ask.On("project", p.deleteProject))
	e.POST("/p/:project/unit", ask.On("project", p.setUnit))
	e.POST("/p/:project/pattern", ask.On("project", p.setPattern))
	e.POST("/parts/:part/number", ask.On("part", p.number))
	e.POST("/p/:project/name", ask.On("project", p.renameProject))
	e.POST("/p/:project/account", ask.On("project", p.accountAll))
	e.POST("/p/:project/bring", ask.On("project", p.bring))
	e.GET("/a/:asm/verdict", ask.On("asm", p.verdict))
	e.GET("/p/:project/save", ask.On("project", p.save))
	e.POST("/p/:project/imports", ask.On("project", p.stage))
	e.GET("/p/:project/imports", ask.On("project", p.unfinished))
	e.GET("/p/:project/imports/:batch", ask.On("project", p.progress))
	e.DELETE("/p/:project/imports/file/:file", ask.On("project", p.cancelImport))
	e.GET("/p/:project/parts", ask.On("project", p.partList))
	e.POST("/parts/:part", ask.On("part", p.updatePart))
	e.DELETE("/parts/:part", ask.On("part", p.takeOff(app.PartKey)))
	e.POST("/parts/:part/back", ask.On("part", p.putBack(app.PartKey)))
	e.DELETE("/parts/:part/good", ask.On("part", p.throwAway(app.PartKey)))
	e.POST("/p/:project/assemblies", ask.On("project", p.createAssembly))
	e.DELETE("/a/:asm", ask.On("asm", p.takeOff(app.AssemblyKey)))
	e.POST("/a/:asm/back", ask.On("asm", p.putBack(app.AssemblyKey)))
	e.DELETE("/a/:asm/good", ask.On("asm", p.throwAway(app.AssemblyKey)))
	e.GET("/shape/:sha", p.shape)
	e.GET("/preview/:sha", p.preview)
}

// What the pages show.
type (
	projectsView struct {
		ask.Head
		Find     string
		Projects []projectView
		Archived []projectView
	}
	projectView struct {
		store.Project
		Said    []verdictCount
		Student bool // sees the class alone
	}
	verdictCount struct {
		Verdict string
		N       int
	}
	shelfView struct {
		ask.Head
		Project       store.Project
		Folders       []folder
		Count         int
		Assemblies    []asmView
		Placed        int // how many of them are placed only
		Changes       []store.Change
		Elsewhere     []elsewhere
		OffParts      []store.Part
		OffAssemblies []store.Assembly
		Class         int64 // that it is a student's place of
		ClassName     string
	}
	partsView struct{ Folders []folder }
)

// worstFirst is the order in which verdicts are counted.
var worstFirst = []string{"at odds", "blocked", "incomplete", "loose", "moves as planned", "set", ""}

// projects lists the projects whose name, or that of whose verdicts, holds what is looked for.
func (p *Pages) projects(c *echo.Context) error {
	ps, err := p.App.Store.Projects(c.Request().Context())
	if err != nil {
		return err
	}
	roleIn, err := people.RolesOf(c.Request().Context(), p.App.Store, ask.Who(c).Person)
	if err != nil {
		return err
	}
	v := projectsView{Head: ask.NewHead(c, "Projects"), Find: strings.TrimSpace(c.QueryParam("find"))}
	for _, x := range ps {
		role := roleIn(x.ID)
		if !role.May(people.Attend) {
			continue
		}
		k := projectView{Project: x, Student: role == people.Student}
		for _, w := range worstFirst {
			if n := x.Verdicts[w]; n > 0 && !k.Student {
				k.Said = append(k.Said, verdictCount{w, n})
			}
		}
		switch {
		case !strings.Contains(strings.ToLower(x.Name), strings.ToLower(v.Find)):
		case x.Archived:
			v.Archived = append(v.Archived, k)
		default:
			v.Projects = append(v.Projects, k)
		}
	}
	return c.Render(http.StatusOK, "projects.html", v)
}

// archive puts a project away or brings it back.
func (p *Pages) archive(c *echo.Context, n int64) error {
	away := c.FormValue("back") == ""
	if err := p.App.Store.Archive(c.Request().Context(), n, away); err != nil {
		return err
	}
	if away {
		return c.Redirect(http.StatusSeeOther, "/")
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+c.Param("project"))
}

// deleteProject throws a project away, if its name was typed.
func (p *Pages) deleteProject(c *echo.Context, n int64) error {
	project, err := p.App.Store.Project(c.Request().Context(), n)
	if err != nil {
		return err
	}
	if strings.TrimSpace(c.FormValue("word")) != project.Name {
		return ask.Refuse("type the project's name, " + project.Name + ", to throw it away for good")
	}
	if err := p.App.Store.DeleteProject(c.Request().Context(), n); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/")
}

// setUnit lets a project show and read lengths in another unit.
func (p *Pages) setUnit(c *echo.Context, n int64) error {
	u, err := words.UnitsOf(c.FormValue("unit"))
	if err != nil {
		return err
	}
	if err := p.App.Store.SetUnit(c.Request().Context(), n, string(u)); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+c.Param("project"))
}

// setPattern keeps how part numbers of a project are made.
func (p *Pages) setPattern(c *echo.Context, n int64) error {
	pattern, err := ask.Text(c, "the pattern", "pattern", mostPattern)
	if err != nil {
		return err
	}
	if err := list.CheckPattern(pattern); err != nil {
		return ask.Refuse(err.Error())
	}
	if err := p.App.Store.SetPattern(c.Request().Context(), n, pattern); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+c.Param("project"))
}

// mostPattern is how long a pattern of part numbers may be.
const mostPattern = 60

func (p *Pages) createProject(c *echo.Context) error {
	n, err := p.App.StartProject(c.Request().Context(), ask.Who(c).Person, c.FormValue("name"))
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+strconv.FormatInt(n, 10))
}

func (p *Pages) renameProject(c *echo.Context, n int64) error {
	name, err := words.Name("the project's name", c.FormValue("name"), words.MostProject)
	if err != nil {
		return err
	}
	if err := p.App.Store.RenameProject(c.Request().Context(), n, name); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+c.Param("project"))
}
