package account

import (
	"setfast/core/conflict"
	"setfast/core/mobility"
	"setfast/core/model"
	"setfast/core/par"
	"setfast/core/report"
	"setfast/core/solve"
)

// posted is what came of posting the relations line by line.
type posted struct {
	*mobility.Posting
	m *model.Model
}

// post takes the relations into account line by line, in build order: each is posted with the latest of its components.
func post(m *model.Model, st conflict.Settled, blocks []solve.Block, res *report.Result) *posted {
	p := &posted{mobility.Posted(m.Sys, st.Poses, st.Rels, blocks), m}
	if m.Stopped() {
		return p
	}
	byLine := m.Sys.ByLine(st.Rels)
	entries := make([]report.LineMate, 0, len(st.Rels)) // all lines' entries, one after another
	res.Lines = make([]report.Line, 0, len(m.Comps))
	for b, c := range m.Comps {
		ln := report.Line{Component: c.Name}
		first := len(entries)
		list := byLine[b+1]
		if b == 0 { // relations among the assembly's own features belong to the first line
			list = append(append([]int(nil), byLine[0]...), list...)
		}
		for _, i := range list {
			r := m.Sys.Rels[i]
			entries = append(entries, report.LineMate{ID: r.ID, Asked: r.Asks(), Removed: p.Removed[i]})
			res.Asked += r.Asks()
			res.Removed += p.Removed[i]
		}
		ln.Mates = entries[first:len(entries):len(entries)]
		if !m.Sys.Bodies[b].Fixed {
			ln.Before = 6
			res.Opening += 6
			ln.After, ln.Turns = p.After[b][0], p.After[b][1]
			ln.Slides = ln.After - ln.Turns
		}
		res.Lines = append(res.Lines, ln)
	}
	res.Left = p.Basis.Left()
	p.reconcile(res.Opening-res.Left, res)
	res.Doubled = res.Asked - res.Removed
	placed := make([]report.Placed, len(m.Comps))
	par.Runs(len(placed), 64, func(_, from, to int) {
		basis := p.Basis.Apart()
		for b := from; b < to; b++ {
			left, turns := 0, 0
			if !m.Sys.Bodies[b].Fixed {
				left, turns = basis.Restricted(b)
			}
			placed[b] = report.Placed{Left: left, Pose: st.Poses[b].Plain(), Slides: left - turns, Turns: turns}
		}
	})
	for b, c := range m.Comps {
		res.Components[c.Name] = placed[b]
	}
	return p
}

// reconcile has the lines add up to what the relations remove together. In a wide net, whose basis is made anew at the end, a line may
// have taken rounding for a motion: what is too much is taken from the last relation of a component, which closed its loop, what is too
// little given to one that removed less than it asks.
func (p *posted) reconcile(removed int, res *report.Result) {
	for sure := true; removed != res.Removed; sure = false {
		was := res.Removed
		for i := len(res.Lines) - 1; i >= 0 && removed != res.Removed; i-- {
			list := res.Lines[i].Mates
			for k := len(list) - 1; k >= 0 && removed != res.Removed && (!sure || k > 0 && k == len(list)-1); k-- {
				m := &list[k]
				step := 1
				if removed < res.Removed {
					step = -1
				}
				if to := m.Removed + step; to >= 0 && to <= m.Asked {
					m.Removed = to
					p.Removed[p.m.RelOf[m.ID]] = to
					res.Removed += step
				}
			}
		}
		if !sure && was == res.Removed {
			return
		}
	}
}

// notes gathers what the interface shows of each relation, and the worst miss.
func (p *posted) notes(st conflict.Settled, res *report.Result) {
	rels := p.m.Sys.Rels
	notes := make([]report.MateNote, len(rels))
	const atOnce = 128
	par.Runs(len(rels), atOnce, func(_, from, to int) {
		sys := p.m.Sys.Apart()
		for i := from; i < to; i++ {
			r := rels[i]
			if !p.Missed[i] {
				p.Misses[i] = sys.Miss(r, st.Poses)
			}
			ms := p.Misses[i]
			n := &notes[i]
			*n = report.MateNote{LeftOut: st.LeftOut[i], Sense: r.SenseWord(), Miss: report.Residual{MM: ms.MM, Deg: ms.Deg}}
			if v, ok := sys.ReadValue(r, st.Poses); ok {
				n.Value = &v
			}
		}
	})
	worst := solve.Miss{}
	for _, i := range st.Rels {
		notes[i].InForce = true
		worst = worst.Worst(p.Misses[i])
	}
	for i, r := range rels {
		res.Mates[r.ID] = notes[i]
	}
	res.Residual = report.Residual{MM: worst.MM, Deg: worst.Deg}
}
