package account_test

import (
	"fmt"
	"math"
	"setfast/core/report"
	"strings"
	"testing"

	"setfast/core/geom"
)

// TestPairs checks what each relation between a body and the ground leaves, against the table of pairs found in textbooks
// of mechanism theory (F. Reuleaux, Theoretische Kinematik, 1875, for the lower pairs; revolute, prismatic and helical
// leave 1, cylindrical 2, spherical and planar 3; a universal joint leaves 2).
func TestPairs(t *testing.T) {
	all := []string{frame("f", [3]float64{1, 2, 3}, uz, ux), plane("face", o3, uz), point("p", [3]float64{4, 0, 0}), hole("h", o3, uz, 3),
		`"rim": {"type": "circle", "center": [0,0,2], "normal": [0,0,1], "radius": 3}`, `"edge": {"type": "axis", "origin": [0,1,0], "direction": [1,0,0]}`,
		`"ball": {"type": "sphere", "center": [0,0,1], "radius": 2}`}
	for _, c := range []struct {
		typ, a, b, more string
		left            int
	}{
		{"fastened", "f", "f", "", 0}, {"revolute", "f", "f", "", 1}, {"prismatic", "f", "f", "", 1}, {"cylindrical", "f", "f", "", 2},
		{"spherical", "f", "f", "", 3}, {"planar", "f", "f", "", 3}, {"universal", "f", "f", "", 2}, {"pin_slot", "f", "f", "", 2},
		{"coincident", "face", "face", "", 3}, {"coincident", "face", "p", "", 5}, {"coincident", "p", "face", "", 5}, {"coincident", "face", "edge", "", 4},
		{"coincident", "edge", "p", "", 4}, {"coincident", "p", "p", "", 3}, {"coincident", "ball", "ball", "", 3}, {"coincident", "h", "rim", "", 4},
		{"concentric", "h", "h", "", 2}, {"concentric", "h", "rim", "", 2}, {"concentric", "edge", "f", "", 2}, {"rim", "rim", "rim", "", 1},
		{"rim", "rim", "rim", `"gap": 4`, 1},
		{"distance", "face", "face", `"value": 5`, 3}, {"distance", "face", "p", `"value": 5`, 5}, {"distance", "p", "p", `"value": 5`, 5},
		{"distance", "p", "p", `"value": 0`, 3}, {"distance", "edge", "p", `"value": 5`, 5}, {"distance", "p", "edge", `"value": 0`, 4}, {"distance", "edge", "h", `"value": 5`, 5},
		{"angle", "edge", "face", `"value": 30`, 5}, {"angle", "edge", "edge", `"value": 0`, 4}, {"angle", "edge", "edge", `"value": 180`, 4},
		{"angle", "edge", "edge", `"value": -30, "about": "base/h"`, 5},
		{"parallel", "edge", "edge", "", 4}, {"perpendicular", "face", "edge", "", 5},
		{"helical", "f", "f", `"lead": 4`, 1}, {"hold_spin", "h", "h", "", 5}, {"hold_spin", "h", "h", `"value": 20`, 5},
		{"tangent", "face", "h", "", 4}, {"tangent", "h", "face", `"side": "inside"`, 4}, {"tangent", "face", "ball", "", 5}, {"tangent", "ball", "ball", "", 5},
		{"tangent", "h", "ball", "", 5}, {"tangent", "ball", "h", `"side": "outside"`, 5}, {"tangent", "h", "h", `"side": "outside"`, 5},
		{"symmetric", "p", "p", `"about": "base/face"`, 3}, {"symmetric", "face", "face", `"about": "@/zx"`, 3},
		{"centred", "slot", "slot", "", 3}, {"centred", "slot", "edge", "", 4}, {"centred", "slot", "p", "", 5},
	} {
		d := &doc{}
		d.part("p", all...).use("base", "!p").use("body", "p", at([3]float64{10, -4, 7}, spin([3]float64{1, 2, 3}, 25)...))
		var more []string
		if c.more != "" {
			more = append(more, c.more)
		}
		a, b := "base/"+c.a, "body/"+c.b
		if c.a == "slot" { // a pair of faces
			d.parts[0] = strings.Replace(d.parts[0], `"face":`, `"s1": {"type": "plane", "origin": [0,-4,0], "normal": [0,1,0]}, "s2": {"type": "plane", "origin": [3,6,0], "normal": [0,-1,0]}, "face":`, 1)
			pair := func(n string) string { return n + `/s1", "` + n + `/s2` }
			d.mates = []string{fmt.Sprintf(`{"id": "m", "type": "centred", "a": ["%s"], "b": "%s"}`, pair("base"), b)}
			if c.b == "slot" {
				d.mates[0] = fmt.Sprintf(`{"id": "m", "type": "centred", "a": ["%s"], "b": ["%s"]}`, pair("base"), pair("body"))
			}
		} else {
			d.mate("m", c.typ, a, b, more...)
		}
		r := d.check(t)
		verdict := report.Verdict("loose")
		if c.left == 0 {
			verdict = "set"
		}
		want(t, fmt.Sprint(c.typ, " ", c.a, " ", c.b, " ", c.more), r, 6, 6-c.left, 6-c.left, c.left, verdict)
		if r.Residual.MM > 1e-9 || r.Residual.Deg > 1e-9 {
			t.Errorf("%s %s %s: residual %v", c.typ, c.a, c.b, r.Residual)
		}
	}
}

