package web_test

import (
	"fmt"
	"net/http"
	"net/http/httptest"
	"testing"

	"github.com/evanw/esbuild/pkg/api"

	"setfast/web/drive"
)

// pureTests try the parts of the interface that touch neither page nor server. Each script gives "" or what is wrong.
var pureTests = []struct{ name, script string }{
	{"numbers are read as people write them", `
		same(["1.5", "1,5", " −3 ", "2e3", "", "x", "1e999", "0"].map(m.number), [1.5, 1.5, -3, 2000, null, null, null, 0])`},
	{"numbers are shown with four digits behind the point", `
		same([1 / 3, 12, -0.00001, 1e6 + 0.12345].map(m.trim), ["0.3333", "12", "0", "1000000.1235"])`},
	{"a path reads as a way", `same(m.plain("Hinge/Pin/a1"), "Hinge › Pin › a1")`},
	{"a feature is told with its part and what is inside it", `
		same(m.words({f: {n: "a1", k: "cylinder", label: "hole"}, k: {data: {name: "Arm"}}, s: {path: "Pin/"}}), "axis of hole · Arm › Pin (a1)")
		|| same(m.words({f: {n: "xy", k: "plane"}, k: null, s: null}), "xy plane · the assembly")`},
	{"a whole state is taken as it is", `
		same(m.merge(null, whole), {seq: 3, components: [{name: "A"}, {name: "B", pose: 1}], line_order: ["r1", "r2"], lines: {r1: "<li>1", r2: "<li>2"},
			mates: {r1: ["A"], r2: ["A", "B"]}, motions: [{class: "loose"}], findings: "f", balance: "b", verdict: "v", undo: "u", redo: ""})`},
	{"what differs is put into the state before, and nothing else is replaced", `(() => {
		const was = m.merge(null, whole);
		const now = m.merge(was, {base: 3, seq: 4, order: ["B", "C"], components: {C: {name: "C"}}, line_order: ["r3", "r2"], lines: {r3: "<li>3"},
			mates: {r3: ["C"]}, gone: ["r1"], balance: "b2", verdict: "v2", undo: "", redo: "r"});
		return same(now.components.map((c) => c.name), ["B", "C"]) || same(now.components[0] === was.components[1], true)
			|| same(now.lines, {r3: "<li>3", r2: "<li>2"}) || same(now.mates, {r2: ["A", "B"], r3: ["C"]})
			|| same([now.motions === was.motions, now.findings, now.balance, now.redo], [true, "f", "b2", "r"])
			|| same([was.seq, Object.keys(was.lines), Object.keys(was.mates)], [3, ["r1", "r2"], ["r1", "r2"]]);
	})()`},
	{"round features tell their diameters, and of a shank in a hole the room", `(() => {
		const f = (r, side) => ({f: {r, side}});
		return same(m.round([f(3.3, "hole"), f(3, "shaft")]).map((x) => x.words + " " + x.says),
			["Diameter of the first 6.6 mm", "Diameter of the second 6 mm", "Clearance, on the diameter 0.6 mm"])
			|| same(m.round([f(3, "shaft")]).map((x) => x.says), ["6 mm"]) || same(m.round([{f: {}}]), [])
			|| same(m.round([f(3, "shaft"), f(2.99, "hole")])[2].words, "Interference, on the diameter");
	})()`},
	{"a slot is found by its round ends and the walls that touch both, and two holes are none", `(() => {
		const v = (x, y, z) => ({x, y, z});
		const end = (n, x) => ({n, k: "cylinder", side: "hole", r: 4, at: v(x, 0, 0), dir: v(0, 0, 1), face: 1});
		const wall = (n, y) => ({n, k: "plane", at: v(10, y, 3), dir: v(0, -Math.sign(y), 0), face: 2});
		const [a, b] = [end("a", 0), end("b", 20)];
		const of = (...more) => m.slotEnd(a, [a, b, ...more])?.n ?? null;
		return same([of(wall("p", 4), wall("q", -4)), of(), of(wall("p", 4)), of(wall("p", 6), wall("q", -6))], ["b", null, null, null]);
	})()`},
	{"a closed line has nothing inside yet, and is searched by all of it", `(() => {
		const html = '<li class="line"><b>Arm &amp; pin</b><div class="inside" hidden><p>Axis 1</p></div></li>';
		return same([m.element(html).children.length, m.element("<li>head</li>").textContent], [1, "head"])
			|| same(["arm & pin", "axis 1", "inside", "div"].map((w) => m.reads(html).includes(w)), [true, true, false, false]);
	})()`},
	{"every word of the account has a meaning, and no other has", `same(["loose", "At odds", "shaky"].map((w) => !!m.meaning(w)), [true, true, true]) || same(m.meaning("crank"), "")`},
	{"whole trials complete what was left untried, and nothing else changes or moves", `(() => {
		const list = [{type: "a", label: "x", after: 1}, {type: "b", label: "y", untried: true, after: 3}, {type: "b", label: "z", untried: true, after: 3}];
		const at = m.tried(list, [{type: "b", label: "z", after: 0}, {type: "a", label: "x", after: 9}, {type: "b", label: "y", after: 3, odds: "no"}]);
		return same(at, [1, 2]) || same(list.map((o) => [o.label, o.after, !!o.untried, o.odds]), [["x", 1, false, null], ["y", 3, false, "no"], ["z", 0, false, null]])
			|| same(list.map((o) => m.figuresOf(o, false).split(" ").pop()), ["1", "hold", "0"]) || same(m.figuresOf({untried: true}, false), "trying …");
	})()`},
	{"what builds on another state is not taken", `
		same([m.merge(null, {base: 3}), m.merge(m.merge(null, whole), {base: 2})], [null, null])`},
	{"the bodies of relations are told once each", `same(m.bodiesOf(m.merge(null, whole), ["r1", "r2", "r9"]), ["A", "B"])`},
	{"poses by name", `same([...m.poses(m.merge(null, whole))], [["A", undefined], ["B", 1]]) || same([...m.poses(null)], [])`},
	{"no two commands share a key, and each key is the one that is pressed", `(() => {
		const keys = m.byKey(m.table({}));
		const press = (key, more) => keys.get(m.keyOf({key, ...more}));
		return same([press("P"), press("z", {ctrlKey: true}), press("Z", {ctrlKey: true, shiftKey: true}), press("2", {altKey: true}), press("z", {metaKey: true}), press(";")],
			["place", "undo", "redo", "pick-face", "undo", undefined]);
	})()`},
	{"a key that is given twice is told", `(() => { try { m.byKey({one: {key: "p"}, other: {key: "p"}}); } catch (e) { return same(e.message, "other and one have the same key"); } return "taken"; })()`},
	{"a key is shown as it is printed on it", `same([{key: "p"}, {key: "ctrl z", keys: "Ctrl Z"}, {}].map(m.shownKey), ["P", "Ctrl Z", ""])`},
	{"filters let through what can be picked under them", `(() => {
		const f = {hole: {k: "cylinder", dir: 1, face: 1, vertex: -1}, top: {k: "plane", dir: 1, face: 0, vertex: -1}, rim: {k: "circle", dir: 1, face: -1, vertex: -1},
			corner: {k: "point", face: -1, vertex: 4}, ball: {k: "sphere", face: 2, vertex: -1}};
		const under = (filter) => Object.keys(f).filter((n) => m.wants(filter, f[n]));
		return same(["all", "face", "axis", "rim", "point"].map(under), [Object.keys(f), ["hole", "top", "ball"], ["hole"], ["rim"], ["corner", "ball"]]);
	})()`},
	{"typing finds what holds every word, the part at hand left out", `(() => {
		const f = {n: "a1", k: "cylinder", label: "hole", dir: 1, face: 1, vertex: -1};
		const comp = (name) => ({data: {name}, uses: []});
		const arm = comp("Arm"), pin = comp("Pin");
		for (const k of [arm, pin]) k.uses.push({comp: k, path: "", shape: {features: [f], byName: new Map()}});
		const both = new Map([["Arm", arm], ["Pin", pin]]);
		const found = (text, but) => m.search(both, text, "all", but, () => null).map((c) => c.ref);
		return same([found("hole"), found("hole ARM"), found("hole", arm), found("plate")], [["Arm/a1", "Pin/a1"], ["Arm/a1"], ["Pin/a1"], []]);
	})()`},
	{"the halves of a hole are found once, where it closes not at all", `(() => {
		const k = {data: {name: "Arm"}, uses: []};
		const f = (n, more) => ({n, k: "cylinder", label: "hole", dir: 1, face: 1, vertex: -1, ...more});
		k.uses.push({comp: k, path: "", shape: {features: [f("f1"), f("f2", {same: "f1"}), f("e1", {label: "hole edge", seam: true})], byName: new Map()}});
		return same(m.search(new Map([["Arm", k]]), "hole", "all", null, () => null).map((c) => c.ref), ["Arm/f1"]);
	})()`},
	{"digits choose what fits, on any row of keys, and where digits want Shift", `
		same([["1", "Digit1"], ["0", "Digit0"], ["!", "Digit1", true], [")", "Digit0", true], ["&", "Digit1"], ["1", "Digit1", true], ["7", "Numpad7"], ["r", "KeyR"], ["Enter", "Enter"]]
			.map(([key, code, shiftKey]) => m.offerOf({key, code, shiftKey: !!shiftKey})), [0, 9, 10, 19, 0, 0, 6, -1, -1])`},
	{"a file is open until it is read or left", `
		same(["waiting", "with", "reading", "done", "failed", "left over", "cancelled"].filter((state) => m.isOpen({state})), ["waiting", "with", "reading"])`},
}

