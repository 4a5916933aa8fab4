package app

import (
	"context"
	"time"
)

// How often what nothing refers to is collected, and how long it must have been left alone.
const (
	tidyEvery = time.Hour
	leftAlone = time.Hour
)

// Tidy keeps the store in order beside all else, until the context ends: parts that older code derived are derived again, and
// large values that nothing refers to are deleted.
func (a *App) Tidy(ctx context.Context) {
	if done, failed, err := a.Refresh(ctx); err != nil && ctx.Err() == nil {
		a.Log.Error("parts are not all derived again", "error", err)
	} else if done+failed > 0 {
		a.Log.Warn("parts were derived again by this version", "parts", done, "failed", failed)
	}
	var broken []string // an hour ago
	for {
		if err := a.Store.CollectBroken(ctx, broken); err != nil && ctx.Err() == nil {
			a.Log.Warn("what broke off was not collected", "error", err)
		}
		broken, _ = a.Store.Broken(ctx)
		if n, bytes, err := a.Store.Collect(ctx, leftAlone); err != nil && ctx.Err() == nil {
			a.Log.Warn("what nothing refers to was not collected", "error", err)
		} else if n > 0 {
			a.Log.Info("collected what nothing refers to", "values", n, "bytes", bytes)
		}
		if err := a.Store.ForgetOver(ctx); err != nil && ctx.Err() == nil {
			a.Log.Warn("sessions and links that are over were not deleted", "error", err)
		}
		select {
		case <-ctx.Done():
			return
		case <-time.After(tidyEvery):
		}
	}
}
