package account

import (
	"math"
	"slices"

	"setfast/core/dense"
	"setfast/core/geom"
	"setfast/core/relation"
	"setfast/core/solve"
)

// post takes a relation into account and returns how many freedoms it removes.
func (n *nullspace) post(r *solve.Relation) int {
	var buf [4]int
	bodies := n.sys.FreeBodies(r, &buf)
	defer n.putAside(bodies)
	var actBuf [4]int
	act := actBuf[:0]
	for _, b := range bodies { // what was not opened stands
		if n.free[b] {
			act = append(act, b)
		}
	}
	n.work.seen = false
	n.work.acting = act
	cols := n.touched(act)
	if len(cols) == 0 {
		return 0
	}
	rel, rows, q, own := n.parting(r, act, len(bodies) == len(act), cols)
	if q == 0 || len(rows) == 0 {
		return 0
	}
	c := len(cols)
	u, k := n.parts(rel, 6*q, c, own) // 6q × k, by columns
	if k == 0 {
		return 0
	}
	out, rank := n.resisted(rows, u, rel, 6*q, c, k)
	if rank == 0 {
		return 0
	}
	if !n.ride(act, cols, out, rank) {
		n.recombine(cols, out, rank)
	}
	return rank
}

// ride lets one of the related bodies take the relation upon itself, where columns that move nothing else suffice for it:
// in all other columns it follows what it is related to, and no other body is touched.
func (n *nullspace) ride(act []int, cols []int32, out []float64, rank int) bool {
	w := &n.work
	c := len(cols)
	most := 0.0
	for j := 0; j < rank; j++ {
		most = math.Max(most, dense.Norm(out[j*c:j*c+c]))
	}
	for x := len(act) - 1; x >= 0; x-- {
		b := act[x]
		w.own = w.own[:0] // places in cols of the body's lone columns
		for i, col := range cols {
			if int(n.lone[col]) == b {
				w.own = append(w.own, i)
			}
		}
		k := len(w.own)
		if k < rank {
			continue
		}
		f := w.floats(0, rank*k) // what falls away, in these columns
		for j := 0; j < rank; j++ {
			for q, i := range w.own {
				f[j*k+q] = out[j*c+i]
			}
		}
		l := w.floats(1, rank*k)
		copy(l, f)
		dense.LowerPivoted(l, rank, k, w.perm[:], w.diag[:])
		if !(w.diag[rank-1] > 1e-2*w.diag[0] && w.diag[rank-1] > 1e-3*most) {
			continue
		}
		n.follow(b, cols, f, out, rank)
		return true
	}
	return false
}

// follow carries a ride out: f, by rows, is what falls away in the body's lone columns, out the same in all columns.
func (n *nullspace) follow(b int, cols []int32, f, out []float64, rank int) {
	w := &n.work
	c, k := len(cols), len(w.own)
	es := n.of[b]
	lone := w.sixes(k)
	at := 0
	for j := range es {
		for at < k && cols[w.own[at]] < es[j].col {
			at++
		}
		if at < k && cols[w.own[at]] == es[j].col {
			lone[at] = es[j].v
		}
	}
	// f = r·q with q the reflections: after them the first rank lone motions answer for the relation, the others stay free
	q := w.floats(2, rank*k)
	copy(q, f)
	dense.Reflectors(q, k, rank)
	for j := 0; j < rank; j++ {
		for i := 0; i < rank; i++ {
			dense.Reflect(f[i*k:i*k+k], q[j*k:j*k+k], j)
		}
		reflect6(lone[j:], q[j*k+j:j*k+k])
	}
	// now f is lower triangular: row i has numbers up to place i
	keep := 0
	next := 0
	for j := range es {
		e := es[j]
		for next < c && cols[next] < e.col {
			next++
		}
		if next < c && cols[next] == e.col && int(n.lone[e.col]) == b {
			continue
		}
		es[keep] = e
		keep++
	}
	old := es[:keep]
	fresh := w.entries.room(keep + c)
	j := 0
	var y [24]float64
	for i, col := range cols {
		for j < len(old) && old[j].col < col {
			fresh = append(fresh, old[j])
			j++
		}
		if int(n.lone[col]) == b {
			continue
		}
		e := entry{col: col}
		was := j < len(old) && old[j].col == col
		if was {
			e = old[j]
			j++
		}
		for r := 0; r < rank; r++ {
			s := out[r*c+i]
			for t := 0; t < r; t++ {
				s -= f[r*k+t] * y[t]
			}
			y[r] = s / f[r*k+r]
			v := &lone[r]
			for z := range e.v {
				e.v[z] -= y[r] * v[z]
			}
		}
		moves := false
		for _, z := range e.v {
			moves = moves || z > 1e-14 || z < -1e-14
		}
		if moves {
			fresh = append(fresh, e)
			if !was {
				n.on[col], n.lone[col] = append(n.on[col], int32(b)), shared
			}
		}
	}
	fresh = append(fresh, old[j:]...)
	for _, i := range w.own {
		n.on[cols[i]], n.lone[cols[i]] = nil, replaced
	}
	for r := rank; r < k; r++ {
		col := int32(len(n.on))
		room := w.ints.room(1)
		n.on = append(n.on, append(room, int32(b)))
		n.lone = append(n.lone, int32(b))
		fresh = append(fresh, entry{col, lone[r]})
	}
	n.of[b] = fresh
	n.alive -= rank
}

