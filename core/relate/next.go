package relate

import (
	"cmp"
	"context"
	"fmt"
	"maps"
	"math"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// Next is what would seat a part: relations that go together, tried before they are offered.
type Next struct {
	Kind    string                `json:"kind"` // contact, twin, fill, pattern, shank, tab or held
	Says    string                `json:"says"`
	On      string                `json:"on"` // component
	Left    int                   `json:"left"`
	Apart   float64               `json:"apart_mm"`     // how far off the two are from fitting
	At      *[3]float64           `json:"at,omitempty"` // the place it goes to
	Through []string              `json:"through"`      // components it would pass through there
	Mates   []*assembly.Mate      `json:"-"`
	Poses   map[string]geom.Pose  `json:"-"`
	Places  []*assembly.Component `json:"-"` // to be placed besides: more of the part
	ranking float64
	news    int // how many of the relations are proposed, where others stand for what seats it already
}

// Place is where something sits already.
type Place struct {
	Ref string     `json:"ref"`
	At  [3]float64 `json:"at"`
}

func at(f part.Feature) *[3]float64 {
	o := f.O.Array()
	return &o
}

// mostNext is how many proposals are tried.
const mostNext = 12

// Following proposes what would seat a component that has freedom left: by contacts that no relation says yet, if it is seated in part; as its twin is seated, in the holes like those the twin is in; by a
// pattern of holes of equal pitch; by a shank and a hole of one size. Each is solved with all else standing before it is offered, best first.
// What is like them and taken is told too.
func Following(ctx context.Context, doc *assembly.Document, name, component string, shapes Shapes) ([]Next, []Place, error) {
	s, err := newScene(doc, name, shapes)
	if err != nil {
		return nil, nil, err
	}
	c := s.asm.Component(component)
	if c == nil || c.Suppressed {
		return nil, nil, fmt.Errorf("there is no component %q that stands here", component)
	}
	f := &following{s: s, c: c, taken: map[string]geom.Vec{}, meshes: map[int]*clash.Mesh{}, unit: slices.IndexFunc(s.units, func(u unit) bool { return u.name == component })}
	f.indexed()
	f.standing()
	if len(f.own()) > 0 {
		if err := f.settling(ctx); err != nil {
			return nil, nil, err
		}
	}
	f.twins()
	f.patterns()
	f.shanks()
	f.tabs()
	slices.SortStableFunc(f.out, func(a, b Next) int { return cmp.Compare(b.ranking, a.ranking) })
	out := []Next{}
	seen := map[string]bool{}
	for _, n := range f.out {
		if ctx.Err() != nil {
			return nil, nil, context.Cause(ctx)
		}
		key := n.key()
		if seen[key] {
			continue // another twin says the same
		}
		seen[key] = true
		if n.news == 0 && f.saysAlready(&n) {
			continue
		}
		if len(out) == mostNext {
			break
		}
		if f.try(ctx, &n) {
			if n.news > 0 {
				n.Mates = n.Mates[:n.news]
			}
			out = append(out, n)
		}
	}
	slices.SortStableFunc(out, func(a, b Next) int {
		return cmp.Or(cmp.Compare(heldLast(a), heldLast(b)), cmp.Compare(min(1, len(a.Through)), min(1, len(b.Through))), cmp.Compare(rough(a.Apart), rough(b.Apart)), cmp.Compare(a.Left, b.Left), cmp.Compare(b.ranking, a.ranking))
	})
	taken := []Place{}
	for _, ref := range slices.Sorted(maps.Keys(f.taken)) {
		taken = append(taken, Place{ref, f.taken[ref].Array()})
	}
	return f.fill(out), taken, nil
}

// saysAlready tells whether a relation between the same features is there.
func (f *following) saysAlready(n *Next) bool {
	for _, m := range n.Mates {
		for _, o := range f.s.asm.Mates {
			if !o.IsCoupling() && !o.Suppressed && (o.A.String() == m.A.String() && o.B.String() == m.B.String() || o.A.String() == m.B.String() && o.B.String() == m.A.String()) {
				return true
			}
		}
	}
	return false
}

// heldLast puts what only holds a part where it is behind what something stops.
func heldLast(n Next) int {
	if n.Kind == "held" {
		return 1
	}
	return 0
}

// key is what its relations are between.
func (n *Next) key() string {
	var all []string
	for _, m := range n.Mates {
		all = append(all, m.Type+" "+m.A.String()+" "+m.B.String())
	}
	slices.Sort(all)
	return strings.Join(all, "\n")
}

// rough is whether something is off at all.
func rough(apart float64) int {
	if apart > tol.HoldsMM {
		return 1
	}
	return 0
}

type following struct {
	s      *scene
	c      *assembly.Component
	unit   int
	index  map[string]*surface // by reference
	meshes map[int]*clash.Mesh // per component, as they are asked for
	taken  map[string]geom.Vec // places like those that are proposed, by reference
	on     []bool              // per component: it stands, or is tied to what does
	out    []Next
}

// indexed makes the index of all surfaces.
func (f *following) indexed() {
	f.index = map[string]*surface{}
	for b := range f.s.bodies {
		for i := range f.s.bodies[b].surfaces {
			f.index[f.s.bodies[b].surfaces[i].ref] = &f.s.bodies[b].surfaces[i]
		}
	}
}

// standing finds the components that stand, or are tied to one that does by relations: others are no place to put anything on.
func (f *following) standing() {
	n := len(f.s.units)
	f.on = make([]bool, n)
	at := map[string]int{}
	any := false
	for u := range f.s.units {
		at[f.s.units[u].name] = u
		f.on[u] = f.s.units[u].grounded
		any = any || f.on[u]
	}
	for more := true; more; {
		more = false
		for _, m := range f.s.asm.Mates {
			if m.Suppressed || m.IsCoupling() {
				continue
			}
			a, oka := at[m.A.Head()]
			b, okb := at[m.B.Head()]
			if oka && okb && f.on[a] != f.on[b] && a != f.unit && b != f.unit {
				f.on[a], f.on[b], more = true, true, true
			}
		}
	}
	for u := range f.on {
		f.on[u] = (f.on[u] || !any) && u != f.unit
	}
}

// mate states a relation in the sense that its features are given.
func (f *following) mate(kind string, on, put assembly.Ref, sense string) *assembly.Mate {
	m := &assembly.Mate{ID: fmt.Sprint("\x00", len(f.out), kind, put, on), Type: kind, A: on, B: put}
	if sense != "" {
		m.Params = m.Params.WithWord("sense", sense)
	}
	return m
}

// try solves the relations with all but the component standing, and tells what is left to it. Where they cannot hold, it says by how much.
func (f *following) try(ctx context.Context, n *Next) bool {
	r, err := f.alone(ctx, n.Mates)
	if err != nil {
		return false
	}
	n.Left = r.Components[f.c.Name].Left - r.Idle
	for _, o := range r.Odds {
		for _, m := range o.Misses {
			n.Apart = math.Max(n.Apart, m.MM)
		}
		if n.Apart == 0 || n.Apart > patternOff*2 {
			return false // it does not fit at all
		}
	}
	n.Poses = map[string]geom.Pose{f.c.Name: r.Components[f.c.Name].Pose}
	n.Through = f.passing(n.Poses[f.c.Name])
	return true
}

// twins proposes the relations that another use of the same part has, on features like those it is on.
func (f *following) twins() {
	for _, t := range f.s.asm.Components {
		if t.Name == f.c.Name || t.Suppressed || t.Part+t.Assembly != f.c.Part+f.c.Assembly {
			continue
		}
		var own []*assembly.Mate
		for _, m := range f.s.asm.Mates {
			if m.Suppressed || m.IsCoupling() || m.About != nil || m.A2 != nil || (m.A.Head() == t.Name) == (m.B.Head() == t.Name) {
				continue
			}
			other := m.A.Head()
			if other == t.Name {
				other = m.B.Head()
			}
			if f.s.asm.Place(other) < f.s.asm.Place(t.Name) { // what it sits on, not what sits on it
				own = append(own, m)
			}
		}
		if len(own) > 0 {
			f.likeTwin(t, own)
		}
	}
}

// likeTwin proposes what seats a twin, for each place like the one it is in.
func (f *following) likeTwin(t *assembly.Component, own []*assembly.Mate) {
	other := func(m *assembly.Mate) assembly.Ref { // what the twin is on
		if m.A.Head() == t.Name {
			return m.B
		}
		return m.A
	}
	lead := slices.IndexFunc(own, func(m *assembly.Mate) bool {
		x, _, ok := f.at(other(m))
		return ok && x.HasAxis()
	})
	if lead < 0 {
		return
	}
	from, _, _ := f.at(other(own[lead]))
	for _, place := range f.alike(other(own[lead])) {
		to, _, _ := f.at(place)
		shift := to.O.Sub(from.O)
		n := Next{Kind: "twin", On: place.Head(), ranking: 3}
		complete := true
		for i, m := range own {
			on := place
			if i != lead {
				var ok bool
				if on, ok = f.moved(other(m), shift, place); !ok {
					complete = false
					break
				}
			}
			k := *m
			k.ID = fmt.Sprint("\x00", len(f.out), " ", i)
			if m.A.Head() == t.Name {
				k.A, k.B = f.mine(m.A), on
			} else {
				k.A, k.B = on, f.mine(m.B)
			}
			n.Mates = append(n.Mates, &k)
		}
		if f.used(place, true) {
			f.taken[place.String()] = to.O
			continue
		}
		if complete {
			n.At = at(to)
			n.Says = fmt.Sprintf("as %s, on %s", t.Name, f.called(place))
			f.out = append(f.out, n)
		}
	}
}

// mine is a reference of a twin's, as the component's own.
func (f *following) mine(r assembly.Ref) assembly.Ref {
	r.Path = append([]string{f.c.Name}, r.Path[1:]...)
	return r
}

// at finds the surface that a reference names, where it is placed.
func (f *following) at(r assembly.Ref) (part.Feature, *surface, bool) {
	if x := f.index[r.String()]; x != nil {
		return x.world, x, true
	}
	return part.Feature{}, nil, false
}

// called says a surface by its kind and component.
func (f *following) called(r assembly.Ref) string {
	x, _, ok := f.at(r)
	if !ok {
		return r.String()
	}
	return x.Describe() + " of " + strings.Join(r.Path, " › ")
}

// alike are the surfaces of the same component, and of others of the same part, that are like one: same kind and size, same direction.
func (f *following) alike(r assembly.Ref) (out []assembly.Ref) {
	like, own, ok := f.at(r)
	if !ok {
		return nil
	}
	for b := range f.s.bodies {
		if !f.on[f.s.bodies[b].unit] {
			continue
		}
		for i := range f.s.bodies[b].surfaces {
			x := &f.s.bodies[b].surfaces[i]
			if x.part == own.part && x.Kind == like.Kind && x.Side == like.Side && math.Abs(x.Radius-like.Radius) < tol.SizeForSize && x.world.Z.Dot(like.Z) > 1-tol.LooksAt &&
				(x.Kind != part.Circle || math.Abs(x.O.Sub(own.O).Dot(own.Z)) < tol.FitPlace) && // at one height of the part
				(x.Kind != part.Cylinder || math.Abs(x.To-x.From-own.To+own.From) < tol.FitPlace) {
				out = append(out, refTo(x))
			}
		}
	}
	return out
}

// moved is the surface that lies where another would, if it were shifted: on the component of the new place, else the very same one if it
// reaches there too, as a large face does.
func (f *following) moved(r assembly.Ref, shift geom.Vec, place assembly.Ref) (assembly.Ref, bool) {
	was, own, ok := f.at(r)
	if !ok {
		return r, false
	}
	was.O = was.O.Add(shift)
	for b := range f.s.bodies {
		for i := range f.s.bodies[b].surfaces {
			x := &f.s.bodies[b].surfaces[i]
			if !strings.HasPrefix(x.ref, place.Head()+"/") || x.Kind != was.Kind || x.Side != was.Side || math.Abs(x.Radius-was.Radius) > tol.SizeForSize {
				continue
			}
			off := x.world.O.Sub(was.O)
			switch {
			case x.Kind == part.Plane:
				if x.world.Z.Dot(was.Z) > 1-tol.LooksAt && math.Abs(off.Dot(was.Z)) < tol.FitPlace {
					return refTo(x), true
				}
			case off.Norm() < tol.FitPlace:
				return refTo(x), true
			}
		}
	}
	return r, own.Kind == part.Plane && math.Abs(shift.Dot(was.Z)) < tol.FitPlace
}

// used tells whether a hole, or a rim, has another use of the part in it already; with any, whether anything sits in it.
func (f *following) used(r assembly.Ref, any bool) bool {
	x, _, ok := f.at(r)
	if !ok {
		return false
	}
	for _, m := range f.s.asm.Mates {
		if m.Suppressed || m.IsCoupling() {
			continue
		}
		for _, ends := range [2][2]assembly.Ref{{m.A, m.B}, {m.B, m.A}} {
			y, _, ok := f.at(ends[0])
			c := f.s.asm.Component(ends[1].Head())
			if !ok || c == nil || ends[0].Head() != r.Head() || !y.HasAxis() || onAxis(x, y.O) > tol.FitPlace || math.Abs(y.Z.Dot(x.Z)) < 1-tol.LooksAt {
				continue
			}
			in, put, _ := f.at(ends[1])
			sits := put != nil && in.Side == "shaft" || f.s.screws[c.Part] || f.s.doc.Parts[c.Part] != nil && f.s.doc.Parts[c.Part].Fastener
			if c.Part == f.c.Part && c.Name != f.c.Name || any && sits {
				return true
			}
		}
	}
	return false
}

// filled tells whether a shank of another component stands in a hole.
func (f *following) filled(hole *surface) bool {
	for u := range f.s.units {
		if !f.on[u] {
			continue
		}
		for _, x := range f.surfaces(u, part.Cylinder) {
			if x.Side != "shaft" || onAxis(hole.world, x.world.O) > tol.FitPlace || math.Abs(x.world.Z.Dot(hole.world.Z)) < 1-tol.LooksAt {
				continue
			}
			if from, to := x.along(hole.world); math.Min(to, hole.To)-math.Max(from, hole.From) > tol.NearlyMeets {
				return true
			}
		}
	}
	return false
}

// shanks proposes a shank of the component for holes of others that it fits, and the other way round.
func (f *following) shanks() {
	for _, x := range f.surfaces(f.unit, part.Cylinder) {
		for u := range f.s.units {
			if !f.on[u] {
				continue
			}
			for _, y := range f.surfaces(u, part.Cylinder) {
				if x.Side == y.Side {
					continue
				}
				in, hole := x, y
				if x.Side == "hole" {
					in, hole = y, x
				}
				ratio := in.Radius / hole.Radius
				if ratio > 1+tol.FitPlace || ratio < snugLeast || in == x && f.filled(y) || f.used(refTo(y), true) {
					continue
				}
				n := Next{Kind: "shank", On: f.s.units[u].name, ranking: 1 + ratio - math.Min(1, y.world.O.Sub(x.world.O).Norm()/farAway),
					Says: part.FitOf(hole.Feature, in.Feature, f.s.units[f.unit].fastener) + " · " + f.s.units[u].name}
				n.At = at(y.world)
				n.Mates = append(n.Mates, f.mate("concentric", refTo(y), refTo(x), ""))
				if g, h, ok := f.seat(x, y); ok {
					n.Mates = append(n.Mates, f.mate("coincident", refTo(h), refTo(g), "opposed"))
					n.ranking += 0.5
				}
				f.out = append(f.out, n)
			}
		}
	}
}

// snugLeast is how much of a hole a shank fills at least to be proposed for it; farAway, mm, is where distance counts for nothing more.
const (
	snugLeast = 0.85
	farAway   = 1000.0
)

// seat finds the face of the component beside its shank that would rest on a face beside the hole: a head on a plate.
func (f *following) seat(x, y *surface) (g, h *surface, ok bool) {
	beside := func(u int, of *surface) (list []*surface) {
		for _, p := range f.surfaces(u, part.Plane) {
			if math.Abs(p.world.Z.Dot(of.world.Z)) < 1-tol.LooksAt {
				continue
			}
			along := p.world.O.Sub(of.world.O).Dot(of.world.Z)
			if math.Abs(along-of.From) < tol.FitPlace || math.Abs(along-of.To) < tol.FitPlace {
				list = append(list, p)
			}
		}
		return list
	}
	area := 0.0
	for _, p := range beside(f.unit, x) {
		if from, to := span(p.low, p.high, across(p.world.Z)); to-from <= 2*x.Radius+tol.FitPlace { // the end of the shank itself
			continue
		}
		for _, q := range beside(f.s.bodies[f.bodyOf(y)].unit, y) {
			if from, to := span(q.low, q.high, across(q.world.Z)); to-from > area {
				g, h, ok, area = p, q, true, to-from
			}
		}
	}
	return g, h, ok
}

// across is a direction square to another.
func across(z geom.Vec) geom.Vec { return z.Perp().Unit() }

func (f *following) bodyOf(x *surface) int {
	for b := range f.s.bodies {
		if owns(&f.s.bodies[b], x) {
			return b
		}
	}
	return -1
}

// surfaces are those of a kind that a component has.
func (f *following) surfaces(u int, k part.Kind) (out []*surface) {
	for _, b := range f.s.units[u].bodies {
		for i := range f.s.bodies[b].surfaces {
			if x := &f.s.bodies[b].surfaces[i]; x.Kind == k {
				out = append(out, x)
			}
		}
	}
	return out
}

// fill adds, where a twin's seat is offered on several places, one proposal that fills them all with further uses of the part.
func (f *following) fill(list []Next) []Next {
	var places []Next
	for _, n := range list {
		if n.Kind == "twin" && rough(n.Apart) == 0 && len(n.Through) == 0 {
			places = append(places, n)
		}
	}
	if len(places) < 2 {
		return list
	}
	all := Next{Kind: "fill", On: places[0].On, Left: places[0].Left, Says: fmt.Sprintf("all %d places like this one, with %d more of the part", len(places), len(places)-1), Poses: map[string]geom.Pose{}, Through: []string{}}
	taken := map[string]bool{}
	for _, c := range f.s.asm.Components {
		taken[c.Name] = true
	}
	for i, n := range places {
		name := f.c.Name
		if i > 0 {
			for k := 2; taken[name]; k++ {
				name = fmt.Sprintf("%s %d", strings.TrimRight(strings.TrimRight(f.c.Name, "0123456789"), " "), k)
			}
			taken[name] = true
			k := *f.c
			k.Name, k.Pose, k.Grounded = name, n.Poses[f.c.Name], false
			all.Places = append(all.Places, &k)
		} else {
			all.Poses[name] = n.Poses[f.c.Name]
		}
		for j, m := range n.Mates {
			k := *m
			k.ID = fmt.Sprint("\x00fill ", i, " ", j)
			for _, r := range []*assembly.Ref{&k.A, &k.B} {
				if r.Head() == f.c.Name {
					r.Path = append([]string{name}, r.Path[1:]...)
				}
			}
			all.Mates = append(all.Mates, &k)
		}
	}
	return append(list, all)
}
