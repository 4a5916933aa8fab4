package assembly

import (
	"fmt"
	"reflect"
	"strings"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
)

// nested is a wall with a gate used in it, which has a hinge used in it.
func nested() *Document {
	leaf := &part.Part{Features: map[string]part.Feature{"pin": {Kind: part.Axis, Z: geom.V(0, 0, 1)}}, Order: []string{"pin"}}
	return &Document{Root: "wall", Parts: map[string]*part.Part{"leaf": leaf}, Order: []string{"hinge", "gate", "wall"}, Assemblies: map[string]*Assembly{
		"hinge": {Components: []*Component{{Name: "fixed", Part: "leaf", Grounded: true, Pose: geom.Home}, {Name: "moving", Part: "leaf", Pose: geom.Home}},
			Mates:   []*Mate{{ID: "turn", Type: "revolute", A: Ref{[]string{"fixed"}, "pin"}, B: Ref{[]string{"moving"}, "pin"}}},
			Planned: []Planned{{Joint: "turn"}, {Component: "moving", Motion: "turn", Ref: &Ref{[]string{"fixed"}, "pin"}}}},
		"gate": {Components: []*Component{{Name: "post", Part: "leaf", Grounded: true, Pose: geom.Home}, {Name: "upper", Assembly: "hinge", Flexible: true, Pose: geom.Pose{O: geom.V(0, 0, 500), Q: geom.Identity}}},
			Mates: []*Mate{{ID: "hang", Type: "fastened", A: Ref{[]string{"post"}, "pin"}, B: Ref{[]string{"upper", "fixed"}, "pin"}}}},
		"wall": {Components: []*Component{{Name: "north", Assembly: "gate", Flexible: true, Grounded: true, Pose: geom.Pose{O: geom.V(9, 0, 0), Q: geom.Identity}}, {Name: "south", Assembly: "gate", Pose: geom.Home}}},
	}}
}

// TestFlatten lays two levels of flexible uses open: free components and relations come along under the names of their uses,
// grounded ones become one.
func TestFlatten(t *testing.T) {
	o := nested().Open()
	still := func(string, string) geom.Pose { return geom.Home }
	flat, err := o.Flat("wall")
	if err != nil {
		t.Fatal(err)
	}
	var names []string
	for _, c := range flat.Components {
		names = append(names, c.Name)
	}
	// the gate's post stands for what is grounded there; the hinge's fixed leaf hangs on it, free
	if want := []string{"north/post", "north/upper/fixed", "north/upper/moving", "south"}; !reflect.DeepEqual(names, want) {
		t.Errorf("components %v, want %v", names, want)
	}
	var ids []string
	for _, m := range flat.Mates {
		ids = append(ids, m.ID)
	}
	if want := []string{"north/upper/turn", "north/hang"}; !reflect.DeepEqual(ids, want) {
		t.Errorf("relations %v, want %v", ids, want)
	}
	ps := flat.Planned
	if len(ps) != 2 || ps[0].Joint != "north/upper/turn" || ps[1].Component != "north/upper/moving" || ps[1].Ref.String() != "north/upper/fixed/pin" {
		t.Errorf("planned %+v", ps)
	}
	// the frame of a flexible use goes with what is grounded in it; a rigid use is one body, flexible ones inside it or not
	for r, want := range map[string]string{
		"north/upper/moving/pin": "north/upper/moving", "north/post/pin": "north/post", "south/upper/fixed/pin": "south",
		"north/xy": "north/post", "north/upper/origin": "north/upper/fixed", "south/upper/origin": "south", "south/x": "south",
	} {
		p := strings.Split(r, "/")
		at, err := o.Find("wall", Ref{p[:len(p)-1], p[len(p)-1]}, still)
		if err != nil || at.Component != want || at.Absent {
			t.Errorf("%s: %+v, %v, want %s", r, at, err, want)
		}
	}
	if c := flat.Component("north/post"); !c.Grounded || c.Pose.O != geom.V(9, 0, 0) {
		t.Errorf("the grounded use stands at %+v", c)
	}
}

