package proof

import (
	"math"

	"gonum.org/v1/gonum/mat"
	"gonum.org/v1/gonum/spatial/r3"
)

// weight is how many mm a radian counts.
const weight = 50.0

// rel is a relation, read from the contract.
type rel struct {
	w      *world
	id     string
	typ    string
	says   object
	a, b   feature
	about  *feature
	ja, jb *rel // of a coupling
	sense  float64
	side   float64
	spin   float64
	a0, b0 float64
	turns  float64 // of joint a, those that leave the least
	pinned bool    // they stay, lest a derivative be taken across them
}

func (r *rel) num(k string) float64 { v, _ := r.says[k].(float64); return v }

func (r *rel) isJoint() bool {
	switch r.typ {
	case "revolute", "prismatic", "cylindrical", "pin_slot", "planar", "spherical", "universal", "helical":
		return true
	}
	return false
}

func (w *world) placed(f feature, at []pose) feature {
	if f.body < 0 {
		return f
	}
	return f.at(at[f.body])
}

func isPoint(f feature) bool {
	return f.kind == "point" || f.kind == "sphere" || f.kind == "circle" || f.kind == "frame"
}
func isAxis(f feature) bool { return f.kind == "axis" || f.kind == "cylinder" || f.kind == "cone" }

// begin settles what the start poses decide.
func (r *rel) begin() {
	r.sense, r.side = 1, 1
	if r.ja != nil {
		if _, absolute := r.says["phase"]; !absolute && r.typ != "cam" {
			r.a0, r.b0 = r.ja.coordinate(r.ofA(), r.w.start), r.jb.coordinate(r.ofB(), r.w.start)
		}
		return
	}
	a, b := r.w.placed(r.a, r.w.start), r.w.placed(r.b, r.w.start)
	s, _ := r.says["sense"].(string)
	d := r3.Dot(a.z, b.z)
	if r.typ == "symmetric" {
		d = r3.Dot(mirror(a.z, r.w.placed(*r.about, r.w.start).z), b.z)
	}
	switch {
	case s == "opposed", s != "same" && !(r.isJoint() || r.typ == "fastened") && d < 0:
		r.sense = -1
	}
	r.side = r.startSide(a, b)
	if r.typ == "hold_spin" && r.says["value"] == nil {
		r.spin = turn(a.z, a.x, b.x)
	}
}

func mirror(v, n r3.Vec) r3.Vec { return r3.Sub(v, r3.Scale(2*r3.Dot(v, n), n)) }

// startSide is, of a tangency or an axis distance that may stand to either side, the one it starts on.
func (r *rel) startSide(a, b feature) float64 {
	switch r.says["side"] {
	case "inside":
		return -1
	case "outside":
		return 1
	}
	if isAxis(a) && isAxis(b) && r.typ == "distance" && r3.Dot(r3.Sub(b.o, a.o), r3.Cross(a.z, b.z)) < 0 {
		return -1
	}
	if r.typ != "tangent" {
		return 1
	}
	if a.kind == "plane" || b.kind == "plane" {
		if b.kind == "plane" {
			a, b = b, a
		}
		if r3.Dot(r3.Sub(b.o, a.o), a.z) < 0 {
			return -1
		}
		return 1
	}
	if a.hole || b.hole {
		return -1
	}
	if g := gap(a, b); math.Abs(g-math.Abs(a.r-b.r)) < math.Abs(g-(a.r+b.r)) {
		return -1
	}
	return 1
}

// gap is the shortest distance of axes and centres.
func gap(a, b feature) float64 {
	d := r3.Sub(b.o, a.o)
	switch {
	case !isAxis(a) && !isAxis(b):
		return r3.Norm(d)
	case isAxis(a) && isAxis(b):
		n := r3.Cross(a.z, b.z)
		if r3.Norm(n) < 1e-6 {
			return r3.Norm(across(d, a.z))
		}
		return math.Abs(r3.Dot(d, r3.Unit(n)))
	case isAxis(a):
		return r3.Norm(across(d, a.z))
	}
	return r3.Norm(across(d, b.z))
}

// across is what of v is square to n.
func across(v, n r3.Vec) r3.Vec { return r3.Sub(v, r3.Scale(r3.Dot(v, n), n)) }

