package format

import (
	"bytes"
	"errors"
	"fmt"
	"io"
	"iter"
	"strconv"
	"strings"

	"github.com/go-json-experiment/json/jsontext"

	"setfast/core/assembly"
	"setfast/core/par"
)

// node is a JSON value that knows where it stands and whether it was asked for.
type node struct {
	in    *node            // what it stands in
	name  string           // as a member
	item  int32            // as an item of a list
	kind  byte             // { [ s n b 0
	used  bool             // was asked for
	kids  []*node          // members or items, in their order
	index map[string]*node // of many members
	str   string           // of a list of numbers alone what is in it
	num   float64          // of true 1
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

// numeric tells whether it is a list of numbers alone, which has no items until they are asked for.
func (n *node) numeric() bool { return n.kind == '[' && n.str != "" }

// count is how many items there are.
func (n *node) count() int {
	if n.numeric() {
		return strings.Count(n.str, ",") + 1
	}
	return len(n.kids)
}

// numbers are the items of a numeric list; those out of range have been told.
func (n *node) numbers() iter.Seq2[int, float64] {
	return func(yield func(int, float64) bool) {
		for i, s := range numbersIn(n.str) {
			if x, _ := strconv.ParseFloat(s, 64); !yield(i, x) {
				return
			}
		}
	}
}

// numbersIn are the numbers of a list, as they are written.
func numbersIn(s string) iter.Seq2[int, string] {
	return func(yield func(int, string) bool) {
		i := 0
		for at := 0; at < len(s); i++ {
			for at < len(s) && !inNumber[s[at]] {
				at++
			}
			from := at
			for at < len(s) && inNumber[s[at]] {
				at++
			}
			if from < at && !yield(i, s[from:at]) {
				return
			}
		}
	}
}

// items are those of a list as nodes.
func (n *node) items() []*node {
	if !n.numeric() {
		return n.kids
	}
	var out []*node
	for i, x := range n.numbers() {
		out = append(out, &node{in: n, item: int32(i), kind: 'n', num: x})
	}
	return out
}

// parse reads one JSON document into nodes; order is kept. The library says whether the text is JSON, while it is walked along as if it were.
func parse(data []byte) (*node, error) {
	err := foreign(data)
	if err != nil {
		return nil, err
	}
	data = bytes.TrimPrefix(data, []byte("\ufeff"))
	var fault error
	r, n := parser{text: string(data) + ends}, &node{}
	par.Do(func() { err = valid(data) }, func() { fault = r.value(n, 0) })
	if r.deep || err == nil {
		err = fault
	}
	return n, err
}

// valid tells whether a text is one JSON value, and where it is not.
func valid(data []byte) error {
	d := jsontext.NewDecoder(bytes.NewBuffer(data), jsontext.AllowDuplicateNames(true)) // these are told by their path
	if _, err := d.ReadValue(); err != nil {
		return slip(data, err, d.InputOffset())
	}
	if _, err := d.ReadToken(); err != io.EOF {
		return fmt.Errorf("%s: something follows the end of the document; one file holds one", place(data, skipBlank(data, int(d.InputOffset()))))
	}
	return nil
}

// ends stands behind a text, so that nothing is read beyond it, whatever is in it.
const ends = "\x00\x00"

// errNotJSON is never told: what is wrong is the library's to say.
var errNotJSON = errors.New("the text is no JSON")

// parser makes nodes, many at a time. Of a text that is no JSON it makes an error or anything.
type parser struct {
	text  string  // the whole; texts are parts of it
	at    int     // how far it has been read
	nodes []node  // made and not yet used
	lists []*node // room for members and items
	open  []*node // those of what is being read, innermost last
	deep  bool    // too deep for it
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

// next passes over what stands between values, and is the first letter of the next, or what closes the list or object.
func (r *parser) next() byte {
	for {
		switch c := r.text[r.at]; c {
		case ' ', '\n', '\r', '\t', ',', ':':
			r.at++
		default:
			return c
		}
	}
}

// quoted reads a text.
func (r *parser) quoted() (string, error) {
	if r.text[r.at] != '"' {
		return "", errNotJSON
	}
	from := r.at + 1
	for i := from; ; i++ {
		switch r.text[i] {
		case '\\':
			i++
		case '"':
			r.at = i + 1
			s := r.text[from:i]
			if strings.IndexByte(s, '\\') < 0 {
				return s, nil
			}
			b, err := jsontext.AppendUnquote(nil, r.text[from-1:r.at])
			return string(b), err
		case 0:
			return "", errNotJSON
		}
	}
}

// value reads the next value into a node that knows where it stands.
func (r *parser) value(n *node, depth int) (err error) {
	n.kind = kinds[r.next()]
	if depth > maxDepth {
		r.deep = true
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
	case 'n':
		from := r.at
		for inNumber[r.text[r.at]] {
			r.at++
		}
		if n.num, err = strconv.ParseFloat(r.text[from:r.at], 64); err != nil {
			return n.tooLarge(r.text[from:r.at])
		}
		return nil
	case 'b', '0':
		for _, word := range [3]string{"true", "false", "null"} {
			if strings.HasPrefix(r.text[r.at:], word) {
				r.at += len(word)
				if word == "true" {
					n.num = 1
				}
				return nil
			}
		}
	}
	return errNotJSON
}

func (n *node) tooLarge(number string) error {
	return assembly.Faultf(n.path(), "the number %s is too large", number)
}

// kinds turns the first letters of values into kinds of nodes.
var kinds = [256]byte{'{': '{', '[': '[', '"': 's', '-': 'n', '0': 'n', '1': 'n', '2': 'n', '3': 'n', '4': 'n', '5': 'n', '6': 'n', '7': 'n', '8': 'n', '9': 'n', 't': 'b', 'f': 'b', 'n': '0'}

// inNumber are the letters of numbers.
var inNumber = [256]bool{'+': true, '-': true, '.': true, 'E': true, 'e': true, '0': true, '1': true, '2': true, '3': true, '4': true, '5': true, '6': true, '7': true, '8': true, '9': true}

// surelySmall is a number of so many letters without an exponent.
const surelySmall = 300

// numeric takes a list of numbers alone as it is written: they are turned into numbers where they are wanted, by whoever wants them. Those that may be
// too large are looked at here. False: it is another list.
func (r *parser) numeric(n *node) (bool, error) {
	from, digits, exponents := r.at, false, false
	for ; r.text[r.at] != ']'; r.at++ {
		switch c := r.text[r.at]; c {
		case ' ', '\n', '\r', '\t', ',':
		case 'e', 'E':
			exponents = true
		default:
			if !inNumber[c] {
				r.at = from
				return false, nil
			}
			digits = true
		}
	}
	if !digits {
		r.at = from
		return false, nil
	}
	n.str = r.text[from:r.at]
	r.at++
	if exponents || len(n.str) > surelySmall {
		for i, s := range numbersIn(n.str) {
			if _, err := strconv.ParseFloat(s, 64); err != nil {
				return true, (&node{in: n, item: int32(i)}).tooLarge(s)
			}
		}
	}
	return true, nil
}

func (r *parser) items(n *node, depth int) error {
	r.at++
	if is, err := r.numeric(n); is {
		return err
	}
	from := len(r.open)
	for i := 0; r.next() != ']'; i++ {
		if err := r.value(r.node(n, i), depth+1); err != nil {
			return err
		}
	}
	n.kids = r.close(from)
	r.at++
	return nil
}

func (r *parser) members(n *node, depth int) error {
	r.at++
	from := len(r.open)
	for i := 0; r.next() != '}'; i++ {
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
	r.at++
	return n.repeated()
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
