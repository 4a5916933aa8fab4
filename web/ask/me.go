package ask

import (
	"github.com/labstack/echo/v5"

	"setfast/app/people"
	"setfast/store"
)

// Me is who asks, and what they are in the project that is asked about.
type Me struct {
	store.Person
	Solo bool // nobody signs in here: whoever sits at this machine may do everything
	Role people.Role
}

// May tells whether who asks has a right in the project that is asked about.
func (m Me) May(x people.Right) bool { return m.Role.May(x) }

// Looks tells whether who asks may look and nothing else.
func (m Me) Looks() bool { return m.Role != people.None && !m.Role.May(people.Edit) }

// Signs tells whether who asks may sign.
func (m Me) Signs() bool { return m.Role.May(people.Sign) }

// Governs tells whether who asks may say who is in the project.
func (m Me) Governs() bool { return m.Role.May(people.Govern) }

// OneForAll is who everybody is where nobody signs in.
var OneForAll = Me{Person: store.Person{Name: "designer", Chief: true}, Solo: true, Role: people.Owner}

const meKey = "me"

// SetMe says who asks.
func SetMe(c *echo.Context, m Me) { c.Set(meKey, m) }

// Who is who asks; nobody where that is not known.
func Who(c *echo.Context) Me {
	m, _ := c.Get(meKey).(Me)
	return m
}

// Head is what every page shows: its title, and who sees it.
type Head struct {
	Title string
	Me    Me
}

// NewHead is the head of a page.
func NewHead(c *echo.Context, title string) Head { return Head{title, Who(c)} }
