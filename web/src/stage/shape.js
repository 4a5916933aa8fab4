// @ts-check
// A part's derived data as the server sends it: a JSON head, then plain numbers in the counts it states. Each shape is asked for
// once, however many parts have it, and let go when none has it any more.
import { slotEnd } from "./feature.js";
import { Box3, BufferAttribute, BufferGeometry, Sphere, Vector3 } from "three";
import { MeshBVH } from "three-mesh-bvh";
import { scale, shown, trim } from "../units.js";

/**
 * @typedef {object} Feature a feature of a part, in its own frame
 * @property {string} n name
 * @property {string} k kind
 * @property {string} label
 * @property {string} [hint] tells it from others like it
 * @property {boolean} [seam] no edge of the shape: neither drawn nor picked
 * @property {string} [same] the first of several names for one hole or rim
 * @property {number[]} o origin
 * @property {number[]} [z] direction
 * @property {number} [r] radius
 * @property {string} [side] of a cylinder: hole or shaft
 * @property {number[][]} [ends]
 * @property {number} face
 * @property {number} edge
 * @property {number} vertex
 * @property {Vector3} at
 * @property {Vector3} [dir]
 * @property {boolean} [built] every part has it
 * @property {boolean} [helper] made by hand, and kept with the part
 */

/** @type {Map<string, {users: number, shape: Promise<Shape>}>} */
const known = new Map();

/** How many shapes are held now. */
export const held = () => known.size;

/**
 * Takes a shape for one more user; whoever takes it drops it.
 * @param {string} sha
 * @returns {Promise<Shape>}
 */
export function takeShape(sha) {
  let k = known.get(sha);
  if (!k) {
    k = { users: 0, shape: fetchShape(sha) };
    known.set(sha, k);
    k.shape.catch(() => known.delete(sha));
  }
  k.users++;
  return k.shape;
}

/** Drops a shape for one user; with the last one its memory goes. @param {string} sha */
export function dropShape(sha) {
  const k = known.get(sha);
  if (!k || --k.users > 0) return;
  known.delete(sha);
  k.shape.then((s) => s.dispose(), () => {});
}

/** @param {string} sha */
async function fetchShape(sha) {
  const r = await fetch(`/shape/${sha}`);
  if (!r.ok) throw new Error("a part's shape could not be fetched");
  return new Shape(sha, await r.arrayBuffer());
}

const builtIn = [
  { n: "origin", k: "frame", label: "origin" },
  { n: "xy", k: "plane", label: "xy plane", z: [0, 0, 1] },
  { n: "yz", k: "plane", label: "yz plane", z: [1, 0, 0] },
  { n: "zx", k: "plane", label: "zx plane", z: [0, 1, 0] },
  { n: "x", k: "axis", label: "x axis", z: [1, 0, 0] },
  { n: "y", k: "axis", label: "y axis", z: [0, 1, 0] },
  { n: "z", k: "axis", label: "z axis", z: [0, 0, 1] },
];

/** Poles of a ball in the part's own frame: along an axis, or facing a plane. */
const poles = [
  ["top pole", "z"], ["bottom pole", "xy"], ["right pole", "x"], ["left pole", "yz"], ["back pole", "y"], ["front pole", "zx"],
];

/** Diameters are named in the unit of the project. @template {{label: string}} F @param {F[]} features */
function inUnits(features) {
  if (shown() === "mm") return features;
  for (const f of features) {
    f.label = f.label.replace(/Ø(\d+(?:\.\d+)?)/, (_, mm) => "Ø" + trim(Number(mm) / scale(shown())));
  }
  return features;
}

/** Shape is what is drawn and picked of a part. */
export class Shape {
  /** @param {string} sha @param {ArrayBuffer} buf */
  constructor(sha, buf) {
    this.sha = sha;
    const n = new DataView(buf).getUint32(0, true);
    const head = JSON.parse(new TextDecoder().decode(new Uint8Array(buf, 4, n)));
    let at = 4 + n;
    const floats = (/** @type {number} */ count) => {
      const a = new Float32Array(buf, at, count);
      at += 4 * count;
      return a;
    };
    const whole = (/** @type {number} */ count) => {
      const a = new Uint32Array(buf, at, count);
      at += 4 * count;
      return a;
    };
    const c = head.counts;
    const positions = floats(c.positions);
    const normals = floats(c.normals);
    this.lines = floats(c.lines);
    this.indices = whole(c.indices);
    this.faceEnds = whole(c.face_ends);
    this.lineEnds = whole(c.line_ends);
    /** @type {number[] | undefined} of the file, red, green and blue from 0 to 1 */
    this.color = head.color;
    /** @type {Feature[]} */
    this.features = inUnits(head.features);
    this.geometry = new BufferGeometry();
    this.geometry.setAttribute("position", new BufferAttribute(positions, 3));
    this.geometry.setAttribute("normal", new BufferAttribute(normals, 3));
    this.geometry.setIndex(new BufferAttribute(this.indices, 1));
    this.box = new Box3();
    this.geometry.computeBoundingBox();
    if (this.geometry.boundingBox && this.indices.length) this.box.copy(this.geometry.boundingBox);
    else this.box.setFromArray(this.lines); // of a part that is features alone, drawn as lines
    this.geometry.boundingSphere = this.box.getBoundingSphere(new Sphere());
    this.drawn = false; // the renderer does not have it yet
    /** Edges that are none: where a round face closes. @type {Set<number>} */
    this.seams = new Set(this.features.filter((f) => f.seam && f.edge >= 0).map((f) => f.edge));
    this.edges = new BufferGeometry();
    this.edges.setAttribute("position", new BufferAttribute(this.segments(), 3));
    this.edges.boundingSphere = this.geometry.boundingSphere;
    /** @type {MeshBVH | null | undefined} */
    this.bvh = undefined;
    /** @type {Map<number, Feature>} */
    this.byFace = new Map();
    /** @type {{f: Feature, from: number, to: number, c: Vector3, r: number}[]} */
    this.edgeList = [];
    /** @type {Map<string, Feature>} */
    this.byName = new Map();
    /** Other names of what is one to the hand, by the first. @type {Map<string, Feature[]>} */
    this.twins = new Map();
    /** @type {Feature[]} */
    this.points = [];
    /** Holes, each once, that one may look into. @type {Feature[]} */
    this.holes = [];
    this.index();
  }

