package app_test

import (
	"context"
	"database/sql"
	"encoding/json"
	"errors"
	"strings"
	"sync"
	"testing"
	"time"

	"setfast/app"
	"setfast/internal/bed"
	"setfast/store"
)

// TestJobs has runs done as jobs by two servers on one database: what several ask for alike is done once, who does not wait any longer calls it off, what is wrong is
// told, and what a worker dies over is done by another.
func TestJobs(t *testing.T) {
	if testing.Short() {
		t.Skip("runs motions")
	}
	ctx, stop := context.WithCancel(context.Background())
	defer stop()
	st, err := store.Open(ctx, bed.Database)
	if err != nil {
		t.Fatal(err)
	}
	defer st.Close()
	one, two := app.New(a.Store, a.Kernel), app.New(st, a.Kernel)
	db, err := sql.Open("mysql", bed.Database)
	if err != nil {
		t.Fatal(err)
	}
	defer db.Close()
	count := func(q string) (n int) {
		t.Helper()
		if err := db.QueryRow(q).Scan(&n); err != nil {
			t.Fatal(err)
		}
		return n
	}
	as, err := a.Store.Assemblies(ctx, sampleProject)
	if err != nil {
		t.Fatal(err)
	}
	stay := int64(0)
	for _, x := range as {
		if x.Name == "Vent drive" {
			stay = x.ID
		}
	}
	drive := func(joint string, steps string) json.RawMessage {
		return json.RawMessage(`{"joint": "` + joint + `", "of": "angle", "from": 0, "to": 60, "steps": ` + steps + `}`)
	}
	const joint = "turn 2" // nothing is near it, so that a run is quick
	var here, there struct {
		Names  []string
		Frames [][]json.RawMessage
	}
	// where nobody does jobs, it is done right here
	if err := one.AwaitRun(ctx, app.Running{Assembly: stay, Drive: drive(joint, "12")}, nil, &here); err != nil || len(here.Frames) != 13 {
		t.Fatalf("%v, %d frames", err, len(here.Frames))
	}
	if n := count("SELECT COUNT(*) FROM jobs"); n != 0 {
		t.Errorf("%d jobs", n)
	}
	var working sync.WaitGroup
	first, die := context.WithCancel(ctx)
	working.Go(func() { one.RunJobs(first) })
	defer working.Wait()
	defer stop()
	for !one.DoesJobs() {
		time.Sleep(time.Millisecond)
	}
	var asking sync.WaitGroup
	for range 5 {
		asking.Go(func() {
			var out struct{ Names []string }
			heard := 0
			if err := one.AwaitRun(ctx, app.Running{Assembly: stay, Drive: drive(joint, "120")}, func(float64) { heard++ }, &out); err != nil || len(out.Names) == 0 {
				t.Errorf("%v, %v after %d words", err, out.Names, heard)
			}
		})
	}
	asking.Wait()
	if n := count("SELECT COUNT(*) FROM jobs"); n != 1 {
		t.Errorf("five asked for the same, which made %d jobs", n)
	}
	if err := one.AwaitRun(ctx, app.Running{Assembly: stay, Drive: drive("nowhere", "5")}, nil, &here); err == nil || !strings.Contains(err.Error(), `no joint "nowhere"`) {
		t.Errorf("a joint that is not there: %v", err)
	}
	var table string
	if err := one.AwaitRun(ctx, app.Running{Assembly: stay, Drive: drive(joint, "12"), As: "csv"}, nil, &table); err != nil || strings.Count(table, "\n") < 13 {
		t.Errorf("%v: %s", err, table)
	}
	// called off
	short, enough := context.WithTimeout(ctx, 150*time.Millisecond)
	err = one.AwaitRun(short, app.Running{Assembly: stay, Drive: drive(joint, "1440")}, nil, &here)
	enough()
	if !errors.Is(err, context.DeadlineExceeded) {
		t.Errorf("called off: %v", err)
	}
	if n := count("SELECT COUNT(*) FROM jobs WHERE state='cancelled'"); n != 1 {
		t.Errorf("%d were called off", n)
	}
	// one dies over a job: another takes it up
	var taken sync.WaitGroup
	taken.Go(func() {
		if err := one.AwaitRun(ctx, app.Running{Assembly: stay, Drive: drive(joint, "600")}, nil, &there); err != nil || len(there.Frames) != 601 {
			t.Errorf("taken up: %v, %d frames", err, len(there.Frames))
		}
	})
	for count("SELECT COUNT(*) FROM jobs WHERE state='working'") == 0 {
		time.Sleep(5 * time.Millisecond)
	}
	die()
	for one.DoesJobs() {
		time.Sleep(time.Millisecond)
	}
	if n := count("SELECT COUNT(*) FROM jobs WHERE state='working'"); n != 1 {
		t.Fatalf("%d are left by the one that died", n)
	}
	if _, err := db.Exec("UPDATE jobs SET seen=TIMESTAMPADD(MINUTE, -1, UTC_TIMESTAMP(3)) WHERE state='working'"); err != nil {
		t.Fatal(err)
	}
	if err := st.TidyJobs(ctx, 3); err != nil {
		t.Fatal(err)
	}
	second, end := context.WithCancel(ctx)
	working.Go(func() { two.RunJobs(second) })
	for deadline := time.Now().Add(time.Minute); count("SELECT COUNT(*) FROM jobs WHERE state='done' AND tries=2") == 0; time.Sleep(20 * time.Millisecond) {
		if time.Now().After(deadline) {
			t.Fatal("it was not taken up")
		}
	}
	taken.Wait()
	end()
}
