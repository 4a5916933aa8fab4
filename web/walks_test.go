package web_test

import (
	"context"
	"fmt"
	"os"
	"strings"
	"testing"

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
}
