package relate

import (
	"context"
	"math"
	"strings"
	"testing"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
)

// drilled is a plate w by d, 10 thick, with holes of one radius through it.
func drilled(w, d, r float64, at ...geom.Vec) []part.Surface {
	var holes []part.Surface
	for i, o := range at {
		holes = append(holes, round("hole"+string(rune('1'+i)), part.Cylinder, o.Add(geom.V(0, 0, 5)), r, -5, 5, "hole"))
	}
	list := block(geom.V(0, 0, 0), geom.V(w, d, 10), holes...)
	const cell = 2.5 // of the faces, those left out that a hole goes through
	for i := range list[:2] {
		z := list[i].O.Z
		list[i].Triangles = nil
		for x := 0.0; x < w; x += cell {
			for y := 0.0; y < d; y += cell {
				v := func(a, b float64) geom.Vec { return geom.V(math.Min(x+a, w), math.Min(y+b, d), z) }
				through := false
				for _, o := range at {
					through = through || math.Hypot(x+cell/2-o.X, y+cell/2-o.Y) < r+cell
				}
				if !through {
					list[i].Triangles = append(list[i].Triangles, v(0, 0), v(cell, 0), v(cell, cell), v(0, 0), v(cell, cell), v(0, cell))
				}
			}
		}
	}
	return list
}

// add places another part.
func add(d *assembly.Document, shapes map[string][]part.Surface, name, key string, list []part.Surface, at geom.Pose) {
	p := &part.Part{Features: map[string]part.Feature{}, Shape: []part.Feature{}}
	for _, s := range list {
		p.Features[s.Name] = s.Feature
		p.Order = append(p.Order, s.Name)
	}
	d.Parts[key], shapes[key] = p, list
	a := *d.Assemblies["main"]
	a.Components = append(a.Components[:len(a.Components):len(a.Components)], &assembly.Component{Name: name, Part: key, Pose: at})
	d.Assemblies["main"] = a.Seal()
}

func said(id, kind, a, b, sense string) *assembly.Mate {
	ref := func(s string) assembly.Ref {
		p := strings.Split(s, "/")
		return assembly.Ref{Path: p[:1], Feature: p[1]}
	}
	m := &assembly.Mate{ID: id, Type: kind, A: ref(a), B: ref(b)}
	m.Params = m.Params.WithWord("sense", sense)
	return m
}

// TestFollowing: a cover is laid on the holes of its plate by their pitch, with the mismatch told where they differ; a pin goes into what it
// fills and into nothing that is taken; what is seated once is offered again in the places that are left.
func TestFollowing(t *testing.T) {
	v := geom.V
	four := []geom.Vec{v(10, 10, 0), v(90, 10, 0), v(10, 50, 0), v(90, 50, 0)}
	next := func(d *assembly.Document, shapes map[string][]part.Surface, name string) []Next {
		t.Helper()
		list, _, err := Following(context.Background(), d, "main", name, func(k string) []part.Surface { return shapes[k] })
		if err != nil {
			t.Fatal(err)
		}
		return list
	}
	for off, want := range map[float64]float64{0: 0, 0.4: 0.4} {
		cover := []geom.Vec{v(15, 20, 0), v(95, 20, 0), v(15, 60+off, 0), v(95, 60+off, 0)}
		d, _ := two(drilled(100, 60, 3.3, four...), drilled(110, 80, 3.3, cover...), shift(200, 0, 30))
		shapes := map[string][]part.Surface{"a": drilled(100, 60, 3.3, four...), "b": drilled(110, 80, 3.3, cover...)}
		list := next(d, shapes, "b")
		if len(list) == 0 || list[0].Kind != "pattern" || off == 0 && list[0].Left != 0 || math.Abs(list[0].Apart-want) > 0.21 || (want > 0) != strings.Contains(list[0].Says, "differs by") {
			t.Fatalf("pitch off by %g: %+v", off, list)
		}
		if off == 0 && len(list[0].Mates) != 3 {
			t.Errorf("a face and two axes are wanted: %v", list[0].Mates)
		}
	}
	d, _ := two(drilled(100, 60, 3, four...), nil, shift(0, 0, 0))
	a := *d.Assemblies["main"]
	a.Components = a.Components[:1]
	d.Assemblies["main"] = a.Seal()
	shapes := map[string][]part.Surface{"a": drilled(100, 60, 3, four...)}
	pin := append(block(v(-6, -6, 0), v(6, 6, 4)), round("shank", part.Cylinder, v(0, 0, 0), 2.9, -20, 0, "shaft"))
	for i := range 2 {
		add(d, shapes, []string{"pin 1", "pin 2"}[i], "pin", pin, shift(200, 30*float64(i), 40))
	}
	list := next(d, shapes, "pin 1")
	if len(list) != 4 || list[0].Kind != "shank" || list[0].Left != 1 || len(list[0].Mates) != 2 {
		t.Fatalf("a pin into four holes: %+v", list)
	}
	asm := *d.Assemblies["main"]
	asm.Mates = []*assembly.Mate{said("axis", "concentric", "a/hole1", "pin 1/shank", "same"), said("on", "coincident", "a/top", "pin 1/under", "opposed")}
	asm.Components[1].Pose = shift(10, 10, 10)
	d.Assemblies["main"] = asm.Seal()
	list = next(d, shapes, "pin 2")
	_, taken, err := Following(context.Background(), d, "main", "pin 2", func(k string) []part.Surface { return shapes[k] })
	if err != nil || len(taken) != 1 || taken[0].Ref != "a/hole1" {
		t.Errorf("taken are %v (%v), want the first hole", taken, err)
	}
	kinds := map[string]int{}
	for _, n := range list {
		kinds[n.Kind]++
		for _, m := range n.Mates {
			if m.A.Feature == "hole1" {
				t.Errorf("%s goes where pin 1 is", n.Says)
			}
		}
	}
	for _, n := range list {
		if len(n.Through) > 0 {
			t.Errorf("%s passes through %v", n.Says, n.Through)
		}
	}
	if kinds["twin"] != 3 || kinds["fill"] != 1 || list[0].Kind != "twin" || !strings.Contains(list[0].Says, "as pin 1") {
		t.Errorf("a second pin: %v", kinds)
	}
	if fill := list[len(list)-1]; len(fill.Places) != 2 || len(fill.Mates) != 6 || fill.Places[0].Name != "pin 3" {
		t.Errorf("filling the rest places %d more with %d relations", len(fill.Places), len(fill.Mates))
	}
	if _, _, err := Following(context.Background(), d, "main", "nothing", nil); err == nil {
		t.Error("a component that is not there was given a place")
	}
}

