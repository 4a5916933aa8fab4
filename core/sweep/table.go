package sweep

import (
	"fmt"
	"strconv"
	"strings"

	"setfast/core/assembly"
)

// Table is a run as rows: the step, the coordinate that leads, each curve, and what is in one another there; the first row names the columns.
func (out *Done) Table(d *assembly.Drive) [][]string {
	legs := d.Legs()
	head := []string{"step"}
	if len(legs) > 1 {
		head = append(head, "leg", "at")
	} else {
		head = append(head, fmt.Sprintf("%s of %s [%s]", d.Of, d.Joint, unitOfLeg(&d.Leg)))
	}
	for i := range out.Curves {
		head = append(head, fmt.Sprintf("%s [%s]", out.Curves[i].Called(), out.Curves[i].Unit))
	}
	rows := [][]string{append(head, "clash")}
	for k, v := range out.At {
		row := []string{strconv.Itoa(k)}
		n := out.leg(k)
		if len(legs) > 1 {
			row = append(row, strconv.Itoa(n+1))
		}
		row = append(row, number(v))
		for i := range out.Curves {
			s := ""
			if x, ok := out.Curves[i].Values[k].(float64); ok {
				s = number(x)
			}
			row = append(row, s)
		}
		rows = append(rows, append(row, out.inside(n, v)))
	}
	return rows
}

func number(x float64) string { return strconv.FormatFloat(x, 'g', 12, 64) }

func unitOfLeg(l *assembly.Leg) string { return coordinateUnit(l.Of) }

// leg is the leg of a step.
func (out *Done) leg(k int) int {
	if len(out.Leg) == 0 {
		return 0
	}
	return out.Leg[k]
}

// inside names the parts that are in one another at a value of a leg, without what is meant.
func (out *Done) inside(leg int, v float64) string {
	var said []string
	for _, m := range out.Clash {
		if m.Leg == leg && !m.Fit && (v-m.From)*(v-m.To) <= 0 {
			said = append(said, m.A+" × "+m.B)
		}
	}
	return strings.Join(said, "; ")
}
