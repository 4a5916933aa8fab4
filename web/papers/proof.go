package papers

import (
	"bytes"
	"html/template"
	"net/http"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/attest"
	"setfast/core/sheet"
	"setfast/web/ask"
)

// The picture on a proof, mm.
const (
	likenessWide = 120
	likenessHigh = 80
)

type proofView struct {
	head
	Proof      *attest.Proof
	Tables     []attest.Table
	Picture    template.HTML
	Signatures []signatureView
	Why        string
	Passes     bool
	Caution    string
}

type signatureView struct {
	app.Signature
	Holds bool // nothing has changed since
}

// proof shows the check of an assembly and of all below it: the page first, what takes its time after.
func (p *Papers) proof(c *echo.Context, n int64) error {
	h, err := p.head(c, n, "proof", "Proof")
	if err != nil {
		return err
	}
	v := proofView{head: h, Caution: words.Caution}
	as := c.QueryParam("as")
	if as == "" {
		return c.Render(http.StatusOK, "paper_proof.html", v)
	}
	ctx := c.Request().Context()
	if v.Proof, err = p.App.Proof(ctx, n); err != nil {
		if msg, ok := refused(err); ok && as == "page" {
			v.Why = msg
			return c.Render(http.StatusOK, "proofpage", v)
		}
		return err
	}
	v.Passes = v.Proof.Passes()
	likeness, err := p.App.Likeness(ctx, n, likenessWide, likenessHigh)
	if _, ok := refused(err); err != nil && !ok { // without shapes there is no picture
		return err
	}
	signatures, err := p.App.Signatures(ctx, n)
	if err != nil {
		return err
	}
	for _, s := range signatures {
		v.Signatures = append(v.Signatures, signatureView{s, s.Digest == v.Proof.Digest})
	}
	unit := words.Units(h.Project.Unit)
	if as == "pdf" {
		return p.proofPDF(c, &v, unit, likeness)
	}
	if v.Picture, err = inline(likeness); err != nil {
		return err
	}
	v.Tables = words.Attested(v.Proof, unit)
	return c.Render(http.StatusOK, "proofpage", v)
}

func (p *Papers) proofPDF(c *echo.Context, v *proofView, unit words.Units, likeness *sheet.Drawing) error {
	var lines []string
	for _, s := range v.Signatures {
		if s.Holds {
			line := s.Who + ", " + s.At.Format("2006-01-02 15:04 MST")
			if s.Note != "" {
				line += ": " + s.Note
			}
			lines = append(lines, line)
		}
	}
	var out bytes.Buffer
	if err := words.ProofPages(v.Proof, unit, likeness, lines).Write(&out); err != nil {
		return err
	}
	return blob(c, v.Asm.Name+", proof.pdf", "application/pdf", out.Bytes())
}

// sign keeps a signature under the proof that was looked at, by the name that somebody is signed in with.
func (p *Papers) sign(c *echo.Context, n int64) error {
	who := ask.Who(c).Name
	if ask.Who(c).Solo { // nobody is known by name
		who = c.FormValue("who")
	}
	if err := p.App.Sign(c.Request().Context(), n, who, c.FormValue("note"), c.FormValue("digest")); err != nil {
		return err
	}
	return c.Redirect(http.StatusSeeOther, "/a/"+c.Param("asm")+"/proof")
}
