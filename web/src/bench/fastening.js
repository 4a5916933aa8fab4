// @ts-check
// Fastenings: screws, washers and nuts through holes, said once for all of them. What would come of it is told and drawn first.
import { choice } from "./cards.js";
import { Panel } from "./panel.js";
import { section } from "./section.js";
import { Trial } from "./trial.js";
import { long } from "../units.js";

/**
 * @typedef {{name: string, screws: number, screw: string, grip_mm: number, length_mm: number, wanted_mm: number,
 *   through_nut_mm: number | null, engagement_mm: number | null, hole: string, why: string, findings: string[],
 *   stock_mm: number[] | null, sections: import("./section.js").Section[] | null}} Joint
 * @typedef {{standard: string, short: string, family: string, sizes: string[]}} Table
 * @typedef {{holes: string[], through?: string[], screw: string, under_head?: string[], under_nut?: string[], nut?: string,
 *   into?: string | string[], material?: string, head_on?: string, length?: number | "auto", depth?: number}} Stack
 * @typedef {{designation: string, findings: string[], instead?: string}} Bought
 * @typedef {{supplier: string, currency: string, price: number, days: number, lines: Bought[]}} Order
 * @typedef {{joints: Joint[], stacks: Record<string, Stack>, tables: Table[], materials: string[], order: Order}} All
 */

const caution = "Length and engagement prove no joint's load: local codes and licensed practice decide.";
const pickHole = "Pick a hole on the stage: its rim or its wall.";
const tapped = "tapped";
const beside = 4; // stock lengths that are offered on either side of the one that is chosen

export class Fastening extends Panel {
  /**
   * @param {HTMLFormElement} form @param {{call: import("../net.js").Ask, stage: any, sentence: any, asm: string,
   *   act: (a: object) => Promise<boolean>, state: import("./state.js").State | null,
   *   picks: () => import("../stage/pick.js").Candidate[]}} b
   */
  constructor(form, b) {
    super(form, b.sentence.form);
    this.b = b;
    /** @type {All | null} */
    this.all = null;
    /** @type {string[]} */
    this.like = []; // holes, the one that was picked first
    /** @type {string | null} the stack that is changed */
    this.was = null;
    /** @type {Stack} what the fields do not show */
    this.rest = { holes: [], screw: "" };
    this.trial = new Trial(() => this.attempt());
    /** @type {Joint | null} */
    this.joint = null;
    form.addEventListener("input", (e) => this.changed(/** @type {Element} */ (e.target)));
    this.get("joint-drop").addEventListener("click", () => this.drop());
    this.get("joint-turn").addEventListener("click", () => this.turn());
    /** @type {HTMLAnchorElement} */ (/** @type {unknown} */ (this.get("joint-list"))).href = `/a/${b.asm}/fasteners`;
  }

  /** @param {string} id */
  choice(id) {
    return /** @type {HTMLSelectElement} */ (/** @type {unknown} */ (this.get(id)));
  }

  /** Shows a joint that there is. @param {string} [name] */
  async open(name) {
    if (!this.on) this.toggle(true);
    await this.load();
    if (name && this.all?.stacks[name]) this.show(name);
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    const { sentence } = this.b;
    if (!on) {
      this.trial.drop();
      if (sentence.taking === this.take) sentence.taking = null;
      this.b.stage.setPicked([]);
      return;
    }
    const [picked] = this.b.picks();
    sentence.taking = this.take;
    this.fresh();
    this.load().then(() => {
      if (picked?.f.dir && !this.was) this.take(picked);
      this.choice("joint-screw").focus();
    });
  }

  /** Begins a joint that is not there yet. */
  fresh() {
    this.was = null;
    this.like = [];
    this.rest = { holes: [], screw: "" };
    this.trial.drop();
    this.get("joint-holes").textContent = "no hole yet";
    this.get("joint-as").value = "";
    this.tell(null);
    this.say(pickHole);
    this.shape();
  }

