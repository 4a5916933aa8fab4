package proof

import (
	"math"
	"testing"

	"gonum.org/v1/gonum/mat"
	"gonum.org/v1/gonum/num/quat"

	"setfast/core/report"
)

// coordinatesOf lists the coordinates of a joint by the table.
var coordinatesOf = map[string][]string{
	"revolute": {"angle"}, "prismatic": {"slide"}, "cylindrical": {"angle", "slide"}, "pin_slot": {"angle", "slide"}, "planar": {"x", "y", "angle"},
	"universal": {"turn_a", "turn_b"}, "helical": {"angle"},
}

// plannedJoints lists the joints planned in an assembly and, flexibly, below it, by their ids from the root.
func (w *world) plannedJoints(asm, prefix string) (ids []string) {
	a := w.doc["assemblies"].(object)[asm].(object)
	for name, c := range a["components"].(object) {
		if c := c.(object); c["flexible"] == true && c["assembly"] != nil && c["suppressed"] != true {
			ids = append(ids, w.plannedJoints(c["assembly"].(string), prefix+name+"/")...)
		}
	}
	list, _ := a["planned"].([]any)
	for _, p := range list {
		ids = append(ids, prefix+p.(object)["joint"].(string))
	}
	return ids
}

// rates lists how the coordinates of a joint change in each column of the null space; of a ball, its relative turn.
func (w *world) rates(r *rel, n *mat.Dense, at []pose) (out [][]float64) {
	rows, left := n.Dims()
	const h = 1e-5
	read := func(p []pose) (v []float64) {
		for _, of := range coordinatesOf[r.typ] {
			v = append(v, r.coordinate(of, p))
		}
		if r.typ == "spherical" {
			turn := func(f feature) quat.Number {
				if f.body < 0 {
					return quat.Number{Real: 1}
				}
				return quat.Mul(p[f.body].q, quat.Conj(at[f.body].q)) // since then
			}
			q := quat.Mul(quat.Conj(turn(r.a)), turn(r.b))
			v = append(v, 2*q.Imag, 2*q.Jmag, 2*q.Kmag)
		}
		return v
	}
	for c := range left {
		d, e := make([]float64, rows), make([]float64, rows)
		for i := range d {
			d[i], e[i] = h*n.At(i, c), -h*n.At(i, c)
		}
		hi, lo := read(w.step(at, d)), read(w.step(at, e))
		if out == nil {
			out = make([][]float64, len(hi))
		}
		for k := range hi {
			x := hi[k] - lo[k]
			if r.typ != "helical" && math.Abs(x) > 1 {
				x = wrap(x)
			}
			out[k] = append(out[k], x/(2*h))
		}
	}
	return out
}

// planned holds what counts as planned against the rank of the declared rates on the null space.
func (w *world) planned(t *testing.T, r *report.Result, asm string, n *mat.Dense, at []pose) {
	t.Helper()
	if r.Shaky > 0 {
		return // a way may be blocked that the first order allows
	}
	blocked := map[string]bool{}
	for _, b := range r.BlockedBy {
		blocked[b.Planned["joint"]] = true
	}
	var rows [][]float64
	for _, id := range w.plannedJoints(asm, "") {
		j := w.byID[id]
		if j == nil || r.Mates[id].LeftOut {
			continue
		}
		moves := false
		for _, x := range w.rates(j, n, at) {
			if big := mat.Norm(mat.NewVecDense(len(x), x), 2); big > 1e-6 {
				moves = true
				rows = append(rows, x)
			}
		}
		if moves == blocked[id] {
			t.Errorf("%s (%s) moves: %v, and is told blocked: %v; rates %.3g", id, j.typ, moves, blocked[id], w.rates(j, n, at))
			return
		}
	}
	rank := 0
	if len(rows) > 0 {
		a := mat.NewDense(len(rows), len(rows[0]), nil)
		for i, x := range rows {
			a.SetRow(i, x)
		}
		var svd mat.SVD
		svd.Factorize(a, mat.SVDNone)
		s := svd.Values(nil)
		for _, x := range s {
			if x > 1e-6*max(1, s[0]) { // below it is noise of the differences
				rank++
			}
		}
	}
	if r.Planned != rank {
		t.Errorf("planned %d, want %d", r.Planned, rank)
	}
}
