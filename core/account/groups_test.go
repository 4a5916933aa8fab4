package account

import (
	"context"
	"fmt"
	"math"
	"slices"
	"sort"
	"strings"
	"testing"

	"gonum.org/v1/gonum/mat"

	"setfast/core/bench"
	"setfast/core/conflict"
	"setfast/core/geom"
	"setfast/core/model"
	"setfast/core/redundancy"
	"setfast/core/report"
	"setfast/core/solve"
	"setfast/core/tol"
)

// allowed is the tolerance of an assembly.
func allowed(m *model.Model) solve.Miss {
	return solve.Miss{MM: m.Set.ToleranceMM, Deg: m.Set.ToleranceDeg}
}

// jacobian gives all equations in force as rows, and which relation each is of.
func jacobian(m *model.Model, st conflict.Settled) (of []int, rows [][]float64) {
	var rs solve.Rows
	for _, i := range st.Rels {
		for _, row := range m.Sys.Eval(m.Sys.Rels[i], st.Poses, &rs) {
			line := make([]float64, 6*len(m.Sys.Bodies))
			for k := 0; k < row.N; k++ {
				copy(line[6*row.Body[k]:], row.G[k][:])
			}
			of, rows = append(of, i), append(rows, line)
		}
	}
	return of, rows
}

// leftNull gives, for each equation, which relation it is of, and the projector on the combinations of equations that cancel,
// by gonum's singular value decomposition of the whole Jacobian with rows of length one.
func leftNull(t *testing.T, m *model.Model, st conflict.Settled) (of []int, p *mat.Dense) {
	t.Helper()
	of, lines := jacobian(m, st)
	var rows []float64
	for _, line := range lines {
		l := math.Max(mat.Norm(mat.NewVecDense(len(line), line), 2), 1e-12)
		for j := range line {
			line[j] /= l
		}
		rows = append(rows, line...)
	}
	n := len(of)
	var svd mat.SVD
	if !svd.Factorize(mat.NewDense(n, 6*len(m.Sys.Bodies), rows), mat.SVDFull) {
		t.Fatal("gonum gave up")
	}
	vals := svd.Values(nil)
	var u mat.Dense
	svd.UTo(&u)
	rank := 0
	for rank < len(vals) && vals[rank] > 1e-6 {
		rank++
	}
	p = mat.NewDense(n, n, nil)
	if rank < n {
		null := u.Slice(0, n, rank, n)
		p.Mul(null, null.T())
	}
	return of, p
}

// connected joins the relations whose equations the projector ties together.
func connected(m *model.Model, of []int, p *mat.Dense) []string {
	root := map[int]int{}
	var find func(int) int
	find = func(i int) int {
		if root[i] != i {
			root[i] = find(root[i])
		}
		return root[i]
	}
	for i := range of {
		if p.At(i, i) > 1e-9 {
			if _, ok := root[of[i]]; !ok {
				root[of[i]] = of[i]
			}
		}
	}
	for i := range of {
		for j := range of {
			if math.Abs(p.At(i, j)) > 1e-7 {
				root[find(of[i])] = find(of[j])
			}
		}
	}
	sets := map[int][]string{}
	for r := range root {
		k := find(r)
		sets[k] = append(sets[k], m.Sys.Rels[r].ID)
	}
	var out []string
	for _, s := range sets {
		sort.Strings(s)
		out = append(out, strings.Join(s, " "))
	}
	sort.Strings(out)
	return out
}

