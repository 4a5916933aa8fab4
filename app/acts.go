package app

import (
	"context"
	"fmt"
	"math"
	"strings"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/seat"
)

// Act is what a user does on the Bench. Do names it.
type Act struct {
	Do     string               `json:"do"`
	Base   int64                `json:"base"`  // the state it was done on
	Token  string               `json:"token"` // names the act, so that one sent twice is done once
	Name   string               `json:"name"`  // of a component or a relation
	To     string               `json:"to"`
	Number *string              `json:"number"` // of the assembly
	Items  []string             `json:"items"`  // keys of parts and assemblies to place
	Type   string               `json:"type"`
	Put    string               `json:"put"` // reference
	On     string               `json:"on"`
	Sense  string               `json:"sense"`
	Value  *float64             `json:"value"`
	Text   string               `json:"text"` // a value written as an expression
	End    string               `json:"end"`  // which limit is set to value or text, or taken away: lo or hi
	Lo     *float64             `json:"lo"`   // both limits at once
	Hi     *float64             `json:"hi"`
	Index  int                  `json:"index"`
	Remedy int                  `json:"remedy"`
	Flag   bool                 `json:"flag"`
	Mean   bool                 `json:"mean"`  // a new joint's motion is wanted
	Poses  map[string]geom.Pose `json:"poses"` // of parts that were pulled about
}

// check refuses what no act can mean.
func (act *Act) check() error {
	for what, x := range map[string]*float64{"the value": act.Value, "the lower limit": act.Lo, "the upper limit": act.Hi} {
		if !sensible(x) {
			return userErr("%s is no number that means anything here", what)
		}
	}
	var err error
	if act.Text, err = Text("the value", act.Text, 500); err != nil {
		return err
	}
	return checkToken(act.Token)
}

// anyState tells whether an act says all it means, whatever the state it was done on: not by a place in what was shown, nor by
// turning round what was seen.
func (act *Act) anyState() bool {
	switch act.Do {
	case "mean", "unplan", "remedy", "turn", "park":
		return false
	}
	return true
}

func checkToken(token string) error {
	if len(token) > 40 || strings.ContainsFunc(token, func(r rune) bool { return r <= ' ' || r > '~' }) {
		return userErr("a token is at most 40 plain letters and digits")
	}
	return nil
}

// edit turns an act into an edit and the words for it.
func (a *App) edit(ctx context.Context, j *Judged, act Act) (edit.Edit, string, error) {
	switch act.Do {
	case "place":
		return a.place(ctx, j, act)
	case "relate":
		return a.relate(ctx, j, act)
	case "value", "turn", "limits", "suppress", "unrelate":
		return relationEdit(j, act)
	case "mean":
		p, err := seat.Mean(ctx, j.Doc, j.Doc.Root, j.Result, act.Index)
		if err = plainly(ctx, err); err != nil {
			return nil, "", err
		}
		m := j.Result.Motions[act.Index]
		return edit.NewPlan(p), "plan the " + string(m.Kind) + " of " + strings.Join(m.Rides, ", "), nil
	case "unplan":
		return edit.Unplan{At: act.Index}, "withdraw a planned motion", nil
	case "remedy":
		return a.remedy(j, act)
	case "park":
		return park(j.Asm, act)
	case "title":
		return title(act)
	case "held":
		s := j.Doc.SettingsOf(j.Asm)
		s.FastenersHeld = act.Flag
		return edit.NewSettings(s), "change what the spin of fasteners counts as", nil
	}
	return componentEdit(j.Asm, act)
}

// componentEdit is an act on one component.
func componentEdit(asm *assembly.Assembly, act Act) (edit.Edit, string, error) {
	switch act.Do {
	case "ground", "unground", "rename", "remove", "suppress part", "flexible":
	default:
		return nil, "", userErr("unknown act %q", act.Do)
	}
	if act.Do != "rename" && asm.Component(act.Name) == nil {
		return nil, "", userErr("there is no %q here any more", act.Name)
	}
	switch act.Do {
	case "ground":
		e := edit.Ground{Name: act.Name, On: true}
		if act.To == "origin" {
			move := edit.Move{Poses: map[string]geom.Pose{act.Name: (geom.Home)}}
			return edit.Batch{Edits: []edit.Edit{move, e}}, "ground " + act.Name + " on the origin", nil
		}
		return e, "ground " + act.Name + " where it stands", nil
	case "unground":
		return edit.Ground{Name: act.Name}, "unground " + act.Name, nil
	case "rename":
		to, err := Name("a name", act.To, MostName)
		return edit.Rename{Name: act.Name, To: to}, "rename " + act.Name + " to " + to, err
	case "remove":
		return edit.Remove{Name: act.Name}, "remove " + act.Name, nil
	case "flexible":
		word := " moves in itself"
		if !act.Flag {
			word = " is rigid"
		}
		return edit.Flex{Name: act.Name, On: act.Flag}, act.Name + word, nil
	}
	return edit.Suppress{Name: act.Name, On: act.Flag}, suppressWord(act.Flag) + act.Name, nil
}

