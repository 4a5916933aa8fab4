package main

import (
	"bufio"
	"context"
	"encoding/json"
	"fmt"
	"io"
	"math"
	"os"
	"strconv"
	"strings"
	"time"

	"setfast/core/clash"
	"setfast/core/geom"
)

// crossed is what clash --mesh answers.
type crossed struct {
	Pairs  [][2]int32         `json:"pairs"`
	Sweep  []int              `json:"sweep,omitempty"` // at each step: how many pairs cross
	Timing map[string]float64 `json:"timing_ms,omitempty"`
}

// runClash tells what of an assembly, or of a scene of triangles, passes through what: 0 if nothing does, 1 if something does or cannot be
// decided, 2 unreadable.
func runClash(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {verdict, looked_at, no_shape, pairs, undecided}; of a scene {pairs, sweep}")
	clearance := c.Float64("clearance", 0, "also tell parts that are nearer than this, in `mm`")
	mesh := c.Bool("mesh", false, "the FILE is a scene of triangles as plain text")
	timing := c.Bool("timing", false, "add where the time went")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	switch {
	case *clearance < 0 || *clearance > 1e6:
		return c.bad("--clearance is a length in mm, not %g", *clearance)
	case !*mesh:
		return clashFile(c, files[0], *clearance, *asJSON, *timing, *unfenced)
	}
	f, err := os.Open(files[0])
	if err != nil {
		return c.fail("%s: %v", files[0], plain(err))
	}
	defer f.Close()
	s, err := readScene(bufio.NewReaderSize(f, 1<<20))
	if err != nil {
		return c.fail("%s: %v", files[0], err)
	}
	out, err := s.look()
	if err != nil {
		return c.fail("%s: %v", files[0], err)
	}
	if !*timing {
		out.Timing = nil
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(out)
	} else {
		for _, p := range out.Pairs {
			fmt.Fprintf(c.out, "%d and %d cross\n", p[0], p[1])
		}
		_, err = fmt.Fprintf(c.out, "%d of %d uses cross one another in %d pairs\n", crossing(out.Pairs), len(s.uses), len(out.Pairs))
	}
	if err != nil {
		return c.fail("what was found could not be written: %v", plain(err))
	}
	if len(out.Pairs) > 0 {
		return 1
	}
	return 0
}

// crossing counts the uses in pairs.
func crossing(pairs [][2]int32) int {
	in := map[int32]bool{}
	for _, p := range pairs {
		in[p[0]], in[p[1]] = true, true
	}
	return len(in)
}

// scene is what a scene of triangles says: meshes, uses, and some of them turned about an axis step by step.
type scene struct {
	uses   []clash.Use
	moving []int
	axis   [2]geom.Vec
	from   float64 // degrees
	to     float64
	steps  int
	build  time.Duration
}

// Bounds on scenes.
const (
	mostSceneTriangles = 50_000_000
	mostSceneSteps     = 1_000_000
)

// readScene reads "mesh NV NT" with its points and triangles, "use MESH x y z qw qx qy qz", and "sweep ox oy oz dx dy dz FROM TO STEPS use…".
func readScene(r io.Reader) (*scene, error) {
	sc := bufio.NewScanner(r)
	sc.Buffer(make([]byte, 1<<16), 1<<24)
	s := &scene{}
	var meshes []*clash.Mesh
	line := 0
	next := func() ([]string, bool) {
		for sc.Scan() {
			line++
			if w := strings.Fields(sc.Text()); len(w) > 0 {
				return w, true
			}
		}
		return nil, false
	}
	for {
		w, ok := next()
		if !ok {
			break
		}
		var err error
		switch w[0] {
		case "mesh":
			var m *clash.Mesh
			if m, err = s.mesh(w[1:], next); err == nil {
				meshes = append(meshes, m)
			}
		case "use":
			err = s.use(w[1:], meshes)
		case "sweep":
			err = s.sweep(w[1:])
		default:
			err = fmt.Errorf("%q is not known here; expected mesh, use or sweep", w[0])
		}
		if err != nil {
			return nil, fmt.Errorf("line %d: %w", line, err)
		}
	}
	return s, sc.Err()
}

// numbers reads as many finite numbers as there are places for them.
func readNumbers(w []string, to ...*float64) error {
	if len(w) < len(to) {
		return fmt.Errorf("%d numbers are wanted, not %d", len(to), len(w))
	}
	for i, p := range to {
		x, err := strconv.ParseFloat(w[i], 64)
		if err != nil || math.IsNaN(x) || math.IsInf(x, 0) {
			return fmt.Errorf("%q is no number", w[i])
		}
		*p = x
	}
	return nil
}

