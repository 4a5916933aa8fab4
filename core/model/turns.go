package model

import (
	"math"

	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/solve"
)

// bound notes a joint's limits, and has its angles counted over whole turns that are held, limited, measured or driven; couplings see to
// theirs. Where there are limits the count starts at the turn nearest to them.
func (m *Model) bound(r *solve.Relation, mt *assembly.Mate) {
	for _, c := range r.Of.Coordinates {
		lim, limited := mt.Limits(c.Name)
		if limited {
			r.Limit(c.Name, lim)
		}
		if c.Angular && (limited || r.Holds(c.Name) || m.asked(mt.ID, c.Name)) {
			m.Sys.CountTurns(r, c.Name, lim)
		}
	}
}

// asked tells whether a coordinate is measured or driven.
func (m *Model) asked(joint, of string) bool {
	for _, k := range m.Asm.Measures {
		if k.Joint == joint && k.Of == of {
			return true
		}
	}
	for _, k := range m.Asm.Drives {
		if k.Drives(joint, of) {
			return true
		}
	}
	return false
}

// SettleTurns reads angles that may have any number of turns as they are told: nearest to their limits, else within half a turn. Those
// held at a value or coupled keep the turns they have.
func (m *Model) SettleTurns(rels []int, poses []geom.Pose) {
	m.Sys.Uncoupled(rels, func(i int, of string) {
		r := m.Sys.Rels[i]
		v := m.Read(r, of, poses)
		to := math.Remainder(v, 360)
		if lim, limited := m.Mates[i].Limits(of); limited {
			to = lim.NearestTurn(v)
		}
		m.Sys.Turn(r, of, math.Round((to-v)/360), poses)
	})
}
