// @ts-check
// How the assembly is looked at: what is hidden, seen through or drawn aside, from which side, and cut by a section. Nothing of it changes
// the assembly; views and the home position are kept beside it.
import { Vector3 } from "three";
import { plain, what } from "./words.js";
import { scale, shown, trim } from "../units.js";

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

/** @type {[string, string, number[]][]} the sides, each with the help by which it is found */
const sides = [
  ["Front", "front elevation", [0, -1, 0]],
  ["Back", "rear", [0, 1, 0]],
  ["Left", "side", [-1, 0, 0]],
  ["Right", "side", [1, 0, 0]],
  ["Top", "plan, above", [0, -1e-4, 1]],
  ["Bottom", "below", [0, -1e-4, -1]],
  ["Corner", "isometric, three quarters", [1, -1, 0.8165]],
];

const apart = 1.25; // of a part's extent: how far it is held aside

/**
 * @typedef {object} Around
 * @property {any} stage
 * @property {import("../net.js").Ask} call
 * @property {(text: string, bad?: boolean) => void} tell
 * @property {() => import("./state.js").State | null} state
 * @property {import("./dialogs.js").Palette} palette
 * @property {() => string} hand the part in hand
 * @property {() => import("../stage/pick.js").Candidate[]} picks what is picked, or else under the cursor
 * @property {(title: string, text: string) => Promise<string | null>} ask
 * @property {(a: object) => Promise<boolean>} act
 */

export class Looks {
  /** @param {Around} b */
  constructor(b) {
    this.b = b;
    /** @type {Set<string>} */
    this.away = new Set(); // held aside
    this.flat = false;
    /** @type {{kind: string, name: string, data: any}[]} */
    this.kept = [];
    this.range = /** @type {HTMLInputElement} */ ($("#section-at"));
    this.number = /** @type {HTMLInputElement} */ ($("#section-mm"));
    /** @type {{at: Vector3, normal: Vector3} | null} */
    this.sectioned = null;
    this.range.addEventListener("input", () => this.slide(Number(this.range.value)));
    this.number.addEventListener("change", () => this.slide(Number(this.number.value) * scale(shown())));
    $("#section-flip").addEventListener("click", () => this.flip());
    $("#section-off").addEventListener("click", () => this.section(true));
    $("#hiddenpill").addEventListener("click", () => this.showAll());
  }

  /** Takes up what is kept beside the assembly. */
  async begin() {
    try {
      this.took(await this.b.call("kept"));
    } catch {
      this.kept = []; // views are a help; the Bench goes on without them
    }
  }

  /** @param {any[]} list */
  took(list) {
    this.kept = list;
    this.tints();
  }

  /** Gives parts the colours chosen for them. */
  tints() {
    for (const k of this.kept) if (k.kind === "tint") this.b.stage.tint(k.name, k.data.colour);
  }

  /** @param {string} kind @param {string} name @param {any} data */
  async keep(kind, name, data) {
    try {
      this.took(await this.b.call("kept", { kind, name, data }));
      return true;
    } catch (e) {
      this.b.tell(/** @type {Error} */ (e).message, true);
      return false;
    }
  }

  // what shows

  /** @param {(name: string) => void} run */
  withHand(run) {
    const name = this.b.hand();
    if (name) run(name);
    else this.b.tell("Point at a part, or go to its line, then press the key.");
  }

  hide() {
    this.withHand((name) => {
      const hidden = new Set(this.b.stage.hidden);
      if (!hidden.delete(name)) hidden.add(name);
      this.b.stage.setHidden(hidden);
      this.pill();
    });
  }

  only() {
    this.withHand((name) => {
      const others = (this.b.state()?.components ?? []).map((c) => c.name).filter((n) => n !== name);
      this.b.stage.setHidden(new Set(others));
      this.pill();
    });
  }

  seeThrough() {
    this.withHand((name) => {
      const clear = new Set(this.b.stage.scene.clear);
      if (!clear.delete(name)) clear.add(name);
      this.b.stage.setClear(clear);
      this.pill();
    });
  }

