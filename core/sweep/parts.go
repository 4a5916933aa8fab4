package sweep

import (
	"fmt"

	"setfast/core/account"
	"setfast/core/assembly"
	"setfast/core/clash"
	"setfast/core/motion"
	"setfast/core/placed"
)

// Parts are those of the root of an account, each with the body of a study that it moves with. What is grounded stands.
func Parts(s *motion.Study, a *account.Account, doc *assembly.Document, most int, solid func(part string) *clash.Solid) ([]Part, error) {
	uses, more := placed.Uses(doc, a.Report, doc.Root, most)
	if more {
		return nil, fmt.Errorf("it places more than %d parts", most)
	}
	out := make([]Part, len(uses))
	for i := range uses {
		u := &uses[i]
		out[i] = Part{Name: u.Name(), Solid: solid(u.Part), Body: -1, In: u.Pose}
		if k, ok := s.Body[u.Body(a.Root)]; ok && !s.Sys.Bodies[k].Fixed {
			out[i].Body, out[i].In = k, s.Poses[k].Inverse().Mul(u.Pose)
		}
	}
	return out, nil
}
