// Package drive runs headless Chromium for tests and for the pictures of the documentation.
package drive

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"os/exec"
	"sync"
	"time"

	"github.com/chromedp/cdproto/input"
	"github.com/chromedp/chromedp"
)

// Page is one tab.
type Page struct {
	ctx  context.Context
	stop func()
	// Outside are requests that left the machine, Broken what the page complained of.
	Outside, Broken []string
	mu              sync.Mutex
}

// Chromium finds the browser.
func Chromium() (string, error) {
	for _, n := range []string{os.Getenv("SETFAST_CHROMIUM"), "chromium", "chromium-browser"} {
		if n == "" {
			continue
		}
		if p, err := exec.LookPath(n); err == nil {
			return p, nil
		}
	}
	return "", fmt.Errorf("chromium is not installed (Debian package chromium); ./setfast test installs it")
}

// browser is the one that all pages of a process are opened in, each in a profile of its own.
var browser struct {
	mu   sync.Mutex
	ctx  context.Context
	stop func()
}

// start starts the browser once.
func start() (context.Context, error) {
	browser.mu.Lock()
	defer browser.mu.Unlock()
	if browser.ctx != nil && browser.ctx.Err() == nil {
		return browser.ctx, nil
	}
	bin, err := Chromium()
	if err != nil {
		return nil, err
	}
	dir, err := os.MkdirTemp("", "setfast-chromium-")
	if err != nil {
		return nil, err
	}
	opts := []chromedp.ExecAllocatorOption{chromedp.ExecPath(bin), chromedp.UserDataDir(dir), chromedp.WindowSize(1280, 800), chromedp.NoFirstRun, chromedp.Headless, chromedp.NoSandbox,
		chromedp.Flag("disable-quic", true), chromedp.Flag("disable-background-networking", true), chromedp.Flag("disable-component-update", true),
		chromedp.Flag("disable-sync", true), chromedp.Flag("enable-unsafe-swiftshader", true), chromedp.Flag("use-angle", "swiftshader"),
		chromedp.Flag("force-prefers-reduced-motion", true), chromedp.Flag("hide-scrollbars", true)}
	alloc, stopAlloc := chromedp.NewExecAllocator(context.Background(), opts...)
	ctx, stopTab := chromedp.NewContext(alloc)
	browser.stop = func() { stopTab(); stopAlloc(); os.RemoveAll(dir) }
	if err := chromedp.Do(ctx, chromedp.Navigate("about:blank")); err != nil {
		browser.stop()
		return nil, err
	}
	browser.ctx = ctx
	return ctx, nil
}

// Stop ends the browser; whoever opened pages calls it when all is done.
func Stop() {
	browser.mu.Lock()
	defer browser.mu.Unlock()
	if browser.ctx != nil {
		browser.stop()
		browser.ctx = nil
	}
}

// Open opens a page of the given size, in a profile of its own.
func Open(width, height int, dark bool) (*Page, error) {
	root, err := start()
	if err != nil {
		return nil, err
	}
	ctx, stop := chromedp.NewContext(root, chromedp.WithNewBrowserContext())
	p := &Page{ctx: ctx, stop: stop}
	if err := chromedp.Do(ctx, chromedp.EmulateViewport(int64(width), int64(height))); err != nil {
		p.stop()
		return nil, err
	}
	if err := p.watch(); err != nil {
		p.stop()
		return nil, err
	}
	if dark {
		_, err = chromedp.Call(ctx, emulatedMedia, darkMedia)
	}
	return p, err
}

// Close closes the page.
func (p *Page) Close() { p.stop() }

func (p *Page) within(d time.Duration) (context.Context, context.CancelFunc) {
	return context.WithTimeout(p.ctx, d)
}

// Go opens an address and waits until the page says that it is ready, where it is a Bench.
func (p *Page) Go(url string) error {
	ctx, cancel := p.within(30 * time.Second)
	defer cancel()
	if err := chromedp.Do(ctx, chromedp.Navigate(url)); err != nil {
		return err
	}
	return p.Until(`document.readyState === "complete" && (document.body.dataset.place !== "bench" || document.body.dataset.ready === "yes")`)
}

// Eval runs a script and gives its value.
func Eval[T any](p *Page, script string) (T, error) {
	ctx, cancel := p.within(20 * time.Second)
	defer cancel()
	return chromedp.Run(ctx, chromedp.Evaluate[T](script))
}

