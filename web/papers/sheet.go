package papers

import (
	"bytes"
	"cmp"
	"context"
	"encoding/json"
	"fmt"
	"html/template"
	"maps"
	"net/http"
	"net/url"
	"slices"
	"strconv"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/core/part"
	"setfast/core/sheet"
	"setfast/paper"
	"setfast/web/ask"
)

type sheetView struct {
	head
	Sheet  *sheet.Sheet
	SVG    template.HTML
	Wide   float64
	High   float64
	Why    string // nothing is drawn
	Views  []choice
	Ways   []choice // of coming apart, that have names
	Sizes  []choice
	Scales []choice
	Asked  map[string]string
	Marks  []feature    // what a section may go through
	Spots  []spot       // where features can be pointed at
	Dims   []listed     // dimensions and details, as they are called
	Query  template.URL // of the same sheet as a file
	Called string       // its name; the first has none
	Sheets []choice     // that are kept under names
}

// feature is one that can be named, with what it is.
type feature struct{ Ref, Label string }

// spot is a feature where it can be pointed at, as it is drawn over the sheet.
type spot struct {
	sheet.Spot
	Path string
}

func spots(s *sheet.Sheet) (out []spot) {
	high := s.Drawing.H
	for _, x := range s.Spots {
		var b strings.Builder
		for _, l := range x.Lines {
			fmt.Fprintf(&b, "M%.2f %.2fL%.2f %.2f", l[0][0], high-l[0][1], l[1][0], high-l[1][1])
		}
		if r := x.R; r > 0 {
			fmt.Fprintf(&b, "M%.2f %.2fa%.2f %.2f 0 1 0 %.2f 0a%.2f %.2f 0 1 0 %.2f 0", x.C[0]-r, high-x.C[1], r, r, 2*r, r, r, -2*r)
		}
		out = append(out, spot{x, b.String()})
	}
	return out
}

// listed is a line of a field, as it is called and which of the field's it is.
type listed struct {
	Field, Says string
	Line        int
}

// calls says what is asked of a sheet by the names of features, where they are known.
func (v *sheetView) calls(field string, lines []string) {
	says := map[string]string{}
	for _, m := range v.Marks {
		says[m.Ref] = m.Label
	}
	for _, x := range v.Spots {
		says[x.Ref] = x.Says
	}
	for i, line := range lines {
		view, refs, _ := strings.Cut(line, ":")
		words := strings.Split(refs, ",")
		for k := range words {
			words[k] = strings.TrimSpace(words[k])
			words[k] = cmp.Or(says[words[k]], words[k])
		}
		text := strings.Join(words, " to ")
		if field == "details" {
			text = "detail at " + strings.Join(words, ", ") + " mm about"
		}
		v.Dims = append(v.Dims, listed{field, text + ", " + view, i})
	}
}

// mostFeatures are offered to be named.
const mostFeatures = 800

// features lists what sections, dimensions and details may name: round and flat features of the parts that are placed here.
func features(j *app.Judged) (out []feature) {
	for _, c := range j.Asm.Components {
		p := j.Doc.Parts[c.Part]
		if p == nil || c.Made() {
			continue
		}
		for _, name := range p.Order {
			if f := p.Features[name]; (f.HasAxis() || f.Kind == part.Plane) && len(out) < mostFeatures {
				out = append(out, feature{c.Name + "/" + name, f.Describe() + " of " + c.Name})
			}
		}
	}
	return out
}

// choice is one of several, and whether it is taken.
type choice struct {
	Name  string
	Taken bool
}

func choices(all []string, taken func(string) bool) (out []choice) {
	for _, n := range all {
		out = append(out, choice{n, taken(n)})
	}
	return out
}

