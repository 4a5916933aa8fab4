package kernel

import (
	"bytes"
	"context"
	"errors"
	"fmt"
	"math"
	"os"
	"os/exec"
	"path/filepath"
	"strings"
	"testing"
	"time"

	"setfast/core/geom"
)

func runner(t testing.TB) *Runner {
	t.Helper()
	bin := os.Getenv("SETFAST_KERNEL")
	if bin == "" {
		bin = filepath.Join(t.TempDir(), "setfast-kernel")
		if out, err := exec.Command("go", "build", "-o", bin, "setfast/cmd/setfast-kernel").CombinedOutput(); err != nil {
			t.Fatalf("%v\n%s", err, out)
		}
	}
	return NewRunner(bin)
}

func make1(t *testing.T, r *Runner, recipe, file string) *Import {
	t.Helper()
	dir := t.TempDir()
	p := filepath.Join(dir, file)
	word := "step"
	if Format(file) == "iges" {
		word = "iges"
	}
	if err := r.Make(context.Background(), dir, recipe+"\nproduct Sample Ø\n"+word+" "+p+"\n"); err != nil {
		t.Fatal(err)
	}
	im, err := r.Read(context.Background(), p, nil)
	if err != nil {
		t.Fatal(err)
	}
	return im
}

func near(t *testing.T, what string, got, want, rel float64) {
	t.Helper()
	if math.Abs(got-want) > rel*math.Max(math.Abs(want), 1e-9) {
		t.Errorf("%s is %.12g, want %.12g", what, got, want)
	}
}

// TestAS1 reads a public interoperability test model (AS1 of the CAx Implementor Forum) and compares it with what can be
// said of it without a kernel: the drawing's counts, and closed forms for the rod (Ø10 × 200).
func TestAS1(t *testing.T) {
	im, err := runner(t).Read(context.Background(), "testdata/as1-oc-214.stp", nil)
	if err != nil {
		t.Fatal(err)
	}
	ins := im.Inspect()
	if len(ins.Parts) != 5 || len(ins.Instances) != 18 {
		t.Fatalf("%d parts in %d instances, want 5 in 18", len(ins.Parts), len(ins.Instances))
	}
	by := map[string]InspectedPart{}
	for _, p := range ins.Parts {
		by[p.Name] = p
	}
	for name, c := range map[string]struct{ instances, holes, shafts, planes, cylinders int }{
		"nut": {8, 1, 0, 6, 2}, "rod": {1, 0, 1, 2, 2}, "bolt": {6, 0, 2, 3, 4}, "l-bracket": {2, 4, 0, 8, 8}, "plate": {1, 6, 0, 6, 12},
	} {
		p := by[name]
		if p.Instances != c.instances || p.Holes != c.holes || p.Shafts != c.shafts || p.Faces["plane"] != c.planes || p.Faces["cylinder"] != c.cylinders || p.Faces["other"] != 0 {
			t.Errorf("%s: %+v, want %+v", name, p, c)
		}
	}
	near(t, "rod volume", by["rod"].Volume, math.Pi*25*200, 1e-6) // the file writes seven digits
	near(t, "rod area", by["rod"].Area, 2*math.Pi*25+2*math.Pi*5*200, 1e-6)
	depth := 0
	for _, i := range ins.Instances {
		depth = max(depth, strings.Count(i.Path, "/"))
	}
	if depth != 3 {
		t.Errorf("nested %d deep, want 3", depth)
	}
	for i, p := range im.Parts { // every mesh is closed: each directed edge has its opposite, once corners are joined by place
		if open := openEdges(&p.Mesh); open != 0 {
			t.Errorf("%s: %d open edges in the mesh", im.PartName(i), open)
		}
		if len(p.Mesh.FaceEnds) != len(p.Faces) || len(p.Mesh.LineEnds) != len(p.Edges) {
			t.Errorf("%s: %d face ranges for %d faces", im.PartName(i), len(p.Mesh.FaceEnds), len(p.Faces))
		}
	}
}

func openEdges(m *Mesh) int {
	at := func(i uint32) [3]int64 {
		return [3]int64{int64(math.Round(float64(m.Positions[3*i]) * 1e3)), int64(math.Round(float64(m.Positions[3*i+1]) * 1e3)), int64(math.Round(float64(m.Positions[3*i+2]) * 1e3))}
	}
	count := map[[2][3]int64]int{}
	for t := 0; t < len(m.Indices); t += 3 {
		for k := 0; k < 3; k++ {
			count[[2][3]int64{at(m.Indices[t+k]), at(m.Indices[t+(k+1)%3])}]++
		}
	}
	open := 0
	for e, n := range count {
		if e[0] != e[1] && count[[2][3]int64{e[1], e[0]}] != n {
			open++
		}
	}
	return open
}

