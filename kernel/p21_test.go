package kernel

import (
	"context"
	"fmt"
	"os"
	"path/filepath"
	"slices"
	"strings"
	"testing"
	"time"
)

func outlineText(t *testing.T, data string) *outline {
	t.Helper()
	o, err := outlineOf(strings.NewReader("ISO-10303-21;\nHEADER;\nENDSEC;\nDATA;\n" + data + "\nENDSEC;\nEND-ISO-10303-21;\n"))
	if err != nil {
		t.Fatal(err)
	}
	return o
}

// TestReferences finds references however ISO 10303-21 lets them be written, and none in what only looks like one.
func TestReferences(t *testing.T) {
	for data, want := range map[string]string{
		`#1=DOCUMENT_FILE('a.stp','','',#2,'','');`:                                                    "a.stp",
		"#1 = DOCUMENT_FILE /* here */ (\n 'a''b.stp' , '',$,#2,'','') ;":                              "a'b.stp",
		`#1=(CHARACTERIZED_OBJECT('','')DOCUMENT('a.stp','',$,#2)DOCUMENT_FILE());`:                    "a.stp",
		`#1=document_file('a.stp','','',#2,'','');`:                                                    "a.stp",
		`#1=DOCUMENT_FILE('\X2\00E400F6\X0\.stp','','',#2,'','');`:                                     "äö.stp",
		`#1=DOCUMENT_FILE('\X\E4.stp','','',#2,'','');`:                                                "ä.stp",
		`#1=DOCUMENT_FILE('../../secret.stp','','',#2,'','');`:                                         "../../secret.stp",
		`/* #1=DOCUMENT_FILE('no.stp','','',#2,'',''); */`:                                             "",
		`#1=PRODUCT('DOCUMENT_FILE(''no.stp'')','',$,(#2));`:                                           "",
		`#1=DOCUMENT('no.stp','',$,#2);`:                                                               "",
		`#1=DOCUMENT_FILE('a.stp','','',#2,'','');#2=DOCUMENT_FILE('a.stp','','',#2,'','');`:           "a.stp",
		`#1=DOCUMENT_FILE('` + strings.Repeat("x", 9000) + `.stp','','',#2,'','');`:                    strings.Repeat("x", mostString),
		`#1=DOCUMENT_FILE(` + strings.Repeat("(", 5000) + `'a.stp'` + strings.Repeat(")", 5000) + `);`: "",
	} {
		if got := strings.Join(outlineText(t, data).refs, " "); got != want {
			t.Errorf("%.80s: %.80q, want %.80q", data, got, want)
		}
	}
}

// doubled is a file whose product structure doubles at every level.
func doubled(levels int) string {
	var b strings.Builder
	for i := range levels {
		for k := range 2 {
			fmt.Fprintf(&b, "#%d=NEXT_ASSEMBLY_USAGE_OCCURRENCE('%d','','',#%d,#%d,$);\n", 1000+2*i+k, k, i+1, i+2)
		}
	}
	return b.String()
}

// TestDoubling: a structure that unfolds to a billion parts is refused before anything unfolds it; one that contains itself too.
func TestDoubling(t *testing.T) {
	if n, err := outlineText(t, doubled(14)).instances(); err != nil || n != 1<<15-1 {
		t.Errorf("14 levels of doubling place %d, %v; want %d", n, err, 1<<15-1)
	}
	if n, err := outlineText(t, doubled(30)).instances(); err == nil || !strings.Contains(err.Error(), "more than 200000") {
		t.Errorf("30 levels: %d, %v", n, err)
	}
	in := `#1=(NEXT_ASSEMBLY_USAGE_OCCURRENCE()PRODUCT_DEFINITION_RELATIONSHIP('1','',$,#7,#8)PRODUCT_DEFINITION_USAGE());#2=NEXT_ASSEMBLY_USAGE_OCCURRENCE('2','','',#8,#7,$);`
	if _, err := outlineText(t, in).instances(); err == nil || !strings.Contains(err.Error(), "contains itself") {
		t.Errorf("a product in itself: %v", err)
	}
	// and through the whole: the child is not even started
	file := filepath.Join(t.TempDir(), "many.stp")
	if err := os.WriteFile(file, []byte("ISO-10303-21;\nHEADER;\nENDSEC;\nDATA;\n"+doubled(30)+"ENDSEC;\nEND-ISO-10303-21;\n"), 0o600); err != nil {
		t.Fatal(err)
	}
	if _, err := (&Runner{Bin: "/nowhere", MaxFileMB: 1}).Read(context.Background(), file, nil); err == nil || !strings.Contains(err.Error(), "more than 200000 parts") {
		t.Errorf("%v", err)
	}
}

