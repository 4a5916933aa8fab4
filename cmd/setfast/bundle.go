package main

import (
	"archive/zip"
	"fmt"
	"io"
	"os"
	"path"
	"path/filepath"
	"slices"
	"strings"

	"setfast/kernel"
)

// What a bundle may hold.
const (
	mostBundled = 5000
	mostUnzip   = 4 << 30 // bytes, once unpacked
)

// given is a file that was handed in: what it is called, and where it lies.
type given struct{ name, file string }

// unbundle puts what zip bundles hold in their place, unpacked into a folder: their documents, or their STEP and IGES files where they hold no document.
func unbundle(files []string, dir string) (out []given, err error) {
	for i, f := range files {
		if !strings.EqualFold(filepath.Ext(f), ".zip") {
			out = append(out, given{f, f})
			continue
		}
		to := filepath.Join(dir, fmt.Sprint(i))
		names, err := unzip(f, to)
		if err != nil {
			return nil, fmt.Errorf("%s: %w", f, err)
		}
		is := func(kind func(string) bool) []string {
			return slices.DeleteFunc(slices.Clone(names), func(n string) bool { return !kind(n) })
		}
		wanted := is(func(n string) bool { return strings.EqualFold(path.Ext(n), ".json") })
		if len(wanted) == 0 {
			wanted = is(func(n string) bool { k := kernel.Format(n); return k == "step" || k == "iges" })
		}
		if len(wanted) == 0 {
			return nil, fmt.Errorf("%s holds neither documents nor STEP files", f)
		}
		slices.Sort(wanted)
		for _, n := range wanted {
			out = append(out, given{path.Join(filepath.ToSlash(f), n), filepath.Join(to, filepath.FromSlash(n))})
		}
	}
	return out, nil
}

// unzip unpacks a bundle; what systems leave in bundles, and what would lie outside the folder, is passed over.
func unzip(file, to string) (names []string, err error) {
	z, err := zip.OpenReader(file)
	if err != nil {
		return nil, fmt.Errorf("it is not a zip bundle, or is damaged: %w", plain(err))
	}
	defer z.Close()
	if len(z.File) > mostBundled {
		return nil, fmt.Errorf("it holds more than %d files", mostBundled)
	}
	left := int64(mostUnzip)
	for _, e := range z.File {
		name := path.Clean(strings.ReplaceAll(e.Name, `\`, "/"))
		base := path.Base(name)
		if e.FileInfo().IsDir() || !filepath.IsLocal(filepath.FromSlash(name)) || strings.HasPrefix(base, ".") || strings.HasPrefix(name, "__MACOSX/") {
			continue
		}
		n, err := unpacked(e, filepath.Join(to, filepath.FromSlash(name)), left)
		if err != nil {
			return nil, fmt.Errorf("%s: %w", name, err)
		}
		if left -= n; left <= 0 {
			return nil, fmt.Errorf("it is larger than %d GB once unpacked", mostUnzip>>30)
		}
		names = append(names, name)
	}
	return names, nil
}

func unpacked(e *zip.File, to string, most int64) (int64, error) {
	if err := os.MkdirAll(filepath.Dir(to), 0o755); err != nil {
		return 0, err
	}
	from, err := e.Open()
	if err != nil {
		return 0, err
	}
	defer from.Close()
	f, err := os.Create(to)
	if err != nil {
		return 0, err
	}
	defer f.Close()
	n, err := io.Copy(f, io.LimitReader(from, most))
	if err != nil {
		return n, err
	}
	return n, f.Close()
}
