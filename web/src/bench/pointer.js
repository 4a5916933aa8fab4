// @ts-check
// The pointer on the stage: what is under it, by which end it is meant, and the click that picks it.
import { words } from "./words.js";

/** @typedef {import("../stage/pick.js").Candidate} Candidate */

const still = 4; // pixels that a click may wander

export class Pointer {
  /**
   * @param {HTMLElement} view @param {HTMLElement} under @param {any} stage @param {import("./sentence.js").Sentence} sentence
   * @param {() => any} tug @param {(body: object) => Promise<string | null>} help makes a helper feature
   */
  constructor(view, under, stage, sentence, tug, help) {
    this.help = help;
    this.view = view;
    this.under = under;
    this.stage = stage;
    this.sentence = sentence;
    this.tug = tug;
    this.filter = "all";
    /** @type {Candidate[]} */
    this.cands = [];
    this.at = 0; // of the candidates
    this.anchor = 0; // end of the feature
    /** @type {[number, number] | null} */
    this.mouse = null;
    this.looking = false;
    /** @type {[number, number, number] | null} */
    this.down = null;
    view.addEventListener("pointermove", (e) => this.move(e));
    view.addEventListener("pointerleave", () => this.forget());
    view.addEventListener("pointerdown", (e) => {
      this.down = [e.clientX, e.clientY, e.button];
      view.focus({ preventScroll: true });
    });
    view.addEventListener("pointerup", (e) => this.click(e));
    view.addEventListener("contextmenu", (e) => e.preventDefault());
    for (const b of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll("[data-filter]"))) {
      b.addEventListener("click", () => this.setFilter(b.dataset.filter ?? "all"));
    }
  }

  /** @param {PointerEvent} e @returns {[number, number]} */
  place(e) {
    const r = this.view.getBoundingClientRect();
    return [e.clientX - r.left, e.clientY - r.top];
  }

  /** What is meant now. @returns {Candidate | null} */
  current() {
    const c = this.cands[this.at];
    if (!c?.s) return c ?? null;
    const ends = c.s.shape.anchors(c.f);
    const k = ends[this.anchor % ends.length];
    const own = (/** @type {string} */ n) => `${c.k?.data.name}/${c.s?.path}${n}`;
    if (k.make) {
      const [of, and] = k.make.map(own);
      return { ...c, where: k.where, end: k.where, make: { kind: k.as ?? "point", of, and } };
    }
    if (k.f === c.f) return { ...c, where: "" };
    return { k: c.k, s: c.s, f: k.f, where: "", ref: `${c.k?.data.name}/${c.s.path}${k.f.n}`, end: k.where };
  }

  /** Names what is under the cursor and outlines it. */
  show() {
    const c = this.current();
    this.stage.setHover(c);
    this.under.hidden = !c;
    this.view.classList.toggle("pick", !!c);
    if (!c) return;
    const first = this.cands[this.at];
    const ends = first.s && first.s.shape.anchors(first.f).length > 1 ? ` · E ends${c.end ? ": " + c.end : ""}` : "";
    const more = this.cands.length > 1 ? ` · ${this.at + 1} of ${this.cands.length} under cursor, Q next` : "";
    this.under.textContent = words(c) + more + ends;
  }

  /** @param {string} text */
  say(text) {
    this.under.hidden = !text;
    this.under.textContent = text;
  }

  forget() {
    this.mouse = null;
    this.cands = [];
    this.show();
  }

  /** @param {PointerEvent} e */
  move(e) {
    const tug = this.tug();
    if (tug.held) return;
    if (tug.on && !e.buttons) {
      const says = tug.says(...this.place(e));
      this.say(says);
      this.view.classList.toggle("canpull", says.endsWith("pull"));
      return;
    }
    if (e.buttons) {
      this.under.hidden = true;
      this.stage.setHover(null);
      return;
    }
    this.mouse = this.place(e);
    if (this.looking) return;
    this.looking = true;
    requestAnimationFrame(() => {
      this.looking = false;
      if (this.mouse) this.look(...this.mouse);
    });
  }

  /** @param {number} x @param {number} y */
  look(x, y) {
    const before = this.cands[0]?.ref;
    const many = this.cands.length;
    this.cands = this.stage.candidates(x, y, this.filter);
    const same = this.cands[0]?.ref === before && this.at < this.cands.length;
    if (same && this.cands.length === many && !this.under.hidden) return; // what is shown already
    if (!same) {
      this.at = 0;
      this.anchor = 0;
    }
    this.show();
  }

  /** @param {PointerEvent} e */
  click(e) {
    const d = this.down;
    if (this.tug().on || !d || d[2] !== 0 || Math.hypot(e.clientX - d[0], e.clientY - d[1]) > still) return;
    const [x, y] = this.place(e);
    if (!this.cands.length || !this.mouse || Math.hypot(this.mouse[0] - x, this.mouse[1] - y) > 1) {
      this.mouse = [x, y];
      this.cands = this.stage.candidates(x, y, this.filter);
      this.at = 0;
      this.anchor = 0;
    }
    const c = this.current();
    if (c) this.chosen(c, e.shiftKey);
  }

  /** What is under the cursor was picked; a place on it that has no name yet gets one. @param {Candidate} c @param {boolean} post */
  async chosen(c, post) {
    const made = c.make ? await this.make(c.make) : c;
    if (made) this.sentence.pick(made, post);
  }

  /** @param {object} body @returns {Promise<Candidate | null>} */
  async make(body) {
    const ref = await this.help(body);
    return ref && this.stage.find(ref);
  }

  /** The next feature under the cursor. */
  next() {
    if (!this.cands.length) return;
    this.at = (this.at + 1) % this.cands.length;
    this.anchor = 0;
    this.show();
  }

  /** The next end of the feature under the cursor. */
  nextEnd() {
    this.anchor++;
    this.show();
  }

  /** @param {string} f */
  setFilter(f) {
    this.filter = f;
    this.sentence.filter = f;
    for (const b of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll("[data-filter]"))) {
      b.setAttribute("aria-checked", String(b.dataset.filter === f));
    }
  }
}
