package app

import (
	"cmp"
	"context"
	"encoding/json"
	"slices"
	"time"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/attest"
	"setfast/core/sheet"
	"setfast/core/sweep"
	"setfast/core/variant"
	"setfast/store"
)

// mostTravels is how many coordinates that are meant to move are taken to their first contact for a proof.
const mostTravels = 12

// Proof gathers the check of an assembly and of all below it.
func (a *App) Proof(ctx context.Context, id int64) (*attest.Proof, error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	if len(j.Gaps) > 0 {
		return nil, words.Refuse("something is missing here, so that nothing is proved: %s", j.Gaps[0].Why)
	}
	saved, err := a.Save(ctx, id)
	if err != nil {
		return nil, err
	}
	g := attest.Given{Doc: j.Doc, Report: j.Report, Joints: j.Joints(), Written: saved.Document, Files: map[string]string{},
		Source: func(key string) (string, string) {
			row := j.Parts[key]
			return row.SourceName, row.SourceSHA256
		}}
	for _, f := range saved.Files {
		g.Files[f.Name] = f.SHA256
	}
	if g.Clash, err = a.Clashes(ctx, id); err != nil {
		return nil, err
	}
	err = g.Moving(ctx, j.Asm, mostTravels, func(joint, of string) (*sweep.Travelled, error) { return a.Travel(ctx, id, joint, of) }, func(d assembly.Drive) (*sweep.Done, error) {
		ran, err := a.Run(ctx, id, d, nil)
		if err != nil {
			return nil, err
		}
		return ran.Done, nil
	})
	if err != nil {
		return nil, err
	}
	if all := j.Asm.Variants; len(all) > 0 {
		if g.Columns, err = a.Variants(ctx, id, variant.Columns(all)); err != nil {
			return nil, err
		}
	}
	return attest.Of(g), nil
}

// Likeness is a picture of an assembly from its corner.
func (a *App) Likeness(ctx context.Context, id int64, wide, high float64) (out *sheet.Drawing, err error) {
	j, err := a.Judge(ctx, id)
	if err != nil {
		return nil, err
	}
	return a.likeness(ctx, j, nil, wide, high)
}

// likeness is a picture of what was judged; what is told by bold is drawn wide.
func (a *App) likeness(ctx context.Context, j *Judged, bold func(component string) bool, wide, high float64) (out *sheet.Drawing, err error) {
	s, err := a.subjectOf(ctx, j)
	if err != nil {
		return nil, err
	}
	wants, _, err := s.Views([]string{"iso"})
	if err != nil {
		return nil, words.Refuse("%s", err)
	}
	wants[0].Bold = bold
	ctx, cancel := context.WithTimeout(ctx, a.Limits.Check)
	defer cancel()
	err = a.work(ctx, func() error {
		out, err = sheet.Picture(ctx, &wants[0], wide, high)
		return words.Plainly(ctx, err)
	})
	return out, err
}

// Signature is that of somebody who has looked at a proof.
type Signature struct {
	Who    string    `json:"who"`
	At     time.Time `json:"at"`
	Note   string    `json:"note,omitempty"`
	Digest string    `json:"digest"`
}

// signed is the kind under which signatures are kept; only Sign writes them.
const signed = "signature"

// Signatures are those of an assembly, the latest first.
func (a *App) Signatures(ctx context.Context, id int64) ([]Signature, error) {
	all, err := a.Store.KeptOf(ctx, id)
	if err != nil {
		return nil, err
	}
	var out []Signature
	for _, k := range all {
		var s Signature
		if k.Kind == signed && json.Unmarshal(k.Data, &s) == nil {
			out = append(out, s)
		}
	}
	slices.SortFunc(out, func(p, q Signature) int { return cmp.Compare(q.At.UnixNano(), p.At.UnixNano()) })
	return out, nil
}

// Sign keeps a signature under the proof as it stands; digest is that of the page that was looked at.
func (a *App) Sign(ctx context.Context, id int64, who, note, digest string) error {
	who, err := words.Name("your name", who, words.MostName)
	if err != nil {
		return err
	}
	if note, err = words.Text("the note", note, words.MostProject); err != nil {
		return err
	}
	p, err := a.Proof(ctx, id)
	if err != nil {
		return err
	}
	switch {
	case p.Digest != digest:
		return words.Refuse("the assembly has changed since this page was made: look at it again")
	case !p.Passes():
		return words.Refuse("it does not pass as it is, so there is nothing to sign: it is %s", p.Verdict)
	}
	if all, err := a.Store.KeptOf(ctx, id); err != nil || len(all) >= mostBeside {
		return cmp.Or(err, words.Refuse("%d things are kept beside this assembly; take some away first", mostBeside))
	}
	now := time.Now().UTC()
	data, err := json.Marshal(Signature{who, now, note, digest})
	if err != nil {
		return err
	}
	return a.Store.Keep(ctx, id, store.Kept{Kind: signed, Name: now.Format(time.RFC3339Nano), Data: data})
}
