package app

import (
	"context"

	"setfast/app/people"
	"setfast/app/words"
	"setfast/store"
)

// StartProject starts a project that somebody owns.
func (a *App) StartProject(ctx context.Context, who store.Person, name string) (int64, error) {
	name, err := words.Name("the project's name", name, words.MostProject)
	if err != nil {
		return 0, err
	}
	return people.Begin(ctx, a.Store, who, name, a.Limits.Projects)
}

// StartAssembly starts an empty assembly in a project.
func (a *App) StartAssembly(ctx context.Context, project int64, name, number string) (int64, error) {
	name, err := words.Name("the assembly's name", name, words.MostName)
	if err != nil {
		return 0, err
	}
	if number, err = words.Text("the number", number, words.MostNumber); err != nil {
		return 0, err
	}
	if _, err := a.Store.Project(ctx, project); err != nil {
		return 0, err
	}
	return a.Store.CreateAssembly(ctx, store.Assembly{ProjectID: project, Name: name, Number: number})
}
