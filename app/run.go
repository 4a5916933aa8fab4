package app

import (
	"context"
	"encoding/csv"
	"encoding/json"
	"math"
	"strings"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/motion"
	"setfast/core/sweep"
)

// Ran is a motion with what is met on the way, where components stand at each of its steps, and what goes along.
type Ran struct {
	*sweep.Done
	Names  []string      `json:"names"`
	Frames [][]geom.Pose `json:"frames"` // per step reached, in the order of the names: of those that move
	Limits []Within      `json:"bounds"`
}

// Within is how far a coordinate that is driven may go, by its limits.
type Within struct {
	Leg int      `json:"leg"`
	Lo  *float64 `json:"lo"`
	Hi  *float64 `json:"hi"`
}

const (
	// MostFrames is how many steps a run may have here.
	MostFrames = 1440
	// farthestRun is how far a run may go: 10,000 turns, or so many mm.
	farthestRun = 3.6e6
)

// moving is an assembly that is taken through its motion.
type moving struct {
	*bodies
	s     *motion.Study
	parts []sweep.Part
	o     sweep.Options
}

// moves does something with an assembly that can be moved: who waits sees how far it is and can stop it, so it may take its time.
func (a *App) moves(ctx context.Context, b *bodies, do func(ctx context.Context, m *moving) error) error {
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Open)
	defer cancel()
	return a.work(ctx, func() error {
		j := b.j
		s := j.account.Study(ctx)
		parts, err := sweep.Parts(s, j.account, j.Doc, MostDrawn, func(key string) *clash.Solid { return b.solids[key] })
		if err != nil {
			return words.Refuse("%s", err)
		}
		o := sweep.Options{MM: j.Doc.SettingsOf(j.Asm).ToleranceMM, Exact: b.asking(), Finer: b.finer(), Fits: clash.Meant(j.Doc, j.Asm)}
		return words.Plainly(ctx, do(ctx, &moving{b, s, parts, o}))
	})
}

// joint sees that there is one with a coordinate.
func (b *bodies) joint(joint, of string) error {
	m := b.j.Asm.Mate(joint)
	if m == nil || m.IsCoupling() {
		return words.Refuse("there is no joint %q", joint)
	}
	if _, ok := m.Descriptor().Coordinate(of); !ok {
		return words.Refuse("joint %q has no %q", joint, of)
	}
	return nil
}

// Travel tells how far a joint's coordinate goes both ways until parts meet or a limit is come to.
func (a *App) Travel(ctx context.Context, id int64, joint, of string) (out *sweep.Travelled, err error) {
	b, err := a.bodies(ctx, id)
	if err != nil {
		return nil, err
	}
	if err := b.joint(joint, of); err != nil {
		return nil, err
	}
	err = a.moves(ctx, b, func(ctx context.Context, m *moving) error {
		m.o.Least = -1
		out, err = sweep.Travel(ctx, m.s, m.parts, joint, of, m.o)
		return err
	})
	return out, err
}

// Run takes coordinates of an assembly through a drive, and shows how far it is. Neither poses nor verdict change.
func (a *App) Run(ctx context.Context, id int64, d assembly.Drive, tell func(f float64)) (*Ran, error) {
	b, err := a.bodies(ctx, id)
	if err != nil {
		return nil, err
	}
	if err := b.runs(&d); err != nil {
		return nil, err
	}
	out := &Ran{Names: []string{}, Frames: [][]geom.Pose{}, Limits: []Within{}}
	d.Record = nil
	for _, m := range b.j.Asm.Measures {
		d.Record = append(d.Record, m.Name)
	}
	err = a.moves(ctx, b, func(ctx context.Context, m *moving) (err error) {
		m.o.Tell, m.o.Each = tell, out.watch(m, &d)
		out.Done, err = sweep.Drive(ctx, m.s, m.parts, d, m.o)
		out.thin()
		return err
	})
	return out, err
}

