package standard

import (
	"fmt"
	"math"
	"slices"
	"testing"
)

// TestTables holds each table against the rules by which the standards were made: columns that follow from the diameter, preferred widths, and
// the order of sizes.
func TestTables(t *testing.T) {
	// widths across flats by thread (ISO 272:1982, from memory), and of sockets (ISO 4762: as ISO 2936 keys)
	flats := map[string]float64{"M2": 4, "M2.5": 5, "M3": 5.5, "M4": 7, "M5": 8, "M6": 10, "M8": 13, "M10": 16, "M12": 18, "M14": 21, "M16": 24, "M18": 27, "M20": 30, "M22": 34, "M24": 36}
	keys := []float64{0.9, 1.3, 1.5, 2, 2.5, 3, 4, 5, 6, 8, 10, 12, 14, 17, 19, 22} // ISO 2936, from memory
	for _, s := range All() {
		for i := range s.Sizes {
			z, v := &s.Sizes[i], s.Sizes[i].Values
			bad := func(what string, want float64) { t.Errorf("%s %s: %s, want %g: %v", s.Name, z.Name, what, want, v) }
			th, threaded := ThreadOf(z.Name)
			if threaded && s.threaded() && math.Abs(v["P"]-th.Pitch) > 1e-9 {
				bad("pitch (ISO 261)", th.Pitch)
			}
			if w, ok := flats[z.Name]; ok && s.Drive == "hexagon" && !s.Inch && s.Name != "DIN 985" && v["s"] != w {
				bad("width across flats (ISO 272)", w)
			}
			if s.Drive == "socket" && !s.Inch && !slices.Contains(keys, v["s"]) {
				bad("socket for a key of ISO 2936", 0)
			}
			if e, ok := v["e"]; ok && !(e > 1.075*v["s"] && e < 1.155*v["s"]) { // the least width across corners: 1.13 of the least across flats
				bad("across corners", 1.13*v["s"])
			}
			if dw, ok := v["dw"]; ok && !(dw < v["s"] && dw > 0.74*v["s"]) {
				bad("bearing face", v["s"])
			}
			d := v["d"]
			switch s.Name {
			case "ISO 4762": // k = d, b = 2 d + 12
				if v["k"] != d || v["b"] != 2*d+12 || v["t"] < 0.43*d || v["s"] < 0.65*d || v["dk"] < 1.5*d-1e-9 || v["dk"] > 1.91*d {
					bad("k = d, b = 2 d + 12", 2*d+12)
				}
			case "ISO 10642", "ISO 7380-1":
				if v["b"] != 2*d+12 {
					bad("b = 2 d + 12", 2*d+12)
				}
				if s.Name == "ISO 10642" && math.Abs(v["k"]-(v["dk"]-d)/2) > 0.011 { // a cone of 90°
					bad("head height", (v["dk"]-d)/2)
				}
				if s.Name == "ISO 10642" && d <= 12 && math.Abs(v["dk"]-2.24*d) > 1e-9 { // 2.24 d up to M12
					bad("head diameter", 2.24*d)
				}
				if s.Name == "ISO 7380-1" && math.Abs(v["k"]-0.55*d) > 0.011 {
					bad("head height", 0.55*d)
				}
			case "ISO 4014":
				if v["b"] != 2*d+6 {
					bad("b = 2 d + 6", 2*d+6)
				}
			case "ISO 4032", "ISO 4035", "ISO 7040", "DIN 985":
				if m := v["m"]; s.Name == "ISO 4035" && m > 0.65*d || s.Name == "ISO 4032" && (m < 0.79*d || m > 0.95*d) {
					bad("nut height", d)
				}
				if h, ok := v["h"]; ok && h < v["m"]+th.Pitch {
					bad("height with the insert", v["m"])
				}
			case "ISO 7089", "ISO 7090": // ISO 887 takes the fine series of ISO 273 for the hole
				if h, ok := HoleOf(z.Name); !ok || v["d1"] != h.Fine {
					bad("hole", h.Fine)
				}
			case "DIN 471":
				if g := (d1(v) - v["d2"]) / 2; v["d3"] >= v["d2"] || v["m"] < v["s"]+0.1-1e-9 || g < 0.1-1e-9 || g > 0.6 {
					bad("groove", v["d2"])
				}
			case "DIN 472":
				if g := (v["d2"] - d1(v)) / 2; v["d3"] <= v["d2"] || v["m"] < v["s"]+0.1-1e-9 || g < 0.1 || g > 0.65 {
					bad("groove", v["d2"])
				}
			}
			if i > 0 {
				for l, x := range v {
					if y := s.Sizes[i-1].Values[l]; x < y-1e-9 && !(s.Family == Nut && s.Inch) {
						bad(fmt.Sprintf("%s shrinks from %g", l, y), y)
					}
				}
			}
			if stock := s.Stock(z); s.HasLength() && (len(stock) < 2 || stock[0] != z.From || stock[len(stock)-1] != z.To) {
				bad("stock lengths", z.From)
			}
		}
	}
}

