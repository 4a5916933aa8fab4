package mobility

import (
	"setfast/core/slab"
	"setfast/core/solve"
)

// workspace is memory that is used again for each relation.
type workspace struct {
	f       [10][]float64
	perm    [24]int
	diag    [24]float64
	cols    []int32
	own     []int
	seen    bool    // the relation last posted was evaluated
	acting  []int   // bodies of the relation at hand
	hit     []int32 // bodies that move in the columns at hand
	mark    []int32 // per body: the round in which it was last hit
	tick    int32
	rows    solve.Rows
	six     [][6]float64
	entries slab.Of[Entry]
	ints    slab.Of[int32]
	kept    slab.Of[float64]
}

// sixes gives a scratch list of motions, zeroed.
func (w *workspace) sixes(n int) [][6]float64 {
	if cap(w.six) < n {
		w.six = make([][6]float64, 2*n)
	}
	clear(w.six[:n])
	return w.six[:n]
}

// floats gives the k-th scratch list, zeroed.
func (w *workspace) floats(k, n int) []float64 {
	if cap(w.f[k]) < n {
		w.f[k] = make([]float64, n, 2*n)
	}
	s := w.f[k][:n]
	clear(s)
	return s
}
