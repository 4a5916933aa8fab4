package export

import (
	"archive/zip"
	"bufio"
	"encoding/xml"
	"fmt"
	"io"
	"math"
	"strings"

	"setfast/core/geom"
)

// Write3MF writes the model as 3MF: an object with a mesh for each part, one with components for each product, all of it built once.
func (m *Model) Write3MF(w io.Writer) error {
	z := zip.NewWriter(w)
	for name, text := range map[string]string{
		"[Content_Types].xml": `<Types xmlns="http://schemas.openxmlformats.org/package/2006/content-types"><Default Extension="rels" ContentType="application/vnd.openxmlformats-package.relationships+xml"/><Default Extension="model" ContentType="application/vnd.ms-package.3dmanufacturing-3dmodel+xml"/></Types>`,
		"_rels/.rels":         `<Relationships xmlns="http://schemas.openxmlformats.org/package/2006/relationships"><Relationship Target="/3D/3dmodel.model" Id="rel0" Type="http://schemas.microsoft.com/3dmanufacturing/2013/01/3dmodel"/></Relationships>`,
	} {
		f, err := z.Create(name)
		if err != nil {
			return err
		}
		if _, err := io.WriteString(f, xml.Header+text); err != nil {
			return err
		}
	}
	f, err := z.Create("3D/3dmodel.model")
	if err != nil {
		return err
	}
	b := bufio.NewWriter(f)
	fmt.Fprintf(b, `%s<model unit="millimeter" xml:lang="en" xmlns="http://schemas.microsoft.com/3dmanufacturing/core/2015/02"><metadata name="Application">Setfast</metadata><resources><basematerials id="1">`, xml.Header)
	for _, p := range m.Parts {
		fmt.Fprintf(b, `<base name="%s" displaycolor="#%02X%02X%02X"/>`, escaped(p.Name), level(p.Color[0]), level(p.Color[1]), level(p.Color[2]))
	}
	b.WriteString("</basematerials>")
	const first = 2 // the materials come before
	for i, p := range m.Parts {
		fmt.Fprintf(b, `<object id="%d" type="model" name="%s" pid="1" pindex="%d"><mesh><vertices>`, first+i, escaped(p.Name), i)
		index := map[geom.Vec]int{} // corners at one place are one: the mesh is closed
		var order []geom.Vec
		at := make([]int, len(p.Shape.Points))
		for k, v := range p.Shape.Points {
			n, ok := index[v]
			if !ok {
				n = len(order)
				index[v] = n
				order = append(order, v)
			}
			at[k] = n
		}
		for _, v := range order {
			fmt.Fprintf(b, `<vertex x="%g" y="%g" z="%g"/>`, float32(v.X), float32(v.Y), float32(v.Z))
		}
		b.WriteString("</vertices><triangles>")
		for _, t := range p.Shape.Triangles {
			if u, v, w := at[t[0]], at[t[1]], at[t[2]]; u != v && v != w && w != u {
				fmt.Fprintf(b, `<triangle v1="%d" v2="%d" v3="%d"/>`, u, v, w)
			}
		}
		b.WriteString("</triangles></mesh></object>")
	}
	for i, p := range m.Products {
		fmt.Fprintf(b, `<object id="%d" type="model" name="%s"><components>`, first+len(m.Parts)+i, escaped(p.Name))
		for _, u := range p.Uses {
			id := first + u.Part
			if u.Whole {
				id = first + len(m.Parts) + u.Product
			}
			x, y, z := u.Pose.Q.Axes()
			o := u.Pose.O
			fmt.Fprintf(b, `<component objectid="%d" transform="%.9g %.9g %.9g %.9g %.9g %.9g %.9g %.9g %.9g %.9g %.9g %.9g"/>`, id, x.X, x.Y, x.Z, y.X, y.Y, y.Z, z.X, z.Y, z.Z, o.X, o.Y, o.Z)
		}
		b.WriteString("</components></object>")
	}
	fmt.Fprintf(b, `</resources><build><item objectid="%d"/></build></model>`, first+len(m.Parts)+len(m.Products)-1)
	if err := b.Flush(); err != nil {
		return err
	}
	return z.Close()
}

func level(v float64) int { return int(math.Round(255 * max(0, min(1, v)))) }

func escaped(s string) string {
	var b strings.Builder
	_ = xml.EscapeText(&b, []byte(s))
	return b.String()
}
