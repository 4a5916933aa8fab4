// Package people knows who may do what: people and their passwords, links that let them in, tokens of their programs, and roles in projects.
package people

import (
	"strings"

	"setfast/app/words"
)

// Role is what somebody is in a project.
type Role string

// The roles. A reviewer signs what others have built, so an editor does not.
const (
	None     Role = ""
	Student  Role = "student"
	Reader   Role = "reader"
	Editor   Role = "editor"
	Reviewer Role = "reviewer"
	Owner    Role = "owner"
)

// Roles are all of them, by what they may.
var Roles = []Role{Student, Reader, Editor, Reviewer, Owner}

// RoleOf reads a role.
func RoleOf(s string) (Role, error) {
	for _, r := range Roles {
		if string(r) == s {
			return r, nil
		}
	}
	return None, words.Refuse("there is no role %q; there are student, reader, editor, reviewer and owner", s)
}

// Right is something that may be done in a project.
type Right int

// The rights.
const (
	Attend Right = 1 << iota // see what students are to do, and hand it in
	Look
	Remark // write notes beside what others did
	Edit
	Sign
	Govern // name the project and put it away, say who is in it, throw things away for good
)

var may = map[Role]Right{
	Student:  Attend,
	Reader:   Attend | Look,
	Editor:   Attend | Look | Remark | Edit,
	Reviewer: Attend | Look | Remark | Sign,
	Owner:    Attend | Look | Remark | Edit | Sign | Govern,
}

// May tells whether a role has a right.
func (r Role) May(x Right) bool { return may[r]&x != 0 }

// Said is what a role may, in words.
func (r Role) Said() string {
	switch r {
	case Student:
		return "sees tasks, and hands in"
	case Reader:
		return "looks"
	case Editor:
		return "looks and edits"
	case Reviewer:
		return "looks, remarks and signs"
	case Owner:
		return "does everything, and says who is here"
	}
	return "is not here"
}

var doing = map[Right]string{Attend: "handing in", Look: "looking at it", Remark: "writing notes", Edit: "changing anything here", Sign: "signing", Govern: "this"}

// Lacks says why somebody may not do something, and whom to ask.
func (r Role) Lacks(x Right, owners []string) string {
	var can []string
	for _, o := range Roles {
		if o.May(x) {
			can = append(can, string(o))
		}
	}
	list := can[len(can)-1]
	if len(can) > 1 {
		list = strings.Join(can[:len(can)-1], ", ") + " or " + list
	}
	msg := "you are " + article(string(r)) + " of this project; " + doing[x] + " takes " + article(list)
	if len(owners) == 0 {
		owners = []string{"an administrator of this server"}
	}
	return msg + ": ask " + strings.Join(owners, " or ")
}

func article(word string) string {
	if strings.ContainsRune("aeio", rune(word[0])) {
		return "an " + word
	}
	return "a " + word
}
