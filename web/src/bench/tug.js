// @ts-check
// Tug: parts pulled about by hand within the freedoms they have; the core in the worker keeps the relations.
import { Live } from "../core.js";
import { scale, shown } from "../units.js";
import { plain } from "./words.js";

/**
 * @typedef {import("three").Vector3} Vector3
 * @typedef {object} Held what is held, and where
 * @property {string} name
 * @property {{toWorld: (p: Vector3) => Vector3, toOwn: (p: Vector3) => Vector3}} frame
 * @property {Vector3} own where on the part
 * @property {Vector3} at
 * @property {boolean} moved
 * @property {boolean} [keys] held without a mouse
 */

const nudge = 14; // pixels
const mostRead = 3; // coordinates told while pulling
const shortBy = 4; // pixels that a pull may stay behind before it is told

export class Tug {
  /**
   * @param {object} bench
   * @param {string} bench.asm @param {any} bench.stage @param {HTMLElement} bench.view
   * @param {(text: string, bad?: boolean) => void} bench.tell @param {(text: string) => void} bench.says
   * @param {(name: string | null) => void} bench.light @param {() => void} bench.restore @param {(on: boolean) => void} bench.shown
   * @param {(name: string, poses: object) => Promise<boolean>} bench.park @param {() => import("./state.js").State} bench.state
   */
  constructor(bench) {
    this.b = bench;
    this.on = false;
    /** @type {number | null} */
    this.seq = null; // the state that the core has open
    /** @type {Live | null} */
    this.live = null;
    /** @type {Held | null} */
    this.held = null;
    /** @type {Vector3 | null} */
    this.want = null;
    this.busy = false;
    this.turning = false; // while Shift is held, a pull may turn what it could slide
    /** @type {Float64Array | null} the coordinates when the pull began */
    this.began = null;
    /** @type {{poses: Float64Array} | null} */
    this.last = null;
    this.by = "";
  }

  async toggle(on = !this.on) {
    this.on = on;
    this.b.view.classList.toggle("tug", on);
    this.b.shown(on);
    if (on) await this.ready();
    else this.letGo(false);
  }

  /** Opens the assembly as it is now. */
  async ready() {
    const seq = this.b.state().seq;
    if (this.seq === seq) return;
    try {
      this.live ??= new Live();
      const r = await fetch(`/a/${this.b.asm}/bare`);
      if (!r.ok) throw new Error("the assembly could not be fetched");
      const poses = await this.live.open(await r.text());
      this.last = { poses };
      this.seq = seq;
    } catch (e) {
      this.live?.close();
      this.live = null;
      this.seq = null;
      this.b.tell(`Parts cannot be pulled about here: ${/** @type {Error} */ (e).message}`, true);
      if (this.on) this.toggle(false);
    }
  }

  /**
   * What the core calls the part under the cursor: all that is grounded in a flexible use goes by one name, and what is fastened is
   * pulled by what it is fastened to.
   * @param {any} hit
   */
  named(hit) {
    const { name, base, rides } = hit.k.data;
    if (rides) return rides;
    return base !== undefined && this.live && !this.live.names.includes(hit.name) ? `${name}/${base}` : hit.name;
  }

  /** @param {string} name */
  movable(name) {
    return !!this.live?.movable[this.live.names.indexOf(name)];
  }

  /** Names the part under the cursor and whether it moves. @param {number} x @param {number} y */
  says(x, y) {
    const hit = this.b.stage.partAt(x, y);
    if (!hit) return "";
    const n = this.named(hit);
    return this.movable(n) ? `${plain(n)} · pull` : `${plain(n)} · cannot move`;
  }

  /** Begins a pull; it tells whether there is something to pull. @param {number} x @param {number} y */
  take(x, y) {
    const hit = this.b.stage.partAt(x, y);
    if (!this.on || !hit || !this.live || this.seq !== this.b.state().seq) return false;
    const name = this.named(hit);
    const frame = hit.k.data.rides ? this.b.stage.comps.get(name) : hit.frame;
    if (!this.movable(name)) {
      this.b.tell(`${plain(name)} cannot move.`);
      return true;
    }
    this.b.stage.view.controls.enabled = false;
    this.by = name;
    this.grab({ name, frame, own: frame.toOwn(hit.at.clone()), at: hit.at.clone(), moved: false });
    return true;
  }

  /** Takes hold of the next part that can move, by its middle: pulling without a mouse. */
  next() {
    if (!this.live || this.seq !== this.b.state().seq) return;
    const names = this.live.names.filter((n) => this.movable(n) && this.b.stage.part(n));
    if (!names.length) {
      this.b.tell("Nothing here can move.");
      return;
    }
    this.letGo(true);
    const name = names[(names.indexOf(this.by) + 1) % names.length];
    const p = this.b.stage.part(name);
    this.by = name;
    this.b.light(name.split("/")[0]);
    this.b.says(`${plain(name)} is held · arrows pull it, Enter parks it, Escape puts it back`);
    this.grab({ name, frame: p.frame, own: p.frame.toOwn(p.middle.clone()), at: p.middle, moved: false, keys: true });
  }

