package proof

import (
	"bytes"
	"encoding/json"
	"fmt"
	"math"
	"strings"
	"testing"

	"gonum.org/v1/gonum/num/quat"
	"gonum.org/v1/gonum/spatial/r3"

	"setfast/core/report"
)

// pose places a body.
type pose struct {
	o r3.Vec
	q quat.Number
}

func (p pose) dir(v r3.Vec) r3.Vec {
	x := quat.Mul(quat.Mul(p.q, quat.Number{Imag: v.X, Jmag: v.Y, Kmag: v.Z}), quat.Conj(p.q))
	return r3.Vec{X: x.Imag, Y: x.Jmag, Z: x.Kmag}
}

func (p pose) point(v r3.Vec) r3.Vec { return r3.Add(p.o, p.dir(v)) }

// times places what stands in p by q.
func (p pose) times(q pose) pose { return pose{p.point(q.o), quat.Mul(p.q, q.q)} }

// moved slides and turns (rotation vector) a pose about a point of space.
func (p pose) moved(c, slide, turn r3.Vec) pose {
	a := r3.Norm(turn)
	q := quat.Number{Real: 1}
	if a > 0 {
		s := math.Sin(a/2) / a
		q = quat.Number{Real: math.Cos(a / 2), Imag: turn.X * s, Jmag: turn.Y * s, Kmag: turn.Z * s}
	}
	t := pose{q: q}
	return pose{r3.Add(r3.Add(c, slide), t.dir(r3.Sub(p.o, c))), quat.Mul(q, p.q)}
}

// feature is a feature in the frame of its body, or of the world.
type feature struct {
	body    int // -1: the assembly itself
	kind    string
	o, z, x r3.Vec
	r       float64
	hole    bool
}

func (f feature) at(p pose) feature {
	f.o, f.z, f.x = p.point(f.o), p.dir(f.z), p.dir(f.x)
	return f
}

// world is an assembly laid open by hand.
type world struct {
	t      testing.TB
	doc    map[string]any
	report *report.Report
	names  []string
	fixed  []bool
	start  []pose
	laid   map[string][]string // per assembly: its bodies
	base   map[string]string   // use → the body of what is grounded in it
	rels   []*rel
	byID   map[string]*rel
}

type object = map[string]any

// ordered lists the members of a JSON object in the order they are written.
func ordered(raw []byte) []string {
	d := json.NewDecoder(bytes.NewReader(raw))
	d.Token()
	var names []string
	for d.More() {
		k, _ := d.Token()
		var skip json.RawMessage
		if d.Decode(&skip) != nil {
			break
		}
		names = append(names, k.(string))
	}
	return names
}

func vecOf(v any) r3.Vec {
	l := v.([]any)
	return r3.Vec{X: l[0].(float64), Y: l[1].(float64), Z: l[2].(float64)}
}

func poseOf(v any) pose {
	p := pose{q: quat.Number{Real: 1}}
	m, _ := v.(object)
	if o := m["origin"]; o != nil {
		p.o = vecOf(o)
	}
	if q := m["quaternion"]; q != nil {
		l := q.([]any)
		n := quat.Number{Real: l[0].(float64), Imag: l[1].(float64), Jmag: l[2].(float64), Kmag: l[3].(float64)}
		p.q = quat.Scale(1/quat.Abs(n), n)
	}
	return p
}

// solved is where the report puts a component.
func (w *world) solved(asm, name string) pose {
	if w.report.Assemblies[asm] == nil { // all its uses are suppressed
		return pose{q: quat.Number{Real: 1}}
	}
	p := w.report.Assemblies[asm].Components[name].Pose
	return pose{r3.Vec{X: p.O.X, Y: p.O.Y, Z: p.O.Z}, quat.Number{Real: p.Q.W, Imag: p.Q.X, Jmag: p.Q.Y, Kmag: p.Q.Z}}
}

// allSolved is where the report puts each.
func (w *world) allSolved(asm string) []pose {
	at := make([]pose, len(w.names))
	for i, n := range w.names {
		at[i] = w.solved(asm, n)
	}
	return at
}

