package app

import (
	"context"
	"encoding/json"
	"slices"
	"strconv"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/store"
)

// Exercise is something to practise on: an assembly that wants finishing, or a question about one, checked by the account itself.
type Exercise struct {
	Task   string   `json:"task"`
	Hints  []string `json:"hints"`
	Key    int64    `json:"key"`              // the assembly that shows how it is meant
	Most   int      `json:"most,omitempty"`   // relations that may be used; 0: as many as one likes
	Ask    string   `json:"ask,omitempty"`    // what is asked, where nothing is to be built: left, loose, doubled, clashes, verdict, screw
	Answer string   `json:"answer,omitempty"` // where the account does not tell it
	Shown  int      `json:"shown"`            // hints
	Tries  int      `json:"tries"`
	Done   bool     `json:"done"`
	Said   string   `json:"said,omitempty"` // of the last try

	Assembly int64  `json:"-"`
	Name     string `json:"-"`
	Verdict  string `json:"-"`
}

// exercised is the kind under which exercises are kept beside their assemblies; only practice writes it.
const exercised = "exercise"

// Exercises are those of a project, in the order in which they were made.
func (a *App) Exercises(ctx context.Context, project int64) ([]Exercise, error) {
	all, err := a.Store.Assemblies(ctx, project)
	if err != nil {
		return nil, err
	}
	var out []Exercise
	for _, row := range all {
		if row.Off {
			continue
		}
		x, err := a.exercise(ctx, row.ID)
		if err != nil {
			return nil, err
		}
		if x != nil {
			x.Name, x.Verdict = row.Name, row.Verdict
			out = append(out, *x)
		}
	}
	slices.SortFunc(out, func(p, q Exercise) int { return int(p.Assembly - q.Assembly) })
	return out, nil
}

func (a *App) exercise(ctx context.Context, id int64) (*Exercise, error) {
	kept, err := a.Store.KeptOf(ctx, id)
	if err != nil {
		return nil, err
	}
	for _, k := range kept {
		if k.Kind == exercised {
			x := &Exercise{}
			err := json.Unmarshal(k.Data, x)
			x.Assembly = id
			return x, err
		}
	}
	return nil, nil
}

func (a *App) keepExercise(ctx context.Context, x *Exercise) error {
	data, err := json.Marshal(x)
	if err != nil {
		return err
	}
	return a.Store.Keep(ctx, x.Assembly, store.Kept{Kind: exercised, Name: exercised, Data: data})
}

// MakeExercise makes an exercise of an assembly by leaving something out: relations, joints of screws, or whole components, by name. Where something is asked
// nothing need be left out.
func (a *App) MakeExercise(ctx context.Context, of int64, name string, without []string, x Exercise) (int64, error) {
	name, err := words.Name("the exercise's name", name, words.MostName)
	if err != nil {
		return 0, err
	}
	if x.Task, err = words.Name("the task", x.Task, words.MostProject*4); err != nil {
		return 0, err
	}
	st, err := a.Store.State(ctx, of)
	if err != nil {
		return 0, err
	}
	asm, err := leftOut(st.Asm, without)
	if err != nil {
		return 0, err
	}
	id, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: st.Project, Name: name})
	if err != nil {
		return 0, err
	}
	asm.Name, asm.Number = name, ""
	if _, err := a.Post(ctx, id, "practice", "set the exercise", filling(asm)); err != nil {
		return 0, err
	}
	if x.Assembly = id; x.Key == 0 {
		x.Key = of
	}
	return id, a.keepExercise(ctx, &x)
}

// leftOut is an assembly without some of what is in it, and without what names that.
func leftOut(of *assembly.Assembly, without []string) (*assembly.Assembly, error) {
	gone := map[string]bool{}
	for _, n := range without {
		if of.Mate(n) == nil && of.Component(n) == nil && of.Stack(n) == nil {
			return nil, words.Refuse("there is no relation, part or joint %q to leave out", n)
		}
		gone[n] = true
	}
	var edits []edit.Edit
	for _, m := range of.Mates { // couplings of what goes, go first
		if gone[m.JointA] || gone[m.JointB] || slices.ContainsFunc(m.Refs(), func(r assembly.Ref) bool { return gone[r.Head()] }) {
			gone[m.ID] = true
		}
	}
	for _, m := range of.Mates {
		if gone[m.ID] {
			edits = append(edits, edit.Unrelate{ID: m.ID})
		}
	}
	stacks := slices.DeleteFunc(slices.Clone(of.Stacks), func(s assembly.Stack) bool { return gone[s.Name] })
	if len(stacks) < len(of.Stacks) {
		now := *of
		now.Stacks = stacks
		edits = append(edits, edit.NewSheet(&now, "stacks"))
	}
	for _, c := range of.Components {
		if gone[c.Name] {
			edits = append(edits, edit.Remove{Name: c.Name})
		}
	}
	out, _, err := edit.Apply(of, edit.Batch{Edits: edits})
	if err != nil {
		return nil, words.Refuse("that cannot be left out: %s", err)
	}
	k := *out
	return &k, nil
}

