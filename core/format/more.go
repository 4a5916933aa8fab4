package format

import (
	"encoding/json"
	"fmt"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/near"
)

// The members that version 2 of the format adds to an assembly.

// mostVersion is the latest version of documents that is read; what needs none of its members is written as version 1.
const mostVersion = 2

// more reads what version 2 adds.
func (r *reader) more(n *node, a *assembly.Assembly) {
	if r.version < 2 {
		return
	}
	a.Groups = r.groups(r.get(n, "groups"))
	a.Variants = r.variants(r.get(n, "variants"))
	a.Views = r.views(r.get(n, "views"))
	a.Dismissed = r.dismissed(r.get(n, "dismissed"))
	a.Fits = r.fits(r.get(n, "fits"))
	a.Stacks = r.stacks(r.get(n, "stacks"))
	a.Copies = r.copies(r.get(n, "copies"))
	a.Brief = r.brief(r.get(n, "brief"))
	a.Explode = r.explode(r.get(n, "explode"))
	a.Explosions = r.explosions(r.get(n, "explosions"))
}

// FitKinds are the kinds of overlaps that may be meant.
var FitKinds = []string{"press", "thread", "mesh", "ignore"}

// fits reads overlaps that are meant.
func (r *reader) fits(n *node) (out []assembly.Fit) {
	if n == nil || !r.want(n, '[') {
		return nil
	}
	for _, c := range n.items() {
		if !r.object(c) {
			return nil
		}
		f := assembly.Fit{Kind: r.needText(c, "kind")}
		if r.err == nil && !slices.Contains(FitKinds, f.Kind) {
			r.fail(r.get(c, "kind"), "unknown fit %q%s", f.Kind, meant(f.Kind, FitKinds, nil))
		}
		for name, to := range map[string]*assembly.Ref{"a": &f.A, "b": &f.B} {
			if text := r.needText(c, name); r.err == nil {
				to.Path = strings.Split(text, "/")
			}
		}
		if note := r.get(c, "note"); note != nil && r.want(note, 's') {
			f.Note = note.str
		}
		r.done(c)
		out = append(out, f)
	}
	return out
}

// belong sees that what groups and variants name is there.
func (c *checker) belong() {
	for _, g := range c.asm.Groups {
		for i, name := range g.Components {
			if c.asm.Place(name) < 0 {
				c.fail(c.node.at("groups", g.Name).kids[i], "there is no component %q%s", name, near.Hint(name, names(c.asm.Components)))
			}
		}
	}
	for i := range c.asm.Fits {
		where := c.node.at("fits").items()[i]
		c.fitEnd(where.at("a"), &c.asm.Fits[i].A)
		c.fitEnd(where.at("b"), &c.asm.Fits[i].B)
	}
	for i := range c.asm.Stacks {
		c.stack(&c.asm.Stacks[i])
	}
	for i := range c.asm.Copies {
		c.copies(&c.asm.Copies[i])
	}
	c.steps(c.node.at("explode"), c.asm.Explode)
	for _, x := range c.asm.Explosions {
		c.steps(c.node.at("explosions", x.Name), x.Steps)
	}
	for _, v := range c.asm.Variants {
		for _, x := range v.Values {
			if !slices.ContainsFunc(c.asm.Values, func(o assembly.NamedValue) bool { return o.Name == x.Name }) {
				c.fail(c.node.at("variants", v.Name, x.Name), "there is no value %q to vary", x.Name)
			}
		}
	}
}

// fitEnd finds what one end of a fit names: a component, or a feature of one.
func (c *checker) fitEnd(where *node, r *assembly.Ref) {
	whole := r.Path
	in := c.asm
	for k, name := range whole {
		var below *assembly.Component
		if in != nil {
			below = in.Component(name)
		}
		if below == nil {
			if k == 0 {
				c.fail(where, "there is no component %q%s", name, near.Hint(name, names(in.Components)))
				return
			}
			if k == len(whole)-1 { // a feature of what comes before
				r.Path, r.Feature = whole[:k], name
				c.feature(where, r)
				return
			}
			c.fail(where, "%s has no component %q", strings.Join(whole[:k], "/"), name)
			return
		}
		in = c.doc.Assemblies[below.Assembly]
	}
}

func names(list []*assembly.Component) (out []string) {
	for _, c := range list {
		out = append(out, c.Name)
	}
	return out
}

func (r *reader) groups(n *node) (out []assembly.Group) {
	if n == nil || !r.object(n) {
		return nil
	}
	for name, c := range n.each() {
		g := assembly.Group{Name: name}
		if !r.want(c, '[') {
			return nil
		}
		for _, k := range c.items() {
			if r.want(k, 's') {
				g.Components = append(g.Components, k.str)
			}
		}
		out = append(out, g)
	}
	return out
}

func (r *reader) variants(n *node) (out []assembly.Variant) {
	if n == nil || !r.object(n) {
		return nil
	}
	for name, c := range n.each() {
		v := assembly.Variant{Name: name}
		if !r.object(c) {
			return nil
		}
		for value, k := range c.each() {
			text := k.str
			if k.kind == 'n' {
				text = fmt.Sprint(k.num)
			} else if !r.want(k, 's') {
				return nil
			}
			v.Values = append(v.Values, assembly.NamedValue{Name: value, Text: text})
		}
		out = append(out, v)
	}
	return out
}

