package sheet

import (
	"fmt"
	"io"
	"strings"
)

// WriteDXF writes the drawing as DXF of release 12, which every reader takes: mm on paper, a layer for each kind of line, arcs as arcs.
func (d *Drawing) WriteDXF(w io.Writer) error {
	b := &strings.Builder{}
	put := func(pairs ...any) {
		for i := 0; i+1 < len(pairs); i += 2 {
			v := pairs[i+1]
			if f, ok := v.(float64); ok {
				v = number(f)
			}
			fmt.Fprintf(b, "%d\n%v\n", pairs[i], v)
		}
	}
	put(0, "SECTION", 2, "HEADER", 9, "$ACADVER", 1, "AC1009", 9, "$INSUNITS", 70, 4, 9, "$EXTMIN", 10, 0.0, 20, 0.0, 9, "$EXTMAX", 10, d.W, 20, d.H, 9, "$LTSCALE", 40, 1.0, 0, "ENDSEC")
	put(0, "SECTION", 2, "TABLES", 0, "TABLE", 2, "LTYPE", 70, 3)
	put(0, "LTYPE", 2, "CONTINUOUS", 70, 0, 3, "", 72, 65, 73, 0, 40, 0.0)
	for _, p := range Pens {
		if len(p.Dash) == 0 {
			continue
		}
		whole := 0.0
		for _, v := range p.Dash {
			whole += v
		}
		put(0, "LTYPE", 2, p.Name, 70, 0, 3, p.Name, 72, 65, 73, len(p.Dash), 40, whole)
		for k, v := range p.Dash {
			if k%2 == 1 {
				v = -v
			}
			put(49, v)
		}
	}
	put(0, "ENDTAB", 0, "TABLE", 2, "LAYER", 70, len(Pens))
	for _, p := range Pens {
		kind := "CONTINUOUS"
		if len(p.Dash) > 0 {
			kind = p.Name
		}
		put(0, "LAYER", 2, p.Name, 70, 0, 62, p.Color, 6, kind)
	}
	put(0, "ENDTAB", 0, "ENDSEC", 0, "SECTION", 2, "ENTITIES")
	for i := range d.Marks {
		m := &d.Marks[i]
		layer := Pens[m.Pen].Name
		p := m.Points[0]
		switch {
		case m.Image != nil: // lines alone go there
		case m.Text != "":
			put(0, "TEXT", 8, layer, 10, p[0], 20, p[1], 40, m.High, 1, plainText(m.Text))
			if m.Align != Left {
				put(72, int(m.Align), 11, p[0], 21, p[1])
			}
		case m.R > 0 && m.To-m.From >= around:
			put(0, "CIRCLE", 8, layer, 10, p[0], 20, p[1], 40, m.R)
		case m.R > 0:
			put(0, "ARC", 8, layer, 10, p[0], 20, p[1], 40, m.R, 50, turnOf(m.From), 51, turnOf(m.To))
		case m.Filled && m.Pen == Ink && len(m.Points) <= 4:
			q := append([][2]float64{}, m.Points...)
			for len(q) < 4 {
				q = append(q, q[len(q)-1])
			}
			q[2], q[3] = q[3], q[2]
			put(0, "SOLID", 8, layer)
			for k, c := range q {
				put(10+k, c[0], 20+k, c[1])
			}
		case len(m.Points) == 2 && !m.Closed:
			put(0, "LINE", 8, layer, 10, p[0], 20, p[1], 11, m.Points[1][0], 21, m.Points[1][1])
		default:
			closed := 0
			if m.Closed {
				closed = 1
			}
			put(0, "POLYLINE", 8, layer, 66, 1, 70, closed, 10, 0.0, 20, 0.0)
			for _, c := range m.Points {
				put(0, "VERTEX", 8, layer, 10, c[0], 20, c[1])
			}
			put(0, "SEQEND", 8, layer)
		}
	}
	put(0, "ENDSEC", 0, "EOF")
	_, err := io.WriteString(w, b.String())
	return err
}

func turnOf(deg float64) float64 {
	for deg < 0 {
		deg += around
	}
	for deg >= around {
		deg -= around
	}
	return deg
}

// plainText is a text as release 12 has it: one line, what is beyond Latin by its number.
func plainText(s string) string {
	var b strings.Builder
	for _, r := range s {
		switch {
		case r < ' ':
			b.WriteByte(' ')
		case r > '~':
			fmt.Fprintf(&b, `\U+%04X`, r)
		default:
			b.WriteRune(r)
		}
	}
	return b.String()
}
