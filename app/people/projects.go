package people

import (
	"context"
	"errors"
	"slices"

	"setfast/app/words"
	"setfast/store"
)

// Visible are the projects that somebody is in.
func Visible(ctx context.Context, s *store.Store, p store.Person, all []store.Project) ([]store.Project, error) {
	if p.Chief {
		return all, nil
	}
	roles, err := s.Roles(ctx, p.ID)
	return slices.DeleteFunc(slices.Clone(all), func(x store.Project) bool { return !Role(roles[x.ID]).May(Attend) }), err
}

// Owned are the projects that somebody owns, not those that an administrator may do everything in; where nobody signs in, all.
func Owned(ctx context.Context, s *store.Store, p store.Person) ([]store.Project, error) {
	all, err := s.Projects(ctx)
	if err != nil || p.ID == 0 {
		return all, err
	}
	roles, err := s.Roles(ctx, p.ID)
	return slices.DeleteFunc(all, func(x store.Project) bool { return Role(roles[x.ID]) != Owner }), err
}

// RoleIn is what somebody is in the project that something lies in; none where there is no such thing.
func RoleIn(ctx context.Context, s *store.Store, p store.Person, of string, id int64) (project int64, role Role, err error) {
	project, text, err := s.RoleIn(ctx, of, id, p.ID)
	switch {
	case errors.Is(err, store.ErrNotFound):
		return 0, None, nil
	case err == nil && p.Chief:
		return project, Owner, nil
	}
	return project, Role(text), err
}

// Begin starts a project; who starts it owns it. Nobody owns more than so many.
func Begin(ctx context.Context, s *store.Store, p store.Person, name string, most int) (int64, error) {
	roles, err := s.Roles(ctx, p.ID)
	if err != nil {
		return 0, err
	}
	owned := 0
	for _, r := range roles {
		if Role(r) == Owner {
			owned++
		}
	}
	if owned >= most {
		return 0, words.Refuse("you own %d projects, as many as this server lets one person have; throw one away, or let somebody else own it", owned)
	}
	id, err := s.CreateProject(ctx, name)
	if err == nil {
		err = Own(ctx, s, p, id)
	}
	return id, err
}

// Own makes somebody an owner of a project; where nobody signs in nothing is owned.
func Own(ctx context.Context, s *store.Store, p store.Person, project int64) error {
	if p.ID == 0 {
		return nil
	}
	return s.SetRole(ctx, project, p.ID, string(Owner), string(Owner))
}
