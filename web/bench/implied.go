package bench

import (
	"context"
	"encoding/json"
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/core/relate"
)

// impliedView is what a placement implies, as the browser shows it.
type impliedView struct {
	Seq       int64                  `json:"seq"`
	Base      string                 `json:"base"`
	Order     []string               `json:"order"`
	Groups    []relate.Group         `json:"groups"`
	Relations map[string]impliedLine `json:"relations"`
	Also      []string               `json:"also"` // ids
	Held      []string               `json:"held"`
	Alone     []relate.Alone         `json:"alone"`
	Apart     []relate.Apart         `json:"apart"`
	Doubts    []string               `json:"doubts"`
	Hints     []relate.Hint          `json:"hints"`
	Below     []app.Unrelated        `json:"below"`
}

// impliedLine is one relation.
type impliedLine struct {
	Says    string          `json:"says"`
	Why     string          `json:"why"`
	A       string          `json:"a"`
	B       string          `json:"b"`
	Removes int             `json:"removes"`
	Mate    json.RawMessage `json:"mate"`
}

// implied finds what the placement implies.
func (b *Bench) implied(c *echo.Context, n int64) error {
	got, err := b.App.Implied(c.Request().Context(), n, c.QueryParam("base"))
	if err != nil {
		return err
	}
	u, err := b.units(c.Request().Context(), n)
	if err != nil {
		return err
	}
	v := impliedView{got.Seq, got.Base, got.Order, got.Groups, map[string]impliedLine{}, []string{}, []string{}, got.Alone, got.Apart, got.Doubts, got.Hints, got.Below}
	for i, list := range [][]relate.Relation{got.Relations, got.Also, got.Held} {
		for _, r := range list {
			v.Relations[r.ID] = impliedLine{u.Said(got.Says[r.ID]), u.Said(r.Why), r.A, r.B, r.Removes, got.Mates[r.ID]}
			switch i {
			case 1:
				v.Also = append(v.Also, r.ID)
			case 2:
				v.Held = append(v.Held, r.ID)
			}
		}
	}
	return c.JSON(http.StatusOK, v)
}

// proposed answers with ways to seat the component that is asked about.
func (b *Bench) proposed(find func(ctx context.Context, id int64, component string) ([]app.Proposed, error)) func(*echo.Context, int64) error {
	return func(c *echo.Context, n int64) error {
		list, err := find(c.Request().Context(), n, c.QueryParam("component"))
		if err != nil {
			return err
		}
		u, err := b.units(c.Request().Context(), n)
		if err != nil {
			return err
		}
		for i := range list {
			list[i].Says = u.Said(list[i].Says)
			for k := range list[i].Lines {
				list[i].Lines[k] = u.Said(list[i].Lines[k])
			}
		}
		return c.JSON(http.StatusOK, list)
	}
}
