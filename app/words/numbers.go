package words

import (
	"fmt"
	"math"

	"setfast/core/part"
	"setfast/core/report"
)

// Agree says how exactly relations that repeat each other must agree.
func Agree(t report.Tolerance) string {
	switch {
	case t.MM != nil:
		return fmt.Sprintf("holds while they agree within %.2g mm", *t.MM)
	case t.Deg != nil:
		return fmt.Sprintf("holds while they agree within %.2g°", *t.Deg)
	}
	return ""
}

// Weight writes a mass as people do.
func Weight(kg float64) string {
	if kg < 1 {
		return fmt.Sprintf("%.3g g", kg*1000)
	}
	return fmt.Sprintf("%.4g kg", kg)
}

// Volume writes a volume without powers of ten.
func Volume(mm3 float64) string {
	if mm3 >= 1e9 {
		return fmt.Sprintf("%.1f m³", mm3/1e9)
	}
	if mm3 >= 1e5 {
		return fmt.Sprintf("%.1f cm³", mm3/1000)
	}
	if mm3 >= 1000 {
		return fmt.Sprintf("%.0f mm³", mm3)
	}
	return fmt.Sprintf("%.4g mm³", mm3)
}

// Size writes a part's extent.
func Size(lo, hi [3]float64) string {
	f := func(i int) string { return part.Number(math.Round((hi[i]-lo[i])*100) / 100) }
	return f(0) + " × " + f(1) + " × " + f(2) + " mm"
}
