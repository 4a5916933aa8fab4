// Package explode takes an assembly apart: in which order, each part straight along which direction, and how far so that an exploded view shows all of them.
//
// A direction is free if nothing that is still there stands in the way for good (core/clash/leave.go). Fasteners leave before what they hold, the rest in the
// reverse of the build order where that goes; what is alike and leaves alike leaves together. Only where nothing can leave alone does a group: of all parts and
// directions the fewest that have to go along. It comes apart at the end, where it then stands. One base stays. What no direction frees is caught.
//
// A subassembly leaves as one and comes apart on its own; only where none can leave is what is caught opened, and its parts leave by themselves.
//
// Cost: each pair of parts is tried once for each direction; a step asks only what stopped a part before.
package explode

import (
	"context"
	"slices"

	"setfast/core/clash"
	"setfast/core/geom"
)

// Unit is what leaves as one: a part, or a subassembly that is taken apart on its own.
type Unit struct {
	Name     string
	Fastener bool
	Alike    string       // of the same kind
	Items    []clash.Item // with their shapes, where they stand in the assembly
	On       []string     // what relations tie it to
	Grounded bool
	Sub      []Unit // of a subassembly: what it is opened into where it cannot leave as one
}

// Step is what leaves together.
type Step struct {
	Parts []string   `json:"parts"`
	Along [3]float64 `json:"along"`
	By    float64    `json:"by"`
}

// Stuck is a part that cannot leave straight.
type Stuck struct {
	Part     string   `json:"part"`
	CaughtOn []string `json:"caught_on"`
}

// Exploded is how an assembly comes apart.
type Exploded struct {
	Base    string   `json:"base"`
	Steps   []Step   `json:"steps"`
	Stuck   []Stuck  `json:"stuck"`
	NoShape []string `json:"no_shape"`
	Missing []string `json:"missing,omitempty"` // what the assembly says of parts that are not there
}

// Options say how directions are tried.
type Options struct {
	MM    float64 // what passes by no more only touches
	Base  string  // that stays; else the first that is grounded, or the largest
	Fits  []clash.Fit
	Finer clash.Finer // nil where there is none
	Said  []Step      // how the assembly says that it comes apart; By 0: wherever there is room
	Only  bool        // nothing else leaves
}

// apart is an assembly on its way apart.
type apart struct {
	ctx     context.Context
	o       Options
	units   []*unit
	base    *unit
	byName  map[string]*unit
	leaving clash.Leaving
	out     *Exploded
	groups  [][]*unit // that left as one and come apart at the end
	finer   map[*clash.Solid]*clash.Solid
	count   int
}

// unit is a unit with what is known of it.
type unit struct {
	Unit
	at        int // in build order
	gone      bool
	stuck     bool
	volume    float64
	low, high geom.Vec
	dirs      []way
	holders   []*unit // fasteners that hold it
	shift     geom.Vec
}

// way is a direction that is tried.
type way struct {
	dir     geom.Vec
	kind    int   // how natural it is, the least the most
	stopper *unit // in the way when it was tried last
	free    map[*unit]bool
}

// Of takes units apart, which are in build order.
func Of(ctx context.Context, units []Unit, o Options) (*Exploded, error) {
	a := &apart{ctx: ctx, o: o, byName: map[string]*unit{}, out: &Exploded{Steps: []Step{}, Stuck: []Stuck{}, NoShape: []string{}}}
	if err := a.take(units); err != nil {
		return nil, err
	}
	if len(a.units) == 0 {
		return a.out, nil
	}
	a.look()
	if err := a.said(); err != nil {
		return nil, err
	}
	for !a.o.Only {
		caught := a.away(a.units)
		if len(caught) == 0 {
			break
		}
		if a.open(caught) {
			continue
		}
		for _, u := range caught {
			u.stuck = true
			a.out.Stuck = append(a.out.Stuck, Stuck{u.Name, a.caught(u)})
		}
		break
	}
	a.out.Base = a.base.Name
	a.lay()
	for _, g := range a.groups {
		a.within(g)
	}
	return a.out, context.Cause(ctx)
}

