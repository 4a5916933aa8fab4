package web_test

import (
	"context"
	"encoding/csv"
	"fmt"
	"io"
	"net/http"
	"net/url"
	"strings"
	"testing"
)

// TestDaybook writes a note beside a line, names a moment, opens it and compares two; goes back to one, which is a line that is taken back.
func TestDaybook(t *testing.T) {
	id := sampleAssembly(t, "Bearing stand")
	base := fmt.Sprint(address, "/a/", id)
	read := func(path string, form url.Values) (string, int) {
		t.Helper()
		var r *http.Response
		var err error
		if form == nil {
			r, err = http.Get(base + path)
		} else {
			r, err = http.PostForm(base+path, form)
		}
		if err != nil {
			t.Fatal(err)
		}
		defer r.Body.Close()
		data, err := io.ReadAll(r.Body)
		if err != nil {
			t.Fatal(err)
		}
		return string(data), r.StatusCode
	}
	for _, c := range []struct {
		path string
		form url.Values
		says string
		code int
	}{
		{"/daybook", nil, "axis 1: Ø6.6 hole · Bearing block on the axis of Ø6.6 hole · Wall plate", 200},
		{"/daybook?find=parallel", nil, "parallel 1: face", 200},
		{"/daybook?find=no+such+word", nil, "No line says", 200},
		{"/daybook/note", url.Values{"seq": {"3"}, "text": {"as the <drawing> says"}}, "as the &lt;drawing&gt; says", 200},
		{"/daybook/name", url.Values{"seq": {"5"}, "name": {"first seated"}}, "first seated", 200},
		{"/at/1", nil, "As it stood after line 1", 200},
		{"/between?from=2&to=6", nil, "relations added: axis 1, axis 2, on 2, axis 3", 200},
		{"/between?from=6&to=6", nil, "nothing differs", 200},
		{"/daybook/back", url.Values{"seq": {"4"}}, "go back to line 4", 200},
		{"/daybook/back", url.Values{"seq": {"4000"}}, "stands there already", 422},
		{"/at/4000", nil, "", 404}, {"/at/x", nil, "", 422}, {"/daybook?before=x", nil, "", 422}, {"/daybook/note", url.Values{"seq": {"4000"}, "text": {"a"}}, "", 404},
	} {
		if body, code := read(c.path, c.form); code != c.code || !strings.Contains(body, c.says) {
			t.Errorf("%s %v: %d, says nothing of %q", c.path, c.form, code, c.says)
		}
	}
	j, err := theApp.Judge(context.Background(), id)
	if err != nil || len(j.Asm.Mates) != 3 {
		t.Fatalf("%v: %d relations after going back", err, len(j.Asm.Mates))
	}
	if _, err := theApp.Undo(context.Background(), id, j.Seq, "test", ""); err != nil {
		t.Fatal(err)
	}
	if j, err = theApp.Judge(context.Background(), id); err != nil || j.Result.Verdict != "set" {
		t.Errorf("taken back: %v", err)
	}
	_, _ = read("/daybook/note", url.Values{"seq": {"3"}, "text": {""}})
	if body, _ := read("/daybook/name", url.Values{"seq": {"0"}, "name": {"first seated"}}); strings.Contains(body, "first seated") {
		t.Error("the name is still there")
	}
}

// TestSince shows on the stage what has changed since a line: what stood elsewhere in dashed lines, what is new lit.
func TestSince(t *testing.T) {
	w := browser(t, false)
	w.ok(w.Go(fmt.Sprintf("%s/a/%d#since-4", address, sampleAssembly(t, "Bearing stand"))))
	w.says("#then-said", "Bearing block 2 moved by")
	w.until(`setfast.stage.ghosts.group.children.length === 5 && setfast.stage.scene.lit.has("Bearing block 2") && !setfast.stage.scene.lit.has("Wall plate")`)
	w.run(`(() => { const s = document.querySelector("#then-seq"); s.value = "0"; s.dispatchEvent(new Event("change")); })()`)
	w.says("#then-said", "components added")
	w.until(`setfast.stage.ghosts.group.children.length === 0 && setfast.stage.scene.lit.size === 7`)
	w.command("pin")
	w.until(`document.querySelector("#asking").open`)
	w.answer("the state that was agreed")
	w.says("#said", "Pinned to line")
	w.command("then")
	w.until(`document.querySelector("#then").hidden && !setfast.stage.scene.lit`)
	w.ok(w.Go(fmt.Sprintf("%s/a/%d/daybook", address, sampleAssembly(t, "Bearing stand"))))
	w.until(`document.querySelector(".pinned img")?.naturalWidth > 600 && document.querySelector(".pinned").textContent.includes("the state that was agreed")`)
	w.run(`document.querySelector(".pinned button").click()`)
	w.until(`!document.querySelector(".pinned") && document.querySelector(".daylines")`)
}

// TestMarking holds assemblies of the sample against the stand: one that is only placed is told for what is loose, one with other screws for these.
func TestMarking(t *testing.T) {
	_, project, _ := sample(t, false)
	key, placed, bolted := sampleAssembly(t, "Bearing stand"), sampleAssembly(t, "Stand as it came"), sampleAssembly(t, "Bolted stand")
	get := func(query string, code int) string {
		t.Helper()
		r, err := http.Get(fmt.Sprintf("%s/p/%d/marking%s", address, project, query))
		if err != nil {
			t.Fatal(err)
		}
		defer r.Body.Close()
		data, err := io.ReadAll(r.Body)
		if err != nil || r.StatusCode != code {
			t.Fatalf("%s: %d %v", query, r.StatusCode, err)
		}
		return string(data)
	}
	if s := get("", 200); !strings.Contains(s, "What was handed in") {
		t.Error("it does not ask what was handed in")
	}
	rows, err := csv.NewReader(strings.NewReader(get(fmt.Sprintf("?key=%d&of=%d&of=%d&as=csv", key, placed, bolted), 200))).ReadAll()
	if err != nil || len(rows) != 3 {
		t.Fatalf("%v: %v", err, rows)
	}
	for i, want := range []string{"36 freedoms are loose", "GV-201: 0 of 4 placed"} {
		if r := rows[i+1]; r[1] != "no" || !strings.Contains(r[len(r)-1], want) {
			t.Errorf("%v says nothing of %q", r, want)
		}
	}
	if s := get(fmt.Sprintf("/%d?key=%d", placed, key), 200); !strings.Contains(s, "does not pass") || !strings.Contains(s, "relations removed") || strings.Count(s, "<svg xmlns") != 2 {
		t.Error("the page of a submission lacks its reasons, its differences or its pictures")
	}
	get(fmt.Sprintf("/%d?key=%d", key, key), 422)
	get(fmt.Sprintf("/%d", placed), 422)
	if s := get("?key=999999", 404); s == "" {
		t.Error("a key that is not there")
	}
}
