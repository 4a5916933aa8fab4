package mark

import (
	"context"
	"maps"
	"slices"
	"strings"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/relate"
)

// takes is the number of the key's part that a part of another file is taken for: by its number, by its name, or by the number that its name begins with.
func (k *Key) takes(number, name string) (string, bool) {
	if _, known := k.Quantities[number]; known {
		return number, true
	}
	for _, s := range []string{name, number} {
		if n := k.Numbers[s]; n != "" {
			return n, true
		}
		if first, _, _ := strings.Cut(s, " "); first != "" {
			if _, known := k.Quantities[first]; known {
				return first, true
			}
		}
	}
	return "", false
}

// Recovered is a file of shapes that are placed, by the relations that these imply, with the measures of the whole that the key has, and the key's densities
// where the file has none.
func Recovered(ctx context.Context, k *Key, doc *assembly.Document, shapes relate.Shapes) (*relate.Accounted, error) {
	got, err := relate.Document(ctx, doc, shapes, relate.Options{Anew: true})
	if err != nil || len(k.Asked) == 0 {
		return got, err
	}
	whole := *got.Document
	whole.Parts = maps.Clone(whole.Parts)
	for key, p := range whole.Parts {
		if n, ok := k.takes(p.Number, p.Name); ok && k.Parts[n] != nil && p.Mass == 0 && p.Density == 0 {
			q := *p
			q.Mass, q.Density = k.Parts[n].Mass, k.Parts[n].Density
			whole.Parts[key] = &q
		}
	}
	root := *whole.Assemblies[whole.Root]
	root.Measures = k.Asked
	whole.Assemblies = maps.Clone(whole.Assemblies)
	whole.Assemblies[whole.Root] = root.Seal()
	got.Document = &whole
	got.Report, err = account.Check(ctx, &whole, nil)
	return got, err
}

// Threads are fits for what passes through a fastener that was recognised by its shape: a thread, no deeper than threads are.
func Threads(got *relate.Accounted, found *clash.Found) (out []clash.Fit) {
	root := got.Document.Assemblies[got.Document.Root]
	fasteners := got.Found[got.Document.Root].Fasteners
	is := func(name string) bool {
		c := root.Component(name)
		return c != nil && slices.Contains(fasteners, c.Part)
	}
	for _, p := range found.Pairs {
		if p.Kind == clash.Clash && (is(p.A) || is(p.B)) {
			out = append(out, clash.Fit{A: p.A, B: p.B, Kind: "thread"})
		}
	}
	return out
}
