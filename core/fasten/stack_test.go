package fasten

import (
	"context"
	"fmt"
	"math"
	"slices"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/standard"
)

// step is a piece of a bore: a cylinder, or a cone where its radii differ.
type step struct{ from, to, low, high float64 }

// plate is a part of a thickness from z = 0 with bores at places, as their rims and round faces tell of them.
func plate(thick float64, places [][2]float64, steps ...step) string {
	f := []string{fmt.Sprintf(`"under": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}, "top": {"type": "plane", "origin": [0,0,%g], "normal": [0,0,1]}`, thick),
		`"side": {"type": "plane", "origin": [-30,0,0], "normal": [-1,0,0]}`}
	for i, p := range places {
		for k, s := range steps {
			if s.low == s.high {
				f = append(f, fmt.Sprintf(`"h%d%d": {"type": "cylinder", "origin": [%g,%g,%g], "direction": [0,0,1], "radius": %g, "side": "hole"}`, i, k, p[0], p[1], (s.from+s.to)/2, s.low))
			} else {
				f = append(f, fmt.Sprintf(`"c%d%d": {"type": "cone", "apex": [%g,%g,%g], "direction": [0,0,1], "half_angle": %g}`, i, k, p[0], p[1], s.from, math.Atan((s.high-s.low)/(s.to-s.from))*180/math.Pi))
			}
			f = append(f, fmt.Sprintf(`"r%d%d": {"type": "circle", "center": [%g,%g,%g], "normal": [0,0,1], "radius": %g}`, i, 2*k, p[0], p[1], s.from, s.low),
				fmt.Sprintf(`"r%d%d": {"type": "circle", "center": [%g,%g,%g], "normal": [0,0,1], "radius": %g}`, i, 2*k+1, p[0], p[1], s.to, s.high))
		}
	}
	return `{"density_kg_m3": 7850, "features": {` + strings.Join(f, ", ") + `}}`
}

// joined is a document of an upper plate on a lower one, in line by their first two places, some mm of air between.
func joined(t *testing.T, upper, lower, air, stack, settings string) *assembly.Document {
	t.Helper()
	doc, err := format.Read([]byte(`{"setfast": 2, "root": "main", "settings": {` + settings + `}, "parts": {"upper": ` + upper + `, "lower": ` + lower + `}, "assemblies": {"main": {
		"values": {"air": "` + air + ` mm"}, "components": {"lower": {"part": "lower", "grounded": true}, "upper": {"part": "upper", "pose": {"origin": [1, 2, 30]}}},
		"mates": [{"id": "m1", "type": "distance", "a": "lower/top", "b": "upper/under", "value": "air"}, {"id": "m2", "type": "concentric", "a": "lower/h00", "b": "upper/h00"},
			{"id": "m3", "type": "parallel", "a": "lower/side", "b": "upper/side", "sense": "same"}], "stacks": {"feet": ` + stack + `}}}}`))
	if err != nil {
		t.Fatal(err)
	}
	return doc
}

