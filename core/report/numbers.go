package report

import "math"

// Significant keeps n significant digits.
func Significant(x float64, n int) float64 {
	if x == 0 {
		return 0
	}
	s := math.Pow(10, float64(n)-1-math.Floor(math.Log10(math.Abs(x))))
	return math.Round(x*s) / s
}
