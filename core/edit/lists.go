package edit

import (
	"encoding/json"
	"fmt"
	"slices"

	"setfast/core/assembly"
	"setfast/core/format"
)

// Plan declares a motion as wanted, written as in the file.
type Plan struct {
	Planned json.RawMessage `json:"planned"`
	At      *int            `json:"at,omitempty"`
}

// Unplan withdraws the planned motion at a place of the list.
type Unplan struct {
	At int `json:"at"`
}

// Measure adds a measure; Unmeasure deletes it.
type Measure struct {
	Name    string          `json:"name"`
	Measure json.RawMessage `json:"measure"`
	At      *int            `json:"at,omitempty"`
}

// Unmeasure deletes a measure.
type Unmeasure struct {
	Name string `json:"name"`
}

// Drive adds a drive; Undrive deletes it.
type Drive struct {
	Name  string          `json:"name"`
	Drive json.RawMessage `json:"drive"`
	At    *int            `json:"at,omitempty"`
}

// Undrive deletes a drive.
type Undrive struct {
	Name string `json:"name"`
}

// Title changes what the assembly is called. What is not given stays.
type Title struct {
	Name   *string `json:"name,omitempty"`
	Number *string `json:"number,omitempty"`
}

// Settings gives the assembly settings of its own, as in the file, or none.
type Settings struct {
	Settings json.RawMessage `json:"settings,omitempty"`
}

// The names of the edits of lists, title and settings.
func (Plan) Op() string      { return "plan" }
func (Unplan) Op() string    { return "unplan" }
func (Measure) Op() string   { return "measure" }
func (Unmeasure) Op() string { return "unmeasure" }
func (Drive) Op() string     { return "drive" }
func (Undrive) Op() string   { return "undrive" }
func (Title) Op() string     { return "title" }
func (Settings) Op() string  { return "settings" }

// NewPlan declares a motion as wanted.
func NewPlan(p assembly.Planned) Plan { return Plan{Planned: raw(format.PlannedObject(p))} }

// NewMeasure adds a measure.
func NewMeasure(m assembly.Measure) Measure {
	return Measure{m.Name, raw(format.MeasureObject(m)), nil}
}

// NewDrive adds a drive.
func NewDrive(d assembly.Drive) Drive { return Drive{d.Name, raw(format.DriveObject(d)), nil} }

// NewSettings gives an assembly settings of its own.
func NewSettings(s assembly.Settings) Settings { return Settings{raw(format.SettingsObject(s))} }

func (e Plan) apply(d *draft) (Edit, error) {
	p, err := format.ReadPlanned(e.Planned)
	if err != nil {
		return nil, err
	}
	at := spot(e.At, len(d.Planned))
	d.Planned = slices.Insert(d.Planned, at, p)
	return Unplan{at}, nil
}

func (e Unplan) apply(d *draft) (Edit, error) {
	if e.At < 0 || e.At >= len(d.Planned) {
		return nil, fmt.Errorf("there is no such planned motion")
	}
	was := raw(format.PlannedObject(d.Planned[e.At]))
	d.Planned = slices.Delete(d.Planned, e.At, e.At+1)
	return Plan{was, &e.At}, nil
}

func (e Measure) apply(d *draft) (Edit, error) {
	m, err := format.ReadMeasure(e.Name, e.Measure)
	if err != nil {
		return nil, err
	}
	if slices.ContainsFunc(d.Measures, func(o assembly.Measure) bool { return o.Name == e.Name }) {
		return nil, fmt.Errorf("there is a measure %q already", e.Name)
	}
	d.Measures = slices.Insert(d.Measures, spot(e.At, len(d.Measures)), m)
	return Unmeasure{e.Name}, nil
}

func (e Unmeasure) apply(d *draft) (Edit, error) {
	at := slices.IndexFunc(d.Measures, func(m assembly.Measure) bool { return m.Name == e.Name })
	if at < 0 {
		return nil, fmt.Errorf("there is no measure %q", e.Name)
	}
	was := raw(format.MeasureObject(d.Measures[at]))
	d.Measures = slices.Delete(d.Measures, at, at+1)
	return Measure{e.Name, was, &at}, nil
}

func (e Drive) apply(d *draft) (Edit, error) {
	v, err := format.ReadDrive(e.Name, e.Drive)
	if err != nil {
		return nil, err
	}
	if slices.ContainsFunc(d.Drives, func(o assembly.Drive) bool { return o.Name == e.Name }) {
		return nil, fmt.Errorf("there is a drive %q already", e.Name)
	}
	d.Drives = slices.Insert(d.Drives, spot(e.At, len(d.Drives)), v)
	return Undrive{e.Name}, nil
}

func (e Undrive) apply(d *draft) (Edit, error) {
	at := slices.IndexFunc(d.Drives, func(v assembly.Drive) bool { return v.Name == e.Name })
	if at < 0 {
		return nil, fmt.Errorf("there is no drive %q", e.Name)
	}
	was := raw(format.DriveObject(d.Drives[at]))
	d.Drives = slices.Delete(d.Drives, at, at+1)
	return Drive{e.Name, was, &at}, nil
}

func (e Title) apply(d *draft) (Edit, error) {
	var inv Title
	if e.Name != nil {
		was := d.Name
		inv.Name, d.Name = &was, *e.Name
	}
	if e.Number != nil {
		was := d.Number
		inv.Number, d.Number = &was, *e.Number
	}
	return inv, nil
}

func (e Settings) apply(d *draft) (Edit, error) {
	var inv Settings
	if d.Settings != nil {
		inv = NewSettings(*d.Settings)
	}
	d.Settings = nil
	if e.Settings != nil {
		s, err := format.ReadSettings(e.Settings)
		if err != nil {
			return nil, err
		}
		d.Settings = &s
	}
	return inv, nil
}
