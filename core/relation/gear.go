package relation

import "fmt"

// gear: one angle follows another by a ratio, negative for outside mesh.
var _ = register(Type{
	Name:   "gear",
	Family: Coupling,
	Fields: []Field{{Name: "ratio", Kind: Number, Need: true, NonZero: true, Said: "ratio"}, fieldTurn},
	Main:   "ratio",
	Ties:   [2]string{"angle", "angle"},
	Stem:   "gear",
	Say:    Saying{"Let", "drive", "drives"},
	Also:   []string{"gears", "belt", "chain", "teeth"},
	Doc:    Doc{"joints with an angle", "`ratio`, optional `phase`: Δb.angle = ratio · Δa.angle", "1"},
	tie: func(s *Said) (Tie, error) {
		ratio, _ := s.Num("ratio")
		if ratio == 0 {
			return Tie{}, fmt.Errorf("gear needs a ratio other than zero")
		}
		return inProportion(s, ratio, halfTurn/180), nil
	},
})
