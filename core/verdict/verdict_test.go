package verdict

import (
	"testing"

	"setfast/core/report"
)

// TestOf: of several things that are so the worst is told.
func TestOf(t *testing.T) {
	for _, c := range []struct {
		what string
		r    report.Result
		want report.Verdict
	}{
		{"nothing left", report.Result{}, report.Set},
		{"idle spins alone", report.Result{Left: 2, Idle: 2}, report.Set},
		{"planned motion", report.Result{Left: 1, Planned: 1}, report.Moves},
		{"something loose beside it", report.Result{Left: 2, Planned: 1, Loose: 1}, report.Loose},
		{"something planned that cannot move", report.Result{Left: 1, Loose: 1, BlockedBy: []report.BlockedEntry{{}}}, report.Blocked},
		{"a conflict above all", report.Result{Loose: 1, BlockedBy: []report.BlockedEntry{{}}, Odds: []report.Odds{{}}}, report.AtOdds},
	} {
		if got := Of(&c.r); got != c.want {
			t.Errorf("%s: %s, want %s", c.what, got, c.want)
		}
	}
}

// TestWhole: the root passes only if all below it pass, and a pass below adds nothing.
func TestWhole(t *testing.T) {
	of := func(root, below report.Verdict) *report.Report {
		return &report.Report{Root: "a", Assemblies: map[string]*report.Result{"a": {Verdict: root}, "b": {Verdict: below}}}
	}
	for _, c := range [][3]report.Verdict{
		{report.Set, report.Set, report.Set}, {report.Set, report.Moves, report.Set}, {report.Moves, report.Set, report.Moves},
		{report.Set, report.Loose, report.Loose}, {report.AtOdds, report.Loose, report.AtOdds}, {report.Moves, report.AtOdds, report.AtOdds},
	} {
		if got := Whole(of(c[0], c[1])); got != c[2] {
			t.Errorf("%s with %s below: %s, want %s", c[0], c[1], got, c[2])
		}
	}
}
