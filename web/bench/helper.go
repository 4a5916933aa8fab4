package bench

import (
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/web/ask"
)

// helper makes a helper feature on a part, or forgets one; it answers with its reference and how all stands then.
func (b *Bench) helper(c *echo.Context, n int64) error {
	var in app.Helper
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	ref, err := b.App.Help(c.Request().Context(), n, in)
	if err != nil {
		return err
	}
	s, err := b.now(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, map[string]any{"ref": ref, "state": s.state})
}
