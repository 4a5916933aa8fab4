// Package laid lays a document out: copies first, then the stacks that go through what is there, copies included. What is judged, drawn and measured is
// the document laid out; what is written is the document as it is said.
package laid

import (
	"context"
	"fmt"
	"strings"

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
	out.likeOriginals()
	return out, nil
}

// likeOriginals sees that copied stacks go through as many parts as their originals: where they do not, a hole is wanting.
func (l *Laid) likeOriginals() {
	plates := map[string]int{}
	for _, j := range l.Joints {
		for _, s := range j.Sections {
			if s.Kind == "plate" {
				plates[j.In+"\x00"+j.Name]++
			}
		}
	}
	for _, set := range l.Sets {
		for i := range l.Joints {
			j := &l.Joints[i]
			part := strings.SplitN(j.Name, "/", 3)
			if j.In != set.In || len(part) < 3 || part[0] != set.Name {
				continue
			}
			if has, wants := plates[j.In+"\x00"+j.Name], plates[j.In+"\x00"+part[2]]; has < wants && j.Length > 0 {
				j.Findings = append(j.Findings, fmt.Sprintf("goes through %d parts where its original goes through %d: a hole is wanting", has, wants))
			}
		}
	}
}
