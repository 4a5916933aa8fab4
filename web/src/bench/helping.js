// @ts-check
// Helper features: a point, an axis, a plane or a frame of a part, made from one or two features of it and kept with the part.
import { Panel } from "./panel.js";
import { words } from "./words.js";

/** @typedef {import("../stage/pick.js").Candidate} Candidate */

export class Helping extends Panel {
  /**
   * @param {HTMLFormElement} form @param {HTMLFormElement} saying the sentence
   * @param {{make: (body: object) => Promise<string | null>, sentence: import("./sentence.js").Sentence, stage: any,
   *   tell: (text: string, bad?: boolean) => void}} b
   */
  constructor(form, saying, b) {
    super(form, saying);
    this.b = b;
    /** @type {Candidate[]} */
    this.picks = [];
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    if (on) this.b.sentence.clear();
    super.toggle(on);
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
