// Package drill works out the holes that one part wants where another has its own: through holes for a screw, tapped ones, counterbores and countersinks by
// the standards, or as wide as what goes through. It says what is to be cut; cutting is the kernel's.
package drill

import (
	"errors"
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/near"
	"setfast/core/part"
	"setfast/core/standard"
	"setfast/core/tol"
)

// Kinds are the kinds of holes.
var Kinds = []string{"clearance", "tapped", "counterbored", "countersunk", "own"}

// Said is what is wanted.
type Said struct {
	From   []string `json:"from"`             // holes, rims, axes or shanks of other components
	Kind   string   `json:"kind"`             // one of Kinds
	Thread string   `json:"thread,omitempty"` // of all kinds but own; the one that the hole is for, where none is said
	Series string   `json:"series,omitempty"` // of clearance holes: fine, medium (where none is said) or coarse
	Depth  float64  `json:"depth,omitempty"`  // mm from the side of what is drilled after; through where none is said
	Wider  float64  `json:"wider,omitempty"`  // mm in diameter, of own: the play
	Turned bool     `json:"turned,omitempty"` // heads lie on the side of what is drilled after
}

// Cut is something round that is taken away: mm, in the frame of the part.
type Cut struct {
	From, Dir [3]float64
	Height    float64
	R1, R2    float64 // at its beginning and its end; alike of a cylinder
}

// Hole is one hole as it comes out.
type Hole struct {
	After    string  `json:"after"`
	Diameter float64 `json:"diameter_mm"`
	Depth    float64 `json:"depth_mm"`
	Through  bool    `json:"through"`
	Cuts     []Cut   `json:"-"`
}

// World tells where features of an assembly stand.
type World interface {
	Feature(r assembly.Ref) (part.Feature, error)
}

// Target is the part that is drilled, where it stands.
type Target struct {
	Name string
	Pose geom.Pose
	// Line tells where a line crosses its surface, in its own frame: distances from the point.
	Line func(o, z geom.Vec) []float64
}

// beyond is how far a cut goes out of a face, mm, so that it leaves no skin.
const beyond = 1

// Plan tells which holes a part wants. Of several, those whose axes pass beside the part are left out; it is refused where all do.
func Plan(w World, t *Target, s *Said, read func(text string) (assembly.Ref, error)) ([]Hole, error) {
	if !slices.Contains(Kinds, s.Kind) {
		return nil, fmt.Errorf("%q is no kind of hole; known are %s%s", s.Kind, strings.Join(Kinds, ", "), near.Hint(s.Kind, Kinds))
	}
	if len(s.From) == 0 {
		return nil, fmt.Errorf("after which holes is not said")
	}
	var out []Hole
	var beside error
	for _, text := range s.From {
		r, err := read(text)
		if err != nil {
			return nil, err
		}
		if r.Head() == t.Name {
			return nil, fmt.Errorf("%s is a feature of %s itself", text, t.Name)
		}
		f, err := w.Feature(r)
		if err != nil {
			return nil, err
		}
		h, err := one(f.At(t.Pose.Inverse()), text, t, s)
		if err != nil {
			err = fmt.Errorf("%s: %w", text, err)
			if errors.Is(err, errBeside) && len(s.From) > 1 { // of several holes, those that lie there
				beside = err
				continue
			}
			return nil, err
		}
		for _, k := range out {
			if len(k.Cuts) > 0 && sameAxis(k.Cuts[0], h.Cuts[0]) {
				return nil, fmt.Errorf("%s and %s are about one axis: name one of them", k.After, text)
			}
		}
		out = append(out, *h)
	}
	if len(out) == 0 {
		return nil, beside
	}
	return out, nil
}

// errBeside is said of an axis with nothing to drill on it.
var errBeside = errors.New("its axis meets nothing")

func sameAxis(a, b Cut) bool {
	d := geom.FromArray(b.From).Sub(geom.FromArray(a.From))
	return d.Reject(geom.FromArray(a.Dir)).Norm() < tol.BoreMeets
}

// one is the hole after a feature, which is in the part's frame.
func one(f part.Feature, text string, t *Target, s *Said) (*Hole, error) {
	if !f.HasAxis() {
		return nil, fmt.Errorf("it has no axis")
	}
	if s.Kind == "own" && f.Radius == 0 {
		return nil, fmt.Errorf("it has no diameter of its own")
	}
	z := f.Z.Unit()
	at := t.Line(f.O, z)
	if len(at) < 2 && (s.Kind == "counterbored" || s.Kind == "countersunk") { // a head for a hole that is there
		at = around(f, z, t, s)
	}
	if len(at) < 2 {
		return nil, fmt.Errorf("%w of %s: it passes beside it, or there is a hole already", errBeside, t.Name)
	}
	if len(at)%2 != 0 {
		return nil, fmt.Errorf("its axis runs along a face of %s", t.Name)
	}
	walls := pairs(at)
	// away from what is drilled after: the wall nearest to it comes first
	if math.Abs(walls[0][0]) > math.Abs(walls[len(walls)-1][1]) {
		z = z.Neg()
		walls = turned(walls)
	}
	h := &Hole{After: text, Through: s.Depth == 0}
	near, far := walls[0][0], walls[0][1]
	if s.Kind == "own" {
		far = walls[len(walls)-1][1]
	}
	if s.Depth > 0 {
		if s.Depth >= far-near {
			return nil, fmt.Errorf("%g mm deep is through: the wall is %g mm", s.Depth, round(far-near))
		}
		far = near + s.Depth
	}
	h.Depth = round(far - near)
	place := func(h float64) [3]float64 { return f.O.AddScaled(h, z).Array() }
	end := far
	if h.Through {
		end += beyond
	}
	cylinder := func(from, to, r float64) {
		h.Cuts = append(h.Cuts, Cut{place(from), z.Array(), to - from, r, r})
	}
	if s.Kind == "own" {
		h.Diameter = round(2*f.Radius + s.Wider)
		cylinder(near-beyond, end, h.Diameter/2)
		return h, nil
	}
	hole, err := threadOf(f, s)
	if err != nil {
		return nil, err
	}
	if s.Kind == "tapped" {
		h.Diameter = hole.Drill
		cylinder(near-beyond, end, hole.Drill/2)
		return h, nil
	}
	if h.Diameter, err = clearance(hole, s.Series); err != nil {
		return nil, err
	}
	cylinder(near-beyond, end, h.Diameter/2)
	if s.Kind == "clearance" {
		return h, nil
	}
	if s.Depth > 0 {
		return nil, fmt.Errorf("a head wants a hole that goes through")
	}
	return h, head(h, s, hole, near, far, place, z)
}

