package motion

import (
	"fmt"
	"math"
	"testing"

	"setfast/core/assembly"
	"setfast/core/dense"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/mobility"
	"setfast/core/model"
	"setfast/core/relation"
	"setfast/core/solve"
)

// shaft is a round shaft of 100 mm reach in a bore of a base that stands, with other relations besides; e moves the base's second bore.
func shaft(t *testing.T, e float64, mates string) *Study {
	t.Helper()
	bore := func(x float64, z int) string {
		return fmt.Sprintf(`{"type": "axis", "origin": [%.17g, 0, %d], "direction": [0, 0, 1]}`, x, z)
	}
	doc, err := format.Read([]byte(fmt.Sprintf(`{"setfast": 1, "root": "main", "parts": {
		"base": {"features": {"a": %s, "b": %s, "f": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}}},
		"shaft": {"features": {"a": %s, "b": %s, "f": {"type": "frame", "origin": [0, 0, 0], "z": [0, 0, 1], "x": [1, 0, 0]}}}},
		"assemblies": {"main": {"components": {"base": {"part": "base", "grounded": true}, "shaft": {"part": "shaft"}}, "mates": [%s]}}}`,
		bore(0, 0), bore(e, 200), bore(0, 0), bore(0, 200), mates)))
	if err != nil {
		t.Fatal(err)
	}
	m, err := model.New(doc.Open(), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	poses := m.Sys.Solve(m.Options(true)).Poses
	s := &Study{Model: m, Basis: mobility.New(m.Sys, poses, m.Rels), Poses: poses, Rels: m.Rels, Blocks: m.Sys.Blocks(m.Rels, nil)}
	s.Basis.Open(1)
	for _, i := range m.Rels {
		s.Basis.Post(m.Sys.Rels[i])
	}
	s.Basis.Finish()
	return s
}

const inBores = `{"id": "a", "type": "concentric", "a": "base/a", "b": "shaft/a"}, {"id": "b", "type": "concentric", "a": "base/b", "b": "shaft/b"}`

// one is a group of one body with the given motions, in its own measure.
func one(b int, motions ...[]float64) *Group {
	return &Group{bodies: []int{b}, at: map[int]int{b: 0}, d: len(motions), basis: []dense.Mat{dense.Columns(6, motions)}}
}

type shown struct {
	what      string
	got, want any
}

func hold(t *testing.T, all []shown) {
	t.Helper()
	for _, c := range all {
		if c.got != c.want {
			t.Errorf("%s: %v, want %v", c.what, c.got, c.want)
		}
	}
}

// TestBoundsOfDirections: which directions are one, lie in a plane, give a sign.
func TestBoundsOfDirections(t *testing.T) {
	ex, ey, ez := geom.V(1, 0, 0), geom.V(0, 1, 0), geom.V(0, 0, 1)
	known := func(e float64) bool {
		return pickDirections([]geom.Vec{ex, ey}, []geom.Vec{geom.V(0, 1, e).Unit()})[0].Z != 0
	}
	square := func(e float64) bool { // a known direction square to the one chosen is taken as it is, another made square
		d := geom.V(e, 1, 0).Unit()
		return pickDirections([]geom.Vec{ex, ey}, []geom.Vec{ex, d})[1] == d
	}
	s := shaft(t, 0, inBores)
	dirs := func(e float64) int {
		r := *s.Sys.Rels[0]
		r.B.Frame.Z = geom.V(math.Sin(e), 0, math.Cos(e))
		_, d := s.places(&Group{rels: []*solve.Relation{s.Sys.Rels[0], &r}}, 1)
		return len(d) - 2 // x and y come besides
	}
	sign := func(e float64) float64 { return orient(geom.V(-e, 1, 0)).Y }
	hold(t, []shown{
		{"Moves: a direction 4e-8 out of the plane lies in it", known(4e-8), true},
		{"Moves: one 4e-7 out of it does not", known(4e-7), false},
		{"Moves: one 4e-8 off square is square", square(4e-8), true},
		{"Moves: one 4e-7 off is not", square(4e-7), false},
		{"SameDirection: directions 1e-5 rad apart are one", dirs(1e-5), 1},
		{"SameDirection: 3e-5 rad apart they are two", dirs(3e-5), 2},
		{"Shown: 4e-10 is no sign", sign(4e-10), 1.0},
		{"Shown: 4e-9 is", sign(4e-9), -1.0},
		{"PerShown: a billionth is shown", round(1.2345678916), 1.234567892},
		{"PerShown: less than half of one is not", round(4e-10), 0.0},
		{"what is square", squared([]geom.Vec{ez, ex})[1], ex},
	})
}

// TestBoundsOfSpins: when a spin is a freedom of its own, and when a planned rate sees it.
func TestBoundsOfSpins(t *testing.T) {
	s := shaft(t, 0, inBores)
	s.PartOf(1).Fastener = true
	spin := s.idleAxes(1)[0]
	along := []float64{0, 0, 1, 0, 0, 0}
	idle := func(lean, seen float64) int {
		mixed := make([]float64, 6)
		for q := range mixed {
			mixed[q] = math.Cos(lean)*spin[q] + math.Sin(lean)*along[q]
		}
		return len(s.idleSpins(one(1, mixed), dense.Columns(1, [][]float64{{seen}})))
	}
	planned := func(e float64) int { // a turn that is possible, but for a lean, about the shaft's axis
		f := solve.Feat{Body: -1, Frame: geom.Frame{Z: geom.V(math.Sin(e), 0, math.Cos(e))}}
		return len(s.motionRates(one(1, spin), 1, f, "turn"))
	}
	hold(t, []shown{
		{"WholeSpin: a freedom 1e-4 rad off a spin is that spin", idle(1e-4, 0) > 0, true},
		{"WholeSpin: one 3e-4 rad off is not", idle(3e-4, 0) > 0, false},
		{"Quiet: a rate of 4e-7 does not see it", idle(0, 4e-7) > 0, true},
		{"Quiet: one of 4e-6 does", idle(0, 4e-6) > 0, false},
		{"ExactMotion: a turn that leans by 4e-6 is possible", planned(4e-6), 1},
		{"ExactMotion: one that leans by 4e-5 is not", planned(4e-5), 0},
	})
}

// TestBoundsOfAxes: a feature lies on the axis of a turn that passes within a millionth of the body's size, farther off for places so far
// away that their digits are lost.
func TestBoundsOfAxes(t *testing.T) {
	s := shaft(t, 0, inBores)
	size := s.Sys.Bodies[1].Size
	through := func(e float64, at geom.Vec) bool {
		r := *s.Sys.Rels[0]
		r.B.Frame.O = at
		s.Poses[1], s.Sys.Bodies[1].Centre = geom.Home, geom.V(-3e4, 1, 0) // no other place lies on it
		g := one(1, s.own(1, turnAt(at.Add(geom.V(e, 0, 0)), geom.V(0, 0, 1))))
		g.rels = []*solve.Relation{&r}
		got := s.simpleTwists(g, 1, dense.Identity(1))[0]
		return got.v == turnAt(at, geom.V(0, 0, 1)).v
	}
	hold(t, []shown{
		{"the size", size, 100.0},
		{"OnAxis: an axis 6e-5 mm off goes through", through(6e-5, geom.V(7, 5, 0)), true},
		{"OnAxis: one 4e-4 mm off does not", through(4e-4, geom.V(7, 5, 0)), false},
		{"OnAxisFar: a kilometre away one 5e-4 mm off does", through(5e-4, geom.V(0, 1e6, 0)), true},
		{"OnAxisFar: one 4e-3 mm off does not", through(4e-3, geom.V(0, 1e6, 0)), false},
	})
}

// TestBoundsOfCompletion: of what a motion may take along. Two pairs part by what is given for z, for a free motion and for a shy one.
func TestBoundsOfCompletion(t *testing.T) {
	completed := func(free bool, z, with [2]float64) float64 {
		g := &Group{d: 2}
		for k := range 2 {
			m := dense.New(6, 2)
			m.Set(0, 0, z[k])
			m.Set(0, 1, with[k])
			g.parts = append(g.parts, m)
		}
		col, none := dense.Columns(2, [][]float64{{0, 1}}), dense.New(2, 0)
		if free {
			return g.complete([]float64{1, 0}, col, none)[1]
		}
		return g.complete([]float64{1, 0}, none, col)[1]
	}
	part := func(y float64) float64 { return math.Round(100 * math.Abs(y)) }
	hold(t, []shown{
		{"Loath: what does not part yet stays together to the last digit", math.Abs(completed(true, [2]float64{1, 0}, [2]float64{-0.9, 1})) < 1e-9, true},
		{"Ridge: a free motion by which a pair parts 1e-3 mends it", part(1 - 1e-3*completed(true, [2]float64{1, 0}, [2]float64{-1e-3, 0})), 0.0},
		{"Ridge: one by which it parts 1e-5 is left out", part(1e-5*completed(true, [2]float64{1, 0}, [2]float64{-1e-5, 0})) < 50, true},
		{"Shy: a spin that mends half a parting comes along", completed(false, [2]float64{1, 0}, [2]float64{-0.5, 0}) > 1.5, true},
		{"Shy: one that mends a hundredth stays", part(0.01*completed(false, [2]float64{1, 0}, [2]float64{-0.01, 0})) < 50, true},
		{"Shy: one that mends a tenth comes half the way", math.Abs(0.1*completed(false, [2]float64{1, 0}, [2]float64{-0.1, 0})-0.5) < 0.1, true},
		{"Locked: what hardly parts is kept together", math.Abs(completed(true, [2]float64{1, 4e-4}, [2]float64{0, -1})-4e-4) < 1e-9, true},
	})
}

// TestBoundsOfSteps: how far freedoms are followed, and what must hold after a step. The second bore is e mm off, so that the relations
// miss by a third of it, or so.
func TestBoundsOfSteps(t *testing.T) {
	s := shaft(t, 0, inBores)
	spin := one(1, s.own(1, turnAt(geom.Vec{}, geom.V(0, 0, 1))))
	s.step(spin, []float64{1}, 1)
	way := displacement(s.Sys, 1, s.Poses[1], s.trial[1])
	swing := func(e float64) (int, float64) {
		s := shaft(t, e, inBores)
		s.told = []told{{group: spin, z: []float64{1}}}
		all := s.Swing(0)
		if len(all) < 2 {
			return len(all), 0
		}
		return len(all), all[1][1].Q.Mul(all[0][1].Q.Conj()).Log().Norm()
	}
	poses, turn := swing(1e-6)
	none, _ := swing(2e-5)
	hold(t, []shown{
		{"Step: a hundredth of the size", math.Round(dense.Norm(way[:])/s.Sys.Bodies[1].Size*1e6) / 1e6, 0.01},
		{"Swung: relations that miss by less than 1e-6 follow a swing", poses, 21},
		{"SwingStep: in steps of a fortieth", math.Round(turn*1e6) / 1e6, 0.025},
		{"Swung: those that miss by more do not", none, 1},
	})
	// the parts of the mixture differ, so that none is another, nor the negative of it
	for i := range 6 {
		for j := range i {
			a, b := mixture(6)[i], mixture(6)[j]
			if math.Abs(a-b) < 0.01 || a < 0.5 || a > 1.5 {
				t.Errorf("Mixed: parts %d and %d of the mixture are %g and %g", i, j, a, b)
			}
		}
	}
}

// TestBoundsOfWays: which steps fell back or went aside, and what rides along.
func TestBoundsOfWays(t *testing.T) {
	z := []float64{1, 1}
	s := shaft(t, 0, inBores)
	s.Sys.Bodies[0].Fixed = false
	// two bodies, of which the second moves by e of the first, on the same relations: it is named where the first may not move without it
	rides := func(e float64) int {
		g := &Group{bodies: []int{1, 0}, at: map[int]int{1: 0, 0: 1}, d: 1, basis: []dense.Mat{dense.Columns(6, [][]float64{{1, 0, 0, 0, 0, 0}}), dense.Columns(6, [][]float64{{e, 0, 0, 0, 0, 0}})}}
		return len(s.riding(g, []float64{1}))
	}
	hold(t, []shown{
		{"FellBack: less than a third is left", fellBack([]float64{0.28, 0.28}, z), true},
		{"FellBack: more is left", fellBack([]float64{0.35, 0.35}, z), false},
		{"WentAside: a twentieth is a bend", wentAside([]float64{1.05, 1}, z), false},
		{"WentAside: a seventh is another way", wentAside([]float64{1, 0.86}, z), true},
		{"Exactly: 4e-10 of a motion is rounding", rides(4e-10), 1},
		{"Exactly: 4e-9 rides along where the relations want it", rides(4e-9), 2},
	})
}

// TestBoundsOfDrives: how long steps are, what counts as reached, as past a limit, as a jump.
func TestBoundsOfDrives(t *testing.T) {
	s := shaft(t, 0, `{"id": "a", "type": "cylindrical", "a": "base/f", "b": "shaft/f"}`)
	d := s.newDriver([]driven{{rel: 0, of: "slide"}}, s.Poses)
	long := func(size float64) float64 {
		d.sys.Bodies[1].Size = size
		return d.longest()
	}
	hi := 10.0
	l := limited{r: relation.Range{Hi: &hi}}
	past := func(v float64) bool { _, is := l.passed(v); return is }
	over := func(v float64) bool { _, is := l.overrun(v); return is }
	jumps := func(was, way float64) bool { d.way = was; return d.jumps(way) }
	allow := func(e float64) float64 {
		k := shaft(t, e, inBores+`, {"id": "c", "type": "cylindrical", "a": "base/f", "b": "shaft/f"}`)
		worst := 0.0
		for _, i := range k.Rels {
			worst = math.Max(worst, k.Sys.Miss(k.Sys.Rels[i], k.Poses).Worst(solve.Miss{}).Length())
		}
		got := k.newDriver([]driven{{rel: 2, of: "slide"}}, k.Poses).allow
		if worst > 1e-6 {
			return math.Round(got / worst)
		}
		return got
	}
	hold(t, []shown{
		{"DriveTurn: five degrees", (&driver{angular: true}).longest(), 5.0},
		{"DriveSlide: a twentieth of the size", long(100), 5.0},
		{"DriveLeast: a tenth of a mm at least", long(1), 0.1},
		{"Past: 4e-10 beyond a limit is at it", past(10 + 4e-10), false},
		{"Past: 4e-9 is past it", past(10 + 4e-9), true},
		{"Overrun: under the hand 4e-8 is at it", over(10 + 4e-8), false},
		{"Overrun: 4e-7 is past it", over(10 + 4e-7), true},
		{"Jump: five times as far as before is none", jumps(1, 5), false},
		{"Jump: seven times as far is one", jumps(1, 7), true},
		{"JumpLeast: unless both are next to nothing", jumps(1e-9, 4e-7), false},
		{"JumpLeast: 4e-6 is something", jumps(1e-9, 4e-6), true},
		{"JumpSteps: a step of a two-hundredth is the shortest", closest(0.02, 5), true},
		{"JumpSteps: one of a hundred-and-sixtieth is not", closest(0.03, 5), false},
		{"Reached: exact relations are held to 1e-7 mm", allow(0), 1e-7},
		{"ReachedBeside: inexact ones to about three times what they miss by", allow(3e-4) >= 2 && allow(3e-4) <= 6, true},
	})
}

// TestLegTurns: what was driven over turns goes on from there in the next leg, also where nobody counts turns; what was brought where a leg begins
// stays there while the next is brought.
func TestLegTurns(t *testing.T) {
	s := shaft(t, 0, `{"id": "a", "type": "cylindrical", "a": "base/f", "b": "shaft/f"}`)
	leg := func(after *Run, l assembly.Leg) *Run {
		r, why, err := s.Leg(l, after)
		if err != nil || why != "" {
			t.Fatal(why, err)
		}
		for k := 0; k <= l.Steps; k++ {
			if why := r.Step(k); why != "" {
				t.Fatal(why)
			}
		}
		return r
	}
	along := func(of string, from, to float64) assembly.Along {
		return assembly.Along{Joint: "a", Of: of, From: from, To: to}
	}
	one := leg(nil, assembly.Leg{Along: along("angle", 0, 720), Steps: 4, With: []assembly.Along{along("slide", 2, 6)}})
	if x, _ := one.Coordinate("a", "slide"); math.Abs(x-6) > 1e-9 {
		t.Errorf("slid to %g, want 6", x)
	}
	two := leg(one, assembly.Leg{Along: assembly.Along{Joint: "a", Of: "angle", To: 630, Stands: true}, Steps: 3})
	if two.Leg().From != 720 || two.Value() != 630 {
		t.Errorf("from %g to %g, want 720 to 630", two.Leg().From, two.Value())
	}
	if x, _ := two.Coordinate("a", "slide"); math.Abs(x-6) > 1e-9 {
		t.Errorf("the slide went to %g, want 6", x)
	}
	three := leg(two, assembly.Leg{Along: along("slide", 1, 3), Steps: 2, With: []assembly.Along{along("angle", 600, 610)}})
	if x, _ := three.Coordinate("a", "angle"); three.Value() != 3 || math.Abs(math.Remainder(x-610, 360)) > 1e-9 {
		t.Errorf("at %g, turned by %g", three.Value(), x)
	}
}
