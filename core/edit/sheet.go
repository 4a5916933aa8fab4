package edit

import (
	"encoding/json"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/format"
)

// Sheet puts a list of the assembly (groups, variants, views, dismissed, fits, stacks, copies) in the place of the one it has, as in the file; none takes it away.
type Sheet struct {
	Name string          `json:"name"`
	To   json.RawMessage `json:"to,omitempty"`
}

// Op is its name.
func (Sheet) Op() string { return "sheet" }

// NewSheet is a sheet as another assembly has it.
func NewSheet(a *assembly.Assembly, name string) Sheet {
	s := Sheet{Name: name}
	if o := format.SheetObject(a, name); o != nil {
		s.To = raw(o)
	}
	return s
}

func (e Sheet) apply(d *draft) (Edit, error) {
	was := NewSheet(&d.Assembly, e.Name)
	return was, format.ReadSheet(&d.Assembly, e.Name, e.To)
}

// regroup changes the names of components in groups and fits; an empty group goes, and a fit of what is gone.
func (d *draft) regroup(f func(string) string) (back []Edit) {
	back = append(append(d.refit(f), d.restack(f)...), d.recopy(f)...)
	back = append(back, d.releave(f)...)
	was := NewSheet(&d.Assembly, "groups")
	var now []assembly.Group
	changed := false
	for _, g := range d.Groups {
		k := assembly.Group{Name: g.Name}
		for _, c := range g.Components {
			n := f(c)
			changed = changed || n != c
			if n != "" {
				k.Components = append(k.Components, n)
			}
		}
		now = append(now, k)
	}
	if !changed {
		return back
	}
	d.Groups = slices.Clip(now)
	return append(back, was)
}

// refit changes the names of components in fits.
func (d *draft) refit(f func(string) string) (back []Edit) {
	was := NewSheet(&d.Assembly, "fits")
	var now []assembly.Fit
	changed := false
	for _, k := range d.Fits {
		kept := true
		for _, r := range []*assembly.Ref{&k.A, &k.B} {
			n := f(r.Head())
			changed, kept = changed || n != r.Head(), kept && n != ""
			r.Path = append([]string{n}, r.Path[1:]...)
		}
		if kept {
			now = append(now, k)
		}
	}
	if !changed {
		return nil
	}
	d.Fits = slices.Clip(now)
	return []Edit{was}
}

// restack changes the names of components in stacks; a hole of what is gone goes, and a stack that has none left.
func (d *draft) restack(f func(string) string) (back []Edit) {
	was := NewSheet(&d.Assembly, "stacks")
	var now []assembly.Stack
	changed := false
	path := func(name string) string {
		head, rest, deeper := strings.Cut(name, "/")
		n := f(head)
		changed = changed || n != head
		if deeper && n != "" {
			n += "/" + rest
		}
		return n
	}
	refs := func(list []assembly.Ref) (out []assembly.Ref) {
		for _, r := range list {
			n := f(r.Head())
			changed = changed || n != r.Head()
			if n != "" {
				r.Path = append([]string{n}, r.Path[1:]...)
				out = append(out, r)
			}
		}
		return out
	}
	for _, k := range d.Stacks {
		tapped := len(k.Into) > 0
		k.Holes, k.Into, k.HeadOn = refs(k.Holes), refs(k.Into), path(k.HeadOn)
		var through []string
		for _, t := range k.Through {
			if n := path(t); n != "" {
				through = append(through, n)
			}
		}
		k.Through = through
		if len(k.Holes) > 0 && (!tapped || len(k.Into) == 1 || len(k.Into) == len(k.Holes)) {
			now = append(now, k)
		}
	}
	if !changed {
		return nil
	}
	d.Stacks = slices.Clip(now)
	return []Edit{was}
}

// releave changes the names of components in the steps of coming apart; a step of what is gone goes, and a named way that has none left.
func (d *draft) releave(f func(string) string) (back []Edit) {
	was, wasNamed := NewSheet(&d.Assembly, "explode"), NewSheet(&d.Assembly, "explosions")
	if now, changed := renamed(d.Explode, f); changed {
		d.Explode, back = now, append(back, was)
	}
	var named []assembly.Explosion
	any := false
	for _, x := range d.Explosions {
		now, changed := renamed(x.Steps, f)
		any = any || changed
		if x.Steps = now; len(now) > 0 {
			named = append(named, x)
		}
	}
	if any {
		d.Explosions, back = slices.Clip(named), append(back, wasNamed)
	}
	return back
}

// renamed are steps with the names of what leaves changed.
func renamed(steps []assembly.Leave, f func(string) string) (now []assembly.Leave, changed bool) {
	for _, s := range steps {
		var parts []string
		for _, name := range s.Parts {
			n := f(name)
			changed = changed || n != name
			if n != "" {
				parts = append(parts, n)
			}
		}
		if s.Parts = parts; len(parts) > 0 {
			now = append(now, s)
		}
	}
	return slices.Clip(now), changed
}
