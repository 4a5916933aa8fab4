package proof

import (
	"fmt"
	"math/rand/v2"
	"testing"
)

// use puts another assembly into one: its components can be related like the assembly's own. What is used starts where it belongs, lest
// it settle to other places by itself.
func (m *made) use(sub *made, assembly string, how string, disturbed float64) {
	name := fmt.Sprint("u", len(m.comps))
	at := m.pose(size, 1)
	start := at.moved(at.o, m.vec(disturbed*0.05*size), m.vec(disturbed*0.08))
	m.comps = append(m.comps, fmt.Sprintf(`%q: {"assembly": %q%s, "pose": %v}`, name, assembly, how, start))
	for i := range sub.names {
		m.names, m.part = append(m.names, name), append(m.part, "")
		m.at, m.features = append(m.at, at.times(sub.at[i])), append(m.features, sub.features[i])
		m.prefix = append(m.prefix, name+"/"+sub.prefix[i])
	}
}

// level makes up an assembly of a few parts that are related among themselves and with those of what it uses.
func (x *random) level(name string, disturbed float64, subs map[string]*made) *made {
	m := &made{random: x}
	n := 2 + x.IntN(2)
	for i := range n {
		m.component(i == 0, disturbed)
	}
	for sub, k := range subs {
		for range 1 + x.IntN(2) {
			m.use(k, sub, pick(x, `, "flexible": true`, `, "flexible": true`, ``, `, "suppressed": true`, `, "flexible": true, "suppressed": true`), disturbed)
		}
	}
	for range len(m.names) + x.IntN(3) {
		if a, b := x.IntN(len(m.names)), x.IntN(len(m.names)); m.names[a] != m.names[b] {
			m.relate(a, b)
		}
	}
	for range x.IntN(2) {
		m.couple()
		m.cam(x.Rand)
	}
	// relations to the frame of the assembly itself, wherever it is used
	o, z := x.vec(size), x.unit()
	b := 1 + x.IntN(n-1)
	m.mate("distance", "@/xy", m.add(b, "point", o, z, x.perp(z), ""), `, "value": %.17g`, o.Z)
	return m
}

// TestNested: uses in uses, flexible, rigid and left out, agree with the same laid open by hand.
func TestNested(t *testing.T) {
	for seed := range seeds(60) {
		if only(seed) {
			continue
		}
		t.Run(fmt.Sprint(seed), func(t *testing.T) {
			x := &random{Rand: rand.New(rand.NewPCG(seed, 13))}
			leaf := x.level("leaf", 0, nil)
			middle := x.level("middle", 0, map[string]*made{"leaf": leaf})
			top := x.level("main", 0.5, map[string]*made{"middle": middle})
			if x.IntN(2) == 0 {
				top.use(leaf, "leaf", pick(x, ``, `, "flexible": true`), 0.5)
				for range 2 {
					top.relate(0, len(top.names)-1-x.IntN(len(leaf.names)))
				}
			}
			leaf.finish("leaf")
			middle.finish("middle")
			top.finish("main")
			text := x.document()
			rep := checked(t, text)
			for name, r := range rep.Assemblies {
				w := newWorld(t, text, rep, name)
				if len(r.Odds) > 0 {
					if _, worst := w.settle(w.rels, w.start, 200); worst < 1e-6 {
						t.Errorf("%s is at odds, and yet the reference settles it: %v", name, r.Odds[0].Misses)
					}
					continue
				}
				agree(t, w, r, name)
			}
		})
	}
}
