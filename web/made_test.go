package web_test

import (
	"fmt"
	"testing"
	"time"
)

// TestRepeatPanel repeats a block in a line: what comes of it is told and drawn before it is there, the copies have a line of their own, one of them is made a
// part of its own, and the set goes again.
func TestRepeatPanel(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	w.run(`document.querySelector(".line[data-component='Bearing block'] .rowopen").focus()`)
	w.command("repeat")
	w.says("#copy-of", "Bearing block")
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Wall plate", "plane", 90, 55, 10)))
	w.until(`document.querySelector("#copy-told li")?.textContent.startsWith("2 more")`)
	w.until(`setfast.stage.ghosts.group.children.length === 2`)
	w.says("#copy-told", "held to its original instead")
	w.choose("#copy-pitch", "90")
	w.until(`!document.querySelector("#copyhint").classList.contains("bad")`)
	// what was tried is answered after it was kept: that changes nothing any more
	w.run(`(() => {
		const real = window.fetch;
		window.fetch = async (...a) => {
			const r = await real(...a);
			if (a[1]?.method === "POST" && a[0].endsWith("/copies")) await new Promise((go) => { window.letGo = go; });
			return r;
		};
		window.asBefore = () => { window.fetch = real; window.letGo(); };
	})()`)
	w.choose("#copy-as", "tower")
	w.until(`window.letGo`)
	w.changed(`document.querySelector("#copypost").click()`)
	w.until(`document.querySelector("#copy-as").value === "" && document.querySelectorAll(".stackline").length === 1`)
	w.run(`window.asBefore()`)
	time.Sleep(200 * time.Millisecond)
	if n := w.number(`setfast.stage.ghosts.group.children.length`); n != 0 {
		t.Errorf("%g ghosts of what is there", n)
	}
	w.says(".stackline", "2 more of Bearing block")
	w.until(`setfast.stage.comps.has("tower/3/Bearing block")`)
	w.run(`document.querySelector(".stackline .rowopen").click()`)
	w.until(`document.querySelector("#copy-as").value === "tower" && !document.querySelector("#copy-free").hidden`)
	w.changed(`document.querySelector("#copy-own").click()`)
	w.until(`setfast.stage.comps.has("Bearing block-2") && !setfast.stage.comps.has("tower/2/Bearing block")`)
	w.run(`document.querySelector(".stackline .rowopen").click()`)
	w.until(`document.querySelector("#copy-as").value === "tower" && document.querySelector("#copy-except").value === "2"`)
	w.changed(`document.querySelector("#copy-drop").click()`)
	w.until(`!document.querySelector(".stackline") && document.querySelector("#copy-drop").hidden`)
	// the other side of a plane: a block is the same part turned over
	w.choose("#copy-how", "mirror")
	w.run(`setfast.pick("@/yz")`)
	w.until(`document.querySelector("#copy-told li")?.textContent.includes("turned over")`)
	w.run(`document.querySelector("#repeating [data-act=repeat]").click()`)
	for range 3 {
		w.undo()
	}
}

// TestMadeParts makes a spacer of a face, drills it after a pin that is put through, is told what it was made of, and breaks the link.
func TestMadeParts(t *testing.T) {
	w := browser(t, false)
	w.at("Bearing stand")
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Bearing block", "plane", 30, 40, 40)))
	w.command("outline")
	w.until(`document.querySelector("#asking").open`)
	w.answer("6")
	w.until(`document.querySelector("#asking").open`)
	w.answer("Lid")
	w.until(`setfast.stage.comps.has("Lid")`)
	w.until(`document.querySelector("#dated")?.textContent.includes("Lid: outlined, of Bearing block")`)
	w.run(`document.querySelector(".line[data-component='Lid'] .rowopen").focus()`)
	w.command("drill")
	w.says("#drill-into", "Lid")
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Wall plate", "cylinder", 40, 25, 5)))
	w.until(`document.querySelector("#drillhint.bad")?.textContent.includes("its axis meets nothing")`)
	w.run(`document.querySelector("#drilling [data-act=drill]").click()`)
	here := w.text(`location.pathname`)
	project, _ := sampleProject(t)
	w.ok(w.Go(fmt.Sprintf("%s/p/%d", address, project)))
	w.until(`[...document.querySelectorAll(".part .facts")].some((f) => f.textContent.includes("outlined, of Bearing block"))`)
	w.ok(w.Go(address + here))
	w.until(`document.querySelector("[data-dated=break]")`)
	w.run(`document.querySelector("[data-dated=break]").click()`)
	w.until(`document.querySelector("#dated").hidden`)
	w.run(`document.querySelector(".line[data-component='Lid'] .rowopen").focus()`)
	was := w.text(`setfast.state().components.find((c) => c.name === "Lid").part`)
	w.command("replace")
	w.until(`document.querySelector("#commands").open`)
	w.run(`[...document.querySelectorAll("#commands [role=option], #commands li button, #commands li")].find((e) => e.textContent.includes("Cover")).click()`)
	w.until(`document.querySelector("#comparing").open`)
	w.says("#comparing-sides", "comes: Cover")
	w.run(`document.querySelector("#comparing .is-primary").click()`)
	w.until(fmt.Sprintf(`setfast.state().components.find((c) => c.name === "Lid").part !== %q`, was))
	w.run(`[1, 2].forEach(() => document.querySelector("[data-act=undo]").click())`) // pressed quicker than the server answers: none is lost
	w.until(`!setfast.stage.comps.has("Lid") && !document.body.hasAttribute("aria-busy")`)
}
