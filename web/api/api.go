// Package api answers programs: the same acts and reports as the pages, as JSON. What it answers to is described by itself, at /api/v1/openapi.json.
package api

import (
	"encoding/json"
	"io"
	"net/http"
	"path"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/people"
	"setfast/core/report"
	"setfast/store"
	"setfast/web/ask"
)

// API answers programs.
type API struct{ App *app.App }

// Project is a project as programs see it.
type Project struct {
	ID         int64     `json:"id"`
	Name       string    `json:"name"`
	Unit       string    `json:"unit" doc:"in which pages show lengths, mm or in; here all lengths are mm"`
	Role       string    `json:"role" doc:"what who asks is in it"`
	Parts      int       `json:"parts"`
	Assemblies int       `json:"assemblies"`
	Changed    time.Time `json:"changed"`
}

// Assembly is an assembly as it stands.
type Assembly struct {
	ID      int64     `json:"id"`
	Project int64     `json:"project"`
	Name    string    `json:"name"`
	Number  string    `json:"number,omitempty"`
	Seq     int64     `json:"seq" doc:"the number of the latest line of its log: what acts are based on"`
	Verdict string    `json:"verdict" doc:"empty where it was not taken yet"`
	Created time.Time `json:"created"`
}

// Part is a part on the Shelf.
type Part struct {
	ID       int64   `json:"id"`
	Key      string  `json:"key" doc:"by which it is placed"`
	Name     string  `json:"name"`
	Number   string  `json:"number,omitempty"`
	Revision string  `json:"revision,omitempty"`
	Material string  `json:"material,omitempty"`
	Density  float64 `json:"density_kg_m3,omitempty"`
	Source   string  `json:"source" doc:"the file it came from"`
	SHA256   string  `json:"sha256" doc:"of that file"`
}

// Line is a line of an assembly's log.
type Line struct {
	Seq    int64     `json:"seq"`
	Kind   string    `json:"kind" doc:"do, undo or redo"`
	Target int64     `json:"target,omitempty" doc:"of undo and redo: the line that was taken back or done again"`
	At     time.Time `json:"at"`
	Who    string    `json:"who"`
	Said   string    `json:"said"`
}

// Named is what is made by its name.
type Named struct {
	Name   string `json:"name"`
	Number string `json:"number,omitempty"`
}

// Based is an act that needs no words: to take back, or to do again.
type Based struct {
	Base  int64  `json:"base" doc:"the seq of the state that it is meant for"`
	Token string `json:"token,omitempty" doc:"names the act, so that one sent twice is done once"`
}

// Done is what an act has become.
type Done struct {
	Seq     int64          `json:"seq"`
	Said    string         `json:"said"`
	Verdict report.Verdict `json:"verdict,omitempty" doc:"not there where the account could not be taken at once"`
	Left    *int           `json:"left,omitempty" doc:"freedoms"`
	Loose   *int           `json:"loose,omitempty"`
}

// Batch is files that were handed in together.
type Batch struct {
	Batch string `json:"batch"`
	Files []File `json:"files"`
}

// File is how far a file is.
type File struct {
	ID      int64  `json:"id"`
	Name    string `json:"name"`
	State   string `json:"state" doc:"waiting, with, reading, done, failed, left over or cancelled"`
	Message string `json:"message"`
}

// Hook is an address that is told when a verdict changes.
type Hook struct {
	ID     int64  `json:"id"`
	URL    string `json:"url"`
	Secret string `json:"secret,omitempty" doc:"shown once: Setfast-Signature is t=…,v1=… with HMAC-SHA256 by it of t, a dot and the body"`
	Went   string `json:"went" doc:"how the last telling went"`
}

// Address is where to.
type Address struct {
	URL string `json:"url"`
}

// Fault is why something was not done.
type Fault struct {
	Error string `json:"error"`
}

// Routes adds what the table lists to a router.
func (a *API) Routes(e *echo.Echo) {
	for _, o := range a.operations() {
		e.Add(o.method, prefix+o.path, o.run)
	}
	e.GET(prefix+"/openapi.json", a.describe)
}

const prefix = "/api/v1"

func (a *API) projects(c *echo.Context) error {
	ctx := c.Request().Context()
	all, err := a.App.Store.Projects(ctx)
	if err != nil {
		return err
	}
	roleIn, err := people.RolesOf(ctx, a.App.Store, ask.Who(c).Person)
	if err != nil {
		return err
	}
	out := []Project{}
	for _, p := range all {
		if role := roleIn(p.ID); role.May(people.Look) && !p.Archived {
			out = append(out, Project{p.ID, p.Name, p.Unit, string(role), p.Parts, p.Assemblies, p.Changed})
		}
	}
	return c.JSON(http.StatusOK, out)
}

func (a *API) startProject(c *echo.Context) error {
	var in Named
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	id, err := a.App.StartProject(c.Request().Context(), ask.Who(c).Person, in.Name)
	if err != nil {
		return err
	}
	p, err := a.App.Store.Project(c.Request().Context(), id)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusCreated, Project{ID: id, Name: p.Name, Unit: p.Unit, Role: string(people.Owner), Changed: p.Created})
}

func assemblyOf(x store.Assembly) Assembly {
	return Assembly{x.ID, x.ProjectID, x.Name, x.Number, x.Seq, x.Verdict, x.Created}
}

func (a *API) assemblies(c *echo.Context, n int64) error {
	list, err := a.App.Store.Assemblies(c.Request().Context(), n)
	if err != nil {
		return err
	}
	out := []Assembly{}
	for _, x := range list {
		if !x.Off {
			out = append(out, assemblyOf(x))
		}
	}
	return c.JSON(http.StatusOK, out)
}

