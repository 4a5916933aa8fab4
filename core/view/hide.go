package view

import (
	"cmp"
	"context"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/par"
	"setfast/core/tol"
)

// grid finds the triangles near a line as seen.
type grid struct {
	low   [2]float64
	cell  float64
	w, h  int
	start []int32 // where the triangles of each cell begin in list
	list  []int32
}

// mostCells is how many cells a grid has at most along one side.
const mostCells = 600

// sort lays the triangles into a grid.
func (s *seeing) sort() {
	g := &s.grid
	low, high := geom.V(math.Inf(1), math.Inf(1), 0), geom.V(math.Inf(-1), math.Inf(-1), 0)
	for i := range s.tris {
		for _, p := range s.tris[i].p {
			low, high = low.Least(p), high.Most(p)
		}
	}
	if len(s.tris) == 0 {
		return
	}
	g.low = [2]float64{low.X, low.Y}
	side := max(high.X-low.X, high.Y-low.Y)
	g.cell = max(side/min(mostCells, math.Sqrt(float64(len(s.tris)))+1), math.SmallestNonzeroFloat32)
	g.w, g.h = int((high.X-low.X)/g.cell)+1, int((high.Y-low.Y)/g.cell)+1
	count := make([]int32, g.w*g.h+1)
	for pass := range 2 {
		for i := range s.tris {
			x0, x1, y0, y1 := g.span(s.tris[i].p[:])
			for y := y0; y <= y1; y++ {
				for x := x0; x <= x1; x++ {
					c := y*g.w + x
					if pass == 0 {
						count[c+1]++
						continue
					}
					g.list[g.start[c]+count[c]] = int32(i)
					count[c]++
				}
			}
		}
		if pass == 0 {
			for c := range g.w * g.h {
				count[c+1] += count[c]
			}
			g.start = slices.Clone(count)
			g.list = make([]int32, count[g.w*g.h])
			clear(count)
		}
	}
	par.Runs(g.w*g.h, g.w, func(_, from, to int) { // what comes foremost first
		for c := from; c < to; c++ {
			slices.SortFunc(g.list[g.start[c]:g.start[c+1]], func(i, j int32) int { return cmp.Compare(s.tris[j].high, s.tris[i].high) })
		}
	})
}

// span is the cells that some points lie among.
func (g *grid) span(p []geom.Vec) (x0, x1, y0, y1 int) {
	lx, hx, ly, hy := math.Inf(1), math.Inf(-1), math.Inf(1), math.Inf(-1)
	for _, q := range p {
		lx, hx, ly, hy = min(lx, q.X), max(hx, q.X), min(ly, q.Y), max(hy, q.Y)
	}
	at := func(v, low float64, n int) int { return min(max(int((v-low)/g.cell), 0), n-1) }
	return at(lx, g.low[0], g.w), at(hx, g.low[0], g.w), at(ly, g.low[1], g.h), at(hy, g.low[1], g.h)
}

// span1 is a stretch of a line, from 0 to 1.
type span1 struct{ from, to float64 }

// hide cuts out of all lines what is behind triangles, and what is behind areas that a plane cuts.
func (s *seeing) hide(ctx context.Context) error {
	out := make([][]span1, len(s.list)) // hidden
	const least = 64
	par.Runs(len(s.list), least, func(_, from, to int) {
		seen := make([]int32, len(s.tris))
		for i := from; i < to && ctx.Err() == nil; i++ {
			out[i] = s.covered(i, seen, int32(i)+1)
		}
	})
	if ctx.Err() != nil {
		return context.Cause(ctx)
	}
	for i := range s.list {
		s.tell(i, union(out[i]))
	}
	return nil
}

// covered gathers where triangles are before a line. seen remembers those that were looked at.
func (s *seeing) covered(i int, seen []int32, mark int32) (out []span1) {
	l := &s.list[i]
	if len(s.tris) > 0 {
		g := &s.grid
		back, whole := min(l.a.Z, l.b.Z)+tol.FitPlace, false
		s.along(l, func(c int) {
			for _, k := range g.list[g.start[c]:g.start[c+1]] {
				t := &s.tris[k]
				if t.high <= back || whole {
					return // nor is what comes after it
				}
				if seen[k] == mark {
					continue
				}
				seen[k] = mark
				if sp, ok := behind(l, t, tol.FitPlace+max(l.off, t.off)); ok {
					out = append(out, sp)
					whole = sp.from <= 0 && sp.to >= 1
				}
			}
		})
	}
	if s.cut && l.kind != Cut {
		for n := range s.seen.Areas {
			out = append(out, s.seen.Areas[n].covers(l)...)
		}
	}
	return out
}

