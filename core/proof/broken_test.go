package proof

import (
	"context"
	"encoding/json"
	"fmt"
	"os"
	"slices"
	"testing"

	"setfast/core/account"
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

// found is where the program puts the components when only some relations are in force: a start for the reference, which holds it against its own residuals.
func (w *world) found(text []byte, rels []*rel) []pose {
	doc, err := format.Read(text)
	if err != nil {
		w.t.Fatal(err)
	}
	for _, m := range doc.Assemblies["main"].Mates {
		m.Suppressed = m.Suppressed || !slices.ContainsFunc(rels, func(r *rel) bool { return r.id == m.ID || r.couples(m.ID) })
	}
	rep, err := account.Check(context.Background(), doc, nil)
	if err != nil {
		w.t.Fatal(err)
	}
	own := *w
	own.report = rep
	return own.allSolved("main")
}

// counted tells whether couplings of the same joint have come to rest at the same number of its turns.
func counted(rels []*rel) bool {
	turns := map[*rel]float64{}
	for _, r := range rels {
		if r.ja == nil || r.typ == "cam" {
			continue
		}
		if n, ok := turns[r.ja]; ok && n != r.turns {
			return false
		}
		turns[r.ja] = r.turns
	}
	return true
}

// reach tries from many poses whether relations can hold, and tells how near they come.
func (w *world) reach(x *random, rels []*rel, from ...[]pose) float64 {
	best := 1e300
	try := func(p []pose) bool {
		if _, worst := w.settle(rels, p, 120); worst < best && counted(rels) {
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
	list := []uint64{732, 940, 1214, 1424, 2363, 2973, 3857} // each failed once
	for seed := range seeds(150) {
		if !slices.Contains(list, seed) {
			list = append(list, seed)
		}
	}
	for _, seed := range list {
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
			at := w.allSolved("main")
			for _, o := range r.Odds {
				told++
				w.irreducible(t, x, o, text, at, m.at)
				w.remedied(t, x, r, o, text, at, m.at)
			}
		})
	}
	if os.Getenv("SETFAST_SEED")+os.Getenv("SETFAST_FROM") == "" && told < int(seeds(150))/20 {
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
func (w *world) irreducible(t *testing.T, x *random, o report.Odds, text []byte, at, true_ []pose) {
	t.Helper()
	limited := false
	for _, id := range o.Mates {
		_, l := w.byID[id].says["limits"]
		limited = limited || l
	}
	if worst := w.reach(x, w.list(o.Mates, ""), at, w.start, true_); worst < 1e-6 && !limited {
		t.Errorf("%v can hold", o.Mates)
	}
	if w.loosely(o.Mates) {
		return
	}
	for _, id := range o.Mates {
		rels := w.list(o.Mates, id)
		if worst := w.reach(x, rels, at, w.start, true_, w.found(text, rels)); worst > 1e-4 {
			t.Errorf("%v cannot hold without %s either (%.2g)", o.Mates, id, worst)
		}
	}
}

// loosely tells whether a set couples a helical joint that is not in it: its angle is read from the turn or from the slide, which then differ.
func (w *world) loosely(set []string) bool {
	return slices.ContainsFunc(set, func(id string) bool {
		j := w.byID[id].ja
		return j != nil && j.typ == "helical" && !slices.Contains(set, j.id)
	})
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
			rels := w.inForce(r, o)
			if worst := w.reach(x, rels, at, w.start, true_, w.found(changed, rels)); worst > 1e-3 {
				t.Errorf("setting %s to %g settles nothing (%.2g)", y.Mate, *y.Value, worst)
			}
		case report.Suppress:
			var rels []*rel
			for _, k := range w.inForce(r, o) {
				if k.id != y.Mate && !k.couples(y.Mate) {
					rels = append(rels, k)
				}
			}
			if worst := w.reach(x, rels, at, w.start, true_, w.found(text, rels)); worst > 1e-3 {
				t.Errorf("without %s it does not settle (%.2g)", y.Mate, worst)
			}
		}
	}
}

// couples tells whether a joint is one of those coupled.
func (r *rel) couples(joint string) bool {
	return r.ja != nil && (r.ja.id == joint || r.jb.id == joint)
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
