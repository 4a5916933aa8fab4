package app_test

import (
	"context"
	"encoding/json"
	"math"
	"testing"

	"setfast/app/commands"
	"setfast/core/cam"
	"setfast/core/format"
	"setfast/core/part"
)

// TestSayable says on the sample's hinge what a relation can be said with: fields by their names, sums of named values, another pick in
// the place of one, names, notes and the order of lines. Each is taken back.
func TestSayable(t *testing.T) {
	const hinge = "Vent hinge"
	j := judge(t, hinge)
	m := j.Asm.Mates[0]
	put, on := m.B.String(), m.A.String()
	raw := func(s string) json.RawMessage { return json.RawMessage(s) }
	t.Run("a joint with a rest value and limits", func(t *testing.T) {
		do(t, hinge, commands.Values{Values: []commands.NamedValue{{Name: "open", Text: "95 deg"}, {Name: "rest", Text: "open / 2"}}})
		fields := map[string]json.RawMessage{"at.angle": raw(`"rest + 2.5 deg"`), "limits.angle": raw(`[0, "open"]`)}
		k := do(t, hinge, commands.Relate{Type: "revolute", Put: put, On: on, Fields: fields})
		n := k.Asm.Mates[len(k.Asm.Mates)-1]
		x, _ := n.Num("at.angle")
		hi, _ := n.Limits("angle")
		if x != 50 || *hi.Hi != 95 || n.Text("at.angle") != "rest + 2.5 deg" {
			t.Errorf("held at %g (%s), up to %g", x, n.Text("at.angle"), *hi.Hi)
		}
		if at := k.Coordinates()[n.ID]["angle"]; math.Abs(at-50) > 1e-6 && !k.Result.Mates[n.ID].LeftOut {
			t.Errorf("it stands at %g", at)
		}
		// a named value changes, and what uses it with it
		k = do(t, hinge, commands.Values{Values: []commands.NamedValue{{Name: "open", Text: "80 deg"}, {Name: "rest", Text: "open / 2"}}})
		if x, _ := k.Asm.Mate(n.ID).Num("at.angle"); x != 42.5 {
			t.Errorf("with another value it is held at %g", x)
		}
		refuses(t, hinge, commands.Values{Values: []commands.NamedValue{{Name: "open", Text: "80 deg"}}}, `no value "rest"`)
		refuses(t, hinge, commands.Values{Values: []commands.NamedValue{{Name: "mm", Text: "3"}}}, "is a unit")
	})
	t.Run("fixed with a turn and an offset", func(t *testing.T) {
		k := do(t, hinge, commands.Relate{Type: "fastened", Put: put, On: on, Fields: map[string]json.RawMessage{"turn": raw("90"), "offset": raw("[1, 2, 3]")}})
		n := k.Asm.Mates[len(k.Asm.Mates)-1]
		if v, _ := n.Vec("offset"); v.Z != 3 {
			t.Errorf("shifted by %v", v)
		}
		k = do(t, hinge, commands.Set{Relation: n.ID, Field: "turn", To: number(180)})
		if x, _ := k.Asm.Mate(n.ID).Num("turn"); x != 180 {
			t.Errorf("turned by %g", x)
		}
		refuses(t, hinge, commands.Set{Relation: n.ID, Field: "lead", To: number(1)}, "takes no number")
	})
	refuses(t, hinge, commands.Relate{Type: "revolute", Put: put, On: on, Fields: map[string]json.RawMessage{"at.slide": raw("1")}}, "no field")
	refuses(t, hinge, commands.Relate{Type: "revolute", Put: put, On: on, Fields: map[string]json.RawMessage{"at.angle": raw(`"2 mm"`)}}, "an angle")
	refuses(t, hinge, commands.Relate{Type: "symmetric", Put: put, On: on}, "third pick")

	t.Run("another pick in the place of one", func(t *testing.T) {
		k := do(t, hinge, commands.Relate{Type: "concentric", Put: put, On: on})
		id := k.Asm.Mates[len(k.Asm.Mates)-1].ID
		k = do(t, hinge, commands.Repick{Relation: id, End: "put", Ref: m.B.Head() + "/z"})
		if n := k.Asm.Mate(id); n.B.Feature != "z" || n.A.String() != on || n.Type != "concentric" {
			t.Errorf("picked anew: %s on %s", n.B, n.A)
		}
	})
	refuses(t, hinge, commands.Repick{Relation: m.ID, End: "put", Ref: m.B.Head() + "/z"}, "does not take")
	refuses(t, hinge, commands.Repick{Relation: m.ID, End: "put", Ref: m.A.Head() + "/z"}, "both features")
	refuses(t, hinge, commands.Repick{Relation: m.ID, End: "about", Ref: put}, "nothing to pick")
	t.Run("names, notes and order", func(t *testing.T) {
		k := do(t, hinge, commands.Reid{Relation: m.ID, To: "pin in the bracket"})
		if k.Asm.Mate("pin in the bracket") == nil || k.Asm.Mate(m.ID) != nil {
			t.Error("the relation kept its name")
		}
		k = do(t, hinge, commands.Set{Relation: "pin in the bracket", Field: "note", Text: "as drawn"})
		if k.Asm.Mate("pin in the bracket").Note != "as drawn" {
			t.Error("there is no note")
		}
		first := k.Asm.Components[0].Name
		if k = do(t, hinge, commands.Reorder{Component: first, At: 2}); k.Asm.Components[2].Name != first || k.Result.Removed != j.Result.Removed {
			t.Errorf("line 3 is %s, removed %d", k.Asm.Components[2].Name, k.Result.Removed)
		}
	})
}

