package words

import (
	"fmt"
	"strings"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/report"
)

// Motion says a motion: what moves, how, and what moves along.
func Motion(m report.Motion) string {
	if len(m.Rides) == 0 {
		return "nothing moves"
	}
	w := moves(m, "")
	switch n := len(m.Rides) - 1; {
	case n == 1:
		w += "; " + m.Rides[1] + " rides along"
	case n > 1:
		w += fmt.Sprintf("; %d more ride along", n)
	}
	return w
}

// MotionInFull says a motion with its place and everything that moves along.
func MotionInFull(m report.Motion) string {
	if len(m.Rides) == 0 {
		return "nothing moves"
	}
	w := moves(m, fmt.Sprintf(" through (%.4g, %.4g, %.4g)", m.Point[0], m.Point[1], m.Point[2]))
	switch more := m.Rides[1:]; len(more) {
	case 0:
		return w
	case 1:
		return w + "; " + more[0] + " rides along"
	default:
		return w + "; " + strings.Join(more, ", ") + " ride along"
	}
}

// moves says how the first of a motion moves; through is the place of its axis, where that is told.
func moves(m report.Motion, through string) string {
	dir := Direction(m.Direction)
	switch m.Kind {
	case report.Slide:
		return m.Rides[0] + " slides along " + dir
	case report.Screw:
		return fmt.Sprintf("%s screws about %s%s, %s mm a turn", m.Rides[0], dir, through, part.Number(m.Pitch))
	}
	return m.Rides[0] + " turns about " + dir + through
}

// Direction names a direction: by its axis, where it lies along one.
func Direction(d [3]float64) string {
	for i, n := range [3]string{"x", "y", "z"} {
		if d[i] > 1-1e-6 || d[i] < -1+1e-6 {
			return n
		}
	}
	return fmt.Sprintf("(%.3g, %.3g, %.3g)", d[0], d[1], d[2])
}

// shown is the least miss in mm or degrees that has a digit to show.
const shown = 5e-5

// Miss says how far something is off.
func Miss(mm, deg float64) string {
	switch {
	case mm > shown && deg > shown:
		return part.Number(mm) + " mm and " + part.Number(deg) + "°"
	case deg > shown:
		return part.Number(deg) + "°"
	}
	return part.Number(mm) + " mm"
}

// Remedy says a change that would settle a conflict.
func Remedy(y report.Remedy) string {
	switch y.Kind {
	case report.Suppress:
		return "suppress " + y.Mate
	case report.SetValue:
		return "set " + y.Mate + " to " + part.Number(*y.Value)
	case report.TurnOver:
		return "turn " + y.Mate + " round"
	case report.Unground:
		return "unground " + y.Component
	}
	return "free " + y.Coordinate + " of " + y.Mate
}

// MoreOdds says that there are more conflicts than those told.
func MoreOdds(n int) string {
	if n == 1 {
		return "one more relation is at odds; it is left out too, and told once others are settled"
	}
	return fmt.Sprintf("%d more relations are at odds; they are left out too, and told once others are settled", n)
}

// Blocked says a planned entry as it stands in a report.
func Blocked(e map[string]string) string {
	if e["joint"] != "" {
		return "the motion of " + e["joint"]
	}
	return "the " + e["motion"] + " of " + e["component"]
}

// Planned says a planned motion.
func Planned(p assembly.Planned) string {
	if p.Joint != "" {
		return "the motion of " + p.Joint
	}
	return p.Motion + " of " + p.Component
}

// Ref names a feature by what it is and whose it is.
func Ref(doc *assembly.Document, asm *assembly.Assembly, r assembly.Ref) string {
	f, err := doc.Feature(asm, r)
	if err != nil {
		return r.String()
	}
	what := f.Describe()
	switch r.Feature {
	case "origin":
		what = "origin"
	case "xy", "yz", "zx":
		what = r.Feature + " plane"
	case "x", "y", "z":
		what = r.Feature + " axis"
	}
	owner := "the assembly"
	if len(r.Path) > 0 {
		owner = strings.Join(r.Path, " › ")
	}
	return what + " · " + owner
}

// Relation says a relation: what is put, how, and on what.
func Relation(doc *assembly.Document, asm *assembly.Assembly, m *assembly.Mate) string {
	d := m.Descriptor()
	if m.IsCoupling() {
		return m.JointA + " " + d.Say.Verb + " " + m.JointB
	}
	said := Ref(doc, asm, m.B)
	if m.B2 != nil {
		said += " and " + Ref(doc, asm, *m.B2)
	}
	said += " " + d.Say.Verb + " " + Ref(doc, asm, m.A)
	if m.A2 != nil {
		said += " and " + Ref(doc, asm, *m.A2)
	}
	if m.About != nil {
		said += ", about " + Ref(doc, asm, *m.About)
	}
	return said
}

// Coupled says by what a coupling ties its joints.
func Coupled(m *assembly.Mate) string {
	d := m.Descriptor()
	if x, ok := m.Num(d.Main); ok {
		if t := m.Text(d.Main); t != "" {
			return ", " + d.Main + " " + t + " = " + part.Number(x)
		}
		return ", " + d.Main + " " + part.Number(x)
	}
	if n := len(m.Points("profile")); n > 0 {
		return fmt.Sprintf(", %d points of lift", n)
	}
	return ""
}
