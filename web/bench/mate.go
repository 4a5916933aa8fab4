package bench

import (
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/relation"
)

// mateView is a relation on its line.
type mateView struct {
	ID, Words  string
	Asked      int
	Removed    int
	Posted     bool
	Suppressed bool
	LeftOut    bool // because it is at odds
	Miss       string
	HasValue   bool
	Value      string // as it is written
	Unit       string
	Length     bool // the value is a length
	Sense      string
	Limits     []limitView
}

// limitView is a coordinate of a joint that may be limited.
type limitView struct {
	Of, Lo, Hi, Unit string
	Length           bool
}

func (t *told) mate(m *assembly.Mate) mateView {
	note := t.j.Result.Mates[m.ID]
	d := m.Descriptor()
	v := mateView{ID: m.ID, Suppressed: m.Suppressed, LeftOut: note.LeftOut, Sense: note.Sense,
		Words: t.units.Said(words.Ref(t.j.Doc, t.j.Asm, m.B) + " — " + words.Ref(t.j.Doc, t.j.Asm, m.A))}
	if m.IsCoupling() {
		v.Words = m.Type + ": " + m.JointA + " drives " + m.JointB
	}
	if p, ok := t.posted[m.ID]; ok {
		v.Asked, v.Removed, v.Posted = p.Asked, p.Removed, true
	}
	if d.Main != "" && (m.Has(d.Main) || !d.Needed() && !m.IsCoupling() && d.Reads()) {
		v.Length = d.Unit() == string(words.MM)
		v.HasValue, v.Value, v.Unit = true, t.written(m, d.Main, "0", v.Length), t.units.Name(d.Unit())
		if d.Main != "value" {
			v.Unit += " " + d.Main
		}
	}
	for _, c := range d.Coordinates {
		v.Limits = append(v.Limits, limitView{c.Name, t.written(m, relation.LimitField(c.Name, 0), "", !c.Angular), t.written(m, relation.LimitField(c.Name, 1), "", !c.Angular), t.units.Name(c.Unit()), !c.Angular})
	}
	if note.LeftOut {
		v.Miss = t.units.Said(words.Miss(note.Miss.MM, note.Miss.Deg))
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
