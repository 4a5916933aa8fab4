package explode

import (
	"cmp"
	"math"
	"slices"

	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// The kinds of directions, the most natural first.
const (
	byAxis  = iota // of a hole and what is in it
	byFace         // off a face that it lies on
	byEdge         // along two faces, or out of a corner of them
	byFrame        // of the assembly, and its own
)

// look finds who is beside whom, and the directions in which each may leave.
func (a *apart) look() {
	for _, u := range a.units {
		if u.dirs, u.holders = nil, nil; u.gone || a.ctx.Err() != nil {
			continue
		}
		var faces []geom.Vec
		var beside []*unit
		for _, v := range a.units {
			wide := geom.V(a.o.MM, a.o.MM, a.o.MM)
			if v == u || !meets(u.low.Sub(wide), u.high.Add(wide), v.low, v.high) {
				continue
			}
			beside = append(beside, v)
			touch := a.contacts(u, v, &faces)
			if v.Fastener && (touch || slices.Contains(v.On, u.Name) || slices.Contains(u.On, v.Name)) {
				u.holders = append(u.holders, v)
			}
		}
		u.corners(faces)
		if u.Fastener && len(u.dirs) == 0 {
			u.ownAxes()
		}
		if !u.Fastener || len(u.dirs) == 0 { // a fastener leaves along its axis
			u.frames()
		} else {
			axis := u.hasAxis()
			u.dirs = slices.DeleteFunc(u.dirs, func(w way) bool { return axis && w.kind > byAxis })
		}
		u.sort(beside)
	}
}

// add takes a direction to be tried, unless it is known.
func (u *unit) add(d geom.Vec, kind int) {
	if d = d.Unit(); d.Norm() == 0 || len(u.dirs) >= mostWays {
		return
	}
	for i := range u.dirs {
		if same(u.dirs[i].dir, d) {
			u.dirs[i].kind = min(u.dirs[i].kind, kind)
			return
		}
	}
	u.dirs = append(u.dirs, way{dir: d, kind: kind})
}

// mostWays is how many directions of a unit are tried.
const mostWays = 60

func same(p, q geom.Vec) bool { return p.Sub(q).Norm() < tol.FitDirection }

func (u *unit) hasAxis() bool {
	return slices.ContainsFunc(u.dirs, func(w way) bool { return w.kind <= byAxis })
}

// contacts takes the directions that the surfaces shared by two units suggest; faces gathers the outward directions of flat ones. It tells whether there are any.
func (a *apart) contacts(u, v *unit, faces *[]geom.Vec) bool {
	touch := false
	for i := range u.Items {
		x := &u.Items[i]
		for j := range v.Items {
			y := &v.Items[j]
			to := x.Pose.Inverse().Mul(y.Pose)
			for m := range x.Solid.Faces {
				f := &x.Solid.Faces[m]
				for n := range y.Solid.Faces {
					g := &y.Solid.Faces[n]
					switch {
					case f.Kind == part.Cylinder && g.Kind == part.Cylinder && f.Side != g.Side && clash.OneInOther(&f.Feature, &g.Feature, to, a.o.MM):
						z := x.Pose.Dir(f.Z)
						u.add(z, byAxis)
						u.add(z.Neg(), byAxis)
						touch = true
					case f.Kind == part.Plane && g.Kind == part.Plane && f.Z.Add(to.Dir(g.Z)).Norm() < tol.FitDirection && math.Abs(to.Point(g.O).Sub(f.O).Dot(f.Z)) <= a.o.MM && x.Solid.Beside(m, y.Solid, n, to):
						d := x.Pose.Dir(f.Z).Neg()
						u.add(d, byFace)
						if !slices.ContainsFunc(*faces, func(k geom.Vec) bool { return same(k, d) }) {
							*faces = append(*faces, d)
						}
						touch = true
					}
				}
			}
		}
	}
	return touch
}

// corners takes directions along pairs of faces that a unit lies on, and out between them.
func (u *unit) corners(faces []geom.Vec) {
	if len(faces) > mostFaces {
		return
	}
	var all geom.Vec
	for i, p := range faces {
		all = all.Add(p)
		for _, q := range faces[:i] {
			u.add(p.Cross(q), byEdge)
			u.add(q.Cross(p), byEdge)
			u.add(p.Add(q), byEdge)
		}
	}
	if len(faces) > 2 {
		u.add(all, byEdge)
	}
}

// mostFaces is of how many flat faces pairs are made.
const mostFaces = 8

// ownAxes takes the axes of a fastener that touches nothing.
func (u *unit) ownAxes() {
	for _, x := range u.Items {
		for i := range x.Solid.Faces {
			if f := &x.Solid.Faces[i]; f.Kind == part.Cylinder {
				u.add(x.Pose.Dir(f.Z), byAxis)
				u.add(x.Pose.Dir(f.Z).Neg(), byAxis)
			}
		}
	}
}

// frames takes the axes of the assembly and of the unit.
func (u *unit) frames() {
	x, y, z := u.Items[0].Pose.Q.Axes()
	for _, d := range []geom.Vec{geom.V(0, 0, 1), geom.V(1, 0, 0), geom.V(0, 1, 0), z, x, y} {
		u.add(d, byFrame)
		u.add(d.Neg(), byFrame)
	}
}

// sort puts the directions in the order in which they are tried: the most natural first, and of alike ones the shortest out of what is beside.
func (u *unit) sort(beside []*unit) {
	out := func(d geom.Vec) float64 {
		most, own := math.Inf(-1), reach(u.low, u.high, d.Neg())
		for _, v := range beside {
			most = max(most, reach(v.low, v.high, d))
		}
		return most + own
	}
	slices.SortStableFunc(u.dirs, func(p, q way) int {
		dp, dq := out(p.dir), out(q.dir)
		if c := cmp.Compare(p.kind, q.kind); c != 0 {
			return c
		}
		if math.Abs(dp-dq) > tol.FitPlace {
			return cmp.Compare(dp, dq)
		}
		return 0
	})
}

// reach is how far a box goes in a direction.
func reach(low, high, d geom.Vec) float64 {
	return max(low.X*d.X, high.X*d.X) + max(low.Y*d.Y, high.Y*d.Y) + max(low.Z*d.Z, high.Z*d.Z)
}

// freeWay is the first direction in which nothing that is still there stands in the way.
func (a *apart) freeWay(u *unit) *way {
	for i := range u.dirs {
		if a.free(u, &u.dirs[i]) {
			return &u.dirs[i]
		}
	}
	return nil
}

func (a *apart) free(u *unit, w *way) bool {
	if s := w.stopper; s != nil && !s.gone || a.ctx.Err() != nil {
		return false
	}
	for _, v := range a.units {
		if v == u || v.gone || w.free[v] {
			continue
		}
		if a.blocks(u, v, w.dir) {
			w.stopper = v
			return false
		}
		if w.free == nil {
			w.free = map[*unit]bool{}
		}
		w.free[v] = true
	}
	return true
}

// sameWay tells whether a unit can leave along a direction too.
func (a *apart) sameWay(u *unit, d geom.Vec) bool {
	for i := range u.dirs {
		if same(u.dirs[i].dir, d) {
			return a.free(u, &u.dirs[i])
		}
	}
	return false
}

// blocks tells whether v stands in the way of u.
func (a *apart) blocks(u, v *unit, d geom.Vec) bool {
	if u == v || reach(v.low, v.high, d) < -reach(u.low, u.high, d.Neg()) {
		return false
	}
	for i := range u.Items {
		x := &u.Items[i]
		own := x.Pose.Inverse()
		dir := own.Dir(d)
		for j := range v.Items {
			y := &v.Items[j]
			to := own.Mul(y.Pose)
			var rings []clash.Ring
			switch meant := clash.Declared(a.o.Fits, x.Name, y.Name); {
			case meant && a.ignored(x.Name, y.Name):
				continue
			case meant || u.Fastener:
				rings = clash.Rings(x.Solid, y.Solid, to, v.Fastener && !meant, a.o.MM)
			}
			if a.leaving.Blocks(x.Solid, y.Solid, to, dir, a.o.MM, rings) {
				return true
			}
		}
	}
	return false
}

// ignored tells whether what two parts do to one another is declared not to count.
func (a *apart) ignored(x, y string) bool {
	for _, f := range a.o.Fits {
		if f.Kind == "ignore" && clash.Declared([]clash.Fit{f}, x, y) {
			return true
		}
	}
	return false
}

// clean is a direction without the noise of solving.
func clean(d geom.Vec) geom.Vec {
	for _, k := range []*float64{&d.X, &d.Y, &d.Z} {
		if math.Abs(*k) < tol.FitDirection {
			*k = 0
		}
	}
	return d.Unit()
}
