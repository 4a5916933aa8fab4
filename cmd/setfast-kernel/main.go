// Command setfast-kernel is the child that reads and writes exact shapes. It limits itself, works in the folder it is
// given, and may crash or be ended without harm to the server.
//
//	setfast-kernel read FORMAT FILE     writes shape.json and shape.bin in the working folder
//	setfast-kernel overlap              the same, of the pairs of shapes that standard input tells
//	setfast-kernel make                 runs the recipe on standard input
package main

import (
	"fmt"
	"io"
	"os"
	"path/filepath"
	"runtime"
	"strconv"
	"syscall"

	"setfast/kernel/occt"
)

func main() {
	runtime.LockOSThread() // the library and the fence below belong to this thread
	if len(os.Args) < 2 {
		fail("usage: setfast-kernel read FORMAT FILE | make")
	}
	limit(syscall.RLIMIT_CPU, "SETFAST_CPU_SECONDS", 60)
	limit(2 /* RLIMIT_DATA */, "SETFAST_MEMORY_BYTES", 3<<30)
	limit(syscall.RLIMIT_FSIZE, "SETFAST_FILE_BYTES", 2<<30)
	limit(syscall.RLIMIT_CORE, "", 0)
	_ = syscall.Setpriority(syscall.PRIO_PROCESS, 0, 10) // people at their benches come first
	occt.Start()
	switch os.Args[1] {
	case "read":
		if len(os.Args) != 4 {
			fail("usage: setfast-kernel read FORMAT FILE")
		}
		dir, err := os.Getwd()
		if err != nil {
			fail(err.Error())
		}
		if err := fence(dir); err != nil && os.Getenv("SETFAST_UNFENCED") == "" {
			fail("this machine cannot keep the reader of files inside its folder (Landlock: " + err.Error() + "); start with --unfenced to read files all the same")
		}
		most := 200000
		text, blob, err := occt.Read(filepath.Join(dir, os.Args[3]), os.Args[2], most)
		if err != nil {
			fail(err.Error())
		}
		answer(text, blob)
	case "overlap":
		dir, err := os.Getwd()
		if err != nil {
			fail(err.Error())
		}
		if err := fence(dir); err != nil && os.Getenv("SETFAST_UNFENCED") == "" {
			fail("this machine cannot keep the reader of files inside its folder (Landlock: " + err.Error() + "); start with --unfenced to read files all the same")
		}
		job, err := io.ReadAll(os.Stdin)
		var text, blob []byte
		if err == nil {
			text, blob, err = occt.Overlap(string(job))
		}
		if err != nil {
			fail(err.Error())
		}
		answer(text, blob)
	case "make":
		recipe, err := io.ReadAll(os.Stdin)
		if err == nil {
			err = occt.Make(string(recipe))
		}
		if err != nil {
			fail(err.Error())
		}
	default:
		fail("unknown command " + os.Args[1])
	}
}

// answer writes what was found into the working folder.
func answer(text, blob []byte) {
	for name, data := range map[string][]byte{"shape.json": text, "shape.bin": blob} {
		if err := os.WriteFile(name, data, 0o600); err != nil {
			fail("no room for the result: " + err.Error())
		}
	}
}

func fail(why string) {
	fmt.Fprintln(os.Stderr, why)
	os.Exit(3)
}

// limit sets a resource limit, hard and soft alike, from the environment or to a default.
func limit(what int, env string, n uint64) {
	if v, err := strconv.ParseUint(os.Getenv(env), 10, 64); err == nil && env != "" {
		n = v
	}
	_ = syscall.Setrlimit(what, &syscall.Rlimit{Cur: n, Max: n})
}
