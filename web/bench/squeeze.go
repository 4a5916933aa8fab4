package bench

import "strings"

// squeezed makes each run of spaces that goes over an end of a line one space: the indents of a template are a third of a thousand lines.
func squeezed(html string) string {
	var out strings.Builder
	out.Grow(len(html))
	for len(html) > 0 {
		from := strings.IndexAny(html, " \t\n")
		if from < 0 {
			break
		}
		out.WriteString(html[:from])
		rest := strings.TrimLeft(html[from:], " \t\n")
		if run := html[from : len(html)-len(rest)]; strings.Contains(run, "\n") {
			out.WriteByte(' ')
		} else {
			out.WriteString(run)
		}
		html = rest
	}
	out.WriteString(html)
	return out.String()
}
