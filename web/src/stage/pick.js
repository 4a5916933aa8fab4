// @ts-check
// What lies under the cursor. Parts far from the line of sight are passed over by their balls, edges by theirs; what is left is
// looked at closely, in the part's own frame. Nothing is allocated for what is passed over.
import { DoubleSide, Matrix4, Ray, Raycaster, Vector3 } from "three";
import { refOf, wants } from "./feature.js";

/**
 * @typedef {import("./scene.js").Use} Use
 * @typedef {import("./scene.js").Placed} Placed
 * @typedef {import("./shape.js").Feature} Feature
 * @typedef {object} Candidate a feature that can be picked
 * @property {Placed | null} k
 * @property {Use | null} s
 * @property {Feature} f
 * @property {string} ref
 * @property {string} [where]
 * @property {string} [end]
 * @property {object} [make] the helper that it would be
 */

// how near to the cursor, in pixels, an edge or a point is meant
const near = 9;
const mostCandidates = 24;
const small = 16; // px: a rim of less radius comes before corners close by

export class Picker {
  /**
   * @param {import("./scene.js").Scene} scene @param {import("./view.js").View} view @param {import("./section.js").Section} section
   */
  constructor(scene, view, section) {
    this.section = section;
    this.scene = scene;
    this.view = view;
    this.caster = new Raycaster();
    this.own = new Ray();
    this.screen = new Matrix4();
    this.p = new Vector3();
    this.q = new Vector3();
    this.tight = false; // a small rim is close to the cursor: no corner comes before it
  }

  /** @param {number} x @param {number} y */
  aim(x, y) {
    this.caster.setFromCamera(this.view.spot(x, y), this.view.camera);
    return this.caster.ray;
  }

  /** The uses whose ball the line of sight meets or passes within some pixels, with the distance it passes at. @param {number} pixels */
  *along(pixels) {
    const ray = this.caster.ray;
    for (const u of this.scene.visible()) {
      if (u.radius === 0) continue;
      const d = Math.sqrt(ray.distanceSqToPoint(u.center));
      if (d <= u.radius + (pixels ? this.view.pixel(u.center) * pixels : 0)) yield u;
    }
  }

  /** Triangles that the line of sight goes through, the nearest first. @param {Use[]} uses */
  hits(uses) {
    /** @type {{u: Use, distance: number, face: number}[]} */
    const out = [];
    for (const u of uses) {
      const tree = u.shape.tree;
      if (!tree) continue;
      this.own.copy(this.caster.ray).applyMatrix4(u.inverse);
      for (const h of tree.raycast(this.own, DoubleSide)) {
        if (this.section.plane && this.section.hides(this.caster.ray.at(h.distance, this.p))) continue;
        out.push({ u, distance: h.distance, face: u.shape.faceOf(h.faceIndex ?? 0) });
      }
    }
    return out.sort((a, b) => a.distance - b.distance);
  }

  /**
   * What can be picked at a place, best first: what is nearest to the eye, corners and rims close by, then what lies behind.
   * @param {number} x @param {number} y @param {string} filter
   * @returns {Candidate[]}
   */
  candidates(x, y, filter) {
    this.aim(x, y);
    const uses = [...this.along(near)];
    const hits = this.hits(uses);
    const front = hits.length ? hits[0].distance : Infinity;
    /** @type {(Candidate & {score: number})[]} */
    const out = [];
    /** @type {Map<string, {score: number}>} */
    const seen = new Map();
    this.tight = false;
    /** @param {Use} u @param {Feature} f @param {number} score */
    const add = (u, f, score) => {
      const ref = refOf(u, f);
      const had = seen.get(ref);
      if (had) had.score = Math.min(had.score, score);
      if (had || !wants(filter, f)) return;
      const c = { k: u.comp, s: u, f, ref, score };
      seen.set(ref, c);
      out.push(c);
    };
    for (const u of uses) {
      this.edges(u, x, y, front, add);
      this.openings(u, front, add);
    }
    for (const u of uses) this.points(u, x, y, front, add);
    for (const [i, h] of hits.entries()) {
      const f = h.u.shape.byFace.get(h.face);
      if (f) add(h.u, f, i === 0 ? 0 : 50 + i);
    }
    out.sort((a, b) => a.score - b.score);
    return out.slice(0, mostCandidates);
  }

  /** Whether a place is not behind what is nearest. @param {Vector3} p @param {number} front @param {number} slack */
  seen(p, front, slack) {
    return !this.section.hides(p) && this.view.camera.position.distanceTo(p) <= front * (1 + 1e-3) + slack;
  }

  /**
   * Edges of a part close to the cursor.
   * @param {Use} u @param {number} x @param {number} y @param {number} front @param {(u: Use, f: Feature, score: number) => void} add
   */
  edges(u, x, y, front, add) {
    const pixel = this.view.pixel(u.center);
    this.own.copy(this.caster.ray).applyMatrix4(u.inverse);
    this.screen.multiplyMatrices(this.view.camera.projectionMatrix, this.view.camera.matrixWorldInverse).multiply(u.world);
    const reach = (near + 1) * pixel * 1.5;
    for (const e of u.shape.edgeList) {
      if (this.own.distanceSqToPoint(e.c) > (e.r + reach) ** 2) continue;
      const best = this.nearest(u.shape.lines, e.from, e.to, x, y);
      if (best > near) continue;
      const p = u.toWorld(this.p.clone());
      const visible = this.seen(p, front, u.radius * 0.02 + this.view.pixel(p) * 3);
      if (visible && e.f.k === "circle" && (e.f.r ?? 0) < small * this.view.pixel(p)) this.tight = true;
      add(u, e.f, visible ? (best < 5 ? -10 + best : 2 + best) : 300 + best);
    }
  }

