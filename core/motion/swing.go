package motion

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
	"setfast/core/tol"
)

// swingSteps is how many poses a swing has to each side.
const swingSteps = 10

// Swing shows the k-th motion of the account: poses of all components, in the order of its lines, from one end of a small swing
// through the solved pose to the other. Every pose is solved; a motion that goes nowhere gives the solved pose alone. It works on
// a system of its own, so that many may ask at once.
func (s *Study) Swing(k int) [][]geom.Pose {
	if k < 0 || k >= len(s.told) {
		return nil
	}
	g, z := s.told[k].group, s.told[k].z
	big := 0.0
	for i, b := range g.bodies {
		big = math.Max(big, dense.Norm(g.rate(i, z))/s.Sys.Bodies[b].Size)
	}
	if big == 0 {
		return [][]geom.Pose{s.plain(s.Poses)}
	}
	rels := s.touching(g)
	back := s.side(g, z, -1/big, rels)
	slices.Reverse(back)
	all := append(back, s.plain(s.Poses))
	return append(all, s.side(g, z, 1/big, rels)...)
}

// side goes one way, as far as the relations follow.
func (s *Study) side(g *Group, z []float64, k float64, rels []int) [][]geom.Pose {
	sys := s.Sys.Apart()
	var out [][]geom.Pose
	poses := append([]geom.Pose(nil), s.Poses...)
	for range swingSteps {
		h := k * tol.SwingStep
		for i, b := range g.bodies {
			d := g.rate(i, z)
			for q := range d {
				d[q] *= h
			}
			// later steps go on from where the body has turned to
			d = carried(d, s.Poses[b], poses[b])
			poses[b] = sys.Move(poses[b], b, d)
		}
		sol := sys.SolveFrom(poses, rels, solve.Options{MM: tol.Swung, Deg: tol.Swung})
		if !sol.Holds {
			break
		}
		poses = sol.Poses
		out = append(out, s.plain(poses))
	}
	return out
}

// plain lists where the components stand, as reports do.
func (s *Study) plain(poses []geom.Pose) []geom.Pose {
	out := make([]geom.Pose, len(s.Comps))
	for i := range out {
		out[i] = poses[i].Plain()
	}
	return out
}

// carried takes a small motion along with the body's own turn since the start.
func carried(d []float64, from, to geom.Pose) []float64 {
	q := to.Q.Mul(from.Q.Conj())
	v, w := q.Rotate(geom.V(d[0], d[1], d[2])), geom.V(d[3], d[4], d[5])
	return []float64{v.X, v.Y, v.Z, w.X, w.Y, w.Z}
}

// touching is every relation tied to a group of freedoms through free bodies.
func (s *Study) touching(g *Group) (inForce []int) {
	for _, c := range s.Sys.Clusters(s.Rels) {
		for _, b := range c.Bodies {
			if _, ok := g.place(b); ok {
				inForce = append(inForce, c.Rels...)
				break
			}
		}
	}
	return inForce
}
