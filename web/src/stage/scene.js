// @ts-check
// What stands on the stage. Parts of one shape are drawn together, as instances of it, with materials that all share; what is
// dimmed is drawn apart. The extent is kept and worked out anew only for what moved.
import {
  Box3, BufferGeometry, Color, DoubleSide, GreaterDepth, Group, LineBasicMaterial, LineDashedMaterial, LineSegments,
  Matrix4, MeshLambertMaterial, Quaternion, Sphere, SRGBColorSpace, Vector3,
} from "three";
import { squareTo } from "./axes.js";
import { Batch, tintOf } from "./batch.js";
import { Slices } from "../slices.js";
import { dropShape, takeShape } from "./shape.js";

/**
 * @typedef {import("./shape.js").Shape} Shape
 * @typedef {{origin: number[], quaternion: number[]}} Pose
 * @typedef {{path: string, sha: string, tint: number[], pose: Pose, helpers?: any[]}} ShapeUse
 * @typedef {object} Component as the state has it
 * @property {string} name
 * @property {Pose} pose
 * @property {string} [base]
 * @property {string} [rides] the component that it moves with, being fastened to it
 * @property {boolean} grounded
 * @property {boolean} suppressed
 * @property {number} left
 * @property {ShapeUse[]} shapes
 * @property {{origin: [number, number, number], direction: [number, number, number]}} [round] a plain round part
 */

/** Use is one part that is drawn. */
export class Use {
  /** @param {Placed} comp @param {ShapeUse} s @param {Shape} shape */
  constructor(comp, s, shape) {
    this.comp = comp;
    this.path = s.path;
    this.sha = s.sha;
    this.shape = shape;
    this.tint = new Color().setRGB(s.tint[0] / 255, s.tint[1] / 255, s.tint[2] / 255, SRGBColorSpace);
    const [r, g, b] = shape.color ?? [];
    this.filed = shape.color ? new Color().setRGB(r, g, b, SRGBColorSpace) : null; // the colour it has in its file
    this.own = poseMatrix(s.pose);
    this.world = new Matrix4();
    this.inverse = new Matrix4();
    this.box = new Box3();
    this.center = new Vector3();
    this.radius = 0;
    /** @type {Batch | null} */
    this.batch = null;
    this.at = 0; // place in the batch
    /** @type {Map<string, import("./shape.js").Feature>} features of the part made by hand */
    this.helpers = new Map();
    this.help(s.helpers);
    this.place();
  }

  /** @param {any[] | undefined} list */
  help(list) {
    this.helpers.clear();
    for (const f of list ?? []) {
      const at = new Vector3(...f.o);
      this.helpers.set(f.n, { ...f, at, dir: f.z ? new Vector3(...f.z) : undefined, helper: true });
    }
  }

  /** A feature by name. @param {string} name */
  feature(name) {
    return this.shape.byName.get(name) ?? this.helpers.get(name);
  }

  /** Works out where it stands, from its component and its place in it. */
  place() {
    this.world.multiplyMatrices(this.comp.matrix, this.own);
    this.inverse.copy(this.world).invert();
    this.box.copy(this.shape.box);
    if (!this.box.isEmpty()) {
      this.box.applyMatrix4(this.world);
      this.box.getCenter(this.center);
      this.radius = this.center.distanceTo(this.box.max);
    }
    if (this.batch) this.batch.set(this);
  }

  /** @param {Vector3} p */
  toWorld(p) {
    return p.applyMatrix4(this.world);
  }

  /** @param {Vector3} p */
  toOwn(p) {
    return p.applyMatrix4(this.inverse);
  }
}

/** Placed is a component where it stands on the stage. */
export class Placed {
  /** @param {Component} data */
  constructor(data) {
    this.data = data;
    this.position = new Vector3();
    this.quaternion = new Quaternion();
    this.matrix = new Matrix4();
    this.inverse = new Matrix4();
    /** @type {Use[]} */
    this.uses = [];
    this.visible = true;
    /** @type {Color | null} a colour chosen by hand */
    this.chosen = null;
    this.aside = new Vector3(); // how far it is drawn from where it stands
  }

