package relate

import (
	"context"
	"fmt"
	"math"
	"math/rand/v2"
	"slices"
	"strings"
	"testing"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/bench"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/report"
)

// solved is a document where it came to rest, and its account.
func solved(t *testing.T, d *assembly.Document) (*assembly.Document, *report.Result) {
	t.Helper()
	rep, err := account.Check(context.Background(), d, nil)
	if err != nil {
		t.Fatal(err)
	}
	return account.Settled(d, rep), rep.Assemblies[d.Root]
}

// stripped is the root without relations, its components placed anew by move.
func stripped(d *assembly.Document, move func(i int, p geom.Pose) geom.Pose) *assembly.Document {
	a := *d.Assemblies[d.Root]
	a.Mates, a.Planned, a.Drives, a.Measures = nil, nil, nil, nil
	a.Components = slices.Clone(a.Components)
	for i, c := range a.Components {
		k := *c
		k.Pose, k.Grounded = move(i, c.Pose), false
		a.Components[i] = &k
	}
	return d.WithRoot(a.Seal())
}

// recovered relates a document and gives what was found of its root, with the account.
func recovered(t *testing.T, d *assembly.Document, o Options) (*Found, *report.Result) {
	t.Helper()
	got, err := Document(context.Background(), d, nil, o)
	if err != nil {
		t.Fatal(err)
	}
	return got.Found[d.Root], got.Report.Assemblies[d.Root]
}

func stays(_ int, p geom.Pose) geom.Pose { return p }

// told counts motions by class and kind: what must be the same however the relations are said.
func told(r *report.Result) string {
	n := map[string]int{}
	for _, m := range r.Motions {
		n[string(m.Class)+" "+string(m.Kind)]++
	}
	return fmt.Sprint(r.Opening, r.Removed, r.Left, r.Idle, r.Loose, r.Verdict, n)
}

// TestRecovered strips assemblies of the relations they were made with, and finds an account that is the same; so also where every
// component is off by 1e-5 mm, where the whole is turned, and where components come in another order.
func TestRecovered(t *testing.T) {
	r := rand.New(rand.NewPCG(3, 4))
	whole := geom.Pose{O: geom.V(30, -20, 7), Q: geom.Exp(geom.V(0.3, -0.9, 0.5))}
	for _, c := range []struct {
		name string
		doc  *assembly.Document
	}{{"pile", bench.Pile(8)}, {"lattice", bench.Lattice(4)}, {"chain", bench.Chain(12, "revolute", false)}} {
		d, was := solved(t, c.doc)
		base := Options{Base: d.Assemblies[d.Root].Base().Name}
		for how, move := range map[string]func(i int, p geom.Pose) geom.Pose{
			"as it is": stays,
			"off by 1e-5": func(_ int, p geom.Pose) geom.Pose {
				p.O = p.O.Add(geom.V(r.Float64()-0.5, r.Float64()-0.5, r.Float64()-0.5).Scale(2e-5))
				return p
			},
			"turned": func(_ int, p geom.Pose) geom.Pose { return whole.Mul(p) },
		} {
			f, is := recovered(t, stripped(d, move), base)
			if told(is) != told(was) {
				t.Errorf("%s, %s: %s, was %s (taken as inexact by %g mm)", c.name, how, told(is), told(was), f.Inexact)
			}
			if len(f.Alone) > 0 || is.Residual.MM > 1e-4 {
				t.Errorf("%s, %s: alone %v, residual %g", c.name, how, f.Alone, is.Residual.MM)
			}
		}
		s := stripped(d, stays)
		a := *s.Assemblies[s.Root]
		a.Components = slices.Clone(a.Components)
		slices.Reverse(a.Components)
		if _, is := recovered(t, s.WithRoot(a.Seal()), base); told(is) != told(was) {
			t.Errorf("%s, in reverse: %s, was %s", c.name, told(is), told(was))
		}
	}
}

