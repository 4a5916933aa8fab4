package view

import (
	"context"
	"math"
	"testing"

	"setfast/core/geom"
)

// box is a box by its triangles alone: its edges are found.
func box(low, high geom.Vec) *Shape {
	s := &Shape{Closed: true}
	c := func(i int) geom.Vec {
		p := low
		for k, at := range []*float64{&p.X, &p.Y, &p.Z} {
			if i>>k&1 == 1 {
				*at = high.Array()[k]
			}
		}
		return p
	}
	for _, q := range [][4]int{{0, 2, 3, 1}, {4, 5, 7, 6}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 4, 6, 2}, {1, 3, 7, 5}} {
		k := int32(len(s.Points))
		s.Points = append(s.Points, c(q[0]), c(q[1]), c(q[2]), c(q[3]))
		s.Triangles = append(s.Triangles, [3]int32{k, k + 1, k + 2}, [3]int32{k, k + 2, k + 3})
		s.FaceEnds = append(s.FaceEnds, uint32(len(s.Triangles)))
	}
	return s.Make()
}

// tube is a round bar along z, or the wall of a hole in nothing, with exact normals.
func tube(r, long float64, sides int) *Shape {
	s := &Shape{Closed: true}
	ring := func(z float64) (out []geom.Vec) {
		for k := range sides {
			sin, cos := math.Sincos(2 * math.Pi * float64(k) / float64(sides))
			out = append(out, geom.V(r*cos, r*sin, z))
		}
		return out
	}
	bottom, top := ring(0), ring(long)
	for _, ring := range [][]geom.Vec{bottom, top} {
		for _, p := range ring {
			s.Points, s.Normals = append(s.Points, p), append(s.Normals, geom.V(p.X, p.Y, 0).Unit())
		}
	}
	n := int32(sides)
	for k := range n {
		m := (k + 1) % n
		s.Triangles = append(s.Triangles, [3]int32{k, m, n + m}, [3]int32{k, n + m, n + k})
	}
	s.FaceEnds = append(s.FaceEnds, uint32(len(s.Triangles)))
	for i, ring := range [][]geom.Vec{bottom, top} {
		from, z := int32(len(s.Points)), geom.V(0, 0, float64(2*i-1))
		for _, p := range ring {
			s.Points, s.Normals = append(s.Points, p), append(s.Normals, z)
		}
		for k := int32(1); k+1 < n; k++ {
			t := [3]int32{from, from + k + 1, from + k}
			if i == 1 {
				t[1], t[2] = t[2], t[1]
			}
			s.Triangles = append(s.Triangles, t)
		}
		s.FaceEnds = append(s.FaceEnds, uint32(len(s.Triangles)))
		s.Edges = append(s.Edges, Edge{Points: append(append([]geom.Vec{}, ring...), ring[0]), Circle: &Circle{geom.V(0, 0, ring[0].Z), geom.V(0, 0, 1), r}})
	}
	return s.Make()
}

func seen(t *testing.T, items []Item, v View, o Options) *Seen {
	t.Helper()
	s, err := Of(context.Background(), items, v, o)
	if err != nil {
		t.Fatal(err)
	}
	return s
}

// long adds up the lengths of lines, hidden or not.
func long(s *Seen, hidden bool) (sum float64) {
	for _, l := range s.Lines {
		if l.Hidden == hidden && l.Arc == nil {
			sum += math.Hypot(l.A[0]-l.B[0], l.A[1]-l.B[1])
		}
		if l.Hidden == hidden && l.Arc != nil {
			sum += l.Arc.R * (l.Arc.To - l.Arc.From) * math.Pi / 180
		}
	}
	return sum
}

var (
	front = View{Look: geom.V(0, 1, 0), Up: geom.V(0, 0, 1)}
	top   = View{Look: geom.V(0, 0, -1), Up: geom.V(0, 1, 0)}
	iso   = View{Look: geom.V(-1, 1, -1), Up: geom.V(0, 0, 1)}
)

