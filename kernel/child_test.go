package kernel

import (
	"context"
	"os"
	"os/exec"
	"path/filepath"
	"strconv"
	"strings"
	"syscall"
	"testing"
	"time"
)

func TestMain(m *testing.M) {
	if file := os.Getenv("TEST_READ_FOR_EVER"); file != "" { // become a program that reads a file and is killed while it does
		_, _ = NewRunner(os.Getenv("TEST_CHILD")).Read(context.Background(), file, nil)
		os.Exit(0)
	}
	os.Exit(m.Run())
}

// TestDiesWithParent kills a program that is reading a file: its child ends with it, and the next program removes its folder.
func TestDiesWithParent(t *testing.T) {
	dir := t.TempDir()
	t.Setenv("TMPDIR", dir)
	child, note := filepath.Join(dir, "child"), filepath.Join(dir, "note")
	if err := os.WriteFile(child, []byte("#!/bin/sh\necho $$ > "+note+"\nexec sleep 300\n"), 0o700); err != nil {
		t.Fatal(err)
	}
	file, err := filepath.Abs("testdata/as1-oc-214.stp")
	if err != nil {
		t.Fatal(err)
	}
	parent := exec.Command(os.Args[0])
	parent.Env = append(os.Environ(), "TEST_READ_FOR_EVER="+file, "TEST_CHILD="+child)
	if err := parent.Start(); err != nil {
		t.Fatal(err)
	}
	until := func(what string, ok func() bool) {
		t.Helper()
		for deadline := time.Now().Add(10 * time.Second); !ok(); time.Sleep(10 * time.Millisecond) {
			if time.Now().After(deadline) {
				t.Fatal("it never came to be that ", what)
			}
		}
	}
	pid := 0
	until("the child runs", func() bool {
		b, _ := os.ReadFile(note)
		pid, _ = strconv.Atoi(strings.TrimSpace(string(b)))
		return pid > 0
	})
	_ = parent.Process.Kill()
	_ = parent.Wait()
	until("the child has ended", func() bool { return syscall.Kill(pid, 0) != nil })
	left := func() int {
		list, _ := filepath.Glob(filepath.Join(dir, prefix+"*"))
		return len(list)
	}
	if left() != 1 {
		t.Errorf("%d folders are left", left())
	}
	if Sweep(); left() != 0 {
		t.Errorf("%d folders are left after the next start", left())
	}
}