// Until waits for a script to be true.
func (p *Page) Until(script string) error {
	deadline := time.Now().Add(30 * time.Second)
	for {
		ok, err := Eval[bool](p, "!!("+script+")")
		if err == nil && ok {
			return nil
		}
		if time.Now().After(deadline) {
			text, _ := Eval[string](p, "document.body ? document.body.innerText.slice(0, 600) : ''")
			return fmt.Errorf("never came true: %s (%v); the page shows: %s", script, err, text)
		}
		time.Sleep(25 * time.Millisecond)
	}
}

// Click presses the mouse where an element is.
func (p *Page) Click(css string) error {
	q, _ := json.Marshal(css)
	at, err := Eval[[]float64](p, fmt.Sprintf(`(() => { const e = document.querySelector(%s); if (!e) return []; e.scrollIntoView({block: "nearest"}); const r = e.getBoundingClientRect(); return r.width ? [r.left + r.width / 2, r.top + r.height / 2] : []; })()`, q))
	if err != nil {
		return err
	}
	if len(at) != 2 {
		return fmt.Errorf("nothing to click at %s", css)
	}
	return p.ClickAt(at[0], at[1])
}

// ClickAt moves the mouse to a place and presses it.
func (p *Page) ClickAt(x, y float64) error {
	if err := p.MoveTo(x, y); err != nil {
		return err
	}
	ctx, cancel := p.within(10 * time.Second)
	defer cancel()
	return chromedp.Do(ctx, chromedp.MouseClickXY(x, y))
}

// MoveTo moves the mouse and waits for a picture to be drawn.
func (p *Page) MoveTo(x, y float64) error {
	ctx, cancel := p.within(10 * time.Second)
	defer cancel()
	if err := chromedp.Do(ctx, chromedp.MouseEvent(input.DispatchMouseEventTypeMouseMoved, x, y)); err != nil {
		return err
	}
	return p.settle()
}

// Drag presses the mouse at the first place, moves it through the others and lets go at the last.
func (p *Page) Drag(places ...[2]float64) error {
	if err := p.Pull(places...); err != nil {
		return err
	}
	return p.mouse(input.DispatchMouseEventTypeMouseReleased, places[len(places)-1])
}

// Pull does the same without letting go.
func (p *Page) Pull(places ...[2]float64) error {
	first := places[0]
	if err := p.MoveTo(first[0], first[1]); err != nil {
		return err
	}
	if err := p.mouse(input.DispatchMouseEventTypeMousePressed, first); err != nil {
		return err
	}
	for _, at := range places[1:] {
		if err := p.mouse(input.DispatchMouseEventTypeMouseMoved, at); err != nil {
			return err
		}
	}
	return nil
}

// mouse sends an event of the left button and waits for a picture.
func (p *Page) mouse(what input.DispatchMouseEventType, at [2]float64) error {
	ctx, cancel := p.within(10 * time.Second)
	defer cancel()
	if err := chromedp.Do(ctx, chromedp.MouseEvent(what, at[0], at[1], chromedp.ButtonLeft)); err != nil {
		return err
	}
	return p.settle()
}

// settle waits for two pictures.
func (p *Page) settle() error {
	if _, err := Eval[chromedp.Void](p, `window.__drawn = 0, requestAnimationFrame(() => requestAnimationFrame(() => { window.__drawn = 1; }))`); err != nil {
		return err
	}
	return p.Until("window.__drawn === 1")
}

// Type sends keys to whatever has the focus.
func (p *Page) Type(keys string) error {
	ctx, cancel := p.within(20 * time.Second)
	defer cancel()
	return chromedp.Do(ctx, chromedp.KeyEvent(keys))
}

// Shot takes a picture.
func (p *Page) Shot(file string) error {
	if err := p.settle(); err != nil {
		return err
	}
	ctx, cancel := p.within(30 * time.Second)
	defer cancel()
	png, err := chromedp.Run(ctx, chromedp.CaptureScreenshot())
	if err != nil {
		return err
	}
	return os.WriteFile(file, png, 0o644)
}

// SetFiles hands files to a file input.
func (p *Page) SetFiles(css string, files ...string) error {
	ctx, cancel := p.within(20 * time.Second)
	defer cancel()
	return chromedp.Do(ctx, chromedp.SetUploadFiles(chromedp.CSS(css), files))
}
