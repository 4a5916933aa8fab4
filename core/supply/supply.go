// Package supply tells what a supplier asks for fasteners, by a plain file of what it sells. The one that ships is made up; a real supplier's takes its place
// where it is named. The form: lines that begin with # are remarks; "supplier" and "currency" with their names; then designation, pieces in a pack, price of a
// pack, pieces in stock, days until more come.
package supply

import (
	"bytes"
	"cmp"
	_ "embed"
	"encoding/csv"
	"fmt"
	"io"
	"math"
	"slices"
	"strconv"
	"strings"
	"sync"

	"setfast/core/fasten"
	"setfast/core/standard"
)

// Offer is one thing that a supplier sells.
type Offer struct {
	Designation string
	Pack        int     // pieces
	Price       float64 // of a pack
	Stock       int     // pieces
	LeadDays    int     // until more come
}

// Supplier is who sells.
type Supplier struct {
	Name     string
	Currency string
	offers   map[string]Offer
}

// Line is what comes of one need.
type Line struct {
	Designation string   `json:"designation"`
	Quantity    int      `json:"quantity"`
	Packs       int      `json:"packs"`
	Pack        int      `json:"pack"`  // pieces in one
	Price       float64  `json:"price"` // of all packs
	Stock       int      `json:"in_stock"`
	Days        int      `json:"days"` // until all are there: none of what is in stock
	Findings    []string `json:"findings"`
	Instead     string   `json:"instead,omitempty"` // of what is not carried: one of its kind and size that is
}

// Order is what comes of all needs.
type Order struct {
	Supplier string  `json:"supplier"`
	Currency string  `json:"currency"`
	Lines    []Line  `json:"lines"`
	Price    float64 `json:"price"`
	Days     int     `json:"days"`
}

// Whole tells whether all can be had from stock.
func (o *Order) Whole() bool {
	return !slices.ContainsFunc(o.Lines, func(l Line) bool { return len(l.Findings) > 0 })
}

//go:embed supplier.csv
var madeUp []byte

// MadeUp is the supplier that ships.
var MadeUp = sync.OnceValue(func() *Supplier {
	s, err := Read(bytes.NewReader(madeUp))
	if err != nil {
		panic(err) // it is part of this program
	}
	return s
})

// most is how many rows a supplier may have.
const most = 1_000_000

// Read reads a supplier's file.
func Read(from io.Reader) (*Supplier, error) {
	r := csv.NewReader(from)
	r.Comment, r.FieldsPerRecord, r.TrimLeadingSpace = '#', -1, true
	s := &Supplier{offers: map[string]Offer{}}
	for {
		row, err := r.Read()
		if err == io.EOF {
			break
		}
		if err != nil {
			return nil, err
		}
		line, _ := r.FieldPos(0)
		if err := s.take(row); err != nil {
			return nil, fmt.Errorf("line %d: %w", line, err)
		}
		if len(s.offers) > most {
			return nil, fmt.Errorf("it has more than %d rows", most)
		}
	}
	if s.Name == "" || s.Currency == "" {
		return nil, fmt.Errorf("it does not say who sells, and for which money: lines \"supplier,NAME\" and \"currency,EUR\" are wanted")
	}
	return s, nil
}

func (s *Supplier) take(row []string) error {
	switch {
	case len(row) == 2 && row[0] == "supplier":
		s.Name = row[1]
		return nil
	case len(row) == 2 && row[0] == "currency":
		s.Currency = row[1]
		return nil
	case len(row) != 5:
		return fmt.Errorf("a row has five cells (designation, pieces in a pack, price of a pack, in stock, days), not %d", len(row))
	case row[0] == "designation":
		return nil
	}
	f, err := standard.Read(row[0])
	if err != nil {
		return nil // something else that it sells
	}
	o := Offer{Designation: f.Designation()}
	for i, to := range []*int{&o.Pack, nil, &o.Stock, &o.LeadDays} {
		text := strings.TrimSpace(row[i+1])
		if to == nil {
			o.Price, err = strconv.ParseFloat(text, 64)
			if err != nil || !(o.Price >= 0) || math.IsInf(o.Price, 0) {
				return fmt.Errorf("%q is no price", text)
			}
			continue
		}
		if *to, err = strconv.Atoi(text); err != nil || *to < 0 {
			return fmt.Errorf("%q is no number of pieces or days", text)
		}
	}
	if o.Pack == 0 {
		return fmt.Errorf("a pack holds at least one piece")
	}
	s.offers[o.Designation] = o
	return nil
}

