package solve

import (
	"fmt"
	"math"

	"setfast/core/geom"
)

// coupling ties a coordinate of one joint to one of another: b = law(a).
type coupling struct {
	a, b       *Relation
	ofA, ofB   string
	angular    bool // b is an angle
	law        func(a float64) (b, slope float64)
	a0, b0     float64 // counted from here, where no phase makes it absolute
	rawA, rawB float64 // last readings, and the angles run on from them over full turns
	sumA, sumB float64
}

// Couplings lists the types of relation between joints, with the coordinates they tie.
var Couplings = map[string][2]string{"gear": {"angle", "angle"}, "rack": {"angle", "slide"}, "screw": {"angle", "slide"}, "cam": {"angle", "slide"}}

// NewCoupling ties two joints. Angles are radians inside; ratio is plain, lead mm per turn, phase degrees or mm of b
// (for a cam: degrees of a).
func (s *System) NewCoupling(sp Spec) (*Relation, error) {
	of, ok := Couplings[sp.Type]
	if !ok {
		return nil, fmt.Errorf("unknown coupling %q", sp.Type)
	}
	k := &coupling{a: sp.JA, b: sp.JB, ofA: of[0], ofB: of[1], angular: of[1] == "angle"}
	for _, j := range []struct {
		r  *Relation
		of string
	}{{sp.JA, of[0]}, {sp.JB, of[1]}} {
		if _, ok := j.r.Coordinate(j.of); !ok {
			return nil, fmt.Errorf("%s needs a joint with %q, and %s is %s", sp.Type, j.of, j.r.ID, j.r.Type)
		}
	}
	poses := s.NewPoses()
	k.rawA, k.rawB = s.raw(k.a, k.ofA, poses), s.raw(k.b, k.ofB, poses)
	k.sumA, k.sumB = k.rawA, k.rawB
	absolute, phase := sp.Phase != nil, 0.0
	if absolute {
		phase = *sp.Phase
	}
	rate := 0.0
	switch sp.Type {
	case "gear":
		if sp.Ratio == nil || *sp.Ratio == 0 {
			return nil, fmt.Errorf("gear needs a ratio other than zero")
		}
		rate = *sp.Ratio
		phase *= math.Pi / 180
	case "rack", "screw":
		if sp.Lead == nil || *sp.Lead == 0 {
			return nil, fmt.Errorf("%s needs a lead other than zero", sp.Type)
		}
		rate = *sp.Lead / (2 * math.Pi)
	case "cam":
		lift, err := NewLift(sp.Profile, sp.Spline)
		if err != nil {
			return nil, err
		}
		k.law = func(a float64) (float64, float64) {
			v, d := lift.At(a*180/math.Pi + phase)
			return v, d * 180 / math.Pi
		}
	}
	if k.law == nil {
		if !absolute {
			k.a0, k.b0 = k.rawA, k.rawB
			phase = 0
		}
		k.law = func(a float64) (float64, float64) { return rate*a + phase, rate }
		if absolute && k.angular { // the turn of b that is nearest
			v, _ := k.law(k.sumA)
			k.sumB += 2 * math.Pi * math.Round((v-k.sumB)/(2*math.Pi))
		}
	}
	r := &Relation{ID: sp.ID, Type: sp.Type, A: sp.JA.B, B: sp.JB.B, Sense: 1, Side: 1, couple: k}
	return r, nil
}

func (s *System) raw(j *Relation, of string, poses []geom.Pose) float64 {
	v, _ := s.ReadCoordinate(j, of, poses)
	return v
}

// runOn continues a reading from the last one; angles go on over full turns.
func runOn(j *Relation, of string, v, raw, sum float64) float64 {
	if c, _ := j.Coordinate(of); c.Angular && j.Type != "helical" {
		return sum + Wrap(v-raw)
	}
	return sum + v - raw
}

// coupled states the one equation of a coupling.
func (s *System) coupled(r *Relation, poses []geom.Pose, out *Rows) {
	k := r.couple
	va, rowA := s.ReadCoordinate(k.a, k.ofA, poses)
	vb, rowB := s.ReadCoordinate(k.b, k.ofB, poses)
	a, b := runOn(k.a, k.ofA, va, k.rawA, k.sumA)-k.a0, runOn(k.b, k.ofB, vb, k.rawB, k.sumB)-k.b0
	want, slope := k.law(a)
	row := out.add(k.angular)
	row.R = b - want
	for i := 0; i < rowB.N; i++ {
		g := row.block(rowB.Body[i])
		for q := range g {
			g[q] += rowB.G[i][q]
		}
	}
	for i := 0; i < rowA.N; i++ {
		g := row.block(rowA.Body[i])
		for q := range g {
			g[q] -= slope * rowA.G[i][q]
		}
	}
	if k.angular {
		row.scale(AngleWeight)
	}
}

// Track notes how far coupled joints have turned, so that full turns are counted from here on.
func (s *System) Track(poses []geom.Pose) {
	for _, r := range s.Rels {
		if k := r.couple; k != nil {
			va, vb := s.raw(k.a, k.ofA, poses), s.raw(k.b, k.ofB, poses)
			k.sumA, k.sumB = runOn(k.a, k.ofA, va, k.rawA, k.sumA), runOn(k.b, k.ofB, vb, k.rawB, k.sumB)
			k.rawA, k.rawB = va, vb
		}
	}
}

// Marks remembers the counted turns of all couplings; calling the result puts them back.
func (s *System) Marks() (restore func()) {
	var old []coupling
	for _, r := range s.Rels {
		if r.couple != nil {
			old = append(old, *r.couple)
		}
	}
	return func() {
		i := 0
		for _, r := range s.Rels {
			if r.couple != nil {
				*r.couple = old[i]
				i++
			}
		}
	}
}

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