// TestGroupsAgainstGonum compares the groups of doubled relations, found by sparse elimination, with those that gonum's left
// null space ties together.
func TestGroupsAgainstGonum(t *testing.T) {
	compared := 0
	for seed := uint64(1); seed <= 250; seed++ {
		x := bench.NewRandom(seed, 2+int(seed%5), 2+int(seed%11), 40)
		m := modelOf(t, x)
		st := conflict.Settle(m)
		if len(st.Odds) > 0 {
			t.Fatalf("seed %d is at odds", seed)
		}
		res := &report.Result{Components: map[string]report.Placed{}}
		blocks := m.Sys.Blocks(st.Rels, post(m, st, m.Sys.Blocks(st.Rels, nil), res).Removed)
		of, p := leftNull(t, m, st)
		if tr := mat.Trace(p); math.Round(tr) != float64(res.Doubled) {
			continue // near a singular pose the two thresholds differ
		}
		var got []string
		for _, g := range redundancy.New(m.Sys, st.Poses, allowed(m)).Groups(blocks) {
			ids := slices.Clone(g.Mates)
			sort.Strings(ids)
			got = append(got, strings.Join(ids, " "))
		}
		sort.Strings(got)
		want := connected(m, of, p)
		compared++
		if !slices.Equal(got, want) {
			t.Errorf("seed %d: groups %q, gonum ties %q", seed, got, want)
		}
	}
	if compared < 200 {
		t.Errorf("only %d cases compared", compared)
	}
}

// TestToleratesAgainstGonum compares the smallest change that shows beyond the tolerance with the projector itself: a change
// of one equation leaves as misses its part in the span of cancelling combinations.
func TestToleratesAgainstGonum(t *testing.T) {
	for seed := uint64(1); seed <= 120; seed++ {
		x := bench.NewRandom(seed, 2+int(seed%4), 3+int(seed%8), 40)
		m := modelOf(t, x)
		st := conflict.Settle(m)
		res := &report.Result{Components: map[string]report.Placed{}}
		blocks := m.Sys.Blocks(st.Rels, post(m, st, m.Sys.Blocks(st.Rels, nil), res).Removed)
		groups := redundancy.New(m.Sys, st.Poses, allowed(m)).Groups(blocks)
		if len(groups) != 1 {
			continue
		}
		// equations at their own size this time
		e := redundancy.NewElimination(m.Sys, st.Poses)
		var c [][]redundancy.Term
		for _, b := range blocks {
			if b.Excess > 0 {
				c = e.Cancelling(b.Rels)
			}
		}
		if len(c) != res.Doubled {
			continue
		}
		y := mat.NewDense(len(e.Equations), len(c), nil)
		for k, list := range c {
			for _, w := range list {
				y.Set(w.Row, k, w.X/e.Equations[w.Row].Length)
			}
		}
		var qr mat.QR
		qr.Factorize(y)
		var q mat.Dense
		qr.QTo(&q)
		basis := q.Slice(0, len(e.Equations), 0, len(c))
		var p mat.Dense
		p.Mul(basis, basis.T())
		mm := math.Inf(1)
		for i := range e.Equations {
			if e.Equations[i].Angular {
				continue
			}
			for j := range e.Equations {
				allowed := m.Set.ToleranceMM
				if e.Equations[j].Angular {
					allowed = m.Set.ToleranceDeg * math.Pi / 180 * tol.AngleWeight
				}
				if v := math.Abs(p.At(i, j)); v > 1e-12 {
					mm = math.Min(mm, allowed/v)
				}
			}
		}
		got := groups[0].Tolerates.MM
		if math.IsInf(mm, 1) != (got == nil) || got != nil && math.Abs(*got-mm) > 1e-4*mm {
			t.Errorf("seed %d: tolerates %v, by the projector %g", seed, got, mm)
		}
	}
}

