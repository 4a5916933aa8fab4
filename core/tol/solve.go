package tol

// What decides in solving. Residuals are in mm, with radians weighted by AngleWeight; a body's turn is measured in mm at its size.

// Damping of the Gauss–Newton steps, of the stiffest entry of a body's diagonal. It is so small that a step is, but for rounding,
// the least one that satisfies the linearised equations: bodies keep the freedoms that nothing asks about where they were.
const (
	// DampStart is where each solve begins.
	DampStart = 1e-9
	// DampLeast leaves the normal equations positive: their own rounding is about 1e-13 (16 digits, a thousand terms).
	DampLeast = 1e-11
	// DampRefused, for a step that made things worse; DampMore and DampLess are the factors between tries and after a success,
	// and DampPivot that where the matrix could not be factored. Common practice, after Marquardt (1963).
	DampRefused = 1e-6
	DampMore    = 20.0
	DampLess    = 10.0
	DampPivot   = 30.0
	// DampSlides, beside turns: where bodies have far to go, slides are nearly free and turns spared.
	DampSlides = 1e-4
)

// When a solve is over.
const (
	// AtRest: a residual that is rounding of places within some metres.
	AtRest = 1e-11
	// Restless: a relation that is off by more than rounding is brought to rest; ten times AtRest, so that what was solved stays.
	Restless = 1e-10
	// NoStep, of the largest distance in play: a step this small is rounding.
	NoStep = 1e-13
	// LedFar, of the sum of squares: after a step that leaves less, its factor serves again. A third of the residual each time is still
	// quicker than a factor anew.
	LedFar = 0.1
	// NoGain, of the sum of squares: at a compromise between relations at odds it no longer falls. NoGainFar is for bodies with
	// far to go, which are tried again from elsewhere. StillFor: how many steps in a row.
	NoGain    = 1e-9
	NoGainFar = 1e-4
	StillFor  = 3
	// Halved: a solve that has not lost this part of its squares in four steps is given up where other sets of bodies will be tried.
	Halved = 0.5
	// Foretold, of the sum of squares: where the linear equations say that a step gains less, the bodies at hand cannot bring the
	// relations to hold, and others are taken along.
	Foretold = 0.05
	// Leading, of the sum of squares: what a step takes off at least in a solve that will be done in a few.
	Leading = 0.2
	// LongestTurn, rad: a step that turns a body more is shortened, since the linear equations say nothing so far away.
	LongestTurn = 0.5
)

// Putting bodies in place one after another.
const (
	// Seated: a body this near is in place; the group is solved to AtRest afterwards.
	Seated = 1e-6
	// SeatedLoop: a loop of bodies is in place; tighter, since its bodies share what is left.
	SeatedLoop = 1e-9
	// NearlySeated, of a body's size: this near, it is no matter of the side the body came from, and it is not turned about.
	NearlySeated = 0.02
	// ClearlyBetter: of the ways round, another is kept only if it leaves less than this part of the best so far.
	ClearlyBetter = 0.5
	// Slack, of the largest pivot: a body whose least pivot is smaller has freedom left; the same as Resists.
	Slack = Resists
	// Scatter, rad and of a body's size, per try: how far bodies are displaced for another start.
	Scatter = 0.15
	// PointSize, mm: features nearer together than this say nothing of the size of their body, which then counts as PointReach, mm.
	PointSize  = 1e-3
	PointReach = 10.0
)

// Pulling by hand.
const (
	// PullWeight: how much a mm of the pointer counts beside a mm of a relation.
	PullWeight = 0.02
	// PullTurn, rad: how far a body may turn in one step; more might carry a linkage to its other branch.
	PullTurn = 0.35
	// PullStraight, of a body's size: a step this small is all but straight and needs one linearisation, a longer one two.
	PullStraight = 0.01
	// PullRest and PullHolds: what relations are brought to after a step, and what they must hold to for it to count.
	PullRest  = 1e-9
	PullHolds = 1e-7
	// PullShort, PullLong and PullAim: a step that turned too far is tried again at the part that would turn PullAim of what is
	// allowed, but no less than PullShort and no more than PullLong of itself.
	PullShort = 0.2
	PullLong  = 0.5
	PullAim   = 0.8
)
