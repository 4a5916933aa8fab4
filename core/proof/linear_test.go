package proof

import (
	"math"

	"gonum.org/v1/gonum/mat"
	"gonum.org/v1/gonum/spatial/r3"
)

// free lists the bodies that may move.
func (w *world) free() (list []int) {
	for i, f := range w.fixed {
		if !f {
			list = append(list, i)
		}
	}
	return list
}

// all is every residual of some relations.
func all(rels []*rel, at []pose) (out []float64) {
	for _, r := range rels {
		out = append(out, r.residual(at)...)
	}
	return out
}

// step moves the free bodies by small motions: six numbers each, the turn times the weight, about their origins.
func (w *world) step(at []pose, d []float64) []pose {
	out := append([]pose(nil), at...)
	for k, b := range w.free() {
		x := d[6*k : 6*k+6]
		out[b] = at[b].moved(at[b].o, r3.Vec{X: x[0], Y: x[1], Z: x[2]}, r3.Vec{X: x[3] / weight, Y: x[4] / weight, Z: x[5] / weight})
	}
	return out
}

// jacobian is the derivative of the residuals by the free bodies' motions, by central differences.
func (w *world) jacobian(rels []*rel, at []pose) *mat.Dense {
	n := 6 * len(w.free())
	rows := len(all(rels, at))
	if rows == 0 || n == 0 {
		return nil
	}
	j := mat.NewDense(rows, n, nil)
	for _, r := range rels {
		r.pinned = true
		defer func() { r.pinned = false }()
	}
	const h = 1e-4
	d := make([]float64, n)
	for c := range d {
		d[c] = h
		hi := all(rels, w.step(at, d))
		d[c] = -h
		lo := all(rels, w.step(at, d))
		d[c] = 0
		for i := range hi {
			j.Set(i, c, (hi[i]-lo[i])/(2*h))
		}
	}
	return j
}

// null is an orthonormal basis of what the relations leave, by singular values. clear: no value is near the bound.
func (w *world) null(rels []*rel, at []pose) (basis *mat.Dense, clear bool) {
	n := 6 * len(w.free())
	j := w.jacobian(rels, at)
	if n == 0 {
		return nil, true
	}
	if j == nil {
		one := mat.NewDense(n, n, nil)
		for i := range n {
			one.Set(i, i, 1)
		}
		return one, true
	}
	var svd mat.SVD
	if !svd.Factorize(j, mat.SVDFull) {
		w.t.Fatal("no singular values")
	}
	var v mat.Dense
	svd.VTo(&v)
	s := svd.Values(nil)
	rank := 0
	clear = true
	for _, x := range s {
		if x > 1e-5*s[0] {
			rank++
		}
		clear = clear && (x < 1e-8*s[0] || x > 1e-3*s[0])
	}
	if rank == n {
		return nil, clear
	}
	return mat.DenseCopyOf(v.Slice(0, n, rank, n)), clear
}

// settle brings relations to rest by damped least squares (Marquardt 1963) and tells the largest residual left.
func (w *world) settle(rels []*rel, from []pose, steps int) (at []pose, worst float64) {
	at = from
	f := func(x []float64) (s, worst float64) {
		for _, v := range x {
			s += v * v
			worst = math.Max(worst, math.Abs(v))
		}
		return s, worst
	}
	r := all(rels, at)
	sum, worst := f(r)
	lambda := 1e-6
	for range steps {
		if worst < 1e-9 || len(w.free()) == 0 {
			break
		}
		j := w.jacobian(rels, at)
		var a mat.Dense
		a.Mul(j.T(), j)
		n, _ := a.Dims()
		g := mat.NewVecDense(n, nil)
		g.MulVec(j.T(), mat.NewVecDense(len(r), r))
		ok := false
		for range 8 {
			sym := mat.NewSymDense(n, nil)
			for i := range n {
				for k := i; k < n; k++ {
					sym.SetSym(i, k, a.At(i, k))
				}
				sym.SetSym(i, i, a.At(i, i)+lambda)
			}
			var c mat.Cholesky
			if c.Factorize(sym) {
				d := mat.NewVecDense(n, nil)
				_ = c.SolveVecTo(d, g) // where it is badly conditioned too
				d.ScaleVec(-1, d)
				if l := mat.Norm(d, math.Inf(1)); l > 20 {
					d.ScaleVec(20/l, d)
				}
				next := w.step(at, d.RawVector().Data)
				rn := all(rels, next)
				if s, wn := f(rn); s < sum {
					ok = true
					done := s > sum*(1-1e-12)
					at, r, sum, worst = next, rn, s, wn
					lambda = math.Max(lambda/10, 1e-12)
					if done {
						return at, worst
					}
					break
				}
			}
			lambda *= 10
		}
		if !ok {
			break
		}
	}
	return at, worst
}
