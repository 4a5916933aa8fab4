package sheet

import (
	"cmp"
	"math"
	"strconv"
	"strings"
)

// The title block: as wide as ISO 7200 wants it, in rows of this height.
const (
	blockWide = 180
	rowHigh   = 9
	blockRows = 4
	listRow   = 6
	listMost  = 0.9 // how much of the sheet's height a column of the list takes
)

// blocks finds how large the list and the title block are: the list in as many columns as the sheet's height asks for.
func (l *layout) blocks() {
	wide := math.Min(blockWide, l.size.W-filed-margin)
	l.block, l.cols = [2]float64{wide, blockRows * rowHigh}, 1
	if l.in.NoList || len(l.in.Rows) == 0 {
		return
	}
	room := l.size.H - 2*margin - blockRows*rowHigh
	rows := len(l.in.Rows) + 1
	most := int(room / listRow * listMost)
	for l.cols = 1; (rows+l.cols-1)/l.cols+1 > most && float64(l.cols+1)*wide < l.size.W-filed-margin; l.cols++ {
	}
	per := (len(l.in.Rows)+l.cols-1)/l.cols + 1
	l.block = [2]float64{wide * float64(l.cols), blockRows*rowHigh + float64(per)*listRow}
}

// title draws the title block: what it is, whose it is, and who answers for it; in capitals.
func (l *layout) title(p *pad, s Scale) {
	t := &l.in.Title
	wide := math.Min(blockWide, l.size.W-filed-margin)
	x, y := l.size.W-margin-wide, float64(margin)
	p.box(Frame, x, y, wide, blockRows*rowHigh)
	unit := wide / blockWide
	cell := func(row int, from, to float64, name, value string, high float64) {
		cx, cy, w := x+from*unit, y+float64(blockRows-1-row)*rowHigh, (to-from)*unit
		p.box(Narrow, cx, cy, w, rowHigh)
		p.text([2]float64{cx + 1, cy + rowHigh - tiny - 1}, tiny, Left, name)
		p.bold([2]float64{cx + 1, cy + 1.4}, high, Left, fitted(strings.ToUpper(value), high*boldWider, w-2))
	}
	cell(0, 0, 60, "Created by", t.Creator, small)
	cell(0, 60, 120, "Approved by", t.Approver, small)
	cell(0, 120, 180, "Document type", cmp.Or(t.Kind, "Assembly drawing"), small)
	cell(1, 0, 60, "Legal owner", t.Owner, small)
	cell(1, 60, 180, "Title", t.Name, plain)
	cell(2, 0, 60, "Mass", t.Mass, small)
	cell(2, 60, 150, "Identification number", t.Number, plain)
	cell(2, 150, 180, "Rev.", t.Revision, plain)
	cell(3, 0, 28, "Scale", s.Name, plain)
	cell(3, 28, 60, "Projection", "", plain)
	cell(3, 60, 100, "Date of issue", t.Date, small)
	cell(3, 100, 118, "Lang.", cmp.Or(t.Language, "en"), small)
	cell(3, 118, 136, "Size", l.size.Name, small)
	cell(3, 136, 158, "Unit", cmp.Or(t.Unit, "mm"), small)
	cell(3, 158, 180, "Sheet", cmp.Or(t.Sheet, "1/1"), small)
	l.symbol(p, x+48*unit, y+rowHigh/2)
	at := [2]float64{filed + 2, margin + 2}
	if l.size.W-filed-margin-l.block[0] < caution {
		at[1] += l.block[1]
	}
	p.text(at, tiny, Left, cautious)
}

// cautious is what stands on every sheet and page of a guide.
const cautious = "Fit and constraints are geometry, not strength; work on it under local codes and licensed practice."

// caution is how wide that is, about.
const caution = 115

// boldWider is how much wider bold letters are.
const boldWider = 1.04

// symbol draws the truncated cone that tells the angle of projection (ISO 5456-2).
func (l *layout) symbol(p *pad, x, y float64) {
	const r, inner, long = 2.4, 1.2, 5
	side, front := x-5.5, x+4.0
	if l.in.Third {
		side, front = x+5.5, x-4.0
	}
	p.arc(Narrow, [2]float64{front, y}, r, 0, around)
	p.arc(Narrow, [2]float64{front, y}, inner, 0, around)
	wide, thin := side+long/2.0, side-long/2.0 // its thin end is the one that is seen from the left
	p.line(Narrow, [2]float64{wide, y - r}, [2]float64{wide, y + r}, [2]float64{thin, y + inner}, [2]float64{thin, y - inner}, [2]float64{wide, y - r})
	p.line(Centre, [2]float64{x - 9, y}, [2]float64{x + 8, y})
}

// list draws the parts list above the title block, read from below (ISO 7573).
func (l *layout) list(p *pad) {
	if len(l.in.Rows) == 0 {
		return
	}
	wide := math.Min(blockWide, l.size.W-filed-margin)
	unit := wide / blockWide
	columns := []struct {
		name     string
		from, to float64
		align    Align
	}{{"ITEM", 0, 14, Right}, {"QTY", 14, 28, Right}, {"NUMBER", 28, 70, Left}, {"DESCRIPTION", 70, 128, Left}, {"MATERIAL", 128, 160, Left}, {"MASS KG", 160, 180, Right}}
	per := (len(l.in.Rows) + l.cols - 1) / l.cols
	for c := range l.cols {
		x, y := l.size.W-margin-wide*float64(c+1), float64(margin+blockRows*rowHigh)
		rows := l.in.Rows[min(c*per, len(l.in.Rows)):min((c+1)*per, len(l.in.Rows))]
		if len(rows) == 0 {
			continue
		}
		put := func(k int, high float64, bold bool, cells ...string) {
			base := y + float64(k)*listRow
			for i, col := range columns {
				p.box(Narrow, x+col.from*unit, base, (col.to-col.from)*unit, listRow)
				text := fitted(cells[i], high, (col.to-col.from)*unit-2)
				at := [2]float64{x + col.from*unit + 1, base + (listRow-high)/2}
				if col.align == Right {
					at[0] = x + col.to*unit - 1
				}
				if bold {
					p.bold(at, high, col.align, text)
				} else {
					p.text(at, high, col.align, text)
				}
			}
		}
		put(0, tiny, true, columns[0].name, columns[1].name, columns[2].name, columns[3].name, columns[4].name, columns[5].name)
		for k, r := range rows {
			mass := ""
			if r.Mass != nil {
				mass = strconv.FormatFloat(*r.Mass, 'g', 4, 64)
			}
			put(k+1, small, false, strconv.Itoa(r.Item), strconv.Itoa(r.Quantity), r.Number, r.Name, r.Material, mass)
		}
		p.box(Visible, x, y, wide, float64(len(rows)+1)*listRow)
	}
}
