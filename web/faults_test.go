package web_test

import (
	"context"
	"fmt"
	"io"
	"net/http"
	"strings"
	"testing"

	"setfast/store"
)

// TestDemo finds the verdicts on the screen that the sample project is made to show.
func TestDemo(t *testing.T) {
	w, id, as := sample(t, true)
	w.ok(w.Go(fmt.Sprint(address, "/p/", id)))
	w.until(`document.querySelector(".asmlist .v-clashes")`)
	got := w.text(`[...document.querySelectorAll(".asmlist li")].map((l) => l.querySelector(".strong").textContent + ": " + l.querySelector(".verdict").textContent).join("; ")`)
	if want := "Bearing stand: set; Crank drive: clashes; Vent hinge: loose; Covered plate: at odds; Stand as it came: loose; Vent latch: moves as planned; Vent drive: moves as planned; Bolted stand: set"; got != want {
		t.Errorf("the sample shows %q, want %q", got, want)
	}
	// a loose motion that is meant becomes planned, by a press
	w.ok(w.Go(fmt.Sprint(address, "/a/", as[2].ID)))
	w.click(`.f-loose [data-act=plan]`)
	w.until(`setfast.state().motions.filter((m) => m.class === "planned").length === 1`)
	// its showing ends where it began
	w.click(`.f-planned [data-act=swing]`)
	w.until(`document.querySelector("#labels span")`)
	// another window takes it back: this one shows so when it is looked at again
	now, err := theApp.Judge(context.Background(), as[2].ID)
	w.ok(err)
	if _, err := theApp.Undo(context.Background(), as[2].ID, now.Seq, "another", ""); err != nil {
		t.Fatal(err)
	}
	w.run(`dispatchEvent(new Event("focus"))`)
	w.until(`setfast.state().motions.every((m) => m.class !== "planned") && document.querySelector("#said").textContent.includes("another window")`)
	w.run(`dispatchEvent(new Event("focus"))`) // and says nothing where nothing changed
	w.until(`!document.querySelector(".f-planned [data-act=swing]")`)
	if c := w.Complaints(); len(c) > 0 {
		t.Errorf("the page complains: %v", c)
	}
}

