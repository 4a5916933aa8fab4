package motion

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/solve"
	"setfast/core/tol"
)

// riding lists the bodies of a group that move in z, by place. What goes along by next to nothing is left out, if the relations allow the
// motion without it: what is told must be a motion that they allow.
func (s *Study) riding(g *Group, z []float64) (out []int) {
	big := 0.0
	much := make([]float64, len(g.bodies))
	for i := range g.bodies {
		much[i] = dense.Norm(g.rate(i, z))
		big = math.Max(big, much[i])
	}
	var left []int // out, though they move
	for i, x := range much {
		if x > tol.MovesAlong*big {
			out = append(out, i)
		} else if x > tol.Exactly*big {
			left = append(left, i)
		}
	}
	moving := func(b int) []float64 {
		if i, of := g.place(b); of && much[i] > tol.MovesAlong*big {
			return g.rate(i, z)
		}
		return nil
	}
	if len(left) > 0 && !s.allowed(g, left, moving, big) {
		out = append(out, left...)
		slices.Sort(out)
	}
	return out
}

// allowed tells whether the relations of the bodies that are left out of a motion, by place, allow it without them. moving is how a body
// moves in it.
func (s *Study) allowed(g *Group, left []int, moving func(b int) []float64, big float64) bool {
	of := s.relationsOf()
	for _, i := range left {
		for _, r := range of[g.bodies[i]] {
			for _, row := range s.Sys.Eval(r, s.Poses, &s.rows) {
				change, size := 0.0, 0.0
				for k := 0; k < row.N; k++ {
					size = math.Max(size, dense.Norm6(&row.G[k]))
					if v := moving(row.Body[k]); v != nil {
						change += dense.Dot(row.G[k][:], v)
					}
				}
				if math.Abs(change) > tol.MovesAlong*size*big {
					return false
				}
			}
		}
	}
	return true
}

// relationsOf lists, for each body, the relations in force that it is in.
func (s *Study) relationsOf() map[int][]*solve.Relation {
	if s.of == nil {
		s.of = map[int][]*solve.Relation{}
		for b, list := range s.Sys.ByBody(s.Rels) {
			for _, i := range list {
				s.of[b] = append(s.of[b], s.Sys.Rels[i])
			}
		}
	}
	return s.of
}
