package app

import (
	"context"
	"strings"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/laid"
	"setfast/core/repeat"
)

// Ghost is where a component would come to be.
type Ghost struct {
	Of   string    `json:"of"`
	Pose geom.Pose `json:"pose"`
}

// Tried is what would come of copies.
type Tried struct {
	repeat.Set
	Ghosts   []Ghost  `json:"ghosts"`
	Findings []string `json:"findings"` // on the joints that are copied
}

// TryCopies tells what would come of copies, which may take the place of others of their name. Nothing is changed.
func (a *App) TryCopies(ctx context.Context, id int64, r commands.Repeat) (*Tried, error) {
	as := r.As
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	c, err := commands.CopiesOf(j.Doc, j.Asm, as, r.Copies)
	if err != nil {
		return nil, err
	}
	asm := *j.of.doc.Assemblies[j.of.doc.Root]
	asm.Copies = []assembly.Copies{c}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var x *laid.Laid
	err = a.work(ctx, func() (err error) {
		x, err = laid.Out(ctx, j.of.doc.WithRoot(asm.Seal()), nil)
		return words.Plainly(ctx, err)
	})
	if err != nil {
		return nil, err
	}
	out := &Tried{Ghosts: []Ghost{}, Findings: []string{}}
	for _, k := range x.Joints {
		for _, f := range k.Findings {
			if k.In == "" && strings.HasPrefix(k.Name, as+"/") {
				out.Findings = append(out.Findings, k.Name+": "+f)
			}
		}
	}
	for _, s := range x.Sets {
		if s.In == "" && s.Name == as {
			out.Set = s
		}
	}
	if out.Why != "" {
		return nil, words.Refuse("%s", out.Why)
	}
	if x.Failed != nil {
		return nil, words.Refuse("%s", words.Fault(x.Failed))
	}
	for _, k := range x.Assemblies[x.Root].Components {
		if k.Copies == as && k.Stack == "" {
			out.Ghosts = append(out.Ghosts, Ghost{original(k.Name), k.Pose})
		}
	}
	return out, nil
}

// original is what a copy is of: its name is that of its set, its number and the original's.
func original(name string) string { return strings.SplitN(name, "/", 3)[2] }

// Sets are the copies of an assembly as they stand.
func (j *Judged) Sets() []repeat.Set {
	out := []repeat.Set{}
	for _, s := range j.of.laid.sets {
		if s.In == "" {
			out = append(out, s)
		}
	}
	return out
}
