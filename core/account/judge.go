package account

import (
	"errors"
	"math"
	"sync"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/solve"
)

// judge solves the assembly and takes its account.
func (m *model) judge(sw *stopwatch, show func(settled, *nullspace)) (*Result, error) {
	res := &Result{
		Components: make(map[string]Placed, len(m.comps)), Measures: map[string]any{}, Drives: map[string]*DriveRun{},
		Lines: []Line{}, Motions: []Motion{}, Groups: []DoubledGroup{}, Odds: []Odds{}, BlockedBy: []BlockedEntry{},
		Mates: make(map[string]MateNote, len(m.sys.Rels)), one: &sync.Mutex{},
	}
	st := m.settle()
	m.toLimits(&st)
	if m.stopped() {
		return nil, errStopped
	}
	m.sys.Track(st.poses)
	sw.to(&sw.t.Solve)
	res.Odds = append(res.Odds, st.odds...)
	n, removed := m.post(st, res)
	if m.stopped() {
		return nil, errStopped
	}
	m.blocks = m.split(st.rels, removed)
	m.classify(n, st, res)
	res.Groups = append(res.Groups, m.doubled(st)...)
	if m.stopped() {
		return nil, errStopped
	}
	m.notes(st, res)
	show(st, n)
	res.Verdict = verdict(res)
	sw.to(&sw.t.Account)
	if err := m.measures(st, res); err != nil {
		return nil, err
	}
	sw.to(&sw.t.Measures)
	if err := m.drives(st, res); err != nil {
		return nil, err
	}
	sw.to(&sw.t.Drives)
	return res, nil
}

// errStopped is what a judge says when it was called off; the check gives the context's own reason in its place.
var errStopped = errors.New("stopped")

func verdict(r *Result) string {
	v := Set
	if r.Planned > 0 {
		v = Moves
	}
	if r.Loose > 0 {
		v = Worse(v, Loose)
	}
	if len(r.BlockedBy) > 0 {
		v = Worse(v, Blocked)
	}
	if len(r.Odds) > 0 {
		v = Worse(v, AtOdds)
	}
	return v
}

// post takes the relations into account line by line.
func (m *model) post(st settled, res *Result) (n *nullspace, removed []int) {
	removed = make([]int, len(m.sys.Rels))
	n = newNullspace(m.sys, st.poses, st.rels)
	byLine := m.byLine(st.rels)
	posted := make([]LineMate, 0, len(st.rels)) // all lines' entries, one after another
	m.misses = make([]solve.Miss, len(m.sys.Rels))
	m.missed = make([]bool, len(m.sys.Rels))
	res.Lines = make([]Line, 0, len(m.comps))
	for b, c := range m.comps {
		if m.stopped() {
			return n, removed
		}
		ln := Line{Component: c.Name}
		first := len(posted)
		fixed := m.sys.Bodies[b].Fixed
		if !fixed {
			n.open(b)
			ln.Before = 6
			res.Opening += 6
		}
		list := byLine[b+1]
		if b == 0 { // relations among the assembly's own features belong to the first line
			list = append(append([]int(nil), byLine[0]...), list...)
		}
		for _, i := range list {
			k := n.post(m.sys.Rels[i])
			removed[i] = k
			m.misses[i], m.missed[i] = n.miss()
			posted = append(posted, LineMate{m.mate[i].ID, m.asked[i], k})
			res.Asked += m.asked[i]
			res.Removed += k
		}
		ln.Mates = posted[first:len(posted):len(posted)]
		if !fixed {
			ln.After, ln.Turns = n.restricted(b)
			ln.Slides = ln.After - ln.Turns
		}
		res.Lines = append(res.Lines, ln)
	}
	n.finish()
	if m.stopped() {
		return n, removed
	}
	res.Left = n.left()
	res.Doubled = res.Asked - res.Removed
	for b, c := range m.comps {
		left, turns := 0, 0
		if !m.sys.Bodies[b].Fixed {
			left, turns = n.restricted(b)
		}
		res.Components[c.Name] = Placed{left, poseJSON(st.poses[b]), left - turns, turns}
	}
	return n, removed
}

// byLine sorts relations by the line they are posted on; those among the assembly's own features come first.
func (m *model) byLine(rels []int) [][]int {
	from := make([]int, len(m.sys.Bodies)+2)
	for _, i := range rels {
		from[m.line(m.sys.Rels[i])+2]++
	}
	for l := 1; l < len(from); l++ {
		from[l] += from[l-1]
	}
	all := make([]int, len(rels))
	at := append([]int(nil), from...)
	for _, i := range rels {
		l := m.line(m.sys.Rels[i]) + 1
		all[at[l]] = i
		at[l]++
	}
	out := make([][]int, len(m.sys.Bodies)+1)
	for l := range out {
		out[l] = all[from[l]:from[l+1]]
	}
	return out
}

