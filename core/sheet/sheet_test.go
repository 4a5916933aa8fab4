package sheet

import (
	"bufio"
	"bytes"
	"context"
	"encoding/xml"
	"fmt"
	"io"
	"math"
	"strconv"
	"strings"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/view"
)

// block is a box with a round rim on its top.
func block(x, y, z float64) *view.Shape {
	s := &view.Shape{Closed: true}
	low, high := geom.V(0, 0, 0), geom.V(x, y, z)
	c := func(i int) geom.Vec {
		p := low
		if i&1 != 0 {
			p.X = high.X
		}
		if i&2 != 0 {
			p.Y = high.Y
		}
		if i&4 != 0 {
			p.Z = high.Z
		}
		return p
	}
	for _, q := range [][4]int{{0, 2, 3, 1}, {4, 5, 7, 6}, {0, 1, 5, 4}, {2, 6, 7, 3}, {0, 4, 6, 2}, {1, 3, 7, 5}} {
		k := int32(len(s.Points))
		s.Points = append(s.Points, c(q[0]), c(q[1]), c(q[2]), c(q[3]))
		s.Triangles = append(s.Triangles, [3]int32{k, k + 1, k + 2}, [3]int32{k, k + 2, k + 3})
		s.FaceEnds = append(s.FaceEnds, uint32(len(s.Triangles)))
	}
	s.Make()
	rim := view.Edge{Circle: &view.Circle{O: geom.V(x/2, y/2, z), Z: geom.V(0, 0, 1), Radius: min(x, y) / 4}}
	for k := range 25 {
		sin, cos := math.Sincos(2 * math.Pi * float64(k) / 24)
		rim.Points = append(rim.Points, rim.Circle.O.Add(geom.V(cos, sin, 0).Scale(rim.Circle.Radius)))
	}
	s.Edges = append(s.Edges, rim)
	return s
}

// rowOf lays so many blocks side by side, each a row of the list.
func rowOf(n int, size float64, name string) Input {
	in := Input{Title: Title{Number: "GV-100", Name: name}}
	shape := block(size, size, size)
	for k := range n {
		in.Rows = append(in.Rows, Row{Item: k + 1, Quantity: 1 + k%3, Number: fmt.Sprintf("GV-%d", 100+k), Name: name, Material: "steel"})
	}
	for _, v := range []string{"front", "top", "left", "iso"} {
		w := Want{Name: v, View: Looks[v]}
		for k := range n {
			at := geom.V(float64(k%20)*1.5*size, float64(k/20)*1.5*size, 0)
			w.Items = append(w.Items, view.Item{Shape: shape, Pose: geom.Pose{O: at, Q: geom.Home.Q}})
			w.Row, w.Trail = append(w.Row, k), append(w.Trail, false)
		}
		in.Views = append(in.Views, w)
	}
	return in
}

// TestStandards holds sizes and scales against what their standards build them by: an A0 of a square metre, each next half of the one before, to the whole mm
// below (ISO 216); scales of 1, 2 and 5 times powers of ten (ISO 5455); ASME Y14.1's B to E each twice the one before.
func TestStandards(t *testing.T) {
	w, h := 1189.0, 841.0
	for k := isoSizes - 1; k >= 0; k-- {
		long, short := max(Sizes[k].W, Sizes[k].H), min(Sizes[k].W, Sizes[k].H)
		if long != w || short != h {
			t.Errorf("%s is %g × %g, not %g × %g", Sizes[k].Name, long, short, w, h)
		}
		w, h = h, math.Floor(w/2)
	}
	for k := isoSizes + 1; k < len(Sizes); k++ {
		if got := Sizes[k].W * Sizes[k].H / Sizes[k-1].W / Sizes[k-1].H; math.Abs(got-2) > 1e-9 {
			t.Errorf("%s is %g times the one before", Sizes[k].Name, got)
		}
	}
	var names []string
	for _, s := range scales {
		names = append(names, s.Name)
	}
	if got := strings.Join(names, " "); got != "50:1 20:1 10:1 5:1 2:1 1:1 1:2 1:5 1:10 1:20 1:50 1:100 1:200 1:500 1:1000 1:2000 1:5000 1:10000" {
		t.Errorf("scales: %s", got)
	}
	for text, want := range map[string]float64{"": 0, "GV-101": 6 * 3.5 * 0.5 / Capital} { // figures are half as wide as they are high, about
		if got := Wide(text, 3.5); math.Abs(got-want) > 3 {
			t.Errorf("%q is %g mm wide", text, got)
		}
	}
}

