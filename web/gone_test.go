package web_test

import (
	"context"
	"fmt"
	"testing"
	"time"

	"setfast/app/commands"
)

// TestServerGone takes the server away from under an open Bench and brings it back: the page says so, waits, and then shows what
// was done meanwhile.
func TestServerGone(t *testing.T) {
	w, _, _ := sample(t, false)
	stand := sampleAssembly(t, "Bearing stand")
	where, stop := serving(t, "127.0.0.1:0")
	w.ok(w.Go(fmt.Sprintf("http://%s/a/%d", where, stand)))
	w.until(`document.body.dataset.seq`)
	stop()
	w.click(`[data-act="undo"]`)
	w.until(`document.querySelector("#said.bad")?.textContent.includes("does not answer") && !document.body.hasAttribute("aria-busy")`)
	j, err := theApp.Judge(context.Background(), stand)
	w.ok(err)
	p, err := theApp.Do(context.Background(), stand, "another", commands.Meant{Base: j.Seq, Command: commands.Title{To: "Meanwhile"}})
	w.ok(err)
	_, stop = serving(t, where)
	defer stop()
	w.seq(int(p.Seq))
	w.until(`document.querySelector("#said").textContent.includes("answers again")`)
	time.Sleep(10 * time.Millisecond)
	_, err = theApp.Undo(context.Background(), stand, p.Seq, "another", "")
	w.ok(err)
}
