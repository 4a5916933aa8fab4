package report

import "encoding/json"

// Numbers are those of a measure: one, or the coordinates of a point.
func Numbers(measure any) (out []float64, ok bool) {
	raw, err := json.Marshal(measure)
	if err != nil || measure == nil {
		return nil, false
	}
	var one float64
	if json.Unmarshal(raw, &one) == nil {
		return []float64{one}, true
	}
	return out, json.Unmarshal(raw, &out) == nil && len(out) > 0
}
