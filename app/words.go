package app

import (
	"math"
	"strconv"
	"strings"
	"unicode"
	"unicode/utf8"
)

// How long names may be, in letters.
const (
	MostProject = 190 // of a project
	MostName    = 180 // of a part, a component or an assembly
	MostNumber  = 100
)

// Text makes a text of a user's fit to be kept: without space around it, of so many letters at most.
func Text(what, s string, most int) (string, error) {
	if !utf8.ValidString(s) {
		return "", userErr("%s is not written in UTF-8", what)
	}
	s = strings.TrimSpace(s)
	if strings.ContainsFunc(s, func(r rune) bool { return unicode.IsControl(r) || r == utf8.RuneError }) {
		return "", userErr("%s has characters in it that cannot be shown", what)
	}
	if utf8.RuneCountInString(s) > most {
		return "", userErr("%s is longer than %d letters", what, most)
	}
	return s, nil
}

// Name is a text that must not be empty.
func Name(what, s string, most int) (string, error) {
	s, err := Text(what, s, most)
	if err == nil && s == "" {
		return "", userErr("%s must not be empty", what)
	}
	return s, err
}

// largest is the largest number that means anything here: a million kilometres, or more turns than anything makes.
const largest = 1e12

// sensible tells whether a number is one, and means something.
func sensible(x *float64) bool { return x == nil || !math.IsNaN(*x) && math.Abs(*x) <= largest }

func plural(n int, one, many string) string {
	if n == 1 {
		return "1 " + one
	}
	return strconv.Itoa(n) + " " + many
}