// take takes the units over, by finer triangles where there are any; what has no shape is left out.
func (a *apart) take(units []Unit) error {
	a.finer = map[*clash.Solid]*clash.Solid{}
	if a.o.Finer != nil {
		var list []*clash.Solid
		for _, u := range units {
			for _, x := range u.Items {
				if _, ok := a.finer[x.Solid]; !ok && solid(x) {
					a.finer[x.Solid] = nil
					list = append(list, x.Solid)
				}
			}
		}
		got, err := a.o.Finer(a.ctx, list)
		if err != nil {
			return err
		}
		for i, s := range list {
			a.finer[s] = got[i]
		}
	}
	a.bring(units, a.o.Base)
	return nil
}

// bring brings units in, after what they were opened from; base names the one that stays where that is not known yet.
func (a *apart) bring(units []Unit, base string) {
	var stays *unit
	for _, u := range units {
		k := &unit{Unit: u, at: a.count}
		a.count++
		k.Items = nil
		for _, x := range u.Items {
			if !solid(x) {
				continue
			}
			if f := a.finer[x.Solid]; f != nil {
				x.Solid = f
			}
			low, high := x.Pose.Box(x.Solid.Box())
			if k.Items = append(k.Items, x); len(k.Items) == 1 {
				k.low, k.high = low, high
			}
			k.low, k.high = k.low.Least(low), k.high.Most(high)
			k.volume += x.Solid.Volume
		}
		if len(k.Items) == 0 {
			a.out.NoShape = append(a.out.NoShape, u.Name)
			continue
		}
		a.units = append(a.units, k)
		a.byName[u.Name] = k
		if stays == nil || u.Name == base || stays.Name != base && (k.Grounded && !stays.Grounded || k.Grounded == stays.Grounded && !k.Grounded && k.volume > stays.volume) {
			stays = k
		}
	}
	if a.base == nil {
		a.base = stays
	}
}

// open opens the subassemblies that are caught, or else the base; nothing if there is none.
func (a *apart) open(caught []*unit) bool {
	var which []*unit
	for _, u := range caught {
		if len(u.Sub) > 0 {
			which = append(which, u)
		}
	}
	if len(which) == 0 && a.base != nil && len(a.base.Sub) > 0 {
		which = []*unit{a.base}
	}
	for _, u := range which {
		a.units = slices.DeleteFunc(slices.Clone(a.units), func(k *unit) bool { return k == u })
		delete(a.byName, u.Name)
		if u == a.base {
			a.base = nil
		}
		a.bring(u.Sub, "")
	}
	if len(which) > 0 {
		a.look()
	}
	return len(which) > 0
}

func solid(x clash.Item) bool { return x.Solid != nil && !x.Solid.Mesh.Empty() }

// away takes units apart until nothing more leaves, and gives what is caught, in build order.
func (a *apart) away(units []*unit) []*unit {
	order := slices.Clone(units)
	slices.SortStableFunc(order, func(p, q *unit) int { // fasteners first, then what was built last
		if p.Fastener != q.Fastener {
			if p.Fastener {
				return -1
			}
			return 1
		}
		return q.at - p.at
	})
	for a.ctx.Err() == nil {
		order = slices.DeleteFunc(order, func(u *unit) bool { return u.gone || u.stuck || u == a.base })
		if len(order) == 0 {
			break
		}
		if !a.alone(order, false) && !a.alone(order, true) && !a.together(order) {
			slices.SortFunc(order, func(p, q *unit) int { return p.at - q.at })
			return order
		}
	}
	return nil
}

// alone lets the first unit leave that can, with those that are alike and leave alike; held ones only where nothing else goes.
func (a *apart) alone(rest []*unit, held bool) bool {
	for _, u := range rest {
		if !held && u.held() {
			continue
		}
		w := a.freeWay(u)
		if w == nil {
			continue
		}
		group := []*unit{u}
		for _, v := range rest {
			if v == u || v.Alike != u.Alike || u.Alike == "" || v.Fastener != u.Fastener || !held && v.held() || !a.sameWay(v, w.dir) || overlaps(group, v) {
				continue
			}
			group = append(group, v)
		}
		a.leave(group, w.dir)
		return true
	}
	return false
}

