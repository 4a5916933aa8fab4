package format

import (
	"encoding/json"
	"errors"
	"reflect"
	"strings"
	"testing"

	"setfast/core/assembly"
)

// TestWalk cuts a document off everywhere and puts letters into it that do not belong there: what is read is what the standard library (encoding/json)
// makes of it, and what that does not take is refused.
func TestWalk(t *testing.T) {
	text := strings.Replace(small, `"root"`, `"x": [1, -2.5e-3, [0.1 ,7], "a\u00e9\\\"b", true, null, {}, [ ], [1e2]], "root"`, 1)
	try := func(s string) {
		n, err := parse([]byte(s))
		var want any
		wrong := json.Unmarshal([]byte(s), &want)
		fault := (*assembly.Fault)(nil)
		switch {
		case errors.As(err, &fault):
			if json.Valid([]byte(s)) && !strings.Contains(err.Error(), "too large") && !strings.Contains(err.Error(), "twice") {
				t.Errorf("%v: %s", err, s)
			}
		case (err == nil) != (wrong == nil):
			if !strings.Contains(s, "\x00") && s != "" && s[0] == '{' {
				t.Errorf("%v, and by the standard library %v: %s", err, wrong, s)
			}
		case err == nil && !reflect.DeepEqual(n.plain(), want):
			t.Errorf("%v, want %v: %s", n.plain(), want, s)
		}
	}
	for i := range text {
		try(text[:i])
		for _, c := range "{}[]\",:-0e.t \\\x00" {
			try(text[:i] + string(c) + text[i+1:])
			try(text[:i] + string(c) + text[i:])
		}
	}
	try(text)
}

// plain is the value of a node as the standard library gives it.
func (n *node) plain() any {
	switch n.kind {
	case '{':
		out := map[string]any{}
		for _, c := range n.kids {
			out[c.name] = c.plain()
		}
		return out
	case '[':
		out := []any{}
		for _, c := range n.items() {
			out = append(out, c.plain())
		}
		return out
	case 's':
		return n.str
	case 'n':
		return n.num
	case 'b':
		return n.num == 1
	}
	return nil
}

// TestDepth: lists in lists are told as that, however many.
func TestDepth(t *testing.T) {
	for _, n := range []int{maxDepth + 2, 20_000} {
		s := strings.Replace(small, `"root"`, `"x": `+strings.Repeat("[", n)+strings.Repeat("]", n)+`, "root"`, 1)
		if _, err := Read([]byte(s)); err == nil || !strings.Contains(err.Error(), "nested too deeply") {
			t.Errorf("%d: %v", n, err)
		}
	}
}
