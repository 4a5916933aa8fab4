// @ts-check
// Copies that keep their relations: in lines, around an axis, from place to place, or on the other side of a plane. What would come of
// it is told, and drawn dashed, before anything is there.
import { choice } from "./cards.js";
import { Panel } from "./panel.js";
import { Trial } from "./trial.js";
import { trim } from "../units.js";

/**
 * @typedef {{copy: number, mate: string, why: string, held: boolean}} Left
 * @typedef {{name: string, of: string[], copies: number, relations: number, left_out: Left[], why?: string}} Set
 * @typedef {{along: string | number[], count: number | string, pitch: number | string, across?: Line}} Line
 * @typedef {{of: string[], linear?: Line, circular?: {axis: string, count: number | string, angle?: number | string},
 *   places?: {from: string, to: string[]}, except?: number[]}} Copies
 * @typedef {{plane: number[], turn: {origin: number[], quaternion: number[]}}} Image
 * @typedef {{sets: Set[], copies: Record<string, Copies>, stacks: Record<string, string[]>}} All
 */

const most = 5; // relations left out that are told one by one

/** What the two picks are for. @type {Record<string, [string, string]>} */
const picks = {
  linear: ["along", ""],
  rows: ["along", "rows along"],
  circular: ["around", ""],
  places: ["from", "to"],
  mirror: ["across", "midway to"],
};

export class Repeating extends Panel {
  /**
   * @param {HTMLFormElement} form @param {{call: import("../net.js").Ask, stage: any, sentence: any,
   *   act: (a: object) => Promise<boolean>, several: () => string[],
   *   post: (path: string, body: object, keepView: boolean) => Promise<boolean>,
   *   looks: {last: () => string}, state: import("./state.js").State | null, tell: (text: string, bad?: boolean) => void}} b
   */
  constructor(form, b) {
    super(form, b.sentence.form);
    this.b = b;
    /** @type {All | null} */
    this.all = null;
    /** @type {string[]} */
    this.of = [];
    /** @type {string[][]} what was picked: first and second */
    this.picked = [[], []];
    this.slot = 0;
    /** @type {string | null} the copies that are changed */
    this.was = null;
    this.trial = new Trial(() => this.attempt());
    form.addEventListener("input", (e) => this.changed(/** @type {Element} */ (e.target)));
    this.get("copy-take").addEventListener("click", () => this.hold());
    this.get("copy-drop").addEventListener("click", () => this.drop());
    this.get("copy-own").addEventListener("click", () => this.own());
    for (const [i, id] of ["copy-first", "copy-second"].entries()) this.get(id).addEventListener("click", () => this.choose(i));
  }

  get how() {
    return /** @type {HTMLSelectElement} */ (/** @type {unknown} */ (this.get("copy-how"))).value;
  }

  /** Shows copies that there are. @param {string} name */
  async open(name) {
    if (!this.on) this.toggle(true);
    await this.load();
    this.show(name);
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    const { sentence, stage } = this.b;
    if (!on) {
      this.trial.drop();
      if (sentence.taking === this.take) sentence.taking = null;
      stage.setPicked([]);
      stage.showGhosts([]);
      return;
    }
    sentence.taking = this.take;
    this.fresh();
    this.load().then(() => !this.was && this.fastened());
    this.get("copy-how").focus();
  }

  /** Begins copies that are not there yet. */
  fresh() {
    this.was = null;
    this.picked = [[], []];
    this.slot = 0;
    this.get("copy-as").value = "";
    this.get("copy-except").value = "";
    const names = this.b.several();
    const there = this.of.filter((n) => this.b.state?.components.some((c) => c.name === n) || this.all?.stacks[n]);
    this.of = names.length || !there.length ? names : there;
    if (!this.of.length && this.b.looks.last()) this.of = [this.b.looks.last()];
    this.fastened();
    this.shape();
    this.tell(null);
    this.say(this.of.length ? "" : "Point at a part, or choose lines by Ctrl, and take the parts in hand.");
    this.ask();
  }

