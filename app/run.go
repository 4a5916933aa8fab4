package app

import (
	"context"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/geom"
	"setfast/core/motion"
	"setfast/core/sweep"
)

// Ran is a motion with what is met on the way, and where components stand at each of its steps.
type Ran struct {
	*sweep.Done
	Names  []string      `json:"names"`
	Frames [][]geom.Pose `json:"frames"` // per step reached, in the order of the names
}

// MostFrames is how many steps a run may have here.
const MostFrames = 1440

// Run takes a coordinate of an assembly through a range. Neither poses nor verdict change.
func (a *App) Run(ctx context.Context, id int64, d assembly.Drive) (*Ran, error) {
	b, err := a.bodies(ctx, id)
	if err != nil {
		return nil, err
	}
	j := b.j
	switch m := j.Asm.Mate(d.Joint); {
	case m == nil || m.IsCoupling():
		return nil, words.Refuse("there is no joint %q", d.Joint)
	case d.Steps < 1 || d.Steps > MostFrames:
		return nil, words.Refuse("a run has from 1 to %d steps, not %d", MostFrames, d.Steps)
	case d.From == d.To:
		return nil, words.Refuse("it goes from %g to %g: nowhere", d.From, d.To)
	}
	for what, x := range map[string]float64{"the beginning": d.From, "the end": d.To} {
		if x != x || x > farthestRun || x < -farthestRun {
			return nil, words.Refuse("%s of a run is at most %g", what, farthestRun)
		}
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	out := &Ran{Names: []string{}, Frames: [][]geom.Pose{}}
	err = a.work(ctx, func() error {
		s := j.account.Study(ctx)
		parts, err := sweep.Parts(s, j.account, j.Doc, MostDrawn, func(key string) *clash.Solid { return b.solids[key] })
		if err != nil {
			return words.Refuse("%s", err)
		}
		o := sweep.Options{MM: j.Doc.SettingsOf(j.Asm).ToleranceMM, Exact: b.asking(), Finer: b.finer(), Fits: clash.Meant(j.Doc, j.Asm)}
		if out.Done, err = sweep.Drive(ctx, s, parts, d, o); err == nil {
			err = out.follow(s, j, d)
		}
		return words.Plainly(ctx, err)
	})
	return out, err
}

// farthestRun is how far a run may go: 10,000 turns, or so many mm.
const farthestRun = 3.6e6

// follow takes the same way again, for where components stand at each step.
func (r *Ran) follow(s *motion.Study, j *Judged, d assembly.Drive) error {
	var bodies []int
	for _, l := range j.Result.Lines {
		if k, ok := s.Body[l.Component]; ok {
			r.Names, bodies = append(r.Names, l.Component), append(bodies, k)
		}
	}
	if len(r.At) == 0 {
		return nil
	}
	run, err := s.Run(d.Joint, d.Of)
	if err != nil {
		return err
	}
	run.Begin(r.At[0])
	for _, v := range r.At {
		run.To(v)
		frame := make([]geom.Pose, len(bodies))
		for i, k := range bodies {
			frame[i] = run.Poses()[k]
		}
		r.Frames = append(r.Frames, frame)
	}
	return nil
}
