package app

import (
	"cmp"
	"context"
	"encoding/json"
	"errors"
	"slices"
	"strconv"
	"time"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/compare"
	"setfast/core/edit"
	"setfast/core/sheet"
	"setfast/store"
)

// Moment is an assembly as it stood after a line of its log, and so are the assemblies that it uses; what is said of parts is as it is now.
func (a *App) Moment(ctx context.Context, id, seq int64) (*Judged, error) {
	st, err := a.Store.Moment(ctx, id, seq)
	if err != nil {
		return nil, err
	}
	now, err := a.Store.State(ctx, id)
	if err != nil {
		return nil, err
	}
	states := a.Store.States
	if seq < now.Seq {
		at, err := a.Store.When(ctx, id, seq)
		if err != nil {
			return nil, err
		}
		states = func(ctx context.Context, ids []int64) (map[int64]store.State, error) {
			return a.Store.StatesThen(ctx, ids, at)
		}
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	g, err := a.gatherOf(ctx, st, nil, states)
	if err != nil {
		return nil, err
	}
	if err := a.lay(ctx, g); err != nil {
		return nil, err
	}
	taken, err := a.check(ctx, g)
	if err != nil {
		return nil, err
	}
	return judgedOf(g, taken), nil
}

// Between is two moments of an assembly side by side.
type Between struct {
	A, B     *Judged
	Result   *compare.Result
	Pictures [2]*sheet.Drawing // what differs is drawn by wide lines; nil without shapes
}

// Between compares two moments.
func (a *App) Between(ctx context.Context, id, from, to int64, wide, high float64) (*Between, error) {
	var b Between
	var err error
	if b.A, err = a.Moment(ctx, id, from); err != nil {
		return nil, err
	}
	if b.B, err = a.Moment(ctx, id, to); err != nil {
		return nil, err
	}
	return &b, a.side(ctx, &b, wide, high)
}

// Then is what has changed since a line, for the stage: Ghosts are components where they stood, of the shape of one that is there now.
type Then struct {
	Said   []string `json:"said"`
	Ghosts []Ghost  `json:"ghosts"`
	Lit    []string `json:"lit"`     // what is new, or was changed or moved
	NotSo  []string `json:"unshown"` // what is gone, and nothing that is there has the shape of
}

// Then compares an assembly with how it stood after a line.
func (a *App) Then(ctx context.Context, id, seq int64) (*Then, error) {
	var b Between
	var err error
	if b.A, err = a.Moment(ctx, id, seq); err != nil {
		return nil, err
	}
	if b.B, err = a.Judge(ctx, id); err != nil {
		return nil, err
	}
	b.compare()
	c := &b.Result.Components
	out := &Then{Said: words.Compared(b.Result), Ghosts: []Ghost{}, Lit: append([]string{}, c.Added...), NotSo: []string{}}
	ghost := func(name, of string) { out.Ghosts = append(out.Ghosts, Ghost{of, b.A.Result.At(name).Pose}) }
	for _, m := range c.Moved {
		ghost(m.Name, m.Name)
		out.Lit = append(out.Lit, m.Name)
	}
	for _, m := range c.Changed {
		out.Lit = append(out.Lit, m.Name)
	}
	for _, name := range c.Removed {
		was := b.A.Asm.Component(name)
		k := slices.IndexFunc(b.B.Asm.Components, func(c *assembly.Component) bool {
			return was != nil && c.Part == was.Part && c.Assembly == was.Assembly
		})
		if k < 0 {
			out.NotSo = append(out.NotSo, name)
			continue
		}
		ghost(name, b.B.Asm.Components[k].Name)
	}
	return out, nil
}

// compare compares both as they are said, parts and assemblies by their names.
func (b *Between) compare() {
	b.Result = compare.Of(b.A.of.doc, b.B.of.doc, b.A.Report, b.B.Report)
	called := func(key string) string {
		for _, d := range []*assembly.Document{b.B.of.doc, b.A.of.doc} {
			if p := d.Parts[key]; p != nil && p.Name != "" {
				return p.Name
			}
			if a := d.Assemblies[key]; a != nil && a.Name != "" {
				return a.Name
			}
		}
		return key
	}
	for _, n := range []*compare.Names{&b.Result.Parts, b.Result.Assemblies} {
		if n == nil {
			continue
		}
		for _, list := range [][]string{n.Added, n.Removed, n.Changed} {
			for i := range list {
				list[i] = called(list[i])
			}
		}
	}
}

// side compares two states and draws them side by side.
func (a *App) side(ctx context.Context, b *Between, wide, high float64) (err error) {
	b.compare()
	differs := func(name string) bool {
		c := &b.Result.Components
		return slices.Contains(c.Added, name) || slices.Contains(c.Removed, name) || slices.ContainsFunc(c.Moved, func(m compare.Moved) bool { return m.Name == name }) ||
			slices.ContainsFunc(c.Changed, func(m compare.Changed) bool { return m.Name == name })
	}
	for i, j := range []*Judged{b.A, b.B} {
		b.Pictures[i], err = a.likeness(ctx, j, differs, wide, high)
		var r *words.Refusal
		if err != nil && !errors.As(err, &r) {
			return err
		}
	}
	return nil
}

// MomentPicture shows a moment.
func (a *App) MomentPicture(ctx context.Context, j *Judged, wide, high float64) (*sheet.Drawing, error) {
	return a.likeness(ctx, j, nil, wide, high)
}

// mostBack is how many lines are gone back at once.
const mostBack = 2000

// BackTo makes an assembly what it was after a line; that is a line of its own, which can be taken back.
func (a *App) BackTo(ctx context.Context, id, seq int64, who, token string) (*Posted, error) {
	st, err := a.Store.State(ctx, id)
	if err != nil {
		return nil, err
	}
	if seq >= st.Seq {
		return nil, words.Refuse("it stands there already")
	}
	list, more, err := a.Store.Undoing(ctx, id, seq, st.Seq, mostBack)
	if err != nil {
		return nil, err
	}
	if more {
		return nil, words.Refuse("more than %d lines lie between; go back in steps", mostBack)
	}
	e := prepared{edit.Batch{Edits: list}, "go back to line " + strconv.FormatInt(seq, 10)}
	return a.Do(ctx, id, who, commands.Meant{Base: st.Seq, Token: token, Command: e})
}

// What is written beside lines of the log.
const (
	noted = "note"   // by a line's number
	named = "moment" // by a name
)

// mostBeside is how many notes and names an assembly has.
const mostBeside = 5000

// Note is what is written beside a line.
type Note struct {
	Text string    `json:"text"`
	Who  string    `json:"who"`
	At   time.Time `json:"at"`
	Seq  int64     `json:"seq"`
	Name string    `json:"-"` // of a named moment
}

// Notes are those beside the lines of an assembly, by line, and its named moments, the latest first.
func (a *App) Notes(ctx context.Context, id int64) (notes map[int64]Note, moments []Note, err error) {
	all, err := a.Store.KeptOf(ctx, id)
	if err != nil {
		return nil, nil, err
	}
	notes = map[int64]Note{}
	for _, k := range all {
		var n Note
		if k.Kind != noted && k.Kind != named || json.Unmarshal(k.Data, &n) != nil {
			continue
		}
		if n.Name = k.Name; k.Kind == noted {
			notes[n.Seq] = n
		} else {
			moments = append(moments, n)
		}
	}
	slices.SortFunc(moments, func(p, q Note) int { return cmp.Or(cmp.Compare(q.Seq, p.Seq), cmp.Compare(p.Name, q.Name)) })
	return notes, moments, nil
}

// Annotate writes a note beside a line; without text it goes.
func (a *App) Annotate(ctx context.Context, id, seq int64, who, text string) error {
	text, err := words.Text("the note", text, commands.MostText)
	if err != nil {
		return err
	}
	return a.beside(ctx, id, store.Kept{Kind: noted, Name: strconv.FormatInt(seq, 10)}, Note{Text: text, Who: who, Seq: seq}, text == "")
}

// NameMoment gives a moment a name, by which it is found again; line 0 takes the name away.
func (a *App) NameMoment(ctx context.Context, id, seq int64, who, name string) error {
	name, err := words.Name("the moment's name", name, words.MostName)
	if err != nil {
		return err
	}
	return a.beside(ctx, id, store.Kept{Kind: named, Name: name}, Note{Who: who, Seq: seq}, seq == 0)
}

func (a *App) beside(ctx context.Context, id int64, k store.Kept, n Note, gone bool) error {
	if _, err := a.Store.Moment(ctx, id, n.Seq); err != nil {
		return err
	}
	all, err := a.Store.KeptOf(ctx, id)
	if err != nil {
		return err
	}
	if len(all) >= mostBeside && !gone {
		return words.Refuse("%d things are kept beside this assembly; take some away first", mostBeside)
	}
	if !gone {
		n.At = time.Now().UTC()
		if k.Data, err = json.Marshal(n); err != nil {
			return err
		}
	}
	return a.Store.Keep(ctx, id, k)
}