// miss is how far the relation last posted is from holding, where posting it took a look.
func (n *nullspace) miss() (solve.Miss, bool) {
	if !n.work.seen {
		return solve.Miss{}, false
	}
	return relation.MissOf(n.work.rows.List), true
}

// parting states how the related bodies move relative to one another in the columns, at the place of the relation (slide
// there, turn times the least body's size; 6 numbers for each body but the first, which the others are seen from), the
// relation's rows as functions of just that, of unit length, and how much the bodies move themselves.
func (n *nullspace) parting(r *solve.Relation, act []int, all bool, cols []int32) (rel, rows []float64, q int, own float64) {
	q = len(act) - 1
	ground := !all
	var buf [4]int
	for _, b := range r.Members(&buf) {
		ground = ground || b < 0 || n.sys.Bodies[b].Fixed
	}
	from := 1
	if ground {
		q, from = len(act), 0
	}
	if q == 0 {
		return nil, nil, 0, 0
	}
	w := &n.work
	size := math.Inf(1)
	for _, b := range act {
		size = math.Min(size, n.sys.Bodies[b].Size)
	}
	place := func(f *solve.Feat) geom.Vec {
		if f.Body < 0 {
			return f.Frame.O
		}
		return n.poses[f.Body].Point(f.Frame.O)
	}
	p := place(&r.B)
	if r.B.Body < 0 || n.sys.Bodies[r.B.Body].Fixed {
		p = place(&r.A)
	}
	c := len(cols)
	rel = w.floats(0, 6*q*c)
	// each body's motion as seen at the place
	for i, b := range act {
		bd := &n.sys.Bodies[b]
		arm := p.Sub(n.poses[b].Point(bd.Centre))
		k, s := 1/bd.Size, size
		at := 0
		sum := 0.0
		for j := range n.of[b] {
			e := &n.of[b][j]
			for cols[at] != e.col {
				at++
			}
			turn := geom.V(e.v[3]*k, e.v[4]*k, e.v[5]*k)
			slide := geom.V(e.v[0], e.v[1], e.v[2]).Add(turn.Cross(arm))
			x := [6]float64{slide.X, slide.Y, slide.Z, turn.X * s, turn.Y * s, turn.Z * s}
			for z, y := range x {
				sum += y * y
				switch {
				case i >= from:
					rel[(6*(i-from)+z)*c+at] += y
				default:
					for o := 0; o < q; o++ {
						rel[(6*o+z)*c+at] -= y
					}
				}
			}
		}
		own = math.Max(own, sum)
	}
	own = math.Sqrt(own)
	list := n.sys.Eval(r, n.poses, &w.rows)
	w.seen = true
	rows = w.floats(1, 6*q*len(list))[:0]
	for i := range list {
		row := &list[i]
		at := len(rows)
		rows = rows[:at+6*q]
		for k := 0; k < row.N; k++ {
			o := slices.Index(act, row.Body[k]) - from
			if o < 0 {
				continue
			}
			bd := &n.sys.Bodies[row.Body[k]]
			arm := n.poses[row.Body[k]].Point(bd.Centre).Sub(p)
			g := &row.G[k]
			gv := geom.V(g[0], g[1], g[2])
			gw := arm.Cross(gv).Add(geom.V(g[3], g[4], g[5]).Scale(bd.Size)).Scale(1 / size)
			x := rows[at+6*o : at+6*o+6]
			x[0], x[1], x[2], x[3], x[4], x[5] = gv.X, gv.Y, gv.Z, gw.X, gw.Y, gw.Z
		}
		l := dense.Norm(rows[at:])
		if l == 0 {
			rows = rows[:at]
			continue
		}
		for k := at; k < len(rows); k++ {
			rows[k] /= l
		}
	}
	return rel, rows, q, own
}

