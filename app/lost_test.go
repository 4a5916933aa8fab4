package app_test

import (
	"context"
	"errors"
	"fmt"
	"slices"
	"strings"
	"sync"
	"testing"
	"time"

	"setfast/app"
	"setfast/app/commands"
	"setfast/store"
)

// newAssembly starts an assembly in the sample project.
func newAssembly(t *testing.T, name string) (id, project int64) {
	t.Helper()
	project = sampleProject
	var err error
	id, err = a.Store.CreateAssembly(context.Background(), store.Assembly{ProjectID: project, Name: name})
	if err != nil {
		t.Fatal(err)
	}
	return id, project
}

// act carries an act out on an assembly as it stands.
func act(t *testing.T, id int64, what commands.Command) *app.Posted {
	t.Helper()
	p, err := tryAct(id, what)
	if err != nil {
		t.Fatalf("%+v: %v", what, err)
	}
	return p
}

func tryAct(id int64, what commands.Command) (*app.Posted, error) {
	for {
		st, err := a.Store.State(context.Background(), id)
		if err != nil {
			return nil, err
		}
		p, err := a.Do(context.Background(), id, "test", commands.Meant{Base: st.Seq, Command: what})
		if !errors.Is(err, store.ErrMoved) {
			return p, err
		}
	}
}

func back(t *testing.T, id int64, kind func(context.Context, int64, int64, string, string) (*app.Posted, error)) *app.Posted {
	t.Helper()
	st, err := a.Store.State(context.Background(), id)
	if err != nil {
		t.Fatal(err)
	}
	p, err := kind(context.Background(), id, st.Seq, "test", "")
	if err != nil {
		t.Fatal(err)
	}
	return p
}

// TestManyAtOnce lets far more people edit one assembly at once than there are connections, while the server is asked how it is:
// it answers throughout, and every edit that was acknowledged is there.
func TestManyAtOnce(t *testing.T) {
	id, _ := newAssembly(t, "Many at once")
	ctx, cancel := context.WithTimeout(context.Background(), time.Minute)
	defer cancel()
	var wg sync.WaitGroup
	const people, each = 40, 3
	errs := make(chan error, people*each)
	for i := range people {
		wg.Go(func() {
			for k := range each {
				_, err := tryAct(id, commands.Title{To: fmt.Sprintf("by %d, %d", i, k)})
				errs <- err
			}
		})
	}
	done := make(chan struct{})
	go func() { wg.Wait(); close(done) }()
	for asking := true; asking; {
		select {
		case <-done:
			asking = false
		case <-ctx.Done():
			t.Fatal("it came to a standstill")
		case <-time.After(10 * time.Millisecond):
			soon, end := context.WithTimeout(ctx, 5*time.Second)
			if err := a.Store.Ping(soon); err != nil {
				t.Errorf("while %d people edit: %v", people, err)
			}
			end()
		}
	}
	close(errs)
	for err := range errs {
		if err != nil {
			t.Error(err)
		}
	}
	st, err := a.Store.State(context.Background(), id)
	if err != nil || st.Seq != people*each {
		t.Errorf("%d lines for %d acts, %v", st.Seq, people*each, err)
	}
}

func judgeID(t *testing.T, id int64) *app.Judged {
	t.Helper()
	j, err := a.Judge(context.Background(), id)
	if err != nil {
		t.Fatal(err)
	}
	return j
}