// TestToldApart: contacts that are missed by some hundredths are told with how far, never dropped in silence.
func TestToldApart(t *testing.T) {
	r := rand.New(rand.NewPCG(5, 6))
	d, _ := solved(t, bench.Pile(4))
	off := stripped(d, func(i int, p geom.Pose) geom.Pose {
		p.O = p.O.Add(geom.V(r.NormFloat64(), r.NormFloat64(), r.NormFloat64()).Scale(0.01))
		return p
	})
	f, _ := recovered(t, off, Options{Base: "plate0"})
	heads := func(a, b string) string {
		a, _, _ = strings.Cut(a, "/")
		b, _, _ = strings.Cut(b, "/")
		return min(a, b) + " " + max(a, b)
	}
	said := map[string]bool{}
	for _, x := range f.Apart {
		said[heads(x.A, x.B)] = true
		if x.MM < 2e-5 || x.MM > 0.1 {
			t.Errorf("%s and %s are told %g mm apart", x.A, x.B, x.MM)
		}
	}
	for _, x := range append(slices.Clone(f.Relations), f.Also...) {
		said[heads(x.A, x.B)] = true
	}
	for _, m := range d.Assemblies[d.Root].Mates {
		if h := heads(m.A.String(), m.B.String()); !said[h] {
			t.Errorf("%s: nothing is said of %s", m.ID, h)
		}
	}
}

// TestKept: what an assembly has is kept: what is grounded stays so, and relations that it has are not proposed again.
func TestKept(t *testing.T) {
	d, was := solved(t, bench.Pile(3))
	f, is := recovered(t, d, Options{})
	if len(f.Relations) != 0 || told(is) != told(was) {
		t.Errorf("%d relations were added to what is complete: %s, was %s", len(f.Relations), told(is), told(was))
	}
	s := stripped(d, stays)
	a := *s.Assemblies[s.Root]
	a.Components = slices.Clone(a.Components)
	for _, i := range []int{0, 3} {
		k := *a.Components[i]
		k.Grounded = true
		a.Components[i] = &k
	}
	if _, is := recovered(t, s.WithRoot(a.Seal()), Options{}); is.Opening != was.Opening-6 || is.Loose != 0 {
		t.Errorf("with two grounded: opening %d, loose %d", is.Opening, is.Loose)
	}
}

// block is a part whose surfaces are known: a box with further surfaces.
func block(low, high geom.Vec, more ...part.Surface) []part.Surface {
	var out []part.Surface
	side := func(name string, n geom.Vec) {
		mid, half := low.Add(high).Scale(0.5), high.Sub(low).Scale(0.5)
		o := mid.Add(geom.V(half.X*n.X, half.Y*n.Y, half.Z*n.Z))
		f := part.Feature{Kind: part.Plane, O: o, Z: n}
		fr := f.AsFrame()
		u, v := math.Abs(half.Dot(fr.X)), math.Abs(half.Dot(fr.Y))
		at := func(x, y float64) geom.Vec { return o.AddScaled(x*u, fr.X).AddScaled(y*v, fr.Y) }
		s := part.Surface{Name: name, Feature: f, Triangles: []geom.Vec{at(-1, -1), at(1, -1), at(1, 1), at(-1, -1), at(1, 1), at(-1, 1)}}
		s.Spread(s.Triangles)
		out = append(out, s)
	}
	side("top", geom.V(0, 0, 1))
	side("under", geom.V(0, 0, -1))
	side("right", geom.V(1, 0, 0))
	side("left", geom.V(-1, 0, 0))
	side("back", geom.V(0, 1, 0))
	side("front", geom.V(0, -1, 0))
	return append(out, more...)
}

// round is a round face along z, with its ends.
func round(name string, k part.Kind, o geom.Vec, r, from, to float64, side string) part.Surface {
	s := part.Surface{Name: name, Feature: part.Feature{Kind: k, O: o, Z: geom.V(0, 0, 1), Radius: r, Side: side}}
	const n = 24
	at := func(k int, z float64) geom.Vec {
		a := 2 * math.Pi * float64(k) / n
		return o.Add(geom.V(r*math.Cos(a), r*math.Sin(a), z))
	}
	for k := range n {
		s.Triangles = append(s.Triangles, at(k, from), at(k+1, from), at(k+1, to), at(k, from), at(k+1, to), at(k, to))
	}
	s.Spread(s.Triangles)
	return s
}