// TestSettling: a part that is related in part is offered the contact that would stop it, and last of all to be held where it is.
func TestSettling(t *testing.T) {
	v := geom.V
	d, shapes := two(drilled(100, 60, 3, v(20, 20, 0)), append(block(v(-8, -8, 0), v(8, 8, 6)), round("shank", part.Cylinder, v(0, 0, 0), 2.9, -9, 0, "shaft")), shift(20, 20, 10))
	asm := *d.Assemblies["main"]
	asm.Mates = []*assembly.Mate{said("axis", "concentric", "a/hole1", "b/shank", "same")}
	d.Assemblies["main"] = asm.Seal()
	list, _, err := Following(context.Background(), d, "main", "b", shapes)
	if err != nil || len(list) < 2 {
		t.Fatal(err, list)
	}
	first, last := list[0], list[len(list)-1]
	if first.Kind != "contact" || first.Left != 1 || len(first.Mates) != 1 || first.Mates[0].Type != "coincident" {
		t.Errorf("first is proposed %s: %s, leaving %d by %d relations", first.Kind, first.Says, first.Left, len(first.Mates))
	}
	if last.Kind != "held" || last.Mates[0].Type != "hold_spin" || len(last.Mates) != 1 {
		t.Errorf("last is proposed %s: %s", last.Kind, last.Says)
	}
}

// TestFacesInReach: a block above a plate is offered to be laid on it; far away, or looking at nothing, it is not.
func TestFacesInReach(t *testing.T) {
	v := geom.V
	for _, c := range []struct {
		at   geom.Pose
		want string
	}{
		{shift(10, 10, 22), "face on face, 12 mm away · a"}, {shift(10, 10, 300), ""}, {shift(-300, 10, 22), ""},
	} {
		d, shapes := two(block(v(0, 0, 0), v(60, 60, 10)), block(v(0, 0, 0), v(20, 30, 40)), c.at)
		list, _, err := Following(context.Background(), d, "main", "b", shapes)
		if err != nil {
			t.Fatal(err)
		}
		said := ""
		if len(list) > 0 {
			said = list[0].Says
		}
		if said != c.want || c.want != "" && (list[0].Left != 3 || len(list[0].Through) > 0) {
			t.Errorf("at %v: %q, want %q", c.at.O, said, c.want)
		}
	}
}

// TestTabs: a key is proposed for the slot it fits and not for a wider one.
func TestTabs(t *testing.T) {
	v := geom.V
	for width, want := range map[float64]int{8: 1, 7.8: 1, 7: 0, 8.2: 0} {
		slotted := append(block(v(-30, 0, 0), v(-4, 60, 20)), block(v(4, 0, 0), v(30, 60, 20))...)
		for i := range slotted {
			slotted[i].Name += string(rune('a' + i))
		}
		d, shapes := two(slotted, block(v(0, 0, 0), v(width, 30, 11)), shift(100, 0, 0))
		list, _, err := Following(context.Background(), d, "main", "b", shapes)
		if err != nil {
			t.Fatal(err)
		}
		n := 0
		for _, x := range list {
			if x.Kind == "tab" && x.Left == 3 && x.Apart == 0 {
				n++
			}
		}
		if n != want {
			t.Errorf("a key %g wide is proposed for a slot 8 wide %d times, want %d: %+v", width, n, want, list)
		}
	}
}

