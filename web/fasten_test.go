package web_test

import (
	"context"
	"fmt"
	"io"
	"net/http"
	"slices"
	"strings"
	"testing"

	"setfast/app/commands"
)

// choose sets a select of the page and tells it so.
func (w *walker) choose(css, value string) {
	w.T.Helper()
	w.run(fmt.Sprintf(`(() => { const s = document.querySelector(%q); s.value = %q; s.dispatchEvent(new Event("input", {bubbles: true})); })()`, css, value))
}

// TestFasten screws a block down in three acts: a hole is picked, all like it are taken with the size they are for, grip and length are told before
// it is posted. Washers taken away, the screw gets shorter; one that is too short is told; a plate that goes takes the joint along; taken back, it is there.
func TestFasten(t *testing.T) {
	w := browser(t, false)
	id := sampleAssembly(t, "Bolted stand")
	w.at("Bolted stand")
	w.until(`document.querySelectorAll(".stackline").length === 2`)
	w.says(".stackline", "2 × ISO 4762 M6x35 · grip 23.2 mm")
	act := func(c commands.Command) {
		t.Helper()
		j, err := theApp.Judge(context.Background(), id)
		if err == nil {
			_, err = theApp.Do(context.Background(), id, "test", commands.Meant{Base: j.Seq, Command: c})
		}
		w.ok(err)
	}
	act(commands.Unfasten{As: "right foot"})
	w.run(`dispatchEvent(new Event("focus"))`)
	w.until(`document.querySelectorAll(".stackline").length === 1`)
	w.command("fasten")
	w.until(`document.querySelectorAll("#joint-screw option").length > 3`)
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Bearing block 2", "cylinder", 15, 10, 5)))
	w.until(`document.querySelector("#joint-told li")?.textContent.includes("grip")`)
	w.says("#joint-holes", "2 holes of Bearing block 2")
	w.says("#joint-told", "2 × ISO 4762 M6x30 · grip 20 mm · 2 mm through the nut · holes medium")
	w.choose("#joint-screw", "ISO 4017")
	w.until(`document.querySelector("#joint-told li").textContent.includes("ISO 4017")`)
	w.choose("#joint-length", "20")
	w.until(`document.querySelector("#joint-told").textContent.includes("does not reach the insert")`)
	w.choose("#joint-length", "")
	w.until(`document.querySelectorAll("#joint-told li").length === 1`)
	w.choose("#joint-as", "right feet")
	w.changed(`document.querySelector("#jointpost").click()`)
	w.until(`document.querySelectorAll(".stackline").length === 2`)
	if s := w.text(`[...document.querySelectorAll(".stackline")][1].textContent`); !strings.Contains(s, "right feet") || !strings.Contains(s, "ISO 4017 M6x30") {
		t.Errorf("its line says %q", s)
	}
	j, err := theApp.Judge(context.Background(), id)
	if err != nil || j.Result.Verdict != "set" || j.Result.Idle != 12 || j.Asm.Component("right feet/nut-2") == nil {
		t.Fatalf("%v, %+v", err, j)
	}
	if found, err := theApp.Clashes(context.Background(), id); err != nil || found.Verdict != "clear" || len(found.NoShape) > 0 {
		t.Errorf("%v, %+v", err, found)
	}
	// what a stack places is the stack's
	for _, c := range []commands.Command{commands.Remove{Component: "right feet/nut-2"}, commands.Unrelate{Relation: "right feet/1"},
		commands.Relate{Type: "parallel", Put: "right feet/nut-2/f1", On: "Wall plate/f1"}} {
		if _, err := theApp.Do(context.Background(), id, "test", commands.Meant{Base: j.Seq, Command: c}); err == nil || !strings.Contains(err.Error(), "stack") {
			t.Errorf("%s: %v", c.Name(), err)
		}
	}
	// what is pulled takes what is fastened to it along
	along := w.text(`(() => {
		const k = setfast.stage.comps.get("Bearing block 2"), s = setfast.stage.comps.get("right feet/screw-1");
		const was = s.position.clone(), p = k.position, q = k.quaternion;
		const put = (x) => setfast.stage.put(["Bearing block 2"], new Float64Array([p.x + x, p.y, p.z, q.w, q.x, q.y, q.z]), null);
		put(10);
		const by = s.position.clone().sub(was).toArray().map((x) => x.toFixed(6)).join();
		put(-10);
		return by;
	})()`)
	if along != "10.000000,0.000000,0.000000" && along != "10.000000,-0.000000,0.000000" {
		t.Errorf("a block that goes by 10 takes its screw along by %s", along)
	}
	// an older screw of the list is taken up and changed
	w.run(`[...document.querySelectorAll("#joints button")].find((b) => b.textContent.startsWith("left foot")).click()`)
	w.until(`document.querySelector("#joint-as").value === "left foot"`)
	w.choose("#joint-head", "")
	w.until(`document.querySelector("#joint-told").textContent.includes("grip 21.6 mm")`)
	w.changed(`document.querySelector("#jointpost").click()`)
	w.until(`document.querySelector(".stackline").textContent.includes("grip 21.6 mm")`)
	r, err := http.Get(address + fmt.Sprintf("/a/%d/fasteners", id))
	w.ok(err)
	list, err := io.ReadAll(r.Body)
	r.Body.Close()
	if err != nil || !strings.Contains(string(list), "ISO 7040 M6,4,") || !strings.Contains(string(list), "ISO 7089 M6,2,") {
		t.Errorf("the shopping list: %s, %v", list, err)
	}
	act(commands.Remove{Component: "Bearing block 2"})
	if j, err := theApp.Judge(context.Background(), id); err != nil || j.Asm.Stack("right feet") != nil || len(j.Asm.Components) != 2+6 {
		t.Errorf("%v, %+v", err, j.Asm.Stacks)
	}
	if _, err := theApp.Undo(context.Background(), id, seqOf(t, id), "test", ""); err != nil {
		t.Error(err)
	}
	if j, err := theApp.Judge(context.Background(), id); err != nil || j.Asm.Stack("right feet") == nil || j.Asm.Component("right feet/nut-2") == nil {
		t.Errorf("%v, %+v", err, j.Asm.Stacks)
	}
	parts, err := theApp.Store.Parts(context.Background(), projectOf(t, id))
	w.ok(err)
	var made []string
	for _, p := range parts {
		if p.Folder == "Fasteners" {
			made = append(made, p.Number)
		}
	}
	slices.Sort(made)
	if len(made) < 4 || len(slices.Compact(slices.Clone(made))) != len(made) {
		t.Errorf("made of tables, each once: %v", made)
	}
}

func seqOf(t *testing.T, id int64) int64 {
	t.Helper()
	j, err := theApp.Judge(context.Background(), id)
	if err != nil {
		t.Fatal(err)
	}
	return j.Seq
}

func projectOf(t *testing.T, id int64) int64 {
	t.Helper()
	st, err := theApp.Store.State(context.Background(), id)
	if err != nil {
		t.Fatal(err)
	}
	return st.Project
}