// two is a document of two parts, b at a pose.
func two(a, b []part.Surface, at geom.Pose) (*assembly.Document, Shapes) {
	parts := map[string]*part.Part{}
	for name, list := range map[string][]part.Surface{"a": a, "b": b} {
		p := &part.Part{Features: map[string]part.Feature{}, Shape: []part.Feature{}}
		for _, s := range list {
			p.Features[s.Name] = s.Feature
			p.Order = append(p.Order, s.Name)
		}
		parts[name] = p
	}
	asm := &assembly.Assembly{Components: []*assembly.Component{{Name: "a", Part: "a", Grounded: true, Pose: geom.Home}, {Name: "b", Part: "b", Pose: at}}}
	d := &assembly.Document{Root: "main", Settings: assembly.DefaultSettings, Parts: parts, PartOrder: []string{"a", "b"},
		Assemblies: map[string]*assembly.Assembly{"main": asm.Seal()}, Order: []string{"main"}}
	return d, func(key string) []part.Surface { return map[string][]part.Surface{"a": a, "b": b}[key] }
}

func shift(x, y, z float64) geom.Pose { return geom.Pose{O: geom.V(x, y, z), Q: geom.Identity} }

// TestContacts places two parts and says what is found between them, by type and by what it removes (facts of the trade, no source).
func TestContacts(t *testing.T) {
	v := geom.V
	plate := block(v(0, 0, 0), v(60, 60, 10))
	drilled := block(v(0, 0, 0), v(60, 60, 10), round("bore", part.Cylinder, v(30, 30, 5), 5, -5, 5, "hole"))
	pin := func(r float64) []part.Surface {
		return []part.Surface{round("pin", part.Cylinder, v(0, 0, 0), r, -20, 20, "shaft")}
	}
	// a slot 20 wide: two walls that look at each other
	slotted := append(block(v(-40, 0, 0), v(-10, 60, 20)), block(v(10, 0, 0), v(40, 60, 20))...)
	for i := range slotted {
		slotted[i].Name += fmt.Sprint(i)
	}
	ballAt := func(name string, r float64) []part.Surface {
		s := part.Surface{Name: name, Feature: part.Feature{Kind: part.Sphere, Radius: r}}
		for _, p := range []geom.Vec{v(r, 0, 0), v(0, r, 0), v(0, 0, r)} {
			s.Triangles = append(s.Triangles, p, p.Neg(), p)
		}
		s.Spread(s.Triangles)
		return []part.Surface{s}
	}
	cone := func(name string, from, to float64) []part.Surface {
		s := round(name, part.Cone, v(0, 0, 0), 5, from, to, "")
		s.Radius, s.HalfAngle = 0, 45
		return []part.Surface{s}
	}
	for _, c := range []struct {
		name string
		a, b []part.Surface
		at   geom.Pose
		want string
	}{
		{"face on face", plate, block(v(0, 0, 0), v(20, 20, 20)), shift(5, 5, 10), "coincident 3"},
		{"side by side on one edge", plate, block(v(0, 0, 0), v(20, 20, 20)), shift(60, 5, 10), ""},
		{"off by 0.01", plate, block(v(0, 0, 0), v(20, 20, 20)), shift(5, 5, 10.01), "apart 0.01"},
		{"off by 0.3", plate, block(v(0, 0, 0), v(20, 20, 20)), shift(5, 5, 10.3), ""},
		{"pin in a hole", drilled, pin(4.8), shift(30, 30, 5), "concentric 4"},
		{"pin beside a hole", drilled, pin(4.8), shift(30, 30.5, 5), ""},
		{"pin off by 0.02", drilled, pin(4.8), shift(30, 30.02, 5), "apart 0.02"},
		{"screw in its tapped hole", drilled, pin(6), shift(30, 30, 5), "concentric 4, thread"},
		{"tab in a slot", slotted, block(v(-9.8, 0, 0), v(9.8, 30, 12)), shift(0, 10, 5), "centred 3"},
		{"tab off its middle", slotted, block(v(-9.8, 0, 0), v(9.8, 30, 12)), shift(0.03, 10, 5), "apart 0.03"},
		{"tab that fills its slot", slotted, block(v(-10, 0, 0), v(10, 30, 12)), shift(0, 10, 5), "coincident 3"},
		{"ball in its socket", ballAt("socket", 8), ballAt("ball", 8), shift(0, 0, 0), "coincident 3"},
		{"ball in a bore", drilled, ballAt("ball", 5), shift(30, 30, 4), "coincident 2"},
		{"ball on a plate", plate, ballAt("ball", 5), shift(30, 30, 15), "tangent 1"},
		{"roller on a plate", plate, pin(5), geom.Pose{O: v(30, 30, 15), Q: geom.Exp(v(0, math.Pi/2, 0))}, "tangent 2"},
		{"rollers side by side", pin(5), pin(7), shift(12, 0, 0), "tangent 1"},
		{"cone in its countersink", cone("sink", 2, 5), cone("head", 2, 5), shift(0, 0, 0), "concentric 4"},
	} {
		d, shapes := two(c.a, c.b, c.at)
		got, err := Document(context.Background(), d, shapes, Options{})
		if err != nil {
			t.Fatal(c.name, err)
		}
		f := got.Found["main"]
		var said []string
		for _, r := range f.Relations {
			said = append(said, fmt.Sprint(r.Type, " ", r.Removes))
		}
		for _, x := range f.Apart {
			said = append(said, fmt.Sprint("apart ", x.MM))
		}
		for _, h := range f.Hints {
			said = append(said, h.Kind)
		}
		if s := strings.Join(said, ", "); s != c.want {
			t.Errorf("%s: %q, want %q", c.name, s, c.want)
		}
		if c.want == "" && len(f.Alone) != 1 {
			t.Errorf("%s: nothing touches, and alone is %v", c.name, f.Alone)
		}
	}
}