// lay makes the bodies of an assembly. Components are in the order written.
func (w *world) lay(asm string, order map[string][]string) (names []string, fixed []bool, start []pose) {
	a := w.doc["assemblies"].(object)[asm].(object)
	add := func(n string, f bool, p pose) {
		names, fixed, start = append(names, n), append(fixed, f), append(start, p)
	}
	for _, name := range order[asm] {
		c := a["components"].(object)[name].(object)
		if c["suppressed"] == true {
			continue
		}
		grounded, at := c["grounded"] == true, poseOf(c["pose"])
		sub, _ := c["assembly"].(string)
		if sub == "" || c["flexible"] != true {
			add(name, grounded, at)
			continue
		}
		in, still, _ := w.lay(sub, order)
		base := ""
		for i, k := range in {
			if !still[i] {
				continue
			}
			if base == "" {
				base = name + "/" + k
				add(base, grounded, at)
			}
		}
		for i, k := range in {
			if !still[i] {
				add(name+"/"+k, false, at.times(w.solved(sub, k)))
			}
		}
	}
	return
}

// find follows a reference: the body of the assembly and the feature in its frame. absent: something on the way is suppressed.
func (w *world) find(asm string, path []string) (body string, f feature, absent bool) {
	if path[0] == "@" {
		path = path[1:]
	}
	if len(path) == 1 {
		return "", builtIn(path[0]), false
	}
	c := w.doc["assemblies"].(object)[asm].(object)["components"].(object)[path[0]].(object)
	absent = c["suppressed"] == true
	sub, _ := c["assembly"].(string)
	if sub == "" {
		features, _ := w.doc["parts"].(object)[c["part"].(string)].(object)["features"].(object)
		if m, ok := features[path[1]].(object); ok {
			return path[0], featureOf(m), absent
		}
		return path[0], builtIn(path[1]), absent
	}
	inner, f, gone := w.find(sub, path[1:])
	absent = absent || gone
	if absent {
		return "", f, true
	}
	if c["flexible"] != true {
		if inner != "" {
			f = f.at(w.solved(sub, inner))
		}
		return path[0], f, false
	}
	// free in the use, or one with what is grounded there
	free := path[0] + "/" + inner
	for _, n := range w.laid[asm] {
		if n == free && n != w.baseOf(asm, path[0]) {
			return free, f, false
		}
	}
	if inner != "" {
		f = f.at(w.solved(sub, inner))
	}
	return w.baseOf(asm, path[0]), f, false
}

// baseOf names the body of what is grounded in a flexible use.
func (w *world) baseOf(asm, use string) string { return w.base[asm+"|"+use] }

func builtIn(name string) feature {
	x, y, z := r3.Vec{X: 1}, r3.Vec{Y: 1}, r3.Vec{Z: 1}
	return map[string]feature{
		"origin": {kind: "frame", z: z, x: x}, "xy": {kind: "plane", z: z, x: x}, "yz": {kind: "plane", z: x, x: y}, "zx": {kind: "plane", z: y, x: x},
		"x": {kind: "axis", z: x, x: y}, "y": {kind: "axis", z: y, x: x}, "z": {kind: "axis", z: z, x: x},
	}[name]
}

func featureOf(m object) feature {
	f := feature{kind: m["type"].(string)}
	for _, k := range []string{"origin", "center", "at", "apex"} {
		if m[k] != nil {
			f.o = vecOf(m[k])
		}
	}
	for _, k := range []string{"normal", "direction", "z"} {
		if m[k] != nil {
			f.z = r3.Unit(vecOf(m[k]))
		}
	}
	if m["x"] != nil {
		f.x = vecOf(m["x"])
	} else if f.x = (r3.Vec{X: 1}); math.Abs(f.z.X) > 0.9 {
		f.x = r3.Vec{Y: 1}
	}
	if f.z != (r3.Vec{}) {
		f.x = r3.Unit(r3.Sub(f.x, r3.Scale(r3.Dot(f.x, f.z), f.z)))
	}
	f.r, _ = m["radius"].(float64)
	f.hole = m["side"] == "hole"
	return f
}

