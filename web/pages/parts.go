package pages

import (
	"context"
	"errors"
	"net/http"
	"strconv"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app/words"
	"setfast/core/part"
	"setfast/kernel"
	"setfast/store"
	"setfast/web/ask"
)

// PartView is a part as the Shelf shows it.
type PartView struct {
	store.Part
	Shape *kernel.Derived
	Mass  string
	Gone  bool // its shape is not there any more
}

func (p *Pages) partView(ctx context.Context, r store.Part) (PartView, error) {
	v := PartView{Part: r}
	d, _, err := p.App.Derived(ctx, r.DerivedSHA256)
	if errors.Is(err, store.ErrNotFound) {
		v.Shape, v.Gone = &kernel.Derived{}, true
		return v, nil
	}
	v.Shape = d
	if err == nil && r.Density > 0 && d.Volume > 0 {
		v.Mass = words.Weight(part.Mass(r.Density, d.Volume))
	}
	return v, err
}

// PartViews are the parts on the Shelf, and apart those taken off it.
func (p *Pages) PartViews(ctx context.Context, project int64) (shown []PartView, off []store.Part, err error) {
	rows, err := p.App.Store.Parts(ctx, project)
	if err != nil {
		return nil, nil, err
	}
	for _, r := range rows {
		if r.Off {
			off = append(off, r)
			continue
		}
		v, err := p.partView(ctx, r)
		if err != nil {
			return nil, nil, err
		}
		shown = append(shown, v)
	}
	return shown, off, nil
}

func (p *Pages) partList(c *echo.Context, n int64) error {
	if _, err := p.App.Store.Project(c.Request().Context(), n); err != nil {
		return err
	}
	parts, _, err := p.PartViews(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "parts", partsView{parts})
}

func (p *Pages) updatePart(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	row, err := p.App.Store.Part(ctx, n)
	if err != nil {
		return err
	}
	for _, f := range []struct {
		what, field string
		to          *string
		most        int
	}{{"the name", "name", &row.Name, words.MostName}, {"the number", "number", &row.Number, words.MostNumber}, {"the revision", "revision", &row.Revision, 40}, {"the material", "material", &row.Material, 100}} {
		if *f.to, err = ask.Text(c, f.what, f.field, f.most); err != nil {
			return err
		}
	}
	if row.Name == "" {
		return ask.Refuse("a part needs a name")
	}
	row.Density = 0
	if v := strings.TrimSpace(c.FormValue("density")); v != "" {
		if row.Density, err = strconv.ParseFloat(strings.ReplaceAll(v, ",", "."), 64); err != nil || !(row.Density >= 0 && row.Density <= 1e6) {
			return ask.Refuse("density is a number in kg/m³, such as 7850 for steel")
		}
	}
	row.Fastener = c.FormValue("fastener") != ""
	if err := p.App.Store.UpdatePart(ctx, row); err != nil {
		return err
	}
	v, err := p.partView(ctx, row)
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "part", v)
}
