package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"

	"setfast/core/account"
	"setfast/core/cam"
	"setfast/core/format"
	"setfast/core/geom"
	"setfast/core/part"
)

// runCam works the law of a cam out: 0, or 2 where there is none.
func runCam(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {profile, tip, radius_mm, from_mm, to_mm, stroke_mm, from_at_deg, to_at_deg, rest_mm, rest_at_deg, gap_mm}")
	turn := c.String("turn", "", "the `joint` that turns the cam")
	slide := c.String("slide", "", "the `joint` that the follower slides in")
	edge := c.String("edge", "", "the flat `face` whose edge is the cam's: component/feature")
	tip := c.String("tip", "", "the `feature` of the follower that touches it: a flat, a roller's round, a ball, a point")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	for name, said := range map[string]string{"turn": *turn, "slide": *slide, "edge": *edge, "tip": *tip} {
		if said == "" {
			return c.bad("cam wants --%s", name)
		}
	}
	doc, surfaces, _, err := readPlaced(files[0], "", c.in, *unfenced)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	say := cam.Said{Turn: *turn, Slide: *slide}
	if say.Face, err = format.Ref(*edge); err != nil {
		return c.bad("--edge: %v", err)
	}
	if say.Tip, err = format.Ref(*tip); err != nil {
		return c.bad("--tip: %v", err)
	}
	ctx := context.Background()
	a, err := account.TakeAtRest(ctx, doc, doc.Root)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	law, err := cam.Of(ctx, doc, a, say, func(key, face string) [][]geom.Vec { return part.Border(surfaces[key], face) })
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(law)
	} else {
		err = tellLaw(c.out, law)
	}
	if err != nil {
		return c.fail("the law could not be written: %v", plain(err))
	}
	return 0
}

// tellLaw prints a law for people, and the profile as a coupling has it.
func tellLaw(w io.Writer, l *cam.Law) error {
	fmt.Fprintf(w, "%s: stroke %.3f mm, from %.3f at %g° to %.3f at %g°; pressed on it rests at %.3f, at %g°; as it stands it is %.3f mm off the cam\n", l.Called(), l.Stroke, l.Low, l.LowAt, l.High, l.HighAt, l.Rest, l.RestAt, l.Gap)
	data, err := json.Marshal(l.Profile)
	if err == nil {
		_, err = fmt.Fprintf(w, "\"profile\": %s\n", data)
	}
	return err
}
