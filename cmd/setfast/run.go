package main

import (
	"context"
	"encoding/csv"
	"encoding/json"
	"errors"
	"fmt"
	"io"
	"os"
	"os/signal"
	"strings"

	"setfast/app/words"
	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/near"
	"setfast/core/sweep"
)

// moving is a document whose parts can be taken through their motion.
type moving struct {
	*bodies
	a     *account.Account
	parts []sweep.Part
	o     sweep.Options
}

// readMoving reads a document with shapes and solves it.
func readMoving(ctx context.Context, file string, in io.Reader, unfenced bool) (*moving, error) {
	b, err := readBodies(file, in, unfenced)
	if err != nil {
		return nil, err
	}
	a, err := account.TakeAtRest(ctx, b.doc, b.doc.Root)
	if err != nil {
		return nil, err
	}
	m := &moving{bodies: b, a: a}
	m.parts, err = sweep.Parts(a.Study(ctx), a, b.doc, mostUses, func(key string) *clash.Solid { return b.solids[key] })
	if err != nil {
		return nil, err
	}
	o := b.options(0)
	m.o = sweep.Options{MM: o.MM, Exact: o.Exact, Fits: o.Fits}
	if b.kernel != nil {
		m.o.Finer = b.kernel.Finer(b.exact)
	}
	return m, nil
}

// takeMoving reads the file that a command names, and gives what it names besides; nothing where it cannot be read, with what to exit with.
func takeMoving(ctx context.Context, c *call, unfenced *bool) (m *moving, files []string, code int) {
	files, code, ok := c.files(2, 2)
	if !ok {
		return nil, nil, code
	}
	m, err := readMoving(ctx, files[0], c.in, *unfenced)
	if err != nil {
		return nil, nil, c.fail("%s: %v", called(files[0]), err)
	}
	return m, files, 0
}

// runRun takes a drive and looks at what is met: 0 if it reaches its end and nothing is met that is not meant, 1 if not, 2 unreadable.
func runRun(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {at, values, stopped_at, reason, clash, limits, dead_points, ranges, leaves, least_clearance, curves}")
	table := c.String("csv", "", "write a row for each step to this `file`")
	plot := c.String("svg", "", "draw what is met and the recorded measures into this `file`")
	guide := c.Float64("guide", 0, "tell shanks that stay in their holes by less than this, in `mm`")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	ctx, cancel := signal.NotifyContext(context.Background(), os.Interrupt)
	defer cancel()
	m, files, code := takeMoving(ctx, c, unfenced)
	if m == nil {
		return code
	}
	defer m.close()
	var d *assembly.Drive
	var names []string
	asm := m.doc.Assemblies[m.doc.Root]
	for i := range asm.Drives {
		names = append(names, asm.Drives[i].Name)
		if asm.Drives[i].Name == files[1] {
			d = &asm.Drives[i]
		}
	}
	if d == nil {
		return c.fail("%s: there is no drive %q%s", called(files[0]), files[1], near.Hint(files[1], names))
	}
	m.o.Least = *guide
	done, err := sweep.Drive(ctx, m.a.Study(ctx), m.parts, *d, m.o)
	if err != nil {
		return c.fail("%s: %v", called(files[0]), err)
	}
	if *table != "" {
		if err := writeTable(*table, done.Table(d)); err != nil {
			return c.fail("the table could not be written: %v", plain(err))
		}
	}
	if *plot != "" {
		if err := os.WriteFile(*plot, []byte(done.Plot(d, d.Name)), 0o644); err != nil {
			return c.fail("the plot could not be written: %v", plain(err))
		}
	}
	if *asJSON {
		e := json.NewEncoder(c.out)
		e.SetIndent("", " ")
		err = e.Encode(done)
	} else {
		err = tellRun(c.out, d, done)
	}
	if err != nil {
		return c.fail("the run could not be written: %v", plain(err))
	}
	if done.Reason != nil || len(done.Leaves) > 0 || met(done.Clash) {
		return 1
	}
	return 0
}

// writeTable writes rows as comma-separated values.
func writeTable(file string, rows [][]string) error {
	f, err := os.Create(file)
	if err != nil {
		return err
	}
	return errors.Join(csv.NewWriter(f).WriteAll(rows), f.Close())
}

// met tells whether any overlap is not meant.
func met(list []sweep.Met) bool {
	for _, m := range list {
		if !m.Fit {
			return true
		}
	}
	return false
}

