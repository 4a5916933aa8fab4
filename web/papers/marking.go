package papers

import (
	"bytes"
	"cmp"
	"context"
	"encoding/csv"
	"encoding/json"
	"html/template"
	"maps"
	"net/http"
	"slices"
	"strconv"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/mark"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/store"
	"setfast/web/ask"
)

type markingView struct {
	ask.Head
	Project    store.Project
	Assemblies []handedIn
	Key        int64
	marks
	Query template.URL
}

// column is one of the table; numbers stand to the right.
type column struct {
	Name   string
	Number bool
}

// keyRow is what is wanted, above the rest.
type keyRow struct {
	Name     string
	Verdict  report.Verdict
	Parts    int
	Measures []string
}

// markedRow is a submission with what its measures are off by, in the order of the columns.
type markedRow struct {
	app.Marked
	Off []offBy
}

type offBy struct {
	OK   bool
	Says string
}

// marks are submissions held against a key, laid out.
type marks struct {
	Rows   []markedRow
	Heads  []column
	KeyRow *keyRow
	Why    string // where it could not be done
	CSV    [][]string
}

// marking is what is asked for: assemblies of a project, the key among them, as they stand.
type marking struct {
	Project, Key int64
	Of           []int64
	As           string // the fingerprint of all of them
}

var _ = app.Jobs("mark", func(ctx context.Context, a *app.App, args []byte, _ func(float64)) (any, error) {
	var m marking
	if err := json.Unmarshal(args, &m); err != nil {
		return nil, err
	}
	var out marks
	key, rows, err := a.Mark(ctx, m.Project, m.Key, m.Of)
	if msg, ok := refused(err); ok {
		out.Why = msg
		return out, nil
	}
	if err != nil {
		return nil, err
	}
	row, err := a.Store.Assembly(ctx, m.Key)
	if err != nil {
		return nil, err
	}
	out.table(key, row.Name, rows)
	plain := make([]mark.Row, len(rows))
	for i := range rows {
		plain[i] = rows[i].Row
	}
	out.CSV = mark.Table(plain)
	return out, nil
})

// table lays the marks out: the key above, a column for each of its measures.
func (v *marks) table(key *mark.Key, name string, rows []app.Marked) {
	v.Heads = []column{{"Submission", false}, {"Passes", false}, {"Verdict", false}, {"Missing", false}, {"Too many", false}, {"Out of order", false}, {"Loose", true}, {"Doubled", true}, {"Clashes", true}}
	v.KeyRow = &keyRow{Name: name, Verdict: key.Verdict}
	for _, n := range key.Quantities {
		v.KeyRow.Parts += n
	}
	names := slices.Sorted(maps.Keys(key.Measures))
	for _, n := range names {
		v.Heads = append(v.Heads, column{n, true})
		v.KeyRow.Measures = append(v.KeyRow.Measures, mark.Told(key.Measures[n]))
	}
	v.Heads = append(v.Heads, column{"Same as", false}, column{"Why", false})
	for _, r := range rows {
		row := markedRow{Marked: r}
		for _, n := range names {
			m, asked := r.Measures[n]
			o := offBy{OK: m.OK, Says: mark.Told(m.Got)}
			if by, ok := mark.Off(m.Got, m.Want); ok && asked && !m.OK {
				o.Says += " (off by " + part.Number(by) + ")"
			}
			row.Off = append(row.Off, o)
		}
		v.Rows = append(v.Rows, row)
	}
}

type handedIn struct {
	store.Assembly
	Called string // as its file was, or as it is
	Taken  bool
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
	v := markingView{Head: ask.NewHead(c, project.Name+" · Marking"), Project: project, Query: template.URL(q.Encode())}
	v.Key, _ = strconv.ParseInt(q.Get("key"), 10, 64)
	files, err := p.App.Store.FileNames(ctx, n)
	if err != nil {
		return err
	}
	var ids []int64
	for _, a := range all {
		if a.Off {
			continue
		}
		taken := len(q["of"]) == 0 || slices.Contains(q["of"], strconv.FormatInt(a.ID, 10))
		if taken {
			ids = append(ids, a.ID)
		}
		v.Assemblies = append(v.Assemblies, handedIn{a, cmp.Or(files[a.SourceID], a.Name), taken})
	}
	if v.Key == 0 {
		return c.Render(http.StatusOK, "marking.html", v)
	}
	asked := marking{Project: n, Key: v.Key, Of: ids}
	if asked.As, err = p.App.Fingerprint(ctx, append(ids, v.Key)...); err != nil {
		return err
	}
	if err := p.App.Await(ctx, n, "mark", asked, nil, &v.marks); err != nil {
		return err
	}
	if q.Get("as") == "csv" && v.Why == "" {
		var out bytes.Buffer
		if err := csv.NewWriter(&out).WriteAll(v.CSV); err != nil {
			return err
		}
		return blob(c, project.Name+", marks.csv", "text/csv; charset=utf-8", out.Bytes())
	}
	return c.Render(http.StatusOK, "marking.html", v)
}

// markings adds the pages of a project.
func (p *Papers) markings(e *echo.Echo) {
	e.GET("/p/:project/marking", ask.On("project", p.marking))
	e.GET("/p/:project/marking/:asm", ask.On("project", p.submission))
}

type submissionView struct {
	ask.Head
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
	v.Row, v.Head, v.Said = row, ask.NewHead(c, row.File+" · Marking"), words.Compared(b.Result)
	for i, d := range b.Pictures {
		if v.Pictures[i], err = inline(d); err != nil {
			return err
		}
	}
	return c.Render(http.StatusOK, "submission.html", v)
}
