package sweep

import (
	"context"
	"math"

	"setfast/core/geom"
	"setfast/core/motion"
)

// Travelled is how far a coordinate goes from where it is solved, both ways; no end is told where nothing stops it.
type Travelled struct {
	Joint string      `json:"joint"`
	Of    string      `json:"of"`
	At    float64     `json:"at"` // where it is solved
	From  *float64    `json:"from"`
	To    *float64    `json:"to"`
	By    []StoppedBy `json:"stopped_by"`               // at from and at to
	In    [][2]string `json:"in_one_another,omitempty"` // parts that overlap where it is solved: they stop nothing until they have come apart
}

// StoppedBy is what stops a coordinate: a limit, by its joint's coordinate; two parts that meet; a dead point; or nothing, where it goes round or
// out of reach of all parts.
type StoppedBy struct {
	Limit string `json:"limit,omitempty"`
	Joint string `json:"joint,omitempty"` // of the limit, where it is another's
	A     string `json:"a,omitempty"`
	B     string `json:"b,omitempty"`
	Why   string `json:"why,omitempty"`
}

// How far is gone in a step and in all, of an angle in degrees, of a slide in parts of all that there is.
const (
	turnStep  = 3.0
	turnMost  = 360.0
	slideStep = 1.0 / 128
	slideMost = 2.0
)

// Travel finds how far a coordinate goes both ways before parts meet or a limit is come to. What touches where it is solved stops nothing for as
// long as it slides along.
func Travel(ctx context.Context, s *motion.Study, parts []Part, joint, of string, o Options) (*Travelled, error) {
	r, err := s.Run(joint, of)
	if err != nil {
		return nil, err
	}
	o.Finer = once(o.Finer)
	home := r.Mark()
	out := &Travelled{Joint: joint, Of: of, At: thousandth(r.Value())}
	step, most := turnStep, turnMost
	if !r.Angular() {
		size := extent(parts, r.Poses())
		step, most = slideStep*size, slideMost*size
	}
	for _, way := range [2]float64{-1, 1} {
		r.Back(home)
		end, by, err := travel(ctx, r, parts, way*step, most, o, out)
		if err != nil {
			return nil, err
		}
		if by.A != "" || by.Limit != "" || by.Why != nothing {
			x := thousandth(end)
			if way < 0 {
				out.From = &x
			} else {
				out.To = &x
			}
		}
		out.By = append(out.By, by)
	}
	return out, nil
}

// nothing is said where nothing stops a coordinate.
const nothing = "nothing"

// travel goes one way.
func travel(ctx context.Context, r *motion.Run, parts []Part, step, most float64, o Options, out *Travelled) (float64, StoppedBy, error) {
	home, at := r.Mark(), r.Value()
	scene, box := newScene(parts, o)
	box.add(r.Poses())
	n, why := 0, ""
	for why == "" && math.Abs(step)*float64(n) < most {
		n++
		why = r.To(at + step*float64(n))
		box.add(r.Poses())
		if err := stop(ctx, r); err != nil {
			return 0, StoppedBy{}, err
		}
	}
	end, hit := r.Value(), r.Hit()
	if err := box.pairs(ctx); err != nil {
		return 0, StoppedBy{}, err
	}
	r.Back(home)
	w := &walk{ctx: ctx, s: scene, r: r, until: true}
	w.begin()
	if out.In == nil {
		for _, t := range w.pairs {
			if t.open != nil {
				out.In = append(out.In, [2]string{scene.parts[t.a].Name, scene.parts[t.b].Name})
			}
		}
	}
	for k := 1; k <= n && !w.ended; k++ {
		from := r.Mark()
		v := at + step*float64(k)
		if k == n && why != "" {
			v = end
		}
		r.To(v)
		if err := w.step(from, r.Value()); err != nil {
			return 0, StoppedBy{}, err
		}
	}
	switch {
	case w.ended:
		return w.first, StoppedBy{A: w.by[0], B: w.by[1]}, nil
	case why == "":
		return end, StoppedBy{Why: nothing}, nil
	case hit != nil:
		return end, StoppedBy{Limit: hit.Of, Joint: hit.Joint}, nil
	}
	return end, StoppedBy{Why: why}, nil
}

// extent is the size of all that there is.
func extent(parts []Part, poses []geom.Pose) float64 {
	low, high := geom.V(math.Inf(1), math.Inf(1), math.Inf(1)), geom.V(math.Inf(-1), math.Inf(-1), math.Inf(-1))
	for i := range parts {
		if s := parts[i].Solid; s != nil && !s.Mesh.Empty() {
			l, h := parts[i].at(poses).Box(s.Box())
			low, high = low.Least(l), high.Most(h)
		}
	}
	if low.X > high.X {
		return 100
	}
	return high.Sub(low).Norm()
}
