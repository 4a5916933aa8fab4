package bench

import (
	"context"
	"fmt"
	"math"
	"math/rand/v2"
	"os"
	"reflect"
	"runtime"
	"runtime/debug"
	"slices"
	"strconv"
	"strings"
	"testing"

	"gonum.org/v1/gonum/mat"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/model"
	"setfast/core/report"
	"setfast/core/seat"
	"setfast/core/solve"
)

// TestMain collects garbage as seldom as the program does (cmd/setfast).
func TestMain(m *testing.M) {
	debug.SetGCPercent(400)
	os.Exit(m.Run())
}

// BenchmarkReference is a dense factorisation of a fixed size: figures are given as ratios to it, since machines differ.
func BenchmarkReference(b *testing.B) {
	r := rand.New(rand.NewPCG(1, 1))
	const n = 300
	m := mat.NewDense(n, n, nil)
	for i := 0; i < n; i++ {
		for j := 0; j < n; j++ {
			m.Set(i, j, r.NormFloat64())
		}
	}
	for b.Loop() {
		var qr mat.QR
		qr.Factorize(m)
	}
}

func run(b *testing.B, d *assembly.Document, left int) {
	var bad report.Verdict
	for b.Loop() {
		rep, err := account.Check(context.Background(), d, nil)
		if err != nil {
			b.Fatal(err)
		}
		if r := rep.Assemblies["main"]; r.Left != left || r.Residual.MM > 1e-6 || len(r.Odds) > 0 {
			bad = r.Verdict
		}
	}
	if bad != "" {
		b.Fatal("the case is not what it should be: ", bad)
	}
}

func BenchmarkPile200(b *testing.B)     { run(b, Pile(200), 800) }
func BenchmarkPile2000(b *testing.B)    { run(b, Pile(2000), 8000) }
func BenchmarkScissor100(b *testing.B)  { run(b, Scissor(100), 1) }
func BenchmarkScissor1000(b *testing.B) { run(b, Scissor(1000), 1) }
func BenchmarkLattice8(b *testing.B)    { run(b, Lattice(8), 15) }
func BenchmarkLattice20(b *testing.B)   { run(b, Lattice(20), 39) }

// TestCases keeps the cases honest at sizes that take no time.
func TestCases(t *testing.T) {
	for _, c := range []struct {
		name             string
		doc              *assembly.Document
		free, rels, left int
	}{
		{"pile", Pile(4), 19, 3*3 + 4*4, 16}, {"scissor", Scissor(5), 9, 13, 1}, {"lattice", Lattice(3), 23, 3*4*2 + 8, 5},
	} {
		rep, err := account.Check(context.Background(), c.doc, nil)
		if err != nil {
			t.Fatal(err)
		}
		r := rep.Assemblies["main"]
		if r.Opening != 6*c.free || r.Left != c.left || len(r.Odds) > 0 || r.Residual.MM > 1e-7 || r.Shaky > 0 {
			t.Errorf("%s: opening %d, left %d (want %d), %d relations, residual %v, %v", c.name, r.Opening, r.Left, c.left, len(c.doc.Assemblies["main"].Mates), r.Residual, r.Verdict)
		}
	}
}

// BenchmarkTug pulls one part of a mechanism of 100 bodies around in a small circle, one move of the pointer each time.
func BenchmarkTug(b *testing.B) {
	for _, c := range []struct {
		name string
		doc  *assembly.Document
		part string
	}{{"scissor", Scissor(50), "q40"}, {"lattice", Lattice(7), "H3,7"}} {
		b.Run(c.name, func(b *testing.B) {
			a, err := account.Take(context.Background(), c.doc, "main", nil)
			if err != nil {
				b.Fatal(err)
			}
			l := a.Live()
			i := slices.Index(l.Names(), c.part)
			if err := l.Grab(i, geom.V(0, 0, 0), false); err != nil {
				b.Fatal(err)
			}
			at := l.Poses()[i].O
			n := 0
			for b.Loop() {
				n++
				a := float64(n) / 30
				l.To(at.Add(geom.V(3*math.Cos(a)-3, 3*math.Sin(a), 0)))
			}
			b.ReportMetric(float64(len(l.Names())), "bodies")
		})
	}
}

