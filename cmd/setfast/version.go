package main

import (
	"fmt"
	"runtime"
	"runtime/debug"

	"setfast/internal/version"
)

// runVersion tells the version, and the commit it was built from where that is known.
func runVersion(c *call) int {
	if _, code, ok := c.files(0, 0); !ok {
		return code
	}
	from := ""
	if info, ok := debug.ReadBuildInfo(); ok {
		for _, s := range info.Settings {
			if s.Key == "vcs.revision" && len(s.Value) >= 12 {
				from = ", built from " + s.Value[:12]
			}
		}
		for _, s := range info.Settings {
			if s.Key == "vcs.modified" && s.Value == "true" && from != "" {
				from += " and changes to it"
			}
		}
	}
	fmt.Fprintf(c.out, "Setfast %s%s, %s on %s/%s; reads version 1 of the assembly file\n", version.Number, from, runtime.Version(), runtime.GOOS, runtime.GOARCH)
	return 0
}
