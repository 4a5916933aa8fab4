package kernel_test

import (
	"context"
	"fmt"
	"os"
	"os/exec"
	"path/filepath"

	"setfast/kernel"
)

// A bushing is made, written as a STEP file, and read again: its faces become features.
func ExampleRunner_Read() {
	dir, err := os.MkdirTemp("", "setfast-example-")
	if err != nil {
		fmt.Println(err)
		return
	}
	defer os.RemoveAll(dir)
	bin := os.Getenv("SETFAST_KERNEL")
	if bin == "" {
		bin = filepath.Join(dir, "setfast-kernel")
		if out, err := exec.Command("go", "build", "-o", bin, "setfast/cmd/setfast-kernel").CombinedOutput(); err != nil {
			fmt.Println(err, string(out))
			return
		}
	}
	r := kernel.NewRunner(bin)
	file := filepath.Join(dir, "bushing.step")
	if err := r.Make(context.Background(), dir, "cyl 0 0 0 0 0 1 8 20\ncyl 0 0 -1 0 0 1 5 22\ncut\nproduct Bushing\nstep "+file+"\n"); err != nil {
		fmt.Println(err)
		return
	}
	got, err := r.Read(context.Background(), file, nil)
	if err != nil {
		fmt.Println(err)
		return
	}
	cylinders, planes := 0, 0
	features, _ := got.Parts[0].Features()
	for _, f := range features {
		switch f.Kind {
		case "cylinder":
			cylinders++
		case "plane":
			planes++
		}
	}
	fmt.Printf("%d cylinders, %d planes %v\n", cylinders, planes, err)
	// Output: 2 cylinders, 2 planes <nil>
}
