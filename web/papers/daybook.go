package papers

import (
	"html/template"
	"math"
	"net/http"
	"strconv"
	"strings"

	"github.com/labstack/echo/v5"

	"setfast/app"
	"setfast/app/words"
	"setfast/core/report"
	"setfast/core/sheet"
	"setfast/store"
	"setfast/web/ask"
)

// daybook adds the log of an assembly as a book of days.
func (p *Papers) daybook(e *echo.Echo) {
	e.GET("/a/:asm/daybook", ask.On("asm", p.days))
	e.GET("/a/:asm/at/:seq", ask.On("asm", p.moment))
	e.GET("/a/:asm/between", ask.On("asm", p.between))
	e.GET("/a/:asm/pinned/:name", ask.On("asm", p.pinned))
	e.POST("/a/:asm/pinned/:name", ask.On("asm", p.takeDown))
	e.POST("/a/:asm/daybook/note", ask.On("asm", p.note))
	e.POST("/a/:asm/daybook/name", ask.On("asm", p.name))
	e.POST("/a/:asm/daybook/back", ask.On("asm", p.back))
}

type daysView struct {
	head
	Find    string
	Days    []dayView
	Moments []app.Note
	More    int64 // the line before which there are more; 0 for none
}

type dayView struct {
	Day   string
	Lines []entryView
}

type entryView struct {
	store.Entry
	Note   string
	Called []string // named moments after this line
	Pins   []app.Pin
	Last   bool // it is the latest
}

// mostEntries are shown at once.
const mostEntries = 100

// days shows the log, the latest day first; those lines that hold a text, where one is looked for.
func (p *Papers) days(c *echo.Context, n int64) error {
	h, err := p.head(c, n, "daybook", "Daybook")
	if err != nil {
		return err
	}
	ctx := c.Request().Context()
	v := daysView{head: h, Find: strings.TrimSpace(c.QueryParam("find"))}
	before := int64(math.MaxInt64)
	if s := c.QueryParam("before"); s != "" {
		if before, err = strconv.ParseInt(s, 10, 64); err != nil {
			return ask.Refuse("before is the number of a line")
		}
	}
	var list []store.Entry
	if v.Find != "" {
		list, err = p.App.Store.Find(ctx, n, before, v.Find, mostEntries+1)
	} else {
		list, err = p.App.Store.Log(ctx, n, before, mostEntries+1)
	}
	if err != nil {
		return err
	}
	if len(list) > mostEntries {
		list = list[:mostEntries]
		v.More = list[mostEntries-1].Seq
	}
	notes, moments, err := p.App.Notes(ctx, n)
	if err != nil {
		return err
	}
	pins, err := p.App.Pins(ctx, n)
	if err != nil {
		return err
	}
	v.Moments = moments
	for i, e := range list {
		day := e.At.Local().Format("Monday, 2 January 2006")
		if len(v.Days) == 0 || v.Days[len(v.Days)-1].Day != day {
			v.Days = append(v.Days, dayView{Day: day})
		}
		x := entryView{Entry: e, Note: notes[e.Seq].Text, Pins: pins[e.Seq], Last: i == 0 && v.Find == "" && c.QueryParam("before") == ""}
		for _, m := range moments {
			if m.Seq == e.Seq {
				x.Called = append(x.Called, m.Name)
			}
		}
		d := &v.Days[len(v.Days)-1]
		d.Lines = append(d.Lines, x)
	}
	return c.Render(http.StatusOK, "paper_daybook.html", v)
}

func seqOf(text string) (int64, error) {
	n, err := strconv.ParseInt(text, 10, 64)
	if err != nil || n < 0 {
		return 0, ask.Refuse("a moment is told by the number of a line")
	}
	return n, nil
}

type momentView struct {
	head
	Seq     int64
	Verdict report.Verdict
	Result  *report.Result
	Notes   []string
	Lines   []report.Line
	Picture template.HTML
}