  /** Shows everything again, where it stands. */
  showAll() {
    this.b.stage.setHidden(new Set());
    this.b.stage.setClear(new Set());
    this.away.clear();
    this.draw();
    this.pill();
  }

  /** Always says what does not show as it is. */
  pill() {
    const here = new Set((this.b.state()?.components ?? []).map((c) => c.name));
    /** @type {string[]} */
    const bits = [];
    const count = (/** @type {Set<string>} */ s, /** @type {string} */ word) => {
      const n = [...s].filter((x) => here.has(x)).length;
      if (n) bits.push(`${n} ${word}`);
    };
    count(this.b.stage.hidden, "hidden");
    count(this.b.stage.scene.clear, "see-through");
    count(this.away, "held aside");
    const p = $("#hiddenpill");
    p.hidden = !bits.length;
    p.textContent = `${bits.join(" · ")} · show all`;
  }

  // held aside

  /** Draws a part apart along its own way in, or puts it back; it stays solved. */
  aside() {
    const name = this.b.hand() || this.last();
    const c = this.b.state()?.components.find((x) => x.name === name);
    if (!c?.way) {
      this.b.tell(name ? `${name} has no way in yet: relate it first.` : "Nothing is seated yet.");
      return;
    }
    if (!this.away.delete(name)) this.away.add(name);
    this.draw();
    this.pill();
    if (this.away.has(name)) this.b.tell(`${name} is held aside along its way in; it is still solved in its seat.`);
  }

  /** All parts drawn apart, each along its own way in and with what it sits on, or all back. */
  asideAll() {
    const all = (this.b.state()?.components ?? []).filter((c) => c.way).map((c) => c.name);
    const on = all.some((n) => !this.away.has(n));
    this.away = new Set(on ? all : []);
    this.draw();
    this.pill();
    if (on) this.b.stage.home();
  }

  /** The part seated last. */
  last() {
    return (this.b.state()?.components ?? []).filter((c) => c.way).at(-1)?.name ?? "";
  }

  draw() {
    /** @type {Map<string, Vector3>} */
    const by = new Map();
    const many = this.away.size > 1;
    const of = new Map((this.b.state()?.components ?? []).map((c) => [c.name, c]));
    for (const c of of.values()) {
      if (!this.away.has(c.name) || !c.way) continue;
      const way = new Vector3(...c.way);
      const box = this.b.stage.extentOf(c.name);
      const d = box ? apart * (Math.abs(way.x) * box.x + Math.abs(way.y) * box.y + Math.abs(way.z) * box.z) : 0;
      const at = way.multiplyScalar(d);
      const under = (c.on ?? []).map((/** @type {string} */ n) => by.get(n)).filter(Boolean);
      under.sort((/** @type {Vector3} */ a, /** @type {Vector3} */ b2) => b2.length() - a.length());
      if (many && under.length) at.add(under[0]);
      by.set(c.name, at);
    }
    this.b.stage.holdAside(by);
  }

  // views

  views() {
    const { stage } = this.b;
    const go = (/** @type {number[]} */ v, /** @type {boolean} */ flat) => {
      this.parallel(flat);
      stage.home(new Vector3(...v));
    };
    const row = (/** @type {string} */ words, /** @type {string} */ help, /** @type {string} */ keys, /** @type {() => void} */ run) =>
      ({ words, help, keys, run });
    const list = sides.map(([words, help, v]) => row(words, `view ${help}`, "parallel", () => go(v, words !== "Corner" || this.flat)));
    const along = this.b.picks().map((c) => this.direction(c)).find(Boolean);
    if (along) list.push(row("Along what is picked", "axis normal face", "parallel", () => go(along.normal.toArray(), true)));
    list.push(
      row("Everything", "fit all", "H", () => stage.home()),
      row(this.flat ? "As the eye sees" : "In parallel", "perspective orthographic", "", () => this.parallel(!this.flat)),
      row("Keep this view …", "save named view", "", () => this.keepView()),
    );
    for (const v of this.b.state()?.views ?? []) {
      list.push(row(`View: ${v.name}`, "view of the file", "parallel", () => go(v.look.map((/** @type {number} */ x) => -x), true)));
    }
    for (const k of this.kept.filter((x) => x.kind === "view")) {
      list.push(row(`View: ${k.name}`, "kept view", "", () => this.show(k.data)));
      list.push(row(`Forget the view ${k.name}`, "delete view", "", () => this.keep("view", k.name, null)));
    }
    this.b.palette.open(list);
  }

