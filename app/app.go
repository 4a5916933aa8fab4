// Package app joins the rooms: it brings files in, makes documents of what the store holds, and posts edits with what
// follows from them.
package app

import (
	"context"
	"errors"
	"fmt"
	"strconv"
	"strings"
	"sync"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/edit"
	"setfast/core/geom"
	"setfast/core/part"
	"setfast/kernel"
	"setfast/store"
)

// App is the application without its interface.
type App struct {
	Store  *store.Store
	Kernel *kernel.Runner // nil where shapes cannot be read

	mu      sync.Mutex
	derived map[string]*shape // by content: never stale
	judged  map[judgedKey]*Judged
}

type shape struct {
	d *kernel.Derived
	p *part.Part
}

type judgedKey struct{ id, seq int64 }

// New makes an application on a store.
func New(s *store.Store, k *kernel.Runner) *App {
	return &App{Store: s, Kernel: k, derived: map[string]*shape{}, judged: map[judgedKey]*Judged{}}
}

// UserError is a mistake of the user's, to be shown as it is.
type UserError struct{ Msg string }

func (e *UserError) Error() string { return e.Msg }

func userErr(format string, a ...any) error { return &UserError{fmt.Sprintf(format, a...)} }

// Keys by which a document names parts and assemblies of the store.
func PartKey(id int64) string     { return "p" + strconv.FormatInt(id, 10) }
func AssemblyKey(id int64) string { return "a" + strconv.FormatInt(id, 10) }

// KeyID reads a key back.
func KeyID(key string) (id int64, isPart bool, err error) {
	if len(key) < 2 || key[0] != 'p' && key[0] != 'a' {
		return 0, false, fmt.Errorf("%q names neither a part nor an assembly", key)
	}
	id, err = strconv.ParseInt(key[1:], 10, 64)
	return id, key[0] == 'p', err
}

// cacheMost bounds what is kept in memory; beyond it everything is dropped and read again.
const cacheMost = 400

// Derived gives the derived data of a part.
func (a *App) Derived(ctx context.Context, sha string) (*kernel.Derived, *part.Part, error) {
	a.mu.Lock()
	s := a.derived[sha]
	a.mu.Unlock()
	if s != nil {
		return s.d, s.p, nil
	}
	data, err := a.Store.Blob(ctx, sha)
	if err != nil {
		return nil, nil, err
	}
	d, err := kernel.DecodeDerived(data)
	if err != nil {
		return nil, nil, err
	}
	s = &shape{d, d.Part()}
	a.mu.Lock()
	if len(a.derived) > cacheMost {
		a.derived = map[string]*shape{}
	}
	a.derived[sha] = s
	a.mu.Unlock()
	return s.d, s.p, nil
}

// part makes an assembly's view of a stored part.
func (a *App) part(ctx context.Context, id int64) (*part.Part, store.Part, error) {
	row, err := a.Store.Part(ctx, id)
	if err != nil {
		return nil, row, err
	}
	_, shape, err := a.Derived(ctx, row.DerivedSHA256)
	if err != nil {
		return nil, row, err
	}
	p := *shape // features are shared, what people say is not
	p.Name, p.Number, p.Revision, p.Material = row.Name, row.Number, row.Revision, row.Material
	p.Density, p.Fastener = row.Density, row.Fastener
	p.Source = part.Source{Format: kernel.Format(row.SourceName), Path: row.SourceName, SHA256: row.SourceSHA256}
	return &p, row, nil
}