// held tells whether a fastener that is still there holds a unit.
func (u *unit) held() bool {
	return !u.Fastener && slices.ContainsFunc(u.holders, func(f *unit) bool { return !f.gone && !f.stuck })
}

// overlaps tells whether the box of a unit overlaps one of some others.
func overlaps(group []*unit, v *unit) bool {
	return slices.ContainsFunc(group, func(u *unit) bool { return meets(u.low, u.high, v.low, v.high) })
}

func meets(l1, h1, l2, h2 geom.Vec) bool {
	return l1.X < h2.X && l2.X < h1.X && l1.Y < h2.Y && l2.Y < h1.Y && l1.Z < h2.Z && l2.Z < h1.Z
}

// leave lets units go.
func (a *apart) leave(group []*unit, dir geom.Vec) {
	slices.SortFunc(group, func(p, q *unit) int { return p.at - q.at })
	s := Step{Along: clean(dir).Array()}
	for _, u := range group {
		u.gone = true
		s.Parts = append(s.Parts, u.Name)
	}
	a.out.Steps = append(a.out.Steps, s)
}

// together lets the fewest units leave that can only leave together.
func (a *apart) together(rest []*unit) bool {
	var best []*unit
	var dir geom.Vec
	for _, u := range rest {
		for i := range u.dirs {
			if a.ctx.Err() != nil {
				return false
			}
			d := u.dirs[i].dir
			if g := a.along(u, d, len(best)); g != nil {
				best, dir = g, d
			}
		}
	}
	if best == nil {
		return false
	}
	a.groups = append(a.groups, best)
	a.leave(best, dir)
	return true
}

// along gathers all that have to go along with a unit in a direction; nothing if the base has to, or if they are as many as others.
func (a *apart) along(u *unit, dir geom.Vec, fewer int) []*unit {
	group := []*unit{u}
	in := map[*unit]bool{u: true}
	for i := 0; i < len(group); i++ {
		for _, v := range a.units {
			if v.gone || in[v] || !a.blocks(group[i], v, dir) {
				continue
			}
			if group = append(group, v); v == a.base || v.stuck || fewer > 0 && len(group) >= fewer {
				return nil
			}
			in[v] = true
		}
	}
	return group
}

// caught names what a unit is caught on: in the direction in which that is the least.
func (a *apart) caught(u *unit) []string {
	var best []string
	for i := range u.dirs {
		var on []string
		for _, v := range a.units {
			if v != u && !v.gone && a.blocks(u, v, u.dirs[i].dir) {
				on = append(on, v.Name)
			}
		}
		if best == nil || len(on) < len(best) {
			best = on
		}
	}
	return append([]string{}, best...)
}

// within takes a group apart where it stands: its first in build order stays, which is not told again where nothing can leave it.
func (a *apart) within(group []*unit) {
	if len(group) < 2 {
		return
	}
	slices.SortFunc(group, func(p, q *unit) int { return p.at - q.at })
	base, stays := a.base, group[0]
	was := a.units
	a.units = append([]*unit{base}, group...) // the base is still there where it stands
	for _, u := range group {
		u.gone = false
		for i := range u.dirs {
			u.dirs[i].stopper, u.dirs[i].free = nil, nil
		}
		for i := range u.Items {
			u.Items[i].Pose.O = u.Items[i].Pose.O.Add(u.shift)
		}
		u.low, u.high, u.shift = u.low.Add(u.shift), u.high.Add(u.shift), geom.Vec{}
	}
	from := len(a.out.Steps)
	stays.gone, a.base = false, stays
	a.away(group) // what is caught there left all the same
	stays.gone = true
	a.base, a.units = base, was
	a.layFrom(from)
}
