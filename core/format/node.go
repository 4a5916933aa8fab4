// Package format reads and writes the assembly file, strictly: unknown and repeated members are errors that name their place, and
// what was written reads back the same (docs/assembly-file.md). Each thing of the file is read and written in one file here; values
// may be expressions with units (expr.go). Names are looked up last (check.go). Linear in the file.
package format

import (
	"iter"
	"slices"
	"strconv"

	"setfast/core/assembly"
	"setfast/core/near"
	"setfast/core/par"
	"setfast/core/part"
	"setfast/core/relation"
)

var kindNames = map[byte]string{'{': "an object", '[': "a list", 's': "a text", 'n': "a number", 'b': "true or false", '0': "null"}

// reader takes values out of nodes and keeps the first fault.
type reader struct {
	err     error
	shape   func(name string, p *part.Part) error
	env     env
	version int           // of the document
	asked   []asked       // of objects being read, innermost last
	said    relation.Said // the relation being looked at
}

// asked is a member that was asked for.
type asked struct {
	of   *node
	name string
}

func (r *reader) fail(n *node, format string, a ...any) {
	if r.err == nil {
		p := n.path()
		if p == "" {
			p = "document"
		}
		r.err = assembly.Faultf(p, format, a...)
	}
}

func (r *reader) want(n *node, kind byte) bool {
	if n.kind != kind {
		hint := like(n)
		if _, err := strconv.ParseFloat(n.str, 64); kind == 'n' && n.kind == 's' && err == nil || kind == 'b' && (n.str == "true" || n.str == "false") {
			hint = "; write " + n.str + " without quotes"
		}
		r.fail(n, "expected %s, found %s%s", kindNames[kind], kindNames[n.kind], hint)
		return false
	}
	return true
}

// fewToSpread are too few pieces to be worth another processor.
const fewToSpread = 256

// runs reads n pieces that do not depend on one another, on all processors, and keeps the first fault in their order.
func (r *reader) runs(n int, read func(r *reader, i int)) {
	faults := make([]error, n/fewToSpread+1)
	par.Runs(n, fewToSpread, func(run, from, to int) {
		mine := reader{shape: r.shape, version: r.version, env: env{named: r.env.named}, err: r.err}
		for i := from; i < to && mine.err == nil; i++ {
			read(&mine, i)
		}
		faults[run] = mine.err
	})
	for _, err := range faults {
		if r.err == nil {
			r.err = err
		}
	}
}

// get takes a member; a missing one is nil.
func (r *reader) get(n *node, name string) *node {
	r.asked = append(r.asked, asked{n, name})
	c := n.find(name)
	if c != nil {
		c.used = true
	}
	return c
}

func (r *reader) need(n *node, name string) *node {
	c := r.get(n, name)
	if c == nil {
		r.missing(n, name)
		return &node{in: n, name: name}
	}
	return c
}

// missing says that a member is not there, or that another was written in its place.
func (r *reader) missing(n *node, name string) {
	var others []string
	for _, c := range n.kids {
		if !c.used {
			others = append(others, c.name)
		}
	}
	if s := near.Of(name, others); s != "" {
		r.fail(n.find(s), "unknown member %q; did you mean %q?", s, name)
		return
	}
	r.fail(n, "the member %q is missing%s", name, like(n))
}

// members are those of an object whose names are the writer's own, such as components; none where it is not given.
func (r *reader) members(n *node, name string) iter.Seq2[string, *node] {
	c := r.get(n, name)
	if c == nil || !r.object(c) {
		return func(func(string, *node) bool) {}
	}
	return c.each()
}

// each takes the members of an object one after another, whatever their names.
func (n *node) each() iter.Seq2[string, *node] {
	return func(yield func(string, *node) bool) {
		for _, c := range n.kids {
			c.used = true
			if !yield(c.name, c) {
				return
			}
		}
	}
}

// items are those of a list; none where it is not given.
func (r *reader) items(n *node, name string) []*node {
	c := r.get(n, name)
	if c == nil || !r.want(c, '[') {
		return nil
	}
	return c.items()
}

// done complains of members nobody asked for.
func (r *reader) done(n *node) {
	from := slices.IndexFunc(r.asked, func(a asked) bool { return a.of == n })
	if from < 0 {
		from = len(r.asked)
	}
	for _, c := range n.kids {
		if !c.used {
			r.fail(c, "unknown member %q%s", c.name, r.known(n, c.name, r.asked[from:]))
			break
		}
	}
	r.asked = r.asked[:from]
}

// known says what was meant by an unknown member of an object, or what it may have besides.
func (r *reader) known(n *node, name string, all []asked) string {
	var names []string
	for _, a := range all {
		if a.of == n && n.find(a.name) == nil && !slices.Contains(names, a.name) {
			names = append(names, a.name)
		}
	}
	if len(names) == 0 {
		return ""
	}
	return near.Or(name, names, "; also known here: "+near.List(names))
}

func (r *reader) object(n *node) bool { return r.want(n, '{') }

func (r *reader) text(n *node, name string) string {
	c := r.get(n, name)
	if c == nil || !r.want(c, 's') {
		return ""
	}
	return c.str
}

func (r *reader) needText(n *node, name string) string {
	c := r.need(n, name)
	if r.err == nil && r.want(c, 's') {
		return c.str
	}
	return ""
}

func (r *reader) flag(n *node, name string) bool {
	c := r.get(n, name)
	return c != nil && r.want(c, 'b') && c.num != 0
}

func (r *reader) number(n *node) float64 {
	r.want(n, 'n')
	return n.num
}

// measured reads a number or an expression, which is given as well, as it was written.
func (r *reader) measured(n *node, want dimension) (x float64, written string) {
	if n.kind != 's' {
		return r.number(n), ""
	}
	x, err := r.env.evaluate(n.str, want)
	if err != nil {
		r.fail(n, "%v", err)
	}
	return x, n.str
}

func (r *reader) positive(n *node, name string) float64 {
	c := r.get(n, name)
	if c == nil {
		return 0
	}
	x := r.number(c)
	if x < 0 {
		r.fail(c, "%s must not be negative, as %g is", name, x)
	}
	return x
}

func (r *reader) numbers(n *node, count int) []float64 {
	out := make([]float64, count)
	if !r.want(n, '[') {
		return out
	}
	if n.count() != count {
		r.fail(n, "expected %d numbers, found %d%s", count, n.count(), like(n))
		return out
	}
	if n.numeric() {
		for i, x := range n.numbers() {
			out[i] = x
		}
		return out
	}
	for i, c := range n.items() {
		if r.want(c, 'n') {
			out[i] = c.num
		}
	}
	return out
}
