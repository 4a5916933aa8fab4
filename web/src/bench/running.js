// @ts-check
// Run: a motion taken leg by leg, and what is met on the way. Nothing of it changes the assembly unless that is asked for.
import { ask } from "./dialogs.js";
import { film } from "./film.js";
import { Legs, coordinates } from "./legs.js";
import { plain } from "./words.js";
import { Panel } from "./panel.js";
import { poses } from "./state.js";
import { Strip, ways } from "./strip.js";
import { handOut } from "../net.js";
import { told, trim } from "../units.js";

/** @typedef {import("./strip.js").Ran} Ran */

const span = 6000; // ms that playing it takes
const caution = "Nothing of it changes the assembly. Geometry only: guards fall under local codes.";

export class Running extends Panel {
  /**
   * @param {HTMLFormElement} form @param {{call: import("../net.js").Ask, stage: any, sentence: {form: HTMLFormElement},
   *   act: (a: object) => Promise<boolean>, state: import("./state.js").State | null}} b the Bench
   */
  constructor(form, b) {
    super(form, b.sentence.form);
    this.b = b;
    /** @type {Ran | null} */
    this.ran = null;
    /** @type {import("./legs.js").Drive | null} what was run */
    this.drive = null;
    this.playing = 0;
    /** @type {AbortController | null} of what takes long */
    this.busy = null;
    this.legs = new Legs(this.get("runlegs"), () => this.offer());
    this.strip = new Strip(this.get("runtrack"), (k) => this.show(k));
    this.strip.at.addEventListener("input", () => this.stop());
    this.strip.box.addEventListener("click", () => this.stop());
    const does = /** @type {Record<string, () => void>} */ ({
      "run-play": () => this.play(),
      "run-then": () => this.legs.add("then"),
      "run-with": () => this.legs.add("with"),
      "run-far": () => this.far(),
      "run-keep": () => this.keep(),
      "run-drop": () => this.b.act({ do: "undrive", as: this.kept.value }).then(() => this.keeps()),
      "run-park": () => this.park(),
      "run-csv": () => this.file("csv"),
      "run-svg": () => this.file("svg"),
      "run-film": () => this.film(),
    });
    for (const [id, f] of Object.entries(does)) this.get(id).addEventListener("click", f);
    this.kept.addEventListener("input", () => this.take());
    this.get("run-way").addEventListener("input", () => this.way());
    form.addEventListener("keydown", (e) => {
      const typing = e.target instanceof HTMLInputElement && e.target.type !== "range";
      if (typing || e.target instanceof HTMLSelectElement || e.key.toLowerCase() !== "n" || !this.ran) return;
      e.preventDefault();
      e.stopPropagation();
      this.stop();
      this.strip.jump(e.shiftKey ? -1 : 1);
    });
  }

  get kept() {
    return /** @type {HTMLSelectElement} */ (/** @type {unknown} */ (this.get("run-kept")));
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    super.toggle(on);
    this.stop();
    this.busy?.abort();
    this.marks(true);
    if (!on) {
      this.b.stage.goTo(poses(this.b.state));
      return;
    }
    const all = coordinates(this.b.state);
    this.legs.offer(all);
    this.get("runpost").disabled = !all.length;
    this.clear();
    this.keeps();
    this.offer();
    this.say(all.length ? caution : "A motion is that of a joint: make one first.");
    this.form.querySelector("select")?.focus();
  }

  /** The coordinate that leads the first leg. */
  get first() {
    const row = this.legs.rows[0];
    return row && this.legs.of(row);
  }

  /** Shows what belongs to the coordinate that leads. */
  offer() {
    this.get("run-way").value = this.first?.bounds?.way ?? "";
    this.get("run-with").disabled = this.legs.all.length < 2;
  }

