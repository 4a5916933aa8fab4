// Package words holds what is said to people: the sentences about an account that the pages and the command line share, and what a
// text of theirs must be to be kept.
package words

import (
	"context"
	"errors"
	"fmt"
	"math"
	"strconv"
	"strings"
	"unicode"
	"unicode/utf8"

	"setfast/core/assembly"
)

// Refusal is a mistake of the user's, to be shown as it is.
type Refusal struct{ Msg string }

func (e *Refusal) Error() string { return e.Msg }

// Refuse says what is wrong and what to do.
func Refuse(format string, a ...any) error { return &Refusal{fmt.Sprintf(format, a...)} }

// How long names may be, in letters.
const (
	MostProject = 190 // of a project
	MostName    = 180 // of a part, a component or an assembly
	MostNumber  = 100
)

// Text makes a text of a user's fit to be kept: without space around it, of so many letters at most.
func Text(what, s string, most int) (string, error) {
	if !utf8.ValidString(s) {
		return "", Refuse("%s is not written in UTF-8", what)
	}
	s = strings.TrimSpace(s)
	if strings.ContainsFunc(s, func(r rune) bool { return unicode.IsControl(r) || r == utf8.RuneError }) {
		return "", Refuse("%s has characters in it that cannot be shown", what)
	}
	if utf8.RuneCountInString(s) > most {
		return "", Refuse("%s is longer than %d letters", what, most)
	}
	return s, nil
}

// Name is a text that must not be empty.
func Name(what, s string, most int) (string, error) {
	s, err := Text(what, s, most)
	if err == nil && s == "" {
		return "", Refuse("%s must not be empty", what)
	}
	return s, err
}

// largest is the largest number that means anything here: a million kilometres, or more turns than anything makes.
const largest = 1e12

// Sensible tells whether a number is one, and means something.
func Sensible(x *float64) bool { return x == nil || !math.IsNaN(*x) && math.Abs(*x) <= largest }

// Plural counts things.
func Plural(n int, one, many string) string {
	if n == 1 {
		return "1 " + one
	}
	return strconv.Itoa(n) + " " + many
}

// Plainly turns what the core says of a try into a refusal, but for the end of the time.
func Plainly(ctx context.Context, err error) error {
	if err == nil || ctx.Err() != nil {
		return err
	}
	return Refuse("%s", Fault(err))
}

// Fault is what is wrong with a document, without the path in it, which the user never saw.
func Fault(err error) string {
	var f *assembly.Fault
	if errors.As(err, &f) {
		return f.Msg
	}
	return err.Error()
}
