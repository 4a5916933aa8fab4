package tol

// What decides about the features of a part.
const (
	// RoundPlace, mm, and RoundDirection, one less a cosine (1.4e-5 rad): a part is round about an axis if its features lie on
	// it to within these: the contract's 1e-5, by which imported data may be moved.
	RoundPlace     = 1e-5
	RoundDirection = 1e-10
	// SameRadius, mm: radii this alike are told as one.
	SameRadius = 1e-6
	// SizeForSize, mm: a shank and a hole whose diameters are this alike have no clearance that a drawing could show.
	SizeForSize = 5e-5
	// Drawn, mm: a line of a view this near to a face, or to the side of something round, is seen of it.
	Drawn = 1e-3
	// CutBeside, mm: a section cuts this much before its plane, so that a face that lies in it is seen and not cut, whichever way rounding goes.
	CutBeside = 1e-4
	// FrameParallel, a sine: the x of a frame in a file must not be parallel to its z.
	FrameParallel = 1e-6
	// LeansTo, a cosine: a direction this near to x is given a frame that leans to y.
	LeansTo = 0.9
)

// How things that arrive are spread beside what is there.
const (
	// SpreadGap, of the widest that arrives, and SpreadLeast, mm: the room between them.
	SpreadGap   = 0.15
	SpreadLeast = 2.0
)
