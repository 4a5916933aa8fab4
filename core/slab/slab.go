// Package slab hands out memory in pieces that stay, so that many small lists cost few allocations.
package slab

// Of is memory for lists of one type; it is ready for use as it is.
type Of[T any] struct{ s []T }

// Room gives an empty list that n can be put into.
func (b *Of[T]) Room(n int) []T {
	if len(b.s)+n > cap(b.s) {
		b.s = make([]T, 0, max(least(cap(b.s)), n))
	}
	k := len(b.s)
	b.s = b.s[:k+n]
	return b.s[k : k : k+n]
}

// least is how much is taken next: little at first, for what needs little.
func least(had int) int { return min(max(64, 4*had), 4096) }

// Empty takes all pieces back.
func (b *Of[T]) Empty() { b.s = b.s[:0] }