// notes gathers what the interface shows of each relation, and the worst miss.
func (m *model) notes(st settled, res *Result) {
	worst := solve.Miss{}
	inForce := make([]bool, len(m.sys.Rels))
	for _, i := range st.rels {
		inForce[i] = true
	}
	for i, r := range m.sys.Rels {
		ms := m.misses[i]
		if !m.missed[i] {
			ms = relation.MissOf(m.sys.Eval(r, st.poses, &m.rows))
		}
		if inForce[i] {
			worst = worst.Worst(ms)
		}
		note := MateNote{InForce: inForce[i], LeftOut: st.leftOut[i], Miss: residual(ms)}
		if r.HasSense() {
			note.Sense = "same"
			if r.Sense < 0 {
				note.Sense = "opposed"
			}
		}
		if v, ok := m.sys.ReadValue(r, st.poses); ok {
			note.Value = &v
		}
		res.Mates[m.mate[i].ID] = note
	}
	res.Residual = residual(worst)
}

// classify tells the freedoms left apart: planned, idle, loose, and those only momentary.
func (m *model) classify(n *nullspace, st settled, res *Result) {
	var rels []*solve.Relation
	for _, i := range st.rels {
		rels = append(rels, m.sys.Rels[i])
	}
	groups := n.modeGroups(rels, m.lonelySpin(n))
	wants := m.wanted(n, groups, st)
	n.measureParting(groups, rels)
	for _, g := range groups {
		if m.stopped() {
			return
		}
		if g.alone { // told apart already
			z := []float64{1 / dense.Norm(g.n[0].A)}
			res.Idle++
			res.motion(m.tell(n, g, z, "idle"), m.swing(n, g, z, st))
			continue
		}
		var mine []*want
		for _, w := range wants {
			if w.group == g {
				mine = append(mine, w)
			}
		}
		if g.large() {
			m.classifyLarge(n, g, rels, mine, st, res)
		} else {
			m.classifyGroup(n, g, mine, st, res)
		}
	}
	for _, w := range wants {
		if w.blocked {
			res.BlockedBy = append(res.BlockedBy, BlockedEntry{w.entry})
		}
	}
}

// classifyGroup splits one group's freedoms. The planned ones are those the declared rates see; of the rest, idle spins
// are set aside, and what then remains is loose.
func (m *model) classifyGroup(n *nullspace, g *modes, wants []*want, st settled, res *Result) {
	var rows [][]float64
	for _, w := range wants {
		if !w.blocked {
			rows = append(rows, w.rates...)
		}
	}
	p := dense.New(len(rows), g.d)
	for i, r := range rows {
		copy(p.Row(i), r)
	}
	seenRates := dense.Orthonormal(p.T(), 1e-6) // directions of freedom that the rates see
	idle := m.idleSpins(n, g, seenRates)
	idleBasis := dense.Orthonormal(dense.Columns(g.d, idle), 1e-6)
	// loose: unseen by the rates and square to idle
	both := dense.Orthonormal(dense.Columns(g.d, append(cols(seenRates), cols(idleBasis)...)), 1e-9)
	loose := dense.Complement(both)

	for _, z := range m.plannedMotions(g, p, loose, idleBasis) {
		res.motion(m.tell(n, g, z, "planned"), m.swing(n, g, z, st))
	}
	res.Planned += seenRates.C
	res.Idle += idleBasis.C
	res.Loose += loose.C
	for k, z := range idle {
		if k < idleBasis.C {
			res.motion(m.tell(n, g, z, "idle"), m.swing(n, g, z, st))
		}
	}
	looseZ := n.simple(g, loose, idleBasis)
	shaky := m.shakyOf(g, loose.C, st)
	res.Shaky += shaky
	from := len(res.Motions)
	for _, z := range looseZ {
		if m.stopped() {
			return
		}
		m.tellLoose(n, g, z, st, g.near, &shaky, res)
	}
	res.markLast(from, shaky)
}

// tellLoose tells a loose motion; it is a momentary one if some are still to be told, and it cannot be followed.
func (m *model) tellLoose(n *nullspace, g *modes, z []float64, st settled, w *near, shaky *int, res *Result) {
	class := "loose"
	if *shaky > 0 && !m.goes(g, z, st, w) {
		class = "shaky"
		*shaky--
	}
	res.motion(m.tell(n, g, z, class), m.swing(n, g, z, st))
}

// markLast marks loose motions told since from as momentary, the last first: as many are, though each by itself seemed to go.
func (r *Result) markLast(from, shaky int) {
	for i := len(r.Motions) - 1; i >= from && shaky > 0; i-- {
		if r.Motions[i].Class == "loose" {
			r.Motions[i].Class = "shaky"
			shaky--
		}
	}
}

