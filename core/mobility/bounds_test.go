package mobility

import (
	"math"
	"testing"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/solve"
)

// TestBoundsOfRank sets rows, columns and motions just to either side of what the rank decisions hang on.
func TestBoundsOfRank(t *testing.T) {
	// independent picks rows of two numbers
	picked := func(rows ...float64) (first, rank float64, sure bool) {
		var w workspace
		of, _, sure := w.independent(rows, len(rows)/2, 2)
		return of[0], float64(len(of) / (len(rows) / 2)), sure
	}
	rank := func(floor float64, diag ...float64) (k int, bySVD bool) {
		var w workspace
		n := len(diag)
		a := make([]float64, n*n)
		for i, x := range diag {
			a[i*n+i] = x
		}
		k = w.rank(a, n, n, floor)
		return k, w.f[2] != nil
	}
	spans := func(own float64, diag ...float64) (k int, all, bySVD bool) {
		n := len(diag)
		a := make([]float64, n*n)
		for i, x := range diag {
			a[i*n+i] = x
		}
		b := &Basis{}
		u, k := b.spanned(a, n, n, own)
		return k, u == nil, b.work.f[4] != nil
	}
	type answer struct {
		what string
		got  any
		want any
	}
	var all []answer
	add := func(what string, got, want any) { all = append(all, answer{what, got, want}) }

	first, _, _ := picked(1, 0, 0, 1+4e-10)
	add("PivotTie: of rows alike the first is taken", first, 1.0)
	first, _, _ = picked(1, 0, 0, 1+4e-9)
	add("PivotTie: a longer one before it", first, 0.0)
	_, k, sure := picked(1, 0, 1, 4e-10)
	add("NoRow: 4e-10 of a row is rounding", []any{k, sure}, []any{1.0, true})
	_, _, sure = picked(1, 0, 1, 4e-9)
	add("NoRow: 4e-9 is for singular values to judge", sure, false)
	_, _, sure = picked(1, 0, 1, 4e-3)
	add("Doubt: so is 4e-3", sure, false)
	_, k, sure = picked(1, 0, 1, 4e-2)
	add("Doubt: 4e-2 is a row", []any{k, sure}, []any{2.0, true})

	n, svd := rank(0, 1, 4e-13)
	add("NoPivot: 4e-13 is rounding, without singular values", []any{n, svd}, []any{1, false})
	n, svd = rank(0, 1, 4e-12)
	add("NoPivot: 4e-12 is for them to judge", []any{n, svd}, []any{1, true})
	n, _ = rank(0, 1, 4e-6)
	add("Together: a freedom of 4e-6 is none", n, 1)
	n, _ = rank(0, 1, 8e-6)
	add("Together: one of 8e-6 is", n, 2)
	n, _ = rank(0, 4e-10)
	add("Dead: a motion of 4e-10 is none", n, 0)
	n, _ = rank(0, 4e-9)
	add("Dead: one of 4e-9 is", n, 1)

	_, every, _ := spans(4e-7, 4e-7)
	add("ClearLeast: a motion of 4e-7 is not beyond doubt", every, false)
	_, every, _ = spans(4e-6, 4e-6)
	add("ClearLeast: one of 4e-6 is", every, true)
	n, _, _ = spans(4e-8, 4e-8)
	add("Faint: a motion of 4e-8 is none", n, 0)
	n, _, _ = spans(4e-7, 4e-7)
	add("Faint: one of 4e-7 may be", n, 1)
	_, _, svd = spans(1, 1, 4e-12)
	add("PivotRounding: what is left of 4e-12 is rounding", svd, false)
	_, _, svd = spans(1, 1, 4e-11)
	add("PivotRounding: 4e-11 is for singular values to judge", svd, true)

	for e, want := range map[float64]bool{4e-15: false, 4e-14: true} {
		add("NoEntry: a body moves by 4e-14, not by 4e-15", (&Entry{V: [6]float64{e}}).moves(), want)
	}
	for _, a := range all {
		if s, ok := a.want.([]any); ok {
			for i, x := range a.got.([]any) {
				if x != s[i] {
					t.Errorf("%s: %v, want %v", a.what, a.got, s)
				}
			}
		} else if a.got != a.want {
			t.Errorf("%s: %v, want %v", a.what, a.got, a.want)
		}
	}
}