// TestMake draws one part alone, many, long names, large and small ones, on sheets that are named and not: nothing leaves the frame, circles of balloons lie
// apart and outside the view, leaders do not cross, each row has one.
func TestMake(t *testing.T) {
	for _, c := range []struct {
		name    string
		in      Input
		size    string
		scale   string
		letters string
	}{
		{"one part alone", rowOf(1, 40, "Wall plate"), "A4", "1:1", "WALL PLATE"},
		{"twelve parts", rowOf(12, 40, "Bearing block"), "", "", "BEARING BLOCK"},
		{"two hundred items", rowOf(200, 60, "Washer"), "", "", "WASHER"},
		{"a long name", rowOf(3, 40, strings.Repeat("Long name of a bearing block ", 9)), "", "", "LONG NAME"},
		{"a tower", rowOf(2, 9000, "Ridge"), "A3", "1:100", "RIDGE"},
		{"a screw", rowOf(2, 2, "Screw"), "", "", "SCREW"},
		{"letter size", func() Input { in := rowOf(5, 40, "Plate"); in.Size, in.Third = "B", true; return in }(), "B", "", "PLATE"},
		{"one view", func() Input { in := rowOf(5, 40, "Plate"); in.Views = in.Views[3:]; return in }(), "", "", "PLATE"},
		{"dimensions, a detail, revisions", func() Input {
			in := rowOf(2, 40, "Plate")
			left, right := part.Feature{Kind: part.Plane, O: geom.V(0, 7, 9), Z: geom.V(-1, 0, 0)}, part.Feature{Kind: part.Plane, O: geom.V(100, 3, 2), Z: geom.V(1, 0, 0)}
			rim := part.Feature{Kind: part.Circle, O: geom.V(20, 20, 40), Z: geom.V(0, 0, 1), Radius: 10}
			in.Dims = []Dim{{"front", left, &right}, {"top", rim, nil}, {"front", rim, &part.Feature{Kind: part.Point, O: geom.V(80, 0, 12.5)}}, {"top", rim, &part.Feature{Kind: part.Plane, O: geom.V(0, 40, 0), Z: geom.V(0, 1, 0)}}}
			in.Details, in.Revisions = []Detail{{"top", geom.V(20, 20, 40), 15}}, []Revision{{"A", "2026-12-01", "Designer", "holes moved"}}
			in.Moves = map[string][2]float64{"view iso": {3, -2}, "balloon 1": {1, 1}}
			return in
		}(), "", "", "100\nØ20\n60\n20\n"},
		{"no list", func() Input { in := rowOf(5, 40, "Plate"); in.NoList = true; return in }(), "", "", "PLATE"},
	} {
		s, err := Make(context.Background(), c.in)
		if err != nil {
			t.Errorf("%s: %v", c.name, err)
			continue
		}
		if c.size != "" && s.Size != c.size || c.scale != "" && s.Scale != c.scale || s.Items != len(c.in.Rows) || !c.in.NoList && s.Balloons != s.Items || c.in.NoList && s.Balloons > 0 {
			t.Errorf("%s: %s at %s, %d items, %d balloons", c.name, s.Size, s.Scale, s.Items, s.Balloons)
		}
		d := s.Drawing
		said := ""
		var circles []Mark
		var leaders [][2][2]float64
		for _, m := range d.Marks {
			for _, p := range m.Points {
				if m.Of != "frame" && (p[0]-m.R < filed-0.01 || p[0]+m.R > d.W-margin+0.01 || p[1]-m.R < margin-0.01 || p[1]+m.R > d.H-margin+0.01) {
					t.Errorf("%s: %s leaves the frame at %v", c.name, m.Of, p)
					break
				}
			}
			said += m.Text + "\n"
			switch {
			case strings.HasPrefix(m.Of, "balloon ") && m.R > 0:
				circles = append(circles, m)
			case strings.HasPrefix(m.Of, "balloon ") && m.Pen == Narrow && len(m.Points) == 2:
				leaders = append(leaders, [2][2]float64{m.Points[0], m.Points[1]})
			}
			if m.Text != "" && (m.Of == "title" || m.Of == "list") && m.Align == Left && m.Points[0][0]+Wide(m.Text, m.High) > d.W-margin {
				t.Errorf("%s: %q is cut off", c.name, m.Text)
			}
		}
		for _, want := range strings.Split(strings.TrimSpace(c.letters), "\n") {
			if !strings.Contains("\n"+said, "\n"+want) {
				t.Errorf("%s: it says nothing of %q", c.name, want)
			}
		}
		if !strings.Contains(said, s.Scale) {
			t.Errorf("%s: the title block says %.200s", c.name, said)
		}
		for i := range circles {
			for j := range circles[:i] {
				if apartBy(circles[i].Points[0], circles[j].Points[0]) < balloon {
					t.Errorf("%s: balloons overlap", c.name)
				}
			}
		}
		for i, p := range leaders {
			for _, q := range leaders[:i] {
				if cross(p[0], p[1], q[0])*cross(p[0], p[1], q[1]) < -1e-9 && cross(q[0], q[1], p[0])*cross(q[0], q[1], p[1]) < -1e-9 {
					t.Errorf("%s: leaders cross: %v and %v", c.name, p, q)
				}
			}
		}
	}
	for _, in := range []Input{{}, {Views: rowOf(1, 1, "a").Views, Size: "A7"}, {Views: rowOf(1, 1, "a").Views, Scale: "1:3"}, {Views: rowOf(9, 400, "a").Views, Scale: "1:1", Size: "A4"}} {
		if _, err := Make(context.Background(), in); err == nil {
			t.Errorf("size %q and scale %q were taken", in.Size, in.Scale)
		}
	}
}

