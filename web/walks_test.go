package web_test

import (
	"bytes"
	"context"
	"fmt"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/app"
	"setfast/store"
)

// hands count what a job takes: clicks, and keys that call something. Names and numbers typed are not counted.
type hands struct {
	*walker
	n int
}

func (h *hands) click(css string, shift bool) {
	h.T.Helper()
	h.n++
	h.until(fmt.Sprintf(`document.querySelector(%q)?.checkVisibility()`, css))
	h.run(fmt.Sprintf(`document.querySelector(%q).dispatchEvent(new MouseEvent("click", {bubbles: true, cancelable: true, shiftKey: %v}))`, css, shift))
}

// key presses a key where the focus is.
func (h *hands) key(k string, alt bool) {
	h.T.Helper()
	h.n++
	h.run(fmt.Sprintf(`document.activeElement.dispatchEvent(new KeyboardEvent("keydown", {key: %q, altKey: %v, bubbles: true, cancelable: true}))`, k, alt))
}

// cards waits until a way is offered for a part.
func (h *hands) cards(part string) {
	h.T.Helper()
	h.until(fmt.Sprintf(`document.querySelector("#choosing-h").textContent.endsWith(%q) && document.activeElement?.dataset.card === "0"`, part))
}

// takes presses Enter and waits for the line.
func (h *hands) takes() {
	h.T.Helper()
	h.n++
	h.changed(`document.activeElement.dispatchEvent(new KeyboardEvent("keydown", {key: "Enter", bubbles: true, cancelable: true}))`)
}

// fresh opens a new assembly of the sample project and gives the buttons that count its parts, by their names.
func (h *hands) fresh(name string) int64 {
	h.T.Helper()
	project, _ := sampleProject(h.T)
	id, err := theApp.Store.CreateAssembly(context.Background(), store.Assembly{ProjectID: project, Name: name})
	h.ok(err)
	h.ok(h.Go(fmt.Sprint(address, "/a/", id)))
	return id
}

func (h *hands) more(name string) string {
	h.T.Helper()
	id := h.text(fmt.Sprintf(`[...document.querySelectorAll(".pickparts li")].find((l) => l.querySelector(".strong").textContent === %q).querySelector("[data-more]").dataset.more`, name))
	return fmt.Sprintf(`[data-more="%s"]`, id)
}

