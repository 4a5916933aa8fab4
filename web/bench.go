package web

import (
	"bytes"
	"compress/gzip"
	"encoding/json"
	"fmt"
	"io"
	"math"
	"net/http"
	"strconv"
	"strings"
	"time"
	"unicode/utf8"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/core/relation"
	"setfast/core/report"
	"setfast/store"
)

func (s *Server) bench(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	a, err := s.app.Store.Assembly(ctx, n)
	if err != nil {
		return err
	}
	p, err := s.app.Store.Project(ctx, a.ProjectID)
	if err != nil {
		return err
	}
	as, err := s.app.Store.Assemblies(ctx, a.ProjectID)
	if err != nil {
		return err
	}
	var others []store.Assembly
	for _, o := range as {
		if o.ID != n && !o.Off {
			others = append(others, o)
		}
	}
	parts, _, err := s.partViews(ctx, a.ProjectID)
	if err != nil {
		return err
	}
	return c.Render(http.StatusOK, "bench.html", map[string]any{"Title": a.Name + " · Bench", "Project": p, "Asm": a, "Others": others, "Parts": parts})
}

// Views of the account.
type (
	lineView struct {
		Number                           int
		Name, Sits, Class                string
		Before, After                    int
		Slides, Turns                    int
		Grounded, Suppressed, Odds, Free bool
		Idle                             int
		Mates                            []mateView
		Kind                             string
		Sub, Flexible                    bool   // a subassembly; one that moves in itself
		Inner                            bool   // a component that a flexible use brought along
		Missing                          string // why it is left out of the account
		Word                             string // beside the figures
	}
	mateView struct {
		ID, Type, Words     string
		Asked, Removed      int
		Value               string
		HasValue            bool
		Unit                string
		Sense               string
		Suppressed, LeftOut bool
		Joint               bool
		Of                  string
		Lo, Hi              string
		Miss                string
		Posted              bool
	}
	motionView struct {
		Index int
		Words string
		Class string
	}
	oddsView struct {
		Also     []string
		Index    int
		Mates    []string
		Misses   []string
		Remedies []string
	}
	accountView struct {
		R             *report.Result
		Verdict       string // with all below
		Below         string // the worst assembly below, if it fails
		Lines         []lineView
		Loose         []motionView
		Planned       []motionView
		Idle          []motionView
		Odds          []oddsView
		Groups        []report.DoubledGroup
		Blocked       []string
		Unplan        []string
		FastenersHeld bool
		Empty         bool
		Gaps          []app.Gap // but those of components of this assembly, which are told on their lines
		Moving        int
	}
)

