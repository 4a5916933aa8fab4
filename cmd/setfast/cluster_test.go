package main

import (
	"bytes"
	"context"
	"encoding/json"
	"fmt"
	"io"
	"net/http"
	"net/url"
	"os"
	"path/filepath"
	"strings"
	"sync"
	"testing"
	"time"

	"setfast/internal/cluster"
)

// writer is somebody who edits assemblies at one server, one act after another, as a page does: what is refused because somebody else was first is said again on how it
// stands then, and a server that is busy is asked again. It keeps what was acknowledged.
type writer struct {
	base, name string
	asms       []int64
	client     *http.Client
	done       map[int64][]string // by assembly: the tokens of what was acknowledged
	longest    time.Duration      // that one act took
	moved      int                // times that somebody else was first
	bad        []string
}

func (w *writer) ask(path string, in, out any) (int, error) {
	method, body := "GET", io.Reader(nil)
	if in != nil {
		data, err := json.Marshal(in)
		if err != nil {
			return 0, err
		}
		method, body = "POST", bytes.NewReader(data)
	}
	req, err := http.NewRequest(method, w.base+path, body)
	if err != nil {
		return 0, err
	}
	req.Header.Set("Accept", "application/json")
	req.Header.Set("Content-Type", "application/json")
	r, err := w.client.Do(req)
	if err != nil {
		return 0, err
	}
	defer r.Body.Close()
	data, err := io.ReadAll(r.Body)
	if err == nil && r.StatusCode == 200 {
		return 200, json.Unmarshal(data, out)
	}
	return r.StatusCode, fmt.Errorf("%s", data)
}

// act renames an assembly.
func (w *writer) act(asm int64, n int) {
	token := fmt.Sprintf("%s-%d", w.name, n)
	begun := time.Now()
	busy := 0
	for {
		var st struct{ Seq int64 }
		code, err := w.ask(fmt.Sprintf("/a/%d/state", asm), nil, &st)
		if code == 200 {
			code, err = w.ask(fmt.Sprintf("/a/%d/do", asm), map[string]any{"do": "title", "to": token, "base": st.Seq, "token": token}, &st)
		}
		switch {
		case code == 200:
			w.longest = max(w.longest, time.Since(begun))
			w.done[asm] = append(w.done[asm], token)
			return
		case code == 409:
			w.moved++
		case code == 503 && busy < 4:
			busy++
			time.Sleep(time.Duration(busy) * 400 * time.Millisecond) // as the page does
		default:
			w.bad = append(w.bad, fmt.Sprintf("%s: %d %v after %v", token, code, err, time.Since(begun)))
			return
		}
	}
}

