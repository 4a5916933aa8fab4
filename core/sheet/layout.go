package sheet

// gap is what lies between views.
const gap = 16

// fits lays the views out at a scale; those that are along no axis may be drawn down to another.
func (l *layout) fits(s, smallest Scale) bool {
	inside := [4]float64{filed + gap/2, margin + gap/2, l.size.W - margin - gap/2, l.size.H - margin - gap/2} // x0 y0 x1 y1
	inside[3] -= float64(min(1, len(l.in.Revisions))+len(l.in.Revisions)) * listRow
	beside, above := inside, inside
	beside[2] -= l.block[0]
	above[1] += l.block[1]
	if l.block[0] == 0 {
		above = inside
	}
	for k := l.index(s); k <= l.index(smallest); k++ {
		for _, p := range l.views {
			p.scale = s
			if !p.ortho && len(l.views) > 1 && l.views[0].ortho {
				p.scale = scales[k]
			}
			if p.of != nil {
				p.scale = scales[max(0, l.index(s)-larger)]
			}
			p.rings()
			p.ring = max(p.ring, l.dimmed(p))
		}
		for _, room := range [][4]float64{above, beside} {
			for _, how := range []func(room [4]float64) bool{l.inGrid, l.inRow, l.inColumn} {
				if how(room) {
					return true
				}
			}
		}
		if !l.views[0].ortho || len(l.views) == 1 {
			break
		}
	}
	return false
}

// dimmed is the room that the dimensions of a view take about it.
func (l *layout) dimmed(p *shown) float64 {
	n := 0
	for _, d := range l.in.Dims {
		if d.View == p.Name {
			n++
		}
	}
	if n == 0 {
		return 0
	}
	return dimOff + float64(n)*dimStep
}

// rings finds the room for balloons about a view.
func (p *shown) rings() {
	p.ring = 0
	if len(p.rows) > 0 {
		p.ring = max(leader, (float64(len(p.rows))*pitch-2*(p.w()+p.h()))/8) + balloon
	}
}

// grid gives the columns and rows of the views along axes, and how large they are together.
func (l *layout) grid(fill *shown) (col, row map[int]float64, w, h float64) {
	col, row = map[int]float64{}, map[int]float64{}
	for _, p := range l.views {
		at := p.at
		if p == fill {
			at = l.corner()
		} else if !p.ortho {
			continue
		}
		label := 0.0
		if p.Label != "" {
			label = labelled
		}
		col[at[0]] = max(col[at[0]], p.w()+2*p.ring)
		row[at[1]] = max(row[at[1]], p.h()+2*p.ring+label)
	}
	for _, v := range col {
		w += v + gap
	}
	for _, v := range row {
		h += v + gap
	}
	return col, row, max(0, w-gap), max(0, h-gap)
}

// labelled is the room for a view's label.
const labelled = 12

// corner is the free place of the grid between the top and the side view.
func (l *layout) corner() (at [2]int) {
	for _, p := range l.views {
		if p.ortho {
			if p.at[0] != 0 && at[0] == 0 {
				at[0] = p.at[0]
			}
			if p.at[1] != 0 && at[1] == 0 {
				at[1] = p.at[1]
			}
		}
	}
	return at
}

// setGrid places the views of the grid from an upper left corner.
func (l *layout) setGrid(fill *shown, x, y float64) {
	col, row, _, _ := l.grid(fill)
	for _, p := range l.views {
		at := p.at
		if p == fill {
			at = l.corner()
		} else if !p.ortho {
			continue
		}
		left, top := x, y
		for k, v := range col {
			if k < at[0] {
				left += v + gap
			}
		}
		for k, v := range row {
			if k < at[1] {
				top -= v + gap
			}
		}
		p.x = left + (col[at[0]]-p.w())/2
		p.y = top - row[at[1]]/2 - p.h()/2
	}
}

// others are the views along no axis.
func (l *layout) others() (out []*shown) {
	for _, p := range l.views {
		if !p.ortho {
			out = append(out, p)
		}
	}
	return out
}

// inGrid puts the one other view into the corner between top and side view.
func (l *layout) inGrid(room [4]float64) bool {
	rest := l.others()
	at := l.corner()
	if len(rest) > 1 || len(rest) == 1 && (at[0] == 0 || at[1] == 0) {
		return false
	}
	var fill *shown
	if len(rest) == 1 {
		fill = rest[0]
	}
	_, _, w, h := l.grid(fill)
	if w > room[2]-room[0] || h > room[3]-room[1] {
		return false
	}
	l.setGrid(fill, room[0]+(room[2]-room[0]-w)/2, room[3]-(room[3]-room[1]-h)/2)
	return true
}

// inRow puts the others to the right of the grid, one above another.
func (l *layout) inRow(room [4]float64) bool { return l.strip(room, false) }

// inColumn puts the others below the grid, side by side.
func (l *layout) inColumn(room [4]float64) bool { return l.strip(room, true) }

func (l *layout) strip(room [4]float64, below bool) bool {
	_, _, gw, gh := l.grid(nil)
	var w, h float64
	for _, p := range l.others() {
		pw, ph := p.w()+2*p.ring, p.h()+2*p.ring+labelled
		if below {
			w, h = w+pw+gap, max(h, ph)
		} else {
			w, h = max(w, pw), h+ph+gap
		}
	}
	between := 0.0
	if gw > 0 && w > 0 {
		between = gap
	}
	if below {
		w -= gap
		if max(gw, w) > room[2]-room[0] || gh+between+h > room[3]-room[1] {
			return false
		}
	} else {
		h -= gap
		if gw+between+w > room[2]-room[0] || max(gh, h) > room[3]-room[1] {
			return false
		}
	}
	rw, rh := room[2]-room[0], room[3]-room[1]
	if below {
		spare := (rh - gh - between - h) / 3
		l.setGrid(nil, room[0]+(rw-gw)/2, room[3]-spare)
		x, each := room[0]+(rw-w)/2, room[3]-2*spare-gh-between
		for _, p := range l.others() {
			p.x, p.y = x+p.ring, each-h/2-p.h()/2
			x += p.w() + 2*p.ring + gap
		}
		return true
	}
	spare := (rw - gw - between - w) / 3
	l.setGrid(nil, room[0]+spare, room[3]-(rh-gh)/2)
	x, y := room[0]+2*spare+gw+between, room[3]-(rh-h)/2
	for _, p := range l.others() {
		p.x, p.y = x+(w-p.w())/2, y-labelled-p.ring-p.h()
		y -= p.h() + 2*p.ring + labelled + gap
	}
	return true
}
