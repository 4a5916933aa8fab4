package bench

import (
	"encoding/json"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
)

// groupJSON is a group of the list.
type groupJSON struct {
	Name       string   `json:"name"`
	Components []string `json:"components"`
}

// variantJSON is a column of named values, by name.
type variantJSON struct {
	Name   string            `json:"name"`
	Values map[string]string `json:"values"`
}

func groups(a *assembly.Assembly) []groupJSON {
	out := []groupJSON{}
	for _, g := range a.Groups {
		out = append(out, groupJSON{g.Name, append([]string{}, g.Components...)})
	}
	return out
}

// viewJSON is a view that the document keeps.
type viewJSON struct {
	Name string     `json:"name"`
	Look [3]float64 `json:"look"`
}

func views(a *assembly.Assembly) []viewJSON {
	out := []viewJSON{}
	for _, v := range a.Views {
		out = append(out, viewJSON{v.Name, v.Look.Array()})
	}
	return out
}

func variants(a *assembly.Assembly) []variantJSON {
	out := []variantJSON{}
	for _, v := range a.Variants {
		k := variantJSON{v.Name, map[string]string{}}
		for _, x := range v.Values {
			k.Values[x.Name] = x.Text
		}
		out = append(out, k)
	}
	return out
}

// runKept is a run that the document keeps.
type runKept struct {
	Name  string         `json:"name"`
	Words string         `json:"words"`
	Drive json.Marshaler `json:"drive"`
}

func runs(a *assembly.Assembly) []runKept {
	out := []runKept{}
	for i := range a.Drives {
		d := &a.Drives[i]
		out = append(out, runKept{d.Name, words.Driving(d), format.DriveObject(*d)})
	}
	return out
}
