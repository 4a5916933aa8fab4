package proof

import (
	"encoding/json"
	"fmt"
	"math"
	"math/rand/v2"
	"strings"

	"gonum.org/v1/gonum/num/quat"
	"gonum.org/v1/gonum/spatial/r3"
)

// random makes up documents. Parts are put at poses, features where relations between them hold, and the start poses are disturbed.
type random struct {
	*rand.Rand
	parts      []string
	assemblies []string
	count      int // of parts
}

const size = 40.0 // mm, about that of parts

// made is an assembly being made up.
type made struct {
	*random
	comps    []string
	names    []string
	at       []pose // where components belong
	features []map[string]string
	part     []string // name of the part; empty for a use of an assembly
	prefix   []string // of references to features: the component, or a component inside it
	mates    []string
	joints   []joint
	planned  []string
}

type joint struct {
	id, typ string
	values  map[string]float64 // coordinates where it belongs
	held    bool
}

func (x *random) vec(s float64) r3.Vec {
	return r3.Scale(s, r3.Vec{X: x.NormFloat64(), Y: x.NormFloat64(), Z: x.NormFloat64()})
}
func (x *random) unit() r3.Vec { return r3.Unit(x.vec(1)) }

func (x *random) pose(place, turn float64) pose {
	return pose{q: quat.Number{Real: 1}}.moved(r3.Vec{}, x.vec(place), x.vec(turn))
}

// perp is a direction square to n.
func (x *random) perp(n r3.Vec) r3.Vec { return r3.Unit(across(x.unit(), n)) }

func inverse(p pose) pose {
	q := quat.Conj(p.q)
	return pose{r3.Scale(-1, pose{q: q}.dir(p.o)), q}
}

func list(v r3.Vec) string {
	b, _ := json.Marshal([]float64{v.X, v.Y, v.Z})
	return string(b)
}

func (p pose) String() string {
	q, _ := json.Marshal([]float64{p.q.Real, p.q.Imag, p.q.Jmag, p.q.Kmag})
	return fmt.Sprintf(`{"origin": %s, "quaternion": %s}`, list(p.o), q)
}

// component adds a use of a part of its own, disturbed by so much.
func (m *made) component(grounded bool, disturbed float64) {
	name := fmt.Sprint("c", len(m.names))
	at := m.pose(size, 1)
	start, g := at, `, "grounded": true`
	if !grounded {
		start, g = at.moved(at.o, m.vec(disturbed*0.05*size), m.vec(disturbed*0.08)), ""
	}
	m.count++
	part := fmt.Sprint("p", m.count)
	m.names, m.at, m.part = append(m.names, name), append(m.at, at), append(m.part, part)
	m.prefix = append(m.prefix, name)
	m.features = append(m.features, map[string]string{})
	m.comps = append(m.comps, fmt.Sprintf(`%q: {"part": %q%s, "pose": %v}`, name, part, g, start))
}

// add gives a component a feature that lies at a place of the assembly.
func (m *made) add(c int, kind string, o, z, x r3.Vec, more string) string {
	p := inverse(m.at[c])
	o, z, x = p.point(o), p.dir(z), p.dir(x)
	name := fmt.Sprint("f", len(m.features[c]))
	at := map[string]string{"point": "at", "circle": "center", "sphere": "center", "cone": "apex"}[kind]
	if at == "" {
		at = "origin"
	}
	s := fmt.Sprintf(`{"type": %q, %q: %s`, kind, at, list(o))
	switch kind {
	case "plane", "circle":
		s += `, "normal": ` + list(z)
	case "axis", "cylinder", "cone":
		s += `, "direction": ` + list(z)
	case "frame":
		s += fmt.Sprintf(`, "z": %s, "x": %s`, list(z), list(x))
	}
	m.features[c][name] = s + more + "}"
	return m.prefix[c] + "/" + name
}