// BenchmarkOffers tries all relations that fit a loose plate's hole on one of the top plate of a pile of 100 and of 1000 parts, and
// on a scissor of as many links, where everything moves.
func BenchmarkOffers(b *testing.B) {
	for _, c := range []struct {
		name    string
		doc     *assembly.Document
		put, on assembly.Ref
		offers  func(context.Context, *account.Account, seat.Picks, string) ([]seat.Offer, error)
	}{
		{"pile100", loose(Pile(20)), ref("loose", "h0"), ref("plate19", "h0"), seat.Offers},
		{"pile1000", loose(Pile(200)), ref("loose", "h0"), ref("plate199", "h0"), seat.Offers},
		{"scissor100", Scissor(50), ref("q49", "b"), ref("p0", "a"), seat.Offers},
		{"brief100", Scissor(50), ref("q49", "b"), ref("p0", "a"), seat.Brief},
		{"brief1000", Scissor(500), ref("q499", "b"), ref("p0", "a"), seat.Brief},
	} {
		b.Run(c.name, func(b *testing.B) {
			a, err := account.Take(context.Background(), c.doc, "main", nil)
			if err != nil {
				b.Fatal(err)
			}
			for b.Loop() {
				list, err := c.offers(context.Background(), a, seat.Picks{Put: c.put, On: c.on}, "")
				if err != nil || len(list) < 5 {
					b.Fatal(err, len(list))
				}
			}
		})
	}
}

// loose adds a plate that nothing holds yet.
func loose(d *assembly.Document) *assembly.Document {
	a := *d.Assemblies["main"]
	a.Components = append(slices.Clone(a.Components), &assembly.Component{Name: "loose", Part: "plate", Pose: geom.Pose{O: geom.V(90, 10, 3), Q: geom.Exp(geom.V(0.1, 0.2, 0))}})
	d.Assemblies["main"] = a.Seal()
	return d
}

func BenchmarkConflict1000(b *testing.B) {
	for b.Loop() {
		rep, err := account.Check(context.Background(), Conflict(143), nil)
		if err != nil || len(rep.Assemblies["main"].Odds) != 2 {
			b.Fatal("the conflicts are not told: ", err)
		}
	}
}

func BenchmarkConflictChain1000(b *testing.B) {
	for b.Loop() {
		rep, err := account.Check(context.Background(), ConflictChain(330), nil)
		if err != nil || len(rep.Assemblies["main"].Odds) != 1 {
			b.Fatal("the conflict is not told: ", err)
		}
	}
}

// TestConflicts: what is hidden in a pile or a chain is told by those it concerns alone, and leaving out what is left out
// gives back the freedoms of the case without a fault, or more.
func TestConflicts(t *testing.T) {
	rep, err := account.Check(context.Background(), Conflict(12), nil)
	if err != nil {
		t.Fatal(err)
	}
	r := rep.Assemblies["main"]
	var got []string
	for _, o := range r.Odds {
		got = append(got, strings.Join(o.Mates, " "))
		sum := 0.0
		for _, m := range o.Misses {
			sum += m.MM
		}
		if math.Abs(sum-0.3) > 1e-6 { // the hole is 0.3 mm off along the line of the two
			t.Errorf("%v miss by %g mm together", o.Mates, sum)
		}
	}
	slices.Sort(got)
	if want := []string{"plate6a plate6b", "plate7a plate7b"}; !slices.Equal(got, want) {
		t.Errorf("told %q, want %q", got, want)
	}
	rep, err = account.Check(context.Background(), ConflictChain(40), nil)
	if err != nil {
		t.Fatal(err)
	}
	r = rep.Assemblies["main"]
	if len(r.Odds) != 1 {
		t.Fatalf("told %d conflicts", len(r.Odds))
	}
	for _, id := range r.Odds[0].Mates {
		if n, err := strconv.Atoi(id[1:]); err != nil || n < 18 || n > 22 {
			t.Errorf("%s is told, and the bar at fault is in stage 20", id)
		}
	}
	if len(r.Odds[0].Mates) > 5 || len(r.Odds[0].Remedies) == 0 || r.Residual.MM > 1e-6 {
		t.Errorf("%+v, residual %v", r.Odds[0], r.Residual)
	}
}

