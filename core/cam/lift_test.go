package cam

import (
	"math"
	"testing"

	"setfast/core/geom"
)

// disc is a round outline of many pieces about a centre.
func disc(cx, r float64, n int) (out []Segment) {
	at := func(k int) Point {
		s, c := math.Sincos(2 * math.Pi * float64(k) / float64(n))
		return Point{cx + r*c, r * s}
	}
	for k := range n {
		out = append(out, Segment{at(k), at(k + 1)})
	}
	return out
}

// lift reads the law at an angle.
func lift(list [][2]float64, deg float64) float64 {
	for i, p := range list {
		q := list[(i+1)%len(list)]
		if i == len(list)-1 {
			q[0] += 360
		}
		if deg >= p[0] && deg <= q[0] {
			return p[1] + (q[1]-p[1])*(deg-p[0])/(q[0]-p[0])
		}
	}
	return math.NaN()
}

// TestEccentric holds the law of a round disc turned about a point e beside its centre against its closed forms (any text on the theory of
// machines): under a flat r + e·cos θ, under a roller of radius q, √((r+q)² − e²·sin² θ) + e·cos θ, under a point the same with q = 0, and
// with the line of the follower beside the axis by a: √((r+q)² − (e·sin θ − a)²) + e·cos θ.
func TestEccentric(t *testing.T) {
	const r, e = 20, 6
	out := disc(e, r, 3000)
	for _, c := range []Tip{{Flat: true}, {}, {Radius: 5}, {Radius: 5, Offset: 3}, {Radius: 2, Offset: -4}} {
		list, err := Lifts(out, c)
		if err != nil {
			t.Fatal(err)
		}
		for deg := 0.0; deg < 360; deg += 7 {
			s, k := math.Sincos(deg * math.Pi / 180)
			want := r + e*k
			if !c.Flat {
				want = math.Sqrt((r+c.Radius)*(r+c.Radius)-(e*s-c.Offset)*(e*s-c.Offset)) + e*k
			}
			if got := lift(list, deg); math.Abs(got-want) > 2e-3 {
				t.Errorf("%+v at %g°: %.4f, want %.4f", c, deg, got, want)
			}
		}
	}
}

// TestSnail: a point on a snail cam, whose radius grows by a length a turn, is lifted evenly and drops at the step (Archimedes' spiral).
func TestSnail(t *testing.T) {
	var out []Segment
	at := func(deg float64) Point { // turned right-handed by θ, the point at −θ comes under the follower
		s, c := math.Sincos(-deg * math.Pi / 180)
		r := 20 + 10*deg/360
		return Point{r * c, r * s}
	}
	for d := 0.0; d < 360; d += 0.5 {
		out = append(out, Segment{at(d), at(d + 0.5)})
	}
	out = append(out, Segment{at(360), at(0)})
	list, err := Lifts(out, Tip{})
	if err != nil {
		t.Fatal(err)
	}
	for _, deg := range []float64{10, 100, 200, 350} {
		if got := lift(list, deg); math.Abs(got-20-10*deg/360) > 3e-3 {
			t.Errorf("at %g°: %.4f, want %.4f", deg, got, 20+10*deg/360)
		}
	}
	if got := lift(list, 359.9); got < 20 {
		t.Errorf("at the step: %g", got)
	}
	if len(list) > 60 {
		t.Errorf("%d points for a straight law", len(list))
	}
	if _, err := Lifts(disc(50, 5, 100), Tip{}); err == nil {
		t.Error("a follower that misses the cam was given a law")
	}
}

// TestOutline: between the few points that stand for an arc, and for a whole circle, lie others that are on it to 0.001 mm; straight edges stay.
func TestOutline(t *testing.T) {
	const r = 30
	at := func(deg float64) geom.Vec {
		s, c := math.Sincos(deg * math.Pi / 180)
		return geom.V(r*c, r*s, 7)
	}
	var arc, circle []geom.Vec
	for d := 0.0; d <= 90; d += 15 {
		arc = append(arc, at(d))
	}
	for d := 0.0; d <= 360; d += 15 {
		circle = append(circle, at(d))
	}
	for name, edge := range map[string][]geom.Vec{"arc": arc, "circle": circle} {
		for _, s := range Outline([][]geom.Vec{edge}, geom.V(0, 0, 0), geom.V(1, 0, 0), geom.V(0, 0, 1)) {
			for _, p := range s {
				if off := math.Abs(math.Hypot(p[0], p[1]) - r); off > 1e-3 {
					t.Fatalf("%s: a point is off by %g", name, off)
				}
			}
		}
	}
	if got := Outline([][]geom.Vec{{geom.V(0, 0, 0), geom.V(4, 0, 0)}}, geom.V(0, 0, 0), geom.V(0, 1, 0), geom.V(0, 0, 1)); len(got) != 1 || got[0][1] != (Point{0, -4}) {
		t.Errorf("a straight edge: %v", got)
	}
}
