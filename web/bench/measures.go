package bench

import (
	"encoding/json"
	"fmt"
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/web/ask"
)

// measureView is a measure that is kept, as it is shown.
type measureView struct {
	Name, Says string
	Full       string // all digits, to be copied
}

// measures shows the measures that are kept.
func (v *accountView) measures(j *app.Judged) {
	for _, m := range j.Asm.Measures {
		value := j.Result.Measures[m.Name]
		v.Measures = append(v.Measures, measureView{m.Name, v.units.Said(words.Measured(m, value)), digits(value)})
	}
}

// digits are a measured value with all there are, in mm, degrees or kg.
func digits(value any) string {
	raw, err := json.Marshal(value)
	if err != nil || value == nil {
		return ""
	}
	return string(raw)
}

// measure reads off measures that are not kept.
func (b *Bench) measure(c *echo.Context, n int64) error {
	var in struct {
		Measures []json.RawMessage `json:"measures"`
	}
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	var list []assembly.Measure
	for i, raw := range in.Measures {
		m, err := app.ReadMeasure(fmt.Sprint("measure ", i+1), raw)
		if err != nil {
			return err
		}
		list = append(list, m)
	}
	values, err := b.App.Measured(c.Request().Context(), n, list)
	if err != nil {
		return err
	}
	u, err := b.units(c.Request().Context(), n)
	if err != nil {
		return err
	}
	says := []string{}
	for i, m := range list {
		says = append(says, u.Said(words.Measured(m, values[i])))
	}
	return c.JSON(http.StatusOK, map[string]any{"says": says, "values": values})
}

// variants solves the assembly once for each column of named values.
func (b *Bench) variants(c *echo.Context, n int64) error {
	var in struct {
		Columns []map[string]string `json:"columns"`
	}
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	out, err := b.App.Variants(c.Request().Context(), n, in.Columns)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, out)
}
