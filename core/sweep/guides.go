package sweep

import (
	"math"

	"setfast/core/geom"
	"setfast/core/motion"
	"setfast/core/tol"
)

// Leaves is a shank that leaves its hole, or stays in it by less than is asked for.
type Leaves struct {
	Part string  `json:"part"`
	In   string  `json:"in"`
	From float64 `json:"from"`
	To   float64 `json:"to"`
	MM   float64 `json:"least_mm"` // how far it stays in it at the least
	Leg  int     `json:"leg,omitempty"`
}

// guide is a shank in a hole.
type guide struct {
	pair   *pair
	shank  int // of the two, 0 or 1
	faces  [2]int
	from   float64
	out    bool
	least  float64
	closed []Leaves
}

type guides struct {
	s    *scene
	all  []*guide
	most float64
	last float64
}

// A shank that is guided by a hole fills so much of it (common practice, no source), and stays as near to its axis as it has room, and
// inGuide, mm.
const (
	inHole  = 0.8
	inGuide = 0.01
)

// newGuides finds the shanks that stand in holes where a run begins.
func newGuides(s *scene, poses []geom.Pose, least float64) *guides {
	g := &guides{s: s, most: least}
	if least < 0 {
		return g
	}
	for _, p := range s.pairs {
		for k, ends := range [2][2]int{{p.a, p.b}, {p.b, p.a}} {
			in, of := s.parts[ends[0]].Solid, s.parts[ends[1]].Solid
			for i := range in.Faces {
				for j := range of.Faces {
					x, y := &in.Faces[i], &of.Faces[j]
					if x.Side != "shaft" || y.Side != "hole" || x.Radius > y.Radius*(1+tol.SameRadius) || x.Radius < inHole*y.Radius {
						continue
					}
					c := &guide{pair: p, shank: k, faces: [2]int{i, j}, least: math.Inf(1)}
					if long, ok := g.engaged(c, poses); ok && long > math.Max(least, 0) {
						g.all = append(g.all, c)
					}
				}
			}
		}
	}
	return g
}

// engaged is how far a shank stands in its hole; none where they do not share an axis.
func (g *guides) engaged(c *guide, poses []geom.Pose) (float64, bool) {
	ends := [2]int{c.pair.a, c.pair.b}
	if c.shank == 1 {
		ends = [2]int{c.pair.b, c.pair.a}
	}
	a, b := &g.s.parts[ends[0]], &g.s.parts[ends[1]]
	x, y := &a.Solid.Faces[c.faces[0]], &b.Solid.Faces[c.faces[1]]
	p, q := x.Feature.At(a.at(poses)), y.Feature.At(b.at(poses))
	d := p.O.Sub(q.O)
	if p.Z.Cross(q.Z).Norm() > tol.FitPlace || d.Reject(q.Z).Norm() > y.Radius-x.Radius+inGuide {
		return 0, false
	}
	shift := d.Dot(q.Z)
	low, high := shift+x.From, shift+x.To
	if p.Z.Dot(q.Z) < 0 {
		low, high = shift-x.To, shift-x.From
	}
	return math.Min(high, y.To) - math.Max(low, y.From), true
}

// add looks at the guides where a run stands.
func (g *guides) add(r *motion.Run) {
	v := r.Value()
	for _, c := range g.all {
		long, ok := g.engaged(c, r.Poses())
		switch out := !ok || long <= g.most; {
		case out && !c.out:
			c.out, c.from, c.least = true, v, math.Inf(1)
			fallthrough
		case out:
			c.least = math.Min(c.least, math.Max(0, long))
		case c.out:
			g.leave(c, g.last)
		}
	}
	g.last = v
}

func (g *guides) leave(c *guide, at float64) {
	c.out = false
	a, b := g.s.parts[c.pair.a].Name, g.s.parts[c.pair.b].Name
	if c.shank == 1 {
		a, b = b, a
	}
	c.closed = append(c.closed, Leaves{Part: a, In: b, From: thousandth(c.from), To: thousandth(at), MM: thousandth(c.least)})
}

// done tells of all that left, also of what is out still.
func (g *guides) done(at float64) (out []Leaves) {
	said := map[[2]string]bool{}
	for _, c := range g.all {
		if c.out {
			g.leave(c, at)
		}
		for _, l := range c.closed {
			if k := [2]string{l.Part, l.In}; !said[k] { // a hole of several pieces is left once
				said[k] = true
				out = append(out, l)
			}
		}
	}
	return out
}
