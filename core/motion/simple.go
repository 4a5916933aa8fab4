package motion

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
	"setfast/core/tol"
)

// simple spans a subspace of the group's freedoms by simple motions. They are sought body by body in build order; free
// spans what may be added to any of them (idle spins).
func (s *Study) simple(g *Group, span, free dense.Mat) [][]float64 {
	var out [][]float64
	rest := span
	for _, b := range g.bodies {
		if rest.C == 0 || s.Sys.Stopped() {
			break
		}
		nb := g.basis[g.at[b]].Mul(rest) // 6 × r
		if dense.Norm(nb.A) <= tol.Moves {
			continue // no singular value is larger
		}
		_, sv, v := dense.SVD(nb)
		k := 0
		for k < len(sv) && sv[k] > tol.Moves && sv[k] > tol.Together*sv[0] {
			k++
		}
		if k == 0 {
			continue
		}
		here := rest.Mul(dense.LeftCols(v, k))
		rest = dense.Without(rest, v, k)
		for _, t := range s.simpleTwists(g, b, here) {
			want := s.own(b, t)
			y := dense.LeastSquares(g.basis[g.at[b]].Mul(here), want, tol.Independent)
			z := g.complete(here.Vec(y), rest, free)
			out = append(out, z)
		}
	}
	// what no body by itself moves enough in
	return append(out, cols(rest)...)
}

func cols(m dense.Mat) [][]float64 {
	var c [][]float64
	for j := 0; j < m.C; j++ {
		c = append(c, m.Col(j))
	}
	return c
}

// places are points and directions of real features where a body is related, in the root frame.
func (s *Study) places(g *Group, b int) (points, dirs []geom.Vec) {
	addDir := func(d geom.Vec) {
		for _, e := range dirs {
			if math.Abs(e.Dot(d)) > 1-tol.SameDirection {
				return
			}
		}
		dirs = append(dirs, d)
	}
	for _, r := range g.rels {
		for _, f := range [2]solve.Feat{r.A, r.B} {
			if r.A.Body != b && r.B.Body != b {
				continue
			}
			p, d := f.Frame.O, f.Frame.Z
			if f.Body >= 0 {
				p, d = s.Poses[f.Body].Point(p), s.Poses[f.Body].Dir(d)
			}
			points = append(points, p)
			if f.F.HasDirection() {
				addDir(d)
			}
		}
	}
	bd := &s.Sys.Bodies[b]
	points = append(points, s.Poses[b].Point(bd.Centre), s.Poses[b].O)
	for _, d := range [3]geom.Vec{{X: 1}, {Y: 1}, {Z: 1}} {
		addDir(d)
	}
	return points, dirs
}

// simpleTwists finds pure turns and slides that span what body b can do in the columns of z, screws where nothing purer exists.
func (s *Study) simpleTwists(g *Group, b int, z dense.Mat) []twist {
	d := z.C
	size := s.Sys.Bodies[b].Size
	ts := make([]twist, d)
	w := dense.New(3, d)
	for j := range ts {
		ts[j] = s.twistOf(g, b, z.Col(j))
		for i, x := range ts[j].w.Scale(size).Array() {
			w.Set(i, j, x)
		}
	}
	combine := func(c []float64) (t twist) {
		for j, x := range c {
			t.v = t.v.AddScaled(x, ts[j].v)
			t.w = t.w.AddScaled(x, ts[j].w)
		}
		return t
	}
	u, sv, wv := dense.SVD(w)
	r := 0
	for r < 3 && r < d && sv[r] > tol.Moves {
		r++
	}
	points, dirs := s.places(g, b)
	// slides: combinations that turn nothing
	var slides []geom.Vec
	still := dense.Complement(dense.LeftCols(wv, r))
	for j := 0; j < still.C; j++ {
		slides = append(slides, outsideOf(combine(still.Col(j)).v, slides).Unit())
	}
	slides = pickDirections(slides, dirs)
	var out []twist
	var turns []geom.Vec
	for j := 0; j < r; j++ {
		turns = append(turns, geom.V(u.At(0, j), u.At(1, j), u.At(2, j)))
	}
	turns = pickDirections(turns, dirs)
	var chosen []geom.Vec // centres used, tried again first
	for _, dir := range turns {
		c := dense.LeastSquares(w, dir.Scale(size).Slice(), tol.Independent)
		base := combine(c)
		best, ok := twist{}, false
		for _, p := range append(append([]geom.Vec(nil), chosen...), points...) {
			t := turnAt(p, dir)
			if off := outside(t.v.Sub(base.v), slides); off.Norm() < tol.OnAxis*(size+p.Norm()*tol.OnAxisFar) {
				best, ok = t, true
				chosen = append(chosen, p)
				break
			}
		}
		if !ok {
			// no feature lies on the axis: drop what slides can supply, then the pitch if a slide can take it
			best = base
			along := outside(dir, slides)
			if along.Norm() < tol.Independent {
				best.v = best.v.AddScaled(-best.v.Dot(dir), dir)
			}
		}
		out = append(out, best)
	}
	for _, s := range slides {
		out = append(out, slideOn(s))
	}
	return out
}

// squared makes directions square to one another, each to those before it.
func squared(span []geom.Vec) (basis []geom.Vec) {
	for _, s := range span {
		basis = append(basis, outsideOf(s, basis).Unit())
	}
	return basis
}

// outsideOf is what of a direction lies outside directions that are square to one another.
func outsideOf(v geom.Vec, basis []geom.Vec) geom.Vec {
	for _, b := range basis {
		v = v.Reject(b)
	}
	return v
}

// outside is what of a direction lies outside the span of others.
func outside(v geom.Vec, span []geom.Vec) geom.Vec { return outsideOf(v, squared(span)) }

// pickDirections replaces the directions by known ones that lie in the same span, as far as they go.
func pickDirections(span, known []geom.Vec) []geom.Vec {
	if len(span) == 0 {
		return nil
	}
	basis := squared(span)
	var out []geom.Vec
	take := func(d geom.Vec, square bool) {
		if len(out) == len(basis) {
			return
		}
		e := d
		for _, o := range out {
			if square && math.Abs(o.Dot(d)) > tol.Moves {
				return
			}
			e = e.Reject(o)
		}
		if e.Norm() > tol.Sideways {
			if square {
				out = append(out, d.Unit())
			} else {
				out = append(out, e.Unit())
			}
		}
	}
	for _, square := range [2]bool{true, false} {
		for _, k := range known {
			in := geom.Vec{}
			for _, b := range basis {
				in = in.AddScaled(k.Dot(b), b)
			}
			if in.Sub(k).Norm() < tol.Moves {
				take(k, square)
			}
		}
	}
	for _, b := range basis {
		take(b, false)
	}
	return out
}
