package clash

import (
	"cmp"
	"context"
	"fmt"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/par"
)

// Item is a part where it stands.
type Item struct {
	Name  string
	Solid *Solid // nil of a part without a shape
	Pose  geom.Pose
}

// Kind is what two parts are to one another.
type Kind string

// The kinds of pairs; those that are clear are not told.
const (
	Near  Kind = "near"
	Touch Kind = "touch"
	Fits  Kind = "fit"
	Clash Kind = "clash"
	Open  Kind = "undecided"
)

// Pair is two parts that are near one another or in one another.
type Pair struct {
	A         string      `json:"a"`
	B         string      `json:"b"`
	Kind      Kind        `json:"kind"`
	Depth     *float64    `json:"depth_mm,omitempty"`
	Volume    *float64    `json:"volume_mm3,omitempty"`
	Clearance *float64    `json:"clearance_mm,omitempty"`
	At        *[3]float64 `json:"at,omitempty"` // in the assembly: the deepest point, or where they are nearest
	Faces     []string    `json:"faces,omitempty"`
	Fit       string      `json:"fit,omitempty"` // the kind that is declared
	Why       string      `json:"why,omitempty"` // it is not decided
}

// Found is what looking at an assembly told.
type Found struct {
	Verdict   string   `json:"verdict"` // clash, undecided or clear
	LookedAt  int      `json:"looked_at"`
	NoShape   []string `json:"no_shape"`
	Pairs     []Pair   `json:"pairs"`
	Undecided []Pair   `json:"undecided"`
	Asked     int      `json:"-"` // how many pairs the exact shapes were asked about
}

// Asked are two solids of which the exact shapes are asked, the second standing at a pose in the frame of the first.
type Asked struct {
	A, B *Solid
	To   geom.Pose
	Near float64 // what they have in common is looked for where they are this near, mm
}

// Answer is what exact shapes tell: how far apart they are, or what they have in common.
type Answer struct {
	Distance float64
	At       geom.Vec
	Volume   float64
	Common   *Mesh
	A, B     *Fine // where they overlap
	Failed   string
}

// Exact asks the exact shapes.
type Exact func(ctx context.Context, list []Asked) ([]Answer, error)

// Options say how an assembly is looked at.
type Options struct {
	MM        float64 // what overlaps by no more only touches
	Clearance float64 // what is nearer is told
	Exact     Exact   // nil where there are none: what triangles cannot decide is left undecided
	Fits      []Fit
	Known     *Known // what was found before; nil for nothing
}

// found is what is known of two solids at a placement, seen from the first.
type found struct {
	kind     Kind
	distance float64
	depth    float64
	volume   float64
	at       geom.Vec
	faces    [2]int32
	why      string
}

// Rest looks at parts where they stand, each pair once.
func Rest(ctx context.Context, items []Item, o Options) (*Found, error) {
	out := &Found{NoShape: []string{}, Pairs: []Pair{}, Undecided: []Pair{}}
	var uses []Use
	var at []int
	for i, x := range items {
		if x.Solid == nil || x.Solid.Mesh.Empty() {
			out.NoShape = append(out.NoShape, x.Name)
			continue
		}
		uses, at = append(uses, Use{x.Solid.Mesh, x.Pose}), append(at, i)
	}
	out.LookedAt = len(uses) * (len(uses) - 1) / 2
	list := NewScene(uses).near(max(o.MM, o.Clearance) + largest(items))
	slices.SortFunc(list, func(p, q [2]int32) int { return cmp.Or(cmp.Compare(p[0], q[0]), cmp.Compare(p[1], q[1])) })
	known := o.Known
	if known == nil {
		known = NewKnown()
	}
	keys := make([]key, len(list))
	var fresh []int
	asked := map[key]bool{}
	for k, p := range list {
		a, b := &items[at[p[0]]], &items[at[p[1]]]
		keys[k] = keyOf(a, b, o)
		if !asked[keys[k]] && !known.has(keys[k]) {
			asked[keys[k]] = true
			fresh = append(fresh, k)
		}
	}
	got := make([]found, len(fresh))
	const least = 8
	par.Runs(len(fresh), least, func(_, from, to int) {
		var p pairing
		for n := from; n < to && ctx.Err() == nil; n++ {
			pair := list[fresh[n]]
			a, b := &items[at[pair[0]]], &items[at[pair[1]]]
			got[n] = decided(p.look(a.Solid, b.Solid, a.Pose.Inverse().Mul(b.Pose), o.MM, o.Clearance), a.Solid, b.Solid, o)
		}
	})
	if ctx.Err() != nil {
		return nil, context.Cause(ctx)
	}
	if err := ask(ctx, got, func(n int) (a, b *Item) {
		pair := list[fresh[n]]
		return &items[at[pair[0]]], &items[at[pair[1]]]
	}, o, &out.Asked); err != nil {
		return nil, err
	}
	for n, k := range fresh {
		known.put(keys[k], got[n])
	}
	for k, p := range list {
		a, b := &items[at[p[0]]], &items[at[p[1]]]
		f, _ := known.get(keys[k])
		out.tell(a, b, &f, o)
	}
	switch {
	case slices.ContainsFunc(out.Pairs, func(p Pair) bool { return p.Kind == Clash }):
		out.Verdict = "clash"
	case len(out.Undecided) > 0:
		out.Verdict = "undecided"
	default:
		out.Verdict = "clear"
	}
	return out, nil
}

// largest is how far boxes of triangles may be inside those of the exact shapes, twice.
func largest(items []Item) float64 {
	off := 0.0
	for _, x := range items {
		if x.Solid != nil {
			off = max(off, x.Solid.Off)
		}
	}
	return 2 * off
}

