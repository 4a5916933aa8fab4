package tol

// What decides whether relations are at odds. The tolerance of the assembly decides first; these decide about it.
const (
	// HoldsMM, mm, and HoldsDeg, degrees: the tolerance of an assembly whose settings say nothing. They are the contract's.
	HoldsMM  = 0.001
	HoldsDeg = 0.001
	// Inexact, mm (radians weighted): a miss that imported geometry explains, twice the 1e-5 mm that the contract lets feature
	// data be moved by. Where relations hold no better than this, a better pose is looked for.
	Inexact = 2e-5
	// Sharp, mm and degrees: what such a better pose must hold to.
	Sharp = 1e-7
	// Tense, mm and degrees: a relation that misses by more at the compromise takes part in the conflict.
	Tense = 1e-6
	// MissCancels, mm: where a combination of equations (of length one) cancels, and the same combination of misses comes to
	// less than this, the relations repeat one another; more, and they are at odds. It is the contract's 1e-5 mm.
	MissCancels = 1e-5
	// AllBut, of the size of the smaller part, and AllButDeg, degrees: a compromise this near to holding is the real one. Beyond
	// it another start, or an alignment turned round, might lead to poses that hold.
	AllBut    = 0.02
	AllButDeg = 1.0
	// MayBeTurned, of the size of the smaller part: where relations miss by more it is tried whether an alignment is the wrong way round.
	MayBeTurned = 0.1
	// Sparse, mm (radians weighted), and Sparser: in looking for poses at which few relations miss, residuals below a bound count less and
	// less; the bound falls by this factor down to Sparse, a tenth of the usual tolerance.
	Sparse  = 1e-4
	Sparser = 0.6
	// PerRemedy, per mm or degree: values of remedies are rounded to a millionth.
	PerRemedy = 1e6
	// AtLimit, mm or degrees: a coordinate past its limit by less is at it.
	AtLimit = 1e-6
	// TurnTie, degrees: of numbers of turns that lie this alike beside the limits the one at hand is kept.
	TurnTie = 1e-9
)
