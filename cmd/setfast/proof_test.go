package main

import (
	"bytes"
	"encoding/json"
	"os"
	"path/filepath"
	"strings"
	"testing"

	"setfast/core/attest"
	"setfast/core/report"
)

// TestProof: the digest stays where a document is only laid out otherwise, and changes with any value; what does not pass exits with 1. Pages come out as PDF.
func TestProof(t *testing.T) {
	dir := t.TempDir()
	data, err := os.ReadFile("../../docs/examples/hinge.setfast.json")
	if err != nil {
		t.Fatal(err)
	}
	prove := func(name string, text []byte, more ...string) (*attest.Proof, int) {
		t.Helper()
		file := filepath.Join(dir, name)
		if err := os.WriteFile(file, text, 0o600); err != nil {
			t.Fatal(err)
		}
		var out, errs bytes.Buffer
		code := run(append([]string{"proof", file, "--json"}, more...), nil, &out, &errs)
		p := &attest.Proof{}
		if err := json.Unmarshal(out.Bytes(), p); err != nil {
			t.Fatalf("%v: %s %s", err, out.String(), errs.String())
		}
		return p, code
	}
	pdf := filepath.Join(dir, "proof.pdf")
	p, code := prove("a.setfast.json", data, "--pdf", pdf)
	if p.Verdict != report.Loose || code != 1 || len(p.Findings) != 1 || p.Levels[0].Opening-p.Levels[0].Removed != p.Levels[0].Left {
		t.Errorf("a hinge that nobody planned: exit %d, %+v", code, p)
	}
	if got, err := os.ReadFile(pdf); err != nil || !bytes.HasPrefix(got, []byte("%PDF")) {
		t.Errorf("no pages: %v", err)
	}
	var other bytes.Buffer
	if err := json.Compact(&other, data); err != nil {
		t.Fatal(err)
	}
	if q, _ := prove("b.setfast.json", other.Bytes()); q.Digest != p.Digest {
		t.Error("laid out otherwise it has another digest")
	}
	planned := strings.Replace(string(data), `"measures"`, `"planned": [{"joint": "pin"}], "measures"`, 1)
	q, code := prove("c.setfast.json", []byte(strings.Replace(planned, `"to": 120`, `"to": 90`, 1)))
	if code != 0 || q.Verdict != report.Moves || q.Digest == p.Digest || len(q.Motions) != 1 || q.Motions[0].Lo == nil || *q.Motions[0].Hi != 95 || q.Motions[0].Travel == nil || len(q.Runs) != 1 || q.Runs[0].Meets() {
		t.Errorf("planned: exit %d, %+v", code, q)
	}
	if q, code = prove("d.setfast.json", []byte(planned)); code != 1 || len(q.Runs) != 1 || q.Runs[0].StoppedAt == nil || *q.Runs[0].StoppedAt != 95 {
		t.Errorf("a motion that stops at its limit, short of where it is to go: exit %d, %+v", code, q)
	}
}