  /** Lists the runs that are kept. */
  keeps() {
    const runs = this.b.state?.runs ?? [];
    const was = this.kept.value;
    const list = runs.map((r) => new Option(`${r.name}: ${r.words}`, r.name));
    this.kept.replaceChildren(new Option(runs.length ? "choose" : "none", ""), ...list);
    if (runs.some((r) => r.name === was)) this.kept.value = was;
    this.get("run-drop").disabled = !this.kept.value;
  }

  /** Takes up a run that is kept. */
  take() {
    const r = this.b.state?.runs.find((k) => k.name === this.kept.value);
    this.get("run-drop").disabled = !r;
    if (!r) return;
    this.legs.show(r.drive);
    this.get("run-until").checked = !!r.drive.until_contact;
  }

  clear() {
    this.ran = null;
    this.strip.clear();
    this.get("runfiles").hidden = true;
  }

  /** What is written, or null where it cannot be run, which is said. */
  read() {
    const d = this.legs.read();
    if (typeof d === "string") {
      this.say(d, true);
      return null;
    }
    return this.get("run-until").checked ? { ...d, until_contact: true } : d;
  }

  /** Does what takes long, while the button that began it stops it. @param {(signal: AbortSignal) => Promise<void>} work */
  async works(work) {
    const stop = new AbortController();
    this.busy = stop;
    const b = this.get("runpost");
    b.textContent = "Stop";
    try {
      await work(stop.signal);
    } catch (e) {
      if (stop.signal.aborted) this.say("Stopped. " + caution);
      else this.say(/** @type {Error} */ (e).message, true);
    } finally {
      if (this.busy === stop) this.busy = null;
      b.textContent = "Run";
    }
  }

  async send() {
    if (this.busy) {
      this.busy.abort();
      return;
    }
    const d = this.read();
    if (!d) return;
    this.stop();
    this.clear();
    this.say("Running …");
    await this.works(async (signal) => {
      const gone = (/** @type {number} */ f) => this.say(`Running … ${Math.round(100 * f)} %`);
      const r = await this.b.call.lines("run", { drive: d }, gone, signal);
      if (this.on && !signal.aborted) this.draw(d, r);
    });
  }

  /** @param {import("./legs.js").Drive} d @param {Ran} r */
  draw(d, r) {
    this.ran = r;
    this.drive = d;
    const home = poses(this.b.state); // what another run moved and this one does not goes back
    const at = [...home.values()];
    this.b.stage.between([...home.keys()], at, at, 0);
    const legs = ways(d, r, (joint, of) => !!this.legs.all.find((c) => c.joint === joint && c.of === of)?.angular);
    this.strip.draw(r, legs);
    this.get("runfiles").hidden = r.frames.length < 2;
    const met = r.clash.filter((m) => !m.fit).length;
    const unit = legs[r.stopped_in ?? 0].unit;
    const stopped = r.reason ? `Stopped${r.stopped_at == null ? "" : ` at ${told(r.stopped_at, unit)}`}: ${r.reason}. ` : "";
    const times = met === 1 ? "once" : `${met} times`;
    const passing = met ? `Parts pass through one another ${times}.` : "Nothing passes through anything.";
    this.say(stopped + passing, !!met || !!stopped);
    this.strip.at.focus();
  }

  /** Shows the marks of freedoms, or hides them while parts are elsewhere. @param {boolean} on */
  marks(on) {
    const { stage } = this.b;
    if (stage.previewing === !on) return;
    stage.previewing = !on;
    stage.freedoms();
    stage.draw();
  }

  /** Shows a step on the stage. @param {number} k */
  show(k) {
    const r = /** @type {Ran} */ (this.ran);
    this.marks(false);
    this.b.stage.between(r.names, r.frames[k], r.frames[k], 0);
    this.b.stage.draw();
  }

  stop() {
    cancelAnimationFrame(this.playing);
    this.playing = 0;
    this.get("run-play").textContent = "Play";
  }

