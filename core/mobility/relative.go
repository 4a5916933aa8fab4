package mobility

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/solve"
)

// relative states how the related bodies move relative to one another in the columns, at the place of the relation (slide
// there, turn times the least body's size; 6 numbers for each body but the first, which the others are seen from), the
// relation's rows as functions of just that, of unit length, and how much the bodies move themselves.
func (n *Basis) relative(r *solve.Relation, act []int, all bool, cols []int32) (rel, rows []float64, q int, own float64) {
	q = len(act) - 1
	ground := !all
	var buf [4]int
	for _, b := range r.Members(&buf) {
		ground = ground || b < 0 || n.Sys.Bodies[b].Fixed
	}
	from := 1
	if ground {
		q, from = len(act), 0
	}
	if q == 0 {
		return nil, nil, 0, 0
	}
	size := math.Inf(1)
	for _, b := range act {
		size = math.Min(size, n.Sys.Bodies[b].Size)
	}
	p := n.place(r)
	rel, own = n.twistsAt(p, size, act, from, q, cols)
	return rel, n.rowsAt(r, p, size, act, from, q), q, own
}

// place is where a relation is: at its second feature, or at its first where the second stands.
func (n *Basis) place(r *solve.Relation) geom.Vec {
	f := &r.B
	if f.Body < 0 || n.Sys.Bodies[f.Body].Fixed {
		f = &r.A
	}
	if f.Body < 0 {
		return f.Frame.O
	}
	return n.Poses[f.Body].Point(f.Frame.O)
}

// twistsAt gives the bodies' motions as seen at a place, less that of the first where it is one of those that move, and the
// largest of them.
func (n *Basis) twistsAt(p geom.Vec, size float64, act []int, from, q int, cols []int32) (rel []float64, own float64) {
	c := len(cols)
	rel = n.work.floats(0, 6*q*c)
	for i, b := range act {
		bd := &n.Sys.Bodies[b]
		arm := p.Sub(n.Poses[b].Point(bd.Centre))
		k, s := 1/bd.Size, size
		at := 0
		sum := 0.0
		for j := range n.of[b] {
			e := &n.of[b][j]
			for cols[at] != e.Col {
				at++
			}
			turn := geom.V(e.V[3]*k, e.V[4]*k, e.V[5]*k)
			slide := geom.V(e.V[0], e.V[1], e.V[2]).Add(turn.Cross(arm))
			x := [6]float64{slide.X, slide.Y, slide.Z, turn.X * s, turn.Y * s, turn.Z * s}
			for z, y := range x {
				sum += y * y
				switch {
				case i >= from:
					rel[(6*(i-from)+z)*c+at] += y
				default:
					for o := 0; o < q; o++ {
						rel[(6*o+z)*c+at] -= y
					}
				}
			}
		}
		own = math.Max(own, sum)
	}
	return rel, math.Sqrt(own)
}

// rowsAt gives the relation's equations as functions of relative motions at a place, each of length one.
func (n *Basis) rowsAt(r *solve.Relation, p geom.Vec, size float64, act []int, from, q int) []float64 {
	w := &n.work
	list := n.Sys.Eval(r, n.Poses, &w.rows)
	w.seen = true
	rows := w.floats(1, 6*q*len(list))[:0]
	for i := range list {
		row := &list[i]
		at := len(rows)
		rows = rows[:at+6*q]
		for k := 0; k < row.N; k++ {
			o := slices.Index(act, row.Body[k]) - from
			if o < 0 {
				continue
			}
			bd := &n.Sys.Bodies[row.Body[k]]
			arm := n.Poses[row.Body[k]].Point(bd.Centre).Sub(p)
			g := &row.G[k]
			gv := geom.V(g[0], g[1], g[2])
			gw := arm.Cross(gv).Add(geom.V(g[3], g[4], g[5]).Scale(bd.Size)).Scale(1 / size)
			x := rows[at+6*o : at+6*o+6]
			x[0], x[1], x[2], x[3], x[4], x[5] = gv.X, gv.Y, gv.Z, gw.X, gw.Y, gw.Z
		}
		l := dense.Norm(rows[at:])
		if l == 0 {
			rows = rows[:at]
			continue
		}
		for k := at; k < len(rows); k++ {
			rows[k] /= l
		}
	}
	return rows
}
