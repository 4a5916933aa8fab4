package format

import (
	"bytes"
	"encoding/json"
)

// object is a JSON object that keeps its order and leaves out what is not set.
type object struct {
	names []string
	vals  []any
}

func (o *object) put(name string, v any) {
	o.names = append(o.names, name)
	o.vals = append(o.vals, v)
}

func (o *object) text(name, s string) {
	if s != "" {
		o.put(name, s)
	}
}

func (o *object) flag(name string, b bool) {
	if b {
		o.put(name, true)
	}
}

// MarshalJSON writes the members in order.
func (o *object) MarshalJSON() ([]byte, error) {
	var b bytes.Buffer
	b.WriteByte('{')
	for i, n := range o.names {
		if i > 0 {
			b.WriteByte(',')
		}
		k, err := marshal(n)
		if err != nil {
			return nil, err
		}
		v, err := marshal(o.vals[i])
		if err != nil {
			return nil, err
		}
		b.Write(k)
		b.WriteByte(':')
		b.Write(v)
	}
	b.WriteByte('}')
	return b.Bytes(), nil
}

func marshal(v any) ([]byte, error) {
	var b bytes.Buffer
	e := json.NewEncoder(&b)
	e.SetEscapeHTML(false)
	err := e.Encode(v)
	return bytes.TrimRight(b.Bytes(), "\n"), err
}

// one reads a part of a document that stands by itself, as an edit carries it.
func one[T any](data []byte, read func(*reader, *node) T) (T, error) {
	n, err := parse(data)
	if err != nil {
		var none T
		return none, err
	}
	r := &reader{version: mostVersion}
	v := read(r, n)
	return v, r.err
}
