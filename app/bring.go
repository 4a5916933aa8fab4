package app

import (
	"context"

	"setfast/app/words"
	"setfast/store"
)

// BringOver copies an assembly with all it uses, or a part, from another project. What an assembly was copied from is remembered, so that
// it can be told when that has changed. It tells what was done.
func (a *App) BringOver(ctx context.Context, project int64, key string) (string, error) {
	id, isPart, err := KeyID(key)
	if err != nil {
		return "", words.Refuse("%s", err)
	}
	if isPart {
		return a.bringPart(ctx, project, id)
	}
	s, err := a.Save(ctx, id)
	if err != nil {
		return "", err
	}
	f, err := a.bring(ctx, project, s.Name, s.Document)
	if err != nil {
		return "", err
	}
	made, err := a.Store.Assemblies(ctx, project)
	if err != nil {
		return "", err
	}
	for _, x := range made {
		if o, ok := s.origins[x.SourceNode]; ok && x.SourceID == f.SHA256 && x.OriginID == 0 {
			if err := a.Store.SetOrigin(ctx, x.ID, o.id, o.seq); err != nil {
				return "", err
			}
		}
	}
	return f.Message, nil
}

// bringPart copies a part with what is said of it.
func (a *App) bringPart(ctx context.Context, project, id int64) (string, error) {
	row, err := a.Store.Part(ctx, id)
	if err != nil {
		return "", err
	}
	was := row
	row.ID, row.ProjectID, row.Off = 0, project, false
	row, fresh, err := a.Store.AddPart(ctx, row)
	if err != nil {
		return "", err
	}
	if !fresh {
		return was.Name + " was here already", nil
	}
	_, err = a.Store.ChangePart(ctx, row.ID, func(p *store.Part) error { p.Helpers, p.Folder = was.Helpers, was.Folder; return nil })
	if err == nil && was.Unit != "" {
		row.Unit = was.Unit
		err = a.Store.SetDerived(ctx, row)
	}
	return was.Name + " added", err
}
