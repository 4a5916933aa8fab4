package format

import (
	"fmt"
	"slices"
	"strings"

	"setfast/core/assembly"
)

// Ref reads a reference as written: component/feature, deeper paths, or @/feature.
func Ref(s string) (assembly.Ref, error) {
	parts := strings.Split(s, "/")
	if len(parts) < 2 || slices.Contains(parts, "") {
		return assembly.Ref{}, fmt.Errorf("a reference reads component/feature, like plate/bore, or @/feature, not %q", s)
	}
	ref := assembly.Ref{Path: parts[:len(parts)-1], Feature: parts[len(parts)-1]}
	if parts[0] == "@" {
		if len(parts) != 2 {
			return ref, fmt.Errorf("@ is followed by one of the assembly's own features, not %q", s)
		}
		ref.Path = nil
	}
	return ref, nil
}

func (r *reader) ref(n *node) assembly.Ref {
	if n.kind == '[' {
		r.fail(n, "a pair of faces is taken by the centred relation only; name one feature, like \"plate/bore\"")
		return assembly.Ref{}
	}
	if !r.want(n, 's') {
		return assembly.Ref{}
	}
	ref, err := Ref(n.str)
	if err != nil {
		r.fail(n, "%v", err)
	}
	return ref
}

func (r *reader) needRef(n *node, name string) assembly.Ref {
	c := r.need(n, name)
	if r.err != nil {
		return assembly.Ref{}
	}
	return r.ref(c)
}

func (r *reader) optRef(n *node, name string) *assembly.Ref {
	c := r.get(n, name)
	if c == nil {
		return nil
	}
	ref := r.ref(c)
	return &ref
}

// pair reads the two faces of a pair, or a single feature where that will do.
func (r *reader) pair(n *node, name string, must bool) (assembly.Ref, *assembly.Ref) {
	c := r.need(n, name)
	if r.err != nil {
		return assembly.Ref{}, nil
	}
	if c.kind != '[' {
		if must {
			r.fail(c, "expected a pair of faces [\"component/face\", \"component/face\"]")
		}
		return r.ref(c), nil
	}
	if c.count() != 2 {
		r.fail(c, "a pair is two faces, not %d", c.count())
		return assembly.Ref{}, nil
	}
	b := r.ref(c.items()[1])
	return r.ref(c.items()[0]), &b
}
