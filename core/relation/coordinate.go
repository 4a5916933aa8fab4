package relation

// Coordinate is a number that a joint leaves open: how b stands, seen from a.
type Coordinate struct {
	Name    string
	Angular bool // radians inside, degrees in files
	Counts  bool // an angle that tells whole turns apart by itself
	read    func(l *Law, row *Row, a, b *View) float64
}

// Inside turns a value in the unit of files into the one computed with.
func (c Coordinate) Inside(v float64) float64 {
	if c.Angular {
		return v * perDegree
	}
	return v
}

// Unit is how the coordinate is shown.
func (c Coordinate) Unit() string {
	if c.Angular {
		return "°"
	}
	return "mm"
}

// The coordinates that joints are made of.
var (
	angleAboutZ = Coordinate{Name: "angle", Angular: true, read: func(_ *Law, r *Row, a, b *View) float64 { return r.turnAbout(a, a.Z, a, a.X, b, b.X) }}
	slideZ      = Coordinate{Name: "slide", read: func(_ *Law, r *Row, a, b *View) float64 { return r.height(a, b, a.Z) }}
	slideX      = Coordinate{Name: "slide", read: func(_ *Law, r *Row, a, b *View) float64 { return r.height(a, b, a.X) }}
)

// coordinateKinds tells, of every name of a coordinate, whether it is an angle.
func coordinateAngular(name string) bool {
	for _, t := range table {
		if c, ok := t.Coordinate(name); ok {
			return c.Angular
		}
	}
	return false
}

// CoordinateKind is what a coordinate of this name is measured in, whichever joint has it; a length where none does.
func CoordinateKind(name string) Kind {
	if coordinateAngular(name) {
		return Angle
	}
	return Length
}