// turn is the angle from u to v about n.
func turn(n, u, v r3.Vec) float64 {
	u, v = across(u, n), across(v, n)
	return math.Atan2(r3.Dot(n, r3.Cross(u, v)), r3.Dot(u, v))
}

func wrap(a float64) float64 { return math.Remainder(a, 2*math.Pi) }

type residuals []float64

func (o *residuals) mm(v ...float64) { *o = append(*o, v...) }
func (o *residuals) vec(v r3.Vec)    { *o = append(*o, v.X, v.Y, v.Z) }
func (o *residuals) rad(v ...float64) {
	for _, x := range v {
		*o = append(*o, x*weight)
	}
}

// same asks that two directions be one.
func (o *residuals) same(u, v r3.Vec) { o.vec(r3.Scale(weight, r3.Sub(v, u))) }

// asks is how many conditions the relation asks, by the table.
func (r *rel) asks() int {
	n := map[string]int{"concentric": 4, "rim": 5, "parallel": 2, "perpendicular": 1, "symmetric": 3, "hold_spin": 1, "fastened": 6, "revolute": 5, "prismatic": 5,
		"cylindrical": 4, "pin_slot": 4, "planar": 3, "spherical": 3, "universal": 4, "helical": 5, "gear": 1, "rack": 1, "screw": 1, "cam": 1}[r.typ]
	a, b := r.a, r.b
	plane := func(f feature) bool { return f.kind == "plane" }
	planes, zero := plane(a) && plane(b), r.num("value") == 0
	points := isPoint(a) && isPoint(b)
	switch r.typ {
	case "coincident", "distance", "centred":
		switch {
		case planes, points && (zero || r.typ == "coincident"):
			n = 3
		case r.typ != "distance" && (plane(a) && isAxis(b) || plane(b) && isAxis(a)), (isAxis(a) && isPoint(b) || isAxis(b) && isPoint(a)) && (zero || r.typ == "coincident"):
			n = 2
		default:
			n = 1
		}
	case "angle":
		n = 1
		if v := r.num("value"); r.about == nil && (v == 0 || v == 180) {
			n = 2
		}
	case "tangent":
		n = 1
		if plane(a) && isAxis(b) || plane(b) && isAxis(a) {
			n = 2
		}
	}
	at, _ := r.says["at"].(object)
	return n + len(at)
}

// residual is what the relation leaves unsatisfied where the bodies stand, in mm.
func (r *rel) residual(at []pose) []float64 {
	var o residuals
	if r.ja != nil {
		r.coupled(&o, at)
		return o
	}
	a, b := r.w.placed(r.a, at), r.w.placed(r.b, at)
	if r.isJoint() || r.typ == "fastened" {
		if r.sense < 0 { // turned by half about its x
			b.z = r3.Scale(-1, b.z)
		}
		r.joint(&o, a, b)
		held, _ := r.says["at"].(object)
		for _, of := range []string{"angle", "slide", "x", "y", "turn_a", "turn_b"} {
			v, ok := held[of].(float64)
			switch {
			case !ok:
			case of == "angle" && r.typ == "helical":
				o.rad(r.coordinate(of, at) - v*math.Pi/180)
			case of == "angle" || of == "turn_a" || of == "turn_b":
				o.rad(wrap(r.coordinate(of, at) - v*math.Pi/180))
			default:
				o.mm(r.coordinate(of, at) - v)
			}
		}
		return o
	}
	r.mate(&o, a, b, at)
	return o
}

