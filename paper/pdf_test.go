package paper

import (
	"bytes"
	"os/exec"
	"strings"
	"testing"

	"setfast/core/sheet"
)

// TestWritePDF writes two pages of different sizes; where poppler is on the machine it reads their text back.
func TestWritePDF(t *testing.T) {
	page := func(w, h float64, text string) *sheet.Drawing {
		return &sheet.Drawing{W: w, H: h, Marks: []sheet.Mark{{Pen: sheet.Visible, Points: [][2]float64{{10, 10}, {100, 50}}}, {Pen: sheet.Hidden, Points: [][2]float64{{50, 50}}, R: 20, From: 10, To: 200},
			{Pen: sheet.Ink, Points: [][2]float64{{1, 1}, {2, 1}, {2, 2}}, Closed: true, Filled: true}, {Points: [][2]float64{{20, 20}}, Text: text, High: 3.5, Bold: true}}}
	}
	var out bytes.Buffer
	if err := WritePDF(&out, "Ständer", page(210, 297, "GRÖSSE – A4"), page(420, 297, "Ångström Ø6.6")); err != nil {
		t.Fatal(err)
	}
	for _, want := range []string{"%PDF-", "/MediaBox [0 0 595.28 841.89]", "/MediaBox [0 0 1190.55 841.89]", "%%EOF"} {
		if !strings.Contains(out.String(), want) {
			t.Errorf("there is no %s", want)
		}
	}
	if read, err := exec.LookPath("pdftotext"); err == nil {
		c := exec.Command(read, "-", "-")
		c.Stdin = bytes.NewReader(out.Bytes())
		text, err := c.Output()
		if err != nil || !strings.Contains(string(text), "GRÖSSE – A4") || !strings.Contains(string(text), "Ångström Ø6.6") {
			t.Errorf("read back: %v %q", err, text)
		}
	}
}