func (s *Server) view(j *app.Judged) accountView {
	r := j.Result
	v := accountView{R: r, Verdict: string(j.Verdict()), Empty: len(j.Asm.Components) == 0, FastenersHeld: j.Doc.SettingsOf(j.Asm).FastenersHeld}
	missing := map[string]string{}
	for _, g := range j.Gaps {
		if g.Assembly == j.Doc.Root && g.Component != "" {
			missing[g.Component] = g.Why
		}
		if g.Assembly != j.Doc.Root {
			if a := j.Doc.Assemblies[g.Assembly]; a != nil {
				g.Why += ", in " + a.Name
			}
		}
		v.Gaps = append(v.Gaps, g)
	}
	if r.Verdict != j.Report.Verdict {
		for _, k := range j.Doc.Order[1:] {
			if b := j.Report.Assemblies[k]; b != nil && b.Verdict == j.Report.Verdict {
				v.Below = j.Doc.Assemblies[k].Name
			}
		}
	}
	inOdds := map[string]bool{}
	for i, o := range r.Odds {
		ov := oddsView{Index: i, Mates: o.Mates}
		for _, m := range o.Misses {
			ov.Misses = append(ov.Misses, m.ID+" misses by "+words.Miss(m.MM, m.Deg))
		}
		for _, also := range o.Also {
			ov.Also = append(ov.Also, strings.Join(also, " with "))
		}
		for _, y := range o.Remedies {
			ov.Remedies = append(ov.Remedies, words.Remedy(y))
		}
		v.Odds = append(v.Odds, ov)
		for _, id := range o.Mates {
			inOdds[id] = true
		}
	}
	idle := map[string]int{}
	freeTold := map[string]bool{}
	for i, m := range r.Motions {
		mv := motionView{i, words.Motion(m), string(m.Class)}
		if len(m.Rides) == 1 && r.Components[m.Rides[0]].Left == 6 && m.Class == "loose" { // one line for a part nobody has related yet
			if freeTold[m.Rides[0]] {
				continue
			}
			freeTold[m.Rides[0]] = true
			mv = motionView{-1, m.Rides[0] + " is not related yet: six freedoms", string(m.Class)}
		}
		switch m.Class {
		case "planned":
			v.Planned = append(v.Planned, mv)
		case "idle":
			v.Idle = append(v.Idle, mv)
			for _, c := range m.Rides {
				idle[c]++
			}
		default:
			v.Loose = append(v.Loose, mv)
		}
	}
	lines := map[string]report.Line{}
	for _, l := range r.Lines {
		lines[l.Component] = l
	}
	planned := map[string]bool{}
	for _, m := range r.Motions {
		if m.Class == "planned" {
			for _, c := range m.Rides {
				planned[c] = true
			}
		}
	}
	loose := map[string]bool{}
	for _, m := range r.Motions {
		if m.Class == "loose" || m.Class == "shaky" {
			for _, c := range m.Rides {
				loose[c] = true
			}
		}
	}
	// every relation is shown with the line it is or would be posted with
	at := map[string]int{}
	for i, c := range j.Asm.Components {
		at[c.Name] = i
	}
	byLine := make([][]mateView, len(j.Asm.Components))
	sits := make([][]string, len(j.Asm.Components))
	oddLine := map[int]bool{}
	for _, m := range j.Asm.Mates {
		mv := s.mateView(j, m.ID)
		k := -1
		for _, ref := range refsOf(j, m) {
			if n, ok := at[ref.Head()]; ok && n > k {
				k = n
			}
		}
		if k < 0 {
			continue
		}
		for _, ref := range refsOf(j, m) {
			h := ref.Head()
			if n, ok := at[h]; ok && n != k || h == "" {
				if h == "" {
					h = "the assembly's origin"
				}
				dup := false
				for _, x := range sits[k] {
					dup = dup || x == h
				}
				if !dup {
					sits[k] = append(sits[k], h)
				}
			}
		}
		byLine[k] = append(byLine[k], mv)
		if inOdds[m.ID] {
			oddLine[k] = true
		}
	}
	for i, c := range j.Asm.Components {
		l := lines[c.Name]
		p := r.At(c.Name)
		lv := lineView{Number: i + 1, Name: c.Name, Before: l.Before, After: p.Left, Slides: p.Slides, Turns: p.Turns,
			Grounded: c.Grounded, Suppressed: c.Suppressed, Mates: byLine[i], Odds: oddLine[i], Idle: idle[c.Name]}
		lv.Missing = missing[c.Name]
		switch {
		case lv.Missing != "":
			lv.Sits = "missing"
		case c.Suppressed:
			lv.Sits = "suppressed"
		case c.Grounded:
			lv.Before, lv.After = 6, 0 // the ground took all six
			lv.Sits = "grounded"
			if c.Pose.O.Norm() < 1e-12 && c.Pose.Q.W > 1-1e-12 {
				lv.Sits = "grounded on the origin"
			}
		case len(sits[i]) > 0:
			lv.Sits = "on " + strings.Join(sits[i], ", ")
		default:
			lv.Sits = "not related yet"
			lv.Free = true
		}
		switch {
		case lv.Missing != "":
			lv.Class, lv.Before, lv.After = "at-odds", 0, 0
		case c.Suppressed:
			lv.Class = "idle"
		case lv.Odds:
			lv.Class = "at-odds"
		case lv.After == 0:
			lv.Class = "set"
		case loose[c.Name]:
			lv.Class = "loose"
		case planned[c.Name]:
			lv.Class = "planned"
			v.Moving++
		default:
			lv.Class = "idle"
		}
		lv.Word = map[string]string{"at-odds": "at odds", "loose": "loose", "planned": "planned"}[lv.Class]
		if lv.Missing != "" {
			lv.Word = "missing"
		}
		switch {
		case c.Suppressed || lv.After == 0:
		case lv.Idle > 0 && lv.Word == "":
			lv.Word = "idle"
		case lv.Idle > 0 && !lv.Odds:
			lv.Word += fmt.Sprintf(", %d idle", lv.Idle)
		}
		if c.Assembly != "" {
			lv.Kind, lv.Sub = "subassembly", true
		}
		if c.Flexible {
			lv.Kind, lv.Flexible = "subassembly that moves in itself", true
			lv.Before = 6
			if c.Grounded {
				lv.After = 0
			}
		}
		v.Lines = append(v.Lines, lv)
		if c.Flexible && !c.Suppressed && lv.Missing == "" {
			v.Lines = append(v.Lines, s.partsOf(r, c.Name, loose, planned, idle)...)
		}
	}
	v.Groups = r.Groups
	for _, b := range r.BlockedBy {
		v.Blocked = append(v.Blocked, words.Blocked(b.Planned))
	}
	for _, p := range j.Asm.Planned {
		v.Unplan = append(v.Unplan, words.Planned(p))
	}
	return v
}

