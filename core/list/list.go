// Package list makes the parts list of an assembly, flat or level by level, and holds it against its brief: what is still to be placed, what is too many, what
// came out of order.
package list

import (
	"cmp"
	"slices"
	"strconv"

	"setfast/core/assembly"
	"setfast/core/part"
)

// Item is a line of the list.
type Item struct {
	Item     int      `json:"item"`
	Part     string   `json:"part,omitempty"` // its key; or
	Assembly string   `json:"assembly,omitempty"`
	Number   string   `json:"number"`
	Name     string   `json:"name"`
	Quantity int      `json:"quantity"`
	Material string   `json:"material,omitempty"`
	Stock    string   `json:"stock,omitempty"`     // what it is cut from
	Length   *float64 `json:"length_mm,omitempty"` // of the piece that is cut from it
	Mass     *float64 `json:"mass_kg"`             // of one; null where it is not known
	Items    []Item   `json:"items,omitempty"`
}

// Short is what is still to be placed.
type Short struct {
	Number string `json:"number"`
	Short  int    `json:"short"`
}

// Over is what is too many.
type Over struct {
	Number string `json:"number"`
	Over   int    `json:"over"`
}

// Brief is what an assembly lacks of its brief.
type Brief struct {
	Missing    []Short  `json:"missing"`
	TooMany    []Over   `json:"too_many"`
	OutOfOrder []string `json:"out_of_order"`
}

// Met tells whether nothing is wrong.
func (b *Brief) Met() bool { return len(b.Missing)+len(b.TooMany)+len(b.OutOfOrder) == 0 }

// Cut is how much of a stock the whole assembly wants, without what sawing takes.
type Cut struct {
	Stock  string   `json:"stock"`
	Pieces int      `json:"pieces"`
	Length *float64 `json:"length_mm"` // null where that of a piece is not known
}

// List is a parts list.
type List struct {
	Items []Item   `json:"items"`
	Mass  *float64 `json:"mass_kg"` // of all; null where one is not known
	Brief Brief    `json:"brief"`
	Cuts  []Cut    `json:"cuts,omitempty"`
	// Doubles are numbers that several parts or assemblies have.
	Doubles []string `json:"doubles,omitempty"`
}

// Of lists the parts of a document's root, which is laid out: all levels in one, depth first in build order, or each assembly with its own. Suppressed
// components are left out. It takes time linear in components and levels.
func Of(doc *assembly.Document, levels bool) *List {
	l := &lister{doc: doc, mass: map[string]*float64{}}
	root := doc.Assemblies[doc.Root]
	out := &List{Mass: l.whole(doc.Root)}
	l.flat(doc.Root, 1)
	out.Items, out.Cuts = l.items, cuts(l.items)
	if levels {
		out.Items = l.level(doc.Root)
	}
	if out.Items == nil {
		out.Items = []Item{}
	}
	numbered(out.Items, root.Brief)
	out.Brief, out.Doubles = Against(Placed(doc), root.Brief), doubles(doc)
	return out
}

// cuts adds up what is cut from each stock, in the order of the list.
func cuts(items []Item) (out []Cut) {
	for _, i := range items {
		if i.Stock == "" {
			continue
		}
		k := slices.IndexFunc(out, func(c Cut) bool { return c.Stock == i.Stock })
		if k < 0 {
			none := 0.0
			k, out = len(out), append(out, Cut{Stock: i.Stock, Length: &none})
		}
		c := &out[k]
		if c.Pieces += i.Quantity; c.Length != nil && i.Length != nil {
			*c.Length += *i.Length * float64(i.Quantity)
		} else {
			c.Length = nil
		}
	}
	return out
}

type lister struct {
	doc   *assembly.Document
	items []Item
	mass  map[string]*float64 // of assemblies
}