// along visits the cells that a line goes through.
func (s *seeing) along(l *stroke, each func(cell int)) {
	g := &s.grid
	x0, x1, y0, y1 := g.span([]geom.Vec{l.a, l.b})
	for y := y0; y <= y1; y++ {
		from, to := x0, x1
		if y0 != y1 { // the stretch of the line in this row
			ly, hy := g.low[1]+float64(y)*g.cell, g.low[1]+float64(y+1)*g.cell
			t0, t1 := (ly-l.a.Y)/(l.b.Y-l.a.Y), (hy-l.a.Y)/(l.b.Y-l.a.Y)
			t0, t1 = max(0, min(t0, t1)), min(1, max(t0, t1))
			xa, xb := l.a.X+t0*(l.b.X-l.a.X), l.a.X+t1*(l.b.X-l.a.X)
			from, to, _, _ = g.span([]geom.Vec{{X: xa, Y: l.a.Y}, {X: xb, Y: l.a.Y}})
			from, to = max(x0, from-1), min(x1, to+1)
		}
		for x := from; x <= to; x++ {
			each(y*g.w + x)
		}
	}
}

// behind is where a line lies behind a triangle by more than a depth.
func behind(l *stroke, t *tri, deep float64) (span1, bool) {
	from, to := 0.0, 1.0
	keep := func(fa, fb float64) bool { // where f is above nothing, f being linear
		switch {
		case fa <= 0 && fb <= 0:
			return false
		case fa < 0:
			from = max(from, fa/(fa-fb))
		case fb < 0:
			to = min(to, fa/(fa-fb))
		}
		return from < to
	}
	for k := range t.p {
		p, q := &t.p[k], &t.p[(k+1)%3]
		dx, dy := q.X-p.X, q.Y-p.Y
		wide := beside * (math.Abs(dx) + math.Abs(dy))
		side := func(c *geom.Vec) float64 { return dx*(c.Y-p.Y) - dy*(c.X-p.X) + wide }
		if !keep(side(&l.a), side(&l.b)) {
			return span1{}, false
		}
	}
	u1, v1, w1 := t.p[1].X-t.p[0].X, t.p[1].Y-t.p[0].Y, t.p[1].Z-t.p[0].Z
	u2, v2, w2 := t.p[2].X-t.p[0].X, t.p[2].Y-t.p[0].Y, t.p[2].Z-t.p[0].Z
	area := u1*v2 - v1*u2
	gx, gy := (w1*v2-w2*v1)/area, (u1*w2-u2*w1)/area
	before := func(c *geom.Vec) float64 {
		return t.p[0].Z + gx*(c.X-t.p[0].X) + gy*(c.Y-t.p[0].Y) - c.Z - deep
	}
	if !keep(before(&l.a), before(&l.b)) {
		return span1{}, false
	}
	return span1{from, to}, true
}

// beside is how far beside a triangle a line may be, mm: two triangles side by side leave nothing between them.
const beside = tol.SameRadius

// union puts stretches in order and together.
func union(list []span1) []span1 {
	slices.SortFunc(list, func(p, q span1) int { return cmp.Compare(p.from, q.from) })
	var out []span1
	for _, s := range list {
		if n := len(out); n > 0 && s.from <= out[n-1].to+together {
			out[n-1].to = max(out[n-1].to, s.to)
		} else {
			out = append(out, s)
		}
	}
	return out
}

// together is the stretch of a line that is not told apart: two triangles side by side leave none between them.
const together = 1e-3

// tell adds what is seen of a line, and, where it is asked for, what is hidden.
func (s *seeing) tell(i int, hidden []span1) {
	l := &s.list[i]
	at := 0.0
	piece := func(from, to float64, dark bool) {
		if to-from < together && to-from < 1 || dark && (!s.o.Hidden || l.kind == Soft) {
			return
		}
		a, b := l.a.Add(l.b.Sub(l.a).Scale(from)), l.a.Add(l.b.Sub(l.a).Scale(to))
		x := Line{Item: int(l.item), Kind: l.kind, Hidden: dark, A: [2]float64{a.X, a.Y}, B: [2]float64{b.X, b.Y}}
		if l.arc > 0 {
			x.Arc = s.arcs[l.arc-1].between(a, b)
			if s.arcs[l.arc-1].turn < 0 {
				x.A, x.B = x.B, x.A
			}
		}
		s.seen.Lines = append(s.seen.Lines, x)
	}
	for _, h := range hidden {
		piece(at, h.from, false)
		piece(h.from, h.to, true)
		at = h.to
	}
	piece(at, 1, false)
}

// between is the piece of a circle from one place to another, as it is gone round.
func (a *arcSeen) between(p, q geom.Vec) *Arc {
	from := math.Atan2(p.Y-a.c.Y, p.X-a.c.X) * 180 / math.Pi
	to := math.Atan2(q.Y-a.c.Y, q.X-a.c.X) * 180 / math.Pi
	if a.turn < 0 {
		from, to = to, from
	}
	for to <= from {
		to += 360
	}
	return &Arc{C: [2]float64{a.c.X, a.c.Y}, R: a.r, From: from, To: to}
}
