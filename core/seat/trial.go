package seat

import (
	"context"
	"fmt"
	"maps"
	"math"
	"slices"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/conflict"
	"setfast/core/geom"
	"setfast/core/mobility"
	"setfast/core/model"
	"setfast/core/motion"
	"setfast/core/relation"
	"setfast/core/report"
	"setfast/core/solve"
	"setfast/core/tol"
)

// trial is an overlay on a solved assembly, on which relations between two features are tried.
type trial struct {
	study  *motion.Study
	base   *report.Result
	whole  *solve.System // starting where all stands, what has no freedom fixed
	feats  []solve.Feat  // of what is picked: put, on, and others
	about  map[int][]int // body → relations in force
	rels   []int         // of what the features can move
	bodies []int         // of what they can move, and what stands beside
	name   string        // of the component whose freedom is told
	before int           // freedoms of what can move
	brief  bool          // what takes long is left untried
}

// newTrial finds what the picked features can move: put, on, and any others.
func newTrial(ctx context.Context, a *account.Account, refs ...assembly.Ref) (*trial, error) {
	t := &trial{study: a.Study(ctx), base: a.Root}
	for _, r := range refs {
		f, present, err := t.study.Feature(r)
		if err != nil {
			return nil, err
		}
		if !present {
			return nil, fmt.Errorf("%s is suppressed", r.Head())
		}
		t.feats = append(t.feats, f)
	}
	t.name = t.base.Body(refs[0].Path)
	if c := t.study.Asm.Component(t.name); c == nil || c.Grounded {
		t.name = t.base.Body(refs[1].Path)
	}
	t.standing()
	t.reach()
	p, _, err := t.part(nil)
	if err != nil {
		return nil, err
	}
	basis := post(p, p.Sys.NewPoses(), p.Rels)
	t.before = basis.Left()
	return t, nil
}

// apart is the trial with solver memory of its own, for another goroutine.
func (t *trial) apart() *trial {
	c := *t
	c.whole = t.whole.Apart()
	return &c
}

// standing makes a system of the assembly that starts at its solved poses; what has no freedom left is fixed there.
func (t *trial) standing() {
	w := t.study.Sys.Starting(t.study.Poses)
	for b := range w.Bodies {
		w.Bodies[b].Fixed = w.Bodies[b].Fixed || !t.study.Basis.Moves(b)
	}
	t.whole = w
}

// reach gathers the relations that tie the features' bodies to others through bodies that move.
func (t *trial) reach() {
	w := t.whole
	t.about = w.ByBody(t.study.Rels)
	var buf [4]int
	in, rels := map[int]bool{}, map[int]bool{}
	var next []int
	add := func(b int) {
		if b >= 0 && !w.Bodies[b].Fixed && !in[b] {
			in[b] = true
			next = append(next, b)
		}
	}
	for _, f := range t.feats {
		add(f.Body)
	}
	for len(next) > 0 {
		b := next[len(next)-1]
		next = next[:len(next)-1]
		for _, i := range t.about[b] {
			rels[i] = true
			for _, o := range w.FreeBodies(w.Rels[i], &buf) {
				add(o)
			}
		}
	}
	t.rels = slices.Sorted(maps.Keys(rels))
	t.bodies = slices.Collect(maps.Keys(in))
	for _, f := range t.feats {
		if f.Body >= 0 {
			t.bodies = append(t.bodies, f.Body)
		}
	}
}

// part is the overlay as a model of its own, with another relation if one is given, and where its bodies are in the assembly.
func (t *trial) part(m *assembly.Mate) (*model.Model, []int, error) {
	p := t.whole.Part(t.rels, t.bodies...)
	sys, bodies := p.System, p.Bodies
	k := t.study.On(sys)
	k.Comps, k.Mates, k.Rels = nil, nil, nil
	for _, b := range bodies {
		k.Comps = append(k.Comps, t.study.Comps[b])
	}
	for i, r := range t.rels {
		k.Mates, k.Rels = append(k.Mates, t.study.Mates[r]), append(k.Rels, i)
	}
	if m != nil {
		sp, _, err := t.study.Spec(m, 0)
		if err != nil {
			return nil, nil, err
		}
		for _, f := range []*solve.Feat{&sp.A, &sp.B, sp.About} {
			if f != nil && f.Body >= 0 {
				f.Body = slices.Index(bodies, f.Body)
			}
		}
		r, err := sys.New(sp)
		if err != nil {
			return nil, nil, err
		}
		k.Mates, k.Rels = append(k.Mates, m), append(k.Rels, len(sys.Rels))
		sys.Rels = append(sys.Rels, r)
	}
	sys.Measure()
	return k, bodies, nil
}

