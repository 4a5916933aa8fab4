package motion

import (
	"cmp"
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/tol"
)

// echelon recombines motions, bodies in build order: tell is called for each body with the few motions in which it is the
// first to move. No more than these are needed to move the body as all can, while those before it rest.
func echelon(all []vector, bodies int, stopped func() bool, tell func(i int, first []vector)) {
	from := make([][]vector, bodies) // by the first body that moves
	put := func(a vector) {
		if len(a) > 0 {
			a.one()
			from[a[0].i] = append(from[a[0].i], a)
		}
	}
	for _, a := range all {
		put(a)
	}
	for i := range from {
		if stopped() {
			return
		}
		cand := from[i]
		from[i] = nil
		slices.SortStableFunc(cand, func(a, b vector) int { return cmp.Compare(len(a), len(b)) })
		first, taken := spanning(cand)
		here := dense.New(6, len(first))
		for c, a := range first {
			for q, x := range a[0].v {
				here.Set(q, c, x)
			}
		}
		for c, a := range cand {
			if taken[c] {
				continue
			}
			if len(first) > 0 {
				for k, y := range dense.LeastSquares(here, a[0].v[:], tol.Independent) {
					if y != 0 {
						a = a.plus(-y, first[k])
					}
				}
			}
			if len(a) > 0 && a[0].i == i { // rounding is left of it
				a = a[1:]
			}
			put(a)
		}
		if len(first) > 0 {
			tell(i, first)
		}
	}
}

// spanning chooses motions whose first body they move as all of them can, and marks them. Of those that will do it takes the one that
// disturbs the fewest: they come in that order.
func spanning(cand []vector) (first []vector, taken []bool) {
	left := make([][6]float64, len(cand)) // what of each the chosen do not span
	for c := range cand {
		left[c] = cand[c][0].v
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
