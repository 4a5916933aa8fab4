package bench

import (
	"math"
	"net/http"
	"strconv"

	"github.com/labstack/echo/v5"

	"setfast/web/ask"
)

// then adds how the assembly stood before.
func (b *Bench) then(e *echo.Echo) {
	e.GET("/a/:asm/then", ask.On("asm", b.moments))
	e.GET("/a/:asm/then/:seq", ask.On("asm", b.since))
}

// moments lists what it can be compared with: its latest lines, and its moments that have names.
func (b *Bench) moments(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	type line struct {
		Seq  int64  `json:"seq"`
		Said string `json:"said"`
		Name string `json:"name,omitempty"`
	}
	list, err := b.App.Store.Log(ctx, n, math.MaxInt64, ask.MostLines)
	if err != nil {
		return err
	}
	_, named, err := b.App.Notes(ctx, n)
	if err != nil {
		return err
	}
	out := []line{}
	for _, m := range named {
		out = append(out, line{Seq: m.Seq, Name: m.Name})
	}
	for i, e := range list {
		if i > 0 { // the latest is how it stands
			out = append(out, line{Seq: e.Seq, Said: e.Said})
		}
	}
	return c.JSON(http.StatusOK, append(out, line{Said: "before the first line"}))
}

// since tells what has changed since a line.
func (b *Bench) since(c *echo.Context, n int64) error {
	seq, err := strconv.ParseInt(c.Param("seq"), 10, 64)
	if err != nil || seq < 0 {
		return ask.Refuse("a moment is told by the number of a line")
	}
	out, err := b.App.Then(c.Request().Context(), n, seq)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, out)
}
