package sweep

import (
	"math"

	"setfast/core/assembly"
	"setfast/core/motion"
)

// Dead is a place where a coordinate turns round while the driven one goes on: a dead point.
type Dead struct {
	Joint string  `json:"joint"`
	Of    string  `json:"of"`
	At    float64 `json:"at"` // of the driven coordinate
	Value float64 `json:"value"`
	Leg   int     `json:"leg,omitempty"`
}

// turns watches coordinates for where they turn round.
type turns struct {
	of    []watched
	found []Dead
}

type watched struct {
	joint, of string
	v, x      [3]float64 // the latest last
	n         int
}

func newTurns(s *motion.Study, l assembly.Leg) *turns {
	t := &turns{}
	for _, i := range s.Rels {
		m := s.Mates[i]
		for _, c := range s.Sys.Rels[i].Of.Coordinates {
			if m.ID != l.Joint || c.Name != l.Of {
				t.of = append(t.of, watched{joint: m.ID, of: c.Name})
			}
		}
	}
	return t
}

// turned is how far a coordinate goes at least before it counts as having gone: mm or degrees.
const turnedLeast = 1e-6

// add looks at coordinates where a run stands; between three places a parabola tells where one turned round.
func (t *turns) add(r *motion.Run) {
	for k := range t.of {
		w := &t.of[k]
		x, ok := r.Coordinate(w.joint, w.of)
		if !ok {
			continue
		}
		w.v, w.x = [3]float64{w.v[1], w.v[2], r.Value()}, [3]float64{w.x[1], w.x[2], x}
		if w.n++; w.n < 3 {
			continue
		}
		a, b := w.x[1]-w.x[0], w.x[2]-w.x[1]
		if a*b >= 0 || math.Abs(a) < turnedLeast || math.Abs(b) < turnedLeast || math.Abs(a) > 180 || math.Abs(b) > 180 {
			continue
		}
		h, g := w.v[1]-w.v[0], w.v[2]-w.v[1]
		p, q := a/h, b/g
		bend := (q - p) / (h + g)
		at := w.v[0] + h/2 - p/(2*bend)
		value := w.x[0] + p*(at-w.v[0]) + bend*(at-w.v[0])*(at-w.v[1])
		t.found = append(t.found, Dead{Joint: w.joint, Of: w.of, At: thousandth(at), Value: thousandth(value)})
	}
}
