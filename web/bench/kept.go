package bench

import (
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/store"
	"setfast/web/ask"
)

// kept lists what is kept beside the log: views, the home position, colours.
func (b *Bench) kept(c *echo.Context, n int64) error {
	if _, err := b.App.Store.Assembly(c.Request().Context(), n); err != nil {
		return err
	}
	list, err := b.App.Store.KeptOf(c.Request().Context(), n)
	if err != nil {
		return err
	}
	if list == nil {
		list = []store.Kept{}
	}
	return c.JSON(http.StatusOK, list)
}

// keep keeps one of them, or forgets it.
func (b *Bench) keep(c *echo.Context, n int64) error {
	var in store.Kept
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	if err := b.App.Keep(c.Request().Context(), n, in); err != nil {
		return err
	}
	return b.kept(c, n)
}
