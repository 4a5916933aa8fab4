// Command setfast keeps the account of freedom of assemblies.
package main

import (
	"fmt"
	"os"
)

func main() { os.Exit(run(os.Args[1:])) }

func run(args []string) int {
	if len(args) == 0 {
		args = []string{"help"}
	}
	switch args[0] {
	case "inspect":
		return runInspect(args[1:], os.Stdout, os.Stderr)
	case "check":
		return runCheck(args[1:], os.Stdout, os.Stderr)
	}
	fmt.Fprintln(os.Stderr, "?")
	return 2
}
