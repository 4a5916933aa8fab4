package tol

// Fastenings; common practice, no source, where nothing else is said.
const (
	// BoreAlong: the sine of the angle up to which a bore runs along a fastening's axis.
	BoreAlong = 1e-4
	// BoreMeets, mm: what ends nearer together along an axis ends at one height; plates that are farther apart leave a gap.
	BoreMeets = 0.01
	// HeadFlush, mm: how far a countersunk head may stand out of its face, and HeadSunk how far it may lie below it.
	HeadFlush = 0.05
	HeadSunk  = 0.3
	// PocketRoom, mm: how much wider on a side than a nut a pocket is that holds it from turning.
	PocketRoom = 0.6
)
