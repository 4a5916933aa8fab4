package main

import (
	"os"
	"unsafe"

	"golang.org/x/sys/unix"
)

// fence keeps this thread's file access inside the given folder (and read access to the system's own libraries), so that
// a file's references cannot reach out. Where the machine's kernel has no such fence (Landlock, since Linux 5.13) it says so.
func fence(dir string) error {
	const read = unix.LANDLOCK_ACCESS_FS_READ_FILE | unix.LANDLOCK_ACCESS_FS_READ_DIR | unix.LANDLOCK_ACCESS_FS_EXECUTE
	const all = read | unix.LANDLOCK_ACCESS_FS_WRITE_FILE | unix.LANDLOCK_ACCESS_FS_MAKE_REG | unix.LANDLOCK_ACCESS_FS_REMOVE_FILE |
		unix.LANDLOCK_ACCESS_FS_MAKE_DIR | unix.LANDLOCK_ACCESS_FS_REMOVE_DIR | unix.LANDLOCK_ACCESS_FS_MAKE_SYM
	attr := unix.LandlockRulesetAttr{Handled_access_fs: all}
	fd, _, e := unix.Syscall(unix.SYS_LANDLOCK_CREATE_RULESET, uintptr(unsafe.Pointer(&attr)), unsafe.Sizeof(attr), 0)
	if e != 0 {
		return e
	}
	defer unix.Close(int(fd))
	allow := func(path string, access uint64) {
		f, err := os.Open(path)
		if err != nil {
			return
		}
		defer f.Close()
		r := unix.LandlockPathBeneathAttr{Allowed_access: access, Parent_fd: int32(f.Fd())}
		_, _, _ = unix.Syscall6(unix.SYS_LANDLOCK_ADD_RULE, fd, unix.LANDLOCK_RULE_PATH_BENEATH, uintptr(unsafe.Pointer(&r)), 0, 0, 0)
	}
	allow(dir, all)
	allow("/usr", read)
	allow("/lib", read)
	if err := unix.Prctl(unix.PR_SET_NO_NEW_PRIVS, 1, 0, 0, 0); err != nil {
		return err
	}
	if _, _, e = unix.Syscall(unix.SYS_LANDLOCK_RESTRICT_SELF, fd, 0, 0); e != 0 {
		return e
	}
	return nil
}
