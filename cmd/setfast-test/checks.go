package main

import (
	"fmt"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
)

// check is one thing that the sources must be.
type check struct {
	what string
	dir  string
	cmd  []string
	// silent: anything it prints is a fault.
	silent bool
}

// sources are the checks of what is written in Go.
var sources = []check{
	{"not formatted", ".", []string{"gofmt", "-l", "app", "cmd", "core", "demo", "internal", "kernel", "store", "web/ask", "web/bench", "web/door", "web/pages", "web/papers", "web/bundle", "web/drive", "web/shots"}, true},
	{"go vet", ".", []string{"go", "vet", "./..."}, false},
	{"staticcheck", ".", []string{"go", "tool", "staticcheck", "./..."}, false},
}

// scripts are those of the interface: types, the linter, and that what is committed is what the sources give.
var scripts = []check{
	{"the interface's packages", "web", []string{"npm", "ci", "--no-audit", "--no-fund", "--loglevel=error"}, false},
	{"types and linter", "web", []string{"npm", "run", "--silent", "check"}, false},
	{"the bundle", "web", []string{"go", "run", "./bundle", "-check"}, false},
	{"the style", "web", []string{"npm", "run", "--silent", "style-check"}, false},
}

// checked runs lists of checks beside one another; each list stops at its first fault.
func checked(lists ...[]check) <-chan bool {
	results := make(chan bool)
	for _, list := range lists {
		go func() {
			ok := true
			for _, c := range list {
				if ok = c.run(); !ok {
					break
				}
			}
			results <- ok
		}()
	}
	done := make(chan bool, 1)
	go func() {
		all := true
		for range lists {
			ok := <-results
			all = all && ok
		}
		done <- all
	}()
	return done
}

func (c check) run() bool {
	if c.cmd[0] == "npm" && c.cmd[1] == "ci" && installed(c.dir) {
		return true
	}
	cmd := exec.Command(c.cmd[0], c.cmd[1:]...)
	cmd.Dir = c.dir
	out, err := cmd.CombinedOutput()
	if err == nil && !(c.silent && len(out) > 0) {
		return true
	}
	said := strings.TrimSpace(string(out))
	if said == "" {
		said = err.Error()
	}
	fmt.Printf("%s: %s\n", c.what, said)
	return false
}

// installed tells whether packages are there as the lock file names them.
func installed(dir string) bool {
	have, err := os.Stat(filepath.Join(dir, "node_modules", ".package-lock.json"))
	if err != nil {
		return false
	}
	want, err := os.Stat(filepath.Join(dir, "package-lock.json"))
	return err == nil && !have.ModTime().Before(want.ModTime())
}
