// @ts-check
// Couplings as a sentence of their own: two joints, and what ties them in terms of the trade. What is said is tried before it is posted.
import { shown, trim } from "../units.js";
import { typed } from "./fields.js";
import { Panel } from "./panel.js";
import { poses } from "./state.js";

/**
 * @typedef {{lo: number | null, hi: number | null, way?: "up" | "down"}} Bounds
 * @typedef {{id: string, of: {name: string, angular: boolean, at: number, bounds?: Bounds}[]}} Joint
 */

/** @typedef {import("../stage/pick.js").Candidate} Candidate */

const waitForTyping = 500; // ms

/** What each coupling ties: the kinds of coordinate, of joint a and b. @type {Record<string, [string, string]>} */
const ties = { gear: ["angle", "angle"], rack: ["angle", "slide"], screw: ["angle", "slide"], cam: ["angle", "slide"] };

export class Coupling extends Panel {
  /**
   * @param {HTMLFormElement} form @param {{act: (a: object) => Promise<boolean>, call: import("../net.js").Ask, stage: any,
   *   sentence: import("./sentence.js").Sentence, state: import("./state.js").State | null}} b the Bench
   */
  constructor(form, b) {
    super(form, b.sentence.form);
    this.sentence = b.sentence;
    this.b = b;
    /** @type {Candidate[]} of a cam's edge and its follower */
    this.picks = [];
    /** @type {[number, number] | null} limits of the slide that were found with the lifts */
    this.limits = null;
    /** @type {number | null} with which the teeth mesh, once they were read */
    this.phase = null;
    this.trial = 0; // which was asked for last
    this.taking = false;
    this.told = ""; // of a cam's edge
    this.wait = 0;
    /** @type {Joint[]} */
    this.joints = [];
    form.addEventListener("input", (e) => {
      if (!["mesh-teeth", "cam-limit", "spline"].includes(/** @type {Element} */ (e.target).id)) this.forget();
      this.show();
      this.soon();
    });
    this.get("cam-edge").addEventListener("click", () => this.fromEdge());
    this.get("from-teeth").addEventListener("click", () => this.fromTeeth());
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    this.forPicks(false);
    if (!on) {
      clearTimeout(this.wait);
      this.trial++;
      this.back();
      return;
    }
    this.show();
    this.soon();
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
    const meshes = this.phase !== null && this.get("mesh-teeth").checked;
    const joints = { a: this.get("couple-a").value, b: this.get("couple-b").value };
    const a = { do: "couple", type, ...joints, ...(meshes ? { phase: this.phase } : {}) };
    switch (type) {
      case "gear":
        return text("ratio") ? { ...a, ratio: text("ratio") }
          : { ...a, teeth_a: count("teeth-a"), teeth_b: count("teeth-b"), inside: text("mesh") === "inside" };
      case "cam": {
        const said = { ...a, profile: points(text("profile")), spline: this.get("spline").checked };
        return this.limits && this.get("cam-limit").checked ? { ...said, limits: this.limits } : said;
      }
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
    if (await this.b.act(a)) this.toggle(false);
  }

  /** Whether what is said is all there. @param {any} a */
  complete(a) {
    if (!a.a || !a.b || (a.type === "gear" && a.a === a.b)) return false;
    switch (a.type) {
      case "gear":
        return !!a.ratio || (a.teeth_a > 0 && a.teeth_b > 0);
      case "cam":
        return !!a.profile;
      case "rack":
        return !!a.lead || (!!a.module && a.teeth > 0);
    }
    return !!a.lead || !!a.pitch;
  }

  /** Tries what is said, a little after the last key. */
  soon() {
    clearTimeout(this.wait);
    this.wait = window.setTimeout(() => this.try(), waitForTyping);
  }

  async try() {
    const a = this.act();
    if (!this.on || !this.complete(a)) return;
    const trial = ++this.trial;
    /** @type {any} */
    let got;
    try {
      got = await this.b.call("coupled", a);
    } catch (e) {
      if (trial === this.trial) this.say(/** @type {Error} */ (e).message, true);
      return;
    }
    if (trial !== this.trial) return;
    const told = this.told ? `${this.told} · ` : "";
    if (got.odds) this.say(told + got.odds, true);
    else this.say(`${told}${got.before} → ${got.after} freedoms · ${got.note ?? "shown moving together"}`);
    if (got.odds || !got.poses || got.poses.length < 2) return;
    await this.b.stage.swing(got.names, got.poses);
    if (trial === this.trial) this.back();
  }

  back() {
    this.b.stage.goTo(poses(this.b.state));
  }

  /** Forgets what was found from a cam's edge. */
  forget() {
    this.told = "";
    this.limits = null;
    this.phase = null;
    /** @type {HTMLElement} */ (this.get("mesh-teeth").parentElement).hidden = true;
    /** @type {HTMLElement} */ (this.get("cam-limit").parentElement).hidden = true;
  }

  /** Takes picks for a cam's edge, or no longer. @param {boolean} on */
  forPicks(on) {
    this.picks = [];
    if (on) this.sentence.taking = (c) => this.pick(c);
    else if (this.taking) this.sentence.taking = null;
    this.taking = on;
    this.b.stage.setPicked([]);
  }

  /** Takes the lifts from the cam's own edge: two picks. */
  fromEdge() {
    this.forget();
    this.forPicks(true);
    this.say("Pick the cam's flat face: its edge is what the follower runs on.");
  }

  /** Takes numbers of teeth, ratio or lead, and how they are turned into mesh, from the shapes. */
  async fromTeeth() {
    this.forget();
    const [a, b] = [this.get("couple-a").value, this.get("couple-b").value];
    this.say("Counting teeth …");
    try {
      const m = await this.b.call(`mesh?a=${encodeURIComponent(a)}&b=${encodeURIComponent(b)}`);
      const gear = this.get("couple-type").value === "gear";
      if (gear) this.get("ratio").value = m.ratio;
      else {
        this.get("lead").value = trim(Math.abs(Number(m.ratio)) / (shown() === "in" ? 25.4 : 1));
        this.get("way").value = Number(m.ratio) < 0 ? "shrinks" : "grows";
      }
      if (gear) [this.get("teeth-a").value, this.get("teeth-b").value] = [m.teeth_a, m.teeth_b].map(String);
      this.phase = m.phase;
      /** @type {HTMLElement} */ (this.get("mesh-teeth").parentElement).hidden = false;
      this.told = ofTeeth(m);
      this.say(this.told, !m.fits);
      if (m.fits) this.soon();
    } catch (e) {
      this.say(/** @type {Error} */ (e).message, true);
    }
  }

  /** @param {Candidate} c */
  async pick(c) {
    this.picks.push(c);
    this.b.stage.setPicked(this.picks.map((p, i) => ({ c: p, role: i ? "on" : "put" })));
    if (this.picks.length < 2) {
      this.say("Now pick what of the follower touches it: a flat, the round of a roller, a ball, a point.");
      return;
    }
    const [edge, tip] = this.picks;
    this.forPicks(false);
    try {
      const [Turn, Slide] = [this.get("couple-a").value, this.get("couple-b").value];
      const law = await this.b.call("cam", { Turn, Slide, Edge: edge.ref, Tip: tip.ref });
      this.get("profile").value = law.profile.map((/** @type {number[]} */ p) => p.join(", ")).join("; ");
      this.get("spline").checked = false;
      this.limits = [law.from_mm, law.to_mm];
      /** @type {HTMLElement} */ (this.get("cam-limit").parentElement).hidden = false;
      this.told = ofCam(law);
      this.say(this.told);
      this.soon();
    } catch (e) {
      this.say(/** @type {Error} */ (e).message, true);
    }
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

/** What is told of teeth. @param {any} m */
function ofTeeth(m) {
  const mm = (/** @type {number} */ x) => trim(Math.round(x * 1000) / 1000);
  const far = `${mm(m.distance_mm)} mm apart, ${m.fits ? "as they should be" : `but ${mm(m.wanted_mm)} mm are wanted`}`;
  const off = Math.abs(m.off) < 0.005 ? "in mesh now" : `${trim(Math.round(m.off * 100) / 100)} of a pitch off now`;
  const alike = m.module === m.module_b ? "" : `modules ${mm(m.module)} and ${mm(m.module_b)} do not go together, `;
  return `${m.called}: ${alike}${far}, ${off}`;
}

/** What is told of a cam. @param {any} law */
function ofCam(law) {
  const mm = (/** @type {number} */ x) => trim(Math.round(x * 1000) / 1000);
  const gap = `now ${mm(Math.abs(law.gap_mm))} mm ${law.gap_mm > 0 ? "off the cam" : "inside the cam"}`;
  const ends = [[law.from_mm, law.from_at_deg], [law.to_mm, law.to_at_deg]].map(([at, deg]) => `${mm(at)} at ${trim(deg)}°`);
  const now = Math.abs(law.gap_mm) < 0.001 ? "touching now" : gap;
  return `${law.called}: stroke ${mm(law.stroke_mm)} mm, ${ends.join(" to ")}, rests at ${mm(law.rest_mm)}, ${now}`;
}