  /** Asks for the joints and the tables. */
  async load() {
    this.all = /** @type {All} */ (await this.b.call("fastening"));
    const { tables, materials } = this.all;
    const of = (/** @type {string[]} */ ...families) => tables.filter((t) => families.includes(t.family));
    const fill = (/** @type {string} */ id, /** @type {[string, string][]} */ list) => {
      const box = this.choice(id);
      const was = box.value;
      box.replaceChildren(...list.map(([value, text]) => new Option(text, value)));
      if (list.some(([v]) => v === was)) box.value = was;
    };
    const named = (/** @type {Table} */ t) => /** @type {[string, string]} */ ([t.standard, `${t.standard} ${t.short}`]);
    const washers = /** @type {[string, string][]} */ ([["", "nothing"], ...of("washer").map(named)]);
    if (!this.choice("joint-screw").value) {
      fill("joint-screw", of("screw").map(named));
      this.choice("joint-screw").value = "ISO 4762";
      fill("joint-head", washers);
      fill("joint-washer", washers);
      fill("joint-nut", [...of("locknut", "nut").map(named), [tapped, "a tapped hole"]]);
      this.choice("joint-nut").value = "ISO 7040";
      fill("joint-material", materials.map((m) => [m, m]));
      this.choice("joint-material").value = "steel";
    }
    this.sizes();
    this.list();
  }

  /** The sizes of the standard that is chosen. */
  sizes() {
    const box = this.choice("joint-size");
    const was = box.value;
    const sizes = this.all?.tables.find((t) => t.standard === this.choice("joint-screw").value)?.sizes ?? [];
    box.replaceChildren(...sizes.map((s) => new Option(s, s)));
    box.value = sizes.includes(was) ? was : sizes.includes("M6") ? "M6" : sizes[0];
  }

  /** Lists the joints there are. */
  list() {
    const joints = [...(this.all?.joints ?? [])].sort((a, b) => a.screw.localeCompare(b.screw, "en", { numeric: true }));
    const list = joints.map((j) => {
      const text = `${j.name} · ${j.screws} × ${j.screw}`;
      const b = choice(text, j.name === this.was, () => this.show(j.name), j.findings.length > 0);
      if (j.sections) {
        const svg = document.createElementNS("http://www.w3.org/2000/svg", "svg");
        svg.setAttribute("class", "jointmini");
        svg.setAttribute("aria-hidden", "true");
        section(svg, j.sections);
        for (const title of svg.querySelectorAll("title")) title.remove();
        b.prepend(svg);
      }
      return b;
    });
    const fresh = choice("a new joint", !this.was, () => {
      this.fresh();
      this.list();
    });
    this.get("joints").replaceChildren(...(joints.length ? [...list, fresh] : []));
    this.get("joint-list").hidden = !joints.length;
    this.bought();
  }

  /** Tells what all fasteners cost, and what cannot be had at once. */
  bought() {
    const o = this.all?.order;
    const p = this.get("joint-order");
    p.hidden = !o?.lines.length;
    if (!o) return;
    const wanting = o.lines.filter((l) => l.findings.length);
    const says = wanting.map((l) => `${l.designation}: ${l.findings.join(", ")}${l.instead ? `; instead: ${l.instead}` : ""}`);
    const when = o.days ? `, all there in ${o.days} days` : "";
    p.textContent = [`${o.supplier}: ${o.price.toFixed(2)} ${o.currency}${when}`, ...says].join(" · ");
  }

  /** Shows a joint in the fields. @param {string} name */
  show(name) {
    const s = this.all?.stacks[name];
    if (!s) return;
    this.trial.drop();
    this.was = name;
    this.rest = s;
    this.like = s.holes;
    this.get("joint-like").checked = true;
    this.get("joint-as").value = name;
    const [standard, size] = split(s.screw);
    this.choice("joint-screw").value = standard;
    this.sizes();
    this.choice("joint-size").value = size;
    this.choice("joint-head").value = s.under_head?.length ? split(s.under_head[0])[0] : "";
    this.choice("joint-washer").value = s.under_nut?.length ? split(s.under_nut[0])[0] : "";
    this.choice("joint-nut").value = s.nut ? split(s.nut)[0] : tapped;
    if (s.material) this.choice("joint-material").value = s.material;
    this.get("joint-holes").textContent = holesSaid(s.holes);
    this.shape();
    this.list();
    this.say(caution);
    const joint = this.all?.joints.find((j) => j.name === name) ?? null;
    this.lengths(joint, typeof s.length === "number" ? s.length : 0);
    this.tell(joint);
    this.light();
  }

