// @ts-check
// Typing in the sentence: finds features by name, for those who do not point.
import { refOf, wants } from "../stage/feature.js";
import { words } from "./words.js";

/**
 * @typedef {import("./sentence.js").Slot} Slot
 * @typedef {import("../stage/pick.js").Candidate} Candidate
 */

const mostFound = 200;
const mostShown = 60;

/**
 * The features whose words hold all that is typed, those of the parts first. It looks no further than it must.
 * @param {Map<string, any>} comps @param {string} text @param {string} filter @param {any} but a component that is left out
 * @param {(ref: string) => Candidate | null} find
 * @returns {Candidate[]}
 */
export function search(comps, text, filter, but, find) {
  const want = text.toLowerCase().split(/[\s·›]+/).filter(Boolean);
  /** @type {Candidate[]} */
  const out = [];
  const push = (/** @type {Candidate | null} */ c) => {
    const w = c && words(c).toLowerCase() + " " + c.ref.toLowerCase();
    if (w && want.every((t) => w.includes(t))) out.push(c);
  };
  for (const k of comps.values()) {
    if (k === but) continue;
    for (const s of k.uses) {
      for (const f of s.shape.features) {
        if (f.vertex < 0 && !f.seam && !f.same && wants(filter, f)) push({ k, s, f, ref: refOf(s, f) });
      }
      for (const f of s.helpers?.values() ?? []) {
        if (wants(filter, f)) push({ k, s, f, ref: refOf(s, f) });
      }
      for (const f of s.shape.byName.values()) {
        if (f.built && want.length) push({ k, s, f, ref: refOf(s, f) });
      }
    }
    if (out.length > mostFound) break;
  }
  for (const n of ["xy", "yz", "zx", "x", "y", "z", "origin"]) push(find(`@/${n}`));
  return out.slice(0, mostShown);
}

export class Typing {
  /** @param {import("./sentence.js").Sentence} sentence @param {HTMLElement} box */
  constructor(sentence, box) {
    this.sentence = sentence;
    this.box = box;
    /** @type {Candidate[]} */
    this.list = [];
    this.at = -1;
    /** @type {Slot | null} whose list is open */
    this.open = null;
    for (const s of /** @type {Slot[]} */ (Object.keys(sentence.inputs))) this.on(s);
  }

  /** @param {Slot} s */
  on(s) {
    const input = this.sentence.inputs[s];
    input.addEventListener("input", () => this.typed(s));
    input.addEventListener("focus", () => input.select());
    input.addEventListener("keydown", (e) => this.key(s, e));
    input.addEventListener("blur", () => setTimeout(() => {
      if (document.activeElement === input || this.open !== s) return; // the list may be the other slot's by now
      this.close();
      this.sentence.stage.setHover(null);
    }, 120));
  }

  close() {
    this.open = null;
    this.box.hidden = true;
    for (const i of Object.values(this.sentence.inputs)) i.setAttribute("aria-expanded", "false");
  }

  /** @param {Slot} s */
  typed(s) {
    const { sentence } = this;
    if (sentence.slots[s]) {
      sentence.slots[s] = null;
      if (s === "put" || s === "on") {
        sentence.offers = [];
        sentence.render();
      }
      sentence.mark();
    }
    if (this.show(s)) sentence.tell();
    else sentence.say("Nothing here is called so. Try the part's name and a word such as hole, face or rim.", true);
  }

  /** Lists what is found; it tells whether that is anything, or nothing was asked. @param {Slot} s */
  show(s) {
    const { sentence } = this;
    const input = sentence.inputs[s];
    const other = s === "put" ? sentence.slots.on?.k : s === "on" ? sentence.slots.put?.k : null;
    this.list = search(sentence.stage.comps, input.value, sentence.filter, other, (ref) => sentence.stage.find(ref));
    this.at = this.list.length ? 0 : -1;
    this.box.replaceChildren(...this.list.map((c, i) => this.choice(s, c, i)));
    this.box.hidden = !this.list.length;
    this.open = this.list.length ? s : null;
    input.setAttribute("aria-expanded", String(!this.box.hidden));
    if (this.at >= 0) input.setAttribute("aria-activedescendant", "choice-0");
    return this.list.length > 0 || !input.value.trim();
  }

  /** @param {Slot} s @param {Candidate} c @param {number} i */
  choice(s, c, i) {
    const li = document.createElement("li");
    li.id = `choice-${i}`;
    li.setAttribute("role", "option");
    li.setAttribute("aria-selected", String(i === 0));
    li.textContent = words(c);
    li.addEventListener("mousedown", (e) => {
      e.preventDefault();
      this.sentence.fill(s, c);
    });
    li.addEventListener("mouseenter", () => this.sentence.stage.setHover(c));
    return li;
  }

  /** @param {Slot} s @param {KeyboardEvent} e */
  key(s, e) {
    const by = { ArrowDown: 1, ArrowUp: -1 }[e.key];
    if (by) {
      e.preventDefault();
      if (this.box.hidden) this.show(s);
      else this.step(s, by);
    } else if (e.key === "Enter" && !this.box.hidden && this.list[this.at]) {
      e.preventDefault();
      this.sentence.stage.setHover(null);
      this.take(s, this.list[this.at]);
    } else if (e.key === "Escape" && !this.box.hidden) {
      e.stopPropagation();
      this.close();
    }
  }

  /** Fills a slot by typing; the hands go on to what comes next: the other slot, or what fits. @param {Slot} s @param {Candidate} c */
  async take(s, c) {
    const { sentence } = this;
    const filling = sentence.fill(s, c);
    if (sentence.next) {
      sentence.inputs[sentence.next].focus();
      return;
    }
    sentence.inputs[s].blur();
    await filling;
    if (document.activeElement === document.body) sentence.focusChosen();
  }

  /** @param {Slot} s @param {number} by */
  step(s, by) {
    this.at = (this.at + by + this.list.length) % this.list.length;
    for (const [i, li] of [...this.box.children].entries()) li.setAttribute("aria-selected", String(i === this.at));
    this.box.children[this.at].scrollIntoView({ block: "nearest" });
    this.sentence.inputs[s].setAttribute("aria-activedescendant", `choice-${this.at}`);
    this.sentence.stage.setHover(this.list[this.at]);
  }
}
