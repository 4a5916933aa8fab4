package solve

import (
	"math"
	"sort"
)

// blockMatrix is a symmetric positive matrix of 6×6 blocks and its Cholesky factor. The order of elimination and the
// fill are found once for a pattern; numbers are then put in and factored any number of times.
type blockMatrix struct {
	n     int
	pos   []int   // node → place in the order of elimination
	rows  [][]int // per column, the later places that have a block, ascending
	diag  [][36]float64
	off   [][][36]float64
	where []map[int]int // per column, place → index in rows
}

// newBlockMatrix orders n nodes with the given neighbour pairs by least remaining degree.
func newBlockMatrix(n int, pairs [][2]int) *blockMatrix {
	if n == 1 {
		return &blockMatrix{n: 1, pos: []int{0}, rows: [][]int{nil}, diag: make([][36]float64, 1), off: make([][][36]float64, 1), where: make([]map[int]int, 1)}
	}
	adj := make([]map[int]struct{}, n)
	for i := range adj {
		adj[i] = map[int]struct{}{}
	}
	for _, p := range pairs {
		if p[0] != p[1] {
			adj[p[0]][p[1]] = struct{}{}
			adj[p[1]][p[0]] = struct{}{}
		}
	}
	m := &blockMatrix{n: n, pos: make([]int, n)}
	// buckets of nodes by degree, entries may be stale
	buckets := make([][]int, n+1)
	for i := n - 1; i >= 0; i-- {
		buckets[len(adj[i])] = append(buckets[len(adj[i])], i)
	}
	done := make([]bool, n)
	order := make([]int, 0, n)
	later := make([][]int, 0, n)
	low := 0
	for len(order) < n {
		for len(buckets[low]) == 0 {
			low++
		}
		k := buckets[low][len(buckets[low])-1]
		buckets[low] = buckets[low][:len(buckets[low])-1]
		if done[k] || len(adj[k]) != low {
			continue
		}
		done[k] = true
		m.pos[k] = len(order)
		order = append(order, k)
		nb := make([]int, 0, len(adj[k]))
		for j := range adj[k] {
			nb = append(nb, j)
		}
		sort.Ints(nb)
		later = append(later, nb)
		for i, a := range nb {
			delete(adj[a], k)
			for _, b := range nb[:i] {
				adj[a][b] = struct{}{}
				adj[b][a] = struct{}{}
			}
		}
		for _, a := range nb {
			d := len(adj[a])
			buckets[d] = append(buckets[d], a)
			if d < low {
				low = d
			}
		}
	}
	m.rows = make([][]int, n)
	m.diag = make([][36]float64, n)
	m.off = make([][][36]float64, n)
	m.where = make([]map[int]int, n)
	for c, nb := range later {
		r := make([]int, len(nb))
		for i, j := range nb {
			r[i] = m.pos[j]
		}
		sort.Ints(r)
		m.rows[c] = r
		m.off[c] = make([][36]float64, len(r))
		m.where[c] = make(map[int]int, len(r))
		for i, j := range r {
			m.where[c][j] = i
		}
	}
	return m
}

func (m *blockMatrix) clear() {
	for c := range m.diag {
		m.diag[c] = [36]float64{}
		for i := range m.off[c] {
			m.off[c][i] = [36]float64{}
		}
	}
}

// addOuter adds uᵀv for the pair of nodes (i, j), and its transpose where they differ.
func (m *blockMatrix) addOuter(i, j int, u, v *[6]float64) {
	ci, cj := m.pos[i], m.pos[j]
	var b *[36]float64
	switch {
	case ci == cj:
		b = &m.diag[ci]
	case cj < ci: // block (row ci, column cj)
		b = &m.off[cj][m.where[cj][ci]]
	default:
		b = &m.off[ci][m.where[ci][cj]]
		u, v = v, u
	}
	for r := 0; r < 6; r++ {
		if u[r] == 0 {
			continue
		}
		for c := 0; c < 6; c++ {
			b[r*6+c] += u[r] * v[c]
		}
	}
}

// factor computes the Cholesky factor in place; it fails where a pivot is not positive.
func (m *blockMatrix) factor() bool {
	for c := 0; c < m.n; c++ {
		d := &m.diag[c]
		if !chol6(d) {
			return false
		}
		rows := m.rows[c]
		for i := range rows {
			solveRight6(&m.off[c][i], d)
		}
		for i, ri := range rows {
			li := &m.off[c][i]
			subOuter6(&m.diag[ri], li, li)
			for j := 0; j < i; j++ {
				rj := rows[j]
				subOuter6(&m.off[rj][m.where[rj][ri]], li, &m.off[c][j])
			}
		}
	}
	return true
}

// solve replaces x, six numbers per node, by the solution.
func (m *blockMatrix) solve(x []float64) {
	y := make([]float64, len(x))
	for i, p := range m.pos {
		copy(y[p*6:p*6+6], x[i*6:i*6+6])
	}
	for c := 0; c < m.n; c++ {
		v := y[c*6 : c*6+6]
		d := &m.diag[c]
		for r := 0; r < 6; r++ {
			s := v[r]
			for k := 0; k < r; k++ {
				s -= d[r*6+k] * v[k]
			}
			v[r] = s / d[r*6+r]
		}
		for i, ri := range m.rows[c] {
			b, w := &m.off[c][i], y[ri*6:ri*6+6]
			for r := 0; r < 6; r++ {
				for k := 0; k < 6; k++ {
					w[r] -= b[r*6+k] * v[k]
				}
			}
		}
	}
	for c := m.n - 1; c >= 0; c-- {
		v := y[c*6 : c*6+6]
		for i, ri := range m.rows[c] {
			b, w := &m.off[c][i], y[ri*6:ri*6+6]
			for r := 0; r < 6; r++ {
				for k := 0; k < 6; k++ {
					v[k] -= b[r*6+k] * w[r]
				}
			}
		}
		d := &m.diag[c]
		for r := 5; r >= 0; r-- {
			s := v[r]
			for k := r + 1; k < 6; k++ {
				s -= d[k*6+r] * v[k]
			}
			v[r] = s / d[r*6+r]
		}
	}
	for i, p := range m.pos {
		copy(x[i*6:i*6+6], y[p*6:p*6+6])
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
		for i := j + 1; i < 6; i++ {
			t := a[i*6+j]
			for k := 0; k < j; k++ {
				t -= a[i*6+k] * a[j*6+k]
			}
			a[i*6+j] = t / l
		}
	}
	return true
}

// solveRight6 replaces b by b·L⁻ᵀ.
func solveRight6(b, l *[36]float64) {
	for r := 0; r < 6; r++ {
		row := b[r*6 : r*6+6]
		for j := 0; j < 6; j++ {
			t := row[j]
			for k := 0; k < j; k++ {
				t -= row[k] * l[j*6+k]
			}
			row[j] = t / l[j*6+j]
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
