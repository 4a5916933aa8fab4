package account

import (
	"math"
	"slices"
	"sort"
)

// doubled finds the groups of relations that repeat each other: those tied together by combinations of their equations
// that cancel. Equations can only cancel around closed loops of bodies, so each two-connected block of the assembly is
// looked at by itself, if any of its relations removed less than it asked.
func (m *model) doubled(st settled, removed []int) []DoubledGroup {
	var out []DoubledGroup
	var e *elimination
	for _, block := range m.blocks(st.rels) {
		excess := 0
		for _, i := range block {
			excess += m.asked[i] - removed[i]
		}
		if excess == 0 {
			continue
		}
		if e == nil {
			e = newElimination(m, st.poses)
		}
		out = append(out, e.groups(block, excess)...)
	}
	sort.SliceStable(out, func(i, j int) bool { return m.relOf[out[i].Mates[0]] < m.relOf[out[j].Mates[0]] })
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
