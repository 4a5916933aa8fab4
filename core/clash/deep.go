package clash

import (
	"context"
	"slices"

	"setfast/core/geom"
)

// Fine is a shape as triangles that are off it by little, with the face of each.
type Fine struct {
	Mesh *Mesh
	Face []int32 // of the triangles as they were given
}

// NewFine makes one of triangles in the order of faces, each of which ends where ends says.
func NewFine(points []geom.Vec, triangles [][3]int32, ends []uint32) *Fine {
	f := &Fine{Mesh: NewMesh(points, triangles), Face: make([]int32, len(triangles))}
	from := uint32(0)
	for i, end := range ends {
		for k := from; k < min(end, uint32(len(triangles))); k++ {
			f.Face[k] = int32(i)
		}
		from = end
	}
	return f
}

// depth is how far two solids are in one another.
type depth struct {
	mm    float64
	at    geom.Vec // in the frame of the first
	faces [2]int32 // nearest to there
}

// Of the common solid, points are tried on a grid and the best of them moved about: how many a side, how many are moved, and how often the
// step is halved.
const (
	gridSide = 16
	moved    = 6
	halvings = 14

	mostSeeds = 4000 // points that are begun at, about
)

// shared is the solid that two have in common, as it can be asked about.
type shared struct {
	mid, half geom.Vec
	points    []geom.Vec // some of it
	has       func(p geom.Vec) bool
	side      int // of the grid of points that are tried besides
	moved     int // how many of the best are moved about …
	halvings  int // … and how closely
}

// shared asks about a mesh. Corners may all lie at the rims of its faces, so that middles of triangles and of their edges are tried too.
func (m *Mesh) shared() shared {
	n := &m.nodes[0]
	points := slices.Clone(m.points)
	step := max(1, len(m.triangles)/mostSeeds)
	for i := 0; i < len(m.triangles); i += step {
		t := m.corners3(int32(i))
		points = append(points, middle(&t), t[0].Add(t[1]).Scale(0.5), t[1].Add(t[2]).Scale(0.5), t[2].Add(t[0]).Scale(0.5))
	}
	return shared{n.mid, n.half, points, m.Inside, gridSide, moved, halvings}
}

// deepest finds how deep each of two solids goes into the other: the greatest distance of a point of the common solid from its surface; the
// lesser of the two counts. All stand in the frame of the first; to is where the second does.
func deepest(common shared, a, b *Fine, to geom.Pose) depth {
	back := to.Inverse()
	first := common.farthest(func(p geom.Vec) float64 {
		d, _ := a.Mesh.Nearest(p)
		return d
	})
	second := common.farthest(func(p geom.Vec) float64 {
		d, _ := b.Mesh.Nearest(back.Point(p))
		return d
	})
	best := first
	if second.mm < first.mm {
		best = second
	}
	_, i := a.Mesh.Nearest(best.at)
	_, j := b.Mesh.Nearest(back.Point(best.at))
	best.faces = [2]int32{a.Face[i], b.Face[j]}
	return best
}

// try is a point with its distance.
type try struct {
	at geom.Vec
	d  float64
}

// farthest finds where in a solid a distance is greatest.
func (m *shared) farthest(of func(p geom.Vec) float64) depth {
	var best []try // the greatest first
	add := func(p geom.Vec) {
		d := of(p)
		if len(best) == m.moved && d <= best[m.moved-1].d {
			return
		}
		if len(best) < m.moved {
			best = append(best, try{})
		}
		k := len(best) - 1
		for ; k > 0 && best[k-1].d < d; k-- {
			best[k] = best[k-1]
		}
		best[k] = try{p, d}
	}
	step := max(1, len(m.points)/(4*mostSeeds))
	for k := 0; k < len(m.points); k += step {
		add(m.points[k])
	}
	for i := range m.side {
		for j := range m.side {
			for k := range m.side {
				at := func(k int, half float64) float64 { return half * (2*(float64(k)+0.5)/float64(m.side) - 1) }
				if p := m.mid.Add(geom.V(at(i, m.half.X), at(j, m.half.Y), at(k, m.half.Z))); m.has(p) {
					add(p)
				}
			}
		}
	}
	out := depth{}
	for _, b := range best {
		if b = m.climb(b, of); b.d > out.mm {
			out.mm, out.at = b.d, b.at
		}
	}
	return out
}

