package account_test

import (
	"fmt"
	"math"
	"testing"

	"setfast/core/report"
)

// plate is a flat link: pins in its own frame, the first at its origin, and where pin 0 and pin 1 are in the mechanism.
type plate struct {
	name string
	pins [][2]float64
	at   [2][2]float64
}

// bar is a plate of two pins.
func bar(name string, from, to [2]float64) plate {
	return plate{name, [][2]float64{{}, {math.Hypot(to[0]-from[0], to[1]-from[1]), 0}}, [2][2]float64{from, to}}
}

// triangle is a plate of three pins, made so that they lie where they are asked to.
func triangle(name string, p, q, s [2]float64) plate {
	l := math.Hypot(q[0]-p[0], q[1]-p[1])
	c, n := (q[0]-p[0])/l, (q[1]-p[1])/l
	x, y := s[0]-p[0], s[1]-p[1]
	return plate{name, [][2]float64{{}, {l, 0}, {c*x + n*y, -n*x + c*y}}, [2][2]float64{p, q}}
}

// planar writes a flat mechanism: plates, pins between them as "plate/number", and the standing pins of the ground.
func planar(ground [][2]float64, plates []plate, pins [][2]string) *doc {
	d := &doc{}
	part := func(name string, pins [][2]float64) {
		var f []string
		for i, p := range pins {
			f = append(f, frame(fmt.Sprint(i), [3]float64{p[0], p[1], 0}, uz, ux))
		}
		d.part(name, f...)
	}
	part("g", ground)
	d.use("g", "!g")
	for _, p := range plates {
		part(p.name, p.pins)
		turn := math.Atan2(p.at[1][1]-p.at[0][1], p.at[1][0]-p.at[0][0]) * 180 / math.Pi
		d.use(p.name, p.name, at([3]float64{p.at[0][0], p.at[0][1], 0}, spin(uz, turn)...))
	}
	for i, p := range pins {
		d.mate(fmt.Sprint("p", i), "revolute", p[0], p[1])
	}
	d.plan(`{"joint": "p0"}`)
	return d
}

func crankPin(r, deg float64) [2]float64 {
	return [2]float64{r * math.Cos(deg*math.Pi/180), r * math.Sin(deg*math.Pi/180)}
}

func meet(a [2]float64, ra float64, b [2]float64, rb, side float64) [2]float64 {
	x, y := circles(a[0], a[1], ra, b[0], b[1], rb, side)
	return [2]float64{x, y}
}

// traced drives the crank round and compares where a foot goes with what the circles give. Drives count from where the bodies stood.
func traced(t *testing.T, what string, d *doc, foot string, start float64, places func(deg float64) [2]float64) *report.Result {
	t.Helper()
	d.measures = append(d.measures, fmt.Sprintf(`"foot": {"type": "position", "of": %q}`, foot))
	d.drives = append(d.drives, fmt.Sprintf(`"round": {"joint": "p0", "of": "angle", "from": %g, "to": %g, "steps": 72, "record": ["foot"]}`, start, start+360))
	r := d.check(t)
	run := ended(t, r, "round")
	for i, a := range run.At {
		got, want := run.Values["foot"][i].([3]float64), places(a)
		if math.Hypot(got[0]-want[0], got[1]-want[1]) > 1e-7 {
			t.Fatalf("%s, crank at %g°: the foot is at (%.6f, %.6f), the circles give (%.6f, %.6f)", what, a, got[0], got[1], want[0], want[1])
		}
	}
	return r
}

