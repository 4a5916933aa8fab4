// @ts-check
// The stage joins what is drawn: the parts (scene), the eye (view), what is under the cursor (pick), and what is drawn over the parts
// (marks, labels).
import { Color, Group, Matrix4, Quaternion, Vector3 } from "three";
import { Labels } from "./labels.js";
import { css, dashed, empty, Freedoms, Outline } from "./marks.js";
import { Ghosts } from "./ghosts.js";
import { Handles } from "./handles.js";
import { Origins } from "./origins.js";
import { Picker } from "./pick.js";
import { place, quat, Scene } from "./scene.js";
import { Section } from "./section.js";
import { Slices } from "../slices.js";
import { View } from "./view.js";

/**
 * @typedef {import("./pick.js").Candidate} Candidate
 * @typedef {import("./scene.js").Pose} Pose
 * @typedef {import("./marks.js").Motion} Motion
 */

/** What stands beside what is picked. @type {Record<string, string>} */
const pickWords = { put: "put this", hole: "screw", after: "as here", put_too: "and this", on_too: "and this", about: "about this" };

const calm = matchMedia("(prefers-reduced-motion: reduce)");
const pictureRoom = 0.9; // of a part's size: what its small picture shows on either side
const glide = 260; // ms
const swing = 2200;

export class Stage {
  /** @param {HTMLElement} box @param {HTMLElement} labels */
  constructor(box, labels) {
    this.scene = new Scene();
    this.view = new View(box, () => this.scene.extent(), () => this.flush(), () => this.labels.place());
    this.labels = new Labels(labels, this.view);
    this.section = new Section(this.scene, this.view);
    this.origins = new Origins(this.scene, this.view);
    this.picker = new Picker(this.scene, this.view, this.section);
    this.handles = new Handles(this.view, this.picker);
    /** @type {Map<string, {o: Vector3, q: Quaternion}>} where parts stood before they were dragged by a handle */
    this.before = new Map();
    this.hover = new Outline(this.view);
    this.picked = new Outline(this.view);
    this.marks = new Freedoms(this.scene, this.labels);
    this.hand = new Group();
    this.ghosts = new Ghosts();
    const { world } = this.view;
    world.add(this.scene.root, this.marks.group, this.picked.group, this.hand);
    world.add(this.section.group, this.handles.group, this.origins.lines, this.ghosts.group);
    this.view.overlay.add(this.hover.group);
    this.scene.recolor(css("--ink"));
    this.showFreedoms = true;
    this.previewing = false;
    /** @type {Motion[]} */
    this.motions = [];
    /** @type {{c: Candidate, role: string}[]} */
    this.pickList = [];
    this.gliding = 0;
    addEventListener("themechange", () => {
      this.scene.recolor(css("--ink"));
      this.freedoms();
      this.draw();
    });
  }

  /** Hands what moved to the renderer, and cuts anew where there is a section; it tells whether not all is there to be drawn. */
  flush() {
    if (this.scene.some()) return true;
    if (this.scene.flush()) this.section.stale = true;
    this.section.flush(css("--ink"));
    this.origins.flush(css("--ink"));
    return false;
  }

  /**
   * Draws arrows and rings at a part; no name, none.
   * @param {string | null} name @param {boolean} [own] along its own axes @param {boolean} [origin] turning about the assembly's origin
   */
  showHandles(name, own, origin) {
    const k = name ? this.comps.get(name) : null;
    const unit = [new Vector3(1, 0, 0), new Vector3(0, 1, 0), new Vector3(0, 0, 1)];
    if (own && k) for (const a of unit) a.applyQuaternion(k.quaternion);
    this.handles.show(k ? (origin ? new Vector3() : k.position) : null, unit);
    this.labels.clear("handle");
    if (k) for (const i of [0, 1, 2]) this.labels.add("handle", "xyz"[i], () => this.handles.tip(i), "put");
    this.draw();
  }

  /** @param {number} x @param {number} y */
  handleAt(x, y) {
    return this.handles.find(x, y);
  }

