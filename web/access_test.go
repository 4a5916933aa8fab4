package web_test

import (
	"fmt"
	"os"
	"strings"
	"testing"

	"setfast/store"
	"setfast/web/drive"
)

// axe runs the accessibility rules of axe-core (npm) on what is shown, all or those that hang on colours; it gives what is wrong, or nothing.
func (w *walker) axe(what string, colours bool) {
	w.T.Helper()
	script, err := os.ReadFile("node_modules/axe-core/axe.min.js")
	if err != nil {
		w.Skip("axe-core is not installed; ./setfast test does that: ", err)
	}
	w.run(`(() => { if (!window.axe) { const s = document.createElement("script"); s.textContent = "0"; } window.__axe = ""; })()`)
	if w.text(`String(!!window.axe)`) == "false" {
		w.run("(() => {" + string(script) + "\n})()")
	}
	rules := ""
	if colours {
		rules = `, runOnly: ["color-contrast", "link-in-text-block"]`
	}
	w.run(`axe.run(document, {resultTypes: ["violations"]` + rules + `}).then((r) => { window.__axe = "done " + r.violations.map((v) => v.id + ": " + v.help + "\n" + v.nodes.slice(0, 6).map((n) => "    " + n.html.slice(0, 160) + " [" + n.any.concat(n.all, n.none).map((c) => c.message).join("; ").slice(0, 200) + "]").join("\n")).join("\n"); })`)
	w.until(`window.__axe`)
	if s := w.text(`window.__axe`); s != "done " {
		w.Errorf("%s: %s", what, s)
	}
}

// TestAccess runs axe-core on every page, in its states, light and dark.
func TestAccess(t *testing.T) {
	t.Parallel() // it waits more than it works
	for _, dark := range []bool{false, true} {
		w, id, as := sample(t, dark)
		open := func(path string) { w.ok(w.Go(address + path)) }
		axe := func(what string) { w.axe(fmt.Sprintf("%s, dark %v", what, dark), dark) }
		open("/")
		axe("projects")
		open(fmt.Sprint("/p/", id))
		w.until(`document.body.dataset.ready === "yes"`)
		axe("Shelf")
		w.click(".menu summary")
		axe("Shelf, renaming")
		open("/p/999999")
		axe("a page that is not there")
		list := []store.Assembly{as[2], as[3], as[4], as[7], as[1]} // one of each look
		if dark {
			list = []store.Assembly{as[3], as[1]}
		}
		for _, a := range list {
			open(fmt.Sprint("/a/", a.ID))
			w.until(`document.body.dataset.seq`)
			axe("Bench of " + a.Name)
		}
		w.click(`.line .rowopen`)
		axe("a line opened")
		w.keys("/")
		w.until(`document.querySelector("dialog[open]")`)
		axe("the box of commands")
		w.run(`document.querySelector("dialog[open]").close()`)
		w.until(`!document.querySelector("dialog[open]")`)
		w.run(`document.querySelector("#view").focus()`)
		w.keys("p")
		w.until(`document.querySelector("#placing").open`)
		axe("placing")
		open(fmt.Sprint("/a/", as[1].ID))
		w.until(`document.body.dataset.seq`)
		w.command("run")
		w.click("#runpost")
		w.until(`!document.querySelector("#runtrack").hidden`)
		axe("a run")
		open(fmt.Sprint("/a/", as[7].ID))
		w.until(`document.querySelectorAll(".stackline").length`)
		w.click(`.stackline .rowopen`)
		w.until(`document.querySelectorAll("#joint-told li").length`)
		axe("a fastened joint")
		for _, panel := range []string{"repeat", "drill", "apart"} {
			w.command(panel)
			axe(panel)
		}
		for path, ready := range map[string]string{"list": ".partslist", "sheet": ".leaf svg", "guide": ".guide svg", "proof": ".digest", "daybook": ".daylines", "out": ".outlist", "at/3": ".prooftable", "between?from=1&to=3": ".differs"} {
			open(fmt.Sprintf("/a/%d/%s", as[0].ID, path))
			w.until(fmt.Sprintf("document.querySelector(%q)", ready))
			axe(path)
		}
		for _, path := range []string{"practice", fmt.Sprint("marking?key=", as[0].ID, "&of=", as[1].ID)} {
			open(fmt.Sprintf("/p/%d/%s", id, path))
			axe(path)
		}
		w.Page.Close()
	}
}

// TestFocus goes through pages by Tab: wherever the keys are can be seen, in light and dark.
func TestFocus(t *testing.T) {
	t.Parallel() // it waits more than it works
	for _, dark := range []bool{false, true} {
		w, id, as := sample(t, dark)
		for _, path := range []string{"/", fmt.Sprint("/p/", id), fmt.Sprint("/a/", as[1].ID)} {
			w.ok(w.Go(address + path))
			if strings.HasPrefix(path, "/a/") {
				w.until(`document.body.dataset.seq`)
			}
			been := map[string]bool{}
			for range 45 {
				w.keys("\t")
				s := w.text(`(() => { const e = document.activeElement; if (!e || e === document.body) return ""; const near = e.classList.contains("sr") ? e.nextElementSibling : e; const c = getComputedStyle(near); return e.tagName + "." + e.className + "#" + e.id + "|" + (c.outlineStyle !== "none" && parseFloat(c.outlineWidth) >= 1.5); })()`)
				what, visible, _ := strings.Cut(s, "|")
				if been[what] = true; s != "" && visible != "true" {
					t.Errorf("%s, dark %v: the focus on %s cannot be seen", path, dark, what)
				}
			}
			if len(been) < 4 {
				t.Errorf("%s: Tab reaches only %v", path, been)
			}
		}
		w.Page.Close()
	}
}

// TestLayouts opens pages at 200 % zoom, in a small window and on a narrow one: nothing runs out sideways, and the account has room.
func TestLayouts(t *testing.T) {
	t.Parallel() // it waits more than it works
	for _, size := range [][2]int{{640, 400}, {1024, 700}, {390, 800}} {
		if testing.Short() {
			t.Skip("drives a browser")
		}
		page, err := drive.Open(size[0], size[1], false)
		if err != nil {
			t.Fatal(err)
		}
		w := &walker{t, page}
		id, as := sampleProject(t)
		for _, path := range []string{"/", fmt.Sprint("/p/", id), fmt.Sprint("/a/", as[1].ID), fmt.Sprint("/a/", as[3].ID)} {
			w.ok(w.Go(address + path))
			bench := strings.HasPrefix(path, "/a/")
			if bench {
				w.until(`document.body.dataset.seq`)
			}
			if s := w.text(`[...document.querySelectorAll("body *")].filter((e) => e.getBoundingClientRect().right > innerWidth + 1 && !e.closest(".labels, .sr, [hidden], dialog, .view")).map((e) => e.tagName + "." + e.className).slice(0, 4).join(" ")`); s != "" {
				t.Errorf("%v %s: these run out sideways: %s", size, path, s)
			}
			if h := w.text(`String(document.querySelector("#account")?.getBoundingClientRect().height ?? 999)`); bench && (len(h) < 3 || h < "240" && len(h) == 3) {
				t.Errorf("%v %s: the account is %s px high", size, path, h)
			}
		}
		page.Close()
	}
}
