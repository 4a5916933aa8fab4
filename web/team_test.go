package web_test

import (
	"context"
	"fmt"
	"testing"

	"setfast/app/people"
	"setfast/web"
)

// TestTeam signs two people in: what one does stands under her name and is seen by the other, who may look and is told so. The pages of people by keyboard, and by
// the rules of access.
func TestTeam(t *testing.T) {
	ada := browser(t, false)
	ben := browser(t, true)
	srv := team(t, web.Options{})
	ctx := context.Background()
	asm := copyOf(t, "Bearing stand")
	row, err := theApp.Store.Assembly(ctx, asm)
	ada.ok(err)
	for name, role := range map[string]people.Role{"Ada Okoro": people.Owner, "Ben Adler": people.Reader} {
		p := somebody(t, name, name == "Ada Okoro")
		ada.ok(theApp.Store.SetRole(ctx, row.ProjectID, p.ID, string(role), string(people.Owner)))
	}
	bench := fmt.Sprint(srv.URL, "/a/", asm)
	in := func(w *walker, name string) {
		t.Helper()
		w.ok(w.Go(bench))
		w.until(`location.pathname === "/sign-in" && document.activeElement.id === "name"`)
		w.axe("sign in", true)
		w.keys(name + "\t" + "not this one\r")
		w.says(".notice", "No such name with this password.")
		w.until(`document.activeElement.id === "password"`)
		w.keys(password + "\r")
		w.until(`document.body.dataset.ready === "yes"`)
	}
	in(ada, "Ada Okoro")
	in(ben, "Ben Adler")
	ada.says("#herepill", "Ben Adler")
	ben.says("#herepill", "Ada Okoro")
	ben.until(`getComputedStyle(document.querySelector("[data-act=undo]")).display === "none" && document.querySelector(".solo").textContent === "reader"`)
	seq := ben.text(`document.body.dataset.seq`)
	ada.run(`document.querySelector(".line[data-component='Screw M6x20'] .rowopen").focus()`)
	ada.changed(`setfast.act({do: "title", to: "Ada's stand"})`)
	ben.until(fmt.Sprintf(`document.body.dataset.seq !== %q`, seq))
	ben.run(`setfast.act({do: "title", to: "Ben's stand"})`)
	ben.says("#said", "You are a reader of this project; changing anything here takes an editor or owner: ask Ada Okoro")
	ada.ok(ada.Go(bench + "/daybook"))
	ada.says("main", "Ada Okoro")
	for _, path := range []string{"/me", "/people", fmt.Sprintf("/p/%d/people", row.ProjectID)} {
		ada.ok(ada.Go(srv.URL + path))
		ada.axe(path, false)
	}
	ada.run(`document.querySelector("[action$=invite] .button").click()`)
	ada.until(`/\/join\/[A-Z2-7]{26}$/.test(document.querySelector(".freshlink input")?.value)`)
	link := ada.text(`document.querySelector(".freshlink input").value`)
	ben.ok(ben.Go(link))
	ben.axe("join", true)
	ben.says("h1", "Join "+t.Name())
	// signed out in another window, an act is refused and nothing is lost
	ada.ok(ada.Go(bench))
	ada.until(`document.body.dataset.ready === "yes"`)
	p, err := theApp.Store.PersonNamed(ctx, "Ada Okoro")
	ada.ok(err)
	ada.ok(theApp.Store.SignOut(ctx, p.ID))
	ada.run(`setfast.act({do: "title", to: "Nobody's stand"})`)
	ada.says("#said", "You are signed out; sign in, in another window if you like, and try again")
}

// copyOf is an assembly of the sample in a project of the test's own.
func copyOf(t *testing.T, name string) int64 {
	t.Helper()
	ctx := context.Background()
	project, err := theApp.Store.CreateProject(ctx, t.Name())
	if err != nil {
		t.Fatal(err)
	}
	if _, err := theApp.BringOver(ctx, project, fmt.Sprint("a", sampleAssembly(t, name))); err != nil {
		t.Fatal(err)
	}
	as, err := theApp.Store.Assemblies(ctx, project)
	if err != nil {
		t.Fatal(err)
	}
	for _, a := range as {
		if a.Name == name {
			return a.ID
		}
	}
	t.Fatalf("no copy of %s among %d", name, len(as))
	return 0
}
