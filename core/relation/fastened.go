package relation

import (
	"setfast/core/geom"
	"setfast/core/part"
)

// fastened puts frame b on frame a, shifted by the offset in a and turned about a's z.
var fastened = register(Type{
	Name:   "fastened",
	Takes:  "two frames, axes or circles",
	Fields: []Field{fieldSense, {Name: "offset", Kind: Vector, Said: "shifted by"}, {Name: "turn", Kind: Plain, Said: "turned by", Degrees: true}},
	Stem:   "fixed",
	Say:    Saying{"Put", "fixed to", "fixed to"},
	Leaves: [2]int{0, 0},
	Also:   []string{"fixed", "rigid", "weld", "bonded", "lock", "glue", "fix"},
	Doc:    Doc{"two frames", "`offset`, `turn`", "6"},
	state: func(s *Said, l *Law) bool {
		l.rows = func(_ *Law, o *Rows, a, b, _ *View) {
			pointOnPoint(o, a, b, geom.Vec{})
			o.sameTurn(a, b)
		}
		return frames(s)
	},
	turns: always,
	offer: func(put, on part.Feature) (string, int) {
		switch {
		case both(put, on, isKind(part.Frame)):
			return "fixed together", 15
		case both(put, on, part.Feature.HasFrame):
			return "fixed together", 75
		}
		return "", 0
	},
})

// Frame is the frame that feature a of a relation stands for: of a fastened one, shifted and turned as it says.
func (s *Said) Frame(t *Type) geom.Frame {
	f := s.A.AsFrame()
	if t != fastened {
		return f
	}
	if o, ok := s.Vec("offset"); ok {
		f.O = f.O.AddScaled(o.X, f.X).AddScaled(o.Y, f.Y).AddScaled(o.Z, f.Z)
	}
	if turn, ok := s.Num("turn"); ok {
		q := geom.Exp(f.Z.Scale(turn * halfTurn / 180))
		f.X, f.Y = q.Rotate(f.X), q.Rotate(f.Y)
	}
	return f
}
