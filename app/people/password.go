package people

import (
	"context"
	"crypto/rand"
	"crypto/subtle"
	"encoding/base64"
	"errors"
	"fmt"
	"runtime"
	"strings"
	"unicode/utf8"

	"golang.org/x/crypto/argon2"
	"golang.org/x/text/unicode/norm"

	"setfast/app/words"
)

// Cost is what working out a hash takes.
type Cost struct {
	Memory uint32 // KiB
	Times  uint32
}

// Usual is the least that the OWASP Password Storage Cheat Sheet names for argon2id with one lane: 19 MiB, two passes.
var Usual = Cost{19 << 10, 2}

const saltLen, keyLen = 16, 32

// How long passwords are, in letters: NIST SP 800-63B asks for eight at least, allows what is long, and for no mixture of kinds.
const (
	shortest = 10
	longest  = 200
)

// checkPassword tells what is wrong with a password that somebody chose.
func checkPassword(name, password string) error {
	n := utf8.RuneCountInString(password)
	low := strings.ToLower(password)
	switch {
	case !utf8.ValidString(password):
		return words.Refuse("the password is not written in UTF-8")
	case n < shortest:
		return words.Refuse("the password is too short: at least %d letters, several words make a good one", shortest)
	case n > longest:
		return words.Refuse("the password is longer than %d letters", longest)
	case name != "" && strings.Contains(low, strings.ToLower(name)):
		return words.Refuse("the password has your name in it; choose another")
	case few(low):
		return words.Refuse("the password is easily guessed; several words make a good one")
	}
	return nil
}

// few tells whether a password is made of very few different letters, or goes on as the alphabet, the digits or a row of keys do.
func few(s string) bool {
	seen := map[rune]bool{}
	for _, r := range s {
		seen[r] = true
	}
	if len(seen) < 5 {
		return true
	}
	for _, row := range []string{"abcdefghijklmnopqrstuvwxyz", "01234567890123456789", "98765432109876543210", "qwertyuiopasdfghjklzxcvbnm", "password123456"} {
		if strings.Contains(row, s) {
			return true
		}
	}
	return false
}

// hashing bounds the memory that is taken at once.
var hashing = make(chan struct{}, runtime.NumCPU())

func key(ctx context.Context, password string, salt []byte, c Cost) ([]byte, error) {
	select {
	case hashing <- struct{}{}:
	case <-ctx.Done():
		return nil, ctx.Err()
	}
	defer func() { <-hashing }()
	return argon2.IDKey([]byte(norm.NFC.String(password)), salt, c.Times, c.Memory, 1, keyLen), nil
}

// hash is a password in the usual text form of argon2id: $argon2id$v=19$m=…,t=…,p=1$salt$key.
func hash(ctx context.Context, password string, c Cost) (string, error) {
	salt := make([]byte, saltLen)
	_, _ = rand.Read(salt)
	k, err := key(ctx, password, salt, c)
	if err != nil {
		return "", err
	}
	b64 := base64.RawStdEncoding.EncodeToString
	return fmt.Sprintf("$argon2id$v=%d$m=%d,t=%d,p=1$%s$%s", argon2.Version, c.Memory, c.Times, b64(salt), b64(k)), nil
}

// matches tells whether a password has a hash, and whether that was made at a cost of another time.
func matches(ctx context.Context, password, hashed string, c Cost) (ok, old bool, err error) {
	f := strings.Split(hashed, "$")
	var version int
	var was Cost
	bad := errors.New("the hash of a password cannot be read")
	if len(f) != 6 || f[1] != "argon2id" {
		return false, false, bad
	}
	if _, err := fmt.Sscanf(f[2]+" "+f[3], "v=%d m=%d,t=%d,p=1", &version, &was.Memory, &was.Times); err != nil || version != argon2.Version || was.Times < 1 {
		return false, false, bad
	}
	salt, err1 := base64.RawStdEncoding.DecodeString(f[4])
	want, err2 := base64.RawStdEncoding.DecodeString(f[5])
	if err1 != nil || err2 != nil || len(want) != keyLen {
		return false, false, bad
	}
	got, err := key(ctx, password, salt, was)
	if err != nil {
		return false, false, err
	}
	return subtle.ConstantTimeCompare(got, want) == 1, was != c, nil
}
