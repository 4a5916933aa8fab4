package kernel

import (
	"fmt"
	"strings"

	"setfast/core/geom"
)

// Units are those of length that a file may be in, in mm. ISO 10303-41 has SI units and any others by conversion, IGES 5.3 eleven of its
// own; the inch is 25.4 mm exactly (ISO 80000-3).
var Units = map[string]float64{"mm": 1, "cm": 10, "m": 1000, "km": 1e6, "µm": 1e-3, "in": 25.4, "ft": 304.8, "mil": 0.0254}

// UnitNames are those that a part may be read in again, the likely ones first.
var UnitNames = []string{"mm", "in", "cm", "m", "ft"}

// CheckUnit refuses what is no unit; none at all is what the file says.
func CheckUnit(unit string) error {
	if unit != "" && Units[unit] == 0 {
		return fmt.Errorf("%q is no unit; known are %s", unit, strings.Join(UnitNames, ", "))
	}
	return nil
}

// unitOf is a unit's short name from what the library calls it.
func unitOf(said string) string {
	s := strings.ToLower(strings.TrimSpace(said))
	switch {
	case Units[s] > 0:
		return s
	case s == "um" || strings.HasPrefix(s, "micro"):
		return "µm"
	case strings.HasPrefix(s, "milli"):
		return "mm"
	case strings.HasPrefix(s, "centi"):
		return "cm"
	case strings.HasPrefix(s, "kilo"):
		return "km"
	case strings.Contains(s, "inch"):
		return "in"
	case strings.HasPrefix(s, "foot") || strings.HasPrefix(s, "feet"):
		return "ft"
	case strings.HasPrefix(s, "met"):
		return "m"
	}
	return ""
}

// In is a part as it would be had its file been in another unit than the file says.
func (im *Import) In(p *Part, unit string) (*Part, error) {
	if unit == "" || unit == im.Unit {
		return p, nil
	}
	if err := CheckUnit(unit); err != nil {
		return nil, err
	}
	want, said := Units[unit], Units[im.Unit]
	if said == 0 {
		said = 1
	}
	return p.scaled(want / said), nil
}

// scaled is a part k times as large.
func (p *Part) scaled(k float64) *Part {
	q := *p
	q.Area, q.Volume, q.Centroid = p.Area*k*k, p.Volume*k*k*k, p.Centroid.Scale(k)
	q.Low, q.High = p.Low.Scale(k), p.High.Scale(k)
	for i := range q.Inertia {
		for j := range q.Inertia[i] {
			q.Inertia[i][j] = p.Inertia[i][j] * k * k * k * k * k
		}
	}
	q.Faces = append([]Face(nil), p.Faces...)
	for i := range q.Faces {
		f := &q.Faces[i]
		f.At, f.Origin = f.At.Scale(k), f.Origin.Scale(k)
		f.Radius, f.Minor, f.From, f.To = f.Radius*k, f.Minor*k, f.From*k, f.To*k
	}
	q.Edges = append([]Edge(nil), p.Edges...)
	for i := range q.Edges {
		e := &q.Edges[i]
		e.Start, e.End, e.Origin, e.Radius = e.Start.Scale(k), e.End.Scale(k), e.Origin.Scale(k), e.Radius*k
	}
	q.Vertices = make([]geom.Vec, len(p.Vertices))
	for i, v := range p.Vertices {
		q.Vertices[i] = v.Scale(k)
	}
	larger := func(x []float32) []float32 {
		out := make([]float32, len(x))
		for i, v := range x {
			out[i] = float32(float64(v) * k)
		}
		return out
	}
	q.Mesh.Positions, q.Mesh.Lines = larger(p.Mesh.Positions), larger(p.Mesh.Lines)
	return &q
}

// Plausible bounds of a part's longest side, mm: outside of them the unit may be wrong. Common practice, no source.
const (
	smallest = 1
	largest  = 4000
)

// Doubt says that a part is of a size few parts have, given the unit its file says; nothing where there is no doubt.
func Doubt(low, high [3]float64, unit string) string {
	long := 0.0
	for i := range low {
		long = max(long, high[i]-low[i])
	}
	if unit == "" {
		unit = "no unit"
	}
	switch {
	case long > largest:
		return fmt.Sprintf("%.4g m long, as the file says %s: is that so?", long/1000, unit)
	case long > 0 && long < smallest:
		return fmt.Sprintf("only %.3g mm long, as the file says %s: is that so?", long, unit)
	}
	return ""
}
