// Package relation describes every type of relation, joint and coupling, a file each: which features it takes, the fields it
// has in a file, the coordinates it leaves open, which way round it may stand, what people call it, and its equations. The
// reader and the writer of files, the solver, the account, offers, sentences and the documentation derive from these
// descriptors; a new type is a new file here and its test.
//
// A relation becomes equations between two rigid bodies. Each equation is one residual in mm (angles are weighted, see
// tol.AngleWeight) and its exact derivative by the small motions of the bodies, six numbers each: the slide of the body's
// centre, and its turn times the body's size. The residuals are those of the textbook vector conditions (parallel directions,
// point in plane, point on line; see Haug, Computer Aided Kinematics and Dynamics of Mechanical Systems, 1989, chapter 9),
// but alignments are stated as angles, so that they stay honest however far off a start is. An evaluation allocates nothing.
package relation

import (
	"fmt"
	"slices"
	"sort"

	"setfast/core/geom"
	"setfast/core/part"
)

// Family is the role a type has in a document.
type Family int

// The families.
const (
	Mate     Family = iota // between features
	Joint                  // between frames, with coordinates that may be held, limited and planned
	Coupling               // between coordinates of two joints
)

// Type describes one type of relation. All there are stand in the table that Types lists; none is changed after that.
type Type struct {
	Name   string
	Family Family
	// Takes says which features go with it, where they do not.
	Takes string
	// Fields are the members it has in a file beside id, type, a, b, suppressed and note, in the order they are written.
	// Joints have at and limits besides.
	Fields []Field
	// Main names the field that is shown and set beside the relation; of joints and of types without one it is empty.
	Main string
	// Coordinates are what a joint leaves open.
	Coordinates []Coordinate
	// Ball: the joint has no coordinates, but its three turns may be planned together.
	Ball bool
	// Pairs: a, and b where wanted, is a pair of faces whose middle counts.
	Pairs bool
	// About is what the third feature must be where one is given; NeedsAbout, that one must be.
	NeedsAbout bool
	// Fits: the sizes of a hole and a shank on its axis say how they go together.
	Fits bool
	// Ties names the coordinates, of joint a and of joint b, that a coupling ties.
	Ties [2]string
	// Stem begins the id of a new one.
	Stem string
	// Say is how it is said as a sentence.
	Say Saying
	// Leaves is how many slides and turns of a free part it leaves, between the features it is most said of.
	Leaves [2]int
	// Also are names it goes by in the trade (common practice, no source).
	Also []string
	// Doc is its row in the documentation: between what, with what values, asking how much.
	Doc Doc

	// state makes the equations of a mate or joint; false where the features do not fit.
	state func(s *Said, l *Law) bool
	// tie makes the law of a coupling.
	tie func(s *Said) (Tie, error)
	// loosened drops from a law what ties coordinates that it counts over whole turns; nil: there is none.
	loosened func(l *Law)
	// turns tells whether a sense makes a difference; nil: it never does.
	turns func(a, b part.Kind) bool
	// check looks at the fields together; it names the field that is wrong.
	check func(p Params, about bool) (field string, err error)
	// read gives what the main field would have to be to hold where things stand, in the unit of files.
	read func(l *Law, rows []Row, a, b, c *View) float64
	// set changes the main field of a law.
	set func(l *Law, v float64)
	// offer proposes it for two picked features: what it is called there and its place among all that fit.
	offer func(put, on part.Feature) (label string, rank int)
	// offerAbout proposes it with a third feature that is still to be picked; third says what that may be.
	offerAbout func(put, on part.Feature) (label, third string, rank int)
	// start is the value an offer begins with, where reading it off makes no sense.
	start float64
}

// Saying is a relation in words: First and Then stand before the two slots of its sentence, Verb between two features on a line.
type Saying struct{ First, Then, Verb string }

// Doc is a row of the table of types in docs/assembly-file.md.
type Doc struct{ Between, Value, Asks string }

