package app

import (
	"context"
	"errors"
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/seat"
	"setfast/core/solve"
	"setfast/store"
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
	Poses  map[string]edit.Pose `json:"poses"` // of parts that were pulled about
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
		return edit.NewPlan(p), "plan the " + m.Kind + " of " + strings.Join(m.Rides, ", "), nil
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
			move := edit.Move{Poses: map[string]edit.Pose{act.Name: edit.PoseOf(geom.Home)}}
			return edit.Batch{Edits: []edit.Edit{move, e}}, "ground " + act.Name + " on the origin", nil
		}
		return e, "ground " + act.Name + " where it stands", nil
	case "unground":
		return edit.Ground{Name: act.Name}, "unground " + act.Name, nil
	case "rename":
		to, err := Name("a name", act.To)
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
		n, err := Name("the assembly's name", act.To)
		if err != nil {
			return nil, "", err
		}
		e.Name = &n
		said = "name the assembly " + n
	}
	return e, said, nil
}

// place puts parts and assemblies beside what is there, spread out; the first of all is grounded on the origin.
func (a *App) place(ctx context.Context, j *Judged, act Act) (edit.Edit, string, error) {
	if len(act.Items) == 0 {
		return nil, "", userErr("choose something to place")
	}
	if len(act.Items) > 500 {
		return nil, "", userErr("place at most 500 at once")
	}
	x := &extents{app: a, known: map[string]*seat.Box{}}
	var there, arrive []seat.Box
	for _, c := range j.Asm.Components {
		b, err := x.of(ctx, c.Part+c.Assembly)
		if err != nil {
			return nil, "", err
		}
		if b != nil {
			there = append(there, b.Around(c.Pose))
		}
	}
	var names []string
	taken := map[string]bool{}
	var places []edit.Place
	calls := map[string]string{}
	for _, key := range act.Items {
		want, ok := calls[key]
		if !ok {
			var err error
			if want, err = a.placeable(ctx, j.of.state.Project, key); err != nil {
				return nil, "", err
			}
			calls[key] = want
		}
		k := edit.Component{Name: FreeName(j.Asm, want, taken)}
		if key[0] == 'p' {
			k.Part = key
		} else {
			k.Assembly = key
		}
		taken[k.Name] = true
		b, err := x.of(ctx, key)
		if err != nil {
			return nil, "", err
		}
		if b == nil {
			b = &seat.Box{}
		}
		arrive = append(arrive, *b)
		names = append(names, k.Name)
		places = append(places, edit.Place{Component: k})
	}
	skip := 0
	if len(j.Asm.Components) == 0 { // the first stays on the origin, the rest are spread beside it
		places[0].Component.Grounded = true
		places[0].Component.Pose = edit.PoseOf(geom.Home)
		there = append(there, arrive[0])
		skip = 1
	}
	for i, p := range seat.Spread(there, arrive[skip:]) {
		places[i+skip].Component.Pose = edit.PoseOf(p)
	}
	var e edit.Batch
	for _, p := range places {
		e.Edits = append(e.Edits, p)
	}
	return e, "place " + strings.Join(names, ", "), nil
}

// placeable sees that a key names something on the Shelf of the same project, and tells what it is called.
func (a *App) placeable(ctx context.Context, project int64, key string) (name string, err error) {
	id, isPart, err := KeyID(key)
	if err != nil {
		return "", userErr("%s", err)
	}
	if isPart {
		row, err := a.Store.Part(ctx, id)
		if err == nil && (row.ProjectID != project || row.Off) {
			err = store.ErrNotFound
		}
		if errors.Is(err, store.ErrNotFound) {
			return "", userErr("that part is no longer on the Shelf")
		}
		return row.Name, err
	}
	row, err := a.Store.Assembly(ctx, id)
	if err == nil && (row.ProjectID != project || row.Off) {
		err = store.ErrNotFound
	}
	if errors.Is(err, store.ErrNotFound) {
		return "", userErr("that assembly is no longer there")
	}
	return row.Name, err
}