  /** @param {number} axis @param {boolean} turn @param {number} x @param {number} y */
  alongHandle(axis, turn, x, y) {
    return this.handles.along(axis, turn, x, y);
  }

  /** Shows parts where a drag would put them. @param {string[]} names @param {number} axis @param {boolean} turn @param {number} amount */
  tryHandle(names, axis, turn, amount) {
    const m = this.handles.motion(axis, turn, amount);
    for (const n of names) {
      const k = this.comps.get(n);
      if (!k) continue;
      this.before.set(n, this.before.get(n) ?? { o: k.position.clone(), q: k.quaternion.clone() });
      const was = /** @type {{o: Vector3, q: Quaternion}} */ (this.before.get(n));
      const q = new Quaternion().setFromRotationMatrix(m).multiply(was.q);
      this.scene.move(k, was.o.clone().applyMatrix4(m), q);
    }
    this.draw();
  }

  /** Draws components some way from where they stand. @param {Map<string, Vector3>} by */
  holdAside(by) {
    for (const [name, k] of this.comps) {
      const to = by.get(name) ?? new Vector3();
      if (k.aside.distanceTo(to) > 1e-9) this.scene.hold(k, to);
    }
    this.refreshPicked();
    this.freedoms();
    this.draw();
  }

  /** Lets what is behind some components show through them. @param {Set<string>} names */
  setClear(names) {
    this.scene.clear = names;
    this.scene.group();
    this.section.stale = true;
    this.draw();
  }

  /** @param {string} name @param {string | null} colour */
  tint(name, colour) {
    const k = this.comps.get(name);
    if (!k) return;
    k.chosen = colour ? new Color(colour) : null;
    this.scene.colour(this.scene.quiet);
    this.draw();
  }

  get comps() {
    return this.scene.comps;
  }

  get hidden() {
    return this.scene.hidden;
  }

  /** Goes between the colours of the files and the quiet palette. */
  colours() {
    this.scene.colour(!this.scene.quiet);
    this.draw();
  }

  draw() {
    this.view.draw();
  }

  /** Shows a state. @param {{components: any[], motions: Motion[]}} state @param {boolean} keepView */
  async show(state, keepView) {
    const fresh = await this.scene.show(state.components);
    await new Slices().later();
    this.motions = state.motions;
    this.goTo(new Map(state.components.map((c) => [c.name, c.pose])));
    if (!keepView && fresh.length) this.home();
    this.draw();
  }

  /** Shows everything. @param {Vector3} [from] the side it is seen from */
  home(from) {
    const over = /** @type {HTMLElement | null} */ (document.querySelector("#sentence")); // as high as it is now, drawn so or not yet
    const grown = over ? over.offsetHeight - (parseFloat(getComputedStyle(over).minHeight) || 0) : 0;
    const high = document.querySelector("#stage")?.clientHeight || 1;
    this.view.home(this.scene.corners(), from, Math.min(0.7, Math.max(0, grown) / high));
  }

  /** How large a component is along the assembly's axes. @param {string} name */
  extentOf(name) {
    const k = this.comps.get(name);
    return k ? this.scene.boxOf(k).getSize(new Vector3()) : null;
  }

  /** Moves components to poses, gliding there. @param {Map<string, Pose>} poses */
  goTo(poses) {
    cancelAnimationFrame(this.gliding);
    this.before.clear();
    /** @type {[import("./scene.js").Placed, Vector3, Quaternion, Vector3, Quaternion][]} */
    const ways = [];
    for (const [name, p] of poses) {
      const k = this.comps.get(name);
      if (!k) continue;
      const o = place(p);
      const q = quat(p);
      if (k.position.distanceTo(o) < 1e-9 && Math.abs(k.quaternion.dot(q)) > 1 - 1e-12) continue;
      ways.push([k, k.position.clone(), k.quaternion.clone(), o, q]);
    }
    if (!ways.length) {
      this.freedoms();
      return;
    }
    const start = performance.now();
    const span = calm.matches ? 0 : glide;
    const o = new Vector3();
    const q = new Quaternion();
    const step = (/** @type {number} */ now) => {
      const t = span ? Math.min(1, (now - start) / span) : 1;
      const e = t * t * (3 - 2 * t);
      for (const [k, o0, q0, o1, q1] of ways) this.scene.move(k, o.lerpVectors(o0, o1, e), q.slerpQuaternions(q0, q1, e));
      if (t < 1) this.gliding = requestAnimationFrame(step);
      else this.freedoms();
      this.refreshPicked();
      this.draw();
    };
    step(start);
  }

