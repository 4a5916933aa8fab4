// Package near finds what may have been meant by a name that is not there.
package near

import (
	"fmt"
	"strings"
)

// Or says what may have been meant, or else something of the caller's. It goes behind a message.
func Or(name string, have []string, otherwise string) string {
	if s := Of(name, have); s != "" {
		return fmt.Sprintf("; did you mean %q?", s)
	}
	return otherwise
}

// Hint says what may have been meant, or what there is; it is empty where nothing is there.
func Hint(name string, have []string) string {
	if len(have) == 0 {
		return ""
	}
	return Or(name, have, "; there "+isAre(len(have))+" "+List(have))
}

func isAre(n int) string {
	if n == 1 {
		return "is"
	}
	return "are"
}

// mostListed names are listed; more are only begun.
const mostListed = 12

// List puts names behind one another, a dozen at most.
func List(have []string) string {
	if len(have) > mostListed {
		have = append(append([]string(nil), have[:mostListed]...), "…")
	}
	return strings.Join(have, ", ")
}

// Of is the name nearest to one that is not there, or nothing where none is near: other case, one that begins or ends it, or at most a
// third of the letters wrong (after V. I. Levenshtein, 1966, with neighbours swapped counting as one).
func Of(name string, have []string) string {
	want := []rune(strings.ToLower(name))
	if len(want) == 0 {
		return ""
	}
	best, least := "", (len(want)+1)/3+1
	for _, h := range have {
		low := []rune(strings.ToLower(h))
		if d := distance(want, low); d < least {
			best, least = h, d
		}
	}
	if best != "" || len(want) < 3 {
		return best
	}
	for _, h := range have {
		low := strings.ToLower(h)
		if w := string(want); strings.HasPrefix(low, w) || len(low) > 2 && strings.HasPrefix(w, low) {
			return h
		}
	}
	return ""
}

// distance is how many letters are to be changed, added, dropped or swapped with their neighbour.
func distance(a, b []rune) int {
	before, was, now := make([]int, len(b)+1), make([]int, len(b)+1), make([]int, len(b)+1)
	for j := range was {
		was[j] = j
	}
	for i := range a {
		now[0] = i + 1
		for j := range b {
			k := 1
			if a[i] == b[j] {
				k = 0
			}
			now[j+1] = min(was[j]+k, was[j+1]+1, now[j]+1)
			if i > 0 && j > 0 && a[i] == b[j-1] && a[i-1] == b[j] {
				now[j+1] = min(now[j+1], before[j-1]+1)
			}
		}
		before, was, now = was, now, before
	}
	return was[len(b)]
}
