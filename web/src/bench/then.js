// @ts-check
// How the assembly stood before, on the stage: what stood elsewhere, or is there no more, in dashed lines; what is new or was moved lit.
import { make } from "./cards.js";
import { Panel } from "./panel.js";

/** @typedef {{seq: number, said: string, name?: string}} Line */
/** @typedef {{said: string[], ghosts: {of: string, pose: any}[], lit: string[], unshown: string[]}} Since */

export class Then extends Panel {
  /** @param {HTMLFormElement} form @param {{call: import("../net.js").Ask, stage: any, sentence: any}} b */
  constructor(form, b) {
    super(form, b.sentence.form);
    this.b = b;
    this.seq = /** @type {HTMLSelectElement} */ (/** @type {unknown} */ (this.get("then-seq")));
    this.seq.addEventListener("change", () => this.compare());
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    if (on) this.load();
    else this.leave();
  }

  leave() {
    this.b.stage.showGhosts([]);
    this.b.stage.light(null);
  }

  /** Opens it at a line. @param {number} seq */
  async since(seq) {
    if (!this.on) super.toggle(true);
    await this.load(seq);
  }

  /** @param {number} [seq] */
  async load(seq) {
    try {
      const lines = /** @type {Line[]} */ (await this.b.call("then"));
      this.seq.replaceChildren(
        ...lines.map((l) => new Option(l.name ? `${l.name} (line ${l.seq})` : `line ${l.seq}: ${l.said}`, String(l.seq))),
      );
      if (seq !== undefined) this.seq.value = String(seq);
      await this.compare();
    } catch (e) {
      this.say(/** @type {Error} */ (e).message, true);
    }
  }

  async compare() {
    this.say("Comparing …");
    try {
      const s = /** @type {Since} */ (await this.b.call(`then/${this.seq.value}`));
      if (!this.on) return;
      this.b.stage.showGhosts(s.ghosts);
      this.b.stage.light(s.lit.length ? s.lit : null);
      this.get("then-said").replaceChildren(...s.said.map((t) => make("li", "", t)));
      const unshown = s.unshown.length ? ` Not drawn: ${s.unshown.join(", ")}.` : "";
      this.say(s.ghosts.length ? `Dashed: where it stood.${unshown}` : `Nothing stood elsewhere.${unshown}`);
    } catch (e) {
      this.say(/** @type {Error} */ (e).message, true);
    }
  }
}
