package app

import (
	"encoding/json"
	"fmt"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/part"
	"setfast/core/relation"
)

// relationEdit is an act on one relation. It changes the field it names; all others stay as they are written.
func relationEdit(j *Judged, act Act) (edit.Edit, string, error) {
	m := j.Asm.Mate(act.Name)
	if m == nil {
		return nil, "", userErr("there is no relation %q here any more", act.Name)
	}
	set := func(field string, to any, said string) (edit.Edit, string, error) {
		e, err := edit.NewSet(m.ID, field, to)
		return e, said, err
	}
	switch act.Do {
	case "unrelate":
		return edit.Unrelate{ID: m.ID}, "delete " + m.ID, nil
	case "suppress":
		if act.Flag {
			return set("suppressed", true, suppressWord(true)+m.ID)
		}
		return set("suppressed", nil, suppressWord(false)+m.ID)
	case "turn":
		sense := "opposed"
		if j.Result.Mates[m.ID].Sense == "opposed" {
			sense = "same"
		}
		return set("sense", sense, "turn the alignment of "+m.ID)
	case "limits":
		return limits(m, act)
	}
	field := m.Descriptor().Main
	switch {
	case field == "":
		return nil, "", userErr("%s takes no number", m.ID)
	case act.Text != "": // worked out when the relation is read again
		return set(field, act.Text, fmt.Sprintf("set %s to %s", m.ID, act.Text))
	case act.Value != nil:
		return set(field, *act.Value, fmt.Sprintf("set %s to %s", m.ID, part.Number(*act.Value)))
	}
	return nil, "", userErr("a number is needed")
}

// limits sets one limit of a coordinate, or both. The one that is not meant, or not changed, stays as it is written.
func limits(m *assembly.Mate, act Act) (edit.Edit, string, error) {
	var pair [2]any
	old, had := m.Limits(act.Type)
	for i, x := range [2]*float64{old.Lo, old.Hi} {
		if x == nil {
			continue
		}
		pair[i] = *x
		if t := m.Text(relation.LimitField(act.Type, i)); t != "" {
			pair[i] = t
		}
	}
	end := func(i int, was, to *float64) {
		switch {
		case to == nil:
			pair[i] = nil
		case was == nil || part.Number(*was) != part.Number(*to): // else as it was shown, and so not meant to change
			pair[i] = *to
		}
	}
	switch act.End {
	case "":
		end(0, old.Lo, act.Lo)
		end(1, old.Hi, act.Hi)
	case "lo", "hi":
		i := map[string]int{"lo": 0, "hi": 1}[act.End]
		switch {
		case act.Text != "":
			pair[i] = act.Text
		case act.Value != nil:
			pair[i] = *act.Value
		default:
			pair[i] = nil
		}
	default:
		return nil, "", userErr("a limit is lo or hi, not %q", act.End)
	}
	said := "set the limits of " + m.ID
	if pair == [2]any{} {
		if !had {
			return nil, "", userErr("%s has no limits there", m.ID)
		}
		e, err := edit.NewSet(m.ID, "limits."+act.Type, nil)
		return e, said, err
	}
	b, err := json.Marshal(pair)
	if err != nil {
		return nil, "", err
	}
	e, err := edit.NewSet(m.ID, "limits."+act.Type, json.RawMessage(b))
	return e, said, err
}
