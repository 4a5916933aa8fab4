// Package verdict turns the figures of an account into one word. Of several that hold the worst is told, in the order at odds,
// blocked, clashes, loose; an assembly passes only if all below it pass.
package verdict

import "setfast/core/report"

// rank orders verdicts from the best to the worst.
var rank = map[report.Verdict]int{"": -2, report.Set: -1, report.Moves: 0, report.Loose: 1, report.Clashes: 2, report.Blocked: 3, report.AtOdds: 4}

// Worse picks the verdict that matters more.
func Worse(a, b report.Verdict) report.Verdict {
	if rank[b] > rank[a] {
		return b
	}
	return a
}

// Of is the verdict on one assembly by itself.
func Of(r *report.Result) report.Verdict {
	v := report.Set
	if r.Planned > 0 {
		v = report.Moves
	}
	if r.Loose > 0 {
		v = Worse(v, report.Loose)
	}
	if len(r.BlockedBy) > 0 {
		v = Worse(v, report.Blocked)
	}
	if len(r.Odds)+r.MoreOdds > 0 {
		v = Worse(v, report.AtOdds)
	}
	return v
}

// Whole is the verdict on the root with all that was judged with it: its own, unless one below fails worse.
func Whole(r *report.Report) report.Verdict {
	v := r.Assemblies[r.Root].Verdict
	for _, k := range r.Assemblies {
		if !k.Verdict.Passes() {
			v = Worse(v, k.Verdict)
		}
	}
	return v
}
