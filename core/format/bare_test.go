package format

import (
	"context"
	"reflect"
	"slices"
	"strings"
	"testing"

	"setfast/core/account"
)

// TestBare strips a document to what its relations, plans and measures refer to; it still solves, to the same figures.
func TestBare(t *testing.T) {
	for _, text := range append(samples(t), small) {
		d, err := Read([]byte(text))
		if err != nil {
			t.Fatal(err)
		}
		used := Used(d)
		bare := Bare(d)
		for n, p := range bare.Parts {
			if p.Source.Format != "" || p.Shape != nil || p.Listed != 0 {
				t.Errorf("%s kept its source", n)
			}
			for _, f := range p.Order {
				if !used[n][f] {
					t.Errorf("%s/%s is kept, and nothing refers to it", n, f)
				}
			}
			for f := range used[n] {
				if _, own := d.Parts[n].Features[f]; own && !slices.Contains(p.Order, f) {
					t.Errorf("%s/%s is referred to, and gone", n, f)
				}
			}
		}
		data, err := Write(bare)
		if err != nil {
			t.Fatal(err)
		}
		again, err := Read(data)
		if err != nil {
			t.Fatalf("%v\n%s", err, data)
		}
		a, err := account.Check(context.Background(), d, nil)
		if err != nil {
			t.Fatal(err)
		}
		b, err := account.Check(context.Background(), again, nil)
		if err != nil {
			t.Fatal(err)
		}
		for n, r := range a.Assemblies {
			q := b.Assemblies[n]
			if r.Opening != q.Opening || r.Asked != q.Asked || r.Removed != q.Removed || len(r.Odds) != len(q.Odds) || !reflect.DeepEqual(r.Lines, q.Lines) {
				t.Errorf("%s: %d asked %d removed, bare %d and %d", n, r.Asked, r.Removed, q.Asked, q.Removed)
			}
		}
	}
}

// TestUsed counts references from every place that makes them.
func TestUsed(t *testing.T) {
	text := strings.Replace(small, `"planned": [{"joint": "m"}]`, `"planned": [{"component": "b", "motion": "turn", "about": "a/top"}], "measures": {"d": {"type": "distance", "a": "a/top", "b": "@/xy"}}`, 1)
	d, err := Read([]byte(text))
	if err != nil {
		t.Fatal(err)
	}
	if got := Used(d); !reflect.DeepEqual(got, map[string]map[string]bool{"p": {"f": true, "top": true}}) {
		t.Errorf("used: %v", got)
	}
	// a wrong reference is no reason to stop
	d.Assemblies["main"].Mates[0].A.Path = []string{"nobody"}
	if got := Used(d); !got["p"]["f"] {
		t.Errorf("used: %v", got)
	}
}
