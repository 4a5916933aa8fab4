package proof

import (
	"encoding/json"
	"fmt"
	"testing"

	"setfast/core/format"
	"setfast/core/report"
)

// spoil changes a value of some relation by a millimetre or degree and more; false where none has one.
func (x *random) spoil(text []byte) ([]byte, bool) {
	var doc object
	if json.Unmarshal(text, &doc) != nil {
		return nil, false
	}
	mates := doc["assemblies"].(object)["main"].(object)["mates"].([]any)
	for _, i := range x.Perm(len(mates)) {
		m := mates[i].(object)
		for _, of := range []string{"value", "gap"} {
			v, ok := m[of].(float64)
			if _, about := m["about"]; !ok || m["type"] == "angle" && !about && (v < 10 || v > 170) {
				continue
			}
			m[of] = v + 1 + 4*x.Float64()
			out := replaced(text, m["id"].(string), of, m[of].(float64))
			return out, out != nil
		}
	}
	return nil, false
}

// replaced writes a document with another value of a relation, all else in its order.
func replaced(text []byte, id, of string, v float64) []byte {
	doc, err := format.Read(text)
	if err != nil {
		return nil
	}
	for _, m := range doc.Assemblies["main"].Mates {
		if m.ID == id {
			m.Params = m.WithNum(of, v)
		}
	}
	out, err := format.Write(doc)
	if err != nil {
		return nil
	}
	return out
}

// reach tries from many poses whether relations can hold, and tells how near they come.
func (w *world) reach(x *random, rels []*rel, from ...[]pose) float64 {
	best := 1e300
	try := func(p []pose) bool {
		if _, worst := w.settle(rels, p, 120); worst < best {
			best = worst
		}
		return best < 1e-6
	}
	for _, p := range from {
		if try(p) {
			return best
		}
	}
	for k := range 60 {
		p := append([]pose(nil), from[k%len(from)]...)
		for _, b := range w.free() {
			far := []float64{0.1, 0.05, 0.3, 1}[k%4]
			p[b] = p[b].moved(p[b].o, x.vec(far*size), x.vec(far))
		}
		if try(p) {
			return best
		}
	}
	return best
}

// TestBroken: of a relation changed by a known amount either all hold all the same, or smallest sets are told that cannot, and remedies
// that settle them.
func TestBroken(t *testing.T) {
	told := 0
	for seed := range seeds(150) {
		m, x := single(seed, 1)
		m.finish("main")
		text, ok := x.spoil(x.document())
		if !ok {
			continue
		}
		if only(seed) {
			continue
		}
		t.Run(fmt.Sprint(seed), func(t *testing.T) {
			rep := checked(t, text)
			r := rep.Assemblies["main"]
			w := newWorld(t, text, rep, "main")
			agree(t, w, r, "main")
			at := make([]pose, len(w.names))
			for i, n := range w.names {
				at[i] = w.solved("main", n)
			}
			for _, o := range r.Odds {
				told++
				w.irreducible(t, x, o, at, m.at)
				w.remedied(t, x, r, o, text, at, m.at)
			}
		})
	}
	if told < int(seeds(150))/20 {
		t.Errorf("only %d conflicts came of it", told)
	}
}

func (w *world) list(ids []string, but string) (out []*rel) {
	for _, id := range ids {
		if id != but {
			out = append(out, w.byID[id])
		}
	}
	return out
}

// irreducible holds a set at odds against its promise: it cannot hold, and without any one member it can.
func (w *world) irreducible(t *testing.T, x *random, o report.Odds, at, true_ []pose) {
	t.Helper()
	limited := false
	for _, id := range o.Mates {
		_, l := w.byID[id].says["limits"]
		limited = limited || l
	}
	if worst := w.reach(x, w.list(o.Mates, ""), at, w.start, true_); worst < 1e-6 && !limited {
		t.Errorf("%v can hold", o.Mates)
	}
	for _, id := range o.Mates {
		if worst := w.reach(x, w.list(o.Mates, id), at, w.start, true_); worst > 1e-4 {
			t.Errorf("%v cannot hold without %s either (%.2g)", o.Mates, id, worst)
		}
	}
}

// remedied applies each remedy offered.
func (w *world) remedied(t *testing.T, x *random, r *report.Result, o report.Odds, text []byte, at, true_ []pose) {
	t.Helper()
	for _, y := range o.Remedies {
		switch y.Kind {
		case report.SetValue:
			m := w.byID[y.Mate]
			of := "value"
			if m.typ == "rim" {
				of = "gap"
			}
			if m.typ == "helical" || m.ja != nil {
				continue
			}
			changed := replaced(text, y.Mate, of, *y.Value)
			if _, err := format.Read(changed); err != nil {
				t.Errorf("the reader refuses a remedy: %v", err)
				continue
			}
			w := newWorld(t, changed, w.report, "main")
			if worst := w.reach(x, w.inForce(r, o), at, w.start, true_); worst > 1e-3 {
				t.Errorf("setting %s to %g settles nothing (%.2g)", y.Mate, *y.Value, worst)
			}
		case report.Suppress:
			var rels []*rel
			for _, k := range w.inForce(r, o) {
				if k.id != y.Mate {
					rels = append(rels, k)
				}
			}
			if worst := w.reach(x, rels, at, w.start, true_); worst > 1e-3 {
				t.Errorf("without %s it does not settle (%.2g)", y.Mate, worst)
			}
		}
	}
}

// inForce lists the relations that hold, and those of a conflict.
func (w *world) inForce(r *report.Result, o report.Odds) (out []*rel) {
	in := map[string]bool{}
	for _, id := range o.Mates {
		in[id] = true
	}
	for _, k := range w.rels {
		if !r.Mates[k.id].LeftOut || in[k.id] {
			out = append(out, k)
		}
	}
	return out
}
