package motion

import (
	"cmp"
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/par"
	"setfast/core/tol"
)

// echelon recombines motions, bodies in build order: tell is called for each body with the few motions in which it is the
// first to move. No more than these are needed to move the body as all can, while those before it rest. What is found is told meanwhile, in
// order, by another goroutine.
func echelon(all []vector, bodies int, stopped func() bool, tell func(i int, first []vector)) {
	type found struct {
		i     int
		first []vector
	}
	par.Pipe(func(put func(found)) {
		recombine(all, bodies, stopped, func(i int, first []vector) { put(found{i, first}) })
	}, func(f found) {
		if !stopped() {
			tell(f.i, f.first)
		}
	})
}

// together is how many motions are cleared by one goroutine at least.
const together = 8

func recombine(all []vector, bodies int, stopped func() bool, tell func(i int, first []vector)) {
	from := make([][]*line, bodies) // by the first body that moves
	for _, a := range all {
		if len(a) > 0 {
			from[a[0].i] = append(from[a[0].i], newLine(a))
		}
	}
	for i := range from {
		if stopped() {
			return
		}
		cand := from[i]
		from[i] = nil
		if len(cand) == 0 {
			continue
		}
		slices.SortStableFunc(cand, func(a, b *line) int { return cmp.Compare(a.count, b.count) })
		chosen, taken := spanning(cand, i)
		var first []vector
		for _, a := range chosen {
			first = append(first, a.vector().one())
		}
		at := parts(first)
		next := make([]int, len(cand))
		par.Runs(len(cand), together, func(_, from, to int) {
			for c := from; c < to; c++ {
				a := cand[c]
				if taken[c] {
					next[c] = -1
					continue
				}
				if len(first) > 0 {
					head, long := a.at(i), math.Sqrt(a.norm2)
					for k, y := range at.Vec(head[:]) {
						a.less(y*long, first[k], bodies)
					}
				}
				a.drop(i) // rounding is left of it
				next[c] = a.first(i + 1)
			}
		})
		for c, n := range next {
			if n >= 0 {
				from[n] = append(from[n], cand[c])
			}
		}
		if len(first) > 0 {
			tell(i, first)
		}
	}
}

// parts gives, of a motion of the body that moves first in some, its parts in them.
func parts(first []vector) dense.Mat {
	here := dense.New(6, len(first))
	for c, a := range first {
		for q, x := range a[0].v {
			here.Set(q, c, x)
		}
	}
	out := dense.New(len(first), 6)
	for q := range 6 {
		unit := make([]float64, 6)
		unit[q] = 1
		for k, y := range dense.LeastSquares(here, unit, tol.Independent) {
			out.Set(k, q, y)
		}
	}
	return out
}

// line is a motion under elimination: by its elements or, once many bodies move in it, with room for all.
type line struct {
	few   vector
	all   []spot  // nil while there are few
	count int     // bodies that move
	norm2 float64 // the square of its length, about
	was   float64 // the same when it was last measured
}

// spot is the motion of one body, and the square of its length.
type spot struct {
	v  [6]float64
	sq float64
}

// crowded is the part of the bodies from which on a motion has room for all; remeasured that of the square of its length at which this is
// taken anew.
const (
	crowded    = 8
	remeasured = 1e-6
)

func newLine(a vector) *line {
	l := &line{few: a, count: len(a)}
	for k := range a {
		l.norm2 += square(&a[k].v)
	}
	l.was = l.norm2
	return l
}

// at is the motion of a body, in the motion made of length one.
func (l *line) at(i int) (v [6]float64) {
	if l.all != nil {
		v = l.all[i].v
	} else if len(l.few) > 0 && l.few[0].i == i {
		v = l.few[0].v
	}
	k := 1 / math.Sqrt(l.norm2)
	for q := range v {
		v[q] *= k
	}
	return v
}

// less takes y times b out of the line.
func (l *line) less(y float64, b vector, bodies int) {
	if y == 0 {
		return
	}
	if l.all == nil {
		if (len(l.few)+len(b))*crowded < bodies {
			*l = *newLine(l.few.plus(-y, b))
			return
		}
		l.all = make([]spot, bodies)
		for _, e := range l.few {
			l.all[e.i] = spot{e.v, square(&e.v)}
		}
		l.few = nil
	}
	for k := range b {
		e := &b[k]
		to := &l.all[e.i]
		v, x := &to.v, &e.v
		v[0] -= y * x[0]
		v[1] -= y * x[1]
		v[2] -= y * x[2]
		v[3] -= y * x[3]
		v[4] -= y * x[4]
		v[5] -= y * x[5]
		was, is := to.sq, square(v)
		to.sq = is
		switch still := is <= tol.StandsStill*tol.StandsStill*l.norm2 || is < tol.NoPart*tol.NoPart*was; {
		case still:
			*to = spot{}
			is = 0
			if was > 0 {
				l.count--
			}
		case was == 0:
			l.count++
		}
		l.norm2 += is - was
	}
}

// drop has a body stand still.
func (l *line) drop(i int) {
	if l.all == nil {
		if len(l.few) > 0 && l.few[0].i == i {
			l.few = l.few[1:]
			l.count--
		}
	} else if l.all[i].sq != 0 {
		l.all[i] = spot{}
		l.count--
	}
}

// first is the first body that moves, from some on, or -1.
func (l *line) first(from int) int {
	if l.all == nil {
		if len(l.few) == 0 {
			return -1
		}
		return l.few[0].i
	}
	for i := from; i < len(l.all); i++ {
		if l.all[i].sq != 0 {
			if l.norm2 < remeasured*l.was { // so much was taken out that the differences say little
				l.measure()
			}
			return i
		}
	}
	return -1
}

// measure takes the length anew, which has been kept by differences.
func (l *line) measure() {
	sum := 0.0
	for i := range l.all {
		sum += l.all[i].sq
	}
	l.norm2, l.was = sum, sum
}

func square(v *[6]float64) float64 {
	return v[0]*v[0] + v[1]*v[1] + v[2]*v[2] + v[3]*v[3] + v[4]*v[4] + v[5]*v[5]
}

// vector lists the bodies that move.
func (l *line) vector() vector {
	if l.all == nil {
		return l.few
	}
	out := make(vector, 0, l.count)
	for i := range l.all {
		if l.all[i].sq != 0 {
			out = append(out, element{i, l.all[i].v})
		}
	}
	return out
}

// spanning chooses motions whose first body, the i-th, they move as all of them can, and marks them. Of those that will do it takes the one that
// disturbs the fewest: they come in that order.
func spanning(cand []*line, i int) (first []*line, taken []bool) {
	left := make([][6]float64, len(cand)) // what of each the chosen do not span
	for c := range cand {
		left[c] = cand[c].at(i)
	}
	taken = make([]bool, len(cand))
	for len(first) < 6 {
		most := 0.0
		for c := range cand {
			if !taken[c] {
				most = math.Max(most, dense.Norm(left[c][:]))
			}
		}
		if most < tol.Moves {
			break
		}
		best := 0
		for taken[best] || dense.Norm(left[best][:]) < tol.Sideways*most {
			best++
		}
		taken[best] = true
		first = append(first, cand[best])
		u := left[best]
		uu := dense.Dot(u[:], u[:])
		for c := range cand {
			if !taken[c] {
				f := dense.Dot(left[c][:], u[:]) / uu
				for q := range u {
					left[c][q] -= f * u[q]
				}
			}
		}
	}
	return first, taken
}
