package commands

import (
	"fmt"

	"setfast/core/assembly"
)

// FreeName makes a component name that the assembly has not got yet.
func FreeName(a *assembly.Assembly, want string, taken map[string]bool) string {
	return assembly.FreeName(want, func(name string) bool { return a.Component(name) != nil || taken[name] })
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
