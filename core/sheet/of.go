package sheet

import (
	"cmp"
	"fmt"
	"math"
	"slices"
	"strconv"
	"strings"

	"setfast/core/assembly"
	"setfast/core/explode"
	"setfast/core/geom"
	"setfast/core/list"
	"setfast/core/part"
	"setfast/core/placed"
	"setfast/core/report"
	"setfast/core/view"
)

// Looks are the directions of sight of the views along axes and of the isometric one: z upward, seen from where y is least.
var Looks = map[string]view.View{
	"front": {Look: geom.V(0, 1, 0), Up: geom.V(0, 0, 1)}, "back": {Look: geom.V(0, -1, 0), Up: geom.V(0, 0, 1)},
	"left": {Look: geom.V(1, 0, 0), Up: geom.V(0, 0, 1)}, "right": {Look: geom.V(-1, 0, 0), Up: geom.V(0, 0, 1)},
	"top": {Look: geom.V(0, 0, -1), Up: geom.V(0, 1, 0)}, "bottom": {Look: geom.V(0, 0, 1), Up: geom.V(0, -1, 0)},
	"iso": {Look: geom.V(-1, 1, -1), Up: geom.V(0, 0, 1)}, "exploded": {Look: explode.Sight, Up: geom.V(0, 0, 1)},
}

// Subject is an assembly to be drawn: laid out and solved.
type Subject struct {
	Doc      *assembly.Document
	Report   *report.Report
	Name     string                                 // of the assembly
	Shape    func(part string) *view.Shape          // nil of what has none
	Exploded *explode.Exploded                      // for the exploded view
	Section  string                                 // a feature through which it is cut: an axis, or a flat face
	Resolve  func(ref string) (part.Feature, error) // where it stands in the assembly
	Pointed  bool                                   // views tell what can be pointed at in them
}

// mostUses is how many parts are drawn.
const mostUses = 20_000

// Views makes the views that are named, and the rows of the list.
func (s *Subject) Views(names []string) (wants []Want, rows []Row, err error) {
	uses, more := placed.Uses(s.Doc, s.Report, s.Name, mostUses)
	if more {
		return nil, nil, fmt.Errorf("it places more than %d parts", mostUses)
	}
	own := *s.Doc
	own.Root = s.Name
	of := map[string]int{}
	for _, i := range list.Of(&own, false).Items {
		of[i.Part] = len(rows)
		rows = append(rows, Row{Item: i.Item, Quantity: i.Quantity, Number: i.Number, Name: cmp.Or(i.Name, i.Part) + cutTo(i.Length), Material: i.Material, Mass: i.Mass})
	}
	if s.Section != "" && !slices.Contains(names, "section") {
		names = append(slices.Clone(names), "section")
	}
	for _, name := range names {
		w := Want{Name: name}
		var shift func(use string) geom.Vec
		switch {
		case name == "section":
			if w.View, err = s.section(); err != nil {
				return nil, nil, err
			}
			w.Label = letterOf(0)
		case name == "exploded":
			if s.Exploded == nil {
				return nil, nil, fmt.Errorf("the exploded view wants shapes")
			}
			shift = s.apart
			w.View = Looks[name]
		default:
			if w.View, err = s.look(name); err != nil {
				return nil, nil, err
			}
		}
		for i := range uses {
			u := &uses[i]
			shape := s.Shape(u.Part)
			if shape == nil {
				continue
			}
			p := s.Doc.Parts[u.Part]
			x := view.Item{Shape: shape, Pose: u.Pose, Whole: p != nil && p.Fastener}
			if shift != nil {
				x.Pose.O = x.Pose.O.Add(shift(u.Name()))
			}
			row, ok := of[u.Part]
			if !ok {
				row = -1
			}
			w.Items, w.Row, w.Trail, w.Names = append(w.Items, x), append(w.Row, row), append(w.Trail, false), append(w.Names, u.Component)
			if s.Pointed && p != nil {
				w.Marks = append(w.Marks, marksOf(u, p))
			}
		}
		if shift != nil {
			s.trails(&w, uses)
		}
		if len(w.Items) == 0 {
			return nil, nil, fmt.Errorf("nothing in it has a shape to be drawn")
		}
		wants = append(wants, w)
	}
	return wants, rows, nil
}

// cutTo is what the list says of a piece cut from stock.
func cutTo(mm *float64) string {
	if mm == nil {
		return ""
	}
	return ", L = " + dimText(*mm, "")
}

// look is the view of a name: the assembly's own before the usual ones.
func (s *Subject) look(name string) (view.View, error) {
	for _, v := range s.Doc.Assemblies[s.Name].Views {
		if v.Name == name {
			return view.View{Look: v.Look, Up: v.Up}, nil
		}
	}
	if v, ok := Looks[name]; ok {
		return v, nil
	}
	return view.View{}, fmt.Errorf("there is no view %q; there are front, back, left, right, top, bottom, iso, exploded, and the assembly's own", name)
}