// TestSeatings: a square peg in a square pocket sits in four ways, a plate on two holes in two; a pin is turned end for end.
func TestSeatings(t *testing.T) {
	v := geom.V
	peg := block(v(-5, -5, 0), v(5, 5, 20), round("bore", part.Cylinder, v(0, 0, 10), 2, -10, 10, "hole"))
	pocket := drilled(60, 60, 2, v(30, 30, 0))
	for _, c := range []struct {
		name  string
		a, b  []part.Surface
		mates []*assembly.Mate
		want  int
	}{
		{"a square peg", pocket, peg, []*assembly.Mate{said("axis", "concentric", "a/hole1", "b/bore", "same"), said("on", "coincident", "a/top", "b/under", "opposed"), said("side", "parallel", "a/right", "b/right", "same")}, 8},
		{"a plate on two holes", drilled(60, 40, 3, v(10, 20, 0), v(50, 20, 0)), drilled(60, 40, 3, v(10, 20, 0), v(50, 20, 0)),
			[]*assembly.Mate{said("on", "coincident", "a/top", "b/under", "opposed"), said("1", "concentric", "a/hole1", "b/hole1", "same"), said("2", "concentric", "a/hole2", "b/hole2", "same")}, 4},
	} {
		d, shapes := two(c.a, c.b, shift(0, 0, 10))
		asm := *d.Assemblies["main"]
		asm.Mates = c.mates
		d.Assemblies["main"] = asm.Seal()
		list, err := Seatings(context.Background(), d, "main", "b", shapes)
		if err != nil {
			t.Fatal(c.name, err)
		}
		if len(list) != c.want || !list[0].Now || len(list[0].Mates) != 0 {
			t.Errorf("%s sits in %d ways, want %d", c.name, len(list), c.want)
			for _, s := range list {
				t.Log(s.Says, s.Left)
			}
		}
		for _, s := range list[1:] {
			if len(s.Mates) == 0 || s.Left != list[0].Left {
				t.Errorf("%s, %s: %d relations change, %d left", c.name, s.Says, len(s.Mates), s.Left)
			}
		}
		asm.Mates = nil
		d.Assemblies["main"] = asm.Seal()
		if _, err := Seatings(context.Background(), d, "main", "b", shapes); err == nil {
			t.Error("what nothing seats has seatings")
		}
	}
}

// TestTurning: a lever goes on the pin that stands in a plate, up against the plate, as a turning joint; a nut goes there rim on rim.
func TestTurning(t *testing.T) {
	v := geom.V
	plate := append(drilled(100, 60, 3, v(20, 20, 0)), round("upper", part.Circle, v(20, 20, 10), 3, 0, 0, ""), round("lower", part.Circle, v(20, 20, 0), 3, 0, 0, ""))
	lever := append(drilled(60, 20, 3.05, v(10, 10, 0)), round("far", part.Circle, v(10, 10, 10), 3.05, 0, 0, ""), round("near", part.Circle, v(10, 10, 0), 3.05, 0, 0, ""))
	pin := append(block(v(-6, -6, 0), v(6, 6, 4)), round("shank", part.Cylinder, v(0, 0, 0), 2.9, -24, 0, "shaft"))
	for _, fastener := range []bool{false, true} {
		d, _ := two(plate, pin, shift(20, 20, 10))
		shapes := map[string][]part.Surface{"a": plate, "b": pin}
		add(d, shapes, "lever", "lever", lever, shift(200, 0, 50))
		d.Parts["lever"].Fastener = fastener
		asm := *d.Assemblies["main"]
		asm.Mates = []*assembly.Mate{said("axis", "concentric", "a/hole1", "b/shank", "same"), said("on", "coincident", "a/top", "b/under", "opposed")}
		d.Assemblies["main"] = asm.Seal()
		list, _, err := Following(context.Background(), d, "main", "lever", func(k string) []part.Surface { return shapes[k] })
		if err != nil {
			t.Fatal(err)
		}
		kind, left := "revolute", 1
		if fastener {
			kind, left = "rim", 0 // its spin is idle
		}
		best := list[0]
		if best.Kind != "turn" || best.Left != left || len(best.Mates) != 1 || best.Mates[0].Type != kind || best.Mates[0].A.String() != "a/lower" || len(best.Through) > 0 {
			t.Errorf("fastener %v: best is %s (%s), leaves %d, %v", fastener, best.Kind, best.Says, best.Left, best.Mates)
		}
		if z := best.Poses["lever"].O.Z; math.Abs(z) > 1e-9 && math.Abs(z+10) > 1e-9 { // one side or the other against the plate's underside
			t.Errorf("fastener %v: the lever is at z = %g", fastener, z)
		}
	}
}
