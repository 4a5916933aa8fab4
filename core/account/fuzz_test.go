package account

import (
	"context"
	"encoding/json"
	"math"
	"slices"
	"testing"

	"gonum.org/v1/gonum/mat"
	"setfast/core/bench"
	"setfast/core/conflict"
	"setfast/core/model"
	"setfast/core/report"
)

// modelOf makes the only assembly of a document ready.
func modelOf(t testing.TB, x *bench.Random) *model.Model {
	t.Helper()
	m, err := model.New(x.Doc.Open(), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	return m
}

// invariants are what every report must satisfy, whatever was asked.
func invariants(t *testing.T, r *report.Result) {
	t.Helper()
	if r.Opening-r.Removed != r.Left || r.Planned+r.Idle+r.Loose != r.Left || r.Asked-r.Removed != r.Doubled || r.Left < 0 || r.Doubled < 0 || r.Shaky > r.Loose {
		t.Errorf("the balance does not add up: %d asked, %d opening − %d removed = %d left, %d planned + %d idle + %d loose, %d doubled, %d shaky",
			r.Asked, r.Opening, r.Removed, r.Left, r.Planned, r.Idle, r.Loose, r.Doubled, r.Shaky)
	}
	asked, removed := 0, 0
	for _, l := range r.Lines {
		for _, m := range l.Mates {
			asked, removed = asked+m.Asked, removed+m.Removed
			if m.Removed > m.Asked || m.Removed < 0 {
				t.Errorf("%s removed %d of %d", m.ID, m.Removed, m.Asked)
			}
		}
	}
	if asked != r.Asked || removed != r.Removed {
		t.Errorf("the lines add up to %d asked and %d removed, the balance says %d and %d", asked, removed, r.Asked, r.Removed)
	}
	if len(r.Motions) != r.Left {
		t.Errorf("%d motions for %d freedoms", len(r.Motions), r.Left)
	}
	excess := 0
	for _, g := range r.Groups {
		excess += g.Excess
	}
	if excess != r.Doubled {
		t.Errorf("the groups repeat %d conditions, the balance says %d", excess, r.Doubled)
	}
	for n, c := range r.Components {
		for _, v := range []float64{c.Pose.O.X, c.Pose.O.Y, c.Pose.O.Z, c.Pose.Q.W, c.Pose.Q.X, c.Pose.Q.Y, c.Pose.Q.Z} {
			if math.IsNaN(v) || math.IsInf(v, 0) {
				t.Errorf("%s stands at %v", n, c.Pose)
			}
		}
	}
	if (len(r.Odds) > 0) != (r.Verdict == report.AtOdds) {
		t.Errorf("%d sets at odds, verdict %s", len(r.Odds), r.Verdict)
	}
}

// FuzzSolve judges random assemblies, consistent and not: no panic, no nonsense, and the same report each time.
func FuzzSolve(f *testing.F) {
	step := uint64(1)
	if testing.Short() {
		step = 4
	}
	for s := uint64(0); s < 60; s += step {
		f.Add(s, uint8(2+s%6), uint8(1+s%9), uint8(s%4), uint8(s%5))
	}
	f.Fuzz(func(t *testing.T, seed uint64, bodies, relations, spoilt, scale uint8) {
		size := []float64{50, 0.5, 5000, 50, 500}[scale%5]
		x := bench.NewRandom(seed, 2+int(bodies)%7, 1+int(relations)%12, size)
		x.Spoil(int(spoilt) % 4)
		rep, err := Check(context.Background(), x.Doc, nil)
		if err != nil {
			t.Skip(err) // refused with a reason
		}
		invariants(t, rep.Assemblies["main"])
		again, err := Check(context.Background(), x.Doc, nil)
		if err != nil {
			t.Fatal(err)
		}
		a, _ := json.Marshal(rep)
		b, _ := json.Marshal(again)
		if string(a) != string(b) {
			t.Error("the same document gives different reports")
		}
	})
}

// TestRankAgainstGonum compares the freedoms removed with the rank by gonum's singular values of the whole Jacobian.
func TestRankAgainstGonum(t *testing.T) {
	checked := 0
	for seed := uint64(1); seed <= 150; seed++ {
		x := bench.NewRandom(seed, 2+int(seed%6), 1+int(seed%10), 40)
		m := modelOf(t, x)
		st := conflict.Settle(m)
		if len(st.Odds) > 0 {
			t.Errorf("seed %d: relations that hold together are told at odds: %v", seed, st.Odds[0].Mates)
			continue
		}
		res := &report.Result{Components: map[string]report.Placed{}}
		post(m, st, m.Sys.Blocks(st.Rels, nil), res)
		_, lines := jacobian(m, st)
		rows := slices.Concat(lines...)
		var svd mat.SVD
		if !svd.Factorize(mat.NewDense(len(lines), 6*len(m.Sys.Bodies), rows), mat.SVDNone) {
			t.Fatal("gonum gave up")
		}
		vals := svd.Values(nil)
		rank, gap := 0, math.Inf(1)
		for _, s := range vals {
			if s > 1e-5*vals[0] {
				rank++
			}
			gap = math.Min(gap, math.Abs(math.Log10(s/vals[0])+5))
		}
		if gap < 1.5 { // too near the threshold for two methods to agree
			continue
		}
		checked++
		if res.Removed != rank {
			t.Errorf("seed %d: removed %d, gonum's rank is %d (%v)", seed, res.Removed, rank, vals)
		}
	}
	if checked < 100 {
		t.Errorf("only %d cases were clear enough to compare", checked)
	}
}
