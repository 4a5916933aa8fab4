package explode

import (
	"fmt"
	"math"
	"slices"
	"strings"

	"setfast/core/geom"
)

// reach finds a unit, and opens the subassemblies that it lies in.
func (a *apart) reach(name string) *unit {
	for a.byName[name] == nil {
		k := slices.IndexFunc(a.units, func(u *unit) bool { return len(u.Sub) > 0 && !u.gone && strings.HasPrefix(name, u.Name+"/") })
		if k < 0 {
			return nil
		}
		a.open([]*unit{a.units[k]})
	}
	return a.byName[name]
}

// said takes the steps that the assembly says: each is tried as it is said, what it meets is told, and what it says nothing about leaves after them.
func (a *apart) said() error {
	with := map[*unit]int{} // the step, from 1, in which units left that have not come apart since
	for k, s := range a.o.Said {
		d := geom.FromArray(s.Along).Unit()
		if d.Norm() == 0 || len(s.Parts) == 0 || s.By < 0 || math.IsInf(s.By, 0) {
			return fmt.Errorf("step %d of what it says about coming apart has no direction or no parts", k+1)
		}
		var group, left []*unit
		var there []string
		for _, name := range s.Parts {
			u := a.reach(name)
			switch {
			case u == nil:
				if !slices.Contains(a.out.NoShape, name) {
					a.out.Missing = append(a.out.Missing, name)
				}
				continue
			case u == a.base: // it stays all the same
				a.out.Stuck = append(a.out.Stuck, Stuck{u.Name, []string{}})
				continue
			case u.gone: // it left before, with others, and comes apart farther
				left = append(left, u)
			default:
				group = append(group, u)
			}
			there = append(there, name)
		}
		if len(there) == 0 {
			continue
		}
		for _, u := range left {
			var on []string
			for _, v := range a.units {
				if with[u] == with[v] && with[v] > 0 && !slices.Contains(left, v) && a.blocks(u, v, d) {
					on = append(on, v.Name)
				}
			}
			if on != nil {
				a.out.Stuck = append(a.out.Stuck, Stuck{u.Name, on})
			}
			with[u] = 0
		}
		for _, u := range group {
			var on []string
			for _, v := range a.units {
				if !v.gone && !slices.Contains(group, v) && a.blocks(u, v, d) {
					on = append(on, v.Name)
				}
			}
			if on != nil {
				a.out.Stuck = append(a.out.Stuck, Stuck{u.Name, on})
			}
		}
		for _, u := range group {
			u.gone = true
			with[u] = k + 1
		}
		a.out.Steps = append(a.out.Steps, Step{Parts: there, Along: clean(d).Array(), By: s.By})
	}
	return nil
}
