package standard

import "math"

// Piece is a simple solid about the z axis that is added to a shape or cut from it.
type Piece struct {
	Kind     string  // round: a cylinder or the frustum of a cone; hexagon: a prism, flats square to x; zone: of a ball; wedge: a sector of RingGap
	From, To float64 // along z
	R1, R2   float64 // radius at From and To; of a hexagon half across flats
	Cut      bool
}

// RingGap is the angle that a retaining ring is open over, degrees (common practice, no source).
const RingGap = 40

// pinLean is the angle of a pin's chamfer with its axis, degrees (ISO 2338: about 15°, from memory).
const pinLean = 15

// Shape is the fastener as it is drawn, its seat in the plane z = 0: a screw's shank goes down from there, a nut or a washer lies above. Threads are
// drawn at their nominal diameter outside and at their minor diameter inside. Pieces that are added do not overlap, and what is cut lies in them.
func (f *Fastener) Shape() []Piece {
	v := f.Values
	switch f.Family {
	case Screw:
		return append(f.head(), f.shank()...)
	case SetScrew:
		point := (v["d"] - v["dp"]) / 2
		deep := min(v["t"], shallow*f.Length)
		return []Piece{{Kind: "round", From: -f.Length + point, To: 0, R1: v["d"] / 2, R2: v["d"] / 2},
			{Kind: "round", From: -f.Length, To: -f.Length + point, R1: v["dp"] / 2, R2: v["d"] / 2},
			{Kind: "hexagon", From: -deep, To: 0, R1: v["s"] / 2, R2: v["s"] / 2, Cut: true}}
	case Nut, Locknut:
		out := []Piece{{Kind: "hexagon", From: 0, To: v["m"], R1: v["s"] / 2, R2: v["s"] / 2}}
		if f.Family == Locknut { // the collar that holds the insert
			out = append(out, Piece{Kind: "round", From: v["m"], To: v["h"], R1: v["s"] / 2, R2: (v["s"] + v["d"]) / 4})
		}
		bore := f.Thread.Minor() / 2
		return append(out, Piece{Kind: "round", From: 0, To: f.Height(), R1: bore, R2: bore, Cut: true})
	case Washer:
		out := []Piece{{Kind: "round", From: 0, To: v["h"], R1: v["d2"] / 2, R2: v["d2"] / 2}}
		if f.Standard.Name == "ISO 7090" {
			c := v["h"] / 4 // chamfered by a quarter to half of its thickness (ISO 7090, from memory)
			out = []Piece{{Kind: "round", From: 0, To: v["h"] - c, R1: v["d2"] / 2, R2: v["d2"] / 2}, {Kind: "round", From: v["h"] - c, To: v["h"], R1: v["d2"] / 2, R2: v["d2"]/2 - c}}
		}
		return append(out, Piece{Kind: "round", From: 0, To: v["h"], R1: v["d1"] / 2, R2: v["d1"] / 2, Cut: true})
	case Pin:
		c, less := v["c"], v["c"]*math.Tan(pinLean*math.Pi/180)
		return []Piece{{Kind: "round", From: 0, To: c, R1: v["d"]/2 - less, R2: v["d"] / 2},
			{Kind: "round", From: c, To: f.Length - c, R1: v["d"] / 2, R2: v["d"] / 2},
			{Kind: "round", From: f.Length - c, To: f.Length, R1: v["d"] / 2, R2: v["d"]/2 - less}}
	case ShaftRing, BoreRing: // as they sit in their grooves
		in, out := v["d2"]/2, v["d2"]/2+v["b"]
		if f.Family == BoreRing {
			in, out = v["d2"]/2-v["b"], v["d2"]/2
		}
		return []Piece{{Kind: "round", From: 0, To: v["s"], R1: out, R2: out}, {Kind: "round", From: 0, To: v["s"], R1: in, R2: in, Cut: true},
			{Kind: "wedge", From: 0, To: v["s"], R1: in, R2: out, Cut: true}}
	}
	return nil
}

// shallow is how much of a short set screw its socket takes at most (common practice, no source).
const shallow = 0.6

// flat is how much wider the flat on a button head is than its socket's corners (common practice, no source).
const flat = 1.1

// head is a screw's. A countersunk one lies below the plane z = 0.
func (f *Fastener) head() (out []Piece) {
	v := f.Values
	k, top := v["k"], v["k"]
	switch f.Head {
	case "cylinder":
		out = []Piece{{Kind: "round", From: 0, To: k, R1: v["dk"] / 2, R2: v["dk"] / 2}}
	case "hexagon":
		return []Piece{{Kind: "hexagon", From: 0, To: k, R1: v["s"] / 2, R2: v["s"] / 2}}
	case "button":
		out = []Piece{{Kind: "zone", From: 0, To: k, R1: v["dk"] / 2, R2: v["s"] / math.Sqrt(3) * flat}}
	case "countersunk":
		out, top = []Piece{{Kind: "round", From: -k, To: 0, R1: v["d"] / 2, R2: v["dk"] / 2}}, 0
	}
	return append(out, Piece{Kind: "hexagon", From: top - v["t"], To: top, R1: v["s"] / 2, R2: v["s"] / 2, Cut: true})
}

// shank is a screw's, with a chamfer of the thread's depth at its end.
func (f *Fastener) shank() []Piece {
	r, c := f.Values["d"]/2, f.Thread.Deep()
	from := 0.0
	if f.Head == "countersunk" {
		from = -f.Values["k"]
	}
	return []Piece{{Kind: "round", From: -f.Length + c, To: from, R1: r, R2: r}, {Kind: "round", From: -f.Length, To: -f.Length + c, R1: r - c, R2: r}}
}

// Ball is the middle along z and the radius of the ball that a zone belongs to.
func (p Piece) Ball() (middle, radius float64) {
	h := p.To - p.From
	up := (p.R2*p.R2 + h*h - p.R1*p.R1) / (2 * h)
	return p.From + up, math.Hypot(p.R1, up)
}

// volume of a piece, mm³.
func (p Piece) volume() float64 {
	h := p.To - p.From
	switch p.Kind {
	case "hexagon":
		return 2 * math.Sqrt(3) * p.R1 * p.R1 * h
	case "zone":
		return math.Pi * h / 6 * (3*p.R1*p.R1 + 3*p.R2*p.R2 + h*h)
	case "wedge":
		return (p.R2*p.R2 - p.R1*p.R1) * math.Pi * RingGap / 360 * h
	}
	return math.Pi / 3 * h * (p.R1*p.R1 + p.R1*p.R2 + p.R2*p.R2)
}

// Volume of the fastener as it is drawn, mm³.
func (f *Fastener) Volume() float64 {
	sum := 0.0
	for _, p := range f.Shape() {
		if p.Cut {
			sum -= p.volume()
		} else {
			sum += p.volume()
		}
	}
	return sum
}

// Density of what fasteners here are made of, kg/m³: steel.
const Density = 7850

// Mass of the fastener as it is drawn, kg: its thread counts as a full cylinder, which is some per cent more than it weighs.
func (f *Fastener) Mass() float64 { return f.Volume() * Density * cubicMetre }

// cubicMetre is a mm³ in m³.
const cubicMetre = 1e-9