// post takes relations into an account of their own.
func post(m *model.Model, poses []geom.Pose, rels []int) *mobility.Basis {
	return mobility.Posted(m.Sys, poses, rels, m.Sys.Blocks(rels, nil)).Basis
}

// offer is one of a type, not tried yet.
func (t *trial) offer(d *relation.Type) Offer {
	o := Offer{Type: d.Name, Joint: d.Family == relation.Joint, Moves: []string{}, Poses: map[string]geom.Pose{}, Before: t.base.Components[t.name].Left,
		Say: [2]string{d.Say.First, d.Say.Then}, Fields: fields(d), Also: d.Also}
	if c := d.Leading(); o.Joint && c != nil {
		o.Limits = c.Unit()
	}
	return o
}

// try solves the overlay with a relation and counts what it leaves.
func (t *trial) try(m *assembly.Mate) (Offer, error) {
	d := m.Descriptor()
	o := t.offer(d)
	if m.A2 != nil {
		o.OnToo = m.A2.String()
	}
	if m.B2 != nil {
		o.PutToo = m.B2.String()
	}
	if d.Needed() {
		v, given := m.Num(d.Main)
		if !given {
			var err error
			if v, err = t.valueNow(m); err != nil {
				return o, err
			}
			with := *m
			with.Params = m.WithNum(d.Main, v)
			m = &with
		}
		o.Value, o.Main, o.Unit = &v, d.Main, d.Unit()
	}
	k, bodies, err := t.part(m)
	if err != nil {
		return o, err
	}
	r := k.Sys.Rels[len(k.Sys.Rels)-1]
	o.Asked, o.Sense = r.Asks(), r.SenseWord()
	put := slices.Index(bodies, t.feats[0].Body)
	if put >= 0 && k.Sys.Bodies[put].Fixed {
		put = slices.Index(bodies, t.feats[1].Body)
	}
	st, outcome := conflict.Holds(k, put, t.brief)
	if outcome != conflict.Hold {
		p := t.base.Components[t.name]
		o.After, o.Leaves = p.Left, FreedomWords(p.Slides, p.Turns)
		if o.Untried = outcome == conflict.Undecided; !o.Untried {
			o.Odds = missWords(k, st)
		}
		return o, nil
	}
	basis := post(k, st.Poses, st.Rels)
	left, turns := 0, 0
	if i := slices.Index(bodies, t.study.Body[t.name]); i >= 0 && !k.Sys.Bodies[i].Fixed {
		left, turns = basis.Restricted(i)
	}
	o.After, o.Leaves = left, FreedomWords(left-turns, turns)
	o.Doubled = o.Asked - (t.before - basis.Left())
	t.tellMoves(&o, bodies, st.Poses)
	return o, nil
}

// tellMoves names the components that would move, and where to. Of a flexible use any part of it counts.
func (t *trial) tellMoves(o *Offer, bodies []int, poses []geom.Pose) {
	moved := map[string]geom.Pose{}
	for i, b := range bodies {
		if apart(t.study.Poses[b], poses[i]) {
			moved[t.study.Comps[b].Name] = poses[i].Plain()
		}
	}
	uses := map[string]bool{}
	for name, p := range moved {
		use, _, inner := strings.Cut(name, "/")
		if !inner {
			o.Poses[name] = p
		} else if t.base.Body([]string{use}) == name {
			o.Poses[use] = p
		}
		uses[use] = true
	}
	for _, c := range t.study.Asm.Components { // in build order
		if use, _, _ := strings.Cut(c.Name, "/"); uses[use] {
			o.Moves = append(o.Moves, use)
			delete(uses, use)
		}
	}
}

func apart(a, b geom.Pose) bool {
	q := a.Q.W*b.Q.W + a.Q.X*b.Q.X + a.Q.Y*b.Q.Y + a.Q.Z*b.Q.Z
	return a.O.Sub(b.O).Norm() > tol.Moved || 1-math.Abs(q) > tol.TurnedBy
}
