// Package repeat lays copies out: components that are there several times over, in lines, around an axis or at places, with their relations. A copy keeps
// its relations where what they stand on is there again; where it is not, the copy is held to its original as the motion has it, and that is told.
package repeat

import (
	"context"
	"fmt"
	"maps"
	"slices"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/carry"
	"setfast/core/geom"
)

// LeftOut is a relation that did not come along with a copy.
type LeftOut struct {
	Copy int    `json:"copy"` // the original is 1
	Mate string `json:"mate"`
	Why  string `json:"why"`
	Held bool   `json:"held"` // the copy is held to its original instead
}

// Set is what became of some copies.
type Set struct {
	Name      string    `json:"name"`
	In        string    `json:"assembly,omitempty"` // where it is not the root
	Of        []string  `json:"of"`
	How       string    `json:"how"`    // linear, circular or places
	Copies    int       `json:"copies"` // the original not counted
	Relations int       `json:"relations"`
	LeftOut   []LeftOut `json:"left_out"`
	Why       string    `json:"why,omitempty"` // it could not be laid out
}

// Loose tells whether relations are left out with nothing in their place.
func (s *Set) Loose() bool {
	return s.Why != "" || slices.ContainsFunc(s.LeftOut, func(l LeftOut) bool { return !l.Held })
}

// Expanded is a document with its copies laid out.
type Expanded struct {
	*assembly.Document
	Sets   []Set
	Failed error // why copies could not be laid out, the first of them: they are missing then
}

// Has tells whether a document has any copies.
func Has(doc *assembly.Document) bool {
	for _, a := range doc.Assemblies {
		if len(a.Copies) > 0 {
			return true
		}
	}
	return false
}

// mostMade is how many components the copies of an assembly may come to.
const mostMade = 20_000

// Expand puts copies and their relations into a document, where their originals are solved to without them. Assemblies come from the lowest up. A document
// without copies stays as it is. It takes an account for each assembly with copies, and beyond it time linear in copies.
func Expand(ctx context.Context, doc *assembly.Document) (*Expanded, error) {
	out := &Expanded{Document: doc}
	if !Has(doc) {
		return out, nil
	}
	open := *doc
	open.Assemblies = maps.Clone(doc.Assemblies)
	out.Document = &open
	err := doc.FromBelow(func(name string, a *assembly.Assembly) error {
		if len(a.Copies) == 0 {
			return nil
		}
		return out.all(ctx, name, a)
	})
	if err != nil {
		return nil, err
	}
	return out, nil
}

// all lays the copies of one assembly out.
func (x *Expanded) all(ctx context.Context, name string, a *assembly.Assembly) error {
	acc, err := account.TakeAtRest(ctx, x.Document, name)
	if err != nil {
		return err
	}
	settled := account.Settled(x.Document, acc.Report)
	made := *a
	made.Components, made.Mates, made.Fits = slices.Clone(a.Components), slices.Clone(a.Mates), slices.Clone(a.Fits)
	made.Planned, made.Stacks = slices.Clone(a.Planned), slices.Clone(a.Stacks)
	r := &repeating{doc: settled, asm: settled.Assemblies[name], made: &made}
	for i := range a.Copies {
		if ctx.Err() != nil {
			return context.Cause(ctx)
		}
		c := &a.Copies[i]
		set := Set{Name: c.Name, Of: c.Of, How: How(c), LeftOut: []LeftOut{}}
		if name != x.Root {
			set.In = name
		}
		if err := r.lay(c, &set); err != nil {
			set.Why = err.Error()
			if x.Failed == nil {
				x.Failed = assembly.Faultf("assemblies."+name+".copies."+c.Name, "%v", err)
			}
		}
		x.Sets = append(x.Sets, set)
	}
	x.Assemblies[name] = made.Seal()
	return nil
}

// How is the word for where copies go.
func How(c *assembly.Copies) string {
	switch {
	case len(c.Linear) > 0:
		return "linear"
	case c.Circular != nil:
		return "circular"
	}
	return "places"
}

// repeating lays the copies of one assembly out.
type repeating struct {
	doc  *assembly.Document // solved, with the copies of all below
	asm  *assembly.Assembly
	made *assembly.Assembly
}

// lay makes all copies of a set: their components first, so that where they stand is known, then what relates them.
func (r *repeating) lay(c *assembly.Copies, set *Set) error {
	poses, err := Poses(r.doc, r.asm, c)
	if err != nil {
		return err
	}
	if len(poses)*len(c.Of) > mostMade {
		return fmt.Errorf("%d copies of %d are more than %d components", len(poses), len(c.Of), mostMade)
	}
	owner := assembly.Owner{Copies: c.Name}
	var sides []*carry.Side
	var numbers []int
	for i, pose := range poses {
		n := i + 2
		if slices.Contains(c.Except, n) {
			continue
		}
		s := &carry.Side{From: &carry.World{Doc: r.doc, Asm: r.asm}, Motion: carry.Rigid(pose), To: map[string]string{}, IDs: map[string]string{},
			Called: func(id string) string { return fmt.Sprintf("%s/%d/%s", c.Name, n, id) }, Shifts: true}
		for _, name := range c.Of {
			k := r.asm.Component(name)
			if k == nil {
				continue
			}
			q := *k
			q.Name, q.Owner, q.Pose = s.Called(name), owner, pose.Mul(k.Pose)
			s.To[name] = q.Name
			r.made.Components = append(r.made.Components, &q)
		}
		sides, numbers = append(sides, s), append(numbers, n)
	}
	set.Copies = len(sides)
	at := assembly.Assembly{Components: append(slices.Clone(r.asm.Components), r.made.Components[len(r.asm.Components):]...)}
	world := &carry.World{Doc: r.doc, Asm: at.Seal()}
	for i, s := range sides {
		s.Made = world
		got, err := r.one(s, c, set, numbers[i])
		if err != nil {
			return err
		}
		set.Relations += len(got)
	}
	return nil
}

