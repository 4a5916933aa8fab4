package format

import (
	"bytes"
	"errors"
	"fmt"
	"io"
	"strings"
	"unicode/utf8"

	"github.com/go-json-experiment/json/jsontext"
)

// blank is what JSON passes over.
const blank = " \t\r\n"

// skipBlank is the place of what comes next.
func skipBlank(data []byte, at int) int {
	for at < len(data) && strings.IndexByte(blank, data[at]) >= 0 {
		at++
	}
	return at
}

// begins is how an assembly file does.
const begins = `like {"setfast": 1, "root": "main", …`

// foreign tells what a file is that is no JSON at all.
func foreign(data []byte) error {
	start := bytes.TrimLeft(data, blank+"\ufeff")
	is := func(s string) bool { return bytes.HasPrefix(start, []byte(s)) }
	switch {
	case len(start) == 0:
		return errors.New("the file is empty; an assembly file begins " + begins)
	case is("ISO-10303-21"):
		return errors.New("this is a STEP file; check takes assembly files, inspect shows what is in shape files")
	case is("solid ") || is("<") || is("PK\x03\x04") || is("\x1f\x8b") || is("%PDF"):
		return errors.New("this is no assembly file; those are JSON texts that begin " + begins)
	case is("\xff\xfe") || is("\xfe\xff"):
		return errors.New("the file is UTF-16 text; save it as UTF-8")
	case !utf8.Valid(data):
		n := 0
		for len(data) > n {
			r, size := utf8.DecodeRune(data[n:])
			if r == utf8.RuneError && size == 1 {
				break
			}
			n += size
		}
		return fmt.Errorf("%s: the text is not UTF-8 here; save the file as UTF-8", place(data, n))
	case start[0] != '{':
		return fmt.Errorf("%s: an assembly file begins with {, %s", place(data, len(data)-len(start)), begins)
	}
	return nil
}

// place says where in a text something is, as editors count.
func place(data []byte, at int) string {
	at = min(at, len(data))
	line := bytes.LastIndexByte(data[:at], '\n') + 1
	return fmt.Sprintf("line %d, column %d", 1+bytes.Count(data[:at], []byte("\n")), 1+utf8.RuneCount(data[line:at]))
}

// slip says what is wrong with a text that is not JSON, in place of the words of the library that found it.
func slip(data []byte, err error, offset int64) error {
	at := int(offset)
	var wrong *jsontext.SyntacticError
	if errors.As(err, &wrong) {
		at, err = int(wrong.ByteOffset), wrong.Err
	}
	at = min(at, len(data))
	if errors.Is(err, io.EOF) || errors.Is(err, io.ErrUnexpectedEOF) {
		return unclosed(data)
	}
	open, inText := opened(data[:at])
	if !inText {
		at = skipBlank(data, at)
	}
	if at == len(data) {
		return unclosed(data)
	}
	said := explain(data, at, open, inText)
	if said.at < 0 {
		said.at = at
	}
	return fmt.Errorf("%s: %s", place(data, said.at), said.text)
}

// explained is what is wrong; at is where, if not where it was noticed.
type explained struct {
	text string
	at   int
}

