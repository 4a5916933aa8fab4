package clash

import "sync"

// mostKnown is how many pairs are remembered; beyond it all are forgotten.
const mostKnown = 200_000

// Known is what was found of pairs before: the same two solids at the same placement are not looked at again. It may be shared.
type Known struct {
	mu  sync.Mutex
	all map[key]found
}

// NewKnown remembers nothing yet.
func NewKnown() *Known { return &Known{all: map[key]found{}} }

func (k *Known) has(of key) bool {
	_, ok := k.get(of)
	return ok
}

func (k *Known) get(of key) (found, bool) {
	k.mu.Lock()
	defer k.mu.Unlock()
	f, ok := k.all[of]
	return f, ok
}

func (k *Known) put(of key, f found) {
	k.mu.Lock()
	defer k.mu.Unlock()
	if len(k.all) >= mostKnown {
		clear(k.all)
	}
	k.all[of] = f
}
