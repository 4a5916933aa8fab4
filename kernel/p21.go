package kernel

import (
	"bufio"
	"encoding/hex"
	"errors"
	"fmt"
	"io"
	"os"
	"path/filepath"
	"strings"
	"unicode/utf16"
)

// outline is what a STEP file says of its structure, found by reading it as ISO 10303-21 says (comments, strings, simple and
// complex records), in one pass and without its shapes.
type outline struct {
	refs []string // files it refers to, by the names it calls them
	hint []string // names that may be files too
	uses map[string][]string
}

// Bounds on what a file may say.
const (
	mostInstances = 200_000 // placed products, all levels unfolded
	mostEntities  = 5_000_000
	mostString    = 4096
	mostRefs      = 1000
)

// p21 reads the tokens of an exchange structure.
type p21 struct {
	r *bufio.Reader
}

// token is a keyword, a string, a reference (#12), one of the signs ( ) , = ; or something else, told by its first letter.
type token struct {
	kind byte // k, s, #, the sign itself, or ? for numbers, enumerations and the like
	text string
}

func (p *p21) next() (token, error) {
	for {
		c, err := p.r.ReadByte()
		if err != nil {
			return token{}, err
		}
		switch {
		case c <= ' ':
			continue
		case c == '/':
			if b, _ := p.r.Peek(1); len(b) == 1 && b[0] == '*' {
				if err := p.comment(); err != nil {
					return token{}, err
				}
				continue
			}
			return token{kind: '?'}, nil
		case c == '\'':
			s, err := p.string()
			return token{'s', s}, err
		case c == '"':
			_, err := p.r.ReadSlice('"')
			for errors.Is(err, bufio.ErrBufferFull) {
				_, err = p.r.ReadSlice('"')
			}
			return token{kind: '?'}, err
		case c == '#':
			s, err := p.word("")
			return token{'#', s}, err
		case c == '(' || c == ')' || c == ',' || c == '=' || c == ';':
			return token{kind: c}, nil
		case c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z' || c == '_' || c == '!':
			s, err := p.word(string(c))
			return token{'k', s}, err
		}
		return token{kind: '?'}, nil
	}
}

func (p *p21) comment() error {
	star := false
	for {
		c, err := p.r.ReadByte()
		if err != nil {
			return err
		}
		if star && c == '/' {
			return nil
		}
		star = c == '*'
	}
}

// string reads on to the closing quote; two quotes are one. What is longer than any name is cut.
func (p *p21) string() (string, error) {
	var b []byte
	for {
		c, err := p.r.ReadByte()
		if err != nil {
			return "", err
		}
		if c == '\'' {
			if n, _ := p.r.Peek(1); len(n) == 0 || n[0] != '\'' {
				return unescaped(string(b)), nil
			}
			_, _ = p.r.ReadByte()
		}
		if c != '\n' && c != '\r' && len(b) < mostString {
			b = append(b, c)
		}
	}
}

// word reads letters, digits and what may stand between them.
func (p *p21) word(s string) (string, error) {
	b := []byte(s)
	for {
		c, err := p.r.ReadByte()
		if err == io.EOF {
			return string(b), nil
		}
		if err != nil {
			return "", err
		}
		if c >= '0' && c <= '9' || c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z' || c == '_' || c == '-' {
			if len(b) < mostString {
				b = append(b, c)
			}
			continue
		}
		return string(b), p.r.UnreadByte()
	}
}