// loop is a closed chain of links joined by revolutes about the given axes (point and direction), the first link grounded.
func loop(axes [][2][3]float64) *doc {
	d := &doc{}
	n := len(axes)
	for i := 0; i < n; i++ {
		a, b := axes[i], axes[(i+1)%n]
		d.part(fmt.Sprint("link", i), frame("in", a[0], a[1], leaning(a[1])), frame("out", b[0], b[1], leaning(b[1])))
		g := ""
		if i == 0 {
			g = "!"
		}
		d.use(fmt.Sprint("l", i), g+fmt.Sprint("link", i))
	}
	for i := 0; i < n; i++ {
		d.mate(fmt.Sprint("j", i), "revolute", fmt.Sprintf("l%d/out", i), fmt.Sprintf("l%d/in", (i+1)%n))
	}
	return d
}

func leaning(z [3]float64) [3]float64 {
	if math.Abs(z[0]) < 0.9 {
		return ux
	}
	return uy
}

// TestLoops compares the freedom of single loops with the mobility criterion of Kutzbach and Grübler, F = 6(n−1) − Σ(6−f),
// where it holds, and with the known mobility of mechanisms for which it fails (textbook examples: planar and spherical
// four-bar, Bennett 1903, Sarrus 1853).
func TestLoops(t *testing.T) {
	deg := math.Pi / 180
	for _, c := range []struct {
		name     string
		axes     [][2][3]float64
		kutzbach int // 6(n−1) − 5n
		mobility int
	}{
		{"planar four-bar", [][2][3]float64{{o3, uz}, {{28, 28, 0}, uz}, {{118, 40, 0}, uz}, {{100, 0, 0}, uz}}, -2, 1},
		{"spherical four-bar", [][2][3]float64{{o3, uz}, {o3, {math.Sin(40 * deg), 0, math.Cos(40 * deg)}}, {o3, {0.6, 0.7, 0.3872983346207417}}, {o3, {0, 1, 0}}}, -2, 1},
		{"seven skew revolutes", skew(7), 1, 1},
		{"eight skew revolutes", skew(8), 2, 2},
		{"six skew revolutes", skew(6), 0, 0},
		{"five parallel revolutes", [][2][3]float64{{o3, uz}, {{30, 40, 0}, uz}, {{70, 60, 0}, uz}, {{110, 40, 0}, uz}, {{120, 0, 0}, uz}}, -1, 2},
		{"Sarrus", [][2][3]float64{{{0, 0, 0}, ux}, {{0, 30, 25}, ux}, {{0, 0, 50}, ux}, {{0, 0, 50}, uy}, {{30, 0, 25}, uy}, {{0, 0, 0}, uy}}, 0, 1},
	} {
		n := len(c.axes)
		if k := 6*(n-1) - 5*n; k != c.kutzbach {
			t.Errorf("%s: the criterion gives %d, not %d", c.name, k, c.kutzbach)
		}
		r := loop(c.axes).check(t)
		verdict := report.Verdict("loose")
		if c.mobility == 0 {
			verdict = "set"
		}
		want(t, c.name, r, 6*(n-1), 5*n, 6*(n-1)-c.mobility, c.mobility, verdict)
		if r.Shaky != 0 {
			t.Errorf("%s: %d shaky", c.name, r.Shaky)
		}
	}
}

