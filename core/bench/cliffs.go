package bench

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
)

// Chain is n links, each on the one before by a joint of the type given, the first on the ground; the joints' axes lean this way and that.
// Closed, the last link is joined to the ground too.
func Chain(n int, joint string, closed bool) *assembly.Document {
	turn := 0.0
	if closed {
		turn = 2 * math.Pi / float64(n)
	}
	lean := func(k int) (z geom.Vec) {
		return geom.V(0.3*math.Sin(float64(k)), 0.3*math.Cos(2*float64(k)), 1).Unit()
	}
	ps := map[string]*part.Part{}
	end := func(o geom.Vec, k int) part.Feature {
		return part.Feature{Kind: part.Frame, O: o, Z: lean(k), X: lean(k).Perp()}
	}
	a := &assembly.Assembly{}
	at := geom.Pose{Q: geom.Identity}
	step := geom.Pose{O: geom.V(20, 0, 0), Q: geom.Exp(geom.V(0, 0, turn))}
	for k := range n {
		name := fmt.Sprint("l", k)
		// the joint's frame is the same for both, seen from each
		far := end(geom.Vec{}, k+1).At(step)
		if closed && k == n-1 {
			far = end(geom.Vec{}, 0).At(step)
		}
		ps[name] = newPart(false, map[string]part.Feature{"a": end(geom.Vec{}, k), "b": far})
		a.Components = append(a.Components, &assembly.Component{Name: name, Part: name, Grounded: k == 0, Pose: at})
		if k > 0 {
			a.Mates = append(a.Mates, &assembly.Mate{ID: fmt.Sprint("j", k), Type: joint, A: ref(fmt.Sprint("l", k-1), "b"), B: ref(name, "a")})
		}
		at = at.Mul(step)
	}
	if closed {
		a.Mates = append(a.Mates, &assembly.Mate{ID: "j0", Type: joint, A: ref(fmt.Sprint("l", n-1), "b"), B: ref("l0", "a")})
	}
	return document(ps, a)
}

// BallNet is a net of n by n plates, each tied to its neighbours to the right and above by a ball.
func BallNet(n int) *assembly.Document {
	plate := newPart(false, map[string]part.Feature{})
	for name, o := range map[string]geom.Vec{"e": geom.V(20, 3, 0), "w": geom.V(0, 3, 0), "n": geom.V(3, 20, 0), "s": geom.V(3, 0, 0)} {
		plate.Features[name] = frame(o)
		plate.Order = append(plate.Order, name)
	}
	a := &assembly.Assembly{}
	name := func(i, j int) string { return fmt.Sprintf("t%d,%d", i, j) }
	for i := range n {
		for j := range n {
			at := geom.Pose{O: geom.V(20*float64(i), 20*float64(j), 0), Q: geom.Identity}
			a.Components = append(a.Components, &assembly.Component{Name: name(i, j), Part: "plate", Grounded: i+j == 0, Pose: at})
			if i > 0 {
				a.Mates = append(a.Mates, &assembly.Mate{ID: "x" + name(i, j), Type: "spherical", A: ref(name(i-1, j), "e"), B: ref(name(i, j), "w")})
			}
			if j > 0 {
				a.Mates = append(a.Mates, &assembly.Mate{ID: "y" + name(i, j), Type: "spherical", A: ref(name(i, j-1), "n"), B: ref(name(i, j), "s")})
			}
		}
	}
	return document(map[string]*part.Part{"plate": plate}, a)
}

// FourBars is n four-bar linkages (crank-rockers of 20, 60, 50 and 70 mm), the crank of each geared to that of the one before, the first
// driven through a turn in so many steps.
func FourBars(n, steps int) *assembly.Document {
	bar := func(l float64) *part.Part {
		return newPart(false, map[string]part.Feature{"a": frame(geom.Vec{}), "b": frame(geom.V(l, 0, 0))})
	}
	ground := newPart(false, map[string]part.Feature{})
	ps := map[string]*part.Part{"ground": ground, "crank": bar(20), "coupler": bar(60), "rocker": bar(50)}
	a := &assembly.Assembly{Components: []*assembly.Component{{Name: "ground", Part: "ground", Grounded: true, Pose: geom.Home}}}
	turned := func(o geom.Vec, angle float64) geom.Pose {
		return geom.Pose{O: o, Q: geom.Exp(geom.V(0, 0, angle))}
	}
	// the crank up, the coupler's far end where the circles meet
	top := geom.V(0, 20, 0)
	d := geom.V(70, 0, 0).Sub(top)
	l := d.Norm()
	along := (60*60 - 50*50 + l*l) / (2 * l)
	knee := top.Add(d.Unit().Scale(along)).Add(geom.V(-d.Y, d.X, 0).Unit().Scale(math.Sqrt(60*60 - along*along)))
	for k := range n {
		o := geom.V(0, 100*float64(k), 0)
		id := func(s string) string { return fmt.Sprint(s, k) }
		for f, p := range map[string]geom.Vec{"a": o, "b": o.Add(geom.V(70, 0, 0))} {
			ground.Features[id(f)] = frame(p)
		}
		ground.Order = append(ground.Order, id("a"), id("b"))
		a.Components = append(a.Components, &assembly.Component{Name: id("crank"), Part: "crank", Pose: turned(o, math.Pi/2)},
			&assembly.Component{Name: id("coupler"), Part: "coupler", Pose: turned(o.Add(top), math.Atan2(knee.Y-top.Y, knee.X-top.X))},
			&assembly.Component{Name: id("rocker"), Part: "rocker", Pose: turned(o.Add(knee), math.Atan2(-knee.Y, 70-knee.X))})
		pin := func(name, a0, f, b, g string) {
			a.Mates = append(a.Mates, &assembly.Mate{ID: id(name), Type: "revolute", A: ref(a0, f), B: ref(b, g)})
		}
		pin("A", "ground", id("a"), id("crank"), "a")
		pin("B", id("crank"), "b", id("coupler"), "a")
		pin("C", id("coupler"), "b", id("rocker"), "a")
		pin("D", "ground", id("b"), id("rocker"), "b")
		if k > 0 {
			a.Mates = append(a.Mates, &assembly.Mate{ID: id("gear"), Type: "gear", JointA: fmt.Sprint("A", k-1), JointB: id("A"), Params: relation.Params{}.WithNum("ratio", -1)})
		}
	}
	a.Drives = []assembly.Drive{{Name: "turn", Leg: assembly.Leg{Along: assembly.Along{Joint: "A0", Of: "angle", From: 90, To: 450}, Steps: steps}}}
	return document(ps, a)
}
