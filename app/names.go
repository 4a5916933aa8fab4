package app

import (
	"fmt"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/geom"
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
	for n := 1; ; n++ {
		id := fmt.Sprintf("%s %d", stem, n)
		if a.Mate(id) == nil {
			return id
		}
	}
}

// Inverse is the pose that undoes another.
func Inverse(p account.PoseJSON) account.PoseJSON {
	g, err := edit.Pose(p).Geom()
	if err != nil {
		g = geom.Home
	}
	return account.PoseJSON(edit.PoseOf(g.Inverse()))
}

// Compose is the pose of something placed inside something placed.
func Compose(outer, inner account.PoseJSON) account.PoseJSON {
	o, err1 := edit.Pose(outer).Geom()
	i, err2 := edit.Pose(inner).Geom()
	if err1 != nil || err2 != nil {
		return outer
	}
	return account.PoseJSON(edit.PoseOf(o.Mul(i)))
}
