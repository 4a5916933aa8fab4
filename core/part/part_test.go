package part

import (
	"math"
	"strings"
	"testing"

	"setfast/core/geom"
)

var (
	zAxis = geom.V(0, 0, 1)
	cyl   = func(o geom.Vec, r float64, side string) Feature {
		return Feature{Kind: Cylinder, O: o, Z: zAxis, Radius: r, Side: side}
	}
	flat = func(o, n geom.Vec) Feature { return Feature{Kind: Plane, O: o, Z: n} }
)

func with(fs ...Feature) *Part {
	p := &Part{Features: map[string]Feature{}}
	for i, f := range fs {
		n := string(rune('a' + i))
		p.Features[n] = f
		p.Order = append(p.Order, n)
	}
	return p
}

// TestRoundAbout: what keeps a part's shape when it turns about the z axis, and what does not.
func TestRoundAbout(t *testing.T) {
	o := geom.Vec{}
	pin := []Feature{cyl(o, 4, "shaft"), flat(o, zAxis.Neg()), flat(geom.V(0, 0, 20), zAxis)}
	for name, c := range map[string]struct {
		p    *Part
		want bool
	}{
		"plain pin":                       {with(pin...), true},
		"pin with a collar and a chamfer": {with(append(pin, cyl(geom.V(0, 0, 5), 7, "shaft"), Feature{Kind: Cone, O: geom.V(0, 0, 30), Z: zAxis, HalfAngle: 45})...), true},
		"pin with a ball end":             {with(append(pin, Feature{Kind: Sphere, O: geom.V(0, 0, 20), Radius: 4})...), true},
		"pin with a cross hole":           {with(append(pin, Feature{Kind: Cylinder, O: geom.V(0, 0, 10), Z: geom.V(1, 0, 0), Radius: 1})...), false},
		"pin with a flat":                 {with(append(pin, flat(geom.V(3, 0, 0), geom.V(1, 0, 0)))...), false},
		"pin with a hole beside its axis": {with(append(pin, cyl(geom.V(2, 0, 0), 1, "hole"))...), false},
		"pin with a point on its axis":    {with(append(pin, Feature{Kind: Point, O: geom.V(0, 0, 3)})...), true},
		"pin with a frame":                {with(append(pin, Feature{Kind: Frame, Z: zAxis, X: geom.V(1, 0, 0)})...), false},
		"nothing listed":                  {with(), false},
		"an irregular face":               {&Part{Features: map[string]Feature{"a": pin[0]}, Order: []string{"a"}, Irregular: true}, false},
	} {
		if got := c.p.RoundAbout(o, zAxis); got != c.want {
			t.Errorf("%s: round %v, want %v", name, got, c.want)
		}
	}
	// the exact shape decides, where there is one, not what is listed
	p := with(pin...)
	p.Shape = []Feature{cyl(o, 4, "shaft"), flat(geom.V(3, 0, 0), geom.V(1, 0, 0))}
	if p.RoundAbout(o, zAxis) {
		t.Error("a flat on the shape was overlooked")
	}
	if axes := with(pin...).Axes(); len(axes) != 1 {
		t.Errorf("a pin has %d axes", len(axes))
	}
	if axes := with(cyl(o, 4, "shaft"), cyl(geom.V(0, 0, 9), 6, "shaft"), cyl(geom.V(5, 0, 0), 1, "hole")).Axes(); len(axes) != 2 {
		t.Errorf("two cylinders on one axis and one beside it have %d axes", len(axes))
	}
}

// TestAsFrame: a feature's own x is the part's x made square to its z, or y where z lies within 26° of x (|z·x| > 0.9).
func TestAsFrame(t *testing.T) {
	for _, c := range []struct{ z, x geom.Vec }{
		{zAxis, geom.V(1, 0, 0)}, {geom.V(0, 1, 0), geom.V(1, 0, 0)}, {geom.V(1, 0, 0), geom.V(0, 1, 0)}, {geom.V(-1, 0, 0), geom.V(0, 1, 0)},
		{geom.V(0.8, 0, 0.6), geom.V(0.6, 0, -0.8)}, {geom.V(0.95, 0, math.Sqrt(1-0.95*0.95)), geom.V(0, 1, 0)},
	} {
		f := Feature{Kind: Axis, Z: c.z}.AsFrame()
		if f.Z.Sub(c.z).Norm() > 1e-12 || f.X.Sub(c.x).Norm() > 1e-12 {
			t.Errorf("z %v has x %v, want %v", c.z, f.X, c.x)
		}
	}
	f := Feature{Kind: Frame, Z: zAxis, X: geom.V(0, 1, 0)}.AsFrame()
	if f.X != geom.V(0, 1, 0) {
		t.Errorf("a frame's own x became %v", f.X)
	}
}

