package account

import (
	"fmt"

	"setfast/core/assembly"
)

// Jointed finds a joint in force by its id, and where a coordinate of it stands: mm or degrees.
func (a *Account) Jointed(asm *assembly.Assembly, id, of string) (*assembly.Mate, float64, error) {
	m := asm.Mate(id)
	if m == nil || m.IsCoupling() || m.Suppressed {
		return nil, 0, fmt.Errorf("there is no joint %q in force", id)
	}
	now, ok := a.Coordinates()[id][of]
	if !ok {
		return nil, 0, fmt.Errorf("%s has no %s", id, of)
	}
	return m, now, nil
}
