// @ts-check
// What a run met, drawn over the coordinate that is driven: bands where parts are in one another, marks where something turns round or a
// limit stands, and a curve for each measure and coordinate. Leg stands beside leg, each as wide as it has steps.
import { make } from "./cards.js";
import { called } from "./legs.js";
import { plain } from "./words.js";
import { long, told, trim } from "../units.js";

/**
 * @typedef {{a: string, b: string, from: number, to: number, depth_mm: number | null, deepest_at: number, fit?: boolean, leg?: number}} Met
 * @typedef {{name: string, joint?: string, unit: string, values: (number | null)[]}} Curve
 * @typedef {{at: number[], leg?: number[], names: string[], frames: any[][], clash: Met[], stopped_at: number | null, stopped_in?: number,
 *   reason: string | null, dead_points: {joint: string, of: string, at: number, value: number, leg?: number}[],
 *   limits: {joint: string, of: string, end: number, at: number, leg?: number}[], curves: Curve[],
 *   bounds: {leg: number, lo: number | null, hi: number | null}[],
 *   least_clearance: {a: string, b: string, mm: number, at: number, leg?: number} | null,
 *   leaves: {part: string, in: string, from: number, to: number, leg?: number}[]}} Ran
 * @typedef {{of: string, joint: string, unit: string, from: number, to: number, steps: number, begins: number}} Way a leg as it was gone
 */

const firstCurves = 4; // that show without being asked for
const high = 30; // of a curve, in its own units
const svg = "http://www.w3.org/2000/svg";

/**
 * The legs of a run as they were gone.
 * @param {import("./legs.js").Drive} d @param {Ran} r @param {(joint: string, of: string) => boolean} angular
 */
export function ways(d, r, angular) {
  /** @type {Way[]} */
  const out = [];
  let begins = 0;
  for (const [n, l] of [d, ...(d.then ?? [])].entries()) {
    const first = r.at.findIndex((_, k) => (r.leg?.[k] ?? 0) === n);
    const from = first >= 0 ? r.at[first] : (l.from ?? l.to);
    out.push({ of: l.of, joint: l.joint, unit: angular(l.joint, l.of) ? "°" : " mm", from, to: l.to, steps: l.steps, begins });
    begins += l.steps;
  }
  return out;
}

/** Where a value of a leg lies, in parts of a hundred. @param {Way[]} legs @param {number} leg @param {number} v */
export function place(legs, leg, v) {
  const l = legs[leg];
  const gone = l.to === l.from ? 0 : (v - l.from) / (l.to - l.from);
  return (100 * (l.begins + gone * l.steps)) / total(legs);
}

/** Where each step lies, in parts of a hundred: steps are as wide as one another. @param {Way[]} legs @param {Ran} r */
export function lies(legs, r) {
  let first = 0;
  return r.at.map((_, k) => {
    const leg = r.leg?.[k] ?? 0;
    if (k && leg !== (r.leg?.[k - 1] ?? 0)) first = k;
    return (100 * (legs[leg].begins + Math.min(k - first, legs[leg].steps))) / total(legs);
  });
}

/** @param {Way[]} legs */
const total = (legs) => legs[legs.length - 1].begins + legs[legs.length - 1].steps;

/** The steps of a run that are shown, each place once: where a leg begins, the one before has ended. @param {Ran} r */
export const stops = (r) => r.at.map((_, k) => k).filter((k) => k === 0 || !r.leg || r.leg[k] === r.leg[k - 1]);

export class Strip {
  /** @param {HTMLElement} box @param {(frame: number) => void} show what shows a step on the stage */
  constructor(box, show) {
    this.box = box;
    this.onto = show;
    /** @type {Ran | null} */
    this.ran = null;
    /** @type {Way[]} */
    this.legs = [];
    /** @type {number[]} the steps that are shown */
    this.list = [];
    /** @type {number[]} where each step lies */
    this.lie = [];
    /** @type {{leg: number, at: number}[]} places that can be jumped to, in order */
    this.places = [];
    this.more = false;
    this.at = /** @type {HTMLInputElement} */ (box.querySelector("#run-at"));
    this.at.addEventListener("input", () => this.show());
    box.addEventListener("click", (e) => {
      const b = /** @type {HTMLElement} */ (e.target);
      const row = /** @type {HTMLElement | null} */ (b.closest("[data-at]"));
      if (row) this.goTo(Number(row.dataset.leg), Number(row.dataset.at));
      if (!b.closest("#run-more")) return;
      this.more = true;
      this.curves();
      this.values(this.index);
    });
    const plots = this.part("runcurves");
    plots.addEventListener("pointermove", (e) => this.hover(e));
    plots.addEventListener("pointerleave", () => this.values(this.index));
    plots.addEventListener("click", (e) => {
      const i = this.under(e);
      if (i === null) return;
      this.at.value = String(i);
      this.show();
    });
  }

  /** @param {string} id */
  part(id) {
    return /** @type {HTMLElement} */ (this.box.querySelector(`#${id}`));
  }

