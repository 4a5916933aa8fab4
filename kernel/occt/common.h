#pragma once
#include <cstdio>
#include <cstdlib>
#include <cstring>
#include <string>
#include <vector>
#include <cmath>
#include <gp_Pnt.hxx>
#include <gp_Dir.hxx>
#include <gp_Trsf.hxx>
#include <gp_Quaternion.hxx>

// json builds a JSON text; the caller keeps it well formed.
struct json {
  std::string s;
  bool comma = false;
  void sep() { if (comma) s += ','; comma = false; }
  void open(char c) { sep(); s += c; comma = false; }
  void close(char c) { s += c; comma = true; }
  void str(const std::string &v) {
    sep();
    s += '"';
    for (unsigned char c : v) {
      if (c == '"' || c == '\\') { s += '\\'; s += c; }
      else if (c < 0x20) { char b[8]; snprintf(b, sizeof b, "\\u%04x", c); s += b; }
      else s += c;
    }
    s += '"';
    comma = true;
  }
  void key(const char *k) { str(k); s += ':'; comma = false; }
  void num(double v) {
    sep();
    if (!std::isfinite(v)) v = 0;
    char b[32];
    snprintf(b, sizeof b, "%.17g", v);
    s += b;
    comma = true;
  }
  void integer(long v) { sep(); s += std::to_string(v); comma = true; }
  void boolean(bool v) { sep(); s += v ? "true" : "false"; comma = true; }
  void xyz(const gp_XYZ &p) { open('['); num(p.X()); num(p.Y()); num(p.Z()); close(']'); }
  void kxyz(const char *k, const gp_XYZ &p) { key(k); xyz(p); }
  void knum(const char *k, double v) { key(k); num(v); }
  void kint(const char *k, long v) { key(k); integer(v); }
  void kstr(const char *k, const std::string &v) { key(k); str(v); }
};

inline sf_result fail(const std::string &why) {
  sf_result r;
  memset(&r, 0, sizeof r);
  r.error = strdup(why.c_str());
  return r;
}

// given hands a text and the numbers it points into over.
inline sf_result given(const json &out, const std::vector<char> &blob) {
  sf_result res;
  memset(&res, 0, sizeof res);
  res.json_len = out.s.size();
  res.json = (char *)malloc(res.json_len + 1);
  memcpy(res.json, out.s.c_str(), res.json_len + 1);
  res.blob_len = blob.size();
  res.blob = (char *)malloc(blob.size() + 1);
  memcpy(res.blob, blob.data(), blob.size());
  return res;
}
