package mobility

import (
	"setfast/core/dense"
	"setfast/core/relation"
	"setfast/core/tol"
)

// mostRows is how many equations a relation may have to be posted as below.
const mostRows = 8

// alone posts the relations of a block of one body, as most are: with the body's own motions for a basis, and where each equation either
// stands out clearly or repeats others. It does nothing but overwrite what is found again, and tells so, where one does neither.
func (w *poster) alone(k *hung) bool {
	b := k.bodies[0]
	var room [6][6]float64
	free := room[:]
	if w.points[b] {
		free = room[:3]
	}
	for i := range free {
		free[i][i] = 1
	}
	born := w.h.opens[b]
	wanted, seen := k.asked, false
	for _, i := range k.rels {
		r := w.Sys.Rels[i]
		line := r.Last()
		for ; len(wanted) > 0 && wanted[0].line < line; wanted = wanted[1:] {
			wanted[0].of = w.keepAll(free)
		}
		if line > b && !seen {
			seen = true
			w.line(k, free)
		}
		was := len(free)
		var clear bool
		if free, clear = w.without(i, b, free); !clear {
			return false
		}
		if w.p.Removed[i] = was - len(free); len(free) < was {
			born = w.h.turn[i]
		}
	}
	if !seen {
		w.line(k, free)
	}
	for i := range wanted {
		wanted[i].of = w.keepAll(free)
	}
	k.born = make([]int, len(free))
	for i := range k.born {
		k.born[i] = born
	}
	k.of = [][]Entry{w.keepAll(free)}
	return true
}

// line notes the freedom of the body on its own line.
func (w *poster) line(k *hung, free [][6]float64) {
	es := w.keepAll(free)
	left, turns := w.freedom(k.bodies[0], es)
	k.after = [][2]int{{left, turns}}
	if k.root >= 0 {
		k.on = [][]Entry{es}
	}
}

// keepAll makes motions columns, numbered as they come.
func (w *poster) keepAll(free [][6]float64) []Entry {
	out := w.kept.Room(len(free))
	for i := range free {
		out = append(out, Entry{int32(i), free[i]})
	}
	return out
}

// without gives what of a body's free motions, square to one another and of length one, the i-th relation leaves; false where that is not
// clear.
func (w *poster) without(i, b int, free [][6]float64) (_ [][6]float64, clear bool) {
	list := w.Sys.EvalAlone(w.Sys.Rels[i], b, w.Poses, &w.work.rows)
	w.p.Misses[i], w.p.Missed[i] = relation.MissOf(list), true
	d := len(free)
	if d == 0 {
		return free, true
	}
	var rows [mostRows][6]float64 // on the free motions
	m := 0
	for q := range list {
		row := &list[q]
		for j := range row.N {
			g := &row.G[j]
			l := dense.Norm6(g)
			if row.Body[j] != b || l == 0 {
				continue
			}
			if m == mostRows {
				return nil, false
			}
			for c := range free {
				rows[m][c] = dense.Dot6(g, &free[c]) / l
			}
			m++
		}
	}
	var gone [36]float64 // what falls away, by columns of length d, square to one another
	rank := 0
	for ; rank < d; rank++ {
		best, at := 0.0, -1
		for q := range m {
			if s := dense.Dot6(&rows[q], &rows[q]); s > best*(1+tol.PivotTie) {
				best, at = s, q
			}
		}
		if best < tol.NoRow*tol.NoRow {
			break
		}
		if best < tol.Doubt*tol.Doubt {
			return nil, false
		}
		v := rows[at]
		for o := range rank { // once more, which is enough
			less6(&v, (*[6]float64)(gone[6*o:]))
		}
		l := 1 / dense.Norm6(&v)
		for z := range v {
			v[z] *= l
		}
		copy(gone[6*rank:], v[:])
		rows[at] = [6]float64{}
		for q := range m {
			less6(&rows[q], &v)
		}
	}
	if rank == 0 || rank == d {
		return free[:d-rank], true
	}
	span := gone[:0]
	for o := range rank {
		span = append(span, gone[6*o:6*o+d]...)
	}
	dense.Reflectors(span, d, rank)
	for o := range rank {
		reflect6(free[o:], span[o*d+o:o*d+d])
	}
	return free[rank:], true
}

// less6 takes out of x what it has in common with one of length one.
func less6(x, v *[6]float64) {
	d := dense.Dot6(x, v)
	for z := range x {
		x[z] -= d * v[z]
	}
}
