package bench

import (
	"encoding/json"
	"fmt"
	"net/http"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app/words"
	"setfast/core/assembly"
	"setfast/core/format"
	"setfast/core/repeat"
)

// copies hands out the copies of an assembly, what became of them and how they are said.
func (b *Bench) copies(c *echo.Context, n int64) error {
	j, err := b.App.Judge(c.Request().Context(), n)
	if err != nil {
		return err
	}
	out := struct {
		Sets   []repeat.Set               `json:"sets"`
		Copies map[string]json.RawMessage `json:"copies"` // as in files
		Stacks map[string][]string        `json:"stacks"` // and the components that their holes are of
	}{j.Sets(), map[string]json.RawMessage{}, map[string][]string{}}
	for _, s := range j.Asm.Stacks {
		for _, r := range s.Holes {
			out.Stacks[s.Name] = append(out.Stacks[s.Name], r.Head())
		}
	}
	for i := range j.Asm.Copies {
		k := &j.Asm.Copies[i]
		if out.Copies[k.Name], err = json.Marshal(format.CopiesObject(k)); err != nil {
			return err
		}
	}
	return c.JSON(http.StatusOK, out)
}

// mostLeftOut is how many relations that did not come along a line tells one by one.
const mostLeftOut = 2

// copies gives each set of copies a line, and each copy that is not as it should be one below it.
func (t *told) copies() (out []lineView) {
	for _, s := range t.j.Sets() {
		l := lineView{Key: "\x00copies " + s.Name, Name: s.Name, Copies: true, Class: "set", Sits: fmt.Sprintf("%d more of %s", s.Copies, strings.Join(s.Of, ", "))}
		if s.Why != "" {
			l.Class, l.Word, l.Sits = "at-odds", "missing", "cannot be laid out: "+s.Why
			out = append(out, l)
			continue
		}
		var inner []lineView
		idle := 0
		for _, c := range t.j.Asm.Components {
			if c.Copies != s.Name {
				continue
			}
			switch k := t.member(c); k.Class {
			case "idle":
				idle++
			case "set":
			default: // what is as it should be needs no line
				l.Class = k.Class
				inner = append(inner, k)
			}
		}
		if idle > 0 {
			l.Word = fmt.Sprintf("%d idle", idle)
		}
		held := 0
		for i, k := range s.LeftOut {
			if k.Held {
				held++
			} else if i < mostLeftOut {
				l.Joint = append(l.Joint, fmt.Sprintf("%d: %s is left out, %s", k.Copy, k.Mate, k.Why))
			}
		}
		if held > 0 {
			l.Sits += fmt.Sprintf(" · %s held to the original instead", words.Plural(held, "relation", "relations"))
		}
		out = append(append(out, l), inner...)
	}
	return out
}

// rides is the component that one is drawn along with while it is pulled: what a stack goes through, or what a copy is of.
func rides(a *assembly.Assembly, k *assembly.Component) string {
	if s := a.Stack(k.Stack); k.Stack != "" && s != nil {
		return s.Holes[0].Head()
	}
	if k.Copies != "" && k.Stack == "" {
		return strings.SplitN(k.Name, "/", 3)[2]
	}
	return ""
}
