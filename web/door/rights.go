package door

import (
	"maps"

	"setfast/app/people"
	"setfast/web/api"
)

// need is what a route asks of whoever comes by it.
type need struct {
	open  bool         // of nobody anything
	chief bool         // to be an administrator
	right people.Right // in the project that the path names; none: to be signed in
}

var (
	open   = need{open: true}
	signed = need{}
	chief  = need{chief: true}
	look   = need{right: people.Look}
	remark = need{right: people.Remark}
	edit   = need{right: people.Edit}
	sign   = need{right: people.Sign}
	govern = need{right: people.Govern}
	attend = need{right: people.Attend}
)

// rights says what each route needs. A route that is not here is not served.
var rights = func() map[string]need {
	out := maps.Clone(pages)
	out["GET /api/v1/openapi.json"] = open
	for route, right := range api.Rights() {
		out[route] = need{right: right}
	}
	return out
}()

// pages are the routes of the pages. What is posted and only works something out needs no more than to look.
var pages = map[string]need{
	"GET /static*": open, "GET /healthz": open, "GET /metrics": open, // metrics are for this machine alone
	"GET /sign-in": open, "POST /sign-in": open, "GET /join/:link": open, "POST /join/:link": open,
	"POST /sign-out": signed, "POST /sign-out/everywhere": signed, "GET /me": signed, "POST /me/password": signed, "POST /me/tokens": signed, "POST /me/tokens/:token": signed,
	"GET /people": chief, "POST /people": chief, "POST /people/:person": chief,

	"GET /": signed, "POST /projects": signed, "POST /practice": signed,
	// shapes are found by a digest of what they hold: who knows it has seen them
	"GET /shape/:sha": signed, "GET /preview/:sha": signed,

	"GET /p/:project": look, "GET /p/:project/save": look, "GET /p/:project/imports": look, "GET /p/:project/imports/:batch": look, "GET /p/:project/parts": look,
	"GET /p/:project/marking": look, "GET /p/:project/marking/:asm": look, "GET /p/:project/practice": look, "GET /p/:project/people": look,
	"GET /p/:project/class": attend, "POST /p/:project/class/:task/begin": attend, "POST /p/:project/class/:task/hand": attend,
	"POST /p/:project/class": edit, "POST /p/:project/class/:task": edit, "POST /p/:project/class/:task/remark": edit,
	"POST /p/:project/practice": edit, "POST /p/:project/account": edit, "POST /p/:project/bring": edit, "POST /p/:project/imports": edit,
	"DELETE /p/:project/imports/file/:file": edit, "POST /p/:project/assemblies": edit, "POST /p/:project/unit": edit, "POST /p/:project/pattern": edit,
	"POST /p/:project/name": govern, "POST /p/:project/archive": govern, "POST /p/:project/delete": govern,
	"POST /p/:project/people": govern, "POST /p/:project/people/:person": govern, "POST /p/:project/invite": govern,
	"POST /p/:project/hooks": govern, "POST /p/:project/hooks/:hook": govern,

	"POST /parts/:part": edit, "POST /parts/:part/number": edit, "DELETE /parts/:part": edit, "POST /parts/:part/back": edit, "DELETE /parts/:part/good": govern,

	"GET /a/:asm": look, "GET /a/:asm/state": look, "GET /a/:asm/log": look, "GET /a/:asm/verdict": look, "GET /a/:asm/live": look, "POST /a/:asm/here": look,
	"POST /a/:asm/do": edit, "POST /a/:asm/undo": edit, "POST /a/:asm/redo": edit, "POST /a/:asm/form": edit, "POST /a/:asm/helper": edit,
	"POST /a/:asm/measure": look, "POST /a/:asm/variants": look, "POST /a/:asm/open": look, "POST /a/:asm/offers": look, "POST /a/:asm/try": look,
	"GET /a/:asm/clash": look, "POST /a/:asm/run": look, "GET /a/:asm/fastening": look, "POST /a/:asm/fastening": look, "GET /a/:asm/copies": look, "POST /a/:asm/copies": look,
	"GET /a/:asm/holes": look, "GET /a/:asm/fasteners": look, "GET /a/:asm/mesh": look, "GET /a/:asm/travel": look, "POST /a/:asm/coupled": look, "POST /a/:asm/cam": look,
	"GET /a/:asm/implied": look, "GET /a/:asm/next": look, "GET /a/:asm/seatings": look, "GET /a/:asm/kept": look, "POST /a/:asm/kept": edit, "GET /a/:asm/swing/:k": look,
	"GET /a/:asm/export": look, "GET /a/:asm/save": look, "GET /a/:asm/bare": look, "GET /a/:asm/apart": look, "GET /a/:asm/dated": look,
	"POST /a/:asm/mirrored": look, "POST /a/:asm/mirror": edit, "POST /a/:asm/drilled": look, "POST /a/:asm/drill": edit, "POST /a/:asm/outline": edit,
	"POST /a/:asm/compare": look, "POST /a/:asm/revise": edit, "POST /a/:asm/follow": edit, "POST /a/:asm/unlink": edit,
	"GET /a/:asm/then": look, "GET /a/:asm/then/:seq": look, "POST /a/:asm/pin": remark,
	"DELETE /a/:asm": edit, "POST /a/:asm/back": edit, "DELETE /a/:asm/good": govern,

	"GET /a/:asm/list": look, "POST /a/:asm/brief": edit, "GET /a/:asm/sheet": look, "POST /a/:asm/sheet": edit, "GET /a/:asm/guide": look, "GET /a/:asm/out": look,
	"GET /a/:asm/proof": look, "POST /a/:asm/sign": sign,
	"GET /a/:asm/daybook": look, "GET /a/:asm/at/:seq": look, "GET /a/:asm/between": look, "GET /a/:asm/pinned/:name": look,
	"POST /a/:asm/pinned/:name": remark, "POST /a/:asm/daybook/note": remark, "POST /a/:asm/daybook/name": remark, "POST /a/:asm/daybook/back": edit,
	"POST /a/:asm/practice/try": edit, "POST /a/:asm/practice/hint": edit,
}
