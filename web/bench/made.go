package bench

import (
	"context"
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/core/explode"
	"setfast/web/ask"
)

// Parts that are made of others, and newer files of parts.
func (b *Bench) made(e *echo.Echo) {
	e.POST("/a/:asm/mirrored", ask.On("asm", tried(b.App.TryMirror)))
	e.POST("/a/:asm/mirror", ask.On("asm", acted(b, b.App.Mirror, func(in app.Mirroring) int64 { return in.Base })))
	e.POST("/a/:asm/drilled", ask.On("asm", tried(b.App.TryDrill)))
	e.POST("/a/:asm/drill", ask.On("asm", acted(b, b.App.Drill, func(in app.Drilling) int64 { return in.Base })))
	e.POST("/a/:asm/outline", ask.On("asm", acted(b, b.App.Outline, func(in app.Outlining) int64 { return in.Base })))
	e.POST("/a/:asm/compare", ask.On("asm", tried(b.App.Compare)))
	e.POST("/a/:asm/revise", ask.On("asm", acted(b, b.App.Revise, func(in app.Revising) int64 { return in.Base })))
	e.POST("/a/:asm/follow", ask.On("asm", acted(b, b.App.Follow, func(in app.Follow) int64 { return in.Base })))
	e.GET("/a/:asm/apart", ask.On("asm", b.apart))
	e.GET("/a/:asm/dated", ask.On("asm", b.dated))
	e.POST("/a/:asm/unlink", ask.On("asm", b.unlink))
}

// tried answers what would come of something.
func tried[In, Out any](try func(ctx context.Context, id int64, in In) (Out, error)) func(c *echo.Context, n int64) error {
	return func(c *echo.Context, n int64) error {
		var in In
		if err := ask.JSON(c, &in); err != nil {
			return err
		}
		out, err := try(c.Request().Context(), n, in)
		if err != nil {
			return err
		}
		return c.JSON(http.StatusOK, out)
	}
}

// acted answers with the state after something was done.
func acted[In any](b *Bench, act func(ctx context.Context, id int64, who string, in In) (*app.Posted, error), base func(in In) int64) func(c *echo.Context, n int64) error {
	return func(c *echo.Context, n int64) error {
		var in In
		if err := ask.JSON(c, &in); err != nil {
			return err
		}
		p, err := act(c.Request().Context(), n, ask.Who(c).Name, in)
		if err != nil {
			return err
		}
		return b.answer(c, p, base(in), p.Follows)
	}
}

// dated tells which parts are out of date, and which were made of others.
func (b *Bench) dated(c *echo.Context, n int64) error {
	stale, linked, err := b.App.Dated(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, map[string]any{"stale": stale, "linked": linked})
}

func (b *Bench) unlink(c *echo.Context, n int64) error {
	var in struct {
		Component string `json:"component"`
	}
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	if err := b.App.Break(c.Request().Context(), n, in.Component); err != nil {
		return err
	}
	return c.JSON(http.StatusOK, map[string]any{})
}

// apart tells how an assembly comes apart.
func (b *Bench) apart(c *echo.Context, n int64) error {
	x, err := b.App.Apart(c.Request().Context(), n, c.QueryParam("as"))
	if err != nil {
		return err
	}
	j, err := b.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	ways := []string{}
	for _, w := range j.Asm.Explosions {
		ways = append(ways, w.Name)
	}
	return c.JSON(http.StatusOK, struct {
		*explode.Exploded
		Ways []string `json:"ways"` // that have names
	}{x, ways})
}
