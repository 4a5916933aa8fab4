//go:build wasip1

// Command setfast-wasm is the core for the browser: it opens an assembly document and lets parts be pulled about, relations
// kept. Build it with GOOS=wasip1 GOARCH=wasm go build -buildmode=c-shared; web/src/core-worker.js calls it.
//
// Numbers cross as arguments, documents and texts through one buffer, poses through another: seven numbers a component,
// origin x y z in mm and quaternion w x y z, in the assembly's frame; after them the joints' coordinates.
package main

import (
	"context"
	"encoding/json"
	"fmt"
	"unsafe"

	"setfast/core/account"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/motion"
)

func main() {}

var (
	text  []byte
	poses []float64
	live  *motion.Live
)

// buffer makes room for n bytes and tells where.
//
//go:wasmexport buffer
func buffer(n uint32) uint32 {
	if cap(text) < int(n)+1 {
		text = make([]byte, n, n+1)
	}
	text = text[:n]
	return uint32(uintptr(unsafe.Pointer(unsafe.SliceData(text))))
}

// size is the length of the text in the buffer.
//
//go:wasmexport size
func size() uint32 { return uint32(len(text)) }

// fail leaves a message in the buffer.
func fail(err any) int32 {
	text = append(text[:0], fmt.Sprint(err)...)
	buffer(uint32(len(text)))
	return -1
}

// open reads the document in the buffer and solves its root. It returns how many components there are, their names then in
// the buffer in JSON with the coordinates of its joints; or −1 with a message.
//
//go:wasmexport open
func open() (n int32) {
	defer func() {
		if r := recover(); r != nil {
			n = fail("the assembly could not be solved here")
		}
	}()
	live = nil
	doc, err := format.Read(text)
	if err != nil {
		return fail(err)
	}
	taken, err := account.TakeAtRest(context.Background(), doc, doc.Root)
	if err != nil {
		return fail(err)
	}
	l := taken.Live()
	names, coordinates := l.Names(), l.Coordinates()
	out, err := json.Marshal(map[string]any{"names": names, "coordinates": coordinates})
	if err != nil {
		return fail(err)
	}
	text = append(text[:0], out...)
	poses = make([]float64, 7*len(names)+len(coordinates))
	live = l
	write()
	return int32(len(names))
}

// write puts the poses down, and after them the coordinates of joints.
func write() {
	live.Values(poses[7*len(live.Poses()):])
	for i, p := range live.Poses() {
		copy(poses[7*i:], []float64{p.O.X, p.O.Y, p.O.Z, p.Q.W, p.Q.X, p.Q.Y, p.Q.Z})
	}
}

// where tells where the poses lie.
//
//go:wasmexport where
func where() uint32 { return uint32(uintptr(unsafe.Pointer(unsafe.SliceData(poses)))) }

// movable tells whether a component has any freedom left.
//
//go:wasmexport movable
func movable(i int32) int32 {
	if live != nil && live.Movable(int(i)) {
		return 1
	}
	return 0
}

// grab takes hold of a component at a point of its own frame, so that it may turn or not; −1 with a message where it cannot move.
//
//go:wasmexport grab
func grab(i int32, x, y, z float64, turning int32) int32 {
	if live == nil {
		return fail("no assembly is open")
	}
	if err := live.Grab(int(i), geom.V(x, y, z), turning != 0); err != nil {
		return fail(err)
	}
	return 0
}

// pull draws the point held toward a target in the assembly's frame; it returns how far off it stays, in mm, or −1.
//
//go:wasmexport pull
func pull(x, y, z float64) (left float64) {
	if live == nil {
		return -1
	}
	defer func() {
		if r := recover(); r != nil {
			left = -1
		}
	}()
	left = live.To(geom.V(x, y, z))
	write()
	return left
}
