package people

import (
	"context"
	"strings"
	"testing"
)

// TestPasswordHash holds the hash against a known answer of the reference implementation of Argon2 (P-H-C, test.c, version 19, argon2id: 0931 6115 d5cf … 3cf7; from memory), and
// against itself.
func TestPasswordHash(t *testing.T) {
	ctx := context.Background()
	const known = "$argon2id$v=19$m=65536,t=2,p=1$c29tZXNhbHQ$CTFhFdXPJO1aFaMaO6Mm5c8y7cJHAph8ArZWb2GRPPc"
	for password, want := range map[string]bool{"password": true, "Password": false, "": false} {
		ok, old, err := matches(ctx, password, known, Usual)
		if err != nil || ok != want || !old {
			t.Errorf("%q: %v, of another cost %v, %v", password, ok, old, err)
		}
	}
	c := Cost{64, 1}
	a, err := hash(ctx, "a ridge over the pots", c)
	if err != nil {
		t.Fatal(err)
	}
	b, _ := hash(ctx, "a ridge over the pots", c)
	if a == b {
		t.Error("two hashes of one password are alike: there is no salt")
	}
	// the same letters put together another way are the same password
	if a, err = hash(ctx, "Gl\u00e4serne W\u00e4nde", c); err != nil {
		t.Fatal(err)
	}
	if ok, old, err := matches(ctx, "Gla\u0308serne Wa\u0308nde", a, c); !ok || old || err != nil {
		t.Errorf("written otherwise: %v, %v, %v", ok, old, err)
	}
	for _, bad := range []string{"", "x", "$argon2i$v=19$m=64,t=1,p=1$c29tZXNhbHQ$AAAA", "$argon2id$v=19$m=64,t=0,p=1$c29tZXNhbHQ$CTFhFdXPJO1aFaMaO6Mm5c8y7cJHAph8ArZWb2GRPPc", "$argon2id$v=19$m=64,t=1,p=1$c29tZXNhbHQ$AAAA"} {
		if ok, _, err := matches(ctx, "x", bad, c); ok || err == nil {
			t.Errorf("%q is taken for a hash", bad)
		}
	}
}

func TestPasswords(t *testing.T) {
	for password, says := range map[string]string{
		"short": "too short", "aaaaaaaaaaaaa": "guessed", "abcabcabcabc": "guessed", "1234567890": "guessed", "Qwertyuiop": "guessed", strings.Repeat("long ", 50): "longer than",
		"my name is ada": "your name", "bad \xff letters": "UTF-8", "a ridge over the pots": "", "vents and hinges": "",
	} {
		err := checkPassword("Ada", password)
		if (err == nil) != (says == "") || err != nil && !strings.Contains(err.Error(), says) {
			t.Errorf("%q: %v, want %q", password, err, says)
		}
	}
	for name, says := range map[string]string{"": "empty", "a/b": "made of", "Ada <b>": "made of", strings.Repeat("n", 41): "longer", "Ada O'Neil-2": "", " Bénédicte ": ""} {
		if _, err := checkName(name); (err == nil) != (says == "") || err != nil && !strings.Contains(err.Error(), says) {
			t.Errorf("%q: %v, want %q", name, err, says)
		}
	}
}

// TestRoles: who may what, and what is said to who may not.
func TestRoles(t *testing.T) {
	for r, want := range map[Role]string{None: "------", Student: "a-----", Reader: "al----", Editor: "alre--", Reviewer: "alr-s-", Owner: "alresg"} {
		got := ""
		for i, x := range []Right{Attend, Look, Remark, Edit, Sign, Govern} {
			if r.May(x) {
				got += string("alresg"[i])
			} else {
				got += "-"
			}
		}
		if got != want {
			t.Errorf("%q may %s, want %s", r, got, want)
		}
	}
	for got, want := range map[string]string{
		Reader.Lacks(Edit, []string{"Ada"}):        "you are a reader of this project; changing anything here takes an editor or owner: ask Ada",
		Editor.Lacks(Sign, []string{"Ada", "Ben"}): "you are an editor of this project; signing takes a reviewer or owner: ask Ada or Ben",
		Reviewer.Lacks(Govern, nil):                "you are a reviewer of this project; this takes an owner: ask an administrator of this server",
	} {
		if got != want {
			t.Errorf("says %q, want %q", got, want)
		}
	}
}
