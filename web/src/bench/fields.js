// @ts-check
// What a relation says besides its features: numbers, expressions and words, each in a field of its own.
import { scale } from "../units.js";
import { number, range } from "./words.js";

/**
 * @typedef {object} Field
 * @property {string} name as in files
 * @property {string} said what stands before it
 * @property {string} kind
 * @property {string} [unit]
 * @property {string[]} [words]
 */

/**
 * A number or an expression as the server takes it; undefined where nothing was typed.
 * @param {string} text @param {string | undefined} unit what a bare number is in @param {boolean} [bare] whether it must be a number, in mm
 */
export function typed(text, unit, bare) {
  const t = text.trim();
  if (!t) return undefined;
  const v = number(t);
  if (v === null) return t;
  if (unit !== "in") return v;
  return bare ? v * scale(unit) : `${v} in`;
}

/** How many inputs a kind of field has. @type {Record<string, string[]>} */
const ends = { vector: ["x", "y", "z"], limits: ["lo", "hi"] };

/** @param {Field} f @returns {HTMLElement} */
function control(f) {
  const label = document.createElement("label");
  label.className = `saidfield k-${f.kind}`;
  label.dataset.name = f.name;
  label.append(f.said);
  if (f.kind === "word") {
    const s = document.createElement("select");
    s.className = "numslot";
    s.append(...(f.words ?? []).map((w) => new Option(w, w, w === "nearest", w === "nearest")));
    label.append(s);
    return label;
  }
  for (const [k, end] of (ends[f.kind] ?? [""]).entries()) {
    if (f.kind === "limits" && k) label.append("to");
    const i = document.createElement("input");
    i.className = "numslot";
    i.placeholder = f.kind === "limits" ? "any" : f.name.startsWith("at.") ? "free" : "0";
    i.setAttribute("aria-label", `${f.said} ${end}`.trim());
    label.append(i);
  }
  if (f.unit) label.append(f.unit);
  return label;
}

/** Fields is the row of them. */
export class Fields {
  /** @param {HTMLElement} box @param {() => void} changed */
  constructor(box, changed) {
    this.box = box;
    /** @type {Field[]} */
    this.fields = [];
    box.addEventListener("input", changed);
  }

  /** Shows the fields of a relation. What was typed stays where the same field is shown again. @param {Field[]} fields */
  show(fields) {
    const same = fields.length === this.fields.length && fields.every((f, i) => f.name === this.fields[i].name);
    if (same) return;
    this.fields = fields;
    this.box.replaceChildren(...fields.map(control));
    this.box.hidden = !fields.length;
  }

  /** @param {string} name @returns {HTMLInputElement | null} */
  input(name) {
    const label = [...this.box.children].find((e) => e instanceof HTMLElement && e.dataset.name === name);
    return /** @type {HTMLInputElement | null} */ (label?.querySelector("input, select") ?? null);
  }

  clear() {
    for (const i of this.box.querySelectorAll("input")) i.value = "";
  }

  /** What was typed, by the names of the fields, as in files. @returns {Record<string, any>} */
  read() {
    /** @type {Record<string, any>} */
    const out = {};
    for (const [k, f] of this.fields.entries()) {
      const all = [...this.box.children[k].querySelectorAll("input, select")].map((e) => /** @type {HTMLInputElement} */ (e).value);
      if (f.kind === "word") {
        if (all[0] !== "nearest") out[f.name] = all[0];
        continue;
      }
      if (all.every((v) => !v.trim())) continue;
      const both = f.kind === "limits" && !all[1].trim() && range(all[0]); // a range typed in one go
      if (both) all.splice(0, 2, ...both);
      const bare = f.kind === "plain" || f.kind === "vector";
      const values = all.map((v) => typed(v, f.unit, bare) ?? (f.kind === "limits" ? null : 0));
      out[f.name] = values.length > 1 ? values : values[0];
    }
    return out;
  }
}
