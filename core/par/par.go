// Package par spreads work that does not depend on its order over the processors. A panic in any of it is a panic of the caller, so
// that whoever recovers there recovers from all.
package par

import (
	"runtime"
	"sync"
	"sync/atomic"
)

// Do does all of the works, at the same time where there are processors for it.
func Do(works ...func()) {
	if len(works) == 1 || runtime.GOMAXPROCS(0) == 1 {
		for _, w := range works {
			w()
		}
		return
	}
	var all sync.WaitGroup
	wrong := make([]any, len(works))
	run := func(i int) {
		defer func() { wrong[i] = recover() }()
		works[i]()
	}
	for i := range works[1:] {
		all.Go(func() { run(i + 1) })
	}
	run(0)
	all.Wait()
	for _, w := range wrong {
		if w != nil {
			panic(w)
		}
	}
}

// Runs cuts n pieces into one run for each processor, of at least some pieces each, and does the runs. It tells how many there were;
// they are numbered in the order of the pieces.
func Runs(n, least int, do func(run, from, to int)) int {
	k := max(1, min(runtime.GOMAXPROCS(0), n/max(1, least)))
	works := make([]func(), k)
	for i := range works {
		works[i] = func() { do(i, i*n/k, (i+1)*n/k) }
	}
	Do(works...)
	return k
}

// Shares has n pieces done, some at once, by whichever processor is free: begin makes ready what one goroutine needs, and gives what does a
// piece. None is begun once it is stopped.
func Shares(n, atOnce int, stopped func() bool, begin func() (do func(i int))) {
	var next atomic.Int64
	Runs(n, atOnce, func(_, _, _ int) {
		do := begin()
		for {
			from := int(next.Add(int64(atOnce))) - atOnce
			if from >= n || stopped() {
				return
			}
			for i := from; i < min(from+atOnce, n); i++ {
				do(i)
			}
		}
	})
}

// Pipe has what one function produces used by another meanwhile, in order. Where there is one processor each is used at once.
func Pipe[T any](produce func(put func(T)), use func(T)) {
	if runtime.GOMAXPROCS(0) == 1 {
		produce(use)
		return
	}
	made := make(chan T, 64)
	Do(func() {
		defer close(made)
		produce(func(x T) { made <- x })
	}, func() {
		defer func() { // lest what produces more wait for ever after a panic here
			for range made {
			}
		}()
		for x := range made {
			use(x)
		}
	})
}

// Meanwhile begins a work that is wanted later. The function it gives waits for what came of it; where there is one processor it is that
// which does the work.
func Meanwhile[T any](work func() T) (wait func() T) {
	if runtime.GOMAXPROCS(0) == 1 {
		return work
	}
	var out T
	var wrong any
	done := make(chan struct{})
	go func() {
		defer close(done)
		defer func() { wrong = recover() }()
		out = work()
	}()
	return func() T {
		if <-done; wrong != nil {
			panic(wrong)
		}
		return out
	}
}
