package clash
import "testing"
func BenchmarkSight(b *testing.B) {
	ring, bar := pipe(20, 5.05, 30, 160), pipe(5, 0, 70, 160)
	var e Eye
	for _, w := range []float64{1e-3, 0.5, 1.5} {
		b.Run("", func(b *testing.B) { for b.Loop() { e.See(ring, bar, shift(0,0,-20), 1e-3, w) } })
	}
}