  /** The search tree over the triangles, made when it is first wanted; they keep the order they came in. */
  get tree() {
    if (this.bvh === undefined) this.bvh = this.indices.length ? new MeshBVH(this.geometry, { indirect: true }) : null;
    return this.bvh;
  }

  /** Edges as pairs of points. */
  segments() {
    const out = new Float32Array(6 * Math.max(0, this.lines.length / 3 - this.lineEnds.length));
    let to = 0;
    let start = 0;
    for (const [k, end] of this.lineEnds.entries()) {
      for (let i = start + 1; i < end && !this.seams.has(k); i++) {
        for (const at of [i - 1, i]) {
          for (let q = 0; q < 3; q++) out[to++] = this.lines[3 * at + q];
        }
      }
      start = end;
    }
    return out.subarray(0, to);
  }

  /** Finds features by face, edge and name, and a ball around each edge, for picking. */
  index() {
    for (const f of this.features) {
      this.byName.set(f.n, f);
      f.at = new Vector3(f.o[0], f.o[1], f.o[2]);
      if (f.z) f.dir = new Vector3(f.z[0], f.z[1], f.z[2]);
      const one = (f.same && this.byName.get(f.same)) || f; // the halves of a hole are one to the hand
      if (one !== f) this.twins.set(one.n, [...(this.twins.get(one.n) ?? []), f]);
      if (f.face >= 0) this.byFace.set(f.face, one);
      if (f.edge >= 0 && !f.seam) this.edgeList.push({ ...this.ball(f), f: one });
      if (f.k === "cylinder" && f.side === "hole" && f.ends && one === f) this.holes.push(f);
      if (f.vertex >= 0 && !f.seam) this.points.push(f);
    }
    for (const b of builtIn) {
      /** @type {Feature} */
      const f = { ...b, o: [0, 0, 0], at: new Vector3(), face: -1, edge: -1, vertex: -1, built: true };
      if (b.z) f.dir = new Vector3(b.z[0], b.z[1], b.z[2]);
      this.byName.set(f.n, f);
    }
  }

  /** @param {Feature} f */
  ball(f) {
    const [from, to] = this.lineRange(f.edge);
    const box = new Box3();
    const p = new Vector3();
    for (let i = from; i < to; i++) box.expandByPoint(p.fromArray(this.lines, 3 * i));
    const c = box.getCenter(new Vector3());
    return { f, from, to, c, r: box.isEmpty() ? 0 : c.distanceTo(box.max) };
  }

  /** The face that a triangle belongs to. @param {number} triangle */
  faceOf(triangle) {
    let lo = 0;
    let hi = this.faceEnds.length - 1;
    while (lo < hi) {
      const mid = (lo + hi) >> 1;
      if (3 * triangle < this.faceEnds[mid]) hi = mid;
      else lo = mid + 1;
    }
    return lo;
  }

  /** @param {number} i @returns {[number, number]} */
  faceRange(i) {
    return [i ? this.faceEnds[i - 1] : 0, this.faceEnds[i]];
  }

  /** @param {number} i @returns {[number, number]} */
  lineRange(i) {
    return [i ? this.lineEnds[i - 1] : 0, this.lineEnds[i]];
  }

  /**
   * What can be meant by a feature: itself in the middle, and what stands at its ends.
   * @param {Feature} f
   * @returns {{f: Feature, where: string, make?: string[], as?: string}[]} with make: a point, or what as says, that would be made of these
   */
  anchors(f) {
    /** @type {{f: Feature, where: string, make?: string[], as?: string}[]} */
    const out = [{ f, where: f.k === "cylinder" || f.ends ? "middle" : "" }];
    for (const [i, e] of (f.ends ?? []).entries()) {
      const p = new Vector3(e[0], e[1], e[2]);
      const near = 1e-4 * (1 + p.length());
      const g = this.features.find((g) => {
        const rim = f.k === "cylinder" && g.k === "circle" && Math.abs((g.r ?? 0) - (f.r ?? 0)) < near;
        const corner = f.k === "axis" && g.vertex >= 0;
        return (rim || corner) && g.at.distanceTo(p) < near;
      });
      if (g) out.push({ f: g, where: i ? "far end" : "near end" });
    }
    if (f.k === "plane" && f.face >= 0) out.push({ f, where: "centre", make: [f.n] });
    if (f.k === "axis" && f.edge >= 0) out.push({ f, where: "mid-edge", make: [f.n] });
    if (f.k === "cylinder" && out.length === 3) out.push({ f, where: "middle point", make: [out[1].f.n, out[2].f.n] });
    if (f.k === "sphere") for (const [where, along] of poles) out.push({ f, where, make: [f.n, along] });
    const other = slotEnd(f, this.features);
    if (other) out.push({ f, where: "middle of the slot", make: [f.n, other.n], as: "axis" });
    return out;
  }

  dispose() {
    this.geometry.dispose();
    this.edges.dispose();
    this.bvh = undefined;
  }
}
