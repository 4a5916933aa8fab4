package edit

import (
	"bytes"
	"encoding/json"
	"fmt"
	"io"
	"reflect"
)

// version is the form edits are written in; docs/edits.md describes it. Version 1, without a member "v", is read by legacy.go.
const version = 2

// kinds makes an empty edit of each kind to read into.
var kinds = func() map[string]func() Edit {
	m := map[string]func() Edit{}
	for _, e := range []Edit{Place{}, Remove{}, Ground{}, Suppress{}, Flex{}, Move{}, Use{}, Rename{}, Relate{}, Unrelate{}, Set{}, Change{},
		Plan{}, Unplan{}, Measure{}, Unmeasure{}, Drive{}, Undrive{}, Title{}, Settings{}, Values{}, Order{}, Reid{}, Sheet{}, Lists{}} {
		t := reflect.TypeOf(e)
		m[e.Op()] = func() Edit { return reflect.New(t).Interface().(Edit) }
	}
	return m
}()

// Encode writes an edit down: {"v": 2, "op": …} and the members of its kind.
func Encode(e Edit) ([]byte, error) { return encode(e, true) }

func encode(e Edit, outermost bool) ([]byte, error) {
	var members any = e
	if b, ok := e.(Batch); ok {
		list := make([]json.RawMessage, 0, len(b.Edits))
		for _, k := range b.Edits {
			one, err := encode(k, false)
			if err != nil {
				return nil, err
			}
			list = append(list, one)
		}
		members = struct {
			Edits []json.RawMessage `json:"edits"`
		}{list}
	}
	var body bytes.Buffer
	enc := json.NewEncoder(&body)
	enc.SetEscapeHTML(false)
	if err := enc.Encode(members); err != nil {
		return nil, err
	}
	head := fmt.Sprintf(`{"op":%q`, e.Op())
	if outermost {
		head = fmt.Sprintf(`{"v":%d,"op":%q`, version, e.Op())
	}
	rest := bytes.TrimSpace(body.Bytes())[1:] // without its opening brace
	if len(rest) > 1 {
		head += ","
	}
	return append([]byte(head), rest...), nil
}

// mostNested is how deep batches may lie in batches.
const mostNested = 8

// Decode reads an edit in this or an older form.
func Decode(data []byte) (Edit, error) {
	var head struct {
		V int `json:"v"`
	}
	if err := json.Unmarshal(data, &head); err != nil {
		return nil, fmt.Errorf("this is no edit: %w", err)
	}
	switch head.V {
	case 0:
		return decode1(data)
	case version:
		return decode(data, mostNested)
	}
	return nil, fmt.Errorf("this edit is of version %d; this program reads up to %d", head.V, version)
}

func decode(data []byte, depth int) (Edit, error) {
	var head struct {
		Op string `json:"op"`
	}
	if err := json.Unmarshal(data, &head); err != nil {
		return nil, fmt.Errorf("this is no edit: %w", err)
	}
	if head.Op == "batch" {
		if depth == 0 {
			return nil, fmt.Errorf("batches are nested too deeply")
		}
		var b struct {
			V     int               `json:"v"`
			Op    string            `json:"op"`
			Edits []json.RawMessage `json:"edits"`
		}
		if err := strictly(data, &b); err != nil {
			return nil, err
		}
		var out Batch
		for _, k := range b.Edits {
			e, err := decode(k, depth-1)
			if err != nil {
				return nil, err
			}
			out.Edits = append(out.Edits, e)
		}
		return out, nil
	}
	make, ok := kinds[head.Op]
	if !ok {
		return nil, fmt.Errorf("unknown edit %q", head.Op)
	}
	e := make()
	var members map[string]json.RawMessage
	if err := json.Unmarshal(data, &members); err != nil {
		return nil, err
	}
	delete(members, "v")
	delete(members, "op")
	rest, err := json.Marshal(members)
	if err == nil {
		err = strictly(rest, e)
	}
	if err != nil {
		return nil, fmt.Errorf("%s: %w", head.Op, err)
	}
	return reflect.ValueOf(e).Elem().Interface().(Edit), nil
}

// strictly reads an object and nothing but its members.
func strictly(data []byte, to any) error {
	d := json.NewDecoder(bytes.NewReader(data))
	d.DisallowUnknownFields()
	if err := d.Decode(to); err != nil {
		return err
	}
	if _, err := d.Token(); err != io.EOF {
		return fmt.Errorf("something follows the edit")
	}
	return nil
}
