package view

import (
	"cmp"
	"math"
	"slices"
)

// alike is how many places to a mm lines are told apart by.
const alike = 100

// merged draws what lies on one another once: straight lines on one line and arcs on one circle are put together; a hidden line goes where a seen one is.
func merged(lines []Line) []Line {
	type key struct {
		arc     bool
		x, y, z int64
	}
	groups := map[key][]int{}
	var order []key
	for i := range lines {
		k := key{}
		if a := lines[i].Arc; a != nil {
			k = key{true, places(a.C[0]), places(a.C[1]), places(a.R)}
		} else {
			ang, off := lineOf(&lines[i])
			k = key{false, int64(math.Round(ang * angles)), places(off), 0}
		}
		if _, ok := groups[k]; !ok {
			order = append(order, k)
		}
		groups[k] = append(groups[k], i)
	}
	var out []Line
	for _, k := range order {
		if k.arc {
			out = append(out, arcsTogether(lines, groups[k])...)
		} else {
			out = append(out, straightTogether(lines, groups[k])...)
		}
	}
	return out
}

// angles is how many directions to a radian lines are told apart by.
const angles = 20_000

func places(v float64) int64 { return int64(math.Round(v * alike)) }

// lineOf is the direction of a line, from 0 to π, and how far it passes from the origin.
func lineOf(l *Line) (ang, off float64) {
	dx, dy := l.B[0]-l.A[0], l.B[1]-l.A[1]
	ang = math.Atan2(dy, dx)
	if ang < 0 {
		ang += math.Pi
	}
	if ang > math.Pi-1.0/angles {
		ang = 0
	}
	sin, cos := math.Sincos(ang)
	return ang, l.A[0]*sin - l.A[1]*cos
}

// stretch is a part of a line with what it is part of.
type stretch struct {
	from, to float64
	of       *Line
}

// together puts stretches that are seen together, and leaves of hidden ones what none covers.
func joined(list []stretch, gap float64) []stretch {
	slices.SortStableFunc(list, func(p, q stretch) int {
		return cmp.Or(cmp.Compare(b2i(p.of.Hidden), b2i(q.of.Hidden)), cmp.Compare(p.of.Kind, q.of.Kind), cmp.Compare(p.from, q.from))
	})
	var out []stretch
	for _, s := range list {
		pieces := []stretch{s}
		for _, t := range out { // what lies under what is drawn already goes
			if t.of.Kind == s.of.Kind && t.of.Hidden == s.of.Hidden && t.of.Item == s.of.Item {
				continue
			}
			var left []stretch
			for _, p := range pieces {
				if t.to <= p.from || t.from >= p.to {
					left = append(left, p)
					continue
				}
				if t.from-p.from > gap {
					left = append(left, stretch{p.from, t.from, p.of})
				}
				if p.to-t.to > gap {
					left = append(left, stretch{t.to, p.to, p.of})
				}
			}
			pieces = left
		}
		for _, p := range pieces {
			if n := len(out); n > 0 && out[n-1].of.Kind == p.of.Kind && out[n-1].of.Hidden == p.of.Hidden && out[n-1].of.Item == p.of.Item && p.from <= out[n-1].to+gap && p.from >= out[n-1].from {
				out[n-1].to = max(out[n-1].to, p.to)
				continue
			}
			out = append(out, p)
		}
	}
	return out
}

func b2i(b bool) int {
	if b {
		return 1
	}
	return 0
}

func straightTogether(lines []Line, which []int) (out []Line) {
	if len(which) == 1 {
		return []Line{lines[which[0]]}
	}
	first := &lines[which[0]]
	ang, _ := lineOf(first)
	sin, cos := math.Sincos(ang)
	var list []stretch
	for _, i := range which {
		l := &lines[i]
		a, b := l.A[0]*cos+l.A[1]*sin, l.B[0]*cos+l.B[1]*sin
		list = append(list, stretch{min(a, b), max(a, b), l})
	}
	const gap = 1.0 / alike
	for _, s := range joined(list, gap) {
		l := *s.of
		off := l.A[0]*sin - l.A[1]*cos
		l.A, l.B = [2]float64{s.from*cos + off*sin, s.from*sin - off*cos}, [2]float64{s.to*cos + off*sin, s.to*sin - off*cos}
		out = append(out, l)
	}
	return out
}

// around is a whole turn, degrees.
const around = 360.0

func arcsTogether(lines []Line, which []int) (out []Line) {
	var list []stretch
	for _, i := range which {
		a := lines[i].Arc
		from := math.Mod(math.Mod(a.From, around)+around, around)
		to := from + a.To - a.From
		list = append(list, stretch{from, min(to, around), &lines[i]})
		if to > around {
			list = append(list, stretch{0, to - around, &lines[i]})
		}
	}
	gap := math.Min(1, 180/math.Pi/(alike*max(lines[which[0]].Arc.R, 1.0/alike)))
	got := joined(list, gap)
	for k := 0; k < len(got); k++ { // what ends at 360 goes on from 0
		if got[k].to < around-gap {
			continue
		}
		for j := range got {
			if j != k && got[j].from <= gap && got[j].of.Kind == got[k].of.Kind && got[j].of.Hidden == got[k].of.Hidden && got[j].of.Item == got[k].of.Item {
				got[k].to += got[j].to
				got = append(got[:j], got[j+1:]...)
				break
			}
		}
		break
	}
	for _, s := range got {
		l := *s.of
		a := *l.Arc
		a.From, a.To = s.from, s.to
		if s.to-s.from > around-gap {
			a.From, a.To = 0, around
		}
		at := func(deg float64) [2]float64 {
			sin, cos := math.Sincos(deg * math.Pi / 180)
			return [2]float64{a.C[0] + a.R*cos, a.C[1] + a.R*sin}
		}
		l.Arc, l.A, l.B = &a, at(a.From), at(a.To)
		out = append(out, l)
	}
	return out
}
