package bench

import (
	"cmp"
	"net/http"
	"slices"
	"time"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/commands"
	"setfast/app/words"
	"setfast/core/cam"
	"setfast/core/format"
	"setfast/core/gearing"
	"setfast/core/group"
	"setfast/core/seat"
	"setfast/web/ask"
)

func (b *Bench) do(c *echo.Context, n int64) error {
	m, err := ask.Command(c)
	if err != nil {
		return err
	}
	p, err := b.App.Do(c.Request().Context(), n, ask.Who(c).Name, m)
	if err != nil {
		return err
	}
	return b.answer(c, p, m.Base, cmp.Or(p.Parked, p.Follows))
}

func (b *Bench) undo(c *echo.Context, n int64) error { return b.back(c, n, b.App.Undo, "Taken back: ") }
func (b *Bench) redo(c *echo.Context, n int64) error { return b.back(c, n, b.App.Redo, "Done again: ") }

func (b *Bench) back(c *echo.Context, n int64, f app.Back, word string) error {
	var in struct {
		Base  int64  `json:"base"`
		Token string `json:"token"`
	}
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	p, err := f(c.Request().Context(), n, in.Base, ask.Who(c).Name, in.Token)
	if err != nil {
		return err
	}
	return b.answer(c, p, in.Base, word+p.Said)
}

// form makes a subassembly of some components.
func (b *Bench) form(c *echo.Context, n int64) error {
	var in app.Forming
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	p, err := b.App.Form(c.Request().Context(), n, ask.Who(c).Name, in)
	if err != nil {
		return err
	}
	return b.answer(c, p, in.Base, "")
}

// open lists what a copy would leave to be said.
func (b *Bench) open(c *echo.Context, n int64) error {
	var in commands.Copy
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	out, err := b.App.Open(c.Request().Context(), n, in)
	if err != nil {
		return err
	}
	open := out.Open
	if open == nil {
		open = []group.Outside{}
	}
	return c.JSON(http.StatusOK, map[string]any{"names": out.Names, "open": open})
}

func (b *Bench) offers(c *echo.Context, n int64) error {
	var in struct {
		Put, On, Sense string
		Whole          bool
	}
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	out, err := b.App.Offers(c.Request().Context(), n, in.Put, in.On, in.Sense, in.Whole)
	if err != nil {
		return err
	}
	u, err := b.units(c.Request().Context(), n)
	if err != nil {
		return err
	}
	out = slices.Clone(out)
	for i := range out {
		inUnits(&out[i], u)
	}
	return c.JSON(http.StatusOK, out)
}

func (b *Bench) try(c *echo.Context, n int64) error {
	m, err := ask.Command(c)
	if err != nil {
		return err
	}
	r, ok := m.Command.(commands.Relate)
	if !ok {
		return ask.Refuse("only a relation can be tried")
	}
	o, err := b.App.Try(c.Request().Context(), n, r)
	if err != nil {
		return err
	}
	u, err := b.units(c.Request().Context(), n)
	if err != nil {
		return err
	}
	shown := *o
	inUnits(&shown, u)
	return c.JSON(http.StatusOK, shown)
}

// coupled tries a coupling, and shows what it would tie.
func (b *Bench) coupled(c *echo.Context, n int64) error {
	m, err := ask.Command(c)
	if err != nil {
		return err
	}
	say, ok := m.Command.(commands.Couple)
	if !ok {
		return ask.Refuse("only a coupling can be tried here")
	}
	out, err := b.App.TryCoupling(c.Request().Context(), n, say)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, out)
}

// cam works the lifts of a cam out from its edge.
func (b *Bench) cam(c *echo.Context, n int64) error {
	var in struct{ Turn, Slide, Edge, Tip string }
	if err := ask.JSON(c, &in); err != nil {
		return err
	}
	say := cam.Said{Turn: in.Turn, Slide: in.Slide}
	var err error
	if say.Face, err = format.Ref(in.Edge); err == nil {
		say.Tip, err = format.Ref(in.Tip)
	}
	if err != nil {
		return ask.Refuse(err.Error())
	}
	law, err := b.App.CamLaw(c.Request().Context(), n, say)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, struct {
		*cam.Law
		Called string `json:"called"`
	}{law, law.Called()})
}

// mesh reads how teeth mesh.
func (b *Bench) mesh(c *echo.Context, n int64) error {
	m, err := b.App.Mesh(c.Request().Context(), n, c.QueryParam("a"), c.QueryParam("b"))
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, struct {
		*gearing.Mesh
		Called string `json:"called"`
		Fits   bool   `json:"fits"`
	}{m, m.Called(), m.Fits()})
}

// clash tells what passes through what.
func (b *Bench) clash(c *echo.Context, n int64) error {
	found, err := b.App.Clashes(c.Request().Context(), n)
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, found)
}

// travel tells how far a joint goes until parts meet.
func (b *Bench) travel(c *echo.Context, n int64) error {
	t, err := b.App.Travel(c.Request().Context(), n, c.QueryParam("joint"), c.QueryParam("of"))
	if err != nil {
		return err
	}
	return c.JSON(http.StatusOK, t)
}

// inUnits shows an offer's lengths as the project does.
func inUnits(o *seat.Offer, u words.Units) {
	if o.Value != nil && o.Unit == string(words.MM) {
		x := *o.Value / u.Scale()
		o.Value = &x
	}
	o.Fields = slices.Clone(o.Fields)
	for i := range o.Fields {
		o.Fields[i].Unit = u.Name(o.Fields[i].Unit)
	}
	o.Unit, o.Limits = u.Name(o.Unit), u.Name(o.Limits)
	o.Odds, o.Note = u.Said(o.Odds), u.Said(o.Note)
}

// log gives lines of the log, the latest first: those before a line, so many at most.
func (b *Bench) log(c *echo.Context, n int64) error {
	before, err := ask.Before(c)
	if err != nil {
		return err
	}
	if _, err := b.App.Store.Assembly(c.Request().Context(), n); err != nil {
		return err
	}
	list, err := b.App.Store.Log(c.Request().Context(), n, before, ask.MostLines)
	if err != nil {
		return err
	}
	type lineJSON struct {
		Seq    int64     `json:"seq"`
		Kind   string    `json:"kind"`
		Target int64     `json:"target,omitempty"`
		At     time.Time `json:"at"`
		Who    string    `json:"who"`
		Said   string    `json:"said"`
	}
	out := []lineJSON{}
	for _, e := range list {
		out = append(out, lineJSON(e))
	}
	return c.JSON(http.StatusOK, out)
}
