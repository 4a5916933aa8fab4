package main

import (
	"context"
	"encoding/json"
	"flag"
	"fmt"
	"io"
	"os"
	"slices"
	"strings"

	"setfast/core/fasten"
	"setfast/core/part"
	"setfast/core/standard"
	"setfast/kernel"
)

// asked is what the command line asks of fasteners.
type asked struct {
	list                     bool
	step                     string
	hole                     float64
	thread, screw, nut, into string
	grip, blind, washers     float64
	asJSON, unfenced         bool
}

// runFastener answers from the tables of standards: 0, 1 where what is asked for is not made or does not do, 2 where it is not known.
func runFastener(c *call) int {
	var q asked
	c.BoolVar(&q.asJSON, "json", false, "print JSON")
	c.BoolVar(&q.list, "list", false, "tell which standards and sizes there are")
	c.StringVar(&q.step, "step", "", "write the exact shape to this STEP `file`, its seat, thread and hexagon named")
	c.Float64Var(&q.hole, "hole", 0, "tell which screws a hole of this `diameter` in mm fits, and in which series of ISO 273")
	c.StringVar(&q.thread, "thread", "", "choose a length for this `thread`, such as M6")
	c.Float64Var(&q.grip, "grip", 0, "`length` in mm from the head's seat to the nut's, or to where the tapped hole begins, washers included; of a countersunk screw from its top")
	c.StringVar(&q.screw, "screw", "", "the screw's `standard`")
	c.StringVar(&q.nut, "nut", "", "the nut's `standard`")
	c.Float64Var(&q.washers, "washers", 0, "how `many` washers of ISO 7089 the grip has in it")
	c.Float64Var(&q.blind, "blind", 0, "`depth` in mm of the thread of a blind hole instead of a nut")
	c.StringVar(&q.into, "into", "steel", "the `material` of the blind hole, by which the engagement is chosen: "+strings.Join(fasten.Materials(), ", "))
	c.BoolVar(&q.unfenced, "unfenced", false, "make the shape even where the machine cannot keep the maker inside its folder")
	names, code, ok := c.files(0, most)
	if !ok {
		return code
	}
	name := strings.Join(names, " ")
	switch {
	case q.list:
		return c.told(&q, fasten.List(), tellList, true)
	case c.said("hole"):
		if !(q.hole > 0) {
			return c.bad("--hole takes a diameter, not %g", q.hole)
		}
		fits := standard.Through(q.hole)
		return c.told(&q, map[string]any{"hole": q.hole, "fits": slices.Concat([]standard.Fits{}, fits)}, func(w io.Writer, _ any) { tellThrough(w, q.hole, fits) }, len(fits) > 0)
	case q.thread != "" || q.screw != "":
		return c.choose(&q)
	case name == "":
		return c.bad("fastener wants a name such as \"ISO 4762 M6x20\", or --list")
	}
	f, err := standard.Read(name)
	if err != nil {
		return c.fail("%v", err)
	}
	if q.step != "" {
		k, err := kernel.Find()
		if err != nil {
			return c.fail("%v", err)
		}
		k.Unfenced = k.Unfenced || q.unfenced
		data, err := k.Catalogue(context.Background(), f)
		if err == nil {
			err = os.WriteFile(q.step, data, 0o644)
		}
		if err != nil {
			return c.fail("%v", plain(err))
		}
	}
	return c.told(&q, fasten.CardOf(f), tellCard, f.Length == 0 || f.InStock())
}

// most is how many words a name may have.
const most = 8

// said tells whether a flag was given.
func (c *call) said(name string) (is bool) {
	c.Visit(func(f *flag.Flag) { is = is || f.Name == name })
	return is
}

// told prints an answer, and gives the code to exit with.
func (c *call) told(q *asked, answer any, people func(w io.Writer, answer any), good bool) int {
	if q.asJSON {
		if l, ok := answer.([]fasten.Listed); ok {
			answer = map[string]any{"standards": l}
		}
		if err := json.NewEncoder(c.out).Encode(answer); err != nil {
			return c.fail("the answer could not be written: %v", plain(err))
		}
	} else {
		people(c.out, answer)
	}
	if !good {
		return 1
	}
	return 0
}

