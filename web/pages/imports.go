package pages

import (
	"errors"
	"io"
	"net/http"
	"os"
	"slices"
	"strconv"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/store"
	"setfast/web/ask"
)

// stage takes files in as they come; the server reads them by and by, whoever waits for that.
func (p *Pages) stage(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	if _, err := p.App.Store.Project(ctx, n); err != nil {
		return err
	}
	req := c.Request()
	req.Body = ask.Patiently(c, p.App.Limits.Upload+1<<20)
	mr, err := req.MultipartReader()
	if err != nil {
		return ask.Refuse("no files came with this request")
	}
	batch, list, err := p.App.Stage(ctx, n, func() (app.Incoming, error) {
		for {
			file, err := mr.NextPart()
			if err == io.EOF {
				return app.Incoming{}, err
			}
			if err != nil {
				return app.Incoming{}, errors.Join(errBroken, err)
			}
			if file.FileName() != "" {
				return app.Incoming{Name: file.FileName(), From: file}, nil
			}
		}
	})
	var tooLarge *http.MaxBytesError
	switch {
	case errors.As(err, &tooLarge):
		return ask.Refuse("the files are more than " + strconv.FormatInt(p.App.Limits.Upload>>20, 10) + " MB together; hand them in by and by")
	case errors.Is(err, errBroken), errors.Is(err, io.ErrUnexpectedEOF), errors.Is(err, os.ErrDeadlineExceeded):
		return ask.Refuse("the transfer broke off, so nothing was taken; hand the files in again")
	case err != nil:
		return err
	}
	return c.JSON(http.StatusOK, batchJSON{batch, filesJSON(list)})
}

var errBroken = errors.New("the parts of the request cannot be read")

type (
	batchJSON struct {
		Batch string     `json:"batch"`
		Files []fileJSON `json:"files"`
	}
	fileJSON struct {
		ID      int64   `json:"id"`
		Name    string  `json:"name"`
		State   string  `json:"state"`
		Message string  `json:"message"`
		Ahead   int     `json:"ahead,omitempty"`
		Seconds float64 `json:"seconds,omitempty"`
	}
)

func filesJSON(list []store.ImportFile) []fileJSON {
	items := []fileJSON{}
	for _, f := range list {
		items = append(items, fileJSON{ID: f.ID, Name: f.Name, State: f.State, Message: f.Message})
	}
	return items
}

// unfinished tells which batches of a project are still being read, in the order in which they came.
func (p *Pages) unfinished(c *echo.Context, n int64) error {
	list, err := p.App.Store.Importing(c.Request().Context(), n)
	if err != nil {
		return err
	}
	open := struct {
		Batches []string `json:"batches"`
	}{[]string{}}
	for _, f := range list {
		if !slices.Contains(open.Batches, f.Batch) {
			open.Batches = append(open.Batches, f.Batch)
		}
	}
	return c.JSON(http.StatusOK, open)
}

// progress tells how far the files of a batch are.
func (p *Pages) progress(c *echo.Context, n int64) error {
	batch := c.Param("batch")
	list, err := p.App.Progress(c.Request().Context(), batch)
	if err != nil {
		return err
	}
	if len(list) == 0 || list[0].ProjectID != n {
		return store.ErrNotFound
	}
	out := batchJSON{Batch: batch}
	for _, f := range list {
		out.Files = append(out.Files, fileJSON{f.ID, f.Name, f.State, f.Message, f.Ahead, f.Reading.Seconds()})
	}
	return c.JSON(http.StatusOK, out)
}

func (p *Pages) cancelImport(c *echo.Context, n int64) error {
	file, err := ask.Number(c, "file")
	if err != nil {
		return err
	}
	if err := p.App.CancelImport(c.Request().Context(), n, file); err != nil {
		return err
	}
	return c.NoContent(http.StatusOK)
}
