package cam

import (
	"cmp"
	"context"
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/placed"
	"setfast/core/tol"
)

// Said is what a law is asked for with: the joint that turns the cam, the one its follower slides in, the flat face whose edge is the
// cam's, and what of the follower touches it.
type Said struct {
	Turn, Slide string
	Face, Tip   assembly.Ref
}

// Law is what a follower does on a cam.
type Law struct {
	Profile [][2]float64 `json:"profile"`   // the slide, mm, by the angle of the joint, degrees, from 0
	Tip     string       `json:"tip"`       // flat, roller or point
	Radius  float64      `json:"radius_mm"` // of a roller
	Low     float64      `json:"from_mm"`   // of the slide: its limits
	High    float64      `json:"to_mm"`
	Stroke  float64      `json:"stroke_mm"`
	Rest    float64      `json:"rest_mm"` // of the slide: where a spring that presses the follower on the cam brings it nearest to the cam's axis
	RestAt  float64      `json:"rest_at_deg"`
	LowAt   float64      `json:"from_at_deg"`
	HighAt  float64      `json:"to_at_deg"`
	Gap     float64      `json:"gap_mm"` // how far the follower stands off the cam as it is; less than nothing where it goes in
}

// Called says how the follower touches.
func (l *Law) Called() string {
	switch l.Tip {
	case "flat":
		return "a flat follower"
	case "roller":
		return "a follower round with Ø" + part.Number(2*l.Radius)
	}
	return "a pointed follower"
}

// Border gives the edges of a flat face of a part, by points on them in the part's frame.
type Border func(part, face string) [][]geom.Vec

// sameDegree, °: points of a profile this near are one.
const sameDegree = 1e-6

// sameLift, mm: lifts this near are one.
const sameLift = 1e-6

// mostUses is how many parts an assembly may have here.
const mostUses = 100_000

// Of works the law of a cam out where the assembly of an account stands. The cam's joint and the follower's must stand on one base.
func Of(ctx context.Context, doc *assembly.Document, a *account.Account, say Said, border Border) (*Law, error) {
	w := &work{ctx: ctx, doc: doc, a: a}
	turn, err := w.joint(say.Turn, "angle")
	if err != nil {
		return nil, err
	}
	slide, err := w.joint(say.Slide, "slide")
	if err != nil {
		return nil, err
	}
	face, err := w.feature(say.Face)
	if err != nil {
		return nil, err
	}
	tip, err := w.feature(say.Tip)
	if err != nil {
		return nil, err
	}
	camSide, err := w.side(turn, face, say.Face)
	if err != nil {
		return nil, err
	}
	tipSide, err := w.side(slide, tip, say.Tip)
	if err != nil {
		return nil, err
	}
	z := turn.frame.Z
	if face.f.Kind != part.Plane || math.Abs(face.f.Z.Dot(z)) < 1-tol.LooksAt {
		return nil, fmt.Errorf("%s is no flat face square to the axis of %s, so its edge is no cam's", say.Face, say.Turn)
	}
	d := slide.along
	if math.Abs(d.Dot(z)) > tol.FitDirection {
		return nil, fmt.Errorf("%s does not slide square to the axis of %s", say.Slide, say.Turn)
	}
	d = d.Reject(z).Unit()
	out := math.Copysign(1, tip.f.O.Sub(turn.frame.O).Dot(d)) // the follower stands on this side of the axis
	u := d.Scale(out)
	t, err := touches(tip.f, say.Tip, u, z)
	if err != nil {
		return nil, err
	}
	from := tip.f.O.Sub(turn.frame.O)
	t.Offset = from.Dot(z.Cross(u))
	edges := w.edges(say.Face, border)
	if len(edges) == 0 {
		return nil, fmt.Errorf("the shape of %s is not known, so its edge is not either; write the lifts", say.Face)
	}
	outline := Outline(edges, turn.frame.O, u, z)
	lifts, err := Lifts(outline, t)
	if err != nil {
		return nil, err
	}
	l := &Law{Tip: "point", Radius: t.Radius, Gap: micro(from.Dot(u) - lifts[0][1])}
	switch {
	case t.Flat:
		l.Tip = "flat"
	case t.Radius > 0:
		l.Tip = "roller"
	}
	nearest := math.Inf(1)
	for _, p := range lifts {
		if p[1] < nearest-sameLift {
			nearest = p[1]
			l.RestAt, l.Rest = turned(turn.now+camSide*p[0]), micro(slide.now+tipSide*out*(p[1]-from.Dot(u)))
		}
		l.Profile = append(l.Profile, [2]float64{turned(turn.now + camSide*p[0]), micro(slide.now + tipSide*out*(p[1]-from.Dot(u)))})
	}
	l.order()
	return l, nil
}