func explain(data []byte, at int, open []int, inText bool) explained {
	here := func(format string, a ...any) explained { return explained{fmt.Sprintf(format, a...), -1} }
	before, rest := bytes.TrimRight(data[:at], blank), data[at:]
	last, c := byte(0), rest[0]
	if len(before) > 0 {
		last = before[len(before)-1]
	}
	w := word(string(rest[:min(40, len(rest))]))
	next := byte(0)
	if after := bytes.TrimLeft(rest[1:], blank); len(after) > 0 {
		next = after[0]
	}
	digit := func(c byte) bool { return c >= '0' && c <= '9' }
	closes := byte('}')
	if len(open) > 0 && data[open[len(open)-1]] == '[' {
		closes = ']'
	}
	if inText {
		switch {
		case c == '\\':
			return here(`a backslash in a text is written \\; \n is a new line`)
		case c < ' ':
			return here(`a text ends on its line and holds no tabs; write \n or \t in it`)
		}
	}
	switch {
	case c == '/' && len(rest) > 1 && (rest[1] == '/' || rest[1] == '*') || c == '#':
		return here(`JSON has no comments; take it out, or write a relation's "note"`)
	case c == ',' && (next == '}' || next == ']') && last != '.' && last != ',' && last != ':':
		return here("a comma stands before the closing %c; take it out", next)
	case (c == '}' || c == ']') && last == ',':
		return explained{fmt.Sprintf("a comma stands before the closing %c; take it out", c), len(before) - 1}
	case (c == '}' || c == ']' || c == ',') && last == ':':
		return here("a value is missing behind the colon")
	case last == '.' && !digit(c):
		return here("digits are missing behind the point")
	case c == ',' && (last == ',' || last == '{' || last == '['):
		return here("there is a comma too many")
	case (c == '}' || c == ']') && closes != c:
		return here("%c closes what was opened otherwise; here %c would close it", c, closes)
	case c == '\'' || bytes.HasPrefix(rest, []byte("“")) || bytes.HasPrefix(rest, []byte("”")):
		return here(`texts and names stand in straight double quotes, like "main"`)
	case w == "NaN" || w == "Infinity" || w == "inf" || w == "nan" || bytes.HasPrefix(rest, []byte("-Inf")) || bytes.HasPrefix(rest, []byte("-inf")):
		return here("NaN and Infinity are no numbers in JSON; write a number, or leave the member out")
	case w == "True" || w == "TRUE" || w == "yes":
		return here("%s is written true", w)
	case w == "False" || w == "FALSE" || w == "no":
		return here("%s is written false", w)
	case w == "None" || w == "nil" || w == "undefined" || w == "NULL" || w == "Null":
		return here("%s is written null", w)
	case w != "" && (last == '{' || last == ',') && closes == '}':
		return here(`names stand in double quotes: "%s"`, w)
	case w != "" && (last == ':' || closes == ']' && (last == '[' || last == ',')):
		return here(`a text stands in double quotes: "%s"`, w)
	case (c == 'x' || c == 'X') && last == '0':
		return here("numbers are decimal; 0x is not understood")
	case w != "" && digit(last):
		return here(`a number stands alone; where a unit is allowed the whole is a text, like "3.3 %s"`, w)
	case c == '=':
		return here("a colon stands between a name and its value, not =")
	case c == '+' || c == '.':
		return here("a number begins with a digit or a minus, like 0.5")
	case c == ';':
		return here("commas stand between members, not ;")
	case digit(c) && last == ',' && len(before) > 1 && digit(before[len(before)-2]) && closes == '}':
		return explained{"a decimal point is a dot, like 3.3", len(before) - 1}
	case digit(c) && last == '0' && len(before) == at:
		return here("a number has no leading zeros: write 5, not 05")
	case (c == '{' || c == '[') && last == '{':
		return here("a name in double quotes is missing before this; a list would begin with [")
	case c == ':':
		return here("a name in double quotes is missing before the colon, or the colon is one too many")
	case c == '"' || c == '{' || c == '[' || c == '-' || digit(c):
		if last == '"' && closes == '}' && isName(before) {
			return explained{"a colon is missing behind the name", len(before)}
		}
		return explained{"a comma is missing here", len(before)}
	}
	r, _ := utf8.DecodeRune(rest)
	return here("%q cannot stand here", r)
}

// isName tells whether the text that ends here stands where a member's name does.
func isName(text []byte) bool {
	i := len(text) - 2
	for i >= 0 && (text[i] != '"' || i > 0 && text[i-1] == '\\') {
		i--
	}
	before := bytes.TrimRight(text[:max(i, 0)], blank)
	return len(before) > 0 && (before[len(before)-1] == '{' || before[len(before)-1] == ',')
}

// opened are the places of brackets not closed at the end of a text, and whether it ends inside a quoted one.
func opened(text []byte) (open []int, inText bool) {
	for i := 0; i < len(text); i++ {
		switch c := text[i]; {
		case inText && c == '\\':
			i++
		case c == '"':
			inText = !inText
		case inText:
		case c == '{' || c == '[':
			open = append(open, i)
		case (c == '}' || c == ']') && len(open) > 0:
			open = open[:len(open)-1]
		}
	}
	return open, inText
}

// unclosed says what is still open where a text ends.
func unclosed(data []byte) error {
	open, _ := opened(data)
	if len(open) == 0 {
		return errors.New("the file ends in the middle")
	}
	at := open[len(open)-1]
	return fmt.Errorf("the file ends in the middle: the %c of %s is not closed", data[at], place(data, at))
}
