package mobility

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/tol"
)

// combination is a column that was, as a combination of final ones.
type combination struct {
	cols []int32
	x    []float64
}

// Finish brings all bodies to the last basis, whose columns are numbered anew from 0.
func (n *Basis) Finish() {
	if !n.settle() {
		return
	}
	n.spin()
	n.done = true
}

// settle does so but for the turns of bodies that are points to their relations; it is false where it was called off.
func (n *Basis) settle() bool {
	if n.mixed > mostMixed {
		if m := n.dissected(); m != nil {
			*n = *m
		}
	}
	now := make([]combination, len(n.on))
	final := int32(0)
	one := []float64{1}
	ids := n.work.ints.Room(n.columns)
	for c := range now {
		if n.owner[c] != replaced {
			ids = append(ids, final)
			now[c] = combination{ids[final : final+1 : final+1], one}
			final++
		}
	}
	// what became of each column, last step first
	place := make([]int32, n.columns) // final column → its place in the union, plus one
	var union []int32
	for k := len(n.log) - 1; k >= 0; k-- {
		if n.Sys.Stopped() {
			return false
		}
		s := &n.log[k]
		if s.by != nil {
			n.unslide(s, now)
			continue
		}
		m := len(s.old)
		fresh := now[s.first : int(s.first)+m-s.gone]
		union = union[:0]
		for i := range fresh {
			for _, c := range fresh[i].cols {
				if place[c] == 0 {
					place[c] = 1
					union = append(union, c)
				}
			}
		}
		if len(union) == 0 {
			continue
		}
		slices.Sort(union)
		for i, c := range union {
			place[c] = int32(i + 1)
		}
		n.unreflect(s, now, fresh, union, place)
		for _, c := range union {
			place[c] = 0
		}
	}
	n.log = nil
	slices.Sort(n.opened)
	n.rewrite(now)
	return true
}

// spin adds the turns of bodies that are but points to their relations, each a column of its own.
func (n *Basis) spin() {
	for _, b := range n.opened {
		if !n.points[b] {
			continue
		}
		es := append(n.work.entries.Room(len(n.of[b])+3), n.of[b]...)
		for k := 3; k < 6; k++ {
			e := Entry{Col: int32(len(n.on))}
			e.V[k] = 1
			es = append(es, e)
			n.on = append(n.on, []int32{int32(b)})
		}
		n.of[b] = es
	}
}

// unslide says what the old columns of a step are in the final ones.
func (n *Basis) unslide(s *step, now []combination) {
	sum := map[int32]float64{}
	var order []int32
	for i, p := range s.old {
		clear(sum)
		order = order[:0]
		for _, part := range s.by[i] {
			t := &now[part.col]
			for q, c := range t.cols {
				if _, seen := sum[c]; !seen {
					order = append(order, c)
				}
				sum[c] += part.x * t.x[q]
			}
		}
		slices.Sort(order)
		t := combination{n.work.ints.Room(len(order)), n.work.kept.Room(len(order))}
		for _, c := range order {
			if x := sum[c]; math.Abs(x) > tol.NoShare {
				t.cols, t.x = append(t.cols, c), append(t.x, x)
			}
		}
		now[p] = t
	}
}

// rewrite writes every body's motion in the final columns.
func (n *Basis) rewrite(now []combination) {
	sum := make([][6]float64, n.columns)
	size := make([]float64, n.columns) // of what was added up
	seen := make([]bool, n.columns)
	var list []int32
	for _, b := range n.opened {
		es := n.of[b]
		if len(es) == 0 {
			continue
		}
		list = list[:0]
		for i := range es {
			e := &es[i]
			long := dense.Norm(e.V[:])
			t := &now[e.Col]
			for q, c := range t.cols {
				if !seen[c] {
					seen[c] = true
					list = append(list, c)
					sum[c], size[c] = [6]float64{}, 0
				}
				x := t.x[q]
				f := &sum[c]
				f[0] += x * e.V[0]
				f[1] += x * e.V[1]
				f[2] += x * e.V[2]
				f[3] += x * e.V[3]
				f[4] += x * e.V[4]
				f[5] += x * e.V[5]
				size[c] = max(size[c], math.Abs(x)*long)
			}
		}
		slices.Sort(list)
		out := n.work.entries.Room(len(list))
		for _, c := range list {
			seen[c] = false
			if dense.Norm(sum[c][:]) > math.Max(tol.StandsStill, tol.Cancelled*size[c]) {
				out = append(out, Entry{c, sum[c]})
			}
		}
		n.of[b] = out
	}
	n.list()
}

// list lists the bodies that move in each column.
func (n *Basis) list() {
	count := make([]int32, n.columns)
	for _, b := range n.opened {
		for i := range n.of[b] {
			count[n.of[b][i].Col]++
		}
	}
	n.on = make([][]int32, n.columns)
	for c := range n.on {
		n.on[c] = n.work.ints.Room(int(count[c]))
	}
	for _, b := range n.opened {
		for i := range n.of[b] {
			c := n.of[b][i].Col
			n.on[c] = append(n.on[c], int32(b))
		}
	}
}

// unreflect says what the old columns of a step are in the final ones (the union), as its new columns are known.
func (n *Basis) unreflect(s *step, now, fresh []combination, union, place []int32) {
	m := len(s.old)
	// by final column: what each new column holds of it, and by the reflections each old one
	x := n.work.floats(0, m*len(union))
	for i := range fresh {
		for q, c := range fresh[i].cols {
			x[int(place[c]-1)*m+s.gone+i] = fresh[i].x[q]
		}
	}
	for u := range union {
		row := x[u*m : u*m+m]
		for h := len(s.v)/m - 1; h >= 0; h-- {
			dense.Reflect(row, s.v[h*m:h*m+m], h)
		}
	}
	for i, c := range s.old {
		count := 0
		for u := range union {
			if math.Abs(x[u*m+i]) > tol.NoShare {
				count++
			}
		}
		t := combination{n.work.ints.Room(count), n.work.kept.Room(count)}
		for u, f := range union {
			if y := x[u*m+i]; math.Abs(y) > tol.NoShare {
				t.cols, t.x = append(t.cols, f), append(t.x, y)
			}
		}
		now[c] = t
	}
}