// TestMass compares volume, area, centroid and inertia with closed forms (any table of solids of mechanics).
func TestMass(t *testing.T) {
	r := runner(t)
	const a, b, c = 20.0, 30.0, 50.0
	p := make1(t, r, "box 5 6 7 20 30 50", "box.step").Parts[0]
	near(t, "box volume", p.Volume, a*b*c, 1e-12)
	near(t, "box area", p.Area, 2*(a*b+b*c+c*a), 1e-12)
	near(t, "box Ixx", p.Inertia[0][0], a*b*c*(b*b+c*c)/12, 1e-9)
	if p.Centroid.Sub(geom.V(15, 21, 32)).Norm() > 1e-9 || p.Name != "Sample Ø" {
		t.Errorf("%q has its centroid at %v", p.Name, p.Centroid)
	}
	p = make1(t, r, "cyl 0 0 0 0 0 1 8 40", "cyl.stp").Parts[0]
	near(t, "cylinder volume", p.Volume, math.Pi*64*40, 1e-9)
	near(t, "cylinder Izz", p.Inertia[2][2], math.Pi*64*40*64/2, 1e-9)
	p = make1(t, r, "cone 0 0 0 0 0 1 9 4 12", "cone.stp").Parts[0]
	near(t, "frustum volume", p.Volume, math.Pi*12/3*(81+36+16), 1e-9)
	p = make1(t, r, "sphere 1 2 3 7", "ball.stp").Parts[0]
	near(t, "ball volume", p.Volume, 4./3*math.Pi*343, 1e-9)
	near(t, "ball Izz", p.Inertia[2][2], 2./5*(4./3*math.Pi*343)*49, 1e-9)
	// the same stored as free-form surfaces: the shape must still be measured, and told for what it is
	p = make1(t, r, "sphere 1 2 3 7\nnurbs", "free.stp").Parts[0]
	near(t, "free-form ball volume", p.Volume, 4./3*math.Pi*343, 1e-6)
}

// TestRecognised stores simple surfaces as splines and finds them again, with their sizes and sides.
func TestRecognised(t *testing.T) {
	p := make1(t, runner(t), "box 0 0 0 40 40 20\ncyl 12 13 -1 0 0 1 4 22\ncut\ncone 28 28 20 0 0 1 8 3 9\nfuse\ncyl 30 8 20 0 0 1 5 6\nfuse\nnurbs", "spline.stp").Parts[0]
	count := map[string]int{}
	for _, f := range p.Faces {
		count[f.Kind]++
		if f.Kind == "cone" {
			near(t, "half angle", f.HalfAngle, math.Atan2(5, 9)*180/math.Pi, 1e-7)
		}
	}
	if fmt.Sprint(count) != "map[cone:1 cylinder:2 plane:8]" {
		t.Errorf("faces %v", count)
	}
	bores := p.Bores()
	if len(bores) != 2 {
		t.Fatalf("bores %+v", bores)
	}
	for _, b := range bores {
		want := 4.0
		if b.Side == "shaft" {
			want = 5
		}
		near(t, b.Side+" radius", b.Radius, want, 1e-9)
		if math.Abs(b.Axis.Z) < 1-1e-9 {
			t.Errorf("axis %v", b.Axis)
		}
	}
	circles := 0
	for _, e := range p.Edges {
		if e.Kind == "circle" {
			circles++
		}
	}
	if circles < 6 {
		t.Errorf("%d circles found among the edges", circles)
	}
}

func TestIGES(t *testing.T) {
	im := make1(t, runner(t), "box 0 0 0 10 20 30\ncyl 5 10 -1 0 0 1 3 32\ncut", "part.igs")
	if len(im.Parts) != 1 || im.Parts[0].Solids != 1 {
		t.Fatalf("%d parts, %+v", len(im.Parts), im.Parts)
	}
	near(t, "volume", im.Parts[0].Volume, 6000-math.Pi*9*30, 1e-6)
}