// sheet shows the assembly on a sheet, or hands it out as a file.
func (p *Papers) sheet(c *echo.Context, n int64) error {
	h, err := p.head(c, n, "sheet", "Sheet")
	if err != nil {
		return err
	}
	j, err := p.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	q := c.QueryParams()
	as := q.Get("as")
	if as != "" && sheetKinds[as] == "" {
		return ask.Refuse("a sheet goes out as pdf, dxf or svg")
	}
	sheets, err := p.App.SheetsKept(c.Request().Context(), n)
	if err != nil {
		return err
	}
	called := q.Get("sheet")
	q.Del("as")
	q.Del("sheet")
	q.Del("keepas")
	if len(q) == 0 { // as it was kept
		if q, err = url.ParseQuery(sheets[called]); err != nil {
			q = url.Values{}
		}
	}
	q.Set("sheet", called)
	asked, err := askedOf(q)
	if err != nil {
		return err
	}
	asked.In.Unit, asked.In.Title.Unit = h.Project.Unit, h.Project.Unit
	in := &asked.In
	names := []string{"front", "top", "left", "right", "back", "bottom", "iso"}
	for _, own := range j.Asm.Views {
		if _, ok := sheet.Looks[own.Name]; !ok {
			names = append(names, own.Name)
		}
	}
	v := sheetView{head: h, Called: called, Query: template.URL(q.Encode()), Asked: map[string]string{}}
	for _, k := range []string{"section", "owner", "by", "approved", "revision", "angle", "exploded", "hidden", "smooth", "shaded", "nolist", "dims", "details", "revisions", "moves"} {
		v.Asked[k] = q.Get(k)
	}
	v.Marks = features(j)
	for _, name := range slices.Sorted(maps.Keys(sheets)) {
		if name != "" {
			v.Sheets = append(v.Sheets, choice{name, name == called})
		}
	}
	v.Ways = waysOf(j, asked.Apart)
	v.Views = choices(names, func(s string) bool { return slices.Contains(asked.Views, s) })
	v.Sizes = choices(sheet.SizeNames(), func(s string) bool { return s == in.Size })
	v.Scales = choices(sheet.ScaleNames(), func(s string) bool { return s == in.Scale })
	in.Title.Sheet = numbered(sheets, called)
	d := drawing{Assembly: n, Name: h.Asm.Name, Query: q.Encode(), As: as, Unit: h.Project.Unit, Sheet: in.Title.Sheet}
	if d.Of, err = p.App.Fingerprint(c.Request().Context(), n); err != nil {
		return err
	}
	var got drawn
	if err := p.App.Await(c.Request().Context(), h.Project.ID, "sheet", d, nil, &got); err != nil {
		if msg, ok := refused(err); ok && as == "" {
			v.Why = msg
			v.calls("dims", asked.Dims)
			v.calls("details", asked.Details)
			return c.Render(http.StatusOK, "paper_sheet.html", v)
		}
		return err
	}
	if kind := sheetKinds[as]; kind != "" {
		return blob(c, h.Asm.Name+"."+as, kind, got.File)
	}
	v.Sheet, v.SVG, v.Spots, v.Wide, v.High = got.Sheet, template.HTML(got.File), got.Spots, got.Wide, got.High
	v.calls("dims", asked.Dims)
	v.calls("details", asked.Details)
	return c.Render(http.StatusOK, "paper_sheet.html", v)
}

// sheetKinds are the files that a sheet goes out as, with what they are to browsers.
var sheetKinds = map[string]string{"pdf": "application/pdf", "dxf": "image/vnd.dxf", "svg": "image/svg+xml"}

// drawing is a sheet that is asked for: to be shown, or as a file.
type drawing struct {
	Assembly        int64
	Of              string // the fingerprint of the assembly
	Name, Query     string
	As, Unit, Sheet string
}

// drawn is what came of it.
type drawn struct {
	Sheet *sheet.Sheet
	Wide  float64
	High  float64
	Spots []spot
	File  []byte // SVG where it is shown
}

var _ = app.Jobs("sheet", func(ctx context.Context, a *app.App, args []byte, _ func(float64)) (any, error) {
	var d drawing
	if err := json.Unmarshal(args, &d); err != nil {
		return nil, err
	}
	q, err := url.ParseQuery(d.Query)
	if err != nil {
		return nil, err
	}
	asked, err := askedOf(q)
	if err != nil {
		return nil, err
	}
	asked.In.Unit, asked.In.Title.Unit, asked.In.Title.Sheet, asked.Pointed = d.Unit, d.Unit, d.Sheet, d.As == ""
	s, err := a.Draw(ctx, d.Assembly, asked)
	if err != nil {
		return nil, err
	}
	out := drawn{Sheet: s, Wide: s.Drawing.W, High: s.Drawing.H}
	var file bytes.Buffer
	switch d.As {
	case "pdf":
		err = paper.WritePDF(&file, d.Name, s.Drawing)
	case "dxf":
		err = s.Drawing.WriteDXF(&file)
	default:
		err = s.Drawing.WriteSVG(&file)
	}
	out.File = file.Bytes()
	if d.As == "" {
		out.Spots = spots(s)
	}
	return out, err
})

