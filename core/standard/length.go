package standard

import (
	"fmt"
	"math"
)

// Wanted is a joint that a screw is chosen for.
type Wanted struct {
	Screw *Fastener // without its length
	Grip  float64   // mm, from the head's seat to the nut's seat or to where the tapped hole begins, washers included; of a countersunk screw from the top of its head
	Nut   *Fastener // or
	Blind float64   // mm: how deep the thread of a tapped hole goes; and
	Room  float64   // mm: how deep the hole goes on below where the thread begins, of an insert with room under it; as deep as the thread where nothing is said
	Into  float64   // how much of it the screw should engage, in diameters; 1 where nothing is said
}

// Choice is the length for a joint.
type Choice struct {
	Length     float64  `json:"length"`
	Exact      float64  `json:"exact"`               // grip and nut, or grip and the engagement wanted
	Through    *float64 `json:"through_nut_mm"`      // how much comes out of the nut
	Engagement *float64 `json:"engagement_mm"`       // in a tapped hole
	Bottom     *float64 `json:"bottom_mm,omitempty"` // what is left below it there
	Stock      bool     `json:"stock"`               // the length is one that is made
	Inches     *float64 `json:"length_in,omitempty"` // of an inch screw
	Findings   []string `json:"findings,omitempty"`  // what is wrong with the best there is
	Why        string   `json:"why"`
}

// Engagement in diameters of the screw, by what it is screwed into (common practice, no source).
var Engagement = map[string]float64{"steel": 1, "cast iron": 1.25, "brass": 1.25, "aluminium": 2, "plastic": 2.5}

// ShowsBeyond is how many pitches of thread come out of a nut at least (common practice, no source).
const ShowsBeyond = 1

// BottomPitches are how many pitches a screw ends above the end of a blind thread at least (common practice, no source).
const BottomPitches = 2

// Choose takes the next stock length that lets at least one pitch show beyond the nut, or that engages as much as is wanted and does not come to
// the bottom of a blind hole.
func Choose(w Wanted) (*Choice, error) {
	switch {
	case w.Screw == nil || !w.Screw.HasLength() || w.Screw.Thread.D == 0:
		return nil, fmt.Errorf("a length is chosen for a screw")
	case !(w.Grip >= 0) || w.Grip > longest:
		return nil, fmt.Errorf("a grip of %g mm is none", w.Grip)
	case w.Nut != nil && w.Nut.Family != Nut && w.Nut.Family != Locknut:
		return nil, fmt.Errorf("%s is no nut", w.Nut.Designation())
	case w.Nut != nil && w.Nut.Thread != w.Screw.Thread:
		return nil, fmt.Errorf("%s does not go on the thread %s", w.Nut.Designation(), w.Screw.Thread.Name)
	case w.Nut == nil && !(w.Blind > 0):
		return nil, fmt.Errorf("a screw goes into a nut, or into a thread of some depth")
	}
	stock := w.Screw.Stock(w.Screw.Size)
	if w.Nut != nil {
		return w.through(stock), nil
	}
	return w.blind(stock), nil
}

// through chooses for a nut: the thread comes through all of it, also through a locknut's insert, without which it is no better than a plain nut.
func (w *Wanted) through(stock []float64) *Choice {
	c := &Choice{Exact: round(w.Grip + w.Nut.Height())}
	least := c.Exact + ShowsBeyond*w.Screw.Thread.Pitch
	c.Length, c.Stock = next(stock, least)
	through := round(c.Length - c.Exact)
	c.Through = &through
	c.Why = fmt.Sprintf("%s grip and %s of the nut are %s; with a pitch of %s beyond it %s; %s", say(w.Grip), say(w.Nut.Height()), say(c.Exact), say(w.Screw.Thread.Pitch), say(least), c.taken(stock))
	c.judge(w, stock, least)
	return c
}

