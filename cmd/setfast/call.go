package main

import (
	"errors"
	"flag"
	"fmt"
	"io"
	"strings"

	"setfast/core/near"
)

// call is a command as it was called: its flags are declared on it, then it is parsed.
type call struct {
	command
	*flag.FlagSet
	words     []string
	in        io.Reader
	out, errs io.Writer
}

func newCall(c command, args []string, in io.Reader, out, errs io.Writer) *call {
	fs := flag.NewFlagSet(c.name, flag.ContinueOnError)
	fs.SetOutput(io.Discard) // what is wrong is said here
	fs.Usage = func() {}
	return &call{c, fs, args, in, out, errs}
}

// fail says what is wrong, and is the code for it.
func (c *call) fail(format string, a ...any) int {
	fmt.Fprintf(c.errs, "setfast: "+format+"\n", a...)
	return 2
}

// bad is the same for a mistake on the command line.
func (c *call) bad(format string, a ...any) int {
	said := fmt.Sprintf(format, a...)
	if !strings.HasSuffix(said, "?") {
		said += ";"
	}
	return c.fail("%s ./setfast %s --help tells its flags", said, c.name)
}

// files parses the arguments: flags stand before, between or after files; after -- all are files. It gives the code to exit with where
// there is nothing more to do.
func (c *call) files(least, most int) (files []string, code int, ok bool) {
	rest := c.words
	for len(rest) > 0 {
		if err := c.Parse(rest); err != nil {
			if errors.Is(err, flag.ErrHelp) {
				c.help()
				return nil, 0, false
			}
			return nil, c.bad("%s", c.mistake(err)), false
		}
		taken := len(rest) - c.NArg()
		if taken > 0 && rest[taken-1] == "--" {
			files = append(files, c.Args()...)
			break
		}
		if rest = c.Args(); len(rest) > 0 {
			files, rest = append(files, rest[0]), rest[1:]
		}
	}
	switch {
	case len(files) < least:
		if least > 1 && len(files) > 0 {
			return nil, c.bad("%s wants %d arguments, not %d", c.name, least, len(files)), false
		}
		return nil, c.bad("%s wants a file", c.name), false
	case len(files) > most && most == 0:
		return nil, c.bad("%s takes no %q", c.name, files[0]), false
	case len(files) > most:
		return nil, c.bad("%s takes one file, not %s", c.name, strings.Join(files, " and ")), false
	}
	return files, 0, true
}

// mistake turns what the flags' reader says into a sentence.
func (c *call) mistake(err error) string {
	said := err.Error()
	if name, ok := strings.CutPrefix(said, "flag provided but not defined: -"); ok {
		name = strings.TrimLeft(name, "-")
		var have []string
		c.VisitAll(func(f *flag.Flag) { have = append(have, f.Name) })
		if s := near.Of(name, have); s != "" {
			return fmt.Sprintf("%s has no flag --%s; did you mean --%s?", c.name, name, s)
		}
		return fmt.Sprintf("%s has no flag --%s", c.name, name)
	}
	if name, ok := strings.CutPrefix(said, "flag needs an argument: -"); ok {
		name = strings.TrimLeft(name, "-")
		what, _ := flag.UnquoteUsage(c.Lookup(name))
		return fmt.Sprintf("--%s wants a %s behind it", name, what)
	}
	if value, name, ok := cut2(said, "invalid value ", " for flag -", ": "); ok {
		what, _ := flag.UnquoteUsage(c.Lookup(name))
		return fmt.Sprintf("--%s takes a %s, not %s", name, what, value)
	}
	if value, name, ok := cut2(said, "invalid boolean value ", " for -", ": "); ok {
		return fmt.Sprintf("--%s takes no value, so not %s", name, value)
	}
	return said
}

// cut2 takes two words out of a sentence of a known form.
func cut2(s, before, between, after string) (a, b string, ok bool) {
	if s, ok = strings.CutPrefix(s, before); !ok {
		return "", "", false
	}
	if a, s, ok = strings.Cut(s, between); !ok {
		return "", "", false
	}
	b, _, _ = strings.Cut(s, after)
	return a, b, true
}

// help tells what the command does and takes.
func (c *call) help() {
	any := false
	var flags strings.Builder
	c.VisitAll(func(f *flag.Flag) {
		any = true
		what, usage := flag.UnquoteUsage(f)
		name := "--" + f.Name
		if what != "" {
			name += " " + strings.ToUpper(what)
		}
		if f.DefValue != "" && f.DefValue != "false" {
			usage += " (" + f.DefValue + " unless given)"
		}
		fmt.Fprintf(&flags, "  %-18s %s\n", name, usage)
	})
	line := "./setfast " + c.name
	if c.args != "" {
		line += " " + c.args
	}
	if any {
		line += " [flags]"
	}
	fmt.Fprintf(c.out, "%s\n\n%s\n", line, c.does)
	if any {
		fmt.Fprintf(c.out, "\n%s", flags.String())
	}
}
