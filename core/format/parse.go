package format

import (
	"bytes"
	"fmt"
	"io"
	"strconv"

	"github.com/go-json-experiment/json/jsontext"

	"setfast/core/assembly"
)

// node is a JSON value that knows where it stands and whether it was asked for.
type node struct {
	in    *node            // what it stands in
	name  string           // as a member
	item  int32            // as an item of a list
	kind  byte             // { [ s n b 0
	used  bool             // was asked for
	kids  []*node          // members or items, in their order
	nums  []float64        // items instead, where all are numbers
	index map[string]*node // of many members
	str   string
	num   float64 // of true 1
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

func join(path, name string) string {
	if path == "" {
		return name
	}
	return path + "." + name
}

const (
	maxDepth   = 64
	fewMembers = 16 // are looked through rather than indexed
)

// find is a member by its name, or nil.
func (n *node) find(name string) *node {
	if n.index != nil {
		return n.index[name]
	}
	for _, c := range n.kids {
		if c.name == name {
			return c
		}
	}
	return nil
}

// count is how many items there are.
func (n *node) count() int { return max(len(n.kids), len(n.nums)) }

// items are those of a list as nodes.
func (n *node) items() []*node {
	if n.nums == nil {
		return n.kids
	}
	out := make([]*node, len(n.nums))
	for i, x := range n.nums {
		out[i] = &node{in: n, item: int32(i), kind: 'n', num: x}
	}
	return out
}

// parse reads one JSON document into nodes; order is kept.
func parse(data []byte) (*node, error) {
	if err := foreign(data); err != nil {
		return nil, err
	}
	data = bytes.TrimPrefix(data, []byte("\ufeff"))
	r := parser{text: string(data), d: jsontext.NewDecoder(bytes.NewBuffer(data), jsontext.AllowDuplicateNames(true))} // these are told by their path
	n := &node{}
	err := r.value(n, 0)
	if err == nil {
		if _, e := r.d.ReadToken(); e != io.EOF {
			at := skipBlank(data, int(r.d.InputOffset()))
			return nil, fmt.Errorf("%s: something follows the end of the document; one file holds one", place(data, at))
		}
	}
	if err != nil {
		if f, ok := err.(*assembly.Fault); ok {
			return nil, f
		}
		return nil, slip(data, err, r.d.InputOffset())
	}
	return n, nil
}

// parser makes nodes, many at a time.
type parser struct {
	d     *jsontext.Decoder
	text  string    // the whole; texts are parts of it
	nodes []node    // made and not yet used
	lists []*node   // room for members and items
	open  []*node   // those of what is being read, innermost last
	nums  []float64 // of the list being read
	room  []float64 // for the numbers of lists
}

// own keeps numbers.
func (r *parser) own(x []float64) []float64 {
	if len(x) > len(r.room) {
		r.room = make([]float64, max(len(x), 1024))
	}
	out := r.room[:len(x):len(x)]
	r.room = r.room[len(x):]
	copy(out, x)
	return out
}

func (r *parser) node(in *node, item int) *node {
	if len(r.nodes) == 0 {
		r.nodes = make([]node, 512)
	}
	n := &r.nodes[0]
	r.nodes = r.nodes[1:]
	n.in, n.item = in, int32(item)
	r.open = append(r.open, n)
	return n
}

// close gives the nodes opened since to what they stand in.
func (r *parser) close(from int) []*node {
	k := len(r.open) - from
	if k > len(r.lists) {
		r.lists = make([]*node, max(k, 1024))
	}
	kids := r.lists[:k:k]
	r.lists = r.lists[k:]
	copy(kids, r.open[from:])
	r.open = r.open[:from]
	return kids
}

// raw is the text of what was just read.
func (r *parser) raw(v jsontext.Value) string {
	end := int(r.d.InputOffset())
	return r.text[end-len(v) : end]
}

// quoted reads a text.
func (r *parser) quoted() (string, error) {
	v, err := r.d.ReadValue()
	if err != nil {
		return "", err
	}
	if bytes.IndexByte(v, '\\') < 0 {
		s := r.raw(v)
		return s[1 : len(s)-1], nil
	}
	s, err := jsontext.AppendUnquote(nil, v)
	return string(s), err
}

// value reads the next value into a node that knows where it stands.
func (r *parser) value(n *node, depth int) (err error) {
	n.kind = kinds[r.d.PeekKind()]
	if depth > maxDepth {
		return assembly.Faultf(n.path(), "nested too deeply")
	}
	switch n.kind {
	case '{':
		return r.members(n, depth)
	case '[':
		return r.items(n, depth)
	case 's':
		n.str, err = r.quoted()
		return err
	}
	v, err := r.d.ReadValue()
	switch {
	case err != nil:
		return err
	case n.kind == 'n':
		if n.num, err = r.number(v); err != nil {
			return n.tooLarge(v)
		}
	case v.Kind() == 't':
		n.num = 1
	}
	return nil
}

// number is the value of one just read; beyond what can be told there is an error.
func (r *parser) number(v jsontext.Value) (float64, error) { return strconv.ParseFloat(r.raw(v), 64) }

func (n *node) tooLarge(v jsontext.Value) error {
	return assembly.Faultf(n.path(), "the number %s is too large", v)
}

// kinds turns the kinds of tokens into those of nodes.
var kinds = [256]byte{'{': '{', '[': '[', '"': 's', '0': 'n', 't': 'b', 'f': 'b', 'n': '0'}

func (r *parser) items(n *node, depth int) error {
	if _, err := r.d.ReadToken(); err != nil {
		return err
	}
	k := r.d.PeekKind()
	r.nums = r.nums[:0]
	for ; k == '0'; k = r.d.PeekKind() {
		v, err := r.d.ReadValue()
		if err != nil {
			return err
		}
		x, err := r.number(v)
		if err != nil {
			return (&node{in: n, item: int32(len(r.nums))}).tooLarge(v)
		}
		r.nums = append(r.nums, x)
	}
	if k == ']' && len(r.nums) > 0 {
		n.nums = r.own(r.nums)
		_, err := r.d.ReadToken()
		return err
	}
	from := len(r.open)
	for i, x := range r.nums { // numbers and others
		c := r.node(n, i)
		c.kind, c.num = 'n', x
	}
	for i := len(r.nums); r.d.PeekKind() != ']'; i++ {
		if err := r.value(r.node(n, i), depth+1); err != nil {
			return err
		}
	}
	n.kids = r.close(from)
	_, err := r.d.ReadToken()
	return err
}

func (r *parser) members(n *node, depth int) error {
	if _, err := r.d.ReadToken(); err != nil {
		return err
	}
	from := len(r.open)
	for i := 0; r.d.PeekKind() != '}'; i++ {
		c := r.node(n, i)
		var err error
		if c.name, err = r.quoted(); err != nil {
			return err
		}
		if err := r.value(c, depth+1); err != nil {
			return err
		}
	}
	n.kids = r.close(from)
	if err := n.repeated(); err != nil {
		return err
	}
	_, err := r.d.ReadToken()
	return err
}

// repeated makes the index of many members, and complains of a name that stands twice.
func (n *node) repeated() error {
	twice := func(c *node) error { return assembly.Faultf(c.path(), "this member stands here twice") }
	if len(n.kids) <= fewMembers {
		for i, c := range n.kids {
			for _, b := range n.kids[:i] {
				if b.name == c.name {
					return twice(c)
				}
			}
		}
		return nil
	}
	n.index = make(map[string]*node, len(n.kids))
	for i, c := range n.kids {
		if n.index[c.name] = c; len(n.index) == i {
			return twice(c)
		}
	}
	return nil
}