  /** Takes the parts in hand. */
  hold() {
    const names = this.b.several();
    if (!names.length) {
      this.say("Point at a part, or choose lines by Ctrl, then take them.", true);
      return;
    }
    this.of = names;
    this.fastened();
    this.trial.soon();
  }

  /** Takes what fastens the parts along: stacks whose holes are all theirs. */
  fastened() {
    for (const [name, of] of Object.entries(this.all?.stacks ?? {})) {
      if (!this.of.includes(name) && of.every((c) => this.of.includes(c))) this.of = [...this.of, name];
    }
    this.shape();
  }

  async load() {
    this.all = /** @type {All} */ (await this.b.call("copies"));
    this.list();
  }

  /** Lists the copies there are. */
  list() {
    const sets = this.all?.sets ?? [];
    const list = sets.map((s) => {
      const text = `${s.name} · ${s.copies} × ${s.of.join(", ")}`;
      return choice(text, s.name === this.was, () => this.show(s.name), !!s.why);
    });
    const fresh = choice("new copies", !this.was, () => {
      this.fresh();
      this.list();
    });
    this.get("copysets").replaceChildren(...(sets.length ? [...list, fresh] : []));
  }

  /** Shows copies in the fields. @param {string} name */
  show(name) {
    const c = this.all?.copies[name];
    if (!c) return;
    this.was = name;
    this.of = c.of;
    const put = (/** @type {string} */ id, /** @type {unknown} */ v) => (this.get(id).value = String(v ?? ""));
    put("copy-as", name);
    put("copy-except", c.except?.join(", "));
    const way = (/** @type {string | number[]} */ a) => (typeof a === "string" ? a : `[${a.join(", ")}]`);
    if (c.linear) {
      const { across } = c.linear;
      put("copy-how", across ? "rows" : "linear");
      put("copy-count", c.linear.count);
      put("copy-pitch", c.linear.pitch);
      this.picked = [[way(c.linear.along)], across ? [way(across.along)] : []];
      if (across) {
        put("copy-count2", across.count);
        put("copy-pitch2", across.pitch);
      }
    } else if (c.circular) {
      put("copy-how", "circular");
      put("copy-count", c.circular.count);
      put("copy-angle", c.circular.angle ?? 360);
      this.picked = [[c.circular.axis], []];
    } else if (c.places) {
      put("copy-how", "places");
      this.picked = [[c.places.from], c.places.to];
    }
    this.shape();
    this.list();
    this.trial.soon();
  }

  /** Shows what belongs to how it is done. */
  shape() {
    const how = this.how;
    for (const e of this.form.querySelectorAll("[data-for]")) {
      /** @type {HTMLElement} */ (e).hidden = !(/** @type {HTMLElement} */ (e).dataset.for?.split(" ").includes(how));
    }
    const few = this.of.length < 4 ? this.of.join(", ") : `${this.of[0]} and ${this.of.length - 1} more`;
    this.get("copy-of").textContent = few || "nothing yet";
    for (const [i, id] of ["copy-first", "copy-second"].entries()) {
      const b = this.get(id);
      const got = this.picked[i];
      const what = got.length > 1 ? `${got.length} places` : got.length ? this.called(got[0]) : "pick it";
      b.textContent = `${picks[how][i]} ${what}`;
      b.setAttribute("aria-checked", String(this.slot === i));
    }
    this.get("copy-drop").hidden = !this.was;
    this.get("copy-free").hidden = !this.was;
    this.get("copypost").textContent = how === "mirror" ? "Mirror" : this.was ? "Change" : "Repeat";
    this.get("copypost").disabled = !this.ready;
    const { stage } = this.b;
    const found = this.picked.flat().map((ref) => stage.find(ref)).filter(Boolean);
    stage.setPicked(found.map((/** @type {object} */ c) => ({ c, role: "on" })));
  }

  /** A feature as it is spoken of. @param {string} ref */
  called(ref) {
    const c = this.b.stage.find(ref);
    return c?.k ? `${c.f.label} · ${c.k.data.name}` : ref;
  }

  /** What is repeated without the joints: those come along by themselves in the mirror. */
  get parts() {
    return this.of.filter((n) => !this.all?.stacks[n]);
  }

