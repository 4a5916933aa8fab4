// Package bench writes the assemblies that speed is measured on.
package bench

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
)

func document(parts map[string]*part.Part, a *assembly.Assembly) *assembly.Document {
	d := &assembly.Document{Root: "main", Settings: assembly.DefaultSettings, Parts: parts, Assemblies: map[string]*assembly.Assembly{"main": a.Seal()}, Order: []string{"main"}}
	for n := range parts {
		d.PartOrder = append(d.PartOrder, n)
	}
	return d
}

func newPart(fastener bool, features map[string]part.Feature) *part.Part {
	p := &part.Part{Fastener: fastener, Features: features}
	for n := range features {
		p.Order = append(p.Order, n)
	}
	return p
}

func plane(o, n geom.Vec) part.Feature { return part.Feature{Kind: part.Plane, O: o, Z: n} }
func bore(o geom.Vec, r float64, side string) part.Feature {
	return part.Feature{Kind: part.Cylinder, O: o, Z: geom.V(0, 0, 1), Radius: r, Side: side}
}
func circle(o geom.Vec, r float64) part.Feature {
	return part.Feature{Kind: part.Circle, O: o, Z: geom.V(0, 0, 1), Radius: r}
}
func frame(o geom.Vec) part.Feature {
	return part.Feature{Kind: part.Frame, O: o, Z: geom.V(0, 0, 1), X: geom.V(1, 0, 0)}
}

func ref(c, f string) assembly.Ref { return assembly.Ref{Path: []string{c}, Feature: f} }

// shake disturbs a pose, always alike for the same number.
func shake(p geom.Pose, n int, mm, rad float64) geom.Pose {
	f := func(k int) float64 { return math.Sin(float64(n*7+k)*12.9898 + float64(k)*78.233) }
	return p.Turned(p.O, geom.V(f(1), f(2), f(3)).Scale(mm), geom.V(f(4), f(5), f(6)).Scale(rad))
}

// Pile is plates, each on the one below by a face and two holes, with two screws and two washers each.
func Pile(plates int) *assembly.Document {
	up, down := geom.V(0, 0, 1), geom.V(0, 0, -1)
	h := [2]geom.Vec{geom.V(10, 10, 0), geom.V(50, 10, 0)}
	ps := map[string]*part.Part{
		"plate":  newPart(false, map[string]part.Feature{"top": plane(geom.V(0, 0, 10), up), "bottom": plane(geom.Vec{}, down), "h0": bore(h[0], 3.3, "hole"), "h1": bore(h[1], 3.3, "hole"), "r0": circle(h[0].Add(geom.V(0, 0, 10)), 3.3), "r1": circle(h[1].Add(geom.V(0, 0, 10)), 3.3)}),
		"washer": newPart(true, map[string]part.Feature{"under": circle(geom.Vec{}, 3.2), "over": circle(geom.V(0, 0, 1.6), 3.2)}),
		"screw":  newPart(true, map[string]part.Feature{"head": circle(geom.Vec{}, 3)}),
	}
	a := &assembly.Assembly{}
	for i := 0; i < plates; i++ {
		p := fmt.Sprint("plate", i)
		at := geom.Pose{O: geom.V(0, 0, 10*float64(i)), Q: geom.Identity}
		a.Components = append(a.Components, &assembly.Component{Name: p, Part: "plate", Grounded: i == 0, Pose: shake(at, i, 3, 0.1*math.Min(1, float64(i)))})
		if i == 0 {
			a.Components[0].Pose = geom.Home
		} else {
			q := fmt.Sprint("plate", i-1)
			a.Mates = append(a.Mates, &assembly.Mate{ID: p + "f", Type: "coincident", A: ref(q, "top"), B: ref(p, "bottom")},
				&assembly.Mate{ID: p + "a", Type: "concentric", A: ref(q, "h0"), B: ref(p, "h0")}, &assembly.Mate{ID: p + "b", Type: "concentric", A: ref(q, "h1"), B: ref(p, "h1")})
		}
		for k := 0; k < 2; k++ {
			w, s := fmt.Sprint("washer", i, "-", k), fmt.Sprint("screw", i, "-", k)
			top := at.Mul(geom.Pose{O: h[k].Add(geom.V(0, 0, 10)), Q: geom.Identity})
			a.Components = append(a.Components, &assembly.Component{Name: w, Part: "washer", Pose: shake(top, 1000+2*i+k, 3, 0.1)}, &assembly.Component{Name: s, Part: "screw", Pose: shake(top, 5000+2*i+k, 3, 0.1)})
			a.Mates = append(a.Mates, &assembly.Mate{ID: w, Type: "rim", A: ref(p, fmt.Sprint("r", k)), B: ref(w, "under")}, &assembly.Mate{ID: s, Type: "rim", A: ref(w, "over"), B: ref(s, "head")})
		}
	}
	return document(ps, a)
}

