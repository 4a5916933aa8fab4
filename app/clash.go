package app

import (
	"context"
	"os"
	"path/filepath"

	"setfast/app/words"
	"setfast/core/clash"
	"setfast/core/placed"
	"setfast/core/report"
	"setfast/kernel"
	"setfast/store"
)

// mostSolids is how many shapes are kept for looking at clashes; beyond it all are let go.
const mostSolids = 512

// mostFine is how many shapes by finer triangles are kept; beyond it all are let go.
const mostFine = 128

// bodies are the shapes of an assembly's parts, as they are looked at for clashes.
type bodies struct {
	a      *App
	j      *Judged
	solids map[string]*clash.Solid // by part
	rows   map[string]store.Part   // by the keys of solids
}

// solid reads a part's shape; nil of one without.
func (a *App) solid(ctx context.Context, row store.Part) (*clash.Solid, error) {
	sha := row.DerivedSHA256
	a.mu.Lock()
	s, ok := a.solids[sha]
	a.mu.Unlock()
	if ok {
		return s, nil
	}
	d, _, err := a.Derived(ctx, sha)
	if err != nil {
		return nil, err
	}
	data, err := a.Store.Blob(ctx, sha)
	if err != nil {
		return nil, err
	}
	with := *d
	if err := with.DecodeMesh(data); err != nil {
		return nil, err
	}
	s = with.Solid(sha)
	a.mu.Lock()
	defer a.mu.Unlock()
	if len(a.solids) >= mostSolids {
		clear(a.solids)
	}
	a.solids[sha] = s
	return s, nil
}

func (a *App) bodies(ctx context.Context, id int64) (*bodies, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	return a.bodiesOf(ctx, j)
}

func (a *App) bodiesOf(ctx context.Context, j *Judged) (b *bodies, err error) {
	b = &bodies{a: a, j: j, solids: map[string]*clash.Solid{}, rows: map[string]store.Part{}}
	for key, row := range j.Parts {
		if b.solids[key], err = a.solid(ctx, row); err != nil {
			return nil, err
		}
		b.rows[row.DerivedSHA256] = row
	}
	return b, nil
}

// exact writes the files of some shapes into a folder, where the kernel can read them.
func (b *bodies) exact(ctx context.Context, dir string, solids ...*clash.Solid) (map[string]kernel.Exact, error) {
	out := map[string]kernel.Exact{}
	for _, s := range solids {
		row, ok := b.rows[s.Key]
		if _, had := out[s.Key]; had || !ok || kernel.Format(row.SourceName) == "" {
			continue
		}
		file := filepath.Join(dir, row.SourceSHA256)
		if _, err := os.Stat(file); err != nil {
			data, err := b.a.Store.Blob(ctx, row.SourceSHA256)
			if err != nil {
				return nil, err
			}
			if err := os.WriteFile(file, data, 0o600); err != nil {
				return nil, err
			}
		}
		x := kernel.Exact{File: file, Name: row.SourceName, Part: row.SourceIndex}
		if row.Unit != "" {
			d, _, err := b.a.Derived(ctx, row.DerivedSHA256)
			if err != nil {
				return nil, err
			}
			if said := kernel.Units[d.Unit]; said > 0 {
				x.Scale = kernel.Units[row.Unit] / said
			}
		}
		out[s.Key] = x
	}
	return out, nil
}

// asking asks the kernel about exact shapes.
func (b *bodies) asking() clash.Exact {
	if b.a.Kernel == nil {
		return nil
	}
	return func(ctx context.Context, list []clash.Asked) (got []clash.Answer, err error) {
		var solids []*clash.Solid
		for _, q := range list {
			solids = append(solids, q.A, q.B)
		}
		err = b.laid(ctx, solids, func(of map[string]kernel.Exact) error {
			got, err = b.a.Kernel.Exactly(of)(ctx, list)
			return err
		})
		return got, err
	}
}

// finer asks the kernel for shapes by finer triangles.
func (b *bodies) finer() clash.Finer {
	if b.a.Kernel == nil {
		return nil
	}
	return func(ctx context.Context, list []*clash.Solid) ([]*clash.Solid, error) {
		out := make([]*clash.Solid, len(list))
		var wanted []*clash.Solid
		b.a.mu.Lock()
		for i, s := range list {
			if out[i] = b.a.fine[s.Key]; out[i] == nil {
				wanted = append(wanted, s)
			}
		}
		b.a.mu.Unlock()
		if len(wanted) == 0 {
			return out, nil
		}
		var got []*clash.Solid
		err := b.laid(ctx, wanted, func(of map[string]kernel.Exact) (err error) {
			got, err = b.a.Kernel.Finer(of)(ctx, wanted)
			return err
		})
		if err != nil {
			return nil, err
		}
		b.a.mu.Lock()
		defer b.a.mu.Unlock()
		if len(b.a.fine)+len(got) > mostFine {
			clear(b.a.fine)
		}
		for i, n := 0, 0; i < len(list); i++ {
			if out[i] == nil {
				out[i] = got[n]
				b.a.fine[list[i].Key] = got[n]
				n++
			}
		}
		return out, nil
	}
}

// laid does something while the files of shapes lie in a folder.
func (b *bodies) laid(ctx context.Context, solids []*clash.Solid, do func(of map[string]kernel.Exact) error) error {
	dir, err := kernel.WorkFolder("clash")
	if err != nil {
		return err
	}
	defer os.RemoveAll(dir)
	of, err := b.exact(ctx, dir, solids...)
	if err != nil {
		return err
	}
	return do(of)
}

// Clashes tells what passes through what where an assembly is solved. What was found of the same shapes at the same placement before is not
// looked for again.
func (a *App) Clashes(ctx context.Context, id int64) (*clash.Found, error) {
	return a.clashes(ctx, id, nil)
}

// clashes looks with more fits than the assembly says.
func (a *App) clashes(ctx context.Context, id int64, fits []clash.Fit) (*clash.Found, error) {
	b, err := a.bodies(ctx, id)
	if err != nil {
		return nil, err
	}
	j := b.j
	uses, more := placed.Uses(j.Doc, j.Report, j.Doc.Root, MostDrawn)
	if more {
		return nil, words.Refuse("more than %d parts are not looked at", MostDrawn)
	}
	items := make([]clash.Item, len(uses))
	for i := range uses {
		items[i] = clash.Item{Name: uses[i].Name(), Solid: b.solids[uses[i].Part], Pose: uses[i].Pose}
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var found *clash.Found
	err = a.work(ctx, func() (err error) {
		o := clash.Options{MM: j.Doc.SettingsOf(j.Asm).ToleranceMM, Exact: b.asking(), Fits: append(clash.Meant(j.Doc, j.Asm), fits...), Known: a.looked}
		found, err = clash.Rest(ctx, items, o)
		return words.Plainly(ctx, err)
	})
	return found, err
}

// Verdict is that of an assembly with what passes through what taken into it.
func (a *App) Verdict(ctx context.Context, id int64) (report.Verdict, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return "", err
	}
	v := j.Verdict()
	if !Clashable(string(v)) {
		return v, nil
	}
	found, err := a.Clashes(ctx, id)
	if err == nil && found.Verdict == "clash" {
		v = report.Clashes
	}
	return v, err
}

// Clashable tells whether clashes would change a verdict: whether they are worse.
func Clashable(v string) bool {
	k := report.Verdict(v)
	return k.Passes() || k == report.Loose
}
