package relate

import (
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/tol"
)

// twins proposes the relations that another use of the same part has, on features like those it is on.
func (f *following) twins() {
	for _, t := range f.s.asm.Components {
		if t.Name == f.c.Name || t.Suppressed || t.Part+t.Assembly != f.c.Part+f.c.Assembly {
			continue
		}
		own := simple(f.seats(t.Name))
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

// holesAlike are the ways into the holes that are like the one offered first for a shank.
func (f *following) holesAlike(list []Next) (places []Next) {
	like := map[string]bool{}
	for _, n := range list {
		if n.Kind != "shank" || rough(n.Apart) > 0 || len(n.Through) > 0 {
			continue
		}
		hole := n.Mates[0].A
		if len(places) == 0 {
			like[hole.String()] = true
			for _, r := range f.alike(hole) {
				like[r.String()] = true
			}
		}
		if like[hole.String()] && (len(places) == 0 || len(n.Mates) == len(places[0].Mates)) {
			places = append(places, n)
			delete(like, hole.String())
		}
	}
	return places
}

// fill adds, where a twin's seat or a hole for a fastener is offered on several places, one proposal that fills them all with further uses
// of the part.
func (f *following) fill(list []Next) []Next {
	var places []Next
	for _, n := range list {
		if n.Kind == "twin" && rough(n.Apart) == 0 && len(n.Through) == 0 {
			places = append(places, n)
		}
	}
	if len(places) < 2 && f.s.units[f.unit].fastener {
		places = f.holesAlike(list)
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
