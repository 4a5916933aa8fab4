package part

// Take adds to a listed part what was found in its source: the shape, and the features that are not listed under the same name.
func (p *Part) Take(q *Part) {
	p.Shape, p.Irregular = q.Shape, q.Irregular
	if !p.Volume.Known {
		p.Volume = q.Volume
	}
	p.Listed = len(p.Order)
	for _, n := range q.Order {
		if _, own := p.Features[n]; !own {
			p.Features[n] = q.Features[n]
			p.Order = append(p.Order, n)
		}
	}
	for n, f := range q.Features { // what the source calls its faces besides is in no order
		if _, own := p.Features[n]; !own {
			p.Features[n] = f
		}
	}
}
