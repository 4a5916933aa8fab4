package ask

import (
	"fmt"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/store"
)

// Attach has the browser save the answer under a name.
func Attach(c *echo.Context, name string) {
	plain := strings.Map(func(r rune) rune {
		if strings.ContainsRune(" -_.", r) || r >= '0' && r <= '9' || r >= 'a' && r <= 'z' || r >= 'A' && r <= 'Z' {
			return r
		}
		return '-'
	}, name)
	c.Response().Header().Set("Content-Disposition", fmt.Sprintf(`attachment; filename="%s"`, plain))
}

// Bundle answers with a document and its sources, as a zip.
func Bundle(c *echo.Context, st *store.Store, s *app.Saved) error {
	Attach(c, s.Name+".zip")
	c.Response().Header().Set("Content-Type", "application/zip")
	return s.Write(c.Request().Context(), st, c.Response())
}
