package relation

import (
	"cmp"
	"slices"
	"strings"

	"setfast/core/geom"
)

// Value is one field of a relation as it is said.
type Value struct {
	Field  string       // its name in files; of a joint's coordinate "at.angle", "limits.angle.0" (low) and "limits.angle.1"
	Num    float64      // in the unit of files: mm or degrees
	Text   string       // of a number: as it was written, where that was an expression; of a word: the word
	Vec    geom.Vec     // of a vector
	Points [][2]float64 // of a profile
}

// Params are the fields of a relation, in no order that matters. A list that is shared is never changed.
type Params []Value

func (p Params) find(field string) *Value {
	for i := range p {
		if p[i].Field == field {
			return &p[i]
		}
	}
	return nil
}

// Has tells whether a field is given.
func (p Params) Has(field string) bool { return p.find(field) != nil }

// Num is a number, if it is given.
func (p Params) Num(field string) (float64, bool) {
	if v := p.find(field); v != nil {
		return v.Num, true
	}
	return 0, false
}

// Word is a word, or nothing.
func (p Params) Word(field string) string {
	if v := p.find(field); v != nil {
		return v.Text
	}
	return ""
}

// Text is a number as it was written, where that was an expression.
func (p Params) Text(field string) string { return p.Word(field) }

// Vec is a vector, if it is given.
func (p Params) Vec(field string) (geom.Vec, bool) {
	if v := p.find(field); v != nil {
		return v.Vec, true
	}
	return geom.Vec{}, false
}

// Points are those of a profile.
func (p Params) Points(field string) [][2]float64 {
	if v := p.find(field); v != nil {
		return v.Points
	}
	return nil
}

// With is the list with a field as given; the old list stays as it is.
func (p Params) With(v Value) Params { return append(p.Without(v.Field), v) }

// WithNum is the list with a number as given.
func (p Params) WithNum(field string, v float64) Params { return p.With(Value{Field: field, Num: v}) }

// WithWord is the list with a word as given; an empty one is left out.
func (p Params) WithWord(field, w string) Params {
	if w == "" {
		return p.Without(field)
	}
	return p.With(Value{Field: field, Text: w})
}

// Without is the list without a field.
func (p Params) Without(field string) Params {
	return slices.DeleteFunc(slices.Clone(p), func(v Value) bool { return v.Field == field })
}

// Held lists the coordinates that are held, by name, with the values in the unit of files.
func (p Params) Held() []Hold {
	var out []Hold
	for _, v := range p {
		if of, ok := strings.CutPrefix(v.Field, "at."); ok {
			out = append(out, Hold{of, v.Num})
		}
	}
	slices.SortFunc(out, func(a, b Hold) int { return cmp.Compare(a.Of, b.Of) })
	return out
}

// LimitField is the field of a coordinate's lower (0) or upper (1) limit.
func LimitField(of string, end int) string { return "limits." + of + "." + [2]string{"0", "1"}[end] }

// Limits are those of a coordinate, if any is given.
func (p Params) Limits(of string) (r Range, ok bool) {
	for i := range p {
		rest, isLimit := strings.CutPrefix(p[i].Field, "limits.")
		if !isLimit || len(rest) != len(of)+2 || rest[:len(of)] != of {
			continue
		}
		if rest[len(of)+1] == '0' {
			r.Lo = &p[i].Num
		} else {
			r.Hi = &p[i].Num
		}
		ok = true
	}
	return r, ok
}

// WayField is the field of the one way, "up" or "down", that a coordinate goes: of a ratchet, a freewheel, a stepped cam.
func WayField(of string) string { return "one_way." + of }

// OneWay lists the coordinates that go one way only, by name.
func (p Params) OneWay() []string {
	var out []string
	for _, v := range p {
		if of, ok := strings.CutPrefix(v.Field, "one_way."); ok {
			out = append(out, of)
		}
	}
	slices.Sort(out)
	return out
}

// Limited lists the coordinates that have limits, by name.
func (p Params) Limited() []string {
	var out []string
	for _, v := range p {
		if rest, ok := strings.CutPrefix(v.Field, "limits."); ok {
			out = append(out, rest[:len(rest)-2])
		}
	}
	slices.Sort(out)
	return slices.Compact(out)
}

// Written tells whether any number was written as an expression.
func (p Params) Written() bool {
	return slices.ContainsFunc(p, func(v Value) bool { return v.Text != "" })
}
