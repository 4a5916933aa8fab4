package edit

import (
	"encoding/json"
	"fmt"

	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
)

// edit1 is an edit as version 1 wrote it: one struct for all kinds, settings under the names they have in Go. Logs of that time
// are read for ever; none is written any more.
type edit1 struct {
	Op        string               `json:"op"`
	Name      string               `json:"name"`
	To        string               `json:"to"`
	Component *Component           `json:"component"`
	At        *int                 `json:"at"`
	On        *bool                `json:"on"`
	Poses     map[string]geom.Pose `json:"poses"`
	Mate      json.RawMessage      `json:"mate"`
	Planned   json.RawMessage      `json:"planned"`
	Lists     *Lists               `json:"lists"`
	Settings  *struct {
		ToleranceMM, ToleranceDeg float64
		FastenersHeld             bool
	} `json:"settings"`
	Edits []edit1 `json:"edits"`
}

func decode1(data []byte) (Edit, error) {
	var e edit1
	if err := strictly(data, &e); err != nil {
		return nil, fmt.Errorf("this is no edit: %w", err)
	}
	return e.now()
}

// now is the edit in today's form.
func (e *edit1) now() (Edit, error) {
	on := e.On != nil && *e.On
	if e.On == nil && (e.Op == "ground" || e.Op == "suppress" || e.Op == "flex") {
		return nil, fmt.Errorf("%s: the member \"on\" is missing", e.Op)
	}
	switch e.Op {
	case "batch":
		var b Batch
		for i := range e.Edits {
			k, err := e.Edits[i].now()
			if err != nil {
				return nil, err
			}
			b.Edits = append(b.Edits, k)
		}
		return b, nil
	case "place":
		if e.Component == nil {
			return nil, fmt.Errorf("place: the member \"component\" is missing")
		}
		return Place{*e.Component, e.At}, nil
	case "remove":
		return Remove{e.Name}, nil
	case "ground":
		return Ground{e.Name, on}, nil
	case "suppress":
		return Suppress{e.Name, on}, nil
	case "flex":
		return Flex{e.Name, on}, nil
	case "move":
		return Move{e.Poses}, nil
	case "rename":
		return Rename{e.Name, e.To}, nil
	case "relate":
		return Relate{e.Mate, e.At}, nil
	case "unrelate":
		return Unrelate{e.Name}, nil
	case "change":
		return Change{e.Mate}, nil
	case "plan":
		return Plan{e.Planned, e.At}, nil
	case "unplan":
		if e.At == nil {
			return nil, fmt.Errorf("unplan: the member \"at\" is missing")
		}
		return Unplan{*e.At}, nil
	case "lists":
		if e.Lists == nil {
			return nil, fmt.Errorf("lists: the member \"lists\" is missing")
		}
		return *e.Lists, nil
	case "settings":
		if e.Settings == nil {
			return Settings{}, nil
		}
		return NewSettings(assembly.Settings{ToleranceMM: e.Settings.ToleranceMM, ToleranceDeg: e.Settings.ToleranceDeg, FastenersHeld: e.Settings.FastenersHeld}), nil
	case "title":
		return Title{&e.To, &e.Name}, nil
	}
	return nil, fmt.Errorf("unknown edit %q", e.Op)
}

// Lists puts whole lists back: what inverses of version 1 did.
type Lists struct {
	Mates    json.RawMessage `json:"mates,omitempty"`
	Planned  json.RawMessage `json:"planned,omitempty"`
	Measures json.RawMessage `json:"measures,omitempty"`
	Drives   json.RawMessage `json:"drives,omitempty"`
}

// Op is its name.
func (Lists) Op() string { return "lists" }

func (e Lists) apply(d *draft) (Edit, error) {
	var inv Lists
	if err := json.Unmarshal(raw(format.AssemblyObject(&d.Assembly)), &inv); err != nil {
		return nil, err
	}
	object := map[string]json.RawMessage{}
	var values struct{ Values json.RawMessage }
	if err := json.Unmarshal(raw(format.AssemblyObject(&d.Assembly)), &values); err != nil {
		return nil, err
	}
	for name, list := range map[string]json.RawMessage{"values": values.Values, "mates": e.Mates, "planned": e.Planned, "measures": e.Measures, "drives": e.Drives} {
		if len(list) > 0 && string(list) != "null" {
			object[name] = list
		}
	}
	text, err := json.Marshal(object)
	if err != nil {
		return nil, err
	}
	b, err := format.ReadAssembly(text)
	if err != nil {
		return nil, err
	}
	d.Mates, d.Planned, d.Measures, d.Drives = b.Mates, b.Planned, b.Measures, b.Drives
	return inv, nil
}