func (s *scene) mesh(w []string, next func() ([]string, bool)) (*clash.Mesh, error) {
	var nv, nt float64
	if err := readNumbers(w, &nv, &nt); err != nil {
		return nil, err
	}
	if nv < 0 || nt < 0 || nv > 3*mostSceneTriangles || nt > mostSceneTriangles || nv != math.Trunc(nv) || nt != math.Trunc(nt) {
		return nil, fmt.Errorf("a mesh of %v points and %v triangles cannot be taken", nv, nt)
	}
	var points []geom.Vec
	for range int(nv) {
		w, ok := next()
		if !ok {
			return nil, fmt.Errorf("it ends in the middle of a mesh")
		}
		var v geom.Vec
		if err := readNumbers(w, &v.X, &v.Y, &v.Z); err != nil {
			return nil, err
		}
		points = append(points, v)
	}
	var triangles [][3]int32
	for range int(nt) {
		w, ok := next()
		if !ok {
			return nil, fmt.Errorf("it ends in the middle of a mesh")
		}
		var k [3]float64
		if err := readNumbers(w, &k[0], &k[1], &k[2]); err != nil {
			return nil, err
		}
		var t [3]int32
		for i, x := range k {
			if x < 0 || x >= nv || x != math.Trunc(x) {
				return nil, fmt.Errorf("there is no point %v among %v", x, nv)
			}
			t[i] = int32(x)
		}
		triangles = append(triangles, t)
	}
	start := time.Now()
	m := clash.NewMesh(points, triangles)
	s.build += time.Since(start)
	return m, nil
}

func (s *scene) use(w []string, meshes []*clash.Mesh) error {
	var m float64
	var p geom.Pose
	if err := readNumbers(w, &m, &p.O.X, &p.O.Y, &p.O.Z, &p.Q.W, &p.Q.X, &p.Q.Y, &p.Q.Z); err != nil {
		return err
	}
	if m < 0 || int(m) >= len(meshes) || m != math.Trunc(m) {
		return fmt.Errorf("there is no mesh %v yet", m)
	}
	if p.Q.Norm() == 0 {
		return fmt.Errorf("a quaternion must not be zero")
	}
	p.Q = p.Q.Unit()
	s.uses = append(s.uses, clash.Use{Mesh: meshes[int(m)], Pose: p})
	return nil
}

func (s *scene) sweep(w []string) error {
	var steps float64
	o, d := &s.axis[0], &s.axis[1]
	if err := readNumbers(w, &o.X, &o.Y, &o.Z, &d.X, &d.Y, &d.Z, &s.from, &s.to, &steps); err != nil {
		return err
	}
	if steps < 1 || steps > mostSceneSteps || steps != math.Trunc(steps) || d.Norm() == 0 {
		return fmt.Errorf("a sweep wants a direction and from 1 to %d steps", mostSceneSteps)
	}
	s.steps = int(steps)
	for _, x := range w[9:] {
		k, err := strconv.Atoi(x)
		if err != nil || k < 0 || k >= len(s.uses) {
			return fmt.Errorf("there is no use %q to turn", x)
		}
		s.moving = append(s.moving, k)
	}
	return nil
}

// look finds the pairs that cross as the scene stands, and how many at each step of its sweep.
func (s *scene) look() (*crossed, error) {
	ctx := context.Background()
	ms := func(from time.Time) float64 { return time.Since(from).Seconds() * 1e3 }
	out := &crossed{Timing: map[string]float64{"build": s.build.Seconds() * 1e3}}
	start := time.Now()
	all := clash.NewScene(s.uses)
	pairs, err := all.Pairs(ctx, 0)
	if err != nil {
		return nil, err
	}
	out.Pairs = append([][2]int32{}, pairs...)
	out.Timing["rest"] = ms(start)
	if s.steps == 0 {
		return out, nil
	}
	start = time.Now()
	d := s.axis[1].Unit()
	for k := range s.steps + 1 {
		angle := (s.from + (s.to-s.from)*float64(k)/float64(s.steps)) * math.Pi / 180
		turn := geom.Pose{Q: geom.Exp(d.Scale(angle))}
		turn.O = s.axis[0].Sub(turn.Q.Rotate(s.axis[0]))
		for _, m := range s.moving {
			all.Move(m, turn.Mul(s.uses[m].Pose))
		}
		if pairs, err = all.Pairs(ctx, 0); err != nil {
			return nil, err
		}
		out.Sweep = append(out.Sweep, len(pairs))
	}
	out.Timing["sweep"] = ms(start)
	return out, nil
}