func (l *lister) part(key string) Item {
	i := Item{Part: key}
	if p := l.doc.Parts[key]; p != nil {
		i.Number, i.Name, i.Material, i.Mass = p.Number, p.Name, p.Material, kg(p)
		if i.Stock = p.Stock; p.Stock != "" {
			if mm, ok := p.Long(); ok {
				i.Length = &mm
			}
		}
	}
	return i
}

func kg(p *part.Part) *float64 {
	if m, ok := p.MassKg(); ok {
		return &m
	}
	return nil
}

// whole is the mass of an assembly.
func (l *lister) whole(key string) *float64 {
	if m, ok := l.mass[key]; ok {
		return m
	}
	l.mass[key] = nil // one inside itself has none
	sum := 0.0
	for _, c := range l.doc.Assemblies[key].Components {
		var m *float64
		switch {
		case c.Suppressed:
			continue
		case c.Part != "":
			m = l.part(c.Part).Mass
		case l.doc.Assemblies[c.Assembly] != nil:
			m = l.whole(c.Assembly)
		}
		if m == nil {
			return nil
		}
		sum += *m
	}
	l.mass[key] = &sum
	return &sum
}

// flat adds the parts of an assembly that is there so many times.
func (l *lister) flat(key string, times int) {
	for _, c := range l.doc.Assemblies[key].Components {
		switch {
		case c.Suppressed:
		case c.Part != "":
			at := slices.IndexFunc(l.items, func(i Item) bool { return i.Part == c.Part })
			if at < 0 {
				l.items = append(l.items, l.part(c.Part))
				at = len(l.items) - 1
			}
			l.items[at].Quantity += times
		case l.doc.Assemblies[c.Assembly] != nil:
			l.flat(c.Assembly, times)
		}
	}
}

// level lists what an assembly uses itself.
func (l *lister) level(key string) (out []Item) {
	for _, c := range l.doc.Assemblies[key].Components {
		if c.Suppressed {
			continue
		}
		at := slices.IndexFunc(out, func(i Item) bool { return i.Part == c.Part && i.Assembly == c.Assembly })
		if at < 0 {
			i := l.part(c.Part)
			if a := l.doc.Assemblies[c.Assembly]; c.Part == "" && a != nil {
				i = Item{Assembly: c.Assembly, Number: a.Number, Name: a.Name, Mass: l.whole(c.Assembly), Items: l.level(c.Assembly)}
				numbered(i.Items, a.Brief)
			}
			out = append(out, i)
			at = len(out) - 1
		}
		out[at].Quantity++
	}
	return out
}

// numbered gives items the numbers of a brief, and those that it does not name the next ones in build order.
func numbered(items []Item, brief []assembly.BriefLine) {
	next := 0
	of := map[string]int{}
	for i, b := range brief {
		n := b.Item
		if n == 0 {
			n = i + 1
		}
		of[b.Number] = n
		next = max(next, n)
	}
	for i := range items {
		if n := of[items[i].Number]; n > 0 && items[i].Number != "" {
			items[i].Item = n
			continue
		}
		next++
		items[i].Item = next
	}
}

// Use is a part or an assembly where it is placed, in the order of placing, depth first.
type Use struct {
	Number   string
	Under    []string // numbers of the assemblies that it lies in
	Name     string
	Assembly bool
}

// Placed lists all that is placed in a document's root, assemblies before what they hold.
func Placed(doc *assembly.Document) (out []Use) {
	var walk func(key string, under []string)
	walk = func(key string, under []string) {
		for _, c := range doc.Assemblies[key].Components {
			if c.Suppressed {
				continue
			}
			if p := doc.Parts[c.Part]; p != nil {
				out = append(out, Use{p.Number, under, p.Name, false})
			} else if a := doc.Assemblies[c.Assembly]; a != nil {
				out = append(out, Use{a.Number, under, a.Name, true})
				walk(c.Assembly, append(slices.Clone(under), a.Number))
			}
		}
	}
	walk(doc.Root, nil)
	return out
}

