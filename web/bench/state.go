package bench

import (
	"bytes"
	"compress/gzip"
	"context"
	"encoding/json"
	"fmt"
	"net/http"
	"reflect"
	"strconv"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/report"
)

// stateJSON is what the page needs to show an assembly. One that builds on another (base) carries only what differs: of components,
// lines and relations those that changed or came, of the rest what changed; the orders name all there are.
type stateJSON struct {
	Seq        int64                      `json:"seq"`
	Base       *int64                     `json:"base,omitempty"`
	Order      []string                   `json:"order"` // components
	Components map[string]json.RawMessage `json:"components"`
	LineOrder  []string                   `json:"line_order"`
	Lines      map[string]string          `json:"lines"` // of the account, as HTML
	Mates      map[string][]string        `json:"mates"` // the components a relation is between, by id
	Gone       []string                   `json:"gone,omitempty"`
	Motions    json.RawMessage            `json:"motions,omitempty"`
	Findings   *string                    `json:"findings,omitempty"` // as HTML
	Balance    string                     `json:"balance"`
	Joints     []jointJSON                `json:"joints"` // those in force
	Settings   settingsJSON               `json:"settings"`
	Groups     []groupJSON                `json:"groups"` // of the list
	Variants   []variantJSON              `json:"variants"`
	Views      []viewJSON                 `json:"views"`
	Runs       []runKept                  `json:"runs"`
	Verdict    string                     `json:"verdict"`
	Undo       string                     `json:"undo"`
	Redo       string                     `json:"redo"`
	Said       string                     `json:"said,omitempty"`
	Note       string                     `json:"note,omitempty"`
}

// componentJSON is a component as the stage draws it.
type componentJSON struct {
	Name     string      `json:"name"`
	Part     string      `json:"part,omitempty"`
	Assembly string      `json:"assembly,omitempty"`
	Pose     geom.Pose   `json:"pose"`
	Base     string      `json:"base,omitempty"` // of a flexible use: the grounded component it is known by
	Grounded bool        `json:"grounded"`
	Hidden   bool        `json:"suppressed"`
	Left     int         `json:"left"`
	Slides   int         `json:"slides"`
	Turns    int         `json:"turns"`
	Shapes   []app.Shape `json:"shapes"`
	Way      *[3]float64 `json:"way,omitempty"` // drawn back this way it clears what it sits on
	On       []string    `json:"on,omitempty"`
	Rides    string      `json:"rides,omitempty"` // of what a stack placed: the component that it moves with
	Round    *roundJSON  `json:"round,omitempty"` // a plain round part, which shows no turning
}

// roundJSON is the axis of a round part, in its own frame.
type roundJSON struct {
	Origin    [3]float64 `json:"origin"`
	Direction [3]float64 `json:"direction"`
}

// roundOf tells whether a component is a plain round part.
func roundOf(j *app.Judged, k *assembly.Component) *roundJSON {
	p := j.Doc.Parts[k.Part]
	if p == nil {
		return nil
	}
	for _, a := range p.RoundAxes() {
		return &roundJSON{a[0].Array(), a[1].Array()}
	}
	return nil
}

// jointJSON is a joint with its coordinates.
type jointJSON struct {
	ID string           `json:"id"`
	Of []coordinateJSON `json:"of"`
}

// coordinateJSON is a coordinate of a joint where it stands, in mm or degrees.
type coordinateJSON struct {
	Name    string      `json:"name"`
	Angular bool        `json:"angular"`
	At      float64     `json:"at"`
	Bounds  *boundsJSON `json:"bounds,omitempty"`
}

// boundsJSON is how far a coordinate goes, and the one way that it goes, if any.
type boundsJSON struct {
	Lo  *float64 `json:"lo"`
	Hi  *float64 `json:"hi"`
	Way string   `json:"way,omitempty"`
}

func bound(m *assembly.Mate, of string) *boundsJSON {
	r, ok := m.Limits(of)
	way := m.Word(relation.WayField(of))
	if !ok && way == "" {
		return nil
	}
	return &boundsJSON{r.Lo, r.Hi, way}
}

// settingsJSON is what an assembly counts by.
type settingsJSON struct {
	ToleranceMM   float64     `json:"tolerance_mm"`
	ToleranceDeg  float64     `json:"tolerance_deg"`
	FastenersHeld bool        `json:"fasteners_held"`
	Values        []valueJSON `json:"values"`
}

// valueJSON is a named value as written, and what it comes to.
type valueJSON struct {
	Name string `json:"name"`
	Text string `json:"text"`
	Is   string `json:"is"`
}

// settings are those of an assembly.
func settings(j *app.Judged) settingsJSON {
	s := j.Doc.SettingsOf(j.Asm)
	out := settingsJSON{ToleranceMM: s.ToleranceMM, ToleranceDeg: s.ToleranceDeg, FastenersHeld: s.FastenersHeld, Values: []valueJSON{}}
	worked := format.Worked(j.Asm.Values)
	for _, v := range j.Asm.Values {
		out.Values = append(out.Values, valueJSON{v.Name, v.Text, worked[v.Name]})
	}
	return out
}

