// Package format reads and writes the assembly file, strictly: unknown and repeated members are errors that name their place, and
// what was written reads back the same (docs/assembly-file.md). Each thing of the file is read and written in one file here; values
// may be expressions with units (expr.go). Names are looked up last (check.go). Linear in the file.
package format

import (
	"bytes"
	"errors"
	"fmt"
	"io"
	"iter"
	"math"
	"strconv"
	"unicode/utf8"

	"github.com/go-json-experiment/json/jsontext"

	"setfast/core/assembly"
	"setfast/core/part"
)

// node is a JSON value that knows where it stands and which of its members were asked for.
type node struct {
	in      *node  // what it stands in
	name    string // as a member
	item    int    // as an item of a list
	kind    byte   // { [ s n b 0
	members []member
	index   map[string]int // member by name, once there are many
	items   []*node
	str     string
	num     float64
	boolean bool
}

// path says where the node stands in the document.
func (n *node) path() string {
	switch {
	case n.in == nil:
		return n.name
	case n.in.kind == '[':
		return fmt.Sprintf("%s[%d]", n.in.path(), n.item)
	}
	return join(n.in.path(), n.name)
}

type member struct {
	name string
	val  *node
	used bool
}

const maxDepth = 64

// find is the place of a member, or -1.
func (n *node) find(name string) int {
	if len(n.members) > 16 {
		if n.index == nil {
			n.index = make(map[string]int, 64)
			for i, m := range n.members {
				n.index[m.name] = i
			}
		}
		if i, ok := n.index[name]; ok {
			return i
		}
		return -1
	}
	for i := range n.members {
		if n.members[i].name == name {
			return i
		}
	}
	return -1
}

// parse reads one JSON document into nodes; order is kept.
func parse(data []byte) (*node, error) {
	if !utf8.Valid(data) {
		return nil, fmt.Errorf("the file is not UTF-8 text")
	}
	data = bytes.TrimPrefix(data, []byte("\ufeff"))
	r := parser{d: jsontext.NewDecoder(bytes.NewBuffer(data), jsontext.AllowDuplicateNames(true))} // these are told by their path
	n := &node{}
	err := r.value(n, 0)
	if err == nil {
		if _, e := r.d.ReadToken(); e != io.EOF {
			err = fmt.Errorf("something follows the end of the document")
		}
	}
	if err != nil {
		if f, ok := err.(*assembly.Fault); ok {
			return nil, f
		}
		at := int(r.d.InputOffset())
		var wrong *jsontext.SyntacticError
		if errors.As(err, &wrong) {
			at, err = int(wrong.ByteOffset), wrong.Err
		}
		if errors.Is(err, io.EOF) || errors.Is(err, io.ErrUnexpectedEOF) {
			err = fmt.Errorf("the file ends in the middle")
		}
		return nil, fmt.Errorf("line %d: %v", 1+bytes.Count(data[:min(at, len(data))], []byte("\n")), err)
	}
	return n, nil
}

// parser makes nodes, many at a time.
type parser struct {
	d     *jsontext.Decoder
	nodes []node
}

func (r *parser) node() *node {
	if len(r.nodes) == 0 {
		r.nodes = make([]node, 256)
	}
	n := &r.nodes[0]
	r.nodes = r.nodes[1:]
	return n
}

// value reads the next value into a node that knows where it stands.
func (r *parser) value(n *node, depth int) error {
	t, err := r.d.ReadToken()
	if err != nil {
		return err
	}
	if depth > maxDepth {
		return assembly.Faultf(n.path(), "nested too deeply")
	}
	n.kind = kinds[t.Kind()]
	switch n.kind {
	case '{':
		err = r.members(n, depth)
	case '[':
		for r.d.PeekKind() != ']' && err == nil {
			c := r.node()
			c.in, c.item = n, len(n.items)
			if err = r.value(c, depth+1); err == nil {
				n.items = append(n.items, c)
			}
		}
	case 's':
		n.str = t.String()
		return nil
	case 'n':
		n.num, err = strconv.ParseFloat(t.String(), 64)
		if err != nil || math.IsInf(n.num, 0) {
			return assembly.Faultf(n.path(), "the number %s is too large", t)
		}
		return nil
	case 'b':
		n.boolean = t.Bool()
		return nil
	default:
		return nil
	}
	if err == nil {
		_, err = r.d.ReadToken()
	}
	return err
}

// kinds turns the kinds of tokens into those of nodes.
var kinds = map[jsontext.Kind]byte{'{': '{', '[': '[', '"': 's', '0': 'n', 't': 'b', 'f': 'b', 'n': '0'}

// members reads the members of an object.
func (r *parser) members(n *node, depth int) error {
	for r.d.PeekKind() != '}' {
		k, err := r.d.ReadToken()
		if err != nil {
			return err
		}
		c := r.node()
		c.in, c.name = n, k.String()
		if n.find(c.name) >= 0 {
			return assembly.Faultf(c.path(), "this member stands here twice")
		}
		if err := r.value(c, depth+1); err != nil {
			return err
		}
		n.members = append(n.members, member{name: c.name, val: c})
		if n.index != nil {
			n.index[c.name] = len(n.members) - 1
		}
	}
	return nil
}

func join(path, name string) string {
	if path == "" {
		return name
	}
	return path + "." + name
}

var kindNames = map[byte]string{'{': "an object", '[': "a list", 's': "a text", 'n': "a number", 'b': "true or false", '0': "null"}

// reader takes values out of nodes and keeps the first fault.
type reader struct {
	err   error
	shape func(name string, p *part.Part) error
	env   env
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
		r.fail(n, "expected %s, found %s", kindNames[kind], kindNames[n.kind])
		return false
	}
	return true
}

// get takes a member; a missing one is nil.
func (r *reader) get(n *node, name string) *node {
	if i := n.find(name); i >= 0 {
		n.members[i].used = true
		return n.members[i].val
	}
	return nil
}

func (r *reader) need(n *node, name string) *node {
	c := r.get(n, name)
	if c == nil {
		r.fail(n, "the member %q is missing", name)
		return &node{in: n, name: name}
	}
	return c
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
		for i := range n.members {
			m := &n.members[i]
			m.used = true
			if !yield(m.name, m.val) {
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
	return c.items
}

// done complains of members nobody asked for.
func (r *reader) done(n *node) {
	for _, m := range n.members {
		if !m.used {
			r.fail(m.val, "unknown member %q", m.name)
			return
		}
	}
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
	return c != nil && r.want(c, 'b') && c.boolean
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
		r.fail(c, "must not be negative")
	}
	return x
}

func (r *reader) numbers(n *node, count int) []float64 {
	out := make([]float64, count)
	if !r.want(n, '[') {
		return out
	}
	if len(n.items) != count {
		r.fail(n, "expected %d numbers, found %d", count, len(n.items))
		return out
	}
	for i, c := range n.items {
		if r.want(c, 'n') {
			out[i] = c.num
		}
	}
	return out
}
