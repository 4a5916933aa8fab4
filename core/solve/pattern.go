package solve

import "slices"

// pattern is where a symmetric matrix of 6×6 blocks and its Cholesky factor have blocks: the order of elimination and the
// fill, found once for a set of bodies.
type pattern struct {
	n    int
	pos  []int32 // node → place in the order of elimination
	from []int32 // per place: where its blocks below the diagonal begin in rows
	rows []int32 // places below, ascending
	upd  []int32 // for each place, for each pair of its blocks: the block that their product is taken from
}

// newPattern orders n nodes with the given neighbour pairs by least remaining degree.
func newPattern(n int, pairs [][2]int32) *pattern {
	adj := make([][]int32, n)
	for _, p := range pairs {
		if p[0] != p[1] {
			adj[p[0]] = append(adj[p[0]], p[1])
			adj[p[1]] = append(adj[p[1]], p[0])
		}
	}
	for i := range adj {
		slices.Sort(adj[i])
		adj[i] = slices.Compact(adj[i])
	}
	p := &pattern{n: n, pos: make([]int32, n), from: make([]int32, n+1)}
	// buckets of nodes by degree; entries may be stale
	buckets := make([][]int32, n+1)
	for i := n - 1; i >= 0; i-- {
		buckets[len(adj[i])] = append(buckets[len(adj[i])], int32(i))
	}
	done := make([]bool, n)
	later := make([][]int32, 0, n)
	low := 0
	var merged []int32
	for len(later) < n {
		for len(buckets[low]) == 0 {
			low++
		}
		k := buckets[low][len(buckets[low])-1]
		buckets[low] = buckets[low][:len(buckets[low])-1]
		if done[k] || len(adj[k]) != low {
			continue
		}
		done[k] = true
		p.pos[k] = int32(len(later))
		nb := adj[k]
		later = append(later, nb)
		for _, a := range nb {
			merged = merge(merged[:0], adj[a], nb, k, a)
			if len(merged) > cap(adj[a]) {
				adj[a] = make([]int32, 0, 2*len(merged))
			}
			adj[a] = append(adj[a][:0], merged...)
			d := len(merged)
			buckets[d] = append(buckets[d], a)
			low = min(low, d)
		}
	}
	order := make([]int32, n)
	for k, c := range p.pos {
		order[c] = int32(k)
	}
	for c, nb := range later {
		at := len(p.rows)
		for _, j := range nb {
			p.rows = append(p.rows, p.pos[j])
		}
		slices.Sort(p.rows[at:])
		p.from[c+1] = int32(len(p.rows))
	}
	for c := 0; c < n; c++ {
		rs := p.rows[p.from[c]:p.from[c+1]]
		for i, ri := range rs {
			for _, rj := range rs[:i] {
				p.upd = append(p.upd, p.find(rj, ri))
			}
		}
	}
	return p
}

// merge joins two ascending lists, leaving out x and y.
func merge(out, a, b []int32, x, y int32) []int32 {
	for len(a) > 0 || len(b) > 0 {
		var v int32
		switch {
		case len(b) == 0 || len(a) > 0 && a[0] < b[0]:
			v, a = a[0], a[1:]
		case len(a) == 0 || b[0] < a[0]:
			v, b = b[0], b[1:]
		default:
			v, a, b = a[0], a[1:], b[1:]
		}
		if v != x && v != y {
			out = append(out, v)
		}
	}
	return out
}

// find is the place of the block (row, column) among the blocks below the diagonal.
func (p *pattern) find(col, row int32) int32 {
	lo, hi := p.from[col], p.from[col+1]
	for lo < hi {
		m := (lo + hi) / 2
		if p.rows[m] < row {
			lo = m + 1
		} else {
			hi = m
		}
	}
	return lo
}

// slot finds the block of a pair of nodes, and whether the first of them is its column.
func (p *pattern) slot(i, j int32) (at int32, flip bool) {
	ci, cj := p.pos[i], p.pos[j]
	if cj < ci {
		return p.find(cj, ci), false
	}
	return p.find(ci, cj), true
}
