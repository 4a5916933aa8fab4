package kernel

import (
	"fmt"
	"regexp"

	"setfast/core/part"
)

// nameable are names of faces that can stand in a reference; f1, e1 and v1 are those of numbers.
var nameable = regexp.MustCompile(`^[A-Za-z][A-Za-z0-9_-]*$`)

var numbered = regexp.MustCompile(`^[fevFEV][0-9]+$`)

// callings are what the file calls features, by feature: what it calls but one face so, or the halves of one.
func (p *Part) callings(fs map[string]part.Feature, same map[string]string) map[string]string {
	first := func(n string) string {
		if s, ok := same[n]; ok {
			return s
		}
		return n
	}
	by := map[string]string{} // feature by name; none where two have it
	for i, name := range p.Called {
		n := fmt.Sprintf("f%d", i+1)
		if _, ok := fs[n]; !ok || !nameable.MatchString(name) || numbered.MatchString(name) {
			continue
		}
		if _, built := part.BuiltIn[name]; built {
			continue
		}
		if other, had := by[name]; had && other != first(n) {
			by[name] = ""
			continue
		}
		by[name] = first(n)
	}
	out := map[string]string{}
	for name, n := range by {
		if have, had := out[n]; n != "" && (!had || name < have) {
			out[n] = name
		}
	}
	return out
}
