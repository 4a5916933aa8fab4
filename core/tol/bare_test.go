package tol_test

import (
	"go/ast"
	"go/parser"
	"go/token"
	"io/fs"
	"os"
	"path/filepath"
	"strconv"
	"strings"
	"testing"
)

// sources calls visit with every file of core that computes; not tests, not the made-up assemblies of the benchmarks.
func sources(t *testing.T, visit func(path string, fset *token.FileSet, f *ast.File)) {
	t.Helper()
	fset := token.NewFileSet()
	err := filepath.WalkDir("..", func(path string, d fs.DirEntry, err error) error {
		if err != nil || !strings.HasSuffix(path, ".go") || strings.HasSuffix(path, "_test.go") || strings.HasPrefix(path, "../bench") {
			return err
		}
		f, err := parser.ParseFile(fset, path, nil, parser.ParseComments)
		if err == nil {
			visit(path, fset, f)
		}
		return err
	})
	if err != nil {
		t.Fatal(err)
	}
}

// TestNoBareTolerance: small numbers stand here, by name, or as a constant with a name and its reason where they are used. A half
// is no tolerance.
func TestNoBareTolerance(t *testing.T) {
	sources(t, func(path string, fset *token.FileSet, f *ast.File) {
		for _, d := range f.Decls {
			ast.Inspect(d, func(n ast.Node) bool {
				if g, ok := n.(*ast.GenDecl); ok && g.Tok == token.CONST {
					return false
				}
				if l, ok := n.(*ast.BasicLit); ok && l.Kind == token.FLOAT {
					if v, err := strconv.ParseFloat(l.Value, 64); err != nil || v > 0 && v < 1 && v != 0.5 {
						t.Errorf("%s: %s stands bare", fset.Position(l.Pos()), l.Value)
					}
				}
				return true
			})
		}
	})
}

// TestAllExplainedAndUsed: every constant here has a comment and decides something somewhere.
func TestAllExplainedAndUsed(t *testing.T) {
	used, defined := map[string]bool{}, map[string]string{}
	sources(t, func(path string, fset *token.FileSet, f *ast.File) {
		if f.Name.Name == "tol" {
			for _, d := range f.Decls {
				g, ok := d.(*ast.GenDecl)
				if !ok {
					continue
				}
				said := g.Doc.Text()
				for _, s := range g.Specs {
					v := s.(*ast.ValueSpec)
					said += v.Doc.Text() + v.Comment.Text()
					for _, n := range v.Names {
						defined[n.Name] = said
						ast.Inspect(v, func(n ast.Node) bool {
							if i, ok := n.(*ast.Ident); ok && i.Name != v.Names[0].Name {
								used[i.Name] = true
							}
							return true
						})
					}
				}
			}
			return
		}
		ast.Inspect(f, func(n ast.Node) bool {
			if s, ok := n.(*ast.SelectorExpr); ok {
				if x, ok := s.X.(*ast.Ident); ok && x.Name == "tol" {
					used[s.Sel.Name] = true
				}
			}
			return true
		})
	})
	if len(defined) < 100 {
		t.Errorf("only %d constants found", len(defined))
	}
	for name, said := range defined {
		if !strings.Contains(said, name) {
			t.Errorf("%s is not explained", name)
		}
		if !used[name] {
			t.Errorf("%s decides nothing", name)
		}
	}
}

// TestListed: docs/tolerances.md says of every constant that is a number which tests notice it.
func TestListed(t *testing.T) {
	text, err := os.ReadFile("../../docs/tolerances.md")
	if err != nil {
		t.Fatal(err)
	}
	for _, b := range bounds(t) {
		if !strings.Contains(string(text), "| `"+b.name+"` |") {
			t.Errorf("docs/tolerances.md does not say what %s decides: SETFAST_DECIDES=%s go test ./core/tol -run TestEachDecides -v", b.name, b.name)
		}
	}
}
