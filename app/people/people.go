package people

import (
	"context"
	"crypto/rand"
	"crypto/sha256"
	"encoding/hex"
	"errors"
	"fmt"
	"strings"
	"sync"
	"time"
	"unicode"

	"golang.org/x/text/unicode/norm"

	"setfast/app/words"
	"setfast/store"
)

// Door lets people in. It may be used from many goroutines at once.
type Door struct {
	Store *store.Store
	Cost  Cost

	once  sync.Once
	decoy string // is compared with where there is nobody of a name, so that it takes as long
}

// New makes a door at the usual cost.
func New(s *store.Store) *Door { return &Door{Store: s, Cost: Usual} }

// How often it may be tried to sign in within a window: to a name from one address, to a name at all, from an address at all.
const (
	window      = 15 * time.Minute
	mostNameAt  = 8
	mostName    = 100
	mostAddress = 200
)

// ErrWrong is said whether the name or the password is wrong.
var ErrWrong = words.Refuse("No such name with this password.")

// TooOften says that too much was tried.
type TooOften struct{ Until time.Time }

func (e *TooOften) Error() string {
	return fmt.Sprintf("Too many tries to sign in; try again in %s.", words.Plural(max(1, int(time.Until(e.Until).Minutes()+1)), "minute", "minutes"))
}

// Enter finds who has a name and a password. Each try is counted before the password is looked at, so that many at once gain nothing.
func (d *Door) Enter(ctx context.Context, name, password, address string) (store.Person, error) {
	name = norm.NFC.String(strings.TrimSpace(name))
	if len(name) > 300 || len(password) > 4*longest {
		return store.Person{}, ErrWrong
	}
	low := strings.ToLower(name)
	pair := digest("name at", low, address)
	for _, t := range []struct {
		what string
		most int
	}{{digest("from", address), mostAddress}, {pair, mostNameAt}, {digest("name", low), mostName}} {
		n, until, err := d.Store.Tried(ctx, t.what, window)
		if err != nil {
			return store.Person{}, err
		}
		if n > t.most {
			return store.Person{}, &TooOften{until}
		}
	}
	p, err := d.Store.PersonNamed(ctx, name)
	if err != nil && !errors.Is(err, store.ErrNotFound) {
		return store.Person{}, err
	}
	hashed := p.Password
	if hashed == "" {
		d.once.Do(func() { d.decoy, _ = hash(context.WithoutCancel(ctx), "nobody has this password", d.Cost) })
		hashed = d.decoy
	}
	ok, old, err := matches(ctx, password, hashed, d.Cost)
	if err != nil {
		return store.Person{}, err
	}
	if !ok || p.Password == "" || p.Barred {
		return store.Person{}, ErrWrong
	}
	if old {
		if hashed, err = hash(ctx, password, d.Cost); err == nil {
			err = d.Store.SetPasswordHash(ctx, p.ID, hashed)
		}
		if err != nil {
			return store.Person{}, err
		}
	}
	return p, d.Store.Forgive(ctx, pair)
}

// digest is a name of fixed length for what is tried, or for what was given out.
func digest(parts ...string) string {
	h := sha256.Sum256([]byte(strings.Join(parts, "\x00")))
	return hex.EncodeToString(h[:])
}

const mostLetters = 40

// checkName makes a name fit to sign in with and to stand beside acts.
func checkName(name string) (string, error) {
	name, err := words.Name("the name", norm.NFC.String(name), mostLetters)
	if err != nil {
		return "", err
	}
	if strings.ContainsFunc(name, func(r rune) bool {
		return !unicode.IsLetter(r) && !unicode.IsMark(r) && !unicode.IsDigit(r) && !strings.ContainsRune(" .-_'", r)
	}) {
		return "", words.Refuse("a name is made of letters, digits, spaces and . - _ '")
	}
	return name, nil
}

// How long links let somebody in.
const (
	joinTime  = 7 * 24 * time.Hour
	resetTime = 24 * time.Hour
)

// link keeps a link and gives the secret that is shown once.
func (d *Door) link(ctx context.Context, l store.Link, lasts time.Duration) (secret string, err error) {
	secret = rand.Text()
	l.Hash, l.Until = digest("link", secret), time.Now().Add(lasts)
	return secret, d.Store.AddLink(ctx, l)
}

// Invite makes a link for somebody new, or into a project for somebody who is there.
func (d *Door) Invite(ctx context.Context, maker string, project int64, role Role) (secret string, err error) {
	return d.link(ctx, store.Link{Project: project, Role: string(role), Maker: maker}, joinTime)
}

