package account

import (
	"math"
	"sort"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

// Thresholds of rank. All are judged on the motion of related bodies relative to each other, never on the whole.
const (
	tightTol = 1e-5 // a relation stops a relative motion if it resists more than this part of it
	stillTol = 5e-6 // two bodies stay together in a motion if they part by less than this of their own motion in it
	deadTol  = 1e-9 // a motion this small in a unit motion of the whole is none
)

// nullspace is what can still move: a basis of the bodies' small motions that the relations so far allow. Columns are
// orthonormal in the bodies' own measure (mm at the middle of the body, mm at its reach for turns), and sparse: a
// column lists only the bodies that move in it.
//
// A body whose relations are all posted is put aside: what later relations do to the columns is written down, and applied
// to it once, at the end (finish). So the work of a relation depends on the bodies still open, not on all before it.
type nullspace struct {
	sys   *solve.System
	poses []geom.Pose
	of    []map[int]*[6]float64 // per body: column → its motion
	cols  map[int][]int         // column → bodies still open that move in it
	next  int
	rs    solve.Rows
	todo  []int // per body: relations not posted yet
	log   []step
}

// step is a change of basis: old columns as combinations of new ones.
type step struct {
	old   []int
	first int // the first of the new columns, which follow one another
	z     dense.Mat
}

// newNullspace begins an account of the given relations.
func newNullspace(sys *solve.System, poses []geom.Pose, rels []int) *nullspace {
	n := &nullspace{sys: sys, poses: poses, of: make([]map[int]*[6]float64, len(sys.Bodies)), cols: map[int][]int{}, todo: make([]int, len(sys.Bodies))}
	for _, i := range rels {
		for _, b := range sys.BodiesOf(sys.Rels[i]) {
			n.todo[b]++
		}
	}
	return n
}

// putAside takes a body whose relations are all posted out of the columns' lists.
func (n *nullspace) putAside(bodies []int) {
	for _, b := range bodies {
		if n.todo[b]--; n.todo[b] > 0 {
			continue
		}
		for c := range n.of[b] {
			l := n.cols[c]
			for i, x := range l {
				if x == b {
					n.cols[c] = append(l[:i:i], l[i+1:]...)
					break
				}
			}
		}
	}
}

// finish brings all bodies to the present basis.
func (n *nullspace) finish() {
	// what became of each column, last step first
	type combo struct {
		cols []int
		vals []float64
	}
	now := map[int]combo{}
	for c := range n.cols {
		now[c] = combo{[]int{c}, []float64{1}}
	}
	for k := len(n.log) - 1; k >= 0; k-- {
		s := &n.log[k]
		for i, c := range s.old {
			sum := map[int]float64{}
			for j := 0; j < s.z.C; j++ {
				x := s.z.At(i, j)
				if math.Abs(x) < 1e-15 {
					continue
				}
				t := now[s.first+j]
				for q, col := range t.cols {
					sum[col] += x * t.vals[q]
				}
			}
			var t combo
			for col := range sum {
				t.cols = append(t.cols, col)
			}
			sort.Ints(t.cols)
			for _, col := range t.cols {
				t.vals = append(t.vals, sum[col])
			}
			now[c] = t
		}
	}
	n.log = nil
	all := map[int][]int{}
	for c := range n.cols {
		all[c] = nil
	}
	for b, of := range n.of {
		if of == nil {
			continue
		}
		fresh := map[int]*[6]float64{}
		var ids []int
		for c := range of {
			ids = append(ids, c)
		}
		sort.Ints(ids)
		for _, c := range ids {
			v, t := of[c], now[c]
			for q, col := range t.cols {
				f := fresh[col]
				if f == nil {
					f = &[6]float64{}
					fresh[col] = f
				}
				for i := range f {
					f[i] += t.vals[q] * v[i]
				}
			}
		}
		for col, f := range fresh {
			if dense.Norm(f[:]) <= 1e-13 {
				delete(fresh, col)
				continue
			}
			all[col] = append(all[col], b)
		}
		n.of[b] = fresh
	}
	for _, l := range all {
		sort.Ints(l)
	}
	n.cols = all
}

// open gives a free body its six freedoms.
func (n *nullspace) open(b int) {
	n.of[b] = map[int]*[6]float64{}
	for k := 0; k < 6; k++ {
		var v [6]float64
		v[k] = 1
		n.of[b][n.next] = &v
		n.cols[n.next] = []int{b}
		n.next++
	}
}

// left is the number of freedoms.
func (n *nullspace) left() int { return len(n.cols) }

// touched lists the columns in which any of the bodies moves, ascending.
func (n *nullspace) touched(bodies []int) []int {
	seen := map[int]bool{}
	var t []int
	for _, b := range bodies {
		for c := range n.of[b] {
			if !seen[c] {
				seen[c] = true
				t = append(t, c)
			}
		}
	}
	sort.Ints(t)
	return t
}

// block gathers the motion of a body in the given columns, 6 by len(cols).
func (n *nullspace) block(b int, cols []int) dense.Mat {
	m := dense.New(6, len(cols))
	for j, c := range cols {
		if v, ok := n.of[b][c]; ok {
			for i := 0; i < 6; i++ {
				m.A[i*m.C+j] = v[i]
			}
		}
	}
	return m
}

// restricted is the freedom of one body: the rank of the basis on it, and how much of that is turning.
func (n *nullspace) restricted(b int) (left, turns int) {
	cols := n.touched([]int{b})
	if len(cols) == 0 {
		return 0, 0
	}
	m := n.block(b, cols)
	rank := func(m dense.Mat, floor float64) int {
		_, s, _ := dense.SVD(m)
		k := 0
		for k < len(s) && s[k] > deadTol && s[k] > stillTol*math.Max(s[0], floor) {
			k++
		}
		return k
	}
	left = rank(m, 0)
	w := dense.Mat{R: 3, C: m.C, A: m.A[3*m.C:]}
	return left, min(left, rank(w, dense.Norm(m.A)))
}

// seen is the motion of body b in the columns as seen at the place p: slide at p, then turn times size.
func (n *nullspace) seen(b int, cols []int, p geom.Vec, size float64) dense.Mat {
	m := dense.New(6, len(cols))
	if b < 0 || n.of[b] == nil {
		return m
	}
	bd := &n.sys.Bodies[b]
	c := n.poses[b].Point(bd.Centre)
	arm := p.Sub(c)
	for j, col := range cols {
		v, ok := n.of[b][col]
		if !ok {
			continue
		}
		w := geom.V(v[3], v[4], v[5]).Scale(1 / bd.Size)
		s := geom.V(v[0], v[1], v[2]).Add(w.Cross(arm))
		for i, x := range [6]float64{s.X, s.Y, s.Z, w.X * size, w.Y * size, w.Z * size} {
			m.A[i*m.C+j] = x
		}
	}
	return m
}

// apply evaluates rows on columns, each row scaled to unit length first.
func (n *nullspace) apply(rows []solve.Row, cols []int) dense.Mat {
	m := dense.New(len(rows), len(cols))
	for i := range rows {
		row := &rows[i]
		big := 0.0
		for k := 0; k < row.N; k++ {
			big = math.Max(big, dense.Norm(row.G[k][:]))
		}
		if big == 0 {
			continue
		}
		for k := 0; k < row.N; k++ {
			of := n.of[row.Body[k]]
			for j, c := range cols {
				if v, ok := of[c]; ok {
					m.A[i*m.C+j] += dense.Dot(row.G[k][:], v[:]) / big
				}
			}
		}
	}
	return m
}

// post takes a relation into account and returns how many freedoms it removes.
func (n *nullspace) post(r *solve.Relation) int {
	bodies := n.sys.BodiesOf(r)
	defer n.putAside(bodies)
	cols := n.touched(bodies)
	rows := n.sys.Eval(r, n.poses, &n.rs)
	if len(cols) == 0 || len(rows) == 0 {
		return 0
	}
	// how the related bodies move relative to one another, at the place of the relation
	size := math.Inf(1)
	for _, b := range bodies {
		size = math.Min(size, n.sys.Bodies[b].Size)
	}
	place := func(f solve.Feat) geom.Vec {
		if f.Body < 0 {
			return f.Frame.O
		}
		return n.poses[f.Body].Point(f.Frame.O)
	}
	free := func(b int) int {
		if b < 0 || n.sys.Bodies[b].Fixed {
			return -1
		}
		return b
	}
	p := place(r.B)
	if free(r.B.Body) < 0 {
		p = place(r.A)
	}
	var parts, own []dense.Mat
	for _, pair := range solve.Pairs(r) {
		ma, mb := n.seen(free(pair[0]), cols, p, size), n.seen(free(pair[1]), cols, p, size)
		parts = append(parts, sub(mb, ma))
		own = append(own, ma, mb)
	}
	rel := stack(parts)
	_, s, v := dense.SVD(rel)
	k := 0
	for k < len(s) && s[k] > deadTol {
		z := v.Col(k)
		amp := 0.0
		for _, m := range own {
			amp = math.Max(amp, dense.Norm(m.Vec(z)))
		}
		if s[k] <= stillTol*amp {
			break
		}
		k++
	}
	if k == 0 {
		return 0
	}
	v = dense.LeftCols(v, k)
	w := n.apply(rows, cols).Mul(v) // rows on each unit relative motion
	for i := 0; i < w.R; i++ {
		for j := 0; j < k; j++ {
			w.A[i*k+j] /= s[j]
		}
	}
	_, ws, wv := dense.SVD(w)
	rank := 0
	for rank < len(ws) && rank < k && ws[rank] > tightTol {
		rank++
	}
	if rank == 0 {
		return 0
	}
	// what stays: motions that do not part the bodies, and relative motions that no row resists
	keep := dense.Complement(dense.LeftCols(wv, rank)) // k × (k−rank)
	for i := 0; i < k; i++ {
		for j := 0; j < keep.C; j++ {
			keep.A[i*keep.C+j] /= s[i]
		}
	}
	inner := dense.Orthonormal(v.Mul(keep), 1e-12)
	n.recombine(cols, dense.Complement(v), inner)
	return rank
}

func sub(a, b dense.Mat) dense.Mat {
	o := dense.New(a.R, a.C)
	for i := range o.A {
		o.A[i] = a.A[i] - b.A[i]
	}
	return o
}

func stack(ms []dense.Mat) dense.Mat {
	if len(ms) == 1 {
		return ms[0]
	}
	r := 0
	for _, m := range ms {
		r += m.R
	}
	o := dense.New(r, ms[0].C)
	at := 0
	for _, m := range ms {
		at += copy(o.A[at:], m.A)
	}
	return o
}

// recombine replaces columns by the combinations given.
func (n *nullspace) recombine(cols []int, zs ...dense.Mat) {
	seen := map[int]bool{}
	var bodies []int
	for _, c := range cols {
		for _, b := range n.cols[c] {
			if !seen[b] {
				seen[b] = true
				bodies = append(bodies, b)
			}
		}
	}
	sort.Ints(bodies)
	first := n.next
	z := zs[0]
	if len(zs) > 1 {
		z = beside(zs[0], zs[1])
	}
	n.next += z.C
	n.log = append(n.log, step{cols, first, z})
	lists := make([][]int, z.C)
	for _, b := range bodies {
		p := n.block(b, cols).Mul(z)
		for _, c := range cols {
			delete(n.of[b], c)
		}
		for j := 0; j < z.C; j++ {
			var x [6]float64
			big := 0.0
			for i := range x {
				x[i] = p.A[i*p.C+j]
				big = math.Max(big, math.Abs(x[i]))
			}
			if big > 1e-14 {
				n.of[b][first+j] = &x
				lists[j] = append(lists[j], b)
			}
		}
	}
	for _, c := range cols {
		delete(n.cols, c)
	}
	for i, l := range lists {
		n.cols[first+i] = l
	}
}

// beside joins two matrices of the same height.
func beside(a, b dense.Mat) dense.Mat {
	o := dense.New(a.R, a.C+b.C)
	for i := 0; i < a.R; i++ {
		copy(o.Row(i), a.Row(i))
		copy(o.Row(i)[a.C:], b.Row(i))
	}
	return o
}
