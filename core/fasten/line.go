package fasten

import (
	"cmp"
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/standard"
	"setfast/core/tol"
)

// kit is what a stack is made of.
type kit struct {
	screw, nut     *standard.Fastener // the screw without its length
	head, underNut []*standard.Fastener
}

func kitOf(s *assembly.Stack) (k kit, err error) {
	if k.screw, err = standard.Read(s.Screw); err != nil {
		return k, err
	}
	if s.Nut != "" {
		if k.nut, err = standard.Read(s.Nut); err != nil {
			return k, err
		}
		if k.nut.Thread != k.screw.Thread {
			return k, fmt.Errorf("%s does not go on the thread %s", k.nut.Designation(), k.screw.Thread.Name)
		}
	}
	for _, w := range []struct {
		names []string
		to    *[]*standard.Fastener
	}{{s.UnderHead, &k.head}, {s.UnderNut, &k.underNut}} {
		for _, n := range w.names {
			f, err := standard.Read(n)
			if err != nil {
				return k, err
			}
			*w.to = append(*w.to, f)
		}
	}
	return k, nil
}

// thick is how thick some washers are together.
func thick(list []*standard.Fastener) (sum float64) {
	for _, f := range list {
		sum += f.Height()
	}
	return sum
}

// bears is the radius of what lies on the part first: that of the first washer, else of the head or nut itself.
func bears(washers []*standard.Fastener, last *standard.Fastener) float64 {
	if len(washers) > 0 {
		return washers[0].Across() / 2
	}
	return last.Across() / 2
}

// line is a screw with what it goes through.
type line struct {
	axis
	bores []*bore // from the head down
	tap   *bore   // the tapped hole
	head  mouth   // what the head or its washer lies on
	nut   mouth   // what the nut or its washer lies on, or where the tapped hole begins
	shank float64 // where the head's seat is, along the axis, washers and all
	grip  float64
	room  float64 // below where the thread of an insert begins
	sunk  float64 // how far a countersunk head lies below its face
	wrong []string
}

func (l *line) finds(format string, a ...any) { l.wrong = append(l.wrong, fmt.Sprintf(format, a...)) }

// lineOf follows one hole of a stack through all it goes through.
func (s *stacking) lineOf(st *assembly.Stack, k *kit, i int) (*line, error) {
	ref := st.Holes[i]
	own := s.use(pathOf(ref))
	if own == nil {
		return nil, fmt.Errorf("there is no part %q where %s is", pathOf(ref), ref)
	}
	f, ok := own.part.Feature(ref.Feature)
	if !ok || !f.HasAxis() {
		return nil, fmt.Errorf("%s is no hole: it has no axis", ref)
	}
	g := f.At(own.pose)
	l := &line{axis: axis{g.O, g.Z}}
	first := boreOf(own, l.axis)
	if first == nil {
		return nil, fmt.Errorf("where %s begins and ends is not known: the part has neither rims about it nor flats square to it", ref)
	}
	others := s.through(st, l.axis, own)
	for _, u := range others {
		if b := boreOf(u, l.axis); b != nil {
			l.bores = append(l.bores, b)
		} else {
			l.finds("%s has no hole for it", u.name)
		}
	}
	if len(st.Into) > 0 {
		tapped := s.use(pathOf(st.Into[min(i, len(st.Into)-1)]))
		if tapped != nil {
			l.tap = boreOf(tapped, l.axis)
		}
		if l.tap == nil {
			return nil, fmt.Errorf("%s has no tapped hole in line with %s", pathOf(st.Into[0]), ref)
		}
		l.bores = slices.DeleteFunc(l.bores, func(b *bore) bool { return b.of == tapped })
	}
	l.bores = append(l.bores, first)
	if s.headBelow(st, l, own, k) {
		l.turn()
	}
	slices.SortStableFunc(l.bores, func(a, b *bore) int { return cmp.Compare(b.top()+b.bottom(), a.top()+a.bottom()) })
	l.inserted()
	l.gaps()
	l.fits(k)
	l.seats(k)
	return l, nil
}

// through are the parts that a stack's screws go through besides that of the holes: those that are named, or those with a hole in line that lie on one
// another.
func (s *stacking) through(st *assembly.Stack, a axis, own *use) (out []*use) {
	if len(st.Through) > 0 {
		for _, name := range st.Through {
			for _, u := range s.uses {
				if u != own && (u.name == name || strings.HasPrefix(u.name, name+"/")) {
					out = append(out, u)
				}
			}
		}
		return out
	}
	into := map[*use]bool{}
	for _, r := range st.Into {
		into[s.use(pathOf(r))] = true
	}
	b := boreOf(own, a)
	low, high := b.bottom(), b.top()
	var found []*bore
	for _, u := range s.uses {
		if u == own || into[u] || u.part.Fastener {
			continue
		}
		if x := boreOf(u, a); x != nil && x.off < x.radius {
			found = append(found, x)
		}
	}
	for again := true; again; {
		again = false
		for i, x := range found {
			if x == nil || x.bottom() > high+tol.NearlyMeets || x.top() < low-tol.NearlyMeets {
				continue
			}
			low, high, again = min(low, x.bottom()), max(high, x.top()), true
			out, found[i] = append(out, x.of), nil
		}
	}
	return out
}