// TestWellPosed: a body answers for a relation by itself where the least pivot of its own columns is more than a hundredth of the largest.
func TestWellPosed(t *testing.T) {
	for e, want := range map[float64]bool{4e-3: false, 4e-2: true} {
		b := New(&solve.System{Bodies: []solve.Body{{Size: 1}}}, []geom.Pose{geom.Home}, nil)
		b.Open(0)
		out := []float64{1, 0, 0, 0, 0, 0, 0, e, 0, 0, 0, 0}
		if got := b.byOneBody([]int{0}, []int32{0, 1, 2, 3, 4, 5}, out, 2); got != want {
			t.Errorf("with pivots 1 and %g: %v", e, got)
		}
	}
}

// TestPivotsOfSlides: an early column will do as a pivot with a hundredth of the largest; one gives way to a column with a tenth in it.
func TestPivotsOfSlides(t *testing.T) {
	for e, want := range map[float64]int{4e-3: 1, 4e-2: 0} {
		var w workspace
		if at := w.earlyPivots([]float64{e, 1}, 2, 1); at[0] != want {
			t.Errorf("EarlyLeast: with %g before 1 the pivot is column %d, want %d", e, at[0], want)
		}
	}
	for e, want := range map[float64]bool{0.04: false, 0.4: true} {
		b := New(&solve.System{Bodies: make([]solve.Body, 1)}, nil, nil)
		b.Open(0)
		b.slide([]int32{0, 1, 2}, []float64{1, e, 1}, 1)
		// the third column is freed by the second where that took over as the pivot, else by the first
		by := b.log[0].by
		if got := len(by[1]) == 2; got != want {
			t.Errorf("SlideLeast: a column with %g of the pivot takes over: %v", e, got)
		}
	}
}

// TestRounding drops what is left of motions and shares that cancel.
func TestRounding(t *testing.T) {
	left := func(now []combination, es ...Entry) int {
		b := &Basis{columns: 1, opened: []int{0}, of: [][]Entry{es}}
		b.rewrite(now)
		return len(b.of[0])
	}
	one := combination{[]int32{0}, []float64{1}}
	for e, want := range map[float64]int{4e-14: 0, 4e-13: 1} {
		if got := left([]combination{one}, Entry{0, [6]float64{e}}); got != want {
			t.Errorf("StandsStill: %d entries of %g", got, e)
		}
	}
	for e, want := range map[float64]int{4e-13: 0, 4e-12: 1} {
		if got := left([]combination{one, one}, Entry{0, [6]float64{1}}, Entry{1, [6]float64{e - 1}}); got != want {
			t.Errorf("Cancelled: %d entries where 1 - (1 - %g) is left", got, e)
		}
	}
	for e, want := range map[float64]int{4e-16: 0, 4e-15: 1} {
		b := &Basis{}
		now := []combination{{}, one}
		b.unslide(&step{old: []int32{0}, by: [][]share{{{1, e}}}}, now)
		if got := len(now[0].cols); got != want {
			t.Errorf("NoShare: %d shares of %g", got, e)
		}
	}
}

// TestNoisy: of two relations that ask the same, the second leaves nothing but what they are off parallel by. Up to 4e-10 that is rounding;
// where it is 4e-8 the basis is looked at again.
func TestNoisy(t *testing.T) {
	for e, want := range map[float64]bool{4e-10: false, 4e-8: true} {
		s := &solve.System{Bodies: []solve.Body{{Size: 10, Start: geom.Home}}}
		for _, lean := range []float64{0, e} {
			axis := func(body int, lean float64) solve.Feat {
				return solve.Feat{Body: body, F: part.Feature{Kind: part.Axis, Z: geom.V(math.Sin(lean), 0, math.Cos(lean))}}
			}
			r, err := s.New(solve.Spec{ID: "p", Type: "parallel", A: axis(-1, lean), B: axis(0, lean)})
			if err != nil {
				t.Fatal(err)
			}
			s.Rels = append(s.Rels, r)
		}
		b := New(s, s.NewPoses(), []int{0, 1})
		b.Open(0)
		for _, r := range s.Rels {
			b.Post(r)
		}
		// it cannot be told from imported geometry, and is not looked at a second time
		if got := b.renewed > mostRenewed; got != want || b.renewed > 0 != want || b.Left() != 4 {
			t.Errorf("off by %g: looked at again %v (%d), left %d", e, got, b.renewed, b.Left())
		}
	}
}
