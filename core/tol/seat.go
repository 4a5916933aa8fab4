package tol

// What decides about offers.
const (
	// Moved, mm, and TurnedBy, one less the cosine of half an angle: a component is said to move if it goes farther than this.
	Moved    = 1e-7
	TurnedBy = 1e-12
	// SeatedSquare, a cosine: a face this little along an axis does not tell from which side a part came.
	SeatedSquare = 0.5
	// Negligible, mm and degrees: a miss of one kind that would read 0 is not told beside one of the other.
	Negligible = 5e-5
	// FitDirection, a sine, and FitPlace, mm: a feature stands for a motion if its axis is the motion's to within these.
	FitDirection = 1e-5
	FitPlace     = 1e-3
	// SameAxis, one less a cosine (1.4e-3 rad): a motion found with an entry planned is the one that was meant.
	SameAxis = 1e-6
	// AtOrigin, mm: an axis through the origin is this near it.
	AtOrigin = 1e-9
)
