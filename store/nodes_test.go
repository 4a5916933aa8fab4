package store

import (
	"slices"
	"testing"
)

// TestAddresses: one address may name several servers.
func TestAddresses(t *testing.T) {
	for dsn, want := range map[string][]string{
		"u:p@tcp(one:3306)/x":                   {"u:p@tcp(one:3306)/x"},
		"u:p,q@tcp(one:3306)/x":                 {"u:p,q@tcp(one:3306)/x"},
		"root@unix(/run/a,b.sock)/x":            {"root@unix(/run/a,b.sock)/x"},
		"u:p@tcp(one:1, two:2,three)/x?tls=yes": {"u:p@tcp(one:1)/x?tls=yes", "u:p@tcp(two:2)/x?tls=yes", "u:p@tcp(three)/x?tls=yes"},
	} {
		if got := eachAddress(dsn); !slices.Equal(got, want) {
			t.Errorf("%s: %v", dsn, got)
		}
	}
	if _, err := newNodes("u@tcp(one,two)/"); err == nil {
		t.Error("no database is named")
	}
}
