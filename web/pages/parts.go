package pages

import (
	"context"
	"errors"
	"net/http"
	"slices"
	"strconv"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/list"
	"setfast/core/part"
	"setfast/kernel"
	"setfast/store"
	"setfast/web/ask"
)

// PartView is a part as the Shelf shows it.
type PartView struct {
	store.Part
	Shape *kernel.Derived
	Shown words.Units
	Mass  string
	Doubt string   // a size few parts have
	Units []string // it may be read in
	Gone  bool     // its shape is not there any more
	Next  string   // the number it could have, by the project's pattern
	Note  string   // what is odd about its number
	Made  string   // of which other part, and how; empty: it was handed in
}

// Size and Volume are as the project shows them.
func (v PartView) Size() string   { return v.Shown.Size(v.Shape.Low, v.Shape.High) }
func (v PartView) Volume() string { return v.Shown.Volume(v.Shape.Volume) }

func (p *Pages) partView(ctx context.Context, r store.Part, shown words.Units) (PartView, error) {
	v := PartView{Part: r, Shown: shown}
	d, _, err := p.App.Derived(ctx, r.DerivedSHA256)
	if errors.Is(err, store.ErrNotFound) {
		v.Shape, v.Gone = &kernel.Derived{}, true
		return v, nil
	}
	v.Shape, v.Units = d, kernel.UnitNames
	if l := app.LinkOf(r); l != nil {
		of, err := p.App.Store.Part(ctx, l.Of)
		if v.Made = l.How; err == nil {
			v.Made += ", of " + of.Name
		}
	}
	if r.Unit == "" { // whoever said another has looked
		v.Doubt = kernel.Doubt(d.Low, d.High, d.Unit)
	}
	if err == nil && r.Density > 0 && d.Volume > 0 {
		v.Mass = words.Weight(part.Mass(r.Density, d.Volume))
	}
	return v, err
}

// PartViews are the parts on the Shelf, and apart those taken off it.
func (p *Pages) PartViews(ctx context.Context, project store.Project) (shown []PartView, off []store.Part, err error) {
	rows, err := p.App.Store.Parts(ctx, project.ID)
	if err != nil {
		return nil, nil, err
	}
	for _, r := range rows {
		if r.Off {
			off = append(off, r)
			continue
		}
		v, err := p.partView(ctx, r, words.Units(project.Unit))
		if err != nil {
			return nil, nil, err
		}
		shown = append(shown, v)
	}
	numbers(shown, project.Pattern)
	return shown, off, nil
}

// numbers tells which number comes next, where a part has none, and what is odd about the others: of another part, or of no part as the project numbers them.
func numbers(shown []PartView, pattern string) {
	var taken []string
	of := map[string][]string{}
	for _, v := range shown {
		taken = append(taken, v.Number)
		if v.Number != "" && !slices.Contains(of[v.Number], v.Name) {
			of[v.Number] = append(of[v.Number], v.Name)
		}
	}
	next := list.Next(pattern, taken)
	for i := range shown {
		v := &shown[i]
		switch {
		case v.Number == "":
			v.Next = next
		case len(of[v.Number]) > 1:
			for _, name := range of[v.Number] {
				if name != v.Name {
					v.Note = "the number of " + name + " too"
				}
			}
		case !list.Follows(pattern, v.Number) && !v.Fastener:
			v.Note = "not as " + pattern
		}
	}
}

// number gives a part the next number of its project.
func (p *Pages) number(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	row, err := p.App.Store.Part(ctx, n)
	if err != nil {
		return err
	}
	project, err := p.App.Store.Project(ctx, row.ProjectID)
	if err != nil {
		return err
	}
	all, err := p.App.Store.Parts(ctx, row.ProjectID)
	if err != nil {
		return err
	}
	var taken []string
	for _, r := range all {
		taken = append(taken, r.Number)
	}
	next := list.Next(project.Pattern, taken)
	if next == "" {
		return ask.Refuse("the project has no pattern of part numbers, or it has no digits left")
	}
	_, err = p.App.Store.ChangePart(ctx, n, func(row *store.Part) error {
		row.Number = next
		return nil
	})
	if err != nil {
		return err
	}
	return c.NoContent(http.StatusNoContent)
}

// folder is the parts that are sorted under one word.
type folder struct {
	Name  string
	Parts []PartView
}

// folders sorts parts: those without a folder first, then by the folders' names; within one they stay in their order.
func folders(parts []PartView) (out []folder) {
	at := map[string]int{}
	for _, p := range parts {
		k, there := at[p.Folder]
		if !there {
			k = len(out)
			at[p.Folder] = k
			out = append(out, folder{Name: p.Folder})
		}
		out[k].Parts = append(out[k].Parts, p)
	}
	slices.SortStableFunc(out, func(a, b folder) int { return strings.Compare(strings.ToLower(a.Name), strings.ToLower(b.Name)) })
	return out
}

func (p *Pages) partList(c *echo.Context, n int64) error {
	project, err := p.App.Store.Project(c.Request().Context(), n)
	if err != nil {
		return err
	}
	parts, _, err := p.PartViews(c.Request().Context(), project)
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "parts", partsView{folders(parts)})
}

// saying is what people say of a part: the text's field in the form, and its bounds.
var saying = []struct {
	what, field string
	of          func(*store.Part) *string
	most        int
}{
	{"the name", "name", func(p *store.Part) *string { return &p.Name }, words.MostName},
	{"the number", "number", func(p *store.Part) *string { return &p.Number }, words.MostNumber},
	{"the revision", "revision", func(p *store.Part) *string { return &p.Revision }, 40},
	{"the folder", "folder", func(p *store.Part) *string { return &p.Folder }, 100},
	{"the material", "material", func(p *store.Part) *string { return &p.Material }, 100},
	{"what it is cut from", "stock", func(p *store.Part) *string { return &p.Stock }, 100},
}

// updatePart changes the fields that were sent, and no others; it answers with the line of facts.
func (p *Pages) updatePart(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	sent, err := c.FormValues()
	if err != nil {
		return ask.Refuse("the fields could not be read")
	}
	row, err := p.App.Store.ChangePart(ctx, n, func(row *store.Part) error {
		for _, f := range saying {
			if !sent.Has(f.field) {
				continue
			}
			s, err := words.Text(f.what, sent.Get(f.field), f.most)
			if err != nil {
				return err
			}
			*f.of(row) = s
		}
		if row.Name == "" {
			return ask.Refuse("a part needs a name")
		}
		if sent.Has("density") {
			if row.Density, err = density(sent.Get("density")); err != nil {
				return err
			}
		}
		if sent.Has("fastener") {
			row.Fastener = sent.Get("fastener") != ""
		}
		return nil
	})
	if err != nil {
		return err
	}
	if sent.Has("unit") {
		if err := p.App.Reread(ctx, n, sent.Get("unit")); err != nil {
			return err
		}
		if row, err = p.App.Store.Part(ctx, n); err != nil {
			return err
		}
		c.Response().Header().Set("X-Preview", row.PreviewSHA256)
	}
	pr, err := p.App.Store.Project(ctx, row.ProjectID)
	if err != nil {
		return err
	}
	v, err := p.partView(ctx, row, words.Units(pr.Unit))
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "facts", v)
}

func density(s string) (float64, error) {
	s = strings.TrimSpace(s)
	if s == "" {
		return 0, nil
	}
	d, err := strconv.ParseFloat(strings.ReplaceAll(s, ",", "."), 64)
	if err != nil || !(d >= 0 && d <= 1e6) {
		return 0, ask.Refuse("density is a number in kg/m³, such as 7850 for steel")
	}
	return d, nil
}
