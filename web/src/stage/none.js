// @ts-check
// NoStage stands in where the browser cannot draw: features are still found by name, and everything else goes on.
import { findIn } from "./stage.js";
import { takeShape } from "./shape.js";

export class NoStage {
  constructor() {
    /** @type {Map<string, any>} */
    this.comps = new Map();
    /** @type {Set<string>} */
    this.hidden = new Set();
    this.showFreedoms = false;
    this.previewing = false;
    this.view = { controls: { enabled: false }, turn() {}, nearer() {} };
  }

  /** @param {{components: any[]}} state */
  async show(state) {
    this.comps = new Map();
    for (const c of state.components) {
      if (c.suppressed) continue;
      const k = { data: c, uses: /** @type {any[]} */ ([]) };
      k.uses = await Promise.all(c.shapes.map(async (/** @type {any} */ s) => ({ comp: k, path: s.path, shape: await takeShape(s.sha) })));
      this.comps.set(c.name, k);
    }
  }

  /** @param {string} ref */
  find(ref) {
    return findIn(this.comps, ref);
  }

  /** @param {Set<string>} names */
  setHidden(names) {
    this.hidden = names;
  }

  goTo() {}
  light() {}
  setPicked() {}
  setHover() {}
  home() {}
  draw() {}
  freedoms() {}

  colours() {}
  candidates() {
    return [];
  }

  partAt() {
    return null;
  }

  async swing() {}
}
