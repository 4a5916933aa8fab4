package relation

import (
	"fmt"
	"math"
	"strconv"
)

// What couplings are said with in the trade. Each gives the number as a file has it: an expression that keeps what was said.

// GearRatio is the ratio of two wheels in mesh by their teeth: outside one another they turn against each other, one inside a ring with it
// (ISO 21771, the gear ratio).
func GearRatio(teethA, teethB int, inside bool) (string, error) {
	if teethA < 1 || teethB < 1 {
		return "", fmt.Errorf("a wheel has at least one tooth")
	}
	sign := "-"
	if inside {
		sign = ""
	}
	return fmt.Sprintf("%s%d / %d", sign, teethA, teethB), nil
}

// RackLead is how far a rack goes in a turn of its pinion: π times the module times the teeth (ISO 21771, the pitch circle's length).
func RackLead(module string, teeth int, reverse bool) (string, error) {
	if teeth < 1 {
		return "", fmt.Errorf("a pinion has at least one tooth")
	}
	return signed(fmt.Sprintf("%s * (%s) * %d", strconv.FormatFloat(math.Pi, 'g', -1, 64), module, teeth), reverse), nil
}

// ScrewLead is how far a thread goes in a turn: its pitch times its starts (ISO 5408, lead).
func ScrewLead(pitch string, starts int, reverse bool) (string, error) {
	if starts < 1 {
		return "", fmt.Errorf("a thread has at least one start")
	}
	if starts == 1 {
		return signed("("+pitch+")", reverse), nil
	}
	return signed(fmt.Sprintf("%d * (%s)", starts, pitch), reverse), nil
}

func signed(text string, reverse bool) string {
	if reverse {
		return "-" + text
	}
	return text
}
