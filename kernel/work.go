package kernel

import (
	"fmt"
	"os"
	"path/filepath"
	"strconv"
	"strings"
	"syscall"
)

// prefix begins the names of all folders that work is done in; the number of the program that made one follows.
const prefix = "setfast-work-"

// WorkFolder makes a folder for work that is removed when it is done, or by Sweep where the program that did it was killed.
func WorkFolder(what string) (string, error) {
	return os.MkdirTemp("", fmt.Sprintf("%s%d-%s-", prefix, os.Getpid(), what))
}

// Sweep removes the folders of programs that have ended; who starts calls it.
func Sweep() {
	list, _ := filepath.Glob(filepath.Join(os.TempDir(), prefix+"*"))
	for _, dir := range list {
		pid, _, _ := strings.Cut(strings.TrimPrefix(filepath.Base(dir), prefix), "-")
		n, err := strconv.Atoi(pid)
		if err != nil || n == os.Getpid() || syscall.Kill(n, 0) == nil {
			continue
		}
		_ = os.RemoveAll(dir)
	}
}
