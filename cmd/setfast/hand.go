package main

import (
	"encoding/json"
	"fmt"
	"math"

	"setfast/core/geom"
	"setfast/core/part"
)

// handed is whether a part is its own mirror image, and what proves it.
type handed struct {
	Same  bool        `json:"same"`
	Plane *[3]float64 `json:"plane,omitempty"`
	Turn  *geom.Pose  `json:"turn,omitempty"`
}

// runHand tells which hand a part has: 0 where it is its own mirror image, 1 where not, 2 where it cannot be read.
func runHand(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {same, plane, turn: {origin, quaternion}}")
	product := c.Int("product", 0, "which of several parts the file holds, the first being 1")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	d, err := readProduct(files[0], *product, *unfenced)
	if err != nil {
		return c.fail("%v", err)
	}
	image, same := d.Hand().Hand()
	out := handed{Same: same}
	if same {
		n := image.Plane.Array()
		out.Plane, out.Turn = &n, &image.Turn
	}
	switch {
	case *asJSON:
		if err := json.NewEncoder(c.out).Encode(out); err != nil {
			return c.fail("the answer could not be written: %v", plain(err))
		}
	case !same:
		fmt.Fprintln(c.out, "not its own mirror image: it has a left and a right hand")
	default:
		o, turn := image.Turn.O, image.Turn.Q.Log().Norm()
		fmt.Fprintf(c.out, "its own mirror image: mirrored across the plane through its origin square to (%s, %s, %s)", part.Number(out.Plane[0]), part.Number(out.Plane[1]), part.Number(out.Plane[2]))
		switch {
		case turn < 1e-9 && o.Norm() < 1e-9:
			fmt.Fprintln(c.out, ", it is the same")
		case turn < 1e-9:
			fmt.Fprintf(c.out, " and shifted by (%s, %s, %s), it is the same\n", part.Number(round6(o.X)), part.Number(round6(o.Y)), part.Number(round6(o.Z)))
		default:
			fmt.Fprintf(c.out, " and turned by %s°, it is the same\n", part.Number(round6(turn*180/math.Pi)))
		}
	}
	if !same {
		return 1
	}
	return 0
}

func round6(x float64) float64 { return math.Round(x*1e6) / 1e6 }