// TestStacks lays stacks out through plates whose grips, lengths and faults are worked out by hand from the plates and the standards' tables.
func TestStacks(t *testing.T) {
	two := [][2]float64{{0, 0}, {50, 0}}
	hole := func(thick, r float64) step { return step{0, thick, r, r} }
	medium := plate(10, two, hole(10, 3.3))
	const bolt = `"holes": ["upper/h00", "upper/h10"], "screw": "ISO 4762 M6"`
	const nut = bolt + `, "nut": "DIN 985 M6"`
	for _, c := range []struct {
		name, upper, lower, air, stack string
		grip, length                   float64
		beyond                         float64 // through the nut, or engaged
		findings                       string  // parts of what is found, in order
	}{
		{"plain", medium, medium, "0", nut, 20, 30, 4, ""}, // 20 + 6 + 1 = 27
		{"washers on both sides", medium, medium, "0", nut + `, "under_head": ["ISO 7089 M6"], "under_nut": ["ISO 7089 M6"]`, 23.2, 35, 5.8, ""},
		{"named plates", medium, medium, "0", nut + `, "through": ["lower"]`, 20, 30, 4, ""},
		{"heads below", medium, medium, "0", nut + `, "head_on": "lower"`, 20, 30, 4, ""},
		{"counterbored", plate(12, two, step{0, 5.6, 3.3, 3.3}, step{5.6, 12, 5.5, 5.5}), medium, "0", nut, 15.6, 25, 3.4, ""},
		{"counterbore too narrow", plate(12, two, step{0, 5.6, 3.3, 3.3}, step{5.6, 12, 4.75, 4.75}), medium, "0", nut, 22, 30, 2, "head not seated: Ø10 does not go into the counterbore of Ø9.5"},
		{"chamfered", plate(10, two, step{0, 9.5, 3.3, 3.3}, step{9.5, 10, 3.3, 3.8}), medium, "0", nut, 20, 30, 4, ""},
		{"sinks", plate(10, two, step{0, 7, 3.3, 3.3}, step{7, 10, 3.3, 6.3}), medium, "0", nut, 17, 25, 2, "head sinks into the countersink"},
		{"countersunk", plate(10, two, step{0, 6.58, 3.3, 3.3}, step{6.58, 10, 3.3, 6.72}), medium, "0", strings.Replace(nut, "ISO 4762", "ISO 10642", 1), 20, 30, 4, ""},
		{"countersink too small", plate(10, two, step{0, 7, 3.3, 3.3}, step{7, 10, 3.3, 6.3}), medium, "0", strings.Replace(nut, "ISO 4762", "ISO 10642", 1), 20.42, 30, 3.58, "head stands out of upper by 0.42 mm"},
		{"countersink too large", plate(10, two, step{0, 6, 3.3, 3.3}, step{6, 10, 3.3, 7.3}), medium, "0", strings.Replace(nut, "ISO 4762", "ISO 10642", 1), 19.42, 30, 4.58, "head sinks in 0.58 mm"},
		{"no countersink", medium, medium, "0", strings.Replace(nut, "ISO 4762", "ISO 10642", 1), 20, 30, 4, "head not seated: upper has no countersink"},
		{"tapped", medium, plate(20, two, step{5, 20, 2.5, 2.5}), "0", bolt + `, "into": "lower/h00", "depth": 12`, 10, 16, 6, ""},
		{"tapped, aluminium", medium, plate(20, two, step{5, 20, 2.5, 2.5}), "0", bolt + `, "into": ["lower/h00", "lower/h10"], "material": "aluminium"`, 10, 20, 10, "too short by 2 mm"},
		{"wrong thread", medium, plate(20, two, step{0, 20, 2.1, 2.1}), "0", bolt + `, "into": "lower/h00"`, 10, 16, 6, "is not drilled for M6"},
		{"tight", plate(10, two, hole(10, 3.1)), medium, "0", nut, 20, 30, 4, "hole tighter than fine: Ø6.2 in upper, fine is 6.4"},
		{"wide", plate(10, two, hole(10, 3.8)), medium, "0", nut, 20, 30, 4, "hole wider than coarse"},
		{"too narrow", plate(10, two, hole(10, 2.9)), medium, "0", nut, 20, 30, 4, "does not go through the hole of Ø5.8 in upper"},
		{"falls through", plate(10, two, hole(10, 5.5)), medium, "0", nut, 20, 30, 4, "hole wider than coarse|head not seated: Ø10 falls through upper"},
		{"out of line", medium, plate(10, [][2]float64{{0, 0}, {50.5, 0}}, hole(10, 3.3)), "0", nut, 20, 30, 4, "the hole in lower is 0.5 mm out of line"},
		{"a plate without a hole", medium, plate(10, two[:1], hole(10, 3.3)), "0", nut + `, "through": ["lower"]`, 20, 30, 4, "lower has no hole for it|grips differ: from 10 to 20 mm"},
		{"air", medium, medium, "1.5", nut + `, "through": ["lower"]`, 21.5, 30, 2.5, "1.5 mm of air between upper and lower"},
		{"too short", medium, medium, "0", nut + `, "length": 25`, 20, 25, -1, "does not reach the insert|too short by 2 mm"},
		{"too long", medium, medium, "0", nut + `, "length": 40`, 20, 40, 14, "too long: 40 mm where 30 will do"},
		{"not made", medium, medium, "0", nut + `, "length": 28`, 20, 28, 2, "not in stock"},
		{"no room for a socket", plate(12, two, step{0, 5.6, 3.3, 3.3}, step{5.6, 12, 6, 6}), medium, "0", strings.Replace(nut, "ISO 4762", "ISO 4017", 1), 15.6, 25, 3.4, "tool has no room: a socket for 10 wants Ø15"},
	} {
		x, err := Expand(context.Background(), joined(t, c.upper, c.lower, c.air, "{"+c.stack+"}", ""), nil)
		if err != nil || x.Failed != nil || len(x.Joints) != 1 {
			t.Errorf("%s: %v, %v", c.name, err, x)
			continue
		}
		j := x.Joints[0]
		beyond := j.Through
		if beyond == nil {
			beyond = j.Engagement
		}
		if math.Abs(j.Grip-c.grip) > 1e-3 || j.Length != c.length || beyond == nil || math.Abs(*beyond-c.beyond) > 1e-3 || j.Screws != 2 {
			t.Errorf("%s: %+v, want grip %g, length %g, %g beyond", c.name, j, c.grip, c.length, c.beyond)
		}
		want := strings.Split(c.findings, "|")
		if c.findings == "" {
			want = nil
		}
		ok := len(want) == len(j.Findings)
		for i := range min(len(want), len(j.Findings)) {
			ok = ok && strings.Contains(j.Findings[i], want[i])
		}
		if !ok {
			t.Errorf("%s: found %q, want %q", c.name, j.Findings, want)
		}
		a, err := account.Take(context.Background(), x.Document, "main", nil)
		if err != nil {
			t.Errorf("%s: %v", c.name, err)
			continue
		}
		if r := a.Root; r.Verdict != "set" || r.Idle != len(x.Assemblies["main"].Components)-2 {
			t.Errorf("%s: %v, idle %d of %d", c.name, r.Verdict, r.Idle, len(x.Assemblies["main"].Components)-2)
		}
		for _, k := range x.Assemblies["main"].Components[2:] { // nothing moved from where it was put
			if off := a.Root.Components[k.Name].Pose.O.Sub(k.Pose.O).Norm(); off > 1e-6 {
				t.Errorf("%s: %s moved by %g", c.name, k.Name, off)
			}
		}
		if text, err := format.Write(x.Document); err != nil || strings.Contains(string(text), "feet/screw-1") || !strings.Contains(string(text), `"stacks"`) {
			t.Errorf("%s: written as %s, %v", c.name, text, err)
		}
	}
}

