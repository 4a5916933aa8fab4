package demo

import (
	"context"
	"encoding/json"
	"errors"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"slices"
	"strings"

	"setfast/app"
	"setfast/app/commands"
	"setfast/core/assembly"
	"setfast/core/cam"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/kernel"
	"setfast/store"
)

// Name is the sample project's name.
const Name = "Ridge vent"

// Files makes the parts and writes them as STEP files into a folder; it gives their names in order.
func Files(ctx context.Context, k *kernel.Runner, dir string) ([]string, error) {
	var script strings.Builder
	var names []string
	for _, r := range recipes {
		file := r.number + " " + r.name + ".step"
		names = append(names, file)
		fmt.Fprintf(&script, "%s\nproduct %s\nstep %s\n", r.make, r.name, filepath.Join(dir, file))
	}
	return names, k.Make(ctx, dir, script.String())
}

// Load brings the sample project into a store through the ordinary import, and builds its assemblies by the ordinary acts.
// say, where given, hears of each step.
func Load(ctx context.Context, a *app.App, say func(string)) error {
	_, _, err := load(ctx, a, Name, say)
	return err
}

// load makes a project of the sample's parts and assemblies, and tells which those are by name.
func load(ctx context.Context, a *app.App, called string, say func(string)) (project int64, key map[string]string, err error) {
	if say == nil {
		say = func(string) {}
	}
	dir, err := os.MkdirTemp("", "setfast-demo-")
	if err != nil {
		return 0, nil, err
	}
	defer os.RemoveAll(dir)
	say("making the sample parts")
	names, err := Files(ctx, a.Kernel, dir)
	if err != nil {
		return 0, nil, fmt.Errorf("the sample parts cannot be made: %w", err)
	}
	project, err = a.Store.CreateProject(ctx, called)
	if err != nil {
		return 0, nil, err
	}
	var in []app.Incoming
	for _, n := range names {
		f, err := os.Open(filepath.Join(dir, n))
		if err != nil {
			return 0, nil, err
		}
		defer f.Close()
		in = append(in, app.Incoming{Name: n, From: f})
	}
	_, files, err := a.Stage(ctx, project, app.Files(in...))
	if err != nil {
		return 0, nil, err
	}
	b := &builder{ctx: ctx, app: a, project: project, key: map[string]string{}}
	for _, f := range files {
		say("importing " + f.Name)
		got, err := a.ReadStaged(ctx, project, f.ID)
		if err != nil {
			return 0, nil, err
		}
		if got.State != "done" {
			return 0, nil, fmt.Errorf("sample part %s: %s", f.Name, got.Message)
		}
	}
	parts, err := a.Store.Parts(ctx, project)
	if err != nil {
		return 0, nil, err
	}
	for _, p := range parts {
		i := slices.Index(names, p.SourceName)
		if i < 0 {
			return 0, nil, fmt.Errorf("sample part %s came out of nowhere", p.Name)
		}
		r := recipes[i]
		p.Number, p.Material, p.Density, p.Fastener, p.Stock = r.number, r.material, r.density, r.fastener, stock[r.number]
		if err := a.Store.UpdatePart(ctx, p); err != nil {
			return 0, nil, err
		}
		b.key[r.name] = p.Key()
	}
	for _, f := range []func(){b.stand, b.crank, b.hinge, b.cover, b.placed, b.latch, b.drive, b.bolted} {
		if f(); b.err != nil {
			return 0, nil, b.err
		}
	}
	return project, b.key, nil
}

// builder says acts one after another and stops at the first that fails.
type builder struct {
	ctx     context.Context
	app     *app.App
	project int64
	key     map[string]string // of parts and assemblies by name
	asm     int64
	seq     int64
	j       *app.Judged
	err     error
}

func (b *builder) begin(name, number string) {
	if b.err != nil {
		return
	}
	b.asm, b.err = b.app.Store.CreateAssembly(b.ctx, store.Assembly{ProjectID: b.project, Name: name, Number: number})
	b.key[name] = app.AssemblyKey(b.asm)
	b.seq = 0
}

func (b *builder) do(c commands.Command) {
	if b.err != nil {
		return
	}
	p, err := b.app.Do(b.ctx, b.asm, "demo", commands.Meant{Base: b.seq, Command: c})
	if err == nil && p.Judged == nil {
		err = errors.New("its account could not be taken")
	}
	if err != nil {
		b.err = fmt.Errorf("%s: %w", c.Name(), err)
		return
	}
	b.j, b.seq = p.Judged, p.Seq
}

