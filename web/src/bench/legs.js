// @ts-check
// The legs of a run as they are written: which coordinate goes from where to where, in how many steps, and what goes along with it.
import { make } from "./cards.js";
import { scale, shown, trim } from "../units.js";
import { number, plain } from "./words.js";

/**
 * @typedef {{joint: string, of: string, from?: number, to: number}} Along
 * @typedef {Along & {steps: number, with?: Along[]}} Leg
 * @typedef {Leg & {then?: Leg[], until_contact?: boolean, record?: string[]}} Drive
 * @typedef {{joint: string, of: string, angular: boolean, bounds?: import("./coupling.js").Bounds}} Coordinate
 */

/** @param {Coordinate} c */
const key = (c) => JSON.stringify([c.joint, c.of]);

/** @param {string} of @param {string} joint */
export const called = (of, joint) => `${of.replaceAll("_", " ")} of ${plain(joint)}`;

/** All coordinates of an assembly's joints. @param {import("./state.js").State | null} state @returns {Coordinate[]} */
export function coordinates(state) {
  return (state?.joints ?? []).flatMap((j) => j.of.map((c) => ({ joint: j.id, of: c.name, angular: c.angular, bounds: c.bounds })));
}

/** How far a coordinate goes if nobody says otherwise. @param {Coordinate | undefined} c @returns {[number, number]} */
export function usual(c) {
  const b = c?.bounds;
  if (b && b.lo !== null && b.hi !== null) return [b.lo, b.hi];
  return c?.angular === false ? [0, 20] : [0, 360];
}

export class Legs {
  /** @param {HTMLElement} box where they stand @param {() => void} changed */
  constructor(box, changed) {
    this.box = box;
    this.changed = changed;
    /** @type {Coordinate[]} */
    this.all = [];
    box.addEventListener("input", (e) => {
      const t = /** @type {HTMLElement} */ (e.target);
      if (t instanceof HTMLSelectElement) this.unit(/** @type {HTMLElement} */ (t.closest(".leg")));
      this.changed();
    });
    box.addEventListener("click", (e) => {
      const b = /** @type {HTMLElement} */ (e.target).closest(".legless");
      if (!b) return;
      const row = /** @type {HTMLElement} */ (b.closest(".leg"));
      if (!row.classList.contains("with")) while (row.nextElementSibling?.classList.contains("with")) row.nextElementSibling.remove();
      row.remove();
      this.changed();
    });
  }

  /** What can be driven. @param {Coordinate[]} all */
  offer(all) {
    this.all = all;
    const was = this.rows.map((r) => ({ r, value: this.select(r).value }));
    for (const { r, value } of was) {
      this.fill(this.select(r), value);
      this.unit(r);
    }
    if (!this.rows.length && all.length) this.add("Take");
  }

  get rows() {
    return /** @type {HTMLElement[]} */ ([...this.box.children]);
  }

  /** @param {HTMLElement} row */
  select(row) {
    return /** @type {HTMLSelectElement} */ (row.querySelector("select"));
  }

  /** @param {HTMLSelectElement} s @param {string} value */
  fill(s, value) {
    s.replaceChildren(...this.all.map((c) => new Option(called(c.of, c.joint), key(c))));
    if (this.all.some((c) => key(c) === value)) s.value = value;
  }

  /** The coordinate of a row. @param {HTMLElement} row */
  of(row) {
    return this.all.find((c) => key(c) === this.select(row).value);
  }

  /** @param {HTMLElement} row */
  unit(row) {
    /** @type {HTMLElement} */ (row.querySelector(".legunit")).textContent = this.of(row)?.angular === false ? shown() : "°";
  }

  /** How many of what a row shows are one of what is computed: mm of a length. @param {HTMLElement} row */
  per(row) {
    return this.of(row)?.angular === false ? scale(shown()) : 1;
  }

  /** A value as a row shows it. @param {HTMLElement} row @param {number} v */
  shownAs(row, v) {
    return v / this.per(row);
  }

  /**
   * Adds a row: the first leg (Take), another (then), or what goes along with the last (with).
   * @param {"Take" | "then" | "with"} word @param {Leg | Along} [said]
   */
  add(word, said) {
    const row = make("div", `words leg ${word === "with" ? "with" : ""}`);
    const select = make("select", "slotselect");
    select.setAttribute("aria-label", "The coordinate that is driven");
    const field = (/** @type {string} */ name, /** @type {string} */ label, /** @type {string} */ value) => {
      const i = make("input", "numslot");
      i.name = name;
      i.value = value;
      i.setAttribute("aria-label", label);
      return make("label", "saidfield", `${name} `, i);
    };
    row.append(make("span", "w", word), select);
    const used = new Set(this.rows.map((r) => this.select(r).value));
    const next = this.all.find((c) => !used.has(key(c))) ?? this.all[0];
    const of = said ? this.all.find((c) => c.joint === said.joint && c.of === said.of) : next;
    this.fill(select, of ? key(of) : "");
    const [lo, hi] = usual(of);
    const from = said ? (said.from ?? "") : word === "Take" ? lo : "";
    const fromField = field("from", "From", String(from));
    const unit = make("span", "legunit");
    row.append(fromField, field("to", "To", String(said?.to ?? hi)), unit);
    if (word !== "Take") /** @type {HTMLInputElement} */ (fromField.querySelector("input")).placeholder = "here";
    if (word !== "with") {
      const steps = field("in", "Steps", String(/** @type {Leg | undefined} */ (said)?.steps ?? 72));
      steps.append(" steps");
      row.append(steps);
    }
    if (word !== "Take") {
      const less = make("button", "plain legless", "leave out");
      less.type = "button";
      row.append(less);
    }
    this.box.append(row);
    this.unit(row);
    for (const i of /** @type {NodeListOf<HTMLInputElement>} */ (row.querySelectorAll("[name=from], [name=to]"))) {
      if (i.value !== "" && this.per(row) !== 1) i.value = trim(this.shownAs(row, Number(i.value)));
    }
    return row;
  }

  /** Shows a drive. @param {Drive} d */
  show(d) {
    this.box.replaceChildren();
    const leg = (/** @type {Leg} */ l, /** @type {"Take" | "then"} */ word) => {
      this.add(word, l);
      for (const w of l.with ?? []) this.add("with", w);
    };
    leg(d, "Take");
    for (const l of d.then ?? []) leg(l, "then");
    this.changed();
  }

  /** What is written, or why it cannot be run. @returns {Drive | string} */
  read() {
    /** @type {Leg[]} */
    const legs = [];
    for (const [n, row] of this.rows.entries()) {
      const c = this.of(row);
      if (!c) return "Choose what is to be driven.";
      const at = (/** @type {string} */ name) => /** @type {HTMLInputElement} */ (row.querySelector(`[name=${name}]`));
      const from = at("from").value.trim() ? number(at("from").value) : undefined;
      const to = number(at("to").value);
      if (from === null || to === null || (n === 0 && from === undefined)) return "Write from where to where, as numbers.";
      const per = this.per(row);
      const said = { joint: c.joint, of: c.of, ...(from === undefined ? {} : { from: from * per }), to: to * per };
      if (row.classList.contains("with")) {
        const l = legs[legs.length - 1];
        l.with = [...(l.with ?? []), said];
        continue;
      }
      const steps = number(at("in").value);
      if (steps === null) return "Write in how many steps, as a number.";
      legs.push({ ...said, steps: Math.round(steps) });
    }
    if (!legs.length) return "A motion is that of a joint: make one first.";
    const [first, ...then] = legs;
    return then.length ? { ...first, then } : first;
  }
}