// TestMisfits: of a floor of tiles that nowhere fit each loop of four is told, the worst first, and what is left out besides is counted;
// of a ring, all of it. Leaving out one relation for each loop of the graph (edges − bodies + 1) is the least that will do.
func TestMisfits(t *testing.T) {
	for _, n := range []int{4, 9} {
		rep, err := account.Check(context.Background(), Misfits(n), nil)
		if err != nil {
			t.Fatal(err)
		}
		r := rep.Assemblies["main"]
		if loops := (n - 1) * (n - 1); len(r.Odds) != min(loops, 40) || len(r.Odds)+r.MoreOdds != loops || r.Verdict != report.AtOdds || r.Residual.MM > 1e-6 {
			t.Errorf("%d loops: %d told and %d more, %s, %g mm left", loops, len(r.Odds), r.MoreOdds, r.Verdict, r.Residual.MM)
		}
		last := math.Inf(1)
		for _, o := range r.Odds {
			sum := 0.0
			for _, m := range o.Misses {
				sum += m.MM
			}
			if len(o.Mates) < 4 || len(o.Remedies) == 0 || n == 4 && sum > 2*last {
				t.Errorf("%v, %d remedies, %g mm after %g", o.Mates, len(o.Remedies), sum, last)
			}
			last = sum
		}
	}
	rep, err := account.Check(context.Background(), Misring(60), nil)
	if err != nil {
		t.Fatal(err)
	}
	if r := rep.Assemblies["main"]; len(r.Odds) != 1 || len(r.Odds[0].Mates) != 60 || len(r.Odds[0].Remedies) < 60 {
		t.Errorf("%d conflicts of a ring", len(r.Odds))
	}
}

// BenchmarkMisfits finds what is at odds among tiles of which every loop of four is.
func BenchmarkMisfits(b *testing.B) {
	for _, n := range []int{6, 20} {
		b.Run(fmt.Sprint(n*n), func(b *testing.B) {
			for b.Loop() {
				rep, err := account.Check(context.Background(), Misfits(n), nil)
				if err != nil || len(rep.Assemblies["main"].Odds) < min(40, (n-1)*(n-1)) {
					b.Fatal(err, len(rep.Assemblies["main"].Odds))
				}
			}
		})
	}
}

// BenchmarkMisring finds a conflict of 500 members.
func BenchmarkMisring(b *testing.B) {
	for b.Loop() {
		rep, err := account.Check(context.Background(), Misring(500), nil)
		if err != nil || len(rep.Assemblies["main"].Odds) != 1 || len(rep.Assemblies["main"].Odds[0].Mates) != 500 {
			b.Fatal(err, len(rep.Assemblies["main"].Odds))
		}
	}
}

// BenchmarkCliffs takes the account of what once took very long: long chains and rings, nets, drives of much that moves.
func BenchmarkCliffs(b *testing.B) {
	for _, c := range []struct {
		name string
		doc  *assembly.Document
		left int
	}{
		{"hinges1000", Chain(1001, "revolute", false), 1000},
		{"ring1000", Chain(1000, "revolute", true), 1000 - 6},
		{"balls1000", Chain(1001, "spherical", false), 3000},
		{"ballnet1000", BallNet(32), -1},
		{"fourbars200", FourBars(200, 1000), 1},
	} {
		b.Run(c.name, func(b *testing.B) {
			for b.Loop() {
				rep, err := account.Check(context.Background(), c.doc, nil)
				if err != nil || c.left >= 0 && rep.Assemblies["main"].Left != c.left {
					b.Fatal(err, rep.Assemblies["main"].Left)
				}
			}
		})
	}
}

