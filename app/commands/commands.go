// Package commands holds what a designer can do to an assembly, a file each: how it is written, the edit it comes to and the words it
// is remembered by. The button, the request, the log and the documentation use the same names.
//
// A command is decoded, then asked for its edit on the assembly as it stands. It changes nothing itself.
package commands

import (
	"bytes"
	"context"
	"encoding/json"
	"io"
	"reflect"
	"sort"
	"strings"

	"setfast/app/words"
	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/geom"
	"setfast/core/report"
	"setfast/core/seat"
)

// Command is one thing to do. The types of this package are all there are.
type Command interface {
	// Name is how it is written.
	Name() string
	// Edit is the change it comes to, with the words for it.
	Edit(ctx context.Context, b *Bench) (edit.Edit, string, error)
}

// Bench is an assembly as it stands, which commands act on.
type Bench struct {
	Doc     *assembly.Document // without what is missing
	Asm     *assembly.Assembly // as it is said
	Account *account.Account
	Shelf   Shelf
}

// Shelf is what can be placed.
type Shelf interface {
	// Look reads many at once, ahead of being asked about each.
	Look(ctx context.Context, keys []string) error
	// Called tells what a part or an assembly is called that may be placed here.
	Called(ctx context.Context, key string) (string, error)
	// Extent is the room it takes; nil: none.
	Extent(ctx context.Context, key string) (*seat.Box, error)
}

func (b *Bench) result() *report.Result { return b.Account.Root }

// component finds a component that a command needs.
func (b *Bench) component(name string) (*assembly.Component, error) {
	if c := b.Asm.Component(name); c != nil && c.Made() {
		return nil, words.Refuse("%s is placed by %s: change that, or relate to something else", name, c.By())
	} else if c != nil {
		return c, nil
	}
	if b.Asm.Stack(name) != nil {
		return nil, words.Refuse("%s is a stack: relate to what it goes through", name)
	}
	return nil, words.Refuse("there is no %q here any more", name)
}

// hasComponent refuses what names a component that is not there.
func (b *Bench) hasComponent(name string) error {
	_, err := b.component(name)
	return err
}

// relation finds a relation that a command needs.
func (b *Bench) relation(id string) (*assembly.Mate, error) {
	if m := b.Asm.Mate(id); m != nil && m.Made() {
		return nil, words.Refuse("%s is a relation of %s: change those", id, m.By())
	} else if m != nil {
		return m, nil
	}
	return nil, words.Refuse("there is no relation %q here any more", id)
}

// SeenOnly are commands that mean something as it was shown (a place in a list, what was turned or pulled): on another state they
// mean nothing.
type SeenOnly interface{ seenOnly() }

// Meant is a command with the state it was meant for.
type Meant struct {
	Base    int64  `json:"base"`  // the state it was done on
	Token   string `json:"token"` // names it, so that one sent twice is done once
	Command Command
}

// kinds are the commands by name.
var kinds = map[string]Command{}

// register adds a kind of command, as its file is initialised.
func register(c Command) struct{} {
	kinds[c.Name()] = c
	return struct{}{}
}

// Kind is the type of a command, by its name.
func Kind(name string) reflect.Type {
	t := reflect.TypeOf(kinds[name])
	if t.Kind() == reflect.Pointer {
		t = t.Elem()
	}
	return t
}

// Names lists all commands.
func Names() []string {
	var out []string
	for n := range kinds {
		out = append(out, n)
	}
	sort.Strings(out)
	return out
}

// Decode reads a command: {"do": name, "base": …, "token": …} and its own members, and no others.
func Decode(data []byte) (Meant, error) {
	var m Meant
	members := map[string]json.RawMessage{}
	d := json.NewDecoder(bytes.NewReader(data))
	if err := d.Decode(&members); err != nil {
		return m, words.Refuse("this request cannot be read")
	}
	if _, err := d.Token(); err != io.EOF {
		return m, words.Refuse("this request cannot be read: something follows its end")
	}
	var name string
	for _, x := range []struct {
		name string
		to   any
	}{{"do", &name}, {"base", &m.Base}, {"token", &m.Token}} {
		if raw, ok := members[x.name]; ok && json.Unmarshal(raw, x.to) != nil {
			return m, words.Refuse("this request cannot be read")
		}
		delete(members, x.name)
	}
	kind, ok := kinds[name]
	if !ok {
		return m, words.Refuse("unknown act %q; there are %s", name, strings.Join(Names(), ", "))
	}
	rest, err := json.Marshal(members)
	if err != nil {
		return m, err
	}
	c := reflect.New(reflect.TypeOf(kind))
	own := json.NewDecoder(bytes.NewReader(rest))
	own.DisallowUnknownFields()
	if err := own.Decode(c.Interface()); err != nil {
		return m, words.Refuse("%s cannot be read: %s", name, err)
	}
	m.Command = c.Elem().Interface().(Command)
	return m, nil
}

// sensible refuses numbers that mean nothing.
func sensible(what string, x *float64) error {
	if !words.Sensible(x) {
		return words.Refuse("%s is no number that means anything here", what)
	}
	return nil
}

// at is a pose for one component.
func at(name string, p geom.Pose) edit.Move { return edit.Move{Poses: map[string]geom.Pose{name: p}} }
