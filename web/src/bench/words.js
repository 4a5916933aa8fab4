// @ts-check
// How things are said and read on the Bench.

/** @param {{k: string, label: string}} f */
export const what = (f) => (f.k === "cylinder" ? `axis of ${f.label}` : f.label);

/** A path of names as people read it. @param {string} name */
export const plain = (name) => name.replaceAll("/", " › ");

/** A feature by what it is and whose it is. @param {import("../stage/pick.js").Candidate} c */
export function words(c) {
  if (!c.k || !c.s) {
    const name = c.f.n === "origin" ? "origin" : c.f.n + (c.f.k === "plane" ? " plane" : " axis");
    return `${name} · the assembly`;
  }
  const inner = c.s.path ? " › " + plain(c.s.path.replace(/\/$/, "")) : "";
  const tail = c.f.built ? "" : `${c.f.hint ? " · " + c.f.hint : ""} (${c.f.n})`;
  return `${c.where ? c.where + " of " : ""}${what(c.f)} · ${c.k.data.name}${inner}${tail}`;
}

/** Reads a number as people write it; null where it is none. @param {string} text */
export function number(text) {
  const t = text.trim().replace(",", ".").replace("−", "-");
  const v = Number(t);
  return t === "" || !isFinite(v) ? null : v;
}

/** The two ends of a range, such as "0 to 110"; null where the text is none. @param {string} text @returns {[string, string] | null} */
export function range(text) {
  const m = /^(.+?)\s*(?:\bto\b|\.\.+|…|–)\s*(.+)$/.exec(text.trim());
  return m && [m[1], m[2]];
}