// unescaped reads the standard's ways of writing other letters: \X\hh, \S\c and \X2\hhhh…\X0\.
func unescaped(s string) string {
	if !strings.Contains(s, `\`) {
		return s
	}
	var out strings.Builder
	for len(s) > 0 {
		switch {
		case strings.HasPrefix(s, `\X2\`):
			code, rest, ok := strings.Cut(s[4:], `\X0\`)
			raw, err := hex.DecodeString(code)
			if !ok || err != nil {
				return out.String() + s
			}
			var u []uint16
			for i := 0; i+1 < len(raw); i += 2 {
				u = append(u, uint16(raw[i])<<8|uint16(raw[i+1]))
			}
			out.WriteString(string(utf16.Decode(u)))
			s = rest
		case strings.HasPrefix(s, `\X\`) && len(s) >= 5:
			if raw, err := hex.DecodeString(s[3:5]); err == nil {
				out.WriteRune(rune(raw[0]))
			}
			s = s[5:]
		case strings.HasPrefix(s, `\S\`) && len(s) >= 4:
			out.WriteRune(rune(s[3]) + 128)
			s = s[4:]
		case strings.HasPrefix(s, `\\`):
			out.WriteByte('\\')
			s = s[2:]
		default:
			out.WriteByte(s[0])
			s = s[1:]
		}
	}
	return out.String()
}

// entity is a part of a record: its keyword, its first string, and the records it refers to directly.
type entity struct {
	name  string
	first string
	refs  []string
}

// wanted are the entities that tell of files and of products used in others.
var wanted = map[string]bool{"DOCUMENT": true, "DOCUMENT_FILE": true, "APPLIED_EXTERNAL_IDENTIFICATION_ASSIGNMENT": true,
	"NEXT_ASSEMBLY_USAGE_OCCURRENCE": true, "PRODUCT_DEFINITION_RELATIONSHIP": true}

// readOutline reads a STEP file's structure.
func readOutline(path string) (*outline, error) {
	f, err := os.Open(path)
	if err != nil {
		return nil, err
	}
	defer f.Close()
	return outlineOf(f)
}

func outlineOf(from io.Reader) (*outline, error) {
	p := &p21{bufio.NewReaderSize(from, 256<<10)}
	o := &outline{uses: map[string][]string{}}
	var record []entity
	var open []*entity // of the brackets that are open: the entity they belong to, if it is one
	keyword, edges := "", 0
	for {
		t, err := p.next()
		if err == io.EOF || err == io.ErrUnexpectedEOF {
			break // what is cut short is told by whoever reads the shapes
		}
		if err != nil {
			return nil, err
		}
		switch t.kind {
		case '(':
			var e *entity
			if wanted[keyword] && len(record) < 50 {
				record = append(record, entity{name: keyword})
				e = &record[len(record)-1]
			}
			if len(open) > 10_000 {
				return nil, errors.New("its brackets are nested too deeply")
			}
			open = append(open, e)
		case ')':
			if len(open) > 0 {
				open = open[:len(open)-1]
			}
		case ';':
			if len(open) == 0 {
				edges += o.take(record)
				record = record[:0:0]
			}
		case 's', '#':
			if n := len(open); n > 0 && open[n-1] != nil {
				e := open[n-1]
				if t.kind == '#' && len(e.refs) < 4 {
					e.refs = append(e.refs, t.text)
				} else if t.kind == 's' && e.first == "" {
					e.first = t.text
				}
			}
		}
		keyword = ""
		if t.kind == 'k' {
			keyword = strings.ToUpper(t.text)
		}
		if edges > mostEntities || len(o.refs) > mostRefs {
			return nil, errors.New("it uses more products, or refers to more files, than can be taken")
		}
	}
	return o, nil
}

// take notes what a record says. In a complex record the attributes stand with the entities they come from.
func (o *outline) take(record []entity) (edges int) {
	has := map[string]*entity{}
	for i := range record {
		has[record[i].name] = &record[i]
	}
	note := func(list *[]string, name string) {
		if name == "" {
			return
		}
		for _, n := range *list {
			if n == name {
				return
			}
		}
		*list = append(*list, name)
	}
	if e := has["DOCUMENT_FILE"]; e != nil {
		if e.first == "" && has["DOCUMENT"] != nil {
			e = has["DOCUMENT"]
		}
		note(&o.refs, e.first)
	}
	if e := has["APPLIED_EXTERNAL_IDENTIFICATION_ASSIGNMENT"]; e != nil && len(o.hint) < mostRefs {
		note(&o.hint, e.first)
	}
	if e := has["NEXT_ASSEMBLY_USAGE_OCCURRENCE"]; e != nil {
		if len(e.refs) < 2 && has["PRODUCT_DEFINITION_RELATIONSHIP"] != nil {
			e = has["PRODUCT_DEFINITION_RELATIONSHIP"]
		}
		if len(e.refs) >= 2 {
			o.uses[e.refs[0]] = append(o.uses[e.refs[0]], e.refs[1])
			return 1
		}
	}
	return 0
}

// instances counts how many products the file places, all levels unfolded, each level computed once. It stops at more than can
// be taken.
func (o *outline) instances() (int, error) {
	const onTheWay = -1
	known := map[string]int{}
	var count func(id string, depth int) (int, error)
	count = func(id string, depth int) (int, error) {
		if n, ok := known[id]; ok {
			if n == onTheWay {
				return 0, errors.New("a product in it contains itself")
			}
			return n, nil
		}
		if depth > 200 {
			return 0, errors.New("assemblies in it are nested too deeply")
		}
		known[id] = onTheWay
		total := 1
		for _, u := range o.uses[id] {
			n, err := count(u, depth+1)
			if err != nil {
				return 0, err
			}
			if total += n; total > mostInstances {
				return 0, fmt.Errorf("it places more than %d parts", mostInstances)
			}
		}
		known[id] = total
		return total, nil
	}
	most := 0
	for id := range o.uses {
		n, err := count(id, 0)
		if err != nil {
			return 0, err
		}
		most = max(most, n)
	}
	return most, nil
}

// Companions finds all files that a STEP file refers to, and those they refer to in turn, by the names they are called. find
// gives the path of a name, or nothing where there is no such file; a name that leads out of the file's own folder is not
// looked for.
func Companions(path string, find func(name string) string) (map[string]string, error) {
	out := map[string]string{}
	seen := map[string]bool{}
	var follow func(path string, depth int) error
	follow = func(path string, depth int) error {
		o, err := readOutline(path)
		if err != nil {
			return err
		}
		for _, name := range append(append([]string(nil), o.refs...), o.hint...) {
			if out[name] != "" || !inside(name) || Format(name) != "step" {
				continue
			}
			if p := find(name); p != "" {
				if len(out) >= mostRefs || depth > 50 {
					return errors.New("files refer to more files than can be taken")
				}
				out[name] = p
				if !seen[p] {
					seen[p] = true
					if err := follow(p, depth+1); err != nil {
						return err
					}
				}
			}
		}
		return nil
	}
	seen[path] = true
	return out, follow(path, 0)
}

// inside tells whether a name stays in the folder it is looked for in.
func inside(name string) bool {
	return filepath.IsLocal(name) && !strings.ContainsAny(name, "\\\x00") && !strings.HasPrefix(filepath.Base(name), ".")
}
