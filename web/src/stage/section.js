// @ts-check
// A section: what lies before a plane is left out, and where the plane goes through parts it is capped and hatched, each part its own way.
import {
  BufferGeometry, Color, DoubleSide, Group, LineBasicMaterial, LineSegments, Mesh, MeshBasicMaterial, Plane, Raycaster, ShapeUtils,
  Vector2, Vector3,
} from "three";
import { squareTo } from "./axes.js";
import { empty } from "./marks.js";

/** @typedef {import("./scene.js").Use} Use */

const angles = [45, 135, 20, 110, 70, 160]; // degrees of hatching, by part
const hatches = 70; // lines across all that shows
const sameSpot = 1e-4; // of a part's size: ends of a cut that are one

export class Section {
  /** @param {import("./scene.js").Scene} scene @param {import("./view.js").View} view */
  constructor(scene, view) {
    this.scene = scene;
    this.view = view;
    this.group = new Group();
    /** @type {Plane | null} in the assembly's frame; what it looks at stays */
    this.plane = null;
    this.stale = false;
    /** @type {Map<string, MeshBasicMaterial>} */
    this.fills = new Map();
    this.lines = new LineBasicMaterial({ color: 0 });
  }

  /** Cuts at a place, looking along a direction; nothing takes the section away. @param {Vector3 | null} at @param {Vector3} [normal] */
  cut(at, normal) {
    this.plane = at && normal ? new Plane().setFromNormalAndCoplanarPoint(normal.clone().normalize().negate(), at) : null;
    const planes = this.plane ? [this.plane] : [];
    this.view.gl.localClippingEnabled = !!this.plane;
    for (const m of this.scene.looks()) {
      m.clippingPlanes = planes;
      m.needsUpdate = true;
    }
    this.stale = true;
  }

  /** Whether a place is cut away. @param {Vector3} p */
  hides(p) {
    return !!this.plane && this.plane.distanceToPoint(p) < -1e-6;
  }

  /** Whether what is cut shows at a place of the picture. @param {number} x @param {number} y */
  shows(x, y) {
    if (!this.plane) return false;
    const ray = new Raycaster();
    ray.setFromCamera(this.view.spot(x, y), this.view.camera);
    return ray.intersectObjects(this.group.children.filter((o) => o instanceof Mesh)).length > 0;
  }

  /** Makes the caps anew, if anything moved. @param {string} ink */
  flush(ink) {
    if (!this.stale) return;
    this.stale = false;
    empty(this.group);
    const { plane } = this;
    const ball = this.scene.extent();
    if (!plane || !ball) return;
    this.lines.color.set(ink);
    const pitch = (2 * ball.radius) / hatches;
    let n = 0;
    for (const u of this.scene.visible()) {
      if (!u.shape.geometry || Math.abs(plane.distanceToPoint(u.center)) > u.radius) continue;
      const loops = cutLoops(u, plane);
      if (loops.length) this.cap(u, loops, plane, angles[n++ % angles.length], pitch);
    }
  }

  /** @param {Use} u @param {Vector3[][]} loops in the assembly's frame @param {Plane} plane @param {number} angle @param {number} pitch */
  cap(u, loops, plane, angle, pitch) {
    const x = squareTo(plane.normal);
    const y = new Vector3().crossVectors(plane.normal, x);
    const flat = loops.map((l) => l.map((p) => new Vector2(p.dot(x), p.dot(y))));
    const at = plane.normal.clone().multiplyScalar(-plane.constant + pitch * 1e-3); // a hair inside what stays, so that it is seen
    const up = (/** @type {number} */ a, /** @type {number} */ b) => at.clone().addScaledVector(x, a).addScaledVector(y, b);
    const tris = [];
    for (const [contour, ...holes] of nested(flat)) {
      const all = [contour, ...holes].flat();
      for (const t of ShapeUtils.triangulateShape(contour, holes)) tris.push(...t.map((i) => up(all[i].x, all[i].y)));
    }
    if (tris.length) {
      const mesh = new Mesh(new BufferGeometry().setFromPoints(tris), this.fill(u));
      mesh.renderOrder = 2;
      this.group.add(mesh);
    }
    const ends = hatch(flat, (angle * Math.PI) / 180, pitch).map(([a, b]) => up(a, b));
    for (const l of flat) l.forEach((p, i) => ends.push(up(p.x, p.y), up(l[(i + 1) % l.length].x, l[(i + 1) % l.length].y)));
    const lines = new LineSegments(new BufferGeometry().setFromPoints(ends), this.lines);
    lines.renderOrder = 3;
    this.group.add(lines);
  }

  /** @param {Use} u */
  fill(u) {
    const c = this.scene.tintOf(u).clone().lerp(new Color(0xffffff), 0.25);
    const key = c.getHexString();
    let m = this.fills.get(key);
    if (!m) {
      m = new MeshBasicMaterial({ color: c, side: DoubleSide, polygonOffset: true, polygonOffsetFactor: 1, polygonOffsetUnits: 1 });
      this.fills.set(key, m);
    }
    return m;
  }
}