// partsOf gives a line to each component that a flexible use brings along, but the one that stands for the use.
func (s *Server) partsOf(r *report.Result, use string, loose, planned map[string]bool, idle map[string]int) (out []lineView) {
	base := r.Body([]string{use})
	for _, l := range r.Lines {
		name, ok := strings.CutPrefix(l.Component, use+"/")
		if !ok || l.Component == base {
			continue
		}
		p := r.Components[l.Component]
		lv := lineView{Name: name, Inner: true, Sits: "in " + use, Before: l.Before, After: p.Left, Slides: p.Slides, Turns: p.Turns, Class: "idle"}
		switch {
		case lv.After == 0:
			lv.Class = "set"
		case loose[l.Component]:
			lv.Class, lv.Word = "loose", "loose"
		case planned[l.Component]:
			lv.Class, lv.Word = "planned", "planned"
		case idle[l.Component] > 0:
			lv.Word = "idle"
		}
		out = append(out, lv)
	}
	return out
}

// refsOf lists the features a relation stands on; a coupling stands on those of its joints.
func refsOf(j *app.Judged, m *assembly.Mate) []assembly.Ref {
	if !m.IsCoupling() {
		return m.Refs()
	}
	var out []assembly.Ref
	for _, id := range []string{m.JointA, m.JointB} {
		if k := j.Asm.Mate(id); k != nil {
			out = append(out, k.Refs()...)
		}
	}
	return out
}

func (s *Server) mateView(j *app.Judged, id string) mateView {
	m := j.Asm.Mate(id)
	note := j.Result.Mates[id]
	mv := mateView{ID: id, Type: m.Type, Suppressed: m.Suppressed, LeftOut: note.LeftOut, Sense: note.Sense, Joint: relation.IsJoint(m.Type),
		Words: words.Ref(j.Doc, j.Asm, m.B) + " — " + words.Ref(j.Doc, j.Asm, m.A)}
	if m.IsCoupling() {
		mv.Words = m.Type + ": " + m.JointA + " drives " + m.JointB
	}
	for _, l := range j.Result.Lines {
		for _, x := range l.Mates {
			if x.ID == id {
				mv.Asked, mv.Removed, mv.Posted = x.Asked, x.Removed, true
			}
		}
	}
	t := m.Descriptor()
	if v, given := m.Num(t.Main); t.Main != "" && (given || t.Name == "rim") {
		mv.HasValue, mv.Value, mv.Unit = true, part.Number(v), t.Unit()
		if w := m.Text(t.Main); w != "" {
			mv.Value = w
		}
		if t.Main == "gap" {
			mv.Unit += " gap"
		}
	}
	if of := t.Leading(); of != nil && len(t.Coordinates) < 3 && t.Name != "universal" {
		mv.Of, mv.Unit = of.Name, of.Unit()
		l, _ := m.Limits(of.Name)
		mv.Lo, mv.Hi = limitText(m, of.Name, 0, l.Lo), limitText(m, of.Name, 1, l.Hi)
	}
	if note.LeftOut {
		mv.Miss = words.Miss(note.Miss.MM, note.Miss.Deg)
	}
	return mv
}

