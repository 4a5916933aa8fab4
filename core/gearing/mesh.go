// Package gearing tells whether and how the teeth of two wheels, or of a wheel and a rack, mesh: at which distance, and turned how far.
package gearing

import (
	"context"
	"fmt"
	"math"
	"slices"
	"strconv"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/placed"
	"setfast/core/teeth"
	"setfast/core/tol"
)

// Mesh is how two wheels, or a wheel and a rack, stand to one another.
type Mesh struct {
	A        string  `json:"a"` // parts
	B        string  `json:"b"`
	TeethA   int     `json:"teeth_a"`
	TeethB   int     `json:"teeth_b"` // 0 of a rack
	Inside   bool    `json:"inside,omitempty"`
	Module   float64 `json:"module"`
	ModuleB  float64 `json:"module_b"`
	Distance float64 `json:"distance_mm"` // of the axes, or of an axis from the rack's pitch line
	Wanted   float64 `json:"wanted_mm"`
	Off      float64 `json:"off"`      // of a pitch, from −0.5 to 0.5: how far teeth are from the middle of gaps
	Phase    float64 `json:"phase"`    // of the coupling, with which they mesh
	Ratio    string  `json:"ratio"`    // of the coupling, as it is written; of a rack its lead
	Depth    float64 `json:"depth_mm"` // how far teeth reach into one another
	Deepest  float64 `json:"deepest_mm"`
}

// Called says what it is.
func (m *Mesh) Called() string {
	if m.TeethB == 0 {
		return fmt.Sprintf("%d teeth of module %s on a rack", m.TeethA, part.Number(m.Module))
	}
	return fmt.Sprintf("%d and %d teeth of module %s", m.TeethA, m.TeethB, part.Number(m.Module))
}

// Fits tells whether distance and modules are right.
func (m *Mesh) Fits() bool {
	return teeth.Near(m.Module, m.ModuleB) && math.Abs(m.Distance-m.Wanted) <= distanceOff*m.Module
}

// distanceOff is how far the distance may be off, in modules, before teeth bind or rattle (common practice, no source).
const distanceOff = 0.05

// mostUses is how many parts an assembly may have here.
const mostUses = 100_000

// Surfaces gives the faces of a part.
type Surfaces func(part string) []part.Surface

// work is a search for teeth.
type work struct {
	doc      *assembly.Document
	a        *account.Account
	ctx      context.Context
	uses     []placed.Use
	surfaces Surfaces
}

// joint is a joint with its axis where it stands.
type joint struct {
	id     string
	bodies [2]string // of its features
	frame  geom.Frame
	now    float64
}

// Of reads the teeth that turn and slide with two joints, a by its angle, b by its angle or its slide, where the assembly of an account stands.
func Of(ctx context.Context, doc *assembly.Document, a *account.Account, idA, idB string, surfaces Surfaces) (*Mesh, error) {
	w := &work{doc: doc, a: a, ctx: ctx, surfaces: surfaces}
	w.uses, _ = placed.Uses(doc, a.Report, doc.Root, mostUses)
	ja, err := w.joint(idA, "angle")
	if err != nil {
		return nil, err
	}
	jb, err := w.joint(idB, "angle")
	if err != nil {
		if jb, err = w.joint(idB, "slide"); err != nil {
			return nil, err
		}
		return w.rack(ja, jb)
	}
	return w.wheels(ja, jb)
}

func (w *work) joint(id, of string) (j joint, err error) {
	m, now, err := w.a.Jointed(w.doc.Assemblies[w.doc.Root], id, of)
	if err != nil {
		return j, err
	}
	s := w.a.Study(w.ctx)
	for k, r := range [2]assembly.Ref{m.A, m.B} {
		f, present, err := s.Feature(r)
		if err == nil && !present {
			err = fmt.Errorf("%s is suppressed", r.Head())
		}
		if err != nil {
			return j, err
		}
		frame := f.Frame
		if f.Body >= 0 {
			j.bodies[k], frame = s.Comps[f.Body].Name, f.Frame.At(s.Poses[f.Body])
		}
		if k == 0 {
			j.frame = frame
		}
	}
	j.id, j.now = id, now
	return j, nil
}

