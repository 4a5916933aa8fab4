package seat

import (
	"context"
	"fmt"
	"math"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/motion"
	"setfast/core/relation"
	"setfast/core/report"
	"setfast/core/tol"
)

// mostDeclared is how many declarations are tried.
const mostDeclared = 60

// meaning looks for a declaration of one motion that is left.
type meaning struct {
	res   *report.Result
	study *motion.Study
	mo    report.Motion
	rides map[string]bool
	dir   geom.Vec
	tries []declaration
	whole []declaration // tried last: they declare more than this motion
}

// declaration is a planned motion that may be what is meant.
type declaration struct {
	p       assembly.Planned
	accepts func(now *report.Result) bool // the check with it finds what was meant
}

// Mean finds how to declare a motion that is left as one that is wanted: by a joint's coordinate where a joint carries it,
// else as a turn or slide of the first moving component by a feature on its axis. What it returns has been tried.
func Mean(ctx context.Context, acc *account.Account, k int) (assembly.Planned, error) {
	res := acc.Root
	if k < 0 || k >= len(res.Motions) {
		return assembly.Planned{}, fmt.Errorf("there is no such motion any more")
	}
	m := &meaning{res: res, study: acc.Study(ctx), mo: res.Motions[k], rides: map[string]bool{}, dir: geom.FromArray(res.Motions[k].Direction)}
	for _, r := range m.mo.Rides {
		m.rides[r] = true
	}
	m.byJoints()
	m.byFeatures()
	for i, t := range append(m.tries, m.whole...) {
		if i > mostDeclared || ctx.Err() != nil {
			break
		}
		now := m.study.Planning(append(slices.Clone(m.study.Asm.Planned), t.p))
		if t.accepts(now) && len(now.BlockedBy) <= len(res.BlockedBy) && now.Loose < res.Loose {
			return t.p, nil
		}
	}
	if ctx.Err() != nil {
		return assembly.Planned{}, context.Cause(ctx)
	}
	first := m.mo.Rides[0]
	if m.mo.Kind == report.Screw {
		return assembly.Planned{}, fmt.Errorf("no joint carries this screw motion; give %s a helical joint in place of its other relations", first)
	}
	return assembly.Planned{}, fmt.Errorf("no feature stands for this motion; relate %s to something first", first)
}

// one accepts that just one more motion counts as planned.
func (m *meaning) one(now *report.Result) bool { return now.Planned == m.res.Planned+1 }

// same accepts that it is this one.
func (m *meaning) same(now *report.Result) bool {
	for _, k := range now.Motions {
		if k.Class == report.Planned && k.Kind == m.mo.Kind && math.Abs(geom.FromArray(k.Direction).Dot(m.dir)) > 1-tol.SameAxis {
			return m.one(now)
		}
	}
	return false
}

// byJoints tries joints that what moves is held by: whole, and by the coordinates that swing like the motion.
func (m *meaning) byJoints() {
	a := m.study.Asm
	for _, j := range a.Mates {
		t := j.Descriptor()
		if t.Family != relation.Joint || !m.rides[j.A.Head()] && !m.rides[j.B.Head()] || !m.res.Mates[j.ID].InForce {
			continue
		}
		if !slices.ContainsFunc(a.Planned, func(p assembly.Planned) bool { return p.Joint == j.ID }) {
			m.tries = append(m.tries, declaration{assembly.Planned{Joint: j.ID}, m.one})
		}
		for _, of := range t.Swings(string(m.mo.Kind)) {
			m.tries = append(m.tries, declaration{assembly.Planned{Joint: j.ID, Of: of}, m.same})
		}
		if t.Ball { // it has no coordinates to choose from
			m.whole = append(m.whole, declaration{assembly.Planned{Joint: j.ID}, func(now *report.Result) bool { return now.Planned > m.res.Planned }})
		}
	}
}

// byFeatures tries features of relations that lie on the motion's axis and stand, and the assembly's own axes.
func (m *meaning) byFeatures() {
	a := m.study.Asm
	for _, j := range a.Mates {
		for _, r := range []assembly.Ref{j.A, j.B} {
			if m.rides[r.Head()] {
				continue // the motion is relative to what stands
			}
			at, present, err := m.study.Feature(r)
			if err != nil || !present || len(r.Path) > 1 || !at.F.HasDirection() {
				continue
			}
			f := at.Frame
			if at.Body >= 0 {
				f = f.At(m.study.Poses[at.Body])
			}
			if m.fits(f.O, f.Z) {
				m.along(r)
			}
		}
	}
	for _, n := range []string{"x", "y", "z"} {
		if m.mo.Kind == report.Slide || geom.FromArray(m.mo.Point).Norm() < tol.AtOrigin {
			m.along(assembly.Ref{Feature: n})
		}
	}
}

// fits tells whether a line lies on the axis of the motion.
func (m *meaning) fits(o, z geom.Vec) bool {
	if z.Cross(m.dir).Norm() > tol.FitDirection {
		return false
	}
	return m.mo.Kind == report.Slide || o.Sub(geom.FromArray(m.mo.Point)).Reject(m.dir).Norm() < tol.FitPlace
}

// along tries the motion of the first component by a feature.
func (m *meaning) along(r assembly.Ref) {
	p := assembly.Planned{Component: m.mo.Rides[0], Motion: string(m.mo.Kind), Ref: &r}
	m.tries = append(m.tries, declaration{p, m.one})
}
