package tol

// What decides in the search for combinations of equations that cancel. Equations are taken at length one.
const (
	// NoLength, mm per mm: an equation that changes by less with any motion has no direction; it keeps its miss as it is.
	NoLength = 1e-12
	// NoPart: what an equation has in common with another, or on a body, is dropped below it.
	NoPart = 1e-12
	// NoTerm: an equation's part in a combination is dropped below it. Coarser than NoPart: it is a sum of many.
	NoTerm = 1e-10
	// TakesPart: a relation belongs to a doubled group, or to a set at odds, if an equation of it has more than this part in a
	// combination that cancels. Below Resists, since combinations are scaled to the equation cleared last.
	TakesPart = 1e-6
	// SurelyNothing is left of an equation: what rounding leaves of one that repeats others is below 1e-12 after a thousand loops; a
	// dependence that is broken a step away from where it holds leaves its square at least, 1e-8.
	SurelyNothing = 1e-10
	// Independent: a column adds to a span if more than this of its length is left once the span is taken out.
	Independent = 1e-9
)
