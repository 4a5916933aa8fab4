package bench

import (
	"encoding/csv"
	"encoding/json"
	"net/http"
	"strings"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/web/ask"
)

// runJSON asks for a run: the drive as in files.
type runJSON struct {
	Drive json.RawMessage `json:"drive"`
	As    string          `json:"as"`    // csv or svg: as a file of that kind
	Title string          `json:"title"` // of the drawing
}

// tellEvery is how often a run says how far it is.
const tellEvery = 100 * time.Millisecond

// run takes a motion through its legs. The answer comes line by line: {"gone": 0.3} while it works, then what was met, or {"error": why not}. Who
// no longer listens calls it off.
func (b *Bench) run(c *echo.Context, n int64) error {
	var in runJSON
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	d, err := drive("run", in.Drive)
	if err != nil {
		return err
	}
	if in.As != "" {
		return b.runFile(c, n, d, &in)
	}
	w := c.Response()
	e := json.NewEncoder(w)
	last, begun := time.Now(), false
	out, err := b.App.Run(c.Request().Context(), n, d, func(f float64) {
		if time.Since(last) < tellEvery {
			return
		}
		if !begun {
			begun = true
			w.Header().Set("Content-Type", "application/x-ndjson")
			w.Header().Set("X-Accel-Buffering", "no") // a server before this one passes the lines on as they come
		}
		last = time.Now()
		if e.Encode(map[string]float64{"gone": f}) == nil {
			_ = http.NewResponseController(w).Flush() // who cannot be told sooner is told at the end
		}
	})
	switch {
	case err == nil:
		return e.Encode(out)
	case begun:
		return e.Encode(map[string]string{"error": b.Fault(c, err)})
	}
	return err
}

// drive reads a drive as it stands in files.
func drive(name string, data []byte) (assembly.Drive, error) {
	d, err := format.ReadDrive(name, data)
	if err != nil {
		return d, ask.Refuse(words.Fault(err))
	}
	return d, nil
}

// runFile answers with a run as a table or a drawing.
func (b *Bench) runFile(c *echo.Context, n int64, d assembly.Drive, in *runJSON) error {
	out, err := b.App.Run(c.Request().Context(), n, d, nil)
	if err != nil {
		return err
	}
	switch in.As {
	case "csv":
		var s strings.Builder
		if err := csv.NewWriter(&s).WriteAll(out.Table(&d)); err != nil {
			return err
		}
		return c.Blob(http.StatusOK, "text/csv; charset=utf-8", []byte(s.String()))
	case "svg":
		return c.Blob(http.StatusOK, "image/svg+xml", []byte(out.Plot(&d, in.Title)))
	}
	return ask.Refuse("a run is written as csv or svg")
}
