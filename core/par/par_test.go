package par

import (
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