// toothed is what has teeth on one side of a joint; the side is 1 for what moves with the second feature.
type toothed struct {
	name  string
	side  float64
	wheel teeth.Wheel
	rack  teeth.Rack
}

// find looks for teeth among the parts on either side of a joint, and what rides with them.
func (w *work) find(j joint, look func(points []geom.Vec) (toothed, bool)) (toothed, error) {
	for k := range 2 {
		body := j.bodies[1-k]
		for i := range w.uses {
			u := &w.uses[i]
			if b := u.Body(w.a.Root); b != body && !w.rides(b, body, j.bodies[k]) {
				continue
			}
			var points []geom.Vec
			for _, f := range w.surfaces(u.Part) {
				for _, p := range f.Triangles {
					points = append(points, u.Pose.Point(p))
				}
			}
			if t, ok := look(points); ok {
				t.name, t.side = u.Name(), 1-2*float64(k)
				return t, nil
			}
		}
	}
	return toothed{}, fmt.Errorf("no part that moves with %s has teeth that can be counted; say how many there are", j.id)
}

// rides tells whether a body moves with one side of a joint and not with the other.
func (w *work) rides(body, with, without string) bool {
	for _, m := range w.a.Root.Motions {
		if slices.Contains(m.Rides, body) && slices.Contains(m.Rides, with) && !slices.Contains(m.Rides, without) {
			return true
		}
	}
	return false
}

// whole is a part of a pitch, brought to within half a pitch.
func whole(x float64) float64 { return x - math.Round(x) }

func micro(x float64) float64 { return math.Round(x*1e6)/1e6 + 0 }

// wheels are two wheels. Seen along one axis, a tooth of the first stands u pitches beyond the line of centres, one of the second v beyond the same line
// seen from its own centre; they mesh where u + v is a half and any whole number: a tooth of one in a gap of the other. In a ring both turn the same
// way, and u − v counts.
func (w *work) wheels(ja, jb joint) (*Mesh, error) {
	z := ja.frame.Z
	if math.Abs(z.Dot(jb.frame.Z)) < 1-tol.LooksAt {
		return nil, fmt.Errorf("the axes of %s and %s do not run along each other; teeth of bevel and worm gears are not read", ja.id, jb.id)
	}
	line := jb.frame.O.Sub(ja.frame.O).Reject(z)
	far := line.Norm()
	if far < tol.NoDistance {
		return nil, fmt.Errorf("%s and %s have one axis", ja.id, jb.id)
	}
	x := line.Scale(1 / far)
	wheel := func(o, x geom.Vec) func([]geom.Vec) (toothed, bool) {
		return func(p []geom.Vec) (t toothed, ok bool) {
			t.wheel, ok = teeth.WheelOf(p, geom.Frame{O: o, X: x, Y: z.Cross(x), Z: z})
			return t, ok
		}
	}
	a, err := w.find(ja, wheel(ja.frame.O, x))
	if err != nil {
		return nil, err
	}
	b, err := w.find(jb, wheel(jb.frame.O, x.Neg()))
	if err != nil {
		return nil, err
	}
	wa, wb := a.wheel, b.wheel
	m := &Mesh{A: a.name, B: b.name, TeethA: wa.Teeth, TeethB: wb.Teeth, Module: wa.Module, ModuleB: wb.Module, Distance: micro(far), Deepest: teeth.Deepest(wa.Module)}
	if m.Inside = wa.Inside != wb.Inside; wa.Inside && wb.Inside {
		return nil, fmt.Errorf("%s and %s are rings both", a.name, b.name)
	}
	mean := (wa.Module + wb.Module) / 2
	u, v := wa.Phase*float64(wa.Teeth)/(2*math.Pi), wb.Phase*float64(wb.Teeth)/(2*math.Pi)
	sense := -1.0
	if m.Inside {
		big, small := wa, wb
		if wb.Inside { // the pinion meets the ring on the side that looks away from the ring's centre
			big, small = wb, wa
			u += float64(wa.Teeth) / 2
		} else {
			v += float64(wb.Teeth) / 2
		}
		m.Wanted = micro(mean * float64(big.Teeth-small.Teeth) / 2)
		m.Depth = micro(far + small.Tip - big.Tip)
		m.Off, sense = micro(whole(u-v-0.5)), 1
	} else {
		m.Wanted = micro(mean * float64(wa.Teeth+wb.Teeth) / 2)
		m.Depth = micro(wa.Tip + wb.Tip - far)
		m.Off = micro(whole(u + v - 0.5))
	}
	turn := sense * m.Off * 360 / float64(wb.Teeth) // of the second wheel about z, so that they mesh
	same := math.Copysign(1, z.Dot(jb.frame.Z))
	ratio := sense * float64(wa.Teeth) / float64(wb.Teeth) * a.side * b.side * same // of the joints' angles
	sign := ""
	if ratio < 0 {
		sign = "-"
	}
	m.Ratio = fmt.Sprintf("%s%d / %d", sign, wa.Teeth, wb.Teeth)
	m.Phase = micro(jb.now + turn*b.side*same - ratio*ja.now)
	return m, nil
}

