package web

import (
	"fmt"
	"html/template"
	"math"
	"strings"
	"time"

	"setfast/app/people"
	"setfast/app/words"
	"setfast/core/part"
	"setfast/store"
)

var funcs = template.FuncMap{
	"num":   part.Number,
	"slug":  func(v string) string { return strings.ReplaceAll(v, " ", "-") },
	"mark":  mark,
	"word":  func(v string) string { return map[bool]string{true: "not taken yet", false: v}[v == ""] },
	"lower": strings.ToLower,
	"path":  func(v string) string { return strings.ReplaceAll(v, "/", " › ") },
	"axes":  func() []string { return []string{"x", "y", "z"} },
	"plus":  func(a, b int) int { return a + b },
	"ago":   func(t time.Time) string { return words.Ago(t, time.Now()) },
	"task":  func() store.Task { return store.Task{} },
	"dict":  dict,
	"roles": func(now people.Role, label string) rolesView { return rolesView{people.Roles, now, label} },
	"off":   func(name, kind, path string, id int64) offView { return offView{name, kind, fmt.Sprint(path, id)} },
}

// dict names several things for a template that takes one.
func dict(pairs ...any) (map[string]any, error) {
	out := map[string]any{}
	for i := 0; i+1 < len(pairs); i += 2 {
		name, ok := pairs[i].(string)
		if !ok {
			return nil, fmt.Errorf("%v is no name", pairs[i])
		}
		out[name] = pairs[i+1]
	}
	return out, nil
}

// rolesView is a choice of roles.
type rolesView struct {
	Roles []people.Role
	Now   people.Role
	Label string
}

// offView is something taken off the Shelf.
type offView struct{ Name, Kind, Path string }

// mark draws the freedom mark: three straight strokes for slides and three curved ones for turns; a stroke is there for
// each freedom left. With none left it closes to a ring; a ring in two halves stands for what is at odds.
func mark(slides, turns int, grounded, odds bool) template.HTML {
	var b strings.Builder
	label := fmt.Sprintf("%d slides and %d turns left", slides, turns)
	cls := "mark"
	switch {
	case odds:
		label, cls = "at odds", "mark odds"
	case grounded:
		label, cls = "grounded", "mark closed"
	case slides+turns == 0:
		label, cls = "nothing left", "mark closed"
	}
	fmt.Fprintf(&b, `<svg class="%s" viewBox="0 0 24 24" width="24" height="24" role="img" aria-label="%s">`, cls, label)
	switch {
	case odds:
		b.WriteString(`<path d="M8.5 3.6A9 9 0 0 0 8.5 20.4M15.5 3.6A9 9 0 0 1 15.5 20.4"/><path d="M8 8l8 8"/>`)
	case grounded:
		b.WriteString(`<circle cx="12" cy="12" r="9"/><rect x="8.5" y="8.5" width="7" height="7" class="fill"/>`)
	case slides+turns == 0:
		b.WriteString(`<circle cx="12" cy="12" r="9"/><circle cx="12" cy="12" r="2.2" class="fill"/>`)
	default:
		for i := 0; i < 3; i++ {
			cls := "no"
			if i < slides {
				cls = "yes"
			}
			a := float64(90+120*i) * math.Pi / 180
			fmt.Fprintf(&b, `<path class="%s" d="M%.2f %.2fL%.2f %.2f"/>`, cls, 12+1.8*math.Cos(a), 12-1.8*math.Sin(a), 12+6.4*math.Cos(a), 12-6.4*math.Sin(a))
		}
		for i := 0; i < 3; i++ {
			cls := "no"
			if i < turns {
				cls = "yes"
			}
			a0, a1 := float64(108+120*i)*math.Pi/180, float64(192+120*i)*math.Pi/180
			fmt.Fprintf(&b, `<path class="%s" d="M%.2f %.2fA9.6 9.6 0 0 0 %.2f %.2f"/>`, cls, 12+9.6*math.Cos(a0), 12-9.6*math.Sin(a0), 12+9.6*math.Cos(a1), 12-9.6*math.Sin(a1))
		}
	}
	b.WriteString(`</svg>`)
	return template.HTML(b.String())
}