// mate adds a relation; fields start with a comma.
func (m *made) mate(typ, a, b, fields string, args ...any) string {
	id := fmt.Sprint("m", len(m.mates))
	m.mates = append(m.mates, fmt.Sprintf(`{"id": %q, "type": %q, "a": %s, "b": %s%s}`, id, typ, quoted(a), quoted(b), fmt.Sprintf(fields, args...)))
	return id
}

func quoted(s string) string {
	if strings.HasPrefix(s, "[") {
		return s
	}
	return fmt.Sprintf("%q", s)
}

func pick(x *random, of ...string) string { return of[x.IntN(len(of))] }

// relate puts a relation that holds between two components.
func (m *made) relate(a, b int) {
	if m.IntN(5) < 2 {
		m.join(a, b)
		return
	}
	o, z := m.vec(size), m.unit()
	x := m.perp(z)
	aside := r3.Scale(size*m.Float64(), x)
	feat := func(c int, kind string, o, z r3.Vec, more string) string {
		return m.add(c, kind, o, z, m.perp(z), more)
	}
	sign := func() float64 { return float64(2*m.IntN(2) - 1) }
	long := 5 + 30*m.Float64()
	radius := func(r float64) string { return fmt.Sprintf(`, "radius": %.17g`, r) }
	axial := func(c int, o r3.Vec) string {
		kind := pick(m.random, "axis", "cylinder", "cone", "frame")
		return feat(c, kind, r3.Add(o, r3.Scale(10*m.NormFloat64(), z)), r3.Scale(sign(), z), map[string]string{"cylinder": radius(4), "cone": `, "half_angle": 45`}[kind])
	}
	point := func(c int, o r3.Vec) string {
		kind := pick(m.random, "point", "sphere", "frame", "circle")
		return feat(c, kind, o, m.unit(), map[string]string{"sphere": radius(3), "circle": radius(3)}[kind])
	}
	line := func(c int, o, z r3.Vec) string { return feat(c, "axis", o, z, "") }
	switch m.IntN(22) {
	case 0:
		m.mate("coincident", feat(a, "plane", o, z, ""), feat(b, "plane", r3.Add(o, aside), r3.Scale(sign(), z), ""), "")
	case 1:
		m.mate("coincident", feat(a, "plane", o, z, ""), point(b, r3.Add(o, aside)), "")
	case 2:
		m.mate("coincident", feat(a, "plane", o, z, ""), feat(b, "axis", r3.Add(o, aside), m.perp(z), ""), "")
	case 3:
		m.mate("coincident", point(a, o), feat(b, "axis", o, z, ""), "")
	case 4:
		m.mate("coincident", point(a, o), point(b, o), "")
	case 5, 6:
		m.mate("concentric", axial(a, o), axial(b, o), "")
	case 7:
		g := 5 * m.NormFloat64()
		m.mate("rim", feat(a, "circle", o, z, radius(3)), feat(b, "circle", r3.Add(o, r3.Scale(g, z)), r3.Scale(sign(), z), radius(5)), `, "gap": %.17g`, g)
	case 8:
		v := 10 * m.NormFloat64()
		m.mate("distance", feat(a, "plane", o, z, ""), feat(b, "plane", r3.Add(r3.Add(o, aside), r3.Scale(v, z)), r3.Scale(sign(), z), ""), `, "value": %.17g`, v)
	case 9:
		v := 10 * m.NormFloat64()
		m.mate("distance", feat(a, "plane", o, z, ""), point(b, r3.Add(r3.Add(o, aside), r3.Scale(v, z))), `, "value": %.17g`, v)
	case 10:
		m.mate("distance", point(a, o), point(b, r3.Add(o, r3.Scale(long, z))), `, "value": %.17g`, long)
	case 11:
		m.mate("distance", feat(a, "axis", o, z, ""), feat(b, "point", r3.Add(o, r3.Scale(long, x)), z, ""), `, "value": %.17g`, long)
	case 12:
		m.mate("distance", line(a, o, z), feat(b, "axis", r3.Add(o, r3.Scale(long, x)), r3.Unit(r3.Add(z, r3.Cross(z, x))), ""), `, "value": %.17g`, long)
	case 13:
		v := 20 + 140*m.Float64()
		c, s := math.Cos(v*math.Pi/180), math.Sin(v*math.Pi/180)
		m.mate("angle", feat(a, "plane", o, z, ""), feat(b, "axis", o, r3.Add(r3.Scale(c, z), r3.Scale(s, x)), ""), `, "value": %.17g`, v)
	case 14:
		v := 340*m.Float64() - 170
		n := m.unit()
		p, q := m.unit(), m.unit()
		q = r3.Add(r3.Scale(r3.Dot(q, n), n), across(p, n)) // as p, about n
		q = pose{q: quat.Number{Real: 1}}.moved(r3.Vec{}, r3.Vec{}, r3.Scale(v*math.Pi/180, n)).dir(q)
		about := feat([]int{a, b}[m.IntN(2)], "axis", o, n, "")
		m.mate("angle", feat(a, "axis", o, p, ""), feat(b, "axis", o, r3.Unit(q), ""), `, "about": %q, "value": %.17g`, about, v)
	case 15:
		m.mate("parallel", feat(a, "axis", o, z, ""), feat(b, "plane", r3.Add(o, aside), r3.Scale(sign(), z), ""), "")
	case 16:
		m.mate("perpendicular", feat(a, "axis", o, z, ""), feat(b, "axis", aside, m.perp(z), ""), "")
	case 17:
		r, s := 3+5*m.Float64(), sign()
		side := map[float64]string{1: "outside", -1: "inside"}[s]
		m.mate("tangent", feat(a, "plane", o, z, ""), feat(b, pick(m.random, "cylinder", "sphere"), r3.Add(r3.Add(o, aside), r3.Scale(s*r, z)), x, radius(r)), `, "side": %q`, side)
	case 18:
		r := 3 + 5*m.Float64()
		m.mate("tangent", feat(a, "cylinder", o, z, radius(r)), feat(b, "sphere", r3.Add(o, r3.Scale(r+4, x)), z, radius(4)), `, "side": "outside"`)
	case 19:
		w := 3 + 5*m.Float64()
		pair := func(c int, w float64, z r3.Vec) string {
			f := feat(c, "plane", r3.Add(o, r3.Scale(w, z)), z, "")
			g := feat(c, "plane", r3.Add(r3.Add(o, aside), r3.Scale(-w, z)), r3.Scale(-1, z), "")
			return fmt.Sprintf("[%q, %q]", f, g)
		}
		switch m.IntN(3) {
		case 0:
			m.mate("centred", pair(a, w, z), pair(b, w+1, r3.Scale(sign(), z)), "")
		case 1:
			m.mate("centred", pair(a, w, z), feat(b, "axis", r3.Add(o, aside), m.perp(z), ""), "")
		default:
			m.mate("centred", pair(a, w, z), feat(b, "point", r3.Add(o, aside), z, ""), "")
		}
	case 20:
		n := m.unit()
		image := func(p r3.Vec) r3.Vec { return r3.Sub(p, r3.Scale(2*r3.Dot(r3.Sub(p, o), n), n)) }
		about := feat([]int{a, b}[m.IntN(2)], "plane", o, n, "")
		p := r3.Add(o, m.vec(10))
		if m.IntN(2) == 0 {
			m.mate("symmetric", feat(a, "point", p, z, ""), feat(b, "point", image(p), z, ""), `, "about": %q`, about)
		} else {
			m.mate("symmetric", feat(a, "plane", p, z, ""), feat(b, "plane", image(p), r3.Scale(sign(), mirror(z, n)), ""), `, "about": %q`, about)
		}
	case 21:
		v := 300*m.Float64() - 150
		fa, fb := m.add(a, "frame", o, z, x, ""), m.add(b, "frame", r3.Add(o, r3.Scale(7, z)), z, pose{q: quat.Number{Real: 1}}.moved(r3.Vec{}, r3.Vec{}, r3.Scale(v*math.Pi/180, z)).dir(x), "")
		m.mate("concentric", fa, fb, `, "sense": "same"`)
		m.mate("hold_spin", fa, fb, `, "value": %.17g`, v)
	}
}

