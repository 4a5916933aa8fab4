package seat

import (
	"context"
	"fmt"
	"math"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/report"
	"setfast/core/tol"
)

// Mean finds how to declare a motion that is left as one that is wanted: by a joint's coordinate where a joint carries it,
// else as a turn or slide of the first moving component by a feature on its axis. What it returns has been tried.
func Mean(ctx context.Context, acc *account.Account, k int) (assembly.Planned, error) {
	res, study := acc.Root, acc.Study(ctx)
	if k < 0 || k >= len(res.Motions) {
		return assembly.Planned{}, fmt.Errorf("there is no such motion any more")
	}
	mo := res.Motions[k]
	a := study.Asm
	rides := map[string]bool{}
	for _, r := range mo.Rides {
		rides[r] = true
	}
	type try struct {
		p       assembly.Planned
		accepts func(now *report.Result) bool // the check with it finds what was meant
	}
	var tries []try
	one := func(now *report.Result) bool { return now.Planned == res.Planned+1 }
	dir := geom.FromArray(mo.Direction)
	same := func(now *report.Result) bool {
		for _, m := range now.Motions {
			if m.Class == report.Planned && m.Kind == mo.Kind && math.Abs(geom.FromArray(m.Direction).Dot(dir)) > 1-tol.SameAxis {
				return one(now)
			}
		}
		return false
	}
	var whole []try // tried last: they declare more than this motion
	for _, m := range a.Mates {
		t := m.Descriptor()
		if t.Family != relation.Joint || !rides[m.A.Head()] && !rides[m.B.Head()] || !res.Mates[m.ID].InForce {
			continue
		}
		if !slices.ContainsFunc(a.Planned, func(p assembly.Planned) bool { return p.Joint == m.ID }) {
			tries = append(tries, try{assembly.Planned{Joint: m.ID}, one})
		}
		for _, of := range t.Swings(string(mo.Kind)) {
			tries = append(tries, try{assembly.Planned{Joint: m.ID, Of: of}, same})
		}
		if t.Ball { // it has no coordinates to choose from
			whole = append(whole, try{assembly.Planned{Joint: m.ID}, func(now *report.Result) bool { return now.Planned > res.Planned }})
		}
	}
	first := mo.Rides[0]
	fits := func(o, z geom.Vec) bool {
		if z.Cross(dir).Norm() > tol.FitDirection {
			return false
		}
		return mo.Kind == report.Slide || o.Sub(geom.FromArray(mo.Point)).Reject(dir).Norm() < tol.FitPlace
	}
	motion := assembly.Planned{Component: first, Motion: string(mo.Kind)}
	add := func(r assembly.Ref) {
		p := motion
		p.Ref = &r
		tries = append(tries, try{p, one})
	}
	for _, m := range a.Mates {
		for _, r := range []assembly.Ref{m.A, m.B} {
			if rides[r.Head()] {
				continue // the motion is relative to what stands
			}
			chain, f, err := study.Doc.Lookup(a, r)
			if err != nil || len(chain) > 1 || !f.HasDirection() {
				continue
			}
			if len(chain) == 1 {
				f = f.At(res.At(chain[0].Name).Pose)
			}
			if fits(f.O, f.Z) {
				add(r)
			}
		}
	}
	for _, n := range []string{"x", "y", "z"} {
		if mo.Kind == report.Slide || geom.FromArray(mo.Point).Norm() < tol.AtOrigin {
			add(assembly.Ref{Feature: n})
		}
	}
	for i, t := range append(tries, whole...) {
		if i > 60 || ctx.Err() != nil {
			break
		}
		now := study.Planning(append(slices.Clone(a.Planned), t.p))
		if t.accepts(now) && len(now.BlockedBy) <= len(res.BlockedBy) && now.Loose < res.Loose {
			return t.p, nil
		}
	}
	if ctx.Err() != nil {
		return assembly.Planned{}, context.Cause(ctx)
	}
	if mo.Kind == report.Screw {
		return assembly.Planned{}, fmt.Errorf("no joint carries this screw motion; give %s a helical joint in place of its other relations", first)
	}
	return assembly.Planned{}, fmt.Errorf("no feature stands for this motion; relate %s to something first", first)
}
