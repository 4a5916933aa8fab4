package app

import (
	"context"
	"errors"
	"fmt"
	"os"
	"path/filepath"
	"syscall"
	"time"

	"setfast/app/words"
)

// free is how many bytes are free on the disk that a folder is on; -1 where that is not known.
func free(dir string) int64 {
	if dir == "" {
		return -1
	}
	var st syscall.Statfs_t
	if err := syscall.Statfs(dir, &st); err != nil {
		return -1
	}
	return int64(st.Bavail) * st.Bsize
}

// LowOnRoom says that the disk is nearly full, while there is still room for edits; or nothing.
func (a *App) LowOnRoom() string {
	n := free(a.Dir)
	switch {
	case n < 0 || n > 3*a.Limits.Spare:
		return ""
	case n < a.Limits.Spare:
		return fmt.Sprintf("The disk is nearly full: %d MB are left. No files are taken in until there is more room; what you do on the Bench is still saved.", n>>20)
	}
	return fmt.Sprintf("The disk is filling up: %d MB are left.", n>>20)
}

// roomFor refuses files where the project has its share, or the disk is nearly full.
func (a *App) roomFor(ctx context.Context, project, bytes int64) error {
	if n := free(a.Dir); n >= 0 && n-bytes < a.Limits.Spare {
		return words.Refuse("the disk is nearly full (%d MB are left), so no files are taken in; free some room and try again", n>>20)
	}
	kept, err := a.Store.Stored(ctx, project)
	if err != nil {
		return err
	}
	if kept+bytes > a.Limits.Project {
		return words.Refuse("this project keeps %d MB already, and no project may keep more than %d MB", kept>>20, a.Limits.Project>>20)
	}
	return nil
}

func isFull(err error) bool { return errors.Is(err, syscall.ENOSPC) || errors.Is(err, syscall.EDQUOT) }

// FreeBytes is the room on the disk of the data; -1 where that is another's.
func (a *App) FreeBytes() int64 { return free(a.Dir) }

// Working is how much of the long work that may run at once is under way.
func (a *App) Working() int { return cap(a.gate) - len(a.gate) }

// TryKernel has the shape kernel make a cube.
func (a *App) TryKernel(ctx context.Context) error {
	if a.Kernel == nil {
		return errors.New("the shape kernel is not there")
	}
	dir, err := os.MkdirTemp("", "setfast-try-")
	if err != nil {
		return err
	}
	defer os.RemoveAll(dir)
	ctx, cancel := context.WithTimeout(ctx, tryTime)
	defer cancel()
	return a.Kernel.Make(ctx, dir, "box 0 0 0 1 1 1\nproduct Cube\nstep "+filepath.Join(dir, "cube.step")+"\n")
}

// tryTime is how long the shape kernel may take for a cube.
const tryTime = 10 * time.Second
