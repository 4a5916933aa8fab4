package repeat

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/carry"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// alike tells whether two unit vectors are one direction.
func alike(a, b geom.Vec) bool { return a.Dot(b) > 1-tol.HandTurn }

// Poses are the motions that take the originals to each of their copies, in a solved assembly: along a line the first pitch first, and row by row where
// there are two; around an axis by equal steps, of a whole turn or of what lies between the first and the last; or from one feature to another.
func Poses(doc *assembly.Document, a *assembly.Assembly, c *assembly.Copies) ([]geom.Pose, error) {
	w := &carry.World{Doc: doc, Asm: a}
	switch {
	case len(c.Linear) > 0:
		return lines(w, c.Linear)
	case c.Circular != nil:
		return circle(w, c.Circular)
	case c.Places != nil:
		return places(w, c.Places)
	}
	return nil, fmt.Errorf("where its copies go is not said")
}

func lines(w *carry.World, l []assembly.Line) (out []geom.Pose, err error) {
	steps, counts := [2]geom.Vec{}, [2]int{1, 1}
	for i := range l {
		dir := l[i].Dir
		if l[i].Along != nil {
			f, err := w.Feature(*l[i].Along)
			if err != nil {
				return nil, err
			}
			if !f.HasDirection() {
				return nil, fmt.Errorf("%s has no direction", l[i].Along)
			}
			dir = f.Z
		}
		steps[i], counts[i] = dir.Unit().Scale(l[i].Pitch.Value), int(l[i].Count.Value)
	}
	for row := range counts[1] {
		for k := range counts[0] {
			if row+k > 0 {
				out = append(out, geom.Pose{O: steps[0].Scale(float64(k)).AddScaled(float64(row), steps[1]), Q: geom.Home.Q})
			}
		}
	}
	return out, nil
}

// fullTurn is one, in degrees.
const fullTurn = 360

func circle(w *carry.World, c *assembly.Circle) (out []geom.Pose, err error) {
	f, err := w.Feature(c.Axis)
	if err != nil {
		return nil, err
	}
	if !f.HasAxis() {
		return nil, fmt.Errorf("%s has no axis", c.Axis)
	}
	n := int(c.Count.Value)
	step := c.Angle.Value / float64(max(1, n-1))
	if math.Abs(c.Angle.Value) == fullTurn {
		step = c.Angle.Value / float64(n)
	}
	for i := 1; i < n; i++ {
		out = append(out, about(f.O, f.Z, step*float64(i)*math.Pi/180))
	}
	return out, nil
}

// about is a turn about an axis.
func about(o, z geom.Vec, rad float64) geom.Pose {
	q := geom.Exp(z.Unit().Scale(rad))
	return geom.Pose{O: o.Sub(q.Rotate(o)), Q: q}
}

// places takes one feature to others: frames onto frames, whatever else has a direction by the least turn, an axis either way, and points straight.
func places(w *carry.World, p *assembly.Places) (out []geom.Pose, err error) {
	from, err := w.Feature(p.From)
	if err != nil {
		return nil, err
	}
	for _, r := range p.To {
		to, err := w.Feature(r)
		if err != nil {
			return nil, err
		}
		turn := geom.Home.Q
		switch {
		case from.Kind == part.Frame && to.Kind == part.Frame:
			turn = to.AsFrame().Pose().Q.Mul(from.AsFrame().Pose().Q.Conj())
		case from.HasDirection() && to.HasDirection():
			z := to.Z
			if from.HasAxis() && from.Kind != part.Circle && z.Dot(from.Z) < 0 {
				z = z.Neg()
			}
			turn = least(from.Z, z)
		}
		pose := geom.Pose{O: to.O.Sub(turn.Rotate(from.O)), Q: turn}
		if pose.O.Norm() < tol.HandMM && alike(turn.Rotate(x), x) && alike(turn.Rotate(y), y) {
			return nil, fmt.Errorf("%s is where %s is: the copy would lie on its original", r, p.From)
		}
		out = append(out, pose)
	}
	return out, nil
}

// least is the least turn from one direction to another.
func least(from, to geom.Vec) geom.Quat {
	axis := from.Cross(to)
	switch {
	case alike(from, to):
		return geom.Home.Q
	case alike(from, to.Neg()):
		axis = from.Perp()
	}
	return geom.Exp(axis.Unit().Scale(math.Atan2(from.Cross(to).Norm(), from.Dot(to))))
}

var x, y = geom.V(1, 0, 0), geom.V(0, 1, 0)
