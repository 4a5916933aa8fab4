package app

import (
	"bytes"
	"context"
	"encoding/json"
	"image"
	_ "image/jpeg" // pictures of the stage come as JPEG
	_ "image/png"
	"strconv"
	"time"

	"setfast/app/commands"
	"setfast/app/words"
	"setfast/store"
)

// Pin is a picture pinned to a line of the Daybook.
type Pin struct {
	Note
	Name    string `json:"-"`
	Picture []byte `json:"picture,omitempty"` // JPEG or PNG
}

// What pictures are bounded by.
const (
	mostPins     = 100
	mostPinBytes = 600 << 10
	mostPinSide  = 4096 // pixels
)

// PinPicture pins a picture with a text to a line.
func (a *App) PinPicture(ctx context.Context, id, seq int64, who, text string, picture []byte) error {
	text, err := words.Text("the text", text, commands.MostText)
	if err != nil {
		return err
	}
	is, _, err := image.DecodeConfig(bytes.NewReader(picture))
	if err != nil || len(picture) > mostPinBytes || is.Width > mostPinSide || is.Height > mostPinSide {
		return words.Refuse("this is no picture that can be pinned: JPEG or PNG, of at most %d kB", mostPinBytes>>10)
	}
	if _, err := a.Store.Moment(ctx, id, seq); err != nil {
		return err
	}
	all, err := a.Store.Pins(ctx, id)
	if err != nil {
		return err
	}
	if len(all) >= mostPins {
		return words.Refuse("%d pictures are pinned here; take some down first", mostPins)
	}
	now := time.Now().UTC()
	data, err := json.Marshal(Pin{Note: Note{Text: text, Who: who, Seq: seq, At: now}, Picture: picture})
	if err != nil {
		return err
	}
	return a.Store.Keep(ctx, id, store.Kept{Kind: store.Pinned, Name: strconv.FormatInt(now.UnixMicro(), 10), Data: data})
}

// Pins are the pictures pinned to the lines of an assembly, without the pictures themselves.
func (a *App) Pins(ctx context.Context, id int64) (map[int64][]Pin, error) {
	all, err := a.Store.Pins(ctx, id)
	if err != nil {
		return nil, err
	}
	out := map[int64][]Pin{}
	for _, k := range all {
		var p Pin
		if err := json.Unmarshal(k.Data, &p); err != nil {
			return nil, err
		}
		p.Name = k.Name
		out[p.Seq] = append(out[p.Seq], p)
	}
	return out, nil
}

// PinnedPicture is one of them.
func (a *App) PinnedPicture(ctx context.Context, id int64, name string) ([]byte, error) {
	list, err := a.Store.Pin(ctx, id, name)
	if err != nil {
		return nil, err
	}
	if len(list) == 0 {
		return nil, store.ErrNotFound
	}
	var p Pin
	err = json.Unmarshal(list[0].Data, &p)
	return p.Picture, err
}

// TakeDown takes a picture down.
func (a *App) TakeDown(ctx context.Context, id int64, name string) error {
	return a.Store.Keep(ctx, id, store.Kept{Kind: store.Pinned, Name: name})
}
