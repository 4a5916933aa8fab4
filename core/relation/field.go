package relation

// Kind is what a field of a relation holds.
type Kind int

// The kinds of field.
const (
	Length  Kind = iota // mm, or an expression
	Angle               // degrees, or an expression
	Number              // a plain number, or an expression
	Plain               // a number that is written out: mm or degrees as the field says
	Word                // one of a few words
	Flag                // true, or left out
	Vector              // three numbers, mm
	Profile             // pairs of degrees and mm
	Third               // the reference to a third feature
	Limits              // a pair of numbers or expressions, each of which may be open
)

// kindWords are what kinds of field are called, of those that a sentence has a slot for.
var kindWords = map[Kind]string{Length: "length", Angle: "angle", Number: "number", Plain: "plain", Word: "word", Vector: "vector", Limits: "limits"}

// String is the kind's name; empty where a sentence has no slot for it.
func (k Kind) String() string { return kindWords[k] }

// Field is one member that a type of relation has in a file.
type Field struct {
	Name    string
	Kind    Kind
	Need    bool     // it must be given
	NonZero bool     // and not be zero
	Words   []string // of a Word
	Said    string   // what stands before its slot in a sentence
	Degrees bool     // a Plain number of degrees, else of mm
}

// The fields that types are described with.
var (
	fieldSense = Field{Name: "sense", Kind: Word, Words: []string{"same", "opposed", "nearest"}}
	fieldSide  = Field{Name: "side", Kind: Word, Words: []string{"outside", "inside", "nearest"}, Said: "on the side"}
	fieldLead  = Field{Name: "lead", Kind: Length, Need: true, NonZero: true, Said: "lead"}
	fieldPhase = Field{Name: "phase", Kind: Plain, Said: "phase"}
	fieldTurn  = Field{Name: "phase", Kind: Plain, Said: "phase", Degrees: true}
	fieldAbout = Field{Name: "about", Kind: Third}
)

// Field finds one of a type's fields by name; of a joint also what it says of a coordinate: "at.angle", "limits.angle".
func (t *Type) Field(name string) (Field, bool) {
	for _, f := range t.Fields {
		if f.Name == name {
			return f, true
		}
	}
	if t.Family == Joint {
		for _, c := range t.Coordinates {
			k := Length
			if c.Angular {
				k = Angle
			}
			switch name {
			case "at." + c.Name:
				return Field{Name: name, Kind: k, Said: "held at"}, true
			case "limits." + c.Name:
				return Field{Name: name, Kind: Limits, Said: "from"}, true
			}
		}
	}
	return Field{}, false
}

// Unit is what stands behind a number of the field.
func (f Field) Unit() string {
	switch {
	case f.Kind == Angle || f.Kind == Plain && f.Degrees:
		return "°"
	case f.Kind == Length || f.Kind == Plain || f.Kind == Vector:
		return "mm"
	}
	return ""
}