/** Where a plane goes through a part: closed lines, in the assembly's frame. @param {Use} u @param {Plane} plane @returns {Vector3[][]} */
function cutLoops(u, plane) {
  const own = plane.clone().applyMatrix4(u.inverse);
  const pos = u.shape.geometry.getAttribute("position").array;
  const index = u.shape.indices;
  const { normal: n, constant: c } = own;
  const d = new Float64Array(pos.length / 3);
  const nudge = u.radius * 1e-7; // no corner lies just in the plane
  for (let i = 0; i < d.length; i++) d[i] = (n.x * pos[3 * i] + n.y * pos[3 * i + 1] + n.z * pos[3 * i + 2] + c) || nudge;
  const grain = u.radius * sameSpot;
  const keyOf = (/** @type {Vector3} */ p) => `${Math.round(p.x / grain)},${Math.round(p.y / grain)},${Math.round(p.z / grain)}`;
  const cross = (/** @type {number} */ a, /** @type {number} */ b) => {
    const t = d[a] / (d[a] - d[b]);
    const at = (/** @type {number} */ k) => pos[3 * a + k] + t * (pos[3 * b + k] - pos[3 * a + k]);
    return new Vector3(at(0), at(1), at(2));
  };
  /** @type {Map<string, {p: Vector3, to: string[]}>} */
  const spots = new Map();
  const spot = (/** @type {Vector3} */ p) => {
    const key = keyOf(p);
    if (!spots.has(key)) spots.set(key, { p, to: [] });
    return key;
  };
  for (let i = 0; i + 2 < index.length; i += 3) {
    const t = [index[i], index[i + 1], index[i + 2]];
    const ends = [];
    for (let k = 0; k < 3; k++) {
      const a = t[k];
      const b = t[(k + 1) % 3];
      if (d[a] < 0 !== d[b] < 0) ends.push(spot(cross(a, b)));
    }
    if (ends.length !== 2 || ends[0] === ends[1]) continue;
    spots.get(ends[0])?.to.push(ends[1]);
    spots.get(ends[1])?.to.push(ends[0]);
  }
  return chained(spots).map((l) => l.map((p) => u.toWorld(p.clone())));
}

/** @param {Map<string, {p: Vector3, to: string[]}>} spots */
function chained(spots) {
  const loops = [];
  for (const first of spots.keys()) {
    /** @type {Vector3[]} */
    const loop = [];
    let at = first;
    for (;;) {
      const s = spots.get(at);
      const next = s?.to.shift();
      if (!s || next === undefined) break;
      const back = spots.get(next)?.to;
      if (back) back.splice(back.indexOf(at), 1);
      loop.push(s.p);
      at = next;
      if (at === first) break;
    }
    if (loop.length > 2) loops.push(loop);
  }
  return loops;
}

/** Sorts closed lines into outlines, each with the holes in it. @param {Vector2[][]} loops @returns {Vector2[][][]} */
export function nested(loops) {
  const depth = loops.map((l, i) => loops.filter((o, k) => k !== i && inside(l[0], o)).length);
  /** @type {Vector2[][][]} */
  const out = [];
  const at = new Map();
  for (const [i, l] of loops.entries()) {
    if (depth[i] % 2) continue;
    at.set(i, out.length);
    out.push([ShapeUtils.isClockWise(l) ? [...l].reverse() : l]);
  }
  for (const [i, l] of loops.entries()) {
    if (depth[i] % 2 === 0) continue;
    const of = loops.findIndex((o, k) => depth[k] === depth[i] - 1 && inside(l[0], o));
    if (of >= 0) out[at.get(of)].push(ShapeUtils.isClockWise(l) ? l : [...l].reverse());
  }
  return out;
}

/** @param {Vector2} p @param {Vector2[]} loop */
function inside(p, loop) {
  let is = false;
  for (let i = 0, k = loop.length - 1; i < loop.length; k = i++) {
    const a = loop[i];
    const b = loop[k];
    if (a.y > p.y !== b.y > p.y && p.x < ((b.x - a.x) * (p.y - a.y)) / (b.y - a.y) + a.x) is = !is;
  }
  return is;
}

/** Lines across what closed lines enclose: ends, two by two. @param {Vector2[][]} loops @param {number} angle @param {number} pitch */
export function hatch(loops, angle, pitch) {
  const c = Math.cos(angle);
  const s = Math.sin(angle);
  const turned = loops.map((l) => l.map((p) => [p.x * c + p.y * s, p.y * c - p.x * s]));
  let lo = Infinity;
  let hi = -Infinity;
  for (const l of turned) {
    for (const p of l) {
      lo = Math.min(lo, p[1]);
      hi = Math.max(hi, p[1]);
    }
  }
  /** @type {[number, number][]} */
  const out = [];
  for (let y = (Math.floor(lo / pitch) + 0.5) * pitch; y < hi; y += pitch) {
    const xs = [];
    for (const l of turned) {
      for (let i = 0, k = l.length - 1; i < l.length; k = i++) {
        if (l[i][1] > y !== l[k][1] > y) xs.push(l[k][0] + ((y - l[k][1]) / (l[i][1] - l[k][1])) * (l[i][0] - l[k][0]));
      }
    }
    xs.sort((a, b) => a - b);
    for (let i = 0; i + 1 < xs.length; i += 2) {
      for (const x of [xs[i], xs[i + 1]]) out.push([x * c - y * s, x * s + y * c]);
    }
  }
  return out;
}

