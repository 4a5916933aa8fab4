// @ts-check
// Marks of origins: three short strokes where a part, and the assembly, has its own frame; the longest is z, the next y.
import { BufferGeometry, LineBasicMaterial, LineSegments, Vector3 } from "three";

const strokes = [20, 27, 36]; // px along x, y and z

export class Origins {
  /** @param {import("./scene.js").Scene} scene @param {import("./view.js").View} view */
  constructor(scene, view) {
    this.scene = scene;
    this.view = view;
    this.on = false;
    const look = new LineBasicMaterial({ color: 0, depthTest: false, transparent: true, opacity: 0.8 });
    this.lines = new LineSegments(new BufferGeometry(), look);
    this.lines.frustumCulled = false;
    this.lines.renderOrder = 7;
    this.lines.visible = false;
  }

  /** Draws them where things stand, as large on the screen from near and far. @param {string} ink */
  flush(ink) {
    this.lines.visible = this.on;
    if (!this.on) return;
    this.lines.material.color.set(ink);
    /** @type {Vector3[]} */
    const ends = [];
    const mark = (/** @type {Vector3} */ at, /** @type {(d: Vector3) => Vector3} */ turn) => {
      const px = this.view.pixel(at);
      for (const [i, n] of strokes.entries()) ends.push(at, at.clone().addScaledVector(turn(new Vector3().setComponent(i, 1)), n * px));
    };
    mark(new Vector3(), (d) => d);
    for (const k of this.scene.comps.values()) {
      if (k.visible) mark(new Vector3().setFromMatrixPosition(k.matrix), (d) => d.applyQuaternion(k.quaternion));
    }
    this.lines.geometry.dispose();
    this.lines.geometry = new BufferGeometry().setFromPoints(ends);
  }
}
