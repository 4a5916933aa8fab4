package web_test

import (
	"context"
	"fmt"
	"strings"
	"testing"

	"setfast/core/assembly"
)

// hinged opens the sample's hinge, with a way to ask for its relations as they are kept.
func hinged(t *testing.T) (*walker, func() *assembly.Assembly) {
	t.Helper()
	w := browser(t, false)
	id := sampleAssembly(t, "Vent hinge")
	w.ok(w.Go(fmt.Sprint(address, "/a/", id)))
	w.until(`document.body.dataset.seq`)
	return w, func() *assembly.Assembly {
		t.Helper()
		j, err := theApp.Judge(context.Background(), id)
		w.ok(err)
		return j.Asm
	}
}

// latest is the relation posted last.
func latest(a *assembly.Assembly) *assembly.Mate { return a.Mates[len(a.Mates)-1] }

// pair picks a face of the knuckle and one of the bracket.
func (w *walker) pair() {
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Vent knuckle", "plane", 0, 0, 20)))
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Hinge bracket, left", "plane", 6, 20, 25)))
	w.until(`document.querySelectorAll(".offer").length > 4 && !document.querySelector("#saying").hasAttribute("aria-busy")`)
}

func (w *walker) offer(label string) {
	w.run(fmt.Sprintf(`[...document.querySelectorAll(".offer")].find((o) => o.textContent.includes(%q)).click()`, label))
}

// TestThirdPick says an angle about an axis: the sentence asks for the axis, reads the angle off, R turns its sign, a sum is kept as typed.
func TestThirdPick(t *testing.T) {
	w, asm := hinged(t)
	w.pair()
	w.offer("signed angle")
	w.until(`document.querySelector("#hint").textContent === "Now pick the axis it turns about." && document.querySelector("#post").disabled`)
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Clevis pin 8x44", "cylinder", 0, 0, 0)))
	w.until(`!document.querySelector("#post").disabled && document.querySelector("#value").value !== ""`)
	type30 := `(() => { const i = document.querySelector("#value"); i.value = "20 + 10"; i.dispatchEvent(new Event("input", {bubbles: true})); })()`
	w.run(type30)
	w.until(`document.querySelector(".offer[aria-checked=true] .ba").textContent === "2 → 1" || document.querySelector("#hint").textContent.includes("leaves")`)
	w.run(`document.querySelector("#view").focus()`)
	w.changed(`document.querySelector("#post").click()`)
	m := latest(asm())
	if x, _ := m.Num("value"); m.Type != "angle" || m.About == nil || x != 30 || m.Text("value") != "20 + 10" {
		t.Errorf("kept: %s about %v at %g, %q", m.Type, m.About, x, m.Text("value"))
	}
	w.undo()

	// centred from one pick on each: the faces opposite are found and shown
	w.pair()
	w.offer("centred")
	w.until(`!document.querySelector("[data-slot=put_too]").hidden && document.querySelector("[data-slot=put_too] input").value.startsWith("face")`)
	w.changed(`document.querySelector("#post").click()`)
	if m := latest(asm()); m.Type != "centred" || m.A2 == nil || m.B2 == nil {
		t.Errorf("kept: %+v", m)
	}
	w.undo()
}

// TestFieldsAndPicksOnTheLine: a joint is posted with limits, its line says where it stands and takes a rest value, and one of its
// features is picked anew while all else stays.
func TestFieldsAndPicksOnTheLine(t *testing.T) {
	w, asm := hinged(t)
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Vent knuckle", "cylinder", 0, 0, 0)))
	w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Clevis pin 8x44", "cylinder", 0, 0, 0)))
	w.until(`document.querySelectorAll(".offer").length > 4 && !document.querySelector("#saying").hasAttribute("aria-busy")`)
	w.offer("turns, slides")
	w.until(`document.querySelectorAll("#fields input").length === 6`)
	w.run(`document.querySelector('#fields [data-name="limits.slide"] input').value = "-5"`)
	w.changed(`document.querySelector("#post").click()`)
	m := latest(asm())
	lo, _ := m.Limits("slide")
	if m.Type != "cylindrical" || lo.Lo == nil || *lo.Lo != -5 || lo.Hi != nil {
		t.Fatalf("kept: %s, limits %+v", m.Type, lo)
	}
	w.run(`document.querySelector(".line[data-component='Vent knuckle'] .rowopen").click()`)
	at := fmt.Sprintf(`document.querySelector('.mate[data-mate=%q]`, m.ID)
	w.until(at + ` [data-set=bring][data-of=angle]')`)
	w.changed(fmt.Sprintf(`(() => { const i = %s [data-field="at.slide"]'); i.value = "1 + 1"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`, at))
	if x, _ := asm().Mate(m.ID).Num("at.slide"); x != 2 {
		t.Errorf("held at %g", x)
	}
	w.until(at + ` [data-set=bring][data-of=slide]').value === "2"`)
	w.changed(fmt.Sprintf(`(() => { const i = %s [data-set=bring][data-of=angle]'); i.value = "10 + 20"; i.dispatchEvent(new Event("change", {bubbles: true})); })()`, at))
	w.until(at + ` [data-set=bring][data-of=angle]').value === "30"`)
	w.undo()
	w.run(at + ` [data-end=on]').click()`)
	w.until(`document.querySelector("[data-word=put]").textContent.includes("in place of")`)
	other := w.nearest("Hinge bracket, left", "cylinder", 0, 20, 25)
	w.changed(fmt.Sprintf("setfast.pick(%q)", other))
	if n := asm().Mate(m.ID); n.A.String() != other || n.B.String() != m.B.String() || !n.Has("at.slide") {
		t.Errorf("picked anew: %s on %s", n.B, n.A)
	}
	w.until(`document.querySelector("[data-word=put]").textContent === "Put"`)
	for range 3 {
		w.undo()
	}
}

