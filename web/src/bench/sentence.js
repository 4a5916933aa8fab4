// @ts-check
// The sentence bar: a relation is made by saying it. Slots are filled by picking or typing; the relations that fit are tried by the
// server and previewed on the stage; Enter posts the one chosen.
import { Fields, typed } from "./fields.js";
import { calledAlso, figuresOf, offerButton, tried } from "./offers.js";
import { closePanel } from "./panel.js";
import { Slots, slots } from "./slots.js";
import { poses } from "./state.js";
import { Typing } from "./typing.js";
import { trim } from "../units.js";
import { words } from "./words.js";

/**
 * @typedef {import("../stage/pick.js").Candidate} Candidate
 * @typedef {import("./offers.js").Offer} Offer
 * @typedef {import("./slots.js").Slot} Slot
 */

const waitForTyping = 250; // ms

export class Sentence extends Slots {
  /**
   * @param {HTMLFormElement} form @param {any} stage @param {import("../net.js").Ask} ask
   * @param {(a: object) => Promise<boolean>} post
   */
  constructor(form, stage, ask, post) {
    super(form, stage);
    this.ask = ask;
    this.post = post;
    /** @type {import("./state.js").State | null} */
    this.state = null;
    /** @type {Offer[]} */
    this.offers = [];
    this.sense = "";
    this.filter = "all";
    this.wanted = ""; // the type that was asked for by name, chosen where it fits
    /** @type {{relation: string, end: string, words: string} | null} a feature of a posted relation that is picked anew */
    this.again = null;
    /** Who takes what is picked instead. @type {((c: Candidate) => void) | null} */
    this.taking = null;
    /** What goes on when a sentence was posted. @type {() => void} */
    this.posted = () => {};
    /** @type {Offer | null} whose value is in its input */
    this.valued = null;
    this.turn = 0; // which question was asked last: answers to older ones are dropped
    this.value = this.input("#value");
    this.button = /** @type {HTMLButtonElement} */ (form.querySelector("#post"));
    this.typing = new Typing(this, this.part("#choices"));
    /** @type {number} */
    let wait;
    const soon = () => {
      clearTimeout(wait);
      wait = window.setTimeout(() => this.preview(), waitForTyping);
    };
    this.fields = new Fields(this.part("#fields"), soon);
    form.addEventListener("submit", (e) => {
      e.preventDefault();
      this.send();
    });
    this.offerBox.addEventListener("click", (e) => {
      const b = /** @type {HTMLElement | null} */ (/** @type {Element} */ (e.target).closest(".offer"));
      if (b) this.choose(Number(b.dataset.k));
    });
    this.offerBox.addEventListener("keydown", (e) => this.step(e));
    this.value.addEventListener("input", soon);
    this.tell();
  }

  /** The relation chosen. @returns {Offer | undefined} */
  get offer() {
    return this.offers[this.chosen];
  }

  /** Whether the relation chosen still wants a pick. */
  get open() {
    return !!this.offer?.about && !this.slots.about;
  }

  /** The slot that the next pick goes into. @returns {Slot | null} */
  get next() {
    if (!this.slots.put) return "put";
    if (this.again) return null;
    if (!this.slots.on) return "on";
    return this.open ? "about" : null;
  }

  /** Goes to where the next feature is typed. */
  begin() {
    this.inputs[this.next || "put"].focus();
  }

  /**
   * Takes a feature into the next open slot, or the one that the hands are in.
   * @param {Candidate} c @param {boolean} [post] what is offered first is posted at once, if it holds
   */
  async pick(c, post) {
    const target = this.target && this.slots[this.target] ? this.target : null;
    await this.fill(target || this.next || "on", c);
    if (post && this.offer && !this.offer.odds && !this.open) await this.send();
  }

  /** Picks a feature of a posted relation anew. @param {string} relation @param {string} end @param {string} was */
  repick(relation, end, was) {
    closePanel();
    this.clear();
    this.again = { relation, end, words: was };
    this.form.dataset.mode = "again";
    this.part('[data-word="put"]').textContent = `In ${relation}, in place of ${was}, take`;
    this.tell();
  }

  /** @param {Slot} s @param {Candidate} c */
  async fill(s, c) {
    if (this.taking) {
      this.taking(c);
      return;
    }
    if (this.again) {
      const { relation, end } = this.again;
      this.leave();
      await this.post({ do: "repick", relation, end, ref: c.ref });
      return;
    }
    const other = s === "put" ? "on" : s === "on" ? "put" : null;
    if (other && this.slots[other]?.k && this.slots[other]?.k === c.k) {
      this.say(`Both picks are on ${c.k?.data.name}; pick the second one on another part.`, true);
      return;
    }
    this.slots[s] = c;
    this.inputs[s].value = words(c);
    this.inputs[s].title = words(c);
    this.typing.close();
    this.target = null;
    if (!other) {
      this.mark();
      if (s === "about" && this.offer) {
        this.offer.value = undefined; // it is read off anew
        this.valued = null;
      }
      await this.preview();
      return;
    }
    this.sense = "";
    this.drop(["put_too", "on_too", "about"]);
    this.mark();
    await this.tryAll();
  }