// Offers are all it sells that the tables know, by designation.
func (s *Supplier) Offers() (out []Offer) {
	for _, o := range s.offers {
		out = append(out, o)
	}
	slices.SortFunc(out, func(a, b Offer) int { return cmp.Compare(a.Designation, b.Designation) })
	return out
}

// Quote tells what needs come to: whole packs, from stock as far as it goes.
func (s *Supplier) Quote(needs []fasten.Need) *Order {
	out := &Order{Supplier: s.Name, Currency: s.Currency, Lines: []Line{}}
	for _, n := range needs {
		l := Line{Designation: n.Designation, Quantity: n.Quantity, Findings: []string{}}
		o, ok := s.offers[n.Designation]
		switch {
		case !ok:
			l.Findings = append(l.Findings, s.why(n.Designation))
			l.Instead = s.instead(n.Designation)
		default:
			l.Pack, l.Stock = o.Pack, o.Stock
			l.Packs = (n.Quantity + o.Pack - 1) / o.Pack
			l.Price = cents(float64(l.Packs) * o.Price)
			if want := l.Packs * o.Pack; want > o.Stock {
				l.Days = o.LeadDays
				l.Findings = append(l.Findings, fmt.Sprintf("%d in stock: the rest in %d days", o.Stock, o.LeadDays))
			}
		}
		out.Price, out.Days = cents(out.Price+l.Price), max(out.Days, l.Days)
		out.Lines = append(out.Lines, l)
	}
	return out
}

// why says what is not carried: the standard, the size, or the length.
func (s *Supplier) why(designation string) string {
	f, err := standard.Read(designation)
	if err != nil {
		return "not carried"
	}
	of, size := false, false
	for _, o := range s.offers {
		if g, err := standard.Read(o.Designation); err == nil && g.Standard.Name == f.Standard.Name {
			of = true
			size = size || g.Size.Name == f.Size.Name
		}
	}
	switch {
	case !of:
		return f.Standard.Name + " is not carried"
	case !size:
		return f.Standard.Name + " is not carried in " + f.Size.Name
	}
	return "not carried in this length"
}

// instead is the cheapest of its kind, size and length that is carried; none of a screw whose head is another.
func (s *Supplier) instead(designation string) string {
	f, err := standard.Read(designation)
	if err != nil {
		return ""
	}
	best := Offer{}
	for _, o := range s.Offers() {
		g, err := standard.Read(o.Designation)
		if err != nil || g.Family != f.Family || g.Size.Name != f.Size.Name || g.Head != f.Head {
			continue
		}
		if f.Length > 0 && (g.Standard.Name != f.Standard.Name && g.Length != f.Length || g.Length < f.Length) {
			continue
		}
		if best.Pack == 0 || o.Price/float64(o.Pack) < best.Price/float64(best.Pack) {
			best = o
		}
	}
	return best.Designation
}

// perUnit is how many of its least coin a unit of money has.
const perUnit = 100

func cents(v float64) float64 { return math.Round(v*perUnit) / perUnit }

// Table is an order as rows of a table, its head first.
func (o *Order) Table() [][]string {
	rows := [][]string{{"designation", "quantity", "packs", "pieces in a pack", "price " + o.Currency, "in stock", "days", "findings"}}
	for _, l := range o.Lines {
		says := strings.Join(l.Findings, "; ")
		if l.Instead != "" {
			says += "; instead: " + l.Instead
		}
		rows = append(rows, []string{l.Designation, strconv.Itoa(l.Quantity), strconv.Itoa(l.Packs), strconv.Itoa(l.Pack), strconv.FormatFloat(l.Price, 'f', 2, 64), strconv.Itoa(l.Stock), strconv.Itoa(l.Days), says})
	}
	return append(rows, []string{"all, by " + o.Supplier, "", "", "", strconv.FormatFloat(o.Price, 'f', 2, 64), "", strconv.Itoa(o.Days), ""})
}