// rack is a wheel on a rack: a tooth of the wheel stands s beyond the foot of its axis along the pitch line, one of the rack t; they mesh where s − t
// is half a pitch and any whole number of them.
func (w *work) rack(ja, jb joint) (*Mesh, error) {
	z, along := ja.frame.Z, jb.frame.Z
	if math.Abs(z.Dot(along)) > tol.FitDirection {
		return nil, fmt.Errorf("%s does not slide square to the axis of %s", jb.id, ja.id)
	}
	down := z.Cross(along).Unit()
	var rack toothed
	var err error
	for _, way := range [2]geom.Vec{down, down.Neg()} { // the rack looks to the wheel from one side or the other
		tangent := z.Cross(way)
		rack, err = w.find(jb, func(p []geom.Vec) (t toothed, ok bool) {
			t.rack, ok = teeth.RackOf(p, ja.frame.O, tangent, way.Neg())
			return t, ok && t.rack.Tip < 0
		})
		if err == nil {
			down = way
			break
		}
	}
	if err != nil {
		return nil, err
	}
	a, err := w.find(ja, func(p []geom.Vec) (t toothed, ok bool) {
		t.wheel, ok = teeth.WheelOf(p, geom.Frame{O: ja.frame.O, X: down, Y: z.Cross(down), Z: z})
		return t, ok && !t.wheel.Inside
	})
	if err != nil {
		return nil, err
	}
	wa, r := a.wheel, rack.rack
	pitch := math.Pi * r.Module
	m := &Mesh{A: a.name, B: rack.name, TeethA: wa.Teeth, Module: wa.Module, ModuleB: r.Module, Deepest: teeth.Deepest(wa.Module)}
	m.Distance = micro(-r.Tip + r.Module)
	m.Wanted = micro(wa.Module * float64(wa.Teeth) / 2)
	m.Depth = micro(wa.Tip + r.Tip)
	m.Off = micro(whole(wa.Phase*float64(wa.Teeth)/(2*math.Pi) - r.Phase/pitch - 0.5))
	tangent := z.Cross(down)
	same := math.Copysign(1, tangent.Dot(along))
	lead := pitch * float64(wa.Teeth) * a.side * rack.side * same
	m.Ratio = strconv.FormatFloat(micro(lead), 'f', -1, 64)
	slide := m.Off * pitch * rack.side * same
	m.Phase = micro(jb.now + slide - lead*ja.now/360)
	return m, nil
}
