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

	"setfast/core/geom"
	"setfast/core/solve"
	"setfast/core/tol"
)

// jacobian gives all equations in force as rows, and which relation each is of.
func jacobian(m *model, st settled) (of []int, rows [][]float64) {
	var rs solve.Rows
	for _, i := range st.rels {
		for _, row := range m.sys.Eval(m.sys.Rels[i], st.poses, &rs) {
			line := make([]float64, 6*len(m.sys.Bodies))
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
func leftNull(t *testing.T, m *model, st settled) (of []int, p *mat.Dense) {
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
	if !svd.Factorize(mat.NewDense(n, 6*len(m.sys.Bodies), rows), mat.SVDFull) {
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
func connected(m *model, of []int, p *mat.Dense) []string {
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
		sets[k] = append(sets[k], m.mate[r].ID)
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
		x := newRandom(seed, 2+int(seed%5), 2+int(seed%11), 40)
		m := modelOf(t, x)
		st := m.settle()
		if len(st.odds) > 0 {
			t.Fatalf("seed %d is at odds", seed)
		}
		res := &Result{Components: map[string]Placed{}}
		_, removed := m.post(st, res)
		m.blocks = m.split(st.rels, removed)
		of, p := leftNull(t, m, st)
		if tr := mat.Trace(p); math.Round(tr) != float64(res.Doubled) {
			continue // near a singular pose the two thresholds differ
		}
		var got []string
		for _, g := range m.doubled(st) {
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
		x := newRandom(seed, 2+int(seed%4), 3+int(seed%8), 40)
		m := modelOf(t, x)
		st := m.settle()
		res := &Result{Components: map[string]Placed{}}
		_, removed := m.post(st, res)
		m.blocks = m.split(st.rels, removed)
		groups := m.doubled(st)
		if len(groups) != 1 {
			continue
		}
		// equations at their own size this time
		e := newElimination(m, st.poses)
		var c [][]weighted
		for _, b := range m.blocks {
			if b.excess > 0 {
				c = e.cancelling(b.rels)
			}
		}
		if len(c) != res.Doubled {
			continue
		}
		y := mat.NewDense(len(e.refs), len(c), nil)
		for k, list := range c {
			for _, w := range list {
				y.Set(w.row, k, w.x/e.refs[w.row].length)
			}
		}
		var qr mat.QR
		qr.Factorize(y)
		var q mat.Dense
		qr.QTo(&q)
		basis := q.Slice(0, len(e.refs), 0, len(c))
		var p mat.Dense
		p.Mul(basis, basis.T())
		mm := math.Inf(1)
		for i := range e.refs {
			if e.refs[i].angular {
				continue
			}
			for j := range e.refs {
				allowed := m.set.ToleranceMM
				if e.refs[j].angular {
					allowed = rad(m.set.ToleranceDeg) * tol.AngleWeight
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

// TestSafeBound: a block too large to be told apart is told whole, with a bound that is never too generous.
func TestSafeBound(t *testing.T) {
	x := newRandom(5, 3, 8, 40)
	m := modelOf(t, x)
	st := m.settle()
	res := &Result{Components: map[string]Placed{}}
	_, removed := m.post(st, res)
	for _, b := range m.split(st.rels, removed) {
		if b.excess == 0 {
			continue
		}
		exact := newElimination(m, st.poses).groups(b.rels, b.excess)
		e := newElimination(m, st.poses)
		e.most = 0
		whole := e.groups(b.rels, b.excess)
		if len(whole) != 1 || whole[0].Excess != b.excess || len(whole[0].Mates) != len(b.rels) {
			t.Errorf("told whole as %+v", whole)
		}
		for _, g := range exact {
			if g.Tolerates.MM != nil && *whole[0].Tolerates.MM > *g.Tolerates.MM {
				t.Errorf("the bound %g is above the exact %g", *whole[0].Tolerates.MM, *g.Tolerates.MM)
			}
		}
	}
}

// TestSameUnderMotion: turning and moving the whole design, naming its parts otherwise, and stating it in another unit change
// no count.
func TestSameUnderMotion(t *testing.T) {
	type figures struct{ asked, removed, left, loose, shaky, groups, odds int }
	read := func(x *randomAssembly) (figures, *Result) {
		rep, err := Check(context.Background(), x.doc, nil)
		if err != nil {
			t.Fatal(err)
		}
		r := rep.Assemblies["main"]
		return figures{r.Asked, r.Removed, r.Left, r.Loose, r.Shaky, len(r.Groups), len(r.Odds)}, r
	}
	for seed := uint64(1); seed <= 80; seed++ {
		make := func() *randomAssembly { return newRandom(seed, 2+int(seed%6), 1+int(seed%10), 40) }
		plain, base := read(make())

		moved := make()
		by := geom.Pose{O: geom.V(900, -400, 70), Q: geom.Exp(geom.V(0.4, -1, 2))}
		for _, c := range moved.asm.Components {
			c.Pose = by.Mul(c.Pose)
		}
		if got, r := read(moved); got != plain {
			t.Errorf("seed %d moved: %+v, was %+v", seed, got, plain)
		} else {
			for n, c := range base.Components {
				a, b := by.Mul(base.poseOf(n)), r.poseOf(n)
				if c.Left == 0 && a.O.Sub(b.O).Norm() > 1e-5 {
					t.Errorf("seed %d moved: %s stands at %v, not at %v", seed, n, b.O, a.O)
				}
			}
		}

		renamed := make()
		for i, c := range renamed.asm.Components {
			old, name := c.Name, fmt.Sprintf("part number %d", 100-i)
			c.Name = name
			for _, m := range renamed.asm.Mates {
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
		for _, p := range scaled.doc.Parts {
			for n, f := range p.Features {
				f.O, f.Radius = f.O.Scale(k), f.Radius*k
				p.Features[n] = f
			}
		}
		for _, c := range scaled.asm.Components {
			c.Pose.O = c.Pose.O.Scale(k)
		}
		for _, m := range scaled.asm.Mates {
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
	tried, kinds := 0, map[string]int{}
	for seed := uint64(1); seed <= 120; seed++ {
		x := newRandom(seed, 2+int(seed%5), 4+int(seed%7), 40)
		x.spoil(1 + int(seed%2))
		rep, err := Check(context.Background(), x.doc, nil)
		if err != nil {
			continue
		}
		for _, o := range rep.Assemblies["main"].Odds {
			if len(o.Misses) != len(o.Mates) {
				t.Errorf("seed %d: %d misses for %d relations", seed, len(o.Misses), len(o.Mates))
			}
			for _, y := range o.Remedies {
				z := newRandom(seed, 2+int(seed%5), 4+int(seed%7), 40)
				z.spoil(1 + int(seed%2))
				switch y.Kind {
				case "suppress":
					z.asm.Mate(y.Mate).Suppressed = true
				case "set":
					m := z.asm.Mate(y.Mate)
					m.Params = m.WithNum("value", *y.Value)
				case "turn":
					m := z.asm.Mate(y.Mate)
					m.Params = m.WithWord("sense", map[string]string{"same": "opposed", "opposed": "same"}[rep.Assemblies["main"].Mates[y.Mate].Sense])
				case "unground":
					z.asm.Component(y.Component).Grounded = false
				default:
					t.Fatalf("seed %d: unknown remedy %+v", seed, y)
				}
				tried++
				kinds[y.Kind]++
				after, err := Check(context.Background(), z.doc, nil)
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
