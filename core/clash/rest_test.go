package clash

import (
	"context"
	"fmt"
	"math"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
)

// brick is a box of flat faces, with its near corner at the origin.
func brick(x, y, z float64) *Solid {
	v := func(i, j, k float64) geom.Vec { return geom.V(i*x, j*y, k*z) }
	p := []geom.Vec{v(0, 0, 0), v(1, 0, 0), v(1, 1, 0), v(0, 1, 0), v(0, 0, 1), v(1, 0, 1), v(1, 1, 1), v(0, 1, 1)}
	quads := [][4]int32{{0, 3, 2, 1}, {4, 5, 6, 7}, {0, 1, 5, 4}, {2, 3, 7, 6}, {0, 4, 7, 3}, {1, 2, 6, 5}}
	var t [][3]int32
	var ends []uint32
	var faces []Face
	for i, q := range quads {
		t = append(t, [3]int32{q[0], q[1], q[2]}, [3]int32{q[0], q[2], q[3]})
		ends = append(ends, uint32(len(t)))
		n := p[q[1]].Sub(p[q[0]]).Cross(p[q[2]].Sub(p[q[0]])).Unit()
		faces = append(faces, Face{Name: []string{"under", "top", "front", "back", "left", "right"}[i], Feature: part.Feature{Kind: part.Plane, O: p[q[0]], Z: n}})
	}
	s := NewSolid(p, t, ends, faces)
	s.Closed, s.Volume = true, x*y*z
	return s
}

// pipe is a round bar about z, or, with a bore, a ring; its round faces are drawn by n chords.
func pipe(r, bore, h float64, n int) *Solid {
	var p []geom.Vec
	var t [][3]int32
	var ends []uint32
	var faces []Face
	ring := func(r, z float64) int32 {
		at := int32(len(p))
		for k := range n {
			s, c := math.Sincos(2 * math.Pi * float64(k) / float64(n))
			p = append(p, geom.V(r*c, r*s, z))
		}
		return at
	}
	quads := func(a, b int32) {
		for k := range int32(n) {
			l := (k + 1) % int32(n)
			t = append(t, [3]int32{a + k, a + l, b + l}, [3]int32{a + k, b + l, b + k})
		}
		ends = append(ends, uint32(len(t)))
	}
	low, high := ring(r, 0), ring(r, h)
	quads(low, high)
	faces = append(faces, Face{Name: "shank", Feature: part.Feature{Kind: part.Cylinder, Z: geom.V(0, 0, 1), Radius: r, Side: "shaft"}})
	in, out := int32(-1), int32(-1)
	if bore > 0 {
		in, out = ring(bore, 0), ring(bore, h)
		quads(out, in)
		faces = append(faces, Face{Name: "bore", Feature: part.Feature{Kind: part.Cylinder, Z: geom.V(0, 0, 1), Radius: bore, Side: "hole"}})
	} else {
		in, out = int32(len(p)), int32(len(p)+1)
		p = append(p, geom.V(0, 0, 0), geom.V(0, 0, h))
	}
	for i, c := range [2][2]int32{{in, low}, {high, out}} {
		for k := range int32(n) {
			l := (k + 1) % int32(n)
			switch {
			case bore > 0:
				t = append(t, [3]int32{c[0] + k, c[0] + l, c[1] + l}, [3]int32{c[0] + k, c[1] + l, c[1] + k})
			case i == 0:
				t = append(t, [3]int32{c[0], c[1] + l, c[1] + k})
			default:
				t = append(t, [3]int32{c[1], c[0] + k, c[0] + l})
			}
		}
		ends = append(ends, uint32(len(t)))
		faces = append(faces, Face{Name: []string{"foot", "head"}[i], Feature: part.Feature{Kind: part.Plane, O: geom.V(0, 0, float64(i)*h), Z: geom.V(0, 0, float64(2*i-1))}})
	}
	s := NewSolid(p, t, ends, faces)
	s.Closed, s.Off, s.Volume = true, r*(1-math.Cos(math.Pi/float64(n)))*1.01, math.Pi*(r*r-bore*bore)*h
	return s
}