// TestIsland: two parts that touch one another and nothing that stands are related, and told.
func TestIsland(t *testing.T) {
	d, shapes := two(block(geom.V(0, 0, 0), geom.V(60, 60, 10)), block(geom.V(0, 0, 0), geom.V(20, 20, 20)), shift(100, 0, 0))
	a := *d.Assemblies["main"]
	a.Components = append(a.Components, &assembly.Component{Name: "c", Part: "b", Pose: shift(100, 0, 20)})
	d.Assemblies["main"] = a.Seal()
	f, err := Assembly(context.Background(), d, "main", shapes, Options{})
	if err != nil {
		t.Fatal(err)
	}
	if len(f.Relations) == 0 || len(f.Alone) != 0 || len(f.Doubts) == 0 || !strings.Contains(f.Doubts[len(f.Doubts)-1], "touches nothing that stands; nearest to it is a, 40 mm away") {
		t.Errorf("%d relations, alone %v, doubts %q", len(f.Relations), f.Alone, f.Doubts)
	}
}

// TestMirrored: the mirror image of an assembly has the same account.
func TestMirrored(t *testing.T) {
	d, was := solved(t, bench.Pile(3))
	flip := func(v geom.Vec) geom.Vec { return geom.V(-v.X, v.Y, v.Z) }
	m := stripped(d, func(_ int, p geom.Pose) geom.Pose {
		x, y, z := p.Q.Axes()
		return geom.Pose{O: flip(p.O), Q: geom.FromAxes(flip(x).Neg(), flip(y), flip(z))}
	})
	m.Parts = map[string]*part.Part{}
	for k, p := range d.Parts {
		q := *p
		q.Features = map[string]part.Feature{}
		for n, f := range p.Features {
			f.O, f.Z = flip(f.O), flip(f.Z)
			q.Features[n] = f
		}
		m.Parts[k] = &q
	}
	if _, is := recovered(t, m, Options{Base: "plate0"}); told(is) != told(was) {
		t.Errorf("mirrored: %s, was %s", told(is), told(was))
	}
}

// BenchmarkRelate relates a pile of 200 plates with screws and washers: 1000 components.
func BenchmarkRelate(b *testing.B) {
	d := bench.Pile(200)
	rep, err := account.Check(context.Background(), d, nil)
	if err != nil {
		b.Fatal(err)
	}
	bare := stripped(account.Settled(d, rep), stays)
	for b.Loop() {
		if _, err := Document(context.Background(), bare, nil, Options{Base: "plate0"}); err != nil {
			b.Fatal(err)
		}
	}
}