// Add makes somebody, who comes by the link.
func (d *Door) Add(ctx context.Context, maker, name string, chief bool) (secret string, err error) {
	if name, err = checkName(name); err != nil {
		return "", err
	}
	id, err := d.Store.AddPerson(ctx, store.Person{Name: name, Chief: chief})
	if err != nil {
		return "", err
	}
	return d.link(ctx, store.Link{Person: id, Maker: maker}, joinTime)
}

// Renew makes a link by which somebody chooses another password.
func (d *Door) Renew(ctx context.Context, maker string, person int64) (secret string, err error) {
	return d.link(ctx, store.Link{Person: person, Maker: maker}, resetTime)
}

// Found is a link as it is followed.
type Found struct {
	store.Link
	Name    string // whom it is for; empty: somebody new
	Again   bool   // they have a password already
	Project string // into which it leads, by name
}

// ErrNoLink is said of links that never were as of those that are over.
var ErrNoLink = words.Refuse("this link is not valid, or not any more; ask for another")

// Follow finds what a link is for.
func (d *Door) Follow(ctx context.Context, secret string) (f Found, err error) {
	f.Link, err = d.Store.Link(ctx, digest("link", secret))
	if errors.Is(err, store.ErrNotFound) || err == nil && (f.Used || time.Now().After(f.Until)) {
		return f, ErrNoLink
	}
	if err == nil && f.Person != 0 {
		p, err := d.Store.Person(ctx, f.Person)
		if err != nil || p.Barred {
			return f, errors.Join(err, ErrNoLink)
		}
		f.Name, f.Again = p.Name, p.Password != ""
	}
	if err == nil && f.Link.Project != 0 {
		p, err := d.Store.Project(ctx, f.Link.Project)
		if err != nil {
			return f, err
		}
		f.Project = p.Name
	}
	return f, err
}

// Join uses a link: somebody new takes a name and a password; whom it is for takes a password.
func (d *Door) Join(ctx context.Context, secret, name, password string) (p store.Person, err error) {
	f, err := d.Follow(ctx, secret)
	if err != nil {
		return p, err
	}
	if f.Name != "" {
		name = f.Name
	} else if name, err = checkName(name); err != nil {
		return p, err
	}
	if err := checkPassword(name, password); err != nil {
		return p, err
	}
	hashed, err := hash(ctx, password, d.Cost)
	if err != nil {
		return p, err
	}
	id, err := d.Store.UseLink(ctx, f.Link, store.Person{ID: f.Person, Name: name, Password: hashed})
	if err != nil {
		return p, err
	}
	return d.Store.Person(ctx, id)
}

// Accept uses a link into a project for somebody who is signed in.
func (d *Door) Accept(ctx context.Context, secret string, p store.Person) error {
	f, err := d.Follow(ctx, secret)
	if err != nil {
		return err
	}
	if f.Person != 0 || f.Link.Project == 0 {
		return words.Refuse("this link is for somebody who is not signed in yet; sign out first")
	}
	_, err = d.Store.UseLink(ctx, f.Link, store.Person{ID: p.ID})
	return err
}

// Change gives somebody who knows the old password another.
func (d *Door) Change(ctx context.Context, p store.Person, old, fresh, address string) error {
	if _, err := d.Enter(ctx, p.Name, old, address); err != nil {
		if errors.Is(err, ErrWrong) {
			return words.Refuse("that is not the password you sign in with")
		}
		return err
	}
	if err := checkPassword(p.Name, fresh); err != nil {
		return err
	}
	hashed, err := hash(ctx, fresh, d.Cost)
	if err != nil {
		return err
	}
	return d.Store.SetPassword(ctx, p.ID, hashed)
}

// TokenPrefix begins every token, so that one that was left lying about is known for what it is.
const TokenPrefix = "setfast_"

const mostTokens = 20

// Token makes a token for somebody's programs; it is shown once.
func (d *Door) Token(ctx context.Context, p store.Person, name string) (secret string, err error) {
	if name, err = words.Name("the token's name", name, mostLetters); err != nil {
		return "", err
	}
	list, err := d.Store.Tokens(ctx, p.ID)
	if err != nil {
		return "", err
	}
	if len(list) >= mostTokens {
		return "", words.Refuse("there are %d tokens already; revoke one first", mostTokens)
	}
	secret = TokenPrefix + rand.Text()
	return secret, d.Store.AddToken(ctx, p.ID, name, digest("token", secret))
}

// Bearer finds who a token speaks for.
func (d *Door) Bearer(ctx context.Context, secret string) (store.Person, error) {
	p, err := d.Store.PersonOf(ctx, digest("token", secret))
	if err == nil && p.Barred {
		err = store.ErrNotFound
	}
	return p, err
}
