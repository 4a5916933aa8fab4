package kernel

import (
	"context"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"regexp"
	"strings"

	"setfast/core/standard"
)

// Catalogue makes a fastener of a standard's table as a STEP file: its faces that others rest on are named there.
func (r *Runner) Catalogue(ctx context.Context, f *standard.Fastener) ([]byte, error) {
	if f.HasLength() && f.Length == 0 {
		return nil, fmt.Errorf("%s is made in lengths: say which", f.Designation())
	}
	dir, err := WorkFolder("catalogue")
	if err != nil {
		return nil, err
	}
	defer os.RemoveAll(dir)
	if err := r.Make(ctx, dir, recipeOf(f)+"step242 made.step\n"); err != nil {
		return nil, err
	}
	data, err := os.ReadFile(filepath.Join(dir, "made.step"))
	return stamped.ReplaceAll(data, []byte("${1}2000-01-01T00:00:00$2")), err
}

// Fasteners makes several as one file in a folder, and reads them: its parts are in their order.
func (r *Runner) Fasteners(ctx context.Context, dir string, list []*standard.Fastener) (path string, im *Import, err error) {
	var recipe strings.Builder
	for _, f := range list {
		recipe.WriteString(recipeOf(f))
	}
	path = filepath.Join(dir, "fasteners.step")
	if err := r.Make(ctx, dir, recipe.String()+"step242 fasteners.step\n"); err != nil {
		return "", nil, err
	}
	if im, err = r.Read(ctx, path, nil); err == nil && len(im.Parts) != len(list) {
		err = fmt.Errorf("of %d fasteners %d came out", len(list), len(im.Parts))
	}
	return path, im, err
}

// stamped is when a file was written, as its header says: the same part is the same file whenever it is made.
var stamped = regexp.MustCompile(`(?s)(FILE_NAME\('[^']*',')[^']*(')`)

// recipeOf is a fastener in the kernel's words: pieces are joined or cut in turn.
func recipeOf(f *standard.Fastener) string {
	var s strings.Builder
	for i, p := range f.Shape() {
		s.WriteString(pieceOf(p))
		switch {
		case p.Cut:
			s.WriteString("cut\n")
		case i > 0:
			s.WriteString("fuse\n")
		}
	}
	places := f.Places()
	for _, n := range standard.PlaceNames {
		if at, ok := places[n]; ok && at.Kind != "axis" {
			fmt.Fprintf(&s, "call %s %.9g %.9g %.9g\n", n, at.On[0], at.On[1], at.On[2])
		}
	}
	fmt.Fprintf(&s, "product %s\n", f.Designation())
	return s.String()
}

// sectorSides are how many sides a sector is drawn with.
const sectorSides = 3

func pieceOf(p standard.Piece) string {
	h := p.To - p.From
	polygon := func(points [][2]float64) string {
		var s strings.Builder
		fmt.Fprintf(&s, "prism 0 0 %.9g %.9g %d", p.From, h, len(points))
		for _, q := range points {
			fmt.Fprintf(&s, " %.9g %.9g", q[0], q[1])
		}
		return s.String() + "\n"
	}
	switch p.Kind {
	case "hexagon":
		corner := p.R1 * 2 / math.Sqrt(3)
		var points [][2]float64
		for k := range 6 {
			a := (float64(k) + 0.5) * math.Pi / 3 // flats square to x
			points = append(points, [2]float64{corner * math.Cos(a), corner * math.Sin(a)})
		}
		return polygon(points)
	case "zone":
		middle, radius := p.Ball()
		return fmt.Sprintf("sphere 0 0 %.9g %.9g\nbox %.9g %.9g %.9g %.9g %.9g %.9g\ncommon\n", middle, radius, -p.R1-1, -p.R1-1, p.From, 2*p.R1+2, 2*p.R1+2, h)
	case "wedge":
		half, far := standard.RingGap*math.Pi/360, 2*p.R2
		points := [][2]float64{{0, 0}}
		for k := range sectorSides {
			a := half * (float64(k) - 1)
			points = append(points, [2]float64{far * math.Cos(a), far * math.Sin(a)})
		}
		return polygon(points)
	}
	if p.R1 == p.R2 {
		return fmt.Sprintf("cyl 0 0 %.9g 0 0 1 %.9g %.9g\n", p.From, p.R1, h)
	}
	return fmt.Sprintf("cone 0 0 %.9g 0 0 1 %.9g %.9g %.9g\n", p.From, p.R1, p.R2, h)
}
