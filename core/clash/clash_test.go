package clash

import (
	"context"
	"fmt"
	"math"
	"math/rand/v2"
	"testing"

	"setfast/core/geom"
)

// cube is one of side 2 about the origin.
func cube() *Mesh {
	var p []geom.Vec
	for i := range 8 {
		p = append(p, geom.V(float64(i&1)*2-1, float64(i>>1&1)*2-1, float64(i>>2&1)*2-1))
	}
	return NewMesh(p, [][3]int32{{0, 2, 1}, {1, 2, 3}, {4, 5, 6}, {5, 7, 6}, {0, 1, 4}, {1, 5, 4}, {2, 6, 3}, {3, 6, 7}, {0, 4, 2}, {2, 4, 6}, {1, 3, 5}, {3, 7, 5}})
}

// ball is one of n by 2n faces.
func ball(r float64, n int) *Mesh {
	var p []geom.Vec
	var t [][3]int32
	for i := range n + 1 {
		for j := range 2 * n {
			a, b := math.Pi*float64(i)/float64(n), math.Pi*float64(j)/float64(n)
			p = append(p, geom.V(r*math.Sin(a)*math.Cos(b), r*math.Sin(a)*math.Sin(b), r*math.Cos(a)))
		}
	}
	at := func(i, j int) int32 { return int32(i*2*n + j%(2*n)) }
	for i := range n {
		for j := range 2 * n {
			t = append(t, [3]int32{at(i, j), at(i+1, j), at(i+1, j+1)}, [3]int32{at(i, j), at(i+1, j+1), at(i, j+1)})
		}
	}
	return NewMesh(p, t)
}

func shift(x, y, z float64) geom.Pose { return geom.Pose{O: geom.V(x, y, z), Q: geom.Identity} }

// TestCubes sets two cubes beside, against and into one another, also turned together.
func TestCubes(t *testing.T) {
	whole := geom.Pose{O: geom.V(5, -3, 2), Q: geom.Exp(geom.V(0.4, 0.8, -0.3))}
	for _, c := range []struct {
		at    geom.Pose
		depth float64
		want  bool
	}{
		{shift(1.5, 0.3, 0.2), 0, true}, {shift(2.001, 0, 0), 0, false}, {shift(2, 0.3, 0.2), 1e-9, false}, {shift(2, 2, 0.2), 1e-9, false},
		{shift(1.95, 0.3, 0.2), 0.1, false}, {shift(1.8, 0.3, 0.2), 0.1, true}, {shift(0, 0, 9), 0, false},
		{geom.Pose{O: geom.V(2.3, 0, 0), Q: geom.Exp(geom.V(0, 0, math.Pi/4))}, 0, true},  // its edge reaches 1.414 out
		{geom.Pose{O: geom.V(2.5, 0, 0), Q: geom.Exp(geom.V(0, 0, math.Pi/4))}, 0, false}, // and not farther
	} {
		for _, w := range []geom.Pose{geom.Home, whole} {
			if got := Cross(cube(), w, cube(), w.Mul(c.at), c.depth); got != c.want {
				t.Errorf("a cube at %v, by more than %g: %v, want %v", c.at, c.depth, got, c.want)
			}
		}
	}
	if Cross(NewMesh(nil, nil), geom.Home, cube(), geom.Home, 0) {
		t.Error("nothing crosses a cube")
	}
}

// TestBalls: two spheres cross where their centres are nearer than the sum of their radii and farther than the difference (elementary
// geometry); the faces lie within 1 % of them.
func TestBalls(t *testing.T) {
	r := rand.New(rand.NewPCG(1, 2))
	a, b := ball(10, 24), ball(6, 24)
	for range 300 {
		d := 20 * r.Float64()
		if math.Abs(d-16) < 0.3 || math.Abs(d-4) < 0.3 {
			continue
		}
		at := geom.Pose{O: geom.V(r.NormFloat64(), r.NormFloat64(), r.NormFloat64()).Unit().Scale(d), Q: geom.Exp(geom.V(r.NormFloat64(), r.NormFloat64(), r.NormFloat64()))}
		if got, want := Cross(a, geom.Home, b, at, 0), d > 4 && d < 16; got != want {
			t.Errorf("centres %g apart: %v, want %v", d, got, want)
		}
	}
}