// TestSameUnderMotion: turning and moving the whole design, naming its parts otherwise, and stating it in another unit change
// no count.
func TestSameUnderMotion(t *testing.T) {
	type figures struct{ asked, removed, left, loose, shaky, groups, odds int }
	read := func(x *bench.Random) (figures, *report.Result) {
		rep, err := Check(context.Background(), x.Doc, nil)
		if err != nil {
			t.Fatal(err)
		}
		r := rep.Assemblies["main"]
		return figures{r.Asked, r.Removed, r.Left, r.Loose, r.Shaky, len(r.Groups), len(r.Odds)}, r
	}
	for seed := uint64(1); seed <= 80; seed++ {
		make := func() *bench.Random { return bench.NewRandom(seed, 2+int(seed%6), 1+int(seed%10), 40) }
		plain, base := read(make())

		moved := make()
		by := geom.Pose{O: geom.V(900, -400, 70), Q: geom.Exp(geom.V(0.4, -1, 2))}
		for _, c := range moved.Asm.Components {
			c.Pose = by.Mul(c.Pose)
		}
		if got, r := read(moved); got != plain {
			t.Errorf("seed %d moved: %+v, was %+v", seed, got, plain)
		} else {
			for n, c := range base.Components {
				a, b := by.Mul(base.Components[n].Pose), r.Components[n].Pose
				if c.Left == 0 && a.O.Sub(b.O).Norm() > 1e-5 {
					t.Errorf("seed %d moved: %s stands at %v, not at %v", seed, n, b.O, a.O)
				}
			}
		}

		renamed := make()
		for i, c := range renamed.Asm.Components {
			old, name := c.Name, fmt.Sprintf("part number %d", 100-i)
			c.Name = name
			for _, m := range renamed.Asm.Mates {
				for _, r := range []*[]string{&m.A.Path, &m.B.Path} {
					if (*r)[0] == old {
						*r = []string{name}
					}
				}
			}
		}
		if got, _ := read(renamed); got != plain {
			t.Errorf("seed %d renamed: %+v, was %+v", seed, got, plain)
		}

		// inches instead of millimetres: every length is smaller by 25.4
		const k = 1 / 25.4
		scaled := make()
		for _, p := range scaled.Doc.Parts {
			for n, f := range p.Features {
				f.O, f.Radius = f.O.Scale(k), f.Radius*k
				p.Features[n] = f
			}
		}
		for _, c := range scaled.Asm.Components {
			c.Pose.O = c.Pose.O.Scale(k)
		}
		for _, m := range scaled.Asm.Mates {
			if m.Type == "distance" {
				v, _ := m.Num("value")
				m.Params = m.WithNum("value", v*k)
			}
		}
		if got, _ := read(scaled); got != plain {
			t.Errorf("seed %d in another unit: %+v, was %+v", seed, got, plain)
		}
	}
}

// TestRemediesSettle carries every remedy out that is offered for spoilt assemblies: none of them may leave its own set at odds.
func TestRemediesSettle(t *testing.T) {
	if testing.Short() {
		t.Skip("many solves")
	}
	tried, kinds := 0, map[report.Change]int{}
	for seed := uint64(1); seed <= 120; seed++ {
		x := bench.NewRandom(seed, 2+int(seed%5), 4+int(seed%7), 40)
		x.Spoil(1 + int(seed%2))
		rep, err := Check(context.Background(), x.Doc, nil)
		if err != nil {
			continue
		}
		for _, o := range rep.Assemblies["main"].Odds {
			if len(o.Misses) != len(o.Mates) {
				t.Errorf("seed %d: %d misses for %d relations", seed, len(o.Misses), len(o.Mates))
			}
			for _, y := range o.Remedies {
				z := bench.NewRandom(seed, 2+int(seed%5), 4+int(seed%7), 40)
				z.Spoil(1 + int(seed%2))
				switch y.Kind {
				case "suppress":
					z.Asm.Mate(y.Mate).Suppressed = true
				case "set":
					m := z.Asm.Mate(y.Mate)
					m.Params = m.WithNum("value", *y.Value)
				case "turn":
					m := z.Asm.Mate(y.Mate)
					m.Params = m.WithWord("sense", map[string]string{"same": "opposed", "opposed": "same"}[rep.Assemblies["main"].Mates[y.Mate].Sense])
				case "unground":
					z.Asm.Component(y.Component).Grounded = false
				default:
					t.Fatalf("seed %d: unknown remedy %+v", seed, y)
				}
				tried++
				kinds[y.Kind]++
				after, err := Check(context.Background(), z.Doc, nil)
				if err != nil {
					t.Errorf("seed %d, %+v: %v", seed, y, err)
					continue
				}
				for _, left := range after.Assemblies["main"].Odds {
					if slices.Equal(left.Mates, o.Mates) {
						t.Errorf("seed %d: %v is at odds still after %+v", seed, o.Mates, y)
					}
				}
			}
		}
	}
	if tried < 100 || kinds["set"] < 5 || kinds["suppress"] < 50 {
		t.Errorf("too few remedies were offered to tell: %v", kinds)
	}
}