// join puts a joint, at some place of its motion.
func (m *made) join(a, b int) {
	o, z := m.vec(size), m.unit()
	x := m.perp(z)
	y := r3.Cross(z, x)
	typ := pick(m.random, "revolute", "prismatic", "cylindrical", "pin_slot", "planar", "spherical", "universal", "helical", "fastened", "revolute")
	turned := func(p pose, n r3.Vec, deg float64) pose { return p.moved(o, r3.Vec{}, r3.Scale(deg*math.Pi/180, n)) }
	deg, s, u := 320*m.Float64()-160, 8*m.NormFloat64(), 8*m.NormFloat64()
	j := joint{typ: typ, values: map[string]float64{}}
	p := pose{o, quat.Number{Real: 1}} // of b's frame, moved from a's
	fields := ""
	switch typ {
	case "revolute":
		p, j.values = turned(p, z, deg), map[string]float64{"angle": deg}
	case "prismatic":
		p.o, j.values = r3.Add(o, r3.Scale(s, z)), map[string]float64{"slide": s}
	case "cylindrical":
		p = turned(p, z, deg)
		p.o, j.values = r3.Add(o, r3.Scale(s, z)), map[string]float64{"angle": deg, "slide": s}
	case "pin_slot":
		p = turned(p, z, deg)
		p.o, j.values = r3.Add(o, r3.Scale(s, x)), map[string]float64{"angle": deg, "slide": s}
	case "planar":
		p = turned(p, z, deg)
		p.o, j.values = r3.Add(o, r3.Add(r3.Scale(s, x), r3.Scale(u, y))), map[string]float64{"x": s, "y": u, "angle": deg}
	case "spherical":
		p = pose{o, p.moved(o, r3.Vec{}, m.vec(1)).q}
	case "universal": // about a's x, then about b's y
		p = turned(p, x, deg/2)
		p = turned(p, p.dir(y), deg/3)
	case "helical":
		lead := 10 + 5*m.NormFloat64()
		p = turned(p, z, 4*deg)
		p.o, j.values = r3.Add(o, r3.Scale(lead*4*deg/360, z)), map[string]float64{"angle": 4 * deg}
		fields = fmt.Sprintf(`, "lead": %.17g`, lead)
	case "fastened":
		p = turned(p, z, deg)
		p.o = r3.Add(o, r3.Add(r3.Scale(s, x), r3.Scale(u, z)))
		fields = fmt.Sprintf(`, "turn": %.17g, "offset": [%.17g, 0, %.17g]`, deg, s, u)
	}
	bz, bx := p.dir(z), p.dir(x)
	if m.IntN(4) == 0 {
		fields += `, "sense": "opposed"`
		bz = r3.Scale(-1, bz)
	}
	for _, of := range coordinatesOf[typ] {
		v, known := j.values[of]
		if !known {
			continue
		}
		angular := of == "angle"
		if m.IntN(6) == 0 {
			fields += fmt.Sprintf(`, "at": {%q: %.17g}`, of, v)
			j.held = true
			break
		}
		if m.IntN(6) == 0 {
			w := 8.0
			if angular {
				w = 40
			}
			fields += fmt.Sprintf(`, "limits": {%q: [%.17g, %.17g]}`, of, v-w*m.Float64(), v+w*m.Float64())
			break
		}
	}
	j.id = m.mate(typ, m.add(a, "frame", o, z, x, ""), m.add(b, "frame", p.o, bz, bx, ""), "%s", fields)
	if typ != "fastened" {
		m.joints = append(m.joints, j)
		if m.IntN(3) == 0 {
			m.planned = append(m.planned, fmt.Sprintf(`{"joint": %q}`, j.id))
		}
	}
}

