package format

import (
	"fmt"
	"math"
	"strconv"
	"strings"
	"unicode"
	"unicode/utf8"

	"setfast/core/assembly"
	"setfast/core/near"
)

// quantity is a number with the powers of length and angle it carries; lengths are in mm, angles in degrees.
type quantity struct {
	v             float64
	length, angle int
}

// dimension is what a field takes.
type dimension struct {
	length, angle int
	name, like    string
}

var (
	aLength = dimension{1, 0, "a length", "12.5 mm"}
	anAngle = dimension{0, 1, "an angle", "30 deg"}
	aNumber = dimension{0, 0, "a plain number", "2.5"}
)

var units = map[string]quantity{
	"mm": {1, 1, 0}, "cm": {10, 1, 0}, "m": {1000, 1, 0}, "in": {25.4, 1, 0}, // the inch is 25.4 mm exactly (ISO 80000-3)
	"deg": {1, 0, 1}, "rad": {180 / math.Pi, 0, 1},
}

// env finds named values and evaluates each when it is asked for.
type env struct {
	named []assembly.NamedValue
	busy  map[string]bool
}

// Evaluate works an expression out for a field of the given kind: length, angle or number.
func (e *env) evaluate(text string, want dimension) (float64, error) {
	q, err := e.expression(text)
	if err != nil {
		return 0, err
	}
	if (q.length != 0 || q.angle != 0) && (q.length != want.length || q.angle != want.angle) {
		return 0, fmt.Errorf("%q does not give %s, as %s does", text, want.name, want.like)
	}
	if math.IsNaN(q.v) || math.IsInf(q.v, 0) {
		return 0, fmt.Errorf("%q gives no number", text)
	}
	return q.v, nil
}

func (e *env) expression(text string) (quantity, error) {
	if utf8.RuneCountInString(text) > 500 {
		return quantity{}, fmt.Errorf("an expression is at most 500 letters long")
	}
	if strings.TrimSpace(text) == "" {
		return quantity{}, fmt.Errorf("an empty text is no number; write one, or leave the member out")
	}
	p := &exprParser{env: e, rest: strings.TrimSpace(text), text: text}
	q, err := p.sum(0)
	if err == nil && p.rest != "" {
		err = fmt.Errorf("%q is not understood at %q", text, p.rest)
	}
	return q, err
}

func (e *env) value(name string) (quantity, error) {
	for _, n := range e.named {
		if n.Name != name {
			continue
		}
		if e.busy[name] {
			return quantity{}, fmt.Errorf("the value %q is defined by itself", name)
		}
		if e.busy == nil {
			e.busy = map[string]bool{}
		}
		e.busy[name] = true
		defer delete(e.busy, name)
		if len(e.busy) > 50 {
			return quantity{}, fmt.Errorf("values are defined by one another too deeply")
		}
		return e.expression(n.Text)
	}
	var have []string
	for _, n := range e.named {
		have = append(have, n.Name)
	}
	hint := near.Hint(name, have)
	if len(have) == 0 {
		hint = "; values are named in the assembly, like \"values\": {\"pitch\": \"12.5 mm\"}"
	}
	return quantity{}, fmt.Errorf("there is no value %q%s", name, hint)
}

type exprParser struct {
	*env
	text, rest string
}

func (p *exprParser) skip() { p.rest = strings.TrimLeft(p.rest, " \t") }

func (p *exprParser) take(c byte) bool {
	p.skip()
	if p.rest != "" && p.rest[0] == c {
		p.rest = p.rest[1:]
		return true
	}
	return false
}

