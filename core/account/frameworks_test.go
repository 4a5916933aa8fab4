package account_test

import (
	"cmp"
	"fmt"
	"math"
	"math/rand/v2"
	"slices"
	"testing"
)

// framework joins balls by rods: some stand, others are where they belong but for a little; plane keeps them in z = 0.
func framework(points [][3]float64, stand int, rods [][2]int, flat bool) *doc {
	d := &doc{}
	d.part("ball", `"c": {"type": "sphere", "center": [0,0,0], "radius": 1}`)
	for i, p := range points {
		kind := "ball"
		if i < stand {
			kind = "!ball"
		}
		d.use(fmt.Sprint("v", i), kind, at(p))
		if flat && i >= stand {
			d.mate(fmt.Sprint("flat", i), "coincident", "@/xy", fmt.Sprintf("v%d/c", i))
		}
	}
	for k, e := range rods {
		p, q := points[e[0]], points[e[1]]
		long := math.Sqrt((p[0]-q[0])*(p[0]-q[0]) + (p[1]-q[1])*(p[1]-q[1]) + (p[2]-q[2])*(p[2]-q[2]))
		d.mate(fmt.Sprint("rod", k), "distance", fmt.Sprintf("v%d/c", e[0]), fmt.Sprintf("v%d/c", e[1]), fmt.Sprintf(`"value": %.17g`, long))
	}
	return d
}

// bipartite is every pair of one of the first m and one of the other n.
func bipartite(m, n int) (rods [][2]int) {
	for i := range m {
		for j := range n {
			rods = append(rods, [2]int{i, m + j})
		}
	}
	return rods
}

// TestFrameworks counts the freedom of bar frameworks whose first-order rigidity is known. Sources (from memory): E. D. Bolker and
// B. Roth, When is a bipartite graph a rigid framework?, Pacific Journal of Mathematics 90 (1980), for K3,3 (in the plane it bends to the
// first order just if its six joints lie on a conic) and K4,6 (in space, just if its ten joints lie on a quadric); R. Bricard, Mémoire sur la théorie de l'octaèdre articulé, 1897, for octahedra symmetric about a line, which
// move, where others are rigid. Every ball spins idly three ways.
func TestFrameworks(t *testing.T) {
	circle := func(deg ...float64) (p [][3]float64) {
		for _, a := range deg {
			p = append(p, [3]float64{100 * math.Cos(a*math.Pi/180), 100 * math.Sin(a*math.Pi/180), 0})
		}
		return p
	}
	// A, B, C stand; the others are their images by half a turn about z, or nearly
	octahedron := func(off float64) [][3]float64 {
		return [][3]float64{{40, 5, 30}, {10, 50, -20}, {-15, 30, 45}, {-40, -5, 30 + off}, {-10, -50, -20}, {15, -30, 45}}
	}
	edges := [][2]int{{3, 4}, {3, 5}, {4, 5}, {0, 4}, {0, 5}, {1, 3}, {1, 5}, {2, 3}, {2, 4}}
	scattered := [][3]float64{{3, 7, 1}, {61, -12, 20}, {-35, 44, -18}, {22, 58, 37}, {-50, -31, 26}, {14, -47, -42}, {70, 33, -9}, {-28, 9, 66}, {45, -60, 12}, {-8, 25, -71}}
	var sphere [][3]float64
	for _, p := range scattered {
		k := 100 / math.Sqrt(p[0]*p[0]+p[1]*p[1]+p[2]*p[2])
		sphere = append(sphere, [3]float64{k * p[0], k * p[1], k * p[2]})
	}
	flat := func(x, y float64) [3]float64 { return [3]float64{x, y, 0} }
	for _, c := range []struct {
		what         string
		points       [][3]float64
		stand        int
		rods         [][2]int
		flat         bool
		bends, brief int // beside the whole moving
		whole        int
	}{
		{"K3,3 anywhere", [][3]float64{flat(0, 0), flat(80, 10), flat(35, 70), flat(-40, 45), flat(60, -55), flat(20, 30)}, 0, bipartite(3, 3), true, 0, 0, 3},
		{"K3,3 on a circle", circle(10, 75, 200, 130, 255, 320), 0, bipartite(3, 3), true, 1, 1, 3},
		{"K4,6 anywhere", scattered, 0, bipartite(4, 6), false, 0, 0, 6},
		{"K4,6 on a sphere", sphere, 0, bipartite(4, 6), false, 1, 1, 6},
		{"Bricard's octahedron", octahedron(0), 3, edges, false, 1, 0, 0},
		{"an octahedron a little off", octahedron(4), 3, edges, false, 0, 0, 0},
	} {
		r := framework(c.points, c.stand, c.rods, c.flat).check(t)
		spins := 3 * (len(c.points) - c.stand)
		if r.Left != spins+c.bends+c.whole || r.Idle != spins || r.Shaky != c.brief || len(r.Odds) > 0 {
			t.Errorf("%s: left %d, idle %d, shaky %d, %d at odds; want %d spins, %d ways to bend (%d for an instant) and %d of the whole",
				c.what, r.Left, r.Idle, r.Shaky, len(r.Odds), spins, c.bends, c.brief, c.whole)
		}
	}
}

// TestCloseNets: a net in which every ball hangs on its seven nearest is rigid, with rods to spare; all balls spin idly and nothing else
// is left, however large the net.
func TestCloseNets(t *testing.T) {
	for _, n := range []int{20, 50, 200, 300} {
		r := rand.New(rand.NewPCG(uint64(n), 1))
		p := make([][3]float64, n)
		for i := range p {
			p[i] = [3]float64{200 * r.Float64(), 200 * r.Float64(), 200 * r.Float64()}
		}
		var rods [][2]int
		for i := range p {
			far := func(j int) float64 {
				return (p[i][0]-p[j][0])*(p[i][0]-p[j][0]) + (p[i][1]-p[j][1])*(p[i][1]-p[j][1]) + (p[i][2]-p[j][2])*(p[i][2]-p[j][2])
			}
			order := r.Perm(n)
			slices.SortFunc(order, func(a, b int) int { return cmp.Compare(far(a), far(b)) })
			for _, j := range order[1:8] {
				if e := [2]int{min(i, j), max(i, j)}; !slices.Contains(rods, e) {
					rods = append(rods, e)
				}
			}
		}
		d := framework(p, 3, rods, false)
		for i := 3; i < n; i++ { // not quite where they belong
			d.comps[i] = fmt.Sprintf(`"v%d": {"part": "ball", "pose": %s}`, i, at([3]float64{p[i][0] + 0.1*r.NormFloat64(), p[i][1], p[i][2] + 0.1*r.NormFloat64()}))
		}
		a := d.check(t)
		if free := 3 * (n - 3); a.Left != free || a.Idle != free || a.Removed != free || len(a.Odds) > 0 {
			t.Errorf("%d balls, %d rods: removed %d, left %d, idle %d, %d at odds; want %d each", n, len(rods), a.Removed, a.Left, a.Idle, len(a.Odds), free)
		}
	}
}
