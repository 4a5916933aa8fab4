// @ts-check
// The sentence bar: a relation is made by saying it. Two slots are filled by picking or typing; the relations that fit are
// tried by the server and previewed on the stage; Enter posts the one chosen.
import { poses } from "./state.js";
import { Typing } from "./typing.js";
import { scale, trim } from "../units.js";
import { number, words } from "./words.js";

/**
 * @typedef {import("../stage/pick.js").Candidate} Candidate
 * @typedef {"put" | "on"} Slot
 * @typedef {object} Offer
 * @property {string} type
 * @property {string} label
 * @property {string} [sense]
 * @property {number} [value]
 * @property {string} [unit] of the value
 * @property {number} before
 * @property {number} after
 * @property {string} leaves
 * @property {number} asked
 * @property {number} doubled
 * @property {string} [odds]
 * @property {string[]} moves
 * @property {Record<string, any>} poses
 * @property {string} [note]
 * @property {boolean} [joint]
 * @property {string} [limits] of a joint: the unit its leading coordinate may be limited in
 */

/** @type {Slot[]} */
const slots = ["put", "on"];

/** What a joint is said with, in place of "Put … on …". @type {Record<string, [string, string]>} */
const verbs = {
  revolute: ["Let", "turn about"],
  prismatic: ["Let", "slide along"],
  cylindrical: ["Let", "turn and slide on"],
};

const waitForTyping = 250; // ms

export class Sentence {
  /**
   * @param {HTMLFormElement} form @param {any} stage @param {import("../net.js").Ask} ask
   * @param {(a: object) => Promise<boolean>} post
   */
  constructor(form, stage, ask, post) {
    this.form = form;
    this.stage = stage;
    this.ask = ask;
    this.post = post;
    /** @type {import("./state.js").State | null} */
    this.state = null;
    /** @type {Record<Slot, Candidate | null>} */
    this.slots = { put: null, on: null };
    /** @type {Offer[]} */
    this.offers = [];
    this.chosen = -1;
    this.sense = "";
    this.filter = "all";
    this.turn = 0; // which question was asked last: answers to older ones are dropped
    this.inputs = { put: this.input('[data-slot="put"] input'), on: this.input('[data-slot="on"] input') };
    this.value = this.input("#value");
    this.low = this.input("#lo");
    this.high = this.input("#hi");
    this.button = /** @type {HTMLButtonElement} */ (form.querySelector("#post"));
    this.offerBox = this.part("#offers");
    this.hint = this.part("#hint");
    this.typing = new Typing(this, this.part("#choices"));
    form.addEventListener("submit", (e) => {
      e.preventDefault();
      this.send();
    });
    this.offerBox.addEventListener("click", (e) => {
      const b = /** @type {HTMLElement | null} */ (/** @type {Element} */ (e.target).closest(".offer"));
      if (b) this.choose(Number(b.dataset.k));
    });
    this.offerBox.addEventListener("keydown", (e) => this.step(e));
    /** @type {number} */
    let wait;
    this.value.addEventListener("input", () => {
      clearTimeout(wait);
      wait = window.setTimeout(() => this.preview(), waitForTyping);
    });
    this.tell();
  }

  /** @param {string} css @returns {HTMLElement} */
  part(css) {
    return /** @type {HTMLElement} */ (this.form.querySelector(css));
  }

  /** @param {string} css */
  input(css) {
    return /** @type {HTMLInputElement} */ (this.form.querySelector(css));
  }

  /** The slot that the next pick goes into. @returns {Slot | null} */
  get next() {
    if (!this.slots.put) return "put";
    return this.slots.on ? null : "on";
  }

  /** Goes to where the next feature is typed. */
  begin() {
    this.inputs[this.next || "put"].focus();
  }

  /** Takes a feature into the next open slot. @param {Candidate} c */
  pick(c) {
    return this.fill(this.next || "on", c);
  }

  /** @param {Slot} s @param {Candidate} c */
  async fill(s, c) {
    if (s === "on" && this.slots.put && c.k && this.slots.put.k === c.k) {
      this.say(`Both picks are on ${c.k.data.name}; pick the second one on another part.`, true);
      return;
    }
    this.slots[s] = c;
    this.sense = "";
    this.inputs[s].value = words(c);
    this.inputs[s].title = words(c);
    this.typing.close();
    this.mark();
    await this.tryAll();
  }

  /** Empties slots and forgets what was offered. @param {Slot[]} which */
  empty(which) {
    for (const s of which) {
      this.slots[s] = null;
      this.inputs[s].value = "";
    }
    this.sense = "";
    this.offers = [];
    this.mark();
    this.render();
    this.tell();
  }

  /** Undoes the last pick only. */
  stepBack() {
    const s = this.slots.on ? "on" : this.slots.put ? "put" : null;
    if (!s) return;
    this.empty([s]);
    this.unpreview();
  }

