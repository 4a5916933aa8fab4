// @ts-check
// Couplings as a sentence of their own: two joints, and what ties them in terms of the trade.
import { shown } from "../units.js";
import { typed } from "./fields.js";
import { Panel } from "./panel.js";

/** @typedef {{id: string, of: {name: string, angular: boolean, at: number}[]}} Joint */

/** What each coupling ties: the kinds of coordinate, of joint a and b. @type {Record<string, [string, string]>} */
const ties = { gear: ["angle", "angle"], rack: ["angle", "slide"], screw: ["angle", "slide"], cam: ["angle", "slide"] };

export class Coupling extends Panel {
  /**
   * @param {HTMLFormElement} form @param {HTMLFormElement} saying the sentence
   * @param {(a: object) => Promise<boolean>} post
   */
  constructor(form, saying, post) {
    super(form, saying);
    this.post = post;
    /** @type {Joint[]} */
    this.joints = [];
    form.addEventListener("input", () => this.show());
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    if (!on) return;
    this.show();
    this.get("couple-a").focus();
  }

  /** @param {Joint[]} joints */
  take(joints) {
    this.joints = joints;
    if (!this.form.hidden) this.show();
  }

  /** Lists the joints that the coupling can tie, and shows what it is said with. */
  show() {
    const type = this.get("couple-type").value;
    for (const [k, id] of /** @type {const} */ (["couple-a", "couple-b"]).entries()) {
      const s = /** @type {HTMLSelectElement} */ (/** @type {unknown} */ (this.get(id)));
      const was = s.value;
      const fit = this.joints.filter((j) => j.of.some((c) => c.name === ties[type][k]));
      s.replaceChildren(...fit.map((j) => new Option(j.id, j.id)));
      const others = fit.filter((j) => k === 0 || j.id !== this.get("couple-a").value);
      s.value = fit.some((j) => j.id === was) ? was : (others[0] ?? fit[0])?.id ?? "";
    }
    for (const e of /** @type {NodeListOf<HTMLElement>} */ (this.form.querySelectorAll("[data-kind]"))) {
      e.hidden = !(e.dataset.kind ?? "").split(" ").includes(type);
    }
    const [a, b] = [this.get("couple-a").value, this.get("couple-b").value];
    const ready = !!a && !!b && (type !== "gear" || a !== b);
    this.get("couplepost").disabled = !ready;
    this.say(ready ? "It asks one condition: what turns there moves the other." : missing(type));
  }

  /** The command that is said. */
  act() {
    const type = this.get("couple-type").value;
    const text = (/** @type {string} */ id) => this.get(id).value.trim();
    const length = (/** @type {string} */ id) => String(typed(text(id), shown()) ?? "");
    const count = (/** @type {string} */ id) => Math.round(Number(text(id))) || 0;
    const a = { do: "couple", type, a: this.get("couple-a").value, b: this.get("couple-b").value };
    switch (type) {
      case "gear":
        return text("ratio") ? { ...a, ratio: text("ratio") }
          : { ...a, teeth_a: count("teeth-a"), teeth_b: count("teeth-b"), inside: text("mesh") === "inside" };
      case "cam":
        return { ...a, profile: points(text("profile")), spline: this.get("spline").checked };
    }
    const reverse = text("way") === "shrinks";
    if (text("lead")) return { ...a, lead: length("lead"), reverse };
    if (type === "rack") return { ...a, module: length("module"), teeth: count("teeth"), reverse };
    return { ...a, pitch: length("pitch"), starts: count("starts"), reverse };
  }

  async send() {
    const a = this.act();
    if ("profile" in a && !a.profile) {
      this.say("Write the lifts as pairs of degrees and mm, such as 0, 0; 90, 12; 180, 0.", true);
      return;
    }
    if (await this.post(a)) this.toggle(false);
  }
}

/** @param {string} type */
function missing(type) {
  const [a, b] = ties[type];
  return `A ${type} ties a joint with an ${a} to one with ${b === "angle" ? "an angle" : "a slide"}: make those joints first.`;
}

/** Reads the points of a profile; null where they are none. @param {string} text */
export function points(text) {
  const out = text.split(/[;\n]/).map((p) => p.trim()).filter(Boolean).map((p) => p.split(/[,\s]+/).map(Number));
  return out.length > 1 && out.every((p) => p.length === 2 && p.every(isFinite)) ? out : null;
}
