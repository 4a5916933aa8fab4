// @ts-check
// Arrows and rings at the part in hand, to drag it along or about an axis.
import {
  ConeGeometry, CylinderGeometry, Group, Matrix4, Mesh, MeshBasicMaterial, Plane, Quaternion, TorusGeometry, Vector3,
} from "three";
import { squareTo } from "./axes.js";
import { css, empty } from "./marks.js";

const reach = 74; // px: how long an arrow is drawn
const near = 11; // px

export class Handles {
  /** @param {import("./view.js").View} view @param {import("./pick.js").Picker} picker */
  constructor(view, picker) {
    this.view = view;
    this.picker = picker;
    this.group = new Group();
    /** @type {Vector3} */
    this.at = new Vector3();
    /** @type {Vector3[]} */
    this.axes = [];
    this.size = 1;
  }

  /** Draws them at a place; no axes, none. @param {Vector3 | null} at @param {Vector3[]} axes */
  show(at, axes) {
    empty(this.group);
    this.axes = at ? axes : [];
    if (!at) return;
    this.at.copy(at);
    this.size = this.view.pixel(at) * reach;
    const look = new MeshBasicMaterial({ color: css("--slate"), depthTest: false, transparent: true, opacity: 0.85 });
    for (const a of axes) {
      const along = new Quaternion().setFromUnitVectors(new Vector3(0, 1, 0), a);
      const s = this.size;
      const shaft = new Mesh(new CylinderGeometry(s * 0.012, s * 0.012, s, 8), look);
      const tip = new Mesh(new ConeGeometry(s * 0.05, s * 0.16, 14), look);
      const ring = new Mesh(new TorusGeometry(s * 0.62, s * 0.012, 6, 48), look);
      shaft.position.copy(at).addScaledVector(a, s / 2);
      tip.position.copy(at).addScaledVector(a, s);
      ring.position.copy(at);
      for (const m of [shaft, tip]) m.quaternion.copy(along);
      ring.quaternion.setFromUnitVectors(new Vector3(0, 0, 1), a);
      for (const m of [shaft, tip, ring]) {
        m.renderOrder = 9;
        this.group.add(m);
      }
    }
  }

  /** Where the letter of an axis stands. @param {number} i */
  tip(i) {
    return this.at.clone().addScaledVector(this.axes[i] ?? new Vector3(), this.size * 1.14);
  }

  /** The handle at a place on the screen, and how far along or about its axis that is. @param {number} x @param {number} y */
  find(x, y) {
    let best = null;
    let least = near;
    for (const [axis, a] of this.axes.entries()) {
      for (let k = 4; k <= 11; k++) {
        const d = this.off(this.at.clone().addScaledVector(a, (this.size * k) / 10), x, y);
        if (d < least) {
          least = d;
          best = { axis, turn: false };
        }
      }
      const [u, v] = this.square(a);
      for (let k = 0; k < 48; k++) {
        const t = (k * Math.PI) / 24;
        const p = this.at.clone().addScaledVector(u, Math.cos(t) * this.size * 0.62).addScaledVector(v, Math.sin(t) * this.size * 0.62);
        const d = this.off(p, x, y);
        if (d < least - 2) { // an arrow is meant where both are near
          least = d;
          best = { axis, turn: true };
        }
      }
    }
    const at = best && this.along(best.axis, best.turn, x, y);
    return best && at !== null ? { ...best, at } : null;
  }

  /** @param {Vector3} p @param {number} x @param {number} y */
  off(p, x, y) {
    const q = this.view.project(p);
    return Math.hypot(q.x - x, q.y - y);
  }

  /** Two directions square to an axis. @param {Vector3} a @returns {[Vector3, Vector3]} */
  square(a) {
    const u = squareTo(a);
    return [u, new Vector3().crossVectors(a, u)];
  }

  /**
   * Where the pointer is along an axis in mm, or about it in degrees.
   * @param {number} axis @param {boolean} turn @param {number} x @param {number} y
   */
  along(axis, turn, x, y) {
    const a = this.axes[axis];
    const ray = this.picker.aim(x, y);
    if (turn) {
      const hit = ray.intersectPlane(new Plane().setFromNormalAndCoplanarPoint(a, this.at), new Vector3());
      if (!hit) return null;
      const [u, v] = this.square(a);
      const d = hit.sub(this.at);
      return (Math.atan2(d.dot(v), d.dot(u)) * 180) / Math.PI;
    }
    // the point of the axis that is nearest to the line of sight
    const w = this.at.clone().sub(ray.origin);
    const b = a.dot(ray.direction);
    const den = 1 - b * b;
    return den < 1e-6 ? null : (b * ray.direction.dot(w) - a.dot(w)) / den;
  }

  /** What a drag does to places. @param {number} axis @param {boolean} turn @param {number} amount */
  motion(axis, turn, amount) {
    const a = this.axes[axis];
    if (!turn) return new Matrix4().makeTranslation(a.clone().multiplyScalar(amount));
    const q = new Matrix4().makeRotationAxis(a, (amount * Math.PI) / 180);
    const to = new Matrix4().makeTranslation(this.at);
    return to.multiply(q).multiply(new Matrix4().makeTranslation(this.at.clone().negate()));
  }
}