  /** @param {any} v */
  show(v) {
    this.flat = v.fov < 1;
    this.b.stage.view.restore(v);
  }

  /** @param {boolean} on */
  parallel(on) {
    this.flat = on;
    this.b.stage.view.parallel(on);
  }

  async keepView() {
    const name = await this.b.ask("Name of the view (home is where H leads)", this.kept.some((k) => k.name === "home") ? "" : "home");
    if (name && (await this.keep("view", name, this.b.stage.view.kept()))) this.b.tell(`The view ${name} is kept.`);
  }

  /** The home view, or everything. */
  home() {
    const home = this.kept.find((k) => k.kind === "view" && k.name === "home");
    if (home) this.show(home.data);
    else this.b.stage.home();
  }

  // home position

  async keepHome() {
    /** @type {Record<string, any>} */
    const poses = {};
    for (const c of this.b.state()?.components ?? []) if (!c.grounded) poses[c.name] = c.pose;
    if (await this.keep("home", "position", poses)) this.b.tell("This is the home position now.");
  }

  async goHome() {
    const home = this.kept.find((k) => k.kind === "home")?.data;
    if (!home) {
      this.b.tell("No home position is kept yet: keep one first.");
      return;
    }
    /** @type {Record<string, any>} */
    const poses = {};
    for (const c of this.b.state()?.components ?? []) if (home[c.name] && !c.grounded) poses[c.name] = home[c.name];
    await this.b.act({ do: "move", component: "home", poses, home: true });
  }

  // section

  /**
   * Where a feature leads a section: through its middle, along or square to what it shows.
   * @param {import("../stage/pick.js").Candidate} c
   */
  direction(c) {
    if (!c.s || !c.f.dir) return null;
    const at = c.s.toWorld(c.f.at.clone());
    const normal = c.f.dir.clone().transformDirection(c.s.world);
    return { at, normal, axis: c.f.k !== "plane" };
  }

  /** Cuts through what is picked or under the cursor, or takes the section away. @param {boolean} [off] */
  section(off) {
    if (off || this.sectioned) {
      this.cut(null);
      return;
    }
    const [a, b] = this.b.picks().map((c) => ({ c, d: this.direction(c) })).filter((x) => x.d);
    if (!a?.d) {
      this.b.tell("Point at an axis, a hole or a face, or pick two faces for the middle between them, then cut.");
      return;
    }
    let { at, normal } = a.d;
    let name = what(a.c.f);
    if (b?.d && !a.d.axis && !b.d.axis && normal.clone().cross(b.d.normal).length() < 1e-5) {
      at = at.clone().add(b.d.at).multiplyScalar(0.5);
      name = "the middle of two faces";
    } else if (a.d.axis) { // the plane through the axis that looks most toward the eye
      const eye = this.b.stage.view.camera.position.clone().sub(at);
      const flat = eye.addScaledVector(normal, -eye.dot(normal));
      normal = flat.lengthSq() > 1e-9 ? flat.normalize() : new Vector3(1, 0, 0).cross(normal).normalize();
    }
    this.cut({ at, normal }, `through ${name}${a.c.k ? ` · ${plain(a.c.k.data.name)}` : ""}`);
  }

  /** Cuts at a place along the assembly's axis that the eye looks along most. @param {number[]} at @param {string} words */
  cutFacing(at, words) {
    const { camera, controls } = this.b.stage.view;
    const sight = controls.target.clone().sub(camera.position).toArray();
    const most = [0, 1, 2].reduce((a, b) => (Math.abs(sight[b]) > Math.abs(sight[a]) ? b : a));
    const normal = new Vector3();
    normal.setComponent(most, -Math.sign(sight[most]) || 1);
    this.cut({ at: new Vector3(at[0], at[1], at[2]), normal }, words);
  }

