package tol

// What decides in the equations of relations. Directions are unit vectors, so their products are sines and cosines.
const (
	// AngleWeight, in mm per radian, lets angles and lengths meet in one residual: a radian counts like this many mm. It is
	// not taken from the size of the bodies, because it is part of the contract: the misses of a set at odds are those of the
	// least-squares compromise with radians weighted by 50 mm, whatever the parts' sizes, so that the same fault reads the
	// same in a watch and in a bridge. 50 mm is about the reach of a hand-sized part. Ranks do not depend on it: there every
	// equation is scaled to length one and motions are measured in the size of the bodies.
	AngleWeight = 50.0
	// SenseTie, a cosine: a start pose this square says nothing of which way round features shall stand.
	SenseTie = 1e-9
	// ExactlyOpposed, a sine: directions that are the wrong way round to within this give no axis to turn about.
	ExactlyOpposed = 1e-7
	// SmallTurn, rad: below it θ/sin θ is taken from its series, whose first term left out is 7θ⁴/360 ≈ 2e-18.
	SmallTurn = 1e-4
	// SmallRotation, rad: below it the second coefficient of the inverse left Jacobian is taken from its series; the first term
	// left out is θ²/720 ≈ 1e-9 of a term that is itself of the order θ².
	SmallRotation = 1e-3
	// NoDistance, mm: points this near one another, or a point this near an axis, lie in no direction from it.
	NoDistance = 1e-12
	// ParallelAxes, a sine: the contract's bound between axes that are skew and axes that count as parallel.
	ParallelAxes = 1e-6
	// ParallelFaces, a sine: two faces that count as parallel for having a middle. Imported ones may be off by 1e-6.
	ParallelFaces = 1e-5
	// NoAngle, a sine: directions this near to parallel open in no plane of their own.
	NoAngle = 1e-9
	// NoTurnSquared, a squared sine: a direction this near to the axis it is turned about has no angle.
	NoTurnSquared = 1e-18
)
