// Command bundle makes app.js and the core's two modules in web/static/dist from web/src and the packages of web/package-lock.json.
// Run it in web/ after npm ci: go run ./bundle. With -check it writes nothing and tells whether what is there is what it would write.
package main

import (
	"bytes"
	"flag"
	"fmt"
	"os"

	"github.com/evanw/esbuild/pkg/api"
)

func main() {
	check := flag.Bool("check", false, "compare with what is there")
	flag.Parse()
	r := api.Build(api.BuildOptions{
		EntryPointsAdvanced: []api.EntryPoint{
			{InputPath: "src/main.js", OutputPath: "app"},
			{InputPath: "src/core-worker.js", OutputPath: "core-worker"},
			{InputPath: "src/core.js", OutputPath: "core"},
		},
		Outdir: "static/dist", Bundle: true, Write: !*check,
		MinifyWhitespace: true, MinifyIdentifiers: true, MinifySyntax: true,
		Format: api.FormatESModule, Target: api.ES2022, LegalComments: api.LegalCommentsEndOfFile, Charset: api.CharsetUTF8,
	})
	for _, e := range r.Errors {
		fmt.Fprintln(os.Stderr, e.Text, e.Location)
	}
	bad := len(r.Errors) > 0
	if *check {
		for _, f := range r.OutputFiles {
			if was, err := os.ReadFile(f.Path); err != nil || !bytes.Equal(was, f.Contents) {
				fmt.Fprintf(os.Stderr, "%s is not what web/src gives; run go run ./bundle in web/\n", f.Path)
				bad = true
			}
		}
	}
	if bad {
		os.Exit(1)
	}
}
