package web_test

import (
	"context"
	"fmt"
	"net/url"
	"regexp"
	"strings"
	"testing"

	"setfast/app"
	"setfast/app/people"
	"setfast/core/edit"
	"setfast/web"
)

// TestClass sets a task for two students. Each works on a copy that the other does not see; one finishes and hands in, one hands in what was given; both are marked
// by the key under their names, and see their marks once these are shown.
func TestClass(t *testing.T) {
	srv := team(t, web.Options{})
	ctx := context.Background()
	ok := func(err error) {
		t.Helper()
		if err != nil {
			t.Fatal(err)
		}
	}
	key := copyOf(t, "Bearing stand")
	row, err := theApp.Store.Assembly(ctx, key)
	ok(err)
	class := row.ProjectID
	start, err := theApp.MakeExercise(ctx, key, "To be finished", []string{"rim 4"}, app.Exercise{Task: "Seat the last screw."})
	ok(err)
	who := map[string]*asker{}
	for name, role := range map[string]people.Role{"Teacher": people.Owner, "Eve": people.Student, "Finn": people.Student} {
		p := somebody(t, name, false)
		ok(theApp.Store.SetRole(ctx, class, p.ID, string(role), string(people.Owner)))
		who[name] = at(t, srv).in(name)
	}
	page := fmt.Sprintf("/p/%d/class", class)
	post := func(name, path string, form url.Values, want int, says string) string {
		t.Helper()
		code, body := who[name].ask("POST", path, form)
		if code != want || !strings.Contains(body, says) {
			t.Fatalf("%s, %s: %d, want %d and %q: %.300s", name, path, code, want, says, body)
		}
		return who[name].last.Header.Get("Location")
	}
	shows := func(name string, texts ...string) string {
		t.Helper()
		_, body := who[name].ask("GET", page, nil)
		body = strings.Join(strings.Fields(regexp.MustCompile(`<[^>]*>`).ReplaceAllString(body, " ")), " ")
		for _, text := range texts {
			if without, not := strings.CutPrefix(text, "not "); not == strings.Contains(body, strings.TrimPrefix(without, "not ")) {
				t.Errorf("%s, %q: %s", name, text, body)
			}
		}
		return body
	}
	task := url.Values{"name": {"The last screw"}, "words": {"Seat it.\nAs the others are."}, "start": {fmt.Sprint(start)}, "key": {fmt.Sprint(key)}, "due": {"2020-01-01T00:00"}}
	post("Eve", page, task, 403, "student")
	for field, bad := range map[string][2]string{"name": {"", "must not be empty"}, "due": {"tomorrow", "in UTC"}, "key": {"999999", "not in this project"}} {
		form := url.Values{}
		for k, v := range task {
			form[k] = v
		}
		form[field] = []string{bad[0]}
		post("Teacher", page, form, 422, bad[1])
	}
	post("Teacher", page, task, 303, "")
	tasks, err := theApp.Store.Tasks(ctx, class)
	ok(err)
	of := fmt.Sprint(page, "/", tasks[0].ID)
	shows("Teacher", "0 of 2 handed in", "Eve not begun", "Marked by Bearing stand")
	shows("Eve", "The last screw", "As the others are.", "not Bearing stand", "not Finn")
	own := map[string]string{}
	for _, name := range []string{"Eve", "Finn"} {
		own[name] = post(name, of+"/begin", nil, 303, "")
		if again := post(name, of+"/begin", nil, 303, ""); again != own[name] {
			t.Errorf("%s begins again at %s, not %s", name, again, own[name])
		}
	}
	if own["Eve"] == own["Finn"] {
		t.Fatal("two students work on one assembly")
	}
	for _, c := range []struct {
		name, path string
		want       int
	}{{"Eve", own["Eve"], 200}, {"Eve", own["Finn"], 404}, {"Teacher", own["Eve"], 200}, {"Eve", fmt.Sprint("/a/", key), 403}, {"Eve", fmt.Sprintf("/p/%d/marking", class), 403}} {
		if code, _ := who[c.name].ask("GET", c.path, nil); code != c.want {
			t.Errorf("%s opens %s: %d, want %d", c.name, c.path, code, c.want)
		}
	}
	post("Teacher", own["Eve"]+"/undo", nil, 403, "reader")
	id := func(name string) (n int64) {
		_, err := fmt.Sscanf(own[name], "/a/%d", &n)
		ok(err)
		return n
	}
	post("Finn", of+"/hand", url.Values{"of": {fmt.Sprint(id("Eve"))}}, 422, "begin first")
	st, err := theApp.Store.State(ctx, key)
	ok(err)
	post("Eve", of+"/hand", url.Values{"of": {fmt.Sprint(id("Eve"))}}, 303, "") // too early
	_, err = theApp.Post(ctx, id("Eve"), "Eve", "put back", edit.NewRelate(st.Asm.Mate("rim 4")))
	ok(err)
	for _, name := range []string{"Eve", "Finn"} {
		post(name, of+"/hand", url.Values{"of": {fmt.Sprint(id(name))}}, 303, "")
	}
	shows("Teacher", "2 of 2 handed in", "late")
	shows("Eve", "Handed in", "late", "not It passes")
	_, body := who["Teacher"].ask("GET", page, nil)
	marking := strings.ReplaceAll(regexp.MustCompile(`/p/\d+/marking\?[^"]*`).FindString(body), "&amp;", "&")
	code, csv := who["Teacher"].ask("GET", marking+"&as=csv", nil)
	if code != 200 || !regexp.MustCompile(`(?m)^Eve · The last screw[^,]*,yes,`).MatchString(csv) || !regexp.MustCompile(`(?m)^Finn · The last screw[^,]*,no,`).MatchString(csv) || strings.Count(csv, "\n") != 3 {
		t.Errorf("%d: %s", code, csv)
	}
	p, err := theApp.Store.PersonNamed(ctx, "Finn")
	ok(err)
	post("Teacher", of+"/remark", url.Values{"person": {fmt.Sprint(p.ID)}, "remark": {"One screw lies loose."}}, 303, "")
	shows("Finn", "not One screw lies loose.")
	post("Teacher", of, url.Values{"do": {"show"}}, 303, "")
	shows("Eve", "It passes : set", "not One screw lies loose.")
	shows("Finn", "It does not pass : loose", "One screw lies loose.")
	post("Teacher", of, url.Values{"do": {"close"}}, 303, "")
	post("Finn", of+"/hand", url.Values{"of": {fmt.Sprint(id("Finn"))}}, 422, "closed")
	// what was handed in too early is off the Shelf
	as, err := theApp.Store.Assemblies(ctx, class)
	ok(err)
	on, off := 0, 0
	for _, a := range as {
		if strings.HasPrefix(a.Name, "Eve") && a.Off {
			off++
		} else if strings.HasPrefix(a.Name, "Eve") {
			on++
		}
	}
	if on != 1 || off != 1 {
		t.Errorf("of Eve's there are %d, and %d taken off", on, off)
	}
}