  /** @param {Vector3} position @param {Quaternion} quaternion */
  stand(position, quaternion) {
    this.position.copy(position);
    this.quaternion.copy(quaternion);
    this.matrix.compose(shownAt.addVectors(position, this.aside), quaternion, one);
    this.inverse.copy(this.matrix).invert();
  }

  /** @param {Vector3} p */
  toWorld(p) {
    return p.applyMatrix4(this.matrix);
  }

  /** @param {Vector3} p */
  toOwn(p) {
    return p.applyMatrix4(this.inverse);
  }
}

/** Witness marks: a stroke on the ends of plain round parts, which else show no turning. */
class Witness {
  constructor() {
    this.lines = new LineSegments(new BufferGeometry(), new LineBasicMaterial({ color: 0 }));
    this.lines.frustumCulled = false;
    /** @type {{u: Use, ends: [Vector3, Vector3][]}[]} */
    this.of = [];
  }

  /** @param {Iterable<Placed>} comps */
  gather(comps) {
    this.of = [];
    for (const k of comps) {
      if (!k.data.round || !k.visible) continue;
      const axis = new Vector3(...k.data.round.direction);
      const side = squareTo(axis);
      for (const u of k.uses) {
        /** @type {Map<string, Vector3>} */
        const ends = new Map();
        for (const f of u.shape.features) {
          if (f.k !== "circle" || f.same || !f.r) continue;
          ends.set(f.at.toArray().map((x) => x.toFixed(3)).join(), f.at.clone().addScaledVector(side, f.r));
        }
        const list = [...ends].map(([at, rim]) => /** @type {[Vector3, Vector3]} */ ([new Vector3(...at.split(",").map(Number)), rim]));
        if (list.length) this.of.push({ u, ends: list });
      }
    }
    this.place();
  }

  /** Puts the strokes where the parts stand. */
  place() {
    const ends = this.of.flatMap(({ u, ends }) => ends.flatMap(([a, b]) => [u.toWorld(a.clone()), u.toWorld(b.clone())]));
    this.lines.geometry.dispose();
    this.lines.geometry = new BufferGeometry().setFromPoints(ends);
    this.lines.visible = ends.length > 0;
  }
}

/** Scene is all components that are drawn. */
export class Scene {
  constructor() {
    this.root = new Group();
    this.witness = new Witness();
    this.root.add(this.witness.lines);
    /** @type {Map<string, Placed>} */
    this.comps = new Map();
    /** @type {Batch[]} */
    this.batches = [];
    /** @type {Batch[]} not drawn yet */
    this.waiting = [];
    this.quiet = false; // drawn in the palette, not in the colours of the files
    /** @type {Set<string>} */
    this.hidden = new Set();
    /** @type {Set<string>} drawn so that what is behind shows */
    this.clear = new Set();
    /** @type {Set<string> | null} */
    this.lit = null;
    const faces = { polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1, side: DoubleSide };
    this.faces = new MeshLambertMaterial(faces);
    this.dimFaces = new MeshLambertMaterial({ ...faces, transparent: true, opacity: 0.18, depthWrite: false });
    this.edges = new LineBasicMaterial({ transparent: true, opacity: 0.75 });
    this.dimEdges = new LineBasicMaterial({ transparent: true, opacity: 0.15 });
    this.dashes = new LineDashedMaterial({ transparent: true, opacity: 0.45, depthFunc: GreaterDepth, depthWrite: false });
    this.behind = false; // edges behind faces are drawn, dashed
    this.moved = true; // the extent is not known
    this.box = new Box3();
    this.ball = new Sphere();
  }

  /** The looks of all parts. */
  looks() {
    return [this.faces, this.dimFaces, this.edges, this.dimEdges, this.dashes, this.witness.lines.material];
  }

  /** Draws the edges behind faces too, or no longer. @param {boolean} on */
  showBehind(on) {
    this.behind = on;
    const ball = this.extent();
    this.dashes.dashSize = (ball?.radius ?? 100) / 60;
    this.dashes.gapSize = this.dashes.dashSize * 0.7;
    this.group();
  }

