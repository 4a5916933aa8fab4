package dense

// Sets splits the numbers from 0 into disjoint sets; each is known by its least number.
type Sets []int

// NewSets puts each of n numbers into a set of its own.
func NewSets(n int) Sets {
	s := make(Sets, n)
	for i := range s {
		s[i] = i
	}
	return s
}

// Find is the least number of the set that i is in.
func (s Sets) Find(i int) int {
	for s[i] != i {
		s[i] = s[s[i]]
		i = s[i]
	}
	return i
}

// Join makes one set of those that a and b are in.
func (s Sets) Join(a, b int) {
	a, b = s.Find(a), s.Find(b)
	s[max(a, b)] = min(a, b)
}
