package tol

// What decides about motions. Motions of a group are of length one over all its bodies, in mm (turns times the bodies' size).
const (
	// Moves: a body moves in a motion, or a direction lies outside a span, if it does so by more than this.
	Moves = 1e-7
	// MovesAlong: a body is told to move along if it goes at least this part of the farthest.
	MovesAlong = 1e-6
	// SeesMore: a rate adds to those before if more than this of it is left once they are taken out; as Resists.
	SeesMore = Resists
	// Quiet: a rate this small in a motion of length one does not see it.
	Quiet = 1e-6
	// Locked, of the farthest: bodies that part by less in the best completion of a motion are kept together exactly, if that goes.
	Locked = 1e-3
	// Exactly, of a motion's length: it goes if no more than this is left.
	Exactly = 1e-9
	// ExactMotion: a component's planned turn or slide must be possible to this part of itself.
	ExactMotion = 1e-5
	// WholeSpin: a spin is a freedom of the group if all but this of its length lies in it.
	WholeSpin = 1e-8
	// SameDirection, one less a cosine: directions nearer than this (1.4e-5 rad) are told as one.
	SameDirection = 1e-10
	// OnAxis, of the body's size, and OnAxisFar, of the distance to the origin: a feature lies on an axis if a turn about it
	// differs from the motion by no more. The second allows for the digits that far places lose.
	OnAxis    = 1e-6
	OnAxisFar = 1e-3
	// Sideways, a sine: of directions that will do, those are taken that lie at least this far (17°) from those chosen, and of
	// motions those that add at least this part of what the best adds.
	Sideways = 0.3
	// PureSlide and PureTurn: a motion is told as a slide if its turn is less than this part of it, as a turn if its pitch is
	// less than this part of a mm and of the body's size.
	PureSlide = 1e-5
	PureTurn  = 1e-4
	// Shown: a number smaller than this is no sign to go by; PerShown, per mm: places and directions are shown to a billionth.
	Shown    = 1e-9
	PerShown = 1e9
	// Loath: in completing a motion, a pair of bodies that do not part yet is kept together this much more firmly than the pair
	// that parts the most; Ridge keeps the completion finite, Shy makes idle spins join only where that saves a parting.
	Loath = 1e-5
	Ridge = 1e-9
	Shy   = 1e-2

	// Step, of a body's size: how far a freedom is followed to see whether it is more than momentary. Long enough that a
	// quadratic departure (1e-4 of the size) stands clear of Followed, short enough not to leave the branch.
	Step = 0.01
	// Kept: a step counts as followed if more than this of it is left after solving again.
	Kept = 0.5
	// WentAside, of a unit of a freedom: a step that went a different way by more has lost a freedom. A step bends by about its own
	// length, a hundredth.
	WentAside = 0.1
	// FellBack, of a step: less is left of one that fell back, and less of a freedom that is no way of its own. Near a singular pose a
	// solve ends some way off.
	FellBack = 0.3
	// Followed, mm and degrees: relations must hold to this after a step. Far tighter than the tolerance of an assembly, as the
	// contract asks: a momentary freedom departs from its relations only by the square of the step.
	Followed = 1e-8
	// Mixed: how much the parts of the mixture of all freedoms that is followed first differ, so that no two cancel.
	Mixed = 0.37
	// SwingStep, of a body's size, and Swung, mm and degrees: the steps in which a motion is shown.
	SwingStep = 0.025
	Swung     = 1e-6

	// Reached, mm (radians weighted): a step of a drive holds to this, or to ReachedBeside times what the pose it began from
	// holds to: imported geometry may never do better.
	Reached       = 1e-7
	ReachedBeside = 3
	// DriveTurn, degrees, DriveSlide, of the size of the driven body, and DriveLeast, mm: the longest steps of a drive.
	DriveTurn  = 5.0
	DriveSlide = 0.05
	DriveLeast = 0.1
	// Jump: bodies that go this many times as far for a step as for the one before may have changed branch (JumpLeast, of their
	// size, is no jump); the step is halved until it is JumpSteps times shorter than the longest.
	Jump      = 6
	JumpLeast = 1e-6
	JumpSteps = 200
	// StoppedAt, mm or degrees: where a drive stops is found by halving down to this; the contract asks for 0.01.
	StoppedAt = 0.009
	// Past and Overrun, mm or degrees: a coordinate is past its limit by more than this, in a drive and under the hand.
	Past    = 1e-9
	Overrun = 1e-7
)
