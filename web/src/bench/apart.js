// @ts-check
// How an assembly comes apart: the steps that the server found by trying, shown on the stage one after another, changed by hand and kept.
import { Vector3 } from "three";
import { make } from "./cards.js";
import { ask } from "./dialogs.js";
import { Panel } from "./panel.js";
import { scale, shown, trim } from "../units.js";

/** @typedef {{parts: string[], along: number[], by: number}} Step */
/** @typedef {{part: string, caught_on: string[]}} Stuck */
/** @typedef {{base: string, steps: Step[], stuck: Stuck[], no_shape: string[], missing?: string[], ways: string[]}} Exploded */

/** @type {[string, number[]][]} */
const ways = [
  ["up", [0, 0, 1]],
  ["down", [0, 0, -1]],
  ["to the right", [1, 0, 0]],
  ["to the left", [-1, 0, 0]],
  ["to the front", [0, -1, 0]],
  ["to the back", [0, 1, 0]],
];
const near = 0.9999; // of a cosine: a direction is told by its name
const pace = 900; // ms a step
const settle = 150; // ms until the stage has made room for the steps

/** @param {number[]} a @param {number[]} b */
const dot = (a, b) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];

export class Apart extends Panel {
  /**
   * @param {HTMLFormElement} form @param {{call: import("../net.js").Ask, stage: any, sentence: any, looks: import("./looks.js").Looks,
   *   act: (a: object) => Promise<boolean>}} b
   */
  constructor(form, b) {
    super(form, b.sentence.form);
    this.b = b;
    /** @type {Step[]} */
    this.steps = [];
    this.playing = 0;
    this.slide = this.get("apart-at");
    this.slide.addEventListener("input", () => this.show());
    this.get("apart-play").addEventListener("click", () => this.play());
    this.way = /** @type {HTMLSelectElement} */ (/** @type {unknown} */ (this.get("apart-way")));
    this.way.addEventListener("change", () => this.load());
    this.get("apart-anew").addEventListener("click", () => this.keep([]));
    this.get("apart-as").addEventListener("click", () => this.keepAs());
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    this.stop();
    if (on) {
      this.b.looks.showAll();
      this.load();
      return;
    }
    this.b.stage.holdAside(new Map());
  }

  async load() {
    this.say("Trying how it comes apart …");
    try {
      const as = this.way.value;
      const x = /** @type {Exploded} */ (await this.b.call(`apart?as=${encodeURIComponent(as)}`));
      if (!this.on) return;
      this.called(x.ways, as);
      this.taken(x);
    } catch (e) {
      this.say(/** @type {Error} */ (e).message, true);
    }
  }

  /** Offers the ways that have names. @param {string[]} ways @param {string} as the one that is shown */
  called(ways, as) {
    this.way.replaceChildren(new Option("All of it", ""), ...ways.map((w) => new Option(w)));
    this.way.value = as;
    this.get("apart-anew").textContent = as ? "Forget this way" : "As worked out";
    const guide = /** @type {HTMLAnchorElement} */ (/** @type {unknown} */ (this.get("apart-guide")));
    guide.href = `/a/${document.body.dataset.asm}/guide${as && `?apart=${encodeURIComponent(as)}`}`;
  }

  /** @param {Exploded} x */
  taken(x) {
    this.steps = x.steps.map((s) => ({ ...s, parts: [...s.parts], along: [...s.along] }));
    const caught = (/** @type {string[]} */ on) => (on.length ? `is caught on ${on.join(", ")}.` : "stays: it is the base.");
    const told = x.stuck.map((s) => `${s.part} ${caught(s.caught_on)}`);
    told.push(...(x.missing ?? []).map((n) => `${n} is not there.`));
    if (x.no_shape.length) told.push(`Without a shape: ${x.no_shape.join(", ")}.`);
    this.get("apart-told").replaceChildren(...told.map((t) => make("li", "", t)));
    const tried = `${this.way.value ? "The rest" : x.base} stays. Tried: nothing in the way.`;
    this.say(x.steps.length ? tried : "There is nothing to take apart.");
    this.get("apartpost").disabled = true;
    this.list();
    this.slide.value = this.slide.max;
    this.show();
    window.setTimeout(() => this.on && this.b.stage.home(), settle);
  }

  list() {
    this.slide.max = String(this.steps.length);
    this.get("apart-steps").replaceChildren(...this.steps.map((s, i) => this.row(s, i)));
  }