func (a *API) startAssembly(c *echo.Context, n int64) error {
	var in Named
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	id, err := a.App.StartAssembly(c.Request().Context(), n, in.Name, in.Number)
	if err != nil {
		return err
	}
	return a.answer(c, http.StatusCreated, id)
}

func (a *API) answer(c *echo.Context, code int, id int64) error {
	x, err := a.App.Store.Assembly(c.Request().Context(), id)
	if err != nil {
		return err
	}
	return c.JSON(code, assemblyOf(x))
}

func (a *API) assembly(c *echo.Context, n int64) error { return a.answer(c, http.StatusOK, n) }

func (a *API) parts(c *echo.Context, n int64) error {
	list, err := a.App.Store.Parts(c.Request().Context(), n)
	if err != nil {
		return err
	}
	out := []Part{}
	for _, x := range list {
		if !x.Off {
			out = append(out, Part{x.ID, x.Key(), x.Name, x.Number, x.Revision, x.Material, x.Density, x.SourceName, x.SourceSHA256})
		}
	}
	return c.JSON(http.StatusOK, out)
}

// handIn takes one file in; its name is asked for, since what it is is told by that.
func (a *API) handIn(c *echo.Context, n int64) error {
	name := path.Base(path.Clean("/" + c.QueryParam("name")))
	if name == "/" || name == "." {
		return ask.Refuse("say what the file is called: ?name=GV-101.step")
	}
	given := false
	batch, list, err := a.App.Stage(c.Request().Context(), n, func() (app.Incoming, error) {
		if given {
			return app.Incoming{}, io.EOF
		}
		given = true
		return app.Incoming{Name: name, From: ask.Patiently(c, a.App.Limits.Upload+1<<20)}, nil
	})
	if err != nil {
		return err
	}
	return c.JSON(http.StatusAccepted, batchOf(batch, list))
}

func batchOf(batch string, list []store.ImportFile) Batch {
	out := Batch{Batch: batch, Files: []File{}}
	for _, f := range list {
		out.Files = append(out.Files, File{f.ID, f.Name, f.State, f.Message})
	}
	return out
}

func (a *API) batch(c *echo.Context, n int64) error {
	list, err := a.App.Store.Imports(c.Request().Context(), c.Param("batch"))
	if err != nil {
		return err
	}
	if len(list) == 0 || list[0].ProjectID != n {
		return store.ErrNotFound
	}
	return c.JSON(http.StatusOK, batchOf(c.Param("batch"), list))
}

func (a *API) document(c *echo.Context, n int64) error {
	data, err := a.App.Export(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.Blob(http.StatusOK, "application/json", data)
}

func (a *API) bundle(c *echo.Context, n int64) error {
	s, err := a.App.Save(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return ask.Bundle(c, a.App.Store, s)
}

func (a *API) report(c *echo.Context, n int64) error {
	j, err := a.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, j.Report)
}

func done(p *app.Posted) Done {
	d := Done{Seq: p.Seq, Said: p.Said}
	if p.Judged != nil {
		d.Verdict, d.Left, d.Loose = p.Verdict(), &p.Result.Left, &p.Result.Loose
	}
	return d
}

func (a *API) act(c *echo.Context, n int64) error {
	m, err := ask.Command(c)
	if err != nil {
		return err
	}
	p, err := a.App.Do(c.Request().Context(), n, ask.Who(c).Name, m)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, done(p))
}

func (a *API) back(f app.Back) func(c *echo.Context, n int64) error {
	return func(c *echo.Context, n int64) error {
		var in Based
		if err := ask.JSON(c, &in); err != nil {
			return err
		}
		p, err := f(c.Request().Context(), n, in.Base, ask.Who(c).Name, in.Token)
		if err != nil {
			return err
		}
		return c.JSON(http.StatusOK, done(p))
	}
}

func (a *API) log(c *echo.Context, n int64) error {
	before, err := ask.Before(c)
	if err != nil {
		return err
	}
	list, err := a.App.Store.Log(c.Request().Context(), n, before, ask.MostLines)
	if err != nil {
		return err
	}
	out := []Line{}
	for _, l := range list {
		out = append(out, Line{l.Seq, l.Kind, l.Target, l.At, l.Who, l.Said})
	}
	return c.JSON(http.StatusOK, out)
}

func (a *API) hooks(c *echo.Context, n int64) error {
	list, err := a.App.Store.Hooks(c.Request().Context(), n)
	if err != nil {
		return err
	}
	out := []Hook{}
	for _, h := range list {
		out = append(out, Hook{ID: h.ID, URL: h.URL, Went: h.Went})
	}
	return c.JSON(http.StatusOK, out)
}

func (a *API) addHook(c *echo.Context, n int64) error {
	var in Address
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	h, err := a.App.AddHook(c.Request().Context(), n, in.URL, ask.Who(c).Name)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusCreated, Hook{h.ID, h.URL, h.Secret, h.Went})
}

func (a *API) dropHook(c *echo.Context, n int64) error {
	id, err := ask.Number(c, "hook")
	if err != nil {
		return err
	}
	if err := a.App.Store.DropHook(c.Request().Context(), n, id); err != nil {
		return err
	}
	return a.hooks(c, n)
}

func (a *API) describe(c *echo.Context) error {
	data, err := json.MarshalIndent(a.openAPI(), "", " ")
	if err != nil {
		return err
	}
	return c.Blob(http.StatusOK, "application/json", data)
}
