package main

import (
	"bufio"
	"encoding/json"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
)

type event struct {
	Action, Package, Test, Output string
	Elapsed                       float64
}

type tally struct {
	passed, failed, skipped int
	broken                  bool
}

// run runs tests and prints a line for each package, and what those say that were left out where that is of interest.
func run(tellSkips bool, args ...string) (sum tally, ok bool) {
	self, _ := filepath.Abs("bin/setfast-kernel")
	cmd := exec.Command("go", append([]string{"test", "-json", "-count=1", "-timeout=25m", "-p=2"}, args...)...)
	cmd.Env = append(os.Environ(), "SETFAST_KERNEL="+self)
	cmd.Stderr = os.Stderr
	out, err := cmd.StdoutPipe()
	if err == nil {
		err = cmd.Start()
	}
	if err != nil {
		fmt.Println(err)
		return sum, false
	}
	by := map[string]*tally{}
	said := map[string][]string{}
	sc := bufio.NewScanner(out)
	sc.Buffer(nil, 16<<20)
	for sc.Scan() {
		var e event
		if json.Unmarshal(sc.Bytes(), &e) != nil {
			fmt.Println(sc.Text()) // what the compiler says
			continue
		}
		t := by[e.Package]
		if t == nil {
			t = &tally{}
			by[e.Package] = t
		}
		t.hear(e, said, tellSkips)
	}
	err = cmd.Wait()
	for _, t := range by {
		sum.passed, sum.failed, sum.skipped = sum.passed+t.passed, sum.failed+t.failed, sum.skipped+t.skipped
		sum.broken = sum.broken || t.broken
	}
	if sum.broken && sum.failed == 0 {
		sum.failed = 1
	}
	return sum, err == nil
}

// hear takes in one event of a package's tests.
func (t *tally) hear(e event, said map[string][]string, tellSkips bool) {
	key := e.Package + " " + e.Test
	switch {
	case e.Action == "output" || e.Action == "build-output":
		said[key] = append(said[key], e.Output)
		return
	case e.Action != "pass" && e.Action != "fail" && e.Action != "skip":
		return
	case e.Test == "" && e.Action == "skip": // no test files
		return
	case e.Test == "":
		word := "ok  "
		if e.Action == "fail" {
			word = "FAIL"
			t.broken = true
			if t.failed == 0 {
				fmt.Print(strings.Join(said[key], ""))
			}
		}
		fmt.Printf("%s %-28s %4d passed %3d failed %3d skipped  %6.1f s\n", word, e.Package, t.passed, t.failed, t.skipped, e.Elapsed)
		return
	}
	switch e.Action {
	case "pass":
		t.passed++
	case "skip":
		t.skipped++
		if tellSkips {
			fmt.Print(strings.Join(said[key], ""))
		}
	case "fail":
		t.failed++
		fmt.Print(strings.Join(said[key], ""))
	}
	delete(said, key)
}
