// Package mark holds submissions against a key: the parts and their order, the verdict, what is loose or doubled, measures, what passes through what, and
// whether one was handed in before under other names.
package mark

import (
	"cmp"
	"encoding/json"
	"fmt"
	"maps"
	"math"
	"slices"
	"strconv"
	"strings"

	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/list"
	"setfast/core/part"
	"setfast/core/report"
)

// Key is what submissions are held against.
type Key struct {
	Order      []string // numbers, as they are to be placed
	Quantities map[string]int
	Measures   map[string]any
	Tolerance  float64 // mm, or the unit of the measure
	Verdict    report.Verdict
	Numbers    map[string]string // of parts and assemblies by their names, for files that have no numbers
	Parts      map[string]*part.Part
	Asked      []assembly.Measure // of the whole, which files without measures are asked too
}

// usual is the tolerance where the key says none, mm.
const usual = 0.01

// Said is a key that is written by itself, or with a document whose order, quantities, measures and verdict it overrides.
type Said struct {
	Version    int            `json:"setfast_key"`
	Document   string         `json:"document"`
	Order      []string       `json:"order"`
	Quantities map[string]int `json:"quantities"`
	Measures   map[string]any `json:"measures"`
	Tolerance  *float64       `json:"tolerance_mm"`
	Verdict    report.Verdict `json:"verdict"`
}

// ReadSaid reads a key that is written by itself; is tells whether it is one at all.
func ReadSaid(data []byte) (s *Said, is bool, err error) {
	var head map[string]json.RawMessage
	if json.Unmarshal(data, &head) != nil || head["setfast_key"] == nil {
		return nil, false, nil
	}
	s = &Said{}
	d := json.NewDecoder(strings.NewReader(string(data)))
	d.DisallowUnknownFields()
	if err := d.Decode(s); err != nil {
		return nil, true, fmt.Errorf("this key cannot be read: %w", err)
	}
	switch {
	case s.Version != 1:
		return nil, true, fmt.Errorf("this key is of version %d; this program reads 1", s.Version)
	case s.Tolerance != nil && !(*s.Tolerance >= 0):
		return nil, true, fmt.Errorf("tolerance_mm: a tolerance is not less than nothing")
	}
	return s, true, nil
}

// KeyOf is the key that a document makes, laid out, with its report.
func KeyOf(doc *assembly.Document, rep *report.Report) *Key {
	k := &Key{Quantities: map[string]int{}, Measures: map[string]any{}, Tolerance: usual, Numbers: map[string]string{}, Parts: map[string]*part.Part{}}
	for _, p := range doc.Parts {
		if p.Number != "" {
			k.Parts[p.Number] = p
		}
	}
	for _, m := range doc.Assemblies[doc.Root].Measures {
		if m.Joint == "" && m.A == nil && m.B == nil && m.OfRef == nil && m.In == nil {
			k.Asked = append(k.Asked, m)
		}
	}
	for _, u := range list.Placed(doc) {
		if u.Number == "" {
			continue
		}
		if u.Name != "" {
			k.Numbers[u.Name] = u.Number
		}
		if k.Quantities[u.Number]++; k.Quantities[u.Number] == 1 {
			k.Order = append(k.Order, u.Number)
		}
	}
	if r := rep.Assemblies[doc.Root]; r != nil {
		for name, v := range r.Measures {
			if v != nil { // what the key does not know itself is not asked
				k.Measures[name] = v
			}
		}
	}
	k.Verdict = rep.Verdict
	return k
}

// Apply puts what is said in the place of what a document says.
func (s *Said) Apply(k *Key) *Key {
	if k == nil {
		k = &Key{Quantities: map[string]int{}, Measures: map[string]any{}, Tolerance: usual}
	}
	if s.Order != nil {
		k.Order = s.Order
	}
	maps.Copy(k.Quantities, s.Quantities)
	if s.Measures != nil {
		k.Measures = s.Measures
	}
	if s.Tolerance != nil {
		k.Tolerance = *s.Tolerance
	}
	if s.Verdict != "" {
		k.Verdict = s.Verdict
	}
	for _, n := range k.Order { // what is to be placed in order is to be placed
		if _, said := k.Quantities[n]; !said {
			k.Quantities[n] = 1
		}
	}
	return k
}

// Measured is a measure held against the key's.
type Measured struct {
	Got  any  `json:"got"`
	Want any  `json:"want"`
	OK   bool `json:"ok"`
}

