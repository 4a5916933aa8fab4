// Package compare tells what differs between two documents: parts, components, relations of the root, its account and its measures. A component that differs in
// nothing but its name is told as renamed, and what names it is no difference.
package compare

import (
	"encoding/json"
	"math"
	"reflect"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/report"
	"setfast/core/tol"
)

// Result is what differs.
type Result struct {
	Same       bool              `json:"same"`
	Parts      Names             `json:"parts"`
	Assemblies *Names            `json:"assemblies,omitempty"` // besides the roots
	Components Components        `json:"components"`
	Mates      Mates             `json:"mates"`
	Order      bool              `json:"order,omitempty"` // the build order
	Other      []string          `json:"other,omitempty"` // members of the root that differ besides: planned, values, …
	Account    map[string][2]any `json:"account"`
	Measures   map[string][2]any `json:"measures"`
}

// Names are those of what differs.
type Names struct {
	Added   []string `json:"added"`
	Removed []string `json:"removed"`
	Changed []string `json:"changed"`
}

func (n *Names) any() bool { return len(n.Added)+len(n.Removed)+len(n.Changed) > 0 }

// Components are those that differ.
type Components struct {
	Added   []string    `json:"added"`
	Removed []string    `json:"removed"`
	Moved   []Moved     `json:"moved"`
	Renamed [][2]string `json:"renamed,omitempty"`
	Changed []Changed   `json:"changed,omitempty"` // in what they use, or in their marks
}

// Moved is a component that comes to rest elsewhere.
type Moved struct {
	Name string  `json:"name"`
	MM   float64 `json:"mm"`  // of its origin
	Deg  float64 `json:"deg"` // its turn
}

// Changed is something with fields that differ: what they were and what they are, null where there is none.
type Changed struct {
	Name   string            `json:"name,omitempty"`
	ID     string            `json:"id,omitempty"`
	Fields map[string][2]any `json:"fields"`
}

// Mates are relations that differ.
type Mates struct {
	Added   []string  `json:"added"`
	Removed []string  `json:"removed"`
	Changed []Changed `json:"changed"`
}

// Of compares two documents as they are said, with their reports.
func Of(a, b *assembly.Document, ra, rb *report.Report) *Result {
	c := &comparing{a: a.Assemblies[a.Root], b: b.Assemblies[b.Root], ra: ra.Assemblies[a.Root], rb: rb.Assemblies[b.Root], to: map[string]string{}}
	out := &Result{Account: map[string][2]any{}, Measures: map[string][2]any{}}
	out.Parts = names(keyed(a.PartOrder, func(k string) any { return plain(format.PartObject(a.Parts[k])) }), keyed(b.PartOrder, func(k string) any { return plain(format.PartObject(b.Parts[k])) }))
	below := func(d *assembly.Document) map[string]any {
		return keyed(d.Order, func(k string) any { return plain(format.AssemblyObject(d.Assemblies[k])) })
	}
	was, now := below(a), below(b)
	delete(was, a.Root)
	delete(now, b.Root)
	if n := names(was, now); n.any() {
		out.Assemblies = &n
	}
	out.Components = c.components()
	out.Order = c.order()
	out.Mates = c.mates()
	out.Other = c.other()
	if !reflect.DeepEqual(plain(format.SettingsObject(a.Settings)), plain(format.SettingsObject(b.Settings))) {
		out.Other = append(out.Other, "settings")
	}
	c.account(out.Account)
	c.measures(out.Measures)
	k := out.Components
	out.Same = !out.Parts.any() && out.Assemblies == nil && len(k.Added)+len(k.Removed)+len(k.Moved)+len(k.Renamed)+len(k.Changed) == 0 &&
		len(out.Mates.Added)+len(out.Mates.Removed)+len(out.Mates.Changed) == 0 && !out.Order && len(out.Other)+len(out.Account)+len(out.Measures) == 0
	return out
}

type comparing struct {
	a, b   *assembly.Assembly
	ra, rb *report.Result
	to     map[string]string // new names of what is renamed
}

// plain is a value of a file as plain data.
func plain(v json.Marshaler) any {
	raw, err := json.Marshal(v)
	if err != nil {
		return nil
	}
	var out any
	if json.Unmarshal(raw, &out) != nil {
		return nil
	}
	return out
}

