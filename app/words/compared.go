package words

import (
	"encoding/json"
	"fmt"
	"maps"
	"slices"
	"strings"

	"setfast/core/compare"
	"setfast/core/part"
)

// Compared says what differs, a line for each.
func Compared(r *compare.Result) (out []string) {
	if r.Same {
		return []string{"nothing differs"}
	}
	line := func(format string, a ...any) { out = append(out, fmt.Sprintf(format, a...)) }
	say := func(what string, list []string) {
		if len(list) > 0 {
			line("%s: %s", what, strings.Join(list, ", "))
		}
	}
	names := func(what string, n *compare.Names) {
		if n != nil {
			say(what+" added", n.Added)
			say(what+" removed", n.Removed)
			say(what+" changed", n.Changed)
		}
	}
	fields := func(what string, list []compare.Changed) {
		for _, k := range list {
			for _, f := range slices.Sorted(maps.Keys(k.Fields)) {
				v := k.Fields[f]
				line("%s%s, %s: %s, now %s", what, k.Name+k.ID, f, asJSON(v[0]), asJSON(v[1]))
			}
		}
	}
	names("parts", &r.Parts)
	names("assemblies", r.Assemblies)
	say("components added", r.Components.Added)
	say("components removed", r.Components.Removed)
	for _, k := range r.Components.Renamed {
		line("%s is called %s", k[0], k[1])
	}
	for _, m := range r.Components.Moved {
		line("%s moved by %s mm, turned by %s°", m.Name, part.Number(m.MM), part.Number(m.Deg))
	}
	fields("component ", r.Components.Changed)
	say("relations added", r.Mates.Added)
	say("relations removed", r.Mates.Removed)
	fields("relation ", r.Mates.Changed)
	if r.Order {
		line("the build order differs")
	}
	say("besides", r.Other)
	for _, m := range []map[string][2]any{r.Account, r.Measures} {
		for _, k := range slices.Sorted(maps.Keys(m)) {
			line("%s: %v, now %v", k, asJSON(m[k][0]), asJSON(m[k][1]))
		}
	}
	return out
}

// asJSON is a value as files have it.
func asJSON(v any) string {
	if x, ok := v.(float64); ok {
		return part.Number(x)
	}
	raw, err := json.Marshal(v)
	if err != nil {
		return "?"
	}
	return string(raw)
}