  /** @param {Use} u */
  tintOf(u) {
    return tintOf(u, this.quiet);
  }

  /** Draws a component some way from where it stands. @param {Placed} k @param {Vector3} by */
  hold(k, by) {
    k.aside.copy(by);
    this.move(k, k.position.clone(), k.quaternion.clone());
  }

  /** @param {string} ink a colour */
  recolor(ink) {
    this.edges.color.set(ink);
    this.dashes.color.set(ink);
    this.witness.lines.material.color.set(ink);
    this.dimEdges.color.set(ink);
  }

  /**
   * Takes components as they are now; only shapes that are new are asked for. It tells which components came.
   * @param {Component[]} components
   */
  async show(components) {
    const wanted = new Map(components.filter((c) => !c.suppressed).map((c) => [c.name, c]));
    const fresh = [];
    for (const c of wanted.values()) {
      const k = this.comps.get(c.name);
      if (!k || shapeKey(k.data) !== shapeKey(c)) fresh.push(c);
    }
    const slices = new Slices();
    const coming = [];
    for (const c of fresh) {
      coming.push(Promise.all(c.shapes.map((s) => takeShape(s.sha))));
      await slices.rest();
    }
    const shapes = await Promise.all(coming);
    const placed = [];
    for (const [i, c] of fresh.entries()) {
      const k = new Placed(c);
      k.stand(place(c.pose), quat(c.pose));
      k.uses = c.shapes.map((s, n) => new Use(k, s, shapes[i][n]));
      placed.push(k);
      await slices.rest();
    }
    for (const [name, k] of this.comps) {
      if (!wanted.has(name)) this.remove(name, k);
    }
    for (const k of placed) {
      const old = this.comps.get(k.data.name);
      if (old) {
        this.remove(k.data.name, old);
        k.chosen = old.chosen;
        this.hold(k, old.aside);
      }
      this.comps.set(k.data.name, k);
    }
    let inner = false;
    for (const [name, k] of this.comps) {
      const c = /** @type {Component} */ (wanted.get(name));
      if (k.data === c) continue;
      k.data = c;
      for (const [n, u] of k.uses.entries()) {
        u.own.copy(poseMatrix(c.shapes[n].pose));
        u.help(c.shapes[n].helpers);
        u.place();
        inner = true;
      }
    }
    if (inner) this.moved = true;
    if (fresh.length || this.stale) this.group();
    return fresh.map((c) => c.name);
  }

  /** @param {string} name @param {Placed} k */
  remove(name, k) {
    this.comps.delete(name);
    for (const u of k.uses) dropShape(u.sha);
    this.stale = true;
  }

  /** Draws parts in the quiet palette, or in the colours of their files. @param {boolean} quiet */
  colour(quiet) {
    this.quiet = quiet;
    for (const b of this.batches) b.colour(quiet);
  }

  /** Sorts what shows into batches: one for each shape, and one for what is dimmed of it. */
  group() {
    this.stale = false;
    this.moved = true;
    for (const b of this.batches) {
      this.root.remove(...b.drawn);
      b.dispose();
    }
    /** @type {Map<string, Use[]>} */
    const sorted = new Map();
    for (const [name, k] of this.comps) {
      k.visible = !this.hidden.has(name);
      const dim = (this.lit !== null && !this.lit.has(name)) || this.clear.has(name);
      for (const u of k.uses) {
        u.batch = null;
        if (!k.visible) continue;
        const key = (dim ? "dim " : "") + u.sha;
        const list = sorted.get(key);
        if (list) list.push(u);
        else sorted.set(key, [u]);
      }
    }
    this.batches = [];
    this.waiting = [];
    for (const [key, uses] of sorted) {
      const dim = key.startsWith("dim ");
      const [faces, edges] = dim ? [this.dimFaces, this.dimEdges] : [this.faces, this.edges];
      const b = new Batch(uses[0].shape, uses, faces, edges, this.quiet, this.behind && !dim ? this.dashes : null);
      this.batches.push(b);
      if (!uses[0].shape.drawn) this.waiting.push(b);
      this.root.add(...b.drawn);
    }
    this.witness.gather(this.comps.values());
  }

