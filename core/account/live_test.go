package account_test

import (
	"context"
	"math"
	"slices"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/geom"
	"setfast/core/motion"
)

func open(t *testing.T, d *doc) *motion.Live {
	t.Helper()
	a, err := account.Take(context.Background(), d.read(t), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	return a.Live()
}

func grab(t *testing.T, l *motion.Live, name string, at geom.Vec) int {
	t.Helper()
	i := slices.Index(l.Names(), name)
	if err := l.Grab(i, at, true); err != nil {
		t.Fatal(err)
	}
	return i
}

// TestPullCrank pulls a four-bar's crank pin around: it stays on its circle, the coupler and the rocker keep their lengths,
// and the pin comes to the point of its circle that is nearest to the pointer.
func TestPullCrank(t *testing.T) {
	a, b, c, d := 40.0, 90.0, 70.0, 100.0
	l := open(t, fourBar(a, b, c, d, 45))
	i := grab(t, l, "crank", geom.V(a, 0, 0))
	coupler, rocker := slices.Index(l.Names(), "coupler"), slices.Index(l.Names(), "rocker")
	for k := 0; k <= 120; k++ {
		th := (45 + 3*float64(k)) * math.Pi / 180
		target := geom.V(1.5*a*math.Cos(th), 1.5*a*math.Sin(th), 7) // outside the circle, and off its plane
		for n := 0; n < 3; n++ {
			l.To(target)
		}
		pin := l.Poses()[i].Point(geom.V(a, 0, 0))
		if near := geom.V(a*math.Cos(th), a*math.Sin(th), 0); pin.Sub(near).Norm() > 0.05 {
			t.Fatalf("pulled toward %g°: the pin is at %v, the nearest it can come is %v", th*180/math.Pi, pin, near)
		}
		p, q := l.Poses()[coupler], l.Poses()[rocker]
		if e := p.Point(geom.Vec{}).Sub(pin).Norm(); e > 1e-6 {
			t.Errorf("crank and coupler are %g mm apart", e)
		}
		if e := p.Point(geom.V(b, 0, 0)).Sub(q.Point(geom.V(c, 0, 0))).Norm(); e > 1e-6 {
			t.Errorf("coupler and rocker are %g mm apart", e)
		}
		if q.O.Sub(geom.V(d, 0, 0)).Norm() > 1e-6 {
			t.Errorf("the rocker left its pin: %v", q.O)
		}
		if q.Point(geom.V(c, 0, 0)).Y < 0 {
			t.Fatalf("at %g° the linkage jumped to its other branch", th*180/math.Pi)
		}
	}
}

// TestPullAgainstLimits: a limit stops the pull, exactly at its end, and lets go when pulled back.
func TestPullAgainstLimits(t *testing.T) {
	x := fourBar(40, 90, 70, 100, 45)
	x.mates[0] = `{"id": "A", "type": "revolute", "a": "ground/A", "b": "crank/A", "limits": {"angle": [10, 80]}}`
	l := open(t, x)
	i := grab(t, l, "crank", geom.V(40, 0, 0))
	angle := func() float64 {
		p := l.Poses()[i].Point(geom.V(40, 0, 0))
		return math.Atan2(p.Y, p.X) * 180 / math.Pi
	}
	pull := func(deg float64) float64 {
		for n := 0; n < 12; n++ {
			l.To(geom.V(40*math.Cos(deg*math.Pi/180), 40*math.Sin(deg*math.Pi/180), 0))
		}
		return angle()
	}
	for _, c := range [][2]float64{{60, 60}, {120, 80}, {70, 70}, {-20, 10}, {30, 30}} {
		if got := pull(c[0]); math.Abs(got-c[1]) > 1e-3 {
			t.Errorf("pulled to %g° it stands at %g°, want %g°", c[0], got, c[1])
		}
	}
}

// TestPullKeepsWhatIsNotAsked: a plate on a face follows the pointer in the plane; it is not lifted, and its turn is taken only
// as far as the pull needs it.
func TestPullKeepsWhatIsNotAsked(t *testing.T) {
	d := &doc{}
	d.part("p", plane("top", [3]float64{0, 0, 10}, uz), plane("bottom", o3, [3]float64{0, 0, -1}))
	d.use("base", "!p").use("plate", "p", at([3]float64{5, 5, 10})).use("far", "p", at([3]float64{300, 0, 10}))
	d.mate("on", "coincident", "base/top", "plate/bottom")
	l := open(t, d)
	i := grab(t, l, "plate", geom.V(0, 0, 0))
	far := slices.Index(l.Names(), "far")
	was := l.Poses()[far]
	for k := 1; k <= 20; k++ {
		l.To(geom.V(5+4*float64(k), 5-2*float64(k), 10+30))
	}
	p := l.Poses()[i]
	if p.O.Sub(geom.V(85, -35, 10)).Norm() > 1e-3 {
		t.Errorf("the plate went to %v, the pointer to (85, -35) over it", p.O)
	}
	if l.Poses()[far] != was {
		t.Errorf("what nobody pulled went from %v to %v", was, l.Poses()[far])
	}
}

// TestPullNothing refuses what cannot move, and what is not there.
func TestPullNothing(t *testing.T) {
	l := open(t, fourBar(40, 90, 70, 100, 45))
	if err := l.Grab(slices.Index(l.Names(), "ground"), geom.Vec{}, false); err == nil || !strings.Contains(err.Error(), "cannot move") {
		t.Errorf("the ground was taken hold of: %v", err)
	}
	for _, i := range []int{-1, 99} {
		if err := l.Grab(i, geom.Vec{}, false); err == nil {
			t.Errorf("component %d was taken hold of", i)
		}
	}
	before := slices.Clone(l.Poses())
	if left := l.To(geom.V(1, 2, 3)); left != 0 || !slices.Equal(before, l.Poses()) {
		t.Errorf("nothing is held, and yet something moved: %g", left)
	}
	if !l.Movable(1) || l.Movable(0) || l.Movable(-1) {
		t.Error("the crank moves, the ground does not")
	}
}

// TestPullGeared: pulling a wheel carries the one that meshes with it, over more than a turn (the ratio of the teeth).
func TestPullGeared(t *testing.T) {
	d := &doc{}
	d.part("ground", frame("a", o3, uz, ux), frame("b", [3]float64{72, 0, 0}, uz, ux)).part("wheel", frame("f", o3, uz, ux))
	d.use("g", "!ground").use("small", "wheel").use("big", "wheel", at([3]float64{72, 0, 0}))
	d.mate("s", "revolute", "g/a", "small/f").mate("b", "revolute", "g/b", "big/f")
	d.mates = append(d.mates, `{"id": "mesh", "type": "gear", "a": "s", "b": "b", "ratio": -0.3333333333333333}`)
	l := open(t, d)
	i := grab(t, l, "small", geom.V(18, 0, 0))
	big := slices.Index(l.Names(), "big")
	for k := 1; k <= 150; k++ {
		th := 3 * float64(k) * math.Pi / 180
		l.To(geom.V(18*math.Cos(th), 18*math.Sin(th), 0))
	}
	turn := func(i int) float64 {
		v := l.Poses()[i].Q.Log()
		return v.Z * 180 / math.Pi
	}
	if a, b := turn(i), turn(big); math.Abs(a-90) > 0.05 || math.Abs(b+150) > 0.02 {
		t.Errorf("after 450° of the small wheel it stands at %g° and the big one at %g°; want 90 and −150", a, b)
	}
}

// TestPullKeepsDirection: what can slide is not turned by a pull at its edge, unless it is to turn; what can only turn does. A loose plate
// has six freedoms, a pin in a hole one slide and one turn, a crank one turn.
func TestPullKeepsDirection(t *testing.T) {
	d := &doc{}
	d.part("p", plane("top", [3]float64{0, 0, 10}, uz), hole("hole", o3, uz, 4), hole("far", [3]float64{200, 0, 0}, uz, 4))
	d.part("pin", hole("shank", o3, uz, 4))
	d.use("base", "!p").use("plate", "p", at([3]float64{60, 5, 10})).use("pin", "pin", at(o3)).use("crank", "p", at([3]float64{200, 0, 0}))
	d.mate("in", "concentric", "base/hole", "pin/shank")
	d.mate("turn", "revolute", "base/far", "crank/hole")
	l := open(t, d)
	for _, c := range []struct {
		name         string
		turning      bool
		turned, goes bool
	}{{"plate", false, false, true}, {"plate", true, true, true}, {"pin", false, false, true}, {"pin", true, true, true}, {"crank", false, true, false}} {
		i := slices.Index(l.Names(), c.name)
		if err := l.Grab(i, geom.V(30, 0, 0), c.turning); err != nil {
			t.Fatal(err)
		}
		was := l.Poses()[i]
		from := was.Point(geom.V(30, 0, 0))
		for k := 1; k <= 10; k++ {
			l.To(from.Add(geom.V(0, 3*float64(k), 2*float64(k))))
		}
		now := l.Poses()[i]
		turn := now.Q.Mul(was.Q.Conj()).Log().Norm() * 180 / math.Pi
		if turned := turn > 1; turned != c.turned || !c.turned && turn > 1e-6 {
			t.Errorf("%s, turning %t: turned by %g°", c.name, c.turning, turn)
		}
		if gone := now.O.Sub(was.O).Norm() > 1; gone != c.goes {
			t.Errorf("%s, turning %t: went from %v to %v", c.name, c.turning, was.O, now.O)
		}
	}
	k := slices.IndexFunc(l.Coordinates(), func(c motion.Coordinate) bool { return c.Joint == "turn" && c.Angular })
	if v := l.Values(nil); k < 0 || math.Abs(v[k]) < 1 {
		t.Errorf("the crank's angle is told as %v of %v", v, l.Coordinates())
	}
}
