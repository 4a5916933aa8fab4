package sheet

import (
	"context"

	"setfast/core/view"
)

// picture draws a view into a rectangle, as large as fits; pen tells by which pen an item's lines are drawn.
func (p *pad) picture(ctx context.Context, w *Want, x, y, wide, high float64, pen func(item int) Pen) error {
	seen, err := view.Of(ctx, w.Items, w.View, view.Options{})
	if err != nil {
		return err
	}
	dx, dy := seen.High[0]-seen.Low[0], seen.High[1]-seen.Low[1]
	if dx <= 0 && dy <= 0 {
		return nil
	}
	by := 1 / max(dx/wide, dy/high)
	at := func(q [2]float64) [2]float64 {
		return [2]float64{x + wide/2 + (q[0]-(seen.Low[0]+seen.High[0])/2)*by, y + high/2 + (q[1]-(seen.Low[1]+seen.High[1])/2)*by}
	}
	for i := range seen.Lines {
		l := &seen.Lines[i]
		k := pen(l.Item)
		if a := l.Arc; a != nil {
			p.arc(k, at(a.C), a.R*by, a.From, a.To)
			continue
		}
		p.line(k, at(l.A), at(l.B))
	}
	return nil
}

// Picture draws a view alone, as large as fits.
func Picture(ctx context.Context, w *Want, wide, high float64) (*Drawing, error) {
	d := &Drawing{W: wide, H: high}
	const rim = 1
	err := (&pad{d: d}).picture(ctx, w, rim, rim, wide-2*rim, high-2*rim, func(item int) Pen {
		if item < len(w.Trail) && w.Trail[item] {
			return Centre
		}
		if w.Bold != nil && item < len(w.Names) && w.Bold(w.Names[item]) {
			return Visible
		}
		return Narrow
	})
	return d, err
}