  /** @param {Placed} k @param {Vector3} position @param {Quaternion} quaternion */
  move(k, position, quaternion) {
    k.stand(position, quaternion);
    for (const u of k.uses) u.place();
    this.moved = true;
  }

  /**
   * Takes what is fastened to components along, as they are about to be moved, but for what has a place of its own among them.
   * @param {string[]} names of those that are moved @returns {() => void} to be called once they are
   */
  riders(names) {
    const told = new Set(names);
    /** @type {{k: Placed, base: Placed, own: Matrix4}[]} */
    const along = [];
    for (const k of this.comps.values()) {
      const base = k.data.rides && !told.has(k.data.name) && told.has(k.data.rides) && this.comps.get(k.data.rides);
      if (base) along.push({ k, base, own: base.inverse.clone().multiply(k.matrix) });
    }
    return () => {
      const o = new Vector3();
      const q = new Quaternion();
      for (const { k, base, own } of along) {
        base.matrix.clone().multiply(own).decompose(o, q, new Vector3());
        this.move(k, o, q);
      }
    };
  }

  /** Puts one part elsewhere in its component, given where it stands. @param {Use} u @param {Matrix4} world */
  moveInside(u, world) {
    u.own.multiplyMatrices(u.comp.inverse, world);
    u.place();
    this.moved = true;
  }

  /** Where many shapes are new to the renderer, it leaves only the next of them to be drawn and says so; else all are. */
  some() {
    const next = new Set(this.waiting.splice(0, atOnce));
    const more = this.waiting.length > 0;
    for (const b of next) b.uses[0].shape.drawn = true;
    for (const b of this.batches) b.show(!more || next.has(b));
    return more;
  }

  /** Hands what moved to the renderer; it tells whether anything did. */
  flush() {
    let any = false;
    for (const b of this.batches) {
      if (!b.dirty) continue;
      b.dirty = false;
      if (!any) this.witness.place();
      any = true;
      b.mesh.instanceMatrix.needsUpdate = true;
    }
    return any;
  }

  /** The uses that show. */
  *visible() {
    for (const k of this.comps.values()) {
      if (k.visible) yield* k.uses;
    }
  }

  /** The ball around all that shows; null where nothing does. */
  extent() {
    if (this.moved) {
      this.moved = false;
      this.box.makeEmpty();
      for (const u of this.visible()) this.box.union(u.box);
      this.box.getBoundingSphere(this.ball);
    }
    return this.box.isEmpty() ? null : this.ball;
  }

  /** A component's extent where it stands now, or that of what lies under a path inside it. @param {Placed} k @param {string} path */
  boxOf(k, path = "") {
    const box = new Box3();
    for (const u of k.uses) {
      if (u.path.startsWith(path)) box.union(u.box);
    }
    return box;
  }

  /** The corners of what shows. */
  corners() {
    const out = [];
    for (const u of this.visible()) {
      const b = u.shape.box;
      if (b.isEmpty()) continue;
      for (let i = 0; i < 8; i++) {
        out.push(u.toWorld(new Vector3(i & 1 ? b.max.x : b.min.x, i & 2 ? b.max.y : b.min.y, i & 4 ? b.max.z : b.min.z)));
      }
    }
    return out;
  }

  /** A component by name, or the use it lies in. @param {string} name */
  holding(name) {
    return this.comps.get(name) || this.comps.get(name.split("/")[0]);
  }
}

const atOnce = 30; // shapes new to the renderer in one picture
const one = new Vector3(1, 1, 1);
const shownAt = new Vector3();

/** What a component's shapes are, as a key. @param {Component} c */
const shapeKey = (c) => c.shapes.map((s) => s.sha + s.path).join();

/** @param {Pose} p */
export const quat = (p) => new Quaternion(p.quaternion[1], p.quaternion[2], p.quaternion[3], p.quaternion[0]);

/** @param {Pose} p */
export const place = (p) => new Vector3(p.origin[0], p.origin[1], p.origin[2]);

/** @param {Pose} p */
export const poseMatrix = (p) => new Matrix4().compose(place(p), quat(p), one);
