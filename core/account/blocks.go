package account

import (
	"slices"
	"sort"
)

// block is a set of relations that hold bodies together in loops: no body taken alone parts it in two. What moves within one
// block is no matter of the others.
type block struct {
	rels   []int
	root   int // the body by which it hangs on the ground or on what stands nearer to it; the number of bodies for the ground
	excess int // what its relations ask more than they remove
}

// split finds the two-connected blocks of bodies, the ground counting as one body. removed is what each relation removed,
// where that is known.
func (m *model) split(rels []int, removed []int) []block {
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
	var own []block
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
			own = append(own, block{[]int{i}, ends[0], m.asked[i]}) // all on one body, or on ground: it asks of nobody
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
	seen := make([]bool, len(m.sys.Rels))
	var out []block
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
				bl := block{root: u}
				for {
					e := stackE[len(stackE)-1]
					stackE = stackE[:len(stackE)-1]
					if r := relOf[e]; !seen[r] {
						seen[r] = true
						bl.rels = append(bl.rels, r)
						if removed != nil {
							bl.excess += m.asked[r] - removed[r]
						}
					}
					if e == pe {
						break
					}
				}
				sort.Ints(bl.rels)
				out = append(out, bl)
			}
		}
	}
	return append(out, own...)
}
