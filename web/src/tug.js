// Tug: parts pulled about by hand within the freedoms they have; the core in the worker keeps the relations.
import { Vector3 } from "three";
import { Live } from "./core.js";

export class Tug {
  // bench gives: asm, stage, view, tell, says(text), park(name, poses), restore(), shown(on), state()
  constructor(bench) { this.b = bench; this.on = false; this.seq = null; }

  async toggle(on = !this.on) {
    this.on = on;
    this.b.view.classList.toggle("tug", on);
    this.b.shown(on);
    if (!on) { this.letGo(false); return; }
    await this.ready();
  }

  // ready opens the assembly as it is now.
  async ready() {
    const seq = this.b.state().seq;
    if (this.seq === seq) return true;
    try {
      if (!this.live) this.live = new Live();
      const r = await fetch(`/a/${this.b.asm}/bare`);
      if (!r.ok) throw new Error("the assembly could not be fetched");
      await this.live.open(await r.text());
      this.seq = seq;
      return true;
    } catch (e) {
      this.live?.close(); this.live = null; this.seq = null;
      this.b.tell(`Parts cannot be pulled about here: ${e.message}`, true);
      if (this.on) this.toggle(false);
      return false;
    }
  }

  // named is what the core calls the part under the cursor: all that is grounded in a flexible use goes by one name.
  named(hit) {
    const { name, base } = hit.k.data;
    return base !== undefined && this.live && !this.live.names.includes(hit.name) ? `${name}/${base}` : hit.name;
  }

  movable(name) { return !!this.live?.movable[this.live.names.indexOf(name)]; }

  // says names the part under the cursor and whether it moves.
  says(x, y) {
    const hit = this.b.stage.partAt(x, y); if (!hit) return "";
    const n = this.named(hit);
    return this.movable(n) ? `${plain(n)} · pull` : `${plain(n)} · cannot move`;
  }

  // take begins a pull; it tells whether there is something to pull.
  take(x, y) {
    const hit = this.b.stage.partAt(x, y);
    if (!this.on || !hit || !this.live || this.seq !== this.b.state().seq) return false;
    const name = this.named(hit);
    if (!this.movable(name)) { this.b.tell(`${plain(name)} cannot move.`); return true; }
    const own = hit.frame.worldToLocal(hit.at.clone());
    this.held = { name, frame: hit.frame, own, at: hit.at.clone(), moved: false };
    this.b.stage.controls.enabled = false;
    this.grabbed = this.live.grab(name, own.toArray()).catch((e) => { this.b.tell(e.message, true); this.letGo(false); });
    return true;
  }

  // next takes hold of the next part that can move, by its middle: pulling without a mouse.
  next() {
    if (!this.live || this.seq !== this.b.state().seq) return;
    const names = this.live.names.filter((n) => this.movable(n) && this.b.stage.part(n));
    if (!names.length) { this.b.tell("Nothing here can move."); return; }
    this.letGo(true);
    const name = names[(names.indexOf(this.by) + 1) % names.length], p = this.b.stage.part(name);
    this.by = name;
    this.held = { name, frame: p.frame, own: p.frame.worldToLocal(p.middle.clone()), at: p.middle, moved: false, keys: true };
    this.b.light(name.split("/")[0]);
    this.b.says(`${plain(name)} is held · arrows pull it, Enter parks it, Escape puts it back`);
    this.grabbed = this.live.grab(name, this.held.own.toArray()).catch((e) => { this.b.tell(e.message, true); this.letGo(false); });
  }

  // nudge pulls what is held by a step across the screen.
  nudge(right, up) {
    const h = this.held; if (!h) return;
    h.at = this.b.stage.beside(h.at, right * 14, up * 14);
    this.pull(h.at);
  }

  move(x, y) {
    if (this.held && !this.held.keys) this.pull(this.b.stage.across(x, y, this.held.at));
  }

  async pull(to) {
    this.want = to;
    if (this.busy) return; // the latest place is taken when the last one is done
    this.busy = true;
    try {
      await this.grabbed;
      while (this.want && this.held) {
        const to = this.want; this.want = null;
        const r = await this.live.pull(to.toArray());
        if (!this.held) break;
        this.last = r; this.held.moved = true;
        const hand = this.held.own.clone();
        this.b.stage.put(this.live.names, r.poses, null);
        this.held.frame.localToWorld(hand);
        const short = hand.distanceTo(to) > this.b.stage.pixel(hand) * 4;
        this.b.stage.put(this.live.names, r.poses, short ? [hand, to] : null);
        this.b.says(`pulling ${plain(this.held.name)}${short ? " · it comes no nearer" : ""} · let go to park it, Escape to put it back`);
      }
    } catch (e) { this.b.tell(e.message, true); this.letGo(false); } finally { this.busy = false; }
  }

  // letGo ends a pull: what was pulled stays where it is, as a line that can be taken back, or goes back.
  letGo(keep) {
    const h = this.held; if (!h) return;
    this.held = null; this.want = null;
    this.b.stage.controls.enabled = true;
    if (h.keys) this.b.light(null);
    this.b.says("");
    if (!h.moved) return;
    if (!keep) { this.seq = null; this.b.restore(); this.ready(); return; }
    const poses = {};
    const was = new Map(this.b.state().components.map((c) => [c.name, c.pose]));
    const uses = new Map(this.b.state().components.filter((c) => c.base !== undefined).map((c) => [`${c.name}/${c.base}`, c.name]));
    this.live.names.forEach((inner, i) => {
      const n = uses.get(inner) || inner, w = was.get(n); if (!w) return; // what moves in a subassembly is parked on its own Bench
      const p = this.last.poses.subarray(7 * i, 7 * i + 7);
      const far = new Vector3(p[0], p[1], p[2]).distanceTo(new Vector3(...w.origin)) > 1e-9 || Math.abs(w.quaternion[0] * p[3] + w.quaternion[1] * p[4] + w.quaternion[2] * p[5] + w.quaternion[3] * p[6]) < 1 - 1e-14;
      if (far) poses[n] = { origin: [p[0], p[1], p[2]], quaternion: [p[3], p[4], p[5], p[6]] };
    });
    if (!Object.keys(poses).length) { this.seq = null; this.b.refresh(); this.b.tell("What moves in a subassembly is parked on its own Bench; here it goes back."); this.ready(); return; }
    this.b.park(h.name, poses).then((ok) => { if (!ok) { this.seq = null; this.b.restore(); } this.ready(); });
  }
}

// plain writes a path of names as people read it.
const plain = (name) => name.replaceAll("/", " › ");
