// Command setfast keeps the account of freedom of assemblies.
package main

import (
	"os"
	"runtime/debug"
)

func main() {
	if os.Getenv("GOGC") == "" {
		debug.SetGCPercent(400) // a check is short and small: memory is cheaper than collecting it
	}
	os.Exit(run(os.Args[1:], os.Stdin, os.Stdout, os.Stderr))
}
