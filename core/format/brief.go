package format

import (
	"math"

	"setfast/core/assembly"
)

// mostOfOne is how many pieces a line of a brief may ask for.
const mostOfOne = 1_000_000

// brief reads the list that an assembly is to be built by.
func (r *reader) brief(n *node) (out []assembly.BriefLine) {
	if n == nil || !r.want(n, '[') {
		return nil
	}
	whole := func(c *node, name string, least, usual float64) int {
		k := r.get(c, name)
		if k == nil {
			return int(usual)
		}
		v := r.number(k)
		if r.err == nil && (v != math.Trunc(v) || v < least || v > mostOfOne) {
			r.fail(k, "%s is a whole number from %g, not %g", name, least, v)
		}
		return int(v)
	}
	seen := map[string]bool{}
	for _, c := range n.items() {
		if !r.object(c) {
			return nil
		}
		b := assembly.BriefLine{Number: r.needText(c, "number"), Name: r.text(c, "name"), Item: whole(c, "item", 1, 0), Quantity: whole(c, "quantity", 1, 1)}
		if r.err == nil && seen[b.Number] {
			r.fail(c, "the brief names %q twice; say how many by \"quantity\"", b.Number)
		}
		seen[b.Number] = true
		r.done(c)
		out = append(out, b)
	}
	return out
}

func briefObject(b assembly.BriefLine) *object {
	o := &object{}
	if b.Item > 0 {
		o.put("item", b.Item)
	}
	o.put("number", b.Number)
	o.text("name", b.Name)
	o.put("quantity", b.Quantity)
	return o
}
