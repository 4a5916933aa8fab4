package drive

import (
	"cmp"
	"encoding/json"
	"slices"
	"time"

	"github.com/chromedp/cdproto/tracing"
	"github.com/chromedp/chromedp"
)

// Task is one that a page's main thread did: how long it took, and how long of that the processor worked on it, in ms. The rest is
// waiting, for a processor or for what draws.
type Task struct{ Took, Worked float64 }

// Tasks has the browser record what the main thread of the page does meanwhile.
func (p *Page) Tasks(do func() error) ([]Task, error) {
	ctx, cancel := p.within(2 * time.Minute)
	defer cancel()
	data, done := chromedp.Events(ctx, tracing.DataCollected), chromedp.Events(ctx, tracing.TracingComplete)
	config := tracing.TraceConfig{IncludedCategories: []string{"toplevel"}, ExcludedCategories: []string{"*"}}
	if err := call(chromedp.Call(ctx, tracing.Start, tracing.StartParams{TraceConfig: &config})); err != nil {
		return nil, err
	}
	wrong := do()
	all := make(chan []traced)
	go func() {
		var list []traced
		for e, err := range data {
			if err != nil {
				break
			}
			for _, v := range e.Value {
				var t traced
				if json.Unmarshal(v, &t) == nil {
					list = append(list, t)
				}
			}
		}
		all <- list
	}()
	if err := call(chromedp.Call(ctx, tracing.End, struct{}{})); err != nil {
		return nil, cmp.Or(wrong, err)
	}
	for _, err := range done {
		if err != nil {
			return nil, cmp.Or(wrong, err)
		}
		break
	}
	cancel()
	return tasksOf(<-all), wrong
}

// traced is an event as the browser writes it; times in µs.
type traced struct {
	Name string
	Ph   string
	Pid  int
	Tid  int
	Dur  float64
	Tdur float64
	Args struct{ Name string }
}

// tasksOf are the tasks of the busiest of the threads that pages run on.
func tasksOf(list []traced) []Task {
	type thread struct{ pid, tid int }
	of := map[thread][]Task{}
	for _, t := range list {
		if t.Name == "thread_name" && t.Args.Name == "CrRendererMain" {
			of[thread{t.Pid, t.Tid}] = []Task{}
		}
	}
	for _, t := range list {
		at := thread{t.Pid, t.Tid}
		if _, is := of[at]; is && t.Ph == "X" && t.Name == "ThreadControllerImpl::RunTask" {
			of[at] = append(of[at], Task{t.Dur / 1e3, t.Tdur / 1e3})
		}
	}
	var most []Task
	worked := func(l []Task) (sum float64) {
		for _, t := range l {
			sum += t.Worked
		}
		return sum
	}
	for _, l := range of {
		if worked(l) > worked(most) {
			most = l
		}
	}
	slices.SortFunc(most, func(a, b Task) int { return cmp.Compare(b.Worked, a.Worked) })
	return most
}