// limitText shows a limit as it was written.
func limitText(m *assembly.Mate, of string, end int, x *float64) string {
	if t := m.Text(relation.LimitField(of, end)); t != "" && x != nil {
		return t
	}
	if x == nil {
		return ""
	}
	return part.Number(*x)
}

// The Bench's state as the stage needs it.
type (
	componentJSON struct {
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
	}
	mateJSON struct {
		ID     string   `json:"id"`
		Type   string   `json:"type"`
		Refs   []string `json:"refs"`
		Bodies []string `json:"bodies"`
	}
	stateJSON struct {
		Seq        int64                 `json:"seq"`
		Components []componentJSON       `json:"components"`
		Mates      []mateJSON            `json:"mates"`
		Motions    []report.Motion       `json:"motions"`
		Odds       []report.Odds         `json:"odds"`
		Groups     []report.DoubledGroup `json:"groups"`
		Verdict    string                `json:"verdict"`
		Undo       string                `json:"undo"`
		Redo       string                `json:"redo"`
		Account    string                `json:"account"` // the ledger as HTML
		Balance    string                `json:"balance"`
		Said       string                `json:"said,omitempty"`
		Note       string                `json:"note,omitempty"`
	}
)

// answer tells of a line that was added. It is there, so that whatever goes wrong from here on is no error: then the page is told
// to ask for the state again.
func (s *Server) answer(c *echo.Context, p *app.Posted, said string) error {
	if p.Judged != nil {
		out, err := s.stateSafely(p.Judged, said)
		if err == nil {
			return c.JSON(http.StatusOK, out)
		}
		s.log.Error("a new state could not be shown at once", "path", c.Request().URL.Path, "error", err)
	}
	return c.JSON(http.StatusOK, map[string]any{"seq": p.Seq, "said": said, "later": true})
}

func (s *Server) stateSafely(j *app.Judged, said string) (out *stateJSON, err error) {
	defer func() {
		if r := recover(); r != nil {
			err = fmt.Errorf("panic: %v", r)
		}
	}()
	return s.stateOf(j, said)
}

func (s *Server) stateOf(j *app.Judged, said string) (*stateJSON, error) {
	v := s.view(j)
	out := &stateJSON{Seq: j.Seq, Motions: j.Result.Motions, Odds: j.Result.Odds, Groups: j.Result.Groups, Verdict: string(j.Verdict()), Said: said,
		Undo: j.Undo.Said, Redo: j.Redo.Said, Components: []componentJSON{}, Mates: []mateJSON{}}
	missing := map[string]bool{}
	for _, l := range v.Lines {
		missing[l.Name] = l.Missing != ""
	}
	hidden := func(k *assembly.Component) bool { return k.Suppressed || missing[k.Name] }
	drawn, more := j.Drawn(func(k *assembly.Component) bool { return !hidden(k) })
	for i, k := range j.Asm.Components {
		p := j.Result.At(k.Name)
		cj := componentJSON{Name: k.Name, Part: k.Part, Assembly: k.Assembly, Pose: p.Pose, Grounded: k.Grounded, Hidden: hidden(k), Left: p.Left, Slides: p.Slides, Turns: p.Turns, Shapes: drawn[i]}
		if k.Flexible && !hidden(k) {
			if b := j.Doc.Assemblies[k.Assembly].Base(); b != nil {
				cj.Base = b.Name
			}
		}
		out.Components = append(out.Components, cj)
	}
	for _, m := range j.Asm.Mates {
		mj := mateJSON{ID: m.ID, Type: m.Type}
		for _, r := range refsOf(j, m) {
			mj.Refs = append(mj.Refs, r.String())
			mj.Bodies = append(mj.Bodies, r.Head())
		}
		out.Mates = append(out.Mates, mj)
	}
	if more {
		out.Note = fmt.Sprintf("There is more here than can be drawn; the first %d parts are shown.", app.MostDrawn)
	}
	var err error
	if out.Account, err = s.fragment("account", v); err != nil {
		return nil, err
	}
	out.Balance, err = s.fragment("balance", v)
	return out, err
}

