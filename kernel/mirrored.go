package kernel

import (
	"context"
	"fmt"
	"os"
	"path/filepath"
)

// Mirrored makes the opposite hand of a product of a file, the first being 0: the shape seen in its own plane square to x, as a STEP file.
func (r *Runner) Mirrored(ctx context.Context, file string, product int, name string) ([]byte, error) {
	return r.Reworked(ctx, file, product, MirrorRecipe, name)
}

// OutlineRecipe makes, in the kernel's words, a plate as thick as said of a flat face: of the one that looks along a direction at a point, outward of it, where it lies.
func OutlineRecipe(at, dir [3]float64, thick float64) string {
	return fmt.Sprintf("outline %.12g %.12g %.12g %.12g %.12g %.12g %.12g\n", at[0], at[1], at[2], dir[0], dir[1], dir[2], thick)
}

// MirrorRecipe is the shape seen in its own plane square to x.
const MirrorRecipe = "mirror 0 0 0 1 0 0\n"

// Reworked makes a part of a product of a file, the first being 0, by a recipe that begins with its shape on the stack, as a STEP file. The same comes of the
// same whenever it is made.
func (r *Runner) Reworked(ctx context.Context, file string, product int, recipe, name string) ([]byte, error) {
	dir, err := WorkFolder("rework")
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
	if err := r.Make(ctx, dir, fmt.Sprintf("load %d %s\n%sproduct %s\nstep242 made.step\n", product, in, recipe, oneLine(name))); err != nil {
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
