package main

import (
	"math"
	"os"
	"runtime"
	"runtime/debug"
)

// roomBefore is how much memory a short command may take before it is collected at all.
const roomBefore = 64 << 20

// growth is by how many percent what is in use may grow before it is collected again.
const growth = 70

// unhurried lets a short command fill some memory before it is collected; from then on it is done a little sooner than usual, which costs no time
// here and holds large nets below 300 MB. Whoever sets GOGC decides.
func unhurried() {
	if os.Getenv("GOGC") != "" || os.Getenv("GOMEMLIMIT") != "" {
		return
	}
	debug.SetGCPercent(-1)
	debug.SetMemoryLimit(roomBefore)
	first := new(struct{ _ [16]byte })
	runtime.AddCleanup(first, func(int) { // what the first collection finds
		debug.SetGCPercent(growth)
		debug.SetMemoryLimit(math.MaxInt64)
	}, 0)
}