// TestStackFollows changes what a stack goes through: the plate moves away, and the screw gets longer with the gap that is asked for; spins are held
// where the assembly wants them held.
func TestStackFollows(t *testing.T) {
	two := [][2]float64{{0, 0}, {50, 0}}
	medium := plate(10, two, step{0, 10, 3.3, 3.3})
	stack := `{"holes": ["upper/h00", "upper/h10"], "screw": "ISO 4762 M6", "nut": "DIN 985 M6", "through": ["lower"]}`
	for air, length := range map[string]float64{"0": 30, "4": 35, "12.9": 40, "13.1": 45} {
		x, err := Expand(context.Background(), joined(t, medium, medium, air, stack, `"fastener_spin": "held"`), nil)
		if err != nil || x.Joints[0].Length != length {
			t.Errorf("%s of air: %+v, %v, want %g", air, x.Joints, err, length)
			continue
		}
		a, err := account.Take(context.Background(), x.Document, "main", nil)
		if err != nil || a.Root.Left != 0 || a.Root.Verdict != "set" {
			t.Errorf("%s of air: left %d, %v, %v", air, a.Root.Left, a.Root.Verdict, err)
		}
	}
	none := joined(t, medium, medium, "0", `{"holes": ["upper/side"], "screw": "ISO 4762 M6", "nut": "DIN 985 M6"}`, "")
	if x, err := Expand(context.Background(), none, nil); err != nil || x.Failed == nil || len(x.Joints[0].Findings) != 1 {
		t.Errorf("a stack on a flat: %+v, %v", x, err)
	}
	bare := joined(t, medium, medium, "0", stack, "")
	bare.Assemblies["main"].Stacks = nil
	if x, err := Expand(context.Background(), bare, nil); err != nil || x.Document != bare {
		t.Errorf("without stacks: %v", err)
	}
}

