package motion

import (
	"fmt"

	"setfast/core/relation"
	"setfast/core/tol"
)

// limited is a coordinate that cannot go everywhere: it has limits, or goes one way only.
type limited struct {
	rel     int
	of      string
	r       relation.Range
	one     string  // "up" or "down": the only way that it goes
	value   float64 // where it was when it was last within its limits
	angular bool
}

// bounds are those of a coordinate, where it has any.
func (s *Study) bounds(rel int, of string) (limited, bool) {
	m := s.Mates[rel]
	r, ok := m.Limits(of)
	one := m.Word(relation.WayField(of))
	return limited{of: of, r: r, one: one, angular: relation.CoordinateKind(of) == relation.Angle}, ok || one != ""
}

// passed tells which limit a coordinate goes past, farther than it was.
func (l *limited) passed(x float64) (end float64, past bool) {
	switch {
	case l.r.Lo != nil && x < *l.r.Lo-tol.Past && x < l.value:
		return *l.r.Lo, true
	case l.r.Hi != nil && x > *l.r.Hi+tol.Past && x > l.value:
		return *l.r.Hi, true
	}
	return 0, false
}

// backward tells whether a coordinate goes the way that it does not.
func (l *limited) backward(x, by float64) bool {
	return l.one == "up" && x < l.value-by || l.one == "down" && x > l.value+by
}

// overrun tells which limit a coordinate that is pulled has gone past.
func (l *limited) overrun(v float64) (end float64, is bool) {
	switch {
	case l.backward(v, tol.Overrun):
		return l.value, true
	case l.r.Lo != nil && v < *l.r.Lo-tol.Overrun:
		return *l.r.Lo, true
	case l.r.Hi != nil && v > *l.r.Hi+tol.Overrun:
		return *l.r.Hi, true
	}
	return 0, false
}

// blocked says why a coordinate cannot be at a value, and the limit it is past; nothing where it can.
func (d *driver) blocked(l *limited, x float64) (why string, hit *Hit) {
	joint := d.s.Mates[l.rel].ID
	if end, past := l.passed(x); past {
		unit := "mm"
		if l.angular {
			unit = "°"
		}
		return fmt.Sprintf("limit of %s %s at %g %s", joint, l.of, end, unit), &Hit{joint, l.of, end}
	}
	if l.backward(x, tol.Past) {
		return fmt.Sprintf("%s %s goes one way only, %s", joint, l.of, l.one), nil
	}
	return "", nil
}
