package relation

import (
	"fmt"
	"math"
)

// Lift is a cam's profile, periodic over a turn.
type Lift struct {
	deg, mm, m []float64 // m: second derivatives, where it is a spline
}

// NewLift makes a profile of points (degrees, mm), rising in degrees within one turn.
func NewLift(points [][2]float64, spline bool) (*Lift, error) {
	if len(points) < 2 {
		return nil, fmt.Errorf("a profile needs at least two points")
	}
	l := &Lift{}
	for i, p := range points {
		if i > 0 && p[0] <= points[i-1][0] || p[0]-points[0][0] >= 360 {
			return nil, fmt.Errorf("a profile's angles rise, within less than 360 degrees")
		}
		l.deg, l.mm = append(l.deg, p[0]), append(l.mm, p[1])
	}
	if spline {
		l.curve()
	}
	return l, nil
}

// curve solves the cyclic tridiagonal system of a periodic cubic spline (any text on numerical analysis), by elimination.
func (l *Lift) curve() {
	n := len(l.deg)
	a := make([][]float64, n)
	for i := range a {
		a[i] = make([]float64, n+1)
		p, q := (i+n-1)%n, (i+1)%n
		hl, hr := l.width(p), l.width(i)
		a[i][p] += hl / 6
		a[i][i] += (hl + hr) / 3
		a[i][q] += hr / 6
		a[i][n] = (l.mm[q]-l.mm[i])/hr - (l.mm[i]-l.mm[p])/hl
	}
	for c := 0; c < n; c++ {
		for r := c + 1; r < n; r++ {
			if a[r][c] == 0 {
				continue
			}
			f := a[r][c] / a[c][c]
			for k := c; k <= n; k++ {
				a[r][k] -= f * a[c][k]
			}
		}
	}
	l.m = make([]float64, n)
	for i := n - 1; i >= 0; i-- {
		v := a[i][n]
		for k := i + 1; k < n; k++ {
			v -= a[i][k] * l.m[k]
		}
		l.m[i] = v / a[i][i]
	}
}

// width is the angle from point i to the next.
func (l *Lift) width(i int) float64 {
	if i == len(l.deg)-1 {
		return l.deg[0] + 360 - l.deg[i]
	}
	return l.deg[i+1] - l.deg[i]
}

// At gives the lift and its slope in mm per degree.
func (l *Lift) At(deg float64) (v, slope float64) {
	x := math.Mod(deg-l.deg[0], 360)
	if x < 0 {
		x += 360
	}
	i := 0
	for i+1 < len(l.deg) && l.deg[i+1]-l.deg[0] <= x {
		i++
	}
	j := (i + 1) % len(l.deg)
	h := l.width(i)
	t := (x - (l.deg[i] - l.deg[0])) / h
	v = l.mm[i] + (l.mm[j]-l.mm[i])*t
	slope = (l.mm[j] - l.mm[i]) / h
	if l.m != nil {
		u := 1 - t
		v += h * h / 6 * ((u*u*u-u)*l.m[i] + (t*t*t-t)*l.m[j])
		slope += h / 6 * ((1-3*u*u)*l.m[i] + (3*t*t-1)*l.m[j])
	}
	return v, slope
}