// moving lists the joints that have a coordinate.
func (m *made) moving(of string) (out []joint) {
	for _, j := range m.joints {
		if _, ok := j.values[of]; ok {
			out = append(out, j)
		}
	}
	return out
}

// couple ties two joints by a law that holds.
func (m *made) couple() {
	turns, slides := m.moving("angle"), m.moving("slide")
	if len(turns) < 2 || len(slides) < 1 {
		return
	}
	a, b, s := turns[m.IntN(len(turns))], turns[m.IntN(len(turns))], slides[m.IntN(len(slides))]
	if m.IntN(2) == 0 && a.id != b.id {
		r := m.NormFloat64()
		m.mate("gear", a.id, b.id, `, "ratio": %.17g, "phase": %.17g`, r, b.values["angle"]-r*a.values["angle"])
	} else if a.id != s.id {
		lead := 20 + 20*m.Float64()
		m.mate(pick(m.random, "rack", "screw"), a.id, s.id, `, "lead": %.17g, "phase": %.17g`, lead, s.values["slide"]-lead*a.values["angle"]/360)
	}
}

// cam has a joint's angle lift another's slide, by a profile that is right where they belong.
func (m *made) cam(x *rand.Rand) {
	turns, slides := m.moving("angle"), m.moving("slide")
	if len(turns) == 0 || len(slides) == 0 {
		return
	}
	a, b := turns[x.IntN(len(turns))], slides[x.IntN(len(slides))]
	if a.id == b.id {
		return
	}
	phase, spline := 360*x.Float64()-180, x.IntN(2) == 0
	n := 3 + x.IntN(4)
	points := make([][2]float64, n)
	for i := range points {
		points[i] = [2]float64{360 * (float64(i) + 0.6*x.Float64()) / float64(n), 12 * x.Float64()}
	}
	off := b.values["slide"] - lift(points, spline, a.values["angle"]+phase)
	for i := range points {
		points[i][1] += off
	}
	profile, _ := json.Marshal(points)
	m.mate("cam", a.id, b.id, `, "profile": %s, "spline": %v, "phase": %.17g`, profile, spline, phase)
}