// TestDamaged reads broken files: each gives a clear error, none harms this process or leaves anything behind.
func TestDamaged(t *testing.T) {
	r := runner(t)
	r.Timeout = 20 * time.Second
	good, err := os.ReadFile("testdata/as1-oc-214.stp")
	if err != nil {
		t.Fatal(err)
	}
	dir := t.TempDir()
	write := func(name string, data []byte) string {
		p := filepath.Join(dir, name)
		if err := os.WriteFile(p, data, 0o600); err != nil {
			t.Fatal(err)
		}
		return p
	}
	secret := write("secret.stp", good)
	for name, c := range map[string]struct {
		data []byte
		says string
	}{
		"empty.step":   {nil, "empty"},
		"garbage.step": {bytes.Repeat([]byte{0, 255, 7, 'x'}, 1000), "does not begin like a STEP file"},
		"cut.step":     {good[:len(good)/3], ""},
		"words.step":   {[]byte("ISO-10303-21;\nHEADER;\nENDSEC;\nDATA;\nENDSEC;\nEND-ISO-10303-21;\n"), ""},
		"deep.step":    {[]byte("ISO-10303-21;\nHEADER;\nENDSEC;\nDATA;\n#1=A(" + strings.Repeat("(", 400000) + strings.Repeat(")", 400000) + ");\nENDSEC;\nEND-ISO-10303-21;\n"), ""},
		"out.step":     {[]byte("ISO-10303-21;\nDATA;\n#1=DOCUMENT_FILE('" + secret + "','',#2,'','');\nENDSEC;\n"), "outside its own folder"},
		"garbage.igs":  {bytes.Repeat([]byte("not an IGES card at all\n"), 50), "does not begin like an IGES file"},
		"part.obj":     {good, "its name ends"},
	} {
		im, err := r.Read(context.Background(), write(name, c.data), nil)
		var fe *FileError
		if err == nil {
			if name == "cut.step" && im != nil { // a part of the file may still be whole
				continue
			}
			t.Errorf("%s was taken", name)
		} else if !errors.As(err, &fe) || !strings.Contains(err.Error(), c.says) || !strings.HasPrefix(err.Error(), name+" could not be read") {
			t.Errorf("%s: %v", name, err)
		}
	}
	// letters changed here and there
	for i := 0; i < 25; i++ {
		bad := append([]byte(nil), good...)
		for k := 0; k < 40; k++ {
			bad[2000+(i*7919+k*104729)%(len(bad)-2000)] = "0129#(,'A."[(i+k)%10]
		}
		if _, err := r.Read(context.Background(), write(fmt.Sprintf("bad%d.step", i), bad), nil); err != nil {
			var fe *FileError
			if !errors.As(err, &fe) {
				t.Errorf("mutation %d: %v", i, err)
			}
		}
	}
	if im, err := r.Read(context.Background(), secret, nil); err != nil || len(im.Parts) != 5 {
		t.Errorf("after all that a good file is not read: %v", err)
	}
}

// TestLimits ends a child that takes too long, and one that wants too much memory.
func TestLimits(t *testing.T) {
	r := runner(t)
	r.Timeout = 60 * time.Millisecond
	_, err := r.Read(context.Background(), "testdata/as1-oc-214.stp", nil)
	if err == nil || !strings.Contains(err.Error(), "took longer") {
		t.Errorf("too long: %v", err)
	}
	r = runner(t)
	r.MemoryMB = 40
	if _, err := r.Read(context.Background(), "testdata/as1-oc-214.stp", nil); err == nil {
		t.Error("40 MB were enough, which is not believable")
	}
	ctx, cancel := context.WithCancel(context.Background())
	cancel()
	if _, err := runner(t).Read(ctx, "testdata/as1-oc-214.stp", nil); !errors.Is(err, context.Canceled) {
		t.Errorf("cancelled: %v", err)
	}
}

// TestDerived writes what is kept of a part and reads its head back.
func TestDerived(t *testing.T) {
	p := make1(t, runner(t), "box 0 0 0 10 20 30\ncyl 5 10 -1 0 0 1 3 50\ncut", "a.step").Parts[0]
	data, err := Derive(p).Encode()
	if err != nil {
		t.Fatal(err)
	}
	d, err := DecodeDerived(data)
	if err != nil {
		t.Fatal(err)
	}
	c := d.Counts
	head := 4 + int(data[0]) + int(data[1])<<8 + int(data[2])<<16
	if len(data) != head+4*(c.Positions+c.Normals+c.Lines+c.Indices+c.FaceEnds+c.LineEnds) {
		t.Error("the counts do not add up to the length")
	}
	if q := d.Part(); len(q.Features) != len(d.Features) || q.RoundAbout(geom.V(5, 10, 0), geom.V(0, 0, 1)) || !q.Volume.Known {
		t.Error("the part is not what was derived")
	}
	if pic, err := Preview(p, [3]uint8{180, 170, 160}, 64); err != nil || len(pic) < 500 {
		t.Errorf("preview of %d bytes, %v", len(pic), err)
	}
	if _, err := DecodeDerived(data[:3]); err == nil {
		t.Error("a stump was read")
	}
}

func BenchmarkReadAS1(b *testing.B) {
	r := runner(b)
	for b.Loop() {
		if _, err := r.Read(context.Background(), "testdata/as1-oc-214.stp", nil); err != nil {
			b.Fatal(err)
		}
	}
}