// parts finds the relative motions that count: an orthonormal basis u of them (by columns), and how many there are.
// Nil u stands for all of them.
func (n *nullspace) parts(rel []float64, r, c int, own float64) (u []float64, k int) {
	w := &n.work
	l := w.floats(2, r*c)
	copy(l, rel)
	dense.LowerPivoted(l, r, c, w.perm[:], w.diag[:])
	for k < r && w.diag[k] > 1e-3*own && w.diag[k] > 1e-3*w.diag[0] && w.diag[k] > 1e-6 {
		k++
	}
	if k == r {
		return nil, r
	}
	if w.diag[k] > 1e-11*own {
		return n.partsClosely(rel, l, r, c)
	}
	u = w.floats(3, r*k)
	for j := 0; j < k; j++ { // L's first columns span them; back to the rows' own order
		x := u[j*r : j*r+r]
		for i := j; i < r; i++ {
			x[w.perm[i]] = l[i*c+j]
		}
	}
	orthonormal(u, r, k)
	return u, k
}

// orthonormal makes k columns of length r orthonormal that are well apart.
func orthonormal(u []float64, r, k int) {
	for j := 0; j < k; j++ {
		x := u[j*r : j*r+r]
		for pass := 0; pass < 2; pass++ {
			for i := 0; i < j; i++ {
				y := u[i*r : i*r+r]
				d := dense.Dot(x, y)
				for z := range x {
					x[z] -= d * y[z]
				}
			}
		}
		l := dense.Norm(x)
		for z := range x {
			x[z] /= l
		}
	}
}

// partsClosely decides by singular values: a relative motion counts if it is more than stillTol of the bodies' own motion
// in it. l is the lower form of rel, which has the same singular values in fewer columns.
func (n *nullspace) partsClosely(rel, l []float64, r, c int) (u []float64, k int) {
	w := &n.work
	m := min(r, c)
	low := w.floats(4, r*m)
	for i := 0; i < r; i++ {
		copy(low[w.perm[i]*m:w.perm[i]*m+m], l[i*c:i*c+m])
	}
	uu := w.floats(5, r*r)
	dense.LeftSingular(low, r, m, uu, w.diag[:])
	u = w.floats(3, r*r)
	z := w.floats(6, c)
	for range r {
		best := -1
		for i := 0; i < r; i++ {
			if w.diag[i] > deadTol && (best < 0 || w.diag[i] > w.diag[best]) {
				best = i
			}
		}
		if best < 0 {
			break
		}
		s := w.diag[best]
		w.diag[best] = 0
		x := u[k*r : k*r+r]
		for i := range x {
			x[i] = uu[i*r+best]
		}
		// the columns' combination that this relative motion comes of
		clear(z)
		for i, y := range x {
			y /= s
			for j, q := range rel[i*c : i*c+c] {
				z[j] += y * q
			}
		}
		if s <= stillTol*n.ownMotion(z) {
			break
		}
		k++
	}
	return u[:r*k], k
}

// ownMotion is how much the bodies at hand move themselves in a combination of the columns at hand.
func (n *nullspace) ownMotion(z []float64) float64 {
	w := &n.work
	most := 0.0
	for _, b := range w.acting {
		var x [6]float64
		at := 0
		for j := range n.of[b] {
			e := &n.of[b][j]
			for w.cols[at] != e.col {
				at++
			}
			for i := range x {
				x[i] += z[at] * e.v[i]
			}
		}
		most = math.Max(most, dense.Norm(x[:]))
	}
	return most
}

