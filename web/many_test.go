package web_test

import (
	"bytes"
	"encoding/json"
	"fmt"
	"io"
	"net/http"
	"testing"
)

// post sends an act and gives the code and the state's number.
func post(path string, body any) (code int, seq int64, err error) {
	data, err := json.Marshal(body)
	if err != nil {
		return 0, 0, err
	}
	req, _ := http.NewRequest("POST", address+path, bytes.NewReader(data))
	req.Header.Set("Accept", "application/json")
	res, err := http.DefaultClient.Do(req)
	if err != nil {
		return 0, 0, err
	}
	defer res.Body.Close()
	var st struct{ Seq int64 }
	data, err = io.ReadAll(res.Body)
	if err == nil && res.StatusCode == 200 {
		err = json.Unmarshal(data, &st)
	}
	return res.StatusCode, st.Seq, err
}

// BenchmarkEdit is one edit of the sample's bearing stand from request to answer, and one look at it.
func BenchmarkEdit(b *testing.B) {
	stand := sampleAssembly(b, "Bearing stand")
	path := fmt.Sprintf("/a/%d/", stand)
	j, err := theApp.Judge(b.Context(), stand)
	if err != nil {
		b.Fatal(err)
	}
	seq := j.Seq
	b.Run("title", func(b *testing.B) {
		for i := 0; b.Loop(); i++ {
			code, now, err := post(path+"do", map[string]any{"do": "title", "to": fmt.Sprint("Bearing stand ", i), "base": seq})
			if err != nil || code != 200 {
				b.Fatal(code, err)
			}
			seq = now
		}
	})
	b.Run("suppress", func(b *testing.B) {
		for i := 0; b.Loop(); i++ {
			code, now, err := post(path+"do", map[string]any{"do": "suppress", "relation": j.Asm.Mates[i/2%len(j.Asm.Mates)].ID, "on": i%2 == 0, "base": seq})
			if err != nil || code != 200 {
				b.Fatal(code, err)
			}
			seq = now
		}
	})
	b.Run("refused", func(b *testing.B) {
		for b.Loop() {
			if code, _, err := post(path+"do", map[string]any{"do": "title", "to": "late", "base": 0}); err != nil || code != 409 {
				b.Fatal(code, err)
			}
		}
	})
	b.Run("look", func(b *testing.B) {
		for b.Loop() {
			res, err := http.Get(address + path + "state")
			if err != nil {
				b.Fatal(err)
			}
			_, _ = io.Copy(io.Discard, res.Body)
			res.Body.Close()
		}
	})
}
