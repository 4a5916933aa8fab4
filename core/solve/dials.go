package solve

import (
	"math"

	"setfast/core/geom"
	"setfast/core/relation"
)

// dial shows an angle of a joint that goes on over whole turns, where a coupling, a value it is held at or a limit is about it. What it
// shows is part of where things stand: it is kept behind the poses of the bodies, in the same list, so that whoever keeps, copies or
// takes back poses does so with the turns.
type dial struct {
	joint *Relation
	of    string
	zero  float64        // rad, the angle at the start: couplings count from here
	start float64        // what it shows there, whole turns from zero
	lim   relation.Range // degrees
}

// turning says which dial shows an angle of a relation.
type turning struct {
	of   string
	dial int
}

// dialOf is the dial of a joint's coordinate, or -1.
func (r *Relation) dialOf(of string) int {
	for _, t := range r.turns {
		if t.of == of {
			return t.dial
		}
	}
	return -1
}

// CountTurns gives an angle of a joint a dial, unless it counts its turns by itself. It starts at the turn nearest to its limits, or
// within half a turn.
func (s *System) CountTurns(r *Relation, of string, lim relation.Range) {
	c, ok := r.Of.Coordinate(of)
	if !ok || !c.Angular || c.Counts || r.dialOf(of) >= 0 {
		return
	}
	v, _ := s.ReadCoordinate(r, of, s.NewPoses())
	if lim.Lo != nil || lim.Hi != nil {
		v = c.Inside(lim.NearestTurn(v * 180 / math.Pi))
	}
	r.turns = append(r.turns, turning{of, len(s.dials)})
	s.dials = append(s.dials, dial{r, of, v, v, lim})
}

// BeginTurns sets the dials to the turns that values held ask for, also through couplings, so that nothing is turned round and round
// to get there. It is called once all relations are made.
func (s *System) BeginTurns(rels []*Relation) {
	if len(s.dials) == 0 {
		return
	}
	type angle struct {
		joint *Relation
		of    string
	}
	known := map[angle]float64{}
	for _, r := range rels {
		for _, h := range r.Hold {
			known[angle{r, h.Of}] = h.Value
		}
	}
	for again := true; again; {
		again = false
		for _, r := range rels {
			k := r.couple
			if k == nil {
				continue
			}
			a, b := angle{k.a, k.ofA}, angle{k.b, k.ofB}
			va, okA := known[a]
			vb, okB := known[b]
			switch {
			case okA && !okB:
				v, _ := k.law(va - k.a0)
				known[b], again = v+k.b0, true
			case okB && !okA && k.rate != 0:
				phase, _ := k.law(0)
				known[a], again = (vb-k.b0-phase)/k.rate+k.a0, true
			}
		}
	}
	for i := range s.dials {
		d := &s.dials[i]
		if v, ok := known[angle{d.joint, d.of}]; ok {
			d.start = nearTurn(d.zero, v)
		}
	}
}

// nearTurn is the angle whole turns from v that is nearest to another.
func nearTurn(v, to float64) float64 { return v + 2*math.Pi*math.Round((to-v)/(2*math.Pi)) }

// shown is what a dial shows; show sets it.
func (s *System) shown(poses []geom.Pose, k int) float64   { return poses[len(s.Bodies)+k].O.X }
func (s *System) show(poses []geom.Pose, k int, v float64) { poses[len(s.Bodies)+k].O.X = v }

// within tells whether a dial stays within its limits with other turns.
func (s *System) within(k int, turns float64, poses []geom.Pose) bool {
	if k < 0 {
		return true
	}
	_, beyond := s.dials[k].lim.Beyond(s.shown(poses, k)*180/math.Pi + 360*turns)
	return !beyond
}

// turnsOf is what all dials show, to be taken back by takeBack.
func (s *System) turnsOf(poses []geom.Pose) []geom.Pose {
	if len(s.dials) == 0 {
		return nil
	}
	return append([]geom.Pose(nil), poses[len(s.Bodies):]...)
}

func (s *System) takeBack(poses, turns []geom.Pose) { copy(poses[len(s.Bodies):], turns) }

// dialsOn lists the dials of joints that any of the bodies is in.
func (s *System) dialsOn(bodies []int, list []int) []int {
	list = list[:0]
	if len(s.dials) == 0 {
		return list
	}
	if s.dialsOf == nil {
		s.dialsOf = make([][]int, len(s.Bodies))
		for k, d := range s.dials {
			for _, b := range [2]int{d.joint.A.Body, d.joint.B.Body} {
				if b >= 0 {
					s.dialsOf[b] = append(s.dialsOf[b], k)
				}
			}
		}
	}
	for _, b := range bodies {
		list = append(list, s.dialsOf[b]...)
	}
	return list
}

// follow lets dials go on to what their joints read now: less than half a turn away.
func (s *System) follow(dials []int, poses []geom.Pose) {
	for _, k := range dials {
		d := &s.dials[k]
		v, _ := s.ReadCoordinate(d.joint, d.of, poses)
		s.show(poses, k, v)
	}
}

// Turn shifts what the dial of an angle shows by whole turns; false where the angle has none.
func (s *System) Turn(r *Relation, of string, turns float64, poses []geom.Pose) bool {
	k := r.dialOf(of)
	if k < 0 {
		return false
	}
	s.show(poses, k, s.shown(poses, k)+2*math.Pi*turns)
	return true
}

// Uncoupled lists the angles with a dial that no coupling among the relations ties and that are not held: they may be read with any
// number of turns.
func (s *System) Uncoupled(rels []int, visit func(rel int, of string)) {
	if len(s.dials) == 0 {
		return
	}
	tied := map[int]bool{} // dials
	for _, i := range rels {
		if k := s.Rels[i].couple; k != nil {
			tied[k.a.dialOf(k.ofA)], tied[k.b.dialOf(k.ofB)] = true, true
		}
	}
	for _, i := range rels {
		r := s.Rels[i]
		for _, t := range r.turns {
			if !tied[t.dial] && !r.Holds(t.of) {
				visit(i, t.of)
			}
		}
	}
}

// unroll states the held angles of a relation, whose equations come last, over whole turns.
func (s *System) unroll(r *Relation, poses []geom.Pose, rows []relation.Row) {
	first := len(rows) - len(r.Hold)
	for i, h := range r.Hold {
		if k := r.dialOf(h.Of); k >= 0 {
			rows[first+i].Unroll(h.Value, s.shown(poses, k))
		}
	}
}