  /** Begins anew; it tells whether there was anything to clear. */
  clear() {
    if (!slots.some((s) => this.slots[s] || this.inputs[s].value)) return false;
    this.typing.close();
    this.empty(slots);
    this.unpreview();
    return true;
  }

  unpreview() {
    this.stage.goTo(poses(this.state));
  }

  mark() {
    this.stage.setPicked(slots.filter((s) => this.slots[s]).map((s) => ({ c: this.slots[s], role: s })));
  }

  /** Says what is wanted next. */
  tell() {
    for (const s of slots) this.inputs[s].parentElement?.classList.toggle("next", this.next === s);
    const put = this.slots.put;
    if (!put) this.say("Pick the feature that is to be put somewhere: what is picked first moves.");
    else if (!this.slots.on && put.k?.data.grounded) this.say(`${put.k.data.name} is grounded, so what is picked next will move to it.`);
    else if (!this.slots.on) this.say("Now pick what it goes on.");
  }

  /** @param {string} text @param {boolean} [bad] */
  say(text, bad) {
    this.hint.textContent = text;
    this.hint.classList.toggle("bad", !!bad);
  }

  /** Asks for all relations that fit what is picked. */
  async tryAll() {
    this.tell();
    const { put, on } = this.slots;
    if (!put || !on) return;
    const turn = ++this.turn;
    this.say("Trying what fits …");
    this.form.setAttribute("aria-busy", "true");
    try {
      const got = await this.ask("offers", { Put: put.ref, On: on.ref, Sense: this.sense });
      if (turn !== this.turn) return;
      this.offers = got;
      this.render();
      if (got.length) this.choose(0);
      else this.say("No relation fits these two features.", true);
    } catch (e) {
      if (turn !== this.turn) return;
      this.offers = [];
      this.render();
      this.say(/** @type {Error} */ (e).message, true);
    } finally {
      this.form.removeAttribute("aria-busy");
    }
  }

  render() {
    this.offerBox.replaceChildren(...this.offers.map((o, i) => offerButton(o, i)));
    this.part("#legend").hidden = this.offers.length > 0;
    if (this.offers.length) return;
    this.chosen = -1;
    this.extras(null);
    this.button.disabled = true;
  }

  /** Shows the slots that the chosen relation has besides. @param {Offer | null} o */
  extras(o) {
    const on = (/** @type {string} */ name, /** @type {boolean} */ yes) => {
      for (const e of /** @type {NodeListOf<HTMLElement>} */ (this.form.querySelectorAll(`[data-extra="${name}"]`))) e.hidden = !yes;
    };
    on("facing", !!o?.sense);
    on("value", o?.value != null);
    on("joint", !!o?.limits);
    const said = verbs[o?.type ?? ""] || ["Put", "on"];
    for (const [i, s] of slots.entries()) this.part(`[data-word="${s}"]`).textContent = said[i];
    const was = this.stage.previewing;
    this.stage.previewing = !!o;
    if (was && !o) {
      this.stage.freedoms();
      this.stage.draw();
    }
    if (o?.sense) this.facing(o.sense);
    if (o?.value != null) {
      this.value.value = trim(o.value);
      this.part("#unit").textContent = o.unit ?? "";
    }
    if (o?.limits) this.part("#junit").textContent = o.limits;
  }

  /** @param {string} sense */
  facing(sense) {
    this.part(".slotbutton").textContent = sense === "same" ? "the same way" : "opposite";
  }

  /** @param {number} i */
  choose(i) {
    const o = this.offers[i];
    if (!o) return;
    this.chosen = i;
    for (const [k, b] of [...this.offerBox.children].entries()) {
      b.setAttribute("aria-checked", String(k === i));
      /** @type {HTMLElement} */ (b).tabIndex = k === i ? 0 : -1;
    }
    this.offerBox.children[i].scrollIntoView({ block: "nearest", inline: "nearest" });
    this.extras(o);
    this.button.disabled = false;
    this.show(o);
  }

  /** Brings the keys to the relation chosen, if any fits. */
  focusChosen() {
    /** @type {HTMLElement | undefined} */ (this.offerBox.children[this.chosen])?.focus();
  }

  /** Arrows go through what is offered. @param {KeyboardEvent} e */
  step(e) {
    const by = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[e.key];
    if (!by) return;
    e.preventDefault();
    this.choose((this.chosen + by + this.offers.length) % this.offers.length);
    /** @type {HTMLElement | undefined} */ (this.offerBox.children[this.chosen])?.focus();
  }

