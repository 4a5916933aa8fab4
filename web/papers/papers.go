// Package papers serves what is made of an assembly for others: parts list, sheet, build guide, and files for other programs.
package papers

import (
	"bytes"
	"cmp"
	"context"
	"encoding/csv"
	"errors"
	"html/template"
	"math"
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/list"
	"setfast/core/sheet"
	"setfast/paper"
	"setfast/store"
	"setfast/web/ask"
)

// Papers serves them.
type Papers struct {
	App *app.App
	// Exercises opens the project of exercises that come with the program, each person's own; nil where none do.
	Exercises func(ctx context.Context, of store.Person) (project int64, err error)
}

// Routes adds the pages to a router.
func (p *Papers) Routes(e *echo.Echo) {
	e.GET("/a/:asm/list", ask.On("asm", p.list))
	e.POST("/a/:asm/brief", ask.On("asm", p.brief))
	e.GET("/a/:asm/sheet", ask.On("asm", p.sheet))
	e.POST("/a/:asm/sheet", ask.On("asm", p.keepSheet))
	e.GET("/a/:asm/guide", ask.On("asm", p.guide))
	e.GET("/a/:asm/proof", ask.On("asm", p.proof))
	e.POST("/a/:asm/sign", ask.On("asm", p.sign))
	p.daybook(e)
	p.markings(e)
	p.practices(e)
	p.classes(e)
	e.GET("/a/:asm/out", ask.On("asm", p.out))
}

// head is what all papers show of their assembly.
type head struct {
	ask.Head
	Place   string // which paper
	Asm     store.Assembly
	Project store.Project
}

func (p *Papers) head(c *echo.Context, n int64, place, title string) (h head, err error) {
	h.Place = place
	if h.Asm, err = p.App.Store.Assembly(c.Request().Context(), n); err != nil {
		return h, err
	}
	h.Head = ask.NewHead(c, h.Asm.Name+" · "+title)
	h.Project, err = p.App.Store.Project(c.Request().Context(), h.Asm.ProjectID)
	return h, err
}

// blob answers with a file.
func blob(c *echo.Context, name, kind string, data []byte) error {
	ask.Attach(c, name)
	return c.Blob(http.StatusOK, kind, data)
}

type listView struct {
	head
	List   *list.List
	Levels bool
	Brief  string
	Lines  int
	Rows   []listRow
	Cuts   []listCut
}

// listRow is a row of the list; lengths are in the project's unit.
type listRow struct {
	list.Item
	Cut  bool // the list tells what is cut from stock
	Long string
}

type listCut struct {
	list.Cut
	Long string
}

// rows lays the list out, what lies in an assembly below it.
func (v *listView) rows(items []list.Item) {
	u := words.Units(v.Project.Unit)
	long := func(mm *float64) string {
		if mm == nil {
			return ""
		}
		return u.Number(math.Round(*mm*100) / 100) // a saw does no better
	}
	for _, i := range items {
		v.Rows = append(v.Rows, listRow{i, len(v.List.Cuts) > 0, long(i.Length)})
		v.rows(i.Items)
	}
	if len(v.Cuts) == 0 {
		for _, c := range v.List.Cuts {
			v.Cuts = append(v.Cuts, listCut{c, long(c.Length)})
		}
	}
}

// list shows the parts list, flat or level by level, and what the brief still wants.
func (p *Papers) list(c *echo.Context, n int64) error {
	h, err := p.head(c, n, "list", "Parts list")
	if err != nil {
		return err
	}
	v := listView{head: h, Levels: c.QueryParam("levels") != ""}
	if v.List, err = p.App.PartsList(c.Request().Context(), n, v.Levels); err != nil {
		return err
	}
	rows := v.List.Table()
	switch c.QueryParam("as") {
	case "csv":
		var out bytes.Buffer
		if err := csv.NewWriter(&out).WriteAll(rows); err != nil {
			return err
		}
		return blob(c, h.Asm.Name+".csv", "text/csv; charset=utf-8", out.Bytes())
	case "xlsx":
		var out bytes.Buffer
		if err := paper.WriteXLSX(&out, rows, list.Numeric); err != nil {
			return err
		}
		return blob(c, h.Asm.Name+".xlsx", "application/vnd.openxmlformats-officedocument.spreadsheetml.sheet", out.Bytes())
	}
	j, err := p.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	v.rows(v.List.Items)
	v.Brief, v.Lines = commands.BriefText(j.Asm.Brief), len(j.Asm.Brief)
	return c.Render(http.StatusOK, "paper_list.html", v)
}