// TestWalks does the whole jobs of docs/walks.md and counts what they take.
func TestWalks(t *testing.T) {
	said, err := os.ReadFile("../docs/walks.md")
	if err != nil {
		t.Fatal(err)
	}
	told := func(job string, n, parts int) {
		t.Helper()
		want := fmt.Sprintf("Together %d clicks and keys, **%.1f a part**", n, float64(n)/float64(parts))
		if !strings.Contains(string(said), want) {
			t.Errorf("%s: docs/walks.md does not say %q", job, want)
		}
	}
	h := &hands{walker: browser(t, false)}
	t.Run("hinge", func(t *testing.T) {
		id := h.fresh("Hinge by hand")
		h.key("p", false)
		h.click(h.more("Hinge bracket, left"), false)
		h.click(h.more("Clevis pin 8x44"), false)
		h.click(h.more("Vent knuckle"), true)
		h.seq(1)
		h.key("n", true)
		h.cards("Clevis pin 8x44")
		h.takes()
		h.cards("Vent knuckle")
		h.takes()
		h.key("=", false)
		h.until(`document.querySelector("#asking").open`)
		h.keys("0 to 110")
		h.n++
		h.keys("\r")
		h.seq(4)
		j, err := theApp.Judge(context.Background(), id)
		if err != nil {
			t.Fatal(err)
		}
		limited := false
		for _, m := range j.Asm.Mates {
			if l, ok := m.Limits("angle"); ok {
				limited = l.Lo != nil && l.Hi != nil && *l.Lo == 0 && *l.Hi == 110
			}
		}
		if !limited || j.Result.Components["Vent knuckle"].Left != 1 {
			t.Errorf("the knuckle has %d freedoms left, limited: %v", j.Result.Components["Vent knuckle"].Left, limited)
		}
		told("hinge", h.n, 3)
	})
	h.n = 0
	t.Run("stand", func(t *testing.T) {
		id := h.fresh("Stand by hand")
		h.key("p", false)
		h.click(h.more("Wall plate"), false)
		h.click(h.more("Bearing block"), false)
		h.click(h.more("Bearing block"), false)
		h.click(h.more("Screw M6x20"), true)
		h.seq(1)
		h.key("n", true)
		h.cards("Bearing block")
		h.takes()
		h.cards("Bearing block 2")
		h.takes()
		h.cards("Screw M6x20")
		h.n++
		h.changed(`[...document.querySelectorAll("#choosing-cards .impliedcard")].find((c) => c.textContent.includes("all 4 places")).querySelector("button").click()`)
		j, err := theApp.Judge(context.Background(), id)
		if err != nil {
			t.Fatal(err)
		}
		if n := len(j.Asm.Components); n != 7 || j.Result.Verdict != "set" {
			t.Errorf("%d parts, %s", n, j.Result.Verdict)
		}
		told("stand", h.n, 7)
	})
	h.n = 0
	t.Run("24 screws", func(t *testing.T) {
		shelve(t, "long plate", longPlate())
		shelve(t, "foot", "box 0 0 0 40 40 10\n"+holesAt(0, 0)+"product Foot\n")
		id := h.fresh("Long stand by hand")
		h.key("p", false)
		h.click(h.more("Long plate"), false)
		h.click(h.more("Foot"), true)
		h.seq(1)
		h.key("n", true)
		h.cards("Foot")
		h.takes()
		h.run(`document.activeElement.blur()`)
		h.key("f", true)
		h.until(`document.querySelectorAll("#joint-screw option").length > 3`)
		h.pick("Foot", "cylinder", 8, 8, 5)
		h.until(`document.querySelector("#joint-told li")?.textContent.startsWith("4 ×")`)
		for _, css := range []string{"#joint-head", "#joint-washer"} {
			h.n++ // a letter in the choice
			h.choose(css, "ISO 7089")
		}
		h.until(`document.querySelector("#joint-told li")?.textContent.includes("grip 23.2")`)
		h.n++
		h.changed(`document.querySelector("#jointpost").click()`)
		h.run(`document.querySelector(".line[data-component='Foot'] .rowopen").focus()`)
		h.n++ // on its line
		h.key("c", true)
		h.until(`document.querySelector("#copy-of").textContent.includes("joint-1")`)
		h.n++
		h.choose("#copy-how", "rows")
		h.pick("Long plate", "plane", 200, 60, 5)
		h.pick("Long plate", "plane", 100, 120, 5)
		for css, v := range map[string]string{"#copy-count": "3", "#copy-pitch": "60", "#copy-count2": "2", "#copy-pitch2": "60"} {
			h.n++ // Tab to it
			h.choose(css, v)
		}
		h.until(`document.querySelector("#copy-told li")?.textContent.startsWith("5 more")`)
		h.n++
		h.changed(`document.querySelector("#copypost").click()`)
		j, err := theApp.Judge(context.Background(), id)
		if err != nil {
			t.Fatal(err)
		}
		screws, findings := 0, 0
		for _, k := range j.Joints() {
			screws += k.Screws
			findings += len(k.Findings)
		}
		if n := len(j.Asm.Components); n != 7+24*4 || screws != 24 || findings > 0 || j.Result.Verdict != "set" {
			t.Errorf("%d parts, %d screws, %d findings, %s", n, screws, findings, j.Result.Verdict)
		}
		told("24 screws", h.n, n24)
	})
}

// n24 are the parts of the stand with 24 screws, two washers and a nut on each.
const n24 = 7 + 24*4

// pick picks a feature of a part, as a click does.
func (h *hands) pick(component, kind string, x, y, z float64) {
	h.T.Helper()
	h.n++
	h.run(fmt.Sprintf("setfast.pick(%q)", h.nearest(component, kind, x, y, z)))
}

// holesAt are four holes for M6 in the kernel's words.
func holesAt(x, y float64) string {
	s := ""
	for _, d := range [][2]float64{{8, 8}, {32, 8}, {8, 32}, {32, 32}} {
		s += fmt.Sprintf("cyl %g %g -1 0 0 1 3.3 12\ncut\n", x+d[0], y+d[1])
	}
	return s
}

// longPlate has places for six feet, 60 mm apart.
func longPlate() string {
	s := "box 0 0 0 200 120 10\n"
	for i := range 6 {
		s += holesAt(20+60*float64(i%3), 10+60*float64(i/3))
	}
	return s + "product Long plate\n"
}

// shelve puts a part on the Shelf of the sample project.
func shelve(t *testing.T, file, recipe string) {
	t.Helper()
	ctx, dir := context.Background(), t.TempDir()
	if err := theApp.Kernel.Make(ctx, dir, recipe+"step made.step\n"); err != nil {
		t.Fatal(err)
	}
	data, err := os.ReadFile(filepath.Join(dir, "made.step"))
	if err != nil {
		t.Fatal(err)
	}
	project, _ := sampleProject(t)
	_, list, err := theApp.Stage(ctx, project, app.Files(app.Incoming{Name: file + ".step", From: bytes.NewReader(data)}))
	if err != nil {
		t.Fatal(err)
	}
	if f, err := theApp.ReadStaged(ctx, project, list[0].ID); err != nil || f.State != "done" {
		t.Fatalf("%v, %+v", err, f)
	}
}