  get ready() {
    const [first, second] = this.picked;
    const both = this.how === "rows" || this.how === "places";
    return this.of.length > 0 && first.length > 0 && (!both || second.length > 0);
  }

  /** @param {number} i */
  choose(i) {
    this.slot = i;
    this.shape();
    this.ask();
  }

  /** Says what is to be picked. */
  ask() {
    const asks = {
      linear: ["Pick an edge, an axis or a face: they go along it."],
      rows: ["Pick an edge, an axis or a face: they go along it.", "Pick what the rows go along."],
      circular: ["Pick the axis they go around: a hole, a shank, a rim."],
      places: ["Pick where the original is: its hole, a point.", "Pick the places of the copies; holes of one pattern come together."],
      mirror: ["Pick the plane: a face, or a plane of the assembly.", "Pick a second face, for the plane midway between both."],
    };
    if (this.of.length) this.say(/** @type {Record<string, string[]>} */ (asks)[this.how][this.slot] ?? "");
  }

  /** @type {(c: import("../stage/pick.js").Candidate) => void} */
  take = (c) => {
    this.taken(c.ref);
  };

  /** @param {string} ref */
  async taken(ref) {
    if (this.how === "places" && this.slot === 1) {
      const got = this.picked[1];
      if (got.includes(ref)) this.picked[1] = got.filter((r) => r !== ref);
      else this.picked[1] = got.length ? [...got, ref] : await this.pattern(ref);
    } else {
      this.picked[this.slot] = [ref];
      if (this.slot === 0 && picks[this.how][1] && this.how !== "mirror") this.slot = 1;
    }
    this.shape();
    this.ask();
    this.trial.soon();
  }

  /** A hole with those like it, but for the one they are copied from. @param {string} ref */
  async pattern(ref) {
    try {
      const { like } = /** @type {{like: string[]}} */ (await this.b.call(`holes?hole=${encodeURIComponent(ref)}`));
      const [from] = this.picked[0];
      const mine = /** @type {{like: string[]}} */ (await this.b.call(`holes?hole=${encodeURIComponent(from)}`)).like;
      return like.filter((r) => r !== mine[0]);
    } catch {
      return [ref];
    }
  }

  /** A number as it is, or an expression as a text. @param {string} id */
  amount(id) {
    const text = this.get(id).value.trim();
    return text !== "" && Number.isFinite(Number(text)) ? Number(text) : text;
  }

  /** The copies as they stand in files. @returns {Copies} */
  read() {
    const [[first], second] = this.picked;
    const line = (/** @type {string} */ along, /** @type {string} */ n, /** @type {string} */ p) => {
      const way = along.startsWith("[") ? JSON.parse(along) : along;
      return { along: way, count: this.amount(n), pitch: this.amount(p) };
    };
    const except = this.get("copy-except").value.split(/[,\s]+/).map(Number).filter((n) => n > 1);
    /** @type {Copies} */
    const c = { of: this.of, ...(except.length ? { except } : {}) };
    switch (this.how) {
      case "linear":
        return { ...c, linear: line(first, "copy-count", "copy-pitch") };
      case "rows":
        return { ...c, linear: { ...line(first, "copy-count", "copy-pitch"), across: line(second[0], "copy-count2", "copy-pitch2") } };
      case "circular":
        return { ...c, circular: { axis: first, count: this.amount("copy-count"), angle: this.amount("copy-angle") } };
      default:
        return { ...c, places: { from: first, to: second } };
    }
  }

  /** @param {Element} target */
  changed(target) {
    if (target.id === "copy-number") return;
    if (target.id === "copy-how") {
      this.picked = [[], []];
      this.slot = 0;
      this.ask();
    }
    this.shape();
    this.trial.soon();
  }

  /** The name they get. */
  get name() {
    const as = this.get("copy-as").value.trim();
    if (as) return as;
    for (let n = 1; ; n++) {
      const name = `copies-${n}`;
      if (!this.all?.copies[name] && !this.b.state?.components.some((c) => c.name === name)) return name;
    }
  }