func tellRun(w io.Writer, d *assembly.Drive, r *sweep.Done) error {
	steps := 0
	for _, l := range d.Legs() {
		steps += l.Steps
	}
	fmt.Fprintf(w, "%s: %d of %d", words.Driving(d), max(0, len(r.At)-1), steps)
	if r.Reason != nil {
		fmt.Fprintf(w, ", stopped")
		if r.StoppedAt != nil {
			fmt.Fprintf(w, " at %g", *r.StoppedAt)
		}
		fmt.Fprintf(w, ": %s", *r.Reason)
	}
	fmt.Fprintln(w)
	leg := func(n int) string {
		if len(d.Then) == 0 {
			return ""
		}
		return fmt.Sprintf("leg %d: ", n+1)
	}
	for _, m := range r.Clash {
		word := "clash"
		if m.Fit {
			word = "fit"
		}
		fmt.Fprintf(w, "  %s%s  %s  and  %s  from %g to %g", leg(m.Leg), word, m.A, m.B, m.From, m.To)
		if m.Depth != nil {
			fmt.Fprintf(w, ", %.3f mm deep at %g", *m.Depth, m.At)
		}
		fmt.Fprintln(w)
	}
	for _, l := range r.Limits {
		fmt.Fprintf(w, "  %slimit of %s %s, %g, at %g\n", leg(l.Leg), l.Joint, l.Of, l.End, l.At)
	}
	for _, p := range r.Dead {
		fmt.Fprintf(w, "  %sdead point: %s of %s turns round at %g, being %g\n", leg(p.Leg), p.Of, p.Joint, p.At, p.Value)
	}
	for _, l := range r.Leaves {
		fmt.Fprintf(w, "  %s%s leaves %s from %g to %g, %.3f mm in it at the least\n", leg(l.Leg), l.Part, l.In, l.From, l.To, l.MM)
	}
	for _, n := range d.Record {
		if x, ok := r.Ranges[n]; ok {
			fmt.Fprintf(w, "  %s from %g at %s%g to %g at %s%g\n", n, x.Min, leg(x.MinIn), x.MinAt, x.Max, leg(x.MaxIn), x.MaxAt)
		}
	}
	if l := r.Least; l != nil {
		fmt.Fprintf(w, "  %sleast clearance %.3f mm, %s and %s, at %g\n", leg(l.Leg), l.MM, l.A, l.B, l.At)
	}
	_, err := fmt.Fprintf(w, "%d pairs looked at\n", r.LookedAt)
	return err
}

// runTravel tells how far a coordinate goes: 0, or 2 where that cannot be told.
func runTravel(c *call) int {
	asJSON := c.Bool("json", false, "print JSON: {joint, of, at, from, to, stopped_by}")
	of := c.String("of", "", "which `coordinate`, where the joint has several: angle, slide, x, y …")
	unfenced := c.Bool("unfenced", false, "read even where the machine cannot keep the reader inside its folder")
	ctx := context.Background()
	m, files, code := takeMoving(ctx, c, unfenced)
	if m == nil {
		return code
	}
	defer m.close()
	joint := m.doc.Assemblies[m.doc.Root].Mate(files[1])
	if joint == nil || joint.IsCoupling() {
		return c.fail("%s: there is no joint %q", called(files[0]), files[1])
	}
	var has []string
	for _, k := range joint.Descriptor().Coordinates {
		has = append(has, k.Name)
	}
	if *of == "" && len(has) > 0 {
		*of = has[0]
	}
	out, err := sweep.Travel(ctx, m.a.Study(ctx), m.parts, files[1], *of, m.o)
	if err != nil {
		return c.fail("%s: %v; %s has %s", called(files[0]), err, files[1], strings.Join(has, ", "))
	}
	if *asJSON {
		e := json.NewEncoder(c.out)
		e.SetIndent("", " ")
		err = e.Encode(out)
	} else {
		err = tellTravel(c.out, out)
	}
	if err != nil {
		return c.fail("the travel could not be written: %v", plain(err))
	}
	return 0
}

func tellTravel(w io.Writer, t *sweep.Travelled) error {
	fmt.Fprintf(w, "%s of %s stands at %g\n", t.Of, t.Joint, t.At)
	for i, end := range [2]*float64{t.From, t.To} {
		word := [2]string{"down", "up"}[i]
		by := t.By[i]
		switch {
		case end == nil:
			fmt.Fprintf(w, "  %s: nothing stops it\n", word)
		case by.A != "":
			fmt.Fprintf(w, "  %s to %g, where %s and %s meet\n", word, *end, by.A, by.B)
		case by.Limit != "":
			fmt.Fprintf(w, "  %s to %g, the limit of %s %s\n", word, *end, by.Joint, by.Limit)
		default:
			fmt.Fprintf(w, "  %s to %g: %s\n", word, *end, by.Why)
		}
	}
	return nil
}
