package format

import (
	"encoding/json"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/near"
	"setfast/core/standard"
)

// stacks reads fastenings that are said once for all their holes.
func (r *reader) stacks(n *node) (out []assembly.Stack) {
	if n == nil || !r.object(n) {
		return nil
	}
	for name, c := range n.each() {
		r.name(c, name, "a stack's")
		if !r.object(c) {
			return nil
		}
		out = append(out, r.stack(c, name))
		r.done(c)
	}
	return out
}

// ReadStack reads a stack alone, as it stands in a file.
func ReadStack(name string, data []byte) (assembly.Stack, error) {
	return one(data, func(r *reader, n *node) assembly.Stack {
		if !r.object(n) {
			return assembly.Stack{}
		}
		s := r.stack(n, name)
		r.done(n)
		return s
	})
}

func (r *reader) stack(n *node, name string) assembly.Stack {
	s := assembly.Stack{Name: name, HeadOn: r.text(n, "head_on"), Material: r.text(n, "material")}
	for _, c := range r.items(n, "holes") {
		s.Holes = append(s.Holes, r.ref(c))
	}
	if r.err == nil && len(s.Holes) == 0 {
		r.fail(n, "a stack wants holes, such as [\"plate/f7\"]")
	}
	s.Through = r.texts(n, "through")
	s.Screw = r.fastener(n, "screw", standard.Screw)
	for _, k := range []struct {
		name string
		to   *[]string
	}{{"under_head", &s.UnderHead}, {"under_nut", &s.UnderNut}} {
		*k.to = r.texts(n, k.name)
		for i, w := range *k.to {
			r.made(r.get(n, k.name).items()[i], w, standard.Washer)
		}
	}
	if r.get(n, "nut") != nil {
		s.Nut = r.fastener(n, "nut", standard.Nut, standard.Locknut)
	}
	if c := r.get(n, "into"); c != nil {
		if c.kind == '[' {
			for _, k := range c.items() {
				s.Into = append(s.Into, r.ref(k))
			}
		} else {
			s.Into = []assembly.Ref{r.ref(c)}
		}
	}
	for _, k := range []struct {
		name string
		to   *float64
	}{{"length", &s.Length}, {"depth", &s.Depth}} {
		c := r.get(n, k.name)
		if c == nil || c.kind == 's' && c.str == "auto" && k.name == "length" {
			continue
		}
		if *k.to = r.number(c); r.err == nil && !(*k.to > 0) {
			r.fail(c, "a %s is more than nothing", k.name)
		}
	}
	switch {
	case r.err != nil:
	case s.Nut == "" && len(s.Into) == 0:
		r.fail(n, "a stack wants a nut, or a tapped hole in \"into\"")
	case s.Nut != "" && len(s.Into) > 0:
		r.fail(n, "a stack ends in a nut or in a tapped hole, not in both")
	case len(s.Into) == 0 && s.Depth > 0:
		r.fail(r.get(n, "depth"), "a depth is that of a tapped hole: name it in \"into\"")
	case len(s.Into) > 0 && len(s.UnderNut) > 0:
		r.fail(r.get(n, "under_nut"), "there is no nut")
	case len(s.Into) > 1 && len(s.Into) != len(s.Holes):
		r.fail(r.get(n, "into"), "there are %d holes and %d tapped ones", len(s.Holes), len(s.Into))
	}
	if _, ok := standard.Engagement[s.Material]; r.err == nil && s.Material != "" && !ok {
		r.fail(r.get(n, "material"), "no engagement is known for %q%s", s.Material, near.Hint(s.Material, materials()))
	}
	return s
}

func materials() (out []string) {
	for m := range standard.Engagement {
		out = append(out, m)
	}
	slices.Sort(out)
	return out
}

// texts reads a list of texts.
func (r *reader) texts(n *node, name string) (out []string) {
	for _, c := range r.items(n, name) {
		if r.want(c, 's') {
			out = append(out, c.str)
		}
	}
	return out
}

// fastener reads one of some families.
func (r *reader) fastener(n *node, name string, families ...standard.Family) string {
	text := r.needText(n, name)
	if r.err == nil {
		r.made(r.get(n, name), text, families...)
	}
	return text
}

func (r *reader) made(c *node, text string, families ...standard.Family) {
	if r.err != nil {
		return
	}
	f, err := standard.Read(text)
	switch {
	case err != nil:
		r.fail(c, "%v", err)
	case !slices.Contains(families, f.Family):
		r.fail(c, "%s is a %s, not a %s", f.Designation(), f.Family, families[0])
	}
}

// stack sees that what a stack names is there.
func (c *checker) stack(s *assembly.Stack) {
	where := c.node.at("stacks", s.Name)
	if c.asm.Component(s.Name) != nil {
		c.fail(where, "a component is named %q too: what a stack places is named after it", s.Name)
	}
	for i := range s.Holes {
		c.feature(where.at("holes").items()[i], &s.Holes[i])
	}
	for i := range s.Into {
		at := where.at("into")
		if at.kind == '[' {
			at = at.items()[i]
		}
		c.feature(at, &s.Into[i])
	}
	for i, name := range s.Through {
		c.within(where.at("through").items()[i], name)
	}
	if s.HeadOn != "" {
		c.within(where.at("head_on"), s.HeadOn)
	}
}

// within sees that a path of components leads somewhere.
func (c *checker) within(where *node, path string) {
	in := c.asm
	for name := range strings.SplitSeq(path, "/") {
		var k *assembly.Component
		if in != nil {
			k = in.Component(name)
		}
		if k == nil {
			var have []string
			if in != nil {
				have = names(in.Components)
			}
			c.fail(where, "there is no component %q%s", name, near.Hint(name, have))
			return
		}
		in = c.doc.Assemblies[k.Assembly]
	}
}

// StackObject is a stack as it stands in a file.
func StackObject(s *assembly.Stack) json.Marshaler {
	o := &object{}
	refs := func(list []assembly.Ref) (out []string) {
		for _, r := range list {
			out = append(out, r.String())
		}
		return out
	}
	o.put("holes", refs(s.Holes))
	if len(s.Through) > 0 {
		o.put("through", s.Through)
	}
	o.put("screw", s.Screw)
	if len(s.UnderHead) > 0 {
		o.put("under_head", s.UnderHead)
	}
	if len(s.UnderNut) > 0 {
		o.put("under_nut", s.UnderNut)
	}
	o.text("nut", s.Nut)
	switch len(s.Into) {
	case 0:
	case 1:
		o.put("into", s.Into[0].String())
	default:
		o.put("into", refs(s.Into))
	}
	if s.Depth > 0 {
		o.put("depth", s.Depth)
	}
	o.text("material", s.Material)
	o.text("head_on", s.HeadOn)
	if s.Length > 0 {
		o.put("length", s.Length)
	} else {
		o.put("length", "auto")
	}
	return o
}
