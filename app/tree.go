package app

import (
	"context"

	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/kernel"
)

// buildTree makes assemblies of a file's product tree: every product that has others inside becomes one, used as often as
// the file uses it, its parts standing where the file puts them. The first of each is grounded where it stands.
func (a *App) buildTree(ctx context.Context, project int64, im *kernel.Import, parts []string, fileName string) (names []string, err error) {
	made := map[string]int64{}
	var build func(n *kernel.Node) (int64, error)
	build = func(n *kernel.Node) (int64, error) {
		if id, ok := made[n.Key]; ok {
			return id, nil
		}
		name := n.Product
		if name == "" {
			name = n.Name
		}
		if name == "" {
			name = fileName
		}
		name = clip(name, 180)
		var b edit.Edit
		b.Op = "batch"
		asm := &assembly.Assembly{}
		taken := map[string]bool{}
		for _, c := range n.Children {
			k := &edit.Component{Pose: edit.PoseOf(c.Pose), Grounded: len(b.Edits) == 0}
			want := c.Name
			switch {
			case c.Scaled:
				continue // a mirrored or scaled use is no rigid placement of the part
			case c.Part >= 0:
				k.Part = parts[c.Part]
				if want == "" {
					want = im.PartName(c.Part)
				}
			case len(c.Children) > 0:
				id, err := build(c)
				if err != nil {
					return 0, err
				}
				k.Assembly = AssemblyKey(id)
				if want == "" {
					want = c.Product
				}
			default:
				continue
			}
			k.Name = FreeName(asm, clip(want, 150), taken)
			taken[k.Name] = true
			b.Edits = append(b.Edits, edit.Edit{Op: "place", Component: k})
		}
		id, err := a.Store.CreateAssembly(ctx, project, name, "")
		if err != nil {
			return 0, err
		}
		made[n.Key] = id
		names = append(names, name)
		if len(b.Edits) > 0 {
			_, err = a.Post(ctx, id, 0, "import", "place what "+fileName+" holds", b)
		}
		return id, err
	}
	for _, r := range im.Roots {
		if len(r.Children) > 0 {
			if _, err := build(r); err != nil {
				return names, err
			}
		}
	}
	return names, nil
}
