package main

import (
	"fmt"
	"setfast/web/drive"
)

func main() {
	defer drive.Stop()
	p, err := drive.Open(1280, 800, false)
	if err != nil { panic(err) }
	p.Go("http://127.0.0.1:8431/a/2")
	fmt.Println(p.Until(`document.querySelector("#clashes .finding")`))
	p.Shot("/tmp/c1.png")
	drive.Eval[struct{}](p, `void document.querySelector("#clashes").scrollIntoView()`)
	p.Click("#clashes [data-clash=show]")
	p.Until(`!document.querySelector("#sectionbar").hidden`)
	p.Shot("/tmp/c2.png")
	p.Go("http://127.0.0.1:8431/a/3")
	p.Until(`document.querySelector("#clashes .small")`)
	drive.Eval[struct{}](p, `void document.querySelectorAll(".rowopen")[2].click()`)
	p.Shot("/tmp/c3.png")
	fmt.Println(p.Complaints())
}