// resisted finds which of the relative motions the rows resist. It returns, by columns of length c, what these motions
// are in the columns at hand: the span that falls away.
func (n *nullspace) resisted(rows, u, rel []float64, r, c, k int) (out []float64, rank int) {
	w := &n.work
	m := len(rows) / r
	x := w.floats(4, m*k) // rows on the basis of relative motions
	if u == nil {
		copy(x, rows)
	} else {
		for i := 0; i < m; i++ {
			for j := 0; j < k; j++ {
				x[i*k+j] = dense.Dot(rows[i*r:i*r+r], u[j*r:j*r+r])
			}
		}
	}
	basis := w.floats(5, min(m, k)*k)[:0] // orthonormal, each of length k
	doubt := false
	done := w.floats(6, m) // 1: used up
	for range m {
		best, at := -1.0, -1
		for i := 0; i < m; i++ {
			if done[i] == 0 {
				if s := dense.Norm(x[i*k : i*k+k]); s > best*(1+1e-9) {
					best, at = s, i
				}
			}
		}
		if best < 1e-9 {
			break
		}
		if len(basis) == k*k {
			break
		}
		if best < 1e-2 {
			doubt = true
			break
		}
		done[at] = 1
		v := x[at*k : at*k+k]
		for pass := 0; pass < 2; pass++ {
			for o := 0; o < len(basis); o += k {
				d := dense.Dot(v, basis[o:o+k])
				for z := range v {
					v[z] -= d * basis[o+z]
				}
			}
			l := dense.Norm(v)
			for z := range v {
				v[z] /= l
			}
		}
		basis = append(basis, v...)
		for i := 0; i < m; i++ {
			if done[i] == 0 {
				y := x[i*k : i*k+k]
				d := dense.Dot(y, v)
				for z := range y {
					y[z] -= d * v[z]
				}
			}
		}
	}
	rank = len(basis) / k
	if doubt {
		// decide by singular values, on the rows as they were
		y := dense.New(m, k)
		for i := 0; i < m; i++ {
			for j := 0; j < k; j++ {
				if u == nil {
					y.A[i*k+j] = rows[i*r+j]
				} else {
					y.A[i*k+j] = dense.Dot(rows[i*r:i*r+r], u[j*r:j*r+r])
				}
			}
		}
		_, s, v := dense.SVD(y)
		rank, basis = 0, basis[:0]
		for rank < len(s) && rank < k && s[rank] > tightTol {
			basis = append(basis, v.Col(rank)...)
			rank++
		}
	}
	// relᵀ·u·basis
	out = w.floats(7, c*rank)
	var t [24]float64
	for j := 0; j < rank; j++ {
		b := basis[j*k : j*k+k]
		dir := b
		if u != nil {
			dir = t[:r]
			clear(dir)
			for q, x := range b {
				for i := range dir {
					dir[i] += x * u[q*r+i]
				}
			}
		}
		o := out[j*c : j*c+c]
		for i, x := range dir {
			if x != 0 {
				for z, y := range rel[i*c : i*c+c] {
					o[z] += x * y
				}
			}
		}
	}
	return out, rank
}

// recombine takes the span of the columns out (each of len(cols), one after another) from the basis.
func (n *nullspace) recombine(cols []int32, out []float64, rank int) {
	w := &n.work
	c := len(cols)
	// the bodies that move in these columns
	w.tick++
	w.hit = w.hit[:0]
	for _, col := range cols {
		for _, b := range n.on[col] {
			if w.mark[b] != w.tick {
				w.mark[b] = w.tick
				w.hit = append(w.hit, b)
			}
		}
	}
	first := int32(len(n.on))
	st := step{first: first, gone: rank}
	if !n.count {
		st.old = append(w.ints.room(c), cols...)
	}
	if rank < c {
		dense.Reflectors(out, c, rank)
		if !n.count {
			st.v = append(w.kept.room(len(out)), out...)
		}
		room := w.ints.room((c - rank) * len(w.hit))[:(c-rank)*len(w.hit)]
		for j := 0; j < c-rank; j++ {
			n.on = append(n.on, room[j*len(w.hit):j*len(w.hit):(j+1)*len(w.hit)])
			n.lone = append(n.lone, shared)
		}
	}
	if !n.count {
		n.log = append(n.log, st)
	}
	x := w.sixes(c)
	for _, b := range w.hit {
		es := n.of[b]
		clear(x)
		at, keep := 0, 0
		for j := range es {
			e := &es[j]
			for at < c && cols[at] < e.col {
				at++
			}
			if at < c && cols[at] == e.col {
				x[at] = e.v
				continue
			}
			if keep != j {
				es[keep] = *e
			}
			keep++
		}
		es = es[:keep]
		if rank < c {
			for k := 0; k < rank; k++ {
				reflect6(x[k:], out[k*c+k:k*c+c])
			}
			if need := keep + c - rank; need > cap(es) {
				es = append(w.entries.room(need+need/4), es...)
			}
			for j := rank; j < c; j++ {
				if v := &x[j]; v[0]*v[0]+v[1]*v[1]+v[2]*v[2]+v[3]*v[3]+v[4]*v[4]+v[5]*v[5] > 1e-28 {
					col := first + int32(j-rank)
					es = append(es, entry{col, *v})
					n.on[col] = append(n.on[col], b)
				}
			}
		}
		n.of[b] = es
	}
	for _, col := range cols {
		n.on[col], n.lone[col] = nil, replaced
	}
	n.alive -= rank
}

// reflect6 reflects a body's motions in the unit vector v.
func reflect6(x [][6]float64, v []float64) {
	x = x[:len(v)]
	var a, b, c, d, e, f float64
	for i, y := range v {
		q := &x[i]
		a += y * q[0]
		b += y * q[1]
		c += y * q[2]
		d += y * q[3]
		e += y * q[4]
		f += y * q[5]
	}
	a, b, c, d, e, f = 2*a, 2*b, 2*c, 2*d, 2*e, 2*f
	for i, y := range v {
		q := &x[i]
		q[0] -= a * y
		q[1] -= b * y
		q[2] -= c * y
		q[3] -= d * y
		q[4] -= e * y
		q[5] -= f * y
	}
}
