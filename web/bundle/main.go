// Command bundle makes app.js and the core's two modules in web/static/dist from web/src and the packages of web/package-lock.json. Run it in web/ after
// npm ci: go run ./bundle
package main

import (
	"fmt"
	"os"

	"github.com/evanw/esbuild/pkg/api"
)

func main() {
	r := api.Build(api.BuildOptions{
		EntryPointsAdvanced: []api.EntryPoint{{InputPath: "src/main.js", OutputPath: "app"}, {InputPath: "src/core-worker.js", OutputPath: "core-worker"}, {InputPath: "src/core.js", OutputPath: "core"}},
		Outdir:              "static/dist", Bundle: true, Write: true,
		MinifyWhitespace: true, MinifyIdentifiers: true, MinifySyntax: true,
		Format: api.FormatESModule, Target: api.ES2022, LegalComments: api.LegalCommentsEndOfFile, Charset: api.CharsetUTF8,
	})
	for _, e := range r.Errors {
		fmt.Fprintln(os.Stderr, e.Text, e.Location)
	}
	if len(r.Errors) > 0 {
		os.Exit(1)
	}
}
