package web

import (
	"context"
	"errors"
	"io"
	"net/http"
	"os"
	"strconv"
	"strings"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
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
	name, err := words.Name("the project's name", c.FormValue("name"), words.MostProject)
	if err != nil {
		return err
	}
	n, err := s.app.Store.CreateProject(c.Request().Context(), name)
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/p/"+strconv.FormatInt(n, 10))
}

func (s *Server) renameProject(c *echo.Context, n int64) error {
	name, err := words.Name("the project's name", c.FormValue("name"), words.MostProject)
	if err != nil {
		return err
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
	Gone  bool // its shape is not there any more
}

func (s *Server) partView(ctx context.Context, r store.Part) (partView, error) {
	v := partView{Part: r}
	d, _, err := s.app.Derived(ctx, r.DerivedSHA256)
	if errors.Is(err, store.ErrNotFound) {
		v.Shape, v.Gone = &kernel.Derived{}, true
		return v, nil
	}
	v.Shape = d
	if err == nil && r.Density > 0 && d.Volume > 0 {
		v.Mass = weight(r.Density * d.Volume * 1e-9)
	}
	return v, err
}

// partViews are the parts on the Shelf, and apart those taken off it.
func (s *Server) partViews(ctx context.Context, project int64) (shown []partView, off []store.Part, err error) {
	rows, err := s.app.Store.Parts(ctx, project)
	if err != nil {
		return nil, nil, err
	}
	for _, r := range rows {
		if r.Off {
			off = append(off, r)
			continue
		}
		v, err := s.partView(ctx, r)
		if err != nil {
			return nil, nil, err
		}
		shown = append(shown, v)
	}
	return shown, off, nil
}

func (s *Server) shelf(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	p, err := s.app.Store.Project(ctx, n)
	if err != nil {
		return err
	}
	parts, offParts, err := s.partViews(ctx, n)
	if err != nil {
		return err
	}
	all, err := s.app.Store.Assemblies(ctx, n)
	if err != nil {
		return err
	}
	var as, offAs []store.Assembly
	soon, cancel := context.WithTimeout(ctx, 3*time.Second)
	defer cancel()
	for _, a := range all {
		if a.Off {
			offAs = append(offAs, a)
			continue
		}
		if a.Verdict == "" { // not known yet: taken now, if that does not take long
			if j, err := s.app.Judge(soon, a.ID); err == nil {
				a.Verdict = string(j.Verdict())
			}
		}
		as = append(as, a)
	}
	return c.Render(http.StatusOK, "shelf.html", map[string]any{"Title": p.Name + " · Shelf", "Project": p, "Parts": parts, "Assemblies": as, "OffParts": offParts, "OffAssemblies": offAs})
}

func (s *Server) partList(c *echo.Context, n int64) error {
	if _, err := s.app.Store.Project(c.Request().Context(), n); err != nil {
		return err
	}
	parts, _, err := s.partViews(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "parts", map[string]any{"Parts": parts})
}

// stage takes files in as they come; the server reads them by and by, whoever waits for that.
func (s *Server) stage(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	if _, err := s.app.Store.Project(ctx, n); err != nil {
		return err
	}
	req := c.Request()
	req.Body = patiently(c, s.app.Limits.Upload+1<<20)
	mr, err := req.MultipartReader()
	if err != nil {
		return refuse("no files came with this request")
	}
	batch, list, err := s.app.Stage(ctx, n, func() (app.Incoming, error) {
		for {
			p, err := mr.NextPart()
			if err == io.EOF {
				return app.Incoming{}, err
			}
			if err != nil {
				return app.Incoming{}, errors.Join(errBroken, err)
			}
			if p.FileName() != "" {
				return app.Incoming{Name: p.FileName(), From: p}, nil
			}
		}
	})
	var tooLarge *http.MaxBytesError
	switch {
	case errors.As(err, &tooLarge):
		return refuse("the files are more than " + strconv.FormatInt(s.app.Limits.Upload>>20, 10) + " MB together; hand them in by and by")
	case errors.Is(err, errBroken), errors.Is(err, io.ErrUnexpectedEOF), errors.Is(err, os.ErrDeadlineExceeded):
		return refuse("the transfer broke off, so nothing was taken; hand the files in again")
	case err != nil:
		return err
	}
	return c.JSON(http.StatusOK, batchJSON{batch, filesJSON(list)})
}

var errBroken = errors.New("the parts of the request cannot be read")

type (
	batchJSON struct {
		Batch string     `json:"batch"`
		Files []fileJSON `json:"files"`
	}
	fileJSON struct {
		ID      int64   `json:"id"`
		Name    string  `json:"name"`
		State   string  `json:"state"`
		Message string  `json:"message"`
		Ahead   int     `json:"ahead,omitempty"`
		Seconds float64 `json:"seconds,omitempty"`
	}
)

func filesJSON(list []store.ImportFile) []fileJSON {
	items := []fileJSON{}
	for _, f := range list {
		items = append(items, fileJSON{ID: f.ID, Name: f.Name, State: f.State, Message: f.Message})
	}
	return items
}

// unfinished tells which batch of a project is still being read, if any.
func (s *Server) unfinished(c *echo.Context, n int64) error {
	list, err := s.app.Store.Importing(c.Request().Context(), n)
	if err != nil {
		return err
	}
	if len(list) == 0 {
		return c.NoContent(http.StatusNoContent)
	}
	return c.JSON(http.StatusOK, batchJSON{Batch: list[len(list)-1].Batch})
}

// progress tells how far the files of a batch are.
func (s *Server) progress(c *echo.Context, n int64) error {
	batch := c.Param("batch")
	list, err := s.app.Progress(c.Request().Context(), batch)
	if err != nil {
		return err
	}
	if len(list) == 0 || list[0].ProjectID != n {
		return store.ErrNotFound
	}
	out := batchJSON{Batch: batch}
	for _, p := range list {
		out.Files = append(out.Files, fileJSON{p.ID, p.Name, p.State, p.Message, p.Ahead, p.Reading.Seconds()})
	}
	return c.JSON(http.StatusOK, out)
}

func (s *Server) cancelImport(c *echo.Context, n int64) error {
	file, err := id(c, "file")
	if err != nil {
		return err
	}
	if err := s.app.CancelImport(c.Request().Context(), n, file); err != nil {
		return err
	}
	return c.NoContent(http.StatusOK)
}

func (s *Server) updatePart(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	p, err := s.app.Store.Part(ctx, n)
	if err != nil {
		return err
	}
	for _, f := range []struct {
		what, field string
		to          *string
		most        int
	}{{"the name", "name", &p.Name, words.MostName}, {"the number", "number", &p.Number, words.MostNumber}, {"the revision", "revision", &p.Revision, 40}, {"the material", "material", &p.Material, 100}} {
		if *f.to, err = text(c, f.what, f.field, f.most); err != nil {
			return err
		}
	}
	if p.Name == "" {
		return refuse("a part needs a name")
	}
	p.Density = 0
	if v := strings.TrimSpace(c.FormValue("density")); v != "" {
		if p.Density, err = strconv.ParseFloat(strings.ReplaceAll(v, ",", "."), 64); err != nil || !(p.Density >= 0 && p.Density <= 1e6) {
			return refuse("density is a number in kg/m³, such as 7850 for steel")
		}
	}
	p.Fastener = c.FormValue("fastener") != ""
	if err := s.app.Store.UpdatePart(ctx, p); err != nil {
		return err
	}
	v, err := s.partView(ctx, p)
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "part", v)
}