// TestBoundsOfFastening sets joints to either side of each limit of core/tol/fasten.go, the numbers written out.
func TestBoundsOfFastening(t *testing.T) {
	two := [][2]float64{{0, 0}, {50, 0}}
	medium := plate(10, two, step{0, 10, 3.3, 3.3})
	sunk := func(wide float64) string {
		return plate(10, two, step{0, 13.3 - wide, 3.3, 3.3}, step{13.3 - wide, 10, 3.3, wide})
	}
	const flat = `"holes": ["upper/h00"], "screw": "ISO 10642 M6", "nut": "DIN 985 M6"`
	const tapped = `"holes": ["upper/h00", "upper/h10"], "screw": "ISO 4762 M6", "into": "lower/h00", "depth": 20`
	drilled := func(at float64) string { return plate(30, [][2]float64{{0, 0}, {at, 0}}, step{0, 30, 2.5, 2.5}) }
	for _, c := range []struct {
		name, upper, lower, stack string
		findings                  int
	}{
		{"HeadFlush", sunk(6.72 - 0.0499), medium, flat, 0},
		{"HeadFlush", sunk(6.72 - 0.0501), medium, flat, 1},
		{"HeadSunk", sunk(6.72 + 0.299), medium, flat, 0},
		{"HeadSunk", sunk(6.72 + 0.301), medium, flat, 1},
		{"BoreMeets", medium, drilled(50.0099), tapped, 0},
		{"BoreMeets", medium, drilled(50.0101), tapped, 1},
	} {
		x, err := Expand(context.Background(), joined(t, c.upper, c.lower, "0", "{"+c.stack+"}", ""), nil)
		if err != nil || x.Failed != nil || len(x.Joints[0].Findings) != c.findings {
			t.Errorf("%s: %v, %+v, want %d findings", c.name, err, x.Joints, c.findings)
		}
	}
	for room, turned := range map[float64]bool{0.59: true, 0.61: false} { // PocketRoom: a wall 30° off x, as far from the axis as half a nut and that
		a, d := 30*math.Pi/180, 5+room
		wall := fmt.Sprintf(`"wall": {"type": "plane", "origin": [%.9g, %.9g, -2], "normal": [%.9g, %.9g, 0]}, "under"`, d*math.Cos(a), d*math.Sin(a), -math.Cos(a), -math.Sin(a))
		x, err := Expand(context.Background(), joined(t, medium, strings.Replace(medium, `"under"`, wall, 1), "0", `{"holes": ["upper/h00"], "screw": "ISO 4762 M6", "nut": "DIN 985 M6"}`, ""), nil)
		if err != nil || x.Failed != nil {
			t.Fatal(err, x)
		}
		nut := x.Assemblies["main"].Component("feet/nut-1")
		look := nut.Pose.Dir(geom.V(1, 0, 0))
		if got := math.Abs(look.X-math.Cos(a)) < 1e-6 && math.Abs(look.Y-math.Sin(a)) < 1e-6; got != turned {
			t.Errorf("PocketRoom: %g: a flat looks along %v", room, look)
		}
	}
	for lean, want := range map[float64]bool{0.9e-4: true, 1.1e-4: false} { // BoreAlong
		a := axis{geom.V(0, 0, 0), geom.V(0, 0, 1)}
		if got := a.runs(geom.V(lean, 0, math.Sqrt(1-lean*lean))); got != want {
			t.Errorf("BoreAlong: %g: %v", lean, got)
		}
	}
}