// choose chooses a length.
func (c *call) choose(q *asked) int {
	screw := q.screw
	if screw == "" {
		screw = "ISO 4762"
	}
	s, err := standard.Read(screw + " " + q.thread)
	if err != nil {
		return c.fail("%v", err)
	}
	if !c.said("grip") {
		return c.bad("a length wants --grip")
	}
	w := standard.Wanted{Screw: s, Grip: q.grip, Blind: q.blind}
	if q.nut != "" {
		if w.Nut, err = standard.Read(q.nut + " " + q.thread); err != nil {
			return c.fail("%v", err)
		}
		if q.blind > 0 {
			return c.bad("--blind is a hole without a nut")
		}
	}
	into, ok := standard.Engagement[q.into]
	if !ok {
		return c.bad("--into knows %s, not %q", strings.Join(fasten.Materials(), ", "), q.into)
	}
	w.Into = into
	if q.washers > 0 {
		washer, err := standard.Read("ISO 7089 " + q.thread)
		if err != nil {
			return c.fail("%v", err)
		}
		if thick := q.washers * washer.Height(); thick > q.grip {
			return c.fail("a grip of %g mm has no room for %g washers, which are %s mm: it is measured with them", q.grip, q.washers, part.Number(thick))
		}
	}
	got, err := standard.Choose(w)
	if err != nil {
		return c.fail("%v", err)
	}
	return c.told(q, got, func(out io.Writer, _ any) {
		s.Length = got.Length
		fmt.Fprintf(out, "%s: %s\n", s.Designation(), got.Why)
		for _, f := range got.Findings {
			fmt.Fprintf(out, "  %s\n", f)
		}
		fmt.Fprintln(out, caution)
	}, len(got.Findings) == 0)
}

// caution is said where fastenings are told of.
const caution = "Length and engagement prove no joint's load: strength is for local codes and licensed practice."

func tellList(w io.Writer, answer any) {
	for _, l := range answer.([]fasten.Listed) {
		fmt.Fprintf(w, "%-14s %s:%s, %s: %s\n", l.Name, l.Name, l.Edition, l.Title, strings.Join(l.Sizes, " "))
	}
}

func tellThrough(w io.Writer, hole float64, fits []standard.Fits) {
	if len(fits) == 0 {
		fmt.Fprintf(w, "Ø%s is a hole for no screw here\n", part.Number(hole))
	}
	for _, f := range fits {
		switch {
		case f.Tapped:
			fmt.Fprintf(w, "Ø%s is drilled for the thread %s\n", part.Number(hole), f.Thread)
		case strings.Contains(f.Series, " "):
			fmt.Fprintf(w, "Ø%s for %s: %s\n", part.Number(hole), f.Thread, f.Series)
		default:
			fmt.Fprintf(w, "Ø%s for %s: %s series\n", part.Number(hole), f.Thread, f.Series)
		}
	}
}

func tellCard(w io.Writer, answer any) {
	k := answer.(*fasten.Card)
	fmt.Fprintf(w, "%s: %s (%s:%s), %s, %s\n", k.Designation, k.Title, k.Standard, k.Edition, k.Material, k.Finish)
	var cells []string
	for _, l := range k.Letters {
		cells = append(cells, l+" "+part.Number(k.Dimensions[l]))
	}
	fmt.Fprintf(w, "  mm: %s\n", strings.Join(cells, ", "))
	if k.Threaded != nil && *k.Threaded < *k.Length {
		fmt.Fprintf(w, "  threaded over %s mm\n", part.Number(*k.Threaded))
	}
	if k.Mass != nil {
		fmt.Fprintf(w, "  %.4g kg of steel\n", *k.Mass)
	}
	if h := k.Holes; h != nil && k.Family == standard.Screw {
		fmt.Fprintf(w, "  holes: %s, %s, %s; drill %s for its thread\n", part.Number(h.Fine), part.Number(h.Medium), part.Number(h.Coarse), part.Number(h.Drill))
	}
	if k.Length != nil && !k.Stock {
		fmt.Fprintf(w, "  not made in this length; made are %s\n", listed(k.Lengths))
	} else if k.Length == nil && len(k.Lengths) > 0 {
		fmt.Fprintf(w, "  made in %s\n", listed(k.Lengths))
	}
}

func listed(list []float64) string {
	var out []string
	for _, x := range list {
		out = append(out, part.Number(x))
	}
	return strings.Join(out, ", ")
}
