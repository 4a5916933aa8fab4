package app

import (
	"context"
	"setfast/app/commands"
	"setfast/app/words"
	"slices"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/kernel"
	"setfast/store"
)

// tree makes assemblies of a file's product tree: every product that has others inside becomes one, used as often as the file
// uses it, its parts standing where the file puts them. The first of each is grounded where it stands. What an earlier reading
// of the same files has made is not made again.
type tree struct {
	app     *App
	project int64
	im      *kernel.Import
	parts   []string // keys, in the file's order
	file    string
	source  string
	fresh   bool // the file brought parts that were not here

	have  []store.Assembly
	made  map[string]int64
	names []string
}

// build makes the assemblies and gives the names of those that are new.
func (t *tree) build(ctx context.Context) (names []string, err error) {
	t.made = map[string]int64{}
	if t.have, err = t.app.Store.Assemblies(ctx, t.project); err != nil {
		return nil, err
	}
	for _, r := range t.im.Roots {
		if len(r.Children) > 0 {
			if _, err := t.assembly(ctx, r); err != nil {
				return t.names, err
			}
		}
	}
	return t.names, nil
}

func (t *tree) nameOf(n *kernel.Node) string {
	for _, name := range []string{n.Product, n.Name, t.file} {
		if name != "" {
			return clip(name, words.MostName)
		}
	}
	return "assembly"
}

// known finds the assembly that was made of this product before. Those of older programs do not say what they were made of.
func (t *tree) known(n *kernel.Node) (store.Assembly, bool) {
	i := slices.IndexFunc(t.have, func(a store.Assembly) bool {
		return a.SourceID == t.source && a.SourceNode == n.Key || a.SourceID == "" && !t.fresh && a.Name == t.nameOf(n)
	})
	if i < 0 {
		return store.Assembly{}, false
	}
	return t.have[i], true
}

func (t *tree) assembly(ctx context.Context, n *kernel.Node) (int64, error) {
	if id, ok := t.made[n.Key]; ok {
		return id, nil
	}
	old, ok := t.known(n)
	if ok && (old.Seq > 0 || old.SourceID == "") {
		t.made[n.Key] = old.ID
		if old.Off {
			return old.ID, t.app.Store.PutBack(ctx, old.Key())
		}
		return old.ID, nil
	}
	b, err := t.places(ctx, n)
	if err != nil {
		return 0, err
	}
	id := old.ID // one whose making was broken off is gone on with
	if !ok {
		if id, err = t.app.Store.CreateAssembly(ctx, store.Assembly{ProjectID: t.project, Name: t.nameOf(n), SourceID: t.source, SourceNode: n.Key}); err != nil {
			return 0, err
		}
	}
	t.made[n.Key] = id
	t.names = append(t.names, t.nameOf(n))
	if len(b.Edits) > 0 {
		_, err = t.app.Post(ctx, id, "import", "place what "+t.file+" holds", b)
	}
	return id, err
}

// places puts the uses of a product where the file puts them.
func (t *tree) places(ctx context.Context, n *kernel.Node) (b edit.Batch, err error) {
	empty := &assembly.Assembly{}
	taken := map[string]bool{}
	for _, c := range n.Children {
		k := edit.Component{Pose: (c.Pose), Grounded: len(b.Edits) == 0}
		want := c.Name
		switch {
		case c.Scaled:
			continue // a mirrored or scaled use is no rigid placement of the part
		case c.Part >= 0:
			k.Part = t.parts[c.Part]
			if want == "" {
				want = t.im.PartName(c.Part)
			}
		case len(c.Children) > 0:
			id, err := t.assembly(ctx, c)
			if err != nil {
				return b, err
			}
			k.Assembly = AssemblyKey(id)
			if want == "" {
				want = c.Product
			}
		default:
			continue
		}
		k.Name = commands.FreeName(empty, clip(want, 150), taken)
		taken[k.Name] = true
		b.Edits = append(b.Edits, edit.Place{Component: k})
	}
	return b, nil
}
