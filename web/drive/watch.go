package drive

import (
	"errors"
	"net/url"
	"time"

	"github.com/chromedp/cdproto/emulation"
	"github.com/chromedp/cdproto/log"
	"github.com/chromedp/cdproto/network"
	"github.com/chromedp/cdproto/page"
	"github.com/chromedp/cdproto/performance"
	"github.com/chromedp/cdproto/runtime"
	"github.com/chromedp/chromedp"
)

var emulatedMedia = emulation.SetEmulatedMedia

var darkMedia = emulation.SetEmulatedMediaParams{Features: []*emulation.MediaFeature{{Name: "prefers-color-scheme", Value: "dark"}}}

// First runs a script in every document that is opened from now on, before any of its own.
func (p *Page) First(script string) error {
	return call(chromedp.Call(p.ctx, page.AddScriptToEvaluateOnNewDocument, page.AddScriptToEvaluateOnNewDocumentParams{Source: script}))
}

// watch notes requests to other machines and complaints of the page.
func (p *Page) watch() error {
	requests := chromedp.Events(p.ctx, network.RequestWillBeSent)
	thrown := chromedp.Events(p.ctx, runtime.ExceptionThrown)
	logged := chromedp.Events(p.ctx, log.EntryAdded)
	for _, err := range []error{
		call(chromedp.Call(p.ctx, network.Enable, network.EnableParams{})),
		call(chromedp.Call(p.ctx, runtime.Enable, struct{}{})),
		call(chromedp.Call(p.ctx, log.Enable, struct{}{})),
	} {
		if err != nil {
			return err
		}
	}
	go func() {
		for e, err := range requests {
			if err != nil {
				return
			}
			u, err := url.Parse(e.Request.URL)
			if err == nil && (u.Scheme == "http" || u.Scheme == "https" || u.Scheme == "ws") && u.Hostname() != "127.0.0.1" {
				p.note(&p.Outside, e.Request.URL)
			}
		}
	}()
	go func() {
		for e, err := range thrown {
			if err != nil {
				return
			}
			text := e.ExceptionDetails.Text
			if x := e.ExceptionDetails.Exception; x != nil {
				text += " " + x.Description
			}
			p.note(&p.Broken, text)
		}
	}()
	go func() {
		for e, err := range logged {
			if err != nil {
				return
			}
			if e.Entry.Level == log.EntryLevelError {
				p.note(&p.Broken, e.Entry.Text+" "+e.Entry.URL)
			}
		}
	}()
	return nil
}

func call[T any](_ T, err error) error { return err }

func (p *Page) note(list *[]string, text string) {
	p.mu.Lock()
	defer p.mu.Unlock()
	*list = append(*list, text)
}

// Complaints are requests that left the machine and errors of the page's scripts so far.
func (p *Page) Complaints() []string {
	p.mu.Lock()
	defer p.mu.Unlock()
	return append(append([]string(nil), p.outside()...), p.Broken...)
}

func (p *Page) outside() []string {
	var out []string
	for _, u := range p.Outside {
		out = append(out, "request leaving the machine: "+u)
	}
	return out
}

// Unwatched stops listening to what the page fetches, which takes time of its own.
func (p *Page) Unwatched() error {
	ctx, cancel := p.within(20 * time.Second)
	defer cancel()
	return call(chromedp.Call(ctx, network.Disable, struct{}{}))
}

// Forget empties what the browser keeps of what it fetched.
func (p *Page) Forget() error {
	ctx, cancel := p.within(20 * time.Second)
	defer cancel()
	return call(chromedp.Call(ctx, network.ClearBrowserCache, struct{}{}))
}

// ScriptSeconds is how long scripts of the page have run so far, by the browser's own figures.
func (p *Page) ScriptSeconds() (float64, error) {
	ctx, cancel := p.within(20 * time.Second)
	defer cancel()
	if err := call(chromedp.Call(ctx, performance.Enable, performance.EnableParams{})); err != nil {
		return 0, err
	}
	got, err := chromedp.Call(ctx, performance.GetMetrics, struct{}{})
	if err != nil {
		return 0, err
	}
	for _, m := range got.Metrics {
		if m.Name == "ScriptDuration" {
			return m.Value, nil
		}
	}
	return 0, errors.New("the browser does not tell how long scripts ran")
}
