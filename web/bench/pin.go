package bench

import (
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/web/ask"
)

// pin pins a picture of the stage to the line that it was taken after.
func (b *Bench) pin(c *echo.Context, n int64) error {
	var in struct {
		Seq     int64  `json:"seq"`
		Text    string `json:"text"`
		Picture []byte `json:"picture"` // in base64
	}
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	if err := b.App.PinPicture(c.Request().Context(), n, in.Seq, ask.Who(c).Name, in.Text, in.Picture); err != nil {
		return err
	}
	return c.JSON(http.StatusOK, map[string]any{})
}
