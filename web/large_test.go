package web_test

import (
	"context"
	"fmt"
	"math"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/store"
	"setfast/web/drive"
)

const (
	manyShapes = 300
	manyParts  = 1000
	holesEach  = 6 // of some 160 triangles
)

// large makes an assembly of many parts of many shapes, by the ordinary ways.
func large(b *testing.B) int64 {
	b.Helper()
	ctx := context.Background()
	must := func(err error) {
		b.Helper()
		if err != nil {
			b.Fatal(err)
		}
	}
	dir := b.TempDir()
	var script strings.Builder
	var in []app.Incoming
	for i := range manyShapes {
		w := 60 + float64(i%20)
		fmt.Fprintf(&script, "box 0 0 0 %g 40 %g\n", w, 6+float64(i/20)/4)
		for h := range holesEach {
			fmt.Fprintf(&script, "cyl %g %g -1 0 0 1 %g 20\ncut\n", 6+float64(h%6)*9, 12+16*float64(h/6), 2+float64(i%7)/8)
		}
		fmt.Fprintf(&script, "product Slat %d\nstep %s\n", i+1, filepath.Join(dir, fmt.Sprint("slat ", i+1, ".step")))
	}
	must(theApp.Kernel.Make(ctx, dir, script.String()))
	project, err := theApp.Store.CreateProject(ctx, "Many parts")
	must(err)
	for i := range manyShapes {
		f, err := os.Open(filepath.Join(dir, fmt.Sprint("slat ", i+1, ".step")))
		must(err)
		defer f.Close()
		in = append(in, app.Incoming{Name: filepath.Base(f.Name()), From: f})
	}
	for len(in) > 0 {
		n := min(50, len(in))
		_, files, err := theApp.Stage(ctx, project, app.Files(in[:n]...))
		must(err)
		in = in[n:]
		for _, f := range files {
			got, err := theApp.ReadStaged(ctx, project, f.ID)
			must(err)
			if got.State != "done" {
				b.Fatal(got.Message)
			}
		}
	}
	parts, err := theApp.Store.Parts(ctx, project)
	must(err)
	asm, err := theApp.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: "Many parts"})
	must(err)
	var seq int64
	for placed := 0; placed < manyParts; placed += 500 {
		var c commands.Place
		for k := range 500 {
			c.Items = append(c.Items, parts[(placed+k)%len(parts)].Key())
		}
		p, err := theApp.Do(ctx, asm, "test", commands.Meant{Base: seq, Command: c})
		must(err)
		seq = p.Seq
	}
	return asm
}

// BenchmarkLarge opens an assembly of 1000 parts, of 300 shapes and some 1000 triangles each, from a warm server in a browser that has
// nothing yet, and moves the pointer about on it. The figures are the browser's own.
func BenchmarkLarge(b *testing.B) {
	asm := large(b)
	page, err := drive.Open(1280, 800, false)
	if err != nil {
		b.Fatal(err)
	}
	defer page.Close()
	must := func(err error) {
		b.Helper()
		if err != nil {
			b.Fatal(err)
		}
	}
	url := fmt.Sprint(address, "/a/", asm)
	// tasks that hold the page up: how many the processor works on for over 50 ms, and the longest, waiting included
	tasks := func(b *testing.B, do func() error) {
		all, err := page.Tasks(do)
		must(err)
		long, most, longest := 0.0, 0.0, 0.0
		for _, t := range all {
			if t.Worked > 50 {
				long++
			}
			most, longest = max(most, t.Worked), max(longest, t.Took)
		}
		b.ReportMetric(long, "long-tasks")
		b.ReportMetric(most, "most-worked-ms")
		b.ReportMetric(longest, "longest-ms")
	}
	must(page.Go(url)) // the server is warm from here on
	must(page.Unwatched())
	b.Run("open", func(b *testing.B) {
		for b.Loop() {
			b.StopTimer()
			must(page.Go("about:blank"))
			must(page.Forget())
			b.StartTimer()
			must(page.Go(url))
		}
		must(page.Go("about:blank"))
		must(page.Forget())
		tasks(b, func() error { return page.Go(url) })
	})
	if dir := os.Getenv("SETFAST_SHOTS"); dir != "" {
		must(page.Shot(filepath.Join(dir, "large.png")))
	}
	b.Run("post", func(b *testing.B) {
		must(page.Until(`document.body.dataset.ready === "yes"`))
		names, err := drive.Eval[[]string](page, `setfast.state().components.slice(-2).map((c) => c.name)`)
		must(err)
		post := func() (ms float64, err error) {
			if _, err = drive.Eval[struct{}](page, fmt.Sprintf(`void (async () => {
				window.shown = 0;
				const t = performance.now();
				await setfast.sentence.post({do: "relate", type: "parallel", put: "%s/x", on: "%s/x"});
				window.shown = performance.now() - t;
			})()`, names[0], names[1])); err != nil {
				return 0, err
			}
			if err = page.Until(`window.shown > 0`); err != nil {
				return 0, err
			}
			return drive.Eval[float64](page, `window.shown`)
		}
		shown := 0.0
		for b.Loop() {
			ms, err := post()
			must(err)
			shown += ms
		}
		b.ReportMetric(shown/float64(b.N), "shown-ms")
		tasks(b, func() error {
			_, err := post()
			return err
		})
	})
	_, err = drive.Eval[struct{}](page, `void (() => {
		window.took = [];
		let t = 0;
		document.addEventListener("pointermove", (e) => { t = e.timeStamp; }, true);
		new MutationObserver(() => { if (t) window.took.push(performance.now() - t); t = 0; }).observe(document.querySelector("#under"), {childList: true, characterData: true, subtree: true});
	})()`)
	must(err)
	must(page.MoveTo(300, 300)) // the first picture of an outline is made ready
	must(page.MoveTo(480, 360))
	script := func(n int, at func(i int) (x, y float64)) float64 {
		from, err := page.ScriptSeconds()
		must(err)
		for i := range n {
			must(page.MoveTo(at(i)))
		}
		to, err := page.ScriptSeconds()
		must(err)
		return (to - from) * 1000 / float64(n)
	}
	// waiting for the picture after a move is script too, but not of the page
	own := script(20, func(i int) (x, y float64) { return 1240, 20 + float64(i%2) })
	b.Run("move", func(b *testing.B) {
		per := 0.0
		about := func() error {
			per = script(40, func(i int) (x, y float64) {
				a := float64(i) * 0.37
				return 380 + 200*math.Cos(a), 330 + 120*math.Sin(1.7*a)
			})
			return nil
		}
		for b.Loop() {
			must(about())
		}
		b.ReportMetric(per-own, "script-ms/move")
		named, err := drive.Eval[[]float64](page, `(() => { const t = [...window.took].sort((a, b) => a - b); return [t.length, t[t.length >> 1] ?? 0, t[Math.floor(t.length * 0.95)] ?? 0]; })()`)
		must(err)
		b.ReportMetric(named[0], "named")
		b.ReportMetric(named[1], "median-named-ms")
		b.ReportMetric(named[2], "p95-named-ms")
		tasks(b, about)
	})
}
