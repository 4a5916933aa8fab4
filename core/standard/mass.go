package standard

import "math"

// gauss are the places and weights on −1 to 1 of the rule of three points, exact to the fifth power.
var gauss = [3][2]float64{{-math.Sqrt(3.0 / 5), 5.0 / 9}, {0, 8.0 / 9}, {math.Sqrt(3.0 / 5), 5.0 / 9}}

// section is a piece cut at a height: its area, and its second moment about an axis across.
func (p Piece) section(z float64) (area, second float64) {
	t := (z - p.From) / (p.To - p.From)
	r := p.R1 + t*(p.R2-p.R1)
	switch p.Kind {
	case "hexagon": // by the radius of the circle in it
		return 2 * math.Sqrt(3) * r * r, 5 * math.Sqrt(3) / 9 * r * r * r * r
	case "zone":
		mid, ball := p.Ball()
		r = math.Sqrt(ball*ball - (z-mid)*(z-mid))
	case "wedge": // of a ring: as if it were spread all round
		f := RingGap / 360.0
		return f * math.Pi * (p.R2*p.R2 - p.R1*p.R1), f * math.Pi / 4 * (p.R2*p.R2*p.R2*p.R2 - p.R1*p.R1*p.R1*p.R1)
	}
	return math.Pi * r * r, math.Pi / 4 * r * r * r * r
}

// Inertia are volume, height of the centroid over z = 0 and second moments about it of the fastener as it is drawn: mm³, mm, mm⁵. A retaining ring's
// gap is taken as spread all round.
func (f *Fastener) Inertia() (volume, middle float64, about [3]float64) {
	var first, second, across float64 // ∫ z, z² and of the sections' own moments
	for _, p := range f.Shape() {
		sign, half := 1.0, (p.To-p.From)/2
		if p.Cut {
			sign = -1
		}
		for _, g := range gauss {
			z := p.From + half*(1+g[0])
			a, i := p.section(z)
			w := sign * half * g[1]
			volume, first, second, across = volume+w*a, first+w*z*a, second+w*z*z*a, across+w*i
		}
	}
	middle = first / volume
	side := across + second - first*middle
	return volume, middle, [3]float64{side, side, 2 * across}
}