// blind chooses for a tapped hole: the longest engagement is no aim, what is wanted is enough.
func (w *Wanted) blind(stock []float64) *Choice {
	into := w.Into
	if into <= 0 {
		into = 1
	}
	c := &Choice{Exact: round(w.Grip + into*w.Screw.Thread.D)}
	c.Length, c.Stock = next(stock, c.Exact)
	most := w.Grip + w.room() - BottomPitches*w.Screw.Thread.Pitch
	shortened := c.Length > most+sameSize
	if shortened { // rather a shorter one than one that comes to the bottom
		for _, l := range stock {
			if l <= most+sameSize {
				c.Length, c.Stock = l, true
			}
		}
	}
	engagement, bottom := round(min(c.Length-w.Grip, w.Blind)), round(w.Grip+w.room()-c.Length)
	c.Engagement, c.Bottom = &engagement, &bottom
	c.Why = fmt.Sprintf("%s grip and %s of engagement, %g times the diameter, are %s; %s", say(w.Grip), say(into*w.Screw.Thread.D), into, say(c.Exact), c.taken(stock))
	if shortened {
		c.Why += fmt.Sprintf(", the longest that ends %d pitches above the end of the thread", BottomPitches)
	}
	c.judge(w, stock, c.Exact)
	c.bottoms(w)
	return c
}

func (w *Wanted) room() float64 { return max(w.Room, w.Blind) }

// judge tells what is wrong with a length.
func (c *Choice) judge(w *Wanted, stock []float64, least float64) {
	if w.Screw.Inch {
		in := math.Round(c.Length/Inch*1e4) / 1e4
		c.Inches = &in
	}
	if c.Length < least-sameSize {
		c.Findings = append(c.Findings, fmt.Sprintf("too short by %s", say(least-c.Length)))
	}
	if !c.Stock {
		c.Findings = append(c.Findings, fmt.Sprintf("not in stock: %s %s is made from %s to %s", w.Screw.Standard.Name, w.Screw.Size.Name, say(stock[0]), say(stock[len(stock)-1])))
	}
	f := *w.Screw
	f.Length = c.Length
	if plain := c.Length - f.Threaded(); plain > w.Grip+sameSize {
		c.Findings = append(c.Findings, fmt.Sprintf("threaded too short: %s without thread in a grip of %s", say(plain), say(w.Grip)))
	}
}

// taken says which length was taken.
func (c *Choice) taken(stock []float64) string {
	switch {
	case !c.Stock:
		return fmt.Sprintf("no stock length is as long, the longest is %s", say(stock[len(stock)-1]))
	case c.Length < c.Exact:
		return fmt.Sprintf("taken is %s", say(c.Length))
	}
	return fmt.Sprintf("the next stock length is %s", say(c.Length))
}

// next is the first stock length that is no shorter than what is wanted; what is wanted, in whole mm, where none is.
func next(stock []float64, least float64) (float64, bool) {
	for _, l := range stock {
		if l >= least-sameSize {
			return l, true
		}
	}
	return math.Ceil(least - sameSize), false
}

func round(x float64) float64 { return math.Round(x*1e6) / 1e6 }

// say prints mm with three places at most.
func say(x float64) string { return number(math.Round(x*1e3)/1e3) + " mm" }

// Tried tells what comes of a length that somebody has chosen.
func Tried(w Wanted, length float64) *Choice {
	c := &Choice{Length: length}
	f := *w.Screw
	f.Length = length
	stock := w.Screw.Stock(w.Screw.Size)
	c.Stock = f.InStock()
	if w.Nut != nil {
		c.Exact = round(w.Grip + w.Nut.Height())
		through := round(length - c.Exact)
		c.Through = &through
		least := c.Exact + ShowsBeyond*w.Screw.Thread.Pitch
		if w.Nut.Family == Locknut && through < -sameSize {
			c.Findings = append(c.Findings, fmt.Sprintf("does not reach the insert: %s short of coming through it", say(-through)))
		}
		c.judge(&w, stock, least)
		return c
	}
	into := w.Into
	if into <= 0 {
		into = 1
	}
	c.Exact = round(w.Grip + into*w.Screw.Thread.D)
	engagement, bottom := round(min(length-w.Grip, w.Blind)), round(w.Grip+w.room()-length)
	c.Engagement, c.Bottom = &engagement, &bottom
	c.judge(&w, stock, c.Exact)
	c.bottoms(&w)
	return c
}

// bottoms tells where a screw comes to the end of a blind hole.
func (c *Choice) bottoms(w *Wanted) {
	if *c.Bottom < BottomPitches*w.Screw.Thread.Pitch-sameSize {
		c.Findings = append(c.Findings, fmt.Sprintf("comes to the bottom of the hole: %s left", say(*c.Bottom)))
	}
}
