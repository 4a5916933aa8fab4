package main

import (
	"context"
	"encoding/json"
	"fmt"
	"io"
	"os"
	"os/signal"
	"slices"
	"strings"
	"time"

	"setfast/core/account"
	"setfast/core/carry"
	"setfast/core/explode"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/core/report"
	"setfast/core/sheet"
	"setfast/core/view"
	"setfast/paper"
)

// runSheet draws an assembly: 0 where it is drawn, 2 where it cannot be.
func runSheet(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {size, scale, views, items, balloons}")
	files := map[string]*string{}
	for _, kind := range []string{"svg", "pdf", "dxf"} {
		files[kind] = c.String(kind, "", "write the drawing to this "+strings.ToUpper(kind)+" `file`")
	}
	in := sheet.Input{}
	c.StringVar(&in.Size, "size", "", "A4 to A0, or A to E; the smallest that takes it where none is named")
	c.StringVar(&in.Scale, "scale", "", "a scale of ISO 5455, such as 1:2; the largest that fits where none is named")
	views := c.String("views", "", "front, top, left, right, back, bottom, iso, or views of the document's own, with commas; front, top, left and iso where none are named")
	exploded := c.Bool("exploded", false, "an exploded view")
	as := c.String("apart", "", "an exploded view, in the way that the document has under this `name`")
	section := c.String("section", "", "cut through this axis, or along this flat face, as component/`feature`")
	c.BoolVar(&in.Third, "third", false, "third angle; first where it is not asked for")
	c.BoolVar(&in.Hidden, "hidden", false, "hidden lines in views along an axis")
	c.BoolVar(&in.Shaded, "shaded", false, "surfaces under the lines")
	c.BoolVar(&in.Smooth, "smooth", false, "edges over which faces go on smoothly, too")
	dims := c.String("dims", "", "dimensions, with semicolons: `view: feature, feature` or view: round feature")
	details := c.String("details", "", "details, with semicolons: `view: feature, radius in mm`")
	c.BoolVar(&in.NoList, "no-list", false, "neither list nor balloons")
	c.StringVar(&in.Title.Creator, "by", "", "who made it")
	c.StringVar(&in.Title.Approver, "approved", "", "who approved it")
	c.StringVar(&in.Title.Owner, "owner", "", "whose it is")
	c.StringVar(&in.Title.Date, "date", time.Now().Format(time.DateOnly), "date of issue")
	c.StringVar(&in.Title.Revision, "revision", "", "revision")
	force := c.Bool("force", false, "overwrite files that are there")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	b, file, code := takeBodies(c, unfenced)
	if b == nil {
		return code
	}
	defer b.close()
	ctx, cancel := signal.NotifyContext(context.Background(), os.Interrupt)
	defer cancel()
	names := strings.FieldsFunc(*views, func(r rune) bool { return r == ',' || r == ' ' })
	var err error
	var x *explode.Exploded
	if *exploded = *exploded || *as != ""; *exploded || slices.Contains(names, "exploded") {
		if x, err = b.apart(ctx, *as); err != nil {
			return c.fail("%s: %v", called(file), err)
		}
	}
	if len(names) == 0 {
		names = sheet.Usual(*exploded)
	}
	if *exploded && !slices.Contains(names, "exploded") {
		names = append(slices.Clone(names), "exploded")
	}
	s, err := b.sheet(ctx, in, names, x, *section, split(*dims), split(*details))
	if err != nil {
		return c.fail("%s: %v", called(file), err)
	}
	for kind, write := range map[string]func(w io.Writer) error{"svg": s.Drawing.WriteSVG, "dxf": s.Drawing.WriteDXF, "pdf": func(w io.Writer) error { return paper.WritePDF(w, called(file), s.Drawing) }} {
		to := *files[kind]
		if to == "" {
			continue
		}
		err := free(to, *force)
		if err == nil {
			err = into(write)(to)
		}
		if err != nil {
			return c.fail("%s could not be written: %v", to, plain(err))
		}
	}
	if *asJSON {
		err = json.NewEncoder(c.out).Encode(s)
	} else {
		_, err = fmt.Fprintf(c.out, "%s at %s: %s; %d items, %d balloons\n", s.Size, s.Scale, strings.Join(s.Views, ", "), s.Items, s.Balloons)
	}
	if err != nil {
		return c.fail("the answer could not be written: %v", plain(err))
	}
	return 0
}

// sheet draws the root.
func (b *bodies) sheet(ctx context.Context, in sheet.Input, names []string, x *explode.Exploded, section string, dims, details []string) (*sheet.Sheet, error) {
	rep, err := account.Check(ctx, b.doc, nil)
	if err != nil {
		return nil, err
	}
	root := b.doc.Assemblies[b.doc.Root]
	s := b.subject(rep)
	s.Exploded, s.Section = x, section
	if err := s.Ask(&in, names, dims, details); err != nil {
		return nil, err
	}
	in.Title.Number, in.Title.Name = root.Number, root.Name
	if in.Title.Name == "" {
		in.Title.Name = b.doc.Root
	}
	return sheet.Make(ctx, in)
}

// subject is the root to be drawn.
func (b *bodies) subject(rep *report.Report) *sheet.Subject {
	w := &carry.World{Doc: b.doc, Asm: b.doc.Assemblies[b.doc.Root], Rep: rep.Assemblies[b.doc.Root]}
	return &sheet.Subject{Doc: b.doc, Report: rep, Name: b.doc.Root, Shape: func(key string) *view.Shape { return b.drawn[key] },
		Resolve: func(ref string) (part.Feature, error) {
			r, err := format.Ref(ref)
			if err != nil {
				return part.Feature{}, err
			}
			return w.Feature(r)
		}}
}

// split takes a list with semicolons apart.
func split(text string) []string {
	return strings.FieldsFunc(text, func(r rune) bool { return r == ';' })
}
