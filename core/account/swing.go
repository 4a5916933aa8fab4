package account

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

func (r *Result) motion(m Motion, swing func() [][]PoseJSON) {
	r.Motions = append(r.Motions, m)
	r.swings = append(r.swings, swing)
}

// Swing shows a motion: poses of all components, in the order of Lines, from one end of a small swing through the solved
// pose to the other. Every pose is solved; a motion that goes nowhere gives the solved pose alone.
func (r *Result) Swing(k int) [][]PoseJSON {
	if k < 0 || k >= len(r.swings) {
		return nil
	}
	r.one.Lock()
	defer r.one.Unlock()
	return r.swings[k]()
}

// swingSteps is how many poses a swing has to each side.
const swingSteps = 10

func (m *model) swing(n *nullspace, g *modes, z []float64, st settled) func() [][]PoseJSON {
	return func() [][]PoseJSON {
		tell := func(poses []geom.Pose) []PoseJSON {
			out := make([]PoseJSON, len(poses))
			for i, p := range poses {
				out[i] = poseJSON(p)
			}
			return out
		}
		big := 0.0
		for i, b := range g.bodies {
			big = math.Max(big, dense.Norm(g.rate(i, z))/m.sys.Bodies[b].Size)
		}
		if big == 0 {
			return [][]PoseJSON{tell(st.poses)}
		}
		rels := m.around(g, st.rels)
		side := func(sign float64) [][]PoseJSON {
			m := m.on(m.sys.Fork())
			var out [][]PoseJSON
			poses := append([]geom.Pose(nil), st.poses...)
			for k := 0; k < swingSteps; k++ {
				h := sign * 0.025 / big
				for i, b := range g.bodies {
					d := g.rate(i, z)
					for q := range d {
						d[q] *= h
					}
					// later steps go on from where the body has turned to
					d = turned(d, st.poses[b], poses[b])
					poses[b] = m.sys.Move(poses[b], b, d)
				}
				sol := m.sys.SolveFrom(poses, rels, solve.Options{MM: 1e-6, Deg: 1e-6})
				if !sol.Holds {
					break
				}
				poses = sol.Poses
				m.sys.Track(poses)
				out = append(out, tell(poses))
			}
			return out
		}
		back := side(-1)
		var all [][]PoseJSON
		for i := len(back) - 1; i >= 0; i-- {
			all = append(all, back[i])
		}
		all = append(all, tell(st.poses))
		return append(all, side(1)...)
	}
}

// turned carries a small motion along with the body's own turn since the start.
func turned(d []float64, from, to geom.Pose) []float64 {
	q := to.Q.Mul(from.Q.Conj())
	v, w := q.Rotate(geom.V(d[0], d[1], d[2])), geom.V(d[3], d[4], d[5])
	return []float64{v.X, v.Y, v.Z, w.X, w.Y, w.Z}
}

// around is every relation tied to a group of freedoms through free bodies.
func (m *model) around(g *modes, rels []int) (inForce []int) {
	for _, c := range m.sys.Clusters(rels) {
		for _, b := range c.Bodies {
			if _, ok := g.at[b]; ok {
				inForce = append(inForce, c.Rels...)
				break
			}
		}
	}
	return inForce
}