// stems are what new relations are called, with a number behind.
var stems = map[string]string{"coincident": "on", "concentric": "axis", "rim": "rim", "distance": "distance", "angle": "angle", "parallel": "parallel",
	"perpendicular": "square", "fastened": "fixed", "tangent": "rest", "hold_spin": "spin", "revolute": "turn", "prismatic": "slide", "cylindrical": "turn and slide"}

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
	if !slices.Contains(solve.Types(), act.Type) {
		return nil, "", userErr("unknown relation %q", act.Type)
	}
	stem := stems[act.Type]
	if stem == "" {
		stem = act.Type
	}
	m := &assembly.Mate{ID: FreeID(j.Asm, stem), Type: act.Type, A: on, B: put, Sense: act.Sense}
	if act.Type == "distance" || act.Type == "angle" {
		if act.Value == nil {
			return nil, "", userErr("%s needs a value", act.Type)
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
		o, err := seat.Try(ctx, j.Doc, j.Doc.Root, m)
		if err = plainly(ctx, err); err != nil {
			return nil, "", err
		}
		m.Sense = o.Sense
	}
	var e edit.Edit = edit.NewRelate(m)
	if act.Mean && solve.IsJoint(act.Type) {
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
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var out []seat.Offer
	err = a.work(ctx, func() (err error) {
		out, err = seat.Offers(ctx, j.Doc, j.Doc.Root, p, o, sense)
		return plainly(ctx, err)
	})
	return out, err
}

// TryValue tries one relation with a value or an alignment, for the preview before it is posted.
func (a *App) TryValue(ctx context.Context, id int64, act Act) (*seat.Offer, error) {
	if err := act.check(); err != nil {
		return nil, err
	}
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
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var o seat.Offer
	err = a.work(ctx, func() (err error) {
		o, err = seat.Try(ctx, j.Doc, j.Doc.Root, &assembly.Mate{ID: "\x00offer", Type: act.Type, A: on, B: put, Sense: act.Sense, Value: act.Value})
		return plainly(ctx, err)
	})
	return &o, err
}

// plainly turns what the core says of a try into words for the user, but for the end of the time.
func plainly(ctx context.Context, err error) error {
	if err == nil || ctx.Err() != nil {
		return err
	}
	return userErr("%s", plainFault(err))
}

// Swing gives the poses of a motion from end to end, and the names of what they are of.
func (a *App) Swing(ctx context.Context, id int64, k int) (names []string, poses [][]account.PoseJSON, err error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, nil, err
	}
	names = []string{}
	for _, l := range j.Result.Lines {
		names = append(names, l.Component)
	}
	err = a.work(ctx, func() error {
		poses = j.Result.Swing(k)
		return nil
	})
	return names, poses, err
}

// Export gives an assembly and what it uses as a document.
func (a *App) Export(ctx context.Context, id int64) ([]byte, error) {
	doc, _, err := a.Document(ctx, id)
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
	doc, _, err := a.Document(ctx, id)
	if err != nil {
		return nil, err
	}
	return format.Write(format.Bare(doc))
}

// park keeps parts where they were pulled to.
func park(asm *assembly.Assembly, act Act) (edit.Edit, string, error) {
	if len(act.Poses) == 0 {
		return nil, "", userErr("nothing was moved")
	}
	e := edit.Move{Poses: map[string]edit.Pose{}}
	for name, p := range act.Poses {
		c := asm.Component(name)
		if c == nil {
			return nil, "", userErr("there is no %q here any more", name)
		}
		if c.Grounded {
			continue
		}
		for _, x := range append(p.Origin[:], p.Quaternion[:]...) {
			if math.IsNaN(x) || math.Abs(x) > 1e7 {
				return nil, "", userErr("%s was not moved to a place in space", name)
			}
		}
		e.Poses[name] = p
	}
	return e, "park " + act.Name, nil
}