// TestHidden looks at boxes and bars whose visible lengths follow from their sizes: nine edges of a cube are seen from its corner, each √(2/3) of its length
// (isometric projection, ISO 5456-3), and three are not; what passes behind another is cut where that begins and ends.
func TestHidden(t *testing.T) {
	cube, home := box(geom.V(0, 0, 0), geom.V(10, 10, 10)), geom.Home
	bar := box(geom.V(-20, 20, 4), geom.V(30, 24, 6))
	slanted := Item{Shape: box(geom.V(0, 0, 0), geom.V(50, 2, 2)), Pose: geom.Pose{O: geom.V(-15, 30, -15), Q: geom.Exp(geom.V(0, -math.Pi/4, 0))}}
	shaft := tube(5, 20, 48)
	for _, c := range []struct {
		name         string
		items        []Item
		view         View
		seen, hidden float64
	}{
		{"a cube from its corner", []Item{{Shape: cube, Pose: home}}, iso, 90 * math.Sqrt(2.0/3), 30 * math.Sqrt(2.0/3)},
		{"a cube from the front", []Item{{Shape: cube, Pose: home}}, front, 40, 0},
		{"a bar behind it", []Item{{Shape: cube, Pose: home}, {Shape: bar, Pose: home}}, front, 40 + 2*40 + 2*2, 2 * 10},
		{"a bar aslant behind it", []Item{{Shape: cube, Pose: home}, slanted}, front, 40 + 104 - (20*math.Sqrt2 - 4), 20*math.Sqrt2 - 4},
		{"a bar before it", []Item{{Shape: cube, Pose: geom.Pose{O: geom.V(0, 40, 0), Q: home.Q}}, {Shape: bar, Pose: home}}, front, 104 + 40 - 4, 4},
		{"a shaft from its side", []Item{{Shape: shaft, Pose: home}}, front, 2*20 + 2*10, 0},
		{"a shaft from its end", []Item{{Shape: shaft, Pose: home}}, top, 2 * math.Pi * 5, 0},
	} {
		s := seen(t, c.items, c.view, Options{Hidden: true})
		if a, b := long(s, false), long(s, true); math.Abs(a-c.seen) > 0.02 || math.Abs(b-c.hidden) > 0.02 {
			t.Errorf("%s: %.3f mm seen, %.3f hidden, not %.3f and %.3f: %v", c.name, a, b, c.seen, c.hidden, s.Lines)
		}
	}
	if s := seen(t, []Item{{Shape: shaft, Pose: home}}, top, Options{}); len(s.Lines) != 1 || s.Lines[0].Arc == nil || s.Lines[0].Arc.To-s.Lines[0].Arc.From != 360 || s.High[0] != 5 {
		t.Errorf("a shaft from its end is one whole circle: %+v", s.Lines)
	}
	for angle := 0.0; angle < 360; angle += 7.3 { // outlines are as far apart as the shaft is wide, however its triangles lie
		s := seen(t, []Item{{Shape: tube(5, 20, 12), Pose: geom.Pose{Q: geom.Exp(geom.V(0, 0, angle*math.Pi/180))}}}, front, Options{})
		sides := 0
		for _, l := range s.Lines {
			if l.Kind == Outline {
				if sides++; math.Abs(math.Abs(l.A[0])-5) > 0.02 || math.Abs(math.Abs(l.A[1]-l.B[1])-20) > 0.02 {
					t.Errorf("turned by %g°, an outline of a shaft of radius 5 lies at %.3f", angle, l.A[0])
				}
			}
		}
		if sides != 2 {
			t.Errorf("turned by %g°, a shaft has %d outlines", angle, sides)
		}
	}
}