// Scissor is a lift of crossed bars pinned at middles and ends, a strongly coupled chain of loops with one freedom.
func Scissor(stages int) *assembly.Document {
	const l, th = 100.0, 0.6
	ps := map[string]*part.Part{"bar": newPart(false, map[string]part.Feature{"a": frame(geom.V(-l/2, 0, 0)), "m": frame(geom.Vec{}), "b": frame(geom.V(l/2, 0, 0))})}
	a := &assembly.Assembly{}
	w, h := l*math.Cos(th), l*math.Sin(th)
	for i := 0; i < stages; i++ {
		p, q := fmt.Sprint("p", i), fmt.Sprint("q", i)
		c := geom.V(w/2, h*(float64(i)+0.5), 0)
		a.Components = append(a.Components,
			&assembly.Component{Name: p, Part: "bar", Grounded: i == 0, Pose: geom.Pose{O: c, Q: geom.Exp(geom.V(0, 0, th))}},
			&assembly.Component{Name: q, Part: "bar", Pose: shake(geom.Pose{O: c, Q: geom.Exp(geom.V(0, 0, math.Pi-th))}, i, 0.5, 0.01)})
		if i > 0 {
			a.Components[2*i].Pose = shake(a.Components[2*i].Pose, 3000+i, 0.5, 0.01)
			// the right end below carries the left-leaning bar, the left end the right-leaning one
			a.Mates = append(a.Mates, &assembly.Mate{ID: fmt.Sprint("r", i), Type: "revolute", A: ref(fmt.Sprint("p", i-1), "b"), B: ref(q, "a")},
				&assembly.Mate{ID: fmt.Sprint("l", i), Type: "revolute", A: ref(fmt.Sprint("q", i-1), "b"), B: ref(p, "a")})
		}
		a.Mates = append(a.Mates, &assembly.Mate{ID: fmt.Sprint("m", i), Type: "revolute", A: ref(p, "m"), B: ref(q, "m")})
	}
	return document(ps, a)
}

// Lattice is n by n parallelograms of pinned bars: rows of level bars joined by uprights.
func Lattice(n int) *assembly.Document {
	const s = 50.0
	ps := map[string]*part.Part{"bar": newPart(false, map[string]part.Feature{"a": frame(geom.Vec{}), "b": frame(geom.V(s, 0, 0))})}
	a := &assembly.Assembly{}
	lean := geom.Exp(geom.V(0, 0, 1.2))
	at := func(i, j int) geom.Vec {
		return geom.V(s*float64(i), 0, 0).Add(lean.Rotate(geom.V(s, 0, 0)).Scale(float64(j)))
	}
	add := func(name string, o geom.Vec, q geom.Quat, k int) {
		c := &assembly.Component{Name: name, Part: "bar", Pose: shake(geom.Pose{O: o, Q: q}, k, 0.3, 0.005)}
		if len(a.Components) == 0 {
			c.Grounded, c.Pose = true, geom.Pose{O: o, Q: q}
		}
		a.Components = append(a.Components, c)
	}
	pin := func(x, fx, y, fy string) {
		a.Mates = append(a.Mates, &assembly.Mate{ID: fmt.Sprint("j", len(a.Mates)), Type: "revolute", A: ref(x, fx), B: ref(y, fy)})
	}
	// level bars H(i,j) from (i,j) to (i+1,j); uprights V(i,j) from (i,j) to (i,j+1)
	for j := 0; j <= n; j++ {
		for i := 0; i < n; i++ {
			add(fmt.Sprintf("H%d,%d", i, j), at(i, j), geom.Identity, len(a.Components))
			if i > 0 {
				pin(fmt.Sprintf("H%d,%d", i-1, j), "b", fmt.Sprintf("H%d,%d", i, j), "a")
			}
			if j > 0 && i == 0 {
				pin(fmt.Sprintf("V0,%d", j-1), "b", fmt.Sprintf("H0,%d", j), "a")
			}
			if j > 0 {
				pin(fmt.Sprintf("V%d,%d", i+1, j-1), "b", fmt.Sprintf("H%d,%d", i, j), "b")
			}
		}
		for i := 0; i <= n && j < n; i++ {
			add(fmt.Sprintf("V%d,%d", i, j), at(i, j), lean, len(a.Components))
			if i < n {
				pin(fmt.Sprintf("H%d,%d", i, j), "a", fmt.Sprintf("V%d,%d", i, j), "a")
			} else {
				pin(fmt.Sprintf("H%d,%d", n-1, j), "b", fmt.Sprintf("V%d,%d", n, j), "a")
			}
		}
	}
	return document(ps, a)
}

// Conflict is a pile of plates on dowels with one hole, in the middle of it all, drilled 0.3 mm off.
func Conflict(plates int) *assembly.Document {
	d := Pile(plates)
	off := *d.Parts["plate"]
	off.Features = map[string]part.Feature{}
	for n, f := range d.Parts["plate"].Features {
		off.Features[n] = f
	}
	h := off.Features["h1"]
	h.O = h.O.Add(geom.V(0.3, 0, 0))
	off.Features["h1"] = h
	d.Parts["odd plate"] = &off
	d.PartOrder = append(d.PartOrder, "odd plate")
	d.Assemblies["main"].Component(fmt.Sprint("plate", plates/2)).Part = "odd plate"
	return d
}

// ConflictChain is a scissor lift with one bar 0.3 mm too short between its pins.
func ConflictChain(stages int) *assembly.Document {
	d := Scissor(stages)
	off := *d.Parts["bar"]
	off.Features = map[string]part.Feature{"a": frame(geom.V(-50, 0, 0)), "m": frame(geom.V(0.1, 0.2, 0.1)), "b": frame(geom.V(49.7, 0, 0))}
	d.Parts["odd bar"] = &off
	d.PartOrder = append(d.PartOrder, "odd bar")
	d.Assemblies["main"].Component(fmt.Sprint("q", stages/2)).Part = "odd bar"
	return d
}