  /** Shows what belongs to a nut, or to a tapped hole. */
  shape() {
    const blind = this.choice("joint-nut").value === tapped;
    this.get("joint-under").hidden = blind;
    this.get("joint-of").hidden = !blind;
    this.get("joint-drop").hidden = !this.was;
    this.get("jointpost").textContent = this.was ? "Change" : "Fasten";
    this.get("jointpost").disabled = !this.like.length;
  }

  /** @type {(c: import("../stage/pick.js").Candidate) => void} */
  take = (c) => {
    this.taken(c);
  };

  /** Takes a hole that is picked; where screws go into a tapped one, that second. @param {import("../stage/pick.js").Candidate} c */
  async taken(c) {
    const blind = this.choice("joint-nut").value === tapped;
    const other = this.like.length && c.ref.split("/")[0] !== this.like[0].split("/")[0];
    try {
      const found = await this.b.call(`holes?hole=${encodeURIComponent(c.ref)}`);
      if (!this.on) return;
      if (blind && other) {
        this.rest = { ...this.rest, into: found.like[0] };
      } else {
        this.like = found.like;
        this.rest = { ...this.rest, holes: [], through: undefined, head_on: undefined };
        const sizes = this.choice("joint-size");
        if ([...sizes.options].some((o) => o.value === found.thread)) sizes.value = found.thread;
        if (!this.get("joint-as").value) this.get("joint-as").value = this.free();
      }
      this.get("joint-holes").textContent = holesSaid(this.holes);
      this.shape();
      this.light();
      await this.attempt();
    } catch (e) {
      this.say(/** @type {Error} */ (e).message, true);
    }
  }

  /** A name that nothing has. */
  free() {
    for (let n = 1; ; n++) {
      const name = `joint-${n}`;
      if (!this.all?.stacks[name] && !this.b.state?.components.some((c) => c.name === name)) return name;
    }
  }

  get holes() {
    return this.get("joint-like").checked ? this.like : this.like.slice(0, 1);
  }

  /** Lights the holes on the stage. */
  light() {
    const { stage } = this.b;
    const found = this.holes.map((ref) => stage.find(ref)).filter(Boolean);
    stage.setPicked(found.map((/** @type {object} */ c) => ({ c, role: "hole" })));
  }

  /** The stack as it stands in files. @returns {Stack} */
  read() {
    const size = this.choice("joint-size").value;
    const of = (/** @type {string} */ id) => (this.choice(id).value ? [`${this.choice(id).value} ${size}`] : undefined);
    const blind = this.choice("joint-nut").value === tapped;
    const length = Number(this.choice("joint-length").value);
    const kept = { through: this.rest.through, head_on: this.rest.head_on, depth: blind ? this.rest.depth : undefined };
    return JSON.parse(JSON.stringify({
      ...kept,
      holes: this.holes,
      screw: `${this.choice("joint-screw").value} ${size}`,
      under_head: of("joint-head"),
      under_nut: blind ? undefined : of("joint-washer"),
      nut: blind ? undefined : `${this.choice("joint-nut").value} ${size}`,
      into: blind ? this.rest.into : undefined,
      material: blind ? this.choice("joint-material").value : undefined,
      length: length > 0 ? length : "auto",
    }));
  }

  /** @param {Element} target */
  changed(target) {
    if (target.id === "joint-screw") this.sizes();
    if (target.id === "joint-like") {
      this.get("joint-holes").textContent = holesSaid(this.holes);
      this.light();
    }
    this.shape();
    if (target.id === "joint-as") return;
    this.trial.soon();
  }

