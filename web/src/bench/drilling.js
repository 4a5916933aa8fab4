// @ts-check
// Holes in one part where others have theirs, by the standard or as wide as what goes through. The part that comes of it follows them.
import { Panel } from "./panel.js";
import { Trial } from "./trial.js";
import { long } from "../units.js";

/** @typedef {{after: string, diameter_mm: number, depth_mm: number, through: boolean}} Hole */

const round = ["cylinder", "circle", "axis", "cone"]; // kinds that have an axis

export class Drilling extends Panel {
  /**
   * @param {HTMLFormElement} form @param {{call: import("../net.js").Ask, stage: any, sentence: any, several: () => string[],
   *   post: (path: string, body: object, keepView: boolean) => Promise<boolean>, picks: () => import("../stage/pick.js").Candidate[]}} b
   */
  constructor(form, b) {
    super(form, b.sentence.form);
    this.b = b;
    /** @type {string[]} holes of other parts */
    this.from = [];
    this.trial = new Trial(() => this.attempt());
    form.addEventListener("input", () => this.changed());
    this.get("drill-take").addEventListener("click", () => this.hold());
  }

  /** @param {string} id */
  choice(id) {
    return /** @type {HTMLSelectElement} */ (/** @type {unknown} */ (this.get(id))).value;
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    const { sentence, stage } = this.b;
    if (!on) {
      this.trial.drop();
      if (sentence.taking === this.take) sentence.taking = null;
      stage.setPicked([]);
      return;
    }
    const picked = this.b.picks();
    sentence.taking = this.take;
    this.from = [];
    [this.into] = this.b.several();
    this.shape();
    this.tell([]);
    this.ask();
    for (const c of picked) if (round.includes(c.f.k) && c.ref.split("/")[0] !== this.into) this.take(c);
    this.get("drill-kind").focus();
  }

  /** Takes the part in hand for the one that is drilled. */
  hold() {
    const [name] = this.b.several();
    if (name) this.into = name;
    else this.say("Point at the part that gets the holes, or go to its line, then take it.", true);
    this.changed();
  }

  ask() {
    if (!this.into) this.say("Point at the part that gets the holes, or go to its line, and take it.");
    else this.say(this.from.length ? "" : "Pick a hole, a rim, an axis or a shank of another part; holes like it come along.");
  }

  /** @type {(c: import("../stage/pick.js").Candidate) => void} */
  take = (c) => {
    this.taken(c.ref);
  };

  /** @param {string} ref */
  async taken(ref) {
    let list = [ref];
    if (this.get("drill-like").checked && round.includes(this.b.stage.find(ref)?.f.k ?? "")) {
      try {
        list = /** @type {{like: string[]}} */ (await this.b.call(`holes?hole=${encodeURIComponent(ref)}`)).like;
      } catch {
        list = [ref]; // a shank, or an axis: itself alone
      }
    }
    const there = list.some((r) => this.from.includes(r));
    this.from = there ? this.from.filter((r) => !list.includes(r)) : [...this.from, ...list];
    this.changed();
  }

  changed() {
    this.shape();
    this.ask();
    this.trial.soon();
  }

  /** Shows what belongs to the kind of hole. */
  shape() {
    const kind = this.choice("drill-kind");
    for (const e of this.form.querySelectorAll("[data-for]")) {
      /** @type {HTMLElement} */ (e).hidden = !(/** @type {HTMLElement} */ (e).dataset.for?.split(" ").includes(kind));
    }
    this.get("drill-into").textContent = this.into || "no part yet";
    const n = this.from.length;
    const of = this.from[0]?.split("/").slice(0, -1).join(" › ");
    this.get("drill-from").textContent = n ? `${n} ${n === 1 ? "hole" : "holes"} of ${of}` : "no hole yet";
    this.get("drillpost").disabled = !this.into || !n;
    const { stage } = this.b;
    const found = this.from.map((ref) => stage.find(ref)).filter(Boolean);
    stage.setPicked(found.map((/** @type {object} */ c) => ({ c, role: "after" })));
  }

  /** What is asked for. */
  read() {
    const kind = this.choice("drill-kind");
    const depth = Number(this.get("drill-depth").value);
    const wider = Number(this.get("drill-wider").value);
    const head = kind === "counterbored" || kind === "countersunk";
    return {
      from: this.from,
      into: this.into,
      kind,
      thread: kind === "own" ? "" : this.get("drill-thread").value.trim(),
      series: kind === "tapped" || kind === "own" ? "" : this.choice("drill-series"),
      ...(depth > 0 && !head ? { depth } : {}),
      ...(kind === "own" && wider ? { wider } : {}),
      ...(head && this.get("drill-turned").checked ? { turned: true } : {}),
      only: this.get("drill-only").checked,
    };
  }

  async attempt() {
    if (!this.on || !this.into || !this.from.length) {
      this.trial.drop();
      this.tell([]);
      return;
    }
    const tried = await this.trial.ask(() => this.b.call("drilled", this.read()));
    if (!tried) return;
    this.tell(/** @type {Hole[]} */ (tried.got ?? []));
    this.say(tried.why ?? "", !!tried.why);
  }

  /** @param {Hole[]} holes */
  tell(holes) {
    const said = new Map();
    for (const h of holes) {
      const text = `Ø${long(h.diameter_mm)}, ${long(h.depth_mm)} ${h.through ? "through" : "deep"}`;
      said.set(text, (said.get(text) ?? 0) + 1);
    }
    const rows = [...said].map(([text, n]) => {
      const li = document.createElement("li");
      li.textContent = `${n} × ${text}`;
      return li;
    });
    this.get("drill-told").replaceChildren(...rows);
  }

  async send() {
    if (!this.into || !this.from.length) {
      this.ask();
      return;
    }
    this.trial.drop();
    this.say("Cutting …");
    if (await this.b.post("drill", this.read(), true)) this.toggle(false);
    else this.say("");
  }
}