// plannedMotions spans what the declared rates see: one motion per independent rate, the other rates at rest.
func (m *model) plannedMotions(g *modes, p, loose, idle dense.Mat) [][]float64 {
	var out [][]float64
	var taken [][]float64
	for i := 0; i < p.R; i++ {
		rows := append(append([][]float64(nil), taken...), p.Row(i))
		if dense.Orthonormal(dense.Columns(g.d, rows), 1e-6).C < len(rows) {
			continue
		}
		taken = rows
	}
	a := dense.New(len(taken), g.d)
	for i, r := range taken {
		copy(a.Row(i), r)
	}
	for i := range taken {
		e := make([]float64, len(taken))
		e[i] = 1
		out = append(out, g.lift(dense.LeastSquares(a, e, 1e-9), loose, idle))
	}
	return out
}

// idleSpins finds spins that move nothing but a round part about its own axis, or a fastener, and no planned rate.
func (m *model) idleSpins(n *nullspace, g *modes, seenRates dense.Mat) [][]float64 {
	var out, span [][]float64
	for _, b := range g.bodies {
		for _, s := range m.idleAxes(n, b) {
			z := g.n[g.at[b]].T().Vec(s) // the basis is orthonormal: this is the spin's part in it
			if dense.Norm(z) < 1-1e-8 {
				continue
			}
			quiet := true
			for j := 0; j < seenRates.C; j++ {
				quiet = quiet && math.Abs(dense.Dot(seenRates.Col(j), z)) < 1e-6
			}
			if !quiet {
				continue
			}
			// only what those before do not span
			r := append([]float64(nil), z...)
			for pass := 0; pass < 2; pass++ {
				for _, o := range span {
					d := dense.Dot(o, r)
					for i := range r {
						r[i] -= d * o[i]
					}
				}
			}
			if l := dense.Norm(r); l > 1e-6 {
				for i := range r {
					r[i] /= l
				}
				out, span = append(out, z), append(span, r)
			}
		}
	}
	return out
}

// idleAxes are the spins of a body that change nothing of its shape, or that a fastener is allowed, each of length one in the
// body's own measure.
func (m *model) idleAxes(n *nullspace, b int) (spins [][]float64) {
	part := m.partOf(b)
	if part == nil {
		return nil
	}
	add := func(a [2]geom.Vec) {
		pose := n.poses[b]
		s := n.own(b, turnAt(pose.Point(a[0]), pose.Dir(a[1])))
		l := dense.Norm(s)
		for i := range s {
			s[i] /= l
		}
		spins = append(spins, s)
	}
	if part.Fastener {
		if !m.set.FastenersHeld {
			for _, a := range m.relatedAxes()[b] {
				add(a)
			}
		}
		return spins
	}
	for _, a := range part.Axes() {
		if part.RoundAbout(a[0], a[1]) {
			add(a)
		}
	}
	return spins
}

// watched are the bodies on which a planned motion has an eye.
func (m *model) watched() map[int]bool {
	watched := map[int]bool{}
	for _, p := range m.asm.Planned {
		if i, ok := m.relOf[p.Joint]; ok && p.Joint != "" {
			var buf [4]int
			for _, b := range m.sys.Rels[i].Members(&buf) {
				watched[b] = true
			}
		}
		if b, ok := m.body[p.Component]; ok && p.Component != "" {
			watched[b] = true
			if f, _, err := m.feature(*p.Ref); err == nil {
				watched[f.Body] = true
			}
		}
	}
	return watched
}

// lonelySpin tells of a column of the basis whether it is nothing but the idle spin of one body, which no planned motion
// watches. Such a freedom is an account of its own, and there may be thousands.
func (m *model) lonelySpin(n *nullspace) func(c int) bool {
	watched := m.watched()
	return func(c int) bool {
		if len(n.on[c]) != 1 || watched[int(n.on[c][0])] {
			return false
		}
		b := int(n.on[c][0])
		for _, s := range m.idleAxes(n, b) {
			is, alone := false, true
			for i := range n.of[b] {
				v := n.of[b][i].v[:]
				d := math.Abs(dense.Dot(v, s))
				if int(n.of[b][i].col) == c {
					is = d > (1-1e-10)*dense.Norm(v)
				} else {
					alone = alone && d < 1e-10
				}
			}
			if is && alone {
				return true
			}
		}
		return false
	}
}

// relatedAxes are, for each body, the axes by which it is related.
func (m *model) relatedAxes() map[int][][2]geom.Vec {
	if m.axes == nil {
		m.axes = map[int][][2]geom.Vec{}
		for _, r := range m.sys.Rels {
			if r.IsCoupling() {
				continue
			}
			for _, f := range [2]solve.Feat{r.A, r.B} {
				if f.F.HasAxis() {
					m.axes[f.Body] = append(m.axes[f.Body], [2]geom.Vec{f.Frame.O, f.Frame.Z})
				}
			}
		}
	}
	return m.axes
}