// TestCut cuts a box with a box in it, and a shaft along its axis and across it: areas are those of rectangles and of a polygon of so many sides.
func TestCut(t *testing.T) {
	area := func(a Area) (sum float64) {
		for _, l := range a.Loops {
			for k, p := range l {
				q := l[(k+1)%len(l)]
				sum += (p[0]*q[1] - p[1]*q[0]) / 2
			}
		}
		return sum
	}
	shaft := tube(5, 20, 48)
	polygon := 24 * 25 * math.Sin(2*math.Pi/48)
	for _, c := range []struct {
		item Item
		v    View
		at   geom.Vec
		want float64
	}{
		{Item{Shape: box(geom.V(0, 0, 0), geom.V(10, 20, 30)), Pose: geom.Home}, front, geom.V(0, 7, 0), 300},
		{Item{Shape: shaft, Pose: geom.Home}, front, geom.V(0, 0.001, 0), 200},
		{Item{Shape: shaft, Pose: geom.Home}, top, geom.V(0, 0, 7), polygon},
	} {
		v := c.v
		v.Cut = &Plane{c.at}
		s := seen(t, []Item{c.item}, v, Options{})
		if len(s.Areas) != 1 || math.Abs(area(s.Areas[0])-c.want) > 0.02 {
			t.Errorf("cut at %v: %d areas, %v, not %.3f", c.at, len(s.Areas), s.Areas, c.want)
		}
	}
	v := front // what lies before the plane is gone, what lies behind is covered by what is cut
	v.Cut = &Plane{geom.V(0, 5, 0)}
	s := seen(t, []Item{{Shape: box(geom.V(0, 0, 0), geom.V(10, 10, 10)), Pose: geom.Home}, {Shape: box(geom.V(2, -9, 2), geom.V(4, -5, 4)), Pose: geom.Home},
		{Shape: box(geom.V(2, 20, 2), geom.V(12, 25, 4)), Pose: geom.Home}}, v, Options{})
	if got := long(s, false); math.Abs(got-(40+2*2+2)) > 0.01 {
		t.Errorf("cut at half of a cube: %.3f mm seen: %v", got, s.Lines)
	}
	whole := seen(t, []Item{{Shape: shaft, Pose: geom.Home, Whole: true}}, View{Look: front.Look, Up: front.Up, Cut: &Plane{}}, Options{})
	if len(whole.Areas) > 0 || len(whole.Lines) != 4 {
		t.Errorf("what stays whole is not cut: %+v", whole)
	}
}

// TestShade paints two boxes, one before the other: of what lies over a pixel the nearest is seen, where there is nothing it is clear, and what looks to the
// light is brighter.
func TestShade(t *testing.T) {
	red, blue := Tint{1, 0, 0}, Tint{0, 0, 1}
	items := []Item{{Shape: box(geom.V(0, 20, 0), geom.V(10, 30, 10)), Pose: geom.Home}, {Shape: box(geom.V(4, 0, 4), geom.V(14, 10, 14)), Pose: geom.Home}, {}}
	tint := func(i int) Tint { return [3]Tint{red, blue, red}[i] }
	img, err := Shade(context.Background(), items, front, [2]float64{-2, -2}, [2]float64{18, 18}, 200, 200, tint)
	if err != nil {
		t.Fatal(err)
	}
	at := func(x, z float64) (c [4]uint8) {
		p := img.NRGBAAt(int((x+2)*10), int((18-z)*10))
		return [4]uint8{p.R, p.G, p.B, p.A}
	}
	for place, want := range map[[2]float64]string{{2, 2}: "red", {6, 6}: "blue", {12, 12}: "blue", {12, 2}: "clear", {-1, 5}: "clear"} {
		c := at(place[0], place[1])
		is := "clear"
		if c[3] > 0 {
			is = map[bool]string{true: "red", false: "blue"}[c[0] > c[2]]
		}
		if is != want {
			t.Errorf("at %v it is %s, %v, not %s", place, is, c, want)
		}
	}
	img, err = Shade(context.Background(), items[:1], iso, [2]float64{-40, -40}, [2]float64{40, 40}, 160, 160, tint)
	if err != nil {
		t.Fatal(err)
	}
	levels := map[uint8]bool{}
	for i := 0; i < len(img.Pix); i += 4 {
		if img.Pix[i+3] == 255 {
			levels[img.Pix[i]] = true
		}
	}
	if len(levels) < 3 {
		t.Errorf("a box from its corner has %d levels of brightness, not three", len(levels))
	}
	if empty, err := Shade(context.Background(), nil, iso, [2]float64{}, [2]float64{}, 4, 4, tint); err != nil || empty.Pix[3] != 0 {
		t.Errorf("nothing: %v", err)
	}
}

// TestCutBeside lays a section along the face of a box: the face is seen, not cut, also where it stands out by 0.00005 mm, as rounding and imported shapes
// have it; what stands out by a hundredth is cut.
func TestCutBeside(t *testing.T) {
	front := View{Look: geom.V(0, 1, 0), Up: geom.V(0, 0, 1), Cut: &Plane{}}
	for out, areas := range map[float64]int{0: 0, 1e-12: 0, -1e-12: 0, 5e-5: 0, 0.01: 1} {
		s := seen(t, []Item{{Shape: box(geom.V(0, 0, 0), geom.V(30, 20, 10)), Pose: geom.Pose{Q: geom.Home.Q, O: geom.V(0, -out, 0)}}}, front, Options{})
		if len(s.Areas) != areas {
			t.Errorf("a face that stands out by %g mm: %d areas, want %d", out, len(s.Areas), areas)
		}
	}
}
