package relate

import (
	"math"
	"slices"

	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// passing names the components that the component would pass through at a pose: by more than the assembly's tolerance, as far as exact surfaces
// tell, else by more than triangles differ from the exact shape. A screw in a hole that is drilled for its thread passes through nothing there.
func (f *following) passing(at geom.Pose) []string {
	out := []string{}
	own := f.solid(f.unit)
	if own == nil {
		return out
	}
	by := at.Mul(f.c.Pose.Inverse())
	mm := f.s.doc.SettingsOf(f.s.asm).ToleranceMM
	low, high, _ := f.s.box(f.unit)
	low, high = by.Box(low, high)
	for u := range f.s.units {
		if u == f.unit || f.on != nil && !f.on[u] { // what nothing holds yet can make room
			continue
		}
		l, h, ok := f.s.box(u)
		if !ok || !meet(low, high, l, h, 0) || f.threaded(u, by) {
			continue
		}
		x := f.solid(u)
		if x == nil {
			continue
		}
		surely, doubtful := f.eye.Passes(x, own, by, mm)
		if surely || doubtful && clash.Cross(own.Mesh, by, x.Mesh, geom.Home, tol.PassesThrough) {
			out = append(out, f.s.units[u].name)
		}
	}
	slices.Sort(out)
	return out
}

// solid is a component by its surfaces where it stands; nil of one without a shape.
func (f *following) solid(u int) *clash.Solid {
	if s, ok := f.solids[u]; ok {
		return s
	}
	f.solids[u] = nil
	var points []geom.Vec
	var triangles [][3]int32
	var ends []uint32
	var faces []clash.Face
	off := 0.0
	for _, b := range f.s.units[u].bodies {
		body := &f.s.bodies[b]
		if body.outline {
			return nil
		}
		for i := range body.surfaces {
			x := &body.surfaces[i]
			if len(x.Triangles) == 0 {
				continue
			}
			for k := 0; k+2 < len(x.Triangles); k += 3 {
				n := int32(len(points))
				points = append(points, x.at.Point(x.Triangles[k]), x.at.Point(x.Triangles[k+1]), x.at.Point(x.Triangles[k+2]))
				triangles = append(triangles, [3]int32{n, n + 1, n + 2})
			}
			ends, faces = append(ends, uint32(len(triangles))), append(faces, clash.Face{Name: x.ref, Feature: x.world})
		}
		off = math.Max(off, part.Chord*body.high.Sub(body.low).Norm()) // its box is no smaller than the shape's own
	}
	s := clash.NewSolid(points, triangles, ends, faces)
	s.Off = off
	f.solids[u] = s
	return s
}

// threaded tells whether a shank of one of the two, the component moved, stands in a hole of the other that is a little narrower.
func (f *following) threaded(u int, by geom.Pose) bool {
	for _, x := range f.surfaces(f.unit, part.Cylinder) {
		moved := x.world.At(by)
		for _, y := range f.surfaces(u, part.Cylinder) {
			in, hole := x, y
			if x.Side == "hole" {
				in, hole = y, x
			}
			ratio := in.Radius / hole.Radius
			if x.Side != y.Side && ratio > 1 && ratio <= tappedMost && math.Abs(moved.Z.Dot(y.world.Z)) > 1-tol.LooksAt && onAxis(y.world, moved.O) < tol.NearlyMeets {
				return true
			}
		}
	}
	return false
}