// climb moves a point about for as long as that takes it farther.
func (m *shared) climb(b try, of func(p geom.Vec) float64) try {
	size := max(m.half.X, max(m.half.Y, m.half.Z)) * 2 / float64(m.side)
	for h := 0; h < m.halvings; {
		better := false
		for _, d := range around {
			p := b.at.AddScaled(size, d)
			if x := of(p); x > b.d && m.has(p) {
				b, better = try{p, x}, true
			}
		}
		if !better {
			size /= 2
			h++
		}
	}
	return b
}

// around are directions that a point is moved in: along the axes and half way between them.
var around = func() (out []geom.Vec) {
	for x := -1.0; x <= 1; x++ {
		for y := -1.0; y <= 1; y++ {
			for z := -1.0; z <= 1; z++ {
				if v := geom.V(x, y, z); v.Norm() > 0 {
					out = append(out, v.Unit())
				}
			}
		}
	}
	return out
}()

// raySide is how many rays a side measure what two meshes have in common.
const raySide = 160

// commonOf tells what two closed meshes have in common by themselves, where there are no exact shapes: rays through both measure it, off by
// less than the part of it that lies at its rim.
func commonOf(a, b *Solid, to geom.Pose, side int) (volume float64, s shared, ok bool) {
	n, m := &a.Mesh.nodes[0], &b.Mesh.nodes[0]
	l, h := to.Box(m.mid.Sub(m.half), m.mid.Add(m.half))
	low, high := n.mid.Sub(n.half).Most(l), n.mid.Add(n.half).Least(h)
	d := high.Sub(low)
	if d.X <= 0 || d.Y <= 0 || d.Z <= 0 {
		return 0, s, false
	}
	back := to.Inverse()
	up, below := geom.V(0, 0, 1), min(n.mid.Z-n.half.Z, l.Z)-1
	cell := d.X / float64(side) * d.Y / float64(side)
	var in, of []float64
	for i := range side {
		for j := range side {
			p := geom.V(low.X+d.X*(float64(i)+0.5)/float64(side), low.Y+d.Y*(float64(j)+0.5)/float64(side), below)
			in = a.Mesh.meets(p, up, in[:0])
			of = b.Mesh.meets(back.Point(p), back.Dir(up), of[:0])
			if long, first := together(in, of); long > 0 {
				volume += long * cell
				s.points = append(s.points, p.AddScaled(first, up))
			}
		}
	}
	s.mid, s.half, s.side, s.moved, s.halvings = low.Add(high).Scale(0.5), d.Scale(0.5), gridSide, moved, halvings
	s.has = func(p geom.Vec) bool { return a.Mesh.Inside(p) && b.Mesh.Inside(back.Point(p)) }
	return volume, s, volume > 0
}

// together is the length of a ray that lies in both of two solids, given where it meets each, and where the first such piece has its middle.
func together(a, b []float64) (long, first float64) {
	slices.Sort(a)
	slices.Sort(b)
	for i := 0; i+1 < len(a); i += 2 {
		for j := 0; j+1 < len(b); j += 2 {
			lo, hi := max(a[i], b[j]), min(a[i+1], b[j+1])
			if hi > lo {
				if long == 0 {
					first = (lo + hi) / 2
				}
				long += hi - lo
			}
		}
	}
	return long, first
}

// Depth is how deep two solids are in one another; not known where their exact shapes could not tell.
type Depth struct {
	MM    float64
	Known bool
}

// DeepExactly tells by exact shapes how deep pairs of solids are in one another; those that only touch are not.
func DeepExactly(ctx context.Context, exact Exact, list []Asked) ([]Depth, error) {
	out := make([]Depth, len(list))
	if len(list) == 0 {
		return out, nil
	}
	got, err := exact(ctx, list)
	if err != nil {
		return nil, err
	}
	for i := range got {
		x := &got[i]
		switch {
		case x.Failed != "" || x.Volume > 0 && (x.Common == nil || x.A == nil || x.B == nil):
		case x.Volume == 0:
			out[i].Known = true
		default:
			out[i] = Depth{deepest(x.Common.shared(), x.A, x.B, list[i].To).mm, true}
		}
	}
	return out, nil
}