// TestRest sets bars, rings and bricks beside, against, into and around one another. What is said without any exact shape is right: touching is
// no clash, a shank of the bore's own diameter touches, one that is thicker clashes by half the difference, what lies wholly inside clashes.
func TestRest(t *testing.T) {
	bar := func(r float64) *Solid { return pipe(r, 0, 20, 48) }
	ring := pipe(8, 3, 10, 40)
	box := brick(10, 10, 10)
	whole := geom.Pose{O: geom.V(5, -3, 2), Q: geom.Exp(geom.V(0.4, 0.8, -0.3))}
	for _, c := range []struct {
		name      string
		a, b      *Solid
		at        geom.Pose
		clearance float64
		kind      Kind
		clear     float64 // or depth
		volume    float64
	}{
		{"a shank of the bore's own diameter", ring, bar(3), shift(0, 0, -5), 0, Touch, 0, 0},
		{"a thinner one, asked for what is nearer than 0.2", ring, bar(2.9), shift(0, 0, -5), 0.2, Near, 0.1, 0},
		{"a thinner one, not asked", ring, bar(2.9), shift(0, 0, -5), 0.01, "", 0, 0},
		{"a thinner one beside its middle", ring, bar(2.9), shift(0.06, 0, -5), 0.2, Near, 0.04, 0},
		{"a thicker one", ring, bar(3.25), shift(0, 0, -5), 0, Clash, 0.25, math.Pi * (3.25*3.25 - 9) * 10},
		{"end to end", bar(3), bar(3), shift(0, 0, 20), 0, Touch, 0, 0},
		{"flank to flank", bar(3), bar(2), shift(5, 0, 3), 0, Touch, 0, 0},
		{"flanks apart", bar(3), bar(2), shift(5.05, 0, 3), 0.1, Near, 0.05, 0},
		{"a bar lying on a brick", box, bar(2), geom.Pose{O: geom.V(-3, 5, 12), Q: geom.Exp(geom.V(0, math.Pi/2, 0))}, 0, Touch, 0, 0},
		{"a bar standing on a brick", box, bar(2), shift(5, 5, 10), 0, Touch, 0, 0},
		{"bricks face to face", box, box, shift(10, 2, 3), 0, Touch, 0, 0},
		{"bricks edge to edge", box, box, shift(10, 10, 0), 0, Touch, 0, 0},
		{"bricks apart", box, box, shift(10.3, 2, 3), 0.5, Near, 0.3, 0},
		{"bricks apart across a corner", box, box, shift(10.3, 10.4, 0), 0.6, Near, 0.5, 0},
		{"a brick in a brick", box, box, shift(8, 3, 0), 0, Clash, 2, 2 * 7 * 10},
		{"a brick at the very same place", box, box, shift(0, 0, 0), 0, Clash, 5, 1000},
		{"a brick wholly inside another", brick(30, 30, 30), box, shift(10, 10, 10), 0, Clash, 5, 1000},
		{"a brick sunk flush", brick(30, 30, 30), box, shift(10, 10, 20), 0, Clash, 5, 1000},
		{"bricks beside one another with flush tops", box, box, shift(10, 0, 0), 0, Touch, 0, 0},
		{"a bar through a brick", box, bar(2), shift(5, 5, -5), 0, Clash, 2, math.Pi * 4 * 10},
	} {
		for _, w := range []geom.Pose{whole} {
			got, err := Rest(context.Background(), []Item{{"a", c.a, w}, {"b", c.b, w.Mul(c.at)}}, Options{MM: 1e-3, Clearance: c.clearance})
			if err != nil {
				t.Fatal(err)
			}
			kind, p := Kind(""), Pair{}
			for _, list := range [][]Pair{got.Pairs, got.Undecided} {
				for _, x := range list {
					kind, p = x.Kind, x
				}
			}
			off := c.a.Off + c.b.Off + 1e-6
			switch {
			case kind != c.kind:
				t.Errorf("%s: %q (%+v), want %q", c.name, kind, p, c.kind)
			case kind == Near && math.Abs(*p.Clearance-c.clear) > 1e-6:
				t.Errorf("%s: %g apart, want %g", c.name, *p.Clearance, c.clear)
			case kind == Clash && (p.Depth == nil || math.Abs(*p.Depth-c.clear) > 0.02*c.clear+2*off):
				t.Errorf("%s: %g deep, want %g", c.name, *p.Depth, c.clear)
			case kind == Clash && math.Abs(*p.Volume-c.volume) > 0.1*c.volume: // of triangles, the rim counts
				t.Errorf("%s: %g mm³, want %g", c.name, *p.Volume, c.volume)
			}
		}
	}
}

// BenchmarkSight looks at a shank in its hole, 0.05 mm clear, by fine triangles, as far as several reaches.
func BenchmarkSight(b *testing.B) {
	ring, bar := pipe(20, 5.05, 30, 160), pipe(5, 0, 70, 160)
	var e Eye
	for _, reach := range []float64{1e-3, 0.5, 1.5} {
		b.Run(fmt.Sprint(reach), func(b *testing.B) {
			for b.Loop() {
				e.See(ring, bar, shift(0, 0, -20), 1e-3, reach, nil)
			}
		})
	}
}
