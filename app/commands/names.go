package commands

import (
	"fmt"
	"strings"

	"setfast/core/assembly"
)

// FreeName makes a component name that the assembly has not got yet.
func FreeName(a *assembly.Assembly, want string, taken map[string]bool) string {
	want = strings.TrimSpace(strings.Map(func(r rune) rune {
		if r == '/' || r == '@' || r < ' ' {
			return '-'
		}
		return r
	}, want))
	if want == "" {
		want = "part"
	}
	name := want
	for n := 2; a.Component(name) != nil || taken[name]; n++ {
		name = fmt.Sprintf("%s %d", want, n)
	}
	return name
}

// FreeID makes an id for a new relation.
func FreeID(a *assembly.Assembly, stem string) string {
	return freeOf(stem, func(id string) bool { return a.Mate(id) != nil })
}

// freeOf makes an id of a stem that is not taken.
func freeOf(stem string, taken func(id string) bool) string {
	for n := 1; ; n++ {
		if id := fmt.Sprintf("%s %d", stem, n); !taken(id) {
			return id
		}
	}
}
