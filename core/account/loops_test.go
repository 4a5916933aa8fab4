package account_test

import (
	"fmt"
	"math"
	"testing"

	"setfast/core/geom"
)

// TestSchatz builds the six-hinge loop of P. Schatz (1942; proportions as in J. Phillips, Freedom in Machinery, from memory): five twists
// of 90° and one of none, three equal lengths and √3 of that in the frame, offsets at the frame's hinges of opposite signs. By count it
// is rigid; it moves. With offsets of the same sign it is an ordinary rigid loop. Starts are rounded from closures found numerically
// (by Newton's method outside of the project).
func TestSchatz(t *testing.T) {
	const a = 60.0
	build := func(offset [2]float64, turns [6]float64) *doc {
		d := &doc{}
		lengths := [6]float64{0, a, a, a, 0, math.Sqrt(3) * a}
		p := geom.Home
		for i, l := range lengths {
			twist := math.Pi / 2
			r := 0.0
			switch i {
			case 0:
				r = offset[0]
			case 5:
				twist, r = 0, offset[1]
			}
			z := [3]float64{0, -math.Sin(twist), math.Cos(twist)}
			out := [3]float64{l, 0, r}
			d.part(fmt.Sprint("l", i), frame("in", o3, uz, ux), frame("out", out, z, ux))
			kind := fmt.Sprint("l", i)
			if i == 5 {
				kind = "!" + kind // the frame
			}
			p = p.Mul(geom.Pose{Q: geom.Exp(geom.V(0, 0, turns[i]*math.Pi/180))})
			d.use(fmt.Sprint("l", i), kind, at(p.O.Array(), p.Q.W, p.Q.X, p.Q.Y, p.Q.Z))
			p = p.Mul(geom.FrameOf(geom.FromArray(out), geom.FromArray(z), geom.V(1, 0, 0)).Pose())
		}
		for i := range lengths {
			d.mate(fmt.Sprint("j", i), "revolute", fmt.Sprintf("l%d/out", i), fmt.Sprintf("l%d/in", (i+1)%6))
		}
		return d
	}
	d := build([2]float64{0.7 * a, -0.7 * a}, [6]float64{242.622, 293.469, 113.938, 313.062, 33.031, 165.483})
	d.plan(`{"joint": "j5"}`)
	d.drives = append(d.drives, `"round": {"joint": "j5", "of": "angle", "from": 242.622, "to": 602.622, "steps": 90}`)
	r := d.check(t)
	want(t, "Schatz", r, 30, 30, 29, 1, "moves as planned")
	ended(t, r, "round")
	if r.Shaky != 0 {
		t.Error("a real motion is called momentary")
	}
	want(t, "offsets of the same sign", build([2]float64{0.7 * a, 0.7 * a}, [6]float64{253.819, 259.71, 80.068, 313.531, 345.736, 150.608}).check(t), 30, 30, 30, 0, "set")
}

// TestVeesTurned turns the three vees of a kinematic mount in its plane. Pointing to the middle or near it they hold; along a common
// circle the plate turns freely about its middle, but only at this pose; alongside each other it slides (common practice of exact
// constraint: the normal planes of the balls' ways must not meet in one line).
func TestVeesTurned(t *testing.T) {
	for _, c := range []struct {
		name          string
		way           func(at float64) float64 // direction of the vee at an angle round the middle
		left, shaky   int
		held, doubled int
	}{
		{"to the middle", func(a float64) float64 { return a }, 0, 0, 6, 0},
		{"80° off the middle", func(a float64) float64 { return a + 80*math.Pi/180 }, 0, 0, 6, 0},
		{"a tenth of a degree off the circle", func(a float64) float64 { return a + 89.9*math.Pi/180 }, 0, 0, 6, 0},
		{"along the circle", func(a float64) float64 { return a + math.Pi/2 }, 1, 1, 5, 1},
		{"alongside each other", func(float64) float64 { return 0.3 }, 1, 0, 5, 1},
	} {
		d := &doc{}
		var faces, balls []string
		for i := range 3 {
			a := 2*math.Pi*float64(i)/3 + 0.2
			w := c.way(a)
			at, s := [3]float64{50 * math.Cos(a), 50 * math.Sin(a), 0}, [3]float64{-math.Sin(w), math.Cos(w), 0}
			faces = append(faces, plane(fmt.Sprint("l", i), at, [3]float64{s[0], s[1], 1}), plane(fmt.Sprint("r", i), at, [3]float64{-s[0], -s[1], 1}))
			balls = append(balls, fmt.Sprintf(`"b%d": {"type": "sphere", "center": %s, "radius": 5}`, i, vec(at)))
		}
		d.part("base", faces...).part("plate", balls...).use("base", "!base").use("plate", "plate", at([3]float64{0, 0, 5 * math.Sqrt2}))
		for i := range 3 {
			for _, side := range []string{"l", "r"} {
				d.mate(fmt.Sprint(side, i), "distance", fmt.Sprint("base/", side, i), fmt.Sprint("plate/b", i), `"value": 5`)
			}
		}
		r := d.check(t)
		if r.Left != c.left || r.Removed != c.held || r.Doubled != c.doubled || r.Shaky != c.shaky {
			t.Errorf("%s: left %d, removed %d, doubled %d, shaky %d; want %d, %d, %d, %d", c.name, r.Left, r.Removed, r.Doubled, r.Shaky, c.left, c.held, c.doubled, c.shaky)
		}
	}
}
