package app

import (
	"context"
	"encoding/json"
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/seat"
	"setfast/core/solve"
)

// Act is what a user does on the Bench. Do names it.
type Act struct {
	Do     string               `json:"do"`
	Base   int64                `json:"base"` // the state it was done on
	Name   string               `json:"name"` // of a component or a relation
	To     string               `json:"to"`
	Items  []string             `json:"items"` // keys of parts and assemblies to place
	Type   string               `json:"type"`
	Put    string               `json:"put"` // reference
	On     string               `json:"on"`
	Sense  string               `json:"sense"`
	Value  *float64             `json:"value"`
	Text   string               `json:"text"` // a value written as an expression
	Lo     *float64             `json:"lo"`
	Hi     *float64             `json:"hi"`
	Index  int                  `json:"index"`
	Remedy int                  `json:"remedy"`
	Flag   bool                 `json:"flag"`
	Mean   bool                 `json:"mean"`  // a new joint's motion is wanted
	Poses  map[string]edit.Pose `json:"poses"` // of parts that were pulled about
}

// Do carries an act out as one line of the log.
func (a *App) Do(ctx context.Context, id int64, who string, act Act) (*Judged, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	e, said, err := a.edit(ctx, j, act)
	if err != nil {
		return nil, err
	}
	return a.Post(ctx, id, act.Base, who, said, e)
}

func yes(b bool) *bool { return &b }

// edit turns an act into an edit and the words for it.
func (a *App) edit(ctx context.Context, j *Judged, act Act) (edit.Edit, string, error) {
	asm := j.Asm
	none := edit.Edit{}
	component := func() (*assembly.Component, error) {
		if c := asm.Component(act.Name); c != nil {
			return c, nil
		}
		return nil, userErr("there is no %q here any more", act.Name)
	}
	mate := func() (*assembly.Mate, error) {
		if m := asm.Mate(act.Name); m != nil {
			c := *m
			return &c, nil
		}
		return nil, userErr("there is no relation %q here any more", act.Name)
	}
	change := func(m *assembly.Mate, said string) (edit.Edit, string, error) {
		raw, err := json.Marshal(format.MateObject(m))
		return edit.Edit{Op: "change", Mate: raw}, said, err
	}
	switch act.Do {
	case "place":
		return a.place(ctx, j, act)
	case "ground":
		c, err := component()
		if err != nil {
			return none, "", err
		}
		e := edit.Edit{Op: "ground", Name: c.Name, On: yes(true)}
		if act.To == "origin" {
			move := edit.Edit{Op: "move", Poses: map[string]edit.Pose{c.Name: edit.PoseOf(geom.Home)}}
			return edit.Edit{Op: "batch", Edits: []edit.Edit{move, e}}, "ground " + c.Name + " on the origin", nil
		}
		return e, "ground " + c.Name + " where it stands", nil
	case "unground":
		c, err := component()
		if err != nil {
			return none, "", err
		}
		return edit.Edit{Op: "ground", Name: c.Name, On: yes(false)}, "unground " + c.Name, nil
	case "rename":
		to := strings.TrimSpace(act.To)
		if to == "" {
			return none, "", userErr("a name must not be empty")
		}
		return edit.Edit{Op: "rename", Name: act.Name, To: to}, "rename " + act.Name + " to " + to, nil
	case "remove":
		return edit.Edit{Op: "remove", Name: act.Name}, "remove " + act.Name, nil
	case "suppress part":
		word := "suppress "
		if !act.Flag {
			word = "bring back "
		}
		return edit.Edit{Op: "suppress", Name: act.Name, On: yes(act.Flag)}, word + act.Name, nil
	case "flexible":
		word := " moves in itself"
		if !act.Flag {
			word = " is rigid"
		}
		return edit.Edit{Op: "flex", Name: act.Name, On: yes(act.Flag)}, act.Name + word, nil
	case "relate":
		return a.relate(j, act)
	case "value":
		m, err := mate()
		if err != nil {
			return none, "", err
		}
		if act.Text != "" { // worked out when the relation is read again
			zero := 0.0
			field := "value"
			if m.Type == "rim" {
				field, m.Gap = "gap", &zero
			} else {
				m.Value = &zero
			}
			m.Text = map[string]string{field: act.Text}
			return change(m, fmt.Sprintf("set %s to %s", m.ID, act.Text))
		}
		if act.Value == nil {
			return none, "", userErr("a number is needed")
		}
		m.Text = nil // a number takes the place of what was written
		if m.Type == "rim" {
			m.Gap = act.Value
		} else {
			m.Value = act.Value
		}
		return change(m, fmt.Sprintf("set %s to %s", m.ID, part.Number(*act.Value)))
	case "turn":
		m, err := mate()
		if err != nil {
			return none, "", err
		}
		m.Sense = "opposed"
		if j.Result.Mates[m.ID].Sense == "opposed" {
			m.Sense = "same"
		}
		return change(m, "turn the alignment of "+m.ID)
	case "limits":
		m, err := mate()
		if err != nil {
			return none, "", err
		}
		of := act.Type
		m.Limits, m.Text = map[string]assembly.Range{}, nil
		for k, v := range asm.Mate(m.ID).Limits {
			m.Limits[k] = v
		}
		if act.Lo == nil && act.Hi == nil {
			delete(m.Limits, of)
		} else {
			m.Limits[of] = assembly.Range{Lo: act.Lo, Hi: act.Hi}
		}
		return change(m, "set the limits of "+m.ID)
	case "suppress":
		m, err := mate()
		if err != nil {
			return none, "", err
		}
		m.Suppressed = act.Flag
		word := "suppress "
		if !act.Flag {
			word = "bring back "
		}
		return change(m, word+m.ID)
	case "unrelate":
		return edit.Edit{Op: "unrelate", Name: act.Name}, "delete " + act.Name, nil
	case "mean":
		p, err := seat.Mean(j.Doc, j.Doc.Root, j.Result, act.Index)
		if err != nil {
			return none, "", userErr("%s", err)
		}
		raw, err := json.Marshal(format.PlannedObject(p))
		return edit.Edit{Op: "plan", Planned: raw}, "plan the " + j.Result.Motions[act.Index].Kind + " of " + strings.Join(j.Result.Motions[act.Index].Rides, ", "), err
	case "unplan":
		i := act.Index
		return edit.Edit{Op: "unplan", At: &i}, "withdraw a planned motion", nil
	case "remedy":
		return a.remedy(j, act)
	case "park":
		return a.park(asm, act)
	case "title":
		return edit.Edit{Op: "title", Name: strings.TrimSpace(act.Name), To: strings.TrimSpace(act.To)}, "name the assembly " + act.To, nil
	case "held":
		s := j.Doc.SettingsOf(asm)
		s.FastenersHeld = act.Flag
		return edit.Edit{Op: "settings", Settings: &s}, "change what the spin of fasteners counts as", nil
	}
	return none, "", userErr("unknown act %q", act.Do)
}