// Hint shows one hint more.
func (a *App) Hint(ctx context.Context, id int64) error {
	x, err := a.exercise(ctx, id)
	if err != nil {
		return err
	}
	if x == nil {
		return store.ErrNotFound
	}
	x.Shown = min(x.Shown+1, len(x.Hints))
	return a.keepExercise(ctx, x)
}

// TryExercise checks an exercise by the account: what was built against how it is meant, or an answer against what is.
func (a *App) TryExercise(ctx context.Context, id int64, answer string) error {
	x, err := a.exercise(ctx, id)
	if err != nil {
		return err
	}
	if x == nil {
		return store.ErrNotFound
	}
	x.Tries++
	if x.Ask != "" {
		right, err := a.right(ctx, x)
		if err != nil {
			return err
		}
		same := func(s string) string { return strings.ToLower(strings.Join(strings.Fields(s), "")) }
		if x.Done = same(answer) == same(right); x.Done {
			x.Said = "Right: " + right + "."
		} else {
			x.Said = strings.TrimSpace(answer) + " is not it; look again."
		}
		return a.keepExercise(ctx, x)
	}
	j, err := a.Judge(ctx, id)
	if err != nil {
		return err
	}
	key, err := a.Judge(ctx, x.Key)
	if err != nil {
		return err
	}
	found, err := a.Clashes(ctx, id)
	if err != nil {
		return err
	}
	clashes := found.Clashes()
	relations := 0
	for _, m := range j.Asm.Mates {
		if !m.Made() && !m.Suppressed {
			relations++
		}
	}
	switch v, want := j.Verdict(), key.Verdict(); {
	case v != want:
		x.Done, x.Said = false, "It is "+string(v)+" and should come to be "+string(want)+"."
	case clashes > 0:
		x.Done, x.Said = false, words.Plural(clashes, "pair of parts passes", "pairs of parts pass")+" through one another."
	case len(j.Asm.Components) < len(key.Asm.Components):
		x.Done, x.Said = false, "Parts are missing: "+strconv.Itoa(len(key.Asm.Components)-len(j.Asm.Components))+" of "+strconv.Itoa(len(key.Asm.Components))+"."
	case x.Most > 0 && relations > x.Most:
		x.Done, x.Said = false, "It can be done in "+words.Plural(x.Most, "relation", "relations")+"; here there are "+strconv.Itoa(relations)+"."
	default:
		x.Done, x.Said = true, "Done: "+string(v)+", "+words.Plural(relations, "relation", "relations")+", nothing passes through anything."
	}
	return a.keepExercise(ctx, x)
}

// right is the answer to what is asked, as the account has it.
func (a *App) right(ctx context.Context, x *Exercise) (string, error) {
	if x.Answer != "" {
		return x.Answer, nil
	}
	j, err := a.Judge(ctx, x.Assembly)
	if err != nil {
		return "", err
	}
	switch x.Ask {
	case "left":
		return strconv.Itoa(j.Result.Left), nil
	case "loose":
		return strconv.Itoa(j.Result.Loose), nil
	case "doubled":
		return strconv.Itoa(j.Result.Doubled), nil
	case "verdict":
		return string(j.Verdict()), nil
	case "clashes":
		found, err := a.Clashes(ctx, x.Assembly)
		if err != nil {
			return "", err
		}
		return strconv.Itoa(found.Clashes()), nil
	}
	return "", words.Refuse("nothing tells the answer to %q", x.Ask)
}

// Given are the hints that were shown; More tells whether there are others.
func (x Exercise) Given() []string { return x.Hints[:min(x.Shown, len(x.Hints))] }

// More tells whether there are hints that were not shown.
func (x Exercise) More() bool { return x.Shown < len(x.Hints) && !x.Done }
