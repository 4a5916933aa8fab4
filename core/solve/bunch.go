package solve

import (
	"sync/atomic"

	"setfast/core/geom"
	"setfast/core/par"
)

// bunch is what hangs on one body and ties nothing else together: it is seated once that body is, by itself.
type bunch struct {
	root int // less than none for what stands
	rels []int
}

const (
	mostBunched  = 64  // relations of one
	leastBunched = 256 // relations of all, for which it is worth while to seat them on all processors
)

// seatInTurn brings bodies to their seats one after another. Where much hangs on single bodies, what it hangs on is seated first, and then
// each bunch by itself. It is false where too many loops would not close.
func (s *System) seatInTurn(poses []geom.Pose, rels []int) bool {
	trunk, bunches := s.bunched(rels)
	t := newSeated(s, poses)
	t.begin(trunk, -1)
	ok := t.inTurn()
	if len(bunches) == 0 {
		return ok
	}
	var failed atomic.Int64
	par.Shares(len(bunches), 8, s.Stopped, func() func(int) {
		t := newSeated(s.Apart(), poses)
		return func(i int) {
			t.begin(bunches[i].rels, bunches[i].root)
			t.inTurn()
			failed.Add(int64(t.failed))
		}
	})
	return ok && failed.Load() < mostFailed
}

// bunched parts relations into those that hold the assembly together and bunches: blocks, and what hangs on them, of few relations.
// Angles that are counted over whole turns are seated all together.
func (s *System) bunched(rels []int) (trunk []int, out []bunch) {
	if len(rels) < leastBunched || len(s.dials) > 0 {
		return rels, nil
	}
	nb := len(s.Bodies)
	blocks := s.Blocks(rels, nil)
	home := s.Homes(blocks)
	weight := make([]int, len(blocks)) // relations of a block and of all that hangs on it
	for i := range blocks {            // roots last
		weight[i] += len(blocks[i].Rels)
		if r := blocks[i].Root; r < nb && home[r] >= 0 {
			weight[home[r]] += weight[i]
		}
	}
	in := make([]int, len(blocks)) // which bunch, and one more
	all := 0
	for i := len(blocks) - 1; i >= 0; i-- {
		b := &blocks[i]
		up := -1
		if b.Root < nb {
			up = home[b.Root]
		}
		switch {
		case up >= 0 && in[up] > 0:
			in[i] = in[up]
		case weight[i] <= mostBunched && (up >= 0 || b.Root == nb) && !b.alone:
			root := b.Root
			if root == nb {
				root = -1
			}
			out = append(out, bunch{root: root})
			in[i] = len(out)
			all += weight[i]
		}
	}
	if all < leastBunched {
		return rels, nil
	}
	of := make([]int, len(s.Rels))
	for i := range blocks {
		for _, r := range blocks[i].Rels {
			of[r] = in[i]
		}
	}
	for _, r := range rels {
		if k := of[r]; k > 0 {
			out[k-1].rels = append(out[k-1].rels, r)
		} else {
			trunk = append(trunk, r)
		}
	}
	return trunk, out
}
