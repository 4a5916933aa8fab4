package demo

import (
	"context"
	"sync"

	"setfast/app"
	"setfast/app/people"
	"setfast/store"
)

// PracticeName is the name of the project of exercises.
const PracticeName = "Practice"

// exercise is one of those that ship with the program, made of one of the sample's assemblies.
type exercise struct {
	name, of, key string // key is the assembly that shows how it is meant, where that is another
	without       []string
	app.Exercise
}

var exercises = []exercise{
	{"1 What a pin leaves", "Vent hinge", "", nil, app.Exercise{Task: "A pin goes through a bracket and a knuckle. How many freedoms are left in all?", Ask: "left",
		Hints: []string{"Each part that is not grounded begins with six.", "The account says before and after at each line.", "The balance above the stage says what is left."}}},
	{"2 What moves that should not", "Vent hinge", "", nil, app.Exercise{Task: "One motion of the hinge is meant. How many freedoms are loose?", Ask: "loose",
		Hints: []string{"What is planned or idle is not loose.", "K shakes what is loose."}}},
	{"3 The last screw", "Bearing stand", "", []string{"rim 4"}, app.Exercise{Task: "One screw of the stand lies loose. Seat it as the others are seated.",
		Hints: []string{"N goes to the next loose part.", "The rim under the head goes on the rim of the hole.", "Alt N proposes what would seat it."}}},
	{"4 Seat a block", "Bearing stand", "", []string{"on 2", "axis 3", "parallel 1", "rim 3", "rim 4"}, app.Exercise{Task: "One block stands beside the plate with its screws. Seat it over its holes in three relations, and its screws in one each.", Most: 10,
		Hints: []string{"A face on a face takes three freedoms.", "One hole on one hole takes two more.", "What is left is a turn about that hole: a second hole, or a parallel side, takes it."}}},
	{"5 Two screws", "Bearing stand", "", []string{"rim 2", "rim 3"}, app.Exercise{Task: "Two screws are loose, each in another block. Seat them.",
		Hints: []string{"Z does the last thing again at another place."}}},
	{"6 How much is said twice", "Bearing stand", "", nil, app.Exercise{Task: "A block on two holes and a face is told more than it needs. How many conditions of the stand are doubled?", Ask: "doubled",
		Hints: []string{"Doubled is asked less removed.", "The foot of the account has it."}}},
	{"7 Reach a verdict", "Covered plate", "", nil, app.Exercise{Task: "The cover's holes are not where the plate's are. What is the verdict?", Ask: "verdict",
		Hints: []string{"It stands at the right of the balance."}}},
	{"8 Where it clashes", "Crank drive", "", nil, app.Exercise{Task: "Something of the crank passes through the wall plate. Which part?", Ask: "part", Answer: "Crank arm",
		Hints: []string{"Findings name what passes through what.", "It is the part between shaft and handle."}}},
	{"9 Which screw", "Bolted stand", "", nil, app.Exercise{Task: "The holes of the blocks are Ø6.6. Which thread are they for, in the medium series of ISO 273?", Ask: "screw", Answer: "M6",
		Hints: []string{"./setfast fastener --hole 6.6 tells it.", "Point at a hole: its size is told with the screw that it is for."}}},
	{"10 Bolt it down", "Bolted stand", "", []string{"right foot"}, app.Exercise{Task: "One block has lost its screws, washers and nuts. Fasten it like the other.",
		Hints: []string{"Alt F opens the Fastenings.", "Pick one hole: all like it are taken.", "ISO 4762 with washers and a nut, as the left foot has."}}},
	{"11 From its bare shapes", "Stand as it came", "Bearing stand", nil, app.Exercise{Task: "The stand came as a file: everything is in its place, and nothing holds. Account for it.",
		Hints: []string{"The account offers it.", "Alt A opens what its shapes say, card by card; Enter takes one."}}},
	{"12 All of it", "Bearing stand", "", []string{"on 1", "axis 1", "axis 2", "on 2", "axis 3", "parallel 1", "rim 1", "rim 2", "rim 3", "rim 4"}, app.Exercise{Task: "Plate, blocks and screws lie about. Build the stand in ten relations.", Most: 10,
		Hints: []string{"The plate is grounded: begin with the blocks.", "Alt N proposes what would seat a part, holes by holes.", "Screws last: rim on rim."}}},
}

// Practice makes a project of exercises, with the sample's assemblies as keys.
func Practice(ctx context.Context, a *app.App) (project int64, err error) {
	project, key, err := load(ctx, a, PracticeName, nil)
	if err != nil {
		return 0, err
	}
	id := func(name string) int64 {
		n, _, err := app.KeyID(key[name])
		if err != nil {
			return 0
		}
		return n
	}
	for _, x := range exercises {
		if x.key != "" {
			x.Key = id(x.key)
		}
		if _, err := a.MakeExercise(ctx, id(x.of), x.name, x.without, x.Exercise); err != nil {
			return 0, err
		}
	}
	return project, nil
}

// making lets one at a time make the project of exercises.
var making sync.Mutex

// Exercises gives somebody's project of exercises, and makes it where it is not there. Making it takes some seconds, and goes on where who asked has left.
func Exercises(ctx context.Context, a *app.App, of store.Person) (project int64, err error) {
	making.Lock()
	defer making.Unlock()
	mine, err := people.Owned(ctx, a.Store, of)
	if err != nil {
		return 0, err
	}
	for _, p := range mine {
		if p.Name == PracticeName && !p.Archived {
			return p.ID, nil
		}
	}
	ctx = context.WithoutCancel(ctx)
	if project, err = Practice(ctx, a); err == nil {
		err = people.Own(ctx, a.Store, of, project)
	}
	return project, err
}