// TestCouple ties two joints in terms of the trade. Module 2 with 18 teeth moves a rack 36π mm a turn (ISO 21771, the pitch circle's
// length); 18 teeth drive 54 at −1/3; a thread of two starts and 4 mm pitch goes 8 mm a turn (ISO 5408).
func TestCouple(t *testing.T) {
	const crank = "Crank drive"
	j := judge(t, crank)
	turn := ""
	for _, m := range j.Asm.Mates {
		if m.Type == "revolute" || m.Type == "cylindrical" {
			turn = m.ID
		}
	}
	m := j.Asm.Mate(turn)
	k := do(t, crank, commands.Relate{Type: "cylindrical", Put: m.B.String(), On: m.A.String()})
	other := k.Asm.Mates[len(k.Asm.Mates)-1].ID
	for _, c := range []struct {
		say   commands.Couple
		field string
		want  float64
		text  string
	}{
		{commands.Couple{Type: "gear", TeethA: 18, TeethB: 54}, "ratio", -1.0 / 3, "-18 / 54"},
		{commands.Couple{Type: "gear", TeethA: 18, TeethB: 54, Inside: true}, "ratio", 1.0 / 3, "18 / 54"},
		{commands.Couple{Type: "rack", Module: "2 mm", Teeth: 18}, "lead", 36 * math.Pi, ""},
		{commands.Couple{Type: "screw", Pitch: "4", Starts: 2, Reverse: true}, "lead", -8, "-2 * (4)"},
		{commands.Couple{Type: "screw", Lead: "0.25 in"}, "lead", 6.35, "0.25 in"},
	} {
		t.Run(c.say.Type, func(t *testing.T) {
			c.say.A, c.say.B = turn, other
			k := do(t, crank, c.say)
			n := k.Asm.Mates[len(k.Asm.Mates)-1]
			x, _ := n.Num(c.field)
			if math.Abs(x-c.want) > 1e-9 || c.text != "" && n.Text(c.field) != c.text {
				t.Errorf("%s %g, written %q; want %g", c.field, x, n.Text(c.field), c.want)
			}
		})
	}
	t.Run("cam", func(t *testing.T) {
		k := do(t, crank, commands.Couple{Type: "cam", A: turn, B: other, Profile: [][2]float64{{0, 0}, {90, 12}, {180, 0}}, Spline: true})
		if n := k.Asm.Mates[len(k.Asm.Mates)-1]; len(n.Points("profile")) != 3 || !n.Has("spline") {
			t.Errorf("%d points of lift", len(n.Points("profile")))
		}
	})
	refuses(t, crank, commands.Couple{Type: "gear", A: turn, B: other}, "tooth")
	refuses(t, crank, commands.Couple{Type: "rack", A: turn, B: m.ID, Module: "2", Teeth: 18}, "no slide")
	refuses(t, crank, commands.Couple{Type: "rack", A: turn, B: other, Teeth: 18}, "zero")
}

