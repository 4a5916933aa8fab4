package tol

// Guards of the arithmetic itself. A double carries 2⁻⁵³ ≈ 1.1e-16 of a number.
const (
	// SquareAngle and SquareAngleFast, squared cosines: rows are square to one another once their cosine is below 1e-15, the
	// last digit; where singular values are needed only to eleven digits, 1e-11 does, and saves sweeps (the error of a
	// singular value goes with the square of the angle).
	SquareAngle     = 1e-30
	SquareAngleFast = 1e-22
	// NoRowSquared, of the largest squared row: a row smaller than 1e-24 of it is what rounding left of one that depends on
	// others, and would be turned for ever.
	NoRowSquared = 1e-48
	// RowTie: of rows whose squares are alike to within this the first is taken, so that rounding does not choose.
	RowTie = 1e-12
	// NoPositive, of the diagonal: a pivot of Cholesky's method smaller than this is rounding.
	NoPositive = 1e-15
	// UnitAlready: a quaternion whose length is one to within this stays as it was written, to the last digit.
	UnitAlready = 1e-15
	// NoRotation, rad: below it sin(a/2)/a is ½ to the last digit (the first term left out is a²/48).
	NoRotation = 1e-9
	// NoLean, a sine: a direction this near to the axis does not say where a frame's x leans.
	NoLean = 1e-9
	// Farthest, mm: how far from its assembly's origin anything may stand: beyond it a double holds no thousandth of a mm.
	Farthest = 1e10
)
