// @ts-check
// A motion taken through a range, and what is met on the way: a strip with the driven coordinate as its axis, bands where parts pass
// through one another, marks where something turns round. Nothing of it changes the assembly.
import { make } from "./cards.js";
import { number, plain } from "./words.js";
import { Panel } from "./panel.js";
import { poses } from "./state.js";
import { trim } from "../units.js";

/**
 * @typedef {{a: string, b: string, from: number, to: number, depth_mm: number | null, deepest_at: number, fit?: boolean}} Met
 */
/**
 * @typedef {{at: number[], names: string[], frames: any[][], clash: Met[], stopped_at: number | null, reason: string | null,
 *   dead_points: {joint: string, of: string, at: number, value: number}[],
 *   least_clearance: {a: string, b: string, mm: number, at: number} | null,
 *   leaves: {part: string, in: string, from: number, to: number}[]}} Ran
 */

const span = 6000; // ms that playing it takes

export class Running extends Panel {
  /**
   * @param {HTMLFormElement} form @param {{call: import("../net.js").Ask, stage: any, sentence: {form: HTMLFormElement},
   *   state: import("./state.js").State | null}} b the Bench
   */
  constructor(form, b) {
    super(form, b.sentence.form);
    this.b = b;
    /** @type {Ran | null} */
    this.ran = null;
    this.playing = 0;
    this.at = this.get("run-at");
    this.at.addEventListener("input", () => {
      this.stop();
      this.show();
    });
    this.get("run-of").addEventListener("input", () => this.offer());
    this.get("run-play").addEventListener("click", () => this.play());
    this.box("runmet").addEventListener("click", (e) => {
      const b = /** @type {HTMLElement | null} */ (/** @type {Element} */ (e.target).closest("[data-at]"));
      if (b) this.goTo(Number(b.dataset.at));
    });
  }

  /** @param {string} id @returns {HTMLElement} */
  box(id) {
    return this.get(id);
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    this.stop();
    this.marks(true);
    if (!on) {
      this.b.stage.goTo(poses(this.b.state));
      return;
    }
    const of = (this.b.state?.joints ?? []).flatMap((j) => j.of.map((c) => ({ ...c, joint: j.id })));
    const s = /** @type {HTMLSelectElement} */ (/** @type {unknown} */ (this.get("run-of")));
    const was = s.value;
    s.replaceChildren(...of.map((c) => new Option(called(c.name, c.joint), JSON.stringify([c.joint, c.name, c.angular]))));
    if ([...s.options].some((o) => o.value === was)) s.value = was;
    this.get("runpost").disabled = !of.length;
    this.clear();
    this.offer();
    const caution = "Nothing of it changes the assembly. Geometry only: guards fall under local codes.";
    this.say(of.length ? caution : "A motion is that of a joint: make one first.");
    s.focus();
  }

  /** The joint, the coordinate and whether that is an angle. @returns {[string, string, boolean]} */
  get driven() {
    return JSON.parse(this.get("run-of").value || '["", "", true]');
  }

  offer() {
    this.box("run-unit").textContent = this.driven[2] ? "°" : "mm";
  }

  clear() {
    this.ran = null;
    this.box("runtrack").hidden = true;
    this.box("run-play").hidden = true;
  }

  async send() {
    const [joint, of] = this.driven;
    const [from, to, steps] = ["run-from", "run-to", "run-steps"].map((id) => number(this.get(id).value));
    if (from === null || to === null || steps === null) {
      this.say("Write from where to where, and in how many steps, as numbers.", true);
      return;
    }
    this.stop();
    this.clear();
    this.say("Running …");
    this.get("runpost").disabled = true;
    try {
      this.ran = await this.b.call("run", { joint, of, from, to, steps: Math.round(steps) });
    } catch (e) {
      this.say(/** @type {Error} */ (e).message, true);
      return;
    } finally {
      this.get("runpost").disabled = false;
    }
    if (this.on) this.draw(from, to);
  }

