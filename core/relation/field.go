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
)

// Field is one member that a type of relation has in a file.
type Field struct {
	Name    string
	Kind    Kind
	Need    bool     // it must be given
	NonZero bool     // and not be zero
	Words   []string // of a Word
}

// The fields that types are described with.
var (
	fieldSense = Field{Name: "sense", Kind: Word, Words: []string{"same", "opposed", "nearest"}}
	fieldSide  = Field{Name: "side", Kind: Word, Words: []string{"outside", "inside", "nearest"}}
	fieldLead  = Field{Name: "lead", Kind: Length, Need: true, NonZero: true}
	fieldPhase = Field{Name: "phase", Kind: Plain}
	fieldAbout = Field{Name: "about", Kind: Third}
)
