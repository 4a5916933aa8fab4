package clash

import (
	"context"
	"math"
	"strings"

	"setfast/core/assembly"
)

// Clearance is the least distance of two groups of parts, mm: exact where shapes are asked, else by triangles; less than nothing by how deep they
// are in one another. known is false where either has no shape, or where it cannot be told.
func Clearance(ctx context.Context, a, b []Item, o Options) (mm float64, known bool, err error) {
	mm = math.Inf(1)
	for i := range a {
		for j := range b {
			x, y := &a[i], &b[j]
			if x.Solid == nil || y.Solid == nil || x.Solid.Mesh.Empty() || y.Solid.Mesh.Empty() {
				continue
			}
			d, ok, err := o.clearance(ctx, x, y, mm)
			if err != nil {
				return 0, false, err
			}
			if !ok {
				return 0, false, nil
			}
			mm, known = min(mm, d), true
		}
	}
	return mm, known, nil
}

// clearance is that of two parts; what is farther apart than best is not measured closely.
func (o *Options) clearance(ctx context.Context, x, y *Item, best float64) (float64, bool, error) {
	to := x.Pose.Inverse().Mul(y.Pose)
	upper, _ := y.Solid.Mesh.Nearest(to.Inverse().Point(x.Solid.Mesh.points[0]))
	off := x.Solid.Off + y.Solid.Off
	var p pairing
	m := p.look(x.Solid, y.Solid, to, o.MM, min(upper, best)+off)
	if !m.crosses && !m.doubtful && m.distance > best+off {
		return best, true, nil
	}
	q := Asked{A: x.Solid, B: y.Solid, To: to, Near: o.MM}
	if o.Exact != nil {
		got, err := o.Exact(ctx, []Asked{q})
		if err != nil {
			return 0, false, err
		}
		if e := &got[0]; e.Failed == "" {
			if e.Volume > 0 && e.Common != nil && e.A != nil && e.B != nil {
				return -deepest(e.Common.shared(), e.A, e.B, to).mm, true, nil
			}
			return e.Distance, true, nil
		}
	}
	if !m.crosses && !m.doubtful {
		return min(m.distance, upper), true, nil
	}
	f := found{}
	if f.without(&q, *o); f.kind == Clash {
		return -f.depth, true, nil
	}
	return 0, f.kind == Touch, nil
}

// Under are the parts that a path of components leads to.
func Under(items []Item, r *assembly.Ref) (out []Item) {
	name := strings.Join(r.Path, "/")
	for _, x := range items {
		if x.Name == name || strings.HasPrefix(x.Name, name+"/") {
			out = append(out, x)
		}
	}
	return out
}

// Measured fills in the clearances that an assembly measures, by name.
func Measured(ctx context.Context, a *assembly.Assembly, items []Item, o Options, values map[string]any) error {
	for _, m := range a.Measures {
		if m.Type != "clearance" {
			continue
		}
		mm, known, err := Clearance(ctx, Under(items, m.A), Under(items, m.B), o)
		if err != nil {
			return err
		}
		if known {
			values[m.Name] = math.Round(mm*1e6) / 1e6
		}
	}
	return nil
}

// Measures tells whether an assembly measures clearances.
func Measures(a *assembly.Assembly) bool {
	for _, m := range a.Measures {
		if m.Type == "clearance" {
			return true
		}
	}
	return false
}
