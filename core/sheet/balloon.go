package sheet

import (
	"math"
	"slices"
	"strconv"

	"setfast/core/view"
)

// Balloons are circles of this width, this far from the view, and this far from one another, mm.
const (
	balloon = 10
	leader  = 13
	pitch   = 13
)

// most is how many places on edges of a row are tried.
const most = 60

// balloons draws those of the rows that have theirs here: leaders begin on visible edges. Of all ways to give rows places about the view the one with the shortest
// leaders together is taken, in which no two cross: two that do could be swapped, and would be shorter. It gives how many there are.
func (v *shown) balloons(to *Drawing, rows []Row, moves map[string][2]float64) int {
	spots := make([][][2]float64, len(rows))
	for i := range v.seen.Lines {
		l := &v.seen.Lines[i]
		r := v.Row[l.Item]
		if r < 0 || l.Hidden || l.Kind == view.Soft || !slices.Contains(v.rows, r) {
			continue
		}
		spots[r] = append(spots[r], v.paper(middleOf(l)))
	}
	var which []int
	for r := range spots {
		if n := len(spots[r]); n > 0 {
			which = append(which, r)
			if n > most { // every so many of them
				some := spots[r][:0:0]
				for k := range most {
					some = append(some, spots[r][k*n/most])
				}
				spots[r] = some
			}
		}
	}
	slots := v.slots(len(which))
	cost := make([][]float64, len(which))
	for i, r := range which {
		cost[i] = make([]float64, len(slots))
		for k, s := range slots {
			cost[i][k] = math.Inf(1)
			for _, q := range spots[r] {
				cost[i][k] = min(cost[i][k], apartBy(q, s))
			}
		}
	}
	for i, k := range matched(cost) {
		r, s := which[i], slots[k]
		p := &pad{d: to, of: "balloon " + strconv.Itoa(rows[r].Item)}
		by := moves[p.of]
		s[0], s[1] = s[0]+by[0], s[1]+by[1]
		tip := spots[r][0]
		for _, q := range spots[r] {
			if apartBy(q, s) < apartBy(tip, s) {
				tip = q
			}
		}
		d := apartBy(tip, s)
		edge := [2]float64{s[0] + (tip[0]-s[0])/d*balloon/2, s[1] + (tip[1]-s[1])/d*balloon/2}
		p.line(Narrow, edge, tip)
		p.arrow(edge, tip)
		p.arc(Narrow, s, balloon/2, 0, around)
		p.text([2]float64{s[0], s[1] - plain/2}, plain, Middle, strconv.Itoa(rows[r].Item))
		if rows[r].Quantity > 1 { // outside, away from the view
			at, align := [2]float64{s[0], s[1] - small/2}, Middle
			switch off := balloon/2 + 1.0; {
			case s[1] > v.y+v.h():
				at[1] = s[1] + off
			case s[1] < v.y:
				at[1] = s[1] - off - small
			case s[0] < v.x:
				at[0], align = s[0]-off, Right
			default:
				at[0], align = s[0]+off, Left
			}
			p.text(at, small, align, strconv.Itoa(rows[r].Quantity)+"×")
		}
	}
	return len(which)
}

// middleOf is a place on a line.
func middleOf(l *view.Line) [2]float64 {
	if a := l.Arc; a != nil {
		sin, cos := math.Sincos((a.From + a.To) / 2 * math.Pi / 180)
		return [2]float64{a.C[0] + a.R*cos, a.C[1] + a.R*sin}
	}
	return [2]float64{(l.A[0] + l.B[0]) / 2, (l.A[1] + l.B[1]) / 2}
}

// slots are the places for balloons about a view: rows along its four sides.
func (v *shown) slots(n int) (out [][2]float64) {
	off := v.ring - balloon/2
	x0, y0, w, h := v.x-off, v.y-off, v.w()+2*off, v.h()+2*off
	row := func(from, long float64, place func(t float64) [2]float64) {
		count := int(long / pitch)
		for k := range count {
			out = append(out, place(from+(float64(k)+0.5)*long/float64(count)))
		}
	}
	row(x0, w, func(t float64) [2]float64 { return [2]float64{t, y0 + h} })
	row(x0, w, func(t float64) [2]float64 { return [2]float64{t, y0} })
	row(y0+pitch/2, h-pitch, func(t float64) [2]float64 { return [2]float64{x0, t} })
	row(y0+pitch/2, h-pitch, func(t float64) [2]float64 { return [2]float64{x0 + w, t} })
	for k := 0; len(out) < n; k++ { // never too few
		out = append(out, [2]float64{x0 + float64(k)*pitch, y0 - pitch})
	}
	return out
}

// matched gives each row of a cost table a column of its own so that the sum is the least (Kuhn, The Hungarian method, 1955, by shortest ways). There are
// no fewer columns than rows.
func matched(cost [][]float64) []int {
	n := len(cost)
	if n == 0 {
		return nil
	}
	m := len(cost[0])
	u, v := make([]float64, n+1), make([]float64, m+1)
	of, way := make([]int, m+1), make([]int, m+1)
	for i := 1; i <= n; i++ {
		of[0] = i
		j0 := 0
		least, used := make([]float64, m+1), make([]bool, m+1)
		for j := range least {
			least[j] = math.Inf(1)
		}
		for of[j0] != 0 {
			used[j0] = true
			i0, delta, j1 := of[j0], math.Inf(1), 0
			for j := 1; j <= m; j++ {
				if used[j] {
					continue
				}
				if c := cost[i0-1][j-1] - u[i0] - v[j]; c < least[j] {
					least[j], way[j] = c, j0
				}
				if least[j] < delta {
					delta, j1 = least[j], j
				}
			}
			for j := range used {
				if used[j] {
					u[of[j]] += delta
					v[j] -= delta
				} else {
					least[j] -= delta
				}
			}
			j0 = j1
		}
		for j0 != 0 {
			of[j0] = of[way[j0]]
			j0 = way[j0]
		}
	}
	out := make([]int, n)
	for j := 1; j <= m; j++ {
		if of[j] > 0 {
			out[of[j]-1] = j - 1
		}
	}
	return out
}
