package main

import (
	"crypto/ecdsa"
	"crypto/elliptic"
	"crypto/rand"
	"crypto/tls"
	"crypto/x509"
	"crypto/x509/pkix"
	"encoding/pem"
	"math/big"
	"net/http"
	"net/url"
	"os"
	"path/filepath"
	"regexp"
	"strings"
	"testing"
	"time"
)

// TestPeople: the owner comes by a link that the start prints; people are looked after beside the running server and without it.
func TestPeople(t *testing.T) {
	dir := filepath.Join(t.TempDir(), "d")
	p := serve(t, "--solo=false", "--data", dir, "--owner", "Ada")
	link := regexp.MustCompile(`Ada, the owner, comes by this link, once, within a week: (http://127\.0\.0\.1:\d+/join/\S+)`)
	soon(t, "the link", func() bool { return link.MatchString(p.said()) })
	client := &http.Client{CheckRedirect: func(*http.Request, []*http.Request) error { return http.ErrUseLastResponse }}
	r, err := client.PostForm(link.FindStringSubmatch(p.said())[1], url.Values{"password": {"vents along the ridge"}})
	if err != nil || r.StatusCode != http.StatusSeeOther {
		t.Fatal(r, err)
	}
	r.Body.Close()
	asked := func(says string, args ...string) {
		t.Helper()
		code, out, errs := do(append([]string{"people", "--data", dir}, args...)...)
		if (code == 0) == (errs != "") || !strings.Contains(out+errs, says) {
			t.Errorf("%v: exit %d, %q %q; want %q", args, code, out, errs, says)
		}
	}
	asked("Ada  administrator")
	asked("somebody has this name already", "--add", "ADA")
	asked("Ben comes by this link, once, within a week: https://setfast.example/join/", "--add", "Ben", "--address", "https://setfast.example/")
	asked("Ben  has not come yet")
	asked("this is the last administrator", "--bar", "Ada")
	asked("cannot sign in any more", "--bar", "Ben")
	asked("one thing at a time", "--bar", "Ben", "--let", "Ben")
	asked(`nobody called "Cem"`, "--reset", "Cem")
	_ = p.Process.Signal(os.Interrupt)
	<-p.ended
	asked("Ben  barred")
	asked("can sign in again", "--let", "Ben")
	asked("chooses another password by this link", "--reset", "Ada")
}

// TestOutward: what would let somebody in who should not be, or let a password be read on its way, is not started.
func TestOutward(t *testing.T) {
	for _, c := range []struct{ args, says string }{
		{"--solo --listen 0.0.0.0", "must be reached from this machine alone"}, {"--solo --host setfast.example", "must be reached from this machine alone"}, {"--solo --proxied", "this machine alone"},
		{"--listen 0.0.0.0", "need TLS"}, {"--host setfast.example", "need TLS"}, {"--listen somewhere", "takes an address"},
		{"--tls-cert /tmp/c.pem", "go together"}, {"--proxied --listen 0.0.0.0", "the proxy on this machine"}, {"--tls-cert /nowhere/c --tls-key /nowhere/k", "certificate cannot be read"},
	} {
		code, _, errs := do(append([]string{"serve", "--port", "0", "--data", "/proc/nowhere"}, strings.Fields(c.args)...)...)
		if code != 2 || !strings.Contains(errs, c.says) {
			t.Errorf("%s: exit %d, %q", c.args, code, errs)
		}
	}
}

// TestCertificate is read again when it is renewed; one that is half written lets the old one stand.
func TestCertificate(t *testing.T) {
	dir := t.TempDir()
	cert, key := filepath.Join(dir, "c.pem"), filepath.Join(dir, "k.pem")
	write := func(serial int64, at time.Time) {
		t.Helper()
		k, err := ecdsa.GenerateKey(elliptic.P256(), rand.Reader)
		if err != nil {
			t.Fatal(err)
		}
		tmpl := &x509.Certificate{SerialNumber: big.NewInt(serial), Subject: pkix.Name{CommonName: "setfast.example"}, NotAfter: time.Now().Add(time.Hour)}
		der, err := x509.CreateCertificate(rand.Reader, tmpl, tmpl, k.Public(), k)
		if err != nil {
			t.Fatal(err)
		}
		bare, _ := x509.MarshalPKCS8PrivateKey(k)
		for file, block := range map[string]*pem.Block{cert: {Type: "CERTIFICATE", Bytes: der}, key: {Type: "PRIVATE KEY", Bytes: bare}} {
			if err := os.WriteFile(file, pem.EncodeToMemory(block), 0o600); err != nil {
				t.Fatal(err)
			}
		}
		if err := os.Chtimes(cert, at, at); err != nil {
			t.Fatal(err)
		}
	}
	begun := time.Now().Add(-time.Hour)
	write(1, begun)
	o := outward{listen: "0.0.0.0", cert: cert, key: key}
	c, err := o.check()
	if err != nil {
		t.Fatal(err)
	}
	serial := func() int64 {
		t.Helper()
		got, err := c.GetCertificate(&tls.ClientHelloInfo{})
		if err != nil {
			t.Fatal(err)
		}
		leaf, err := x509.ParseCertificate(got.Certificate[0])
		if err != nil {
			t.Fatal(err)
		}
		return leaf.SerialNumber.Int64()
	}
	if n := serial(); n != 1 {
		t.Errorf("the first is %d", n)
	}
	write(2, begun.Add(time.Minute))
	if n := serial(); n != 2 {
		t.Errorf("renewed, it is %d", n)
	}
	if err := os.WriteFile(cert, []byte("half"), 0o600); err != nil {
		t.Fatal(err)
	}
	if n := serial(); n != 2 {
		t.Errorf("half written, it is %d", n)
	}
}
