package web_test

import (
	"context"
	"fmt"
	"strings"
	"testing"

	"setfast/store"
)

// TestProjects finds a project among others, puts it away and brings it back, and throws it away once its name is typed.
func TestProjects(t *testing.T) {
	w, sampleID, _ := sample(t, false)
	ctx := context.Background()
	long := "Glasshouse " + strings.Repeat("with a very long name ", 7)
	id, err := theApp.Store.CreateProject(ctx, strings.TrimSpace(long))
	w.ok(err)
	_, err = theApp.Store.CreateAssembly(ctx, store.Assembly{ProjectID: id, Name: "Frame"})
	w.ok(err)
	rows := func() string {
		return w.text(`[...document.querySelectorAll("#projects tbody a")].map((a) => a.textContent.slice(0, 10)).join("|")`)
	}
	w.ok(w.Go(address + "/"))
	if s := w.text(`[...document.querySelectorAll("#projects tr")].find((r) => r.textContent.includes("Ridge vent")).querySelector(".verdicts").textContent.replace(/\s+/g, " ").trim()`); !strings.Contains(s, "1 at odds") || !strings.Contains(s, "2 set") {
		t.Errorf("the sample's verdicts are told as %q", s)
	}
	if w.text(`(() => { const a = [...document.querySelectorAll("#projects td.long")].find((d) => d.textContent.includes("Glasshouse")); const l = a.querySelector("a"); return String(l.scrollWidth > l.clientWidth && l.title.length > 100); })()`) != "true" {
		t.Error("a long name is not cut with the whole on demand")
	}
	w.click("#find")
	w.keys("glass")
	w.until(`document.querySelectorAll("#projects tbody tr").length === 1 && document.activeElement.id === "find"`)
	if rows() != "Glasshouse" {
		t.Errorf("found %q", rows())
	}
	w.keys("xyz")
	w.until(`document.querySelector("#projects").textContent.includes("No project is called so")`)

	w.ok(w.Go(fmt.Sprintf("%s/p/%d", address, id)))
	w.click(".menu summary")
	w.click(`form[action$="/archive"] button`)
	w.until(`location.pathname === "/" && document.querySelector(".away")`)
	if s := w.text(`document.querySelector(".away tbody").textContent`); !strings.Contains(s, "Glasshouse") {
		t.Errorf("put away are %q", s)
	}
	w.ok(w.Go(fmt.Sprintf("%s/p/%d", address, id)))
	w.click(".menu summary")
	w.click(`form[action$="/archive"] button`)
	w.until(`location.pathname.startsWith("/p/") && document.body?.dataset.ready === "yes" && !document.querySelector("input[name=back]")`)

	w.click(".menu summary")
	w.run(`(() => { const i = document.querySelector("#pword"); i.value = "Frame"; i.form.requestSubmit(); })()`)
	w.until(`document.querySelector("#notice")?.textContent.includes("to throw it away for good")`)
	if _, err := theApp.Store.Project(ctx, id); err != nil {
		t.Fatal("another word threw it away: ", err)
	}
	w.run(fmt.Sprintf(`(() => { const i = document.querySelector("#pword"); i.value = %q; i.form.requestSubmit(); })()`, strings.TrimSpace(long)))
	w.until(`location.pathname === "/" && document.querySelector("#projects")`)
	if _, err := theApp.Store.Project(ctx, id); err != store.ErrNotFound {
		t.Errorf("it is still there: %v", err)
	}

	// what was done last, and folders
	w.ok(w.Go(fmt.Sprintf("%s/p/%d", address, sampleID)))
	if n := w.text(`String(document.querySelectorAll(".changes li").length)`); n != "8" {
		t.Errorf("%s changes are told", n)
	}
	w.run(`(() => { const i = document.querySelector(".part [name=folder]"); i.value = "Bought"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`)
	w.until(`document.querySelector(".part .saved").textContent === "Folder saved"`)
	w.ok(w.Go(fmt.Sprintf("%s/p/%d", address, sampleID)))
	if s := w.text(`[...document.querySelectorAll(".folder")].map((e) => e.textContent.replace(/\s+/g, " ").trim()).join("|")`); !strings.HasPrefix(s, "Bought 1|") {
		t.Errorf("folders: %q", s)
	}
	w.run(`(() => { const i = [...document.querySelectorAll("[name=folder]")].find((i) => i.value); i.value = ""; i.dispatchEvent(new Event("change", {bubbles: true})); })()`)
	w.until(`[...document.querySelectorAll(".saved")].some((e) => e.textContent === "Folder saved")`)
}
