package mobility

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/tol"
)

// substitute carries the elimination out: f, by rows, is what falls away in the columns that move the body alone, out the same in
// all columns; pivot is the least of f's. It does nothing, and tells so, where the body would move far more than what it follows.
func (n *Basis) substitute(b int, cols []int32, f, out []float64, rank int, pivot float64) bool {
	w := &n.work
	k := len(w.own)
	alone := n.alone(b, cols)
	// f = r·q with q the reflections: after them the first rank of these motions answer for the relation, the others stay free
	q := w.floats(2, rank*k)
	copy(q, f)
	dense.Reflectors(q, k, rank)
	for j := 0; j < rank; j++ {
		for i := 0; i < rank; i++ {
			dense.Reflect(f[i*k:i*k+k], q[j*k:j*k+k], j)
		}
		reflect6(alone[j:], q[j*k+j:j*k+k])
	}
	if !follows(out, len(cols), rank, pivot) && n.amplifies(b, cols, alone, f, out, rank) {
		return false
	}
	fresh := n.following(b, cols, n.shared(b, cols), alone, f, out, rank)
	for _, i := range w.own {
		n.on[cols[i]], n.owner[cols[i]] = nil, replaced
	}
	for r := rank; r < k; r++ {
		col := int32(len(n.on))
		room := w.ints.Room(1)
		n.on = append(n.on, append(room, int32(b)))
		n.owner = append(n.owner, int32(b))
		fresh = append(fresh, Entry{col, alone[r]})
	}
	n.of[b] = fresh
	n.columns -= rank
	return true
}

// mostFollowed is how far a body may move in a column in which what it follows moved by one.
const mostFollowed = 10

// follows tells at a glance that a body moves no more than what it follows, as most do: what the relation asks is small beside the pivots.
func follows(out []float64, c, rank int, pivot float64) bool {
	most := 0.0
	for i := range c {
		s := 0.0
		for r := range rank {
			s += out[r*c+i] * out[r*c+i]
		}
		most = math.Max(most, s)
	}
	return math.Sqrt(most) < pivot*mostFollowed/4
}

// amplifies tells whether following would make the body's motion in a column larger than one that began with length one has any reason to
// be. A turn far away moves a body by as much as it is away, that is no matter; but where one body after another follows what the others do
// by a lever, columns grow with the power of their number, and all digits of what is small in them are lost.
func (n *Basis) amplifies(b int, cols []int32, alone [][6]float64, f, out []float64, rank int) bool {
	c, k := len(cols), len(n.work.own)
	size := n.Sys.Bodies[b].Size
	far := size / (size + n.extent())
	var buf [24]float64
	y := buf[:rank]
	for i, col := range cols {
		if int(n.owner[col]) == b {
			continue
		}
		answers(y, f, out, i, c, k)
		var v [6]float64
		for r, s := range y {
			for z, x := range alone[r] {
				v[z] -= s * x
			}
		}
		slide := far * far * (v[0]*v[0] + v[1]*v[1] + v[2]*v[2])
		if slide+v[3]*v[3]+v[4]*v[4]+v[5]*v[5] > mostFollowed*mostFollowed {
			return true
		}
	}
	return false
}

// answers solves for how much of each of its first motions alone a body must take back in the i-th of c columns, so that the relation
// holds there. f is lower triangular, with rows of k numbers.
func answers(y, f, out []float64, i, c, k int) {
	for r := range y {
		s := out[r*c+i]
		for t := range r {
			s -= f[r*k+t] * y[t]
		}
		y[r] = s / f[r*k+r]
	}
}

// extent is how far the bodies reach, in mm.
func (n *Basis) extent() float64 {
	if n.reach == 0 {
		lo, hi := geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
		for b := range n.Sys.Bodies {
			p := n.Poses[b].Point(n.Sys.Bodies[b].Centre)
			lo = geom.V(math.Min(lo.X, p.X), math.Min(lo.Y, p.Y), math.Min(lo.Z, p.Z))
			hi = geom.V(math.Max(hi.X, p.X), math.Max(hi.Y, p.Y), math.Max(hi.Z, p.Z))
		}
		n.reach = hi.Sub(lo).Norm()
	}
	return n.reach
}

// alone lists the motions of a body in those of the columns that move it alone (places in work.own).
func (n *Basis) alone(b int, cols []int32) [][6]float64 {
	w := &n.work
	es := n.of[b]
	out := w.sixes(len(w.own))
	at := 0
	for j := range es {
		for at < len(w.own) && cols[w.own[at]] < es[j].Col {
			at++
		}
		if at < len(w.own) && cols[w.own[at]] == es[j].Col {
			out[at] = es[j].V
		}
	}
	return out
}

// shared keeps, in place, the motions of a body in all columns but those at hand that move it alone.
func (n *Basis) shared(b int, cols []int32) []Entry {
	es := n.of[b]
	keep, next := 0, 0
	for j := range es {
		e := es[j]
		for next < len(cols) && cols[next] < e.Col {
			next++
		}
		if next < len(cols) && cols[next] == e.Col && int(n.owner[e.Col]) == b {
			continue
		}
		es[keep] = e
		keep++
	}
	return es[:keep]
}

// following gives the body's motions in all columns but its own, so that the relation holds in each: to what it did there (old, by
// column) comes what the first motions in alone must add. f is lower triangular: row i has numbers up to place i.
func (n *Basis) following(b int, cols []int32, old []Entry, alone [][6]float64, f, out []float64, rank int) []Entry {
	c, k := len(cols), len(n.work.own)
	fresh := n.work.entries.Room(len(old) + c)
	j := 0
	var buf [24]float64
	y := buf[:rank]
	for i, col := range cols {
		for j < len(old) && old[j].Col < col {
			fresh = append(fresh, old[j])
			j++
		}
		if int(n.owner[col]) == b {
			continue
		}
		e := Entry{Col: col}
		was := j < len(old) && old[j].Col == col
		if was {
			e = old[j]
			j++
		}
		answers(y, f, out, i, c, k)
		for r, s := range y {
			v := &alone[r]
			for z := range e.V {
				e.V[z] -= s * v[z]
			}
		}
		if e.moves() {
			fresh = append(fresh, e)
			if !was {
				n.on[col], n.owner[col] = append(n.on[col], int32(b)), shared
			}
		}
	}
	return append(fresh, old[j:]...)
}

// moves tells whether anything but rounding is left of a motion.
func (e *Entry) moves() bool {
	for _, z := range e.V {
		if z > tol.NoEntry || z < -tol.NoEntry {
			return true
		}
	}
	return false
}
