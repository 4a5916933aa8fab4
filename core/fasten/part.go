package fasten

import (
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/standard"
)

// SeatRim and TopRim are the rims of a catalogue part by which it is put on something and something on it.
const (
	SeatRim = "seat_rim"
	TopRim  = "top_rim"
)

// PartOf is a fastener as a part of a document, by its table alone: its places are its features.
func PartOf(f *standard.Fastener) *part.Part {
	name := f.Designation()
	volume, middle, about := f.Inertia()
	p := &part.Part{Name: name, Number: name, Material: f.Material, Fastener: true, Catalogue: true, Density: standard.Density, Features: map[string]part.Feature{}}
	p.Volume = part.Volume{Known: true, MM3: volume, Centroid: geom.V(0, 0, middle)}
	for i, x := range about {
		p.Volume.Inertia[i][i] = part.Mass(standard.Density, x)
	}
	add := func(name string, g part.Feature) {
		p.Features[name] = g
		p.Order = append(p.Order, name)
	}
	places := f.Places()
	for _, n := range standard.PlaceNames {
		if x, ok := places[n]; ok {
			add(n, part.Feature{Kind: part.Kind(x.Kind), O: geom.FromArray(x.O), Z: geom.FromArray(x.Z), Radius: x.Radius, HalfAngle: x.Half, Side: side(n, f.Family)})
		}
	}
	up := geom.V(0, 0, 1)
	seat, top := f.Values["d"]/2, f.Values["d"]/2
	height := f.Height()
	switch f.Family {
	case standard.Washer:
		seat, top = f.Values["d1"]/2, f.Values["d1"]/2
	case standard.Nut, standard.Locknut:
		seat, top = f.Thread.Minor()/2, f.Thread.Minor()/2
	}
	if f.Head == "countersunk" {
		seat, height = f.Values["dk"]/2, 0
	}
	add(SeatRim, part.Feature{Kind: part.Circle, Z: up, Radius: seat})
	if f.Family == standard.Washer || f.Family == standard.Nut || f.Family == standard.Locknut {
		add(TopRim, part.Feature{Kind: part.Circle, O: geom.V(0, 0, height), Z: up, Radius: top})
	}
	return p
}

// side says whether a round face is a hole's or a shaft's.
func side(name string, of standard.Family) string {
	switch {
	case name == "bore", name == "thread" && (of == standard.Nut || of == standard.Locknut):
		return "hole"
	case name == "shank", name == "thread":
		return "shaft"
	}
	return ""
}
