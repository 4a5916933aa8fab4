package words

import (
	"fmt"
	"math"
	"strings"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/report"
)

// Measured says a measure with its unit, as it stands in a report.
func Measured(m assembly.Measure, value any) string {
	var parts []float64
	switch v := value.(type) {
	case nil:
		return "not known"
	case float64:
		parts = []float64{v}
	case [3]float64:
		parts = v[:]
	default:
		return fmt.Sprint(value)
	}
	if m.Type == "mass" {
		return Weight(parts[0])
	}
	unit := behind(m.Type == "angle" || m.Type == "coordinate" && relation.CoordinateKind(m.Of) == relation.Angle)
	if len(parts) == 1 {
		return part.Number(parts[0]) + unit
	}
	var said []string
	for _, x := range parts {
		said = append(said, part.Number(x))
	}
	return "(" + strings.Join(said, ", ") + ")" + unit
}

// behind is the unit behind a number.
func behind(angular bool) string {
	if angular {
		return "°"
	}
	return " mm"
}

// Driving says what a drive takes where.
func Driving(d *assembly.Drive) string {
	way := func(a assembly.Along) string {
		unit := behind(relation.CoordinateKind(a.Of) == relation.Angle)
		from := " from " + part.Number(a.From)
		if a.Stands {
			from = ""
		}
		return fmt.Sprintf("%s of %s%s to %s%s", a.Of, a.Joint, from, part.Number(a.To), unit)
	}
	var legs []string
	for _, l := range d.Legs() {
		s := way(l.Along)
		for _, a := range l.With {
			s += " with " + way(a)
		}
		legs = append(legs, fmt.Sprintf("%s in %d steps", s, l.Steps))
	}
	return strings.Join(legs, ", then ")
}

// Driven says how far a drive came.
func Driven(d *assembly.Drive, run *report.DriveRun) string {
	s := Driving(d)
	if run.StoppedAt == nil {
		return s + ": reached"
	}
	of := d.Of
	if run.StoppedIn != nil {
		of = d.Legs()[*run.StoppedIn].Of
	}
	s += fmt.Sprintf(": stopped at %s%s", part.Number(math.Round(*run.StoppedAt*100)/100), behind(relation.CoordinateKind(of) == relation.Angle))
	if run.Reason != nil {
		s += ", " + *run.Reason
	}
	return s
}