  /** @param {Step} s @param {number} i */
  row(s, i) {
    const li = make("li", "");
    const names = make("button", "plain apartnames", `${i + 1}  ${s.parts.join(", ")}`);
    names.title = s.parts.join(", ");
    names.setAttribute("type", "button");
    names.addEventListener("click", () => this.go(i + 1));
    const way = /** @type {HTMLSelectElement} */ (make("select", "slotselect"));
    way.setAttribute("aria-label", `Where step ${i + 1} goes`);
    const known = ways.findIndex(([, v]) => dot(v, s.along) > near);
    for (const [word] of ways) way.add(new Option(word));
    if (known < 0) way.add(new Option(`along ${s.along.map((v) => trim(Math.round(v * 1e3) / 1e3)).join(" ")}`));
    way.selectedIndex = known < 0 ? ways.length : known;
    way.addEventListener("change", () => {
      s.along = [...(ways[way.selectedIndex]?.[1] ?? s.along)];
      this.changed(i + 1);
    });
    const by = /** @type {HTMLInputElement} */ (make("input", "numslot"));
    by.value = trim(s.by / scale(shown()));
    by.setAttribute("aria-label", `How far step ${i + 1} goes, in ${shown()}`);
    by.addEventListener("change", () => {
      const v = Number(by.value) * scale(shown());
      if (v > 0) s.by = v;
      by.value = trim(s.by / scale(shown()));
      this.changed(i + 1);
    });
    li.append(names, way, by, make("span", "soft", shown()));
    li.append(this.small("earlier", `Step ${i + 1} one earlier`, i > 0, () => this.swap(i - 1)));
    li.append(this.small("with the one before", `Step ${i + 1} together with the one before`, i > 0, () => this.join(i)));
    li.append(this.small("leave in", `Leave step ${i + 1} in`, this.steps.length > 1, () => this.leaveIn(i)));
    return li;
  }

  /** @param {string} word @param {string} label @param {boolean} can @param {() => void} run */
  small(word, label, can, run) {
    const b = /** @type {HTMLButtonElement} */ (make("button", "plain", word));
    b.type = "button";
    b.setAttribute("aria-label", label);
    b.disabled = !can;
    b.addEventListener("click", run);
    return b;
  }

  /** @param {number} i */
  swap(i) {
    [this.steps[i], this.steps[i + 1]] = [this.steps[i + 1], this.steps[i]];
    this.list();
    this.changed(i + 1);
  }

  /** @param {number} i */
  join(i) {
    this.steps[i - 1].parts.push(...this.steps[i].parts);
    this.steps.splice(i, 1);
    this.list();
    this.changed(i);
  }

  /** Takes a step out: of a way with a name, it stays. @param {number} i */
  leaveIn(i) {
    this.steps.splice(i, 1);
    this.list();
    this.changed(Math.min(i + 1, this.steps.length));
    if (!this.way.value) this.say("Kept under a name, what is left in stays; of all of it, it would leave after the rest.");
  }

  /** @param {number} to */
  changed(to) {
    this.get("apartpost").disabled = false;
    this.say("Changed by hand: it is tried once it is kept.");
    this.go(to);
  }

  /** Shows the state after so many steps. @param {number} to */
  go(to) {
    this.stop();
    this.slide.value = String(to);
    this.show();
  }

  /** Draws what left by where the slide stands. */
  show() {
    const at = Number(this.slide.value);
    /** @type {Map<string, Vector3>} */
    const by = new Map();
    this.steps.forEach((s, i) => {
      const f = Math.max(0, Math.min(1, at - i));
      for (const name of s.parts) {
        const was = by.get(name) ?? new Vector3();
        by.set(name, was.addScaledVector(new Vector3(...s.along), s.by * f));
      }
    });
    this.b.stage.holdAside(by);
    const now = Math.min(this.steps.length, Math.ceil(at - 1e-9));
    this.get("apart-where").textContent = now ? `step ${now} of ${this.steps.length}` : "together";
    [...this.get("apart-steps").children].forEach((li, i) => li.toggleAttribute("aria-current", i + 1 === now));
  }

  stop() {
    cancelAnimationFrame(this.playing);
    this.playing = 0;
    this.get("apart-play").textContent = "Play";
    this.get("apart-play").setAttribute("aria-pressed", "false");
  }

  play() {
    if (this.playing) {
      this.stop();
      return;
    }
    const n = this.steps.length;
    const from = Number(this.slide.value) >= n ? 0 : Number(this.slide.value);
    const calm = matchMedia("(prefers-reduced-motion: reduce)").matches;
    const begun = performance.now();
    this.get("apart-play").textContent = "Stop";
    this.get("apart-play").setAttribute("aria-pressed", "true");
    const step = (/** @type {number} */ t) => {
      const at = Math.min(n, from + (t - begun) / pace);
      this.slide.value = String(calm ? Math.floor(at) : at);
      this.show();
      if (at < n && this.on) this.playing = requestAnimationFrame(step);
      else this.stop();
    };
    this.playing = requestAnimationFrame(step);
  }

  send() {
    if (!this.get("apartpost").disabled) this.keep(this.steps);
  }

  /** @param {Step[]} steps none: as it is worked out; under a name, no more */
  async keep(steps, as = this.way.value) {
    this.stop();
    const said = { do: "explode", as, steps: steps.map((s) => ({ parts: s.parts, along: s.along, by: s.by })) };
    if (!(await this.b.act(said))) return;
    this.called(as && steps.length ? [as] : [], steps.length ? as : "");
    this.load();
  }

  async keepAs() {
    const as = await ask("What is this way of coming apart called?", this.way.value);
    if (as?.trim()) this.keep(this.steps, as.trim());
  }
}