func d1(v map[string]float64) float64 { return v["d1"] }

// TestCells holds cells against handbook tables as they are remembered by themselves, size by size: Tabellenbuch Metall and Machinery's Handbook,
// both from memory.
func TestCells(t *testing.T) {
	for name, want := range map[string]map[string]float64{
		"ISO 4762 M6x20":          {"dk": 10, "k": 6, "s": 5, "P": 1, "d": 6, "b": 24, "l": 20},
		"ISO 4762 M8x60":          {"dk": 13, "k": 8, "s": 6, "b": 28},
		"ISO 4014 M10x130":        {"k": 6.4, "s": 16, "b": 32},
		"ISO 4014 M12x220":        {"b": 49},
		"ISO 4017 M5x16":          {"k": 3.5, "s": 8},
		"ISO 10642 M5x20":         {"dk": 11.2, "k": 3.1, "s": 3},
		"iso7380 m6x16":           {"dk": 10.5, "k": 3.3, "s": 4},
		"ISO 4026 M6x10":          {"s": 3, "dp": 4},
		"DIN EN ISO 4032 - M8":    {"m": 6.8, "s": 13},
		"ISO 4035 M8":             {"m": 4, "s": 13},
		"ISO 7040 M8":             {"h": 9.5, "s": 13},
		"DIN 985 M6":              {"h": 6, "s": 10},
		"ISO 7089 M6":             {"d1": 6.4, "d2": 12, "h": 1.6},
		"ISO 7090 M10":            {"d1": 10.5, "d2": 20, "h": 2},
		"ISO 2338 6x30":           {"d": 6, "c": 1.2},
		"ISO 8734 5 x 20":         {"d": 5, "c": 0.8},
		"DIN 471 20":              {"s": 1.2, "d2": 19, "m": 1.3, "d3": 18.5},
		"DIN 472 20":              {"s": 1, "d2": 21, "m": 1.1, "d3": 21.5},
		"ASME B18.3 1/4-20x1-1/4": {"dk": 0.375 * 25.4, "k": 6.35, "s": 0.1875 * 25.4, "P": 1.27, "l": 31.75},
		"ASME B18.2.1 3/8 x 1.5":  {"s": 0.5625 * 25.4, "l": 38.1},
		"ASME B18.2.2 #10":        {"s": 0.375 * 25.4},
		"ASME B18.21.1 1/2":       {"d1": 0.531 * 25.4},
		"ISO 4762 M6 × 20 - 8.8":  {"l": 20},
	} {
		f, err := Read(name)
		if err != nil {
			t.Errorf("%s: %v", name, err)
			continue
		}
		got := map[string]float64{}
		for _, v := range f.Dimensions() {
			got[v.Letter] = v.MM
		}
		for l, x := range want {
			if math.Abs(got[l]-x) > 1e-9 {
				t.Errorf("%s: %s is %g, want %g", name, l, got[l], x)
			}
		}
	}
	for _, name := range []string{"", "ISO 4762", "ISO 4762 M7", "ISO 4762 M6x", "ISO 4762 M6x-3", "ISO 4762 M6xNaN", "ISO 4762 M6x1e9", "DIN 985 M6x20", "ISO 99 M6", "ISO 4762 M6x20x30", "ASME B18.3 1/4x1/0"} {
		if f, err := Read(name); err == nil {
			t.Errorf("%q was read as %s", name, f.Designation())
		}
	}
}

// TestHoles holds clearance holes and drills against their rules and names screws by holes.
func TestHoles(t *testing.T) {
	for _, h := range Holes() {
		th, ok := ThreadOf(h.Thread)
		if !ok || math.Abs(th.D-h.D) > 1e-9 || !(h.D < h.Fine && h.Fine < h.Medium && h.Medium < h.Coarse) {
			t.Errorf("%+v", h)
		}
		// a drill leaves from 65 to 100 % of the thread's depth: d − P, rounded to drills (ISO 2306)
		if depth := (h.D - h.Drill) / (h.D - th.Minor()); depth < 0.65 || depth > 1.001 {
			t.Errorf("%s: the drill %g leaves %.0f %% of the thread", h.Thread, h.Drill, 100*depth)
		}
	}
	for d, want := range map[float64]string{6.6: "[{M6 medium false}]", 9: "[{M8 medium false}]", 5.1: "[{M5 tighter than fine false} {#8-32 between normal and loose false} {#10-24 tighter than close false}]", 5: "[{M6 tapping drill true}]"} {
		if got := fmt.Sprint(Through(d)); d != 5 && got != want || d == 5 && len(Through(d)) == 0 {
			t.Errorf("%g: %s, want %s", d, got, want)
		}
	}
}