func (b *builder) place(names ...string) {
	var items []string
	for _, n := range names {
		items = append(items, b.key[n])
	}
	b.do(commands.Place{Items: items})
}

func (b *builder) relate(kind, put, on, sense string) {
	b.do(commands.Relate{Type: kind, Put: put, On: on, Sense: sense})
}

// feature finds the feature of a component of one kind that lies nearest to a point of the part; a direction or a radius
// narrows the search.
func (b *builder) feature(component string, kind part.Kind, at geom.Vec, dir geom.Vec, radius float64) string {
	if b.err != nil {
		return ""
	}
	path := strings.Split(component, "/")
	var c *assembly.Component
	asm := b.j.Asm
	for _, n := range path {
		if c = asm.Component(n); c == nil {
			b.err = fmt.Errorf("no component %q", component)
			return ""
		}
		asm = b.j.Doc.Assemblies[c.Assembly]
	}
	p := b.j.Doc.Parts[c.Part]
	best, bestD := "", math.Inf(1)
	for _, n := range p.Order {
		f := p.Features[n]
		if f.Kind != kind || radius > 0 && math.Abs(f.Radius-radius) > 1e-6 || dir != (geom.Vec{}) && f.Z.Cross(dir).Norm() > 1e-6 {
			continue
		}
		if kind == part.Plane && f.Z.Dot(dir) < 0 {
			continue
		}
		d := f.O.Sub(at)
		if f.IsAxis() {
			d = d.Reject(f.Z)
		}
		if kind == part.Plane {
			d = f.Z.Scale(d.Dot(f.Z))
		}
		if d.Norm() < bestD-1e-9 {
			best, bestD = n, d.Norm()
		}
	}
	if best == "" || bestD > 1 {
		b.err = fmt.Errorf("%s has no such %s near %v", component, kind, at)
	}
	return component + "/" + best
}

var x, y, z = geom.V(1, 0, 0), geom.V(0, 1, 0), geom.V(0, 0, 1)

func (b *builder) hole(c string, at, dir geom.Vec, r float64) string {
	return b.feature(c, part.Cylinder, at, dir, r)
}

func (b *builder) face(c string, at, normal geom.Vec) string {
	return b.feature(c, part.Plane, at, normal, 0)
}

func (b *builder) rim(c string, at, dir geom.Vec, r float64) string {
	return b.feature(c, part.Circle, at, dir, r)
}

// stand: two bearing blocks screwed to the wall plate. Everything is set fast; the screws' spin is idle.
func (b *builder) stand() {
	b.begin("Bearing stand", "GV-110")
	b.place("Wall plate", "Bearing block", "Bearing block", "Screw M6x20", "Screw M6x20", "Screw M6x20", "Screw M6x20")
	for i, block := range []string{"Bearing block", "Bearing block 2"} {
		px := 40 + 100*float64(i)
		b.relate("coincident", b.face(block, geom.V(15, 40, 0), z.Neg()), b.face("Wall plate", geom.V(0, 0, 10), z), "opposed")
		b.relate("concentric", b.hole(block, geom.V(15, 10, 0), z, 3.3), b.hole("Wall plate", geom.V(px, 25, 0), z, 3.3), "same")
		if i == 0 { // the way most people do it, with its repeats
			b.relate("concentric", b.hole(block, geom.V(15, 70, 0), z, 3.3), b.hole("Wall plate", geom.V(px, 85, 0), z, 3.3), "same")
		} else { // the leaner way
			b.relate("parallel", b.face(block, geom.V(30, 40, 20), x), b.face("Wall plate", geom.V(180, 50, 5), x), "same")
		}
	}
	for i, s := range []string{"Screw M6x20", "Screw M6x20 2", "Screw M6x20 3", "Screw M6x20 4"} {
		block := []string{"Bearing block", "Bearing block 2"}[i/2]
		at := geom.V(15, []float64{10, 70}[i%2], 10)
		b.relate("rim", b.rim(s, geom.V(0, 0, 0), z, 3), b.rim(block, at, z, 3.3), "")
	}
}

