package carry

import (
	"fmt"
	"strings"

	"setfast/core/assembly"
)

// Stack is a stack taken along, under another name: through the copies of what it goes through, or the holes that lie there in what stays.
func (s *Side) Stack(st *assembly.Stack, name string) (assembly.Stack, error) {
	k := *st
	k.Name, k.Holes, k.Into, k.Through, k.HeadOn = name, nil, nil, nil, s.path(st.HeadOn)
	for _, x := range []struct {
		from []assembly.Ref
		to   *[]assembly.Ref
	}{{st.Holes, &k.Holes}, {st.Into, &k.Into}} {
		for _, ref := range x.from {
			other, _, err := s.End(ref)
			if err != nil {
				return k, fmt.Errorf("%s: %w", name, err)
			}
			*x.to = append(*x.to, other)
		}
	}
	for _, t := range st.Through {
		k.Through = append(k.Through, s.path(t))
	}
	return k, nil
}

// path is a path of components whose first may have been copied.
func (s *Side) path(p string) string {
	head, rest, deeper := strings.Cut(p, "/")
	if to := s.To[head]; to != "" {
		head = to
	}
	if deeper {
		head += "/" + rest
	}
	return head
}
