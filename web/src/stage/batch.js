// @ts-check
// Parts of one shape that look alike, drawn together as instances of it.
import { InstancedBufferAttribute, InstancedMesh, LineSegments, Sphere } from "three";

/**
 * @typedef {import("./shape.js").Shape} Shape
 * @typedef {import("./scene.js").Use} Use
 */

/** InstancedLines draws edges as instances; the renderer knows instances by a flag and their matrices. */
class InstancedLines extends LineSegments {
  /** @param {import("three").BufferGeometry} geometry @param {import("three").Material} material @param {InstancedMesh} mesh */
  constructor(geometry, material, mesh) {
    super(geometry, material);
    this.isInstancedMesh = true;
    this.instanceMatrix = mesh.instanceMatrix;
    /** @type {import("three").InstancedBufferAttribute | null} */
    this.instanceColor = null;
    /** @type {import("three").DataTexture | null} */
    this.morphTexture = null;
    this.count = 0;
    this.frustumCulled = false;
  }
}

/** Batch is all uses of one shape that look alike. */
export class Batch {
  /**
   * @param {Shape} shape @param {Use[]} uses @param {import("three").Material} faces @param {import("three").Material} edges
   * @param {boolean} quiet @param {import("three").Material | null} behind of edges behind faces, where they are drawn
   */
  constructor(shape, uses, faces, edges, quiet, behind) {
    this.uses = uses;
    const room = uses.length;
    this.mesh = new InstancedMesh(shape.geometry, faces, room);
    this.mesh.frustumCulled = false;
    this.mesh.instanceColor = new InstancedBufferAttribute(new Float32Array(3 * room), 3);
    this.lines = new InstancedLines(shape.edges, edges, this.mesh);
    this.lines.count = room;
    if (behind) {
      if (!shape.edges.getAttribute("lineDistance")) this.lines.computeLineDistances();
      this.behind = new InstancedLines(shape.edges, behind, this.mesh);
      this.behind.count = room;
    }
    this.mesh.boundingSphere = new Sphere(uses[0].center, uses[0].radius); // sorts what is drawn; a true one is not wanted
    this.dirty = true;
    for (const [i, u] of uses.entries()) {
      u.batch = this;
      u.at = i;
      this.set(u);
    }
    this.colour(quiet);
  }

  /** @param {boolean} quiet whether parts are drawn in the quiet palette, whatever colours they have */
  colour(quiet) {
    for (const u of this.uses) this.mesh.setColorAt(u.at, tintOf(u, quiet));
    if (this.mesh.instanceColor) this.mesh.instanceColor.needsUpdate = true;
  }

  /** @param {Use} u */
  set(u) {
    this.mesh.setMatrixAt(u.at, u.world);
    this.dirty = true;
  }

  /** What is drawn of it. */
  get drawn() {
    return this.behind ? [this.mesh, this.lines, this.behind] : [this.mesh, this.lines];
  }

  /** @param {boolean} on */
  show(on) {
    for (const o of this.drawn) o.visible = on;
  }

  dispose() {
    this.mesh.dispose();
  }
}

/** The colour of a part: chosen by hand, or its file's, or of the quiet palette. @param {Use} u @param {boolean} quiet */
export const tintOf = (u, quiet) => u.comp.chosen ?? (quiet ? u.tint : (u.filed ?? u.tint));
