package main

import (
	"os"
	"os/exec"
	"path/filepath"
	"runtime"
	"strings"
	"syscall"
	"testing"
	"unsafe"

	"golang.org/x/sys/unix"

	"setfast/internal/bed"
)

// without takes a system call from this program and all it starts, as a machine without it would.
func without(call uint32) error {
	code := []unix.SockFilter{
		{Code: unix.BPF_LD | unix.BPF_W | unix.BPF_ABS, K: 0}, // the number of the call
		{Code: unix.BPF_JMP | unix.BPF_JEQ | unix.BPF_K, K: call, Jt: 0, Jf: 1},
		{Code: unix.BPF_RET | unix.BPF_K, K: unix.SECCOMP_RET_ERRNO | uint32(unix.ENOSYS)},
		{Code: unix.BPF_RET | unix.BPF_K, K: unix.SECCOMP_RET_ALLOW},
	}
	if err := unix.Prctl(unix.PR_SET_NO_NEW_PRIVS, 1, 0, 0, 0); err != nil {
		return err
	}
	prog := unix.SockFprog{Len: uint16(len(code)), Filter: &code[0]}
	_, _, e := unix.Syscall(unix.SYS_SECCOMP, unix.SECCOMP_SET_MODE_FILTER, 0, uintptr(unsafe.Pointer(&prog)))
	if e != 0 {
		return e
	}
	return nil
}

func TestMain(m *testing.M) {
	if args := os.Getenv("TEST_UNFENCED_MACHINE"); args != "" { // become the kernel on a machine that has no fence
		runtime.LockOSThread()
		if err := without(unix.SYS_LANDLOCK_CREATE_RULESET); err != nil {
			os.Exit(77)
		}
		list := strings.Fields(args)
		_ = syscall.Exec(list[0], list, os.Environ())
		os.Exit(78)
	}
	os.Exit(m.Run())
}

// TestNoFence: where the machine cannot keep the reader inside its folder, nothing is read, unless that is wanted.
func TestNoFence(t *testing.T) {
	bin, err := bed.Kernel(t.TempDir())
	if err != nil {
		t.Fatal(err)
	}
	dir := t.TempDir()
	data, err := os.ReadFile("../../kernel/testdata/as1-oc-214.stp")
	if err != nil {
		t.Fatal(err)
	}
	if err := os.WriteFile(filepath.Join(dir, "in.stp"), data, 0o600); err != nil {
		t.Fatal(err)
	}
	run := func(env ...string) (int, string) {
		cmd := exec.Command(os.Args[0])
		cmd.Dir = dir
		cmd.Env = append(append(os.Environ(), "TEST_UNFENCED_MACHINE="+bin+" read step in.stp"), env...)
		out, _ := cmd.CombinedOutput()
		return cmd.ProcessState.ExitCode(), string(out)
	}
	code, out := run()
	if code == 77 {
		t.Skip("this machine does not let a program take calls from itself")
	}
	if code != 3 || !strings.Contains(out, "--unfenced") {
		t.Errorf("without a fence: exit %d, %s", code, out)
	}
	if _, err := os.Stat(filepath.Join(dir, "shape.json")); err == nil {
		t.Error("it was read all the same")
	}
	if code, out := run("SETFAST_UNFENCED=1"); code != 0 {
		t.Errorf("allowed to: exit %d, %s", code, out)
	}
}
