package account

import "setfast/core/assembly"

// Settle writes the solved poses of a report into its document.
func Settle(doc *assembly.Document, rep *Report) {
	for name, r := range rep.Assemblies {
		for _, c := range doc.Assemblies[name].Components {
			if _, ok := r.Components[c.Name]; ok && !c.Grounded {
				c.Pose = r.poseOf(c.Name)
			}
			if c.Flexible && !c.Grounded { // where its grounded components were brought to
				for _, k := range doc.Assemblies[c.Assembly].Components {
					if _, ok := r.Components[c.Name+"/"+k.Name]; ok && k.Grounded {
						c.Pose = r.poseOf(c.Name + "/" + k.Name)
						break
					}
				}
			}
		}
	}
}