// place puts parts and assemblies beside what is there, spread out; the first of all is grounded on the origin.
func (a *App) place(ctx context.Context, j *Judged, act Act) (edit.Edit, string, error) {
	if len(act.Items) == 0 {
		return edit.Edit{}, "", userErr("choose something to place")
	}
	if len(act.Items) > 500 {
		return edit.Edit{}, "", userErr("place at most 500 at once")
	}
	var there, arrive []seat.Box
	for _, c := range j.Asm.Components {
		if b, err := a.extent(ctx, c.Part, c.Assembly); err == nil {
			there = append(there, b.Around(c.Pose))
		}
	}
	var names []string
	taken := map[string]bool{}
	var e edit.Edit
	e.Op = "batch"
	for _, key := range act.Items {
		id, isPart, err := KeyID(key)
		if err != nil {
			return e, "", userErr("%s", err)
		}
		k := &edit.Component{}
		var want string
		if isPart {
			row, err := a.Store.Part(ctx, id)
			if err != nil {
				return e, "", userErr("that part is no longer on the Shelf")
			}
			k.Part, want = key, row.Name
		} else {
			row, err := a.Store.Assembly(ctx, id)
			if err != nil {
				return e, "", userErr("that assembly is no longer there")
			}
			k.Assembly, want = key, row.Name
		}
		k.Name = FreeName(j.Asm, want, taken)
		taken[k.Name] = true
		b, err := a.extent(ctx, k.Part, k.Assembly)
		if err != nil {
			return e, "", err
		}
		arrive = append(arrive, b)
		names = append(names, k.Name)
		e.Edits = append(e.Edits, edit.Edit{Op: "place", Component: k})
	}
	first := len(j.Asm.Components) == 0
	if first { // the first stays on the origin, the rest are spread beside it
		e.Edits[0].Component.Grounded = true
		e.Edits[0].Component.Pose = edit.PoseOf(geom.Home)
		there = append(there, arrive[0])
	}
	skip := 0
	if first {
		skip = 1
	}
	for i, p := range seat.Spread(there, arrive[skip:]) {
		e.Edits[i+skip].Component.Pose = edit.PoseOf(p)
	}
	return e, "place " + strings.Join(names, ", "), nil
}

