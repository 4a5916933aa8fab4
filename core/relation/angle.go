package relation

import (
	"fmt"
	"math"

	"setfast/core/part"
	"setfast/core/tol"
)

// angle: two directions open so far; with a third that it is about, signed.
var _ = register(Type{
	Name:   "angle",
	Takes:  "two features with a direction",
	Fields: []Field{fieldAbout, fieldSense, {Name: "value", Kind: Angle, Need: true, Said: "at"}},
	Main:   "value",
	Stem:   "angle",
	Say:    Saying{"Put", "at an angle to", "at an angle to"},
	Leaves: [2]int{3, 2},
	Also:   []string{"tilt", "inclined"},
	Doc:    Doc{"two directions", "`value` 0–180; with `about` −180–180, right-handed from a to b", "1; 2 at 0 and 180 without `about`"},
	state:  opened,
	check: func(p Params, about bool) (string, error) {
		lo := 0.0
		if about {
			lo = -180
		}
		if v, ok := p.Num("value"); ok && (v < lo || v > 180) {
			return "value", fmt.Errorf("an angle here lies between %g and 180 degrees", lo)
		}
		return "", nil
	},
	read: func(l *Law, _ []Row, a, b, c *View) float64 {
		if c != nil {
			var row Row
			return deg(row.turnAbout(c, c.Z, a, a.Z, b, b.Z))
		}
		return deg(math.Atan2(a.Z.Cross(b.Z).Norm(), a.Z.Dot(b.Z)))
	},
	set:   setAngle,
	start: 90, // any value between the ends will do to read the angle
	offer: func(put, on part.Feature) (string, int) {
		switch {
		case both(put, on, isPlane):
			return "at an angle", 46
		case directed(put, on):
			return "at an angle", 92
		}
		return "", 0
	},
	offerAbout: func(put, on part.Feature) (string, string, int) {
		switch {
		case both(put, on, isPlane):
			return "at a signed angle", "the axis it turns about", 46
		case directed(put, on):
			return "at a signed angle", "the axis it turns about", 93
		}
		return "", "", 0
	},
})

func opened(s *Said, l *Law) bool {
	v, given := s.Num("value")
	if !given || !s.A.HasDirection() || !s.B.HasDirection() {
		return false
	}
	l.Value = v * perDegree
	if s.About != nil {
		l.rows = func(l *Law, o *Rows, a, b, c *View) {
			row := o.add(true)
			row.R = Wrap(row.turnAbout(c, c.Z, a, a.Z, b, b.Z) - l.Value)
			row.scale(tol.AngleWeight)
		}
		return s.About.HasDirection()
	}
	switch v {
	case 0:
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { o.align(a, b, 1) }
	case 180:
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) { o.align(a, b, -1) }
	default:
		l.rows = func(l *Law, o *Rows, a, b, _ *View) { o.openAngle(a, b, l.Value) }
	}
	return v >= 0 && v <= 180
}
