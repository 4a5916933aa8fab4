package web_test

import (
	"context"
	"fmt"
	"io"
	"net/http"
	"os"
	"path/filepath"
	"testing"
)

// TestHandIn marks a STEP file dropped on the page of marking against the document that it was made of: it passes by what its shapes imply, under its file's
// name, and the table is sorted by a column.
func TestHandIn(t *testing.T) {
	w := browser(t, false)
	stand := sampleAssembly(t, "Bearing stand")
	dir := t.TempDir()
	var files []string
	for path, name := range map[string]string{"save": "key.zip", "out?as=step": "ada.step"} {
		r, err := http.Get(fmt.Sprintf("%s/a/%d/%s", address, stand, path))
		w.ok(err)
		data, err := io.ReadAll(r.Body)
		r.Body.Close()
		w.ok(err)
		file := filepath.Join(dir, name)
		w.ok(os.WriteFile(file, data, 0o600))
		files = append(files, file)
	}
	ctx := context.Background()
	project, err := theApp.Store.CreateProject(ctx, t.Name())
	w.ok(err)
	page := fmt.Sprintf("%s/p/%d/marking", address, project)
	w.ok(w.Go(page))
	w.ok(w.SetFiles("#files", files...))
	w.until(`document.querySelector("#progress a")?.textContent === "Show the new assemblies"`)
	as, err := theApp.Store.Assemblies(ctx, project)
	w.ok(err)
	key := int64(0)
	for _, a := range as {
		j, err := theApp.Judge(ctx, a.ID)
		w.ok(err)
		if len(j.Asm.Mates) > 0 {
			key = a.ID
		}
	}
	w.ok(w.Go(fmt.Sprint(page, "?key=", key)))
	w.says(".marks tbody", "ada.step")
	w.says(".marks tbody", "by its shapes")
	w.says(".marks tbody .yes", "yes")
	w.says(".keyrow", "7 parts")
	w.run(`document.querySelectorAll(".marks th button")[0].click()`)
	w.until(`document.querySelector(".marks th").getAttribute("aria-sort") === "ascending"`)
}