// askedOf reads what a sheet is asked for.
func askedOf(q url.Values) (asked app.Paper, err error) {
	lines := func(name string) (out []string) {
		for _, l := range strings.Split(q.Get(name), "\n") {
			if l = strings.TrimSpace(l); l != "" {
				out = append(out, l)
			}
		}
		return out
	}
	asked = app.Paper{Views: q["view"], Section: strings.TrimSpace(q.Get("section")), Exploded: q.Get("exploded") != "", Apart: q.Get("apart"), Dims: lines("dims"), Details: lines("details")}
	in := &asked.In
	in.Size, in.Scale, in.Third, in.Hidden, in.Smooth, in.Shaded, in.NoList = q.Get("size"), q.Get("scale"), q.Get("angle") == "third", q.Get("hidden") != "", q.Get("smooth") != "", q.Get("shaded") != "", q.Get("nolist") != ""
	in.Title.Owner, in.Title.Creator, in.Title.Approver, in.Title.Revision = q.Get("owner"), q.Get("by"), q.Get("approved"), q.Get("revision")
	for _, l := range lines("revisions") {
		cells := strings.SplitN(l, ",", 4)
		for len(cells) < 4 {
			cells = append(cells, "")
		}
		in.Revisions = append(in.Revisions, sheet.Revision{Rev: strings.TrimSpace(cells[0]), Date: strings.TrimSpace(cells[1]), By: strings.TrimSpace(cells[2]), What: strings.TrimSpace(cells[3])})
	}
	in.Moves = map[string][2]float64{}
	for _, l := range lines("moves") {
		what, by, ok := strings.Cut(l, ":")
		x, y, two := strings.Cut(by, ",")
		dx, err1 := strconv.ParseFloat(strings.TrimSpace(x), 64)
		dy, err2 := strconv.ParseFloat(strings.TrimSpace(y), 64)
		if !ok || !two || err1 != nil || err2 != nil || !(dx*dx+dy*dy < mostMoved*mostMoved) {
			return asked, ask.Refuse("what was moved cannot be read: " + l)
		}
		in.Moves[strings.TrimSpace(what)] = [2]float64{dx, dy}
	}
	if len(asked.Views) == 0 && !asked.Exploded {
		asked.Views = sheet.Usual(false)
	}
	return asked, nil
}

// mostMoved is how far something is moved on a sheet, mm.
const mostMoved = 2000

// numbered is which of how many sheets one is: the first has no name, those that have come in their order.
func numbered(sheets map[string]string, called string) string {
	names := slices.Sorted(maps.Keys(sheets))
	if _, ok := sheets[""]; !ok {
		names = slices.Insert(names, 0, "")
	}
	if _, ok := sheets[called]; !ok && called != "" {
		names = append(names, called)
	}
	return fmt.Sprintf("%d/%d", slices.Index(names, called)+1, len(names))
}

// keepSheet keeps the sheet as it is asked for.
func (p *Papers) keepSheet(c *echo.Context, n int64) error {
	q, err := c.FormValues()
	if err != nil {
		return ask.Refuse("this form cannot be read")
	}
	name := strings.TrimSpace(q.Get("sheet"))
	if as := strings.TrimSpace(q.Get("keepas")); as != "" {
		name = as
	}
	drop := q.Get("drop") != ""
	for _, k := range []string{"sheet", "keepas", "drop"} {
		q.Del(k)
	}
	if _, err := askedOf(q); err != nil {
		return err
	}
	if _, err := p.App.Store.Assembly(c.Request().Context(), n); err != nil {
		return err
	}
	query := q.Encode()
	if drop {
		query = ""
	}
	if err := p.App.KeepSheet(c.Request().Context(), n, name, query); err != nil {
		return err
	}
	to := "/a/" + c.Param("asm") + "/sheet"
	if name != "" && !drop {
		to += "?sheet=" + url.QueryEscape(name)
	}
	return c.Redirect(http.StatusSeeOther, to)
}