  /** Marks places of the assembly by a word. @param {{at: number[], text: string, kind: string}[]} list */
  places(list) {
    this.labels.clear("place");
    for (const m of list) {
      const at = new Vector3().fromArray(m.at);
      this.labels.add("place", m.text, () => at, m.kind);
    }
    this.draw();
  }

  /**
   * A small picture of a component at a pose, seen as now, all else standing.
   * @param {string} name @param {Pose} pose @param {number} w @param {number} h
   */
  picture(name, pose, w, h) {
    const k = this.comps.get(name);
    if (!k) return "";
    const [o, q] = [k.position.clone(), k.quaternion.clone()];
    this.scene.move(k, place(pose), quat(pose));
    const small = document.createElement("canvas");
    [small.width, small.height] = [w, h];
    const box = this.scene.boxOf(k);
    this.view.into(small, box.getCenter(new Vector3()), box.getSize(new Vector3()).length() * pictureRoom);
    this.scene.move(k, o, q);
    this.draw();
    return small.toDataURL();
  }

  /** Plays solved poses there and back. @param {string[]} names @param {Pose[][]} poses */
  swing(names, poses) {
    cancelAnimationFrame(this.gliding);
    const mid = (poses.length - 1) / 2;
    const start = performance.now();
    const span = calm.matches ? 0 : swing;
    this.labels.clear("motion");
    return new Promise((ready) => {
      const step = (/** @type {number} */ now) => {
        const t = span ? Math.min(1, (now - start) / span) : 1;
        const x = Math.max(0, Math.min(poses.length - 1, mid + mid * Math.sin(t * 2 * Math.PI) * (1 - 0.12 * t)));
        const i = Math.min(Math.floor(x), poses.length - 1);
        this.between(names, poses[i], poses[Math.min(i + 1, poses.length - 1)], x - i);
        this.draw();
        if (t < 1) this.gliding = requestAnimationFrame(step);
        else ready(undefined);
      };
      this.gliding = requestAnimationFrame(step);
    });
  }

  /** @param {string[]} names @param {Pose[]} from @param {Pose[]} to @param {number} f */
  between(names, from, to, f) {
    for (const [c, n] of names.entries()) {
      const k = this.comps.get(n);
      if (k && from[c]) this.scene.move(k, place(from[c]).lerp(place(to[c]), f), quat(from[c]).slerp(quat(to[c]), f));
    }
  }

  /** @param {Set<string>} names */
  setHidden(names) {
    this.scene.hidden = names;
    this.scene.group();
    this.section.stale = true;
    this.freedoms();
    this.draw();
  }

  /** Makes some components stand out and the others recede; none brings all back. @param {string[] | null} names */
  light(names) {
    if (!names && !this.scene.lit) return;
    this.scene.lit = names && new Set(names);
    this.scene.group();
    this.draw();
  }

  /** @param {number} x @param {number} y @param {string} filter */
  candidates(x, y, filter) {
    return this.picker.candidates(x, y, filter);
  }

  /** @param {number} x @param {number} y */
  partAt(x, y) {
    return this.picker.partAt(x, y);
  }

  /** A part by the core's name for it: what moves with it, and its middle. @param {string} name */
  part(name) {
    const k = this.scene.holding(name);
    if (!k || !k.visible) return null;
    const rest = this.comps.has(name) ? "" : name.split("/").slice(1).join("/");
    const inner = rest === "" || rest === k.data.base ? "" : rest + "/";
    const u = k.uses.find((x) => x.path.startsWith(inner));
    return u ? { frame: inner ? u : k, middle: this.scene.boxOf(k, inner).getCenter(new Vector3()) } : null;
  }

