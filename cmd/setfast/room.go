package main

import (
	"math"
	"os"
	"runtime"
	"runtime/debug"
)

// roomBefore is how much memory a short command may take before it is collected at all.
const roomBefore = 64 << 20

// unhurried lets a short command fill some memory before it is collected; from then on it is as usual. Whoever sets GOGC decides.
func unhurried() {
	if os.Getenv("GOGC") != "" || os.Getenv("GOMEMLIMIT") != "" {
		return
	}
	debug.SetGCPercent(-1)
	debug.SetMemoryLimit(roomBefore)
	first := new(struct{ _ [16]byte })
	runtime.AddCleanup(first, func(int) { // what the first collection finds
		debug.SetGCPercent(100)
		debug.SetMemoryLimit(math.MaxInt64)
	}, 0)
}
