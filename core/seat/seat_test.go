package seat

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
	"setfast/core/relation"
	"setfast/core/report"
)

const plateAndBlock = `{"setfast": 1, "root": "main", "parts": {
 "plate": {"features": {"top": {"type": "plane", "origin": [0,0,8], "normal": [0,0,1]}, "h1": {"type": "cylinder", "origin": [20,30,0], "direction": [0,0,1], "radius": 3.3, "side": "hole"}, "h2": {"type": "cylinder", "origin": [60,30,0], "direction": [0,0,1], "radius": 3.3, "side": "hole"}, "r1": {"type": "circle", "center": [20,30,8], "normal": [0,0,1], "radius": 3.3}, "side": {"type": "plane", "origin": [0,0,0], "normal": [-1,0,0]}}},
 "block": {"features": {"bottom": {"type": "plane", "origin": [0,0,0], "normal": [0,0,-1]}, "h1": {"type": "cylinder", "origin": [10,15,0], "direction": [0,0,1], "radius": 3.3, "side": "hole"}, "h2": {"type": "cylinder", "origin": [50,15,0], "direction": [0,0,1], "radius": 3.3, "side": "hole"}, "r1": {"type": "circle", "center": [10,15,0], "normal": [0,0,-1], "radius": 3.3}, "pin": {"type": "cylinder", "origin": [0,0,0], "direction": [0,0,1], "radius": 3, "side": "shaft"}, "tip": {"type": "point", "at": [0,0,0]}, "ball": {"type": "sphere", "center": [5,5,5], "radius": 4}}}},
 "assemblies": {"main": {"components": {"plate": {"part": "plate", "grounded": true}, "block": {"part": "block", "pose": {"origin": [12, 14, 50], "quaternion": [0.99, 0.05, -0.08, 0.02]}}}, "mates": [%s]}}}`

func read(t *testing.T, mates string) *assembly.Document {
	t.Helper()
	d, err := format.Read([]byte(fmt.Sprintf(plateAndBlock, mates)))
	if err != nil {
		t.Fatal(err)
	}
	return d
}

