package bench

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
)

// Misfits is a floor of n by n tiles, each fastened to its neighbours, no two of which meet as they should: every loop of four is at odds.
func Misfits(n int) *assembly.Document {
	ps := map[string]*part.Part{}
	a := &assembly.Assembly{}
	off := func(k int, o geom.Vec) geom.Vec { // about half a millimetre, always the same
		return o.Add(geom.V(0.5*math.Sin(7*float64(k)), 0.5*math.Sin(11*float64(k)), 0))
	}
	name := func(i, j int) string { return fmt.Sprintf("t%d,%d", i, j) }
	for i := range n {
		for j := range n {
			k := 4 * (i*n + j)
			ps[name(i, j)] = newPart(false, map[string]part.Feature{"e": frame(off(k, geom.V(10, 0, 0))), "w": frame(off(k+1, geom.V(-10, 0, 0))),
				"n": frame(off(k+2, geom.V(0, 10, 0))), "s": frame(off(k+3, geom.V(0, -10, 0)))})
			at := geom.Pose{O: geom.V(20*float64(i), 20*float64(j), 0), Q: geom.Identity}
			a.Components = append(a.Components, &assembly.Component{Name: name(i, j), Part: name(i, j), Grounded: k == 0, Pose: at})
			if i > 0 {
				a.Mates = append(a.Mates, &assembly.Mate{ID: "x" + name(i, j), Type: "fastened", A: ref(name(i-1, j), "e"), B: ref(name(i, j), "w")})
			}
			if j > 0 {
				a.Mates = append(a.Mates, &assembly.Mate{ID: "y" + name(i, j), Type: "fastened", A: ref(name(i, j-1), "n"), B: ref(name(i, j), "s")})
			}
		}
	}
	return document(ps, a)
}

// Misring is a ring of n segments, each fastened to the next, of which one is 30 mm too long: more than so many joints can take up within their tolerance.
func Misring(n int) *assembly.Document {
	turn := 2 * math.Pi / float64(n)
	long := 20 * math.Sin(turn/2) * float64(n) / math.Pi
	end := part.Feature{Kind: part.Frame, O: geom.V(long, 0, 0), Z: geom.V(0, 0, 1), X: geom.V(math.Cos(turn), math.Sin(turn), 0)}
	odd := end
	odd.O.X += 30
	ps := map[string]*part.Part{"segment": newPart(false, map[string]part.Feature{"a": frame(geom.Vec{}), "b": end}), "odd": newPart(false, map[string]part.Feature{"a": frame(geom.Vec{}), "b": odd})}
	a := &assembly.Assembly{}
	at := geom.Pose{Q: geom.Identity}
	for k := range n {
		c := &assembly.Component{Name: fmt.Sprint("s", k), Part: "segment", Grounded: k == 0, Pose: at}
		if k == n/2 {
			c.Part = "odd"
		}
		a.Components = append(a.Components, c)
		a.Mates = append(a.Mates, &assembly.Mate{ID: fmt.Sprint("j", k), Type: "fastened", A: ref(c.Name, "b"), B: ref(fmt.Sprint("s", (k+1)%n), "a")})
		at = at.Mul(geom.Pose{O: end.O, Q: geom.Exp(geom.V(0, 0, turn))})
	}
	return document(ps, a)
}
