//go:build !amd64

package dense

const wide = false
