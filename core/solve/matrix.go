package solve

import "math"

// matrix is a symmetric positive matrix of 6×6 blocks, factored in place as often as numbers are put in.
type matrix struct {
	p    *pattern // nil for a single block
	diag [][36]float64
	off  [][36]float64
}

func (m *matrix) reset(n int, p *pattern) {
	m.p = p
	if cap(m.diag) < n {
		m.diag = make([][36]float64, n)
	}
	m.diag = m.diag[:n]
	k := 0
	if p != nil {
		k = len(p.rows)
	}
	if cap(m.off) < k {
		m.off = make([][36]float64, k)
	}
	m.off = m.off[:k]
}

func (m *matrix) clear() {
	clear(m.diag)
	clear(m.off)
}

// square adds uᵀu to a node's own block, its lower half.
func (m *matrix) square(node int, u *[6]float64) {
	if m.p != nil {
		node = int(m.p.pos[node])
	}
	b := &m.diag[node]
	// written out, which takes half the time
	b[0] = b[0] + u[0]*u[0]
	b[6], b[7] = b[6]+u[1]*u[0], b[7]+u[1]*u[1]
	b[12], b[13], b[14] = b[12]+u[2]*u[0], b[13]+u[2]*u[1], b[14]+u[2]*u[2]
	b[18], b[19], b[20], b[21] = b[18]+u[3]*u[0], b[19]+u[3]*u[1], b[20]+u[3]*u[2], b[21]+u[3]*u[3]
	b[24], b[25], b[26], b[27], b[28] = b[24]+u[4]*u[0], b[25]+u[4]*u[1], b[26]+u[4]*u[2], b[27]+u[4]*u[3], b[28]+u[4]*u[4]
	b[30], b[31], b[32], b[33], b[34], b[35] = b[30]+u[5]*u[0], b[31]+u[5]*u[1], b[32]+u[5]*u[2], b[33]+u[5]*u[3], b[34]+u[5]*u[4], b[35]+u[5]*u[5]
}

// outer6 adds uᵀv.
func outer6(b *[36]float64, u, v *[6]float64) {
	for r, x := range u {
		if x == 0 {
			continue
		}
		o := (*[6]float64)(b[r*6:])
		o[0], o[1], o[2], o[3], o[4], o[5] = o[0]+x*v[0], o[1]+x*v[1], o[2]+x*v[2], o[3]+x*v[3], o[4]+x*v[4], o[5]+x*v[5]
	}
}

// factor computes the Cholesky factor in place; it fails where a pivot is not positive.
func (m *matrix) factor() bool {
	if m.p == nil {
		return chol6(&m.diag[0])
	}
	p := m.p
	upd := p.upd
	for c := 0; c < p.n; c++ {
		d := &m.diag[c]
		if !chol6(d) {
			return false
		}
		from, to := p.from[c], p.from[c+1]
		for i := from; i < to; i++ {
			solveRight6(&m.off[i], d)
		}
		for i := from; i < to; i++ {
			li := &m.off[i]
			subSquare6(&m.diag[p.rows[i]], li)
			for j := from; j < i; j++ {
				subOuter6(&m.off[upd[0]], li, &m.off[j])
				upd = upd[1:]
			}
		}
	}
	return true
}

// solve replaces x, six numbers per node, by the solution; y is as long and is overwritten.
func (m *matrix) solve(x, y []float64) {
	if m.p == nil {
		forward6(&m.diag[0], x)
		backward6(&m.diag[0], x)
		return
	}
	p := m.p
	for i, c := range p.pos {
		copy(y[c*6:c*6+6], x[i*6:i*6+6])
	}
	for c := 0; c < p.n; c++ {
		v := y[c*6 : c*6+6 : c*6+6]
		forward6(&m.diag[c], v)
		for i := p.from[c]; i < p.from[c+1]; i++ {
			b := &m.off[i]
			r := p.rows[i]
			w := y[r*6 : r*6+6 : r*6+6]
			for q := 0; q < 6; q++ {
				w[q] -= b[q*6]*v[0] + b[q*6+1]*v[1] + b[q*6+2]*v[2] + b[q*6+3]*v[3] + b[q*6+4]*v[4] + b[q*6+5]*v[5]
			}
		}
	}
	for c := p.n - 1; c >= 0; c-- {
		v := y[c*6 : c*6+6 : c*6+6]
		for i := p.from[c]; i < p.from[c+1]; i++ {
			b := &m.off[i]
			r := p.rows[i]
			w := y[r*6 : r*6+6 : r*6+6]
			for q, t := range w {
				for k := 0; k < 6; k++ {
					v[k] -= b[q*6+k] * t
				}
			}
		}
		backward6(&m.diag[c], v)
	}
	for i, c := range p.pos {
		copy(x[i*6:i*6+6], y[c*6:c*6+6])
	}
}

func forward6(d *[36]float64, v []float64) {
	for r := 0; r < 6; r++ {
		s := v[r]
		for k := 0; k < r; k++ {
			s -= d[r*6+k] * v[k]
		}
		v[r] = s / d[r*6+r]
	}
}

func backward6(d *[36]float64, v []float64) {
	for r := 5; r >= 0; r-- {
		s := v[r]
		for k := r + 1; k < 6; k++ {
			s -= d[k*6+r] * v[k]
		}
		v[r] = s / d[r*6+r]
	}
}

// chol6 leaves the lower factor of a 6×6 block in its lower triangle.
func chol6(a *[36]float64) bool {
	for j := 0; j < 6; j++ {
		s := a[j*6+j]
		for k := 0; k < j; k++ {
			s -= a[j*6+k] * a[j*6+k]
		}
		if !(s > 0) {
			return false
		}
		l := math.Sqrt(s)
		a[j*6+j] = l
		l = 1 / l
		for i := j + 1; i < 6; i++ {
			t := a[i*6+j]
			for k := 0; k < j; k++ {
				t -= a[i*6+k] * a[j*6+k]
			}
			a[i*6+j] = t * l
		}
	}
	return true
}

// solveRight6 replaces b by b·L⁻ᵀ.
func solveRight6(b, l *[36]float64) {
	var inv [6]float64
	for j := range inv {
		inv[j] = 1 / l[j*7]
	}
	for r := 0; r < 6; r++ {
		row := b[r*6 : r*6+6 : r*6+6]
		for j := 0; j < 6; j++ {
			t := row[j]
			for k := 0; k < j; k++ {
				t -= row[k] * l[j*6+k]
			}
			row[j] = t * inv[j]
		}
	}
}

// subSquare6 subtracts the lower half of a·aᵀ from c.
func subSquare6(c, a *[36]float64) {
	for r := 0; r < 6; r++ {
		ar := a[r*6 : r*6+6 : r*6+6]
		for j := 0; j <= r; j++ {
			br := a[j*6 : j*6+6 : j*6+6]
			c[r*6+j] -= ar[0]*br[0] + ar[1]*br[1] + ar[2]*br[2] + ar[3]*br[3] + ar[4]*br[4] + ar[5]*br[5]
		}
	}
}

// subOuter6 subtracts a·bᵀ from c.
func subOuter6(c, a, b *[36]float64) {
	for r := 0; r < 6; r++ {
		ar := a[r*6 : r*6+6 : r*6+6]
		cr := c[r*6 : r*6+6 : r*6+6]
		for j := 0; j < 6; j++ {
			br := b[j*6 : j*6+6 : j*6+6]
			cr[j] -= ar[0]*br[0] + ar[1]*br[1] + ar[2]*br[2] + ar[3]*br[3] + ar[4]*br[4] + ar[5]*br[5]
		}
	}
}