// joints lists the joints of an assembly that have coordinates.
func joints(j *app.Judged, at map[string]map[string]float64) []jointJSON {
	out := []jointJSON{}
	for _, m := range j.Asm.Mates {
		k := jointJSON{ID: m.ID}
		for _, c := range m.Descriptor().Coordinates {
			if x, ok := at[m.ID][c.Name]; ok {
				k.Of = append(k.Of, coordinateJSON{c.Name, c.Angular, x, bound(m, c.Name)})
			}
		}
		if len(k.Of) > 0 {
			out = append(out, k)
		}
	}
	return out
}

// shown is a state written out.
type shown struct {
	of           *app.Judged
	unit         words.Units
	state        *stateJSON
	lines        map[string]lineView // as they were written out
	data, packed []byte              // the whole, once it was asked for
}

// line is a line as it was written out, if it was.
func (s *shown) line(key string) (lineView, bool) {
	if s == nil {
		return lineView{}, false
	}
	l, ok := s.lines[key]
	return l, ok
}

// write writes a state out. Lines that are as they were, where the assembly was shown before, are not written anew.
func (b *Bench) write(s, was *shown) (*stateJSON, error) {
	j, u := s.of, s.unit
	v := view(j, u)
	out := &stateJSON{Seq: j.Seq, Verdict: string(j.Verdict()), Undo: j.Undo.Said, Redo: j.Redo.Said, Order: []string{}, LineOrder: []string{},
		Components: map[string]json.RawMessage{}, Lines: map[string]string{}, Mates: map[string][]string{}, Joints: joints(j, v.coordinates), Settings: settings(j), Groups: groups(j.Asm), Variants: variants(j.Asm), Views: views(j.Asm), Runs: runs(j.Asm)}
	hidden := func(k *assembly.Component) bool { return k.Suppressed || v.missing[k.Name] != "" }
	ways := j.WaysIn(context.Background())
	known := map[string]*roundJSON{}
	round := func(j *app.Judged, k *assembly.Component) *roundJSON { // once for each part, however often it is used
		r, ok := known[k.Part]
		if !ok {
			r = roundOf(j, k)
			known[k.Part] = r
		}
		return r
	}
	drawn, more := j.Drawn(func(k *assembly.Component) bool { return !hidden(k) })
	for i, k := range j.Asm.Components {
		p := j.Result.At(k.Name)
		cj := componentJSON{Name: k.Name, Part: k.Part, Assembly: k.Assembly, Pose: p.Pose, Grounded: k.Grounded, Hidden: hidden(k), Left: p.Left, Slides: p.Slides, Turns: p.Turns, Shapes: drawn[i]}
		if w, ok := ways[k.Name]; ok {
			d := w.Dir.Array()
			cj.Way, cj.On = &d, w.On
		}
		cj.Round = round(j, k)
		cj.Rides = rides(j.Asm, k)
		if k.Flexible && !hidden(k) {
			if base := j.Doc.Assemblies[k.Assembly].Base(); base != nil {
				cj.Base = base.Name
			}
		}
		raw, err := json.Marshal(cj)
		if err != nil {
			return nil, err
		}
		out.Order = append(out.Order, k.Name)
		out.Components[k.Name] = raw
	}
	for _, m := range j.Asm.Mates {
		bodies := []string{}
		for _, r := range refsOf(j, m) {
			bodies = append(bodies, r.Head())
		}
		out.Mates[m.ID] = bodies
	}
	motions := j.Result.Motions
	if motions == nil {
		motions = []report.Motion{}
	}
	var err error
	if out.Motions, err = json.Marshal(motions); err != nil {
		return nil, err
	}
	if more {
		out.Note = fmt.Sprintf("There is more here than can be drawn; the first %d parts are shown.", app.MostDrawn)
	}
	for _, l := range v.Lines {
		if old, ok := was.line(l.Key); ok && reflect.DeepEqual(old, l) {
			out.Lines[l.Key] = was.state.Lines[l.Key]
		} else {
			html, err := b.Write("line", l)
			if err != nil {
				return nil, err
			}
			out.Lines[l.Key] = squeezed(html)
		}
		s.lines[l.Key] = l
		out.LineOrder = append(out.LineOrder, l.Key)
	}
	findings, err := b.Write("findings", v)
	if err != nil {
		return nil, err
	}
	out.Findings = &findings
	out.Balance, err = b.Write("balance", v)
	return out, err
}

