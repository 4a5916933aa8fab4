package web_test

import (
	"bytes"
	"context"
	"fmt"
	"os"
	"strings"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/web/drive"
)

// TestSeamsAreNoEdges points into the holes of the public test assembly's plate, at the very places where their halves meet: what answers
// is the hole, whatever may be picked, and a typed search lists each hole once.
func TestSeamsAreNoEdges(t *testing.T) {
	w := browser(t, false)
	ctx := context.Background()
	project, err := theApp.Store.CreateProject(ctx, "Seams")
	w.ok(err)
	as1, err := os.ReadFile("../kernel/testdata/as1-oc-214.stp")
	w.ok(err)
	_, files, err := theApp.Stage(ctx, project, app.Files(app.Incoming{Name: "as1.stp", From: bytes.NewReader(as1)}))
	w.ok(err)
	_, err = theApp.ReadStaged(ctx, project, files[0].ID)
	w.ok(err)
	parts, err := theApp.Store.Parts(ctx, project)
	w.ok(err)
	plate := ""
	for _, p := range parts {
		if p.Name == "plate" {
			plate = p.Key()
		}
	}
	as, err := theApp.Store.Assemblies(ctx, project)
	w.ok(err)
	id := as[0].ID
	j, err := theApp.Judge(ctx, id)
	w.ok(err)
	for _, c := range j.Asm.Components {
		p, err := theApp.Do(ctx, id, "test", commands.Meant{Base: j.Seq, Command: commands.Remove{Component: c.Name}})
		w.ok(err)
		j = p.Judged
	}
	_, err = theApp.Do(ctx, id, "test", commands.Meant{Base: j.Seq, Command: commands.Place{Items: []string{plate}}})
	w.ok(err)
	w.ok(w.Go(fmt.Sprintf("%s/a/%d", address, id)))
	w.until(`document.body.dataset.seq && setfast.refs("plate").length > 0`)
	if s := w.text(`(() => { const s = setfast.stage.comps.get("plate").uses[0].shape; return [s.seams.size, s.edgeList.filter((e) => e.f.seam).length].join(" "); })()`); s != "12 0" {
		t.Errorf("seams, and those that can be picked: %s", s)
	}
	seams := strings.Fields(w.text(`setfast.refs("plate").filter((r) => setfast.stage.comps.get("plate").uses[0].shape.byName.get(r.ref.split("/").pop()).seam).map((r) => r.ref).join(" ")`))
	for _, filter := range []string{"all", "axis"} {
		w.run(fmt.Sprintf(`document.querySelector("[data-filter=%s]").click()`, filter))
		hit := 0
		for _, ref := range seams {
			at, err := drive.Eval[[]float64](w.Page, fmt.Sprintf("setfast.where(%q)", ref))
			w.ok(err)
			w.ok(w.MoveTo(at[0], at[1]))
			under := w.text(`document.querySelector("#under").textContent`)
			if strings.Contains(under, "("+last(ref)+")") {
				t.Errorf("under %s, the seam %s answers: %q", filter, ref, under)
			}
			if strings.Contains(under, "Ø10 hole") {
				hit++
			}
		}
		if filter == "axis" && hit < 8 {
			t.Errorf("only %d of %d places on a seam answer as a hole", hit, len(seams))
		}
	}
	w.click("[data-slot=put] input")
	w.keys("hole plate")
	w.until(`!document.querySelector("#choices").hidden`)
	if n := w.text(`String([...document.querySelectorAll("#choices li")].filter((l) => l.textContent.includes("Ø10 hole")).length)`); n != "6" {
		t.Errorf("six holes are listed as %s", n)
	}
}