// TestPartOf holds what is said of a catalogue part's mass against the closed form of its volume, and of a washer against a hollow cylinder.
func TestPartOf(t *testing.T) {
	for _, l := range List() {
		s, _ := standard.Lookup(l.Name)
		for i := range s.Sizes {
			f := &standard.Fastener{Standard: s, Size: &s.Sizes[i]}
			f.Thread, _ = standard.ThreadOf(s.Sizes[i].Name)
			if s.HasLength() {
				stock := s.Stock(f.Size)
				f.Length = stock[len(stock)/2]
			}
			p := PartOf(f)
			if v := f.Volume(); !(v > 0) || math.Abs(p.Volume.MM3-v) > 1e-9*v {
				t.Errorf("%s: volume %g, want %g", f.Designation(), p.Volume.MM3, v)
			}
			if slices.Contains(p.Order, "") || len(p.Order) != len(p.Features) {
				t.Errorf("%s: features %v", f.Designation(), p.Order)
			}
		}
	}
	w, _ := standard.Read("ISO 7089 M6")
	p := PartOf(w)
	m, outer, inner, h := 7850e-9*math.Pi*(36-3.2*3.2)*1.6, 6.0, 3.2, 1.6
	if got, want := p.Volume.Inertia[2][2], m*(outer*outer+inner*inner)/2; math.Abs(got-want) > 1e-9 {
		t.Errorf("inertia %g, want %g", got, want)
	}
	if got, want := p.Volume.Inertia[0][0], m*(3*(outer*outer+inner*inner)+h*h)/12; math.Abs(got-want) > 1e-9 || math.Abs(p.Volume.Centroid.Z-0.8) > 1e-12 {
		t.Errorf("inertia %g, want %g, %v", got, want, p.Volume.Centroid)
	}
}

// TestInsert screws a plate of 5 mm to an insert, 8 mm long, that sits in a hole of 10 mm: what it sits in is no plate, the screw has the room below it, and
// engages 7 mm with 12 (by hand: 5 + 6 wanted are 11).
func TestInsert(t *testing.T) {
	doc, err := format.Read([]byte(`{"setfast":2,"root":"m","parts":{"plate":{"features":{"h":{"type":"cylinder","origin":[0,0,2.5],"direction":[0,0,1],"radius":3.3,"side":"hole"},"ht":{"type":"circle","center":[0,0,5],"normal":[0,0,1],"radius":3.3},"hb":{"type":"circle","center":[0,0,0],"normal":[0,0,-1],"radius":3.3},"top":{"type":"plane","origin":[0,0,5],"normal":[0,0,1]},"bot":{"type":"plane","origin":[0,0,0],"normal":[0,0,-1]}}},"block":{"features":{"h":{"type":"cylinder","origin":[0,0,-5],"direction":[0,0,1],"radius":4,"side":"hole"},"ht":{"type":"circle","center":[0,0,0],"normal":[0,0,1],"radius":4},"hb":{"type":"circle","center":[0,0,-10],"normal":[0,0,1],"radius":4},"top":{"type":"plane","origin":[0,0,0],"normal":[0,0,1]}}},"insert":{"features":{"t":{"type":"cylinder","origin":[0,0,-4],"direction":[0,0,1],"radius":2.5,"side":"hole"},"tt":{"type":"circle","center":[0,0,0],"normal":[0,0,1],"radius":2.5},"tb":{"type":"circle","center":[0,0,-8],"normal":[0,0,1],"radius":2.5},"out":{"type":"cylinder","origin":[0,0,-4],"direction":[0,0,1],"radius":4,"side":"shaft"},"top":{"type":"plane","origin":[0,0,0],"normal":[0,0,1]}}}},` +
		`"assemblies":{"m":{"components":{"block":{"part":"block","grounded":true},"insert":{"part":"insert"},"plate":{"part":"plate"}},"mates":[{"id":"a","type":"concentric","a":"block/h","b":"insert/out"},{"id":"b","type":"coincident","a":"block/top","b":"insert/top"},{"id":"c","type":"coincident","a":"block/top","b":"plate/bot"},{"id":"d","type":"concentric","a":"block/h","b":"plate/h"}],"stacks":{"s":{"holes":["plate/h"],"screw":"ISO 4762 M6","into":"insert/t","length":"auto"}}}}}`))
	if err != nil {
		t.Fatal(err)
	}
	x, err := Expand(context.Background(), doc, nil)
	if err != nil || x.Failed != nil {
		t.Fatal(err, x.Failed)
	}
	if j := x.Joints[0]; j.Grip != 5 || j.Length != 12 || j.Engagement == nil || *j.Engagement != 7 || len(j.Findings) > 0 {
		t.Errorf("%+v", j)
	}
}