func cross(a, b, c [2]float64) float64 {
	return (b[0]-a[0])*(c[1]-a[1]) - (b[1]-a[1])*(c[0]-a[0])
}

// TestFiles reads what is written: SVG is well-formed, as large as the sheet; DXF has pairs of codes and values, and each arc and circle as one.
func TestFiles(t *testing.T) {
	in := rowOf(3, 40, `Plate <"&"> Größe`)
	in.Shaded = true
	s, err := Make(context.Background(), in)
	if err != nil {
		t.Fatal(err)
	}
	var svg, dxf bytes.Buffer
	if err := s.Drawing.WriteSVG(&svg); err != nil {
		t.Fatal(err)
	}
	rounds, arcs, texts := 0, 0, 0
	for _, m := range s.Drawing.Marks {
		switch {
		case m.Text != "":
			texts++
		case m.R > 0 && m.To-m.From >= 360:
			rounds++
		case m.R > 0:
			arcs++
		}
	}
	count := map[string]int{}
	for x := xml.NewDecoder(bytes.NewReader(svg.Bytes())); ; {
		k, err := x.Token()
		if err == io.EOF {
			break
		}
		if err != nil {
			t.Fatal(err)
		}
		if e, ok := k.(xml.StartElement); ok {
			count[e.Name.Local]++
		}
	}
	if count["image"] != 4 || count["circle"] != rounds || count["text"] != texts || rounds < 3 {
		t.Errorf("SVG has %v, the drawing %d circles, %d texts", count, rounds, texts)
	}
	if err := s.Drawing.WriteDXF(&dxf); err != nil {
		t.Fatal(err)
	}
	count = map[string]int{}
	layers := map[string]bool{}
	sc := bufio.NewScanner(&dxf)
	var radius []float64
	for kind := ""; sc.Scan(); {
		code, err := strconv.Atoi(sc.Text())
		if err != nil || !sc.Scan() {
			t.Fatalf("%q is no code of DXF", sc.Text())
		}
		switch v := sc.Text(); {
		case code == 0:
			kind = v
			count[v]++
		case code == 8:
			layers[v] = true
		case code == 40 && kind == "CIRCLE":
			r, _ := strconv.ParseFloat(v, 64)
			radius = append(radius, r)
		case code == 1 && strings.Contains(v, "GR") && v != `PLATE <"&"> GR\U+00D6\U+00DFE`:
			t.Errorf("text is %q", v)
		}
	}
	if count["CIRCLE"] != rounds || count["ARC"] != arcs || count["TEXT"] != texts || count["EOF"] != 1 || count["SECTION"] != count["ENDSEC"] || !layers["VISIBLE"] || !layers["CENTRE"] {
		t.Errorf("DXF has %v on %v, the drawing %d circles, %d arcs, %d texts", count, layers, rounds, arcs, texts)
	}
	scale := 1.0
	for _, x := range scales {
		if x.Name == s.Scale {
			scale = x.By
		}
	}
	found := false
	for _, r := range radius {
		found = found || math.Abs(r-10*scale) < 1e-3
	}
	if !found {
		t.Errorf("no circle of radius 10 at %s among %v", s.Scale, radius)
	}
}