  /** Which of the steps shown it stands at. */
  get index() {
    return Number(this.at.value);
  }

  clear() {
    this.ran = null;
    this.box.hidden = true;
  }

  /** @param {Ran} r @param {Way[]} legs */
  draw(r, legs) {
    this.ran = r;
    this.legs = legs;
    this.list = stops(r);
    this.lie = lies(legs, r);
    this.more = false;
    const x = (/** @type {number} */ leg, /** @type {number} */ v) => place(legs, leg, v);
    const bands = r.clash.map((m) => {
      const [a, b] = [x(m.leg ?? 0, m.from), x(m.leg ?? 0, m.to)].sort((p, q) => p - q);
      const e = placed(make("span", m.fit ? "band meant" : "band"), a, Math.max(b - a, 0.4));
      e.title = `${plain(m.a)} and ${plain(m.b)}`;
      return e;
    });
    const marks = r.dead_points.map((d) => placed(make("span", "mark"), x(d.leg ?? 0, d.at), 0));
    const bound = (/** @type {number} */ leg, /** @type {number | null} */ v) => (v !== null && within(v, legs[leg]) ? [x(leg, v)] : []);
    const limits = r.bounds.flatMap((b) => [...bound(b.leg, b.lo), ...bound(b.leg, b.hi)]);
    const ends = legs.slice(1).map((l, n) => placed(make("span", "joint"), x(n + 1, l.from), 0));
    this.part("runbands").replaceChildren(...bands, ...marks, ...limits.map((p) => placed(make("span", "limit"), p, 0)), ...ends);
    this.at.max = String(Math.max(0, this.list.length - 1));
    this.at.value = "0";
    const last = this.list[this.list.length - 1] ?? 0;
    this.at.style.width = `${this.lie[last] ?? 0}%`;
    this.part("run-lo").textContent = told(legs[0].from, legs[0].unit);
    const end = legs[legs.length - 1];
    this.part("run-hi").textContent = told(end.to, end.unit);
    this.rows();
    this.curves();
    this.box.classList.toggle("plots", r.curves.length > 0);
    this.box.hidden = !r.frames.length;
    this.show();
  }

  /** All that was met, as rows that lead there. */
  rows() {
    const r = /** @type {Ran} */ (this.ran);
    const at = (/** @type {number | undefined} */ leg, /** @type {number} */ v) => told(v, this.legs[leg ?? 0].unit);
    const bare = (/** @type {number | undefined} */ leg, /** @type {number} */ v) => at(leg, v).replace(/[^\d.]+$/, "");
    const deep = (/** @type {Met} */ m) => (m.depth_mm == null ? "" : `, ${long(m.depth_mm)} deep`);
    const stop = (/** @type {{of: string, end: number}} */ l) => (/angle/.test(l.of) ? `${trim(l.end)}°` : long(l.end));
    const way = (/** @type {Met} */ m) => `${plain(m.a)} and ${plain(m.b)}, ${bare(m.leg, m.from)} to ${at(m.leg, m.to)}${deep(m)}`;
    /** @type {[number, number, string, string][]} */
    const met = [
      ...r.clash.map((m) => /** @type {[number, number, string, string]} */ ([m.leg ?? 0, m.deepest_at, m.fit ? "fit" : "clash", way(m)])),
      ...r.leaves.map((l) => this.row(l.leg, l.from, "leaves", `${plain(l.part)} leaves ${plain(l.in)} at ${at(l.leg, l.from)}`)),
      ...r.limits.map((l) => this.row(l.leg, l.at, "limit", `${called(l.of, l.joint)}, ${stop(l)}, at ${at(l.leg, l.at)}`)),
      ...r.dead_points.map((d) => this.row(d.leg, d.at, "dead point", `${called(d.of, d.joint)} turns round at ${at(d.leg, d.at)}`)),
    ];
    const l = r.least_clearance;
    if (l) met.push(this.row(l.leg, l.at, "nearest", `${plain(l.a)} and ${plain(l.b)}, ${long(l.mm)}, at ${at(l.leg, l.at)}`));
    const part = (/** @type {[number, number, string, string]} */ m) => place(this.legs, m[0], m[1]);
    this.places = [...met].sort((a, b) => part(a) - part(b)).map(([leg, v]) => ({ leg, at: v }));
    this.part("runmet").replaceChildren(
      ...met.map(([leg, v, tag, words]) => {
        const b = make("button", "plain", this.legs.length > 1 ? `leg ${leg + 1}: ${words}` : words);
        b.type = "button";
        b.dataset.at = String(v);
        b.dataset.leg = String(leg);
        return make("li", "", make("span", `tag t-${tag.replace(" ", "-")}`, tag), b);
      }),
    );
  }

  /**
   * @param {number | undefined} leg @param {number} at @param {string} tag @param {string} words
   * @returns {[number, number, string, string]}
   */
  row(leg, at, tag, words) {
    return [leg ?? 0, at, tag, words];
  }

