package standard

// Place is a face or an axis of a fastener that others rest on, in its own frame.
type Place struct {
	Kind   string     `json:"kind"` // plane, cylinder, cone or axis
	O      [3]float64 `json:"origin"`
	Z      [3]float64 `json:"z"` // the outward normal of a plane; else the axis, out of the joint
	Radius float64    `json:"radius,omitempty"`
	Half   float64    `json:"half_angle,omitempty"`
	On     [3]float64 `json:"-"` // a point of the face
}

// PlaceNames are those of places, in the order in which they are told.
var PlaceNames = []string{"seat", "top", "axis", "thread", "bore", "shank", "hexagon", "tip"}

// Places are a fastener's faces by name: seat is what it bears with, top the opposite face, thread or bore the round that goes into or about the
// other, hexagon a flat for the key, tip the end of a screw.
func (f *Fastener) Places() map[string]Place {
	v, out := f.Values, map[string]Place{"axis": {Kind: "axis", Z: [3]float64{0, 0, 1}}}
	plane := func(name string, z, up, r float64) {
		out[name] = Place{Kind: "plane", O: [3]float64{0, 0, z}, Z: [3]float64{0, 0, up}, On: [3]float64{0, r, z}}
	}
	round := func(name string, from, to, r float64) {
		mid := (from + to) / 2
		out[name] = Place{Kind: "cylinder", O: [3]float64{0, 0, mid}, Z: [3]float64{0, 0, 1}, Radius: r, On: [3]float64{0, r, mid}}
	}
	flat := func(z, half float64, out float64) Place {
		return Place{Kind: "plane", O: [3]float64{half, 0, z}, Z: [3]float64{out, 0, 0}, On: [3]float64{half, 0, z}}
	}
	switch f.Family {
	case Screw:
		r, k := v["d"]/2, v["k"]
		from := 0.0
		if f.Head == "countersunk" {
			from = -k
			out["seat"] = Place{Kind: "cone", O: [3]float64{0, 0, -v["dk"] / 2}, Z: [3]float64{0, 0, 1}, Half: 45, On: [3]float64{0, (v["dk"] + v["d"]) / 4, -k / 2}}
			plane("top", 0, 1, (v["dk"]/2+v["s"]/2)/2)
		} else {
			plane("seat", 0, -1, (r+f.Across()/2)/2)
			if f.Head != "button" {
				plane("top", k, 1, topAt(f))
			}
		}
		switch {
		case f.Drive == "hexagon":
			out["hexagon"] = flat(k/2, v["s"]/2, 1)
		case f.Head == "countersunk":
			out["hexagon"] = flat(-v["t"]/2, v["s"]/2, -1)
		default:
			out["hexagon"] = flat(k-v["t"]/2, v["s"]/2, -1)
		}
		if f.Length > 0 {
			round("thread", -f.Length+f.Thread.Deep(), from, r)
			plane("tip", -f.Length, -1, 0)
		}
	case SetScrew:
		if f.Length > 0 {
			point, deep := (v["d"]-v["dp"])/2, min(v["t"], shallow*f.Length)
			round("thread", -f.Length+point, 0, v["d"]/2)
			plane("tip", -f.Length, -1, 0)
			plane("top", 0, 1, (v["d"]/2+v["s"]/2)/2+v["s"]/20)
			out["hexagon"] = flat(-deep/2, v["s"]/2, -1)
		}
	case Nut, Locknut:
		plane("seat", 0, -1, (f.Thread.Minor()+v["s"])/4)
		plane("top", f.Height(), 1, (f.Thread.Minor()/2+(v["s"]+v["d"])/4)/2)
		round("thread", 0, f.Height(), f.Thread.Minor()/2)
		out["hexagon"] = flat(v["m"]/2, v["s"]/2, 1)
	case Washer:
		plane("seat", 0, -1, (v["d1"]+v["d2"])/4)
		plane("top", v["h"], 1, (v["d1"]+v["d2"])/4)
		round("bore", 0, v["h"], v["d1"]/2)
	case Pin:
		if f.Length > 0 {
			plane("seat", 0, -1, 0)
			plane("top", f.Length, 1, 0)
			round("shank", v["c"], f.Length-v["c"], v["d"]/2)
		}
	case ShaftRing:
		mid := v["d2"]/2 + v["b"]/2
		out["seat"] = Place{Kind: "plane", Z: [3]float64{0, 0, -1}, On: [3]float64{-mid, 0, 0}}
		out["top"] = Place{Kind: "plane", O: [3]float64{0, 0, v["s"]}, Z: [3]float64{0, 0, 1}, On: [3]float64{-mid, 0, v["s"]}}
		out["bore"] = Place{Kind: "cylinder", O: [3]float64{0, 0, v["s"] / 2}, Z: [3]float64{0, 0, 1}, Radius: v["d2"] / 2, On: [3]float64{-v["d2"] / 2, 0, v["s"] / 2}}
	case BoreRing:
		mid := v["d2"]/2 - v["b"]/2
		out["seat"] = Place{Kind: "plane", Z: [3]float64{0, 0, -1}, On: [3]float64{-mid, 0, 0}}
		out["top"] = Place{Kind: "plane", O: [3]float64{0, 0, v["s"]}, Z: [3]float64{0, 0, 1}, On: [3]float64{-mid, 0, v["s"]}}
		out["shank"] = Place{Kind: "cylinder", O: [3]float64{0, 0, v["s"] / 2}, Z: [3]float64{0, 0, 1}, Radius: v["d2"] / 2, On: [3]float64{-v["d2"] / 2, 0, v["s"] / 2}}
	}
	return out
}

// topAt is how far from the axis a head's top surely is: outside its socket.
func topAt(f *Fastener) float64 {
	if f.Drive == "socket" {
		return (f.Values["s"]/2*1.1547 + f.Across()/2) / 2
	}
	return 0
}