// sum: terms with + and −. A plain number beside a length or an angle counts as one in mm or degrees.
func (p *exprParser) sum(depth int) (quantity, error) {
	if depth > 40 {
		return quantity{}, fmt.Errorf("%q is nested too deeply", p.text)
	}
	a, err := p.product(depth)
	for err == nil {
		sign := 0.0
		switch {
		case p.take('+'):
			sign = 1
		case p.take('-'):
			sign = -1
		default:
			return a, nil
		}
		var b quantity
		if b, err = p.product(depth); err != nil {
			break
		}
		plain := func(q quantity) bool { return q.length == 0 && q.angle == 0 }
		if plain(a) {
			a.length, a.angle = b.length, b.angle
		}
		if !plain(b) && (a.length != b.length || a.angle != b.angle) {
			return a, fmt.Errorf("%q adds things of different kinds", p.text)
		}
		a.v += sign * b.v
	}
	return a, err
}

func (p *exprParser) product(depth int) (quantity, error) {
	a, err := p.factor(depth)
	for err == nil {
		var b quantity
		switch {
		case p.take('*'):
			if b, err = p.factor(depth); err == nil {
				a = quantity{a.v * b.v, a.length + b.length, a.angle + b.angle}
			}
		case p.take('/'):
			if b, err = p.factor(depth); err == nil {
				if b.v == 0 {
					return a, fmt.Errorf("%q divides by zero", p.text)
				}
				a = quantity{a.v / b.v, a.length - b.length, a.angle - b.angle}
			}
		default:
			return a, nil
		}
	}
	return a, err
}

func (p *exprParser) factor(depth int) (quantity, error) {
	p.skip()
	if depth > 40 {
		return quantity{}, fmt.Errorf("%q is nested too deeply", p.text)
	}
	switch {
	case p.take('-'):
		q, err := p.factor(depth + 1)
		q.v = -q.v
		return q, err
	case p.take('+'):
		return p.factor(depth + 1)
	case p.take('('):
		q, err := p.sum(depth + 1)
		if err == nil && !p.take(')') {
			err = fmt.Errorf("a bracket is not closed in %q", p.text)
		}
		return q, err
	}
	if n := numberLength(p.rest); n > 0 {
		v, err := strconv.ParseFloat(p.rest[:n], 64)
		if err != nil {
			return quantity{}, fmt.Errorf("%q is no number", p.rest[:n])
		}
		p.rest = p.rest[n:]
		q := quantity{v: v}
		// a unit follows its number, with or without a space
		after := strings.TrimLeft(p.rest, " \t")
		if w := word(after); w != "" {
			u, ok := units[w]
			if !ok {
				return q, fmt.Errorf("%q is no unit; known are mm, cm, m, in, deg, rad", w)
			}
			q = quantity{v * u.v, u.length, u.angle}
			p.rest = after[len(w):]
		}
		return q, nil
	}
	if w := word(p.rest); w != "" {
		p.rest = p.rest[len(w):]
		return p.value(w)
	}
	if p.rest == "" {
		return quantity{}, fmt.Errorf("%q ends in the middle", p.text)
	}
	return quantity{}, fmt.Errorf("%q is not understood at %q", p.text, p.rest)
}

// numberLength is how many bytes of s are a number.
func numberLength(s string) int {
	i, digits := 0, 0
	for i < len(s) && (s[i] >= '0' && s[i] <= '9' || s[i] == '.') {
		if s[i] != '.' {
			digits++
		}
		i++
	}
	if digits == 0 {
		return 0
	}
	if i < len(s) && (s[i] == 'e' || s[i] == 'E') {
		j := i + 1
		if j < len(s) && (s[j] == '+' || s[j] == '-') {
			j++
		}
		if j < len(s) && s[j] >= '0' && s[j] <= '9' {
			for j < len(s) && s[j] >= '0' && s[j] <= '9' {
				j++
			}
			i = j
		}
	}
	return i
}

// word is the name that s begins with.
func word(s string) string {
	i := 0
	for i < len(s) {
		r, n := utf8.DecodeRuneInString(s[i:])
		if !unicode.IsLetter(r) && r != '_' && (i == 0 || !unicode.IsDigit(r)) {
			break
		}
		i += n
	}
	return s[:i]
}
