package fasten

import (
	"cmp"
	"math"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/placed"
	"setfast/core/tol"
)

// use is a part where it stands in the assembly.
type use struct {
	name string // the path of components that leads to it
	path []string
	part *part.Part
	pose geom.Pose
}

func (u *use) ref(feature string) assembly.Ref { return assembly.Ref{Path: u.path, Feature: feature} }

// axis is the line of a fastening, out of the joint on the side of its head.
type axis struct{ o, z geom.Vec }

func (a axis) along(p geom.Vec) float64   { return p.Sub(a.o).Dot(a.z) }
func (a axis) off(p geom.Vec) float64     { return p.Sub(a.o).Reject(a.z).Norm() }
func (a axis) runs(z geom.Vec) bool       { return a.z.Cross(z).Norm() < tol.BoreAlong }
func (a axis) turned() axis               { return axis{a.o, a.z.Neg()} }
func (a axis) at(height float64) geom.Vec { return a.o.AddScaled(height, a.z) }

// mouth is where a bore of a part opens, or where it changes its width.
type mouth struct {
	at     float64 // along the axis
	radius float64
	rim    string // circle there; or
	face   string // the flat that it opens in
}

// bore is what a part has about an axis: holes one in another, their mouths from the top down.
type bore struct {
	of     *use
	hole   string // the narrowest round face, by which a screw is put in line
	radius float64
	off    float64 // how far its axis is off the fastening's
	mouths []mouth
	cones  []part.Feature // countersinks and chamfers, in the assembly
}

func (b *bore) top() float64    { return b.mouths[0].at }
func (b *bore) bottom() float64 { return b.mouths[len(b.mouths)-1].at }

// boreOf finds what a part has about an axis: of several holes beside it the nearest that reaches it.
func boreOf(u *use, a axis) *bore {
	nearest := math.Inf(1)
	each := func(visit func(name string, f part.Feature, off float64)) {
		for _, n := range u.part.Order {
			f := u.part.Features[n]
			if !f.HasAxis() || f.Side == "shaft" {
				continue
			}
			if g := f.At(u.pose); a.runs(g.Z) {
				visit(n, g, a.off(g.O))
			}
		}
	}
	each(func(_ string, f part.Feature, off float64) {
		if (f.Kind == part.Cylinder || f.Kind == part.Circle || f.Kind == part.Axis) && off < nearest && (off < tol.BoreMeets || off < f.Radius) {
			nearest = off
		}
	})
	if math.IsInf(nearest, 1) {
		return nil
	}
	b := &bore{of: u, off: nearest, radius: math.Inf(1)}
	var rounds []part.Feature
	each(func(n string, f part.Feature, off float64) {
		if math.Abs(off-nearest) > tol.BoreMeets || off > tol.BoreMeets && nearest < tol.BoreMeets {
			return
		}
		switch f.Kind {
		case part.Circle:
			b.mouths = append(b.mouths, mouth{at: a.along(f.O), radius: f.Radius, rim: n})
		case part.Cylinder:
			rounds = append(rounds, f)
			if f.Radius < b.radius {
				b.radius, b.hole = f.Radius, n
			}
		case part.Cone:
			b.cones = append(b.cones, f)
		case part.Axis:
			if b.hole == "" {
				b.hole = n
			}
		}
	})
	if len(b.mouths) < 2 {
		b.flats(a, rounds)
	}
	if len(b.mouths) == 0 {
		return nil
	}
	for _, m := range b.mouths {
		if b.hole == "" {
			b.hole = m.rim
		}
		b.radius = min(b.radius, m.radius)
	}
	b.fromTheTop()
	return b
}

// fromTheTop puts the mouths in order: of several at one height the widest first.
func (b *bore) fromTheTop() {
	slices.SortStableFunc(b.mouths, func(x, y mouth) int { return cmp.Or(cmp.Compare(y.at, x.at), cmp.Compare(y.radius, x.radius)) })
}

// flats finds where bores open whose rims are not known: at the flats square to them that lie next to their middles, above and below.
func (b *bore) flats(a axis, rounds []part.Feature) {
	u := b.of
	b.mouths = nil
	for _, f := range rounds {
		here := a.along(f.O)
		up, down := mouth{at: math.Inf(1), radius: f.Radius}, mouth{at: math.Inf(-1), radius: f.Radius}
		for _, n := range u.part.Order {
			g := u.part.Features[n].At(u.pose)
			if g.Kind != part.Plane || !a.runs(g.Z) {
				continue
			}
			at := a.along(g.O)
			if g.Z.Dot(a.z) > 0 && at >= here-tol.BoreMeets && at < up.at {
				up.at, up.face = at, n
			}
			if g.Z.Dot(a.z) < 0 && at <= here+tol.BoreMeets && at > down.at {
				down.at, down.face = at, n
			}
		}
		for _, m := range []mouth{up, down} {
			if m.face != "" {
				b.mouths = append(b.mouths, m)
			}
		}
	}
}

// seat is where something of a radius comes to lie that goes in from above: at the first mouth that is narrower.
func (b *bore) seat(radius float64) (mouth, bool) {
	for i, m := range b.mouths {
		if m.radius >= radius-tol.FitPlace {
			continue
		}
		for _, k := range b.mouths[i+1:] { // of several at one height the narrowest
			if m.at-k.at < tol.FitPlace && k.radius < m.radius {
				m = k
			}
		}
		return m, true
	}
	return mouth{}, false
}

// upsideDown is the bore seen from its other end.
func (b *bore) upsideDown() *bore {
	out := *b
	out.mouths = slices.Clone(b.mouths)
	for i := range out.mouths {
		out.mouths[i].at = -out.mouths[i].at
	}
	out.fromTheTop()
	return &out
}

// within is how wide what is above a seat is: the narrowest mouth above it, without bounds where there is none.
func (b *bore) within(seat float64) float64 {
	least := math.Inf(1)
	for _, m := range b.mouths {
		if m.at > seat+tol.FitPlace {
			least = min(least, m.radius)
		}
	}
	return least
}

// pathTo is the way to a part. The component that it begins with may be one that copies made, whose name has slashes in it.
func pathTo(u *placed.Use) []string {
	path := []string{u.Component}
	if below := strings.TrimSuffix(u.Path, "/"); below != "" {
		path = append(path, strings.Split(below, "/")...)
	}
	return path
}

func pathOf(r assembly.Ref) string { return strings.Join(r.Path, "/") }
