package tol

// What decides ranks: whether a relation removes a freedom, and whether a motion is one. All are ratios, judged on the motion of
// related bodies relative to each other, scaled by the smaller body, and never on the assembly as a whole: a chain of a thousand
// true loops keeps its small true singular values.
const (
	// Resists: a relation stops a relative motion if its equations, each of length one, change by more than this part of it.
	// The contract asks for about 1e-5: axes of imported parts 1e-6 rad off parallel still count as parallel.
	Resists = 1e-5
	// Together: two bodies stay together in a motion if they part by less than this of their own motion in it. Half of
	// Resists, so that what rounding leaves between the two decisions cannot count as a motion that a relation then resists.
	Together = 5e-6
	// Dead, mm in a unit motion of the whole: a motion this small is none.
	Dead = 1e-9
	// Faint, mm in a unit motion of the whole: a relative motion this small is none. In nets of many loops, where relations leave alone
	// what they resist by less than Resists, so much gathers in columns in which the two bodies do not move at all.
	Faint = 1e-7
	// Clear: pivots this large beside the largest are beyond doubt: with at most 24 rows a singular value lies within 2^24
	// of its pivot only in constructed cases, and in practice within ten. Below it singular values decide.
	Clear = 1e-3
	// ClearLeast, mm in a unit motion: as Clear, absolutely.
	ClearLeast = 1e-6
	// NoPivot and PivotRounding: a pivot this small is what rounding leaves of a dependent row (16 digits, some hundred operations).
	NoPivot       = 1e-12
	PivotRounding = 1e-11
	// EarlyLeast, of the largest: an early column that will do as a pivot of a loop, since those after it take over as they grow.
	// SlideLeast: a pivot may give way to a column that has at least this part in it, so that nothing added is more than ten times
	// as large.
	EarlyLeast = 0.01
	SlideLeast = 0.1
	// Cancelled, of what was added up: what is left of parts that cancel is rounding.
	Cancelled = 1e-12
	// Noisy, mm in a unit motion of the whole: what is left of an equation that repeats others is more than rounding. A thousandth of
	// what would pass for a motion.
	Noisy = 2e-9
	// PivotTie: rows this near in length are taken in their own order, so that rounding does not choose.
	PivotTie = 1e-9
	// NoRow: what is left of a row of length one is rounding.
	NoRow = 1e-9
	// Doubt: a row that adds less than this to those before is left to singular values.
	Doubt = 1e-2
	// WellPosed: a body is eliminated by its own columns only where the least pivot is this part of the largest, which loses at
	// most two of sixteen digits; else the columns of all are reflected, which loses none.
	WellPosed = 1e-2
	// NoEntry, mm in a unit motion: the motion of a body in a column is dropped below it. It is rounding, and would make the
	// basis dense.
	NoEntry = 1e-14
	// NoShare: a column's part in another is dropped below it.
	NoShare = 1e-15
	// StandsStill, mm in a unit motion: a body moves in a column of the final basis if it moves by more.
	StandsStill = 1e-13
)
