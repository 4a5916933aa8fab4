package sweep

import (
	"math"

	"setfast/core/assembly"
	"setfast/core/motion"
	"setfast/core/relation"
)

// Curve is what a measure, or a coordinate of a joint, is at each step of a drive; null where it is not known.
type Curve struct {
	Name   string `json:"name"`
	Joint  string `json:"joint,omitempty"` // of a coordinate
	Unit   string `json:"unit"`
	Values []any  `json:"values"`
}

// Called is how a curve is named.
func (c *Curve) Called() string {
	if c.Joint == "" {
		return c.Name
	}
	return c.Name + " of " + c.Joint
}

// mostCurves is how many coordinates are kept of those that change.
const mostCurves = 24

// coordinates are those coordinates of a study that a drive does not take along itself.
func coordinates(s *motion.Study, d *assembly.Drive) []Curve {
	var out []Curve
	for _, i := range s.Rels {
		for _, c := range s.Sys.Rels[i].Of.Coordinates {
			if id := s.Mates[i].ID; len(d.Then) > 0 || id != d.Joint || c.Name != d.Of {
				out = append(out, Curve{Name: c.Name, Joint: id, Unit: unit(c.Angular)})
			}
		}
	}
	return out
}

func unit(angular bool) string {
	if angular {
		return "°"
	}
	return "mm"
}

// unitOf is the unit of a measure.
func unitOf(m *assembly.Measure) string {
	switch m.Type {
	case "mass":
		return "kg"
	case "coordinate":
		return coordinateUnit(m.Of)
	}
	return unit(m.Type == "angle")
}

// coordinateUnit is the unit of a coordinate of a joint.
func coordinateUnit(of string) string { return unit(relation.CoordinateKind(of) == relation.Angle) }

// look reads coordinates where a run stands; angles go on over whole turns.
func look(list []Curve, r *motion.Run) {
	for i := range list {
		c := &list[i]
		v, ok := r.Coordinate(c.Joint, c.Name)
		if !ok {
			c.Values = append(c.Values, nil)
			continue
		}
		if n := len(c.Values); n > 0 && relation.CoordinateKind(c.Name) == relation.Angle {
			if last, ok := c.Values[n-1].(float64); ok {
				v += 360 * math.Round((last-v)/360)
			}
		}
		c.Values = append(c.Values, v)
	}
}

// curves are the measures and coordinates of a drive that change.
func (out *Done) curves(s *motion.Study, d *assembly.Drive, others []Curve) {
	out.Curves = []Curve{}
	for _, n := range d.Record {
		for i := range s.Asm.Measures {
			if m := &s.Asm.Measures[i]; m.Name == n && varies(out.Values[n]) {
				out.Curves = append(out.Curves, Curve{Name: n, Unit: unitOf(m), Values: out.Values[n]})
			}
		}
	}
	for _, c := range others {
		if varies(c.Values) && len(out.Curves) < len(d.Record)+mostCurves {
			out.Curves = append(out.Curves, c)
		}
	}
}

// variesLeast is less than anybody wants to see, in mm or degrees.
const variesLeast = 1e-6

// varies tells whether values are numbers that change.
func varies(values []any) bool {
	lo, hi := extremes(values)
	return hi-lo > variesLeast
}

// extremes are the least and the greatest of values.
func extremes(values []any) (lo, hi float64) {
	lo, hi = math.Inf(1), math.Inf(-1)
	for _, x := range values {
		if v, ok := x.(float64); ok {
			lo, hi = math.Min(lo, v), math.Max(hi, v)
		}
	}
	return lo, hi
}
