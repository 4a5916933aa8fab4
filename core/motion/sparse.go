package motion

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/solve"
	"setfast/core/tol"
)

// equalise makes the columns of a large group as long as one another.
func (g *Group) equalise() {
	long := make([]float64, g.d)
	for _, in := range g.sparse {
		for k := range in {
			long[in[k].Col] += dense.Dot(in[k].V[:], in[k].V[:])
		}
	}
	for _, in := range g.sparse {
		for k := range in {
			for q := range in[k].V {
				in[k].V[q] /= math.Sqrt(long[in[k].Col])
			}
		}
	}
}

// vector is one motion of a large group: the bodies that move in it, by place ascending.
type vector []element

// element is the motion of the i-th body of the group, in its own measure.
type element struct {
	i int
	v [6]float64
}

// vectors lists the motions of the group's basis.
func (g *Group) vectors() []vector {
	out := make([]vector, g.d)
	for i, in := range g.sparse {
		for _, e := range in {
			out[e.Col] = append(out[e.Col], element{i, e.V})
		}
	}
	return out
}

// plus is a + k·b, without bodies that stand still in it.
func (a vector) plus(k float64, b vector) vector {
	out := make(vector, 0, len(a)+len(b))
	for len(a) > 0 || len(b) > 0 {
		switch {
		case len(b) == 0 || len(a) > 0 && a[0].i < b[0].i:
			out, a = append(out, a[0]), a[1:]
		default:
			s := b[0]
			for q := range s.v {
				s.v[q] *= k
			}
			b = b[1:]
			if len(a) > 0 && a[0].i == s.i {
				was := dense.Norm(a[0].v[:])
				for q := range s.v {
					s.v[q] += a[0].v[q]
				}
				a = a[1:]
				if dense.Norm(s.v[:]) < tol.NoPart*was {
					continue
				}
			}
			if dense.Norm(s.v[:]) > tol.StandsStill {
				out = append(out, s)
			}
		}
	}
	return out
}

// accumulator adds up many motions: per body of the group.
type accumulator [][6]float64

func (s accumulator) add(k float64, a vector) {
	if k == 0 {
		return
	}
	for j := range a {
		to := &s[a[j].i]
		for q, x := range a[j].v {
			to[q] += k * x
		}
	}
}

// take gives what was added up, without the rounding, and begins anew.
func (s accumulator) take() vector {
	big, some := 0.0, 0
	for i := range s {
		if x := dense.Dot(s[i][:], s[i][:]); x > 0 {
			big, some = math.Max(big, x), some+1
		}
	}
	out := make(vector, 0, some)
	for i := range s {
		if dense.Dot(s[i][:], s[i][:]) > tol.NoPart*tol.NoPart*big {
			out = append(out, element{i, s[i]})
		}
	}
	clear(s)
	return out
}

// one makes the motion of length one.
func (a vector) one() vector {
	l := 0.0
	for k := range a {
		l += dense.Dot(a[k].v[:], a[k].v[:])
	}
	l = math.Sqrt(l)
	for k := range a {
		for q := range a[k].v {
			a[k].v[q] /= l
		}
	}
	return a
}

// subgroup gathers motions into a small group of their own.
func (g *Group) subgroup(rels []*solve.Relation, of []vector) *Group {
	var places []int
	for _, a := range of {
		for k := range a {
			places = append(places, a[k].i)
		}
	}
	slices.Sort(places)
	places = slices.Compact(places)
	to := &Group{at: make(map[int]int, len(places)), d: len(of), rels: rels, bodies: make([]int, len(places)), basis: make([]dense.Mat, len(places))}
	room := make([]float64, 6*to.d*len(places)) // of all
	for k, i := range places {
		b := g.bodies[i]
		to.bodies[k], to.at[b] = b, k
		to.basis[k] = dense.Mat{R: 6, C: to.d, A: room[: 6*to.d : 6*to.d]}
		room = room[6*to.d:]
	}
	for c, a := range of {
		at := 0
		for k := range a {
			for places[at] != a[k].i {
				at++
			}
			for q, x := range a[k].v {
				to.basis[at].Set(q, c, x)
			}
		}
	}
	return to
}
