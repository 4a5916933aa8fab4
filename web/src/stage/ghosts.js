// @ts-check
// Parts where they would come to be: their edges alone, dashed.
import { Group, LineDashedMaterial, LineSegments } from "three";
import { poseMatrix } from "./scene.js";

export class Ghosts {
  constructor() {
    this.group = new Group();
    this.look = new LineDashedMaterial({ color: 0, dashSize: 3, gapSize: 2, transparent: true, opacity: 0.75 });
  }

  /**
   * @param {Map<string, import("./scene.js").Placed>} comps @param {{of: string, pose: import("./scene.js").Pose}[]} list
   * @param {string} ink
   */
  show(comps, list, ink) {
    this.group.clear();
    this.look.color.set(ink);
    for (const { of, pose } of list) {
      for (const u of comps.get(of)?.uses ?? []) {
        const lines = new LineSegments(u.shape.edges, this.look);
        if (!u.shape.edges.getAttribute("lineDistance")) lines.computeLineDistances();
        lines.matrixAutoUpdate = false;
        lines.matrix.multiplyMatrices(poseMatrix(pose), u.own);
        this.group.add(lines);
      }
    }
  }
}