func (r *rel) mate(o *residuals, a, b feature, at []pose) {
	d := r3.Sub(b.o, a.o)
	v := r.num("value")
	planeA, planeB := a.kind == "plane", b.kind == "plane"
	off := func() float64 { // from the plane to the other
		if planeA {
			return r3.Dot(d, a.z)
		}
		return -r3.Dot(d, b.z)
	}
	switch r.typ {
	case "coincident", "centred", "distance":
		switch {
		case planeA && planeB:
			o.same(r3.Scale(r.sense, a.z), b.z)
			o.mm(r3.Dot(d, a.z) - v)
		case planeA && isAxis(b) || planeB && isAxis(a):
			o.rad(r3.Dot(a.z, b.z))
			o.mm(off())
		case planeA || planeB:
			o.mm(off() - v)
		case (isAxis(a) || isAxis(b)) && v == 0 && r.typ != "distance", (isAxis(a) && isPoint(b) || isAxis(b) && isPoint(a)) && v == 0:
			if isAxis(a) {
				o.vec(across(d, a.z))
			} else {
				o.vec(across(d, b.z))
			}
		case isPoint(a) && isPoint(b) && v == 0:
			o.vec(d)
		case isAxis(a) && isAxis(b) && r3.Norm(r3.Cross(a.z, b.z)) > 1e-6: // it keeps the side it starts on
			o.mm(r.side*r3.Dot(d, r3.Unit(r3.Cross(a.z, b.z))) - v)
		default:
			o.mm(gap(a, b) - v)
		}
	case "concentric":
		o.same(r3.Scale(r.sense, a.z), b.z)
		o.vec(across(d, a.z))
	case "rim":
		o.same(r3.Scale(r.sense, a.z), b.z)
		o.vec(r3.Sub(d, r3.Scale(r.num("gap"), a.z)))
	case "parallel":
		o.same(r3.Scale(r.sense, a.z), b.z)
	case "perpendicular":
		o.rad(r3.Dot(a.z, b.z))
	case "angle":
		v *= math.Pi / 180
		switch {
		case r.about != nil:
			o.rad(wrap(turn(r.w.placed(*r.about, at).z, a.z, b.z) - v))
		case v == 0:
			o.same(a.z, b.z)
		case v == math.Pi:
			o.same(r3.Scale(-1, a.z), b.z)
		default:
			o.rad(math.Atan2(r3.Norm(r3.Cross(a.z, b.z)), r3.Dot(a.z, b.z)) - v)
		}
	case "tangent":
		switch {
		case planeA || planeB:
			if isAxis(a) || isAxis(b) {
				o.rad(r3.Dot(a.z, b.z))
			}
			o.mm(off() - r.side*(a.r+b.r)) // a plane has no radius
		case r.side < 0:
			o.mm(gap(a, b) - math.Abs(a.r-b.r))
		default:
			o.mm(gap(a, b) - a.r - b.r)
		}
	case "symmetric":
		c := r.w.placed(*r.about, at)
		p := r3.Sub(a.o, r3.Scale(2*r3.Dot(r3.Sub(a.o, c.o), c.z), c.z))
		if planeA {
			n := mirror(a.z, c.z)
			o.same(r3.Scale(r.sense, n), b.z)
			o.mm(r3.Dot(r3.Sub(b.o, p), n))
		} else {
			o.vec(r3.Sub(b.o, p))
		}
	case "hold_spin":
		if r.says["value"] == nil {
			v = r.spin * 180 / math.Pi
		}
		o.rad(wrap(turn(a.z, a.x, b.x) - v*math.Pi/180))
	default:
		r.w.t.Fatalf("no residual of %s", r.typ)
	}
}

func (r *rel) joint(o *residuals, a, b feature) {
	d := r3.Sub(b.o, a.o)
	ya := r3.Cross(a.z, a.x)
	yb := r3.Cross(b.z, b.x)
	if r.typ != "spherical" && r.typ != "universal" && r.typ != "fastened" {
		o.same(a.z, b.z)
	}
	switch r.typ {
	case "revolute", "spherical":
		o.vec(d)
	case "universal":
		o.vec(d)
		o.rad(r3.Dot(a.x, yb))
	case "prismatic":
		o.same(a.x, b.x)
		o.vec(across(d, a.z))
	case "cylindrical":
		o.vec(across(d, a.z))
	case "pin_slot":
		o.mm(r3.Dot(d, ya), r3.Dot(d, a.z))
	case "planar":
		o.mm(r3.Dot(d, a.z))
	case "helical":
		o.vec(across(d, a.z))
		lead := r.num("lead")
		o.mm(math.Remainder(r3.Dot(d, a.z)-lead*turn(a.z, a.x, b.x)/(2*math.Pi), lead))
	case "fastened":
		off := r3.Vec{}
		if r.says["offset"] != nil {
			off = vecOf(r.says["offset"])
		}
		to := r3.Add(r3.Add(r3.Scale(off.X, a.x), r3.Scale(off.Y, ya)), r3.Scale(off.Z, a.z))
		o.vec(r3.Sub(d, to))
		t := r.num("turn") * math.Pi / 180
		o.same(a.z, b.z)
		o.same(r3.Add(r3.Scale(math.Cos(t), a.x), r3.Scale(math.Sin(t), ya)), b.x)
	}
}

