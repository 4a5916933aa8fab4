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
    const view = { eye: [0, 0, 0], at: [0, 0, 0], fov: 28 };
    this.view = { controls: { enabled: false }, turn() {}, nearer() {}, parallel() {}, restore() {}, kept: () => view };
    this.scene = { clear: new Set(), edges: {}, extent: () => null };
    this.section = { cut() {}, plane: null };
    this.origins = { on: false };
  }

  /** @param {{components: any[]}} state */
  async show(state) {
    this.comps = new Map();
    for (const c of state.components) {
      if (c.suppressed) continue;
      const k = { data: c, uses: /** @type {any[]} */ ([]) };
      k.uses = await Promise.all(c.shapes.map((/** @type {any} */ s) => use(k, s)));
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

  /** @param {Set<string>} names */
  setClear(names) {
    this.scene.clear = names;
  }

  holdAside() {}
  showGhosts() {}
  tint() {}
  showHandles() {}
  tryHandle() {}
  handleAt() {
    return null;
  }

  alongHandle() {
    return null;
  }

  extentOf() {
    return null;
  }

  goTo() {}
  light() {}

  places() {}

  picture() {
    return "";
  }
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

/** One part that would be drawn. @param {any} comp @param {any} s */
async function use(comp, s) {
  const shape = await takeShape(s.sha);
  const helpers = new Map((s.helpers ?? []).map((/** @type {any} */ f) => [f.n, { ...f, helper: true }]));
  return { comp, path: s.path, shape, helpers, feature: (/** @type {string} */ n) => shape.byName.get(n) ?? helpers.get(n) };
}