// moment shows the assembly as it stood after a line; nothing can be changed there.
func (p *Papers) moment(c *echo.Context, n int64) error {
	h, err := p.head(c, n, "daybook", "Daybook")
	if err != nil {
		return err
	}
	seq, err := seqOf(c.Param("seq"))
	if err != nil {
		return err
	}
	j, err := p.App.Moment(c.Request().Context(), n, seq)
	if err != nil {
		return err
	}
	v := momentView{head: h, Seq: seq, Verdict: j.Verdict(), Result: j.Result, Lines: j.Result.Lines, Notes: words.Notes(j.Asm)}
	likeness, err := p.App.MomentPicture(c.Request().Context(), j, likenessWide, likenessHigh)
	if _, ok := refused(err); err != nil && !ok {
		return err
	}
	if v.Picture, err = inline(likeness); err != nil {
		return err
	}
	return c.Render(http.StatusOK, "paper_moment.html", v)
}

type betweenView struct {
	head
	From, To int64
	Said     []string
	Pictures [2]template.HTML
}

// between compares two moments, in words and in pictures.
func (p *Papers) between(c *echo.Context, n int64) error {
	h, err := p.head(c, n, "daybook", "Daybook")
	if err != nil {
		return err
	}
	v := betweenView{head: h}
	if v.From, err = seqOf(c.QueryParam("from")); err != nil {
		return err
	}
	if v.To, err = seqOf(c.QueryParam("to")); err != nil {
		return err
	}
	if v.From > v.To {
		v.From, v.To = v.To, v.From
	}
	b, err := p.App.Between(c.Request().Context(), n, v.From, v.To, likenessWide, likenessHigh)
	if err != nil {
		return err
	}
	for i, d := range b.Pictures {
		if v.Pictures[i], err = inline(d); err != nil {
			return err
		}
	}
	v.Said = words.Compared(b.Result)
	return c.Render(http.StatusOK, "paper_between.html", v)
}

// inline is a drawing as part of a page.
func inline(d *sheet.Drawing) (template.HTML, error) {
	if d == nil {
		return "", nil
	}
	var out strings.Builder
	err := d.WriteSVG(&out)
	return template.HTML(out.String()), err
}

func (p *Papers) note(c *echo.Context, n int64) error {
	seq, err := seqOf(c.FormValue("seq"))
	if err != nil {
		return err
	}
	if err := p.App.Annotate(c.Request().Context(), n, seq, ask.Who(c).Name, c.FormValue("text")); err != nil {
		return err
	}
	return p.toDaybook(c)
}

// pinned is a picture that was pinned to a line.
func (p *Papers) pinned(c *echo.Context, n int64) error {
	data, err := p.App.PinnedPicture(c.Request().Context(), n, c.Param("name"))
	if err != nil {
		return err
	}
	c.Response().Header().Set("Cache-Control", "private, max-age=86400")
	return c.Blob(http.StatusOK, http.DetectContentType(data), data)
}

func (p *Papers) takeDown(c *echo.Context, n int64) error {
	if err := p.App.TakeDown(c.Request().Context(), n, c.Param("name")); err != nil {
		return err
	}
	return p.toDaybook(c)
}

func (p *Papers) name(c *echo.Context, n int64) error {
	seq, err := seqOf(c.FormValue("seq"))
	if err != nil {
		return err
	}
	if err := p.App.NameMoment(c.Request().Context(), n, seq, ask.Who(c).Name, c.FormValue("name")); err != nil {
		return err
	}
	return p.toDaybook(c)
}

func (p *Papers) back(c *echo.Context, n int64) error {
	seq, err := seqOf(c.FormValue("seq"))
	if err != nil {
		return err
	}
	if _, err := p.App.BackTo(c.Request().Context(), n, seq, ask.Who(c).Name, c.FormValue("token")); err != nil {
		return err
	}
	return p.toDaybook(c)
}

func (p *Papers) toDaybook(c *echo.Context) error {
	return c.Redirect(http.StatusSeeOther, "/a/"+c.Param("asm")+"/daybook")
}
