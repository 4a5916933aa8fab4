// Command setfast keeps the account of freedom of assemblies.
package main

import (
	"fmt"
	"io"
	"os"
	"runtime/debug"
)

func main() {
	if os.Getenv("GOGC") == "" {
		debug.SetGCPercent(400) // a check is short and small: memory is cheaper than collecting it
	}
	os.Exit(run(os.Args[1:], os.Stdout, os.Stderr))
}

const usage = `Setfast keeps the account of freedom of an assembly.

  ./setfast demo [--reset]        start with the sample project and print the address
  ./setfast serve                 start with your own data
  ./setfast check FILE            judge an assembly file: exit 0 passes, 1 does not, 2 unreadable
      --json  --timing  --solved OUT.setfast.json
  ./setfast inspect FILE [--json] show what is in a STEP or IGES file
  ./setfast import FILE… [--project NAME]   bring part files into the database
  ./setfast backup FILE           write all data to a file, while Setfast runs or not
  ./setfast restore FILE          bring it back; --replace where there are data already
  ./setfast test                  run all tests
  ./setfast bench                 run the benchmarks
  ./setfast help                  this text

demo, serve, import, backup and restore take --data DIR (default var), or --database ADDRESS for a MariaDB of yours;
demo and serve take --port N (default 8420) and --host NAME; demo, serve, import and inspect take --unfenced (see docs/operations.md).
`

func run(args []string, out, errs io.Writer) int {
	if len(args) == 0 {
		args = []string{"help"}
	}
	switch args[0] {
	case "check":
		return runCheck(args[1:], out, errs)
	case "inspect":
		return runInspect(args[1:], out, errs)
	case "demo":
		return runServe(args[1:], true, out, errs)
	case "serve":
		return runServe(args[1:], false, out, errs)
	case "import":
		return runImport(args[1:], out, errs)
	case "backup":
		return runBackup(args[1:], out, errs)
	case "restore":
		return runRestore(args[1:], out, errs)
	case "help", "-h", "--help":
		fmt.Fprint(out, usage)
		return 0
	}
	fmt.Fprintf(errs, "setfast: there is no command %q; ./setfast help lists them\n", args[0])
	return 2
}
