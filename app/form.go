package app

import (
	"context"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/group"
	"setfast/store"
)

// Forming is what is asked for when a subassembly is formed from some components of an assembly.
type Forming struct {
	Components []string `json:"components"`
	Name       string   `json:"name"`
	Base       int64    `json:"base"`
	Token      string   `json:"token"`
}

// prepared is a command of which the edit is known.
type prepared struct {
	edit edit.Edit
	said string
}

func (prepared) Name() string { return "form" }

func (p prepared) Edit(context.Context, *commands.Bench) (edit.Edit, string, error) {
	return p.edit, p.said, nil
}

// Form makes a subassembly of some components, and puts one use of it in their place: one line of the log, that can be taken back. The new
// assembly stays on the Shelf. Where its parts can still move among each other, the use moves in itself.
func (a *App) Form(ctx context.Context, id int64, who string, f Forming) (*Posted, error) {
	st, again, err := a.begin(ctx, id, f.Base, f.Token)
	if err != nil || again != nil {
		return again, err
	}
	name, err := words.Name("the subassembly's name", f.Name, words.MostName)
	if err != nil {
		return nil, err
	}
	if held := commands.HeldBy(st.Asm, f.Components); held != "" {
		return nil, words.Refuse("%s would be lost: take that away first, and say it anew in the subassembly", held)
	}
	use := commands.FreeName(st.Asm, name, nil)
	s, err := group.Form(st.Asm, f.Components, "new", use)
	if err != nil {
		return nil, words.Refuse("%s", err)
	}
	sub, err := a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: st.Project, Name: name})
	if err != nil {
		return nil, err
	}
	p, err := a.formed(ctx, id, sub, who, use, f, st, s)
	if err != nil {
		if off := a.Store.TakeOff(context.WithoutCancel(ctx), AssemblyKey(sub)); off != nil {
			a.Log.Warn("an assembly that came to nothing stays on the Shelf", "assembly", sub, "error", off)
		}
	}
	return p, err
}

// formed fills the new assembly and puts the use in place.
func (a *App) formed(ctx context.Context, id, sub int64, who, use string, f Forming, st store.State, s *group.Split) (*Posted, error) {
	made, err := a.Post(ctx, sub, who, "form from parts of "+st.Asm.Name, filling(s.Sub))
	if err != nil {
		return nil, err
	}
	if s, err = group.Form(st.Asm, f.Components, AssemblyKey(sub), use); err != nil {
		return nil, words.Refuse("%s", err)
	}
	if j := made.Judged; j != nil && j.Result.Left > j.Result.Idle {
		s.Edits = append(s.Edits, edit.Flex{Name: use, On: true})
	}
	e := prepared{edit.Batch{Edits: s.Edits}, "form " + use + " from " + words.Plural(len(f.Components), "part", "parts")}
	return a.Do(ctx, id, who, commands.Meant{Base: f.Base, Token: f.Token, Command: e})
}

// filling is the edit that makes an empty assembly what another is.
func filling(a *assembly.Assembly) edit.Edit {
	var b edit.Batch
	add := func(e edit.Edit) { b.Edits = append(b.Edits, e) }
	if len(a.Values) > 0 {
		add(edit.NewValues(a.Values))
	}
	if a.Settings != nil {
		add(edit.NewSettings(*a.Settings))
	}
	for _, c := range a.Components {
		add(edit.NewPlace(c))
	}
	for _, m := range a.Mates {
		add(edit.NewRelate(m))
	}
	for _, p := range a.Planned {
		add(edit.NewPlan(p))
	}
	for _, m := range a.Measures {
		add(edit.NewMeasure(m))
	}
	for _, d := range a.Drives {
		add(edit.NewDrive(d))
	}
	for _, name := range format.Sheets {
		if format.SheetObject(a, name) != nil {
			add(edit.NewSheet(a, name))
		}
	}
	return b
}

// Open lists the relations that a copy leaves to be said anew, with the names of the new components; it changes nothing.
func (a *App) Open(ctx context.Context, id int64, c commands.Copy) (*group.Copies, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	st, err := a.Store.Assembly(ctx, id)
	if err != nil {
		return nil, err
	}
	return c.Copies(ctx, &commands.Bench{Doc: j.Doc, Asm: j.Asm, Account: j.account, Shelf: a.shelf(st.ProjectID)})
}
