package motion

import (
	"math"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/solve"
	"setfast/core/tol"
)

// idleSpins finds spins that move nothing but a round part about its own axis, or a fastener, and no planned rate.
func (s *Study) idleSpins(g *Group, seenRates dense.Mat) [][]float64 {
	var out, span [][]float64
	for _, b := range g.bodies {
		for _, spin := range s.idleAxes(b) {
			z := g.basis[g.at[b]].T().Vec(spin) // the basis is orthonormal: this is the spin's part in it
			if dense.Norm(z) < 1-tol.WholeSpin {
				continue
			}
			quiet := true
			for j := 0; j < seenRates.C; j++ {
				quiet = quiet && math.Abs(dense.Dot(seenRates.Col(j), z)) < tol.Quiet
			}
			if !quiet {
				continue
			}
			// only what those before do not span
			r := append([]float64(nil), z...)
			for pass := 0; pass < 2; pass++ {
				for _, o := range span {
					dense.Add(r, -dense.Dot(o, r), o)
				}
			}
			if l := dense.Norm(r); l > tol.Quiet {
				for i := range r {
					r[i] /= l
				}
				out, span = append(out, z), append(span, r)
			}
		}
	}
	return out
}

// idleAxes are the spins of a body that change nothing of its shape, or that a fastener is allowed, each of length one in the
// body's own measure.
func (s *Study) idleAxes(b int) (spins [][]float64) {
	p := s.PartOf(b)
	if p == nil {
		return nil
	}
	add := func(a [2]geom.Vec) {
		pose := s.Poses[b]
		spin := s.own(b, turnAt(pose.Point(a[0]), pose.Dir(a[1])))
		l := dense.Norm(spin)
		for i := range spin {
			spin[i] /= l
		}
		spins = append(spins, spin)
	}
	if p.Fastener {
		if !s.Set.FastenersHeld {
			for _, a := range s.relatedAxes()[b] {
				add(a)
			}
		}
		return spins
	}
	for _, a := range s.roundAxes(p) {
		add(a)
	}
	return spins
}

// roundAxes are the axes about which a part is round, looked for once for all its uses.
func (s *Study) roundAxes(p *part.Part) [][2]geom.Vec {
	axes, known := s.round[p]
	if !known {
		if s.round == nil {
			s.round = map[*part.Part][][2]geom.Vec{}
		}
		axes = p.RoundAxes()
		s.round[p] = axes
	}
	return axes
}

// watched are the bodies on which a planned motion has an eye.
func (s *Study) watched() map[int]bool {
	watched := map[int]bool{}
	for _, p := range s.Asm.Planned {
		if i, ok := s.RelOf[p.Joint]; ok && p.Joint != "" {
			var buf [4]int
			for _, b := range s.Sys.Rels[i].Members(&buf) {
				watched[b] = true
			}
		}
		if b, ok := s.Body[p.Component]; ok && p.Component != "" {
			watched[b] = true
			if f, _, err := s.Feature(*p.Ref); err == nil {
				watched[f.Body] = true
			}
		}
	}
	return watched
}

// aloneSpin tells of a column of the basis whether it is nothing but the idle spin of one body, which no planned motion
// watches. Such a freedom is an account of its own, and there may be thousands: it may be asked from several goroutines at once.
func (s *Study) aloneSpin() func(c int) bool {
	watched := s.watched()
	s.relatedAxes() // what is found out but once
	for c := range s.Basis.Left() {
		if on := s.Basis.On(c); len(on) == 1 {
			if p := s.PartOf(int(on[0])); p != nil && !p.Fastener {
				s.roundAxes(p)
			}
		}
	}
	return func(col int) bool {
		on := s.Basis.On(col)
		if len(on) != 1 || watched[int(on[0])] {
			return false
		}
		b := int(on[0])
		if p := s.PartOf(b); p != nil && !p.Fastener {
			if c, is := p.Ball(); is {
				return s.turnsAbout(b, c, col)
			}
		}
		for _, spin := range s.idleAxes(b) {
			is, alone := false, true
			es := s.Basis.Of(b)
			for i := range es {
				v := es[i].V[:]
				d := math.Abs(dense.Dot(v, spin))
				if int(es[i].Col) == col {
					is = d > (1-tol.SameDirection)*dense.Norm(v)
				} else {
					alone = alone && d < tol.SameDirection
				}
			}
			if is && alone {
				return true
			}
		}
		return false
	}
}

// turnsAbout tells whether a body only turns about a point of its own in a column of the basis.
func (s *Study) turnsAbout(b int, at geom.Vec, c int) bool {
	bd := &s.Sys.Bodies[b]
	arm := s.Poses[b].Dir(at.Sub(bd.Centre))
	for _, e := range s.Basis.Of(b) {
		if int(e.Col) == c {
			turn := geom.V(e.V[3], e.V[4], e.V[5]).Scale(1 / bd.Size)
			slide := geom.V(e.V[0], e.V[1], e.V[2]).Add(turn.Cross(arm))
			return slide.Norm() < tol.WholeSpin*dense.Norm(e.V[:])
		}
	}
	return false
}

// relatedAxes are, for each body, the axes by which it is related.
func (s *Study) relatedAxes() map[int][][2]geom.Vec {
	if s.axes == nil {
		s.axes = map[int][][2]geom.Vec{}
		for _, r := range s.Sys.Rels {
			if r.IsCoupling() {
				continue
			}
			for _, f := range [2]solve.Feat{r.A, r.B} {
				if f.F.HasAxis() {
					s.axes[f.Body] = append(s.axes[f.Body], [2]geom.Vec{f.Frame.O, f.Frame.Z})
				}
			}
		}
	}
	return s.axes
}
