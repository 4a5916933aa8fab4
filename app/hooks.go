package app

import (
	"bytes"
	"context"
	"crypto/hmac"
	"crypto/rand"
	"crypto/sha256"
	"encoding/hex"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"net"
	"net/http"
	"net/url"
	"slices"
	"strings"
	"sync"
	"time"

	"setfast/app/words"
	"setfast/store"
)

// Told is what a hook is told: the verdict on an assembly has changed.
type Told struct {
	Event    string    `json:"event"` // verdict
	Project  int64     `json:"project"`
	Assembly int64     `json:"assembly"`
	Name     string    `json:"name"`
	Seq      int64     `json:"seq"`
	Was      string    `json:"was"` // empty: it was not taken before
	Is       string    `json:"is"`
	At       time.Time `json:"at"`
}

// How often it is looked for verdicts that have changed, how long telling may take, and after how long it is tried again; then it is given up.
const (
	lookForTurns = 2 * time.Second
	tellTime     = 10 * time.Second
)

var tellAgain = []time.Duration{10 * time.Second, time.Minute, 5 * time.Minute, 30 * time.Minute, 2 * time.Hour, 6 * time.Hour}

const mostHooks = 10

// AddHook lets an address be told of a project's verdicts: one that whoever runs the server allows. The secret by which what is told is signed is shown once.
func (a *App) AddHook(ctx context.Context, project int64, to, maker string) (store.Hook, error) {
	h := store.Hook{Project: project, URL: strings.TrimSpace(to), Maker: maker, Secret: rand.Text()}
	if err := a.mayTell(h.URL); err != nil {
		return h, err
	}
	list, err := a.Store.Hooks(ctx, project)
	if err != nil {
		return h, err
	}
	if len(list) >= mostHooks {
		return h, words.Refuse("a project tells %d addresses at most; take one away first", mostHooks)
	}
	h.ID, err = a.Store.AddHook(ctx, h)
	return h, err
}

// mayTell sees that an address is one of those that whoever runs the server allows, by name and port.
func (a *App) mayTell(to string) error {
	u, err := url.Parse(to)
	if err != nil || u.Scheme != "https" && u.Scheme != "http" || u.Host == "" || u.User != nil || len(to) > 500 {
		return words.Refuse("an address reads https://ci.example/verdicts")
	}
	port := u.Port()
	if port == "" {
		port = map[string]string{"https": "443", "http": "80"}[u.Scheme]
	}
	host := strings.ToLower(u.Hostname())
	if slices.Contains(a.HooksTo, host) || slices.Contains(a.HooksTo, net.JoinHostPort(host, port)) {
		return nil
	}
	if len(a.HooksTo) == 0 {
		return words.Refuse("this server tells no addresses; whoever runs it allows some with --hooks-to")
	}
	return words.Refuse("this server does not tell %s; whoever runs it allows %s", u.Host, strings.Join(a.HooksTo, ", "))
}

// RunHooks tells hooks of verdicts that change, until the context ends. Of several servers one does.
func (a *App) RunHooks(ctx context.Context) {
	if len(a.HooksTo) == 0 {
		return
	}
	for ctx.Err() == nil {
		_, err := a.Store.Alone(ctx, "hooks", func() error {
			for {
				if err := a.tellHooks(ctx); err != nil {
					return err
				}
				select {
				case <-ctx.Done():
					return nil
				case <-time.After(lookForTurns):
				}
			}
		})
		if err != nil && ctx.Err() == nil {
			a.Log.Warn("hooks are not told", "error", err)
		}
		select {
		case <-ctx.Done():
		case <-time.After(lookForTurns):
		}
	}
}

// tellHooks looks once.
func (a *App) tellHooks(ctx context.Context) error {
	turns, err := a.Store.Turns(ctx)
	if err != nil {
		return err
	}
	for _, t := range turns {
		body, err := json.Marshal(Told{"verdict", t.Project, t.Assembly, t.Name, t.Seq, t.Was, t.Is, time.Now().UTC().Truncate(time.Millisecond)})
		if err == nil {
			err = a.Store.Tell(ctx, t, string(body))
		}
		if err != nil {
			return err
		}
	}
	due, err := a.Store.Due(ctx)
	if err != nil {
		return err
	}
	var telling sync.WaitGroup
	errs := make([]error, len(due))
	for i, x := range due {
		telling.Go(func() {
			went, err := a.tell(ctx, x)
			if ctx.Err() != nil {
				return
			}
			over, again := err == nil, time.Duration(0)
			if err != nil {
				went = err.Error()
				if over = x.Tries >= len(tellAgain); !over {
					again = tellAgain[x.Tries]
				}
			}
			errs[i] = a.Store.Sent(ctx, x, over, again, went)
		})
	}
	telling.Wait()
	return errors.Join(errs...)
}

// Sign is the signature of what is told: HMAC-SHA256 (RFC 2104) of the time and the body, with a dot between, in hexadecimal.
func Sign(secret string, at int64, body []byte) string {
	m := hmac.New(sha256.New, []byte(secret))
	fmt.Fprintf(m, "%d.", at)
	m.Write(body)
	return fmt.Sprintf("t=%d,v1=%s", at, hex.EncodeToString(m.Sum(nil)))
}

// teller goes where it is sent and nowhere else.
var teller = &http.Client{Timeout: tellTime, Transport: &http.Transport{Proxy: nil, MaxIdleConns: 20, IdleConnTimeout: time.Minute, TLSHandshakeTimeout: tellTime},
	CheckRedirect: func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse }}

// tell tells once.
func (a *App) tell(ctx context.Context, x store.Send) (went string, err error) {
	if err := a.mayTell(x.URL); err != nil { // what was allowed may be so no more
		return "", err
	}
	req, err := http.NewRequestWithContext(ctx, http.MethodPost, x.URL, bytes.NewReader([]byte(x.Body)))
	if err != nil {
		return "", err
	}
	req.Header.Set("Content-Type", "application/json")
	req.Header.Set("User-Agent", "Setfast")
	req.Header.Set("Setfast-Delivery", fmt.Sprint(x.ID))
	req.Header.Set("Setfast-Signature", Sign(x.Secret, time.Now().Unix(), []byte(x.Body)))
	r, err := teller.Do(req)
	if err != nil {
		var ue *url.Error
		if errors.As(err, &ue) {
			err = ue.Err
		}
		return "", fmt.Errorf("it does not answer: %w", err)
	}
	defer r.Body.Close()
	_, _ = io.Copy(io.Discard, io.LimitReader(r.Body, 64<<10))
	if r.StatusCode < 200 || r.StatusCode > 299 {
		return "", fmt.Errorf("it answers %s", r.Status)
	}
	return "told, " + time.Now().UTC().Format("2006-01-02 15:04:05") + " UTC", nil
}