func keyed(keys []string, of func(k string) any) map[string]any {
	out := map[string]any{}
	for _, k := range keys {
		out[k] = of(k)
	}
	return out
}

// names are what two lists by name differ in, in the order of the alphabet.
func names(a, b map[string]any) Names {
	n := Names{[]string{}, []string{}, []string{}}
	for k, v := range b {
		if w, ok := a[k]; !ok {
			n.Added = append(n.Added, k)
		} else if !reflect.DeepEqual(v, w) {
			n.Changed = append(n.Changed, k)
		}
	}
	for k := range a {
		if _, ok := b[k]; !ok {
			n.Removed = append(n.Removed, k)
		}
	}
	slices.Sort(n.Added)
	slices.Sort(n.Removed)
	slices.Sort(n.Changed)
	return n
}

// what a component is but for where it stands.
func what(c *assembly.Component) map[string]any {
	m, _ := plain(format.ComponentObject(c)).(map[string]any)
	delete(m, "pose")
	return m
}

// poses are where a component comes to rest in either.
func (c *comparing) rest(r *report.Result, k *assembly.Component) geom.Pose {
	if at := r.At(k.Name); at.Pose.Is() {
		return at.Pose
	}
	return k.Pose
}

// apart tells how far two poses are apart, mm and degrees.
func apart(p, q geom.Pose) (mm, deg float64) {
	mm = p.O.Sub(q.O).Norm()
	deg = p.Q.Conj().Mul(q.Q).Log().Norm() * 180 / math.Pi
	if mm < tol.CompareMM {
		mm = 0
	}
	if deg < tol.CompareDeg {
		deg = 0
	}
	return round(mm), round(deg)
}

// places are kept of what is told: millionths.
const places = 1e6

func round(v float64) float64 { return math.Round(v*places) / places }

func (c *comparing) components() Components {
	out := Components{Added: []string{}, Removed: []string{}, Moved: []Moved{}}
	taken := map[string]bool{}
	for _, k := range c.a.Components {
		if c.b.Component(k.Name) != nil {
			continue
		}
		i := slices.IndexFunc(c.b.Components, func(n *assembly.Component) bool {
			return c.a.Component(n.Name) == nil && !taken[n.Name] && c.onlyName(k, n)
		})
		if i < 0 {
			out.Removed = append(out.Removed, k.Name)
			continue
		}
		n := c.b.Components[i].Name
		taken[n], c.to[k.Name] = true, n
		out.Renamed = append(out.Renamed, [2]string{k.Name, n})
	}
	for _, n := range c.b.Components {
		k := c.a.Component(n.Name)
		switch {
		case k == nil && !taken[n.Name]:
			out.Added = append(out.Added, n.Name)
		case k == nil:
		default:
			if f := fields(what(k), what(n)); len(f) > 0 {
				out.Changed = append(out.Changed, Changed{Name: n.Name, Fields: f})
			}
			if mm, deg := apart(c.rest(c.ra, k), c.rest(c.rb, n)); mm > 0 || deg > 0 {
				out.Moved = append(out.Moved, Moved{n.Name, mm, deg})
			}
		}
	}
	return out
}

// onlyName tells whether two components differ in nothing but their names: what they are, where they rest, and the relations that name them.
func (c *comparing) onlyName(k, n *assembly.Component) bool {
	if mm, deg := apart(c.rest(c.ra, k), c.rest(c.rb, n)); mm > 0 || deg > 0 || !reflect.DeepEqual(what(k), what(n)) {
		return false
	}
	return slices.Equal(on(c.a, k.Name), on(c.b, n.Name))
}

// on lists the relations that name a component, with the ends that do.
func on(a *assembly.Assembly, name string) (out []string) {
	for _, m := range a.Mates {
		if m.IsCoupling() {
			continue
		}
		for i, r := range m.Refs() {
			if r.Head() == name {
				out = append(out, m.Type+" "+string(rune('a'+i))+" "+r.Feature)
			}
		}
	}
	slices.Sort(out)
	return out
}

// named is a text in which a reference begins with the new name of what was renamed.
func (c *comparing) named(v any) any {
	switch x := v.(type) {
	case string:
		head, rest, deeper := strings.Cut(x, "/")
		if to, ok := c.to[head]; ok {
			if deeper {
				return to + "/" + rest
			}
			return to
		}
	case []any:
		out := make([]any, len(x))
		for i := range x {
			out[i] = c.named(x[i])
		}
		return out
	case map[string]any:
		out := map[string]any{}
		for k, y := range x {
			out[k] = c.named(y)
		}
		return out
	}
	return v
}

