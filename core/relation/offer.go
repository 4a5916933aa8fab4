package relation

import (
	"sort"

	"setfast/core/part"
)

// Proposal is a relation that fits two picked features.
type Proposal struct {
	Type  *Type
	Label string // what it does to these features
	Third string // a third feature is needed, and this is what it may be
	rank  int
}

// Proposals lists the relations that would put one feature on another, most telling first.
func Proposals(put, on part.Feature) []Proposal {
	var out []Proposal
	for _, t := range Types() {
		if t.offer != nil {
			if label, rank := t.offer(put, on); label != "" {
				out = append(out, Proposal{t, label, "", rank})
			}
		}
		if t.offerAbout != nil {
			if label, third, rank := t.offerAbout(put, on); label != "" {
				out = append(out, Proposal{t, label, third, rank})
			}
		}
	}
	sort.SliceStable(out, func(i, j int) bool { return out[i].rank < out[j].rank })
	return out
}

// Leading is the coordinate that stands for a joint where only one is shown: the first turn, or else the first.
func (t *Type) Leading() *Coordinate {
	for i := range t.Coordinates {
		if t.Coordinates[i].Angular {
			return &t.Coordinates[i]
		}
	}
	if len(t.Coordinates) > 0 {
		return &t.Coordinates[0]
	}
	return nil
}

// Unit is how the main field is shown.
func (t *Type) Unit() string {
	f, ok := t.Field(t.Main)
	if !ok || f.Kind == Plain {
		return ""
	}
	return f.Unit()
}

// Needed tells whether the main field must be given.
func (t *Type) Needed() bool {
	for _, f := range t.Fields {
		if f.Name == t.Main {
			return f.Need
		}
	}
	return false
}

// Start is what the main field is tried at before it is read off.
func (t *Type) Start() float64 { return t.start }

// Swings names the coordinates that may stand for a motion of a kind, turn or slide, where a joint has several.
func (t *Type) Swings(kind string) []string {
	if len(t.Coordinates) < 2 {
		return nil
	}
	var out []string
	for _, c := range t.Coordinates {
		if c.Angular == (kind == "turn") && kind != "screw" {
			out = append(out, c.Name)
		}
	}
	return out
}

func isKind(k part.Kind) func(part.Feature) bool {
	return func(f part.Feature) bool { return f.Kind == k }
}

func isPlane(f part.Feature) bool { return f.Kind == part.Plane }

func both(put, on part.Feature, is func(part.Feature) bool) bool { return is(put) && is(on) }

func either(put, on part.Feature, is, isOther func(part.Feature) bool) bool {
	return is(put) && isOther(on) || is(on) && isOther(put)
}

// directed: both point somewhere, and none is the axis of a face.
func directed(put, on part.Feature) bool {
	return both(put, on, part.Feature.HasDirection) && !either(put, on, isPlane, part.Feature.IsAxis)
}

// onFrames offers a joint wherever both features carry a frame.
func onFrames(label string, rank int) func(put, on part.Feature) (string, int) {
	return func(put, on part.Feature) (string, int) {
		if both(put, on, part.Feature.HasFrame) {
			return label, rank
		}
		return "", 0
	}
}

// Reads tells whether the main field can be read off where things stand.
func (t *Type) Reads() bool { return t.read != nil }
