package kernel

import (
	"fmt"
	"math"
	"slices"
	"sort"

	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// hints tell features apart that are of one kind and size: where a face looks and how large it is, which hole of how many, which rim of
// which hole, and whether a rim is that of a chamfer. They are said in the part's own frame, x to the right, y to the back, z up.
func (p *Part) hints(fs map[string]part.Feature, same map[string]string) map[string]string {
	out := map[string]string{}
	p.faceHints(out)
	holes := p.holeHints(fs, same, out)
	p.rimHints(fs, holes, p.threadHints(out), out)
	return out
}

// sides are the six directions a face may look in, as they are called.
var sides = []struct {
	dir  geom.Vec
	name string
}{{geom.V(0, 0, 1), "top"}, {geom.V(0, 0, -1), "underside"}, {geom.V(1, 0, 0), "right"}, {geom.V(-1, 0, 0), "left"}, {geom.V(0, 1, 0), "back"}, {geom.V(0, -1, 0), "front"}}

// side names a direction, where it is one of the six.
func side(d geom.Vec) string {
	for _, s := range sides {
		if d.Dot(s.dir) > 1-1e-6 {
			return s.name
		}
	}
	return "slanted"
}

func (p *Part) faceHints(out map[string]string) {
	twice := map[string][]int{}
	for i := range p.Faces {
		f := &p.Faces[i]
		if f.Kind != "plane" {
			continue
		}
		w, h := p.faceSize(i)
		hint := side(f.Normal)
		if w > 0 {
			hint += fmt.Sprintf(", %s × %s", part.Number(tenth(w)), part.Number(tenth(h)))
		}
		out[name('f', i)] = hint
		twice[hint] = append(twice[hint], i)
	}
	for _, list := range twice { // alike in size and direction: told by their height
		if len(list) < 2 {
			continue
		}
		for _, i := range list {
			f := &p.Faces[i]
			out[name('f', i)] += " at " + part.Number(tenth(f.At.Dot(f.Normal)))
		}
	}
}

func tenth(x float64) float64 { return math.Round(x*10) / 10 }

func name(kind byte, i int) string { return fmt.Sprintf("%c%d", kind, i+1) }

// faceSize is the extent of a flat face along its two axes, the larger first.
func (p *Part) faceSize(i int) (w, h float64) {
	if i >= len(p.Mesh.FaceEnds) {
		return 0, 0
	}
	fr := part.Feature{Kind: part.Plane, O: p.Faces[i].At, Z: p.Faces[i].Normal}.AsFrame()
	lo, hi := [2]float64{math.Inf(1), math.Inf(1)}, [2]float64{math.Inf(-1), math.Inf(-1)}
	for _, v := range p.Mesh.face(i) {
		for q, d := range [2]geom.Vec{fr.X, fr.Y} {
			lo[q], hi[q] = math.Min(lo[q], v.Dot(d)), math.Max(hi[q], v.Dot(d))
		}
	}
	if !(hi[0] > lo[0]) {
		return 0, 0
	}
	return math.Max(hi[0]-lo[0], hi[1]-lo[1]), math.Min(hi[0]-lo[0], hi[1]-lo[1])
}

// holeHints numbers holes, and shanks, of one size, row by row. It gives them by name.
func (p *Part) holeHints(fs map[string]part.Feature, same, out map[string]string) []string {
	alike := map[string][]string{}
	var all []string
	for i := range p.Faces {
		n := name('f', i)
		f := fs[n]
		if f.Kind != part.Cylinder || same[n] != "" {
			continue
		}
		all = append(all, n)
		alike[f.Describe()] = append(alike[f.Describe()], n)
	}
	for _, list := range alike {
		if len(list) < 2 {
			continue
		}
		sort.SliceStable(list, func(a, b int) bool {
			p, q := fs[list[a]].O, fs[list[b]].O
			if math.Abs(p.Y-q.Y) > rowApart {
				return p.Y < q.Y
			}
			if math.Abs(p.X-q.X) > rowApart {
				return p.X < q.X
			}
			return p.Z < q.Z
		})
		for k, n := range list {
			out[n] = fmt.Sprintf("%d of %d", k+1, len(list))
		}
	}
	return all
}

// rowApart, mm: holes this near to one line are in one row.
const rowApart = 1e-3

// Of a thread that is modelled, not drawn as a bare cylinder, the crests are round faces bounded by helices.
const (
	threadTurn = 0.5  // radians: a helix is followed that far at least
	threadEven = 0.02 // of its rise: how far its points may be off
)

// pitch is that of the helix which bounds a round face; none without one.
func (p *Part) pitch(i int) float64 {
	f := &p.Faces[i]
	if f.Kind != "cylinder" {
		return 0
	}
	fr := part.Feature{Kind: part.Cylinder, O: f.Origin, Z: f.Axis}.AsFrame()
	for k := range p.Edges {
		e := &p.Edges[k]
		if e.Kind != "other" || !slices.Contains(e.On, i) {
			continue
		}
		points := p.Mesh.edge(k)
		turn, last := 0.0, 0.0
		turns, up := make([]float64, len(points)), make([]float64, len(points))
		for n, q := range points {
			d := q.Sub(f.Origin)
			at := math.Atan2(d.Dot(fr.Y), d.Dot(fr.X))
			if n > 0 {
				turn += math.Remainder(at-last, 2*math.Pi)
			}
			last, turns[n], up[n] = at, turn, d.Dot(f.Axis)
		}
		if len(points) < 3 || math.Abs(turn) < threadTurn {
			continue
		}
		rise := (up[len(up)-1] - up[0]) / turn
		even := math.Abs(rise) > tol.SizeForSize
		for n := range up {
			even = even && math.Abs(up[n]-up[0]-rise*turns[n]) < threadEven*math.Abs(rise*turn)
		}
		if even {
			return 2 * math.Pi * math.Abs(rise)
		}
	}
	return 0
}

// threadHints tell the crests of threads from plain round faces. It gives the faces that are some.
func (p *Part) threadHints(out map[string]string) map[int]bool {
	threads := map[int]bool{}
	for i := range p.Faces {
		if pitch := p.pitch(i); pitch > 0 {
			threads[i] = true
			out[name('f', i)] = "thread of pitch " + part.Number(math.Round(pitch*100)/100)
		}
	}
	return threads
}

// rimHints say of which hole a rim is, and at which end; a rim that bounds a cone and no hole is that of a chamfer.
func (p *Part) rimHints(fs map[string]part.Feature, holes []string, threads map[int]bool, out map[string]string) {
	for i := range p.Edges {
		n := name('e', i)
		f := fs[n]
		if f.Kind != part.Circle {
			if slices.ContainsFunc(p.Edges[i].On, func(k int) bool { return threads[k] }) {
				out[n] = "of a thread"
			}
			continue
		}
		cone, round, thread := false, false, false
		for _, k := range p.Edges[i].On {
			if k >= 0 && k < len(p.Faces) {
				cone = cone || p.Faces[k].Kind == "cone"
				round = round || p.Faces[k].Kind == "cylinder"
				thread = thread || threads[k]
			}
		}
		hint := ""
		for _, h := range holes {
			g := fs[h]
			if !alongside(g.Z, f.Z) || f.O.Sub(g.O).Reject(g.Z).Norm() > p.exactly() || math.Abs(g.Radius-f.Radius) > p.exactly() {
				continue
			}
			hint = p.end(h, f.O)
			if out[h] != "" {
				hint += ", " + out[h]
			}
			break
		}
		switch {
		case thread:
			hint = "of a thread"
		case cone && !round:
			hint = "of a chamfer"
		case cone && hint != "":
			hint += ", where a cone begins"
		}
		if hint != "" {
			out[n] = hint
		}
	}
}

// end tells at which end of a hole or shank a place is, along the part's axis that it lies most along.
func (p *Part) end(face string, at geom.Vec) string {
	var i int
	_, _ = fmt.Sscanf(face[1:], "%d", &i)
	f := &p.Faces[i-1]
	a, b := f.Origin.AddScaled(f.From, f.Axis), f.Origin.AddScaled(f.To, f.Axis)
	out := b.Sub(a)
	if at.Sub(a).Norm() < at.Sub(b).Norm() {
		out = out.Neg()
	}
	best, most := "", 0.0
	for _, s := range sides {
		if d := out.Unit().Dot(s.dir); d > most+1e-9 {
			best, most = s.name, d
		}
	}
	if best == "underside" {
		best = "lower"
	}
	return best + " end"
}

// loneCorner tells whether a corner is none of the shape: only seams and whole circles end there.
func (p *Part) loneCorner(v geom.Vec) bool {
	any := false
	for i := range p.Edges {
		e := &p.Edges[i]
		if e.Kind == "none" || e.Start.Sub(v).Norm() > p.exactly() && e.End.Sub(v).Norm() > p.exactly() {
			continue
		}
		any = true
		if !e.Seam && !p.ofCircle(i) {
			return false
		}
	}
	return any
}

// ofCircle tells whether an edge is a whole circle, or a part of one that goes on in others all the way round.
func (p *Part) ofCircle(i int) bool {
	e := &p.Edges[i]
	if e.Kind != "circle" {
		return false
	}
	if e.Full {
		return true
	}
	turn := 0.0
	for k := range p.Edges {
		o := &p.Edges[k]
		if o.Kind == "circle" && !o.Full && o.Origin.Sub(e.Origin).Norm() < p.exactly() && math.Abs(o.Radius-e.Radius) < p.exactly() && alongside(o.Axis, e.Axis) {
			turn += arc(o)
		}
	}
	return turn > 2*math.Pi-1e-3
}

// arc is how far a part of a circle goes, in radians, the shorter way: halves and quarters are what files split circles into.
func arc(e *Edge) float64 {
	a, b := e.Start.Sub(e.Origin), e.End.Sub(e.Origin)
	return math.Atan2(a.Cross(b).Norm(), a.Dot(b))
}