  /** Draws the curves; more than a few on request. */
  curves() {
    const r = /** @type {Ran} */ (this.ran);
    const shown = this.more ? r.curves : r.curves.slice(0, firstCurves);
    const rows = shown.map((c) => {
      const name = c.joint ? called(c.name, c.joint) : c.name;
      const row = make("div", "runcurve", make("span", "curvename", name));
      row.append(this.plot(c), make("output", "curvevalue"));
      return row;
    });
    const left = r.curves.length - shown.length;
    const more = make("button", "plain", `${left} more`);
    more.type = "button";
    more.id = "run-more";
    this.part("runcurves").replaceChildren(...rows, ...(left > 0 ? [more] : []));
  }

  /** @param {Curve} c */
  plot(c) {
    const r = /** @type {Ran} */ (this.ran);
    const known = c.values.filter((v) => v !== null);
    const [lo, hi] = [Math.min(...known), Math.max(...known)];
    let d = "";
    let leg = -1;
    for (const [k, v] of c.values.entries()) {
      const n = r.leg?.[k] ?? 0;
      if (v === null) {
        leg = -1;
        continue;
      }
      d += `${n === leg ? "L" : "M"}${this.lie[k].toFixed(2)} ${((high * (hi - v)) / (hi - lo)).toFixed(2)}`;
      leg = n;
    }
    const s = document.createElementNS(svg, "svg");
    s.setAttribute("viewBox", `0 -1 100 ${high + 2}`);
    s.setAttribute("preserveAspectRatio", "none");
    s.setAttribute("role", "img");
    s.setAttribute("aria-label", `from ${told(lo, c.unit)} to ${told(hi, c.unit)}`);
    const path = document.createElementNS(svg, "path");
    path.setAttribute("d", d);
    const line = document.createElementNS(svg, "line");
    line.setAttribute("y1", "-1");
    line.setAttribute("y2", String(high + 1));
    s.append(path, line);
    return s;
  }

  /** Which step is under the pointer. @param {MouseEvent} e @returns {number | null} */
  under(e) {
    const plot = this.part("runcurves").querySelector("svg")?.getBoundingClientRect();
    if (!plot || !this.ran) return null;
    const x = (100 * (e.clientX - plot.left)) / plot.width;
    return x < 0 || x > 100 ? null : this.nearest(x);
  }

  /** The step nearest to a place, in parts of a hundred. @param {number} x */
  nearest(x) {
    const far = (/** @type {number} */ i) => Math.abs(this.lie[this.list[i]] - x);
    return this.list.reduce((best, _, i) => (far(i) < far(best) ? i : best), 0);
  }

  /** @param {PointerEvent} e */
  hover(e) {
    const i = this.under(e);
    if (i !== null) this.values(i);
  }

  /** Shows what each curve is at a step. @param {number} i */
  values(i) {
    const r = this.ran;
    const k = this.list[i];
    if (!r || k === undefined) return;
    const x = this.lie[k];
    for (const [n, row] of [...this.part("runcurves").querySelectorAll(".runcurve")].entries()) {
      const c = r.curves[n];
      const v = c.values[k];
      const unit = c.unit === "°" ? "°" : ` ${c.unit}`;
      const now = v === null ? "–" : told(Math.round(v * 1e3) / 1e3, unit);
      /** @type {HTMLElement} */ (row.querySelector("output")).textContent = now;
      const line = /** @type {SVGLineElement} */ (row.querySelector("line"));
      line.setAttribute("x1", String(x));
      line.setAttribute("x2", String(x));
    }
  }

  /** Shows where the run stands. */
  show() {
    const r = this.ran;
    const k = this.list[this.index];
    if (!r?.frames[k]) return;
    this.onto(k);
    const l = this.legs[r.leg?.[k] ?? 0];
    this.part("run-now").textContent = (this.legs.length > 1 ? `${called(l.of, l.joint)} ` : "") + told(r.at[k], l.unit);
    this.values(this.index);
  }

  /** Goes to the step nearest to a value of a leg. @param {number} leg @param {number} v */
  goTo(leg, v) {
    if (!this.ran) return;
    this.at.value = String(this.nearest(place(this.legs, leg, v)));
    this.show();
  }

  /** Goes to the next place where something is met, or the one before. @param {number} way */
  jump(way) {
    const r = this.ran;
    if (!r) return;
    const here = this.index;
    const steps = [...new Set(this.places.map((p) => this.nearest(place(this.legs, p.leg, p.at))))];
    const next = way > 0 ? steps.find((i) => i > here) : steps.reverse().find((i) => i < here);
    if (next === undefined) return;
    this.at.value = String(next);
    this.show();
  }
}

/** @param {number} v @param {Way} l */
const within = (v, l) => (v - l.from) * (v - l.to) <= 0;

/** @param {HTMLElement} e @param {number} left @param {number} width in parts of a hundred */
function placed(e, left, width) {
  e.style.left = `${left}%`;
  if (width) e.style.width = `${width}%`;
  return e;
}