// TestFlattenRefuses a flexible use of what nothing holds.
func TestFlattenRefuses(t *testing.T) {
	d := nested()
	d.Assemblies["hinge"].Components[0].Grounded = false
	if _, err := d.Open().Flat("gate"); err == nil || !strings.Contains(err.Error(), "no grounded component") {
		t.Errorf("%v", err)
	}
}

// TestLookup says what is not there and what may have been meant.
func TestLookup(t *testing.T) {
	d := nested()
	wall := d.Assemblies["wall"]
	for says, r := range map[string]Ref{
		`no component "nort"; did you mean "north"?`: {[]string{"nort"}, "pin"},
		`did you mean "north"`:                       {[]string{"North"}, "origin"},
		`has no feature "hole"; there is pin`:        {[]string{"south", "post"}, "hole"},
		`no component "door"`:                        {[]string{"south", "door"}, "pin"},
		`nothing lies inside it`:                     {[]string{"south", "post", "deeper"}, "pin"},
		`has no feature "top" of its own`:            {nil, "top"},
	} {
		if _, _, err := d.Lookup(wall, r); err == nil || !strings.Contains(err.Error(), says) {
			t.Errorf("%s: %v, want %q", r, err, says)
		}
	}
	chain, f, err := d.Lookup(wall, Ref{[]string{"south", "upper", "moving"}, "pin"})
	if err != nil || len(chain) != 3 || f.Kind != part.Axis {
		t.Errorf("%v %v %v", chain, f, err)
	}
	if _, f, err := d.Lookup(wall, Ref{nil, "zx"}); err != nil || f.Z != geom.V(0, 1, 0) {
		t.Errorf("the assembly's own zx: %v %v", f, err)
	}
}

// TestLoops finds an assembly inside itself, however far down.
func TestLoops(t *testing.T) {
	d := nested()
	if l := d.Loops(); l != nil {
		t.Errorf("there is no loop, and yet %v", l)
	}
	d.Assemblies["hinge"].Components = append(d.Assemblies["hinge"].Components, &Component{Name: "again", Assembly: "wall"})
	if l := d.Loops(); len(l) < 2 || l[0] != "hinge" {
		t.Errorf("the loop is told as %v", l)
	}
}

// TestManyComponents finds components by name when there are many, and after they were renamed or moved.
func TestManyComponents(t *testing.T) {
	a := &Assembly{}
	for i := 0; i < 40; i++ {
		a.Components = append(a.Components, &Component{Name: strings.Repeat("x", i+1)})
	}
	if c := a.Component("xxx"); c != a.Components[2] {
		t.Errorf("found %v", c)
	}
	a.Components[2].Name = "renamed"
	if a.Component("xxx") != nil || a.Component("renamed") != a.Components[2] {
		t.Error("a renamed component is found by its old name")
	}
	a.Components = append(a.Components[1:], a.Components[0])
	if c := a.Component("x"); c == nil || c.Name != "x" || a.Component("nobody") != nil {
		t.Error("components that changed places are lost")
	}
}

// TestFlatWithoutEnd: levels that each use the one below twice, and flexibly, are refused before they take all memory.
func TestFlatWithoutEnd(t *testing.T) {
	d := &Document{Assemblies: map[string]*Assembly{"0": {Components: []*Component{{Name: "base", Part: "p", Grounded: true}, {Name: "arm", Part: "p"}}}}}
	o := d.Open()
	for i := 1; i < 40; i++ {
		below, name := fmt.Sprint(i-1), fmt.Sprint(i)
		d.Assemblies[name] = &Assembly{Components: []*Component{
			{Name: "one", Assembly: below, Flexible: true, Grounded: true, Pose: geom.Home}, {Name: "two", Assembly: below, Flexible: true, Pose: geom.Home}}}
		if _, err := o.Flat(name); err != nil {
			if !strings.Contains(err.Error(), "make some uses rigid") || i < 12 {
				t.Errorf("level %d: %v", i, err)
			}
			return
		}
	}
	t.Error("forty levels of doubling were laid open")
}
