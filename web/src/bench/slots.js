// @ts-check
// The slots of the sentence: what is picked, where it shows, and what is said beside it.

/**
 * @typedef {import("../stage/pick.js").Candidate} Candidate
 * @typedef {"put" | "put_too" | "on" | "on_too" | "about"} Slot
 */

/** @type {Slot[]} */
export const slots = ["put", "put_too", "on", "on_too", "about"];

export class Slots {
  /** @param {HTMLFormElement} form @param {any} stage */
  constructor(form, stage) {
    this.form = form;
    this.stage = stage;
    /** @type {Record<Slot, Candidate | null>} */
    this.slots = { put: null, put_too: null, on: null, on_too: null, about: null };
    const inputs = slots.map((s) => [s, this.input(`[data-slot="${s}"] input`)]);
    this.inputs = /** @type {Record<Slot, HTMLInputElement>} */ (Object.fromEntries(inputs));
    /** @type {Slot | null} the slot the hands are in */
    this.target = null;
    this.hint = this.part("#hint");
    this.offerBox = this.part("#offers");
    this.chosen = -1;
    /** Told which parts are picked. @type {(names: any[]) => void} */
    this.marked = () => {};
    for (const s of slots) {
      this.inputs[s].addEventListener("focus", () => {
        this.target = s;
      });
    }
  }

  /** @param {string} css @returns {HTMLElement} */
  part(css) {
    return /** @type {HTMLElement} */ (this.form.querySelector(css));
  }

  /** @param {string} css */
  input(css) {
    return /** @type {HTMLInputElement} */ (this.form.querySelector(css));
  }

  /** @param {Slot[]} which */
  drop(which) {
    for (const s of which) {
      this.slots[s] = null;
      this.inputs[s].value = "";
    }
  }

  mark() {
    this.marked(slots.map((s) => this.slots[s]?.k?.data.name).filter(Boolean));
    this.stage.setPicked(slots.filter((s) => this.slots[s]).map((s) => ({ c: this.slots[s], role: s })));
  }

  /** @param {string} text @param {boolean} [bad] */
  say(text, bad) {
    this.hint.textContent = text;
    this.hint.classList.toggle("bad", !!bad);
  }

  /** @param {string} sense */
  facing(sense) {
    this.part(".slotbutton").textContent = sense === "same" ? "the same way" : "opposite";
  }

  /** Brings the keys to the relation chosen, if any fits. */
  focusChosen() {
    /** @type {HTMLElement | undefined} */ (this.offerBox.children[this.chosen])?.focus();
  }
}
