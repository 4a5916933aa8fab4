package assembly

import "slices"

// Drive takes coordinates of joints through ranges, leg by leg.
type Drive struct {
	Name string
	Leg
	Then         []Leg // the legs after the first
	Record       []string
	Clash        bool // what is met on the way is told
	UntilContact bool // it ends at the first contact
}

// Leg takes one coordinate through a range, and others along with it; those of legs before it stay where these left them.
type Leg struct {
	Along
	Steps int
	With  []Along // each goes evenly through its own range while the first goes through its
}

// Along is a coordinate on its way.
type Along struct {
	Joint, Of string
	From, To  float64
	Stands    bool // it begins where it stands, whatever From says
}

// Legs are all of a drive, in turn.
func (d *Drive) Legs() []Leg { return append([]Leg{d.Leg}, d.Then...) }

// Driven lists the coordinates that a drive takes along, each as often as it does.
func (d *Drive) Driven() []Along {
	var out []Along
	for _, l := range d.Legs() {
		out = append(append(out, l.Along), l.With...)
	}
	return out
}

// Drives tells whether a drive takes a coordinate of a joint along; of an empty name, any.
func (d *Drive) Drives(joint, of string) bool {
	return slices.ContainsFunc(d.Driven(), func(a Along) bool { return a.Joint == joint && (of == "" || a.Of == of) })
}

// Renamed is the drive with its joints called otherwise.
func (d Drive) Renamed(called func(joint string) string) Drive {
	leg := func(l Leg) Leg {
		l.Joint = called(l.Joint)
		l.With = slices.Clone(l.With)
		for i := range l.With {
			l.With[i].Joint = called(l.With[i].Joint)
		}
		return l
	}
	d.Leg, d.Then = leg(d.Leg), slices.Clone(d.Then)
	for i := range d.Then {
		d.Then[i] = leg(d.Then[i])
	}
	return d
}

// At is where a coordinate of a leg is when a part of it is gone, from 0 to 1.
func (a *Along) At(part float64) float64 { return a.From + (a.To-a.From)*part }