// Against holds what is placed against a brief. What the brief does not name is too many, unless it has no number or lies in an assembly that the brief names, or
// holds something that it names.
func Against(placed []Use, brief []assembly.BriefLine) Brief {
	out := Brief{[]Short{}, []Over{}, []string{}}
	if len(brief) == 0 {
		return out
	}
	wanted, at := map[string]int{}, map[string]int{}
	for i, b := range brief {
		wanted[b.Number], at[b.Number] = b.Quantity, i
	}
	have, holds := map[string]int{}, map[string]bool{}
	var order []int // of the brief's lines, as they were first placed
	var others []string
	for _, u := range placed {
		if u.Number == "" {
			continue
		}
		i, named := at[u.Number]
		inside := slices.ContainsFunc(u.Under, func(n string) bool { _, ok := at[n]; return ok && n != "" })
		if named {
			for _, n := range u.Under {
				holds[n] = true
			}
		}
		if !named && inside {
			continue
		}
		if have[u.Number]++; have[u.Number] > 1 {
			continue
		}
		if named {
			order = append(order, i)
		} else {
			others = append(others, u.Number)
		}
	}
	for _, b := range brief {
		switch n := have[b.Number]; {
		case n < b.Quantity:
			out.Missing = append(out.Missing, Short{b.Number, b.Quantity - n})
		case n > b.Quantity:
			out.TooMany = append(out.TooMany, Over{b.Number, n - b.Quantity})
		}
	}
	for _, n := range others {
		if !holds[n] {
			out.TooMany = append(out.TooMany, Over{n, have[n]})
		}
	}
	for _, i := range Fewest(order) {
		out.OutOfOrder = append(out.OutOfOrder, brief[i].Number)
	}
	return out
}

// Fewest are the fewest of a row of different numbers without which the rest rises, in their own order.
func Fewest(row []int) (out []int) {
	best, from := make([]int, len(row)), make([]int, len(row)) // the longest rise that ends at each, and what comes before it
	end := -1
	for i := range row {
		best[i], from[i] = 1, -1
		for j := range i {
			if row[j] < row[i] && best[j]+1 > best[i] {
				best[i], from[i] = best[j]+1, j
			}
		}
		if end < 0 || best[i] > best[end] {
			end = i
		}
	}
	kept := map[int]bool{}
	for i := end; i >= 0; i = from[i] {
		kept[i] = true
	}
	for i, v := range row {
		if !kept[i] {
			out = append(out, v)
		}
	}
	return out
}

// Table is the list as rows, its head first; what lies in an assembly has the items above it before its own, as 2.1.
func (l *List) Table() [][]string {
	rows := [][]string{{"item", "number", "name", "quantity", "material", "cut from", "length mm", "mass each kg", "mass kg"}}
	var add func(items []Item, before string)
	add = func(items []Item, before string) {
		for _, i := range items {
			item := before + strconv.Itoa(i.Item)
			each, all, long := "", "", ""
			if i.Length != nil {
				long = number(*i.Length)
			}
			if i.Mass != nil {
				each, all = number(*i.Mass), number(*i.Mass*float64(i.Quantity))
			}
			rows = append(rows, []string{item, i.Number, cmp.Or(i.Name, i.Part, i.Assembly), strconv.Itoa(i.Quantity), i.Material, i.Stock, long, each, all})
			add(i.Items, item+".")
		}
	}
	add(l.Items, "")
	if l.Mass != nil {
		rows = append(rows, []string{"", "", "all", "", "", "", "", "", number(*l.Mass)})
	}
	return rows
}

// digits of a mass are told.
const digits = 6

func number(v float64) string { return strconv.FormatFloat(v, 'g', digits, 64) }

// Numeric are the columns of the table that hold numbers.
var Numeric = map[string]bool{"item": true, "quantity": true, "length mm": true, "mass each kg": true, "mass kg": true}
