package web_test

import (
	"bytes"
	"context"
	"fmt"
	"os"
	"testing"

	"setfast/app"
)

// TestShelfFields types into one field after another without waiting: nothing typed is lost, the focus stays, and what the server refuses
// or cannot be told stays typed and is said.
func TestShelfFields(t *testing.T) {
	w := browser(t, false)
	id, _ := sampleProject(t)
	where, stop := serving(t, "127.0.0.1:0")
	w.ok(w.Go(fmt.Sprintf("http://%s/p/%d", where, id)))
	w.until(`document.body.dataset.ready === "yes"`)
	field := func(name string) string { return w.text(`document.querySelector(".part [name=` + name + `]").value`) }
	name, number, revision := field("name"), field("number"), field("revision")

	w.click(".part [name=name]")
	w.keys("!\t") // and on, while it is being saved
	w.keys("GV-")
	w.until(`document.querySelector(".part .saved").textContent === "Name saved"`)
	w.keys("9")
	if s := w.text(`document.activeElement.name`); s != "number" {
		t.Errorf("the focus went to %q", s)
	}
	w.keys("\tC\t")
	// the two are saved at once, and either may be told last
	w.until(`document.querySelector(".part [name=number]").defaultValue === "GV-9" && document.querySelector(".part [name=revision]").defaultValue === "C"`)
	w.until(`/^(Number|Revision) saved$/.test(document.querySelector(".part .saved").textContent)`)
	if field("number") != "GV-9" || field("revision") != "C" {
		t.Errorf("typed GV-9 and C, there are %q and %q", field("number"), field("revision"))
	}

	w.run(`(() => { const i = document.querySelector(".part [name=density]"); i.focus(); i.select(); })()`)
	w.keys("heavy\t")
	w.until(`document.querySelector(".part .saved.bad")?.textContent.includes("Density is a number")`)
	if field("density") != "heavy" || w.text(`document.querySelector(".part [name=density]").getAttribute("aria-invalid")`) != "true" {
		t.Errorf("what was refused is not kept and marked: %q", field("density"))
	}
	w.run(`(() => { const i = document.querySelector(".part [name=density]"); i.focus(); i.select(); })()`)
	w.keys("7850\t")
	w.until(`document.querySelector(".part .saved:not(.bad)").textContent === "Density saved"`)

	stop()
	w.run(`(() => { const i = document.querySelector(".part [name=number]"); i.focus(); i.select(); })()`)
	w.keys("GV-10\t")
	w.until(`document.querySelector(".part .saved.bad")?.textContent.includes("Number not saved: the server does not answer; trying again")`)
	w.run(`(() => { document.querySelector("#aname").value = "While away"; document.querySelector("#aname").form.requestSubmit(); })()`)
	w.until(`document.querySelector("#notice:not([hidden])")?.textContent.includes("What you typed is kept")`)
	other := browser(t, false)
	_, stop = serving(t, where)
	other.ok(other.Go(fmt.Sprintf("http://%s/", where)))
	stop()
	other.click("#find")
	other.keys("ridge")
	other.until(`document.querySelector("#notice:not([hidden])")?.textContent.includes("may be old")`)
	_, stop = serving(t, where)
	defer stop()
	w.until(`document.querySelector(".part .saved:not(.bad)").textContent === "Number saved"`)
	w.until(`document.querySelector("#notice").textContent.includes("answers again")`)
	if s := w.text(`document.querySelector("#aname").value`); s != "While away" {
		t.Errorf("the form holds %q", s)
	}
	w.ok(w.Go(w.text("location.href")))
	w.until(`document.body.dataset.ready === "yes" && document.querySelector(".part [name=number]").value === "GV-10"`)
	if field("name") != name+"!" && field("name") != "!" {
		t.Errorf("the name is %q", field("name"))
	}
	for n, v := range map[string]string{"name": name, "number": number, "revision": revision} { // as it was
		w.run(fmt.Sprintf(`(() => { const i = document.querySelector(".part [name=%s]"); i.value = %q; i.dispatchEvent(new Event("change", {bubbles: true})); })()`, n, v))
		w.until(`document.querySelector(".part .saved:not(.bad)").textContent.toLowerCase().startsWith("` + n + `")`)
	}
}

// TestShelfGoesOn leaves the Shelf while files are read: the server reads on, and on return all that is unfinished is shown.
func TestShelfGoesOn(t *testing.T) {
	w := browser(t, false)
	ctx := context.Background()
	project, err := theApp.Store.CreateProject(ctx, "Goes on")
	w.ok(err)
	as1, err := os.ReadFile("../kernel/testdata/as1-oc-214.stp")
	w.ok(err)
	w.ok(w.Go(fmt.Sprintf("%s/p/%d", address, project)))
	if s := w.text(`document.querySelector("#shelf-count").textContent + " · " + document.querySelector("#parts").textContent.trim()`); s != "0 parts · The Shelf is empty." {
		t.Errorf("an empty Shelf says %q", s)
	}
	for i := range 3 { // in three batches, while nobody looks
		var files []app.Incoming
		for k := range 2 {
			files = append(files, app.Incoming{Name: fmt.Sprintf("as1-%d-%d.stp", i, k), From: bytes.NewReader(append(as1, fmt.Sprintf("\n/* %d %d */\n", i, k)...))})
		}
		_, _, err := theApp.Stage(ctx, project, app.Files(append(files, app.Incoming{Name: "torn.step", From: bytes.NewReader([]byte("ISO-10303-21;"))})...))
		w.ok(err)
	}
	alone, err := os.ReadFile("../kernel/testdata/s1/foot_back_prt.stp")
	w.ok(err)
	_, _, err = theApp.Stage(ctx, project, app.Files(app.Incoming{Name: "alone.stp", From: bytes.NewReader(alone)}))
	w.ok(err)
	w.ok(w.Go(fmt.Sprintf("%s/p/%d", address, project)))
	w.until(`document.querySelectorAll("#progress li").length === 10`)
	w.until(`document.querySelector(".phead b")?.textContent.startsWith("7 files read · 3 could not be read")`)
	w.until(`document.querySelector("#progress").dataset.over === "yes"`)
	n := w.text(`document.querySelector("#shelf-count").textContent`)
	w.run(`window.confirm = () => true`)
	w.click(".part .bin") // it is used
	w.until(`document.querySelector("#notice")?.textContent.includes("remove it there first")`)
	w.click(`.part[data-words^="foot"] .bin`)
	w.until(fmt.Sprintf(`document.querySelector("#shelf-count").textContent !== %q && !document.querySelector("#off").hidden`, n))
	if c, p := w.text(`document.querySelector("#shelf-count").textContent`), w.text(`document.querySelectorAll(".part").length + (document.querySelectorAll(".part").length === 1 ? " part" : " parts")`); c != p {
		t.Errorf("the Shelf counts %q and shows %q", c, p)
	}
}