  /** Ends picking anew. */
  leave() {
    this.again = null;
    delete this.form.dataset.mode;
    this.extras(null);
    this.tell();
  }

  /** Empties slots and forgets what was offered. @param {Slot[]} which */
  empty(which) {
    this.drop(which);
    if (which.includes("put") || which.includes("on")) {
      this.drop(["put_too", "on_too", "about"]);
      this.sense = "";
      this.offers = [];
    }
    this.target = null;
    this.mark();
    if (this.offers.length) this.choose(this.chosen);
    else this.render();
    this.tell();
  }

  /** Undoes the last pick only. */
  stepBack() {
    const s = /** @type {Slot[]} */ (["about", "on", "put"]).find((x) => this.slots[x]);
    if (!s) return;
    this.empty([s]);
    this.unpreview();
  }

  /** Begins anew; it tells whether there was anything to clear. */
  clear() {
    const had = this.again || slots.some((s) => this.slots[s] || this.inputs[s].value);
    this.wanted = "";
    if (this.again) this.leave();
    if (!had) return false;
    this.typing.close();
    this.empty(["put", "on"]);
    this.unpreview();
    return true;
  }

  unpreview() {
    this.stage.goTo(poses(this.state));
  }

  /** Asks for a relation by name: it is chosen as soon as what is picked allows it. @param {string} type @param {string} label */
  want(type, label) {
    const at = this.offers.findIndex((o) => o.type === type);
    if (at >= 0) {
      this.choose(at);
      return;
    }
    if (this.offers.length) {
      this.say(`What is picked allows no "${label}".`, true);
      return;
    }
    this.wanted = type;
    this.begin();
    this.say(`For "${label}": pick what is put, then what it goes on.`);
  }

