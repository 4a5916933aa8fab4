// Command bundle makes the scripts of web/static/dist from web/src and the packages of web/package-lock.json: app.js for every page, the
// Bench, the workers, and what several of them share. Run it in web/ after npm ci: go run ./bundle. With -check it writes nothing and
// tells whether what is there is what it would write.
package main

import (
	"bytes"
	"flag"
	"fmt"
	"os"
	"path/filepath"

	"github.com/evanw/esbuild/pkg/api"
)

func main() {
	check := flag.Bool("check", false, "compare with what is there")
	flag.Parse()
	r := api.Build(api.BuildOptions{
		EntryPointsAdvanced: []api.EntryPoint{
			{InputPath: "src/main.js", OutputPath: "app"},
			{InputPath: "src/bench/bench.js", OutputPath: "bench"},
			{InputPath: "src/core-worker.js", OutputPath: "core-worker"},
			{InputPath: "src/core.js", OutputPath: "core"},
			{InputPath: "src/stage/warm-worker.js", OutputPath: "warm-worker"},
		},
		Outdir: "static/dist", Bundle: true, Splitting: true, ChunkNames: "shared-[hash]", Write: !*check,
		MinifyWhitespace: true, MinifyIdentifiers: true, MinifySyntax: true,
		Format: api.FormatESModule, Target: api.ES2022, LegalComments: api.LegalCommentsEndOfFile, Charset: api.CharsetUTF8,
	})
	for _, e := range r.Errors {
		fmt.Fprintln(os.Stderr, e.Text, e.Location)
	}
	bad := len(r.Errors) > 0
	made := map[string]bool{}
	for _, f := range r.OutputFiles {
		made[filepath.Base(f.Path)] = true
	}
	shared, _ := filepath.Glob("static/dist/shared-*.js")
	for _, f := range shared { // their names change with what is in them
		if made[filepath.Base(f)] || bad {
			continue
		}
		if *check {
			fmt.Fprintf(os.Stderr, "%s is no longer made; run go run ./bundle in web/\n", f)
			bad = true
		} else if err := os.Remove(f); err != nil {
			fmt.Fprintln(os.Stderr, err)
			bad = true
		}
	}
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
