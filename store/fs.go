package store

import (
	"embed"
	"io/fs"
)

func sub(e embed.FS) fs.FS {
	f, err := fs.Sub(e, "migrations")
	if err != nil {
		panic(err) // the folder is compiled in
	}
	return f
}
