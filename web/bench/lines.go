package bench

import (
	"fmt"
	"slices"
	"strings"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/report"
)

// lineView is a line of the account: a component with its relations, or one that a flexible use brought along (Inner).
type lineView struct {
	Key           string // tells it from all others
	Number        int
	Name          string
	Sits          string // on what
	Class         string // of its colour
	Word          string // beside the figures
	Kind          string
	Before, After int
	Slides, Turns int
	Grounded      bool
	Suppressed    bool
	Odds          bool
	Doubled       bool
	Temporary     bool // a relation of it is there only for the time being
	Sub, Flexible bool // a subassembly; one that moves in itself
	Inner         bool
	Stack         bool     // it stands for a stack
	Copies        bool     // it stands for copies
	Joint         []string // what is wrong with it
	Opens         string   // the address of a subassembly's own Bench
	Missing       string   // why it is left out of the account
	Mates         []mateView
}

// lines makes a line of each component, in build order. Every relation is shown with the line it is or would be posted with.
func (v *accountView) lines(j *app.Judged) {
	t := &told{
		j: j, units: v.units, coordinates: v.coordinates, lines: map[string]report.Line{}, posted: map[string]report.LineMate{},
		planned: riding(j.Result, report.Planned), loose: riding(j.Result, report.Stray, report.Momentary), idle: riding(j.Result, report.Idle),
	}
	for _, l := range j.Result.Lines {
		t.lines[l.Component] = l
		for _, m := range l.Mates {
			t.posted[m.ID] = m
		}
	}
	mates, sits, odd := t.byLine()
	doubled := map[string]bool{}
	for _, g := range j.Result.Groups {
		for _, id := range g.Mates {
			doubled[id] = true
		}
	}
	for i, c := range j.Asm.Components {
		if c.Made() {
			continue
		}
		l := t.line(i, c, v.missing[c.Name], mates[i], sits[i], odd[i])
		l.Doubled = slices.ContainsFunc(mates[i], func(m mateView) bool { return doubled[m.ID] })
		l.Temporary = slices.ContainsFunc(mates[i], func(m mateView) bool { return m.Temporary })
		v.Lines = append(v.Lines, l)
		if c.Flexible && !c.Suppressed && l.Missing == "" {
			v.Lines = append(v.Lines, t.inside(c.Name)...)
		}
	}
	v.Lines = append(append(v.Lines, t.copies()...), t.stacks()...)
	v.jointFindings(j)
}

// told is what lines are made from.
type told struct {
	j                    *app.Judged
	coordinates          map[string]map[string]float64
	units                words.Units
	lines                map[string]report.Line
	posted               map[string]report.LineMate
	planned, loose, idle map[string]int
}

// byLine gathers, for each component, the relations shown with it, what it sits on, and whether any of them is at odds.
func (t *told) byLine() (mates [][]mateView, sits [][]string, odd []bool) {
	asm := t.j.Asm
	n := len(asm.Components)
	mates, sits, odd = make([][]mateView, n), make([][]string, n), make([]bool, n)
	at := make(map[string]int, n)
	for i, c := range asm.Components {
		at[c.Name] = i
	}
	inOdds := map[string]bool{}
	for _, o := range t.j.Result.Odds {
		for _, id := range o.Mates {
			inOdds[id] = true
		}
	}
	for _, m := range asm.Mates {
		refs := refsOf(t.j, m)
		k := -1
		for _, ref := range refs {
			if n, ok := at[ref.Head()]; ok {
				k = max(k, n)
			}
		}
		if k < 0 {
			continue
		}
		for _, ref := range refs {
			h := ref.Head()
			n, there := at[h]
			if h == "" {
				h = "the assembly's origin"
			} else if !there || n == k {
				continue
			}
			if !slices.Contains(sits[k], h) {
				sits[k] = append(sits[k], h)
			}
		}
		mates[k] = append(mates[k], t.mate(m))
		odd[k] = odd[k] || inOdds[m.ID]
	}
	return mates, sits, odd
}

func (t *told) line(i int, c *assembly.Component, missing string, mates []mateView, sits []string, odd bool) lineView {
	p := t.j.Result.At(c.Name)
	l := lineView{Key: c.Name, Number: i + 1, Name: c.Name, Before: t.lines[c.Name].Before, After: p.Left, Slides: p.Slides, Turns: p.Turns,
		Grounded: c.Grounded, Suppressed: c.Suppressed, Odds: odd, Missing: missing, Mates: mates, Sub: c.Assembly != "", Flexible: c.Flexible}
	if id, isPart, err := app.KeyID(c.Assembly); c.Assembly != "" && err == nil && !isPart {
		l.Opens = fmt.Sprintf("/a/%d?in=%d", id, t.j.ID)
	}
	switch {
	case missing != "":
		l.Sits = "missing"
	case c.Suppressed:
		l.Sits = "suppressed"
	case c.Grounded:
		l.Before, l.After = 6, 0 // the ground took all six
		l.Sits = "grounded"
		if c.Pose == geom.Home {
			l.Sits = "grounded on the origin"
		}
	case len(sits) > 0:
		l.Sits = "on " + strings.Join(sits, ", ")
	default:
		l.Sits = "not related yet"
	}
	switch {
	case c.Flexible:
		l.Kind, l.Before = "subassembly that moves in itself", 6
		if c.Grounded {
			l.After = 0
		}
	case l.Sub:
		l.Kind = "subassembly"
	}
	t.class(&l)
	return l
}

// class gives a line its colour and the word beside its figures.
func (t *told) class(l *lineView) {
	idle := t.idle[l.Name]
	switch {
	case l.Missing != "":
		l.Class, l.Before, l.After = "at-odds", 0, 0
	case l.Suppressed:
		l.Class = "idle"
	case l.Odds:
		l.Class = "at-odds"
	default:
		l.Class = t.left(l.Name, l.After)
	}
	l.Word = classWords[l.Class]
	switch {
	case l.Missing != "":
		l.Word = "missing"
	case l.Suppressed || l.After == 0 || idle == 0:
	case l.Word == "":
		l.Word = "idle"
	case !l.Odds:
		l.Word += fmt.Sprintf(", %d idle", idle)
	}
}

// classWords are said beside the figures of a line.
var classWords = map[string]string{"at-odds": "at odds", "loose": "loose", "planned": "planned"}

// left is the class of a component by what is left of its freedoms.
func (t *told) left(name string, after int) string {
	switch {
	case after == 0:
		return "set"
	case t.loose[name] > 0:
		return "loose"
	case t.planned[name] > 0:
		return "planned"
	}
	return "idle"
}

// inside gives a line to each component that a flexible use brings along, but the one that stands for the use.
func (t *told) inside(use string) (out []lineView) {
	r := t.j.Result
	base := r.Body([]string{use})
	for _, l := range r.Lines {
		name, ok := strings.CutPrefix(l.Component, use+"/")
		if !ok || l.Component == base {
			continue
		}
		p := r.Components[l.Component]
		k := lineView{Key: l.Component, Name: name, Inner: true, Sits: "in " + use, Before: l.Before, After: p.Left, Slides: p.Slides, Turns: p.Turns, Class: t.left(l.Component, p.Left)}
		k.Word = classWords[k.Class]
		if k.Class == "idle" && t.idle[l.Component] > 0 {
			k.Word = "idle"
		}
		out = append(out, k)
	}
	return out
}
