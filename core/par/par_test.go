package par

import (
	"runtime"
	"slices"
	"sync/atomic"
	"testing"
)

// TestRuns covers every piece once, whatever the numbers, and hands a panic on.
func TestRuns(t *testing.T) {
	for _, n := range []int{0, 1, 7, 100} {
		for _, least := range []int{0, 1, 50, 1000} {
			seen := make([]int, n)
			last := make([]int, 64)
			k := Runs(n, least, func(run, from, to int) {
				last[run] = to
				for i := from; i < to; i++ {
					seen[i]++
				}
			})
			if last[k-1] != n {
				t.Errorf("%d pieces of at least %d: the last run ends at %d", n, least, last[k-1])
			}
			for i, c := range seen {
				if c != 1 {
					t.Errorf("%d pieces of at least %d: piece %d was done %d times", n, least, i, c)
				}
			}
		}
	}
	defer func() {
		if recover() != "wrong" {
			t.Error("a panic was lost")
		}
	}()
	Do(func() {}, func() { panic("wrong") })
}

// TestPipe: all is used, in order, on one processor and on several, and a panic on either side is the caller's.
func TestPipe(t *testing.T) {
	for _, procs := range []int{1, 2} {
		func() {
			defer runtime.GOMAXPROCS(runtime.GOMAXPROCS(procs))
			var got []int
			Pipe(func(put func(int)) {
				for i := range 500 {
					put(i)
				}
			}, func(i int) { got = append(got, i) })
			if len(got) != 500 || !slices.IsSorted(got) {
				t.Errorf("on %d: %d used", procs, len(got))
			}
			for _, at := range []string{"produced", "used"} {
				func() {
					defer func() {
						if recover() != at {
							t.Errorf("on %d: the panic where it is %s is lost", procs, at)
						}
					}()
					Pipe(func(put func(int)) {
						for i := range 500 {
							put(i)
						}
						if at == "produced" {
							panic(at)
						}
					}, func(i int) {
						if at == "used" && i == 3 {
							panic(at)
						}
					})
				}()
			}
		}()
	}
}

// TestMeanwhile: what is begun is waited for, on one processor and on several, and a panic in it is the caller's.
func TestMeanwhile(t *testing.T) {
	for _, processors := range []int{1, 4} {
		was := runtime.GOMAXPROCS(processors)
		if got := Meanwhile(func() int { return 7 })(); got != 7 {
			t.Errorf("on %d processors it gives %d", processors, got)
		}
		func() {
			defer func() {
				if recover() != "wrong" {
					t.Errorf("on %d processors a panic was lost", processors)
				}
			}()
			Meanwhile(func() int { panic("wrong") })()
		}()
		runtime.GOMAXPROCS(was)
	}
}

// TestShares: each piece is done once, by goroutines that are made ready once each; none after it is stopped.
func TestShares(t *testing.T) {
	never := func() bool { return false }
	for _, n := range []int{0, 1, 16, 17, 1000} {
		seen := make([]int32, n)
		var ready atomic.Int32
		Shares(n, 16, never, func() func(int) {
			ready.Add(1)
			return func(i int) { atomic.AddInt32(&seen[i], 1) }
		})
		if slices.ContainsFunc(seen, func(c int32) bool { return c != 1 }) || int(ready.Load()) > runtime.GOMAXPROCS(0) {
			t.Errorf("%d pieces were done %v times by %d", n, seen, ready.Load())
		}
	}
	Shares(5, 1, func() bool { return true }, func() func(int) { return func(i int) { t.Errorf("piece %d was done though it was stopped", i) } })
}