func taken(t *testing.T, d *assembly.Document) *account.Account {
	t.Helper()
	a, err := account.Take(context.Background(), d, "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	return a
}

func offers(t *testing.T, d *assembly.Document, put, on string) map[string]Offer {
	t.Helper()
	p, _ := format.Ref(put)
	o, _ := format.Ref(on)
	list, err := Offers(context.Background(), taken(t, d), Picks{Put: p, On: o}, "")
	if err != nil {
		t.Fatal(err)
	}
	out := map[string]Offer{}
	for _, x := range list {
		if x.About != "" {
			x.Type += " about"
		}
		out[x.Type] = x
	}
	return out
}

// TestOffers tries what fits two features: the freedoms before and after follow from the table of pairs.
func TestOffers(t *testing.T) {
	for _, c := range []struct {
		put, on string
		after   map[string]int
	}{
		{"block/bottom", "plate/top", map[string]int{"coincident": 3, "distance": 3, "parallel": 4, "angle": 5, "perpendicular": 5, "angle about": 6, "symmetric about": 6}},
		{"block/h1", "plate/h1", map[string]int{"concentric": 2, "hold_spin": 5, "revolute": 1, "helical": 1, "cylindrical": 2, "prismatic": 1, "fastened": 0, "distance": 5, "parallel": 4, "perpendicular": 5, "angle": 5}},
		{"block/r1", "plate/r1", map[string]int{"rim": 1, "concentric": 2, "coincident": 3}},
		{"block/tip", "plate/top", map[string]int{"coincident": 5, "distance": 5}},
		{"block/ball", "plate/top", map[string]int{"tangent": 5, "coincident": 5, "distance": 5}},
		{"block/pin", "plate/top", map[string]int{"tangent": 4, "coincident": 4, "perpendicular": 5, "parallel": 4}},
		{"block/tip", "plate/h1", map[string]int{"coincident": 4, "distance": 5}},
	} {
		got := offers(t, read(t, ""), c.put, c.on)
		for typ, after := range c.after {
			o, ok := got[typ]
			switch {
			case !ok:
				t.Errorf("%s on %s: %s is not offered", c.put, c.on, typ)
			case o.Before != 6 || o.After != after || o.Odds != "":
				t.Errorf("%s on %s, %s: %d → %d %s, want 6 → %d", c.put, c.on, typ, o.Before, o.After, o.Odds, after)
			case len(o.Moves) > 0 && (len(o.Moves) != 1 || o.Moves[0] != "block"):
				t.Errorf("%s on %s, %s moves %v", c.put, c.on, typ, o.Moves)
			}
		}
	}
}

// TestOffersSayWhatRepeats: a second hole on top of face and first hole repeats three of its four conditions; a pitch that
// differs cannot hold, and says so before it is posted.
func TestOffersSayWhatRepeats(t *testing.T) {
	seated := `{"id": "f", "type": "coincident", "a": "plate/top", "b": "block/bottom"}, {"id": "h", "type": "concentric", "a": "plate/h1", "b": "block/h1"}`
	o := offers(t, read(t, seated), "block/h2", "plate/h2")["concentric"]
	if o.Before != 1 || o.After != 0 || o.Asked != 4 || o.Doubled != 3 {
		t.Errorf("the second hole: %d → %d, %d of %d repeat", o.Before, o.After, o.Doubled, o.Asked)
	}
	d := read(t, seated)
	f := d.Parts["block"].Features["h2"]
	f.O = f.O.Add(geom.V(0.4, 0, 0))
	d.Parts["block"].Features["h2"] = f
	if o := offers(t, d, "block/h2", "plate/h2")["concentric"]; o.Odds == "" {
		t.Errorf("a hole 0.4 mm off is offered as if it fitted: %+v", o)
	}
	// what is offered changes nothing by itself
	if n := len(d.Assemblies["main"].Mates); n != 2 {
		t.Errorf("trying left %d relations", n)
	}
}

// TestOffersSayTheUnits: of the value, and apart from it of what a joint may be limited in. A screw has both.
func TestOffersSayTheUnits(t *testing.T) {
	got := offers(t, read(t, ""), "block/h1", "plate/h1")
	for typ, want := range map[string][2]string{"helical": {"mm", "°"}, "revolute": {"", "°"}, "prismatic": {"", "mm"}, "distance": {"mm", ""}, "angle": {"°", ""}, "spherical": {"", ""}} {
		if o := got[typ]; o.Unit != want[0] || o.Limits != want[1] {
			t.Errorf("%s: value in %q, limits in %q, want %q", typ, o.Unit, o.Limits, want)
		}
	}
}

// TestOffersSayTheFit and refuse two picks on one part.
func TestOffersSayTheFit(t *testing.T) {
	if o := offers(t, read(t, ""), "block/pin", "plate/h1")["concentric"]; o.Note != "Ø6 shank in Ø6.6 hole, 0.6 clear" {
		t.Errorf("the fit is told as %q", o.Note)
	}
	a, _ := format.Ref("block/h1")
	b, _ := format.Ref("block/h2")
	if _, err := Offers(context.Background(), taken(t, read(t, "")), Picks{Put: a, On: b}, ""); err == nil {
		t.Error("two picks on one part were taken")
	}
}

// TestMean declares what a pair of parts can do as wanted, motion by motion: the lower pairs and a screw (their coordinates are
// those of the textbook table). In the end nothing is loose and nothing blocked.
func TestMean(t *testing.T) {
	for _, c := range []struct {
		mates string
		want  []string // how each motion is declared, in the order they are found
	}{
		{`{"id": "j", "type": "revolute", "a": "plate/h1", "b": "block/h1"}`, []string{"j"}},
		{`{"id": "j", "type": "cylindrical", "a": "plate/h1", "b": "block/h1"}`, []string{"j.angle", "j.slide"}},
		{`{"id": "j", "type": "planar", "a": "plate/h1", "b": "block/h1"}`, []string{"j.angle", "j.x", "j.y"}},
		{`{"id": "j", "type": "spherical", "a": "plate/origin", "b": "block/origin"}`, []string{"block turn @/x", "block turn plate/origin", "j"}},
		{`{"id": "j", "type": "cylindrical", "a": "plate/h1", "b": "block/h1"}, {"id": "s", "type": "screw", "a": "j", "b": "j", "lead": 4}`, []string{"j"}},
		{`{"id": "j", "type": "helical", "a": "plate/h1", "b": "block/h1", "lead": 4}`, []string{"j"}},
		{`{"id": "a", "type": "concentric", "a": "plate/h1", "b": "block/h1"}, {"id": "f", "type": "coincident", "a": "plate/top", "b": "block/bottom"}`, []string{"block turn plate/h1"}},
		{`{"id": "a", "type": "concentric", "a": "plate/h1", "b": "block/h1"}`, []string{"block turn plate/h1", "block slide plate/h1"}},
	} {
		d := read(t, c.mates)
		a := d.Assemblies["main"]
		var got []string
		for range 4 {
			acc := taken(t, d)
			r := acc.Root
			k := slices.IndexFunc(r.Motions, func(m report.Motion) bool { return m.Class == "loose" })
			if k < 0 {
				if r.Verdict != report.Moves {
					t.Errorf("%s: %s", c.mates, r.Verdict)
				}
				break
			}
			p, err := Mean(context.Background(), acc, k)
			if err != nil {
				t.Errorf("%s: %v", c.mates, err)
				break
			}
			a.Planned = append(a.Planned, p)
			switch {
			case p.Of != "":
				got = append(got, p.Joint+"."+p.Of)
			case p.Joint != "":
				got = append(got, p.Joint)
			default:
				got = append(got, p.Component+" "+p.Motion+" "+p.Ref.String())
			}
		}
		slices.Sort(got)
		if slices.Sort(c.want); !slices.Equal(got, c.want) {
			t.Errorf("%s: declared %q, want %q", c.mates, got, c.want)
		}
	}
}

// TestSpread lays arrivals out: none overlaps another or what is there, small and large.
func TestSpread(t *testing.T) {
	box := func(s float64) Box { return Box{geom.V(-s, -s, 0), geom.V(s, s/2, s)} }
	there := []Box{box(100), {geom.V(300, 0, 0), geom.V(340, 10, 10)}}
	var arrivals []Box
	for i := 0; i < 30; i++ {
		arrivals = append(arrivals, box(math.Pow(2, float64(i%8))))
	}
	poses := Spread(there, arrivals)
	all := append([]Box(nil), there...)
	for i, p := range poses {
		b := arrivals[i].Around(p)
		for k, o := range all {
			if b.Low.X < o.High.X && o.Low.X < b.High.X && b.Low.Y < o.High.Y && o.Low.Y < b.High.Y && b.Low.Z < o.High.Z && o.Low.Z < b.High.Z {
				t.Errorf("arrival %d lands on %d", i, k)
			}
		}
		all = append(all, b)
	}
	if len(Spread(nil, nil)) != 0 {
		t.Error("nobody came, and yet there are poses")
	}
}

// slotted is a plate with a slot of 12 mm between faces l and r, beside a tab of 10 mm between its faces l and r, and two pegs.
const slotted = `{"setfast": 1, "root": "main", "parts": {
 "plate": {"features": {"l": {"type": "plane", "origin": [0,0,5], "normal": [1,0,0]}, "r": {"type": "plane", "origin": [12,0,5], "normal": [-1,0,0]}, "out": {"type": "plane", "origin": [-30,0,5], "normal": [-1,0,0]}, "peg": {"type": "cylinder", "origin": [50,0,0], "direction": [0,0,1], "radius": 4, "side": "shaft"}, "mid": {"type": "plane", "origin": [6,0,900], "normal": [1,0,0]}}},
 "tab": {"features": {"l": {"type": "plane", "origin": [-5,0,0], "normal": [-1,0,0]}, "r": {"type": "plane", "origin": [5,0,0], "normal": [1,0,0]}, "peg": {"type": "cylinder", "origin": [0,0,0], "direction": [0,0,1], "radius": 3, "side": "shaft"}, "tip": {"type": "point", "at": [0,0,0]}}}},
 "assemblies": {"main": {"components": {"plate": {"part": "plate", "grounded": true}, "tab": {"part": "tab", "pose": {"origin": [40, 3, 50], "quaternion": [0.999, 0.02, 0.02, 0.01]}}}, "mates": []}}}`

// TestPairs: a tab is centred in a slot from one pick on each, the faces opposite being found; what is left follows from the table of the
// file (3 of a pair, 2 of an axis, 1 of a point; 1 of round on round). Midway is where both gaps are 1 mm.
func TestPairs(t *testing.T) {
	d, err := format.Read([]byte(slotted))
	if err != nil {
		t.Fatal(err)
	}
	for _, c := range []struct {
		put, on, typ, putToo, onToo string
		after                       int
	}{
		{"tab/l", "plate/l", "centred", "tab/r", "plate/r", 3},
		{"tab/r", "plate/r", "centred", "tab/l", "plate/l", 3},
		{"tab/peg", "plate/l", "centred", "", "plate/r", 4},
		{"tab/tip", "plate/r", "centred", "", "plate/l", 5},
		{"tab/peg", "plate/peg", "tangent", "", "", 5},
	} {
		o := offers(t, d, c.put, c.on)[c.typ]
		if o.PutToo != c.putToo || o.OnToo != c.onToo || o.After != c.after || o.Odds != "" {
			t.Errorf("%s on %s: with %q and %q it leaves %d %s; want %q, %q, %d", c.put, c.on, o.PutToo, o.OnToo, o.After, o.Odds, c.putToo, c.onToo, c.after)
		}
		if p, moved := o.Poses["tab"]; c.typ == "centred" && (!moved || math.Abs(p.Point(geom.Vec{}).X-6) > 1e-6) {
			t.Errorf("%s on %s: the middle of the tab comes to %v, want x = 6", c.put, c.on, p.O)
		}
	}
	// a relation between three features is tried once all are picked: the tab's face mirrored on the slot's in the middle plane
	put, _ := format.Ref("tab/l")
	on, _ := format.Ref("plate/l")
	about, _ := format.Ref("plate/mid")
	if o := offers(t, d, "tab/l", "plate/l")["symmetric about"]; o.About == "" || o.After != o.Before {
		t.Errorf("what wants a third pick is offered as %+v", o)
	}
	m, err := Picks{Put: put, On: on, About: &about}.Mate(d, d.Assemblies["main"], relation.Named("symmetric"))
	if err != nil {
		t.Fatal(err)
	}
	m.ID = offerID
	o, err := Try(context.Background(), taken(t, d), m, put)
	if err != nil || o.After != 3 || o.Odds != "" {
		t.Errorf("mirrored in the middle it leaves %d %s, %v", o.After, o.Odds, err)
	}
	if p := o.Poses["tab"]; math.Abs(p.Point(geom.V(-5, 0, 0)).X-12) > 1e-6 {
		t.Errorf("the mirrored face comes to x = %g, want 12", p.Point(geom.V(-5, 0, 0)).X)
	}
}

// TestWaysIn: a block comes off its plate upwards, a pin out of its hole on the side where its middle is, whichever way its axis points.
func TestWaysIn(t *testing.T) {
	d := read(t, `{"id": "f", "type": "coincident", "a": "plate/top", "b": "block/bottom"}, {"id": "h", "type": "concentric", "a": "plate/h1", "b": "block/h1"}`)
	w, ok := WaysIn(context.Background(), taken(t, d))["block"]
	if !ok || w.On[0] != "plate" || w.Dir.Sub(geom.V(0, 0, 1)).Norm() > 1e-6 {
		t.Errorf("the block comes off along %v from %v", w.Dir, w.On)
	}
	d = read(t, `{"id": "h", "type": "concentric", "a": "plate/h1", "b": "block/h1", "sense": "opposed"}`)
	if w = WaysIn(context.Background(), taken(t, d))["block"]; w.Dir.Sub(geom.V(0, 0, 1)).Norm() > 1e-6 {
		t.Errorf("the block over its hole comes off along %v", w.Dir)
	}
	if n := len(WaysIn(context.Background(), taken(t, read(t, "")))); n != 0 {
		t.Errorf("%d ways of what is not related", n)
	}
}

// chain is n bars hinged one on another, the first grounded: to put the last somewhere moves all.
func chain(n int) string {
	var comps, mates []string
	for i := range n {
		ground := ""
		if i == 0 {
			ground = `"grounded": true, `
		}
		lean := 0.02 * float64(i) // so that it is no straight line
		comps = append(comps, fmt.Sprintf(`"b%d": {"part": "bar", %s"pose": {"origin": [%d, 0, 0], "quaternion": [%g, 0, 0, %g]}}`, i, ground, 30*i, math.Cos(lean), math.Sin(lean)))
		if i > 0 {
			mates = append(mates, fmt.Sprintf(`{"id": "h%d", "type": "revolute", "a": "b%d/z", "b": "b%d/a"}`, i, i-1, i))
		}
	}
	return `{"setfast": 1, "root": "main", "parts": {"bar": {"features": {"a": {"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}, "z": {"type": "frame", "origin": [30,0,0], "z": [0,0,1], "x": [1,0,0]}}}},
	 "assemblies": {"main": {"components": {` + strings.Join(comps, ", ") + `}, "mates": [` + strings.Join(mates, ", ") + `]}}}`
}

// TestBrief: where many bodies would move, what is not settled in a few steps is left untried; what is, is told as by whole trials.
func TestBrief(t *testing.T) {
	d, err := format.Read([]byte(chain(40)))
	if err != nil {
		t.Fatal(err)
	}
	a := taken(t, d)
	put, _ := format.Ref("b39/z")
	on, _ := format.Ref("b0/a")
	brief, err := Brief(context.Background(), a, Picks{Put: put, On: on}, "")
	if err != nil {
		t.Fatal(err)
	}
	whole, err := Offers(context.Background(), a, Picks{Put: put, On: on}, "")
	if err != nil || len(whole) != len(brief) {
		t.Fatalf("%d briefly, %d in all, %v", len(brief), len(whole), err)
	}
	untried := 0
	for i, o := range brief {
		if o.Untried {
			untried++
			continue
		}
		if i > 0 && brief[i-1].Untried && o.About == "" && o.Odds == "" {
			t.Errorf("%s comes behind what is untried", o.Label)
		}
		k := slices.IndexFunc(whole, func(w Offer) bool { return w.Type == o.Type && w.Label == o.Label })
		if k < 0 || whole[k].After != o.After || whole[k].Odds != o.Odds || len(whole[k].Poses) != len(o.Poses) {
			t.Errorf("%s leaves %d (%s), as a whole %+v", o.Label, o.After, o.Odds, whole[k])
		}
	}
	if untried == 0 || untried == len(brief) {
		t.Errorf("%d of %d are untried", untried, len(brief))
	}
	for _, o := range whole {
		if o.Untried {
			t.Errorf("%s is untried after a whole trial", o.Label)
		}
	}
	// a ring closed by the chain's end on its beginning holds, though it takes many steps
	if k := slices.IndexFunc(whole, func(w Offer) bool { return w.Type == "revolute" }); k < 0 || whole[k].Odds != "" {
		t.Errorf("the end turns about the beginning: %+v", whole)
	}
}