// BenchmarkStacks lays 200 stacks of a screw, two washers and a nut out, each through a block and a plate, and takes the account of the 1000 parts.
func BenchmarkStacks(b *testing.B) {
	const n = 200
	var places [][2]float64
	var comps, mates, stacks []string
	for i := range n {
		x, y := float64(i%20)*40, float64(i/20)*40
		places = append(places, [2]float64{x, y})
		comps = append(comps, fmt.Sprintf(`"b%d": {"part": "block", "pose": {"origin": [%g, %g, 12]}}`, i, x+1, y-1))
		mates = append(mates, fmt.Sprintf(`{"id": "f%d", "type": "coincident", "a": "plate/top", "b": "b%d/under"}, {"id": "c%d", "type": "concentric", "a": "plate/h%d0", "b": "b%d/h00"},
			{"id": "p%d", "type": "parallel", "a": "plate/side", "b": "b%d/side", "sense": "same"}`, i, i, i, i, i, i, i))
		stacks = append(stacks, fmt.Sprintf(`"s%d": {"holes": ["b%d/h00"], "screw": "ISO 4762 M6", "under_head": ["ISO 7089 M6"], "under_nut": ["ISO 7089 M6"], "nut": "DIN 985 M6"}`, i, i))
	}
	text := `{"setfast": 2, "root": "main", "parts": {"plate": ` + plate(10, places, step{0, 10, 3.3, 3.3}) + `, "block": ` + plate(10, [][2]float64{{0, 0}}, step{0, 10, 3.3, 3.3}) + `},
		"assemblies": {"main": {"components": {"plate": {"part": "plate", "grounded": true}, ` + strings.Join(comps, ", ") + `}, "mates": [` + strings.Join(mates, ", ") + `], "stacks": {` + strings.Join(stacks, ", ") + `}}}}`
	doc, err := format.Read([]byte(text))
	if err != nil {
		b.Fatal(err)
	}
	for b.Loop() {
		x, err := Expand(context.Background(), doc, nil)
		if err != nil || x.Failed != nil || slices.ContainsFunc(x.Joints, func(j Joint) bool { return len(j.Findings) > 0 }) {
			b.Fatal(err, x.Failed, x.Joints[0])
		}
		a, err := account.Take(context.Background(), x.Document, "main", nil)
		if err != nil || a.Root.Verdict != "set" {
			b.Fatal(err, a.Root.Verdict)
		}
	}
}