// newWorld lays an assembly of a document open.
func newWorld(t testing.TB, text []byte, rep *report.Report, asm string) *world {
	t.Helper()
	w := &world{t: t, report: rep, laid: map[string][]string{}, base: map[string]string{}, byID: map[string]*rel{}}
	if err := json.Unmarshal(text, &w.doc); err != nil {
		t.Fatal(err)
	}
	order := map[string][]string{}
	var raw struct {
		Assemblies map[string]struct{ Components json.RawMessage } `json:"assemblies"`
	}
	if err := json.Unmarshal(text, &raw); err != nil {
		t.Fatal(err)
	}
	for n, a := range raw.Assemblies {
		order[n] = ordered(a.Components)
	}
	for n, a := range w.doc["assemblies"].(object) {
		w.laid[n], _, _ = w.lay(n, order)
		for use, c := range a.(object)["components"].(object) {
			if c := c.(object); c["flexible"] == true && c["assembly"] != nil && c["suppressed"] != true {
				in, still, _ := w.lay(c["assembly"].(string), order)
				for i, k := range in {
					if still[i] {
						w.base[n+"|"+use] = use + "/" + k
						break
					}
				}
			}
		}
	}
	w.names, w.fixed, w.start = w.lay(asm, order)
	w.relate(asm, asm, nil)
	return w
}

func (w *world) index(name string) int {
	for i, n := range w.names {
		if n == name {
			return i
		}
	}
	return -1
}

// relate takes up the relations of an assembly, and of what it uses flexibly, all named from the root.
func (w *world) relate(root, asm string, use []string) {
	a := w.doc["assemblies"].(object)[asm].(object)
	for name, c := range a["components"].(object) {
		if c := c.(object); c["flexible"] == true && c["assembly"] != nil && c["suppressed"] != true {
			w.relate(root, c["assembly"].(string), append(append([]string(nil), use...), name))
		}
	}
	list, _ := a["mates"].([]any)
	prefix := strings.Join(append(append([]string(nil), use...), ""), "/")
	for _, couplings := range [2]bool{false, true} {
		for _, x := range list {
			m := x.(object)
			typ := m["type"].(string)
			isCoupling := typ == "gear" || typ == "rack" || typ == "screw" || typ == "cam"
			if isCoupling != couplings || m["suppressed"] == true {
				continue
			}
			r := &rel{w: w, id: prefix + m["id"].(string), typ: typ, says: m}
			if couplings {
				r.ja, r.jb = w.byID[prefix+m["a"].(string)], w.byID[prefix+m["b"].(string)]
				if r.ja == nil || r.jb == nil {
					continue
				}
			} else if !r.take(root, use) {
				continue
			}
			r.begin()
			w.rels, w.byID[r.id] = append(w.rels, r), r
		}
	}
}

// take finds the features of a relation; false where one is suppressed.
func (r *rel) take(root string, use []string) bool {
	there := true
	get := func(ref string) feature {
		path := append(append([]string(nil), use...), strings.Split(ref, "/")...)
		if strings.HasPrefix(ref, "@/") { // of a use: the frame of what is grounded in it
			path = append(append([]string(nil), use...), strings.Split(ref, "/")[1:]...)
		}
		name, f, absent := r.w.find(root, path)
		there = there && !absent
		f.body = r.w.index(name)
		return f
	}
	side := func(v any) feature {
		switch v := v.(type) {
		case string:
			return get(v)
		case []any:
			f, g := get(v[0].(string)), get(v[1].(string))
			f.o = r3.Scale(0.5, r3.Add(f.o, g.o))
			return f
		}
		panic(fmt.Sprint(v))
	}
	r.a, r.b = side(r.says["a"]), side(r.says["b"])
	if s, ok := r.says["about"].(string); ok {
		f := get(s)
		r.about = &f
	}
	return there
}
