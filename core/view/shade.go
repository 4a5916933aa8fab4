package view

import (
	"context"
	"image"
	"image/color"
	"math"

	"setfast/core/geom"
	"setfast/core/par"
)

// fineness is how many places to a pixel are looked at along each side, for smooth borders.
const fineness = 2

// Tint is the colour of an item, from 0 to 1.
type Tint [3]float64

// grey is the colour of items which have none.
const grey = 0.97

// Grey is that.
var Grey = Tint{grey, grey, grey}

// The light comes from the upper left of who looks; what looks away from it has this part of its colour.
var light = geom.V(-1, 2, 2).Unit()

const ambient = 0.7

// Shade paints what is seen of items between two corners of the view, w by h pixels: of all that lies over a pixel the nearest, as bright as it looks to the
// light. Where there is nothing it is clear. tint gives items their colours.
func Shade(ctx context.Context, items []Item, v View, low, high [2]float64, w, h int, tint func(item int) Tint) (*image.NRGBA, error) {
	e := v.eye()
	fw, fh := w*fineness, h*fineness
	depth := make([]float32, fw*fh)
	bright := make([]color.NRGBA, fw*fh)
	for i := range depth {
		depth[i] = float32(math.Inf(-1))
	}
	sx, sy := float64(fw)/(high[0]-low[0]), float64(fh)/(high[1]-low[1])
	if math.IsInf(sx, 0) || math.IsNaN(sx) || math.IsInf(sy, 0) || math.IsNaN(sy) {
		return image.NewNRGBA(image.Rect(0, 0, w, h)), nil
	}
	type face struct {
		p     [3]geom.Vec // pixels, and depth
		color color.NRGBA
	}
	var faces []face
	for i := range items {
		sh := items[i].Shape
		if sh == nil {
			continue
		}
		if ctx.Err() != nil {
			return nil, context.Cause(ctx)
		}
		c := tint(i)
		for _, t := range sh.Triangles {
			var f face
			var n geom.Vec
			for k := range t {
				p := e.at(items[i].Pose.Point(sh.Points[t[k]]))
				f.p[k] = geom.V((p.X-low[0])*sx, float64(fh)-(p.Y-low[1])*sy, p.Z)
				n = n.Add(e.at(items[i].Pose.Dir(sh.Normals[t[k]])))
			}
			if n = n.Unit(); n.Z < 0 {
				if sh.Closed {
					continue
				}
				n = n.Neg()
			}
			level := ambient + (1-ambient)*max(0, n.Dot(light))
			f.color = color.NRGBA{channel(c[0] * level), channel(c[1] * level), channel(c[2] * level), math.MaxUint8}
			faces = append(faces, f)
		}
	}
	const rows = 64
	par.Runs(fh, rows, func(_, from, to int) { // each paints its own rows
		for i := range faces {
			paint(&faces[i].p, faces[i].color, depth, bright, fw, from, to)
		}
	})
	out := image.NewNRGBA(image.Rect(0, 0, w, h))
	for y := range h {
		for x := range w {
			out.SetNRGBA(x, y, mixed(bright, fw, x, y))
		}
	}
	return out, nil
}

func channel(v float64) uint8 { return uint8(math.Round(math.MaxUint8 * max(0, min(1, v)))) }

// mixed is the colour of a pixel of what lies on its places.
func mixed(bright []color.NRGBA, wide, x, y int) color.NRGBA {
	var r, g, b, a int
	for dy := range fineness {
		for dx := range fineness {
			c := bright[(y*fineness+dy)*wide+x*fineness+dx]
			k := int(c.A)
			r, g, b, a = r+int(c.R)*k, g+int(c.G)*k, b+int(c.B)*k, a+k
		}
	}
	if a == 0 {
		return color.NRGBA{}
	}
	return color.NRGBA{uint8(r / a), uint8(g / a), uint8(b / a), uint8(a / (fineness * fineness))}
}

// paint paints a triangle into some rows, where it is nearer than what is there.
func paint(p *[3]geom.Vec, c color.NRGBA, depth []float32, bright []color.NRGBA, wide, from, to int) {
	area := (p[1].X-p[0].X)*(p[2].Y-p[0].Y) - (p[1].Y-p[0].Y)*(p[2].X-p[0].X)
	if area == 0 {
		return
	}
	y0, y1 := max(from, int(math.Floor(min(p[0].Y, p[1].Y, p[2].Y)))), min(to-1, int(math.Ceil(max(p[0].Y, p[1].Y, p[2].Y))))
	x0, x1 := max(0, int(math.Floor(min(p[0].X, p[1].X, p[2].X)))), min(wide-1, int(math.Ceil(max(p[0].X, p[1].X, p[2].X))))
	const half = 0.5
	for y := y0; y <= y1; y++ {
		for x := x0; x <= x1; x++ {
			fx, fy := float64(x)+half, float64(y)+half
			a := ((p[1].X-fx)*(p[2].Y-fy) - (p[1].Y-fy)*(p[2].X-fx)) / area
			b := ((p[2].X-fx)*(p[0].Y-fy) - (p[2].Y-fy)*(p[0].X-fx)) / area
			k := 1 - a - b
			if a < 0 || b < 0 || k < 0 {
				continue
			}
			z := float32(a*p[0].Z + b*p[1].Z + k*p[2].Z)
			if i := y*wide + x; z > depth[i] {
				depth[i], bright[i] = z, c
			}
		}
	}
}
