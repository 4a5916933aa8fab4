package bench

import (
	"encoding/csv"
	"encoding/json"
	"fmt"
	"net/http"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/fasten"
	"setfast/core/format"
	"setfast/core/part"
	"setfast/core/standard"
	"setfast/core/supply"
	"setfast/web/ask"
)

// fasteningJSON is what the page of fastenings shows: the joints there are, and what there is to choose from.
type fasteningJSON struct {
	Joints []fasten.Joint             `json:"joints"`
	Stacks map[string]json.RawMessage `json:"stacks"` // as in files
	Tables []fasten.Listed            `json:"tables"`
	Holes  []standard.Hole            `json:"holes"`
	Of     []string                   `json:"materials"` // of what is screwed into
	Order  *supply.Order              `json:"order"`     // what all of it costs, and when it is there
}

func (b *Bench) fastening(c *echo.Context, n int64) error {
	j, err := b.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	out := fasteningJSON{Joints: append([]fasten.Joint{}, j.Joints()...), Stacks: map[string]json.RawMessage{}, Tables: fasten.List(), Holes: standard.Holes(), Of: fasten.Materials(), Order: b.App.Supplier.Quote(fasten.Needed(j.Joints()))}
	for i := range j.Asm.Stacks {
		s := &j.Asm.Stacks[i]
		if out.Stacks[s.Name], err = json.Marshal(format.StackObject(s)); err != nil {
			return err
		}
	}
	return c.JSON(http.StatusOK, out)
}

// holes tells how wide a hole is, which screw it is for, and the holes like it.
func (b *Bench) holes(c *echo.Context, n int64) error {
	ref, err := format.Ref(c.QueryParam("hole"))
	if err != nil {
		return ask.Refuse(err.Error())
	}
	j, err := b.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	wide, like, err := fasten.Like(j.Doc, j.Report, j.Doc.Root, ref)
	if err != nil {
		return ask.Refuse(err.Error())
	}
	out := struct {
		Wide   float64  `json:"wide"`
		Thread string   `json:"thread"`
		Like   []string `json:"like"`
	}{wide, fasten.ThreadFor(wide), []string{}}
	for _, r := range like {
		out.Like = append(out.Like, r.String())
	}
	return c.JSON(http.StatusOK, out)
}

// shopping hands out what the stacks of an assembly need, as a table.
func (b *Bench) shopping(c *echo.Context, n int64) error {
	j, err := b.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	needs := fasten.Needed(j.Joints())
	rows := b.App.Supplier.Quote(needs).Table()
	rows[0] = append(rows[0], "material", "finish", "mass each kg", "in stock lengths")
	for i, l := range needs {
		rows[i+1] = append(rows[i+1], l.Material, l.Finish, fmt.Sprintf("%.5f", l.Mass), map[bool]string{true: "yes", false: "no"}[l.Stock])
	}
	var s strings.Builder
	if err := csv.NewWriter(&s).WriteAll(rows); err != nil {
		return err
	}
	c.Response().Header().Set("Content-Disposition", `attachment; filename="fasteners.csv"`)
	return c.Blob(http.StatusOK, "text/csv; charset=utf-8", []byte(s.String()))
}

// stacks gives each stack a line, and each of its parts one below it.
func (t *told) stacks() (out []lineView) {
	joints := map[string]*fasten.Joint{}
	all := t.j.Joints()
	for i := range all {
		joints[all[i].Name] = &all[i]
	}
	for i := range t.j.Asm.Stacks {
		s := &t.j.Asm.Stacks[i]
		l := lineView{Key: "\x00stack " + s.Name, Name: s.Name, Stack: true, Class: "set"}
		var inner []lineView
		idle := 0
		for _, c := range t.j.Asm.Components {
			if c.Stack == s.Name {
				k := t.member(c)
				switch k.Class {
				case "idle":
					idle++
				case "set":
				default: // what is as it should be needs no line
					l.Class = k.Class
					inner = append(inner, k)
				}
			}
		}
		switch joint := joints[s.Name]; {
		case joint == nil || joint.Length == 0:
			l.Class, l.Word, l.Sits = "at-odds", "missing", "cannot be laid out: "+s.Screw
			if joint != nil {
				l.Sits = joint.Findings[0]
			}
		default:
			l.Sits = fmt.Sprintf("%d × %s · grip %s", joint.Screws, joint.Screw, t.units.Said(part.Number(joint.Grip)+" mm"))
			if idle > 0 {
				l.Word = fmt.Sprintf("%d idle", idle)
			}
			l.Joint = joint.Findings
			if len(joint.Findings) > 0 {
				l.Word = words.Plural(len(joint.Findings), "finding", "findings")
			}
		}
		out = append(append(out, l), inner...)
	}
	return out
}

// member is the line of a part that a stack places.
func (t *told) member(c *assembly.Component) lineView {
	p := t.j.Result.At(c.Name)
	_, short, _ := strings.Cut(c.Name, "/")
	k := lineView{Key: c.Name, Name: short, Inner: true, Before: t.lines[c.Name].Before, After: p.Left, Slides: p.Slides, Turns: p.Turns, Class: t.left(c.Name, p.Left)}
	if p := t.j.Doc.Parts[c.Part]; p != nil {
		k.Sits = p.Number
	}
	if k.Word = classWords[k.Class]; k.Class == "idle" {
		k.Word = "idle"
	}
	return k
}

// jointFindings are what is wrong with fastened joints, for the account.
func (v *accountView) jointFindings(j *app.Judged) {
	for _, k := range j.Joints() {
		for _, f := range k.Findings {
			v.Joints = append(v.Joints, jointFinding{k.Name, f})
		}
	}
}

// jointFinding is one of them.
type jointFinding struct{ Name, Says string }