// crank: the shaft turns in the stand, the arm and handle ride along. One planned motion.
func (b *builder) crank() {
	b.begin("Crank drive", "GV-120")
	b.place("Bearing stand", "Crank shaft", "Crank arm", "Crank handle")
	b.do(commands.Relate{Type: "revolute", Put: b.rim("Crank shaft", geom.V(30, 0, 0), x, 13), On: b.rim("Bearing stand/Bearing block", geom.V(0, 40, 28), x, 8), Sense: "same", Plan: true})
	b.relate("concentric", b.hole("Crank arm", geom.V(0, 0, 5), z, 8), b.hole("Crank shaft", geom.V(80, 0, 0), x, 8), "same")
	b.relate("coincident", b.face("Crank arm", geom.V(0, 0, 0), z.Neg()), b.face("Crank shaft", geom.V(0, 0, 0), x.Neg()), "same")
	b.relate("parallel", b.face("Crank arm", geom.V(0, 5.5, 5), y.Neg()), b.face("Crank shaft", geom.V(10, 5.5, 0), y), "opposed")
	b.relate("rim", b.rim("Crank handle", geom.V(0, 0, 0), z, 5), b.rim("Crank arm", geom.V(90, 0, 0), z, 5), "opposed")
}

// hinge: unfinished on purpose. The knuckle hangs on the pin but nothing keeps it from sliding along it.
func (b *builder) hinge() {
	b.begin("Vent hinge", "GV-130")
	b.place("Hinge bracket, left", "Clevis pin 8x44", "Vent knuckle")
	b.relate("rim", b.rim("Clevis pin 8x44", geom.V(0, 0, 0), x, 4), b.rim("Hinge bracket, left", geom.V(0, 20, 30), x, 4.1), "same")
	b.relate("concentric", b.hole("Vent knuckle", geom.V(12, 0, 0), x, 4.1), b.hole("Clevis pin 8x44", geom.V(22, 0, 0), x, 4), "same")
}

// cover: at odds on purpose. One of its holes was drilled 0.4 mm off.
func (b *builder) cover() {
	b.begin("Covered plate", "GV-140")
	b.place("Wall plate", "Cover")
	b.relate("coincident", b.face("Cover", geom.V(0, 0, 0), z.Neg()), b.face("Wall plate", geom.V(0, 0, 10), z), "opposed")
	b.relate("concentric", b.hole("Cover", geom.V(40, 25, 0), z, 3.3), b.hole("Wall plate", geom.V(40, 25, 0), z, 3.3), "same")
	b.relate("concentric", b.hole("Cover", geom.V(140, 25, 0), z, 3.3), b.hole("Wall plate", geom.V(140, 25, 0), z, 3.3), "same")
	b.relate("concentric", b.hole("Cover", geom.V(40.4, 85, 0), z, 3.3), b.hole("Wall plate", geom.V(40, 85, 0), z, 3.3), "same")
}

// latch: a disc turns about a point beside its middle, and a flat follower runs on its edge. The lifts are taken from that edge.
func (b *builder) latch() {
	b.begin("Vent latch", "GV-160")
	b.place("Latch plate", "Latch cam", "Latch follower", "Latch spring")
	b.do(commands.Relate{Type: "revolute", Put: b.rim("Latch cam", geom.V(0, 0, 0), z, 6.05), On: b.feature("Latch plate", part.Circle, geom.V(30, 30, 8), z, 6), Sense: "", Plan: true})
	turn := b.last()
	b.do(commands.Relate{Type: "prismatic", Put: b.hole("Latch follower", geom.V(20, 0, 0), x, 5), On: b.hole("Latch plate", geom.V(100, 30, 18), x, 5.05), Sense: "same"})
	slide := b.last()
	b.relate("fastened", b.rim("Latch spring", geom.V(0, 0, 0), x, 5.2), b.rim("Latch follower", geom.V(4, 0, 0), x, 5), "")
	b.do(commands.Fit{A: "Latch plate", B: "Latch spring", Kind: "ignore", Note: "a spring, drawn as long as it gets: it is pressed together by up to 12"})
	if b.err != nil {
		return
	}
	say := cam.Said{Turn: turn, Slide: slide}
	say.Face, _ = format.Ref(b.face("Latch cam", geom.V(6, 0, 14), z))
	say.Tip, _ = format.Ref(b.face("Latch follower", geom.V(0, 0, 0), x.Neg()))
	law, err := b.app.CamLaw(b.ctx, b.asm, say)
	if err != nil {
		b.err = err
		return
	}
	b.do(commands.Couple{Type: "cam", A: turn, B: slide, Profile: law.Profile, Limits: &[2]float64{law.Low, law.High}})
}

