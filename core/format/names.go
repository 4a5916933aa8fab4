package format

import "strings"

// name refuses names that references could not be written with.
func (r *reader) name(n *node, s, whose string) {
	switch {
	case s == "" || strings.TrimSpace(s) != s:
		r.fail(n, "%s name must not be empty or begin or end with a space", whose)
	case strings.ContainsAny(s, "/@") || strings.ContainsFunc(s, func(c rune) bool { return c < ' ' }):
		r.fail(n, "%s name must not contain / or @", whose)
	}
}

// CheckName refuses names that references could not be written with.
func CheckName(s string) error {
	r := &reader{}
	r.name(&node{name: s}, s, "a component's")
	return r.err
}
