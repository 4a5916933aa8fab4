package app

import (
	"context"
	"encoding/json"
	"slices"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/cam"
	"setfast/core/edit"
	"setfast/core/format"
	"setfast/core/gearing"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relate"
)

// Proposed is a way to seat a component, ready to be taken over.
type Proposed struct {
	Kind    string               `json:"kind"`
	Says    string               `json:"says"`
	Left    int                  `json:"left"`
	Apart   float64              `json:"apart_mm"`
	Through []string             `json:"through"` // components it would pass through
	Now     bool                 `json:"now"`
	Mates   []json.RawMessage    `json:"mates"`
	Lines   []string             `json:"lines"` // the relations as sentences
	Poses   map[string]geom.Pose `json:"poses"`
	Places  []edit.Component     `json:"places"` // more of the part
	At      *[3]float64          `json:"at,omitempty"`
}

// shaped gathers an assembly with the surfaces of its parts.
func (a *App) shaped(ctx context.Context, id int64) (*Judged, relate.Shapes, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, nil, err
	}
	shapes := map[string][]part.Surface{}
	for key, row := range j.Parts {
		if shapes[key], err = a.surfaces(ctx, row.DerivedSHA256); err != nil {
			return nil, nil, err
		}
	}
	return j, func(key string) []part.Surface { return shapes[key] }, nil
}

// CamLaw works the law of a cam out from its edge and its follower.
func (a *App) CamLaw(ctx context.Context, id int64, say cam.Said) (*cam.Law, error) {
	j, shapes, err := a.shaped(ctx, id)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var law *cam.Law
	err = a.work(ctx, func() (err error) {
		law, err = cam.Of(ctx, j.Doc, j.account, say, func(key, face string) [][]geom.Vec { return part.Border(shapes(key), face) })
		if err != nil && ctx.Err() == nil {
			return words.Refuse("%s", err)
		}
		return words.Plainly(ctx, err)
	})
	return law, err
}

// Mesh reads how the teeth mesh that turn and slide with two joints.
func (a *App) Mesh(ctx context.Context, id int64, jointA, jointB string) (*gearing.Mesh, error) {
	j, shapes, err := a.shaped(ctx, id)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	var m *gearing.Mesh
	err = a.work(ctx, func() (err error) {
		m, err = gearing.Of(ctx, j.Doc, j.account, jointA, jointB, gearing.Surfaces(shapes))
		if err != nil && ctx.Err() == nil {
			return words.Refuse("%s", err)
		}
		return words.Plainly(ctx, err)
	})
	return m, err
}

// finding works ways to seat a component out, on the assembly with its shapes.
func (a *App) finding(ctx context.Context, id int64, find func(ctx context.Context, j *Judged, shapes relate.Shapes) ([]Proposed, error)) (out []Proposed, err error) {
	j, shapes, err := a.shaped(ctx, id)
	if err != nil {
		return nil, err
	}
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	err = a.work(ctx, func() (err error) {
		if out, err = find(ctx, j, shapes); err != nil && ctx.Err() != nil {
			err = words.Plainly(ctx, err)
		}
		return err
	})
	if out == nil {
		out = []Proposed{}
	}
	return out, err
}

// Following proposes what would seat a component; the last of the answer, where any, are places like them that are taken.
func (a *App) Following(ctx context.Context, id int64, component string) ([]Proposed, error) {
	return a.finding(ctx, id, func(ctx context.Context, j *Judged, shapes relate.Shapes) (out []Proposed, err error) {
		list, taken, err := relate.Following(ctx, j.Doc, j.Doc.Root, component, shapes)
		if err != nil {
			return nil, words.Refuse("%s", err)
		}
		for _, n := range list {
			if slices.ContainsFunc(n.Mates, j.onMade) {
				continue // what a stack places is the stack's
			}
			p := Proposed{Kind: n.Kind, Says: n.Says, Left: n.Left, Apart: n.Apart, At: n.At, Through: n.Through, Poses: n.Poses, Places: []edit.Component{}}
			if err := p.say(j, n.Mates); err != nil {
				return nil, err
			}
			for _, c := range n.Places {
				p.Places = append(p.Places, edit.NewPlace(c).Component)
			}
			out = append(out, p)
		}
		for _, x := range taken {
			out = append(out, Proposed{Kind: "taken", At: &x.At, Through: []string{}, Mates: []json.RawMessage{}, Lines: []string{}, Places: []edit.Component{}})
		}
		return out, nil
	})
}

// Seatings lists the ways in which a component can sit where its relations have it.
func (a *App) Seatings(ctx context.Context, id int64, component string) ([]Proposed, error) {
	return a.finding(ctx, id, func(ctx context.Context, j *Judged, shapes relate.Shapes) (out []Proposed, err error) {
		list, err := relate.Seatings(ctx, j.Doc, j.Doc.Root, component, shapes)
		if err != nil {
			return nil, words.Refuse("%s", err)
		}
		for _, s := range list {
			p := Proposed{Kind: "seating", Says: s.Says, Left: s.Left, Now: s.Now, Through: s.Through, Poses: map[string]geom.Pose{component: s.Pose}, Places: []edit.Component{}}
			if err := p.say(j, s.Mates); err != nil {
				return nil, err
			}
			out = append(out, p)
		}
		return out, nil
	})
}

// say writes relations as documents have them and as sentences.
func (p *Proposed) say(j *Judged, list []*assembly.Mate) error {
	p.Mates, p.Lines = []json.RawMessage{}, []string{}
	asm := j.Doc.Assemblies[j.Doc.Root]
	for i, m := range list {
		k := *m
		if asm.Mate(m.ID) == nil { // a new one is named when it is taken over
			k.ID = m.Descriptor().Stem + " " + string(rune('a'+i%26))
		}
		raw, err := json.Marshal(format.MateObject(&k))
		if err != nil {
			return err
		}
		p.Mates = append(p.Mates, raw)
		p.Lines = append(p.Lines, words.Relation(j.Doc, asm, m))
	}
	return nil
}