// drive: a pinion pushes the vent's rack along its rod, and a screw carries the nut of its stay. Teeth, lead and phase are taken from the shapes.
func (b *builder) drive() {
	b.begin("Vent drive", "GV-170")
	b.place("Drive bed", "Drive pinion", "Drive rack", "Stay screw", "Stay nut")
	bed := func(kind part.Kind, x, y, z float64, dir geom.Vec, r float64) string {
		return b.feature("Drive bed", kind, geom.V(x, y, z), dir, r)
	}
	b.do(commands.Relate{Type: "revolute", Put: b.rim("Drive pinion", geom.V(0, 0, 0), z, 6.05), On: bed(part.Circle, 100, 60, 10, z, 6), Plan: true})
	turn := b.last()
	b.do(commands.Relate{Type: "prismatic", Put: b.hole("Drive rack", geom.V(20, -6.5, 5), x, 3), On: b.hole("Drive bed", geom.V(100, 35.5, 15), x, 2.95), Sense: "same"})
	slide := b.last()
	b.do(commands.Relate{Type: "revolute", Put: b.rim("Stay screw", geom.V(0, 0, 0), x, 4), On: bed(part.Circle, 10, 89, 20, x, 4.05), Plan: true})
	screw := b.last()
	b.do(commands.Relate{Type: "prismatic", Put: b.hole("Stay nut", geom.V(0, 0, 0), x, 4.05), On: b.hole("Drive bed", geom.V(15, 89, 20), x, 4.05), Sense: "same"})
	nut := b.last()
	if b.err != nil {
		return
	}
	m, err := b.app.Mesh(b.ctx, b.asm, turn, slide)
	if err != nil {
		b.err = err
		return
	}
	b.do(commands.Couple{Type: "rack", A: turn, B: slide, Lead: m.Ratio, Phase: &m.Phase})
	at := 70.0 // mm along the screw: the nut's place where the screw stands at 0
	b.do(commands.Couple{Type: "screw", A: screw, B: nut, Pitch: "3", Phase: &at})
}

// bolted: the stand again, fastened at once: screws, washers and locknuts through all holes of each block.
func (b *builder) bolted() {
	b.begin("Bolted stand", "GV-111")
	b.place("Wall plate", "Bearing block", "Bearing block")
	for i, block := range []string{"Bearing block", "Bearing block 2"} {
		x := 40 + 100*float64(i)
		b.relate("rim", b.rim(block, geom.V(15, 10, 0), z, 3.3), b.rim("Wall plate", geom.V(x, 25, 10), z, 3.3), "same")
		b.relate("parallel", b.face(block, geom.V(30, 40, 20), geom.V(1, 0, 0)), b.face("Wall plate", geom.V(180, 50, 5), geom.V(1, 0, 0)), "same")
		holes := []string{b.hole(block, geom.V(15, 10, 5), z, 3.3), b.hole(block, geom.V(15, 70, 5), z, 3.3)}
		if b.err != nil {
			return
		}
		stack, err := json.Marshal(map[string]any{"holes": holes, "screw": "ISO 4762 M6", "under_head": []string{"ISO 7089 M6"}, "under_nut": []string{"ISO 7089 M6"}, "nut": "ISO 7040 M6"})
		if err != nil {
			b.err = err
			return
		}
		b.do(commands.Fasten{As: []string{"left foot", "right foot"}[i], Stack: stack})
	}
}

// last is the relation that was made last.
func (b *builder) last() string {
	if b.err != nil || len(b.j.Asm.Mates) == 0 {
		return ""
	}
	return b.j.Asm.Mates[len(b.j.Asm.Mates)-1].ID
}

// placed: a stand as it comes out of a file with placements: nothing is related yet, and all can be found.
func (b *builder) placed() {
	b.begin("Stand as it came", "GV-150")
	b.place("Wall plate", "Bearing block", "Bearing block", "Screw M6x20", "Screw M6x20", "Screw M6x20", "Screw M6x20")
	at := map[string]geom.Pose{}
	put := func(name string, x, y, z float64) { at[name] = geom.Pose{O: geom.V(x, y, z), Q: geom.Identity} }
	for i, block := range []string{"Bearing block", "Bearing block 2"} {
		x := 25 + 100*float64(i)
		put(block, x, 15, 10)
		for k, y := range []float64{25, 85} {
			put([]string{"Screw M6x20", "Screw M6x20 2", "Screw M6x20 3", "Screw M6x20 4"}[2*i+k], x+15, y, 20)
		}
	}
	b.do(commands.Adopt{Poses: at})
}
