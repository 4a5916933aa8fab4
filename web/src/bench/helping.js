// @ts-check
// Helper features: a point, an axis, a plane or a frame of a part, made from one or two features of it and kept with the part.
import { words } from "./words.js";

/** @typedef {import("../stage/pick.js").Candidate} Candidate */

export class Helping {
  /**
   * @param {HTMLFormElement} form @param {HTMLElement[]} others the forms it takes the place of
   * @param {{make: (body: object) => Promise<string | null>, sentence: import("./sentence.js").Sentence, stage: any,
   *   tell: (text: string, bad?: boolean) => void}} b
   */
  constructor(form, others, b) {
    this.form = form;
    this.others = others;
    this.b = b;
    /** @type {Candidate[]} */
    this.picks = [];
    form.addEventListener("submit", (e) => {
      e.preventDefault();
      this.send();
    });
    form.addEventListener("keydown", (e) => {
      if (e.key !== "Escape") return;
      e.stopPropagation();
      this.toggle(false);
    });
  }

  get on() {
    return !this.form.hidden;
  }

  /** @param {string} id */
  get(id) {
    return /** @type {HTMLInputElement} */ (this.form.querySelector(`#${id}`));
  }

  /** @param {boolean} [on] */
  toggle(on = this.form.hidden) {
    if (on) this.b.sentence.clear();
    this.form.hidden = !on;
    for (const o of this.others) o.hidden = on || o.id !== "saying";
    this.picks = [];
    this.b.sentence.taking = on ? (c) => this.pick(c) : null;
    this.show();
  }

  /** @param {Candidate} c */
  pick(c) {
    if (!c.k || !c.s) {
      this.say("Helpers belong to parts; pick a feature of one.", true);
      return;
    }
    const [a] = this.picks;
    if (a && (a.k !== c.k || a.s !== c.s)) {
      this.say(`Both picks must be on ${a.k?.data.name}.`, true);
      return;
    }
    if (this.picks.length === 2) this.picks = [];
    this.picks.push(c);
    this.show();
  }

  show() {
    const [a, b] = this.picks;
    this.get("help-of").textContent = a ? words(a) : "pick a feature of a part";
    this.get("help-and").textContent = b ? `and ${words(b)}` : "";
    this.b.stage.setPicked(this.picks.map((c, i) => ({ c, role: i ? "put_too" : "put" })));
    this.get("helppost").disabled = !a;
    this.say(a ? "A second pick on the same part, if it needs one; Enter keeps it." : "It is kept with the part, wherever that is used.");
  }

  /** @param {string} text @param {boolean} [bad] */
  say(text, bad) {
    const p = this.get("helphint");
    p.textContent = text;
    p.classList.toggle("bad", !!bad);
  }

  async send() {
    const [a, b] = this.picks;
    if (!a) return;
    const ref = await this.b.make({ of: a.ref, and: b?.ref, kind: this.get("help-kind").value, name: this.get("help-name").value.trim() });
    if (!ref) return;
    this.get("help-name").value = "";
    this.toggle(false);
    const made = this.b.stage.find(ref);
    if (made) this.b.tell(`${ref.split("/").pop()} is kept with the part of ${made.k.data.name}.`);
  }
}