// around tells where the part lies beside an axis, where a head would rest.
func around(f part.Feature, z geom.Vec, t *Target, s *Said) []float64 {
	h, err := threadOf(f, s)
	if err != nil {
		return nil
	}
	x := z.Perp()
	y := z.Cross(x)
	for _, d := range [4]geom.Vec{x, y, x.Neg(), y.Neg()} {
		if at := t.Line(f.O.AddScaled(h.Coarse/2+restBeside*h.D, d), z); len(at) >= 2 {
			return at
		}
	}
	return nil
}

// restBeside is how far beyond the hole a head is looked for a rest, in diameters: heads reach out by about a quarter.
const restBeside = 0.15

// head adds what a head lies in, on the side away from what is drilled after, or on the other.
func head(h *Hole, s *Said, hole standard.Hole, near, far float64, place func(float64) [3]float64, z geom.Vec) error {
	side, in := far, z.Neg() // where it opens, and which way it goes in
	if s.Turned {
		side, in = near, z
	}
	from := func(along float64) [3]float64 { return place(side + along*in.Dot(z)) }
	if s.Kind == "counterbored" {
		c, ok := standard.CounterboreOf(hole.Thread)
		if !ok {
			return fmt.Errorf("no counterbore is tabled for %s", hole.Thread)
		}
		if c.Depth >= far-near {
			return fmt.Errorf("the counterbore, %g mm deep, goes through a wall of %g mm", c.Depth, round(far-near))
		}
		h.Cuts = append(h.Cuts, Cut{from(-beyond), in.Array(), c.Depth + beyond, c.Diameter / 2, c.Diameter / 2})
		return nil
	}
	f, err := standard.Read("ISO 10642 " + hole.Thread)
	if err != nil {
		return fmt.Errorf("no countersink is tabled for %s", hole.Thread)
	}
	r := f.Values["dk"] / 2 // 90°: it narrows by as much as it goes in
	if r >= far-near+h.Diameter/2 {
		return fmt.Errorf("the countersink goes through a wall of %g mm", round(far-near))
	}
	tip := h.Diameter / 4
	h.Cuts = append(h.Cuts, Cut{from(-beyond), in.Array(), r - tip + beyond, r + beyond, tip})
	return nil
}

// threadOf is the thread that is said, or that a hole is for.
func threadOf(f part.Feature, s *Said) (standard.Hole, error) {
	if s.Thread != "" {
		h, ok := standard.HoleOf(s.Thread)
		if !ok {
			return h, fmt.Errorf("%q is no thread that is known, such as M6", s.Thread)
		}
		return h, nil
	}
	for _, x := range standard.Through(2 * f.Radius) {
		if h, ok := standard.HoleOf(x.Thread); ok {
			return h, nil
		}
	}
	return standard.Hole{}, fmt.Errorf("no screw is known for its %g mm: name the thread", round(2*f.Radius))
}

func clearance(h standard.Hole, series string) (float64, error) {
	switch series {
	case "fine", "close":
		return h.Fine, nil
	case "", "medium", "normal":
		return h.Medium, nil
	case "coarse", "loose":
		return h.Coarse, nil
	}
	return 0, fmt.Errorf("%q is no series of clearance holes; known are fine, medium and coarse", series)
}

func pairs(at []float64) (out [][2]float64) {
	for i := 0; i+1 < len(at); i += 2 {
		out = append(out, [2]float64{at[i], at[i+1]})
	}
	return out
}

func turned(walls [][2]float64) (out [][2]float64) {
	for _, w := range slices.Backward(walls) {
		out = append(out, [2]float64{-w[1], -w[0]})
	}
	return out
}

// thousandths of a mm are kept of what is told.
const thousandths = 1000

func round(v float64) float64 { return math.Round(v*thousandths) / thousandths }

// Recipe is all that is cut, in the kernel's words, of the shape on its stack.
func Recipe(holes []Hole) string {
	var s strings.Builder
	for _, h := range holes {
		for _, c := range h.Cuts {
			at := fmt.Sprintf("%.12g %.12g %.12g %.12g %.12g %.12g", c.From[0], c.From[1], c.From[2], c.Dir[0], c.Dir[1], c.Dir[2])
			if c.R1 == c.R2 {
				fmt.Fprintf(&s, "cyl %s %.12g %.12g\ncut\n", at, c.R1, c.Height)
			} else {
				fmt.Fprintf(&s, "cone %s %.12g %.12g %.12g\ncut\n", at, c.R1, c.R2, c.Height)
			}
		}
	}
	return s.String()
}