  /** Draws the strip. @param {number} from @param {number} to */
  draw(from, to) {
    const r = /** @type {Ran} */ (this.ran);
    const unit = this.driven[2] ? "°" : " mm";
    const part = (/** @type {number} */ v) => (100 * (v - from)) / (to - from);
    const bands = r.clash.map((m) => {
      const [a, b] = [part(m.from), part(m.to)].sort((x, y) => x - y);
      return placed(make("span", m.fit ? "band meant" : "band"), a, Math.max(b - a, 0.4));
    });
    const marks = r.dead_points.map((d) => placed(make("span", "mark"), part(d.at), 0));
    this.box("runbands").replaceChildren(...bands, ...marks);
    this.at.max = String(Math.max(0, r.frames.length - 1));
    this.at.value = "0";
    this.at.style.width = `${r.at.length ? Math.abs(part(r.at[r.at.length - 1])) : 0}%`;
    this.box("run-lo").textContent = trim(from) + unit;
    this.box("run-hi").textContent = trim(to) + unit;
    this.box("runmet").replaceChildren(...rows(r, unit));
    this.box("runtrack").hidden = !r.frames.length;
    this.box("run-play").hidden = r.frames.length < 2;
    const met1 = r.clash.filter((m) => !m.fit).length;
    const stopped = r.reason ? `Stopped${r.stopped_at == null ? "" : ` at ${trim(r.stopped_at)}${unit}`}: ${r.reason}. ` : "";
    const times = met1 === 1 ? "once" : `${met1} times`;
    const passing = met1 ? `Parts pass through one another ${times}.` : "Nothing passes through anything.";
    this.say(stopped + passing, !!met1 || !!stopped);
    this.show();
    this.at.focus();
  }

  /** Shows the marks of freedoms, or hides them while parts are elsewhere. @param {boolean} on */
  marks(on) {
    const { stage } = this.b;
    if (stage.previewing === !on) return;
    stage.previewing = !on;
    stage.freedoms();
    stage.draw();
  }

  /** Shows where the motion stands. */
  show() {
    const r = this.ran;
    const i = Number(this.at.value);
    if (!r?.frames[i]) return;
    this.marks(false);
    this.b.stage.between(r.names, r.frames[i], r.frames[i], 0);
    this.b.stage.draw();
    this.box("run-now").textContent = trim(r.at[i]) + (this.driven[2] ? "°" : " mm");
  }

  /** Goes to the step nearest to a value. @param {number} v */
  goTo(v) {
    const r = this.ran;
    if (!r) return;
    this.stop();
    const near = r.at.reduce((best, x, i) => (Math.abs(x - v) < Math.abs(r.at[best] - v) ? i : best), 0);
    this.at.value = String(near);
    this.show();
  }

  stop() {
    cancelAnimationFrame(this.playing);
    this.playing = 0;
    this.get("run-play").textContent = "Play";
  }

  /** Plays it from where it stands, or stops. */
  play() {
    if (this.playing) {
      this.stop();
      return;
    }
    const r = this.ran;
    if (!r) return;
    const last = r.frames.length - 1;
    const from = Number(this.at.value) >= last ? 0 : Number(this.at.value);
    const start = performance.now();
    this.get("run-play").textContent = "Stop";
    const step = (/** @type {number} */ now) => {
      const i = Math.min(last, from + Math.floor(((now - start) / span) * last));
      this.at.value = String(i);
      this.show();
      if (i < last) this.playing = requestAnimationFrame(step);
      else this.stop();
    };
    this.playing = requestAnimationFrame(step);
  }
}

/** @param {string} of @param {string} joint */
const called = (of, joint) => `${of.replaceAll("_", " ")} of ${plain(joint)}`;

/** All that is met, as rows. @param {Ran} r @param {string} unit */
function rows(r, unit) {
  const at = (/** @type {number} */ v) => trim(v) + unit;
  const deep = (/** @type {Met} */ m) => (m.depth_mm == null ? "" : `, ${trim(m.depth_mm)} mm deep`);
  const way = (/** @type {Met} */ m) => `${plain(m.a)} and ${plain(m.b)}, ${trim(m.from)} to ${at(m.to)}${deep(m)}`;
  const out = [
    ...r.clash.map((m) => met(m.deepest_at, m.fit ? "fit" : "clash", way(m))),
    ...r.leaves.map((l) => met(l.from, "leaves", `${plain(l.part)} leaves ${plain(l.in)} at ${at(l.from)}`)),
    ...r.dead_points.map((d) => met(d.at, "dead point", `${called(d.of, d.joint)} turns round at ${at(d.at)}`)),
  ];
  const l = r.least_clearance;
  if (l) out.push(met(l.at, "nearest", `${plain(l.a)} and ${plain(l.b)}, ${trim(l.mm)} mm, at ${at(l.at)}`));
  return out;
}

/** @param {HTMLElement} e @param {number} left @param {number} width in parts of a hundred */
function placed(e, left, width) {
  e.style.left = `${left}%`;
  if (width) e.style.width = `${width}%`;
  return e;
}

/** One thing that is met, that leads to where it is. @param {number} at @param {string} tag @param {string} words */
function met(at, tag, words) {
  const b = make("button", "plain", words);
  b.type = "button";
  b.dataset.at = String(at);
  return make("li", "", make("span", `tag t-${tag.replace(" ", "-")}`, tag), b);
}