// TestJansenLeg drives the eight-bar leg of T. Jansen with his thirteen lengths (The Great Pretender, 2007; from memory). Its foot is
// found by meeting circles; in the lower half of its path it leaves a straight line by less than a twentieth of its length.
func TestJansenLeg(t *testing.T) {
	const a, b, c, d, e, f, g, h, i, j, k, l, m = 38, 41.5, 39.3, 40.1, 55.8, 39.4, 36.7, 65.7, 49, 50, 61.9, 7.8, 15
	pivot := [2]float64{-a, -l}
	all := func(deg float64) (x, y, w, z, v, foot [2]float64) {
		x = crankPin(m, deg)
		y, w = meet(x, j, pivot, b, -1), meet(x, k, pivot, c, 1)
		z = meet(y, e, pivot, d, -1)
		v = meet(z, f, w, g, -1)
		return x, y, w, z, v, meet(v, h, w, i, -1)
	}
	const start = 40
	x, y, w, z, v, foot := all(start)
	leg := planar([][2]float64{{}, pivot}, []plate{bar("m", [2]float64{}, x), bar("j", x, y), bar("k", x, w), triangle("bde", pivot, y, z), bar("c", pivot, w), bar("f", z, v), triangle("ghi", v, w, foot)},
		[][2]string{{"g/0", "m/0"}, {"m/1", "j/0"}, {"m/1", "k/0"}, {"g/1", "bde/0"}, {"g/1", "c/0"}, {"j/1", "bde/1"}, {"k/1", "c/1"}, {"c/1", "ghi/1"}, {"bde/2", "f/0"}, {"f/1", "ghi/0"}})
	low, high, left, right := math.Inf(1), math.Inf(-1), math.Inf(1), math.Inf(-1)
	r := traced(t, "Jansen", leg, "ghi/2", start, func(deg float64) [2]float64 {
		_, _, _, _, _, p := all(deg)
		low, high = math.Min(low, p[1]), math.Max(high, p[1])
		left, right = math.Min(left, p[0]), math.Max(right, p[0])
		return p
	})
	want(t, "Jansen", r, 42, 50, 41, 1, "moves as planned")
	flat := [2]float64{math.Inf(1), math.Inf(-1)}
	for deg := range 360 {
		if _, _, _, _, _, p := all(float64(deg)); p[1] < low+(right-left)/20 {
			flat[0], flat[1] = math.Min(flat[0], p[0]), math.Max(flat[1], p[0])
		}
	}
	if flat[1]-flat[0] < 0.8*(right-left) || high-low > 0.6*(right-left) {
		t.Errorf("the path is no step: %.1f of %.1f mm run low, and it is %.1f mm high", flat[1]-flat[0], right-left, high-low)
	}
}

// TestKlannLeg drives the six-bar leg of J. C. Klann (US patent 6,260,862, 2001: a crank and a rocker with a coupler whose end carries
// the leg, which hangs on a second rocker). The proportions are our own.
func TestKlannLeg(t *testing.T) {
	const crank, coupler, rocker, reach, thigh, hanger = 10, 28, 20, 50, 35, 30
	lower, upper := [2]float64{-24, -10}, [2]float64{-30, 14}
	along := func(p, q [2]float64, l float64) [2]float64 {
		k := l / math.Hypot(q[0]-p[0], q[1]-p[1])
		return [2]float64{p[0] + k*(q[0]-p[0]), p[1] + k*(q[1]-p[1])}
	}
	all := func(deg float64) (c, d, e, f, foot [2]float64) {
		c = crankPin(crank, deg)
		d = meet(c, coupler, lower, rocker, 1)
		e = along(c, d, reach)
		f = meet(e, thigh, upper, hanger, -1)
		return c, d, e, f, along(f, e, 90)
	}
	c, d, e, f, foot := all(0)
	leg := planar([][2]float64{{}, lower, upper}, []plate{bar("crank", [2]float64{}, c), triangle("coupler", c, d, e), bar("rocker", lower, d), triangle("leg", f, e, foot), bar("hanger", upper, f)},
		[][2]string{{"g/0", "crank/0"}, {"crank/1", "coupler/0"}, {"coupler/1", "rocker/1"}, {"g/1", "rocker/0"}, {"coupler/2", "leg/1"}, {"leg/0", "hanger/1"}, {"g/2", "hanger/0"}})
	r := traced(t, "Klann", leg, "leg/2", 0, func(deg float64) [2]float64 {
		_, _, _, _, p := all(deg)
		return p
	})
	want(t, "Klann", r, 30, 35, 29, 1, "moves as planned")
}

