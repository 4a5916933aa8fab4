package app

import (
	"bytes"
	"context"
	"errors"
	"strings"
	"time"

	"setfast/app/people"
	"setfast/app/words"
	"setfast/core/format"
	"setfast/store"
)

// mostTask is how long the words of a task may be.
const mostTask = 4000

// SetTask sets a task for the students of a project, or changes one.
func (a *App) SetTask(ctx context.Context, t store.Task) (err error) {
	if t.Name, err = words.Name("the task's name", t.Name, words.MostName); err != nil {
		return err
	}
	t.Words = strings.ReplaceAll(t.Words, "\r", "")
	for line := range strings.Lines(t.Words) {
		if _, err := words.Text("the task", line, mostTask); err != nil {
			return err
		}
	}
	if len([]rune(t.Words)) > mostTask {
		return words.Refuse("the task is longer than %d letters", mostTask)
	}
	for _, id := range []int64{t.Start, t.Key} {
		if id == 0 {
			continue
		}
		row, err := a.Store.Assembly(ctx, id)
		if errors.Is(err, store.ErrNotFound) || err == nil && row.ProjectID != t.Project {
			return words.Refuse("the assembly that was chosen is not in this project")
		}
		if err != nil {
			return err
		}
	}
	if t.ID != 0 {
		return a.Store.ChangeTask(ctx, t)
	}
	_, err = a.Store.AddTask(ctx, t)
	return err
}

// BeginTask gives a student an assembly of their own to work on: in a project of theirs, which those who teach may look at. Begun again it is the same.
func (a *App) BeginTask(ctx context.Context, t store.Task, who store.Person) (int64, error) {
	works, err := a.Store.WorksOf(ctx, t.Project, who.ID)
	if own := works[t.ID].Own; err != nil || own != 0 {
		return own, err
	}
	if t.Closed {
		return 0, words.Refuse("%s is closed", t.Name)
	}
	own, err := a.place(ctx, t.Project, who)
	if err != nil {
		return 0, err
	}
	var id int64
	if t.Start == 0 {
		id, err = a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: own, Name: t.Name})
	} else {
		id, err = a.copied(ctx, own, t.Start, t.Name)
	}
	if err != nil {
		return 0, err
	}
	return id, a.Store.BeginWork(ctx, t.ID, who.ID, id)
}

// place is the project in which a student works; it is made where there is none.
func (a *App) place(ctx context.Context, class int64, who store.Person) (int64, error) {
	p, err := a.Store.Project(ctx, class)
	if err != nil {
		return 0, err
	}
	members, err := a.Store.Members(ctx, class)
	if err != nil {
		return 0, err
	}
	var teachers []int64
	for _, m := range members {
		if people.Role(m.Role).May(people.Edit) && m.Person != who.ID {
			teachers = append(teachers, m.Person)
		}
	}
	return a.Store.MakePlace(ctx, class, who.ID, clip(p.Name+" · "+who.Name, words.MostProject), string(people.Owner), string(people.Reader), teachers)
}

// HandIn copies a student's assembly into the class, under the student's name, in the place of what they handed in before.
func (a *App) HandIn(ctx context.Context, t store.Task, who store.Person, own int64) error {
	if t.Closed {
		return words.Refuse("%s is closed: nothing is taken any more", t.Name)
	}
	place, err := a.Store.PlaceOf(ctx, t.Project, who.ID)
	if err != nil && !errors.Is(err, store.ErrNotFound) {
		return err
	}
	row, err := a.Store.Assembly(ctx, own)
	if errors.Is(err, store.ErrNotFound) || err == nil && (row.ProjectID != place || row.Off) {
		return words.Refuse("choose the assembly that you want to hand in: begin first")
	}
	if err != nil {
		return err
	}
	works, err := a.Store.WorksOf(ctx, t.Project, who.ID)
	if err != nil {
		return err
	}
	id, err := a.copied(ctx, t.Project, own, who.Name+" · "+t.Name)
	if err != nil {
		return err
	}
	if err := a.Store.HandIn(ctx, t.ID, who.ID, own, id); err != nil {
		return err
	}
	if before := works[t.ID].Handed; before != 0 && before != id {
		return a.Store.TakeOff(ctx, AssemblyKey(before))
	}
	return nil
}

// copied copies an assembly with all it uses into another project, under a name.
func (a *App) copied(ctx context.Context, project, id int64, name string) (int64, error) {
	s, err := a.Save(ctx, id)
	if err != nil {
		return 0, err
	}
	name = clip(name, words.MostName)
	root := *s.doc.Assemblies[s.doc.Root]
	root.Name = name
	if s.Document, err = format.Write(s.doc.WithRoot(root.Seal())); err != nil {
		return 0, err
	}
	f, err := a.bring(ctx, project, name, s.Document)
	if err != nil {
		return 0, err
	}
	made, err := a.Store.Assemblies(ctx, project)
	if err != nil {
		return 0, err
	}
	for _, x := range made {
		if x.SourceID == f.SHA256 && x.SourceNode == s.doc.Root {
			return x.ID, nil
		}
	}
	return 0, words.Refuse("%s could not be copied: %s", name, f.Message)
}

// bring reads a document of this very server into a project.
func (a *App) bring(ctx context.Context, project int64, name string, document []byte) (store.ImportFile, error) {
	_, list, err := a.Stage(ctx, project, Files(Incoming{Name: clip(name, words.MostName) + documentEnding, From: bytes.NewReader(document)}))
	if err != nil {
		return store.ImportFile{}, err
	}
	f, err := a.ReadStaged(ctx, project, list[0].ID)
	if err == nil && f.State != "done" {
		err = words.Refuse("%s could not be brought over: %s", name, f.Message)
	}
	return f, err
}

// Mine is a task as a student sees it.
type Mine struct {
	store.Task
	store.Work
	IsLate bool
	Mark   *Marked // where marks are shown, and something was handed in
}

// Mine lists the tasks of a class as one student sees them.
func (a *App) Mine(ctx context.Context, class int64, who store.Person) ([]Mine, error) {
	tasks, err := a.Store.Tasks(ctx, class)
	if err != nil {
		return nil, err
	}
	works, err := a.Store.WorksOf(ctx, class, who.ID)
	if err != nil {
		return nil, err
	}
	var out []Mine
	for _, t := range tasks {
		w := works[t.ID]
		m := Mine{Task: t, Work: w, IsLate: w.At.Valid && t.Late(w.At.Time)}
		if t.Shown && t.Key != 0 && w.Handed != 0 {
			_, marked, err := a.Mark(ctx, class, t.Key, []int64{w.Handed})
			if err != nil {
				return nil, err
			}
			if len(marked) == 1 {
				m.Mark = &marked[0]
			}
		}
		out = append(out, m)
	}
	return out, nil
}

// DueIn reads until when something is due, in UTC as a page asks for it; nothing: at any time.
func DueIn(text string) (at time.Time, ok bool, err error) {
	if text = strings.TrimSpace(text); text == "" {
		return at, false, nil
	}
	if at, err = time.Parse("2006-01-02T15:04", text); err != nil {
		return at, false, words.Refuse("write until when as 2027-03-31T18:00, in UTC, or nothing")
	}
	return at, true, nil
}
