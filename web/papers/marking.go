package papers

import (
	"bytes"
	"encoding/csv"
	"html/template"
	"net/http"
	"slices"
	"strconv"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/mark"
	"setfast/store"
	"setfast/web/ask"
)

type markingView struct {
	Title      string
	Project    store.Project
	Assemblies []handedIn
	Key        int64
	Rows       []app.Marked
	Why        string
	Query      template.URL
}

type handedIn struct {
	store.Assembly
	Taken bool
}

// marking holds assemblies of a project against one of them.
func (p *Papers) marking(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	project, err := p.App.Store.Project(ctx, n)
	if err != nil {
		return err
	}
	all, err := p.App.Store.Assemblies(ctx, n)
	if err != nil {
		return err
	}
	q := c.QueryParams()
	v := markingView{Title: project.Name + " · Marking", Project: project, Query: template.URL(q.Encode())}
	v.Key, _ = strconv.ParseInt(q.Get("key"), 10, 64)
	var ids []int64
	for _, a := range all {
		if a.Off {
			continue
		}
		taken := len(q["of"]) == 0 || slices.Contains(q["of"], strconv.FormatInt(a.ID, 10))
		if taken {
			ids = append(ids, a.ID)
		}
		v.Assemblies = append(v.Assemblies, handedIn{a, taken})
	}
	if v.Key == 0 {
		return c.Render(http.StatusOK, "marking.html", v)
	}
	if v.Rows, err = p.App.Mark(ctx, n, v.Key, ids); err != nil {
		msg, ok := refused(err)
		if !ok {
			return err
		}
		v.Why = msg
	}
	if q.Get("as") == "csv" && v.Why == "" {
		rows := make([]mark.Row, len(v.Rows))
		for i := range v.Rows {
			rows[i] = v.Rows[i].Row
		}
		var out bytes.Buffer
		if err := csv.NewWriter(&out).WriteAll(mark.Table(rows)); err != nil {
			return err
		}
		return blob(c, project.Name+", marks.csv", "text/csv; charset=utf-8", out.Bytes())
	}
	return c.Render(http.StatusOK, "marking.html", v)
}

// marks adds the pages of a project.
func (p *Papers) marks(e *echo.Echo) {
	e.GET("/p/:project/marking", ask.On("project", p.marking))
	e.GET("/p/:project/marking/:asm", ask.On("project", p.submission))
}

type submissionView struct {
	Title    string
	Project  store.Project
	Key, ID  int64
	Row      *app.Marked
	Said     []string
	Pictures [2]template.HTML
}

// submission shows one that was handed in beside the key.
func (p *Papers) submission(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	id, err := ask.Number(c, "asm")
	if err != nil {
		return err
	}
	v := submissionView{ID: id}
	if v.Key, err = seqOf(c.QueryParam("key")); err != nil {
		return ask.Refuse("choose the key first")
	}
	if v.Project, err = p.App.Store.Project(ctx, n); err != nil {
		return err
	}
	row, b, err := p.App.Submission(ctx, n, v.Key, id, likenessWide, likenessHigh)
	if err != nil {
		return err
	}
	v.Row, v.Title, v.Said = row, row.File+" · Marking", words.Compared(b.Result)
	for i, d := range b.Pictures {
		if v.Pictures[i], err = inline(d); err != nil {
			return err
		}
	}
	return c.Render(http.StatusOK, "submission.html", v)
}