// TestCluster lets two servers stand before three nodes of a cluster, with people who write at both. A node is killed and comes back, one is cut off from the others and
// comes back: no edit that was acknowledged is missing at any node, no line is there twice, and nobody is told of an error.
func TestCluster(t *testing.T) {
	if os.Getenv("SETFAST_CLUSTER") == "" {
		t.Skip("takes a minute; SETFAST_CLUSTER=1 runs it")
	}
	c := cluster.Start(t, 3)
	n := c.Nodes
	at := func(first int) string {
		var list []string
		for i := range n {
			list = append(list, n[(first+i)%len(n)].Address)
		}
		return "root@tcp(" + strings.Join(list, ",") + ")/setfast"
	}
	servers := make([]*program, 2)
	var both sync.WaitGroup
	for i := range servers { // both bring the tables up to date
		both.Go(func() { servers[i] = serve(t, "--database", at(i)) })
	}
	both.Wait()
	for _, s := range servers {
		if s == nil || !s.well() {
			t.Fatal("a server does not start: ", s.said())
		}
	}
	client := &http.Client{Timeout: time.Minute}
	post := func(path string, form url.Values) (id int64) {
		t.Helper()
		r, err := client.PostForm(servers[0].address+path, form)
		if err != nil || r.StatusCode != 200 {
			t.Fatal(path, r, err)
		}
		r.Body.Close()
		_, err = fmt.Sscanf(r.Request.URL.Path[strings.LastIndex(r.Request.URL.Path, "/")+1:], "%d", &id)
		if err != nil {
			t.Fatal(r.Request.URL, err)
		}
		return id
	}
	project := post("/projects", url.Values{"name": {"Ridge vent"}})
	made := func(name string) int64 {
		return post(fmt.Sprintf("/p/%d/assemblies", project), url.Values{"name": {name}})
	}
	cycles(t, servers, client, made)
	shared := []int64{made("Stand"), made("Hinge")}
	ctx, stop := context.WithCancel(context.Background())
	var writers []*writer
	var writing sync.WaitGroup
	for i, s := range servers {
		for k := range 4 {
			w := &writer{base: s.address, name: fmt.Sprintf("w%d%d", i, k), asms: append([]int64{made(fmt.Sprintf("own %d %d", i, k))}, shared...), client: client, done: map[int64][]string{}}
			writers = append(writers, w)
			writing.Go(func() {
				for n := 0; ctx.Err() == nil; n++ {
					w.act(w.asms[n%len(w.asms)], n)
					time.Sleep(20 * time.Millisecond)
				}
			})
		}
	}
	step := func(what string, lasts time.Duration) {
		t.Log(what)
		time.Sleep(lasts)
	}
	step("all is well", 5*time.Second)
	n[0].Kill()
	step("the first server's node is killed", 8*time.Second)
	n[0].Again(t)
	n[0].Synced(t)
	step("it is back", 4*time.Second)
	n[1].CutOff(t, true)
	step("the second server's node is cut off", 8*time.Second)
	n[1].CutOff(t, false)
	n[1].Synced(t)
	step("it is back", 4*time.Second)
	stop()
	writing.Wait()
	n[0].Kill() // a backup is of whoever answers
	if code, out, errs := do("backup", filepath.Join(t.TempDir(), "b.gz"), "--database", at(0)); code != 0 {
		t.Errorf("backup: %d %s %s", code, out, errs)
	}
	n[0].Again(t)
	acknowledged, moved := 0, 0
	var longest time.Duration
	for _, w := range writers {
		for _, b := range w.bad {
			t.Errorf("told of an error: %s", b)
		}
		longest, moved = max(longest, w.longest), moved+w.moved
		for _, list := range w.done {
			acknowledged += len(list)
		}
	}
	for _, s := range servers {
		if t.Failed() {
			t.Log(s.said())
		}
	}
	t.Logf("%d edits acknowledged, the longest took %.1f s; %d times somebody else was first", acknowledged, longest.Seconds(), moved)
	if acknowledged < 500 {
		t.Errorf("only %d edits were acknowledged", acknowledged)
	}
	for _, x := range n {
		x.Synced(t)
		for _, w := range writers {
			for asm, tokens := range w.done {
				there := tokensOf(t, x, asm)
				for _, token := range tokens {
					if there[token] != 1 {
						t.Errorf("%s, assembly %d: %s is there %d times", x.Address, asm, token, there[token])
					}
				}
			}
		}
		var gaps, latest int
		if err := x.DB.QueryRow("SELECT COUNT(*) FROM setfast.assemblies a WHERE a.seq<>(SELECT COUNT(*) FROM setfast.edits e WHERE e.assembly_id=a.id)").Scan(&gaps); err != nil || gaps > 0 {
			t.Errorf("%s: %d logs have gaps, %v", x.Address, gaps, err)
		}
		if err := x.DB.QueryRow("SELECT SUM(seq) FROM setfast.assemblies").Scan(&latest); err != nil || latest < acknowledged {
			t.Errorf("%s: %d lines, %d were acknowledged, %v", x.Address, latest, acknowledged, err)
		}
	}
}

// cycles lets two assemblies place each other at once, at two nodes: one of the two is refused each time.
func cycles(t *testing.T, servers []*program, client *http.Client, made func(string) int64) {
	t.Helper()
	for range 8 {
		pair := [2]int64{made("A"), made("B")}
		var codes [2]int
		var placing sync.WaitGroup
		for i, s := range servers {
			w := &writer{base: s.address, client: client}
			placing.Go(func() {
				act := map[string]any{"do": "place", "items": []string{fmt.Sprint("a", pair[1-i])}, "base": 0}
				codes[i], _ = w.ask(fmt.Sprintf("/a/%d/do", pair[i]), act, &struct{}{})
			})
		}
		placing.Wait()
		if codes != [2]int{200, 422} && codes != [2]int{422, 200} {
			t.Errorf("placing each other: %v", codes)
		}
	}
}

// tokensOf counts what each act has become in the log of an assembly, at one node.
func tokensOf(t *testing.T, x *cluster.Node, asm int64) map[string]int {
	t.Helper()
	rows, err := x.DB.Query("SELECT token FROM setfast.edits WHERE assembly_id=?", asm)
	if err != nil {
		t.Fatal(err)
	}
	defer rows.Close()
	out := map[string]int{}
	for rows.Next() {
		var s string
		if err := rows.Scan(&s); err != nil {
			t.Fatal(err)
		}
		out[s]++
	}
	return out
}
