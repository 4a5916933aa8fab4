package carry

import (
	"fmt"
	"math"
	"slices"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/tol"
)

// joint counts the coordinates of a joint anew: where they stand in the mirror, and which way they go there.
func (s *Side) joint(m, k *assembly.Mate) error {
	t := k.Descriptor()
	a, b, err := frames(s.From, m)
	if err != nil {
		return err
	}
	a2, b2, err := frames(s.Made, k)
	if err != nil {
		return err
	}
	if lead, ok := k.Num("lead"); ok && lead != 0 && s.Motion.Flips { // the other hand of a thread
		k.Params = negated(k.Params, "lead")
	}
	was, now := coordinates(a, b, k.Type), coordinates(a2, b2, k.Type)
	for _, c := range t.Coordinates {
		if !said(m.Params, c.Name) {
			continue
		}
		way := s.goes(a, a2, k.Type, c)
		if way == 0 {
			return fmt.Errorf("%s of it is counted along a direction that the copy has not", c.Name)
		}
		if _, known := now[c.Name]; !known {
			return fmt.Errorf("%s of it is not counted anew in the copy", c.Name)
		}
		k.Params = recounted(m.Params, k.Params, c.Name, func(v float64) float64 {
			return math.Round((now[c.Name]+way*(v-was[c.Name]))*fine) / fine
		}, way < 0)
	}
	return nil
}

// said tells whether anything is said of a coordinate.
func said(p relation.Params, of string) bool {
	for _, v := range p {
		if v.Field == "at."+of || v.Field == "limits."+of+".0" || v.Field == "limits."+of+".1" || v.Field == relation.WayField(of) {
			return true
		}
	}
	return false
}

// recounted is the list with what is said of a coordinate counted anew.
func recounted(was, p relation.Params, of string, count func(v float64) float64, back bool) relation.Params {
	low, high := "limits."+of+".0", "limits."+of+".1"
	to := map[string]string{"at." + of: "at." + of, low: low, high: high}
	if back {
		to[low], to[high] = high, low
	}
	p = p.Without("at." + of).Without(low).Without(high)
	for _, v := range was {
		field, ok := to[v.Field]
		if !ok {
			continue
		}
		if now := count(v.Num); field != v.Field || now != v.Num { // one that stays keeps how it is written
			v = relation.Value{Field: field, Num: now}
		}
		p = p.With(v)
	}
	if w := was.Word(relation.WayField(of)); back && w != "" {
		p = p.WithWord(relation.WayField(of), map[string]string{"up": "down", "down": "up"}[w])
	}
	return p
}

// goes tells which way a coordinate goes in the mirror: 1 as it does, -1 against it, 0 where it is counted along another direction.
func (s *Side) goes(a, a2 geom.Frame, kind string, c relation.Coordinate) float64 {
	from, to := a.Z, a2.Z
	switch {
	case c.Name == "x", kind == "pin_slot" && c.Name == "slide":
		from, to = a.X, a2.X
	case c.Name == "y":
		from, to = a.Y, a2.Y
	}
	along := s.Motion.Dir(from).Dot(to)
	if math.Abs(along) < 1-tol.HandTurn {
		return 0
	}
	way := math.Copysign(1, along)
	if c.Angular && s.Motion.Flips { // a turn goes round the other way in the mirror
		way = -way
	}
	return way
}

// within tells whether all that a relation is between is copied.
func (s *Side) within(m *assembly.Mate) bool {
	return m != nil && !slices.ContainsFunc(m.Refs(), func(r assembly.Ref) bool { return !s.copied(r) })
}

// coupling ties the copies of two joints, each counted as it goes in the mirror.
func (s *Side) coupling(a *assembly.Assembly, m *assembly.Mate) (*assembly.Mate, error) {
	ja, jb := s.IDs[m.JointA], s.IDs[m.JointB]
	if ja == "" || jb == "" {
		return nil, fmt.Errorf("only one of its joints is copied")
	}
	k := *m
	k.JointA, k.JointB = ja, jb
	t := k.Descriptor()
	if !s.Motion.Flips && s.within(a.Mate(m.JointA)) && s.within(a.Mate(m.JointB)) {
		return &k, nil
	}
	if t == nil || m.Type == "cam" {
		return nil, fmt.Errorf("a %s is not counted anew in the copy", m.Type)
	}
	both := 1.0
	for i, id := range []string{m.JointA, m.JointB} {
		joint := a.Mate(id)
		c, ok := joint.Descriptor().Coordinate(t.Ties[i])
		if !ok {
			return nil, fmt.Errorf("%s has no %s", id, t.Ties[i])
		}
		from, _, err := frames(s.From, joint)
		if err != nil {
			return nil, err
		}
		copied := *joint
		for _, x := range []*assembly.Ref{&copied.A, &copied.B} {
			if *x, _, err = s.End(*x); err != nil {
				return nil, err
			}
		}
		to, _, err := frames(s.Made, &copied)
		if err != nil {
			return nil, err
		}
		both *= s.goes(from, to, joint.Type, c)
	}
	if both == 0 {
		return nil, fmt.Errorf("its joints are counted along directions that the copy has not")
	}
	k.Params = k.Params.Without("phase")
	if both < 0 && t.Main != "" {
		k.Params = negated(k.Params, t.Main)
	}
	return &k, nil
}
