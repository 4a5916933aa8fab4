package relation

import (
	"fmt"
	"math"
)

// Tie is the law of a coupling: the coordinate of joint b as a function of that of joint a (mm or radians), and its slope.
type Tie struct {
	Law      func(a float64) (b, slope float64)
	Relative bool    // counted from where the joints start
	Rate     float64 // where it is constant, else 0
}

// Tie makes the law of a coupling.
func (t *Type) Tie(s *Said) (Tie, error) {
	if t.tie == nil {
		return Tie{}, fmt.Errorf("unknown coupling %q", t.Name)
	}
	return t.tie(s)
}

// inProportion is a law with a constant rate; with a phase it is stated outright.
func inProportion(s *Said, rate, phaseUnit float64) Tie {
	phase, absolute := s.Num("phase")
	phase *= phaseUnit
	return Tie{
		Law:      func(a float64) (float64, float64) { return rate*a + phase, rate },
		Relative: !absolute,
		Rate:     rate,
	}
}

// slideByTurn ties a slide to an angle by a lead.
func slideByTurn(s *Said, name string) (Tie, error) {
	lead, _ := s.Num("lead")
	if lead == 0 {
		return Tie{}, fmt.Errorf("%s needs a lead other than zero", name)
	}
	return inProportion(s, lead/(2*math.Pi), 1), nil
}
