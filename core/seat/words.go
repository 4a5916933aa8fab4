package seat

import (
	"fmt"

	"setfast/core/conflict"
	"setfast/core/model"
	"setfast/core/part"
	"setfast/core/tol"
)

// missWords says how far relations are from holding together, at the best compromise.
func missWords(m *model.Model, st conflict.Settled) string {
	mm, dg := 0.0, 0.0
	for _, o := range st.Odds { // a coordinate that cannot come within its limits
		for _, ms := range o.Misses {
			mm, dg = mm+ms.MM, dg+ms.Deg
		}
	}
	if len(st.Odds) == 0 {
		for _, i := range m.Rels {
			if ms := m.Sys.Miss(m.Sys.Rels[i], st.Poses); !m.Holds(ms) {
				mm, dg = mm+ms.MM, dg+ms.Deg
			}
		}
	}
	switch {
	case mm > tol.Negligible && dg > tol.Negligible:
		return fmt.Sprintf("cannot hold: off by %s mm and %s°", part.Number(mm), part.Number(dg))
	case dg > mm:
		return fmt.Sprintf("cannot hold: off by %s°", part.Number(dg))
	}
	return fmt.Sprintf("cannot hold: off by %s mm", part.Number(mm))
}

// FreedomWords names a number of slides and turns.
func FreedomWords(slides, turns int) string {
	word := func(n int, one, many string) string {
		switch n {
		case 0:
			return ""
		case 1:
			return one
		}
		return fmt.Sprintf("%d %s", n, many)
	}
	s, t := word(slides, "one slide", "slides"), word(turns, "one turn", "turns")
	switch {
	case s == "" && t == "":
		return "nothing"
	case s == "":
		return t
	case t == "":
		return s
	}
	return s + " and " + t
}
