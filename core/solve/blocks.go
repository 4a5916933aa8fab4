package solve

import (
	"slices"
	"sort"
)

// Block is a set of relations that hold bodies together in loops: a biconnected component of the graph whose nodes are the free
// bodies, with all that stands as one more, and whose edges are relations. No body taken alone parts it in two, so what moves
// within one block is no matter of the others, and equations can cancel only within one.
type Block struct {
	Rels   []int
	Root   int  // the body by which it hangs on the ground or on what stands nearer to it; the number of bodies for the ground
	Excess int  // what its relations ask more than they remove
	alone  bool // one relation that asks of nobody
}

// Blocks splits relations into blocks by Tarjan's depth-first search (Hopcroft and Tarjan, Algorithm 447, Comm. ACM 16, 1973), in
// time linear in relations. removed is what each relation removed, where that is known.
func (s *System) Blocks(rels []int, removed []int) []Block {
	g, own := s.graph(rels)
	out := append(g.biconnected(), own...)
	if removed != nil {
		s.CountExcess(out, removed)
	}
	return out
}

// CountExcess tells of each block what its relations ask more than they removed.
func (s *System) CountExcess(blocks []Block, removed []int) {
	for i := range blocks {
		if blocks[i].alone {
			continue
		}
		blocks[i].Excess = 0
		for _, r := range blocks[i].Rels {
			blocks[i].Excess += s.Rels[r].Asks() - removed[r]
		}
	}
}

// Homes tells of each body the block in which it is not the root; less than none where it is in none.
func (s *System) Homes(blocks []Block) []int {
	home := slices.Repeat([]int{-1}, len(s.Bodies))
	var buf [4]int
	for i := range blocks {
		for _, r := range blocks[i].Rels {
			for _, b := range s.FreeBodies(s.Rels[r], &buf) {
				if b != blocks[i].Root {
					home[b] = i
				}
			}
		}
	}
	return home
}

// graph has a node for each body, and one more for the ground. A relation of three bodies is an edge for each pair.
type graph struct {
	adj  [][]arc
	ends [][2]int32 // per edge
	rel  []int      // per edge
	seen []bool     // per relation: it is in a block
}

type arc struct{ to, edge int32 }

func (g *graph) join(a, b, rel int) {
	g.ends = append(g.ends, [2]int32{int32(a), int32(b)})
	g.rel = append(g.rel, rel)
}

// list lists the edges of each node, in the order in which they were made.
func (g *graph) list(nodes int) {
	count := make([]int32, nodes)
	for _, e := range g.ends {
		count[e[0]]++
		count[e[1]]++
	}
	g.adj = make([][]arc, nodes)
	all := make([]arc, 2*len(g.ends))
	for v, c := range count {
		g.adj[v], all = all[:0:c], all[c:]
	}
	for k, e := range g.ends {
		g.adj[e[0]] = append(g.adj[e[0]], arc{e[1], int32(k)})
		g.adj[e[1]] = append(g.adj[e[1]], arc{e[0], int32(k)})
	}
}

// graph makes the graph of relations; those on one body, or between things that stand, are blocks of their own: they ask of nobody.
func (s *System) graph(rels []int) (g *graph, own []Block) {
	ground := len(s.Bodies)
	g = &graph{seen: make([]bool, len(s.Rels)), ends: make([][2]int32, 0, len(rels)), rel: make([]int, 0, len(rels))}
	var buf [4]int
	var ends []int
	for _, i := range rels {
		r := s.Rels[i]
		ends = ends[:0]
		for _, b := range r.Members(&buf) {
			if b < 0 || s.Bodies[b].Fixed {
				b = ground
			}
			if !slices.Contains(ends, b) {
				ends = append(ends, b)
			}
		}
		if len(ends) == 1 {
			own = append(own, Block{[]int{i}, ends[0], r.Asks(), true})
			continue
		}
		for x := range ends {
			for y := 0; y < x; y++ {
				g.join(ends[x], ends[y], i)
			}
		}
	}
	g.list(ground + 1)
	return g, own
}

// biconnected searches from the ground first, then from whatever is not tied to it. The search keeps its own stack, since chains
// of thousands of bodies are common.
func (g *graph) biconnected() (out []Block) {
	n := len(g.adj)
	depth, low := make([]int32, n), make([]int32, n)
	used := make([]bool, len(g.rel))
	var edges []int32 // on the way, not yet in a block
	type frame struct{ node, next, edge int32 }
	for s := n - 1; s >= 0; s-- {
		if depth[s] != 0 || len(g.adj[s]) == 0 {
			continue
		}
		depth[s], low[s] = 1, 1
		stack := []frame{{int32(s), 0, -1}}
		for len(stack) > 0 {
			f := &stack[len(stack)-1]
			if int(f.next) < len(g.adj[f.node]) {
				a := g.adj[f.node][f.next]
				f.next++
				if used[a.edge] {
					continue
				}
				used[a.edge] = true
				edges = append(edges, a.edge)
				if depth[a.to] != 0 {
					low[f.node] = min(low[f.node], depth[a.to])
					continue
				}
				depth[a.to] = depth[f.node] + 1
				low[a.to] = depth[a.to]
				stack = append(stack, frame{a.to, 0, a.edge})
				continue
			}
			v, by := f.node, f.edge
			if stack = stack[:len(stack)-1]; len(stack) == 0 {
				break
			}
			u := stack[len(stack)-1].node
			low[u] = min(low[u], low[v])
			if low[v] >= depth[u] {
				at := len(edges) - 1
				for edges[at] != by {
					at--
				}
				out = append(out, g.block(int(u), edges[at:]))
				edges = edges[:at]
			}
		}
	}
	return out
}

// block gathers the relations of edges.
func (g *graph) block(root int, edges []int32) Block {
	b := Block{Root: root}
	for _, e := range edges {
		if r := g.rel[e]; !g.seen[r] {
			g.seen[r] = true
			b.Rels = append(b.Rels, r)
		}
	}
	sort.Ints(b.Rels)
	return b
}
