// Package motion says what is left to move, in a designer's words. The null space of the relations (package mobility) is a linear
// space of small motions; it is split into groups that share no body, and each group is spanned by simple motions: turns about
// axes of real features, slides along their directions, screws where nothing purer exists (Chasles: every rigid motion is a screw).
// Motions are told apart as planned (seen by the declared rates), idle (spins that change nothing), loose, and of the loose those
// only momentary: these are found by stepping along them and solving again, since the dimension of the null space at a singular
// pose says nothing of the poses nearby (see McCarthy and Soh, Geometric Design of Linkages, 2011, chapter 10, on mobility).
//
// Cost: for groups of up to 120 freedoms cubic in the freedoms of the group; larger ones are taken apart on the sparse basis, in time
// about linear in its entries. Momentary freedoms are not told where more steps would be needed than are spared for them.
//
// The package also follows motions: drives take one coordinate through a range, Live pulls at parts, Swing shows a motion.
package motion

import (
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/mobility"
	"setfast/core/model"
	"setfast/core/part"
	"setfast/core/redundancy"
	"setfast/core/report"
	"setfast/core/solve"
)

// Study is a solved assembly whose freedoms are looked into. It belongs to one goroutine; Swing alone may be called from many.
type Study struct {
	*model.Model
	Basis  *mobility.Basis // of the null space at the solved pose, finished
	Poses  []geom.Pose
	Rels   []int         // relations in force
	Blocks []solve.Block // of these relations

	aside   *Study                       // the same for a second goroutine
	axes    map[int][][2]geom.Vec        // per body: the axes by which it is related
	round   map[*part.Part][][2]geom.Vec // the axes about which parts are round
	counter *mobility.Counter            // for counting freedoms at poses nearby
	repeats *redundancy.Elimination      // for telling quickly that as many are left
	trial   []geom.Pose                  // where a step went
	moved   []int                        // by it
	reached float64                      // its length, had all of it been kept
	rows    solve.Rows
	of      map[int][]*solve.Relation // per body
	told    []told                    // per motion of the report: what Swing shows
}

// Apart is the same study on a system of its own, for another goroutine or for what is tried.
func (s *Study) Apart() *Study {
	return &Study{Model: s.On(s.Sys.Apart()), Basis: s.Basis, Poses: s.Poses, Rels: s.Rels, Blocks: s.Blocks}
}

// beside is the same study for a second goroutine, which belongs to this one.
func (s *Study) beside() *Study {
	if s.aside == nil {
		s.aside = s.Apart()
	}
	return s.aside
}

// Planning is the account of what is left with other motions planned: nothing but how the freedoms are told apart changes.
func (s *Study) Planning(planned []assembly.Planned) *report.Result {
	k := s.Apart()
	k.Sys.Stop = s.Sys.Stop
	asm := *s.Asm
	asm.Planned = planned
	k.Asm = &asm
	res := &report.Result{}
	k.Classify(res)
	return res
}

// told is a motion as it was found.
type told struct {
	group *Group
	z     []float64
}

// tell adds a motion to the account.
func (s *Study) tell(res *report.Result, g *Group, z []float64, class report.Class) {
	s.note(res, told{g, z}, s.describe(g, z, class))
}

// note adds a motion that was described.
func (s *Study) note(res *report.Result, t told, m report.Motion) {
	res.Motions, s.told = append(res.Motions, m), append(s.told, t)
}
