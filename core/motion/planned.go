package motion

import (
	"math"

	"setfast/core/assembly"
	"setfast/core/dense"
	"setfast/core/solve"
	"setfast/core/tol"
)

// wanted is one declared freedom: the rates it watches on a group of freedoms.
type wanted struct {
	said    map[string]string
	group   *Group
	rates   [][]float64
	blocked bool
}

// wanted turns the planned entries into rates. An entry is blocked when its rate vanishes in all that is left, or when
// no way along it can be followed.
func (s *Study) wanted(groups []*Group) []*wanted {
	inForce := map[int]bool{}
	for _, i := range s.Rels {
		inForce[i] = true
	}
	groupOf := func(bodies ...int) *Group {
		for _, g := range groups {
			for _, b := range bodies {
				if _, ok := g.place(b); ok {
					return g
				}
			}
		}
		return nil
	}
	var out []*wanted
	for _, p := range s.Asm.Planned {
		if s.Stopped() {
			break
		}
		w := &wanted{said: saidOf(p)}
		if p.Joint != "" {
			i, ok := s.RelOf[p.Joint]
			if !ok { // suppressed with its component
				continue
			}
			r := s.Sys.Rels[i]
			w.group = groupOf(r.A.Body, r.B.Body)
			if w.group != nil && inForce[i] {
				w.rates = s.jointRates(w.group, r, p.Of)
			}
		} else {
			c, ok := s.Body[p.Component]
			if !ok {
				continue
			}
			f, present, err := s.Feature(*p.Ref)
			if err != nil || !present {
				continue
			}
			w.group = groupOf(c, f.Body)
			if w.group != nil {
				w.rates = s.motionRates(w.group, c, f, p.Motion)
			}
		}
		w.blocked = len(w.rates) == 0
		if !w.blocked && s.momentary(w.group) > 0 {
			w.blocked = !s.canFollow(w)
		}
		out = append(out, w)
	}
	return out
}

// saidOf repeats a planned said as written.
func saidOf(p assembly.Planned) map[string]string {
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
func (s *Study) jointRates(g *Group, r *solve.Relation, of string) [][]float64 {
	var out [][]float64
	part, own := s.parting(g, r)
	if part < math.Max(tol.Together*own, tol.Moves) {
		return nil // they stay together: what is left is rounding
	}
	if r.Of.Ball {
		rel := s.relative(g, r.B.Body, r.A.Body)
		for i := 3; i < 6; i++ {
			if dense.Norm(rel.Row(i)) > tol.Resists*part {
				out = append(out, rel.Row(i))
			}
		}
		return out
	}
	for _, c := range r.Of.Coordinates {
		if of != "" && of != c.Name {
			continue
		}
		_, row := s.Sys.ReadCoordinate(r, c.Name, s.Poses)
		rate := make([]float64, g.d)
		big := 0.0
		for k := 0; k < row.N; k++ {
			big = math.Max(big, dense.Norm(row.G[k][:]))
			if i, ok := g.place(row.Body[k]); ok {
				g.pull(i, row.G[k][:], rate)
			}
		}
		if big > 0 {
			for j := range rate {
				rate[j] /= big
			}
		}
		if dense.Norm(rate) > tol.Resists*part { // else it is held, and this is rounding
			out = append(out, rate)
		}
	}
	return out
}

// parting is how much a relation's bodies part from one another in all freedoms of the group together, where they meet, and the most
// that one of them moves there.
func (s *Study) parting(g *Group, r *solve.Relation) (part, own float64) {
	p := r.B.Frame.O
	if r.B.Body >= 0 {
		p = s.Poses[r.B.Body].Point(p)
	}
	size := math.Inf(1)
	for _, b := range [2]int{r.A.Body, r.B.Body} {
		if b >= 0 {
			size = math.Min(size, s.Sys.Bodies[b].Size)
		}
	}
	e := make([]float64, g.d)
	for j := range e {
		e[j] = 1
		a, b := s.twistOf(g, r.A.Body, e), s.twistOf(g, r.B.Body, e)
		part += b.minus(a).squareAt(p, size)
		own += math.Max(a.squareAt(p, size), b.squareAt(p, size))
		e[j] = 0
	}
	return math.Sqrt(part), math.Sqrt(own)
}

// relative is the twist of body b as seen from body a (either may stand still), per freedom: slide at the root origin
// and turn, in b's size.
func (s *Study) relative(g *Group, b, a int) dense.Mat {
	out := dense.New(6, g.d)
	e := make([]float64, g.d)
	size := 1.0
	if b >= 0 {
		size = s.Sys.Bodies[b].Size
	}
	for j := range e {
		e[j] = 1
		t := s.twistOf(g, b, e).minus(s.twistOf(g, a, e))
		for i, x := range [6]float64{t.v.X, t.v.Y, t.v.Z, t.w.X * size, t.w.Y * size, t.w.Z * size} {
			out.Set(i, j, x)
		}
		e[j] = 0
	}
	return out
}

// motionRates watches one turn or slide of a component, which must be possible exactly so, relative to the reference's owner.
func (s *Study) motionRates(g *Group, c int, f solve.Feat, motion string) [][]float64 {
	p, d := f.Frame.O, f.Frame.Z
	if f.Body >= 0 {
		p, d = s.Poses[f.Body].Point(p), s.Poses[f.Body].Dir(d)
	}
	t := slideOn(d)
	if motion == "turn" {
		t = turnAt(p, d)
	}
	size := s.Sys.Bodies[c].Size
	goal := []float64{t.v.X, t.v.Y, t.v.Z, t.w.X * size, t.w.Y * size, t.w.Z * size}
	rel := s.relative(g, c, f.Body)
	z := dense.LeastSquares(rel, goal, tol.Independent)
	got := rel.Vec(z)
	miss := 0.0
	for i := range got {
		miss += (got[i] - goal[i]) * (got[i] - goal[i])
	}
	if math.Sqrt(miss) > tol.ExactMotion*dense.Norm(goal) {
		return nil
	}
	// the rate is the component's slide along, or turn about, the direction
	rate := make([]float64, g.d)
	for j := range rate {
		if motion == "turn" {
			rate[j] = (rel.At(3, j)*d.X + rel.At(4, j)*d.Y + rel.At(5, j)*d.Z)
		} else {
			rate[j] = rel.At(0, j)*d.X + rel.At(1, j)*d.Y + rel.At(2, j)*d.Z
		}
	}
	return [][]float64{rate}
}

// canFollow tries to go along a planned rate, both ways.
func (s *Study) canFollow(w *wanted) bool {
	g := w.group
	a := dense.New(len(w.rates), g.d)
	for i, r := range w.rates {
		copy(a.Row(i), r)
	}
	kernel := dense.Complement(dense.Orthonormal(a.T(), tol.SeesMore))
	for i := range w.rates {
		e := make([]float64, len(w.rates))
		e[i] = 1
		z := dense.LeastSquares(a, e, tol.Independent)
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
			if s.follows(g, t, 1) || s.follows(g, t, -1) {
				return true
			}
		}
	}
	return false
}