// TestNestedReferences reads an assembly whose files refer to one another two levels deep: a public interoperability test
// assembly (CAx Implementor Forum, S1), eight parts in eleven places.
func TestNestedReferences(t *testing.T) {
	main := "testdata/s1/s1_pe_214.stp"
	beside := func(name string) string { return filepath.Join("testdata/s1", name) }
	with, err := Companions(main, beside)
	if err != nil || len(with) != 12 {
		t.Fatalf("%d companions, %v", len(with), err)
	}
	im, err := runner(t).Read(context.Background(), main, with)
	if err != nil {
		t.Fatal(err)
	}
	var names []string
	for _, p := range im.Parts {
		names = append(names, p.Name)
	}
	slices.Sort(names)
	if s := strings.Join(names, " "); s != "FOOT_BACK FOOT_FRONT HEAD_BACK HEAD_FRONT MAIN_BODY_BACK MAIN_BODY_FRONT TAIL_MIDDLE_PART TAIL_TURBINE" || len(im.Missing) != 0 {
		t.Errorf("parts %s, missing %v", s, im.Missing)
	}
	if n := len(im.Inspect().Instances); n != 11 {
		t.Errorf("%d places", n)
	}
	// a name that leads out of the folder is never looked for
	sly := filepath.Join(t.TempDir(), "sly.stp")
	text := "ISO-10303-21;\nDATA;\n#1=DOCUMENT_FILE('../x.stp','','',#2,'','');\n#2=APPLIED_EXTERNAL_IDENTIFICATION_ASSIGNMENT('/etc/y.stp',#1,#1,(#1));\nENDSEC;\n"
	if err := os.WriteFile(sly, []byte(text), 0o600); err != nil {
		t.Fatal(err)
	}
	if _, err := Companions(sly, func(name string) string { t.Errorf("looked for %q", name); return "" }); err != nil {
		t.Error(err)
	}
}

// TestLimitGrows: a small file has a short time, a large one more, none without end.
func TestLimitGrows(t *testing.T) {
	r := NewRunner("")
	if a, b, c := r.limit(1000), r.limit(10<<20), r.limit(400<<20); a > 25*time.Second || b < a+30*time.Second || c != r.Timeout {
		t.Errorf("%v for a kilobyte, %v for ten megabytes, %v for four hundred", a, b, c)
	}
}

// TestSweep removes the folders of programs that have ended, and no other.
func TestSweep(t *testing.T) {
	t.Setenv("TMPDIR", t.TempDir())
	mine, err := WorkFolder("shape")
	if err != nil {
		t.Fatal(err)
	}
	dead := filepath.Join(os.TempDir(), prefix+"999999999-shape-1")
	other := filepath.Join(os.TempDir(), "somebody-elses")
	for _, d := range []string{dead, other} {
		if err := os.Mkdir(d, 0o700); err != nil {
			t.Fatal(err)
		}
	}
	Sweep()
	if _, err := os.Stat(dead); err == nil {
		t.Error("the folder of a dead program is still there")
	}
	for _, d := range []string{mine, other} {
		if _, err := os.Stat(d); err != nil {
			t.Error(err)
		}
	}
}

func FuzzOutline(f *testing.F) {
	f.Add(doubled(3))
	f.Add(`#1=(A('',#2)DOCUMENT_FILE());/* x */#2=DOCUMENT_FILE('\X2\00E4\X0\`)
	f.Fuzz(func(t *testing.T, data string) {
		if o, err := outlineOf(strings.NewReader(data)); err == nil {
			_, _ = o.instances()
		}
	})
}