// since is what a state has that another has not.
func (s *stateJSON) since(was *stateJSON) *stateJSON {
	d := *s
	d.Base = &was.Seq
	d.Components, d.Lines, d.Mates = map[string]json.RawMessage{}, map[string]string{}, map[string][]string{}
	for name, raw := range s.Components {
		if !bytes.Equal(raw, was.Components[name]) {
			d.Components[name] = raw
		}
	}
	for key, html := range s.Lines {
		if html != was.Lines[key] {
			d.Lines[key] = html
		}
	}
	for id, bodies := range s.Mates {
		if old, ok := was.Mates[id]; !ok || strings.Join(old, "/") != strings.Join(bodies, "/") {
			d.Mates[id] = bodies
		}
	}
	for id := range was.Mates {
		if _, ok := s.Mates[id]; !ok {
			d.Gone = append(d.Gone, id)
		}
	}
	if bytes.Equal(s.Motions, was.Motions) {
		d.Motions = nil
	}
	if *s.Findings == *was.Findings {
		d.Findings = nil
	}
	return &d
}

// mostShown bounds how many states are kept written out.
const mostShown = 50

// units are those of the project that an assembly is in.
func (b *Bench) units(ctx context.Context, asm int64) (words.Units, error) {
	name, err := b.App.Store.UnitOf(ctx, asm)
	return words.Units(name), err
}

// shownOf is a state written out once for all who ask for it, and the one of the same assembly that was shown before.
func (b *Bench) shownOf(ctx context.Context, j *app.Judged) (now, was *shown, err error) {
	u, err := b.units(ctx, j.ID)
	if err != nil {
		return nil, nil, err
	}
	b.mu.Lock()
	was = b.states[j.ID]
	b.mu.Unlock()
	if was != nil && was.of == j && was.unit == u {
		return was, nil, nil
	}
	now = &shown{of: j, unit: u, lines: map[string]lineView{}}
	if now.state, err = b.write(now, was); err != nil {
		return nil, nil, err
	}
	b.mu.Lock()
	defer b.mu.Unlock()
	if len(b.states) >= mostShown {
		clear(b.states)
	}
	b.states[j.ID] = now
	return now, was, nil
}

// now is how an assembly stands, written out.
func (b *Bench) now(ctx context.Context, n int64) (*shown, error) {
	j, err := b.App.Judge(ctx, n)
	if err != nil {
		return nil, err
	}
	s, _, err := b.shownOf(ctx, j)
	return s, err
}

// answer tells of a line that was added. It is there, so that whatever goes wrong from here on is no error: then the page is told
// to ask for the state again. A page that shows the state before gets what differs.
func (b *Bench) answer(c *echo.Context, p *app.Posted, base int64, said string) error {
	if p.Judged != nil {
		out, err := b.stateSafely(c.Request().Context(), p.Judged, base, said)
		if err == nil {
			return c.JSON(http.StatusOK, out)
		}
		b.Log.Error("a new state could not be shown at once", "path", c.Request().URL.Path, "error", err)
	}
	return c.JSON(http.StatusOK, map[string]any{"seq": p.Seq, "said": said, "later": true})
}

func (b *Bench) stateSafely(ctx context.Context, j *app.Judged, base int64, said string) (out *stateJSON, err error) {
	defer func() {
		if r := recover(); r != nil {
			err = fmt.Errorf("panic: %v", r)
		}
	}()
	now, was, err := b.shownOf(ctx, j)
	if err != nil {
		return nil, err
	}
	whole := *now.state
	out = &whole
	if was != nil && was.state.Seq == base {
		out = now.state.since(was.state)
	}
	out.Said = said
	return out, nil
}

// state answers with everything the Bench shows, or with nothing where it shows that already.
func (b *Bench) state(c *echo.Context, n int64) error {
	if since, err := strconv.ParseInt(c.QueryParam("since"), 10, 64); err == nil {
		a, err := b.App.Store.Assembly(c.Request().Context(), n)
		if err != nil {
			return err
		}
		if a.Seq == since {
			return c.NoContent(http.StatusNoContent)
		}
	}
	s, err := b.now(c.Request().Context(), n)
	if err != nil {
		return err
	}
	data, packed, err := b.packed(s)
	if err != nil {
		return err
	}
	h := c.Response().Header()
	h.Add("Vary", "Accept-Encoding")
	if strings.Contains(c.Request().Header.Get("Accept-Encoding"), "gzip") {
		h.Set("Content-Encoding", "gzip")
		return c.Blob(http.StatusOK, "application/json", packed)
	}
	return c.Blob(http.StatusOK, "application/json", data)
}

// packed is a state as bytes, plain and packed.
func (b *Bench) packed(s *shown) (data, packed []byte, err error) {
	b.mu.Lock()
	data, packed = s.data, s.packed
	b.mu.Unlock()
	if data != nil {
		return data, packed, nil
	}
	if data, err = json.Marshal(s.state); err != nil {
		return nil, nil, err
	}
	var z bytes.Buffer
	w := gzip.NewWriter(&z)
	_, _ = w.Write(data) // a buffer takes all
	_ = w.Close()
	b.mu.Lock()
	defer b.mu.Unlock()
	s.data, s.packed = data, z.Bytes()
	return s.data, s.packed, nil
}
