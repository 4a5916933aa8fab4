package clash

import (
	"cmp"
	"context"
	"math"
	"slices"

	"setfast/core/geom"
	"setfast/core/par"
)

// Use is a mesh where it is placed.
type Use struct {
	Mesh *Mesh
	Pose geom.Pose
}

// Scene is some uses, of which the boxes are kept while they move.
type Scene struct {
	uses []Use
	low  []geom.Vec
	high []geom.Vec
	by   []int32 // uses by their lower end along x
}

// NewScene places uses.
func NewScene(uses []Use) *Scene {
	s := &Scene{uses: slices.Clone(uses), low: make([]geom.Vec, len(uses)), high: make([]geom.Vec, len(uses))}
	for i := range uses {
		s.by = append(s.by, int32(i))
		s.box(i)
	}
	return s
}

func (s *Scene) box(i int) {
	u := &s.uses[i]
	if u.Mesh.Empty() {
		s.low[i], s.high[i] = far, far.Neg()
		return
	}
	n := &u.Mesh.nodes[0]
	s.low[i], s.high[i] = u.Pose.Box(n.mid.Sub(n.half), n.mid.Add(n.half))
}

// Move puts a use elsewhere.
func (s *Scene) Move(i int, to geom.Pose) {
	s.uses[i].Pose = to
	s.box(i)
}

// Pose is where a use is.
func (s *Scene) Pose(i int) geom.Pose { return s.uses[i].Pose }

// near lists the pairs of uses whose boxes are no farther apart than a margin.
func (s *Scene) near(margin float64) (out [][2]int32) {
	slices.SortFunc(s.by, func(a, b int32) int { return cmp.Compare(s.low[a].X, s.low[b].X) })
	var open []int32
	for _, i := range s.by {
		keep := open[:0]
		for _, o := range open {
			if s.high[o].X+margin < s.low[i].X {
				continue
			}
			keep = append(keep, o)
			if s.low[i].Y <= s.high[o].Y+margin && s.low[o].Y <= s.high[i].Y+margin && s.low[i].Z <= s.high[o].Z+margin && s.low[o].Z <= s.high[i].Z+margin {
				out = append(out, [2]int32{min(i, o), max(i, o)})
			}
		}
		open = append(keep, i)
	}
	return out
}

// alike are two meshes and how one stands to the other, to a few times what rounding leaves: assemblies repeat the same parts side by side.
type alike struct {
	a, b *Mesh
	at   [7]int64
}

// What counts as one placement, in mm and as a part of a quaternion.
const (
	sameMM   = 1e-9
	sameTurn = 1e-12
)

func alikeOf(a, b *Use) alike {
	d := a.Pose.Inverse().Mul(b.Pose)
	k := alike{a: a.Mesh, b: b.Mesh}
	for i, x := range [3]float64{d.O.X, d.O.Y, d.O.Z} {
		k.at[i] = int64(math.Round(x / sameMM))
	}
	sign := math.Copysign(1, d.Q.W)
	for i, x := range [4]float64{d.Q.W, d.Q.X, d.Q.Y, d.Q.Z} {
		k.at[3+i] = int64(math.Round(x * sign / sameTurn))
	}
	return k
}

// Pairs are the uses that cross by more than a depth in mm, each pair once, in order. Pairs of the same meshes that stand alike are looked at
// once, many pairs on all processors.
func (s *Scene) Pairs(ctx context.Context, depth float64) ([][2]int32, error) {
	list := s.near(0)
	known := make(map[alike]int32, len(list))
	first := make([]int32, len(list)) // of each pair: which of those that are looked at it is like
	var look [][2]int32
	for k, p := range list {
		key := alikeOf(&s.uses[p[0]], &s.uses[p[1]])
		n, ok := known[key]
		if !ok {
			n = int32(len(look))
			known[key] = n
			look = append(look, p)
		}
		first[k] = n
	}
	hit := make([]bool, len(look))
	const least = 64
	par.Runs(len(look), least, func(_, from, to int) {
		var search searching
		for k := from; k < to && ctx.Err() == nil; k++ {
			a, b := &s.uses[look[k][0]], &s.uses[look[k][1]]
			hit[k] = search.cross(a.Mesh, b.Mesh, relativeOf(a.Pose, b.Pose), depth)
		}
	})
	if ctx.Err() != nil {
		return nil, context.Cause(ctx)
	}
	out := list[:0]
	for k, p := range list {
		if hit[first[k]] {
			out = append(out, p)
		}
	}
	slices.SortFunc(out, func(p, q [2]int32) int { return cmp.Or(cmp.Compare(p[0], q[0]), cmp.Compare(p[1], q[1])) })
	return out, nil
}