// TestThread holds the profile against ISO 68-1 and ISO 724: M6 has D1 4.917 and D2 5.350, 1/4-20 UNC has 0.1959 and 0.2175 inches (ASME B1.1).
func TestThread(t *testing.T) {
	m, _ := ThreadOf("M6")
	u, _ := ThreadOf("1/4-20")
	for _, c := range [][3]float64{{m.Minor(), 4.917, 1e-3}, {m.Middle(), 5.350, 1e-3}, {m.Deep(), 0.6134, 1e-4}, {u.Minor() / Inch, 0.1959, 1e-4}, {u.Middle() / Inch, 0.2175, 1e-4}} {
		if math.Abs(c[0]-c[1]) > c[2] {
			t.Errorf("%g, want %g", c[0], c[1])
		}
	}
	for name, ok := range map[string]bool{"M8x1": true, "M8x1.25": true, "M8x3": false, "M9": false, "#10": true, "#10-24 UNC": true, "M": false, "5/16-18UNC": true} {
		if _, got := ThreadOf(name); got != ok {
			t.Errorf("%q: %v", name, got)
		}
	}
}

// TestChoose works lengths out by hand: grip and nut and a pitch, rounded up to stock; engagement in blind holes with what is left at the bottom.
func TestChoose(t *testing.T) {
	of := func(name string) *Fastener {
		if name == "" {
			return nil
		}
		f, err := Read(name)
		if err != nil {
			t.Fatal(err)
		}
		return f
	}
	for _, c := range []struct {
		screw, nut        string
		grip, blind, into float64
		length, exact     float64
		beyond            float64 // through the nut, or engaged
		findings          int
	}{
		{"ISO 4762 M6", "DIN 985 M6", 14.2, 0, 0, 25, 20.2, 4.8, 0}, // 21.2 is wanted
		{"ISO 4762 M6", "DIN 985 M6", 16, 0, 0, 25, 22, 3, 0},
		{"ISO 4762 M6", "ISO 7040 M6", 14.2, 0, 0, 25, 22.2, 2.8, 0},
		{"ISO 4762 M6", "ISO 4032 M6", 13.8, 0, 0, 20, 19, 1, 0}, // just a pitch
		{"ISO 4762 M6", "ISO 4032 M6", 13.81, 0, 0, 25, 19.01, 5.99, 0},
		{"ISO 4762 M6", "ISO 4032 M6", 60, 0, 0, 67, 65.2, 1.8, 1},    // 60 is the longest
		{"ISO 4014 M10", "ISO 4032 M10", 20, 0, 0, 45, 28.4, 16.6, 0}, // the shortest; its thread is 26 long, its shank 19
		{"ISO 4762 M6", "", 10, 12, 0, 16, 16, 6, 0},
		{"ISO 4762 M6", "", 10, 7, 0, 12, 16, 2, 1},   // 16 would leave 1 at the bottom
		{"ISO 4762 M6", "", 10, 20, 2, 25, 22, 15, 0}, // in aluminium
		{"ISO 10642 M6", "", 8, 12, 0, 16, 14, 8, 0},  // from the top of its head
		{"ASME B18.3 1/4", "ASME B18.2.2 1/4", 12.7, 0, 0, 22.225, 12.7 + 0.21875*25.4, 22.225 - 12.7 - 0.21875*25.4, 0},
	} {
		got, err := Choose(Wanted{Screw: of(c.screw), Nut: of(c.nut), Grip: c.grip, Blind: c.blind, Into: c.into})
		if err != nil {
			t.Errorf("%+v: %v", c, err)
			continue
		}
		beyond := got.Through
		if c.nut == "" {
			beyond = got.Engagement
		}
		if math.Abs(got.Length-c.length) > 1e-6 || math.Abs(got.Exact-c.exact) > 1e-6 || beyond == nil || math.Abs(*beyond-c.beyond) > 1e-6 || len(got.Findings) < c.findings || c.findings == 0 && len(got.Findings) > 0 {
			t.Errorf("%+v: %+v, %v", c, got, *beyond)
		}
	}
	for _, w := range []Wanted{{}, {Screw: of("ISO 4762 M6")}, {Screw: of("ISO 4762 M6"), Nut: of("ISO 4032 M8"), Grip: 10}, {Screw: of("ISO 4032 M6"), Blind: 10}, {Screw: of("ISO 4762 M6"), Grip: math.NaN(), Blind: 10}} {
		if got, err := Choose(w); err == nil {
			t.Errorf("%+v: %+v", w, got)
		}
	}
}