// Row is what is told of a submission.
type Row struct {
	File       string              `json:"file"`
	Passes     bool                `json:"passes"`
	Unreadable string              `json:"unreadable,omitempty"`
	Verdict    report.Verdict      `json:"verdict"`
	OrderOK    bool                `json:"order_ok"`
	OutOfOrder []string            `json:"out_of_order"`
	Missing    []string            `json:"missing"`
	TooMany    []string            `json:"too_many"`
	Loose      int                 `json:"loose"`
	Doubled    int                 `json:"doubled"`
	Measures   map[string]Measured `json:"measures"`
	Clashes    int                 `json:"clashes"`
	SameAs     *string             `json:"same_as"`
	Placed     bool                `json:"placed,omitempty"` // its relations were recovered from its shapes
	Why        []string            `json:"why"`
}

// Unreadable is the row of a submission that cannot be read.
func Unreadable(file string, err error) Row {
	return Row{File: file, Unreadable: err.Error(), OutOfOrder: []string{}, Missing: []string{}, TooMany: []string{}, Measures: map[string]Measured{}, Why: []string{"it cannot be read: " + err.Error()}}
}

// Submission is a document that was handed in: as it is said, laid out, and its report. Clashes counts pairs that pass through one another.
type Submission struct {
	File    string
	Said    *assembly.Document
	Doc     *assembly.Document
	Report  *report.Report
	Clashes int
	Loose   []string // motions that are loose, in words
	Placed  bool     // it came as shapes that are placed: its relations were recovered from these
}

// numbered is the number of what is placed: its own, or in a file of shapes what the key takes it for.
func (s *Submission) numbered(k *Key, u *list.Use) string {
	if !s.Placed {
		return u.Number
	}
	if n, ok := k.takes(u.Number, u.Name); ok {
		return n
	}
	if u.Assembly { // a level of the file that the key has not
		return ""
	}
	return cmp.Or(u.Number, u.Name)
}

// Against holds a submission against the key.
func Against(k *Key, s *Submission) Row {
	root := s.Report.Assemblies[s.Doc.Root]
	row := Row{File: s.File, Verdict: s.Report.Verdict, OutOfOrder: []string{}, Missing: []string{}, TooMany: []string{}, Loose: root.Loose, Doubled: root.Doubled,
		Measures: map[string]Measured{}, Clashes: s.Clashes, Placed: s.Placed, Why: []string{}}
	why := func(format string, a ...any) { row.Why = append(row.Why, fmt.Sprintf(format, a...)) }
	have := map[string]int{}
	at := map[string]int{}
	for i, n := range k.Order {
		at[n] = i
	}
	var order []int
	for _, u := range list.Placed(s.Doc) {
		n := s.numbered(k, &u)
		if n == "" {
			continue
		}
		if have[n]++; have[n] == 1 {
			if i, ok := at[n]; ok {
				order = append(order, i)
			}
		}
	}
	for _, n := range slices.Sorted(maps.Keys(k.Quantities)) {
		switch want, got := k.Quantities[n], have[n]; {
		case got < want:
			row.Missing = append(row.Missing, n)
			why("%s: %d of %d placed", n, got, want)
		case got > want:
			row.TooMany = append(row.TooMany, n)
			why("%s: %d placed, %d are wanted", n, got, want)
		}
	}
	for _, n := range slices.Sorted(maps.Keys(have)) {
		if _, known := k.Quantities[n]; !known && len(k.Quantities) > 0 {
			row.TooMany = append(row.TooMany, n)
			why("%s is placed, which the key has not", n)
		}
	}
	for _, i := range list.Fewest(order) {
		row.OutOfOrder = append(row.OutOfOrder, k.Order[i])
	}
	if row.OrderOK = len(row.OutOfOrder) == 0; !row.OrderOK {
		why("out of order: %s", strings.Join(row.OutOfOrder, ", "))
	}
	wrong := false
	for _, n := range slices.Sorted(maps.Keys(k.Measures)) {
		got, want := root.Measures[n], k.Measures[n]
		m := Measured{got, want, alike(got, want, k.Tolerance)}
		row.Measures[n] = m
		if !m.OK {
			wrong = true
			why("%s is %s, not %s", n, Told(got), Told(want))
		}
	}
	if k.Verdict != "" && row.Verdict != k.Verdict {
		why("its verdict is %s, the key's is %s", row.Verdict, k.Verdict)
	}
	switch {
	case row.Loose == 1:
		why("one freedom is loose%s", named(s.Loose))
	case row.Loose > 1:
		why("%d freedoms are loose%s", row.Loose, named(s.Loose))
	}
	switch {
	case row.Clashes == 1:
		why("a pair of parts passes through one another")
	case row.Clashes > 1:
		why("%d pairs of parts pass through one another", row.Clashes)
	}
	row.Passes = len(row.Missing)+len(row.TooMany) == 0 && row.OrderOK && !wrong && (k.Verdict == "" || row.Verdict == k.Verdict) && row.Clashes == 0 && (row.Loose == 0 || k.Verdict == "loose")
	return row
}

// mostNamed is how many loose motions are told one by one.
const mostNamed = 3

