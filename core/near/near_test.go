package near

import "testing"

func TestOf(t *testing.T) {
	have := []string{"concentric", "coincident", "components", "mates", "part", "json", "timing", "Top"}
	for name, want := range map[string]string{
		"concentrik": "concentric", "coincidnet": "coincident", "component": "components", "mate": "mates", "parts": "part",
		"jsn": "json", "JSON": "json", "top": "Top", "tmiing": "timing", "wheel": "", "": "", "x": "", "comp": "components",
	} {
		if got := Of(name, have); got != want {
			t.Errorf("%q: %q, want %q", name, got, want)
		}
	}
}