// fields are the members that differ: what was and what is.
func fields(a, b map[string]any) map[string][2]any {
	out := map[string][2]any{}
	for k, v := range a {
		if w, ok := b[k]; !ok || !reflect.DeepEqual(v, w) {
			out[k] = [2]any{v, w}
		}
	}
	for k, w := range b {
		if _, ok := a[k]; !ok {
			out[k] = [2]any{nil, w}
		}
	}
	return out
}

func (c *comparing) mates() Mates {
	out := Mates{[]string{}, []string{}, []Changed{}}
	for _, m := range c.a.Mates {
		n := c.b.Mate(m.ID)
		if n == nil {
			out.Removed = append(out.Removed, m.ID)
			continue
		}
		was, _ := plain(format.MateObject(m)).(map[string]any)
		now, _ := plain(format.MateObject(n)).(map[string]any)
		for _, end := range []string{"a", "b", "about"} {
			if v, ok := was[end]; ok && !m.IsCoupling() {
				was[end] = c.named(v)
			}
		}
		if f := fields(was, now); len(f) > 0 {
			out.Changed = append(out.Changed, Changed{ID: m.ID, Fields: f})
		}
	}
	for _, m := range c.b.Mates {
		if c.a.Mate(m.ID) == nil {
			out.Added = append(out.Added, m.ID)
		}
	}
	return out
}

// order tells whether what both have is built in another order.
func (c *comparing) order() bool {
	var was, now []string
	for _, k := range c.a.Components {
		n := k.Name
		if to, ok := c.to[n]; ok {
			n = to
		}
		if c.b.Component(n) != nil {
			was = append(was, n)
		}
	}
	for _, k := range c.b.Components {
		if slices.Contains(was, k.Name) {
			now = append(now, k.Name)
		}
	}
	return !slices.Equal(was, now)
}

// other lists the members of the roots that differ besides components, relations and what measures come to.
func (c *comparing) other() (out []string) {
	was, _ := plain(format.AssemblyObject(c.a)).(map[string]any)
	now, _ := plain(format.AssemblyObject(c.b)).(map[string]any)
	for k := range fields(was, now) {
		switch k {
		case "components", "mates":
		default:
			if !reflect.DeepEqual(c.named(was[k]), now[k]) {
				out = append(out, k)
			}
		}
	}
	slices.Sort(out)
	return out
}

func (c *comparing) account(out map[string][2]any) {
	for _, x := range []struct {
		name     string
		was, now any
	}{
		{"verdict", c.ra.Verdict, c.rb.Verdict}, {"opening", c.ra.Opening, c.rb.Opening}, {"asked", c.ra.Asked, c.rb.Asked}, {"removed", c.ra.Removed, c.rb.Removed},
		{"left", c.ra.Left, c.rb.Left}, {"planned", c.ra.Planned, c.rb.Planned}, {"idle", c.ra.Idle, c.rb.Idle}, {"loose", c.ra.Loose, c.rb.Loose},
		{"doubled", c.ra.Doubled, c.rb.Doubled}, {"shaky", c.ra.Shaky, c.rb.Shaky},
	} {
		if x.was != x.now {
			out[x.name] = [2]any{x.was, x.now}
		}
	}
}

func (c *comparing) measures(out map[string][2]any) {
	for name, was := range c.ra.Measures {
		if now, ok := c.rb.Measures[name]; !ok || !alike(was, now) {
			out[name] = [2]any{was, c.rb.Measures[name]}
		}
	}
	for name, now := range c.rb.Measures {
		if _, ok := c.ra.Measures[name]; !ok {
			out[name] = [2]any{nil, now}
		}
	}
}

// alike tells whether two measures are the same to what is told of places.
func alike(a, b any) bool {
	x, okX := report.Numbers(a)
	y, okY := report.Numbers(b)
	if !okX || !okY || len(x) != len(y) {
		return reflect.DeepEqual(a, b)
	}
	for i := range x {
		if math.Abs(x[i]-y[i]) > tol.CompareMM {
			return false
		}
	}
	return true
}