func suppressWord(on bool) string {
	if on {
		return "suppress "
	}
	return "bring back "
}

// title changes what the assembly is called; the number stays where only a name is given, and the name where only a number is.
func title(act Act) (edit.Edit, string, error) {
	var e edit.Title
	said := "number the assembly "
	if act.Number != nil {
		n, err := Text("the number", *act.Number, MostNumber)
		if err != nil {
			return nil, "", err
		}
		e.Number = &n
		said += n
	}
	if act.Number == nil || act.To != "" {
		n, err := Name("the assembly's name", act.To, MostName)
		if err != nil {
			return nil, "", err
		}
		e.Name = &n
		said = "name the assembly " + n
	}
	return e, said, nil
}

// relate posts a new relation. The side it holds by now is written down, so that it never flips later.
func (a *App) relate(ctx context.Context, j *Judged, act Act) (edit.Edit, string, error) {
	put, err := format.Ref(act.Put)
	if err != nil {
		return nil, "", userErr("%s", err)
	}
	on, err := format.Ref(act.On)
	if err != nil {
		return nil, "", userErr("%s", err)
	}
	t := relation.Named(act.Type)
	if t == nil || t.Family == relation.Coupling {
		return nil, "", userErr("unknown relation %q", act.Type)
	}
	m := &assembly.Mate{ID: FreeID(j.Asm, t.Stem), Type: t.Name, A: on, B: put, Params: relation.Params{}.WithWord("sense", act.Sense)}
	switch {
	case t.Main != "" && act.Value != nil:
		m.Params = m.WithNum(t.Main, *act.Value)
	case t.Needed():
		return nil, "", userErr("%s needs a value", act.Type)
	}
	if of := t.Leading(); t.Family == relation.Joint && of != nil {
		for i, x := range [2]*float64{act.Lo, act.Hi} {
			if x != nil {
				m.Params = m.WithNum(relation.LimitField(of.Name, i), *x)
			}
		}
	}
	if act.Sense == "" && act.Value == nil {
		o, err := seat.Try(ctx, j.Doc, j.Doc.Root, m)
		if err = plainly(ctx, err); err != nil {
			return nil, "", err
		}
		m.Params = m.WithWord("sense", o.Sense)
	}
	var e edit.Edit = edit.NewRelate(m)
	if act.Mean && t.Family == relation.Joint {
		e = edit.Batch{Edits: []edit.Edit{e, edit.NewPlan(assembly.Planned{Joint: m.ID})}}
	}
	return e, fmt.Sprintf("%s: %s on %s", m.ID, RefWords(j.Doc, j.Asm, put), RefWords(j.Doc, j.Asm, on)), nil
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
		return nil, "", userErr("that finding is settled already")
	}
	r := j.Result.Odds[act.Index].Remedies[act.Remedy]
	switch r.Kind {
	case "suppress":
		return relationEdit(j, Act{Do: "suppress", Name: r.Mate, Flag: true})
	case "set":
		return relationEdit(j, Act{Do: "value", Name: r.Mate, Value: r.Value})
	case "turn":
		return relationEdit(j, Act{Do: "turn", Name: r.Mate})
	case "unground":
		return componentEdit(j.Asm, Act{Do: "unground", Name: r.Component})
	case "free":
		e, err := edit.NewSet(r.Mate, "at."+r.Coordinate, nil)
		return e, "free " + r.Coordinate + " of " + r.Mate, err
	}
	return nil, "", userErr("this remedy cannot be applied here")
}

// park keeps parts where they were pulled to.
func park(asm *assembly.Assembly, act Act) (edit.Edit, string, error) {
	if len(act.Poses) == 0 {
		return nil, "", userErr("nothing was moved")
	}
	e := edit.Move{Poses: map[string]geom.Pose{}}
	for name, p := range act.Poses {
		c := asm.Component(name)
		if c == nil {
			return nil, "", userErr("there is no %q here any more", name)
		}
		if c.Grounded {
			continue
		}
		for _, x := range []float64{p.O.X, p.O.Y, p.O.Z, p.Q.W, p.Q.X, p.Q.Y, p.Q.Z} {
			if math.IsNaN(x) || math.Abs(x) > 1e7 {
				return nil, "", userErr("%s was not moved to a place in space", name)
			}
		}
		e.Poses[name] = p
	}
	return e, "park " + act.Name, nil
}