  /** Tells of an offer and shows it on the stage; what it does not move goes back to where it stands. @param {Offer} o */
  show(o) {
    const bits = [];
    if (o.note) bits.push(o.note);
    bits.push(`leaves ${o.leaves}`);
    if (o.moves.length > 1) bits.push(`moves ${o.moves.length} parts`);
    else bits.push(o.moves.length ? `moves ${o.moves[0]}` : "moves nothing");
    if (o.doubled > 0) bits.push(`${o.doubled} of ${o.asked} repeat others`);
    this.say(o.odds ? `${o.label}: ${o.odds}` : bits.join(" · "), !!o.odds);
    const all = poses(this.state);
    for (const [name, p] of Object.entries(o.poses)) all.set(name, p);
    this.stage.goTo(all);
  }

  /** Tries the chosen relation with another value or alignment. */
  async preview() {
    const o = this.offers[this.chosen];
    const act = o && this.act(o);
    if (!act) return;
    const turn = ++this.turn;
    try {
      const got = await this.ask("try", act);
      if (turn !== this.turn) return;
      Object.assign(o, { odds: undefined, ...got, label: o.label, note: o.note, value: o.value });
      const figures = this.offerBox.children[this.chosen].querySelector(".ba");
      if (figures) figures.textContent = figuresOf(o);
      if (o.sense) this.facing(o.sense);
      this.show(o);
    } catch (e) {
      if (turn === this.turn) this.say(/** @type {Error} */ (e).message, true);
    }
  }

  /** Turns the alignment round. */
  flip() {
    const o = this.offers[this.chosen];
    if (!o?.sense) return;
    o.sense = o.sense === "same" ? "opposed" : "same";
    this.preview();
  }

  /** The command that the sentence says, or nothing where a number is missing. @param {Offer} o */
  act(o) {
    /** @type {Record<string, any>} */
    const a = { do: "relate", type: o.type, put: this.slots.put?.ref, on: this.slots.on?.ref, sense: o.sense || "" };
    if (o.value != null) {
      a.value = inMM(this.value.value, o.unit);
      if (a.value === null) {
        this.say("Write a number, such as 12.5.", true);
        return null;
      }
    }
    return a;
  }

  /** Posts the sentence. */
  async send() {
    const o = this.offers[this.chosen];
    const a = o && !this.button.disabled && this.act(o);
    if (!a || (o.joint && !this.limits(a, o.limits))) return;
    this.button.disabled = true;
    const said = { ...this.slots };
    if (!(await this.post(a))) {
      this.button.disabled = false;
      return;
    }
    const done = slots.filter((s) => this.slots[s] === said[s]); // the next sentence may have been begun meanwhile
    this.low.value = "";
    this.high.value = "";
    if (done.length) this.empty(done);
    if (done.includes("on") && document.activeElement === this.inputs.on) this.inputs.put.focus();
  }

  /** Adds what a joint says besides. @param {Record<string, any>} a @param {string} [unit] */
  limits(a, unit) {
    for (const [k, input] of Object.entries({ lo: this.low, hi: this.high })) {
      if (!input.value.trim()) continue;
      a[k] = inMM(input.value, unit);
      if (a[k] === null) {
        this.say("Limits are numbers, or left empty.", true);
        return false;
      }
    }
    a.plan = this.input("#mean").checked;
    return true;
  }
}

/** A length as the server takes it, or null where no number was typed. @param {string} text @param {string} [unit] */
function inMM(text, unit) {
  const typed = number(text);
  return typed === null ? null : typed * scale(unit);
}

/** @param {Offer} o */
const figuresOf = (o) => (o.odds ? "cannot hold" : `${o.before} → ${o.after}`);

/** The key of a relation that fits: 1 to 9, 0 for the tenth, and the same with Shift. @param {number} i */
const offerKey = (i) => (i < 20 ? (i < 10 ? "" : "⇧") + String((i + 1) % 10) : "");

/** Which relation that fits a key means, from 0; -1 for none. @param {KeyboardEvent} e */
export function offerOf(e) {
  if (e.ctrlKey || e.altKey || e.metaKey) return -1;
  const typed = /^[0-9]$/.test(e.key);
  const digit = typed ? e.key : /^Digit([0-9])$/.exec(e.code)?.[1]; // on some keyboards the digits want Shift
  if (!digit) return -1;
  return (Number(digit) + 9) % 10 + (!typed && e.shiftKey ? 10 : 0);
}

/** @param {Offer} o @param {number} i */
function offerButton(o, i) {
  const b = document.createElement("button");
  b.type = "button";
  b.className = "offer" + (o.odds ? " odd" : "");
  b.dataset.k = String(i);
  b.dataset.type = o.type;
  b.setAttribute("role", "radio");
  b.setAttribute("aria-checked", "false");
  b.tabIndex = i === 0 ? 0 : -1;
  const name = document.createElement("b");
  name.textContent = o.label;
  const figures = document.createElement("span");
  figures.className = "ba";
  figures.textContent = figuresOf(o);
  const key = document.createElement("span");
  key.className = "key";
  key.textContent = offerKey(i);
  b.append(key, name, figures);
  return b;
}
