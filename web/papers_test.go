package web_test

import (
	"fmt"
	"io"
	"net/http"
	"strings"
	"testing"

	"setfast/web/drive"
)

// TestPapers takes the stand apart on the Bench, changes a step and keeps it; then goes through its papers: the sheet drawn anew as it is asked for, the
// guide, the list and its brief, files for others.
func TestPapers(t *testing.T) {
	w := browser(t, false)
	base := fmt.Sprint(address, "/a/", sampleAssembly(t, "Bearing stand"))
	w.at("Bearing stand")
	w.command("apart")
	w.until(`document.querySelectorAll("#apart-steps li").length === 2 && document.querySelector("#apart-where").textContent === "step 2 of 2"`)
	w.until(`(() => { const top = document.querySelector("#sentence").getBoundingClientRect().top; return setfast.refs("Wall plate").every((r) => setfast.where(r.ref)[1] < top); })()`) // nothing lies behind the panel
	const held = `setfast.stage.comps.get("Screw M6x20").aside.z`
	if v := w.number(held); v < 50 {
		t.Errorf("the screw hangs %g mm above its place", v)
	}
	w.changed(`(() => { const i = document.querySelector("#apart-steps .numslot"); i.value = "200"; i.dispatchEvent(new Event("change")); document.querySelector("#apartpost").click(); })()`)
	w.until(`document.querySelector("#apart-steps .numslot").value === "200" && document.querySelector("#apartpost").disabled`)
	w.run(`(() => { const s = document.querySelector("#apart-steps select"); s.value = "down"; s.dispatchEvent(new Event("change")); })()`)
	w.changed(`document.querySelector("#apartpost").click()`)
	w.says("#apart-told", "Screw M6x20 is caught on Wall plate, Bearing block.")
	w.changed(`document.querySelector("#apart-anew").click()`)
	w.until(`document.querySelector("#apart-steps .numslot").value !== "200" && !document.querySelector("#apart-told").textContent`)
	w.run(`document.querySelector("#apart-steps li:last-child button[aria-label$=in]").click()`)
	w.run(`document.querySelector("#apart-as").click()`)
	w.until(`document.querySelector("#asking").open`)
	w.answer("screws out")
	w.until(`document.querySelector("#apart-way").value === "screws out" && document.querySelectorAll("#apart-steps li").length === 1 && document.querySelector("#apart-guide").href.endsWith("apart=screws%20out")`)
	w.changed(`document.querySelector("#apart-anew").click()`)
	w.until(`document.querySelector("#apart-way").options.length === 1 && document.querySelectorAll("#apart-steps li").length === 2`)
	w.command("apart")
	if v := w.number(held); v != 0 {
		t.Errorf("the screw does not go home: %g", v)
	}
	for path, begins := range map[string]string{"/list?as=csv": "item,number", "/list?as=xlsx": "PK", "/sheet?as=pdf": "%PDF", "/sheet?as=svg&view=front": "<svg", "/sheet?as=dxf&exploded=1": "0\nSECTION", "/guide?as=pdf": "%PDF",
		"/out?as=step": "ISO-10303-21", "/out?as=3mf": "PK", "/out?as=glb": "glTF", "/out?as=stl": "Setfast", "/out?as=stl&only=Bearing+block&at=2": "Setfast"} {
		r, err := http.Get(base + path)
		w.ok(err)
		data, err := io.ReadAll(r.Body)
		r.Body.Close()
		w.ok(err)
		if r.StatusCode != http.StatusOK || !strings.HasPrefix(string(data), begins) || !strings.Contains(r.Header.Get("Content-Disposition"), "attachment") {
			t.Errorf("%s: %d, begins with %.20q", path, r.StatusCode, data)
		}
	}
	w.ok(w.Go(base + "/sheet"))
	w.until(`document.querySelector("#sheetsays h2").textContent === "A4 at 1:2" && document.querySelectorAll(".leaf svg circle").length > 5`)
	w.run(`document.querySelector("[name=exploded]").click()`)
	w.until(`document.querySelector(".leaf svg [id='view exploded']") && location.search.includes("exploded=1")`)
	w.run(`(() => { const i = document.querySelector("[name=section]"); i.value = "nothing/f1"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`)
	w.says("#desk .notice", "nothing")
	w.ok(w.Go(base + "/sheet"))
	w.run(`(() => { const i = document.querySelector("[name=dims]"); i.value = "front: Wall plate/f1, Wall plate/f3"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`)
	w.until(`document.querySelector(".leaf [id='dim 1'][tabindex]")`)
	w.says("#sheetdims", "face of Wall plate to face of Wall plate, front")
	at, err := drive.Eval[[]float64](w.Page, `(() => { const p = document.querySelector(".spots path[data-round][data-view=left]"); const q = p.getPointAtLength(p.getTotalLength() * 0.3).matrixTransform(p.getScreenCTM()); return [q.x, q.y]; })()`)
	w.ok(err)
	w.ok(w.ClickAt(at[0], at[1]))
	w.says("#pointed", "Ø16 hole of Bearing block")
	w.click("[data-point=dim]")
	w.until(`document.querySelector(".leaf [id='dim 2']")?.textContent.trim() === "Ø16"`)
	w.run(`document.querySelector(".leaf [id='dim 2']").dispatchEvent(new KeyboardEvent("keydown", {key: "Delete", bubbles: true}))`)
	w.until(`document.querySelectorAll("#sheetdims li").length === 1 && !document.querySelector(".leaf [id='dim 2']")`)
	w.run(`document.querySelector(".leaf [id='view iso']").dispatchEvent(new KeyboardEvent("keydown", {key: "ArrowRight", bubbles: true}))`)
	w.until(`location.search.includes("moves=view+iso%3A+1%2C+0")`)
	w.run(`document.querySelector("[formmethod=post]").click()`)
	w.until(`location.search === "" && document.querySelector("#sh-moves").value === "view iso: 1, 0" && document.querySelector(".leaf [id='dim 1']")`)
	w.run(`(() => { document.querySelector("#sh-as").value = "Dimensions"; document.querySelector("[formmethod=post]").click(); })()`)
	w.until(`location.search === "?sheet=Dimensions" && document.querySelector(".sheets [aria-current]").textContent === "Dimensions" && document.querySelector(".leaf svg").textContent.includes("2/2") && document.readyState === "complete"`)
	w.run(`document.querySelector("[name=drop]").click()`)
	w.until(`location.search === "" && document.readyState === "complete" && !document.querySelector(".sheets")`)
	w.run(`(() => { document.querySelector("[name=dims]").value = ""; document.querySelector("#sh-moves").value = ""; document.querySelector("[formmethod=post]").click(); })()`)
	w.until(`document.querySelector(".leaf") && !document.querySelector(".leaf [id='dim 1']")`)
	w.ok(w.Go(base + "/guide"))
	w.says(".guide li p", "Put 2 × Bearing block in from above.")
	w.ok(w.Go(base + "/list"))
	w.until(`document.querySelectorAll(".partslist tbody tr").length === 3`)
	for _, c := range [][2]string{{"GV-101, 1, Wall plate\\nGV-102, 3\\nGV-201, 4", "Still to place: 1 × GV-102"}, {"", "The list to build by"}} {
		w.run(`(() => { document.querySelector("#brieftext").value = "` + c[0] + `"; document.querySelector(".briefform button").click(); })()`)
		w.says("section[aria-labelledby=h-brief]", c[1])
	}
	w.ok(w.Go(base + "/proof"))
	w.says("#proof .proofverdict", "set")
	w.run(`(() => { document.querySelector("#sign-who").value = "Reviewer"; document.querySelector(".signform button").click(); })()`)
	w.says(".signed.holds", "Reviewer")
	w.at("Bearing stand")
	w.command("apart")
	w.until(`document.querySelectorAll("#apart-steps li").length === 2`)
	w.changed(`(() => { document.querySelector("#apart-steps li:last-child button[aria-label$=before]").click(); document.querySelector("#apartpost").click(); })()`)
	w.ok(w.Go(base + "/proof"))
	w.says(".signed:not(.holds)", "changed since then")
	w.at("Bearing stand")
	w.undo()
	w.ok(w.Go(base + "/proof"))
	w.says(".signed.holds", "nothing has changed since")
	for name, status := range map[string]int{"Crank drive": http.StatusUnprocessableEntity, "Bearing stand": http.StatusUnprocessableEntity} { // one clashes, the other is not what was looked at
		r, err := http.PostForm(fmt.Sprint(address, "/a/", sampleAssembly(t, name), "/sign"), map[string][]string{"who": {"Reviewer"}, "digest": {"00"}})
		w.ok(err)
		r.Body.Close()
		if r.StatusCode != status {
			t.Errorf("%s: signed all the same, %d", name, r.StatusCode)
		}
	}
}
