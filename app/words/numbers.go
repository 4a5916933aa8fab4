package words

import (
	"fmt"
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