// headBelow tells whether the head comes on the other side than the axis points to.
func (s *stacking) headBelow(st *assembly.Stack, l *line, own *use, k *kit) bool {
	on := own
	if st.HeadOn != "" {
		for _, b := range l.bores {
			if b.of.name == st.HeadOn || strings.HasPrefix(b.of.name, st.HeadOn+"/") {
				on = b.of
			}
		}
	}
	mid := func(b *bore) float64 { return (b.top() + b.bottom()) / 2 }
	var mine, rest float64
	n := 0
	for _, b := range l.bores {
		if b.of == on {
			mine = mid(b)
		} else {
			rest += mid(b)
			n++
		}
	}
	if l.tap != nil {
		return mid(l.tap) > mine
	}
	if n > 0 {
		if rest /= float64(n); math.Abs(mine-rest) > tol.BoreMeets {
			return mine < rest
		}
	}
	// one part alone: heads go where it is sunk for them
	b := l.bores[len(l.bores)-1]
	wide := bears(k.head, k.screw)
	up, okUp := b.seat(wide)
	down, okDown := b.upsideDown().seat(wide)
	if !okUp || !okDown {
		return okDown
	}
	deepUp, deepDown := b.top()-up.at, -b.bottom()-down.at
	return deepDown > deepUp+tol.BoreMeets
}

// turn sees everything from the other end.
func (l *line) turn() {
	l.axis = l.axis.turned()
	for i := range l.bores {
		l.bores[i] = l.bores[i].upsideDown()
	}
	if l.tap != nil {
		l.tap = l.tap.upsideDown()
	}
}

// inserted sees to a tapped hole that is an insert's: what that sits in is no plate, and gives the screw room below it.
func (l *line) inserted() {
	if l.tap == nil {
		return
	}
	var rest []*bore
	for _, b := range l.bores {
		if b.top() > l.tap.top()+tol.BoreMeets {
			rest = append(rest, b)
		} else if b.radius > l.tap.radius {
			l.room = max(l.room, l.tap.top()-b.bottom())
		}
	}
	if len(rest) > 0 {
		l.bores = rest
	}
}

// gaps tells where plates do not lie on one another.
func (l *line) gaps() {
	all := l.bores
	if l.tap != nil {
		all = append(slices.Clone(all), l.tap)
	}
	for i := 1; i < len(all); i++ {
		over, under := all[i-1], all[i]
		if gap := over.bottom() - under.top(); gap > tol.NearlyMeets {
			l.finds("%s mm of air between %s and %s", part.Number(round3(gap)), over.of.name, under.of.name)
		}
	}
}

// fits tells how the screw goes through the holes.
func (l *line) fits(k *kit) {
	d := k.screw.Thread.D
	h, known := standard.HoleOf(k.screw.Thread.Name)
	for _, b := range l.bores {
		hole := 2 * b.radius
		switch {
		case hole < d-tol.SameRadius:
			l.finds("does not go through the hole of Ø%s in %s", part.Number(round3(hole)), b.of.name)
		case hole-d < 2*b.off-tol.BoreMeets:
			l.finds("the hole in %s is %s mm out of line", b.of.name, part.Number(round3(b.off)))
		case known && hole < h.Fine-tol.SameRadius:
			l.finds("hole tighter than fine: Ø%s in %s, fine is %s", part.Number(round3(hole)), b.of.name, part.Number(round3(h.Fine)))
		case known && hole > h.Coarse+tol.SameRadius:
			l.finds("hole wider than coarse: Ø%s in %s, coarse is %s", part.Number(round3(hole)), b.of.name, part.Number(round3(h.Coarse)))
		}
	}
	if l.tap != nil {
		hole := 2 * l.tap.radius
		if t := k.screw.Thread; known && math.Abs(hole-h.Drill) > t.Pitch/4 && math.Abs(hole-t.D) > tol.SameRadius && math.Abs(hole-t.Minor()) > t.Pitch/4 {
			l.finds("the hole of Ø%s in %s is not drilled for %s, which wants %s", part.Number(round3(hole)), l.tap.of.name, t.Name, part.Number(h.Drill))
		}
		if l.tap.off > tol.BoreMeets {
			l.finds("the tapped hole in %s is %s mm out of line", l.tap.of.name, part.Number(round3(l.tap.off)))
		}
	}
}

