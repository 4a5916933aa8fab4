package app_test

import (
	"context"
	"strings"
	"testing"

	"setfast/app"
	"setfast/app/commands"
	"setfast/core/format"
	"setfast/core/part"
)

// TestHelpers makes the middle plane of two faces of a part, relates by it, finds it in the exported file, and sees that what stands on it is
// told as missing once it is forgotten. It belongs to the part: another assembly that uses it has it too.
func TestHelpers(t *testing.T) {
	ctx := context.Background()
	const hinge = "Vent hinge"
	j := judge(t, hinge)
	p := j.Doc.Parts[j.Asm.Component("Vent knuckle").Part]
	var left, right string
	for _, n := range p.Order {
		f := p.Features[n]
		if f.Kind == part.Plane && f.Z.X < -0.99 {
			left = n
		}
		if f.Kind == part.Plane && f.Z.X > 0.99 {
			right = n
		}
	}
	ask := app.Helper{Kind: "plane", Of: "Vent knuckle/" + left, And: "Vent knuckle/" + right, Name: "middle"}
	ref, err := a.Help(ctx, by[hinge], ask)
	if err != nil || ref != "Vent knuckle/middle" {
		t.Fatal(ref, err)
	}
	for _, wrong := range []app.Helper{ask, {Kind: "plane", Of: "Vent knuckle/" + left, And: "Clevis pin 8x44/x"}, {Kind: "axis", Of: "@/origin"}, {Kind: "hole", Of: "Vent knuckle/" + left}, {Of: "Vent knuckle/" + left, Off: true}} {
		if _, err := a.Help(ctx, by[hinge], wrong); err == nil {
			t.Errorf("%+v was made", wrong)
		}
	}
	k := do(t, hinge, commands.Relate{Type: "coincident", Put: ref, On: "Hinge bracket, left/yz"})
	if k.Result.Removed != j.Result.Removed+1 {
		t.Errorf("related by its middle it removes %d, was %d", k.Result.Removed, j.Result.Removed)
	}
	data, err := a.Export(ctx, by[hinge])
	if err != nil {
		t.Fatal(err)
	}
	if d, err := format.Read(data); err != nil || !strings.Contains(string(data), `"middle"`) {
		t.Errorf("the exported file does not hold the helper: %v, %d parts", err, len(d.Parts))
	}
	if _, err := a.Help(ctx, by[hinge], app.Helper{Of: ref, Off: true}); err != nil {
		t.Fatal(err)
	}
	if now := judge(t, hinge); len(now.Gaps) != 1 || now.Verdict() != app.Incomplete {
		t.Errorf("without it the gaps are %v", now.Gaps)
	}
}