// section is the view of a plane through an axis, along it, or of a flat face. Sight is along the axis of the assembly that suits best.
func (s *Subject) section() (view.View, error) {
	f, err := s.Resolve(s.Section)
	if err != nil {
		return view.View{}, err
	}
	look := geom.V(0, 1, 0)
	switch {
	case f.Kind == part.Plane:
		look = f.Z.Neg()
	case !f.HasAxis():
		return view.View{}, fmt.Errorf("a section goes through an axis or along a flat face; %s is a %s", s.Section, f.Kind)
	case math.Abs(f.Z.Y) > math.Sqrt2/2: // the axis runs to the back: seen from the right
		look = geom.V(-1, 0, 0)
	}
	if f.Kind != part.Plane {
		look = look.Reject(f.Z).Unit()
	}
	up := geom.V(0, 0, 1)
	if math.Abs(look.Z) > math.Sqrt2/2 {
		up = geom.V(0, 1, 0)
	}
	return view.View{Look: look, Up: up, Cut: &view.Plane{O: f.O}}, nil
}

// apart is how far a part stands from where it is at home.
func (s *Subject) apart(use string) (shift geom.Vec) {
	for _, x := range s.Exploded.Steps {
		if moves(x.Parts, use) {
			shift = shift.AddScaled(x.By, geom.FromArray(x.Along))
		}
	}
	return shift
}

func moves(parts []string, use string) bool {
	return slices.ContainsFunc(parts, func(p string) bool { return use == p || strings.HasPrefix(use, p+"/") })
}

// trails adds the ways along which parts left, from the middle of each.
func (s *Subject) trails(w *Want, uses []placed.Use) {
	middle := map[string][2]geom.Vec{} // the box of what leaves as one
	for _, x := range s.Exploded.Steps {
		for _, name := range x.Parts {
			if _, ok := middle[name]; ok {
				continue
			}
			first := true
			var box [2]geom.Vec
			for i := range uses {
				shape := s.Shape(uses[i].Part)
				if shape == nil || !moves([]string{name}, uses[i].Name()) {
					continue
				}
				low, high := uses[i].Pose.Box(shape.Box())
				if first {
					box, first = [2]geom.Vec{low, high}, false
				}
				box = [2]geom.Vec{box[0].Least(low), box[1].Most(high)}
			}
			middle[name] = box
		}
	}
	for name, box := range middle {
		at := box[0].Add(box[1]).Scale(0.5)
		points := []geom.Vec{at}
		for _, x := range s.Exploded.Steps {
			if slices.Contains(x.Parts, name) {
				at = at.AddScaled(x.By, geom.FromArray(x.Along))
				points = append(points, at)
			}
		}
		w.Items = append(w.Items, view.Item{Shape: &view.Shape{Edges: []view.Edge{{Points: points}}}, Pose: geom.Home})
		w.Row, w.Trail = append(w.Row, -1), append(w.Trail, true)
	}
}

// Dim reads a dimension as it is asked for: "front: block/f1, plate/f2", or "top: block/f4" for a diameter.
func (s *Subject) Dim(text string) (d Dim, err error) {
	view, refs, ok := strings.Cut(text, ":")
	list := strings.Split(refs, ",")
	if !ok || len(list) > 2 || strings.TrimSpace(list[0]) == "" {
		return d, fmt.Errorf("a dimension is asked for as view: feature, feature, or view: round feature; %q is none", text)
	}
	d.View = strings.TrimSpace(view)
	if d.A, err = s.Resolve(strings.TrimSpace(list[0])); err != nil || len(list) == 1 {
		return d, err
	}
	b, err := s.Resolve(strings.TrimSpace(list[1]))
	d.B = &b
	return d, err
}

// Detail reads a detail as it is asked for: "front: block/f4, 12", a feature and a radius in mm.
func (s *Subject) Detail(text string) (d Detail, err error) {
	view, rest, ok := strings.Cut(text, ":")
	ref, r, two := strings.Cut(rest, ",")
	radius, bad := strconv.ParseFloat(strings.TrimSpace(r), 64)
	if !ok || !two || bad != nil || !(radius > 0) {
		return d, fmt.Errorf("a detail is asked for as view: feature, radius in mm; %q is none", text)
	}
	f, err := s.Resolve(strings.TrimSpace(ref))
	return Detail{View: strings.TrimSpace(view), At: f.O, R: radius}, err
}

// massDigits are the digits to which a mass is told on a sheet.
const massDigits = 4

// Usual are the views of a sheet where none are named.
func Usual(exploded bool) []string {
	if exploded {
		return []string{"front", "top", "exploded"}
	}
	return []string{"front", "top", "left", "iso"}
}

// Ask puts views, dimensions and details that are asked for into an input.
func (s *Subject) Ask(in *Input, views, dims, details []string) (err error) {
	if in.Views, in.Rows, err = s.Views(views); err != nil {
		return err
	}
	own := *s.Doc
	own.Root = s.Name
	if m := list.Of(&own, false).Mass; m != nil {
		in.Title.Mass = strconv.FormatFloat(*m, 'g', massDigits, 64) + " kg"
	}
	for _, text := range dims {
		d, err := s.Dim(text)
		if err != nil {
			return err
		}
		for k := range in.Views {
			if w := &in.Views[k]; w.Name == d.View {
				if why := dimmed(&w.View, &d); why != "" {
					return fmt.Errorf("%s: %s", text, why)
				}
			}
		}
		in.Dims = append(in.Dims, d)
	}
	for _, text := range details {
		d, err := s.Detail(text)
		if err != nil {
			return err
		}
		in.Details = append(in.Details, d)
	}
	return nil
}
