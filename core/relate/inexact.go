package relate

import (
	"math"
	"slices"

	"setfast/core/tol"
)

// chained is how much farther off a contact may be than those before it, to count among them.
const chained = 2

// inexact estimates how far off the file's own numbers are: no less than imported data may be, and then as far as contacts follow one
// another closely in how much they miss by. A gap in that order parts what is inexact from what is really apart.
func (s *scene) inexact() float64 {
	var off []float64
	for i := range s.found {
		if x := s.found[i].apart; x <= tol.MeetsMost {
			off = append(off, x)
		}
	}
	slices.Sort(off)
	out := tol.MeetsLeast
	for _, x := range off {
		if x > chained*out {
			break
		}
		out = math.Max(out, x)
	}
	return out
}

// part tells contacts that hold from those that nearly do. Of the latter only those count that no contact of the same kind between the same
// bodies has replaced.
func (s *scene) part(exact float64) {
	type what struct {
		a, b int
		c    class
	}
	held := map[what]bool{}
	var hold, near []contact
	for _, c := range s.found {
		if c.apart <= exact {
			hold = append(hold, c)
			held[what{c.a, c.b, c.class}] = true
		}
	}
	for _, c := range s.found {
		if c.apart > exact && c.class < distant && !held[what{c.a, c.b, c.class}] {
			near = append(near, c)
		}
	}
	s.found, s.near = hold, near
}
