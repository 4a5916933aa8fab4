package solve

import (
	"math"

	"setfast/core/geom"
	"setfast/core/relation"
)

// limit bounds a coordinate of a joint, in the unit of files.
type limit struct {
	of  string
	lim relation.Range
}

// Limit bounds a coordinate; a solve minds it only where it is asked to.
func (r *Relation) Limit(of string, lim relation.Range) { r.limits = append(r.limits, limit{of, lim}) }

// bounded adds the equation that brings a coordinate back to the end that it is beyond.
func (s *System) bounded(r *Relation, l limit, poses []geom.Pose, out *Rows) {
	v, row := s.ReadCoordinate(r, l.of, poses)
	unit := 1.0
	if row.Angular {
		unit = math.Pi / 180
	}
	end, beyond := l.lim.Beyond(v / unit)
	if !beyond {
		return
	}
	row.R = v - end*unit
	out.Add(row)
}
