package relation

import (
	"math"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
)

// TestBoundsOfEquations sets features just to either side of where an equation would lose its direction.
func TestBoundsOfEquations(t *testing.T) {
	fixed := func(o, z geom.Vec) *View { return &View{Body: -1, Frame: geom.FrameOf(o, z, geom.V(1, 0, 0))} }
	moving := func(o, z geom.Vec) *View {
		return &View{Body: 0, Centre: o, InvSize: 1, Frame: geom.FrameOf(o, z, geom.V(1, 0, 0))}
	}
	up := geom.V(0, 0, 1)
	leaning := func(e float64) geom.Vec { return geom.V(math.Sin(e), 0, math.Cos(e)) }
	for _, c := range []struct {
		what  string
		state func(rs *Rows, e float64)
		at    func(rs *Rows) float64 // what the bound decides
		e     [2]float64             // inside and beyond
		want  [2]float64
	}{
		{"ExactlyOpposed: which way to turn is read off the directions, or else a's x is taken",
			func(rs *Rows, e float64) {
				rs.align(fixed(geom.Vec{}, up), moving(geom.Vec{}, leaning(math.Pi-e)), 1)
			},
			func(rs *Rows) float64 { return math.Round(math.Abs(rs.List[0].R) / 50) }, [2]float64{4e-8, 4e-7}, [2]float64{3, 0}},
		{"NoDistance between points: the direction is theirs, or else x",
			func(rs *Rows, e float64) {
				rs.between(fixed(geom.Vec{}, up), moving(geom.V(0, e, 0), up), 0)
			},
			func(rs *Rows) float64 { return rs.List[0].G[0][1] }, [2]float64{4e-13, 4e-12}, [2]float64{0, 1}},
		{"NoDistance from an axis: the direction is that of the point, or else a's x",
			func(rs *Rows, e float64) {
				rs.fromAxis(fixed(geom.Vec{}, up), moving(geom.V(0, e, 5), up), 0)
			},
			func(rs *Rows) float64 { return rs.List[0].G[0][1] }, [2]float64{4e-13, 4e-12}, [2]float64{0, 1}},
		{"NoAngle: directions open in their own plane, or else about a's x",
			func(rs *Rows, e float64) {
				rs.openAngle(fixed(geom.Vec{}, up), moving(geom.Vec{}, leaning(e)), 0)
			},
			func(rs *Rows) float64 { return math.Round(rs.List[0].G[0][4] / 50) }, [2]float64{4e-10, 4e-9}, [2]float64{0, 1}},
		{"NoTurnSquared: a direction nearly along the axis has no angle about it",
			func(rs *Rows, e float64) {
				n, b := fixed(geom.Vec{}, up), moving(geom.Vec{}, up)
				r := rs.add(true)
				r.R = r.turnAbout(n, n.Z, n, geom.V(e, 0, 1), b, geom.V(0, 1, 0))
			},
			func(rs *Rows) float64 { return math.Round(rs.List[0].R * 180 / math.Pi) }, [2]float64{4e-10, 4e-9}, [2]float64{0, 90}},
	} {
		for k, e := range c.e {
			var rs Rows
			c.state(&rs, e)
			if got := c.at(&rs); got != c.want[k] {
				t.Errorf("%s: at %g it is %g, want %g", c.what, e, got, c.want[k])
			}
		}
	}
	// TurnTie: of turns beside the limits alike to within 1e-9 the one at hand is kept
	lo, hi := 0.0, 90.0
	r := Range{Lo: &lo, Hi: &hi}
	for v, want := range map[float64]float64{225 + 2e-10: 225 + 2e-10, 225 + 2e-9: -135 + 2e-9} {
		if got := r.NearestTurn(v); math.Abs(got-want) > 1 {
			t.Errorf("TurnTie: %.10f is read as %g, want %g", v, got, want)
		}
	}
}

// TestParallelFaces: two faces off parallel by 4e-6 have a middle plane, by 4e-5 they have none.
func TestParallelFaces(t *testing.T) {
	for e, want := range map[float64]bool{4e-6: true, 4e-5: false} {
		f := part.Feature{Kind: part.Plane, Z: geom.V(0, 0, 1)}
		g := part.Feature{Kind: part.Plane, O: geom.V(0, 0, 9), Z: geom.V(math.Sin(e), 0, -math.Cos(e))}
		if _, got := MidPlane(f, g); got != want {
			t.Errorf("off by %g: %v", e, got)
		}
	}
}
