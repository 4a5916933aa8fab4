package seat

import (
	"fmt"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/solve"
)

// Mean finds how to declare a motion that is left as one that is wanted: by a joint's coordinate where a joint carries it,
// else as a turn or slide of the first moving component by a feature on its axis. What it returns has been tried.
func Mean(doc *assembly.Document, root string, res *account.Result, k int) (assembly.Planned, error) {
	if k < 0 || k >= len(res.Motions) {
		return assembly.Planned{}, fmt.Errorf("there is no such motion any more")
	}
	mo := res.Motions[k]
	if mo.Kind == "screw" {
		return assembly.Planned{}, fmt.Errorf("a screw motion cannot be declared yet; relate the part so that it turns or slides")
	}
	a := bare(doc.Assemblies[root])
	rides := map[string]bool{}
	for _, r := range mo.Rides {
		rides[r] = true
	}
	var tries []assembly.Planned
	for _, m := range a.Mates {
		if !solve.IsJoint(m.Type) || !rides[m.A.Head()] && !rides[m.B.Head()] || !res.Mates[m.ID].InForce {
			continue
		}
		tries = append(tries, assembly.Planned{Joint: m.ID})
	}
	first := mo.Rides[0]
	dir := geom.FromArray(mo.Direction)
	fits := func(o, z geom.Vec) bool {
		if z.Cross(dir).Norm() > 1e-5 {
			return false
		}
		return mo.Kind == "slide" || o.Sub(geom.FromArray(mo.Point)).Reject(dir).Norm() < 1e-3
	}
	motion := assembly.Planned{Component: first, Motion: mo.Kind}
	add := func(r assembly.Ref) {
		p := motion
		p.Ref = &r
		tries = append(tries, p)
	}
	for _, m := range a.Mates {
		for _, r := range []assembly.Ref{m.A, m.B} {
			if rides[r.Head()] {
				continue // the motion is relative to what stands
			}
			chain, f, err := doc.Lookup(a, r)
			if err != nil || len(chain) > 1 || !f.HasDirection() {
				continue
			}
			if len(chain) == 1 {
				f = f.At(poseOf(res, chain[0].Name))
			}
			if fits(f.O, f.Z) {
				add(r)
			}
		}
	}
	for _, n := range []string{"x", "y", "z"} {
		if mo.Kind == "slide" || geom.FromArray(mo.Point).Norm() < 1e-9 {
			add(assembly.Ref{Feature: n})
		}
	}
	for i, p := range tries {
		if i > 60 {
			break
		}
		with := *a
		with.Planned = append(append([]assembly.Planned(nil), a.Planned...), p)
		now, err := checkOnly(doc, root, &with)
		if err == nil && now.Planned == res.Planned+1 && len(now.BlockedBy) <= len(res.BlockedBy) && now.Loose < res.Loose {
			return p, nil
		}
	}
	return assembly.Planned{}, fmt.Errorf("no feature stands for this motion; relate %s to something first", first)
}

func poseOf(r *account.Result, name string) geom.Pose {
	p := r.At(name).Pose
	q := p.Quaternion
	return geom.Pose{O: geom.FromArray(p.Origin), Q: geom.Quat{W: q[0], X: q[1], Y: q[2], Z: q[3]}}
}
