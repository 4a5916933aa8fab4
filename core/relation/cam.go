package relation

// cam: a slide follows a profile of lift over angle, periodic over a turn.
var _ = register(Type{
	Name:   "cam",
	Family: Coupling,
	Fields: []Field{fieldTurn, {Name: "profile", Kind: Profile, Need: true, Said: "lift"}, {Name: "spline", Kind: Flag, Said: "smooth"}},
	Ties:   [2]string{"angle", "slide"},
	Stem:   "cam",
	Say:    Saying{"Let", "drive", "drives"},
	Also:   []string{"follower", "lift"},
	Doc:    Doc{"a joint with an angle, one with a slide", "`profile` [[deg, mm], …], straight between points or `\"spline\": true`, optional `phase`: b.slide = lift(a.angle + phase)", "1"},
	check: func(p Params, _ bool) (string, error) {
		_, err := NewLift(p.Points("profile"), p.Has("spline"))
		return "profile", err
	},
	tie: func(s *Said) (Tie, error) {
		lift, err := NewLift(s.Points("profile"), s.Has("spline"))
		if err != nil {
			return Tie{}, err
		}
		phase, _ := s.Num("phase")
		return Tie{Law: func(a float64) (float64, float64) {
			v, d := lift.At(deg(a) + phase)
			return v, d * 180 / halfTurn
		}}, nil
	},
})
