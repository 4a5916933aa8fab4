package assembly

import (
	"fmt"
	"strings"
)

// FreeName makes a name of one that is wanted, so that references can be written with it and nothing else has it.
func FreeName(want string, taken func(name string) bool) string {
	want = strings.TrimSpace(strings.Map(func(r rune) rune {
		if r == '/' || r == '@' || r < ' ' {
			return '-'
		}
		return r
	}, want))
	if want == "" {
		want = "part"
	}
	name := want
	for n := 2; taken(name); n++ {
		name = fmt.Sprintf("%s %d", want, n)
	}
	return name
}
