package words

import (
	"fmt"

	"setfast/core/attest"
	"setfast/core/part"
	"setfast/core/sheet"
	"setfast/paper"
)

// Caution is what stands on every proof.
const Caution = "Fit and constraints are geometry, not strength. Where a design can hurt someone, local codes and licensed practice decide."

// ProofPages are the pages of a proof; signed are the lines of signatures, places for them where there are none.
func ProofPages(p *attest.Proof, unit Units, likeness *sheet.Drawing, signed []string) *paper.Pages {
	out := &paper.Pages{Title: "Proof of " + or(p.Name, p.Root), Sub: p.Number, Picture: likeness, Tables: Attested(p, unit), Sign: signed, Foot: Caution}
	out.Lead = []string{"Verdict: " + string(p.Verdict)}
	if l := p.Levels; len(l) > 0 {
		out.Lead = append(out.Lead, fmt.Sprintf("Opening %d · removed %d · left %d · planned %d · idle %d · loose %d", l[0].Opening, l[0].Removed, l[0].Left, l[0].Planned, l[0].Idle, l[0].Loose))
	}
	if p.Mass != nil {
		out.Lead = append(out.Lead, "Mass "+part.Number(*p.Mass)+" kg")
	}
	out.Lead = append(out.Lead, "Digest of what was checked: "+p.Digest)
	if len(signed) == 0 {
		out.Sign = []string{"Checked by, date", "Approved by, date"}
	}
	return out
}
