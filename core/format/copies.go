package format

import (
	"encoding/json"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/near"
)

// mostCopies is how often something may be there.
const mostCopies = 5000

// copies reads what is there several times over.
func (r *reader) copies(n *node) (out []assembly.Copies) {
	if n == nil || !r.object(n) {
		return nil
	}
	for name, c := range n.each() {
		r.name(c, name, "copies'")
		if !r.object(c) {
			return nil
		}
		out = append(out, r.copied(c, name))
		r.done(c)
	}
	return out
}

// ReadCopies reads copies alone, as they stand in a file; expressions use the values that are given.
func ReadCopies(name string, data []byte, values []assembly.NamedValue) (assembly.Copies, error) {
	return one(data, func(r *reader, n *node) assembly.Copies {
		r.env = env{named: values}
		if !r.object(n) {
			return assembly.Copies{}
		}
		c := r.copied(n, name)
		r.done(n)
		return c
	})
}

func (r *reader) copied(n *node, name string) assembly.Copies {
	c := assembly.Copies{Name: name, Of: r.texts(n, "of")}
	if r.err == nil && len(c.Of) == 0 {
		r.fail(n, "copies want to know of what: \"of\": [\"screw-1\"]")
	}
	ways := 0
	if k := r.get(n, "linear"); k != nil && r.object(k) {
		ways++
		c.Linear = append(c.Linear, r.line(k))
		if x := r.get(k, "across"); x != nil && r.object(x) {
			c.Linear = append(c.Linear, r.line(x))
			r.done(x)
		}
		r.done(k)
	}
	if k := r.get(n, "circular"); k != nil && r.object(k) {
		ways++
		c.Circular = &assembly.Circle{Axis: r.needRef(k, "axis"), Count: r.count(k), Angle: assembly.Number{Value: fullTurn}}
		if a := r.get(k, "angle"); a != nil {
			c.Circular.Angle.Value, c.Circular.Angle.Text = r.measured(a, anAngle)
			if x := math.Abs(c.Circular.Angle.Value); r.err == nil && !(x > 0 && x <= fullTurn) {
				r.fail(a, "copies around an axis want an angle up to a whole turn, 360")
			}
		}
		r.done(k)
	}
	if k := r.get(n, "places"); k != nil && r.object(k) {
		ways++
		c.Places = &assembly.Places{From: r.needRef(k, "from")}
		for _, x := range r.items(k, "to") {
			c.Places.To = append(c.Places.To, r.ref(x))
		}
		if r.err == nil && len(c.Places.To) == 0 {
			r.fail(k, "\"to\" names the places of the copies, such as [\"plate/f7\"]")
		}
		r.done(k)
	}
	if r.err == nil && ways != 1 {
		r.fail(n, "copies are \"linear\", \"circular\" or at \"places\": one of them")
	}
	for _, x := range r.items(n, "except") {
		i := r.number(x)
		if r.err == nil && (i != math.Trunc(i) || i < 2 || i > mostCopies) {
			r.fail(x, "the copies that are left out are counted from 2; 1 is the original")
		}
		c.Except = append(c.Except, int(i))
	}
	return c
}

// fullTurn is one, in degrees.
const fullTurn = 360

func (r *reader) line(n *node) (l assembly.Line) {
	if a := r.need(n, "along"); a != nil && a.kind == '[' {
		l.Dir = r.dir(n, "along")
	} else if a != nil {
		ref := r.ref(a)
		l.Along = &ref
	}
	l.Count = r.count(n)
	if p := r.need(n, "pitch"); p != nil {
		l.Pitch.Value, l.Pitch.Text = r.measured(p, aLength)
		if r.err == nil && l.Pitch.Value == 0 {
			r.fail(p, "copies want a pitch other than nothing")
		}
	}
	return l
}

func (r *reader) count(n *node) (out assembly.Number) {
	c := r.need(n, "count")
	if c == nil {
		return out
	}
	out.Value, out.Text = r.measured(c, aNumber)
	whole := math.Round(out.Value)
	if r.err == nil && (math.Abs(out.Value-whole) > wholeWithin || whole < 1 || whole > mostCopies) {
		r.fail(c, "a count is a whole number from 1, the original with it, to %d; this is %g", mostCopies, out.Value)
	}
	out.Value = whole
	return out
}

// wholeWithin is how far an expression may be off a whole number by rounding.
const wholeWithin = 1e-6

// copies sees that what they name is there.
func (c *checker) copies(k *assembly.Copies) {
	where := c.node.at("copies", k.Name)
	if c.asm.Component(k.Name) != nil || c.asm.Stack(k.Name) != nil {
		c.fail(where, "something else is named %q too: what copies place is named after them", k.Name)
	}
	for i, name := range k.Of {
		if c.asm.Place(name) < 0 && c.asm.Stack(name) == nil {
			c.fail(where.at("of").items()[i], "there is no component or stack %q%s", name, near.Hint(name, names(c.asm.Components)))
		}
	}
	at := where.at("linear")
	for i := range k.Linear {
		if k.Linear[i].Along != nil {
			if f := c.feature(at.at("along"), k.Linear[i].Along); c.err == nil && !f.HasDirection() {
				c.fail(at.at("along"), "%s has no direction", k.Linear[i].Along)
			}
		}
		at = at.at("across")
	}
	if k.Circular != nil {
		if f := c.feature(where.at("circular", "axis"), &k.Circular.Axis); c.err == nil && !f.HasAxis() {
			c.fail(where.at("circular", "axis"), "%s has no axis", k.Circular.Axis)
		}
	}
	if k.Places != nil {
		c.feature(where.at("places", "from"), &k.Places.From)
		for i := range k.Places.To {
			c.feature(where.at("places", "to").items()[i], &k.Places.To[i])
		}
	}
}

// CopiesObject is copies as they stand in a file.
func CopiesObject(c *assembly.Copies) json.Marshaler {
	o := &object{}
	o.put("of", c.Of)
	var line func(l []assembly.Line) *object
	line = func(l []assembly.Line) *object {
		k := &object{}
		if l[0].Along != nil {
			k.put("along", l[0].Along.String())
		} else {
			k.put("along", l[0].Dir.Array())
		}
		k.put("count", numbered(l[0].Count))
		k.put("pitch", numbered(l[0].Pitch))
		if len(l) > 1 {
			k.put("across", line(l[1:]))
		}
		return k
	}
	if len(c.Linear) > 0 {
		o.put("linear", line(c.Linear))
	}
	if c.Circular != nil {
		k := &object{}
		k.put("axis", c.Circular.Axis.String())
		k.put("count", numbered(c.Circular.Count))
		k.put("angle", numbered(c.Circular.Angle))
		o.put("circular", k)
	}
	if c.Places != nil {
		k := &object{}
		k.put("from", c.Places.From.String())
		var to []string
		for _, r := range c.Places.To {
			to = append(to, r.String())
		}
		k.put("to", to)
		o.put("places", k)
	}
	if len(c.Except) > 0 {
		o.put("except", slices.Clone(c.Except))
	}
	return o
}

// numbered is a number as it is written.
func numbered(n assembly.Number) any {
	if n.Text != "" {
		return n.Text
	}
	return n.Value
}