// finish writes the assembly down, and its parts.
func (m *made) finish(name string) {
	for c, p := range m.part {
		if p == "" {
			continue
		}
		var fs []string
		for i := range len(m.features[c]) {
			n := fmt.Sprint("f", i)
			fs = append(fs, fmt.Sprintf(`%q: %s`, n, m.features[c][n]))
		}
		m.parts = append(m.parts, fmt.Sprintf(`%q: {"features": {%s}}`, p, strings.Join(fs, ", ")))
	}
	m.assemblies = append(m.assemblies, fmt.Sprintf(`%q: {"components": {%s}, "mates": [%s], "planned": [%s]}`, name,
		strings.Join(m.comps, ",\n  "), strings.Join(m.mates, ",\n  "), strings.Join(m.planned, ", ")))
}

func (x *random) document() []byte {
	return fmt.Appendf(nil, "{\"setfast\": 1, \"root\": \"main\", \"parts\": {\n %s},\n \"assemblies\": {\n %s}}", strings.Join(x.parts, ",\n "), strings.Join(x.assemblies, ",\n "))
}

// single makes up an assembly of parts.
func single(seed uint64, disturbed float64) (*made, *random) {
	x := &random{Rand: rand.New(rand.NewPCG(seed, 11))}
	m := &made{random: x}
	n := 2 + x.IntN(5)
	for i := range n {
		m.component(i == 0, disturbed)
	}
	for k := range n - 1 + x.IntN(n+2) {
		b := 1 + k // a new part hangs on an earlier one; then loops are closed
		if k >= n-1 {
			b = 1 + x.IntN(n-1)
		}
		m.relate(x.IntN(b), b)
	}
	for range x.IntN(3) {
		m.couple()
	}
	if seed%4 == 3 { // by numbers of its own: those of the others stay as they are
		m.cam(rand.New(rand.NewPCG(seed, 12)))
	}
	return m, x
}