  /** Plays it from where it stands, there and back again and again if that is asked for, or stops. */
  play() {
    if (this.playing) {
      this.stop();
      return;
    }
    const last = this.strip.list.length - 1;
    const begun = this.strip.index >= last ? 0 : this.strip.index;
    const start = performance.now();
    this.get("run-play").textContent = "Pause";
    const step = (/** @type {number} */ now) => {
      const gone = begun + Math.floor(((now - start) / span) * last);
      const loops = this.get("run-loop").checked;
      const back = gone % (2 * last);
      const i = loops ? (back > last ? 2 * last - back : back) : Math.min(last, gone);
      this.strip.at.value = String(i);
      this.strip.show();
      if (loops || i < last) this.playing = requestAnimationFrame(step);
      else this.stop();
    };
    this.playing = requestAnimationFrame(step);
  }

  /** Takes the ends of the first leg from how far it goes until parts meet or a limit stands. */
  async far() {
    const c = this.first;
    if (!c) return;
    this.say("Trying how far it goes …");
    await this.works(async () => {
      const t = await this.b.call(`travel?joint=${encodeURIComponent(c.joint)}&of=${encodeURIComponent(c.of)}`);
      const row = this.legs.rows[0];
      const set = (/** @type {string} */ name, /** @type {number | null} */ v) => {
        if (v !== null) /** @type {HTMLInputElement} */ (row.querySelector(`[name=${name}]`)).value = trim(this.legs.shownAs(row, v));
      };
      set("from", t.from);
      set("to", t.to);
      const by = (/** @type {any} */ b) => (b.a ? `${plain(b.a)} and ${plain(b.b)} meet` : b.limit ? "a limit" : b.why);
      const unit = c.angular ? "°" : "mm";
      const end = (/** @type {number | null} */ v, /** @type {any} */ b) => `${v === null ? "anywhere" : told(v, unit)} (${by(b)})`;
      this.say(`From ${end(t.from, t.stopped_by[0])} to ${end(t.to, t.stopped_by[1])}.`);
    });
  }

  /** Says which way the coordinate that leads goes. */
  async way() {
    const c = this.first;
    if (c) await this.b.act({ do: "oneway", relation: c.joint, of: c.of, way: this.get("run-way").value });
    this.legs.offer(coordinates(this.b.state));
    this.offer();
  }

  async keep() {
    const d = this.read();
    const as = d && (await ask("Name of this run", this.kept.value));
    if (!as || !(await this.b.act({ do: "drive", as, drive: { ...d, clash: true } }))) return;
    this.keeps();
    this.kept.value = as;
    this.get("run-drop").disabled = false;
  }

  /** Parks what moved where the run stands. */
  async park() {
    const r = this.ran;
    const k = this.strip.list[this.strip.index];
    if (!r?.frames[k]) return;
    const was = poses(this.b.state);
    /** @type {Record<string, object>} */
    const moved = {};
    for (const [i, n] of r.names.entries()) {
      const p = r.frames[k][i];
      if (was.has(n) && JSON.stringify(was.get(n)) !== JSON.stringify(p)) moved[n] = p;
    }
    const [name] = Object.keys(moved);
    if (!name) this.say("It stands here already.");
    else if (await this.b.act({ do: "move", component: name, poses: moved })) this.toggle(false);
  }

  /** Hands the run out as a table or a drawing. @param {"csv" | "svg"} as */
  file(as) {
    const title = this.kept.value || document.title;
    return this.works(async () => {
      await this.b.call.file("run", { drive: this.drive, as, title }, `run.${as}`);
    });
  }

  /** Hands the run out as an animated picture. */
  film() {
    this.stop();
    const at = this.strip.index;
    return this.works(async (signal) => {
      const show = (/** @type {number} */ i) => this.show(this.strip.list[i]);
      const gone = (/** @type {number} */ f) => this.say(`Drawing … ${Math.round(100 * f)} %`);
      const gif = await film(this.b.stage.view, this.strip.list.length, show, gone, signal);
      this.strip.at.value = String(at);
      this.strip.show();
      if (!gif) throw new Error("stopped");
      handOut(gif, "run.gif");
      this.say("Drawn.");
    });
  }
}