// seats finds where head and nut come to lie, and the grip between.
func (l *line) seats(k *kit) {
	top := l.bores[0]
	if k.screw.Head == "countersunk" && len(k.head) == 0 {
		l.countersunk(top, k)
	} else {
		wide := bears(k.head, k.screw)
		seat, ok := top.seat(wide)
		if !ok {
			l.finds("head not seated: Ø%s falls through %s", part.Number(round3(2*wide)), top.of.name)
			seat = top.mouths[0]
		}
		l.head = seat
		l.counterbore(top, seat, wide, "head", k.screw, len(k.head) > 0)
		l.shank = seat.at + thick(k.head)
	}
	if l.tap != nil {
		l.nut = l.tap.mouths[0]
		l.grip = l.shank - l.nut.at
		return
	}
	bottom := l.bores[len(l.bores)-1].upsideDown()
	wide := bears(k.underNut, k.nut)
	seat, ok := bottom.seat(wide)
	if !ok {
		l.finds("nut not seated: Ø%s falls through %s", part.Number(round3(2*wide)), bottom.of.name)
		seat = bottom.mouths[0]
	}
	l.counterbore(bottom, seat, wide, "nut", k.nut, len(k.underNut) > 0)
	seat.at = -seat.at
	l.nut = seat
	l.grip = l.shank - (seat.at - thick(k.underNut))
}

// Room for a socket on a hexagon: its outside diameter in widths across flats, and what comes to that, mm (common practice, no source).
const (
	socketOf   = 1.3
	socketMore = 2
)

// counterbore tells whether what goes into a counterbore fits it, and a socket beside it.
func (l *line) counterbore(b *bore, seat mouth, wide float64, what string, f *standard.Fastener, washer bool) {
	for _, m := range b.mouths {
		if m.at < seat.at-tol.FitPlace && m.radius > b.radius+tol.SameRadius && m.radius < wide && seat.radius > b.radius+tol.SameRadius && seat.rim != "" && !b.beveled(l.axis, seat.at) {
			l.finds("%s not seated: Ø%s does not go into the counterbore of Ø%s in %s", what, part.Number(round3(2*wide)), part.Number(round3(2*m.radius)), b.of.name)
			return
		}
	}
	if b.beveled(l.axis, seat.at+tol.BoreMeets) && b.top() > seat.at+tol.BoreMeets && f.Head != "countersunk" {
		if above := b.within(seat.at); above >= wide {
			l.finds("%s sinks into the countersink of %s", what, b.of.name)
		}
	}
	if f.Drive == "hexagon" && !washer {
		if room := b.within(seat.at); !math.IsInf(room, 1) && 2*room < socketOf*f.Values["s"]+socketMore {
			l.finds("tool has no room: a socket for %s wants Ø%s, the counterbore in %s has %s", part.Number(f.Values["s"]), part.Number(round3(socketOf*f.Values["s"]+socketMore)), b.of.name, part.Number(round3(2*room)))
		}
	}
}

// beveled tells whether a cone of the bore lies about a height.
func (b *bore) beveled(a axis, height float64) bool {
	low, high := math.Inf(1), math.Inf(-1)
	for range b.cones {
		for i := 1; i < len(b.mouths); i++ { // between two mouths of which the upper is wider
			if over, under := b.mouths[i-1], b.mouths[i]; over.at > under.at+tol.FitPlace && over.radius > under.radius+tol.FitPlace {
				low, high = min(low, under.at), max(high, over.at)
			}
		}
	}
	return height >= low-tol.BoreMeets && height <= high+tol.BoreMeets
}

// countersunk seats a countersunk head in its cone: where that is as wide as the head.
func (l *line) countersunk(b *bore, k *kit) {
	wide := k.screw.Values["dk"] / 2
	l.head = b.mouths[0]
	l.shank = l.head.at
	if len(b.cones) == 0 || !(l.head.radius > b.radius+tol.SameRadius) {
		l.finds("head not seated: %s has no countersink", b.of.name)
		return
	}
	half := b.cones[0].HalfAngle
	if math.Abs(half-45) > 1 { // of 90° (ISO 10642)
		l.finds("head not seated: the countersink of %s has %s°, the head 90°", b.of.name, part.Number(round3(2*half)))
	}
	l.sunk = (l.head.radius - wide) / math.Tan(half*math.Pi/180)
	l.shank = l.head.at - l.sunk
	switch {
	case l.sunk < -tol.HeadFlush:
		l.finds("head stands out of %s by %s mm", b.of.name, part.Number(round3(-l.sunk)))
	case l.sunk > tol.HeadSunk:
		l.finds("head sinks in %s mm below the face of %s", part.Number(round3(l.sunk)), b.of.name)
	}
}

func round3(x float64) float64 { return math.Round(x*1e3) / 1e3 }

// up is a direction square to the axis, which parts are turned to: the first of the assembly's own that serves.
func (a axis) across() geom.Vec {
	for _, v := range []geom.Vec{geom.V(1, 0, 0), geom.V(0, 1, 0)} {
		if r := v.Reject(a.z); r.Norm() > 0.5 {
			return r.Unit()
		}
	}
	return geom.V(0, 0, 1)
}
