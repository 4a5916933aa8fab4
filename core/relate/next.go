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
	Kind    string                `json:"kind"` // contact, twin, fill, pattern, shank, turn, tab, face or held
	Says    string                `json:"says"`
	On      string                `json:"on"` // component
	Left    int                   `json:"left"`
	Apart   float64               `json:"apart_mm"`     // how far off the two are from fitting
	At      *[3]float64           `json:"at,omitempty"` // the place it goes to
	Through []string              `json:"through"`      // components it would pass through there
	Mates   []*assembly.Mate      `json:"-"`
	Poses   map[string]geom.Pose  `json:"-"`
	Places  []*assembly.Component `json:"-"` // to be placed besides: more of the part
	oneOf   string                // ways of one kind, of which those that pass through something are left out if another does not
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
	f := &following{s: s, c: c, taken: map[string]geom.Vec{}, solids: map[int]*clash.Solid{}, unit: slices.IndexFunc(s.units, func(u unit) bool { return u.name == component })}
	f.indexed()
	f.standing()
	if len(f.seats(component)) > 0 {
		if err := f.settling(ctx); err != nil {
			return nil, nil, err
		}
	}
	f.twins()
	f.patterns()
	f.shanks()
	f.turning()
	f.tabs()
	f.facesInReach()
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
			n.ranking -= turnedMost * n.Poses[component].Q.Mul(c.Pose.Q.Conj()).Log().Norm() / math.Pi
			out = append(out, n)
		}
	}
	out = clearest(out)
	slices.SortStableFunc(out, func(a, b Next) int {
		return cmp.Or(cmp.Compare(heldLast(a), heldLast(b)), cmp.Compare(min(1, len(a.Through)), min(1, len(b.Through))), cmp.Compare(rough(a.Apart), rough(b.Apart)), cmp.Compare(a.Left, b.Left), cmp.Compare(b.ranking, a.ranking))
	})
	taken := []Place{}
	for _, ref := range slices.Sorted(maps.Keys(f.taken)) {
		taken = append(taken, Place{ref, f.taken[ref].Array()})
	}
	return f.fill(out), taken, nil
}

// turnedMost is how much less a way counts that turns the part right over: it stands roughly as it will go (common practice, no source).
const turnedMost = 0.3

// clearest leaves out, of ways of one kind, those that pass through something where another passes through nothing, and all but two.
func clearest(all []Next) []Next {
	free, kept := map[string]bool{}, map[string]int{}
	for _, n := range all {
		free[n.oneOf] = free[n.oneOf] || len(n.Through) == 0
	}
	return slices.DeleteFunc(all, func(n Next) bool {
		if n.oneOf == "" {
			return false
		}
		if free[n.oneOf] && len(n.Through) > 0 || kept[n.oneOf] == 2 {
			return true
		}
		kept[n.oneOf]++
		return false
	})
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
	index  map[string]*surface  // by reference
	solids map[int]*clash.Solid // per component, as they are asked for
	eye    clash.Eye
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