  /** Asks what would come of it. */
  async attempt() {
    if (!this.on) return;
    if (!this.ready) {
      this.trial.drop();
      this.tell(null);
      this.b.stage.showGhosts([]);
      return;
    }
    const mirror = this.how === "mirror";
    const body = mirror ? { components: this.parts, plane: this.picked.flat() } : { as: this.name, copies: this.read() };
    const tried = await this.trial.ask(() => this.b.call(mirror ? "mirrored" : "copies", body));
    if (!tried) return;
    this.b.stage.showGhosts(tried.got?.ghosts ?? []);
    this.tell(tried.got);
    this.say(tried.why ?? "", !!tried.why);
  }

  /** Tells what comes of it. @param {any} out */
  tell(out) {
    /** @type {HTMLElement[]} */
    const rows = [];
    const row = (/** @type {string} */ text, bad = false) => {
      const li = document.createElement("li");
      li.textContent = text;
      li.classList.toggle("bad", bad);
      rows.push(li);
    };
    const copied = /** @type {{from: string, to: string, hand: string, image?: Image}[] | undefined} */ (out?.copied);
    if (copied) {
      const same = copied.filter((c) => c.hand === "same");
      const other = copied.filter((c) => c.hand !== "same").map((c) => c.from);
      for (const c of same.slice(0, most)) row(`${c.from}: the same part, turned over${c.image ? `; ${proof(c.image)}` : ""}`);
      if (same.length > most) row(`and ${same.length - most} more are the same parts, turned over`);
      if (other.length) row(`${other.join(", ")}: an opposite hand, a new part`);
      row(`${out.relations} ${out.relations === 1 ? "relation comes" : "relations come"} along`);
    } else if (out) {
      row(`${out.copies} more · ${out.relations} ${out.relations === 1 ? "relation" : "relations"}`);
    }
    for (const f of (out?.findings ?? []).slice(0, most)) row(f, true);
    const left = /** @type {Left[]} */ (out?.left_out ?? []);
    for (const l of left.slice(0, most)) {
      const end = copied ? "" : l.held ? "; held to its original instead" : "; nothing holds it instead";
      row(`${l.copy ? `${l.copy}: ` : ""}${l.mate} is left out: ${l.why}${end}`, !l.held);
    }
    if (left.length > most) row(`and ${left.length - most} more are left out`, left.slice(most).some((l) => !l.held));
    this.get("copy-told").replaceChildren(...rows);
  }

  async send() {
    if (!this.ready) {
      this.ask();
      return;
    }
    if (this.how === "mirror") {
      if (!(await this.b.post("mirror", { components: this.parts, plane: this.picked.flat() }, true))) return;
    } else if (!(await this.b.act({ do: "repeat", as: this.name, copies: this.read(), was: this.was ?? "" }))) {
      return;
    }
    await this.again();
  }

  /** Begins anew at once: what is opened meanwhile stays open. */
  async again() {
    this.trial.drop();
    this.b.stage.showGhosts([]);
    this.fresh();
    await this.load();
    if (!this.was) this.fastened();
  }

  async drop() {
    if (this.was && (await this.b.act({ do: "unrepeat", as: this.was }))) await this.again();
  }

  async own() {
    const copy = Number(this.get("copy-number").value);
    if (this.was && (await this.b.act({ do: "independent", of: this.was, copy }))) await this.again();
  }
}

/** A direction of a part as it is spoken of. @param {number[]} d */
function along(d) {
  const i = d.findIndex((x) => Math.abs(x) > 1 - 1e-6);
  return i < 0 ? `(${d.map((x) => trim(x)).join(", ")})` : "xyz"[i];
}

/** What proves that a part is its own mirror image: a motion that brings it onto itself again. @param {Image} image */
function proof(image) {
  const [w, x, y, z] = image.turn.quaternion;
  const sine = Math.hypot(x, y, z);
  const seen = `seen at the plane square to its ${along(image.plane)}`;
  if (sine < 1e-6) return `${seen}, it lies on itself`;
  const deg = Math.round((2 * Math.atan2(sine, Math.abs(w)) * 180) / Math.PI);
  return `${seen} and turned by ${deg}° about ${along([x / sine, y / sine, z / sine])}, it lies on itself`;
}