func named(list []string) string {
	if len(list) == 0 {
		return ""
	}
	s := ": " + strings.Join(list[:min(len(list), mostNamed)], "; ")
	if n := len(list) - mostNamed; n > 0 {
		s += fmt.Sprintf("; and %d more", n)
	}
	return s
}

// Told is a measure as it is told.
func Told(v any) string {
	n, ok := report.Numbers(v)
	if !ok {
		return "not measured"
	}
	var out []string
	for _, x := range n {
		out = append(out, part.Number(x))
	}
	return strings.Join(out, ", ")
}

// alike tells whether two measures are the same to a tolerance: numbers, or points as far apart.
func alike(a, b any, tolerance float64) bool {
	by, ok := Off(a, b)
	return ok && by <= tolerance
}

// Off is how far two measures are apart: numbers, or points.
func Off(a, b any) (by float64, ok bool) {
	x, okX := report.Numbers(a)
	y, okY := report.Numbers(b)
	if !okX || !okY || len(x) != len(y) {
		return 0, false
	}
	for i := range x {
		by = math.Hypot(by, x[i]-y[i])
	}
	return by, true
}

// Print is what a document says without its names: of two that print alike one is the other under other names. Parts, components and relations are called by
// where they stand in their lists, titles and notes are left out.
func Print(doc *assembly.Document) string {
	parts, assemblies := map[string]string{}, map[string]string{}
	for i, k := range doc.PartOrder {
		parts[k] = fmt.Sprint("p", i)
	}
	for i, k := range doc.Order {
		assemblies[k] = fmt.Sprint("a", i)
	}
	var s strings.Builder
	put := func(v json.Marshaler, without ...string) {
		raw, err := json.Marshal(v)
		if err != nil {
			return
		}
		var m any
		if json.Unmarshal(raw, &m) != nil {
			return
		}
		if o, ok := m.(map[string]any); ok {
			for _, k := range append(without, "name", "note") {
				delete(o, k)
			}
		}
		if raw, err = json.Marshal(m); err == nil {
			s.Write(raw)
			s.WriteByte('\n')
		}
	}
	for _, k := range doc.PartOrder {
		put(format.PartObject(doc.Parts[k]))
	}
	for _, key := range doc.Order {
		a := doc.Assemblies[key]
		names, ids := map[string]string{}, map[string]string{}
		fmt.Fprintln(&s, "assembly", key == doc.Root)
		for i, c := range a.Components {
			names[c.Name] = fmt.Sprint("c", i)
			k := *c
			k.Name, k.Part, k.Assembly = "", parts[c.Part], assemblies[c.Assembly]
			put(format.ComponentObject(&k))
		}
		for i, m := range a.Mates {
			ids[m.ID] = fmt.Sprint("m", i)
		}
		ref := func(r assembly.Ref) assembly.Ref {
			if len(r.Path) > 0 {
				r.Path = append([]string{names[r.Path[0]]}, r.Path[1:]...)
			}
			return r
		}
		maybe := func(r *assembly.Ref) *assembly.Ref {
			if r == nil {
				return nil
			}
			k := ref(*r)
			return &k
		}
		for _, m := range a.Mates {
			k := m.On(ref)
			k.ID, k.Note = ids[m.ID], ""
			k.JointA, k.JointB = ids[m.JointA], ids[m.JointB]
			put(format.MateObject(k))
		}
		for _, p := range a.Planned {
			p.Joint, p.Component, p.Ref = ids[p.Joint], names[p.Component], maybe(p.Ref)
			put(format.PlannedObject(p))
		}
	}
	return s.String()
}

// Table is rows as a table, its head first.
func Table(rows []Row) [][]string {
	out := [][]string{{"file", "passes", "verdict", "out of order", "missing", "too many", "loose", "doubled", "clashes", "same as", "why"}}
	for _, r := range rows {
		same := ""
		if r.SameAs != nil {
			same = *r.SameAs
		}
		out = append(out, []string{r.File, map[bool]string{true: "yes", false: "no"}[r.Passes], string(r.Verdict), strings.Join(r.OutOfOrder, " "), strings.Join(r.Missing, " "), strings.Join(r.TooMany, " "),
			strconv.Itoa(r.Loose), strconv.Itoa(r.Doubled), strconv.Itoa(r.Clashes), same, strings.Join(r.Why, "; ")})
	}
	return out
}

// Marker holds submissions against a key one after another, and tells which were handed in before under other names.
type Marker struct {
	Key    *Key
	before map[string]string
}

// Row marks a submission.
func (m *Marker) Row(s *Submission) Row {
	row := Against(m.Key, s)
	print := Print(s.Said)
	if first, seen := m.before[print]; seen {
		row.SameAs = &first
		return row
	}
	if m.before == nil {
		m.before = map[string]string{}
	}
	m.before[print] = s.File
	return row
}
