package relation

// screw: a slide follows an angle by the lead of a thread.
var _ = register(Type{
	Name:   "screw",
	Family: Coupling,
	Fields: []Field{fieldLead, fieldPhase},
	Main:   "lead",
	Ties:   [2]string{"angle", "slide"},
	Stem:   "screw",
	Say:    Saying{"Let", "drive", "drives"},
	Also:   []string{"lead screw", "spindle"},
	Doc:    Doc{"a joint with an angle, one with a slide", "`lead` mm per turn, optional `phase`: Δb.slide = lead · Δa.angle / 360", "1"},
	tie:    func(s *Said) (Tie, error) { return slideByTurn(s, "screw") },
})
