// Package kernel brings exact shapes in: it runs the library that reads STEP (ISO 10303-21) and IGES in a child process with limits of
// time and memory, so that a bad file ends the child and not the server, and turns what it finds into parts, features, meshes and
// product trees. Features are recognised from the surfaces themselves: planes, cylinders, cones, spheres, straight and round edges;
// what is freeform is drawn but not related. Lengths become mm whatever unit the file has. Linear in faces and edges.
package kernel

import (
	"setfast/core/geom"
	"setfast/core/part"
)

// Version marks what this code derives from a file; derived data of another version is derived again.
const Version = 6

// Import is what a file holds.
type Import struct {
	Parts   []*Part
	Roots   []*Node
	Missing []string // external files it refers to that were not given
	Unit    string   // of lengths in the file, as it says: mm, in, …; empty where it says nothing known
}

// Node is one use in the product tree.
type Node struct {
	Name     string // of the use
	Product  string // of what is used, for assemblies
	Pose     geom.Pose
	Scaled   bool // placed with a scale or mirrored: cannot be a rigid placement
	Part     int  // index of the part, -1 for an assembly
	Key      string
	Children []*Node
}

// Part is a product's shape, in mm.
type Part struct {
	Name      string
	Solids    int
	Sewn      bool
	Color     []float64 // red, green, blue 0–1, or none
	Faces     []Face
	Called    map[int]string // faces that the file has names for
	Edges     []Edge
	Vertices  []geom.Vec
	Area      float64
	Volume    float64 // 0 without a solid
	Centroid  geom.Vec
	Inertia   [3][3]float64 // about the centroid for density one: mm⁵
	Low, High geom.Vec
	Mesh      Mesh

	Sketched []string // of a part without a shape: its features, by name
	features map[string]part.Feature
	Mass     float64 // kg, as stated
}

// Face is a face of a part with the surface it lies on.
type Face struct {
	Kind         string // plane, cylinder, cone, sphere, torus, other
	At           geom.Vec
	Normal       geom.Vec // out of the material, at At
	Origin, Axis geom.Vec
	Radius       float64
	Minor        float64 // torus: of the tube
	HalfAngle    float64 // cone, degrees
	Side         string  // cylinder: hole or shaft
	From, To     float64 // cylinder: extent along the axis from Origin
}

// Edge is an edge of a part.
type Edge struct {
	Kind         string // line, circle, other, none
	Start, End   geom.Vec
	Origin, Axis geom.Vec
	Radius       float64
	Full         bool  // circle: goes all the way round
	On           []int // the faces it bounds
	Seam         bool  // no edge of the shape: where a round face closes, or between two halves of one
}

// Mesh is a part's shape as triangles and drawn edges.
type Mesh struct {
	Positions []float32
	Normals   []float32
	Indices   []uint32
	FaceEnds  []uint32 // per face, where its indices end
	Lines     []float32
	LineEnds  []uint32 // per edge, where its points end
}
