// @ts-check
// Live: an assembly in the core's worker, to be pulled about.

export class Live {
  constructor() {
    this.worker = new Worker("/static/dist/core-worker.js", { type: "module" });
    /** @type {Map<number, {done: (v: any) => void, failed: (e: Error) => void}>} */
    this.waiting = new Map();
    this.next = 1;
    /** @type {string[]} */
    this.names = [];
    /** @type {boolean[]} */
    this.movable = [];
    /** @type {{joint: string, of: string, angular: boolean}[]} of all joints; their numbers come behind the poses */
    this.coordinates = [];
    this.worker.onmessage = ({ data }) => {
      const w = this.waiting.get(data.id);
      this.waiting.delete(data.id);
      if (data.error) w?.failed(new Error(data.error));
      else w?.done(data);
    };
    this.worker.onerror = (e) => {
      for (const w of this.waiting.values()) w.failed(new Error(e.message || "the core could not be started"));
      this.waiting.clear();
    };
    this.loaded = this.ask("load", { url: "/static/dist/core.wasm" });
  }

  /** @param {string} task @param {object} more @returns {Promise<any>} */
  ask(task, more) {
    const id = this.next++;
    return new Promise((done, failed) => {
      this.waiting.set(id, { done, failed });
      this.worker.postMessage({ task, id, ...more });
    });
  }

  /** Opens an assembly document and solves it. @param {string} document @returns {Promise<Float64Array>} poses, see Live.pull */
  async open(document) {
    await this.loaded;
    const { names, coordinates, movable, poses } = await this.ask("open", { document });
    this.names = names;
    this.coordinates = coordinates;
    this.movable = movable;
    return poses;
  }

  /**
   * Takes hold of a component at a point of its own frame, in mm. What can slide keeps its direction unless it is to turn.
   * @param {string} name @param {number[]} point @param {boolean} turning
   */
  grab(name, point, turning) {
    return this.ask("grab", { index: this.names.indexOf(name), point, turning });
  }

  /**
   * Draws the point held toward a target in the assembly's frame. Gives how far off it stays in mm, how long it took, and
   * seven numbers for each component: origin x y z, quaternion w x y z, then the coordinates.
   * @param {number[]} to @returns {Promise<{left: number, ms: number, poses: Float64Array}>}
   */
  pull(to) {
    return this.ask("pull", { to });
  }

  close() {
    this.worker.terminate();
  }
}
