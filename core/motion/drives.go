package motion

import (
	"setfast/core/assembly"
	"setfast/core/report"
)

// Drives takes each drive of the assembly through its legs. Neither poses nor verdict change.
func (s *Study) Drives() (map[string]*report.DriveRun, error) {
	out := map[string]*report.DriveRun{}
	for i := range s.Asm.Drives {
		if s.Stopped() {
			break
		}
		run, err := s.drive(&s.Asm.Drives[i])
		if err != nil {
			return nil, err
		}
		out[s.Asm.Drives[i].Name] = run
	}
	return out, nil
}

func (s *Study) drive(dr *assembly.Drive) (*report.DriveRun, error) {
	run := NewDriveRun(dr)
	var r *Run
	for n, leg := range dr.Legs() {
		next, why, err := s.Leg(leg, r)
		if err != nil {
			Halt(run, dr, n, nil, err.Error())
			return run, nil
		}
		r = next
		for k := 0; k <= leg.Steps && why == "" && !s.Stopped(); k++ {
			if why = r.Step(k); why != "" {
				break
			}
			if err := r.Take(run, dr, n); err != nil {
				return nil, err
			}
		}
		if why != "" {
			at := report.Significant(r.Value(), 12)
			Halt(run, dr, n, &at, why)
			return run, nil
		}
	}
	return run, nil
}

// NewDriveRun begins to tell of a drive.
func NewDriveRun(dr *assembly.Drive) *report.DriveRun {
	run := &report.DriveRun{At: []float64{}, Values: map[string][]any{}}
	for _, n := range dr.Record {
		run.Values[n] = []any{}
	}
	return run
}

// Halt says where and in which leg a drive stopped, and why.
func Halt(run *report.DriveRun, dr *assembly.Drive, leg int, at *float64, why string) {
	run.StoppedAt, run.Reason = at, &why
	if len(dr.Then) > 0 {
		run.StoppedIn = &leg
	}
}

// Take adds the step that a run of a drive has reached.
func (r *Run) Take(run *report.DriveRun, dr *assembly.Drive, leg int) error {
	run.At = append(run.At, r.Value())
	if len(dr.Then) > 0 {
		run.Leg = append(run.Leg, leg)
	}
	for _, n := range dr.Record {
		x, err := r.Record(n)
		if err != nil {
			return err
		}
		run.Values[n] = append(run.Values[n], x)
	}
	return nil
}
