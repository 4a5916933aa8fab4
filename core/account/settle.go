package account

import "setfast/core/assembly"

// Settle writes the solved poses of a report into its document.
func Settle(doc *assembly.Document, rep *Report) {
	for name, r := range rep.Assemblies {
		for _, c := range doc.Assemblies[name].Components {
			if _, ok := r.Components[c.Name]; ok && !c.Grounded {
				c.Pose = r.poseOf(c.Name)
			}
		}
	}
}