// decided tells what was seen by itself decides.
func decided(m met, a, b *Solid, o Options) found {
	f := found{distance: m.distance, at: m.at, faces: m.faces}
	switch {
	case m.crosses || m.doubtful:
		f.kind = Open
	case m.distance <= o.MM:
		f.kind = Touch
	case m.distance <= o.Clearance:
		f.kind = Near
	}
	if f.kind == Open && !(a.Closed && b.Closed) {
		open := "the second"
		if !a.Closed {
			open = "the first"
		}
		f.why = open + " is an open shell: it has no inside"
	}
	return f
}

// ask has the exact shapes of all pairs that are open.
func ask(ctx context.Context, got []found, of func(n int) (a, b *Item), o Options, count *int) error {
	var list []Asked
	var which []int
	for n := range got {
		f := &got[n]
		if f.kind != Open || f.why != "" {
			continue
		}
		a, b := of(n)
		if o.Exact == nil {
			f.without(&Asked{A: a.Solid, B: b.Solid, To: a.Pose.Inverse().Mul(b.Pose)}, o)
			continue
		}
		list, which = append(list, Asked{a.Solid, b.Solid, a.Pose.Inverse().Mul(b.Pose), o.MM}), append(which, n)
	}
	*count = len(list)
	if len(list) == 0 {
		return nil
	}
	answers, err := o.Exact(ctx, list)
	if err != nil {
		return err
	}
	const least = 1
	par.Runs(len(list), least, func(_, from, to int) {
		for k := from; k < to && ctx.Err() == nil; k++ {
			got[which[k]].take(&answers[k], &list[k], o)
		}
	})
	if ctx.Err() != nil {
		return context.Cause(ctx)
	}
	return nil
}

// without decides what can be decided by triangles alone: what they have in common, where it is deeper than they may be off.
func (f *found) without(q *Asked, o Options) {
	off := q.A.Off + q.B.Off
	volume, common, ok := commonOf(q.A, q.B, q.To, raySide)
	d := depth{}
	if ok {
		d = deepest(common, q.A.fine(), q.B.fine(), q.To)
	}
	switch {
	case d.mm > o.MM+off:
		f.kind = Clash
		f.depth, f.volume, f.at, f.faces = d.mm, volume, d.at, d.faces
	case off == 0:
		f.kind = Touch
	default:
		f.why = "their surfaces are nearer than their triangles tell"
	}
}

// take decides by the exact shapes.
func (f *found) take(x *Answer, q *Asked, o Options) {
	switch {
	case x.Failed != "":
		f.without(q, o)
		if f.kind == Open {
			f.why = x.Failed
		}
	case x.Volume > 0 && x.Common != nil && x.A != nil && x.B != nil:
		d := deepest(x.Common.shared(), x.A, x.B, q.To)
		f.depth, f.volume, f.at, f.faces = d.mm, x.Volume, d.at, d.faces
		f.kind = Touch
		if d.mm > o.MM {
			f.kind = Clash
		}
	case x.Distance <= o.MM:
		f.kind = Touch
	case x.Distance <= o.Clearance:
		f.kind, f.distance, f.at = Near, x.Distance, x.At
	default:
		f.kind = ""
	}
}

// tell adds a pair to what was found.
func (out *Found) tell(a, b *Item, f *found, o Options) {
	p := Pair{A: a.Name, B: b.Name, Kind: f.kind}
	round := func(x float64) *float64 {
		x = math.Round(x*1e6) / 1e6
		return &x
	}
	switch f.kind {
	case "":
		return
	case Open:
		p.Why = f.why
		out.Undecided = append(out.Undecided, p)
		return
	case Near:
		p.Clearance = round(f.distance)
	case Clash:
		p.Depth, p.Volume = round(f.depth), round(f.volume)
		at := a.Pose.Point(f.at).Array()
		p.At = &at
		for k, s := range [2]*Solid{a.Solid, b.Solid} {
			if i := f.faces[k]; i >= 0 && int(i) < len(s.Faces) {
				p.Faces = append(p.Faces, s.Faces[i].Name)
			}
		}
		if fit := o.meant(a, b, f); fit != nil {
			p.Kind, p.Fit = Fits, fit.Kind
		}
	}
	out.Pairs = append(out.Pairs, p)
}

// key is two solids at a placement.
type key struct {
	a, b string
	at   [7]int64
	look [2]float64
}

func keyOf(a, b *Item, o Options) key {
	d := a.Pose.Inverse().Mul(b.Pose)
	q := d.Q
	if q.W < 0 {
		q = geom.Quat{W: -q.W, X: -q.X, Y: -q.Y, Z: -q.Z}
	}
	k := key{a: a.Solid.Key, b: b.Solid.Key, look: [2]float64{o.MM, o.Clearance}}
	if k.a == "" {
		k.a = fmt.Sprintf("%p", a.Solid)
	}
	if k.b == "" {
		k.b = fmt.Sprintf("%p", b.Solid)
	}
	for i, x := range [7]float64{d.O.X, d.O.Y, d.O.Z} {
		k.at[i] = int64(math.Round(x * 1e7))
	}
	for i, x := range [4]float64{q.W, q.X, q.Y, q.Z} {
		k.at[3+i] = int64(math.Round(x * 1e9))
	}
	return k
}

// Clashes counts the pairs that pass through one another, and are not meant to.
func (f *Found) Clashes() (n int) {
	for i := range f.Pairs {
		if f.Pairs[i].Kind == Clash {
			n++
		}
	}
	return n
}
