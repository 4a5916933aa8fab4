package assembly

import (
	"fmt"
	"maps"

	"setfast/core/near"
	"setfast/core/part"
)

// Fault says what is wrong with a document and where.
type Fault struct{ Path, Msg string }

func (f *Fault) Error() string {
	if f.Path == "" {
		return f.Msg
	}
	return f.Path + ": " + f.Msg
}

// Faultf makes a fault at a path.
func Faultf(path, format string, a ...any) *Fault { return &Fault{path, fmt.Sprintf(format, a...)} }

// Lookup follows a reference: the components it passes, from the outside in, and the feature in the last one's own frame.
func (d *Document) Lookup(a *Assembly, r Ref) (chain []*Component, f part.Feature, err error) {
	f, err = d.follow(a, r, func(c *Component) { chain = append(chain, c) })
	if err != nil {
		chain = nil
	}
	return chain, f, err
}

// Feature is what a reference names, in the frame of the last component on its way.
func (d *Document) Feature(a *Assembly, r Ref) (part.Feature, error) {
	return d.follow(a, r, func(*Component) {})
}

func (d *Document) follow(a *Assembly, r Ref, pass func(*Component)) (f part.Feature, err error) {
	at := a
	for i, name := range r.Path {
		if at == nil {
			return f, fmt.Errorf("%q is a part, so nothing lies inside it", r.Path[i-1])
		}
		c := at.Component(name)
		if c == nil && at.CopiesNamed(name) != nil {
			return f, fmt.Errorf("%s are copies: make the one you mean independent, or relate to its original", name)
		}
		if c == nil && at.Stack(name) != nil {
			return f, fmt.Errorf("%s is a stack: relate to what it goes through", name)
		}
		if c == nil {
			return f, fmt.Errorf("no component %q%s", name, near.Hint(name, componentNames(at)))
		}
		pass(c)
		at = nil
		if c.Assembly != "" {
			if at = d.Assemblies[c.Assembly]; at == nil {
				return f, fmt.Errorf("component %q uses assembly %q, which is not in the document", c.Name, c.Assembly)
			}
			continue
		}
		p := d.Parts[c.Part]
		if p == nil {
			return f, fmt.Errorf("component %q uses part %q, which is not in the document", c.Name, c.Part)
		}
		if i == len(r.Path)-1 {
			f, ok := p.Feature(r.Feature)
			if !ok {
				return f, fmt.Errorf("part %q has no feature %q%s", c.Part, r.Feature, near.Hint(r.Feature, p.Order))
			}
			return f, nil
		}
	}
	f, ok := part.BuiltIn[r.Feature]
	if !ok {
		return f, fmt.Errorf("an assembly has no feature %q of its own; it has origin, xy, yz, zx, x, y, z", r.Feature)
	}
	return f, nil
}

// WithRoot is the document with another assembly as its root, under the same name; the document itself stays as it is.
func (d *Document) WithRoot(a *Assembly) *Document {
	out := *d
	out.Assemblies = maps.Clone(d.Assemblies)
	out.Assemblies[d.Root] = a
	return &out
}

func componentNames(a *Assembly) []string {
	var n []string
	for _, c := range a.Components {
		n = append(n, c.Name)
	}
	return n
}

// MaxDepth is how many assemblies may lie inside one another.
const MaxDepth = 256

// Depth is how many assemblies of a document without loops lie inside one another at most.
func (d *Document) Depth() int {
	known := map[string]int{}
	var walk func(name string) int
	walk = func(name string) int {
		if n, ok := known[name]; ok {
			return n
		}
		most := 0
		if a := d.Assemblies[name]; a != nil {
			for _, c := range a.Components {
				if c.Assembly != "" {
					most = max(most, walk(c.Assembly))
				}
			}
		}
		known[name] = most + 1
		return most + 1
	}
	most := 0
	for _, n := range d.Order {
		most = max(most, walk(n))
	}
	return most
}

// Loops finds an assembly that contains itself; it returns the chain of names, or nil.
func (d *Document) Loops() []string {
	state := map[string]int{}
	var trail, found []string
	var walk func(name string)
	walk = func(name string) {
		if found != nil || state[name] == 2 {
			return
		}
		trail = append(trail, name)
		if state[name] == 1 {
			found = append([]string(nil), trail...)
			return
		}
		state[name] = 1
		if a := d.Assemblies[name]; a != nil {
			for _, c := range a.Components {
				if c.Assembly != "" {
					walk(c.Assembly)
				}
			}
		}
		state[name] = 2
		trail = trail[:len(trail)-1]
	}
	for _, n := range d.Order {
		walk(n)
	}
	return found
}
