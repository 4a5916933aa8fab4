package account_test

import (
	"fmt"
	"math"
	"testing"
)

// TestThePutThingMoves: of two free parts, what is put (b) goes to what it is put on, which stays where it is.
func TestThePutThingMoves(t *testing.T) {
	for _, swap := range []bool{false, true} {
		d := &doc{}
		d.part("p", hole("h", o3, uz, 5), plane("f", o3, uz))
		d.use("one", "p", at([3]float64{10, 0, 0})).use("two", "p", at([3]float64{-40, 7, 3}))
		a, b := "one", "two"
		if swap {
			a, b = b, a
		}
		d.mate("m", "fastened", a+"/h", b+"/h")
		r := d.check(t)
		stays := map[string][3]float64{"one": {10, 0, 0}, "two": {-40, 7, 3}}[a]
		for _, n := range []string{"one", "two"} {
			p := r.Components[n].Pose.O.Array()
			if math.Abs(p[0]-stays[0])+math.Abs(p[1]-stays[1])+math.Abs(p[2]-stays[2]) > 1e-9 {
				t.Errorf("%s put on %s: %s is at %v, want %v", b, a, n, p, stays)
			}
		}
		if r.Left != 6 {
			t.Errorf("with nothing grounded %d are left, want the six of the whole", r.Left)
		}
	}
}

// TestFarFromHome: a chain of parts that start kilometres apart and turned anyhow comes together on its base.
func TestFarFromHome(t *testing.T) {
	d := &doc{}
	d.part("p", frame("in", o3, uz, ux), frame("out", [3]float64{30, 0, 0}, uz, ux))
	d.use("l0", "!p")
	for i := 1; i < 12; i++ {
		far := 1e6 * math.Sin(float64(i)*7)
		d.use(fmt.Sprint("l", i), "p", at([3]float64{far, -far / 3, 1e5 * float64(i)}, spin([3]float64{1, float64(i), -2}, 29*float64(i))...))
		d.mate(fmt.Sprint("j", i), "fastened", fmt.Sprintf("l%d/out", i-1), fmt.Sprintf("l%d/in", i), `"turn": 30`)
	}
	r := d.check(t)
	want(t, "chain", r, 66, 66, 66, 0, "set")
	x, y := 0.0, 0.0
	for i := 0; i < 11; i++ { // twelve links of 30, each turned by 30° from the last: the ring closes on itself
		x, y = x+30*math.Cos(float64(i)*math.Pi/6), y+30*math.Sin(float64(i)*math.Pi/6)
	}
	if p := r.Components["l11"].Pose.O.Array(); math.Abs(p[0]-x)+math.Abs(p[1]-y)+math.Abs(p[2]) > 1e-6 {
		t.Errorf("the last link is at %v, want (%g, %g, 0)", p, x, y)
	}
}

// TestBuildOrderOfLines: a relation is posted with the later of its components, and what a line leaves counts the lines so far.
func TestBuildOrderOfLines(t *testing.T) {
	d := &doc{}
	d.part("p", plane("top", [3]float64{0, 0, 10}, uz), plane("bottom", o3, [3]float64{0, 0, -1}), hole("h", o3, uz, 3), plane("side", o3, ux))
	d.use("late base", "p").use("middle", "p", at([3]float64{0, 0, 12})).use("ground", "!p", at([3]float64{0, 0, -10}))
	d.mate("a", "coincident", "late base/top", "middle/bottom").mate("b", "concentric", "late base/h", "middle/h").
		mate("c", "coincident", "ground/top", "late base/bottom").mate("d", "concentric", "ground/h", "late base/h").mate("e", "parallel", "ground/side", "middle/side", `"sense": "same"`)
	r := d.check(t)
	want(t, "base grounded last", r, 12, 16, 11, 1, "loose")
	type line struct {
		component     string
		before, after int
		mates         string
	}
	var got []line
	for _, l := range r.Lines {
		m := ""
		for _, x := range l.Mates {
			m += fmt.Sprintf("%s %d/%d ", x.ID, x.Removed, x.Asked)
		}
		got = append(got, line{l.Component, l.Before, l.After, m})
	}
	wantLines := []line{{"late base", 6, 6, ""}, {"middle", 6, 6, "a 3/3 b 2/4 "}, {"ground", 0, 0, "c 3/3 d 2/4 e 1/2 "}}
	for i, w := range wantLines {
		if got[i] != w {
			t.Errorf("line %d is %+v, want %+v", i+1, got[i], w)
		}
	}
	if l := r.Components["late base"].Left; l != 1 {
		t.Errorf("in the end the base has %d left, its own spin", l)
	}
}