  /** @param {{at: Vector3, normal: Vector3} | null} s @param {string} [words] */
  cut(s, words = "") {
    this.sectioned = s;
    $("#sectionbar").hidden = !s;
    if (s) {
      $("#section-words").textContent = words;
      const r = this.b.stage.scene.extent()?.radius ?? 100;
      this.range.min = String(-2 * r);
      this.range.max = String(2 * r);
      this.range.step = String(r / 400);
      this.slide(0);
      return;
    }
    this.b.stage.section.cut(null);
    this.b.stage.draw();
  }

  /** Moves the section along its direction. @param {number} mm from where it was begun */
  slide(mm) {
    const s = this.sectioned;
    if (!s || !isFinite(mm)) return;
    this.range.value = String(mm);
    this.number.value = trim(Math.round((mm / scale(shown())) * 1000) / 1000);
    this.b.stage.section.cut(s.at.clone().addScaledVector(s.normal, mm), s.normal);
    this.b.stage.draw();
  }

  /** Has the section dragged by what it cuts. @param {HTMLElement} view @param {(e: PointerEvent) => [number, number]} place */
  draggable(view, place) {
    view.addEventListener("pointerdown", (e) => {
      const s = this.sectioned;
      if (!s || e.button !== 0 || e.ctrlKey || e.shiftKey || !this.b.stage.section.shows(...place(e))) return;
      const { controls } = this.b.stage.view;
      const from = Number(this.range.value);
      const [x, y] = [e.clientX, e.clientY];
      const along = this.drawn(s, from);
      controls.enabled = false;
      const move = (/** @type {PointerEvent} */ ev) => this.slide(from + (ev.clientX - x) * along.x + (ev.clientY - y) * along.y);
      const up = () => {
        removeEventListener("pointermove", move);
        removeEventListener("pointerup", up);
        controls.enabled = true;
      };
      addEventListener("pointermove", move);
      addEventListener("pointerup", up);
    }, true);
  }

  /**
   * How far a section goes, in mm, for a pixel to the right and down.
   * @param {{at: Vector3, normal: Vector3}} s @param {number} mm where it is
   */
  drawn(s, mm) {
    const { view } = this.b.stage;
    const at = s.at.clone().addScaledVector(s.normal, mm);
    const size = view.pixel(at);
    const one = view.project(at.clone().addScaledVector(s.normal, size)).sub(view.project(at));
    const long = one.lengthSq();
    // looked at from straight before, it comes nearer as the hand goes down
    return long < 0.05 ? { x: 0, y: size } : { x: (size * one.x) / long, y: (size * one.y) / long };
  }

  flip() {
    if (!this.sectioned) return;
    this.sectioned.normal.negate();
    this.slide(-Number(this.range.value));
  }

  /** Edges behind faces show or not. */
  hiddenEdges() {
    const { scene } = this.b.stage;
    scene.showBehind(!scene.behind);
    this.b.stage.draw();
  }

  // colours

  async colour() {
    const name = this.b.hand();
    if (!name) {
      this.b.tell("Point at a part, or go to its line, then choose its colour.");
      return;
    }
    const rows = Object.entries(tints).map(([words, colour]) => ({
      words, keys: "", help: "colour color", run: () => this.keep("tint", name, { colour }),
    }));
    const back = {
      words: "As it was", keys: "", help: "colour none",
      run: async () => {
        if (await this.keep("tint", name, null)) this.b.stage.tint(name, null);
      },
    };
    this.b.palette.open([...rows, back]);
  }
}

/** Colours for parts: quiet, and apart from those that stand for a state. @type {Record<string, string>} */
const tints = {
  Sand: "#cdb891", Clay: "#b98d75", Moss: "#94a078", Reed: "#7d9c8a", Mist: "#9fb0bf", Dusk: "#8b8fa8",
  Heather: "#a68fa3", Chalk: "#dcd7cc", Stone: "#9a948a", Lead: "#70757a",
};