// TestSpread: a drive whose equations are stated by several processors goes where it goes on one.
func TestSpread(t *testing.T) {
	run := func(processors int) map[string]*report.DriveRun {
		defer runtime.GOMAXPROCS(runtime.GOMAXPROCS(processors))
		rep, err := account.Check(context.Background(), FourBars(60, 8), nil)
		if err != nil {
			t.Fatal(err)
		}
		return rep.Assemblies["main"].Drives
	}
	one, two := run(1), run(2)
	for name, r := range one {
		if r.Reason != nil || len(r.At) != 9 {
			t.Errorf("%s took %d steps and stopped: %v", name, len(r.At), r.Reason)
		}
	}
	if len(one) != 1 || !reflect.DeepEqual(one, two) {
		t.Errorf("one processor says %v, two say %v", one, two)
	}
}

// TestLongLoops: an open chain of n hinges keeps n freedoms, a ring n − 6 (Kutzbach and Grübler), most told by motions of a few neighbours; a
// chain of n balls keeps 3n.
func TestLongLoops(t *testing.T) {
	for _, c := range []struct {
		what     string
		doc      *assembly.Document
		left, by int // rides at most
	}{{"chain of hinges", Chain(201, "revolute", false), 200, 200}, {"ring of hinges", Chain(200, "revolute", true), 194, 120}, {"chain of balls", Chain(101, "spherical", false), 300, 100}} {
		rep, err := account.Check(context.Background(), c.doc, nil)
		if err != nil {
			t.Fatal(err)
		}
		r := rep.Assemblies["main"]
		most := 0
		for _, m := range r.Motions {
			most = max(most, len(m.Rides))
		}
		if r.Left != c.left || len(r.Motions) != c.left || r.Doubled != 0 || most > c.by || most == 0 {
			t.Errorf("%s: left %d by %d motions of up to %d parts, doubled %d; want %d", c.what, r.Left, len(r.Motions), most, r.Doubled, c.left)
		}
	}
}

// nullity is how many small motions the relations of an assembly allow where it stands, by gonum's eigenvalues.
func nullity(t *testing.T, d *assembly.Document) int {
	t.Helper()
	m, err := model.New(d.Open(), "main", nil)
	if err != nil {
		t.Fatal(err)
	}
	poses := m.Sys.Solve(m.Options(true)).Poses
	at := map[int]int{}
	for b := range m.Sys.Bodies {
		if !m.Sys.Bodies[b].Fixed {
			at[b] = 6 * len(at)
		}
	}
	var rows []float64
	var rs solve.Rows
	for _, r := range m.Sys.Rels {
		for _, row := range m.Sys.Eval(r, poses, &rs) {
			x := make([]float64, 6*len(at))
			for k := range row.N {
				copy(x[at[row.Body[k]]:], row.G[k][:])
			}
			rows = append(rows, x...)
		}
	}
	n := 6 * len(at)
	var squares mat.SymDense
	squares.SymOuterK(1, mat.NewDense(len(rows)/n, n, rows).T())
	var eigen mat.EigenSym
	if !eigen.Factorize(&squares, false) {
		t.Fatal("gonum did not converge")
	}
	none := 0
	for _, x := range eigen.Values(nil) {
		if math.Abs(x) < 1e-11 { // the least that is not rounding is 3.6e-5 for a net of 12
			none++
		}
	}
	return none
}

// TestNets: a flat net of n by n plates tied by balls keeps n² + 2n − 2 freedoms. Counted by one relation after another, rounding once grew
// tenfold every other plate until it passed for motions that relations removed.
func TestNets(t *testing.T) {
	for _, n := range []int{3, 8, 12, 16} {
		d := BallNet(n)
		rep, err := account.Check(context.Background(), d, nil)
		if err != nil {
			t.Fatal(err)
		}
		r := rep.Assemblies["main"]
		want := n*n + 2*n - 2
		if n <= 12 {
			if got := nullity(t, d); got != want {
				t.Fatalf("%d by %d: gonum says %d", n, n, got)
			}
		}
		if r.Left != want || len(r.Motions) != want || r.Opening-r.Removed != want || r.Loose+r.Idle+r.Planned != want {
			t.Errorf("%d by %d: left %d, %d motions, %d opened less %d removed, %d loose and %d idle; want %d", n, n, r.Left, len(r.Motions), r.Opening, r.Removed, r.Loose, r.Idle, want)
		}
	}
}