// runs sees that a drive can be run here.
func (b *bodies) runs(d *assembly.Drive) error {
	steps := 0
	for _, l := range d.Legs() {
		steps += l.Steps
		if l.From == l.To && !l.Stands {
			return words.Refuse("%s of %s goes from %g to %g: nowhere", l.Of, l.Joint, l.From, l.To)
		}
	}
	if steps < 1 || steps > MostFrames {
		return words.Refuse("a run has from 1 to %d steps, not %d", MostFrames, steps)
	}
	for _, c := range d.Driven() {
		if err := b.joint(c.Joint, c.Of); err != nil {
			return err
		}
		for what, x := range map[string]float64{"the beginning": c.From, "the end": c.To} {
			if !(math.Abs(x) <= farthestRun) {
				return words.Refuse("%s of a run is at most %g", what, farthestRun)
			}
		}
	}
	return nil
}

// watch has the poses of components gathered at each step of a run.
func (r *Ran) watch(m *moving, d *assembly.Drive) func(run *motion.Run) {
	var bodies []int
	for _, l := range m.j.Result.Lines {
		if k, ok := m.s.Body[l.Component]; ok {
			r.Names, bodies = append(r.Names, l.Component), append(bodies, k)
		}
	}
	for n, l := range d.Legs() {
		if lim, ok := m.j.Asm.Mate(l.Joint).Limits(l.Of); ok {
			r.Limits = append(r.Limits, Within{n, lim.Lo, lim.Hi})
		}
	}
	return func(run *motion.Run) {
		frame := make([]geom.Pose, len(bodies))
		for i, k := range bodies {
			frame[i] = run.Poses()[k]
		}
		r.Frames = append(r.Frames, frame)
	}
}

// thin leaves out the components that stand still all the way.
func (r *Ran) thin() {
	var moved []int
	for i := range r.Names {
		for _, f := range r.Frames {
			if f[i] != r.Frames[0][i] {
				moved = append(moved, i)
				break
			}
		}
	}
	names := make([]string, 0, len(moved))
	for _, i := range moved {
		names = append(names, r.Names[i])
	}
	for k, f := range r.Frames {
		frame := make([]geom.Pose, 0, len(moved))
		for _, i := range moved {
			frame = append(frame, f[i])
		}
		r.Frames[k] = frame
	}
	r.Names = names
}

// Running is a run that is asked for: as what is shown, or as a file.
type Running struct {
	Assembly int64           `json:"assembly"`
	Of       string          `json:"of"` // its fingerprint: how it and all it uses stand
	Drive    json.RawMessage `json:"drive"`
	As       string          `json:"as,omitempty"`    // csv or svg; else what is met on the way
	Title    string          `json:"title,omitempty"` // of the drawing
}

// runJob does a run. The assembly may have gone on since it was asked for: then it is run as it stands now.
func runJob(ctx context.Context, a *App, args []byte, tell func(float64)) (any, error) {
	var r Running
	if err := json.Unmarshal(args, &r); err != nil {
		return nil, err
	}
	d, err := format.ReadDrive("run", r.Drive)
	if err != nil {
		return nil, words.Refuse("%s", words.Fault(err))
	}
	out, err := a.Run(ctx, r.Assembly, d, tell)
	if err != nil {
		return nil, err
	}
	switch r.As {
	case "":
		return out, nil
	case "csv":
		var s strings.Builder
		err := csv.NewWriter(&s).WriteAll(out.Table(&d))
		return s.String(), err
	case "svg":
		return out.Plot(&d, r.Title), nil
	}
	return nil, words.Refuse("a run is written as csv or svg")
}

// AwaitRun has a run done, here or at another server, and reads what came of it.
func (a *App) AwaitRun(ctx context.Context, r Running, tell func(gone float64), out any) error {
	st, err := a.Store.State(ctx, r.Assembly)
	if err != nil {
		return err
	}
	if r.Of, err = a.Fingerprint(ctx, r.Assembly); err != nil {
		return err
	}
	return a.Await(ctx, st.Project, "run", r, tell, out)
}