// TestHart drives the inversor of four bars (H. Hart, On certain conversions of motion, 1875): a crossed parallelogram with long bars p
// and short bars q; points at a share u of its bars from the corners A and C stay in line with OP·OQ = u(1−u)(p²−q²). With P led on a
// circle through O, Q runs on a straight line, at that product over the circle's diameter.
func TestHart(t *testing.T) {
	const p, q, u, radius = 80.0, 50.0, 0.4, 11.0
	product := u * (1 - u) * (p*p - q*q)
	// O at the origin on AB, P on AD, Q on BC; AC and BD run alongside OP. At the start P is at the angle a seen from O.
	a := 25 * math.Pi / 180
	op := 2 * radius * math.Cos(a)
	bd := op / u
	ac := (p*p - q*q) / bd
	// in a frame along OP: A at the origin, C at (ac, 0), B and D at height h
	s := (bd + ac) / 2 // of the long bar AB along it
	h := math.Sqrt(p*p - s*s)
	put := func(x, y float64) [2]float64 { // into the mechanism: O goes to the origin, OP to the angle a
		x, y = x-u*s, y-u*h
		return [2]float64{math.Cos(a)*x - math.Sin(a)*y, math.Sin(a)*x + math.Cos(a)*y}
	}
	A, B, C, D := put(0, 0), put(s, h), put(ac, 0), put(s-bd, h)
	mix := func(m, n [2]float64, k float64) [2]float64 {
		return [2]float64{m[0] + k*(n[0]-m[0]), m[1] + k*(n[1]-m[1])}
	}
	O, P, Q := mix(A, B, u), mix(A, D, u), mix(C, B, u)
	if math.Hypot(O[0], O[1]) > 1e-9 || math.Abs(math.Hypot(P[0], P[1])*math.Hypot(Q[0], Q[1])-product) > 1e-9 {
		t.Fatalf("the start does not close: O %v, P %v, Q %v", O, P, Q)
	}
	sign := 1.0
	if P[0] < 0 {
		sign = -1
	}
	centre := [2]float64{sign * radius, 0}
	d := planar([][2]float64{centre, {}}, []plate{bar("crank", centre, P), triangle("ab", A, B, O), triangle("ad", A, D, P), triangle("cb", C, B, Q), bar("cd", C, D)},
		[][2]string{{"g/0", "crank/0"}, {"g/1", "ab/2"}, {"crank/1", "ad/2"}, {"ab/0", "ad/0"}, {"ab/1", "cb/1"}, {"cb/0", "cd/0"}, {"ad/1", "cd/1"}})
	d.measures = append(d.measures, `"q": {"type": "position", "of": "cb/2"}`, `"turned": {"type": "coordinate", "joint": "p0", "of": "angle"}`)
	start := math.Atan2(P[1]-centre[1], P[0]-centre[0]) * 180 / math.Pi
	d.drives = append(d.drives, fmt.Sprintf(`"lead": {"joint": "p0", "of": "angle", "from": %g, "to": %g, "steps": 20, "record": ["q"]}`, start, start-40))
	r := d.check(t)
	want(t, "Hart", r, 30, 35, 29, 1, "moves as planned")
	run := ended(t, r, "lead")
	first, last := run.Values["q"][0].([3]float64), run.Values["q"][len(run.At)-1].([3]float64)
	for i, at := range run.At {
		if x := run.Values["q"][i].([3]float64)[0]; math.Abs(math.Abs(x)-product/(2*radius)) > 1e-7 {
			t.Errorf("crank at %g°: the point is at x = %.9f, the line at %.9f", at, x, product/(2*radius))
		}
	}
	if math.Abs(last[1]-first[1]) < 10 {
		t.Errorf("the point ran only from y = %g to %g", first[1], last[1])
	}
}
