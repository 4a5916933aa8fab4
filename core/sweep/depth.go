package sweep

import (
	"context"
	"math"

	"setfast/core/clash"
	"setfast/core/motion"
)

// overlap is one that has ended, of which only exact shapes can tell whether it is more than touching.
type overlap struct {
	Met
	asked clash.Asked
	deep  float64 // by triangles
}

// close ends an overlap and finds where it was deepest.
func (w *walk) close(t *tracked, at float64) {
	o := t.open
	t.open = nil
	if !o.crossed {
		return
	}
	m := overlap{Met: Met{A: w.s.parts[t.a].Name, B: w.s.parts[t.b].Name, From: thousandth(o.from), To: thousandth(at), Fit: t.meant}}
	deep, where, mark := w.deepest(t, o)
	m.At, m.deep = thousandth(where), deep
	if mark != nil {
		keep := w.r.Mark()
		w.r.Back(*mark)
		m.asked = clash.Asked{A: w.s.parts[t.a].Solid, B: w.s.parts[t.b].Solid, To: w.s.relative(t.pair, w.r.Poses()), Near: w.s.o.MM}
		w.r.Back(keep)
	}
	w.met = append(w.met, m)
}

// exactly has exact shapes tell how deep overlaps are, all at once, and leaves out those that only touch.
func exactly(ctx context.Context, list []overlap, o Options) (out []Met, err error) {
	var asked []clash.Asked
	for i := range list {
		if list[i].asked.A != nil && o.Exact != nil {
			asked = append(asked, list[i].asked)
		}
	}
	var depths []clash.Depth
	if len(asked) > 0 {
		if depths, err = clash.DeepExactly(ctx, o.Exact, asked); err != nil {
			return nil, err
		}
	}
	for i := range list {
		m := &list[i]
		if m.asked.A == nil {
			out = append(out, m.Met)
			continue
		}
		deep := m.deep
		if o.Exact == nil {
			if deep == 0 {
				continue // no deeper than triangles tell
			}
		} else {
			d := depths[0]
			if depths = depths[1:]; d.Known {
				if deep = d.MM; deep <= o.MM {
					continue
				}
			}
		}
		deep = thousandth(deep)
		m.Depth = &deep
		out = append(out, m.Met)
	}
	return out, nil
}

func thousandth(x float64) float64 { return math.Round(x*1000)/1000 + 0 }

// tries is how many places of an overlap are measured, and again about the deepest of them.
const tries = 9

// deepest finds where an overlap is deepest.
func (w *walk) deepest(t *tracked, o *open) (deep, at float64, mark *motion.Mark) {
	keep := w.r.Mark()
	defer w.r.Back(keep)
	measure := func(s sample) float64 {
		w.r.Back(s.mark)
		return clash.Deep(w.s.parts[t.a].Solid, w.s.parts[t.b].Solid, w.s.relative(t.pair, w.r.Poses()))
	}
	best := -1
	got := map[int]float64{}
	look := func(i int) {
		if i < 0 || i >= len(o.seen) {
			return
		}
		if _, ok := got[i]; ok {
			return
		}
		got[i] = measure(o.seen[i])
		if best < 0 || got[i] > got[best] {
			best = i
		}
	}
	n := len(o.seen)
	step := max(1, n/tries)
	for i := 0; i < n; i += step {
		look(i)
	}
	look(n - 1)
	for step > 1 && best >= 0 {
		step /= 2
		look(best - step)
		look(best + step)
	}
	if best < 0 {
		return 0, o.from, nil
	}
	return got[best], o.seen[best].v, &o.seen[best].mark
}
