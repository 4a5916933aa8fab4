package account

import (
	"math"
	"math/rand/v2"
	"testing"

	"gonum.org/v1/gonum/mat"

	"setfast/core/bench"
	"setfast/core/conflict"
	"setfast/core/mobility"
	"setfast/core/model"
)

// inLine posts relations into one basis, line by line, and gives what each removes and how free each body is on its line.
func inLine(m *model.Model, st conflict.Settled) (basis *mobility.Basis, removed []int, after [][2]int) {
	basis = mobility.New(m.Sys, st.Poses, st.Rels)
	removed, after = make([]int, len(m.Sys.Rels)), make([][2]int, len(m.Comps))
	lines := m.Sys.ByLine(st.Rels)
	for b := range m.Comps {
		if !m.Sys.Bodies[b].Fixed {
			basis.Open(b)
		}
		for _, i := range lines[b+1] {
			removed[i] = basis.Post(m.Sys.Rels[i])
		}
		if !m.Sys.Bodies[b].Fixed {
			left, turns := basis.Restricted(b)
			after[b] = [2]int{left, turns}
		}
	}
	basis.Finish()
	return basis, removed, after
}

// stacked is the basis as a matrix: six rows for each body.
func stacked(n *mobility.Basis, bodies int) *mat.Dense {
	x := mat.NewDense(6*bodies, max(1, n.Left()), nil)
	for b := range bodies {
		for _, e := range n.Of(b) {
			for q, v := range e.V {
				x.Set(6*b+q, int(e.Col), v)
			}
		}
	}
	return x
}

// TestPostedByBlocks compares what comes of posting block by block with posting into one basis, for trees, loops and both, in any order of
// the components, on the ground and afloat: what each relation removes, the freedom on each line and at the end, and the span of motions.
func TestPostedByBlocks(t *testing.T) {
	compared, late := 0, 0
	seeds := []uint64{999, 1587, 1846, 2247, 2307} // of which a body was put aside before it was asked for
	for seed := uint64(1); seed <= 200; seed++ {
		seeds = append(seeds, seed)
	}
	for _, seed := range seeds {
		n := 3 + int(seed%14)
		x := bench.NewRandom(seed, n, n-1+int(seed%4), 40)
		r := rand.New(rand.NewPCG(seed, 3))
		if seed%3 != 0 {
			c := x.Asm.Components
			r.Shuffle(len(c), func(i, j int) { c[i], c[j] = c[j], c[i] })
		}
		if seed%5 == 0 {
			for _, c := range x.Asm.Components {
				c.Grounded = false
			}
		}
		m := modelOf(t, x)
		st := conflict.Settle(m)
		if len(st.Odds) > 0 {
			continue
		}
		one, removed, after := inLine(m, st)
		p := mobility.Posted(m.Sys, st.Poses, st.Rels, m.Sys.Blocks(st.Rels, nil))
		compared++
		if p.Basis.Left() != one.Left() {
			t.Errorf("seed %d: %d left by blocks, %d together", seed, p.Basis.Left(), one.Left())
			continue
		}
		for _, i := range st.Rels {
			if p.Removed[i] != removed[i] {
				t.Errorf("seed %d: %s removes %d by blocks, %d together", seed, m.Sys.Rels[i].ID, p.Removed[i], removed[i])
			}
		}
		for b, c := range m.Comps {
			if p.After[b] != after[b] {
				t.Errorf("seed %d: %s has %v left on its line by blocks, %v together", seed, c.Name, p.After[b], after[b])
			}
			l, k := p.Basis.Restricted(b)
			if wl, wk := one.Restricted(b); l != wl || k != wk {
				t.Errorf("seed %d: %s has %d, %d left by blocks, %d, %d together", seed, c.Name, l, k, wl, wk)
			}
			if after[b][0] > 0 && after[b][0] < 6 && l < after[b][0] {
				late++
			}
		}
		if off := outsideSpan(stacked(p.Basis, len(m.Comps)), stacked(one, len(m.Comps))); off > 1e-9 {
			t.Errorf("seed %d: the motions by blocks are off by %g of those together", seed, off)
		}
	}
	if compared < 190 || late < 30 {
		t.Errorf("%d compared, %d bodies of which some freedom was taken later", compared, late)
	}
}

// outsideSpan is the most that columns of a, of length one, lie outside the span of b's; one where they are not as many.
func outsideSpan(a, b *mat.Dense) float64 {
	var svd mat.SVD
	if !svd.Factorize(b, mat.SVDThin) {
		return 1
	}
	var u mat.Dense
	svd.UTo(&u)
	sizes := svd.Values(nil)
	k := 0
	for k < len(sizes) && sizes[k] > 1e-9*sizes[0] {
		k++
	}
	if k == 0 {
		return mat.Norm(a, 2)
	}
	span := u.Slice(0, u.RawMatrix().Rows, 0, k)
	var svdA mat.SVD
	if !svdA.Factorize(a, mat.SVDThin) {
		return 1
	}
	rank := 0
	for _, s := range svdA.Values(nil) {
		if s > 1e-9*svdA.Values(nil)[0] {
			rank++
		}
	}
	if rank != k {
		return 1
	}
	var c, back mat.Dense
	c.Mul(span.T(), a)
	back.Mul(span, &c)
	back.Sub(&back, a)
	worst := 0.0
	_, cols := a.Dims()
	for j := range cols {
		worst = math.Max(worst, mat.Norm(back.ColView(j), 2)/mat.Norm(a.ColView(j), 2))
	}
	return worst
}
