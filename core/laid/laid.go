// Package laid lays a document out: copies first, then the stacks that go through what is there, copies included. What is judged, drawn and measured is
// the document laid out; what is written is the document as it is said.
package laid

import (
	"context"

	"setfast/core/assembly"
	"setfast/core/fasten"
	"setfast/core/repeat"
)

// Laid is a document laid out.
type Laid struct {
	*assembly.Document
	Joints []fasten.Joint // of its stacks
	Sets   []repeat.Set   // of its copies
	Failed error          // why something could not be laid out, the first of all: what it stands for is missing then
}

// Finds tells whether anything is wrong with a joint.
func (l *Laid) Finds() bool {
	for _, j := range l.Joints {
		if len(j.Findings) > 0 {
			return true
		}
	}
	return false
}

// Has tells whether there is anything to lay out.
func Has(doc *assembly.Document) bool { return repeat.Has(doc) || fasten.Has(doc) }

// Out lays a document out, with parts of a catalogue; nil is that of the tables. A document in which nothing is to be laid out stays as it is.
func Out(ctx context.Context, doc *assembly.Document, parts fasten.Catalogue) (*Laid, error) {
	r, err := repeat.Expand(ctx, doc)
	if err != nil {
		return nil, err
	}
	f, err := fasten.Expand(ctx, r.Document, parts)
	if err != nil {
		return nil, err
	}
	out := &Laid{Document: f.Document, Joints: f.Joints, Sets: r.Sets, Failed: r.Failed}
	if out.Failed == nil {
		out.Failed = f.Failed
	}
	return out, nil
}
