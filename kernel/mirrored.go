package kernel

import (
	"context"
	"fmt"
	"os"
	"path/filepath"
)

// Mirrored makes the opposite hand of a product of a file, the first being 0: the shape seen in its own plane square to x, as a STEP file.
func (r *Runner) Mirrored(ctx context.Context, file string, product int, name string) ([]byte, error) {
	dir, err := WorkFolder("mirror")
	if err != nil {
		return nil, err
	}
	defer os.RemoveAll(dir)
	data, err := os.ReadFile(file)
	if err != nil {
		return nil, err
	}
	in := "in.step"
	if Format(file) == "iges" {
		in = "in.igs"
	}
	in = filepath.Join(dir, in)
	if err := os.WriteFile(in, data, 0o600); err != nil {
		return nil, err
	}
	if err := r.Make(ctx, dir, fmt.Sprintf("load %d %s\nmirror 0 0 0 1 0 0\nproduct %s\nstep242 made.step\n", product, in, oneLine(name))); err != nil {
		return nil, err
	}
	data, err = os.ReadFile(filepath.Join(dir, "made.step"))
	return stamped.ReplaceAll(data, []byte("${1}2000-01-01T00:00:00$2")), err
}

// oneLine is a name without line ends.
func oneLine(s string) string {
	out := []rune(s)
	for i, c := range out {
		if c < ' ' {
			out[i] = ' '
		}
	}
	return string(out)
}
