package version

import (
	"os"
	"strings"
	"testing"
)

// TestChangelog: the first entry of the changelog is this version's.
func TestChangelog(t *testing.T) {
	text, err := os.ReadFile("../../CHANGELOG.md")
	if err != nil {
		t.Fatal(err)
	}
	_, after, _ := strings.Cut(string(text), "\n## ")
	if !strings.HasPrefix(after, Number+" ") {
		t.Errorf("the changelog begins with %.20q, this is %s", after, Number)
	}
}
