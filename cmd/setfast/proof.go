package main

import (
	"context"
	"crypto/sha256"
	"encoding/hex"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"os/signal"
	"path/filepath"
	"strings"

	"setfast/app/words"
	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/attest"
	"setfast/core/clash"
	"setfast/core/laid"
	"setfast/core/report"
	"setfast/core/sheet"
	"setfast/core/sweep"
	"setfast/core/variant"
)

// runProof gathers a check for a signature: 0 if it passes, 1 if not, 2 unreadable.
func runProof(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {verdict, digest, levels, motions, doubled, findings, dismissed, clash, joints, values, variants, measures, parts, mass_kg}")
	pdf := c.String("pdf", "", "write pages to be signed to this `file`")
	force := c.Bool("force", false, "overwrite a file that is there")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	ctx, cancel := signal.NotifyContext(context.Background(), os.Interrupt)
	defer cancel()
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	m, err := readMoving(ctx, files[0], c.in, *unfenced)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	defer m.close()
	p, rep, err := m.proof(ctx, files[0])
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *pdf != "" {
		err := free(*pdf, *force)
		if err == nil {
			err = m.proofPDF(ctx, p, rep, *pdf)
		}
		if err != nil {
			return c.fail("%s could not be written: %v", *pdf, plain(err))
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(p)
	} else {
		err = tellProof(c.out, p)
	}
	if err != nil {
		return c.fail("the proof could not be written: %v", plain(err))
	}
	if !p.Passes() {
		return 1
	}
	return 0
}

// proof makes the proof of the root of a file.
func (m *moving) proof(ctx context.Context, file string) (*attest.Proof, *report.Report, error) {
	said, err := readSaid(file, strings.NewReader(""), nil)
	if err != nil {
		return nil, nil, err
	}
	g := attest.Given{Doc: m.doc, Files: map[string]string{}}
	if g.Written, _, err = load(file, strings.NewReader("")); err != nil {
		return nil, nil, err
	}
	for _, p := range said.Parts {
		if name := p.Source.Path; name != "" {
			if g.Files[name], err = sumOf(file, name); err != nil {
				return nil, nil, err
			}
		}
	}
	x, err := laid.Out(ctx, said, nil)
	if err != nil {
		return nil, nil, err
	}
	for _, j := range x.Joints {
		if j.In == "" {
			g.Joints = append(g.Joints, j)
		}
	}
	if g.Report, err = account.Check(ctx, m.doc, nil); err != nil {
		return nil, nil, err
	}
	items, err := m.items(g.Report)
	if err != nil {
		return nil, nil, err
	}
	if g.Clash, err = clash.Rest(ctx, items, m.options(0)); err != nil {
		return nil, nil, err
	}
	root := m.doc.Assemblies[m.doc.Root]
	m.o.Least = -1
	err = g.Moving(ctx, root, mostUses, func(joint, of string) (*sweep.Travelled, error) {
		return sweep.Travel(ctx, m.a.Study(ctx), m.parts, joint, of, m.o)
	}, func(d assembly.Drive) (*sweep.Done, error) { return sweep.Drive(ctx, m.a.Study(ctx), m.parts, d, m.o) })
	if err != nil {
		return nil, nil, err
	}
	if all := said.Assemblies[said.Root].Variants; len(all) > 0 {
		if g.Columns, err = variant.Run(ctx, said, variant.Columns(all)); err != nil {
			return nil, nil, err
		}
	}
	g.Source = func(key string) (string, string) {
		p := m.doc.Parts[key]
		if p == nil || p.Source.Path == "" {
			return "", ""
		}
		return p.Source.Path, g.Files[p.Source.Path]
	}
	return attest.Of(g), g.Report, nil
}

// sumOf is the sum of a file that a document names.
func sumOf(document, name string) (string, error) {
	data, err := os.ReadFile(filepath.Join(filepath.Dir(document), filepath.FromSlash(name)))
	if err != nil {
		return "", plain(err)
	}
	sum := sha256.Sum256(data)
	return hex.EncodeToString(sum[:]), nil
}

func tellProof(w io.Writer, p *attest.Proof) error {
	for _, t := range words.Attested(p, "mm") {
		fmt.Fprintf(w, "%s\n", t.Title)
		if len(t.Rows) == 0 {
			fmt.Fprintf(w, "  %s\n", t.None)
		}
		for _, r := range t.Rows {
			var bits []string
			for i, cell := range r {
				if cell != "" {
					bits = append(bits, t.Head[i]+" "+cell)
				}
			}
			fmt.Fprintf(w, "  %s\n", strings.Join(bits, ", "))
		}
	}
	_, err := fmt.Fprintf(w, "%s: %s\n%s\n", p.Root, p.Verdict, p.Digest)
	return err
}

// proofPDF writes the pages to be signed.
func (m *moving) proofPDF(ctx context.Context, p *attest.Proof, rep *report.Report, file string) error {
	wants, _, err := m.subject(rep).Views([]string{"iso"})
	var likeness *sheet.Drawing
	if err == nil { // without shapes there is no picture
		if likeness, err = sheet.Picture(ctx, &wants[0], 120, 80); err != nil {
			return err
		}
	}
	pages := words.ProofPages(p, "mm", likeness, nil)
	return into(pages.Write)(file)
}
