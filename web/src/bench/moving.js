// @ts-check
// Exact placing: parts are shifted and turned by typed amounts, by quarter turns, or by the arrows and rings drawn at the part in hand.
import { scale, shown, trim } from "../units.js";
import { typed } from "./fields.js";
import { Panel } from "./panel.js";

const axes = ["x", "y", "z"];
const click = 5; // degrees that a drag of a ring keeps to

export class Moving extends Panel {
  /**
   * @param {HTMLFormElement} form @param {HTMLFormElement} saying the sentence
   * @param {any} stage @param {HTMLElement} view
   * @param {{post: (a: object) => Promise<boolean>, hand: () => string[], tell: (text: string, bad?: boolean) => void,
   *   place: (e: PointerEvent) => [number, number]}} b
   */
  constructor(form, saying, stage, view, b) {
    super(form, saying);
    this.stage = stage;
    this.b = b;
    /** @type {string[]} */
    this.names = [];
    /** @type {{axis: number, turn: boolean, from: number, amount: number} | null} */
    this.drag = null;
    form.addEventListener("change", () => this.handles());
    for (const [i, a] of axes.entries()) form.querySelector(`#move-${a}`)?.addEventListener("click", () => this.quarter(i));
    view.addEventListener("pointerdown", (e) => this.down(e, view), true);
    view.addEventListener("pointermove", (e) => this.move(e), true);
    view.addEventListener("pointerup", () => this.up(), true);
  }

  /** @param {boolean} [on] */
  toggle(on = !this.on) {
    if (on) this.names = this.b.hand();
    if (on && !this.names.length) {
      this.b.tell("Point at a part, go to its line, or choose several lines, then move them.");
      return;
    }
    super.toggle(on);
    const moved = /** @type {HTMLElement} */ (this.form.querySelector("#moved"));
    moved.textContent = this.names.length > 2 ? `${this.names[0]} and ${this.names.length - 1} more` : this.names.join(" and ");
    this.say("Drag an arrow or a ring, or type; a sum will do. Enter moves.");
    this.handles();
    if (on) this.input("by", 0).focus();
  }

  /** @param {"by" | "turn"} kind @param {number} i */
  input(kind, i) {
    return /** @type {HTMLInputElement} */ (this.form.querySelector(`[data-${kind}="${i}"]`));
  }

  get own() {
    return /** @type {HTMLSelectElement} */ (this.form.querySelector("#move-axes")).value;
  }

  /** The command, with these amounts besides what is typed. @param {number[]} by mm @param {number[]} turn degrees */
  act(by, turn) {
    return { do: "shift", components: this.names, by, turn, own: this.own === "own", about: this.own === "assembly" ? "assembly" : "part" };
  }

  async send() {
    const by = axes.map((_, i) => typed(this.input("by", i).value, shown()) ?? 0);
    const turn = axes.map((_, i) => typed(this.input("turn", i).value, "°") ?? 0);
    if (!(await this.b.post(this.act(/** @type {number[]} */ (by), /** @type {number[]} */ (turn))))) return;
    for (const i of this.form.querySelectorAll("input")) i.value = "";
    this.handles();
  }

  /** A quarter turn about an axis. @param {number} i */
  async quarter(i) {
    await this.b.post(this.act([0, 0, 0], axes.map((_, k) => (k === i ? 90 : 0))));
    this.handles();
  }

  /** Draws the arrows and rings where the first part stands. */
  handles() {
    if (!this.on) this.stage.showHandles(null);
    else this.stage.showHandles(this.names[0], this.own === "own", this.own === "assembly");
  }

  /** @param {PointerEvent} e @param {HTMLElement} view */
  down(e, view) {
    if (!this.on || e.button !== 0) return;
    const h = this.stage.handleAt(...this.b.place(e));
    if (!h) return;
    e.stopPropagation();
    this.stage.view.controls.enabled = false;
    view.setPointerCapture(e.pointerId);
    this.drag = { axis: h.axis, turn: h.turn, from: h.at, amount: 0 };
  }

  /** @param {PointerEvent} e */
  move(e) {
    const d = this.drag;
    if (!d) return;
    e.stopPropagation();
    const at = this.stage.alongHandle(d.axis, d.turn, ...this.b.place(e));
    if (at === null) return;
    let amount = at - d.from;
    if (d.turn) amount = Math.round((((amount + 540) % 360) - 180) / click) * click;
    d.amount = amount;
    this.stage.tryHandle(this.names, d.axis, d.turn, amount);
    const much = trim(Math.round((amount / (d.turn ? 1 : scale(shown()))) * 100) / 100) + (d.turn ? "°" : ` ${shown()}`);
    this.say(`${d.turn ? "turned about" : "moved along"} ${axes[d.axis]} by ${much}`);
  }

  async up() {
    const d = this.drag;
    if (!d) return;
    this.drag = null;
    this.stage.view.controls.enabled = true;
    const only = (/** @type {boolean} */ yes) => axes.map((_, i) => (yes && i === d.axis ? d.amount : 0));
    if (Math.abs(d.amount) > 1e-6) await this.b.post(this.act(only(!d.turn), only(d.turn)));
    this.handles();
  }
}

