package seat

import (
	"context"
	"math"

	"setfast/core/account"
	"setfast/core/geom"
	"setfast/core/motion"
	"setfast/core/part"
	"setfast/core/solve"
	"setfast/core/tol"
)

// WayIn is how a component came to its seat: drawn back along the direction it clears what it sits on. It is read off its relations, and
// meets no clash test: an axis that it shares with what it sits on, on the side where its middle is, or else out of the face it lies on.
type WayIn struct {
	Dir geom.Vec // unit, in the assembly's frame
	On  []string // what it sits on
}

// WaysIn finds the ways of all components that have one. Each sits on what is before it in build order.
func WaysIn(ctx context.Context, a *account.Account) map[string]WayIn {
	s := a.Study(ctx)
	out := map[string]WayIn{}
	on := map[string][]string{}
	faces := map[string]bool{} // ways out of faces give way to axes
	for _, i := range s.Rels {
		r := s.Sys.Rels[i]
		if r.IsCoupling() {
			continue
		}
		mine, other := r.B, r.A
		if r.A.Body > r.B.Body {
			mine, other = r.A, r.B
		}
		if mine.Body < 0 || other.Body < 0 || s.Sys.Bodies[mine.Body].Fixed {
			continue
		}
		name := s.Comps[mine.Body].Name
		on[name] = append(on[name], s.Comps[other.Body].Name)
		dir, face, ok := wayOf(s, &mine, &other)
		if !ok {
			continue
		}
		old, had := out[name]
		switch {
		case had && (face || !faces[name]): // the first axis counts, before it the first face
			if !faces[name] && face && math.Abs(old.Dir.Dot(dir)) > tol.SeatedSquare { // a face across the axis tells the side
				old.Dir = old.Dir.Scale(math.Copysign(1, old.Dir.Dot(dir)))
				out[name] = old
			}
			continue
		case had && math.Abs(old.Dir.Dot(dir)) > tol.SeatedSquare:
			dir = dir.Scale(math.Copysign(1, old.Dir.Dot(dir)))
		}
		out[name], faces[name] = WayIn{Dir: dir}, face
	}
	for name, w := range out {
		w.On = on[name]
		out[name] = w
	}
	return out
}

// wayOf is the way out of one feature, in the assembly's frame.
func wayOf(s *motion.Study, mine, other *solve.Feat) (dir geom.Vec, face, ok bool) {
	at, here := s.Poses[other.Body], s.Poses[mine.Body]
	z := at.Dir(other.Frame.Z)
	if other.F.Kind == part.Plane {
		out := mine.F.Kind != part.Plane || here.Dir(mine.Frame.Z).Dot(z) < 0 // level faces tell nothing
		return z, true, out
	}
	if !other.F.HasAxis() || !mine.F.HasAxis() {
		return dir, false, false
	}
	if n, found := faceAt(s.PartOf(other.Body), other.F); found {
		return at.Dir(n), false, true
	}
	if head := headOf(s.PartOf(mine.Body), mine.F); head != 0 {
		return here.Dir(mine.F.Z).Scale(head), false, true
	}
	middle := here.Point(s.Sys.Bodies[mine.Body].Centre)
	if middle.Sub(at.Point(other.Frame.O)).Dot(z) < 0 {
		z = z.Neg()
	}
	return z, false, true
}

// faceAt finds the face that a rim lies in: what sits on the rim came from the side to which that face looks.
func faceAt(p *part.Part, rim part.Feature) (normal geom.Vec, found bool) {
	if p == nil || rim.Kind != part.Circle {
		return normal, false
	}
	for _, name := range p.Order {
		f := p.Features[name]
		if f.Kind == part.Plane && f.Z.Cross(rim.Z).Norm() < tol.ParallelFaces && math.Abs(rim.O.Sub(f.O).Dot(f.Z)) < tol.SameRadius {
			return f.Z, true
		}
	}
	return normal, false
}

// headOf tells at which end of an axis a part is thickest: 1 where the axis points, −1 at the other, 0 where neither. With its head behind
// it a screw goes in.
func headOf(p *part.Part, axis part.Feature) float64 {
	if p == nil {
		return 0
	}
	thick, lo, hi := 0.0, math.Inf(1), math.Inf(-1)
	var heads []float64
	for _, name := range p.Order {
		f := p.Features[name]
		if f.Kind != part.Circle || f.Z.Cross(axis.Z).Norm() > tol.ParallelFaces || f.O.Sub(axis.O).Reject(axis.Z).Norm() > tol.SameRadius {
			continue
		}
		h := f.O.Sub(axis.O).Dot(axis.Z)
		lo, hi = math.Min(lo, h), math.Max(hi, h)
		switch {
		case f.Radius > thick+tol.SameRadius:
			thick, heads = f.Radius, []float64{h}
		case f.Radius > thick-tol.SameRadius:
			heads = append(heads, h)
		}
	}
	sum := 0.0
	for _, h := range heads {
		sum += h - (lo+hi)/2
	}
	switch most := (hi - lo) * float64(len(heads)) / 4; {
	case !(most > 0) || math.Abs(sum) < most:
		return 0
	case sum < 0:
		return -1
	}
	return 1
}