  /**
   * Holes that the line of sight goes into: a hole answers anywhere inside its rim, though nothing of it is there.
   * @param {Use} u @param {number} front @param {(u: Use, f: Feature, score: number) => void} add
   */
  openings(u, front, add) {
    if (!u.shape.holes.length) return;
    const ray = this.own.copy(this.caster.ray).applyMatrix4(u.inverse); // in the part's own frame, where its holes are
    for (const f of u.shape.holes) {
      const n = /** @type {Vector3} */ (f.dir);
      const slope = ray.direction.dot(n);
      if (Math.abs(slope) < 0.05) continue; // seen from the side
      for (const [i, end] of (f.ends ?? []).entries()) {
        const c = this.p.fromArray(end);
        const d = (c.dot(n) - ray.origin.dot(n)) / slope;
        if (d <= 0 || d > front * (1 + 1e-6) || ray.at(d, this.q).distanceTo(c) > (f.r ?? 0)) continue;
        if (this.section.plane && this.section.hides(u.toWorld(this.q))) continue;
        const rim = u.shape.anchors(f).find((a) => a.where === (i ? "far end" : "near end"));
        if (rim) add(u, rim.f, -4);
        add(u, f, -3);
      }
    }
  }

  /**
   * How near a polyline comes to the cursor, in pixels; p is then the place on it, in the part.
   * @param {Float32Array} lines @param {number} from @param {number} to @param {number} x @param {number} y
   */
  nearest(lines, from, to, x, y) {
    const m = this.screen.elements;
    const w = this.view.width / 2;
    const h = this.view.height / 2;
    let best = Infinity;
    let px = 0;
    let py = 0;
    for (let i = from; i < to; i++) {
      const a = lines[3 * i];
      const b = lines[3 * i + 1];
      const c = lines[3 * i + 2];
      const q = 1 / (m[3] * a + m[7] * b + m[11] * c + m[15]);
      const sx = ((m[0] * a + m[4] * b + m[8] * c + m[12]) * q + 1) * w;
      const sy = (1 - (m[1] * a + m[5] * b + m[9] * c + m[13]) * q) * h;
      if (i > from) {
        const dx = sx - px;
        const dy = sy - py;
        const l = dx * dx + dy * dy;
        const t = l ? Math.max(0, Math.min(1, ((x - px) * dx + (y - py) * dy) / l)) : 0;
        const d = Math.hypot(x - px - t * dx, y - py - t * dy);
        if (d < best) {
          best = d;
          this.p.set(
            lines[3 * i - 3] + t * (a - lines[3 * i - 3]),
            lines[3 * i - 2] + t * (b - lines[3 * i - 2]),
            lines[3 * i - 1] + t * (c - lines[3 * i - 1]),
          );
        }
      }
      px = sx;
      py = sy;
    }
    return best;
  }

  /**
   * Corners and middles of a part close to the cursor.
   * @param {Use} u @param {number} x @param {number} y @param {number} front @param {(u: Use, f: Feature, score: number) => void} add
   */
  points(u, x, y, front, add) {
    const pixel = this.view.pixel(u.center) * 1.5;
    this.own.copy(this.caster.ray).applyMatrix4(u.inverse);
    for (const f of u.helpers.values()) { // drawn over everything, so that nothing hides them
      const q = this.view.project(u.toWorld(f.at.clone()));
      const d = Math.hypot(q.x - x, q.y - y);
      if (d < near) add(u, f, -25 + d);
    }
    for (const f of u.shape.points) {
      if (this.own.distanceSqToPoint(f.at) > ((near + 1) * pixel) ** 2) continue;
      const p = u.toWorld(f.at.clone());
      const q = this.view.project(p);
      const d = Math.hypot(q.x - x, q.y - y);
      if (d < near) add(u, f, this.seen(p, front, this.view.pixel(p) * 3) ? (d < 5 && !this.tight ? -20 + d : 20 + d) : 400 + d);
    }
  }

  /** The part under a place, and where on it. @param {number} x @param {number} y */
  partAt(x, y) {
    const ray = this.aim(x, y);
    const hit = this.hits([...this.along(0)])[0];
    if (!hit) return null;
    const k = hit.u.comp;
    const inner = hit.u.path.replace(/\/$/, "");
    // of a subassembly that moves in itself, the part; of a rigid one, the whole
    const whole = k.data.base === undefined;
    return { k, at: ray.at(hit.distance, new Vector3()), name: whole ? k.data.name : `${k.data.name}/${inner}`, frame: whole ? k : hit.u };
  }

  /** Where the cursor points in the plane through a point that faces the eye. @param {number} x @param {number} y @param {Vector3} p */
  across(x, y, p) {
    const ray = this.aim(x, y);
    const n = this.view.camera.getWorldDirection(new Vector3());
    return ray.origin.clone().addScaledVector(ray.direction, p.clone().sub(ray.origin).dot(n) / ray.direction.dot(n));
  }
}
