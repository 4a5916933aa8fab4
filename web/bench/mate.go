package bench

import (
	"encoding/json"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/relation"
)

// mateView is a relation on its line, to be read as a sentence: what is put, how, and on what.
type mateView struct {
	ID         string
	Ends       []endView
	Words      string // of a coupling, which has no ends to pick
	Note       string
	Temporary  bool // by its note
	Asked      int
	Removed    int
	Posted     bool
	Suppressed bool
	LeftOut    bool // because it is at odds
	Miss       string
	Sense      string
	Fields     []fieldView
	Now        []nowView // where the coordinates of a joint stand
}

// nowView is where a coordinate of a joint stands; it can be brought elsewhere.
type nowView struct {
	Of, Said, Value, Unit string
	Length                bool
	Way                   string // the one way that it goes, if any
}

// endView is a feature of a relation, with the word before it.
type endView struct{ Before, End, Words string }

// fieldView is a number or a word of a relation that can be set.
type fieldView struct {
	Relation   string
	Name, Said string // as in files; what stands before it
	Label      string // for those who do not see it
	Kind       string // number, word, vector, limits or profile
	Values     []string
	Unit       string
	Length     bool     // it is in mm where nothing else is said
	Words      []string // of a word
	Open       string   // what is shown where nothing is said
}

func (t *told) mate(m *assembly.Mate) mateView {
	note := t.j.Result.Mates[m.ID]
	d := m.Descriptor()
	v := mateView{ID: m.ID, Suppressed: m.Suppressed, LeftOut: note.LeftOut, Sense: note.Sense, Note: m.Note, Temporary: temporary(m)}
	if m.IsCoupling() {
		v.Words = m.JointA + " " + d.Say.Verb + " " + m.JointB
	} else {
		v.Ends = t.ends(m)
	}
	if p, ok := t.posted[m.ID]; ok {
		v.Asked, v.Removed, v.Posted = p.Asked, p.Removed, true
	}
	for _, f := range d.Fields {
		if f.Said != "" {
			v.Fields = append(v.Fields, t.field(m, f, ""))
		}
	}
	for _, c := range d.Coordinates {
		of := ""
		if len(d.Coordinates) > 1 {
			of = strings.ReplaceAll(c.Name, "_", " ") + " "
		}
		for _, name := range []string{"at.", "limits."} {
			if f, ok := d.Field(name + c.Name); ok {
				v.Fields = append(v.Fields, t.field(m, f, of))
			}
		}
	}
	v.Now = t.now(m)
	if note.LeftOut {
		v.Miss = t.units.Said(words.Miss(note.Miss.MM, note.Miss.Deg))
	}
	return v
}

// temporary tells whether a relation is there only for the time being: its note begins so.
func temporary(m *assembly.Mate) bool {
	return strings.HasPrefix(strings.ToLower(strings.TrimSpace(m.Note)), "temporary")
}

// now says where the coordinates of a joint stand.
func (t *told) now(m *assembly.Mate) (out []nowView) {
	for _, c := range m.Descriptor().Coordinates {
		x, ok := t.coordinates[m.ID][c.Name]
		if !ok {
			continue
		}
		v := nowView{c.Name, strings.ReplaceAll(c.Name, "_", " "), part.Number(x), "°", !c.Angular, m.Word(relation.WayField(c.Name))}
		if !c.Angular {
			v.Value, v.Unit = t.units.Number(x), string(t.units)
		}
		out = append(out, v)
	}
	return out
}

// ends are the features of a relation.
func (t *told) ends(m *assembly.Mate) []endView {
	var out []endView
	add := func(before, end string, r *assembly.Ref) {
		if r != nil {
			out = append(out, endView{before, end, t.units.Said(words.Ref(t.j.Doc, t.j.Asm, *r))})
		}
	}
	add("", "put", &m.B)
	add("and", "put_too", m.B2)
	add(m.Descriptor().Say.Verb, "on", &m.A)
	add("and", "on_too", m.A2)
	add("about", "about", m.About)
	return out
}

// field shows a field of a relation as it stands.
func (t *told) field(m *assembly.Mate, f relation.Field, of string) fieldView {
	length := f.Unit() == string(words.MM)
	v := fieldView{Relation: m.ID, Name: f.Name, Said: of + f.Said, Label: of + f.Said + " of " + m.ID, Unit: t.units.Name(f.Unit()), Length: length, Words: f.Words, Open: "0", Kind: "number"}
	switch f.Kind {
	case relation.Word:
		v.Kind, v.Values = "word", []string{m.Word(f.Name)}
	case relation.Flag:
		v.Kind = "flag"
		if m.Has(f.Name) {
			v.Values = []string{"yes"}
		}
	case relation.Vector:
		v.Kind, v.Values = "vector", []string{"", "", ""}
		if x, ok := m.Vec(f.Name); ok {
			for i, c := range x.Array() {
				v.Values[i] = t.units.Number(c)
			}
		}
	case relation.Profile:
		raw, _ := json.Marshal(m.Points(f.Name)) // finite numbers
		v.Kind, v.Values = "profile", []string{strings.ReplaceAll(strings.Trim(string(raw), "[]"), "],[", "; ")}
	case relation.Limits:
		v.Kind, v.Open = "limits", "any"
		name := strings.TrimPrefix(f.Name, "limits.")
		v.Name = name
		k := relation.CoordinateKind(name)
		v.Length, v.Unit = k == relation.Length, t.units.Name(relation.Field{Kind: k}.Unit())
		for i := range 2 {
			v.Values = append(v.Values, t.written(m, relation.LimitField(name, i), "", v.Length))
		}
	default:
		v.Values = []string{t.written(m, f.Name, "", length)}
		if strings.HasPrefix(f.Name, "at.") {
			v.Open = "free"
		}
		if f.Name == m.Descriptor().Main {
			v.Label = "Value of " + m.ID
		}
		if f.Name == "value" && !f.Need {
			v.Open = "as it stands"
		}
	}
	return v
}

// written shows a number as it was written, or else what stands for none.
func (t *told) written(m *assembly.Mate, field, none string, length bool) string {
	x, ok := m.Num(field)
	switch {
	case !ok:
		return none
	case m.Text(field) != "":
		return m.Text(field)
	}
	if length {
		return t.units.Number(x)
	}
	return part.Number(x)
}

// Axes names the numbers of a vector.
func (fieldView) Axes() []string { return []string{"x", "y", "z"} }
