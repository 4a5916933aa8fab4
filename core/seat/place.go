package seat

import (
	"context"
	"fmt"
	"math"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
)

// Shift is an exact move: a way along three axes, after turns about the first, the second and the third of them.
type Shift struct {
	By   geom.Vec // mm
	Turn geom.Vec // degrees, right-handed
	Own  bool     // the axes are the component's own, else the assembly's
}

// At moves a pose; it turns about a place of the assembly.
func (s Shift) At(p geom.Pose, about geom.Vec) geom.Pose {
	const perDegree = math.Pi / 180
	x, y, z := geom.V(1, 0, 0), geom.V(0, 1, 0), geom.V(0, 0, 1)
	if s.Own {
		x, y, z = p.Q.Axes()
	}
	way := x.Scale(s.By.X).Add(y.Scale(s.By.Y)).Add(z.Scale(s.By.Z))
	q := geom.Exp(z.Scale(s.Turn.Z * perDegree)).Mul(geom.Exp(y.Scale(s.Turn.Y * perDegree))).Mul(geom.Exp(x.Scale(s.Turn.X * perDegree)))
	return geom.Pose{O: about.Add(q.Rotate(p.O.Sub(about))).Add(way), Q: q.Mul(p.Q).Unit()}
}

// Bring finds the poses at which a coordinate of a joint has a value, in mm or degrees, all relations kept; of what moves only. It is
// solved as if the coordinate were held there.
func Bring(ctx context.Context, doc *assembly.Document, id, of string, to float64) (map[string]geom.Pose, error) {
	root := *doc.Assemblies[doc.Root]
	root.Mates = append([]*assembly.Mate(nil), root.Mates...)
	found := false
	for i, m := range root.Mates {
		if m.ID == id {
			if _, ok := m.Descriptor().Coordinate(of); !ok {
				return nil, fmt.Errorf("%s has no %s to bring anywhere", id, of)
			}
			k := *m
			k.Params = m.WithNum("at."+of, to)
			root.Mates[i], found = &k, true
		}
	}
	if !found {
		return nil, fmt.Errorf("there is no joint %q", id)
	}
	a, err := account.TakeAtRest(ctx, doc.WithRoot(root.Seal()), doc.Root)
	if err != nil {
		return nil, err
	}
	if len(a.Root.Odds) > 0 {
		return nil, fmt.Errorf("%s cannot be brought there: limits or other relations stop it", id)
	}
	if _, is := a.Coordinates()[id]; !is {
		return nil, fmt.Errorf("%s is not in force, so nothing can be brought there", id)
	}
	out := map[string]geom.Pose{}
	for _, c := range root.Components {
		if p := a.Root.At(c.Name); p.Pose.Is() && !c.Grounded && !c.Suppressed && apart(p.Pose, c.Pose) {
			out[c.Name] = p.Pose
		}
	}
	return out, nil
}
