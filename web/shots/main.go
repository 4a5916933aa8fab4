// Command shots takes the pictures of docs/screenshots from a running demo: go run ./web/shots [-only NAME] [-out DIR] ADDRESS
package main

import (
	"flag"
	"fmt"
	"os"
	"path/filepath"
	"strings"

	"setfast/web/drive"
)

// view is one picture: where it is taken, and what is done first.
type view struct {
	name, path string
	dark       bool
	steps      []string // scripts; "click CSS" presses the mouse, "until SCRIPT" waits
}

var views = []view{
	{"shelf", "/p/1", false, nil},
	{"bench-set", "/a/1", false, []string{"click .line[data-component='Bearing block'] .rowopen", "setfast.state()"}},
	{"bench-moves", "/a/6", false, []string{"until document.querySelector('#clashes .small')"}},
	{"clash", "/a/2", false, []string{"until document.querySelector('#clashes [data-clash=show]')", "click #clashes [data-clash=show]", "until !document.querySelector('#sectionbar').hidden",
		"document.querySelector('#clashes').scrollIntoView({block: 'end'})"}},
	{"run", "/a/2", false, []string{"setfast.commands.run.run()", "click #runpost", "until document.querySelectorAll('#runbands .band').length", "document.querySelectorAll('#runmet button')[2].click()"}},
	{"drive", "/a/7", false, []string{"setfast.commands.run.run()", "document.querySelectorAll('#runlegs [name=to]')[0].value = 150", "click #runpost", "until document.querySelectorAll('#runcurves svg').length",
		"(() => { const i = document.querySelector('#run-at'); i.value = 40; i.dispatchEvent(new Event('input')); })()"}},
	{"bench-at-odds", "/a/4", false, []string{"click .f-at-odds .findingsay"}},
	{"bench-dark", "/a/2", true, nil},
	{"sentence", "/a/3", false, []string{
		"(() => { const f = (n, k, p) => setfast.refs(n).filter((r) => r.kind === k).sort((a, b) => Math.hypot(...a.at.map((v, i) => v - p[i])) - Math.hypot(...b.at.map((v, i) => v - p[i])))[0].ref; setfast.pick(f('Vent knuckle', 'plane', [0, 0, 20])); setfast.pick(f('Hinge bracket, left', 'plane', [6, 20, 25])); })()",
		"until document.querySelectorAll('.offer').length > 1"}},
	{"tug", "/a/2", false, []string{"click .stagehead [data-act=tug]", "until setfast.tug.live && setfast.tug.seq === setfast.state().seq",
		`pull setfast.where(setfast.refs("Crank handle").find((r) => r.kind === "cylinder").ref)`, "until document.querySelector('#said').hidden"}},
	{"section", "/a/2", false, []string{`setfast.pick(setfast.refs("Crank shaft").find((r) => r.kind === "cylinder").ref)`, "setfast.commands.section.run()",
		"until setfast.stage.section.group.children.length > 0", "setfast.commands.clear.run()"}},
	{"apart", "/a/8", false, []string{"setfast.commands.apart.run()", "until document.querySelectorAll('#apart-steps li').length", "until (window.__since ??= performance.now()) < performance.now() - 2500"}},
	{"sheet", "/a/8/sheet?view=front&view=top&exploded=1&section=Bearing+block%2Ff4&shaded=1&by=Designer&owner=Glasshouse&dims=top:+Wall+plate/f9,+Wall+plate/f11%0Atop:+Wall+plate/f9%0Afront:+Wall+plate/f3,+Wall+plate/f5", false, []string{"until document.querySelector('.leaf svg')"}},
	{"proof", "/a/8/proof", false, []string{"until document.querySelector('.digest')"}},
	{"fasten", "/a/8", false, []string{"until document.querySelectorAll('.stackline').length", "document.querySelector('.stackline .rowopen').click()",
		"until document.querySelectorAll('#joint-told li').length"}},
	{"repeat", "/a/8", false, []string{"click .line[data-component='Bearing block'] .rowopen", "setfast.commands.repeat.run()", "until document.querySelector('#copy-of').textContent.includes('left foot')",
		"(() => { setfast.pick('@/y'); const p = document.querySelector('#copy-pitch'); p.value = '110 mm'; p.dispatchEvent(new Event('input', {bubbles: true})); })()", "until setfast.stage.ghosts.group.children.length"}},
	{"account-for", "/a/5", false, []string{"click #inviting button", "until document.activeElement?.classList.contains('impliedcard')",
		"setfast.commands['account-for'] && document.querySelectorAll('.impliedcard')[2].focus()"}},
	{"seatings", "/a/1", false, []string{"document.querySelector(`.line[data-component='Bearing block'] .rowopen`).focus()", "setfast.commands.seatings.run()",
		"until document.activeElement?.dataset.card === '1'"}},
	{"placing", "/a/3", false, []string{"click .stagehead [data-act=place]", "until document.querySelector('#placing').open"}},
}

var size string

func main() {
	only := flag.String("only", "", "one picture")
	out := flag.String("out", "docs/screenshots", "folder")
	flag.StringVar(&size, "size", "1280x800", "of the window")
	flag.Parse()
	defer drive.Stop()
	for _, v := range views {
		if *only != "" && !strings.Contains(","+*only+",", ","+v.name+",") {
			continue
		}
		if err := take(v, flag.Arg(0), filepath.Join(*out, v.name+".png")); err != nil {
			fmt.Fprintln(os.Stderr, v.name, err)
			os.Exit(1)
		}
	}
}

func take(v view, address, file string) error {
	var width, height int
	if _, err := fmt.Sscanf(size, "%dx%d", &width, &height); err != nil {
		return err
	}
	p, err := drive.Open(width, height, v.dark)
	if err != nil {
		return err
	}
	defer p.Close()
	if err := p.Go(address + v.path); err != nil {
		return err
	}
	if _, err := drive.Eval[struct{}](p, `void localStorage.setItem("setfast.visited", "yes")`); err != nil { // not the first visit
		return err
	}
	if err := p.Go(address + v.path); err != nil {
		return err
	}
	for _, s := range v.steps {
		switch {
		case strings.HasPrefix(s, "pull "): // up and to the right from where the script says
			var at []float64
			if at, err = drive.Eval[[]float64](p, s[5:]); err == nil {
				err = p.Pull([2]float64{at[0], at[1]}, [2]float64{at[0] + 40, at[1] - 30}, [2]float64{at[0] + 80, at[1] - 80}, [2]float64{at[0] + 120, at[1] - 150})
			}
		case strings.HasPrefix(s, "click "):
			err = p.Click(s[6:])
		case strings.HasPrefix(s, "until "):
			err = p.Until(s[6:])
		default:
			_, err = drive.Eval[struct{}](p, "void ("+s+")")
		}
		if err != nil {
			return err
		}
	}
	if err := p.Shot(file); err != nil {
		return err
	}
	for _, c := range p.Complaints() {
		fmt.Fprintln(os.Stderr, v.name, "complains:", c)
	}
	return nil
}