// Document gathers an assembly and all it uses. state, where given, stands for the assembly's stored state.
func (a *App) Document(ctx context.Context, id int64, state *assembly.Assembly) (*assembly.Document, map[string]store.Part, error) {
	doc := &assembly.Document{Root: AssemblyKey(id), Settings: assembly.DefaultSettings, Parts: map[string]*part.Part{}, Assemblies: map[string]*assembly.Assembly{}}
	rows := map[string]store.Part{}
	var add func(id int64, st *assembly.Assembly) error
	add = func(id int64, st *assembly.Assembly) error {
		key := AssemblyKey(id)
		if doc.Assemblies[key] != nil {
			return nil
		}
		if st == nil {
			var err error
			if st, _, err = a.Store.State(ctx, id); err != nil {
				return fmt.Errorf("assembly %d: %w", id, err)
			}
		}
		doc.Assemblies[key] = st
		doc.Order = append(doc.Order, key)
		for _, c := range st.Components {
			if c.Assembly != "" {
				n, _, err := KeyID(c.Assembly)
				if err == nil {
					err = add(n, nil)
				}
				if err != nil {
					return err
				}
				continue
			}
			if doc.Parts[c.Part] != nil {
				continue
			}
			n, _, err := KeyID(c.Part)
			if err != nil {
				return err
			}
			p, row, err := a.part(ctx, n)
			if err != nil {
				return fmt.Errorf("part of %q: %w", c.Name, err)
			}
			doc.Parts[c.Part] = p
			doc.PartOrder = append(doc.PartOrder, c.Part)
			rows[c.Part] = row
		}
		return nil
	}
	if err := add(id, state); err != nil {
		return nil, nil, err
	}
	return doc, rows, nil
}

// Judged is an assembly with its account.
type Judged struct {
	ID, Seq int64
	Doc     *assembly.Document
	Asm     *assembly.Assembly
	Parts   map[string]store.Part
	Report  *account.Report
	Result  *account.Result
}

// Judge takes the account of an assembly as it stands.
func (a *App) Judge(ctx context.Context, id int64) (*Judged, error) {
	st, seq, err := a.Store.State(ctx, id)
	if err != nil {
		return nil, err
	}
	return a.judge(ctx, id, seq, st)
}

func (a *App) judge(ctx context.Context, id, seq int64, st *assembly.Assembly) (*Judged, error) {
	doc, rows, err := a.Document(ctx, id, st)
	if err != nil {
		return nil, err
	}
	key := judgedKey{id, seq}
	a.mu.Lock()
	old := a.judged[key]
	a.mu.Unlock()
	if old != nil && sameUses(old, rows, doc) {
		return old, nil
	}
	rep, err := account.Check(doc, nil)
	if err != nil {
		return nil, err
	}
	j := &Judged{id, seq, doc, st, rows, rep, rep.Assemblies[doc.Root]}
	a.mu.Lock()
	if len(a.judged) > 100 {
		a.judged = map[judgedKey]*Judged{}
	}
	if len(doc.Assemblies) == 1 { // one with others below may change without a line of its own
		a.judged[key] = j
	}
	a.mu.Unlock()
	return j, a.Store.SetVerdict(ctx, id, seq, rep.Verdict)
}

func sameUses(j *Judged, rows map[string]store.Part, doc *assembly.Document) bool {
	if len(rows) != len(j.Parts) || len(doc.Assemblies) != 1 {
		return false
	}
	for k, r := range rows {
		if j.Parts[k] != r {
			return false
		}
	}
	return true
}

// Post applies an edit and, with it, the poses that follow from it, as one line that is taken back as one.
func (a *App) Post(ctx context.Context, id, base int64, who, said string, e edit.Edit) (*Judged, error) {
	var broken error
	st, seq, err := a.Store.Post(ctx, id, base, who, said, e, func(st *assembly.Assembly) (*edit.Edit, error) {
		if err := a.noCycle(ctx, id, st); err != nil {
			return nil, err
		}
		doc, _, err := a.Document(ctx, id, st)
		if err != nil {
			return nil, err
		}
		rep, err := account.Check(doc, nil)
		if err != nil {
			broken = err
			return nil, err
		}
		return follow(st, rep.Assemblies[doc.Root]), nil
	})
	if err != nil {
		if broken != nil {
			return nil, userErr("%s", plainFault(broken))
		}
		var ee *store.EditError
		if errors.As(err, &ee) {
			return nil, userErr("%s", plainFault(ee.Err))
		}
		return nil, err
	}
	return a.judge(ctx, id, seq, st)
}