func (r *reader) views(n *node) (out []assembly.View) {
	if n == nil || !r.object(n) {
		return nil
	}
	for name, c := range n.each() {
		if !r.object(c) {
			return nil
		}
		v := assembly.View{Name: name, Up: geom.V(0, 0, 1)}
		if look := r.need(c, "look"); r.err == nil {
			v.Look = r.vec(look)
		}
		if up := r.get(c, "up"); up != nil {
			v.Up = r.vec(up)
		}
		if r.err == nil && v.Look.Norm() == 0 {
			r.fail(c, "a view looks along a direction, not along nothing")
		}
		r.done(c)
		out = append(out, v)
	}
	return out
}

func (r *reader) dismissed(n *node) (out []assembly.Dismissed) {
	if n == nil || !r.want(n, '[') {
		return nil
	}
	for _, c := range n.items() {
		if !r.object(c) {
			return nil
		}
		out = append(out, assembly.Dismissed{Finding: r.needText(c, "finding"), Why: r.needText(c, "why")})
		r.done(c)
	}
	return out
}

// moreObject writes what version 2 adds.
func moreObject(o *object, a *assembly.Assembly) {
	for _, name := range Sheets {
		if v := SheetObject(a, name); v != nil {
			o.put(name, v)
		}
	}
}

// Sheets are the members that version 2 adds, in the order they are written.
var Sheets = []string{"groups", "variants", "views", "dismissed", "fits", "stacks", "copies", "brief", "explode", "explosions"}

// SheetObject is one of these members as it stands in a file; nil where the assembly has none.
func SheetObject(a *assembly.Assembly, name string) json.Marshaler {
	o := &object{}
	switch name {
	case "groups":
		for _, g := range a.Groups {
			o.put(g.Name, append([]string{}, g.Components...))
		}
	case "variants":
		for _, v := range a.Variants {
			o.put(v.Name, ValuesObject(v.Values))
		}
	case "views":
		for _, v := range a.Views {
			k := &object{}
			k.put("look", v.Look.Array())
			k.put("up", v.Up.Array())
			o.put(v.Name, k)
		}
	case "dismissed":
		var l list
		for _, d := range a.Dismissed {
			k := &object{}
			k.put("finding", d.Finding)
			k.put("why", d.Why)
			l = append(l, k)
		}
		if len(l) == 0 {
			return nil
		}
		return l
	case "stacks":
		for i := range a.Stacks {
			if !a.Stacks[i].Made() {
				o.put(a.Stacks[i].Name, StackObject(&a.Stacks[i]))
			}
		}
	case "copies":
		for i := range a.Copies {
			o.put(a.Copies[i].Name, CopiesObject(&a.Copies[i]))
		}
	case "brief":
		var l list
		for _, b := range a.Brief {
			l = append(l, briefObject(b))
		}
		if len(l) == 0 {
			return nil
		}
		return l
	case "explode":
		if len(a.Explode) == 0 {
			return nil
		}
		return leaveList(a.Explode)
	case "explosions":
		for _, x := range a.Explosions {
			o.put(x.Name, leaveList(x.Steps))
		}
	case "fits":
		var l list
		for _, f := range a.Fits {
			if f.Made() {
				continue
			}
			k := &object{}
			k.put("a", FitEnd(f.A))
			k.put("b", FitEnd(f.B))
			k.put("kind", f.Kind)
			k.text("note", f.Note)
			l = append(l, k)
		}
		if len(l) == 0 {
			return nil
		}
		return l
	}
	if len(o.names) == 0 {
		return nil
	}
	return o
}

// FitEnd writes one end of a fit: a component, or a feature of one.
func FitEnd(r assembly.Ref) string {
	if r.Feature == "" {
		return strings.Join(r.Path, "/")
	}
	return r.String()
}

// list is a list of objects.
type list []json.Marshaler

// MarshalJSON writes it.
func (l list) MarshalJSON() ([]byte, error) { return marshal([]json.Marshaler(l)) }

// ReadSheet puts one of these members in the place of the one an assembly has; none takes it away.
func ReadSheet(a *assembly.Assembly, name string, data []byte) error {
	if !slices.Contains(Sheets, name) {
		return fmt.Errorf("an assembly has no sheet %q", name)
	}
	if len(data) == 0 {
		data = []byte("null")
	}
	whole := append(append([]byte(`{"`+name+`":`), data...), '}')
	_, err := one(whole, func(r *reader, n *node) struct{} {
		if n = r.get(n, name); n != nil && n.kind == '0' {
			n = nil
		}
		switch name {
		case "groups":
			a.Groups = r.groups(n)
		case "variants":
			a.Variants = r.variants(n)
		case "views":
			a.Views = r.views(n)
		case "fits":
			a.Fits = r.fits(n)
		case "stacks":
			a.Stacks = r.stacks(n)
		case "brief":
			a.Brief = r.brief(n)
		case "explode":
			a.Explode = r.explode(n)
		case "explosions":
			a.Explosions = r.explosions(n)
		case "copies":
			r.env = env{named: a.Values}
			a.Copies = r.copies(n)
		default:
			a.Dismissed = r.dismissed(n)
		}
		return struct{}{}
	})
	return err
}
