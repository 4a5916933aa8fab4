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
	Sense      string
	Limits     []limitView
}

// limitView is a coordinate of a joint that may be limited.
type limitView struct{ Of, Lo, Hi, Unit string }

func (t *told) mate(m *assembly.Mate) mateView {
	note := t.j.Result.Mates[m.ID]
	d := m.Descriptor()
	v := mateView{ID: m.ID, Suppressed: m.Suppressed, LeftOut: note.LeftOut, Sense: note.Sense,
		Words: words.Ref(t.j.Doc, t.j.Asm, m.B) + " — " + words.Ref(t.j.Doc, t.j.Asm, m.A)}
	if m.IsCoupling() {
		v.Words = m.Type + ": " + m.JointA + " drives " + m.JointB
	}
	if p, ok := t.posted[m.ID]; ok {
		v.Asked, v.Removed, v.Posted = p.Asked, p.Removed, true
	}
	if d.Main != "" && (m.Has(d.Main) || !d.Needed() && !m.IsCoupling() && d.Reads()) {
		v.HasValue, v.Value, v.Unit = true, written(m, d.Main, "0"), d.Unit()
		if d.Main != "value" {
			v.Unit += " " + d.Main
		}
	}
	for _, c := range d.Coordinates {
		v.Limits = append(v.Limits, limitView{c.Name, written(m, relation.LimitField(c.Name, 0), ""), written(m, relation.LimitField(c.Name, 1), ""), c.Unit()})
	}
	if note.LeftOut {
		v.Miss = words.Miss(note.Miss.MM, note.Miss.Deg)
	}
	return v
}

// written shows a number as it was written, or else what stands for none.
func written(m *assembly.Mate, field, none string) string {
	x, ok := m.Num(field)
	switch {
	case !ok:
		return none
	case m.Text(field) != "":
		return m.Text(field)
	}
	return part.Number(x)
}