// brief keeps the list that the assembly is to be built by.
func (p *Papers) brief(c *echo.Context, n int64) error {
	j, err := p.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	if _, err := p.App.Do(c.Request().Context(), n, ask.Who(c).Name, commands.Meant{Base: j.Seq, Token: c.FormValue("token"), Command: commands.Brief{Text: c.FormValue("text")}}); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/a/"+c.Param("asm")+"/list")
}

type guideView struct {
	head
	Guide *sheet.Guide
	Steps []guideStep
	Why   string
	Way   string   // in which it comes apart, where it names several
	Ways  []choice // that have names
}

// ways are those in which an assembly says that it comes apart, by their names.
func (p *Papers) ways(ctx context.Context, n int64, taken string) ([]choice, error) {
	j, err := p.App.Judge(ctx, n)
	if err != nil {
		return nil, err
	}
	return waysOf(j, taken), nil
}

func waysOf(j *app.Judged, taken string) (out []choice) {
	for _, x := range j.Asm.Explosions {
		out = append(out, choice{x.Name, x.Name == taken})
	}
	return out
}

type guideStep struct {
	sheet.GuideStep
	SVG template.HTML
}

// guide shows how the assembly is put together, a picture and a sentence a step.
func (p *Papers) guide(c *echo.Context, n int64) error {
	h, err := p.head(c, n, "guide", "Build guide")
	if err != nil {
		return err
	}
	v := guideView{head: h, Way: c.QueryParam("apart")}
	if v.Ways, err = p.ways(c.Request().Context(), n, v.Way); err != nil {
		return err
	}
	if v.Guide, err = p.App.Guide(c.Request().Context(), n, v.Way); err != nil {
		if msg, ok := refused(err); ok {
			v.Why = msg
			return c.Render(http.StatusOK, "paper_guide.html", v)
		}
		return err
	}
	if c.QueryParam("as") == "pdf" {
		var out bytes.Buffer
		if err := paper.WritePDF(&out, h.Asm.Name, v.Guide.Pages(h.Asm.Name)...); err != nil {
			return err
		}
		return blob(c, h.Asm.Name+", build guide.pdf", "application/pdf", out.Bytes())
	}
	for _, s := range v.Guide.Steps {
		var out bytes.Buffer
		if err := s.Picture.WriteSVG(&out); err != nil {
			return err
		}
		v.Steps = append(v.Steps, guideStep{s, template.HTML(out.String())})
	}
	return c.Render(http.StatusOK, "paper_guide.html", v)
}

// forms are those in which an assembly goes out, with what they are to browsers.
var forms = map[string]string{"step": "model/step", "stl": "model/stl", "3mf": "model/3mf", "glb": "model/gltf-binary"}

// out hands an assembly out for other programs.
func (p *Papers) out(c *echo.Context, n int64) error {
	h, err := p.head(c, n, "out", "Out")
	if err != nil {
		return err
	}
	as := c.QueryParam("as")
	if as == "" {
		return p.outForm(c, n, h)
	}
	kind, ok := forms[as]
	if !ok {
		return ask.Refuse("there is no form " + as + "; there are step, stl, 3mf and glb")
	}
	seq := int64(app.Latest)
	if at := c.QueryParam("at"); at != "" {
		if seq, err = seqOf(at); err != nil {
			return err
		}
	}
	only := c.QueryParam("only")
	data, _, err := p.App.Out(c.Request().Context(), n, seq, only, as)
	if err != nil {
		return err
	}
	return blob(c, cmp.Or(only, h.Asm.Name)+"."+as, kind, data)
}

type outView struct {
	head
	Components []string
	Moments    []app.Note
}

// outForm offers what can go out: the whole or a component, now or at a moment that has a name.
func (p *Papers) outForm(c *echo.Context, n int64, h head) error {
	j, err := p.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	v := outView{head: h}
	for _, x := range j.Asm.Components {
		v.Components = append(v.Components, x.Name)
	}
	if _, v.Moments, err = p.App.Notes(c.Request().Context(), n); err != nil {
		return err
	}
	return c.Render(http.StatusOK, "paper_out.html", v)
}

// refused is what is said to who asked for what cannot be.
func refused(err error) (msg string, ok bool) {
	var r *words.Refusal
	if errors.As(err, &r) {
		return r.Msg, true
	}
	return "", false
}
