// Package pages serves the projects and the Shelf: what stands ready to be placed, and the files that come in.
package pages

import (
	"net/http"
	"strconv"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
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
	e.POST("/p/:project/name", ask.On("project", p.renameProject))
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

// What the pages show. Title is that of the window.
type (
	projectsView struct {
		Title    string
		Projects []store.Project
	}
	shelfView struct {
		Title         string
		Project       store.Project
		Parts         []PartView
		Assemblies    []store.Assembly
		OffParts      []store.Part
		OffAssemblies []store.Assembly
	}
	partsView struct{ Parts []PartView }
)

func (p *Pages) projects(c *echo.Context) error {
	ps, err := p.App.Store.Projects(c.Request().Context())
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "projects.html", projectsView{"Projects", ps})
}

func (p *Pages) createProject(c *echo.Context) error {
	name, err := words.Name("the project's name", c.FormValue("name"), words.MostProject)
	if err != nil {
		return err
	}
	n, err := p.App.Store.CreateProject(c.Request().Context(), name)
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
