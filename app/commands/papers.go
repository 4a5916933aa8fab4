package commands

import (
	"context"
	"encoding/csv"
	"slices"
	"strconv"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/geom"
)

// Brief is the list that the assembly is to be built by; without lines it has none.
type Brief struct {
	Text string `json:"text"` // a line for each: number, quantity, name; or a table with a head that names these columns and item
}

// Explode says how the assembly comes apart; without steps that is worked out. Under a name it is one of several ways, without steps none.
type Explode struct {
	Steps []Leave `json:"steps"`
	As    string  `json:"as,omitempty"`
}

// Leave is a step: what leaves together, along what, and how far.
type Leave struct {
	Parts []string   `json:"parts"`
	Along [3]float64 `json:"along"`
	By    float64    `json:"by,omitempty"`
}

var (
	_ = register(Brief{})
	_ = register(Explode{})
)

// The names of these commands.
func (Brief) Name() string   { return "brief" }
func (Explode) Name() string { return "explode" }

// Bounds on what papers are told.
const (
	mostBrief = 5000
	mostSteps = 5000
)

// Edit keeps the brief.
func (c Brief) Edit(_ context.Context, _ *Bench) (edit.Edit, string, error) {
	lines, err := BriefLines(c.Text)
	if err != nil {
		return nil, "", err
	}
	said := "build by a brief of " + words.Plural(len(lines), "line", "lines")
	if len(lines) == 0 {
		said = "take the brief away"
	}
	return edit.NewSheet(&assembly.Assembly{Brief: lines}, "brief"), said, nil
}

// BriefLines reads a brief as it is typed or pasted: comma, semicolon or tab between number, quantity and name, or a table with a head.
func BriefLines(text string) (out []assembly.BriefLine, err error) {
	text = strings.TrimPrefix(text, "\ufeff")
	r := csv.NewReader(strings.NewReader(text))
	r.FieldsPerRecord, r.TrimLeadingSpace, r.LazyQuotes = -1, true, true
	first, _, _ := strings.Cut(text, "\n")
	for _, sep := range []rune{'\t', ';'} {
		if strings.ContainsRune(first, sep) {
			r.Comma = sep
			break
		}
	}
	rows, err := r.ReadAll()
	if err != nil {
		return nil, words.Refuse("the brief cannot be read: %s", err)
	}
	columns := map[string]int{"number": 0, "quantity": 1, "name": 2, "item": -1}
	if len(rows) > 0 {
		if named := head(rows[0]); named != nil {
			columns, rows = named, rows[1:]
		}
	}
	if len(rows) > mostBrief {
		return nil, words.Refuse("a brief has at most %d lines", mostBrief)
	}
	seen := map[string]bool{}
	for i, row := range rows {
		cell := func(name string) string {
			if k := columns[name]; k >= 0 && k < len(row) {
				return strings.TrimSpace(row[k])
			}
			return ""
		}
		whole := func(name string, usual int) (int, error) {
			text := strings.TrimSpace(strings.TrimRight(cell(name), "×xX "))
			if text == "" {
				return usual, nil
			}
			n, err := strconv.Atoi(text)
			if err != nil || n < 1 || n > 1_000_000 {
				return 0, words.Refuse("line %d: the %s %q is no whole number from 1", i+1, name, cell(name))
			}
			return n, nil
		}
		number, err := words.Text("a number", cell("number"), words.MostName)
		if err != nil {
			return nil, err
		}
		if number == "" {
			if strings.Join(row, "") == "" {
				continue
			}
			return nil, words.Refuse("line %d has no part number", i+1)
		}
		if seen[number] {
			return nil, words.Refuse("line %d names %s again: say how many there are by one quantity", i+1, number)
		}
		seen[number] = true
		b := assembly.BriefLine{Number: number}
		if b.Name, err = words.Text("a name", cell("name"), words.MostName); err != nil {
			return nil, err
		}
		if b.Quantity, err = whole("quantity", 1); err != nil {
			return nil, err
		}
		if b.Item, err = whole("item", 0); err != nil {
			return nil, err
		}
		out = append(out, b)
	}
	return out, nil
}

// head tells which column is what, where a row is one that says so.
func head(row []string) map[string]int {
	out := map[string]int{"number": -1, "quantity": -1, "name": -1, "item": -1}
	for i, cell := range row {
		switch strings.ToLower(strings.TrimSpace(cell)) {
		case "number", "part number", "no", "no.":
			out["number"] = i
		case "quantity", "qty", "pieces":
			out["quantity"] = i
		case "name", "description":
			out["name"] = i
		case "item", "pos", "pos.":
			out["item"] = i
		}
	}
	if out["number"] < 0 {
		return nil
	}
	return out
}

// Edit keeps the steps.
func (c Explode) Edit(_ context.Context, b *Bench) (edit.Edit, string, error) {
	if len(c.Steps) > mostSteps {
		return nil, "", words.Refuse("an assembly comes apart in at most %d steps", mostSteps)
	}
	var steps []assembly.Leave
	for i, s := range c.Steps {
		d := geom.FromArray(s.Along)
		if !d.Finite() || d.Norm() == 0 || s.By < 0 || len(s.Parts) == 0 {
			return nil, "", words.Refuse("step %d wants parts, a direction, and a distance of 0 mm or more", i+1)
		}
		for _, name := range s.Parts {
			if b.Asm.Component(name) == nil && !strings.Contains(name, "/") {
				return nil, "", words.Refuse("step %d: there is no %s here", i+1, name)
			}
		}
		steps = append(steps, assembly.Leave{Parts: s.Parts, Along: d, By: s.By})
	}
	said := "come apart in " + words.Plural(len(c.Steps), "step", "steps") + " as said"
	if len(c.Steps) == 0 {
		said = "come apart as it is worked out"
	}
	if c.As == "" {
		return edit.NewSheet(&assembly.Assembly{Explode: steps}, "explode"), said, nil
	}
	if err := format.CheckName(c.As); err != nil {
		return nil, "", words.Refuse("%s", err)
	}
	if said += ": " + c.As; len(steps) == 0 {
		said = "forget how it comes apart: " + c.As
	}
	return edit.NewSheet(&assembly.Assembly{Explosions: among(b.Asm.Explosions, assembly.Explosion{Name: c.As, Steps: steps})}, "explosions"), said, nil
}

// among are ways of coming apart with one put in, in the place of what had its name; without steps it is left out.
func among(all []assembly.Explosion, x assembly.Explosion) []assembly.Explosion {
	out := slices.Clone(all)
	k := slices.IndexFunc(out, func(o assembly.Explosion) bool { return o.Name == x.Name })
	switch {
	case len(x.Steps) == 0 && k >= 0:
		out = slices.Delete(out, k, k+1)
	case k >= 0:
		out[k] = x
	case len(x.Steps) > 0:
		out = append(out, x)
	}
	return out
}

// BriefText is a brief as it is typed.
func BriefText(lines []assembly.BriefLine) string {
	var b strings.Builder
	w := csv.NewWriter(&b)
	for _, l := range lines {
		_ = w.Write([]string{l.Number, strconv.Itoa(l.Quantity), l.Name})
	}
	w.Flush()
	return b.String()
}
