package teeth

import "math"

// The basic rack of ISO 53: how far teeth reach above and below the pitch line, in modules, and the slope of their flanks.
const (
	above    = 1.0
	below    = 1.25
	pressure = 20 * math.Pi / 180
	flank    = 4 // points on each flank of a wheel
)

// Outline is that of a wheel with involute teeth by the basic rack, thinned by so many mm along the pitch line, without fillets: corners in turn about
// the origin, the middle of a tooth on the first axis. Wheels of 17 teeth and more need no undercut.
func Outline(teeth int, module, thin float64) (out [][2]float64) {
	z := float64(teeth)
	r := module * z / 2
	base, tip, root := r*math.Cos(pressure), r+above*module, r-below*module
	inv := func(a float64) float64 { return math.Tan(a) - a }
	half := func(q float64) float64 { // of a tooth's angle, at a radius
		return math.Pi/(2*z) - thin/(2*r) + inv(pressure) - inv(math.Acos(min(1, base/q)))
	}
	var radii []float64
	from := max(base, root)
	if from > root {
		radii = append(radii, root)
	}
	for k := range flank {
		radii = append(radii, from+(tip-from)*float64(k)/(flank-1))
	}
	for t := range teeth {
		mid := 2 * math.Pi * float64(t) / z
		for _, q := range radii {
			s, c := math.Sincos(mid - half(max(q, base)))
			out = append(out, [2]float64{q * c, q * s})
		}
		for k := len(radii) - 1; k >= 0; k-- {
			q := radii[k]
			s, c := math.Sincos(mid + half(max(q, base)))
			out = append(out, [2]float64{q * c, q * s})
		}
	}
	return out
}

// RackOutline is that of a rack along the first axis, whose teeth look along the second: its pitch line is the first axis, the middle of its first tooth
// the origin, and it is so many mm high below the ground of its teeth.
func RackOutline(teeth int, module, thin, high float64) (out [][2]float64) {
	pitch := math.Pi * module
	half := pitch/4 - thin/2
	slope := math.Tan(pressure)
	low := -below * module
	out = append(out, [2]float64{-pitch / 2, low - high}, [2]float64{pitch * (float64(teeth) - 0.5), low - high}, [2]float64{pitch * (float64(teeth) - 0.5), low})
	for t := teeth - 1; t >= 0; t-- {
		x := pitch * float64(t)
		wide, narrow := half-slope*low, half-slope*above*module
		out = append(out, [2]float64{x + wide, low}, [2]float64{x + narrow, above * module}, [2]float64{x - narrow, above * module}, [2]float64{x - wide, low})
	}
	return append(out, [2]float64{-pitch / 2, low})
}
