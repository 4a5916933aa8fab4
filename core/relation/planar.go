package relation

// planar: b stays in a's xy plane.
var _ = joint(Type{
	Name: "planar",
	Coordinates: []Coordinate{
		{Name: "x", read: func(_ *Law, r *Row, a, b *View) float64 { return r.height(a, b, a.X) }},
		{Name: "y", read: func(_ *Law, r *Row, a, b *View) float64 { return r.height(a, b, a.Y) }},
		angleAboutZ,
	},
	Stem:   "plane",
	Say:    Saying{"Let", "move in the plane of", "moves in the plane of"},
	Leaves: [2]int{2, 1},
	Doc:    Doc{"frames", "`x`, `y`, `angle`", "3"},
	offer:  onFrames("moves in its plane", 101),
}, func(_ *Law, o *Rows, a, b, _ *View) {
	o.align(a, b, 1)
	o.along(a, b, a.Z, 0)
})
