package edit

import (
	"encoding/json"
	"strings"

	"setfast/core/assembly"
	"setfast/core/format"
)

// Touches is what an edit changes and what it stands on, so that two made on the same state can be told to be independent.
// Names are of the assembly's members: "c/pin" a component, "at/pin" its pose, "m/axis 1" a relation, "planned", "measures",
// "drives", "settings", "name", "number". All stands for everything.
type Touches struct {
	Writes, Reads map[string]bool
	All           bool
}

// Touched gathers what an edit touches.
func Touched(e Edit) Touches {
	t := Touches{map[string]bool{}, map[string]bool{}, false}
	t.note(e)
	return t
}

// Disturbs tells whether an edit that was made before may change what another means.
func (t Touches) Disturbs(o Touches) bool {
	if t.All || o.All {
		return true
	}
	for k := range t.Writes {
		if o.Writes[k] || o.Reads[k] {
			return true
		}
	}
	return false
}

func (t *Touches) note(e Edit) {
	write := func(names ...string) {
		for _, n := range names {
			t.Writes[n] = true
		}
	}
	switch e := e.(type) {
	case Batch:
		for _, k := range e.Edits {
			t.note(k)
		}
	case Place:
		write("c/" + e.Component.Name)
	case Ground:
		write("c/" + e.Name)
		t.Reads["at/"+e.Name] = true // it is grounded where it stands
	case Suppress:
		write("c/" + e.Name)
	case Use:
		write("c/" + e.Name)
	case Flex:
		write("c/" + e.Name)
	case Move:
		for name := range e.Poses {
			write("at/" + name)
			t.Reads["c/"+name] = true
		}
	case Rename:
		write("c/"+e.Name, "c/"+e.To, "sheet/groups", "sheet/fits", "sheet/stacks", "sheet/copies", "sheet/explode", "sheet/explosions")
	case Relate:
		t.relation(e.Relation)
	case Change:
		t.relation(e.Relation)
	case Set:
		write("m/" + e.ID)
	case Plan:
		write("planned")
		if p, err := format.ReadPlanned(e.Planned); err == nil {
			t.reads(p.Ref)
			t.Reads["c/"+p.Component], t.Reads["m/"+p.Joint] = true, true
		}
	case Measure, Unmeasure:
		write("measures")
	case Drive, Undrive:
		write("drives")
	case Sheet:
		write("sheet/" + e.Name)
	case Settings:
		write("settings")
	case Values, Order, Reid: // every expression, place or name may mean another after it
		t.All = true
	case Title:
		if e.Name != nil {
			write("name")
		}
		if e.Number != nil {
			write("number")
		}
	default: // what takes away takes along what hangs on it; what names places of a list means another after it has changed
		t.All = true
	}
}

func (t *Touches) reads(r *assembly.Ref) {
	if r != nil && r.Head() != "" {
		t.Reads["c/"+r.Head()] = true
	}
}

// relation reads a relation's names without its values, which may be expressions.
func (t *Touches) relation(raw json.RawMessage) {
	var m map[string]any
	if json.Unmarshal(raw, &m) != nil {
		t.All = true
		return
	}
	if id, ok := m["id"].(string); ok {
		t.Writes["m/"+id] = true
	}
	var ref func(v any)
	ref = func(v any) {
		switch x := v.(type) {
		case string:
			if head, _, isRef := strings.Cut(x, "/"); isRef {
				t.Reads["c/"+head] = true
			} else {
				t.Reads["m/"+x] = true // a coupling names joints
			}
		case []any:
			for _, y := range x {
				ref(y)
			}
		}
	}
	for _, k := range []string{"a", "b", "about"} {
		ref(m[k])
	}
}
