package kernel

import (
	"context"
	"fmt"
	"math"

	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/part"
)

// Solid is the part as it is looked at for clashes; DecodeMesh comes before, where the part was kept. key tells it from others. Parts without a
// shape give none.
func (d *Derived) Solid(key string) *clash.Solid {
	if d.Counts.Indices == 0 {
		return nil
	}
	m := &d.mesh
	faces := make([]clash.Face, len(m.FaceEnds))
	for i := range faces {
		faces[i].Name = fmt.Sprintf("f%d", i+1)
	}
	for i := range d.Features {
		x := &d.Features[i]
		if x.Face >= 0 && x.Face < len(faces) {
			faces[x.Face] = clash.Face{Name: x.Name, Feature: x.feature()}
		}
	}
	points := make([]geom.Vec, len(m.Positions)/3)
	for k := range points {
		points[k] = m.point(uint32(k))
	}
	triangles := make([][3]int32, 0, len(m.Indices)/3)
	for k := 0; k+2 < len(m.Indices); k += 3 {
		t := [3]int32{int32(m.Indices[k]), int32(m.Indices[k+1]), int32(m.Indices[k+2])}
		for i := range t {
			if int(t[i]) >= len(points) {
				t[i] = 0
			}
		}
		triangles = append(triangles, t)
	}
	s := clash.NewSolid(points, triangles, inTriangles(m.FaceEnds), faces)
	low, high := geom.FromArray(d.Low), geom.FromArray(d.High)
	s.Key, s.Closed, s.Volume, s.Off = key, d.Solids > 0, d.Volume, part.Chord*high.Sub(low).Norm()
	return s
}

// Finer makes what gives solids by finer triangles, off by some thousandths of a mm, by the keys of solids. One without an exact shape stays as
// it is.
func (r *Runner) Finer(of map[string]Exact) clash.Finer {
	return func(ctx context.Context, list []*clash.Solid) ([]*clash.Solid, error) {
		out := append([]*clash.Solid(nil), list...)
		var shapes []Exact
		var which []int
		for k, s := range list {
			if x, ok := of[s.Key]; ok && s.Off > 0 {
				x.Fine = true
				shapes, which = append(shapes, x), append(which, k)
			}
		}
		if len(shapes) == 0 {
			return out, nil
		}
		_, fine, err := r.Overlaps(ctx, shapes, nil)
		if err != nil {
			return nil, err
		}
		for n, k := range which {
			if f := fine[n]; f != nil {
				out[k] = list[k].Finer(f.Points, f.Triangles, f.FaceEnds, f.Off)
			}
		}
		return out, nil
	}
}

// inTriangles counts the ends of faces in triangles; a mesh has them in corners.
func inTriangles(ends []uint32) []uint32 {
	out := make([]uint32, len(ends))
	for i, e := range ends {
		out[i] = e / 3
	}
	return out
}

// SolidOf is the body that a file of triangles encloses.
func SolidOf(tris [][3]geom.Vec, key string) *clash.Solid {
	points := make([]geom.Vec, 0, 3*len(tris))
	triangles := make([][3]int32, 0, len(tris))
	at := map[geom.Vec]int32{}
	for _, t := range tris {
		var k [3]int32
		for i, p := range t {
			n, ok := at[p]
			if !ok {
				n = int32(len(points))
				at[p] = n
				points = append(points, p)
			}
			k[i] = n
		}
		triangles = append(triangles, k)
	}
	s := clash.NewSolid(points, triangles, []uint32{uint32(len(triangles))}, []clash.Face{{Name: "surface", Feature: part.Feature{}}})
	s.Key, s.Closed = key, true
	for _, t := range tris {
		s.Volume += t[0].Dot(t[1].Cross(t[2])) / 6
	}
	s.Volume = math.Abs(s.Volume)
	return s
}

// Exactly makes what asks exact shapes of the kernel: by the keys of solids it finds where they come from. Pairs of which one has none are
// told to have failed.
func (r *Runner) Exactly(of map[string]Exact) clash.Exact {
	return func(ctx context.Context, list []clash.Asked) ([]clash.Answer, error) {
		out := make([]clash.Answer, len(list))
		var shapes []Exact
		var jobs []Two
		var which []int
		at := map[string]int{}
		for k, q := range list {
			var ends [2]int
			known := true
			for i, s := range [2]*clash.Solid{q.A, q.B} {
				x, ok := of[s.Key]
				if !ok {
					known = false
					break
				}
				n, had := at[s.Key]
				if !had {
					n = len(shapes)
					at[s.Key] = n
					shapes = append(shapes, x)
				}
				ends[i] = n
			}
			if !known {
				out[k].Failed = "there is no exact shape of it"
				continue
			}
			jobs, which = append(jobs, Two{ends[0], ends[1], q.To, q.Near}), append(which, k)
		}
		if len(jobs) == 0 {
			return out, nil
		}
		got, fine, err := r.Overlaps(ctx, shapes, jobs)
		if err != nil {
			if ctx.Err() != nil {
				return nil, context.Cause(ctx)
			}
			for _, k := range which {
				out[k].Failed = err.Error()
			}
			return out, nil
		}
		made := map[int]*clash.Fine{}
		for i, f := range fine {
			made[i] = clash.NewFine(f.Points, f.Triangles, f.FaceEnds)
		}
		for n, k := range which {
			g := &got[n]
			out[k] = clash.Answer{Distance: g.Distance, At: g.At, Volume: g.Volume, Failed: g.Failed, A: made[jobs[n].A], B: made[jobs[n].B]}
			if g.Common != nil {
				out[k].Common = clash.NewMesh(g.Common.Points, g.Common.Triangles)
			}
		}
		return out, nil
	}
}