// TestByName finds relations by what the trade calls them, couples two joints by their teeth, and keeps named values.
func TestByName(t *testing.T) {
	w, asm := hinged(t)
	w.run(`document.querySelector("#view").focus()`)
	find := func(words, want string) {
		t.Helper()
		w.run(`setfast.commands.everything.run()`)
		w.until(`document.querySelector("#commands").open`)
		w.run(fmt.Sprintf(`(() => { const i = document.querySelector("#command-find"); i.value = %q; i.dispatchEvent(new Event("input")); })()`, words))
		if s := w.text(`document.querySelector("#command-list").textContent`); !strings.Contains(s, want) {
			t.Errorf("%q finds %q", words, s)
		}
		w.run(`document.querySelector("#commands").close()`)
	}
	for words, want := range map[string]string{"flush": "Put … on …", "hinge": "turn about", "insert": "rim to rim", "fix": "Ground a part", "flip": "Turn the alignment",
		"constraint": "Begin a sentence", "lock": "fixed to", "width": "centred in", "rack_pinion": "Couple"} {
		find(strings.ReplaceAll(words, "_", " "), want)
	}
	w.run(`setfast.commands.settings.run()`)
	w.run(`(() => { const [n, v] = document.querySelectorAll("#values input"); n.value = "teeth"; v.value = "3 * 18"; })()`)
	w.changed(`document.querySelector("#settings-go").click()`)
	if v := asm().Values; len(v) != 1 || v[0].Text != "3 * 18" {
		t.Errorf("named values: %+v", v)
	}
	for _, c := range []string{"Vent knuckle", "Clevis pin 8x44"} {
		ref := w.nearest(c, "cylinder", 0, 0, 0)
		w.run(fmt.Sprintf("setfast.pick(%q)", ref))
		w.run(fmt.Sprintf("setfast.pick(%q)", w.nearest("Hinge bracket, left", "cylinder", 0, 20, 25)))
		w.until(`document.querySelectorAll(".offer").length > 4 && !document.querySelector("#saying").hasAttribute("aria-busy")`)
		w.offer("turns about it")
		w.changed(`document.querySelector("#post").click()`)
	}
	w.run(`setfast.commands.couple.run()`)
	w.until(`document.querySelectorAll("#couple-a option").length >= 2`)
	w.run(`(() => { document.querySelector("#ratio").value = "-18 / teeth"; })()`)
	w.changed(`document.querySelector("#couplepost").click()`)
	m := latest(asm())
	if x, _ := m.Num("ratio"); m.Type != "gear" || x > -0.33 || x < -0.34 || m.JointA == m.JointB {
		t.Errorf("kept: %s %s %s at %g", m.Type, m.JointA, m.JointB, x)
	}
	for range 4 {
		w.undo()
	}
}

// TestCamFromEdge couples the sample's latch anew: the cam's face and the follower's are picked, the lifts, stroke and limits are told, and the
// motion is tried before it is posted.
func TestCamFromEdge(t *testing.T) {
	w := browser(t, false)
	w.at("Vent latch")
	w.changed(`setfast.sentence.post({do: "unrelate", relation: "cam 1"})`)
	w.keys("l")
	w.until(`!document.querySelector("#coupling").hidden`)
	w.run(`(() => { const s = document.querySelector("#couple-type"); s.value = "cam"; s.dispatchEvent(new Event("input", {bubbles: true})); })()`)
	w.until(`document.querySelector("#couple-a").value === "turn 1" && document.querySelector("#couple-b").value === "slide 1"`)
	w.click("#cam-edge")
	w.says("#couplehint", "Pick the cam's flat face")
	w.run(fmt.Sprintf(`setfast.pick(%q)`, w.nearest("Latch cam", "plane", 6, 0, 14)))
	w.says("#couplehint", "Now pick what of the follower")
	w.run(fmt.Sprintf(`setfast.pick(%q)`, w.nearest("Latch follower", "plane", 0, 0, 0)))
	w.until(`document.querySelector("#profile").value.includes(";")`)
	w.says("#couplehint", "a flat follower: stroke 12 mm")
	w.says("#couplehint", "2 → 1 freedoms")
	w.changed(`document.querySelector("#couplepost").click()`)
	j, err := theApp.Judge(context.Background(), sampleAssembly(t, "Vent latch"))
	if err != nil || j.Result.Left != 1 {
		t.Errorf("%v freedoms are left (%v)", j.Result.Left, err)
	}
	w.undo()
	w.undo()
}
