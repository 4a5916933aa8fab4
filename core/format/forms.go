package format

import (
	"fmt"
	"maps"
	"strings"

	"setfast/core/near"
	"setfast/core/relation"
)

// form is how the object that a node is, or stands in the place of, is written: an example, found by where it stands.
func form(n *node) string {
	if n.in == nil {
		return `{"setfast": 1, "root": "main", "parts": {…}, "assemblies": {"main": {…}}}`
	}
	switch in := n.in; in.name {
	case "mates":
		if t := n.find("type"); t != nil && t.str == "centred" {
			return `{"id": "m1", "type": "centred", "a": ["block/left", "block/right"], "b": ["lid/left", "lid/right"]}`
		}
		return `{"id": "m1", "type": "concentric", "a": "plate/bore", "b": "pin/shank"}`
	case "components":
		return `{"part": "plate", "grounded": true} or {"assembly": "gearbox"}`
	case "planned":
		return `{"joint": "turn"} or {"component": "shaft", "motion": "turn", "about": "plate/bore"}`
	case "measures":
		return measureForms[n.textOf("type")]
	case "drives":
		return `{"joint": "turn", "of": "angle", "from": 0, "to": 90, "steps": 9}`
	case "parts":
		return `{"name": "Plate", "features": {"top": {"type": "plane", "origin": [0,0,8], "normal": [0,0,1]}}}`
	case "assemblies":
		return `{"components": {"plate": {"part": "plate", "grounded": true}}, "mates": [], "planned": []}`
	case "features":
		return featureForms[n.textOf("type")]
	case "limits":
		return `[-45, 90], with null for an open end`
	}
	switch n.name {
	case "pose":
		return `{"origin": [0,0,0], "quaternion": [1,0,0,0]}`
	case "settings":
		return `{"tolerance_mm": 0.001, "tolerance_deg": 0.001, "fastener_spin": "allowed"}`
	case "source":
		return `{"step": "plate.step"}`
	case "mass":
		return `{"volume_mm3": 1000, "centroid": [0,0,0], "inertia_kg_mm2": [[1,0,0],[0,1,0],[0,0,1]]}`
	case "origin", "normal", "direction", "center", "apex", "z", "x", "centroid":
		return `[0, 0, 1]`
	case "quaternion":
		return `[1, 0, 0, 0], w first`
	case "a", "b", "about", "along", "in":
		return `"plate/bore", a component and its feature`
	case "parts", "components", "features", "measures", "drives", "assemblies", "values":
		return `{"` + n.name[:len(n.name)-1] + `-1": …}`
	case "mates":
		return `[{"id": "m1", …}, …]`
	case "planned":
		return `[{"joint": "turn"}, …]`
	case "at":
		return `{"angle": 30}`
	case "record":
		return `["gap"]`
	case "limits":
		return `{"angle": [-45, 90]}, with null for an open end`
	}
	return ""
}

// measureForms are how measures are written.
var measureForms = map[string]string{
	"":           `{"type": "distance", "a": "plate/top", "b": "lid/under"}`,
	"distance":   `{"type": "distance", "a": "plate/top", "b": "lid/under"}`,
	"angle":      `{"type": "angle", "a": "plate/bore", "b": "lever/bore"}`,
	"coordinate": `{"type": "coordinate", "joint": "turn", "of": "angle"}`,
	"position":   `{"type": "position", "of": "pin/tip", "in": "plate/seat"}`,
}

// featureForms are how features are written.
var featureForms = map[string]string{
	"":         `{"type": "plane", "origin": [0,0,8], "normal": [0,0,1]}`,
	"plane":    `{"type": "plane", "origin": [0,0,8], "normal": [0,0,1]}`,
	"cylinder": `{"type": "cylinder", "origin": [0,0,0], "direction": [0,0,1], "radius": 3.3, "side": "hole"}`,
	"circle":   `{"type": "circle", "center": [0,0,8], "normal": [0,0,1], "radius": 3.3}`,
	"point":    `{"type": "point", "at": [0,0,0]}`,
	"axis":     `{"type": "axis", "origin": [0,0,0], "direction": [0,0,1]}`,
	"cone":     `{"type": "cone", "apex": [0,0,5], "direction": [0,0,1], "half_angle": 45}`,
	"sphere":   `{"type": "sphere", "center": [0,0,0], "radius": 8}`,
	"frame":    `{"type": "frame", "origin": [0,0,0], "z": [0,0,1], "x": [1,0,0]}`,
}

// textOf is a member's text, or nothing.
func (n *node) textOf(name string) string {
	if c := n.find(name); c != nil {
		return c.str
	}
	return ""
}

// like adds how it is written to a message.
func like(n *node) string {
	if f := form(n); f != "" {
		return "; it is written like " + f
	}
	return ""
}

// meant says which of the known words may have been meant by another, by what the trade calls it or by its spelling, or which there are.
func meant(word string, known []string, trade map[string]string) string {
	if w := trade[strings.ReplaceAll(strings.ToLower(word), "-", "_")]; w != "" {
		return fmt.Sprintf("; did you mean %q?", w)
	}
	return near.Or(word, known, "; known are "+strings.Join(known, ", "))
}

// tradeWords are what relations are called besides, with what is meant. A word that several go by tells nothing.
var tradeWords = func() map[string]string {
	out := map[string]string{}
	for _, t := range relation.Types() {
		for _, w := range t.Also {
			if _, taken := out[w]; taken {
				out[w] = ""
			} else {
				out[w] = t.Name
			}
		}
	}
	maps.DeleteFunc(out, func(w, name string) bool { return name == "" || relation.Named(w) != nil })
	return out
}()