// TestFit says how round things go together. Sizes are common practice; the words are ours.
func TestFit(t *testing.T) {
	o := geom.Vec{}
	for _, c := range []struct {
		a, b Feature
		says string
	}{
		{cyl(o, 3.3, "hole"), cyl(o, 3, "shaft"), "Ø6 shank in Ø6.6 hole, 0.6 clear"},
		{cyl(o, 3, "shaft"), cyl(o, 3.3, "hole"), "Ø6 shank in Ø6.6 hole, 0.6 clear"},
		{cyl(o, 4, "hole"), cyl(o, 4, "shaft"), "size for size"},
		{cyl(o, 3, "hole"), cyl(o, 4, "shaft"), "2 too tight to go in"},
		{cyl(o, 3, "hole"), cyl(o, 3, "hole"), "both Ø6"},
		{cyl(o, 3, "hole"), cyl(o, 5, "hole"), "Ø10 beside Ø6"},
		{cyl(o, 3, "hole"), cyl(o, 3+0.5e-6, "hole"), "both Ø6"},
		{cyl(o, 3, "hole"), cyl(o, 3+2e-6, "hole"), "beside"}, // SameRadius, 1e-6 mm
	} {
		if got := Fit(c.a, c.b); !strings.Contains(got, c.says) {
			t.Errorf("%q, want %q", got, c.says)
		}
	}
	if got := Fit(flat(o, zAxis), cyl(o, 3, "hole")); got != "" {
		t.Errorf("a face and a hole have no fit, and yet %q", got)
	}
}

// TestDescribe names each kind of feature by what it is and its size.
func TestDescribe(t *testing.T) {
	for says, f := range map[string]Feature{
		"face": flat(geom.Vec{}, zAxis), "Ø6.6 hole": cyl(geom.Vec{}, 3.3, "hole"), "Ø8 shank": cyl(geom.Vec{}, 4, "shaft"),
		"Ø12.7 rim": {Kind: Circle, Radius: 6.35}, "corner": {Kind: Point}, "straight edge": {Kind: Axis}, "90° cone": {Kind: Cone, HalfAngle: 45},
		"Ø10 ball": {Kind: Sphere, Radius: 5}, "frame": {Kind: Frame},
	} {
		if got := f.Describe(); got != says {
			t.Errorf("%s is called %q, want %q", f.Kind, got, says)
		}
	}
	for x, want := range map[float64]string{0.30000000000000004: "0.3", 12: "12", 1.23456: "1.2346", -0.5: "-0.5"} {
		if got := Number(x); got != want {
			t.Errorf("%v is written %q, want %q", x, got, want)
		}
	}
}

// TestMass: what is stated comes before density times volume; without either it is unknown.
func TestMass(t *testing.T) {
	p := &Part{Density: 7850, Volume: Volume{Known: true, MM3: 1000}}
	if kg, ok := p.MassKg(); !ok || math.Abs(kg-0.00785) > 1e-15 {
		t.Errorf("a cubic centimetre of steel weighs %g", kg)
	}
	p.Mass = 0.4
	if kg, ok := p.MassKg(); !ok || kg != 0.4 {
		t.Errorf("the stated mass of 0.4 became %g", kg)
	}
	if _, ok := (&Part{Density: 7850}).MassKg(); ok {
		t.Error("a part without volume has a mass")
	}
}

// TestBoundsOfRoundness: a shaft whose two ends lean by 5e-6 rad is round, by 5e-5 it is not; a frame's x leans to y within 26° of x.
func TestBoundsOfRoundness(t *testing.T) {
	for e, want := range map[float64]bool{5e-6: true, 5e-5: false} {
		p := with(Feature{Kind: Cylinder, Z: ez, Radius: 3}, Feature{Kind: Cylinder, Z: geom.V(math.Sin(e), 0, math.Cos(e)), Radius: 3})
		if got := p.RoundAbout(geom.Vec{}, ez); got != want {
			t.Errorf("leaning by %g: round is %v", e, got)
		}
	}
	for x, want := range map[float64]bool{0.85: false, 0.95: true} {
		z := geom.V(x, 0, math.Sqrt(1-x*x))
		if f := (Feature{Kind: Axis, Z: z}).AsFrame(); math.Abs(f.X.Y) > 0.5 != want {
			t.Errorf("z with %g of x: the frame's x is %v", x, f.X)
		}
	}
}
