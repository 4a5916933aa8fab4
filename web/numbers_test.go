package web_test

import (
	"context"
	"fmt"
	"io"
	"net/http"
	"net/url"
	"strings"
	"testing"

	"setfast/store"
)

// TestPartNumbers numbers a part by its project's pattern, and tells of numbers that two parts have or that follow no pattern.
func TestPartNumbers(t *testing.T) {
	ctx := context.Background()
	_, project, _ := sample(t, false)
	post := func(path string, form url.Values, code int) {
		t.Helper()
		r, err := http.PostForm(address+path, form)
		if err != nil {
			t.Fatal(err)
		}
		r.Body.Close()
		if r.StatusCode != code {
			t.Errorf("%s %v: %d", path, form, r.StatusCode)
		}
	}
	set := fmt.Sprintf("/p/%d/pattern", project)
	t.Cleanup(func() { post(set, url.Values{"pattern": {""}}, 200) })
	rows, err := theApp.Store.Parts(ctx, project)
	if err != nil {
		t.Fatal(err)
	}
	var of store.Part
	for _, r := range rows {
		if r.Name == "Crank arm" && !r.Off {
			of = r
		}
	}
	numbered := func(n string) {
		t.Helper()
		if _, err := theApp.Store.ChangePart(ctx, of.ID, func(r *store.Part) error { r.Number = n; return nil }); err != nil {
			t.Fatal(err)
		}
	}
	t.Cleanup(func() { numbered(of.Number) })
	shelf := func() string {
		t.Helper()
		r, err := http.Get(fmt.Sprint(address, "/p/", project))
		if err != nil {
			t.Fatal(err)
		}
		defer r.Body.Close()
		data, _ := io.ReadAll(r.Body)
		return string(data)
	}
	post(set, url.Values{"pattern": {"no digits"}}, 422)
	post(set, url.Values{"pattern": {"GV-###"}}, 200)
	numbered("GV-101")
	if !strings.Contains(shelf(), "the number of Wall plate too") {
		t.Error("a number that two parts have is not told")
	}
	numbered("X1")
	if !strings.Contains(shelf(), "not as GV-###") {
		t.Error("a number that follows no pattern is not told")
	}
	numbered("")
	if s := shelf(); !strings.Contains(s, fmt.Sprintf(`data-back="/parts/%d/number">take GV-`, of.ID)) {
		t.Error("no number is offered")
	}
	post(fmt.Sprintf("/parts/%d/number", of.ID), nil, 204)
	row, err := theApp.Store.Part(ctx, of.ID)
	if err != nil || !strings.HasPrefix(row.Number, "GV-5") {
		t.Errorf("%v: it is numbered %q", err, row.Number)
	}
}