// pierces tells whether a segment goes through a triangle (Möller and Trumbore, Fast, minimum storage ray/triangle intersection, 1997).
func pierces(p, q geom.Vec, t *[3]geom.Vec) bool {
	d, e, f := q.Sub(p), t[1].Sub(t[0]), t[2].Sub(t[0])
	h := d.Cross(f)
	a := e.Dot(h)
	if a == 0 {
		return false
	}
	s := p.Sub(t[0])
	u := s.Dot(h) / a
	k := s.Cross(e)
	v, w := d.Dot(k)/a, f.Dot(k)/a
	return u >= 0 && v >= 0 && u+v <= 1 && w >= 0 && w <= 1
}

// TestTriangles: two triangles cross exactly if an edge of one goes through the other.
func TestTriangles(t *testing.T) {
	r := rand.New(rand.NewPCG(3, 4))
	some := func() (x [3]geom.Vec) {
		for i := range x {
			x[i] = geom.V(r.Float64(), r.Float64(), r.Float64())
		}
		return x
	}
	crossed := 0
	for range 20000 {
		u, v := some(), some()
		want := false
		for i := range 3 {
			want = want || pierces(u[i], u[(i+1)%3], &v) || pierces(v[i], v[(i+1)%3], &u)
		}
		if got := trianglesCross(&u, &v, 0); got != want {
			t.Fatalf("%v and %v: %v, want %v", u, v, got, want)
		}
		if want {
			crossed++
		}
	}
	if crossed < 2000 {
		t.Errorf("only %d pairs crossed", crossed)
	}
}

// crowd is n rings scattered and turned, so close that many cross.
func crowd(n int) []Use {
	r := rand.New(rand.NewPCG(5, 6))
	m := ball(12, 8)
	side := 22 * math.Cbrt(float64(n))
	uses := make([]Use, n)
	for i := range uses {
		q := geom.Quat{W: r.NormFloat64(), X: r.NormFloat64(), Y: r.NormFloat64(), Z: r.NormFloat64()}.Unit()
		uses[i] = Use{m, geom.Pose{O: geom.V(r.Float64(), r.Float64(), r.Float64()).Scale(side), Q: q}}
	}
	return uses
}

// TestScene finds the same pairs as looking at each with each, also after some have moved.
func TestScene(t *testing.T) {
	uses := crowd(60)
	s := NewScene(uses)
	for step := range 3 {
		got, err := s.Pairs(context.Background(), 0)
		if err != nil {
			t.Fatal(err)
		}
		var want [][2]int32
		for i := range uses {
			for j := i + 1; j < len(uses); j++ {
				if Cross(uses[i].Mesh, s.Pose(i), uses[j].Mesh, s.Pose(j), 0) {
					want = append(want, [2]int32{int32(i), int32(j)})
				}
			}
		}
		if len(want) < 5 || fmt.Sprint(got) != fmt.Sprint(want) {
			t.Errorf("step %d: %v, want %v", step, got, want)
		}
		for i := 0; i < len(uses); i += 7 {
			p := s.Pose(i)
			p.O.X += 15
			s.Move(i, p)
		}
	}
	ctx, stop := context.WithCancel(context.Background())
	stop()
	if _, err := s.Pairs(ctx, 0); err == nil {
		t.Error("what was called off gave an answer")
	}
}

// BenchmarkCrowd looks at 1000 balls of 256 triangles, of which many cross.
func BenchmarkCrowd(b *testing.B) {
	s := NewScene(crowd(1000))
	for b.Loop() {
		if _, err := s.Pairs(context.Background(), 0); err != nil {
			b.Fatal(err)
		}
	}
}