// skew gives axes with nothing in common.
func skew(n int) [][2][3]float64 {
	var out [][2][3]float64
	for i := 0; i < n; i++ {
		a := 2 * math.Pi * float64(i) / float64(n)
		out = append(out, [2][3]float64{{50 * math.Cos(a), 50 * math.Sin(a), 13 * math.Sin(3*a+1)}, {math.Sin(5*a + 0.3), math.Cos(3 * a), math.Sin(a*a + 0.7)}})
	}
	return out
}

// TestBennett builds the mobile four-bar of skew axes (G. T. Bennett, A new mechanism, 1903): opposite links alike, lengths
// and twists with a/sin α = b/sin β; it closes when tan(q0/2)·tan(q1/2) = −sin((β+α)/2)/sin((β−α)/2), q2 = −q0, q3 = −q1
// (from memory; the closure below proves it). Kutzbach's criterion gives −2, and yet it moves.
func TestBennett(t *testing.T) {
	alpha, beta, a := 40*math.Pi/180, 75*math.Pi/180, 60.0
	b := a * math.Sin(beta) / math.Sin(alpha)
	for _, q0 := range []float64{50, 120, -75} {
		d := &doc{}
		link := func(name string, length, twist float64) geom.Pose {
			z := [3]float64{0, -math.Sin(twist), math.Cos(twist)}
			d.part(name, frame("in", o3, uz, ux), frame("out", [3]float64{length, 0, 0}, z, ux))
			return geom.FrameOf(geom.V(length, 0, 0), geom.FromArray(z), geom.V(1, 0, 0)).Pose()
		}
		step := []geom.Pose{link("A", a, alpha), link("B", b, beta)}
		q1 := -2 * math.Atan(math.Sin((beta+alpha)/2)/math.Sin((beta-alpha)/2)/math.Tan(q0*math.Pi/360)) * 180 / math.Pi
		p := geom.Home
		d.use("l0", "!A")
		for i, q := range []float64{q0, q1, -q0} {
			p = p.Mul(step[i%2]).Mul(geom.Pose{Q: geom.Exp(geom.V(0, 0, q*math.Pi/180))})
			d.use(fmt.Sprint("l", i+1), []string{"B", "A", "B"}[i], at(p.O.Array(), p.Q.W, p.Q.X, p.Q.Y, p.Q.Z))
		}
		if gap := p.Mul(step[1]).O.Norm(); gap > 1e-9 {
			t.Fatalf("crank %g°: the loop does not close, by %g mm", q0, gap)
		}
		for i := 0; i < 4; i++ {
			d.mate(fmt.Sprint("j", i), "revolute", fmt.Sprintf("l%d/out", i), fmt.Sprintf("l%d/in", (i+1)%4))
		}
		d.plan(`{"joint": "j0"}`)
		r := d.check(t)
		want(t, "Bennett", r, 18, 20, 17, 1, "moves as planned")
		if r.Shaky != 0 {
			t.Errorf("crank %g°: a real motion is called momentary", q0)
		}
	}
}

// TestPlatform is the platform on six legs (V. E. Gough, D. Stewart 1965): each leg a universal joint, a slide and a ball.
// Free, the criterion gives 6·13 − 6·(4+5+3) = 6; with the six slides held, 0.
func TestPlatform(t *testing.T) {
	for _, locked := range []bool{false, true} {
		d := &doc{}
		var base, top []string
		foot, head := [6][3]float64{}, [6][3]float64{}
		for i := range foot {
			a, b := float64(i)*math.Pi/3+0.3*float64(i%2), float64(i)*math.Pi/3-0.5*float64(i%2)+0.4
			foot[i] = [3]float64{100 * math.Cos(a), 100 * math.Sin(a), 0}
			head[i] = [3]float64{60 * math.Cos(b), 60 * math.Sin(b), 0}
			base = append(base, frame(fmt.Sprint("u", i), foot[i], uz, ux))
			top = append(top, frame(fmt.Sprint("f", i), head[i], uz, ux))
		}
		d.part("base", base...).part("top", top...).part("lower", frame("foot", o3, uz, ux)).part("upper", point("ball", o3))
		d.use("base", "!base").use("top", "top", at([3]float64{3, -2, 120}))
		for i := range foot {
			h := [3]float64{head[i][0] + 3 - foot[i][0], head[i][1] - 2 - foot[i][1], 120}
			// the leg's z looks from foot to head
			tilt := math.Acos(120/math.Sqrt(h[0]*h[0]+h[1]*h[1]+120*120)) * 180 / math.Pi
			q := spin([3]float64{-h[1], h[0], 0}, tilt)
			d.use(fmt.Sprint("lo", i), "lower", at(foot[i], q...)).use(fmt.Sprint("up", i), "upper", at([3]float64{head[i][0] + 3, head[i][1] - 2, 120}, q...))
			d.mate(fmt.Sprint("u", i), "universal", fmt.Sprintf("base/u%d", i), fmt.Sprintf("lo%d/origin", i))
			more := []string{}
			if locked {
				more = append(more, fmt.Sprintf(`"at": {"slide": %g}`, 135+float64(i)))
			}
			d.mate(fmt.Sprint("s", i), "prismatic", fmt.Sprintf("lo%d/origin", i), fmt.Sprintf("up%d/origin", i), more...)
			d.mate(fmt.Sprint("b", i), "spherical", fmt.Sprintf("up%d/origin", i), fmt.Sprintf("top/f%d", i))
		}
		r := d.check(t)
		if locked {
			want(t, "locked platform", r, 78, 78, 78, 0, "set")
		} else {
			want(t, "free platform", r, 78, 72, 72, 6, "loose")
		}
	}
}

