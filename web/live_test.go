package web_test

import (
	"bufio"
	"context"
	"encoding/json"
	"fmt"
	"net/http"
	"strings"
	"testing"
	"time"

	"setfast/app/commands"
	"setfast/web/drive"
)

// TestLive has two people at one assembly, each before a server of their own: what one does shows at the other's, with who is there and what is in hand; what
// touches the same thing is refused with what has changed, and one key tries it again.
func TestLive(t *testing.T) {
	w, v := browser(t, false), browser(t, false)
	id := sampleAssembly(t, "Vent hinge")
	second, stop := serving(t, "127.0.0.1:0")
	defer stop()
	w.at("Vent hinge")
	v.ok(v.Go(fmt.Sprintf("http://%s/a/%d", second, id)))
	w.says("#herepill", "1 other here")
	v.run(`document.querySelector(".line[data-component='Vent knuckle'] .rowopen").focus()`)
	v.run(`setfast.pick(setfast.refs("Vent knuckle").find((r) => r.kind === "plane").ref)`)
	w.says("#herepill", "Vent knuckle in hand")
	w.until(`document.querySelector(".line[data-component='Vent knuckle'][data-elsewhere]")`)
	v.run(`setfast.commands.clear.run()`)
	seq, err := drive.Eval[int64](w.Page, `setfast.state().seq`)
	w.ok(err)
	begun := time.Now()
	st, err := theApp.Store.State(context.Background(), id)
	w.ok(err)
	_, err = theApp.Do(context.Background(), id, "test", commands.Meant{Base: st.Seq, Command: commands.Title{To: "Vent hinge, watched"}})
	w.ok(err)
	w.until(fmt.Sprintf(`setfast.state().seq === %d`, seq+1))
	v.until(fmt.Sprintf(`setfast.state().seq === %d`, seq+1))
	t.Logf("shown at both after %v", time.Since(begun))
	_, err = theApp.Undo(context.Background(), id, seq+1, "test", "")
	w.ok(err)
	w.until(fmt.Sprintf(`setfast.state().seq === %d`, seq+2))

	// what is refused is tried again by one key: the page is made to think that it is behind
	w.run(`(() => { setfast.state().seq = -1; setfast.act({do: "title", to: "Hinge, again"}); })()`)
	w.says("#said", "Alt Enter tries it again")
	w.run(`setfast.commands.retry.run()`)
	w.until(fmt.Sprintf(`setfast.state().seq === %d`, seq+3))
	w.undo()

	// a browser that is ended says nothing
	v.run(`navigator.sendBeacon = () => false`)
	v.Close()
	w.until(`document.querySelector("#herepill").hidden`)
}

// TestStream reads the stream of one page as any client would: what is new comes within a second, and nothing comes twice.
func TestStream(t *testing.T) {
	id := sampleAssembly(t, "Vent hinge")
	ctx, cancel := context.WithTimeout(context.Background(), 20*time.Second)
	defer cancel()
	req, err := http.NewRequestWithContext(ctx, "GET", fmt.Sprintf("%s/a/%d/live", address, id), nil)
	if err != nil {
		t.Fatal(err)
	}
	r, err := http.DefaultClient.Do(req)
	if err != nil {
		t.Fatal(err)
	}
	defer r.Body.Close()
	if got := r.Header.Get("Content-Type"); got != "text/event-stream" {
		t.Errorf("it is %s", got)
	}
	lines := bufio.NewScanner(r.Body)
	next := func() (seq int64) {
		t.Helper()
		for lines.Scan() {
			if data, ok := strings.CutPrefix(lines.Text(), "data: "); ok {
				var x struct{ Seq int64 }
				if err := json.Unmarshal([]byte(data), &x); err != nil {
					t.Fatalf("%v: %s", err, data)
				}
				return x.Seq
			}
		}
		t.Fatalf("the stream ended: %v", lines.Err())
		return 0
	}
	st, err := theApp.Store.State(ctx, id)
	if err != nil {
		t.Fatal(err)
	}
	if seq := next(); seq != st.Seq {
		t.Errorf("it begins with line %d, the latest is %d", seq, st.Seq)
	}
	if _, err := theApp.Do(ctx, id, "test", commands.Meant{Base: st.Seq, Command: commands.Title{To: "Streamed"}}); err != nil {
		t.Fatal(err)
	}
	if seq := next(); seq != st.Seq+1 {
		t.Errorf("after an act: line %d, want %d", seq, st.Seq+1)
	}
	if _, err := theApp.Undo(ctx, id, st.Seq+1, "test", ""); err != nil {
		t.Fatal(err)
	}
	if seq := next(); seq != st.Seq+2 {
		t.Errorf("taken back: line %d, want %d", seq, st.Seq+2)
	}
	for body, code := range map[string]int{`{"page": "short"}`: 422, `{"page": "0123456789abcdef0123456789abcdef", "hand": ["Vent knuckle"]}`: 204, `{"page": "0123456789abcdef0123456789abcdef", "gone": true}`: 204, `{`: 422} {
		r, err := http.Post(fmt.Sprintf("%s/a/%d/here", address, id), "application/json", strings.NewReader(body))
		if err != nil {
			t.Fatal(err)
		}
		r.Body.Close()
		if r.StatusCode != code {
			t.Errorf("%s: %d, want %d", body, r.StatusCode, code)
		}
	}
}