// coordinate reads a joint, in mm and radians.
func (r *rel) coordinate(of string, at []pose) float64 {
	a, b := r.w.placed(r.a, at), r.w.placed(r.b, at)
	if r.sense < 0 {
		b.z = r3.Scale(-1, b.z)
	}
	d := r3.Sub(b.o, a.o)
	ya, yb := r3.Cross(a.z, a.x), r3.Cross(b.z, b.x)
	switch of {
	case "angle":
		if r.typ == "helical" {
			return 2 * math.Pi * r3.Dot(d, a.z) / r.num("lead")
		}
		return turn(a.z, a.x, b.x)
	case "slide":
		if r.typ == "pin_slot" {
			return r3.Dot(d, a.x)
		}
		return r3.Dot(d, a.z)
	case "x":
		return r3.Dot(d, a.x)
	case "y":
		return r3.Dot(d, ya)
	case "turn_a":
		return turn(a.x, ya, yb)
	case "turn_b":
		return turn(yb, a.x, b.x)
	}
	r.w.t.Fatalf("%s has no %s", r.id, of)
	return 0
}

func (r *rel) ofA() string { return "angle" }
func (r *rel) ofB() string {
	if r.typ == "gear" {
		return "angle"
	}
	return "slide"
}

// mostTurns is how far joints are counted on: beyond that a gear's ratio meets any angle by chance.
const mostTurns = 400

// coupled is off by as little as any number of turns of its joints leaves.
func (r *rel) coupled(o *residuals, at []pose) {
	a, b := r.ja.coordinate(r.ofA(), at)-r.a0, r.jb.coordinate(r.ofB(), at)-r.b0
	best := math.Inf(1)
	from, to := -float64(mostTurns), float64(mostTurns)
	if r.pinned || r.typ == "cam" { // whose profile comes again after each
		from, to = r.turns, r.turns
	}
	for n := from; n <= to; n++ {
		var off float64
		switch turned := a + 2*math.Pi*n; r.typ {
		case "gear":
			off = weight * wrap(b-r.num("ratio")*turned-r.num("phase")*math.Pi/180)
		case "cam":
			off = b - r.lift(turned*180/math.Pi+r.num("phase"))
		default:
			off = b - r.num("lead")*turned/(2*math.Pi) - r.num("phase")
		}
		if math.Abs(off) < math.Abs(best) {
			best = off
			r.turns = n
		}
	}
	o.mm(best)
}

// lift is a cam's profile.
func (r *rel) lift(deg float64) float64 {
	var points [][2]float64
	for _, p := range r.says["profile"].([]any) {
		points = append(points, [2]float64{p.([]any)[0].(float64), p.([]any)[1].(float64)})
	}
	spline, _ := r.says["spline"].(bool)
	return lift(points, spline, deg)
}

// lift is straight between the points of a profile, or cubic with slopes and bends that go on at each (a periodic spline), and comes again after a turn.
func lift(points [][2]float64, spline bool, deg float64) float64 {
	n := len(points)
	x := func(i int) float64 { return points[i%n][0] + 360*float64(i/n) }
	y := func(i int) float64 { return points[i%n][1] }
	bend := mat.NewVecDense(n, nil)
	if spline {
		a, b := mat.NewDense(n, n, nil), mat.NewVecDense(n, nil)
		for i := range n {
			h, k := x(i+1)-x(i), x(i+2)-x(i+1)
			for j, v := range []float64{h, 2 * (h + k), k} {
				a.Set(i, (i+j)%n, a.At(i, (i+j)%n)+v)
			}
			b.SetVec(i, 6*((y(i+2)-y(i+1))/k-(y(i+1)-y(i))/h))
		}
		if bend.SolveVec(a, b) != nil {
			return math.NaN()
		}
	}
	deg = x(0) + math.Mod(math.Mod(deg-x(0), 360)+360, 360)
	for i := range n {
		if h := x(i+1) - x(i); deg <= x(i+1) {
			u, v := x(i+1)-deg, deg-x(i)
			p, q := bend.AtVec(i), bend.AtVec((i+1)%n)
			return (p*u*u*u+q*v*v*v)/(6*h) + (y(i)/h-p*h/6)*u + (y(i+1)/h-q*h/6)*v
		}
	}
	return math.NaN()
}