  /** Asks what would come of it. */
  async attempt() {
    if (!this.like.length) return;
    const stack = this.read();
    if (!stack.nut && !stack.into) {
      this.say("Now pick the tapped hole, in what the screws go into.");
      return;
    }
    const as = this.get("joint-as").value || "joint";
    const tried = await this.trial.ask(() => this.b.call("fastening", { as, stack }));
    if (!tried) return;
    const joint = /** @type {Joint | null} */ (tried.got ?? null);
    if (joint) this.lengths(joint, Number(this.choice("joint-length").value));
    this.tell(joint);
    this.say(tried.why ?? caution, !!tried.why);
  }

  /** Offers the length that is chosen, and the others. @param {Joint | null} j @param {number} now */
  lengths(j, now) {
    const box = this.choice("joint-length");
    const wanted = j?.wanted_mm ?? 0;
    const stock = j?.stock_mm ?? [];
    const at = stock.indexOf(wanted);
    const steps = stock.slice(Math.max(0, at - beside), at + beside + 1).filter((l) => l !== wanted);
    const list = [...new Set([...steps, ...(now ? [now] : [])])].sort((a, b) => a - b);
    box.replaceChildren(new Option(wanted ? `${long(wanted)}, chosen` : "chosen", ""), ...list.map((l) => new Option(long(l), String(l))));
    box.value = now ? String(now) : "";
  }

  /** Tells and draws what comes of it. @param {Joint | null} j */
  tell(j) {
    this.joint = j;
    const svg = /** @type {SVGSVGElement} */ (/** @type {unknown} */ (this.get("joint-drawing")));
    svg.toggleAttribute("hidden", !j?.sections);
    /** @type {HTMLElement[]} */
    const rows = [];
    const row = (/** @type {string} */ text, bad = false) => {
      const li = document.createElement("li");
      li.textContent = text;
      li.classList.toggle("bad", bad);
      rows.push(li);
    };
    if (j?.sections) {
      section(svg, j.sections);
      const through = j.through_nut_mm;
      const out = (through ?? 0) < 0 ? `ends ${long(-(through ?? 0))} inside the nut` : `${long(through ?? 0)} through the nut`;
      const end = through !== null ? out : `${long(j.engagement_mm ?? 0)} engaged`;
      row(`${j.screws} × ${j.screw} · grip ${long(j.grip_mm)} · ${end}${j.hole ? ` · holes ${j.hole}` : ""}`);
    }
    for (const f of j?.findings ?? []) row(f, true);
    this.get("joint-told").replaceChildren(...rows);
  }

  /** Puts heads on the other side: on the part that lies last. */
  turn() {
    const plates = (this.joint?.sections ?? []).filter((s) => s.kind === "plate");
    const other = plates.at(-1)?.name;
    if (!other) return;
    const back = this.rest.head_on && this.rest.head_on === plates[0].name;
    this.rest = { ...this.rest, head_on: back ? undefined : other };
    this.attempt();
  }

  async send() {
    if (!this.like.length) {
      this.say(pickHole, true);
      return;
    }
    const as = this.get("joint-as").value.trim() || this.free();
    if (await this.b.act({ do: "fasten", as, stack: this.read(), was: this.was ?? "" })) await this.again();
  }

  async drop() {
    if (this.was && (await this.b.act({ do: "unfasten", as: this.was }))) await this.again();
  }

  /** Begins anew at once: what is opened meanwhile stays open. */
  async again() {
    this.fresh();
    await this.load();
  }
}

/** A designation as its standard and its size. @param {string} text @returns {[string, string]} */
function split(text) {
  const at = text.lastIndexOf(" ");
  return [text.slice(0, at), text.slice(at + 1)];
}

/** @param {string[]} holes */
function holesSaid(holes) {
  if (!holes.length) return "no hole yet";
  const of = holes[0].split("/").slice(0, -1).join(" › ");
  return holes.length === 1 ? `one hole of ${of}` : `${holes.length} holes of ${of}`;
}
