package tol

// What decides about relations that are recovered from a placement.
const (
	// NearlyMeets, mm: contacts that are missed by more are none; those missed by less, but by more than the file is inexact, are told.
	// Common practice, no source: a tenth is the least clearance that is drawn on purpose.
	NearlyMeets = 0.1
	// MeetsLeast, mm: what meets may be off by twice what imported data may be (1e-5), one for each side.
	MeetsLeast = 2e-5
	// MeetsMost, mm: no file is taken to be less exact than half of what still holds in an account (HoldsMM).
	MeetsMost = 5e-4
	// LooksAt, one less a cosine (4.5e-3 rad): faces that look at each other, axes that run along each other, before distances decide.
	LooksAt = 1e-5
	// SharedArea, of the lesser face's box: two faces that share less only touch along an edge.
	SharedArea = 1e-4
	// ConesAlike, degrees: two cones of one angle.
	ConesAlike = 0.01
	// SquareFaces, a cosine: a flat face along an axis.
	SquareFaces = 1e-5
	// PassesThrough, mm: parts whose triangles cross by less only touch: round faces are drawn by chords that lie inside them.
	PassesThrough = 0.1
	// NewResistance, of a unit force: a contact holds a part in a way that others do not yet.
	NewResistance = 1e-3
)
