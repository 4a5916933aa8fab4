// Package report is the account of freedom as plain data: what relations ask and remove, what is left and as which motions, what
// is doubled, what is at odds, and the verdict. It is what setfast check --json writes; the fields of Result and what hangs on it
// have the names and units of the assembly file's documentation (mm, degrees, kilograms; poses and motions in the frame of their
// assembly). It computes nothing and may be shared by anybody, as long as nobody changes it.
package report

import (
	"strings"

	"setfast/core/geom"
)

// Verdict is what an assembly is found to be.
type Verdict string

// The verdicts.
const (
	Set     Verdict = "set"
	Moves   Verdict = "moves as planned"
	Loose   Verdict = "loose"
	Clashes Verdict = "clashes" // where it was asked for
	AtOdds  Verdict = "at odds"
	Blocked Verdict = "blocked"
)

// Passes tells whether a verdict is one that can be signed.
func (v Verdict) Passes() bool { return v == Set || v == Moves }

// Report is the outcome of a check of a document.
type Report struct {
	Version    int                `json:"setfast_report"`
	Root       string             `json:"root"`
	Verdict    Verdict            `json:"verdict"`
	Assemblies map[string]*Result `json:"assemblies"`
	Clash      any                `json:"clash,omitempty"` // what passes through what, where it was asked for
	Timing     *Timing            `json:"timing_ms,omitempty"`
}

// Timing says where the time of a check went, in milliseconds.
type Timing struct {
	Read     float64 `json:"read"`
	Solve    float64 `json:"solve"`
	Account  float64 `json:"account"`
	Measures float64 `json:"measures"`
	Drives   float64 `json:"drives"`
}

// Result is the account of one assembly.
type Result struct {
	Verdict    Verdict              `json:"verdict"`
	Opening    int                  `json:"opening"`
	Asked      int                  `json:"asked"`
	Removed    int                  `json:"removed"`
	Left       int                  `json:"left"`
	Planned    int                  `json:"planned"`
	Idle       int                  `json:"idle"`
	Loose      int                  `json:"loose"`
	Doubled    int                  `json:"doubled"`
	Shaky      int                  `json:"shaky"`
	Residual   Residual             `json:"residual"`
	Lines      []Line               `json:"lines"`
	Components map[string]Placed    `json:"components"`
	Motions    []Motion             `json:"motions"`
	Groups     []DoubledGroup       `json:"doubled_groups"`
	Odds       []Odds               `json:"at_odds"`
	MoreOdds   int                  `json:"at_odds_more,omitempty"` // conflicts beside those told
	BlockedBy  []BlockedEntry       `json:"blocked"`
	Measures   map[string]any       `json:"measures"`
	Drives     map[string]*DriveRun `json:"drives"`

	// Aliases are flexible uses and what is grounded in them, each with the component it became.
	Aliases map[string]string `json:"-"`
	// Mates is what the interface shows of each relation.
	Mates map[string]MateNote `json:"-"`
}

// At is where a component is; a flexible use is where its grounded ones are.
func (r *Result) At(name string) Placed {
	if p, ok := r.Components[name]; ok {
		return p
	}
	return r.Components[r.Aliases[name]]
}

// Body names the component of the report that a path of components leads to: through flexible uses as far as they go.
func (r *Result) Body(path []string) string {
	for k := len(path); k > 0; k-- {
		name := strings.Join(path[:k], "/")
		if _, ok := r.Components[name]; ok {
			return name
		}
		if base, ok := r.Aliases[name]; ok {
			return base
		}
	}
	return ""
}

// MateNote is how one relation stands.
type MateNote struct {
	InForce bool
	LeftOut bool // because it is at odds
	Sense   string
	Value   *float64 // what the relation's value is read as at the solved pose
	Miss    Residual
}

// Residual is the worst miss of the relations in force, mm and degrees.
type Residual struct {
	MM  float64 `json:"mm"`
	Deg float64 `json:"deg"`
}

// Line is one entry of the account: a component with the relations posted with it.
type Line struct {
	Component string     `json:"component"`
	Before    int        `json:"before"`
	After     int        `json:"after"`
	Slides    int        `json:"-"` // of what is left after this line
	Turns     int        `json:"-"`
	Mates     []LineMate `json:"mates"`
}

// LineMate is what one relation asked and removed.
type LineMate struct {
	ID      string `json:"id"`
	Asked   int    `json:"asked"`
	Removed int    `json:"removed"`
}

// Placed is where a component is and what freedom it has.
type Placed struct {
	Left int       `json:"left"`
	Pose geom.Pose `json:"pose"`

	Slides int `json:"-"` // of the freedoms left, those that only slide
	Turns  int `json:"-"`
}

// Kind is the form of a motion.
type Kind string

// The forms of a motion.
const (
	Turn  Kind = "turn"
	Slide Kind = "slide"
	Screw Kind = "screw"
)

// Class is what a motion counts as.
type Class string

// The classes of motion.
const (
	Planned   Class = "planned"
	Idle      Class = "idle"
	Stray     Class = "loose"
	Momentary Class = "shaky"
)

// Motion is one freedom.
type Motion struct {
	Kind      Kind       `json:"kind"`
	Point     [3]float64 `json:"point"`
	Direction [3]float64 `json:"direction"`
	Pitch     float64    `json:"pitch_mm"`
	Class     Class      `json:"class"`
	Rides     []string   `json:"rides"`
}

// DoubledGroup is a set of relations that repeat each other.
type DoubledGroup struct {
	Mates     []string  `json:"mates"`
	Excess    int       `json:"excess"`
	Tolerates Tolerance `json:"tolerates"`
}

// Tolerance is the smallest change of one relation of a group that would put it at odds; null where none of its equations is
// of that kind.
type Tolerance struct {
	MM  *float64 `json:"mm"`
	Deg *float64 `json:"deg"`
}

// Odds is a smallest set of relations that cannot hold together.
type Odds struct {
	Mates    []string   `json:"mates"`
	Misses   []OddsMiss `json:"miss"`
	Also     [][]string `json:"also,omitempty"` // other smallest sets of the same conflict
	Remedies []Remedy   `json:"remedies"`
}

// OddsMiss is how far one of them is off at the best compromise.
type OddsMiss struct {
	ID  string  `json:"id"`
	MM  float64 `json:"mm"`
	Deg float64 `json:"deg"`
}

// Change is a kind of remedy.
type Change string

// The kinds of remedy.
const (
	Suppress Change = "suppress"
	SetValue Change = "set"
	TurnOver Change = "turn"
	Unground Change = "unground"
	Free     Change = "free"
)

// Remedy is one change that settles a conflict.
type Remedy struct {
	Kind       Change   `json:"kind"`
	Mate       string   `json:"mate,omitempty"`
	Component  string   `json:"component,omitempty"`
	Coordinate string   `json:"coordinate,omitempty"`
	Value      *float64 `json:"value,omitempty"`
}

// BlockedEntry is a planned motion that cannot move.
type BlockedEntry struct {
	Planned map[string]string `json:"planned"`
}

// DriveRun is what a drive reached.
type DriveRun struct {
	At        []float64        `json:"at"`
	Leg       []int            `json:"leg,omitempty"` // of each step, from 0, where there are several
	Values    map[string][]any `json:"values"`
	StoppedAt *float64         `json:"stopped_at"`
	StoppedIn *int             `json:"stopped_in,omitempty"` // which leg
	Reason    *string          `json:"reason"`
}
