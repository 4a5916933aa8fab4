package relation

import (
	"math"

	"setfast/core/geom"
	"setfast/core/tol"
)

// Row is one scalar equation at the present poses: its residual and how it changes with the bodies' small motions.
// A body's motion is six numbers: its slide, then its turn times its size, both in mm.
type Row struct {
	R       float64
	Angular bool // R was an angle in radians before the weight
	N       int
	Body    [4]int
	G       [4][6]float64
}

// View is a feature where its body stands now.
type View struct {
	Body    int // -1: does not move
	Centre  geom.Vec
	InvSize float64
	geom.Frame
	across *View // the frame is the body's own, mirrored in this plane
}

// Direct makes the view one of the feature itself, not of its image.
func (v *View) Direct() { v.across = nil }

// block finds or opens the row's place for a body.
func (r *Row) block(body int) *[6]float64 {
	for i := 0; i < r.N; i++ {
		if r.Body[i] == body {
			return &r.G[i]
		}
	}
	r.Body[r.N] = body
	r.G[r.N] = [6]float64{}
	r.N++
	return &r.G[r.N-1]
}

// point says that the row changes by g·dp when the point p of the body moves by dp.
func (r *Row) point(v *View, p, g geom.Vec) {
	if v.across != nil {
		r.mirroredPoint(v, p, g)
		return
	}
	if v.Body < 0 {
		return
	}
	b := r.block(v.Body)
	b[0] += g.X
	b[1] += g.Y
	b[2] += g.Z
	v.turn(b, p.Sub(v.Centre).Cross(g))
}

// dir says that the row changes by g·dd when the direction d of the body changes by dd.
func (r *Row) dir(v *View, d, g geom.Vec) {
	if v.across != nil {
		r.mirroredDir(v, d, g)
		return
	}
	r.spin(v, d.Cross(g))
}

// push says how the row changes with the slide and the turn of a body that it says nothing of yet.
func (r *Row) push(v *View, slide, turn geom.Vec) {
	if v.Body < 0 {
		return
	}
	k, g := v.InvSize, &r.G[r.N]
	g[0], g[1], g[2], g[3], g[4], g[5] = slide.X, slide.Y, slide.Z, turn.X*k, turn.Y*k, turn.Z*k
	r.Body[r.N] = v.Body
	r.N++
}

// mirroredPoint: p is the image of a point q of the body in a plane that may move itself.
func (r *Row) mirroredPoint(v *View, p, g geom.Vec) {
	m := v.across
	n := m.Z
	q := p.AddScaled(-2*p.Sub(m.O).Dot(n), n)
	own := *v
	own.across = nil
	gn := g.Dot(n)
	h := q.Sub(m.O)
	r.point(&own, q, g.AddScaled(-2*gn, n))
	r.point(m, m.O, n.Scale(2*gn))
	r.dir(m, n, g.Scale(-2*h.Dot(n)).AddScaled(-2*gn, h))
}

// mirroredDir: d is the image of a direction of the body.
func (r *Row) mirroredDir(v *View, d, g geom.Vec) {
	m := v.across
	n := m.Z
	e := d.AddScaled(-2*d.Dot(n), n)
	own := *v
	own.across = nil
	gn := g.Dot(n)
	r.dir(&own, e, g.AddScaled(-2*gn, n))
	r.dir(m, n, g.Scale(-2*e.Dot(n)).AddScaled(-2*gn, e))
}

// spin says that the row changes by g·w when the body turns by w.
func (r *Row) spin(v *View, g geom.Vec) {
	if v.Body >= 0 {
		v.turn(r.block(v.Body), g)
	}
}

func (v *View) turn(b *[6]float64, g geom.Vec) {
	b[3] += g.X * v.InvSize
	b[4] += g.Y * v.InvSize
	b[5] += g.Z * v.InvSize
}

func (r *Row) scale(s float64) {
	r.R *= s
	for i := 0; i < r.N; i++ {
		for k := range r.G[i] {
			r.G[i][k] *= s
		}
	}
}

// Rows collects the equations of a relation. It is reused, so that evaluation allocates nothing.
type Rows struct {
	List []Row // what was last stated
}

func (rs *Rows) add(angular bool) *Row {
	if len(rs.List) < cap(rs.List) {
		rs.List = rs.List[:len(rs.List)+1]
		r := &rs.List[len(rs.List)-1]
		r.R, r.Angular, r.N = 0, angular, 0
		return r
	}
	rs.List = append(rs.List, Row{Angular: angular})
	return &rs.List[len(rs.List)-1]
}

// Couple states one equation between coordinates of two joints, whose rows are given: b less what a wants of it, which changes by
// slope for each unit of a.
func (rs *Rows) Couple(a, b *Row, miss, slope float64, angular bool) {
	row := rs.add(angular)
	row.R = miss
	for i := 0; i < b.N; i++ {
		g := row.block(b.Body[i])
		for q := range g {
			g[q] += b.G[i][q]
		}
	}
	for i := 0; i < a.N; i++ {
		g := row.block(a.Body[i])
		for q := range g {
			g[q] -= slope * a.G[i][q]
		}
	}
	if angular {
		row.scale(tol.AngleWeight)
	}
}

// Unroll restates the equation of an angle held at a value (rad): the angle is the one nearest to another, not to the value.
func (r *Row) Unroll(value, near float64) {
	v := value + r.R/tol.AngleWeight
	v += 2 * math.Pi * math.Round((near-v)/(2*math.Pi))
	r.R = (v - value) * tol.AngleWeight
}

// Add takes over an equation of one coordinate, as Reading gives it.
func (rs *Rows) Add(r Row) {
	row := rs.add(r.Angular)
	*row = r
	if r.Angular {
		row.scale(tol.AngleWeight)
	}
}

// Reset forgets what was stated; the memory is kept.
func (rs *Rows) Reset() { rs.List = rs.List[:0] }

// Miss is how far a relation is from holding.
type Miss struct{ MM, Deg float64 }

// Worst is the larger of the misses of each kind.
func (m Miss) Worst(o Miss) Miss { return Miss{math.Max(m.MM, o.MM), math.Max(m.Deg, o.Deg)} }

// Within tells whether a miss stays inside tolerances in mm and degrees.
func (m Miss) Within(mm, deg float64) bool { return m.MM <= mm && m.Deg <= deg }

// Length is the miss as one length, radians weighted.
func (m Miss) Length() float64 { return m.MM + rad(m.Deg)*tol.AngleWeight }

// MissOf sums a relation's residuals into a length and an angle.
func MissOf(rows []Row) Miss {
	var mm, rad float64
	for i := range rows {
		if rows[i].Angular {
			x := rows[i].R / tol.AngleWeight
			rad += x * x
		} else {
			mm += rows[i].R * rows[i].R
		}
	}
	return Miss{math.Sqrt(mm), deg(math.Sqrt(rad))}
}
