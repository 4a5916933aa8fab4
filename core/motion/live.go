package motion

import (
	"fmt"
	"maps"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/solve"
	"setfast/core/tol"
)

// Live is a solved assembly whose parts can be pulled about, relations kept: what a designer does to feel what is loose.
type Live struct {
	s     *Study
	sys   *solve.System
	poses []geom.Pose
	moves []bool // per body: it moves in some freedom
	pull  *solve.Pull
	rels  []int // of the pull
	lims  []limited
}

// NewLive takes a solved assembly up for pulling.
func NewLive(s *Study) *Live {
	l := &Live{s: s, sys: s.Sys.Apart(), poses: slices.Clone(s.Poses), moves: make([]bool, len(s.Sys.Bodies))}
	for b := range l.moves {
		l.moves[b] = s.Basis.Moves(b)
	}
	return l
}

// Names lists the components, in the order of Poses.
func (l *Live) Names() []string {
	var n []string
	for _, c := range l.s.Comps {
		n = append(n, c.Name)
	}
	return n
}

// Poses are where the components stand now.
func (l *Live) Poses() []geom.Pose { return l.poses[:len(l.moves)] }

// Movable tells whether a component has any freedom left.
func (l *Live) Movable(i int) bool { return i >= 0 && i < len(l.moves) && l.moves[i] }

// Grab takes hold of a component at a point of its own frame. One that can slide keeps its direction while it is pulled, unless it
// is to turn.
func (l *Live) Grab(i int, point geom.Vec, turning bool) error {
	if i < 0 || i >= len(l.s.Comps) {
		return fmt.Errorf("there is no component %d", i)
	}
	l.pull = nil
	if !l.moves[i] {
		return fmt.Errorf("%s cannot move", l.s.Comps[i].Name)
	}
	bodies, rels := l.around(i)
	l.rels, l.lims = rels, nil
	var list []*solve.Relation
	for k, r := range rels {
		rel := l.sys.Rels[r]
		list = append(list, rel)
		for _, c := range rel.Of.Coordinates {
			if b, ok := l.s.bounds(r, c.Name); ok {
				b.rel, b.value = k, l.s.Read(rel, c.Name, l.poses)
				l.lims = append(l.lims, b)
			}
		}
	}
	if !turning && l.Slides(i) {
		list = append(list, solve.Unturned(i, l.poses[i]))
	}
	l.pull = l.sys.NewPull(bodies, list, i, point)
	return nil
}

// Slides tells whether a component can go anywhere without turning.
func (l *Live) Slides(i int) bool {
	if !l.Movable(i) {
		return false
	}
	es := l.s.Basis.Of(i)
	all, turns := dense.New(6, len(es)), dense.New(3, len(es))
	for c := range es {
		for q, x := range es[c].V {
			all.Set(q, c, x)
			if q > 2 {
				turns.Set(q-3, c, x)
			}
		}
	}
	return ways(all) > ways(turns)
}

// ways counts the motions of a body that stand out.
func ways(m dense.Mat) (n int) {
	if m.C == 0 {
		return 0
	}
	_, s, _ := dense.SVD(m)
	for n < len(s) && s[n] > tol.Moves && s[n] > tol.Together*s[0] {
		n++
	}
	return n
}

// Coordinate is a coordinate of a joint in force.
type Coordinate struct {
	Joint   string `json:"joint"`
	Of      string `json:"of"`
	Angular bool   `json:"angular"`
}

// Coordinates lists the coordinates of all joints in force, in the order of the relations.
func (l *Live) Coordinates() []Coordinate {
	out := []Coordinate{}
	for k := range l.s.Rels {
		for _, c := range l.coordinatesOf(k) {
			out = append(out, Coordinate{l.s.Mates[l.s.Rels[k]].ID, c.Name, c.Angular})
		}
	}
	return out
}

func (l *Live) coordinatesOf(k int) []relation.Coordinate {
	r := l.sys.Rels[l.s.Rels[k]]
	if r.IsCoupling() {
		return nil
	}
	return r.Of.Coordinates
}

// Values are the coordinates where they stand now, in mm and degrees.
func (l *Live) Values(into []float64) []float64 {
	into = into[:0]
	for k := range l.s.Rels {
		for _, c := range l.coordinatesOf(k) {
			into = append(into, l.s.Read(l.sys.Rels[l.s.Rels[k]], c.Name, l.poses))
		}
	}
	return into
}

// around is what may move when a component is pulled: the bodies it is tied to through bodies that move, and those that
// are in a block with them.
func (l *Live) around(i int) (bodies, rels []int) {
	in := map[int]bool{i: true}
	taken := map[int]bool{}
	var buf [4]int
	for grown := true; grown; {
		grown = false
		for k, bl := range l.s.Blocks {
			if taken[k] {
				continue
			}
			hit, moves := false, false
			for _, r := range bl.Rels {
				for _, b := range l.sys.FreeBodies(l.sys.Rels[r], &buf) {
					hit = hit || in[b] && l.moves[b]
					moves = moves || l.moves[b]
				}
			}
			if !hit || !moves {
				continue
			}
			taken[k], grown = true, true
			for _, r := range bl.Rels {
				for _, b := range l.sys.FreeBodies(l.sys.Rels[r], &buf) {
					if b != bl.Root || l.moves[b] {
						in[b] = true
					}
				}
			}
		}
	}
	for k := range taken {
		rels = append(rels, l.s.Blocks[k].Rels...)
	}
	slices.Sort(rels)
	return slices.Sorted(maps.Keys(in)), rels
}

// subSteps bounds the work of one move of the pointer; what is not reached is reached by the next.
const subSteps = 4

// To pulls toward a target in the assembly's frame and returns how far the point is from it, in mm. Joint limits hold.
func (l *Live) To(target geom.Vec) float64 {
	if l.pull == nil {
		return 0
	}
	left := 0.0
	part := 1.0
	for range subSteps {
		was := slices.Clone(l.poses)
		var whole, ok bool
		left, whole, ok = l.pull.To(l.poses, target, part)
		if ok && !l.withinLimits(target, part, &left) {
			copy(l.poses, was)
			ok = false
		}
		if !ok {
			part /= 4 // a smaller step may stay on the branch
			continue
		}
		for i := range l.lims {
			l.lims[i].value = l.coordinate(&l.lims[i])
		}
		if whole {
			break
		}
	}
	return left
}

// coordinate reads a limited coordinate.
func (l *Live) coordinate(x *limited) float64 {
	return l.s.Read(l.sys.Rels[l.rels[x.rel]], x.of, l.poses)
}

// withinLimits holds coordinates that went past their limits there, and pulls again.
func (l *Live) withinLimits(target geom.Vec, part float64, left *float64) bool {
	old := map[int]*solve.Relation{}
	defer func() {
		for k, r := range old {
			l.pull.Replace(k, r)
		}
	}()
	for range len(l.lims) + 1 {
		over := false
		for i := range l.lims {
			x := &l.lims[i]
			end, is := x.overrun(l.coordinate(x))
			if !is {
				continue
			}
			over = true
			r := l.sys.Rels[l.rels[x.rel]]
			if o := l.pull.Replace(x.rel, r.With(r.Held(x.of, end))); old[x.rel] == nil {
				old[x.rel] = o
			}
		}
		if !over {
			return true
		}
		var ok bool
		if *left, _, ok = l.pull.To(l.poses, target, part); !ok {
			return false
		}
	}
	return false
}