// takeOff takes a part or an assembly off the Shelf; logs still find it, and it can be put back.
func (s *Server) takeOff(key func(int64) string) func(*echo.Context, int64) error {
	return func(c *echo.Context, n int64) error {
		if err := s.app.Store.TakeOff(c.Request().Context(), key(n)); err != nil {
			return err
		}
		return c.NoContent(http.StatusOK)
	}
}

// putBack puts it on the Shelf again.
func (s *Server) putBack(key func(int64) string) func(*echo.Context, int64) error {
	return func(c *echo.Context, n int64) error {
		if err := s.app.Store.PutBack(c.Request().Context(), key(n)); err != nil {
			return err
		}
		return c.NoContent(http.StatusOK)
	}
}

// throwAway deletes for good what no log refers to.
func (s *Server) throwAway(key func(int64) string) func(*echo.Context, int64) error {
	return func(c *echo.Context, n int64) error {
		if err := s.app.Store.ThrowAway(c.Request().Context(), key(n)); err != nil {
			return err
		}
		return c.NoContent(http.StatusOK)
	}
}

func (s *Server) createAssembly(c *echo.Context, n int64) error {
	name, err := words.Name("the assembly's name", c.FormValue("name"), words.MostName)
	if err != nil {
		return err
	}
	number, err := text(c, "the number", "number", words.MostNumber)
	if err != nil {
		return err
	}
	ctx := c.Request().Context()
	if _, err := s.app.Store.Project(ctx, n); err != nil {
		return err
	}
	a, err := s.app.Store.CreateAssembly(ctx, store.Assembly{ProjectID: n, Name: name, Number: number})
	if err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/a/"+strconv.FormatInt(a, 10))
}

// shape gives derived data by content, so that it can be kept by the browser for ever.
func (s *Server) shape(c *echo.Context) error { return s.blob(c, "application/octet-stream") }

func (s *Server) preview(c *echo.Context) error { return s.blob(c, "image/png") }

// blob sends a large value piece by piece.
func (s *Server) blob(c *echo.Context, kind string) error {
	sha := c.Param("sha")
	if len(sha) != 64 {
		return store.ErrNotFound
	}
	ctx := c.Request().Context()
	if _, err := s.app.Store.BlobSize(ctx, sha); err != nil {
		return err
	}
	h := c.Response().Header()
	h.Set("Cache-Control", "private, max-age=31536000, immutable")
	h.Set("Content-Type", kind)
	return s.app.Store.BlobTo(ctx, sha, &steady{c.Response(), http.NewResponseController(c.Response())})
}
