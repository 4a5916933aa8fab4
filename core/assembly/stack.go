package assembly

// Stack is a fastening said once for all its holes: a screw through them, washers, and a nut or a tapped hole. It stands for its components, which
// are named after it, and for their relations.
type Stack struct {
	Name      string
	Holes     []Ref    // one a screw
	Through   []string // components that the screws go through besides; found along the holes' axes where none is named
	Screw     string   // standard and size, such as ISO 4762 M6
	UnderHead []string // washers, from the seat up
	UnderNut  []string
	Nut       string
	Length    float64 // mm; none is chosen
	HeadOn    string  // the component on whose side heads are, where it is not that of the holes
	Into      []Ref   // tapped holes instead of nuts, one a screw, or any one of those of a component
	Depth     float64 // mm of thread in them; none is that of the hole
	Material  string  // of what is screwed into, by which the engagement is chosen; steel where none is said
	Owner             // copies of a stack
}

// Stack finds a stack by name.
func (a *Assembly) Stack(name string) *Stack {
	for i := range a.Stacks {
		if a.Stacks[i].Name == name {
			return &a.Stacks[i]
		}
	}
	return nil
}
