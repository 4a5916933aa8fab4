package account

import (
	"math"
	"slices"
	"sort"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

// doubled finds the groups of relations that repeat each other: those tied together by combinations of their equations
// that cancel. Equations can only cancel around closed loops of bodies, so each two-connected block of the assembly is
// looked at by itself.
func (m *model) doubled(poses []geom.Pose, rels []int) []DoubledGroup {
	var out []DoubledGroup
	for _, block := range m.blocks(rels) {
		out = append(out, m.doubledIn(block, poses)...)
	}
	sort.SliceStable(out, func(i, j int) bool { return m.relOf[out[i].Mates[0]] < m.relOf[out[j].Mates[0]] })
	return out
}

// denseRows is the size up to which a block's cancelling equations are found exactly.
const denseRows = 700

func (m *model) doubledIn(block []int, poses []geom.Pose) []DoubledGroup {
	// one body of a block may stand still: only relative motion counts. All grounded ones do already.
	var rs solve.Rows
	type ref struct{ rel, row int }
	var refs []ref
	var rows []solve.Row
	for _, i := range block {
		for k, r := range m.sys.Eval(m.sys.Rels[i], poses, &rs) {
			rows = append(rows, r)
			refs = append(refs, ref{i, k})
		}
	}
	at := map[int]int{}
	var bodies []int
	for _, r := range rows {
		for k := 0; k < r.N; k++ {
			if _, ok := at[r.Body[k]]; !ok {
				at[r.Body[k]] = len(bodies)
				bodies = append(bodies, r.Body[k])
			}
		}
	}
	if len(rows) > denseRows {
		return m.doubledLarge(block, poses, bodies)
	}
	n := 6 * len(bodies)
	vec := func(i int) []float64 {
		v := make([]float64, n)
		for k := 0; k < rows[i].N; k++ {
			copy(v[6*at[rows[i].Body[k]]:], rows[i].G[k][:])
		}
		l := dense.Norm(v)
		if l > 0 {
			for j := range v {
				v[j] /= l
			}
		}
		return v
	}
	// Gram–Schmidt in posted order; each dependent row gives one cancelling combination
	order := make([]int, len(rows))
	for i := range order {
		order[i] = i
	}
	sort.SliceStable(order, func(x, y int) bool {
		a, b := refs[order[x]].rel, refs[order[y]].rel
		la, lb := m.line(m.sys.Rels[a]), m.line(m.sys.Rels[b])
		return la < lb || la == lb && a < b
	})
	var basis, combo [][]float64 // combo: how a basis vector is made of rows
	var cancel [][]float64
	for _, i := range order {
		v := vec(i)
		c := make([]float64, len(rows))
		c[i] = 1
		if dense.Norm(v) == 0 {
			cancel = append(cancel, c)
			continue
		}
		for pass := 0; pass < 2; pass++ {
			for k, b := range basis {
				d := dense.Dot(v, b)
				if d == 0 {
					continue
				}
				for j := range v {
					v[j] -= d * b[j]
				}
				for j, x := range combo[k] {
					if x != 0 {
						c[j] -= d * x
					}
				}
			}
		}
		l := dense.Norm(v)
		if l < tightTol {
			cancel = append(cancel, c)
			continue
		}
		for j := range v {
			v[j] /= l
		}
		for j := range c {
			c[j] /= l
		}
		basis = append(basis, v)
		combo = append(combo, c)
	}
	// relations are in one group when some cancelling combination uses both
	root := map[int]int{}
	var find func(int) int
	find = func(i int) int {
		if r, ok := root[i]; ok && r != i {
			return find(r)
		}
		return i
	}
	for _, c := range cancel {
		first := -1
		for j, x := range c {
			if math.Abs(x) < 1e-6 {
				continue
			}
			k := find(refs[j].rel)
			root[refs[j].rel] = k
			root[k] = k
			if first < 0 {
				first = k
			} else if k != first {
				root[max(k, first)] = min(k, first)
				first = min(k, first)
			}
		}
	}
	byRoot := map[int]*DoubledGroup{}
	var heads []int
	for _, i := range block {
		if _, ok := root[i]; !ok {
			continue
		}
		k := find(i)
		if byRoot[k] == nil {
			byRoot[k] = &DoubledGroup{}
			heads = append(heads, k)
		}
		byRoot[k].Mates = append(byRoot[k].Mates, m.mate[i].ID)
	}
	of := map[int][][]float64{}
	for _, c := range cancel {
		for j, x := range c {
			if math.Abs(x) >= 1e-6 {
				k := find(refs[j].rel)
				byRoot[k].Excess++
				of[k] = append(of[k], c)
				break
			}
		}
	}
	lengths := make([]float64, len(rows))
	for i := range rows {
		s := 0.0
		for k := 0; k < rows[i].N; k++ {
			s += dense.Dot(rows[i].G[k][:], rows[i].G[k][:])
		}
		lengths[i] = math.Sqrt(s)
	}
	var out []DoubledGroup
	for _, k := range heads {
		g := byRoot[k]
		mm, dg := math.Inf(1), math.Inf(1)
		// a change in one equation shows as misses in the cancelling directions: the least change that shows beyond tolerance
		var ys [][]float64
		for _, c := range of[k] {
			y := make([]float64, len(rows))
			for j, x := range c {
				if lengths[j] > 0 {
					y[j] = x / lengths[j] // back to equations of their own size
				}
			}
			ys = append(ys, y)
		}
		q := dense.Orthonormal(dense.Columns(len(rows), ys), 1e-9)
		for i := range rows {
			mine := q.Row(i)
			if dense.Norm(mine) < 1e-9 {
				continue
			}
			need := math.Inf(1)
			for j := range rows {
				p := math.Abs(dense.Dot(mine, q.Row(j)))
				if p < 1e-12 {
					continue
				}
				tol := m.set.ToleranceMM
				if rows[j].Angular {
					tol = rad(m.set.ToleranceDeg) * solve.AngleWeight
				}
				need = math.Min(need, tol/p)
			}
			if rows[i].Angular {
				dg = math.Min(dg, deg(need/solve.AngleWeight))
			} else {
				mm = math.Min(mm, need)
			}
		}
		if !math.IsInf(mm, 1) {
			g.Tolerates.MM = roundTo(mm, 6)
		}
		if !math.IsInf(dg, 1) {
			g.Tolerates.Deg = roundTo(dg, 6)
		}
		out = append(out, *g)
	}
	return out
}

// roundTo keeps n significant digits.
func roundTo(x float64, n int) float64 {
	if x == 0 {
		return 0
	}
	s := math.Pow(10, float64(n)-1-math.Floor(math.Log10(math.Abs(x))))
	return math.Round(x*s) / s
}

// doubledLarge names a large block as one group; its excess is counted, its parts are not told apart.
func (m *model) doubledLarge(block []int, poses []geom.Pose, bodies []int) []DoubledGroup {
	n := newNullspace(m.sys, poses, block)
	n.count = true
	sort.Ints(bodies)
	for _, b := range bodies {
		n.open(b)
	}
	g := DoubledGroup{}
	for _, i := range block {
		g.Excess += m.asked[i] - n.post(m.sys.Rels[i])
		g.Mates = append(g.Mates, m.mate[i].ID)
	}
	if g.Excess == 0 {
		return nil
	}
	return []DoubledGroup{g}
}

// blocks splits the relations into two-connected blocks of bodies, the ground counting as one body.
func (m *model) blocks(rels []int) [][]int {
	nb := len(m.sys.Bodies)
	at := func(b int) int {
		if b < 0 || m.sys.Bodies[b].Fixed {
			return nb
		}
		return b
	}
	type edge struct{ to, id int }
	adj := make([][]edge, nb+1)
	// a relation of three bodies is an edge for each pair
	var ends [][2]int
	var relOf []int
	add := func(a, b, rel int) {
		adj[a] = append(adj[a], edge{b, len(ends)})
		adj[b] = append(adj[b], edge{a, len(ends)})
		ends = append(ends, [2]int{a, b})
		relOf = append(relOf, rel)
	}
	var own [][]int
	for _, i := range rels {
		r := m.sys.Rels[i]
		var buf [4]int
		var ends []int
		for _, b := range r.Members(&buf) {
			if b = at(b); !slices.Contains(ends, b) {
				ends = append(ends, b)
			}
		}
		if len(ends) == 1 {
			own = append(own, []int{i}) // all on one body, or on ground: it asks of nobody
			continue
		}
		for x := range ends {
			for y := 0; y < x; y++ {
				add(ends[x], ends[y], i)
			}
		}
	}
	depth := make([]int, nb+1)
	low := make([]int, nb+1)
	used := make([]bool, len(ends))
	var out [][]int
	var stackE []int
	type frame struct{ v, next, parent int }
	for s := nb; s >= 0; s-- {
		if depth[s] != 0 || len(adj[s]) == 0 {
			continue
		}
		depth[s], low[s] = 1, 1
		st := []frame{{s, 0, -1}}
		for len(st) > 0 {
			f := &st[len(st)-1]
			if f.next < len(adj[f.v]) {
				e := adj[f.v][f.next]
				f.next++
				if used[e.id] {
					continue
				}
				used[e.id] = true
				stackE = append(stackE, e.id)
				if depth[e.to] != 0 {
					low[f.v] = min(low[f.v], depth[e.to])
					continue
				}
				depth[e.to] = depth[f.v] + 1
				low[e.to] = depth[e.to]
				st = append(st, frame{e.to, 0, e.id})
				continue
			}
			v, pe := f.v, f.parent
			st = st[:len(st)-1]
			if len(st) == 0 {
				break
			}
			u := st[len(st)-1].v
			low[u] = min(low[u], low[v])
			if low[v] >= depth[u] {
				seen := map[int]bool{}
				var block []int
				for {
					e := stackE[len(stackE)-1]
					stackE = stackE[:len(stackE)-1]
					if !seen[relOf[e]] {
						seen[relOf[e]] = true
						block = append(block, relOf[e])
					}
					if e == pe {
						break
					}
				}
				sort.Ints(block)
				out = append(out, block)
			}
		}
	}
	return append(out, own...)
}
