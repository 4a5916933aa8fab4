package geom

import (
	"math"
	"math/rand/v2"
	"testing"

	"gonum.org/v1/gonum/num/quat"
	"gonum.org/v1/gonum/spatial/r3"
)

func some(r *rand.Rand, s float64) Vec {
	return V(r.NormFloat64(), r.NormFloat64(), r.NormFloat64()).Scale(s)
}

func apart(a, b Vec) float64 { return a.Sub(b).Norm() }

// TestRotationsAgainstGonum compares turning, joining and the axes of rotations with gonum's r3 and quat.
func TestRotationsAgainstGonum(t *testing.T) {
	r := rand.New(rand.NewPCG(1, 1))
	for i := 0; i < 300; i++ {
		w, v := some(r, 1.5), some(r, 10)
		q := Exp(w)
		g := r3.NewRotation(w.Norm(), r3.Vec{X: w.X, Y: w.Y, Z: w.Z})
		want := g.Rotate(r3.Vec{X: v.X, Y: v.Y, Z: v.Z})
		if apart(q.Rotate(v), Vec{want.X, want.Y, want.Z}) > 1e-12*(1+v.Norm()) {
			t.Fatalf("%v turned by %v is %v, gonum has %v", v, w, q.Rotate(v), want)
		}
		p := Exp(some(r, 1.5))
		m := quat.Mul(quat.Number{Real: q.W, Imag: q.X, Jmag: q.Y, Kmag: q.Z}, quat.Number{Real: p.W, Imag: p.X, Jmag: p.Y, Kmag: p.Z})
		if got := q.Mul(p); math.Abs(got.W-m.Real)+math.Abs(got.X-m.Imag)+math.Abs(got.Y-m.Jmag)+math.Abs(got.Z-m.Kmag) > 1e-12 {
			t.Fatalf("%v after %v is %v, gonum has %v", q, p, got, m)
		}
		x, y, z := q.Axes()
		for k, pair := range [3][2]Vec{{x, V(1, 0, 0)}, {y, V(0, 1, 0)}, {z, V(0, 0, 1)}} {
			if apart(pair[0], q.Rotate(pair[1])) > 1e-12 {
				t.Errorf("axis %d of %v is %v", k, q, pair[0])
			}
		}
		if back := FromAxes(x, y, z); back.Mul(q.Conj()).Log().Norm() > 1e-9 {
			t.Errorf("the axes of %v give %v", q, back)
		}
	}
}

// TestExpLog: the rotation by a vector has that vector as its logarithm, up to half a turn, tiny ones included.
func TestExpLog(t *testing.T) {
	r := rand.New(rand.NewPCG(2, 2))
	for _, a := range []float64{0, 1e-14, 1e-9, 1e-5, 0.1, 1, 3, math.Pi - 1e-6} {
		w := some(r, 1).Unit().Scale(a)
		if got := Exp(w).Log(); apart(got, w) > 1e-9*(1+a) {
			t.Errorf("a turn of %g comes back as %v, was %v", a, got, w)
		}
	}
	if got := Exp(V(0, 0, 1.5*math.Pi)).Log(); apart(got, V(0, 0, -0.5*math.Pi)) > 1e-12 {
		t.Errorf("three quarters of a turn are a quarter back, not %v", got)
	}
	if q := (Quat{}).Unit(); q != Identity {
		t.Errorf("a zero quaternion gives %v", q)
	}
}

// TestPoses: placing and its inverse cancel, placing twice is placing once, and frames go along.
func TestPoses(t *testing.T) {
	r := rand.New(rand.NewPCG(3, 3))
	for i := 0; i < 100; i++ {
		a, b := Pose{some(r, 100), Exp(some(r, 1))}, Pose{some(r, 100), Exp(some(r, 1))}
		v := some(r, 50)
		if apart(a.Inverse().Point(a.Point(v)), v) > 1e-10 {
			t.Error("a pose and its inverse do not cancel")
		}
		if apart(a.Mul(b).Point(v), a.Point(b.Point(v))) > 1e-10 {
			t.Error("placing twice differs from placing once")
		}
		f := FrameOf(some(r, 20), some(r, 1), some(r, 1))
		g := f.At(a)
		if apart(g.O, a.Point(f.O)) > 1e-10 || apart(g.X, a.Dir(f.X)) > 1e-12 || apart(g.Y, a.Dir(f.Y)) > 1e-12 || apart(g.Z, a.Dir(f.Z)) > 1e-12 {
			t.Error("a frame does not go along with its body")
		}
		if apart(f.X.Cross(f.Y), f.Z) > 1e-12 || math.Abs(f.X.Dot(f.Z)) > 1e-12 {
			t.Errorf("a frame is not right-handed and square: %+v", f)
		}
		if h := f.Flipped(); apart(h.X.Cross(h.Y), h.Z) > 1e-12 || apart(h.Z, f.Z.Neg()) > 1e-12 {
			t.Errorf("half a turn about x gives %+v", h)
		}
		if p := f.Pose(); apart(p.Point(V(1, 2, 3)), f.O.Add(f.X).AddScaled(2, f.Y).AddScaled(3, f.Z)) > 1e-9 {
			t.Error("the pose on a frame does not lie on it")
		}
		// a turn about a point of space leaves that point where it is, and the slide is added
		c := some(r, 30)
		p := a.Turned(c, V(1, 2, 3), some(r, 0.5))
		if own := a.Inverse().Point(c); apart(p.Point(own), c.Add(V(1, 2, 3))) > 1e-9 {
			t.Error("a small motion does not carry its centre by its slide")
		}
	}
}

// TestUnit: very large, very small and impossible vectors.
func TestUnit(t *testing.T) {
	for _, v := range []Vec{V(1e300, -1e300, 1e300), V(1e-300, 2e-300, 0), V(3, 4, 0)} {
		if l := v.Unit().Norm(); math.Abs(l-1) > 1e-12 {
			t.Errorf("%v has a unit of length %g", v, l)
		}
	}
	for _, v := range []Vec{{}, V(math.Inf(1), 0, 0), V(math.NaN(), 1, 1)} {
		if u := v.Unit(); u != (Vec{}) {
			t.Errorf("%v has the unit %v", v, u)
		}
		if v != (Vec{}) && v.Finite() {
			t.Errorf("%v counts as finite", v)
		}
	}
	r := rand.New(rand.NewPCG(4, 4))
	for i := 0; i < 100; i++ {
		d := some(r, 1).Unit()
		if p := d.Perp(); math.Abs(p.Dot(d)) > 1e-12 || math.Abs(p.Norm()-1) > 1e-12 {
			t.Errorf("%v is not square to %v", p, d)
		}
	}
}

// TestNoLean: a direction that leans from z by 4e-10 says nothing of x, one that leans by 4e-9 does.
func TestNoLean(t *testing.T) {
	lean := func(e float64) Vec { return FrameOf(Vec{}, V(0, 0, 1), V(0.6*e, 0.8*e, 1)).X }
	if x := lean(4e-9); apart(x, V(0.6, 0.8, 0)) > 1e-6 {
		t.Errorf("4e-9 off z: x is %v", x)
	}
	if x := lean(4e-10); apart(x, V(0, 0, 1).Perp()) > 1e-12 {
		t.Errorf("4e-10 off z: x is %v", x)
	}
}
