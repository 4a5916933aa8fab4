package assembly

import "setfast/core/geom"

// Owner names what stands for something that is not said one by one: it is made anew whenever its owner is laid out, and is not written down.
type Owner struct{ Stack, Copies string }

// Made tells whether something stands for it.
func (o Owner) Made() bool { return o.Stack != "" || o.Copies != "" }

// By is what stands for it, as it is spoken of.
func (o Owner) By() string {
	if o.Copies != "" {
		return "the copies " + o.Copies
	}
	return "the stack " + o.Stack
}

// Copies are components, and stacks, that are there several times over: in lines, around an axis, or at places. One of Linear, Circular and Places says where.
type Copies struct {
	Name     string
	Of       []string // components and stacks
	Linear   []Line   // one direction, or two
	Circular *Circle
	Places   *Places
	Except   []int // copies that are not made; the original is 1
}

// Number is a number that may be an expression.
type Number struct {
	Value float64
	Text  string // as it is written, where it is an expression
}

// Line is copies along a direction: that of a feature, or one of the assembly.
type Line struct {
	Along *Ref
	Dir   geom.Vec
	Count Number // with the original
	Pitch Number // mm
}

// Circle is copies around an axis.
type Circle struct {
	Axis  Ref
	Count Number // with the original
	Angle Number // degrees: from the first to the last, or a whole turn
}

// Places takes what stands at one feature to others like it: holes of a pattern, or whatever was picked.
type Places struct {
	From Ref
	To   []Ref
}

// CopiesNamed finds copies by name.
func (a *Assembly) CopiesNamed(name string) *Copies {
	for i := range a.Copies {
		if a.Copies[i].Name == name {
			return &a.Copies[i]
		}
	}
	return nil
}