// Said is a relation as it is said: features, each in the frame of its body, and fields.
type Said struct {
	A, B  part.Feature
	About *part.Feature
	Params
	refused error // what is wrong with the fields, beside these features
}

var table = map[string]*Type{}

// register puts a type into the table, as its file is initialised.
func register(t Type) *Type {
	table[t.Name] = &t
	return &t
}

// Types lists all types by name: mates and joints, then couplings.
func Types() []*Type {
	var out []*Type
	for _, t := range table {
		out = append(out, t)
	}
	sort.Slice(out, func(i, j int) bool {
		if c := out[i].Family == Coupling; c != (out[j].Family == Coupling) {
			return !c
		}
		return out[i].Name < out[j].Name
	})
	return out
}

// Named finds a type, or nil.
func Named(name string) *Type { return table[name] }

// Coordinate finds one of a joint's coordinates by name.
func (t *Type) Coordinate(name string) (Coordinate, bool) {
	i := slices.IndexFunc(t.Coordinates, func(c Coordinate) bool { return c.Name == name })
	if i < 0 {
		return Coordinate{}, false
	}
	return t.Coordinates[i], true
}

// Turns tells whether turning its alignment round changes what it asks.
func (t *Type) Turns(a, b part.Kind) bool { return t.turns != nil && t.turns(a, b) }

// Law makes a mate or a joint ready for evaluation. Its sense and sides are still open: see Begin.
func (t *Type) Law(s *Said) (Law, error) {
	l := Law{Of: t, Side: 1, Sense: 1}
	if t.state == nil {
		return l, fmt.Errorf("%s is between joints, not features", t.Name)
	}
	if v, ok := s.Num("value"); ok && notANumber(v) {
		return l, fmt.Errorf("the value is not a number")
	}
	fits := !(t.NeedsAbout && s.About == nil) && t.state(s, &l)
	if s.refused != nil {
		return l, s.refused
	}
	if !fits {
		return l, fmt.Errorf("%s does not take %s with %s; it takes %s", t.Name, s.A.Kind, s.B.Kind, t.Takes)
	}
	return l, l.keep(s)
}

// Check looks at fields that depend on one another. It names the field at fault.
func (t *Type) Check(p Params, about bool) (field string, err error) {
	if t.check == nil {
		return "", nil
	}
	return t.check(p, about)
}

// frames asks for two features that a joint can stand on.
func frames(s *Said) bool { return s.A.HasFrame() && s.B.HasFrame() }

const takesFrames = "two frames, axes or circles"

// always and planes tell where a sense makes a difference.
func always(_, _ part.Kind) bool { return true }
func planes(a, b part.Kind) bool { return a == part.Plane && b == part.Plane }

// joint completes the descriptor of a joint from its equations.
func joint(t Type, rows rowsFunc) *Type {
	t.Family, t.Takes = Joint, takesFrames
	if t.turns == nil && !t.Ball {
		t.turns = always
	}
	if t.Fields == nil {
		t.Fields = []Field{fieldSense}
	}
	t.state = func(s *Said, l *Law) bool {
		l.rows = rows
		return frames(s)
	}
	return register(t)
}

// axisInPlane asks 2: b's axis is square to the plane's normal and meets the plane.
func axisInPlane(o *Rows, plane, axis *View) {
	o.openAngle(plane, axis, halfTurn/2)
	o.along(plane, axis, plane.Z, 0)
}

// pointOnAxis asks 2.
func pointOnAxis(o *Rows, axis, point *View) {
	o.along(axis, point, axis.X, 0)
	o.along(axis, point, axis.Y, 0)
}

// pointOnPoint asks 3: b's point lies at off in a's axes.
func pointOnPoint(o *Rows, a, b *View, off geom.Vec) {
	o.along(a, b, a.X, off.X)
	o.along(a, b, a.Y, off.Y)
	o.along(a, b, a.Z, off.Z)
}

// faceOnFace asks 3: b's face lies at the law's value over a's.
func faceOnFace(l *Law, o *Rows, a, b, _ *View) {
	o.align(a, b, l.Sense)
	o.along(a, b, a.Z, l.Value)
}
