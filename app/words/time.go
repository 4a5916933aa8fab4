package words

import (
	"fmt"
	"time"
)

// Ago says how long ago something was, seen from a moment: as near as people want it.
func Ago(t, now time.Time) string {
	switch d := now.Sub(t); {
	case d < time.Minute:
		return "just now"
	case d < time.Hour:
		return fmt.Sprintf("%d min ago", int(d/time.Minute))
	case d < 24*time.Hour:
		return fmt.Sprintf("%d h ago", int(d/time.Hour))
	case d < 7*24*time.Hour:
		return Plural(int(d/(24*time.Hour)), "day", "days") + " ago"
	}
	return t.Format("2006-01-02")
}
