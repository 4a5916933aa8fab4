package dense

import (
	"math"
	"testing"
)

// TestBoundsOfArithmetic sets rows and pivots just to either side of what the guards decide.
func TestBoundsOfArithmetic(t *testing.T) {
	turns := func(rows ...float64) bool {
		u, _, _ := SVD(Mat{2, 2, rows})
		return u.At(0, 1) != 0
	}
	fast := func(rows ...float64) bool {
		var u [4]float64
		LeftSingular(rows, 2, 2, u[:], make([]float64, 2))
		return u[1] != 0
	}
	later := func(e float64) bool {
		perm := make([]int, 2)
		LowerPivoted([]float64{1, 1 + e}, 2, 1, perm, make([]float64, 2))
		return perm[0] == 1
	}
	solved := func(e float64) bool {
		return math.Abs(SolvePositive(Mat{2, 2, []float64{1, 1, 1, 1 + e}}, []float64{0, e})[1]-1) < 0.1
	}
	for _, c := range []struct {
		what string
		got  bool
		want bool
	}{
		{"SquareAngle: a cosine of 3e-16 is square", turns(1, 0, 3e-16, 0.5), false},
		{"SquareAngle: one of 3e-15 is not", turns(1, 0, 1.5e-15, 0.5), true},
		{"SquareAngleFast: a cosine of 3e-12 is square enough", fast(1, 0, 1.5e-12, 0.5), false},
		{"SquareAngleFast: one of 3e-11 is not", fast(1, 0, 1.5e-11, 0.5), true},
		{"NoRowSquared: a row of 1e-25 is rounding", turns(1, 0, 1e-25, 1e-25), false},
		{"NoRowSquared: one of 1e-23 is a row", turns(1, 0, 1e-23, 1e-23), true},
		{"RowTie: of rows alike to 2e-13 the first is taken", later(2e-13), false},
		{"RowTie: one longer by 2e-12 is taken before it", later(2e-12), true},
		{"NoPositive: a pivot of two last digits is none", solved(math.Ldexp(1, -51)), false},
		{"NoPositive: one of sixteen is one", solved(math.Ldexp(1, -48)), true},
	} {
		if c.got != c.want {
			t.Errorf("%s: %v", c.what, c.got)
		}
	}
}
