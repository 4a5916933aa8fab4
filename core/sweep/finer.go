package sweep

import (
	"context"

	"setfast/core/clash"
)

// once is a way to finer triangles that remembers what it gave.
func once(ask clash.Finer) clash.Finer {
	if ask == nil {
		return nil
	}
	had := map[*clash.Solid]*clash.Solid{}
	return func(ctx context.Context, list []*clash.Solid) ([]*clash.Solid, error) {
		var wanted []*clash.Solid
		for _, s := range list {
			if had[s] == nil {
				wanted = append(wanted, s)
			}
		}
		if len(wanted) > 0 {
			got, err := ask(ctx, wanted)
			if err != nil {
				return nil, err
			}
			for i, s := range wanted {
				had[s] = got[i]
			}
		}
		out := make([]*clash.Solid, len(list))
		for i, s := range list {
			out[i] = had[s]
		}
		return out, nil
	}
}
