// Command setfast-test checks everything: how the sources are written, all tests, and the short ones again under the race detector.
// It prints one line for each package and a closing total. Arguments are handed to go test; --quick checks in under a minute what can
// be checked without a browser.
package main

import (
	"fmt"
	"os"
	"slices"
	"strings"
	"time"
)

// raced are the packages whose values many goroutines share, or that run beside others: their short tests are run again under the
// race detector.
var raced = []string{
	"./core/assembly", "./core/edit", "./core/format", "./core/seat", "./core/solve", "./core/motion", "./core/account", "./app/...", "./store/...", "./web/...",
}

// quickly are those whose short tests take seconds.
var quickly = []string{"./core/...", "./app/...", "./kernel/...", "./store/...", "./web/..."}

func main() {
	start := time.Now()
	args := os.Args[1:]
	if i := slices.Index(args, "--quick"); i >= 0 {
		done := checked(sources, scripts)
		sum, ok := run(false, append([]string{"-short"}, quickly...)...)
		finish(start, sum, <-done && ok)
		return
	}
	whole := len(args) == 0
	if whole && !<-checked(sources, scripts) {
		os.Exit(1)
	}
	if whole || strings.HasPrefix(args[len(args)-1], "-") {
		args = append(args, "./...")
	}
	sum, ok := run(true, args...)
	if whole {
		fmt.Println("under the race detector:")
		more, fine := run(false, append([]string{"-race", "-short"}, raced...)...)
		sum.passed, sum.failed, ok = sum.passed+more.passed, sum.failed+more.failed, ok && fine
	}
	finish(start, sum, ok)
}

func finish(start time.Time, sum tally, ok bool) {
	fmt.Printf("all packages in %.0f s\n%d passed, %d failed, %d skipped\n", time.Since(start).Seconds(), sum.passed, sum.failed, sum.skipped)
	if !ok || sum.failed > 0 || sum.passed == 0 {
		os.Exit(1)
	}
}