  /** Says what is wanted next. */
  tell() {
    for (const s of slots) this.inputs[s].parentElement?.classList.toggle("next", this.next === s);
    const put = this.slots.put;
    if (this.again) this.say("Pick what takes its place; the rest of the relation stays. Escape keeps it as it is.");
    else if (!put) this.say("Pick the feature that is to be put somewhere: what is picked first moves.");
    else if (!this.slots.on && put.k?.data.grounded) this.say(`${put.k.data.name} is grounded, so what is picked next will move to it.`);
    else if (!this.slots.on) this.say("Now pick what it goes on.");
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
      if (got.length) this.choose(Math.max(0, got.findIndex((/** @type {Offer} */ o) => o.type === this.wanted && !o.odds)));
      else this.say("No relation fits these two features.", true);
      if (got.some((/** @type {Offer} */ o) => o.untried)) this.tryWhole(got, put.ref, on.ref);
    } catch (e) {
      if (turn !== this.turn) return;
      this.offers = [];
      this.render();
      this.say(/** @type {Error} */ (e).message, true);
    } finally {
      this.form.removeAttribute("aria-busy");
    }
  }

  /**
   * Has those tried that a quick look left open; none changes its place or its key.
   * @param {Offer[]} offers @param {string} put @param {string} on
   */
  async tryWhole(offers, put, on) {
    const whole = await this.ask("offers", { Put: put, On: on, Sense: this.sense, Whole: true }).catch((/** @type {Error} */ e) => e);
    if (this.offers !== offers) return;
    if (whole instanceof Error) {
      this.say(whole.message, true);
      return;
    }
    const told = tried(offers, whole);
    for (const i of told) {
      const was = this.offerBox.children[i];
      was.classList.toggle("odd", !!offers[i].odds);
      /** @type {Element} */ (was.querySelector(".ba")).textContent = figuresOf(offers[i], false);
    }
    if (told.includes(this.chosen)) this.choose(this.chosen);
  }

  render() {
    this.offerBox.replaceChildren(...this.offers.map((o, i) => offerButton(o, i)));
    this.form.classList.toggle("trying", this.offers.length > 0);
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
    on("about", !!o?.about);
    on("put_too", !!o?.put_too);
    on("on_too", !!o?.on_too);
    on("joint", !!o?.joint);
    for (const s of /** @type {const} */ (["put_too", "on_too"])) {
      const ref = o?.[s];
      if (ref && this.slots[s]?.ref !== ref) {
        this.slots[s] = this.stage.find(ref);
        this.inputs[s].value = this.slots[s] ? words(/** @type {Candidate} */ (this.slots[s])) : ref;
      } else if (!ref) this.drop([s]);
    }
    if (!o?.about) this.drop(["about"]);
    else this.inputs.about.placeholder = o.about;
    this.fields.show(o?.fields ?? []);
    const said = o?.say ?? ["Put", "on"];
    if (!this.again) this.part('[data-word="put"]').textContent = said[0];
    this.part('[data-word="on"]').textContent = said[1];
    const was = this.stage.previewing;
    this.stage.previewing = !!o;
    if (was && !o) {
      this.stage.freedoms();
      this.stage.draw();
    }
    if (o?.sense) this.facing(o.sense);
    if (o?.value != null && this.valued !== o) {
      this.valued = o; // what is typed from now on stays
      this.value.value = trim(o.value);
      this.part("#unit").textContent = o.unit ?? "";
    }
  }

  /** @param {number} i */
  choose(i) {
    const o = this.offers[i];
    if (!o) return;
    this.chosen = i;
    this.valued = null;
    for (const [k, b] of [...this.offerBox.children].entries()) {
      b.setAttribute("aria-checked", String(k === i));
      /** @type {HTMLElement} */ (b).tabIndex = k === i ? 0 : -1;
    }
    this.offerBox.children[i].scrollIntoView({ block: "nearest", inline: "nearest" });
    this.extras(o);
    this.mark();
    this.button.disabled = this.open;
    this.tellNext();
    if (this.open) {
      this.unpreview();
      this.say(`Now pick ${o.about}.`);
    } else this.show(o);
  }

  tellNext() {
    for (const s of slots) this.inputs[s].parentElement?.classList.toggle("next", this.next === s);
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
    if (o.untried) {
      this.unpreview();
      this.say(`Many parts would move; "${o.label}" is being tried …`);
      return;
    }
    const bits = [];
    if (o.note) bits.push(o.note);
    bits.push(`leaves ${o.leaves}`);
    if (o.moves.length > 1) bits.push(`moves ${o.moves.length} parts`);
    else bits.push(o.moves.length ? `moves ${o.moves[0]}` : "moves nothing");
    if (o.also?.length) bits.push(`also called ${calledAlso(o)}`);
    if (o.doubled > 0) bits.push(`${o.doubled} of ${o.asked} repeat others`);
    this.say(o.odds ? `${o.label}: ${o.odds}` : bits.join(" · "), !!o.odds);
    const all = poses(this.state);
    for (const [name, p] of Object.entries(o.poses)) all.set(name, p);
    this.stage.goTo(all);
  }

  /** Tries the chosen relation with another value, alignment or pick. */
  async preview() {
    const o = this.offer;
    if (!o) return;
    this.tellNext();
    this.button.disabled = this.open;
    const act = !this.open && this.act(o);
    if (!act) return;
    const turn = ++this.turn;
    try {
      const got = await this.ask("try", act);
      if (turn !== this.turn) return;
      Object.assign(o, { odds: undefined, untried: false, ...got, label: o.label, note: o.note, about: o.about });
      const figures = this.offerBox.children[this.chosen].querySelector(".ba");
      if (figures) figures.textContent = figuresOf(o, false);
      if (o.sense) this.facing(o.sense);
      this.extras(o);
      this.show(o);
    } catch (e) {
      if (turn === this.turn) this.say(/** @type {Error} */ (e).message, true);
    }
  }

  /** Turns the alignment round; of an angle about an axis the sign, of what rests the side. */
  flip() {
    const o = this.offer;
    if (!o) return;
    const side = this.fields.input("side");
    if (side) side.value = side.value === "inside" ? "outside" : "inside";
    else if (o.about && o.unit === "°") this.value.value = trim(-Number(this.value.value) || 0);
    else if (o.sense) o.sense = o.sense === "same" ? "opposed" : "same";
    else return;
    this.preview();
  }

  /** A quarter turn more, of what turns something; it tells whether there is such a thing. */
  quarter() {
    const input = this.offer && (this.fields.input("turn") ?? this.fields.input("value") ?? (this.offer.unit === "°" ? this.value : null));
    if (!input) return false;
    const v = (Number(input.value) || 0) + 90;
    input.value = trim(v > 180 ? v - 360 : v);
    this.preview();
    return true;
  }

  /** The command that the sentence says, or nothing where a number is missing. @param {Offer} o */
  act(o) {
    /** @type {Record<string, any>} */
    const a = { do: "relate", type: o.type, put: this.slots.put?.ref, on: this.slots.on?.ref, sense: o.sense || "" };
    for (const s of /** @type {const} */ (["put_too", "on_too", "about"])) {
      if (this.slots[s]) a[s] = this.slots[s]?.ref;
    }
    a.fields = this.fields.read();
    if (o.value != null) {
      const v = typed(this.value.value, o.unit);
      if (v === undefined) {
        this.say("Write a number, such as 12.5, or a sum, such as depth + 3 mm.", true);
        return null;
      }
      a.fields[o.main ?? "value"] = v;
    }
    return a;
  }

  /** Posts the sentence. */
  async send() {
    const o = this.offer;
    const a = o && !this.button.disabled && this.act(o);
    if (!a) return;
    if (o.joint) a.plan = this.input("#mean").checked;
    this.button.disabled = true;
    const said = { ...this.slots };
    if (!(await this.post(a))) {
      this.button.disabled = false;
      return;
    }
    this.wanted = "";
    setTimeout(() => this.posted(), 0);
    const two = /** @type {Slot[]} */ (["put", "on"]);
    const done = two.filter((s) => this.slots[s] === said[s]); // the next sentence may have been begun meanwhile
    this.fields.clear();
    if (done.length) this.empty(done);
    if (done.includes("on") && document.activeElement === this.inputs.on) this.inputs.put.focus();
  }
}
