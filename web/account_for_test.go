package web_test

import (
	"context"
	"fmt"
	"strings"
	"testing"
)

// TestAccountFor drops a public assembly (AS1, see kernel/testdata) on the Shelf and accounts for it by keys: a card taken, one refused, the
// rest taken at once; every card is one line of the log, and the balance follows.
func TestAccountFor(t *testing.T) {
	w := browser(t, false)
	ctx := context.Background()
	id, err := theApp.Store.CreateProject(ctx, "Placed "+t.Name())
	if err != nil {
		t.Fatal(err)
	}
	w.ok(w.Go(fmt.Sprint(address, "/p/", id)))
	w.until(`document.body.dataset.ready === "yes"`)
	w.ok(w.SetFiles("#files", absolute(t, "../kernel/testdata/as1-oc-214.stp")))
	w.until(`document.querySelectorAll(".accountfor").length === 4 || document.querySelector("#progress")?.textContent.includes("5 parts added")`)
	w.ok(w.Go(fmt.Sprint(address, "/p/", id)))
	w.until(`document.querySelectorAll(".accountfor").length === 4`)
	w.says(".sectionhead", "Account for all 4 placed only")
	w.run(`[...document.querySelectorAll(".accountfor")].find((a) => a.textContent.includes(": l-bracket-assembly")).click()`)
	w.until(`document.querySelectorAll(".impliedcard").length === 3`)
	w.says("#implied-base", "l-bracket_1 stands")
	w.says("#implied-below", "nut-bolt-assembly")
	w.until(`document.activeElement?.classList.contains("impliedcard")`)
	left := func() string {
		return w.text(`document.querySelector("#balance").textContent.replace(/\s+/g, " ")`)
	}
	w.keys("\r")
	w.until(`document.querySelector("[data-decided=taken]") && document.body.dataset.seq === "2"`)
	if s := left(); !strings.Contains(s, "Removed 5") || !strings.Contains(s, "Left 13") {
		t.Errorf("after the first card: %s", s)
	}
	if s := w.order(); !strings.HasPrefix(s, "l-bracket_1|") {
		t.Errorf("the build order is %s", s)
	}
	w.keys("\b")
	w.until(`document.querySelector("[data-decided=refused]")`)
	w.keys("\r")
	w.until(`document.querySelector("#implied").hidden && document.body.dataset.seq === "3"`)
	if s := left(); !strings.Contains(s, "Left 8") {
		t.Errorf("with one refused: %s", s)
	}
	w.undo()
	w.undo()
	w.until(`!document.querySelector("#inviting").hidden`)
	w.click("#inviting button")
	w.until(`document.querySelectorAll(".impliedcard").length === 3`)
	w.run(`document.querySelector(".cardlines input").click()`) // one relation of the first left out
	w.click(`[data-implied="all"]`)
	w.until(`document.querySelector("#implied").hidden && !document.body.hasAttribute("aria-busy")`)
	if s := left(); !strings.Contains(s, "Left 5") { // 3, and of the four that the axis would have removed the two that the face alone does not
		t.Errorf("with one relation left out: %s", s)
	}
	w.run(key("#view", "a", true))
	w.until(`document.querySelectorAll(".impliedcard").length === 1`)
	w.says(".cardlines", "axis")
	if s := w.text(`JSON.stringify(setfast.stage.scene.lit ? [...setfast.stage.scene.lit].sort() : [])`); !strings.Contains(s, "nut-bolt-assembly_1") {
		t.Errorf("lit is %s", s)
	}
	w.run(key(".impliedcard", "Escape", false))
	w.until(`document.querySelector("#implied").hidden`)
	// the others are accounted for at once, each as one line
	w.ok(w.Go(fmt.Sprint(address, "/p/", id)))
	w.until(`document.body.dataset.ready === "yes"`)
	w.run(`[...document.querySelectorAll(".sectionhead button")].find((b) => b.textContent.includes("Account for all 3")).click()`)
	w.until(`document.querySelectorAll(".accountfor").length === 0 && document.querySelectorAll(".asmlist li").length === 4`)
	list, err := theApp.Store.Assemblies(ctx, id)
	if err != nil {
		t.Fatal(err)
	}
	for _, x := range list {
		j, err := theApp.Judge(ctx, x.ID)
		if err != nil {
			t.Fatal(err)
		}
		if want := map[string]int{"rod-assembly": 4, "nut-bolt-assembly": 2, "as1": 1}[x.Name]; want != 0 && (j.Result.Left != want || x.Seq != 2) {
			t.Errorf("%s: left %d after line %d, want %d after 2", x.Name, j.Result.Left, x.Seq, want)
		}
	}
}