  /**
   * Sets components where they are at once, from seven numbers each, and draws a line from the hand to its target.
   * @param {string[]} names @param {Float64Array} poses @param {Vector3[] | null} hand
   */
  put(names, poses, hand) {
    cancelAnimationFrame(this.gliding);
    this.marks.clear();
    empty(this.hand);
    const o = new Vector3();
    const q = new Quaternion();
    const inner = [];
    const along = this.scene.riders(names);
    for (const [i, n] of names.entries()) {
      const p = poses.subarray(7 * i, 7 * i + 7);
      o.set(p[0], p[1], p[2]);
      q.set(p[4], p[5], p[6], p[3]);
      const k = this.scene.holding(n);
      if (!k) continue;
      const rest = this.comps.has(n) ? "" : n.split("/").slice(1).join("/");
      if (rest === "" || rest === k.data.base) this.scene.move(k, o, q);
      else inner.push({ k, path: rest + "/", m: new Matrix4().compose(o, q, new Vector3(1, 1, 1)) });
    }
    for (const { k, path, m } of inner) {
      for (const u of k.uses) {
        if (u.path === path) this.scene.moveInside(u, m);
      }
    }
    along();
    if (hand) {
      const l = dashed(hand, css("--slate"), this.view.pixel(hand[0]) * 6, this.view.pixel(hand[0]) * 4);
      l.renderOrder = 8;
      this.hand.add(l);
    }
    this.refreshPicked();
    this.draw();
  }

  /** Finds a feature by its reference. @param {string} ref @returns {Candidate | null} */
  find(ref) {
    return findIn(this.comps, ref);
  }

  /** A place on the feature itself: on the line of an edge, not its middle. @param {Candidate} c */
  spot(c) {
    const u = /** @type {import("./scene.js").Use} */ (c.s);
    const p = c.f.at.clone();
    if (c.f.edge >= 0) {
      const [a, b] = u.shape.lineRange(c.f.edge);
      const i = a + Math.floor((b - a) * 0.6);
      if (i < b) p.fromArray(u.shape.lines, 3 * i);
    }
    return u.toWorld(p);
  }

  /** @param {Candidate | null} c */
  setHover(c) {
    this.hover.clear();
    this.hover.draw(c, "hover");
    this.view.drawOver();
  }

  /** @param {{c: Candidate, role: string}[]} list */
  setPicked(list) {
    this.pickList = list;
    this.refreshPicked();
    this.draw();
  }

  refreshPicked() {
    this.picked.clear();
    this.labels.clear("pick");
    for (const { c, role } of this.pickList) {
      const u = c?.s;
      if (!u) continue;
      this.picked.draw(c, role);
      this.labels.add("pick", pickWords[role] ?? "on this", () => u.toWorld(c.f.at.clone()), role);
    }
  }

  /** Draws parts where they would come to be; none, no more. @param {{of: string, pose: any}[]} list */
  showGhosts(list) {
    this.ghosts.show(this.comps, list, css("--ink"));
    this.draw();
  }

  /** Draws what is left, unless a preview shows. */
  freedoms() {
    empty(this.hand);
    if (this.showFreedoms && !this.previewing) this.marks.draw(this.motions);
    else this.marks.clear();
  }
}

/**
 * Finds a feature by its reference among components.
 * @param {Map<string, any>} comps @param {string} ref @returns {Candidate | null}
 */
export function findIn(comps, ref) {
  const parts = ref.split("/");
  const name = /** @type {string} */ (parts.pop());
  if (parts[0] === "@") {
    const kinds = /** @type {Record<string, string>} */ ({ xy: "plane", yz: "plane", zx: "plane", origin: "frame" });
    const f = { n: name, k: kinds[name] || "axis", label: name, o: [0, 0, 0], at: new Vector3(), face: -1, edge: -1, vertex: -1 };
    return { k: null, s: null, f, ref };
  }
  const k = comps.get(parts[0]);
  const path = parts.slice(1).map((p) => p + "/").join("");
  const s = k?.uses.find((/** @type {any} */ u) => u.path === path);
  const f = s?.feature(name);
  return f ? { k, s, f, ref } : null;
}
