package people

import (
	"context"
	"errors"
	"maps"
	"slices"

	"setfast/app/words"
	"setfast/store"
)

// RolesOf tells what somebody is in each project: an administrator does everything everywhere.
func RolesOf(ctx context.Context, s *store.Store, p store.Person) (in func(project int64) Role, err error) {
	if p.Chief {
		return func(int64) Role { return Owner }, nil
	}
	roles, err := s.Roles(ctx, p.ID)
	return func(project int64) Role { return Role(roles[project]) }, err
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
	maps.DeleteFunc(roles, func(_ int64, r string) bool { return Role(r) != Owner })
	if owned := len(roles); owned >= most {
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