const pureBasis = `
	const same = (got, want) => { const [a, b] = [got, want].map((x) => JSON.stringify(x)); return a === b ? "" : a + ", want " + b; };
	const whole = {seq: 3, order: ["A", "B"], components: {A: {name: "A"}, B: {name: "B", pose: 1}}, line_order: ["r1", "r2"], lines: {r1: "<li>1", r2: "<li>2"},
		mates: {r1: ["A"], r2: ["A", "B"]}, motions: [{class: "loose"}], findings: "f", balance: "b", verdict: "v", undo: "u", redo: ""};`

// TestScripts runs the pure parts of the interface in a browser.
func TestScripts(t *testing.T) {
	w := browser(t, false)
	built := api.Build(api.BuildOptions{EntryPoints: []string{"src/pure.js"}, Bundle: true, Format: api.FormatESModule, Target: api.ES2022})
	for _, e := range built.Errors {
		t.Fatal(e.Text, e.Location)
	}
	s := httptest.NewServer(http.HandlerFunc(func(w http.ResponseWriter, r *http.Request) {
		if r.URL.Path == "/pure.js" {
			w.Header().Set("Content-Type", "text/javascript")
			w.Write(built.OutputFiles[0].Contents)
			return
		}
		fmt.Fprint(w, `<!doctype html><link rel="icon" href="data:,"><script type="module">window.m = await import("/pure.js")</script>`)
	}))
	defer s.Close()
	w.ok(w.Go(s.URL))
	w.until("window.m")
	for _, c := range pureTests {
		t.Run(c.name, func(t *testing.T) {
			wrong, err := drive.Eval[string](w.Page, "(() => {"+pureBasis+" return ("+c.script+"); })()")
			if err != nil || wrong != "" {
				t.Error(wrong, err)
			}
		})
	}
}
