package relate

import (
	"cmp"
	"fmt"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/standard"
	"setfast/core/tol"
)

// significant keeps three digits.
func significant(x float64) float64 { return report.Significant(x, 3) }

// threadNear is how near a diameter must be to a nominal one, mm; common practice, no source.
const threadNear = 0.06

// hint tells what the geometry suggests beyond contact: threads, and gears in mesh.
func (s *scene) hint(f *Found) {
	for i := range s.found {
		c := &s.found[i]
		if c.class != shank {
			continue
		}
		in, hole := c.fa, c.fb
		if in.Side == "hole" {
			in, hole = hole, in
		}
		screwed := c.interference > 0 || math.Abs(in.Radius-hole.Radius) < tol.SizeForSize && (s.bodies[c.a].fastener || s.bodies[c.b].fastener)
		for _, t := range standard.Coarse() {
			if screwed && !t.Inch && math.Abs(2*in.Radius-t.D) <= threadNear {
				f.Hints = append(f.Hints, Hint{"thread", hole.ref, in.ref, fmt.Sprintf("M%s in a hole of Ø%s: likely a thread, pitch %s mm (coarse series of ISO 261)",
					part.Number(t.D), part.Number(three(2*hole.Radius)), part.Number(t.Pitch))})
			}
		}
	}
	s.gears(f)
}

// gear is a body with teeth about an axis.
type gear struct {
	body   int
	axis   part.Feature
	teeth  int
	module float64 // by its outside: two modules more than the pitch diameter (ISO 53)
	low    float64
	high   float64
}

// What counts as teeth.
const (
	fewestTeeth = 6
	mostTeeth   = 400
	tipBand     = 0.01 // of the outside radius: points that near it are on tips
	evenly      = 0.2  // of a pitch: how far a tip may be off
	inMesh      = 0.35 // of a module: how far the centre distance may be off
)

// gears hints at pairs of one module at the centre distance of their teeth.
func (s *scene) gears(f *Found) {
	var all []gear
	for b := range s.bodies {
		if g, ok := s.gear(b); ok {
			all = append(all, g)
		}
	}
	for i, g := range all {
		for _, h := range all[i+1:] {
			if math.Abs(g.axis.Z.Dot(h.axis.Z)) < 1-tol.LooksAt {
				continue
			}
			m := (g.module + h.module) / 2
			far := h.axis.O.Sub(g.axis.O).Reject(g.axis.Z).Norm()
			want := m * float64(g.teeth+h.teeth) / 2
			if math.Abs(g.module-h.module) > inMesh*m/2 || math.Abs(far-want) > inMesh*m || g.low > h.high || h.low > g.high {
				continue
			}
			f.Hints = append(f.Hints, Hint{"gears", s.bodies[g.body].name, s.bodies[h.body].name,
				fmt.Sprintf("%d and %d teeth of module %s at %s mm: in mesh, ratio −%d:%d", g.teeth, h.teeth, part.Number(math.Round(m*10)/10), part.Number(three(far)), g.teeth, h.teeth)})
		}
	}
}

// gear looks for teeth: tips evenly spaced about the axis of a round face.
func (s *scene) gear(b int) (g gear, ok bool) {
	x := &s.bodies[b]
	var axis *surface
	var points []geom.Vec
	for i := range x.surfaces {
		f := &x.surfaces[i]
		if f.Kind == part.Cylinder && f.Side == "hole" && (axis == nil || f.To-f.From > axis.To-axis.From) {
			axis = f
		}
		for _, v := range f.Triangles {
			points = append(points, f.at.Point(v))
		}
	}
	if axis == nil || len(points) < 2*fewestTeeth {
		return g, false
	}
	fr := axis.world.AsFrame()
	far := 0.0
	for _, q := range points {
		far = math.Max(far, onAxis(axis.world, q))
	}
	var tips []float64
	for _, q := range points {
		if onAxis(axis.world, q) > far*(1-tipBand) {
			d := q.Sub(axis.world.O)
			tips = append(tips, math.Atan2(d.Dot(fr.Y), d.Dot(fr.X)))
		}
	}
	n, even := spaced(tips)
	if !even {
		return g, false
	}
	g = gear{body: b, axis: axis.world, teeth: n, module: 2 * far / float64(n+2)}
	g.low, g.high = span(x.low, x.high, up(axis.world.Z))
	return g, true
}

// up is a direction or its opposite, so that opposite ones are one.
func up(d geom.Vec) geom.Vec {
	if cmp.Or(cmp.Compare(math.Round(d.Z*1e6), 0), cmp.Compare(math.Round(d.Y*1e6), 0), cmp.Compare(math.Round(d.X*1e6), 0)) < 0 {
		return d.Neg()
	}
	return d
}

// spaced counts groups of angles that are evenly spaced round a circle.
func spaced(tips []float64) (n int, even bool) {
	slices.Sort(tips)
	var gaps []float64
	widest := 0.0
	for i := range tips {
		next := tips[(i+1)%len(tips)]
		if i == len(tips)-1 {
			next += 2 * math.Pi
		}
		gaps = append(gaps, next-tips[i])
		widest = math.Max(widest, next-tips[i])
	}
	var starts []float64
	for i, g := range gaps {
		if g > widest/2 {
			starts = append(starts, tips[(i+1)%len(tips)])
		}
	}
	n = len(starts)
	if n < fewestTeeth || n > mostTeeth {
		return n, false
	}
	slices.Sort(starts)
	pitch := 2 * math.Pi / float64(n)
	for i := range starts {
		d := starts[(i+1)%n] - starts[i]
		if i == n-1 {
			d += 2 * math.Pi
		}
		if math.Abs(d-pitch) > evenly*pitch {
			return n, false
		}
	}
	return n, true
}
