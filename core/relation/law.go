package relation

import (
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

const (
	halfTurn  = math.Pi
	perDegree = math.Pi / 180
)

func rad(deg float64) float64 { return deg * math.Pi / 180 }
func deg(rad float64) float64 { return rad * 180 / math.Pi }

func notANumber(v float64) bool { return math.IsNaN(v) || math.IsInf(v, 0) }

type rowsFunc = func(l *Law, o *Rows, a, b, c *View)

// Law is what one mate or joint asks. It is a value: a remedy or a drive changes a copy.
type Law struct {
	Of         *Type // nil of a pull
	Sense      float64
	SenseGiven bool    // stated, not read off the start pose
	Value, Gap float64 // mm or radians
	Side       float64 // of axes apart: the side they started on
	Lead       float64 // mm per turn
	Hold       []Hold
	flipB      bool
	rows       rowsFunc
	begin      func(l *Law, a, b *View) // settles what the start pose decides
}

// Hold keeps a coordinate of a joint at a value (mm or radians).
type Hold struct {
	Of    string
	Value float64
}

// Begin settles, once, from the start pose, which way round the features stand, and on which side.
func (l *Law) Begin(s *Said, a, b, c *View) {
	l.chooseSense(s, *a, *b, c)
	if l.begin != nil {
		l.begin(l, a, b)
	}
}

// keep takes over the coordinates that are said to be held.
func (l *Law) keep(s *Said) error {
	for _, h := range s.Held() {
		k, ok := l.Of.Coordinate(h.Of)
		if !ok {
			return fmt.Errorf("%s has no coordinate %q; it has %s", l.Of.Name, h.Of, coordinateNames(l.Of.Coordinates))
		}
		l.Hold = append(l.Hold, Hold{h.Of, k.Inside(h.Value)})
	}
	return nil
}

func (l *Law) chooseSense(s *Said, a, b View, c *View) {
	given := l.Of.Family == Joint || l.Of == fastened
	if l.Of == symmetric {
		a = mirrored(&a, c)
	}
	d := a.Z.Dot(b.Z)
	sense := s.Word("sense")
	switch {
	case sense == "opposed":
		l.Sense, l.SenseGiven = -1, true
	case sense == "same" || given && sense != "nearest":
		l.SenseGiven = true
	case math.Abs(d) < tol.SenseTie:
		if s.A.Kind == part.Plane && s.B.Kind == part.Plane {
			l.Sense = -1
		}
	case d < 0:
		l.Sense = -1
	}
	l.flipB = given && l.Sense < 0
	if gap, _, skew := axisGap(&a, &b); skew && gap < 0 {
		l.Side = -1
	}
}

// State states the equations, each residual in mm, where the features stand.
func (l *Law) State(o *Rows, a, b, c *View) {
	if l.flipB {
		b.Frame = b.Frame.Flipped()
	}
	l.rows(l, o, a, b, c)
	for _, h := range l.Hold {
		row := o.add(false)
		k, _ := l.Of.Coordinate(h.Of)
		d := k.read(l, row, a, b) - h.Value
		if k.Angular && !k.Counts {
			d = Wrap(d)
		}
		row.R, row.Angular = d, k.Angular
		if k.Angular {
			row.scale(tol.AngleWeight)
		}
	}
}

// Reading is a coordinate (mm or radians) and how it changes with the bodies' motion.
func (l *Law) Reading(of string, a, b *View) (float64, Row) {
	if l.flipB {
		b.Frame = b.Frame.Flipped()
	}
	var row Row
	k, _ := l.Of.Coordinate(of)
	row.R = k.read(l, &row, a, b)
	row.Angular = k.Angular
	return row.R, row
}

// Reads tells whether the main field can be read off where things stand.
func (l *Law) Reads() bool { return l.Of != nil && l.Of.read != nil }

// Read gives what the main field would have to be to hold where things stand, in the unit of files; rows are the equations there,
// c is the third feature or nil.
func (l *Law) Read(rows []Row, a, b, c *View) float64 { return l.Of.read(l, rows, a, b, c) }

// With is a law whose main field is v, in the unit of files.
func (l Law) With(v float64) Law {
	if l.Of.set != nil {
		l.Of.set(&l, v)
	}
	return l
}

func setValue(l *Law, v float64) { l.Value = v }
func setAngle(l *Law, v float64) { l.Value = rad(v) }

// Turned is the law with its alignment the other way round.
func (l Law) Turned() Law {
	l.Sense = -l.Sense
	if l.Of.Family == Joint || l.Of == fastened {
		l.flipB = l.Sense < 0
	}
	return l
}

// Loosened is the law without what ties coordinates counted over whole turns, as of a screw whose thread is gone; false: there is none.
func (l Law) Loosened() (Law, bool) {
	if l.Of == nil || l.Of.loosened == nil {
		return l, false
	}
	l.Of.loosened(&l)
	return l, true
}

// Released is the law of a joint that no longer holds a coordinate.
func (l Law) Released(of string) Law {
	l.Hold = slices.DeleteFunc(slices.Clone(l.Hold), func(h Hold) bool { return h.Of == of })
	return l
}

// Held is the law of a joint with one coordinate kept at a value in the unit of files, whatever it was kept at.
func (l Law) Held(of string, v float64) Law {
	l = l.Released(of)
	if k, _ := l.Of.Coordinate(of); k.Angular {
		v = rad(v)
	}
	l.Hold = append(l.Hold, Hold{of, v})
	return l
}

// Holds tells whether a coordinate is held at a value.
func (l *Law) Holds(of string) bool {
	return slices.ContainsFunc(l.Hold, func(h Hold) bool { return h.Of == of })
}

// Pull is a soft wish: that b's point lie on a's, each mm counting as much as weight.
func Pull(weight float64) Law {
	return Law{Sense: 1, Side: 1, rows: func(_ *Law, o *Rows, a, b, _ *View) {
		pointOnPoint(o, a, b, geom.Vec{})
		for i := range o.List {
			o.List[i].scale(weight)
		}
	}}
}

// Unturned asks that b's frame stand as a's does, wherever it is.
func Unturned() Law {
	return Law{Sense: 1, Side: 1, rows: func(_ *Law, o *Rows, a, b, _ *View) { o.sameTurn(a, b) }}
}

func coordinateNames(cs []Coordinate) string {
	var n []string
	for _, c := range cs {
		n = append(n, c.Name)
	}
	if len(n) == 0 {
		return "none"
	}
	return strings.Join(n, ", ")
}