// TestExactConstraint: location by six points on three planes (3-2-1), and by three balls in three vees (J. C. Maxwell) and
// in cup, vee and flat (Lord Kelvin), hold a body with six conditions and repeat none.
func TestExactConstraint(t *testing.T) {
	d := &doc{}
	d.part("jig", plane("a", o3, uz), plane("b", o3, uy), plane("c", o3, ux))
	d.part("work", point("a1", [3]float64{10, 10, 0}), point("a2", [3]float64{90, 15, 0}), point("a3", [3]float64{50, 70, 0}),
		point("b1", [3]float64{20, 0, 10}), point("b2", [3]float64{80, 0, 12}), point("c1", [3]float64{0, 40, 11}))
	d.use("jig", "!jig").use("work", "work", at([3]float64{2, 3, -4}, spin([3]float64{1, 1, 0}, 8)...))
	for _, p := range []string{"a1", "a2", "a3", "b1", "b2", "c1"} {
		d.mate(p, "coincident", "jig/"+p[:1], "work/"+p)
	}
	want(t, "3-2-1", d.check(t), 6, 6, 6, 0, "set")

	vees := &doc{}
	var faces, balls []string
	for i := 0; i < 3; i++ {
		a := 2*math.Pi*float64(i)/3 + 0.2
		// a vee runs toward the middle; its faces stand at 45° to either side
		c := [3]float64{50 * math.Cos(a), 50 * math.Sin(a), 0}
		s := [3]float64{-math.Sin(a), math.Cos(a), 0}
		faces = append(faces, plane(fmt.Sprint("l", i), c, [3]float64{s[0], s[1], 1}), plane(fmt.Sprint("r", i), c, [3]float64{-s[0], -s[1], 1}))
		balls = append(balls, fmt.Sprintf(`"b%d": {"type": "sphere", "center": %s, "radius": 5}`, i, vec(c)))
	}
	vees.part("base", faces...).part("plate", balls...).use("base", "!base").use("plate", "plate", at([3]float64{1, -1, 12}, spin(uz, 5)...))
	for i := 0; i < 3; i++ {
		for _, side := range []string{"l", "r"} {
			vees.mate(fmt.Sprint(side, i), "distance", fmt.Sprint("base/", side, i), fmt.Sprint("plate/b", i), `"value": 5`)
		}
	}
	want(t, "three vees", vees.check(t), 6, 6, 6, 0, "set")

	kelvin := &doc{}
	kelvin.part("base", point("cup", o3), plane("v1", [3]float64{60, 0, 0}, [3]float64{0, 1, 1}), plane("v2", [3]float64{60, 0, 0}, [3]float64{0, -1, 1}), plane("flat", [3]float64{0, 60, -5}, uz))
	kelvin.part("plate", point("b1", o3), point("b2", [3]float64{60, 0, 5 * (math.Sqrt2 - 1)}), point("b3", [3]float64{20, 60, 0}))
	kelvin.use("base", "!base").use("plate", "plate", at([3]float64{1, 2, 3}))
	kelvin.mate("cup", "coincident", "base/cup", "plate/b1").mate("v1", "distance", "base/v1", "plate/b2", `"value": 5`).
		mate("v2", "distance", "base/v2", "plate/b2", `"value": 5`).mate("flat", "distance", "base/flat", "plate/b3", `"value": 5`)
	want(t, "cup, vee and flat", kelvin.check(t), 6, 6, 6, 0, "set")
}
