package supply

import (
	"strings"
	"testing"

	"setfast/core/fasten"
)

const file = `# a remark
supplier,Nobody
currency,EUR
designation,pack,price per pack,in stock,lead days
ISO 4762 M6x20,100,4.20,250,9
ISO 4762 M6x25,100,4.60,0,9
DIN 985 M6,50,2.05,1000,2
Rubber foot 20,10,9,100,1
`

// TestQuote: whole packs, what is in stock first; sums by hand.
func TestQuote(t *testing.T) {
	s, err := Read(strings.NewReader(file))
	if err != nil {
		t.Fatal(err)
	}
	o := s.Quote([]fasten.Need{{Designation: "ISO 4762 M6x20", Quantity: 201}, {Designation: "DIN 985 M6", Quantity: 50}, {Designation: "ISO 7040 M6", Quantity: 4},
		{Designation: "ISO 4762 M6x16", Quantity: 1}, {Designation: "ISO 4762 M8x20", Quantity: 1}, {Designation: "ISO 4014 M6x40", Quantity: 1}})
	for i, want := range []Line{
		{Packs: 3, Price: 12.60, Days: 9, Findings: []string{"250 in stock: the rest in 9 days"}},
		{Packs: 1, Price: 2.05},
		{Findings: []string{"ISO 7040 is not carried"}, Instead: "DIN 985 M6"},
		{Findings: []string{"not carried in this length"}, Instead: "ISO 4762 M6x20"},
		{Findings: []string{"ISO 4762 is not carried in M8"}},
		{Findings: []string{"ISO 4014 is not carried"}},
	} {
		got := o.Lines[i]
		if got.Packs != want.Packs || got.Price != want.Price || got.Days != want.Days || got.Instead != want.Instead || strings.Join(got.Findings, "") != strings.Join(want.Findings, "") {
			t.Errorf("%s: %+v, want %+v", got.Designation, got, want)
		}
	}
	if o.Price != 14.65 || o.Days != 9 || o.Whole() || o.Currency != "EUR" {
		t.Errorf("all: %+v", o)
	}
}

// TestSupplierFiles: what is wrong is told with its line; the one that ships is read whole.
func TestSupplierFiles(t *testing.T) {
	for text, want := range map[string]string{
		"supplier,A\n":           "for which money",
		"ISO 7089 M6,1,2\n":      "line 1: a row has five cells",
		"ISO 7089 M6,0,2,3,4\n":  "at least one piece",
		"ISO 7089 M6,1,x,3,4\n":  `"x" is no price`,
		"ISO 7089 M6,1,2,-3,4\n": `"-3" is no number`,
		"\"":                     "line 1",
	} {
		if _, err := Read(strings.NewReader(text)); err == nil || !strings.Contains(err.Error(), want) {
			t.Errorf("%q: %v", text, err)
		}
	}
	s := MadeUp()
	if n := len(s.Offers()); n != 411 || !strings.Contains(s.Name, "made up") {
		t.Errorf("%s sells %d things", s.Name, n)
	}
}
