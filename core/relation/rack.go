package relation

// rack: a slide follows an angle by a lead per turn.
var _ = register(Type{
	Name:   "rack",
	Family: Coupling,
	Fields: []Field{fieldLead, fieldPhase},
	Main:   "lead",
	Ties:   [2]string{"angle", "slide"},
	Stem:   "rack",
	Say:    Saying{"Let", "drive", "drives"},
	Also:   []string{"rack_pinion", "pinion"},
	Doc:    Doc{"a joint with an angle, one with a slide", "`lead` mm per turn, optional `phase`: Δb.slide = lead · Δa.angle / 360", "1"},
	tie:    func(s *Said) (Tie, error) { return slideByTurn(s, "rack") },
})