// plainFault drops the path of a document that the user never saw.
func plainFault(err error) string {
	if f, ok := err.(*assembly.Fault); ok {
		return f.Msg
	}
	return err.Error()
}

// noCycle refuses an assembly that would contain itself.
func (a *App) noCycle(ctx context.Context, id int64, st *assembly.Assembly) error {
	seen := map[string]bool{}
	var walk func(st *assembly.Assembly) error
	walk = func(st *assembly.Assembly) error {
		for _, c := range st.Components {
			if c.Assembly == "" || seen[c.Assembly] {
				continue
			}
			if c.Assembly == AssemblyKey(id) {
				return userErr("an assembly cannot be placed inside itself")
			}
			seen[c.Assembly] = true
			n, _, err := KeyID(c.Assembly)
			if err != nil {
				return err
			}
			below, _, err := a.Store.State(ctx, n)
			if err != nil {
				return err
			}
			if err := walk(below); err != nil {
				return err
			}
		}
		return nil
	}
	return walk(st)
}

// follow is the move to the solved poses, or nil where all stand there already.
func follow(st *assembly.Assembly, r *account.Result) *edit.Edit {
	e := edit.Edit{Op: "move", Poses: map[string]edit.Pose{}}
	for _, c := range st.Components {
		p := r.At(c.Name)
		if c.Suppressed || c.Grounded || p.Pose.Quaternion == [4]float64{} {
			continue
		}
		now := edit.Pose(p.Pose)
		g, err := now.Geom()
		if err != nil {
			continue
		}
		if g.O.Sub(c.Pose.O).Norm() > 1e-9 || g.Q.Mul(c.Pose.Q.Conj()).Log().Norm() > 1e-11 {
			e.Poses[c.Name] = now
		}
	}
	if len(e.Poses) == 0 {
		return nil
	}
	return &e
}

// Undo takes the latest line back.
func (a *App) Undo(ctx context.Context, id, base int64, who string) (*Judged, string, error) {
	st, seq, said, err := a.Store.Undo(ctx, id, base, who)
	if err != nil {
		return nil, "", err
	}
	j, err := a.judge(ctx, id, seq, st)
	return j, said, err
}

// Redo does the line taken back last again.
func (a *App) Redo(ctx context.Context, id, base int64, who string) (*Judged, string, error) {
	st, seq, said, err := a.Store.Redo(ctx, id, base, who)
	if err != nil {
		return nil, "", err
	}
	j, err := a.judge(ctx, id, seq, st)
	return j, said, err
}

// FreeName makes a component name that the assembly has not got yet.
func FreeName(a *assembly.Assembly, want string, taken map[string]bool) string {
	want = strings.TrimSpace(strings.Map(func(r rune) rune {
		if r == '/' || r == '@' || r < ' ' {
			return '-'
		}
		return r
	}, want))
	if want == "" {
		want = "part"
	}
	name := want
	for n := 2; a.Component(name) != nil || taken[name]; n++ {
		name = fmt.Sprintf("%s %d", want, n)
	}
	return name
}

// FreeID makes an id for a new relation.
func FreeID(a *assembly.Assembly, stem string) string {
	for n := 1; ; n++ {
		id := fmt.Sprintf("%s %d", stem, n)
		if a.Mate(id) == nil {
			return id
		}
	}
}

// Inverse is the pose that undoes another.
func Inverse(p account.PoseJSON) account.PoseJSON {
	g, err := edit.Pose(p).Geom()
	if err != nil {
		g = geom.Home
	}
	return account.PoseJSON(edit.PoseOf(g.Inverse()))
}

// Compose is the pose of something placed inside something placed.
func Compose(outer, inner account.PoseJSON) account.PoseJSON {
	o, err1 := edit.Pose(outer).Geom()
	i, err2 := edit.Pose(inner).Geom()
	if err1 != nil || err2 != nil {
		return outer
	}
	return account.PoseJSON(edit.PoseOf(o.Mul(i)))
}
