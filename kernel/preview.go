package kernel

import (
	"bytes"
	"image"
	"image/color"
	"image/png"
	"math"

	"setfast/core/geom"
)

// Preview draws a part as a small picture: shaded faces and dark edges on nothing, seen from the front, right and above.
func Preview(p *Part, tint [3]uint8, size int) ([]byte, error) {
	const over = 3 // drawn larger, then averaged
	n := size * over
	view := geom.V(0.62, -0.70, 0.36).Unit()
	right := view.Cross(geom.V(0, 0, 1)).Unit().Neg()
	up := view.Cross(right).Unit()
	light := geom.V(0.35, -0.5, 0.8).Unit()
	centre := p.Low.Add(p.High).Scale(0.5)
	// fit what is seen, not the box's diagonal
	reach := 1e-9
	m := &p.Mesh
	at := func(a []float32, i uint32) geom.Vec {
		return geom.V(float64(a[3*i]), float64(a[3*i+1]), float64(a[3*i+2])).Sub(centre)
	}
	points := m.Positions
	if len(points) == 0 { // only lines are drawn
		points = m.Lines
	}
	for i := 0; i < len(points)/3; i++ {
		q := at(points, uint32(i))
		reach = math.Max(reach, math.Max(math.Abs(q.Dot(right)), math.Abs(q.Dot(up))))
	}
	k := float64(n) / 2 * 0.92 / reach
	px := func(v geom.Vec) (x, y, z float64) {
		return float64(n)/2 + v.Dot(right)*k, float64(n)/2 - v.Dot(up)*k, v.Dot(view) * k
	}
	depth := make([]float64, n*n)
	for i := range depth {
		depth[i] = math.Inf(-1)
	}
	img := image.NewRGBA(image.Rect(0, 0, n, n))
	for t := 0; t+2 < len(m.Indices); t += 3 {
		a, b, c := at(m.Positions, m.Indices[t]), at(m.Positions, m.Indices[t+1]), at(m.Positions, m.Indices[t+2])
		norm := b.Sub(a).Cross(c.Sub(a)).Unit()
		shade := 0.62 + 0.38*math.Max(-0.4, norm.Dot(light))
		col := color.RGBA{tone(tint[0], shade), tone(tint[1], shade), tone(tint[2], shade), 255}
		triangle(img, depth, n, [3][3]float64{xyz(px(a)), xyz(px(b)), xyz(px(c))}, col)
	}
	start := uint32(0)
	ink := color.RGBA{58, 62, 66, 255}
	for _, end := range m.LineEnds {
		for i := start + 1; i < end; i++ {
			line(img, depth, n, xyz(px(at(m.Lines, i-1))), xyz(px(at(m.Lines, i))), ink, 0.01*reach*k+1.5*over)
		}
		start = end
	}
	small := image.NewNRGBA(image.Rect(0, 0, size, size))
	for y := 0; y < size; y++ {
		for x := 0; x < size; x++ {
			var r, g, b, a int
			for dy := 0; dy < over; dy++ {
				for dx := 0; dx < over; dx++ {
					c := img.RGBAAt(x*over+dx, y*over+dy)
					r, g, b, a = r+int(c.R), g+int(c.G), b+int(c.B), a+int(c.A)
				}
			}
			if a > 0 { // colours averaged over what is covered
				f := 255.0 / float64(a)
				small.SetNRGBA(x, y, color.NRGBA{uint8(float64(r) * f), uint8(float64(g) * f), uint8(float64(b) * f), uint8(a / (over * over))})
			}
		}
	}
	var out bytes.Buffer
	err := png.Encode(&out, small)
	return out.Bytes(), err
}

func xyz(x, y, z float64) [3]float64 { return [3]float64{x, y, z} }

func tone(c uint8, s float64) uint8 { return uint8(math.Max(0, math.Min(255, float64(c)*s))) }

func triangle(img *image.RGBA, depth []float64, n int, p [3][3]float64, col color.RGBA) {
	area := (p[1][0]-p[0][0])*(p[2][1]-p[0][1]) - (p[2][0]-p[0][0])*(p[1][1]-p[0][1])
	if math.Abs(area) < 1e-9 {
		return
	}
	lo := func(k int) int {
		return max(0, int(math.Floor(math.Min(p[0][k], math.Min(p[1][k], p[2][k])))))
	}
	hi := func(k int) int {
		return min(n-1, int(math.Ceil(math.Max(p[0][k], math.Max(p[1][k], p[2][k])))))
	}
	for y := lo(1); y <= hi(1); y++ {
		for x := lo(0); x <= hi(0); x++ {
			fx, fy := float64(x)+0.5, float64(y)+0.5
			u := ((p[1][0]-fx)*(p[2][1]-fy) - (p[2][0]-fx)*(p[1][1]-fy)) / area
			v := ((p[2][0]-fx)*(p[0][1]-fy) - (p[0][0]-fx)*(p[2][1]-fy)) / area
			w := 1 - u - v
			if u < 0 || v < 0 || w < 0 {
				continue
			}
			z := u*p[0][2] + v*p[1][2] + w*p[2][2]
			if z > depth[y*n+x] {
				depth[y*n+x] = z
				img.SetRGBA(x, y, col)
			}
		}
	}
}

func line(img *image.RGBA, depth []float64, n int, a, b [3]float64, col color.RGBA, slack float64) {
	steps := int(math.Max(math.Abs(b[0]-a[0]), math.Abs(b[1]-a[1]))) + 1
	for i := 0; i <= steps; i++ {
		t := float64(i) / float64(steps)
		x, y, z := a[0]+(b[0]-a[0])*t, a[1]+(b[1]-a[1])*t, a[2]+(b[2]-a[2])*t
		for dy := 0; dy < 2; dy++ {
			for dx := 0; dx < 2; dx++ {
				px, py := int(x)+dx, int(y)+dy
				if px < 0 || py < 0 || px >= n || py >= n || z < depth[py*n+px]-slack {
					continue
				}
				img.SetRGBA(px, py, col)
			}
		}
	}
}
