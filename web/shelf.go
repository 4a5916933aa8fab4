package web

import (
	"io"
	"net/http"
	"strconv"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/kernel"
	"setfast/store"
)

func id(c *echo.Context, name string) (int64, error) {
	n, err := strconv.ParseInt(c.Param(name), 10, 64)
	if err != nil {
		return 0, store.ErrNotFound
	}
	return n, nil
}

// on hands a handler the number in a part of the path.
func on(name string, h func(*echo.Context, int64) error) echo.HandlerFunc {
	return func(c *echo.Context) error {
		n, err := id(c, name)
		if err != nil {
			return err
		}
		return h(c, n)
	}
}

func refuse(msg string) error { return &app.UserError{Msg: msg} }

func (s *Server) projects(c *echo.Context) error {
	ps, err := s.app.Store.Projects(c.Request().Context())
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "projects.html", map[string]any{"Title": "Projects", "Projects": ps})
}

func (s *Server) createProject(c *echo.Context) error {
	name := strings.TrimSpace(c.FormValue("name"))
	if name == "" || len(name) > 190 {
		return refuse("a project needs a name of at most 190 letters")
	}
	n, err := s.app.Store.CreateProject(c.Request().Context(), name)
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+strconv.FormatInt(n, 10))
}

func (s *Server) renameProject(c *echo.Context, n int64) error {
	name := strings.TrimSpace(c.FormValue("name"))
	if name == "" || len(name) > 190 {
		return refuse("a project needs a name of at most 190 letters")
	}
	if err := s.app.Store.RenameProject(c.Request().Context(), n, name); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+c.Param("project"))
}

// partView is a part as the Shelf shows it.
type partView struct {
	store.Part
	Shape *kernel.Derived
	Mass  string
}

func (s *Server) partViews(c *echo.Context, project int64) ([]partView, error) {
	ctx := c.Request().Context()
	rows, err := s.app.Store.Parts(ctx, project)
	if err != nil {
		return nil, err
	}
	var out []partView
	for _, r := range rows {
		d, _, err := s.app.Derived(ctx, r.DerivedSHA256)
		if err != nil {
			return nil, err
		}
		v := partView{Part: r, Shape: d}
		if r.Density > 0 && d.Volume > 0 {
			v.Mass = weight(r.Density * d.Volume * 1e-9)
		}
		out = append(out, v)
	}
	return out, nil
}

func (s *Server) shelf(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	p, err := s.app.Store.Project(ctx, n)
	if err != nil {
		return err
	}
	parts, err := s.partViews(c, n)
	if err != nil {
		return err
	}
	as, err := s.app.Store.Assemblies(ctx, n)
	if err != nil {
		return err
	}
	for i := range as { // a verdict not known yet is taken now
		if as[i].Verdict == "" {
			if j, err := s.app.Judge(ctx, as[i].ID); err == nil {
				as[i].Verdict = j.Report.Verdict
			}
		}
	}
	return c.Render(http.StatusOK, "shelf.html", map[string]any{"Title": p.Name + " · Shelf", "Project": p, "Parts": parts, "Assemblies": as})
}

func (s *Server) partList(c *echo.Context, n int64) error {
	parts, err := s.partViews(c, n)
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "parts", map[string]any{"Parts": parts})
}

// stage keeps the files handed in; reading them follows one by one, so that progress can be shown.
func (s *Server) stage(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	if _, err := s.app.Store.Project(ctx, n); err != nil {
		return err
	}
	req := c.Request()
	req.Body = http.MaxBytesReader(c.Response(), req.Body, app.MaxUpload)
	mr, err := req.MultipartReader()
	if err != nil {
		return refuse("no files came with this request")
	}
	var files []app.Incoming
	for {
		p, err := mr.NextPart()
		if err == io.EOF {
			break
		}
		if err == nil && p.FileName() != "" {
			var data []byte
			if data, err = io.ReadAll(p); err == nil {
				files = append(files, app.Incoming{Name: p.FileName(), Data: data})
			}
		}
		if err != nil {
			return refuse("the files are more than " + strconv.Itoa(app.MaxUpload>>20) + " MB together, or the transfer broke off")
		}
	}
	if len(files) == 0 {
		return refuse("no files came with this request")
	}
	batch, list, err := s.app.Stage(ctx, n, files)
	if err != nil {
		return err
	}
	type item struct {
		ID      int64  `json:"id"`
		Name    string `json:"name"`
		State   string `json:"state"`
		Message string `json:"message"`
	}
	items := []item{}
	for _, f := range list {
		items = append(items, item{f.ID, f.Name, f.State, f.Message})
	}
	return c.JSON(http.StatusOK, map[string]any{"batch": batch, "files": items})
}

