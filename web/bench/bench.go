// Package bench serves the Bench: the page, the state of an assembly as it is shown, and what is done to it. It computes no geometry.
package bench

import (
	"log/slog"
	"net/http"
	"strconv"
	"strings"
	"sync"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/core/relation"
	"setfast/store"
	"setfast/web/ask"
	"setfast/web/pages"
)

// Bench serves one page for each assembly. It may be used by many requests at once.
type Bench struct {
	App   *app.App
	Log   *slog.Logger
	Write func(template string, data any) (string, error) // a template as text
	Parts *pages.Pages
	Fault func(c *echo.Context, err error) string // an error as users read it

	watch  *watch
	mu     sync.Mutex
	states map[int64]*shown // the latest written out, of some assemblies
}

// Routes adds the Bench to a router.
func (b *Bench) Routes(e *echo.Echo) {
	b.states, b.watch = map[int64]*shown{}, newWatch(b.App.Store)
	e.GET("/a/:asm", ask.On("asm", b.page))
	e.GET("/a/:asm/state", ask.On("asm", b.state))
	e.GET("/a/:asm/log", ask.On("asm", b.log))
	e.POST("/a/:asm/do", ask.On("asm", b.do))
	e.POST("/a/:asm/undo", ask.On("asm", b.undo))
	e.POST("/a/:asm/redo", ask.On("asm", b.redo))
	e.POST("/a/:asm/form", ask.On("asm", b.form))
	e.POST("/a/:asm/helper", ask.On("asm", b.helper))
	e.POST("/a/:asm/measure", ask.On("asm", b.measure))
	e.POST("/a/:asm/variants", ask.On("asm", b.variants))
	e.POST("/a/:asm/open", ask.On("asm", b.open))
	e.POST("/a/:asm/offers", ask.On("asm", b.offers))
	e.POST("/a/:asm/try", ask.On("asm", b.try))
	e.GET("/a/:asm/clash", ask.On("asm", b.clash))
	e.POST("/a/:asm/run", ask.On("asm", b.run))
	e.GET("/a/:asm/fastening", ask.On("asm", b.fastening))
	e.POST("/a/:asm/fastening", ask.On("asm", tried(b.App.TryStack)))
	e.GET("/a/:asm/copies", ask.On("asm", b.copies))
	e.POST("/a/:asm/copies", ask.On("asm", tried(b.App.TryCopies)))
	e.GET("/a/:asm/holes", ask.On("asm", b.holes))
	e.GET("/a/:asm/fasteners", ask.On("asm", b.shopping))
	e.GET("/a/:asm/mesh", ask.On("asm", b.mesh))
	e.GET("/a/:asm/travel", ask.On("asm", b.travel))
	e.POST("/a/:asm/coupled", ask.On("asm", b.coupled))
	e.POST("/a/:asm/cam", ask.On("asm", b.cam))
	e.GET("/a/:asm/implied", ask.On("asm", b.implied))
	e.GET("/a/:asm/next", ask.On("asm", b.proposed(b.App.Following)))
	e.GET("/a/:asm/seatings", ask.On("asm", b.proposed(b.App.Seatings)))
	e.GET("/a/:asm/kept", ask.On("asm", b.kept))
	e.POST("/a/:asm/kept", ask.On("asm", b.keep))
	e.GET("/a/:asm/swing/:k", ask.On("asm", b.swing))
	e.GET("/a/:asm/export", ask.On("asm", b.export))
	e.GET("/a/:asm/save", ask.On("asm", b.save))
	e.GET("/a/:asm/bare", ask.On("asm", b.bare))
	b.made(e)
	b.then(e)
	e.GET("/a/:asm/live", ask.On("asm", b.live))
	e.POST("/a/:asm/here", ask.On("asm", b.here))
	e.POST("/a/:asm/pin", ask.On("asm", b.pin))
}

// pageView is the page without the state, which it asks for.
type pageView struct {
	ask.Head
	Project store.Project
	Asm     store.Assembly
	Others  []store.Assembly // that can be placed
	Parts   []pages.PartView

	Relations []relationView
	Way       []store.Assembly // the assemblies it was opened by way of
}

// relationView is a type of relation by its names.
type relationView struct {
	Type, Family, Label, Also string
	Between, Asks, Stem       string
	Slides, Turns             int // that it leaves
}

// relations lists all types, to be found by what they are called.
var relations = func() (out []relationView) {
	for _, t := range relation.Types() {
		v := relationView{Type: t.Name, Family: "relation", Label: t.Say.First + " … " + t.Say.Then + " …", Also: strings.Join(t.Also, ", "),
			Between: strings.ReplaceAll(t.Doc.Between, "`", ""), Asks: t.Doc.Asks, Stem: t.Stem, Slides: t.Leaves[0], Turns: t.Leaves[1]}
		if t.Family == relation.Coupling {
			v.Family, v.Label = "coupling", "Couple two joints as a "+t.Name
		}
		out = append(out, v)
	}
	return out
}()

func (b *Bench) page(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	a, err := b.App.Store.Assembly(ctx, n)
	if err != nil {
		return err
	}
	v := pageView{Head: ask.NewHead(c, a.Name+" · Bench"), Asm: a, Relations: relations}
	if v.Project, err = b.App.Store.Project(ctx, a.ProjectID); err != nil {
		return err
	}
	all, err := b.App.Store.Assemblies(ctx, a.ProjectID)
	if err != nil {
		return err
	}
	if v.Way, err = way(c.QueryParam("in"), n, all); err != nil {
		return err
	}
	for _, o := range all {
		if o.ID != n && !o.Off {
			v.Others = append(v.Others, o)
		}
	}
	if v.Parts, _, err = b.Parts.PartViews(ctx, v.Project); err != nil {
		return err
	}
	return c.Render(http.StatusOK, "bench.html", v)
}

// way reads which assemblies of the project lead to the one that is opened, outermost first; what is not among them is left out.
func way(in string, own int64, all []store.Assembly) (out []store.Assembly, err error) {
	for _, text := range strings.Split(in, ",") {
		if text == "" {
			continue
		}
		id, err := strconv.ParseInt(text, 10, 64)
		if err != nil {
			return nil, ask.Refuse("the way to an assembly is made of numbers")
		}
		for _, a := range all {
			if a.ID == id && id != own && !a.Off && len(out) < 20 {
				out = append(out, a)
			}
		}
	}
	return out, nil
}

// swing gives the poses of a motion from end to end, for showing it.
func (b *Bench) swing(c *echo.Context, n int64) error {
	k, err := strconv.Atoi(c.Param("k"))
	if err != nil {
		return store.ErrNotFound
	}
	names, poses, err := b.App.Swing(c.Request().Context(), n, k)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, map[string]any{"names": names, "poses": poses})
}

// bare gives the document that the core in the browser opens.
func (b *Bench) bare(c *echo.Context, n int64) error {
	data, err := b.App.Bare(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.Blob(http.StatusOK, "application/json", data)
}

func (b *Bench) export(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	a, err := b.App.Store.Assembly(ctx, n)
	if err != nil {
		return err
	}
	data, err := b.App.Export(ctx, n)
	if err != nil {
		return err
	}
	ask.Attach(c, a.Name+".setfast.json")
	return c.Blob(http.StatusOK, "application/json", data)
}

// save gives the assembly with all it uses, and the files its parts come from, as a zip bundle.
func (b *Bench) save(c *echo.Context, n int64) error {
	s, err := b.App.Save(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return ask.Bundle(c, b.App.Store, s)
}
