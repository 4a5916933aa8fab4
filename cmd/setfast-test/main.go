// Command setfast-test runs all tests, prints one line for each package and a closing total. Arguments are handed to go test.
package main

import (
	"bufio"
	"encoding/json"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"sort"
	"strings"
	"time"
)

type event struct {
	Action, Package, Test, Output string
	Elapsed                       float64
}

type tally struct {
	passed, failed, skipped int
	broken                  bool
}

func main() {
	if out, err := exec.Command("gofmt", "-l", "app", "cmd", "core", "demo", "kernel", "store", "web/bundle", "web/drive", "web/shots").CombinedOutput(); err != nil || len(out) > 0 {
		fmt.Printf("not formatted: %s\n", strings.Fields(string(out)))
		os.Exit(1)
	}
	vet := exec.Command("go", "vet", "./...")
	vet.Stdout, vet.Stderr = os.Stdout, os.Stderr
	if vet.Run() != nil {
		os.Exit(1)
	}
	self, _ := filepath.Abs("bin/setfast-kernel")
	args := append([]string{"test", "-json", "-count=1", "-timeout=25m", "-p=2"}, os.Args[1:]...)
	if len(os.Args) == 1 || strings.HasPrefix(os.Args[len(os.Args)-1], "-") {
		args = append(args, "./...")
	}
	cmd := exec.Command("go", args...)
	cmd.Env = append(os.Environ(), "SETFAST_KERNEL="+self)
	cmd.Stderr = os.Stderr
	out, err := cmd.StdoutPipe()
	if err == nil {
		err = cmd.Start()
	}
	if err != nil {
		fmt.Println(err)
		os.Exit(1)
	}
	start := time.Now()
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
		key := e.Package + " " + e.Test
		switch e.Action {
		case "output", "build-output":
			said[key] = append(said[key], e.Output)
		case "pass", "fail", "skip":
			if e.Test == "" {
				if e.Action == "skip" { // no test files
					continue
				}
				word := "ok  "
				if e.Action == "fail" {
					word = "FAIL"
					t.broken = true
					if t.failed == 0 {
						fmt.Print(strings.Join(said[key], ""))
					}
				}
				fmt.Printf("%s %-28s %4d passed %3d failed %3d skipped  %6.1f s\n", word, e.Package, t.passed, t.failed, t.skipped, e.Elapsed)
				continue
			}
			switch e.Action {
			case "pass":
				t.passed++
			case "skip":
				t.skipped++
				fmt.Print(strings.Join(said[key], ""))
			case "fail":
				t.failed++
				fmt.Print(strings.Join(said[key], ""))
			}
			delete(said, key)
		}
	}
	err = cmd.Wait()
	var names []string
	var sum tally
	for n, t := range by {
		names = append(names, n)
		sum.passed, sum.failed, sum.skipped = sum.passed+t.passed, sum.failed+t.failed, sum.skipped+t.skipped
		sum.broken = sum.broken || t.broken
	}
	sort.Strings(names)
	if sum.broken && sum.failed == 0 {
		sum.failed = 1
	}
	fmt.Printf("all packages in %.0f s\n%d passed, %d failed, %d skipped\n", time.Since(start).Seconds(), sum.passed, sum.failed, sum.skipped)
	if err != nil || sum.failed > 0 || sum.passed == 0 {
		os.Exit(1)
	}
}
