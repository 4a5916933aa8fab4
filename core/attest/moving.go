package attest

import (
	"context"

	"setfast/core/assembly"
	"setfast/core/sweep"
)

// Moving takes what is meant to move in an assembly to its first contact both ways, and the motions that were kept through what they meet, at most so many of
// each; travel and run do it. What cannot be taken along its way has its limits alone; only what is called off stops all.
func (g *Given) Moving(ctx context.Context, root *assembly.Assembly, most int, travel func(joint, of string) (*sweep.Travelled, error), run func(d assembly.Drive) (*sweep.Done, error)) error {
	g.Travels = map[[2]string]*sweep.Travelled{}
	for _, p := range root.Planned {
		m := root.Mate(p.Joint)
		if m == nil || m.IsCoupling() {
			continue
		}
		d := m.Descriptor()
		for i := range d.Coordinates {
			of := d.Coordinates[i].Name
			if p.Of != "" && p.Of != of || len(g.Travels) >= most {
				continue
			}
			t, err := travel(p.Joint, of)
			if ctx.Err() != nil {
				return context.Cause(ctx)
			}
			if err == nil {
				g.Travels[[2]string{p.Joint, of}] = t
			}
		}
	}
	for i := range root.Drives {
		if len(g.Runs) >= most {
			break
		}
		x := Run{Drive: root.Drives[i], Name: root.Drives[i].Name}
		done, err := run(x.Drive)
		if ctx.Err() != nil {
			return context.Cause(ctx)
		}
		if x.Done = done; err != nil {
			x.Done, x.Failed = nil, err.Error()
		}
		g.Runs = append(g.Runs, x)
	}
	return nil
}
