package mobility

import (
	"math"
	"slices"

	"setfast/core/tol"
)

// mostReflected is how many columns a loop may close over by reflections, which mix all of them. Where more than mostOpen bodies that later
// relations will be about move in the columns, it is no single long loop, and reflections are as good.
const (
	mostReflected = 64
	mostOpen      = 24
	mostGrowth    = 1e3 // of columns, by slides: the last three digits of sixteen
)

// share is a column's part in another.
type share struct {
	col int32
	x   float64
}

// slide takes the span of the columns out (each of len(cols), one after another) from the basis as reflect does, but so that each new
// column is made of few old ones: of one, and of the pivots that answer for it. The pivots slide along with it, so that what moves is what
// lies between them: in a ring of hinges any seven in a row (the turnback method of Topçu, see Kaneko, Lawo, Thierauf, On computational
// procedures for the force method, 1982). It is exact but for rounding as long as what is added of a pivot is not large, over all
// steps together; where it would be, nothing is done and false is told.
func (n *Basis) slide(cols []int32, out []float64, rank int) bool {
	w := &n.work
	c := len(cols)
	out = append(w.floats(3, 0), out...)
	at := w.earlyPivots(out, c, rank)
	isPivot := make([]bool, c)
	for _, p := range at {
		isPivot[p] = true
	}
	first := int32(len(n.on))
	of := make([][]share, 0, c-rank) // per new column: the places of old ones
	by := make([][]share, c)         // per old column: its parts in new ones
	since := make([]int, rank)       // when a pivot became one
	grown := make([]float64, 0, c-rank)
	for j := range c {
		if isPivot[j] {
			continue
		}
		k := int32(len(of))
		v := []share{{int32(j), 1}}
		leave := -1
		for r, p := range at {
			a := out[r*c+j]
			if a == 0 {
				continue
			}
			v = append(v, share{int32(p), -a})
			if math.Abs(a) >= tol.SlideLeast && (leave < 0 || since[r] < since[leave]) {
				leave = r
			}
		}
		most := 0.0
		for _, s := range v {
			by[s.col] = append(by[s.col], share{first + k, s.x})
			most = math.Max(most, math.Abs(s.x)*n.growth(cols[s.col]))
		}
		if most > mostGrowth {
			return false
		}
		grown = append(grown, most)
		of = append(of, v)
		if leave >= 0 {
			exchange(out, c, rank, leave, j)
			at[leave], since[leave] = j, j+1
		}
	}
	n.grow(first, grown)
	st := step{old: append(w.ints.Room(c), cols...), first: first, gone: rank, by: by}
	n.log = append(n.log, st)
	n.moving(cols)
	for range of {
		n.on, n.owner = append(n.on, nil), append(n.owner, shared)
	}
	for _, b := range w.hit {
		n.slideBody(b, cols, of, first)
	}
	n.leave(cols, rank)
	return true
}

// growth is by how much what makes up a column was multiplied on its way: so many times the rounding of one is in it.
func (n *Basis) growth(col int32) float64 {
	if int(col) < len(n.grown) && n.grown[col] > 1 {
		return n.grown[col]
	}
	return 1
}

// grow notes the growth of new columns; those between have none.
func (n *Basis) grow(first int32, by []float64) {
	n.grown = append(append(n.grown, make([]float64, max(0, int(first)-len(n.grown)))...), by...)
}

// moving counts the bodies not yet put aside that move in any of the columns, and lists them in work.hit.
func (n *Basis) moving(cols []int32) int {
	w := &n.work
	w.tick++
	w.hit = w.hit[:0]
	for _, col := range cols {
		for _, b := range n.on[col] {
			if w.mark[b] != w.tick {
				w.mark[b] = w.tick
				w.hit = append(w.hit, b)
			}
		}
	}
	return len(w.hit)
}

// slideBody brings a body's motion into the new columns.
func (n *Basis) slideBody(b int32, cols []int32, of [][]share, first int32) {
	x := n.work.sixes(len(cols))
	clear(x)
	es := n.of[b]
	at, keep := 0, 0
	for j := range es {
		for at < len(cols) && cols[at] < es[j].Col {
			at++
		}
		if at < len(cols) && cols[at] == es[j].Col {
			x[at] = es[j].V
			continue
		}
		es[keep] = es[j]
		keep++
	}
	fresh := append(n.work.entries.Room(keep+len(of)/2), es[:keep]...)
	for k, v := range of {
		e := Entry{Col: first + int32(k)}
		size := 0.0
		for _, s := range v {
			for z, y := range x[s.col] {
				e.V[z] += s.x * y
				size = math.Max(size, math.Abs(s.x*y))
			}
		}
		if e.beyond(tol.Cancelled * size) {
			fresh = append(fresh, e)
			n.on[e.Col] = append(n.on[e.Col], b)
		}
	}
	n.of[b] = fresh
}

// beyond tells whether any number of a motion is larger.
func (e *Entry) beyond(small float64) bool {
	return slices.ContainsFunc(e.V[:], func(z float64) bool { return math.Abs(z) > math.Max(small, tol.NoEntry) })
}

// earlyPivots picks a column for each row of out, early ones where they do well enough, and reduces the rows by them (Gauss and Jordan).
func (w *workspace) earlyPivots(out []float64, c, rank int) []int {
	at := make([]int, 0, rank)
	for r := range rank {
		big := 0.0
		for _, x := range out[r*c:] {
			big = math.Max(big, math.Abs(x))
		}
		best, row := c, r
		for k := r; k < rank; k++ {
			for i, x := range out[k*c : k*c+min(best, c)] {
				if math.Abs(x) >= tol.EarlyLeast*big {
					best, row = i, k
					break
				}
			}
		}
		if row != r {
			a, b := out[r*c:r*c+c], out[row*c:row*c+c]
			for i := range a {
				a[i], b[i] = b[i], a[i]
			}
		}
		exchange(out, c, rank, r, best)
		at = append(at, best)
	}
	return at
}

// exchange makes a column the pivot of a row.
func exchange(out []float64, c, rank, row, col int) {
	a := out[row*c : row*c+c]
	d := a[col]
	for i := range a {
		a[i] /= d
	}
	a[col] = 1
	for k := range rank {
		if f := out[k*c+col]; k != row && f != 0 {
			b := out[k*c : k*c+c]
			for i, x := range a {
				b[i] -= f * x
			}
			b[col] = 0
		}
	}
}
