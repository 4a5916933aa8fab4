package motion

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/tol"
)

// rateRow is a rate under elimination.
type rateRow struct {
	x    []float64 // of each column
	by   []float64 // in terms of the rates as declared
	lead int       // the column it is solved for
}

// eliminate takes as much of o away as clears the column o is solved for.
func (l *rateRow) eliminate(o rateRow) {
	f := l.x[o.lead]
	if f == 0 {
		return
	}
	for j, y := range o.x {
		l.x[j] -= f * y
	}
	for j, y := range o.by {
		l.by[j] -= f * y
	}
}

// solveRates eliminates the rates that are declared: it gives a motion for each independent rate, in which the other rates rest,
// and the motions that no rate sees.
func solveRates(all []vector, rates [][]float64, bodies int) (planned, rest []vector) {
	d := len(all)
	total := make(accumulator, bodies)
	var lines []rateRow
	for _, r := range rates {
		l := rateRow{x: slices.Clone(r), by: make([]float64, len(rates))}
		l.by[len(lines)] = 1
		for _, o := range lines {
			l.eliminate(o)
		}
		for j, x := range l.x {
			if math.Abs(x) > math.Abs(l.x[l.lead]) {
				l.lead = j
			}
		}
		if dense.Norm(l.x) <= tol.SeesMore*dense.Norm(r) {
			continue // others say as much
		}
		f := l.x[l.lead]
		for j := range l.x {
			l.x[j] /= f
		}
		for j := range l.by {
			l.by[j] /= f
		}
		for _, o := range lines {
			o.eliminate(l)
		}
		lines = append(lines, l)
	}
	leads := make([]bool, d)
	for _, l := range lines {
		leads[l.lead] = true
	}
	for k := range lines {
		for _, l := range lines {
			total.add(l.by[k], all[l.lead])
		}
		planned = append(planned, total.take().one())
	}
	for j, a := range all {
		if leads[j] {
			continue
		}
		total.add(1, a)
		for _, l := range lines {
			total.add(-l.x[j], all[l.lead])
		}
		rest = append(rest, total.take().one())
	}
	return planned, rest
}
