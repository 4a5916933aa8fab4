package main

import (
	"encoding/json"
	"fmt"
	"io"

	"setfast/core/fasten"
	"setfast/core/part"
)

// runStacks checks the fastened joints of a document: 0 where nothing is found, 1 where something is, 2 where it cannot be read.
func runStacks(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {stacks: [{name, screws, screw, grip_mm, length_mm, wanted_mm, through_nut_mm, engagement_mm, hole, why, findings, …}]}")
	files, code, ok := c.files(1, 1)
	if !ok {
		return code
	}
	x, err := readLaid(files[0], c.in, nil)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *asJSON {
		joints := append([]fasten.Joint{}, x.Joints...)
		if err := json.NewEncoder(c.out).Encode(map[string]any{"stacks": joints}); err != nil {
			return c.fail("the joints could not be written: %v", plain(err))
		}
	} else {
		tellJoints(c.out, x.Joints)
	}
	if x.Finds() {
		return 1
	}
	return 0
}

func tellJoints(w io.Writer, joints []fasten.Joint) {
	if len(joints) == 0 {
		fmt.Fprintln(w, "no stack is declared")
		return
	}
	for _, j := range joints {
		name := j.Name
		if j.In != "" {
			name = j.In + ", " + name
		}
		fmt.Fprintf(w, "%s: %d × %s", name, j.Screws, j.Screw)
		if j.Length > 0 {
			fmt.Fprintf(w, ", grip %s mm", part.Number(j.Grip))
		}
		switch {
		case j.Through != nil:
			fmt.Fprintf(w, ", %s mm through the nut", part.Number(*j.Through))
		case j.Engagement != nil:
			fmt.Fprintf(w, ", %s mm engaged", part.Number(*j.Engagement))
		}
		if j.Hole != "" {
			fmt.Fprintf(w, ", holes %s", j.Hole)
		}
		fmt.Fprintln(w)
		for _, f := range j.Findings {
			fmt.Fprintf(w, "  %s\n", f)
		}
	}
	fmt.Fprintln(w, caution)
}
