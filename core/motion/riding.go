package motion

import (
	"math"

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
	var all []int
	for i, x := range much {
		if x > tol.MovesAlong*big {
			out = append(out, i)
		}
		if x > tol.Exactly*big {
			all = append(all, i)
		}
	}
	if len(all) > len(out) && !s.allowed(g, z, out, big) {
		return all
	}
	return out
}

// allowed tells whether the relations allow the motion z of some bodies of a group, all others standing.
func (s *Study) allowed(g *Group, z []float64, riding []int, big float64) bool {
	rates := map[int][]float64{}
	for _, i := range riding {
		rates[g.bodies[i]] = g.rate(i, z)
	}
	of := s.relationsOf()
	seen := map[*solve.Relation]bool{}
	for _, i := range riding {
		for _, r := range of[g.bodies[i]] {
			if seen[r] {
				continue
			}
			seen[r] = true
			for _, row := range s.Sys.Eval(r, s.Poses, &s.rows) {
				change, size := 0.0, 0.0
				for k := 0; k < row.N; k++ {
					size = math.Max(size, dense.Norm(row.G[k][:]))
					if v := rates[row.Body[k]]; v != nil {
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