func number(x float64) *float64 { return &x }

// TestCamEdge takes the lifts of the sample's latch from the edge of its cam: a disc of radius 18 turned about a point 6 beside its middle lifts
// a flat by 6·(1 − cos θ) (any text on the theory of machines, the circular eccentric). What is no cam's edge, or no follower, is refused.
func TestCamEdge(t *testing.T) {
	const latch = "Vent latch"
	j := judge(t, latch)
	turn, slide := "", ""
	for _, m := range j.Asm.Mates {
		switch m.Type {
		case "revolute":
			turn = m.ID
		case "prismatic":
			slide = m.ID
			if l, ok := m.Limits("slide"); !ok || math.Abs(*l.Hi-*l.Lo-12) > 2e-3 {
				t.Errorf("the slide is not limited to its stroke: %+v", l)
			}
		}
	}
	find := func(component string, like func(f part.Feature) bool) string {
		p := j.Doc.Parts[j.Asm.Component(component).Part]
		for _, n := range p.Order {
			if like(p.Features[n]) {
				return component + "/" + n
			}
		}
		t.Fatalf("%s has no such feature", component)
		return ""
	}
	top := find("Latch cam", func(f part.Feature) bool { return f.Kind == part.Plane && f.Z.Z > 0.9 })
	flat := find("Latch follower", func(f part.Feature) bool { return f.Kind == part.Plane && f.Z.X < -0.9 && math.Abs(f.O.X) < 1e-9 })
	law := func(edge, tip string) (*cam.Law, error) {
		say := cam.Said{Turn: turn, Slide: slide}
		say.Face, _ = format.Ref(edge)
		say.Tip, _ = format.Ref(tip)
		return a.CamLaw(context.Background(), by[latch], say)
	}
	l, err := law(top, flat)
	if err != nil {
		t.Fatal(err)
	}
	at0 := l.Profile[0][1]
	for _, p := range l.Profile {
		if want := at0 - 6*(1-math.Cos(p[0]*math.Pi/180)); math.Abs(p[1]-want) > 2e-3 {
			t.Errorf("at %g°: %g, want %g", p[0], p[1], want)
		}
	}
	if math.Abs(l.Stroke-12) > 2e-3 || l.Tip != "flat" || math.Abs(l.HighAt) > 1 || math.Abs(l.LowAt-180) > 1 || math.Abs(l.Gap) > 1e-3 {
		t.Errorf("%+v", l)
	}
	side := find("Latch cam", func(f part.Feature) bool { return f.Kind == part.Cylinder && math.Abs(f.Radius-18) < 1e-6 })
	shank := find("Latch follower", func(f part.Feature) bool { return f.Kind == part.Cylinder && math.Abs(f.Radius-5) < 1e-6 })
	for _, c := range [][2]string{{side, flat}, {top, shank}, {"Latch plate/yz", flat}, {top, "Latch follower/nothing"}} {
		if l, err := law(c[0], c[1]); err == nil {
			t.Errorf("%s with %s was given %+v", c[0], c[1], l)
		}
	}
	got, err := a.TryCoupling(context.Background(), by[latch], commands.Couple{Type: "cam", A: turn, B: slide, Profile: [][2]float64{{0, 5}, {180, 9}}})
	if err != nil || got.Odds == "" {
		t.Errorf("a second law that says otherwise: %+v (%v)", got, err)
	}
}