// one brings the relations of one copy along, and what else stands on its components.
func (r *repeating) one(s *carry.Side, c *assembly.Copies, set *Set, n int) ([]*assembly.Mate, error) {
	var next assembly.Assembly
	s.Relations(r.asm, &next)
	ties, tied := r.ties(s)
	owner := assembly.Owner{Copies: c.Name}
	kept := func(m *assembly.Mate) bool { // what stands on nothing but copies that are held is said by that
		return slices.ContainsFunc(m.Refs(), func(ref assembly.Ref) bool { return copyOf(s, ref) && !tied[ref.Head()] })
	}
	gone := map[string]bool{}
	mates := ties
	for _, m := range next.Mates {
		if m.IsCoupling() && (gone[m.JointA] || gone[m.JointB]) || !m.IsCoupling() && !kept(m) {
			gone[m.ID] = true
			continue
		}
		mates = append(mates, m)
	}
	for _, m := range mates {
		m.Owner = owner
	}
	r.made.Mates = append(r.made.Mates, mates...)
	for _, p := range next.Planned {
		if !gone[p.Joint] && !tied[p.Component] {
			p.Owner = owner
			r.made.Planned = append(r.made.Planned, p)
		}
	}
	for _, l := range s.Left {
		held := false
		if m := r.asm.Mate(l.Mate); m != nil && !m.IsCoupling() {
			held = true
			for _, ref := range m.Refs() {
				if to := s.To[ref.Head()]; to != "" && !tied[to] && !r.asm.Component(ref.Head()).Grounded {
					held = false
				}
			}
		}
		set.LeftOut = append(set.LeftOut, LeftOut{n, l.Mate, l.Why, held})
	}
	r.fits(s, owner)
	return mates, r.stacks(s, c, owner)
}

func copyOf(s *carry.Side, ref assembly.Ref) bool {
	for _, to := range s.To {
		if to == ref.Head() {
			return true
		}
	}
	return false
}

// ties hold the components to their originals whose relations did not all come along.
func (r *repeating) ties(s *carry.Side) (mates []*assembly.Mate, tied map[string]bool) {
	tied = map[string]bool{}
	for _, l := range s.Left {
		m := r.asm.Mate(l.Mate)
		if m == nil || m.IsCoupling() {
			continue
		}
		for _, ref := range m.Refs() {
			name := ref.Head()
			c := r.asm.Component(name)
			to := s.To[name]
			if to == "" || tied[to] || c.Grounded || c.Flexible {
				continue
			}
			if feature := r.held(s, c); feature != "" {
				k := &assembly.Mate{ID: s.Called("held-" + name), Type: "fastened", A: assembly.Ref{Path: []string{name}, Feature: feature},
					B: assembly.Ref{Path: []string{to}, Feature: feature}}
				if s.Fasten(k) == nil {
					tied[to] = true
					mates = append(mates, k)
				}
			}
		}
	}
	return mates, tied
}

// held is a direction of a component that the motion leaves as it is: about it a copy can be fastened to its original.
func (r *repeating) held(s *carry.Side, c *assembly.Component) string {
	for _, name := range []string{"origin", "x", "y"} {
		z := c.Pose.Dir(axisOf[name])
		if alike(s.Motion.Dir(z), z) {
			return name
		}
	}
	if p := r.doc.Parts[c.Part]; p != nil {
		for _, n := range p.Order {
			f := p.Features[n]
			if z := c.Pose.Dir(f.Z); f.HasDirection() && alike(s.Motion.Dir(z), z) {
				return n
			}
		}
	}
	return ""
}

var axisOf = map[string]geom.Vec{"origin": geom.V(0, 0, 1), "x": x, "y": y}

// fits brings overlaps along that are meant.
func (r *repeating) fits(s *carry.Side, owner assembly.Owner) {
	for _, f := range r.asm.Fits {
		k := f
		k.Owner = owner
		copied := false
		for _, ref := range []*assembly.Ref{&k.A, &k.B} {
			if to := s.To[ref.Head()]; to != "" {
				ref.Path, copied = append([]string{to}, ref.Path[1:]...), true
			} else if ref.Feature != "" {
				if other, _, err := s.End(*ref); err == nil {
					*ref = other
				}
			}
		}
		if copied {
			r.made.Fits = append(r.made.Fits, k)
		}
	}
}

// stacks copies stacks.
func (r *repeating) stacks(s *carry.Side, c *assembly.Copies, owner assembly.Owner) error {
	for _, name := range c.Of {
		st := r.asm.Stack(name)
		if st == nil {
			continue
		}
		k, err := s.Stack(st, s.Called(name))
		if err != nil {
			return err
		}
		k.Owner = owner
		r.made.Stacks = append(r.made.Stacks, k)
	}
	return nil
}
