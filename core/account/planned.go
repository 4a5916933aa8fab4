package account

import (
	"math"

	"setfast/core/assembly"
	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

// want is one declared freedom: the rates it watches on a group of freedoms.
type want struct {
	entry   map[string]string
	group   *modes
	rates   [][]float64
	blocked bool
}

// wanted turns the planned entries into rates. An entry is blocked when its rate vanishes in all that is left, or when
// no way along it can be followed.
func (m *model) wanted(n *nullspace, groups []*modes, st settled) []*want {
	inForce := map[int]bool{}
	for _, i := range st.rels {
		inForce[i] = true
	}
	groupOf := func(bodies ...int) *modes {
		for _, g := range groups {
			for _, b := range bodies {
				if _, ok := g.at[b]; ok {
					return g
				}
			}
		}
		return nil
	}
	var out []*want
	for _, p := range m.asm.Planned {
		if m.stopped() {
			break
		}
		w := &want{entry: entryOf(p)}
		if p.Joint != "" {
			i, ok := m.relOf[p.Joint]
			if !ok { // suppressed with its component
				continue
			}
			r := m.sys.Rels[i]
			w.group = groupOf(r.A.Body, r.B.Body)
			if w.group != nil && inForce[i] {
				w.rates = m.jointRates(n, w.group, r, p.Of, st.poses)
			}
		} else {
			c, ok := m.body[p.Component]
			if !ok {
				continue
			}
			f, present, err := m.feature(*p.Ref)
			if err != nil || !present {
				continue
			}
			w.group = groupOf(c, f.Body)
			if w.group != nil {
				w.rates = m.motionRates(n, w.group, c, f, p.Motion)
			}
		}
		w.blocked = true
		for _, r := range w.rates {
			w.blocked = w.blocked && dense.Norm(r) < 1e-6
		}
		if !w.blocked && m.momentary(w.group, st) > 0 {
			w.blocked = !m.canFollow(n, w, st)
		}
		out = append(out, w)
	}
	return out
}

// entryOf repeats a planned entry as written.
func entryOf(p assembly.Planned) map[string]string {
	e := map[string]string{}
	if p.Joint != "" {
		e["joint"] = p.Joint
		if p.Of != "" {
			e["of"] = p.Of
		}
		return e
	}
	e["component"], e["motion"] = p.Component, p.Motion
	key := "about"
	if p.Motion == "slide" {
		key = "along"
	}
	e[key] = p.Ref.String()
	return e
}

// jointRates states how a joint's coordinates change in each freedom of the group. A spherical joint, which has none,
// is watched by its relative turn.
func (m *model) jointRates(n *nullspace, g *modes, r *solve.Relation, of string, poses []geom.Pose) [][]float64 {
	var out [][]float64
	if r.Of.Ball {
		rel := m.relative(n, g, r.B.Body, r.A.Body)
		for i := 3; i < 6; i++ {
			out = append(out, rel.Row(i))
		}
		return out
	}
	for _, c := range r.Of.Coordinates {
		if of != "" && of != c.Name {
			continue
		}
		_, row := m.sys.ReadCoordinate(r, c.Name, poses)
		rate := make([]float64, g.d)
		big := 0.0
		for k := 0; k < row.N; k++ {
			big = math.Max(big, dense.Norm(row.G[k][:]))
			if i, ok := g.at[row.Body[k]]; ok {
				g.pull(i, row.G[k][:], rate)
			}
		}
		if big > 0 {
			for j := range rate {
				rate[j] /= big
			}
		}
		out = append(out, rate)
	}
	return out
}

// relative is the twist of body b as seen from body a (either may stand still), per freedom: slide at the root origin
// and turn, in b's size.
func (m *model) relative(n *nullspace, g *modes, b, a int) dense.Mat {
	out := dense.New(6, g.d)
	e := make([]float64, g.d)
	size := 1.0
	if b >= 0 {
		size = m.sys.Bodies[b].Size
	}
	for j := range e {
		e[j] = 1
		t := n.twistOf(g, b, e).minus(n.twistOf(g, a, e))
		for i, x := range [6]float64{t.v.X, t.v.Y, t.v.Z, t.w.X * size, t.w.Y * size, t.w.Z * size} {
			out.Set(i, j, x)
		}
		e[j] = 0
	}
	return out
}

// motionRates watches one turn or slide of a component, which must be possible exactly so, relative to the reference's owner.
func (m *model) motionRates(n *nullspace, g *modes, c int, f solve.Feat, motion string) [][]float64 {
	p, d := f.Frame.O, f.Frame.Z
	if f.Body >= 0 {
		p, d = n.poses[f.Body].Point(p), n.poses[f.Body].Dir(d)
	}
	t := slideOn(d)
	if motion == "turn" {
		t = turnAt(p, d)
	}
	size := m.sys.Bodies[c].Size
	goal := []float64{t.v.X, t.v.Y, t.v.Z, t.w.X * size, t.w.Y * size, t.w.Z * size}
	rel := m.relative(n, g, c, f.Body)
	z := dense.LeastSquares(rel, goal, 1e-9)
	got := rel.Vec(z)
	miss := 0.0
	for i := range got {
		miss += (got[i] - goal[i]) * (got[i] - goal[i])
	}
	if math.Sqrt(miss) > 1e-5*dense.Norm(goal) {
		return nil
	}
	// the rate is the component's slide along, or turn about, the direction
	rate := make([]float64, g.d)
	for j := range rate {
		if motion == "turn" {
			rate[j] = (rel.At(3, j)*d.X + rel.At(4, j)*d.Y + rel.At(5, j)*d.Z) / 1
		} else {
			rate[j] = rel.At(0, j)*d.X + rel.At(1, j)*d.Y + rel.At(2, j)*d.Z
		}
	}
	return [][]float64{rate}
}

// canFollow tries to go along a planned rate, both ways.
func (m *model) canFollow(n *nullspace, w *want, st settled) bool {
	g := w.group
	a := dense.New(len(w.rates), g.d)
	for i, r := range w.rates {
		copy(a.Row(i), r)
	}
	kernel := dense.Complement(dense.Orthonormal(a.T(), 1e-6))
	for i := range w.rates {
		e := make([]float64, len(w.rates))
		e[i] = 1
		z := dense.LeastSquares(a, e, 1e-9)
		tries := [][]float64{z}
		for k := 0; k < kernel.C && k < 6; k++ {
			for _, s := range [2]float64{1, -1} {
				t := append([]float64(nil), z...)
				for j := range t {
					t[j] += s * dense.Norm(z) * kernel.At(j, k)
				}
				tries = append(tries, t)
			}
		}
		for _, t := range tries {
			if m.follows(g, t, st, 1) || m.follows(g, t, st, -1) {
				return true
			}
		}
	}
	return false
}