// extent is the box of a part or an assembly in its own frame.
func (a *App) extent(ctx context.Context, partKey, asmKey string) (seat.Box, error) {
	if partKey != "" {
		id, _, err := KeyID(partKey)
		if err != nil {
			return seat.Box{}, err
		}
		row, err := a.Store.Part(ctx, id)
		if err != nil {
			return seat.Box{}, err
		}
		d, _, err := a.Derived(ctx, row.DerivedSHA256)
		if err != nil {
			return seat.Box{}, err
		}
		lo, hi, _ := d.Extent()
		return seat.Box{Low: lo, High: hi}, nil
	}
	id, _, err := KeyID(asmKey)
	if err != nil {
		return seat.Box{}, err
	}
	st, _, err := a.Store.State(ctx, id)
	if err != nil {
		return seat.Box{}, err
	}
	var box seat.Box
	for i, c := range st.Components {
		b, err := a.extent(ctx, c.Part, c.Assembly)
		if err != nil {
			return box, err
		}
		b = b.Around(c.Pose)
		if i == 0 {
			box = b
		} else {
			box = box.Join(b)
		}
	}
	return box, nil
}

// stems are what new relations are called, with a number behind.
var stems = map[string]string{"coincident": "on", "concentric": "axis", "rim": "rim", "distance": "distance", "angle": "angle", "parallel": "parallel",
	"perpendicular": "square", "fastened": "fixed", "tangent": "rest", "hold_spin": "spin", "revolute": "turn", "prismatic": "slide", "cylindrical": "turn and slide"}

// relate posts a new relation. The side it holds by now is written down, so that it never flips later.
func (a *App) relate(j *Judged, act Act) (edit.Edit, string, error) {
	put, err := format.Ref(act.Put)
	if err != nil {
		return edit.Edit{}, "", userErr("%s", err)
	}
	on, err := format.Ref(act.On)
	if err != nil {
		return edit.Edit{}, "", userErr("%s", err)
	}
	if !slices.Contains(solve.Types(), act.Type) {
		return edit.Edit{}, "", userErr("unknown relation %q", act.Type)
	}
	stem := stems[act.Type]
	if stem == "" {
		stem = act.Type
	}
	m := &assembly.Mate{ID: FreeID(j.Asm, stem), Type: act.Type, A: on, B: put, Sense: act.Sense}
	if act.Type == "distance" || act.Type == "angle" {
		if act.Value == nil {
			return edit.Edit{}, "", userErr("%s needs a value", act.Type)
		}
		m.Value = act.Value
	}
	if solve.IsJoint(act.Type) && (act.Lo != nil || act.Hi != nil) {
		of := "angle"
		if act.Type == "prismatic" {
			of = "slide"
		}
		m.Limits = map[string]assembly.Range{of: {Lo: act.Lo, Hi: act.Hi}}
	}
	if m.Sense == "" && m.Value == nil {
		o, err := seat.Try(j.Doc, j.Doc.Root, m)
		if err != nil {
			return edit.Edit{}, "", userErr("%s", plainFault(err))
		}
		m.Sense = o.Sense
	}
	raw, err := json.Marshal(format.MateObject(m))
	if err != nil {
		return edit.Edit{}, "", err
	}
	e := edit.Edit{Op: "relate", Mate: raw}
	if act.Mean && solve.IsJoint(act.Type) {
		p, err := json.Marshal(format.PlannedObject(assembly.Planned{Joint: m.ID}))
		if err != nil {
			return e, "", err
		}
		e = edit.Edit{Op: "batch", Edits: []edit.Edit{e, {Op: "plan", Planned: p}}}
	}
	return e, fmt.Sprintf("%s: %s on %s", m.ID, a.refWords(j, put), a.refWords(j, on)), nil
}

// refWords names a picked feature for people.
func (a *App) refWords(j *Judged, r assembly.Ref) string {
	return RefWords(j.Doc, j.Asm, r)
}

// RefWords names a feature by what it is and whose it is.
func RefWords(doc *assembly.Document, asm *assembly.Assembly, r assembly.Ref) string {
	_, f, err := doc.Lookup(asm, r)
	if err != nil {
		return r.String()
	}
	what := f.Describe()
	switch r.Feature {
	case "origin":
		what = "origin"
	case "xy", "yz", "zx":
		what = r.Feature + " plane"
	case "x", "y", "z":
		what = r.Feature + " axis"
	}
	owner := "the assembly"
	if len(r.Path) > 0 {
		owner = strings.Join(r.Path, " › ")
	}
	return what + " · " + owner
}

