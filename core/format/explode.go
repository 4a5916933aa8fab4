package format

import (
	"strings"

	"setfast/core/assembly"
	"setfast/core/near"
)

// explode reads the steps in which an assembly comes apart.
func (r *reader) explode(n *node) (out []assembly.Leave) {
	if n == nil || !r.want(n, '[') {
		return nil
	}
	for _, c := range n.items() {
		if !r.object(c) {
			return nil
		}
		var s assembly.Leave
		if parts := r.need(c, "parts"); r.err == nil && r.want(parts, '[') {
			for _, k := range parts.items() {
				if r.want(k, 's') {
					s.Parts = append(s.Parts, k.str)
				}
			}
			if r.err == nil && len(s.Parts) == 0 {
				r.fail(parts, "a step names what leaves")
			}
		}
		if along := r.need(c, "along"); r.err == nil {
			if s.Along = r.vec(along); r.err == nil && s.Along.Norm() == 0 {
				r.fail(along, "a direction must not be zero")
			}
		}
		if by := r.get(c, "by"); by != nil && r.err == nil {
			if s.By = r.number(by); r.err == nil && s.By <= 0 {
				r.fail(by, "by is a length above 0; leave it out for as far as there is room")
			}
		}
		r.done(c)
		out = append(out, s)
	}
	return out
}

// explosions reads ways of coming apart by their names.
func (r *reader) explosions(n *node) (out []assembly.Explosion) {
	if n == nil || !r.object(n) {
		return nil
	}
	for name, c := range n.each() {
		if r.name(c, name, "an explosion's"); r.err != nil {
			return nil
		}
		x := assembly.Explosion{Name: name, Steps: r.explode(c)}
		if r.err == nil && len(x.Steps) == 0 {
			r.fail(c, "an explosion has steps")
		}
		out = append(out, x)
	}
	return out
}

// steps sees that what leaves is there.
func (c *checker) steps(where *node, steps []assembly.Leave) {
	for i, s := range steps {
		for k, name := range s.Parts {
			c.leaves(where.items()[i].at("parts").kids[k], name)
		}
	}
}

// leaves sees that what leaves is a component; what a stack or copies place is known once they are laid out.
func (c *checker) leaves(where *node, name string) {
	if c.asm.Place(name) < 0 && !strings.Contains(name, "/") {
		c.fail(where, "there is no component %q%s", name, near.Hint(name, names(c.asm.Components)))
	}
}

func leaveList(steps []assembly.Leave) (l list) {
	for _, s := range steps {
		l = append(l, leaveObject(s))
	}
	return l
}

func leaveObject(s assembly.Leave) *object {
	o := &object{}
	o.put("parts", s.Parts)
	o.put("along", s.Along.Array())
	if s.By > 0 {
		o.put("by", s.By)
	}
	return o
}
