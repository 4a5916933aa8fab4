package solve

import (
	"setfast/core/dense"
	"setfast/core/tol"
)

// What is decided between one step of a solve and the next.

// damping is how much of the stiffest entry is added to the diagonal (Marquardt 1963).
type damping float64

// taken is the damping after a step that led on, refused after one that did not, unfactored where the equations were not positive.
func (d damping) taken() damping      { return max(d/tol.DampLess, tol.DampLeast) }
func (d damping) refused() damping    { return max(d*tol.DampMore, tol.DampRefused) }
func (d damping) unfactored() damping { return max(d*tol.DampPivot, tol.DampStart) }

// leadsFar tells whether a step from a sum of squares to a smaller one led so far that its factor serves again.
func leadsFar(was, now float64) bool { return now < was*tol.LedFar }

// isRounding tells whether a step is nothing but rounding beside the distances in play.
func isRounding(step, reach float64) bool { return step < tol.NoStep*(1+reach) }

// progress follows how the sum of squares falls.
type progress struct {
	still int        // steps in a row that gained nothing
	steps int        // so far
	past  [4]float64 // the sum after each of the last
}

// over tells, after a step from a sum of squares to a smaller one, whether more steps are of no use: at a compromise between relations
// at odds the residual stays.
func (p *progress) over(was, now float64, e effort) bool {
	gain := (was - now) / was
	if gain >= tol.NoGain && !(e.far && gain < tol.NoGainFar) {
		p.still = 0
	} else if p.still++; p.still >= tol.StillFor {
		return true
	}
	if e.brief && gain < tol.Leading {
		return true
	}
	at := &p.past[p.steps%4]
	slow := e.impatient && p.steps >= 4 && now > *at*tol.Halved
	*at = now
	p.steps++
	return slow
}

// hopeless tells whether the linear equations foretell that a step gains next to nothing of the sum of squares, half of which is f; its
// gradient is g.
func hopeless(f float64, g, step []float64) bool { return -dense.Dot(g, step)/2 < tol.Foretold*f }
