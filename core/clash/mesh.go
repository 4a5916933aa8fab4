// Package clash tells where parts pass through one another.
//
// Triangles first: pairs of uses whose boxes meet are found by sweeping along one axis, in each pair two trees of boxes are gone down
// together, a box of one against a box of the other in its own frame (the six face normals of the separating axis test: Gottschalk, Lin and
// Manocha, OBBTree, SIGGRAPH 1996), and at the leaves triangles are tested (Möller, A fast triangle–triangle intersection test, Journal of
// Graphics Tools 2, 1997). Two triangles cross where each has corners on both sides of the other by more than a depth that the caller gives;
// what only touches does not cross. Of solids, the faces that the triangles stand for decide (faces.go, pair.go), and where those cannot,
// the exact shapes (deep.go).
//
// Cost: n log n for the pairs; a pair costs what its surfaces have near one another. A Mesh alone does not see a part wholly inside another,
// nor what lies between the triangles and the exact surface; a Solid does.
package clash

import (
	"math"
	"slices"

	"setfast/core/geom"
)

// Mesh is a shape as triangles, with a tree of boxes over them. It is made once and may be shared.
type Mesh struct {
	points    []geom.Vec
	triangles [][3]int32 // in the order of the tree
	planes    []plane    // of the triangles
	was       []int32    // where each triangle stood among those given
	nodes     []node
	slabs     []slab // of nodes whose triangles lie between two planes nearer to each other than their box is wide
}

// node is a box with what is in it: two nodes, or some triangles.
type node struct {
	mid, half geom.Vec
	left      int32 // of two nodes side by side; 0 for a leaf
	from, to  int32 // triangles
	face      int32 // that all of them belong to, of a solid; -1 where there are several
	slab      int32 // one more than its number; 0 without one
}

// plane is that of a triangle: n·x = c, n as long as twice its area.
type plane struct {
	n    geom.Vec
	c    float64
	long float64 // the length of n
}

// leaf is how many triangles are not divided any more.
const leaf = 3

// NewMesh makes a tree over triangles.
func NewMesh(points []geom.Vec, triangles [][3]int32) *Mesh {
	m := &Mesh{points: points, triangles: slices.Clone(triangles)}
	if len(triangles) == 0 {
		return m
	}
	b := &builder{m: m, mid: make([]geom.Vec, len(triangles)), order: make([]int32, len(triangles))}
	for i, t := range triangles {
		p, q, r := points[t[0]], points[t[1]], points[t[2]]
		b.mid[i], b.order[i] = p.Least(q).Least(r).Add(p.Most(q).Most(r)).Scale(0.5), int32(i)
	}
	m.nodes = make([]node, 1, 2*len(triangles)/leaf+2)
	b.build(0, 0, int32(len(triangles)))
	for i, k := range b.order {
		m.triangles[i] = triangles[k]
	}
	m.was = b.order
	m.planes = make([]plane, len(m.triangles))
	for i, t := range m.triangles {
		n := points[t[1]].Sub(points[t[0]]).Cross(points[t[2]].Sub(points[t[0]]))
		m.planes[i] = plane{n, n.Dot(points[t[0]]), n.Norm()}
	}
	m.lay()
	return m
}

// Empty tells whether there is nothing that could cross.
func (m *Mesh) Empty() bool { return len(m.nodes) == 0 }

type builder struct {
	m     *Mesh
	mid   []geom.Vec // of triangles
	order []int32
}

// build makes the node of a run of triangles, divided at the middle of the longest side of the box about their middles.
func (b *builder) build(at int32, from, to int32) {
	low, high := far, far.Neg()
	midLow, midHigh := far, far.Neg()
	for _, k := range b.order[from:to] {
		for _, v := range b.m.triangles[k] {
			low, high = low.Least(b.m.points[v]), high.Most(b.m.points[v])
		}
		midLow, midHigh = midLow.Least(b.mid[k]), midHigh.Most(b.mid[k])
	}
	n := node{mid: low.Add(high).Scale(0.5), half: high.Sub(low).Scale(0.5), from: from, to: to}
	if to-from > leaf {
		if split := b.divide(from, to, midLow, midHigh); split > from && split < to {
			n.left = int32(len(b.m.nodes))
			b.m.nodes = append(b.m.nodes, node{}, node{})
			b.m.nodes[at] = n
			b.build(n.left, from, split)
			b.build(n.left+1, split, to)
			return
		}
	}
	b.m.nodes[at] = n
}

// far is beyond all that is.
var far = geom.V(math.Inf(1), math.Inf(1), math.Inf(1))

// divide puts the triangles of one half before those of the other, at the middle of the longest side of the box about their middles; where
// all are on one side, half of them by number.
func (b *builder) divide(from, to int32, low, high geom.Vec) int32 {
	d := high.Sub(low)
	axis := 0
	if d.Y > d.X {
		axis = 1
	}
	if d.Z > max(d.X, d.Y) {
		axis = 2
	}
	middle := coordinate(low.Add(high), axis) / 2
	i := from
	for k := from; k < to; k++ {
		if coordinate(b.mid[b.order[k]], axis) < middle {
			b.order[i], b.order[k] = b.order[k], b.order[i]
			i++
		}
	}
	if i == from || i == to {
		return (from + to) / 2
	}
	return i
}

func coordinate(v geom.Vec, axis int) float64 {
	switch axis {
	case 0:
		return v.X
	case 1:
		return v.Y
	}
	return v.Z
}