  /** @param {Held} h */
  grab(h) {
    this.held = h;
    this.began = null;
    this.grabbed = /** @type {Live} */ (this.live).grab(h.name, h.own.toArray(), this.turning).catch((e) => {
      this.b.tell(e.message, true);
      this.letGo(false);
    });
  }

  /** Lets what is held turn while it is pulled, or keeps it as it stands. @param {boolean} on */
  turn(on) {
    if (this.turning === on) return;
    this.turning = on;
    if (this.held) this.grabbed = /** @type {Live} */ (this.live).grab(this.held.name, this.held.own.toArray(), on).catch(() => {});
  }

  /** What joints that moved since the pull began stand at, the first few. @param {Float64Array} poses */
  reading(poses) {
    const live = /** @type {Live} */ (this.live);
    const now = poses.subarray(7 * live.names.length);
    const began = /** @type {Float64Array} */ (this.began);
    const out = [];
    for (const [i, c] of live.coordinates.entries()) {
      if (Math.abs(now[i] - began[i]) < (c.angular ? 0.05 : 0.005) || out.length === mostRead) continue;
      const u = c.angular ? 1 : scale(shown());
      const at = (now[i] / u).toFixed(c.angular ? 1 : 2) + (c.angular ? "°" : ` ${shown()}`);
      out.push(`${plain(c.joint)} ${c.of.replaceAll("_", " ")} ${at}`);
    }
    return out.map((t) => ` · ${t}`).join("");
  }

  /** Pulls what is held by a step across the screen. @param {number} right @param {number} up */
  nudge(right, up) {
    const h = this.held;
    if (!h) return;
    h.at = this.b.stage.view.beside(h.at, right * nudge, up * nudge);
    this.pull(h.at);
  }

  /** @param {number} x @param {number} y */
  move(x, y) {
    if (this.held && !this.held.keys) this.pull(this.b.stage.picker.across(x, y, this.held.at));
  }

  /** @param {Vector3} to */
  async pull(to) {
    this.want = to;
    if (this.busy) return; // the latest place is taken when the last one is done
    this.busy = true;
    try {
      await this.grabbed;
      while (this.want && this.held) {
        const next = this.want;
        this.want = null;
        await this.reach(next);
      }
    } catch (e) {
      this.b.tell(/** @type {Error} */ (e).message, true);
      this.letGo(false);
    } finally {
      this.busy = false;
    }
  }

  /** @param {Vector3} to */
  async reach(to) {
    const live = /** @type {Live} */ (this.live);
    const r = await live.pull(to.toArray());
    const h = this.held;
    if (!h) return;
    this.began ??= (this.last ?? r).poses.slice(7 * live.names.length);
    this.last = r;
    h.moved = true;
    this.b.stage.put(live.names, r.poses, null);
    const hand = h.frame.toWorld(h.own.clone());
    const short = hand.distanceTo(to) > this.b.stage.view.pixel(hand) * shortBy;
    if (short) this.b.stage.put(live.names, r.poses, [hand, to]);
    const tail = short ? " · it comes no nearer" : "";
    const how = `pulling ${plain(h.name)}${this.turning ? ", turning" : ""}`;
    this.b.says(`${how}${this.reading(r.poses)}${tail} · let go to park it, = types where`);
  }

  /** Ends a pull: what was pulled stays where it is, as a line that can be taken back, or goes back. @param {boolean} keep */
  letGo(keep) {
    const h = this.held;
    if (!h) return;
    this.held = null;
    this.want = null;
    this.b.stage.view.controls.enabled = true;
    if (h.keys) this.b.light(null);
    this.b.says("");
    if (!h.moved) return;
    const poses = keep ? this.parked() : {};
    if (Object.keys(poses).length) {
      this.b.park(h.name, poses).then((ok) => {
        if (!ok) this.putBack();
        else this.ready();
      });
      return;
    }
    this.putBack();
    if (keep) this.b.tell("What moves in a subassembly is parked on its own Bench; here it goes back.");
  }

  putBack() {
    this.seq = null;
    this.b.restore();
    this.ready();
  }

  /** Where components were pulled to, of those that moved. What moves in a subassembly is parked on its own Bench. */
  parked() {
    /** @type {Record<string, {origin: number[], quaternion: number[]}>} */
    const poses = {};
    const components = this.b.state().components;
    const was = new Map(components.map((c) => [c.name, c.pose]));
    const uses = new Map(components.filter((c) => c.base !== undefined).map((c) => [`${c.name}/${c.base}`, c.name]));
    for (const [i, inner] of (this.live?.names ?? []).entries()) {
      const name = uses.get(inner) || inner;
      const w = was.get(name);
      if (!w || !this.last) continue;
      const [x, y, z, ...q] = this.last.poses.subarray(7 * i, 7 * i + 7);
      const far = Math.hypot(x - w.origin[0], y - w.origin[1], z - w.origin[2]) > 1e-9;
      const dot = w.quaternion.reduce((/** @type {number} */ sum, /** @type {number} */ v, /** @type {number} */ k) => sum + v * q[k], 0);
      if (far || Math.abs(dot) < 1 - 1e-14) poses[name] = { origin: [x, y, z], quaternion: q };
    }
    return poses;
  }
}