func (s *Server) fragment(name string, data any) (string, error) {
	var b bytes.Buffer
	err := s.tpl.ExecuteTemplate(&b, name, data)
	return b.String(), err
}

// state answers with everything the Bench shows, or with nothing where it shows that already.
func (s *Server) state(c *echo.Context, n int64) error {
	if since, err := strconv.ParseInt(c.QueryParam("since"), 10, 64); err == nil {
		a, err := s.app.Store.Assembly(c.Request().Context(), n)
		if err != nil {
			return err
		}
		if a.Seq == since {
			return c.NoContent(http.StatusNoContent)
		}
	}
	j, err := s.app.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	w, err := s.written(j)
	if err != nil {
		return err
	}
	h := c.Response().Header()
	h.Add("Vary", "Accept-Encoding")
	if strings.Contains(c.Request().Header.Get("Accept-Encoding"), "gzip") {
		h.Set("Content-Encoding", "gzip")
		return c.Blob(http.StatusOK, "application/json", w.packed)
	}
	return c.Blob(http.StatusOK, "application/json", w.data)
}

// mostShown bounds how many states are kept written out.
const mostShown = 50

// written is a state as it is sent, written out and packed once for all who ask for it.
func (s *Server) written(j *app.Judged) (w shown, err error) {
	s.mu.Lock()
	w, ok := s.states[j.ID]
	s.mu.Unlock()
	if ok && w.of == j {
		return w, nil
	}
	w = shown{of: j}
	out, err := s.stateOf(j, "")
	if err != nil {
		return w, err
	}
	if w.data, err = json.Marshal(out); err != nil {
		return w, err
	}
	var b bytes.Buffer
	z := gzip.NewWriter(&b)
	_, _ = z.Write(w.data) // a buffer takes all
	_ = z.Close()
	w.packed = b.Bytes()
	s.mu.Lock()
	defer s.mu.Unlock()
	if len(s.states) >= mostShown {
		clear(s.states)
	}
	s.states[j.ID] = w
	return w, nil
}

// logLines gives lines of the log, the latest first: those before a line, so many at most.
func (s *Server) logLines(c *echo.Context, n int64) error {
	before, most := int64(math.MaxInt64), 100
	if v := c.QueryParam("before"); v != "" {
		k, err := strconv.ParseInt(v, 10, 64)
		if err != nil {
			return refuse("before is the number of a line")
		}
		before = k
	}
	if _, err := s.app.Store.Assembly(c.Request().Context(), n); err != nil {
		return err
	}
	list, err := s.app.Store.Log(c.Request().Context(), n, before, most)
	if err != nil {
		return err
	}
	type lineJSON struct {
		Seq    int64     `json:"seq"`
		Kind   string    `json:"kind"`
		Target int64     `json:"target,omitempty"`
		At     time.Time `json:"at"`
		Who    string    `json:"who"`
		Said   string    `json:"said"`
	}
	out := []lineJSON{}
	for _, e := range list {
		out = append(out, lineJSON(e))
	}
	return c.JSON(http.StatusOK, out)
}

// who is the name written beside an edit until there are accounts of people.
const who = "designer"

// mostAsked is how long a request's body may be.
const mostAsked = 4 << 20

