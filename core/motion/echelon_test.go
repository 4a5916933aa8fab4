package motion

import (
	"testing"

	"gonum.org/v1/gonum/mat"

	"setfast/core/bench"
	"setfast/core/conflict"
	"setfast/core/mobility"
	"setfast/core/model"
)

// Sparsely has all groups of freedoms told on the sparse basis while f runs.
func Sparsely(f func()) {
	was := mostDense
	mostDense = 0
	defer func() { mostDense = was }()
	f()
}

// studyOf solves the only assembly of a document and finds its null space.
func studyOf(t *testing.T, x *bench.Random) *Study {
	t.Helper()
	m, err := model.New(x.Doc.Open(), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	st := conflict.Settle(m)
	return &Study{Model: m, Basis: mobility.Posted(m.Sys, st.Poses, st.Rels, m.Sys.Blocks(st.Rels, nil)).Basis, Poses: st.Poses, Rels: st.Rels}
}

// TestStaggeredMotionsSpan compares by gonum's singular values: what is told of a large group spans all of its freedoms.
func TestStaggeredMotionsSpan(t *testing.T) {
	Sparsely(func() {
		for seed := uint64(1); seed <= 60; seed++ {
			s := studyOf(t, bench.NewRandom(seed, 4+int(seed%9), 3+int(seed%12), 40))
			for _, g := range s.groups(nil, func(int) bool { return false }) {
				all := g.vectors()
				line := func(a vector) []float64 {
					x := make([]float64, 6*len(g.bodies))
					for _, e := range a {
						copy(x[6*e.i:], e.v[:])
					}
					return x
				}
				var rows, both []float64
				told := 0
				for _, a := range all {
					both = append(both, line(a)...)
				}
				echelon(all, len(g.bodies), s.Stopped, func(i int, first []vector) {
					for _, a := range first {
						told++
						rows = append(rows, line(a)...)
					}
				})
				both = append(both, rows...)
				if told != g.d || rank(t, rows, told) != g.d || rank(t, both, told+g.d) != g.d {
					t.Errorf("seed %d: %d freedoms, %d told", seed, g.d, told)
				}
			}
		}
	})
}

func rank(t *testing.T, rows []float64, r int) int {
	var svd mat.SVD
	if !svd.Factorize(mat.NewDense(r, len(rows)/r, rows), mat.SVDNone) {
		t.Fatal("gonum gave up")
	}
	v := svd.Values(nil)
	k := 0
	for k < len(v) && v[k] > 1e-6*v[0] {
		k++
	}
	return k
}
