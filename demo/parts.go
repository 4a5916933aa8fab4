// Package demo makes the sample project: the opener of a glasshouse's ridge vent, its parts from recipes of our own,
// written as STEP files and brought in like anybody's, and its first assemblies: one set, one that moves as planned, one
// unfinished, one at odds, one that is only placed, a latch whose follower runs on a cam, and a drive by rack and screw.
package demo

import (
	"fmt"
	"strings"

	"setfast/core/teeth"
)

// recipe is a part: its file, what is said of it, and how it is made. The words are those of the kernel's recipes.
type recipe struct {
	name, number, material string
	density                float64
	fastener               bool
	make                   string
}

// Sizes are mm. Holes for M6 are 6.6, the medium series of ISO 273 (from memory).
var recipes = []recipe{
	{"Wall plate", "GV-101", "steel", 7850, false, `
box 0 0 0 180 110 10
cyl 40 25 -1 0 0 1 3.3 12
cut
cyl 40 85 -1 0 0 1 3.3 12
cut
cyl 140 25 -1 0 0 1 3.3 12
cut
cyl 140 85 -1 0 0 1 3.3 12
cut
cyl 12 55 -1 0 0 1 4.5 12
cut
cyl 168 55 -1 0 0 1 4.5 12
cut`},
	{"Bearing block", "GV-102", "cast iron", 7200, false, `
box 0 0 0 30 80 10
box 0 20 0 30 40 46
fuse
cyl -1 40 28 1 0 0 8 32
cut
cyl 15 10 -1 0 0 1 3.3 12
cut
cyl 15 70 -1 0 0 1 3.3 12
cut`},
	{"Crank shaft", "GV-103", "steel", 7850, false, `
cyl 0 0 0 1 0 0 8 190
cyl 24 0 0 1 0 0 13 6
fuse
box 0 5.5 -9 22 5 18
cut`},
	{"Crank arm", "GV-104", "steel", 7850, false, `
box -14 -12 0 118 24 10
cyl 0 0 -1 0 0 1 8 12
box -9 5.5 -1 18 6 12
cut
cut
cyl 90 0 -1 0 0 1 5 12
cut`},
	{"Crank handle", "GV-105", "beech", 720, false, `
cyl 0 0 0 0 0 1 11 70
cyl 0 0 -12 0 0 1 5 12
fuse`},
	{"Screw M6x20", "GV-201", "steel", 7850, true, `
cyl 0 0 0 0 0 1 5 6
cyl 0 0 0 0 0 -1 3 20
fuse
prism 0 0 3 4 6 2.887 0 1.4434 2.5 -1.4434 2.5 -2.887 0 -1.4434 -2.5 1.4434 -2.5
cut`},
	{"Hinge bracket, left", "GV-301", "steel", 7850, false, `
box 0 0 0 60 40 6
box 0 0 0 6 40 44
fuse
cyl -1 20 30 1 0 0 4.1 8
cut
cyl 40 20 -1 0 0 1 4.5 8
cut`},
	{"Vent knuckle", "GV-302", "aluminium", 2700, false, `
box 0 -10 -10 24 20 60
cyl -1 0 0 1 0 0 4.1 26
cut`},
	{"Clevis pin 8x44", "GV-303", "steel", 7850, true, `
cyl 0 0 0 1 0 0 4 44
cyl -4 0 0 1 0 0 6 4
fuse`},
	{"Cover", "GV-106", "aluminium", 2700, false, `
box 0 0 0 180 110 3
cyl 40 25 -1 0 0 1 3.3 5
cut
cyl 40.4 85 -1 0 0 1 3.3 5
cut
cyl 140 25 -1 0 0 1 3.3 5
cut
cyl 140 85 -1 0 0 1 3.3 5
cut`},
	{"Latch plate", "GV-401", "steel", 7850, false, `
box 0 0 0 140 60 8
cyl 30 30 8 0 0 1 6 20
fuse
box 90 15 8 30 30 22
fuse
cyl 89 30 18 1 0 0 5.05 32
cut`},
	{"Latch cam", "GV-402", "steel", 7850, false, `
cyl 6 0 0 0 0 1 18 14
cyl 0 0 -1 0 0 1 6.05 16
cut`},
	{"Latch follower", "GV-403", "brass", 8500, false, `
cyl 0 0 0 1 0 0 5 70
cyl 0 0 0 1 0 0 9 4
fuse`},
	{"Latch spring", "GV-404", "spring steel", 7850, false, `
cyl 0 0 0 1 0 0 8 44
cyl -1 0 0 1 0 0 5.2 46
cut`}, // as a sleeve, which is how springs are drawn in short, as long as it is where the follower is farthest out
	{"Drive bed", "GV-501", "steel", 7850, false, `
box 0 0 0 200 100 10
cyl 100 60 10 0 0 1 6 16
fuse
box 0 30 10 6 11 10
fuse
cyl 0 35.5 15 1 0 0 2.95 200
fuse
box 10 80 10 10 18 20
fuse
cyl 9 89 20 1 0 0 4.05 12
cut`},
	{"Drive pinion", "GV-502", "steel", 7850, false, raised(teeth.Outline(18, 2, 0.12), 10) + `
cyl 0 0 -1 0 0 1 6.05 12
cut`},
	{"Drive rack", "GV-503", "steel", 7850, false, raised(teeth.RackOutline(12, 2, 0.12, 8), 10) + `
cyl -10 -6.5 5 1 0 0 3 100
cut`},
	{"Stay screw", "GV-504", "steel", 7850, false, `
cyl 0 0 0 1 0 0 4 130
cyl -6 0 0 1 0 0 7 6
fuse`},
	{"Stay nut", "GV-505", "brass", 8500, false, `
box -8 -8 -10 16 16 20
cyl -9 0 0 1 0 0 4.05 18
cut`},
}

// raised is a recipe of an outline raised by a height.
func raised(outline [][2]float64, high float64) string {
	var s strings.Builder
	fmt.Fprintf(&s, "prism 0 0 0 %g %d", high, len(outline))
	for _, p := range outline {
		fmt.Fprintf(&s, " %.5f %.5f", p[0], p[1])
	}
	return s.String()
}

// stock is what some parts are cut from, by their numbers.
var stock = map[string]string{"GV-103": "round bar, 16", "GV-503": "rack, module 2"}
