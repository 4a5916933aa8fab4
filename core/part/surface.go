package part

import (
	"math"

	"setfast/core/geom"
)

// Chord is how far triangles may be off the shape they are drawn of, in parts of its diagonal; see kernel/occt.
const Chord = 0.0012

// Surface is a feature with where it ends on the part: what a feature alone does not tell. All in the part's own frame, mm.
type Surface struct {
	Name string
	Feature
	Triangles []geom.Vec   // of a face, three corners each; an edge has none, nor has a part without a shape
	Border    [][]geom.Vec // of a flat face: its edges, by points on them
	From, To  float64      // of a round face: where it begins and ends along Z, seen from O
	Low, High geom.Vec     // its box
}

// Spread makes the box and the ends along the axis from points of the surface.
func (s *Surface) Spread(points []geom.Vec) {
	s.Low, s.High = geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	s.From, s.To = math.Inf(1), math.Inf(-1)
	for _, p := range points {
		s.Low, s.High = s.Low.Least(p), s.High.Most(p)
		if s.IsAxis() {
			along := p.Sub(s.O).Dot(s.Z)
			s.From, s.To = math.Min(s.From, along), math.Max(s.To, along)
		}
	}
}

// Box is the least box that holds all surfaces; empty ones give none.
func Box(all []Surface) (low, high geom.Vec, ok bool) {
	low, high = geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	for i := range all {
		low, high = low.Least(all[i].Low), high.Most(all[i].High)
	}
	return low, high, low.X <= high.X
}

// guessed is how many points stand for a round edge.
const guessed = 12

// Outline guesses where the listed features of a part without a shape end: a face reaches as far as the part's features do, a round
// face and a straight edge as far as they do along it. It is too wide rather than too narrow.
func (p *Part) Outline() []Surface {
	var marks []geom.Vec
	for _, n := range p.Order {
		marks = append(marks, p.Features[n].marks()...)
	}
	out := make([]Surface, 0, len(p.Order))
	for _, n := range p.Order {
		s := Surface{Name: n, Feature: p.Features[n]}
		switch s.Kind {
		case Plane:
			s.flat(marks)
		case Circle, Sphere, Point, Frame:
			s.Spread(s.marks())
		default:
			s.round(marks)
		}
		out = append(out, s)
	}
	return out
}

// marks are points that the part reaches for sure, since the feature is there.
func (f Feature) marks() []geom.Vec {
	out := []geom.Vec{f.O}
	switch f.Kind {
	case Circle, Cylinder:
		fr := f.AsFrame()
		for k := range guessed {
			s, c := math.Sincos(2 * math.Pi * float64(k) / guessed)
			out = append(out, f.O.AddScaled(c*f.Radius, fr.X).AddScaled(s*f.Radius, fr.Y))
		}
	case Sphere:
		for _, d := range [3]geom.Vec{ex, ey, ez} {
			out = append(out, f.O.AddScaled(f.Radius, d), f.O.AddScaled(-f.Radius, d))
		}
	}
	return out
}

// flat spreads a face over what the part's features reach in it: as a rectangle of two triangles.
func (s *Surface) flat(marks []geom.Vec) {
	fr := s.AsFrame()
	lo, hi := [2]float64{}, [2]float64{}
	for _, m := range marks {
		for k, d := range [2]geom.Vec{fr.X, fr.Y} {
			along := m.Sub(s.O).Dot(d)
			lo[k], hi[k] = math.Min(lo[k], along), math.Max(hi[k], along)
		}
	}
	at := func(x, y float64) geom.Vec { return s.O.AddScaled(x, fr.X).AddScaled(y, fr.Y) }
	a, b, c, d := at(lo[0], lo[1]), at(hi[0], lo[1]), at(hi[0], hi[1]), at(lo[0], hi[1])
	s.Triangles = []geom.Vec{a, b, c, a, c, d}
	s.Spread(s.Triangles)
}

// round spreads a round face, or an edge, along its axis over what the part's features reach.
func (s *Surface) round(marks []geom.Vec) {
	lo, hi := 0.0, 0.0
	for _, m := range marks {
		along := m.Sub(s.O).Dot(s.Z)
		lo, hi = math.Min(lo, along), math.Max(hi, along)
	}
	var ends []geom.Vec
	for _, along := range [2]float64{lo, hi} {
		f := s.Feature
		f.O = f.O.AddScaled(along, f.Z)
		ends = append(ends, f.marks()...)
	}
	s.Spread(ends)
	s.From, s.To = lo, hi
}

// Border gives the edges of a flat face by its name.
func Border(all []Surface, name string) [][]geom.Vec {
	for i := range all {
		if all[i].Name == name {
			return all[i].Border
		}
	}
	return nil
}
