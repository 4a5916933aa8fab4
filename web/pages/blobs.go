package pages

import (
	"github.com/labstack/echo/v5"

	"setfast/store"
	"setfast/web/ask"
)

// shape gives derived data by content, so that it can be kept by the browser for ever.
func (p *Pages) shape(c *echo.Context) error { return p.blob(c, "application/octet-stream") }

func (p *Pages) preview(c *echo.Context) error { return p.blob(c, "image/png") }

// blob sends a large value piece by piece.
func (p *Pages) blob(c *echo.Context, kind string) error {
	sha := c.Param("sha")
	if len(sha) != 64 {
		return store.ErrNotFound
	}
	ctx := c.Request().Context()
	if _, err := p.App.Store.BlobSize(ctx, sha); err != nil {
		return err
	}
	h := c.Response().Header()
	h.Set("Cache-Control", "private, max-age=31536000, immutable")
	h.Set("Content-Type", kind)
	return p.App.Store.BlobTo(ctx, sha, ask.Steady(c))
}
