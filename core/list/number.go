package list

import (
	"fmt"
	"slices"
	"strings"

	"setfast/core/assembly"
)

// A pattern of part numbers has one run of # for the digits that count: GV-### is GV-001, GV-002 and so on.

// mostDigits is how many digits a pattern counts in.
const mostDigits = 9

// CheckPattern tells what is wrong with a pattern; none is no pattern, which any number follows.
func CheckPattern(pattern string) error {
	if pattern == "" {
		return nil
	}
	before, digits, after := parts(pattern)
	if digits == 0 || digits > mostDigits || strings.Contains(after, "#") {
		return fmt.Errorf("a pattern has one run of 1 to %d # for the digits that count, as GV-###; %q has not", mostDigits, before+strings.Repeat("#", digits)+after)
	}
	return nil
}

// parts takes a pattern apart.
func parts(pattern string) (before string, digits int, after string) {
	before, rest, _ := strings.Cut(pattern, "#")
	if before == pattern {
		return pattern, 0, ""
	}
	after = strings.TrimLeft(rest, "#")
	return before, 1 + len(rest) - len(after), after
}

// counted is what a number counts by a pattern.
func counted(pattern, number string) (n int, ok bool) {
	before, digits, after := parts(pattern)
	text, one := strings.CutPrefix(number, before)
	text, two := strings.CutSuffix(text, after)
	if digits == 0 || !one || !two || len(text) != digits {
		return 0, false
	}
	for _, r := range text {
		if r < '0' || r > '9' {
			return 0, false
		}
		n = 10*n + int(r-'0')
	}
	return n, true
}

// Follows tells whether a number is one of a pattern.
func Follows(pattern, number string) bool {
	_, ok := counted(pattern, number)
	return pattern == "" || ok
}

// Next is the number after the highest that is taken; none where there is no pattern, or no digits are left.
func Next(pattern string, taken []string) string {
	before, digits, after := parts(pattern)
	if digits == 0 {
		return ""
	}
	highest := 0
	for _, t := range taken {
		if n, ok := counted(pattern, t); ok {
			highest = max(highest, n)
		}
	}
	text := fmt.Sprintf("%0*d", digits, highest+1)
	if len(text) > digits {
		return ""
	}
	return before + text + after
}

// doubles are the numbers that several parts or assemblies of a document have.
func doubles(doc *assembly.Document) (out []string) {
	of := map[string]int{}
	for _, p := range doc.Parts {
		of[p.Number]++
	}
	for _, a := range doc.Assemblies {
		of[a.Number]++
	}
	for n, k := range of {
		if n != "" && k > 1 {
			out = append(out, n)
		}
	}
	slices.Sort(out)
	return out
}