// order sorts the profile by angle and finds its ends.
func (l *Law) order() {
	slices.SortFunc(l.Profile, func(a, b [2]float64) int { return cmp.Compare(a[0], b[0]) })
	l.Profile = slices.CompactFunc(l.Profile, func(a, b [2]float64) bool { return math.Abs(a[0]-b[0]) < sameDegree })
	l.Low, l.High = math.Inf(1), math.Inf(-1)
	for _, p := range l.Profile {
		if p[1] < l.Low {
			l.Low, l.LowAt = p[1], p[0]
		}
		if p[1] > l.High {
			l.High, l.HighAt = p[1], p[0]
		}
	}
	l.Stroke = micro(l.High - l.Low)
}

func micro(x float64) float64 { return math.Round(x*1e6)/1e6 + 0 }

// turned is an angle from 0 to 360.
func turned(deg float64) float64 {
	deg = micro(math.Mod(deg, 360))
	if deg < 0 {
		deg += 360
	}
	if deg >= 360 {
		deg = 0
	}
	return deg
}

// touches tells how a feature of the follower meets a cam.
func touches(f part.Feature, ref assembly.Ref, u, z geom.Vec) (t Tip, err error) {
	switch f.Kind {
	case part.Plane:
		if math.Abs(f.Z.Dot(u)) < 1-tol.LooksAt {
			return t, fmt.Errorf("%s is a flat that is not square to the way it slides", ref)
		}
		t.Flat = true
	case part.Cylinder, part.Circle:
		if math.Abs(f.Z.Dot(z)) < 1-tol.LooksAt {
			return t, fmt.Errorf("%s is a roller whose axis does not run along the cam's", ref)
		}
		t.Radius = f.Radius
	case part.Sphere:
		t.Radius = f.Radius
	}
	return t, nil
}

// work reads an account.
type work struct {
	ctx context.Context
	doc *assembly.Document
	a   *account.Account
}

// here is a feature where it stands.
type here struct {
	body  string
	f     part.Feature
	frame geom.Frame
}

func (w *work) feature(r assembly.Ref) (here, error) {
	s := w.a.Study(w.ctx)
	f, present, err := s.Feature(r)
	if err == nil && !present {
		err = fmt.Errorf("%s is suppressed", r.Head())
	}
	if err != nil {
		return here{}, err
	}
	if f.Body < 0 {
		return here{"", f.F, f.Frame}, nil
	}
	p := s.Poses[f.Body]
	return here{s.Comps[f.Body].Name, f.F.At(p), f.Frame.At(p)}, nil
}

// jointed is a joint where it stands.
type jointed struct {
	id    string
	a, b  here
	frame geom.Frame // of a
	along geom.Vec   // of its slide
	now   float64
}

func (w *work) joint(id, of string) (j jointed, err error) {
	m, now, err := w.a.Jointed(w.doc.Assemblies[w.doc.Root], id, of)
	if err != nil {
		return j, err
	}
	if j.a, err = w.feature(m.A); err != nil {
		return j, err
	}
	if j.b, err = w.feature(m.B); err != nil {
		return j, err
	}
	j.id, j.frame, j.along, j.now = id, j.a.frame, j.a.frame.Z, now
	if m.Type == "pin_slot" {
		j.along = j.a.frame.X
	}
	return j, nil
}

// side is 1 for what moves with a joint's second feature, -1 for what moves with its first.
func (w *work) side(j jointed, x here, ref assembly.Ref) (float64, error) {
	switch x.body {
	case j.b.body:
		return 1, nil
	case j.a.body:
		return -1, nil
	}
	for _, m := range w.a.Root.Motions { // what is held to one of the two rides with it
		rides := func(body string) bool { return slices.Contains(m.Rides, body) }
		if a, b := rides(j.a.body), rides(j.b.body); a != b {
			if rides(x.body) == b {
				return 1, nil
			}
			return -1, nil
		}
	}
	return 0, fmt.Errorf("%s moves with neither side of %s", ref, j.id)
}

// edges are those of a face where it stands.
func (w *work) edges(r assembly.Ref, border Border) (out [][]geom.Vec) {
	name := strings.Join(r.Path, "/")
	uses, _ := placed.Uses(w.doc, w.a.Report, w.doc.Root, mostUses)
	for i := range uses {
		u := &uses[i]
		if u.Name() != name {
			continue
		}
		for _, e := range border(u.Part, r.Feature) {
			at := make([]geom.Vec, len(e))
			for k, p := range e {
				at[k] = u.Pose.Point(p)
			}
			out = append(out, at)
		}
	}
	return out
}