// body reads a request's body.
func body(c *echo.Context) ([]byte, error) {
	data, err := io.ReadAll(http.MaxBytesReader(c.Response(), c.Request().Body, mostAsked))
	if err != nil {
		return nil, refuse("this request is too large, or the transfer broke off")
	}
	if !utf8.Valid(data) {
		return nil, refuse("this request is not written in UTF-8")
	}
	return data, nil
}

func decode(c *echo.Context, v any) error {
	data, err := body(c)
	if err != nil {
		return err
	}
	d := json.NewDecoder(bytes.NewReader(data))
	d.DisallowUnknownFields()
	if err := d.Decode(v); err != nil {
		return refuse("this request cannot be read")
	}
	if _, err := d.Token(); err != io.EOF {
		return refuse("this request cannot be read: something follows its end")
	}
	return nil
}

// command reads a command.
func command(c *echo.Context) (commands.Meant, error) {
	data, err := body(c)
	if err != nil {
		return commands.Meant{}, err
	}
	return commands.Decode(data)
}

func (s *Server) do(c *echo.Context, n int64) error {
	m, err := command(c)
	if err != nil {
		return err
	}
	p, err := s.app.Do(c.Request().Context(), n, who, m)
	if err != nil {
		return err
	}
	return s.answer(c, p, "")
}

func (s *Server) undo(c *echo.Context, n int64) error { return s.back(c, n, true) }
func (s *Server) redo(c *echo.Context, n int64) error { return s.back(c, n, false) }

func (s *Server) back(c *echo.Context, n int64, undo bool) error {
	var in struct {
		Base  int64  `json:"base"`
		Token string `json:"token"`
	}
	if err := decode(c, &in); err != nil {
		return err
	}
	f, word := s.app.Redo, "Done again: "
	if undo {
		f, word = s.app.Undo, "Taken back: "
	}
	p, err := f(c.Request().Context(), n, in.Base, who, in.Token)
	if err != nil {
		return err
	}
	return s.answer(c, p, word+p.Said)
}

func (s *Server) offers(c *echo.Context, n int64) error {
	var in struct{ Put, On, Sense string }
	if err := decode(c, &in); err != nil {
		return err
	}
	out, err := s.app.Offers(c.Request().Context(), n, in.Put, in.On, in.Sense)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, out)
}

func (s *Server) try(c *echo.Context, n int64) error {
	m, err := command(c)
	if err != nil {
		return err
	}
	r, ok := m.Command.(commands.Relate)
	if !ok {
		return refuse("only a relation can be tried")
	}
	o, err := s.app.Try(c.Request().Context(), n, r)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, o)
}

// swing gives the poses of a motion from end to end, for showing it.
func (s *Server) swing(c *echo.Context, n int64) error {
	k, err := strconv.Atoi(c.Param("k"))
	if err != nil {
		return store.ErrNotFound
	}
	names, poses, err := s.app.Swing(c.Request().Context(), n, k)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, map[string]any{"names": names, "poses": poses})
}

// bare gives the document that the core in the browser opens.
func (s *Server) bare(c *echo.Context, n int64) error {
	data, err := s.app.Bare(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.Blob(http.StatusOK, "application/json", data)
}

func (s *Server) export(c *echo.Context, n int64) error {
	ctx := c.Request().Context()
	a, err := s.app.Store.Assembly(ctx, n)
	if err != nil {
		return err
	}
	data, err := s.app.Export(ctx, n)
	if err != nil {
		return err
	}
	name := strings.Map(func(r rune) rune {
		if r == ' ' || r == '-' || r == '_' || r >= '0' && r <= '9' || r >= 'a' && r <= 'z' || r >= 'A' && r <= 'Z' {
			return r
		}
		return '-'
	}, a.Name)
	c.Response().Header().Set("Content-Disposition", fmt.Sprintf(`attachment; filename="%s.setfast.json"`, name))
	return c.Blob(http.StatusOK, "application/json", data)
}
