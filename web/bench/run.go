package bench

import (
	"encoding/json"
	"net/http"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/app"
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
	asked := app.Running{Assembly: n, Drive: in.Drive, As: in.As, Title: in.Title}
	if in.As != "" {
		return b.runFile(c, asked)
	}
	w := c.Response()
	e := json.NewEncoder(w)
	last, begun := time.Now(), false
	var out json.RawMessage
	err := b.App.AwaitRun(c.Request().Context(), asked, func(f float64) {
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
	}, &out)
	switch {
	case err == nil:
		return e.Encode(out)
	case begun:
		return e.Encode(map[string]string{"error": b.Fault(c, err)})
	}
	return err
}

// runFile answers with a run as a table or a drawing.
func (b *Bench) runFile(c *echo.Context, asked app.Running) error {
	kind := map[string]string{"csv": "text/csv; charset=utf-8", "svg": "image/svg+xml"}[asked.As]
	if kind == "" {
		return ask.Refuse("a run is written as csv or svg")
	}
	var out string
	if err := b.App.AwaitRun(c.Request().Context(), asked, nil, &out); err != nil {
		return err
	}
	return c.Blob(http.StatusOK, kind, []byte(out))
}