func (s *Server) readStaged(c *echo.Context, n int64) error {
	im, err := s.app.ReadStaged(c.Request().Context(), c.Param("batch"), n)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, map[string]any{"state": im.File.State, "message": im.File.Message, "parts": len(im.New), "assemblies": len(im.Built)})
}

func (s *Server) updatePart(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	p, err := s.app.Store.Part(ctx, n)
	if err != nil {
		return err
	}
	text := func(name string, to *string, most int) error {
		v := strings.TrimSpace(c.FormValue(name))
		if len([]rune(v)) > most {
			return refuse(name + " is longer than " + strconv.Itoa(most) + " letters")
		}
		*to = v
		return nil
	}
	for _, f := range []struct {
		name string
		to   *string
		most int
	}{{"name", &p.Name, 180}, {"number", &p.Number, 100}, {"revision", &p.Revision, 40}, {"material", &p.Material, 100}} {
		if err := text(f.name, f.to, f.most); err != nil {
			return err
		}
	}
	if p.Name == "" {
		return refuse("a part needs a name")
	}
	p.Density = 0
	if v := strings.TrimSpace(c.FormValue("density")); v != "" {
		if p.Density, err = strconv.ParseFloat(strings.ReplaceAll(v, ",", "."), 64); err != nil || p.Density < 0 || p.Density > 1e6 {
			return refuse("density is a number in kg/m³, such as 7850 for steel")
		}
	}
	p.Fastener = c.FormValue("fastener") != ""
	if err := s.app.Store.UpdatePart(ctx, p); err != nil {
		return err
	}
	d, _, err := s.app.Derived(ctx, p.DerivedSHA256)
	if err != nil {
		return err
	}
	v := partView{Part: p, Shape: d}
	if p.Density > 0 && d.Volume > 0 {
		v.Mass = weight(p.Density * d.Volume * 1e-9)
	}
	return c.Render(http.StatusOK, "part", v)
}

func (s *Server) deletePart(c *echo.Context, n int64) error {
	used, err := s.app.Store.DeletePart(c.Request().Context(), n, app.PartKey(n))
	if err != nil {
		return err
	}
	if len(used) > 0 {
		return refuse("this part is used in " + strings.Join(used, ", ") + "; remove it there first")
	}
	return c.NoContent(http.StatusOK)
}

func (s *Server) createAssembly(c *echo.Context, n int64) error {
	name := strings.TrimSpace(c.FormValue("name"))
	if name == "" || len(name) > 180 {
		return refuse("an assembly needs a name of at most 180 letters")
	}
	ctx := c.Request().Context()
	if _, err := s.app.Store.Project(ctx, n); err != nil {
		return err
	}
	a, err := s.app.Store.CreateAssembly(ctx, n, name, strings.TrimSpace(c.FormValue("number")))
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/a/"+strconv.FormatInt(a, 10))
}

func (s *Server) deleteAssembly(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	a, err := s.app.Store.Assembly(ctx, n)
	if err != nil {
		return err
	}
	all, err := s.app.Store.Assemblies(ctx, a.ProjectID)
	if err != nil {
		return err
	}
	for _, o := range all {
		st, _, err := s.app.Store.State(ctx, o.ID)
		if err != nil {
			return err
		}
		for _, k := range st.Components {
			if k.Assembly == app.AssemblyKey(n) {
				return refuse("this assembly is placed in " + o.Name + "; remove it there first")
			}
		}
	}
	if err := s.app.Store.DeleteAssembly(ctx, n); err != nil {
		return err
	}
	return c.NoContent(http.StatusOK)
}

// shape gives derived data by content, so that it can be kept by the browser for ever.
func (s *Server) shape(c *echo.Context) error { return s.blob(c, "application/octet-stream") }

func (s *Server) preview(c *echo.Context) error { return s.blob(c, "image/png") }

func (s *Server) blob(c *echo.Context, kind string) error {
	sha := c.Param("sha")
	if len(sha) != 64 {
		return store.ErrNotFound
	}
	data, err := s.app.Store.Blob(c.Request().Context(), sha)
	if err != nil {
		return err
	}
	c.Response().Header().Set("Cache-Control", "private, max-age=31536000, immutable")
	return c.Blob(http.StatusOK, kind, data)
}
