package relate

import (
	"fmt"
	"math"

	"setfast/core/assembly"
	"setfast/core/part"
	"setfast/core/tol"
)

// Bounds on tabs and slots; common practice, no source.
const (
	tabRoom  = 0.5  // mm: how much wider a slot may be than its tab
	tabFaces = 12   // pairs of faces of one component that are looked at
	tabArea  = 0.05 // of the largest face: lesser ones are no sides of a tab
	tabRank  = 0.8  // below what holes and shanks say
)

// gauge is a pair of flat faces that look away from each other, as a tab has, or at each other, as a slot has.
type gauge struct {
	a, b  *surface
	width float64
}

// tabs proposes tabs for slots that are as wide, hexagons for pockets of their width across flats, and the other way round: centred, by the
// pair of faces that tells the width. Of a hexagon one pair stops the turn; its axis comes by the sentence or by another proposal.
func (f *following) tabs() {
	tabs, slots := f.gauges(f.unit)
	for u := range f.s.units {
		if !f.on[u] {
			continue
		}
		theirTabs, theirSlots := f.gauges(u)
		f.fitting(u, tabs, theirSlots, true)
		f.fitting(u, slots, theirTabs, false)
	}
}

// gauges are the pairs of faces of a component by which it is as wide: tabs and slots.
func (f *following) gauges(u int) (tabs, slots []gauge) {
	flat := f.surfaces(u, part.Plane)
	largest := 0.0
	for _, x := range flat {
		largest = math.Max(largest, areaOf(x))
	}
	for i, x := range flat {
		for _, y := range flat[i+1:] {
			if x.world.Z.Dot(y.world.Z) > -1+tol.LooksAt || areaOf(x) < tabArea*largest || math.Abs(areaOf(x)-areaOf(y)) > areaAlike*areaOf(x) {
				continue
			}
			g := gauge{x, y, x.world.O.Sub(y.world.O).Dot(x.world.Z)}
			switch {
			case g.width > tol.NearlyMeets && len(tabs) < tabFaces:
				tabs = append(tabs, g)
			case g.width < -tol.NearlyMeets && len(slots) < tabFaces:
				g.width = -g.width
				slots = append(slots, g)
			}
		}
	}
	return tabs, slots
}

// fitting proposes what fits: own in theirs, or theirs in own.
func (f *following) fitting(u int, own, theirs []gauge, inside bool) {
	for _, x := range own {
		for _, y := range theirs {
			room := y.width - x.width
			if !inside {
				room = -room
			}
			if room < -tol.SizeForSize || room > tabRoom {
				continue
			}
			a2, b2 := refTo(y.b), refTo(x.b)
			m := f.mate("centred", refTo(y.a), refTo(x.a), "")
			m.A2, m.B2 = &a2, &b2
			n := Next{Kind: "tab", On: f.s.units[u].name, ranking: tabRank - room, Mates: []*assembly.Mate{m}, At: at(y.a.world),
				Says: fmt.Sprintf("%s mm wide in %s mm · %s", part.Number(three(math.Min(x.width, y.width))), part.Number(three(math.Max(x.width, y.width))), f.s.units[u].name)}
			f.out = append(f.out, n)
		}
	}
}