// TestFaults asks for what is not there and sends what is wrong: a sentence, never a trace, and nothing changed.
func TestFaults(t *testing.T) {
	ctx := context.Background()
	project, err := theApp.Store.CreateProject(ctx, "Faults")
	if err != nil {
		t.Fatal(err)
	}
	asm, err := theApp.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: "A"})
	if err != nil {
		t.Fatal(err)
	}
	do, long, form := fmt.Sprintf("/a/%d/do", asm), strings.Repeat("ö", 181), "application/x-www-form-urlencoded"
	for _, c := range []struct {
		method, path, body, site string
		code                     int
		says                     string
	}{
		{"GET", "/p/999999", "", "", 404, "not here any more"},
		{"GET", "/a/zzz", "", "", 404, "not here any more"},
		{"GET", "/nowhere", "", "", 404, "no such page"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "dance", "base": 0}`, "same-origin", 422, "unknown act"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "place", "items": ["p424242"], "base": 0}`, "same-origin", 422, "no longer on the Shelf"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "place", "items": ["a` + fmt.Sprint(asm) + `"], "base": 0}`, "same-origin", 422, "inside itself"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "title", "to": "B", "base": 77}`, "same-origin", 409, "meanwhile"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "rename", "component": "nobody", "to": "x", "base": 0}`, "same-origin", 422, "no component"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "unrelate", "relation": "nothing", "base": 0}`, "same-origin", 422, "no relation"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{`, "same-origin", 422, "cannot be read"},
		{"POST", fmt.Sprintf("/a/%d/undo", asm), `{"base": 0}`, "same-origin", 422, "nothing to take back"},
		{"POST", fmt.Sprintf("/a/%d/do", asm), `{"do": "title", "to": "C", "base": 0}`, "cross-site", 403, ""},
		{"POST", fmt.Sprintf("/p/%d/imports", project), "no files", "same-origin", 422, "no files"},
		// words: too long, not UTF-8, no numbers, nowhere to go
		{"POST", do, `{"do": "title", "to": "` + long + `", "base": 0}`, "same-origin", 422, "longer than 180 letters"},
		{"POST", do, `{"do": "title", "number": "` + long[:202] + `", "base": 0}`, "same-origin", 422, "longer than 100 letters"},
		{"POST", do, `{"do": "title", "to": "a\u0007b", "base": 0}`, "same-origin", 422, "cannot be shown"},
		{"POST", do, "{\"do\": \"title\", \"to\": \"\xff\xfe\", \"base\": 0}", "same-origin", 422, "not written in UTF-8"},
		{"POST", do, `{"do": "set", "relation": "x", "to": 1e300, "base": 0}`, "same-origin", 422, "no number that means anything"},
		{"POST", do, `{"do": "set", "relation": "x", "to": 1e999, "base": 0}`, "same-origin", 422, "cannot be read"},
		{"POST", do, `{"do": "title", "to": "B", "base": -1}`, "same-origin", 409, "meanwhile"},
		{"POST", do, `{"do": "title", "to": "B", "base": 0, "token": "` + strings.Repeat("x", 41) + `"}`, "same-origin", 422, "at most 40"},
		{"POST", do, `{"do": "title", "to": "B", "base": 0} and more`, "same-origin", 422, "something follows"},
		{"POST", do, `{"do": "place", "items": ["p01"], "base": 0}`, "same-origin", 422, "names neither"},
		{"POST", "/projects", "name=" + long + strings.Repeat("ö", 10), form, 422, "longer than 190 letters"},
		{"POST", "/projects", "name=" + long + strings.Repeat("ö", 9), form, 200, ""},
		{"GET", "/p/999999/parts", "", "", 404, "not here any more"},
		{"POST", "/projects", "name=%FF%FE", form, 422, "not written in UTF-8"},
		{"POST", "/p/999999/name", "name=Vent", form, 404, "not here any more"},
		{"POST", "/p/999999/assemblies", "name=Vent", form, 404, "not here any more"},
		{"POST", fmt.Sprintf("/p/%d/assemblies", project), "name=Vent&number=" + long[:202], form, 422, "longer than 100 letters"},
		{"DELETE", "/a/999999", "", "same-origin", 404, "not here any more"},
		{"DELETE", do, "", "same-origin", 405, "cannot be done here"},
		{"DELETE", fmt.Sprintf("/p/%d/imports/file/999999", project), "", "same-origin", 422, "over already"},
		{"GET", fmt.Sprintf("/p/%d/imports/%s", project, strings.Repeat("0", 32)), "", "", 404, "not here any more"},
		{"GET", "/preview/" + strings.Repeat("0", 64), "", "", 404, "not here any more"},
	} {
		req, _ := http.NewRequest(c.method, address+c.path, strings.NewReader(c.body))
		req.Header.Set("Accept", "application/json")
		if c.site == form {
			req.Header.Set("Content-Type", form)
			c.site = "same-origin"
		}
		if c.site != "" {
			req.Header.Set("Sec-Fetch-Site", c.site)
		}
		res, err := http.DefaultClient.Do(req)
		if err != nil {
			t.Fatal(err)
		}
		body, _ := io.ReadAll(res.Body)
		res.Body.Close()
		if res.StatusCode != c.code || !strings.Contains(strings.ToLower(string(body)), strings.ToLower(c.says)) || strings.Contains(string(body), "goroutine") {
			t.Errorf("%s %s: %d %s; want %d with %q", c.method, c.path, res.StatusCode, body, c.code, c.says)
		}
		if p := res.Header.Get("Content-Security-Policy"); c.site != "cross-site" && (!strings.Contains(p, "default-src 'none'") || strings.Contains(strings.ReplaceAll(p, "'wasm-unsafe-eval'", ""), "unsafe")) {
			t.Errorf("%s: policy %q", c.path, p)
		}
	}
	if st, err := theApp.Store.State(ctx, asm); err != nil || st.Seq != 0 || len(st.Asm.Components) != 0 {
		t.Errorf("something changed: %d %v", st.Seq, err)
	}
}
