// Package ask reads what browsers and scripts ask: numbers in paths, bodies, commands.
package ask

import (
	"bytes"
	"encoding/json"
	"io"
	"math"
	"net/http"
	"strconv"
	"unicode/utf8"

	"github.com/labstack/echo/v5"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/store"
)

// Number is the number in a part of the path.
func Number(c *echo.Context, name string) (int64, error) {
	n, err := strconv.ParseInt(c.Param(name), 10, 64)
	if err != nil {
		return 0, store.ErrNotFound
	}
	return n, nil
}

// On hands a handler the number in a part of the path.
func On(name string, h func(*echo.Context, int64) error) echo.HandlerFunc {
	return func(c *echo.Context) error {
		n, err := Number(c, name)
		if err != nil {
			return err
		}
		return h(c, n)
	}
}

// Before is the line of a log before which lines are asked for; where none is said, all.
func Before(c *echo.Context) (int64, error) {
	v := c.QueryParam("before")
	if v == "" {
		return math.MaxInt64, nil
	}
	n, err := strconv.ParseInt(v, 10, 64)
	if err != nil {
		return 0, Refuse("before is the number of a line")
	}
	return n, nil
}

// MostLines is how many lines of a log are given at once.
const MostLines = 100

// Refuse says what is wrong with a request.
func Refuse(msg string) error { return &words.Refusal{Msg: msg} }

// Text is a text of a form.
func Text(c *echo.Context, what, field string, most int) (string, error) {
	return words.Text(what, c.FormValue(field), most)
}

// mostAsked is how long a request's body may be.
const mostAsked = 4 << 20

func body(c *echo.Context) ([]byte, error) {
	data, err := io.ReadAll(http.MaxBytesReader(c.Response(), c.Request().Body, mostAsked))
	if err != nil {
		return nil, Refuse("this request is too large, or the transfer broke off")
	}
	if !utf8.Valid(data) {
		return nil, Refuse("this request is not written in UTF-8")
	}
	return data, nil
}

// JSON reads a request's body and nothing but the members asked for.
func JSON(c *echo.Context, v any) error {
	data, err := body(c)
	if err != nil {
		return err
	}
	d := json.NewDecoder(bytes.NewReader(data))
	d.DisallowUnknownFields()
	if err := d.Decode(v); err != nil {
		return Refuse("this request cannot be read")
	}
	if _, err := d.Token(); err != io.EOF {
		return Refuse("this request cannot be read: something follows its end")
	}
	return nil
}

// Command reads a command.
func Command(c *echo.Context) (commands.Meant, error) {
	data, err := body(c)
	if err != nil {
		return commands.Meant{}, err
	}
	return commands.Decode(data)
}
