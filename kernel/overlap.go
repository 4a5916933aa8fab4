package kernel

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"os"
	"path/filepath"
	"strings"

	"setfast/core/geom"
)

// Exact is a part's exact shape: a product of a file, by number, in the unit it is read in.
type Exact struct {
	File  string
	Name  string // of the file, where File does not end in its format
	Part  int
	Scale float64
	Fine  bool // it comes back as fine triangles in any case
}

// Two are shapes by number, the second as it is seen from the first. What they have in common is looked for where they are no
// farther apart than Near, mm.
type Two struct {
	A, B int
	To   geom.Pose
	Near float64
}

// Fine is a shape as triangles that are off by no more than Off, mm, with the end of each face among them, in triangles.
type Fine struct {
	Points    []geom.Vec
	Triangles [][3]int32
	FaceEnds  []uint32
	Off       float64
}

// Overlap is what two shapes have in common, or how far apart they are.
type Overlap struct {
	Distance float64  // mm; none where they overlap
	At       geom.Vec // where they are nearest, in the frame of the first
	Volume   float64  // mm³, that they have in common
	Common   *Fine
	Failed   string // why it is not known
}

type rawFine struct {
	Positions int     `json:"positions"`
	Vertices  int     `json:"vertices"`
	Indices   int     `json:"indices"`
	Triangles int     `json:"triangles"`
	FaceEnds  int     `json:"face_ends"`
	Faces     int     `json:"faces"`
	Off       float64 `json:"off"`
}

func (f *rawFine) read(blob []byte) (*Fine, error) {
	var err error
	positions := floatsAt(blob, f.Positions, 3*f.Vertices, &err)
	indices := intsAt(blob, f.Indices, 3*f.Triangles, &err)
	out := &Fine{FaceEnds: inTriangles(intsAt(blob, f.FaceEnds, f.Faces, &err)), Off: f.Off}
	if err != nil {
		return nil, err
	}
	for i := 0; i < len(positions); i += 3 {
		out.Points = append(out.Points, geom.V(float64(positions[i]), float64(positions[i+1]), float64(positions[i+2])))
	}
	for i := 0; i < len(indices); i += 3 {
		for _, k := range indices[i : i+3] {
			if int(k) >= len(out.Points) {
				return nil, errors.New("a triangle has a corner that is not there")
			}
		}
		out.Triangles = append(out.Triangles, [3]int32{int32(indices[i]), int32(indices[i+1]), int32(indices[i+2])})
	}
	return out, nil
}

// Overlaps looks at pairs of exact shapes; the shapes that overlap come back as fine triangles, by number.
func (r *Runner) Overlaps(ctx context.Context, shapes []Exact, jobs []Two) ([]Overlap, map[int]*Fine, error) {
	select {
	case r.slots <- struct{}{}:
		defer func() { <-r.slots }()
	case <-ctx.Done():
		return nil, nil, context.Cause(ctx)
	}
	dir, err := WorkFolder("overlap")
	if err != nil {
		return nil, nil, err
	}
	defer os.RemoveAll(dir)
	var job strings.Builder
	at := map[string]string{}
	for _, s := range shapes {
		name := s.Name
		if name == "" {
			name = s.File
		}
		format := Format(name)
		to, ok := at[s.File]
		if !ok {
			to = filepath.Join(dir, fmt.Sprintf("shape%d.%s", len(at), map[string]string{"step": "stp", "iges": "igs"}[format]))
			at[s.File] = to
			if err := copyFile(s.File, to); err != nil {
				return nil, nil, err
			}
		}
		scale := s.Scale
		if scale == 0 {
			scale = 1
		}
		fmt.Fprintf(&job, "shape %s %s %d %.17g\n", to, format, s.Part, scale)
		if s.Fine {
			job.WriteString("fine\n")
		}
	}
	for _, j := range jobs {
		q := j.To.Q
		fmt.Fprintf(&job, "pair %d %d %.17g %.17g %.17g %.17g %.17g %.17g %.17g %.9g\n", j.A, j.B, j.To.O.X, j.To.O.Y, j.To.O.Z, q.W, q.X, q.Y, q.Z, j.Near)
	}
	if err := r.run(ctx, r.Timeout, dir, strings.NewReader(job.String()), "overlap"); err != nil {
		return nil, nil, err
	}
	text, err := os.ReadFile(filepath.Join(dir, "shape.json"))
	if err != nil {
		return nil, nil, errors.New("the kernel gave no answer")
	}
	blob, err := os.ReadFile(filepath.Join(dir, "shape.bin"))
	if err != nil {
		return nil, nil, errors.New("the kernel gave no answer")
	}
	return overlaps(text, blob, len(jobs))
}

// overlaps reads what the child wrote.
func overlaps(text, blob []byte, n int) ([]Overlap, map[int]*Fine, error) {
	var raw struct {
		Pairs []struct {
			Distance float64    `json:"distance"`
			At       [3]float64 `json:"at"`
			Volume   float64    `json:"volume"`
			Common   *rawFine   `json:"common"`
			Failed   string     `json:"failed"`
		} `json:"pairs"`
		Shapes []struct {
			Shape int     `json:"shape"`
			Mesh  rawFine `json:"mesh"`
		} `json:"shapes"`
	}
	if err := json.Unmarshal(text, &raw); err != nil || len(raw.Pairs) != n {
		return nil, nil, fmt.Errorf("the kernel's answer cannot be read (%v)", err)
	}
	var out []Overlap
	for _, p := range raw.Pairs {
		o := Overlap{Distance: p.Distance, At: geom.FromArray(p.At), Volume: p.Volume, Failed: p.Failed}
		if p.Common != nil {
			var err error
			if o.Common, err = p.Common.read(blob); err != nil {
				return nil, nil, err
			}
		}
		out = append(out, o)
	}
	fine := map[int]*Fine{}
	for _, s := range raw.Shapes {
		f, err := s.Mesh.read(blob)
		if err != nil {
			return nil, nil, err
		}
		fine[s.Shape] = f
	}
	return out, fine, nil
}