// remedy applies one of the changes that would settle a conflict.
func (a *App) remedy(j *Judged, act Act) (edit.Edit, string, error) {
	if act.Index < 0 || act.Index >= len(j.Result.Odds) || act.Remedy < 0 || act.Remedy >= len(j.Result.Odds[act.Index].Remedies) {
		return edit.Edit{}, "", userErr("that finding is settled already")
	}
	r := j.Result.Odds[act.Index].Remedies[act.Remedy]
	switch r.Kind {
	case "suppress":
		return a.edit(context.Background(), j, Act{Do: "suppress", Name: r.Mate, Flag: true})
	case "set":
		return a.edit(context.Background(), j, Act{Do: "value", Name: r.Mate, Value: r.Value})
	case "turn":
		return a.edit(context.Background(), j, Act{Do: "turn", Name: r.Mate})
	case "unground":
		return a.edit(context.Background(), j, Act{Do: "unground", Name: r.Component})
	case "free":
		m := j.Asm.Mate(r.Mate)
		if m == nil {
			return edit.Edit{}, "", userErr("that relation is gone")
		}
		c := *m
		c.At = map[string]float64{}
		for k, v := range m.At {
			if k != r.Coordinate {
				c.At[k] = v
			}
		}
		raw, err := json.Marshal(format.MateObject(&c))
		return edit.Edit{Op: "change", Mate: raw}, "free " + r.Coordinate + " of " + r.Mate, err
	}
	return edit.Edit{}, "", userErr("this remedy cannot be applied here")
}

// Offers tries the relations that two picked features allow.
func (a *App) Offers(ctx context.Context, id int64, put, on, sense string) ([]seat.Offer, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	p, err := format.Ref(put)
	if err != nil {
		return nil, userErr("%s", err)
	}
	o, err := format.Ref(on)
	if err != nil {
		return nil, userErr("%s", err)
	}
	out, err := seat.Offers(j.Doc, j.Doc.Root, p, o, sense)
	if err != nil {
		return nil, userErr("%s", plainFault(err))
	}
	return out, nil
}

// TryValue tries one relation with a value or an alignment, for the preview before it is posted.
func (a *App) TryValue(ctx context.Context, id int64, act Act) (*seat.Offer, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	put, err := format.Ref(act.Put)
	if err != nil {
		return nil, userErr("%s", err)
	}
	on, err := format.Ref(act.On)
	if err != nil {
		return nil, userErr("%s", err)
	}
	o, err := seat.Try(j.Doc, j.Doc.Root, &assembly.Mate{ID: "\x00offer", Type: act.Type, A: on, B: put, Sense: act.Sense, Value: act.Value})
	if err != nil {
		return nil, userErr("%s", plainFault(err))
	}
	return &o, nil
}

// Export gives an assembly and what it uses as a document.
func (a *App) Export(ctx context.Context, id int64) ([]byte, error) {
	doc, _, err := a.Document(ctx, id, nil)
	if err != nil {
		return nil, err
	}
	used := format.Used(doc)
	for _, k := range doc.PartOrder {
		// names found in the source are written as listed features, since the source does not go along. Of a round part only the
		// faces do, and what is referred to: seams and their ends would tell it from a round one.
		p := *doc.Parts[k]
		p.Source, p.Listed = part.Source{}, 0
		if p.Round() {
			order := p.Order
			p.Order = nil
			for _, n := range order {
				if f := p.Features[n]; used[k][n] || f.Kind == part.Plane || f.Kind == part.Cylinder || f.Kind == part.Cone || f.Kind == part.Sphere {
					p.Order = append(p.Order, n)
				}
			}
		}
		p.Shape = nil
		doc.Parts[k] = &p
	}
	return format.Write(doc)
}

// Bare is the assembly as a document that solves by itself, for the core in the browser.
func (a *App) Bare(ctx context.Context, id int64) ([]byte, error) {
	doc, _, err := a.Document(ctx, id, nil)
	if err != nil {
		return nil, err
	}
	return format.Write(format.Bare(doc))
}

// park keeps parts where they were pulled to.
func (a *App) park(asm *assembly.Assembly, act Act) (edit.Edit, string, error) {
	if len(act.Poses) == 0 {
		return edit.Edit{}, "", userErr("nothing was moved")
	}
	e := edit.Edit{Op: "move", Poses: map[string]edit.Pose{}}
	for name, p := range act.Poses {
		c := asm.Component(name)
		if c == nil {
			return e, "", userErr("there is no %q here any more", name)
		}
		if c.Grounded {
			continue
		}
		for _, x := range append(p.Origin[:], p.Quaternion[:]...) {
			if math.IsNaN(x) || math.Abs(x) > 1e7 {
				return e, "", userErr("%s was not moved to a place in space", name)
			}
		}
		e.Poses[name] = p
	}
	return e, "park " + act.Name, nil
}
