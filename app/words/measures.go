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

// Driven says how far a drive came.
func Driven(d assembly.Drive, run *report.DriveRun) string {
	unit := behind(relation.CoordinateKind(d.Of) == relation.Angle)
	s := fmt.Sprintf("%s of %s from %s to %s%s in %d steps", d.Of, d.Joint, part.Number(d.From), part.Number(d.To), unit, d.Steps)
	if run.StoppedAt == nil {
		return s + ": reached"
	}
	s += fmt.Sprintf(": stopped at %s%s", part.Number(math.Round(*run.StoppedAt*100)/100), unit)
	if run.Reason != nil {
		s += ", " + *run.Reason
	}
	return s
}
