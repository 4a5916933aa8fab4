package assembly

// FromBelow visits all assemblies of a document, those that are used before those that use them.
func (d *Document) FromBelow(visit func(name string, a *Assembly) error) error {
	done := map[string]bool{}
	var walk func(name string) error
	walk = func(name string) error {
		a := d.Assemblies[name]
		if done[name] || a == nil {
			return nil
		}
		done[name] = true
		for _, c := range a.Components {
			if c.Assembly != "" {
				if err := walk(c.Assembly); err != nil {
					return err
				}
			}
		}
		return visit(name, a)
	}
	for _, name := range d.Order {
		if err := walk(name); err != nil {
			return err
		}
	}
	return nil
}