// TestActsTouchWhatTheyName: setting a limit or a value leaves every other expression as it is written, and a new name of the
// assembly its number.
func TestActsTouchWhatTheyName(t *testing.T) {
	id, project := newAssembly(t, "Touch")
	parts, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	act(t, id, commands.Place{Items: []string{parts[0].Key(), parts[1].Key()}})
	names := judgeID(t, id).Asm.Components
	p := act(t, id, commands.Relate{Type: "cylindrical", On: names[0].Name + "/x", Put: names[1].Name + "/x"})
	joint := p.Asm.Mates[0].ID
	set := func(w commands.Limit) {
		w.Relation, w.Of = joint, "angle"
		act(t, id, w)
	}
	num := func(x float64) *float64 { return &x }
	text := func() string {
		m := judgeID(t, id).Asm.Mate(joint)
		l, _ := m.Limits("angle")
		return fmt.Sprintf("%q %q %v %v", m.Text("limits.angle.0"), m.Text("limits.angle.1"), l.Lo != nil, l.Hi != nil)
	}
	set(commands.Limit{End: "lo", Text: "-10 deg - 5 deg"})
	set(commands.Limit{End: "hi", Text: "0.5 rad"})
	if s := text(); s != `"-10 deg - 5 deg" "0.5 rad" true true` {
		t.Errorf("both limits as expressions: %s", s)
	}
	set(commands.Limit{End: "hi", To: num(40)})
	if s := text(); s != `"-10 deg - 5 deg" "" true true` {
		t.Errorf("the upper limit a number: %s", s)
	}
	set(commands.Limit{Lo: num(-15), Hi: num(50)}) // as pages send that know no ends: the lower one as it was shown
	if s := text(); s != `"-10 deg - 5 deg" "" true true` {
		t.Errorf("both at once, one as it was: %s", s)
	}
	set(commands.Limit{End: "hi"})
	if s := text(); s != `"-10 deg - 5 deg" "" true false` {
		t.Errorf("the upper limit taken away: %s", s)
	}
	d := act(t, id, commands.Relate{Type: "distance", On: names[0].Name + "/xy", Put: names[1].Name + "/xy", Value: num(3)})
	dist := d.Asm.Mates[1].ID
	act(t, id, commands.Set{Relation: dist, Text: "1 in + 3 mm"})
	set(commands.Limit{End: "lo"})
	act(t, id, commands.Turn{Relation: dist})
	act(t, id, commands.Suppress{Relation: dist, On: true})
	if m := judgeID(t, id).Asm.Mate(dist); m.Text("value") != "1 in + 3 mm" || !m.Suppressed {
		t.Errorf("after other acts the value is written %q", m.Text("value"))
	}
	number := "GV-7"
	act(t, id, commands.Title{Number: &number})
	if j := act(t, id, commands.Title{To: "Touched"}); j.Asm.Number != "GV-7" || j.Asm.Name != "Touched" {
		t.Errorf("renamed it is %q, %q", j.Asm.Number, j.Asm.Name)
	}
}

// TestTooHard: an act whose account takes longer than it may is refused with a sentence, and nothing is changed.
func TestTooHard(t *testing.T) {
	id, _ := newAssembly(t, "Hard")
	judgeID(t, id)
	usual := a.Limits
	a.Limits.Check = 1
	defer func() { a.Limits = usual }()
	if _, err := tryAct(id, commands.Title{To: "Never"}); err == nil || !strings.Contains(err.Error(), "takes too long") && !errors.Is(err, store.ErrBusy) {
		t.Errorf("%v", err)
	}
	if st, err := a.Store.State(context.Background(), id); err != nil || st.Seq != 0 {
		t.Errorf("line %d, %v", st.Seq, err)
	}
}

// TestSecondWindow: an act meant for an older state is carried out where nothing that changed touches it, and told what did where
// something does.
func TestSecondWindow(t *testing.T) {
	id, project := newAssembly(t, "Two windows")
	parts, err := a.Store.Parts(context.Background(), project)
	if err != nil {
		t.Fatal(err)
	}
	p := act(t, id, commands.Place{Items: slices.Repeat([]string{parts[0].Key()}, 3)})
	names, base := p.Asm.Components, p.Seq
	act(t, id, commands.Rename{Component: names[1].Name, To: "Renamed elsewhere"})
	late := func(w commands.Command) error {
		_, err := a.Do(context.Background(), id, "test", commands.Meant{Base: base, Command: w})
		return err
	}
	if err := late(commands.Suppress{Component: names[2].Name, On: true}); err != nil {
		t.Errorf("another part: %v", err)
	}
	if err := late(commands.Title{To: "Both"}); err != nil {
		t.Errorf("the title: %v", err)
	}
	for _, w := range []commands.Command{commands.Rename{Component: names[1].Name, To: "Renamed here"}, commands.Title{To: "Again"}, commands.Suppress{Component: names[1].Name, On: true},
		commands.Relate{Type: "fastened", On: names[0].Name + "/origin", Put: names[1].Name + "/origin"}, commands.Unplan{}, commands.Remove{Component: names[2].Name}} {
		var me *app.MovedError
		if err := late(w); !errors.Is(err, store.ErrMoved) || errors.As(err, &me) && !strings.Contains(err.Error(), "name the assembly Both") {
			t.Errorf("%+v: %v", w, err)
		}
	}
}
