package tol

// Left and right.
const (
	// HandMM, mm: what lies nearer together is at one place; the tolerance of an assembly whose settings say nothing.
	HandMM = 0.001
	// HandTurn: one less the cosine of an angle below which two directions are one, and what is nothing but for rounding.
	HandTurn = 1e-9
	// SameMoment, of the greatest: principal moments that differ by less do not tell their axes.
	SameMoment = 1e-3
)

// Two documents.
const (
	// CompareMM, mm, and CompareDeg, degrees: what comes to rest nearer together in two documents stands alike, and a measure that differs by less is the same.
	CompareMM  = 1e-4
	CompareDeg = 1e-4
)
