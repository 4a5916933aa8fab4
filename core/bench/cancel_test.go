package bench

import (
	"context"
	"errors"
	"os"
	"path/filepath"
	"testing"
	"time"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/format"
)

// TestCalledOff calls checks off at moments spread over all they do. Each ends soon after, with the context's own reason, and the
// document is as good as before. The bound is wide: what it tells apart is an end from no end.
func TestCalledOff(t *testing.T) {
	if testing.Short() {
		t.Skip("checks large assemblies many times")
	}
	docs := map[string]*assembly.Document{"pile": Pile(400), "scissor": Scissor(150), "lattice": Lattice(12), "conflict": Conflict(60), "conflict in a chain": ConflictChain(120)}
	if dir := os.Getenv("SETFAST_HARD"); dir != "" { // a folder of assembly files to try as well
		files, _ := filepath.Glob(filepath.Join(dir, "*.setfast.json"))
		for _, f := range files {
			data, err := os.ReadFile(f)
			if err != nil {
				t.Fatal(err)
			}
			if d, err := format.Read(data); err == nil {
				docs[filepath.Base(f)] = d
			}
		}
	}
	why := errors.New("called off")
	for name, doc := range docs {
		t.Run(name, func(t *testing.T) {
			start := time.Now()
			if _, err := account.Check(context.Background(), doc, nil); err != nil {
				t.Skip(err)
			}
			whole := time.Since(start)
			worst := time.Duration(0)
			for k := range 12 {
				ctx, cancel := context.WithCancelCause(context.Background())
				var asked time.Time
				time.AfterFunc(whole*time.Duration(k)/12, func() { asked = time.Now(); cancel(why) })
				_, err := account.Check(ctx, doc, nil)
				if err == nil {
					continue // it was faster this time
				}
				if !errors.Is(err, why) {
					t.Fatalf("called off, it says %v", err)
				}
				worst = max(worst, time.Since(asked))
			}
			t.Logf("whole %v, longest until it ended %v", whole.Round(time.Millisecond), worst.Round(time.Millisecond))
			if worst > 2*time.Second {
				t.Errorf("it went on for %v", worst)
			}
		})
	}
	ctx, cancel := context.WithCancelCause(context.Background())
	cancel(why)
	if _, err := account.Check(ctx, docs["pile"], nil); !errors.Is(err, why) {
		t.Errorf("called off before it began: %v", err)
	}
}
