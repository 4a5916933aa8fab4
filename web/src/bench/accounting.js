// @ts-check
// Account for it: the relations that the placement implies, as a stack of cards in build order. Enter takes a card's relations, Backspace
// refuses them; each card that is taken is a line of the log like any other, and the account follows.
import { focusCard, make } from "./cards.js";

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

/**
 * @typedef {{says: string, why: string, a: string, b: string, removes: number, mate: any}} Implied
 * @typedef {{kind: string, name: string, components: string[], relations: string[], removes: number}} Card
 * @typedef {{seq: number, base: string, order: string[], groups: Card[], relations: Record<string, Implied>, also: string[],
 *   held: string[], alone: any[], apart: any[], doubts: string[], hints: any[], below: {id: number, name: string}[]}} Proposal
 */

const kinds = { seat: "", stack: "on one axis", pattern: "alike" };

/** @param {string} text @param {string} act */
function button(text, act) {
  const b = make("button", "plain", text);
  b.type = "button";
  b.dataset.implied = act;
  return b;
}

export class Accounting {
  /**
   * @param {{act: (a: object) => Promise<boolean>, call: import("../net.js").Ask, stage: any, tell: (text: string, bad?: boolean) => void,
   *   state: () => import("./state.js").State | null, palette: import("./dialogs.js").Palette, back: () => void, close: () => void}} b
   */
  constructor(b) {
    this.b = b;
    this.box = $("#implied");
    this.cards = $("#implied-cards");
    /** @type {Proposal | null} */
    this.found = null;
    /** @type {Map<number, "taken" | "refused">} */
    this.decided = new Map();
    this.begun = false; // base and order are said with the first card
    this.box.addEventListener("click", (e) => this.click(/** @type {Element} */ (e.target)));
    this.box.addEventListener("keydown", (e) => this.key(e));
    this.box.addEventListener("focusin", (e) => this.lightCard(/** @type {Element} */ (e.target)));
  }

  get on() {
    return !this.box.hidden;
  }

  /** Whether the parts at hand are placed and nothing relates them. @param {import("./state.js").State} s */
  wanted(s) {
    return s.components.length > 1 && !Object.keys(s.mates).length;
  }

  /** Shows or hides the invitation. @param {import("./state.js").State} s */
  invite(s) {
    $("#inviting").hidden = this.on || !this.wanted(s);
  }

  /** @param {string} [base] what stands, instead of what was found */
  async open(base) {
    this.b.close();
    this.show(true);
    this.cards.replaceChildren();
    $("#implied-notes").replaceChildren();
    $("#implied-sum").textContent = "Looking at what touches what …";
    try {
      this.found = await this.b.call(`implied${base ? `?base=${encodeURIComponent(base)}` : ""}`);
    } catch (e) {
      this.show(false);
      this.b.tell(/** @type {Error} */ (e).message, true);
      return;
    }
    this.decided.clear();
    this.begun = false;
    this.draw();
    this.goTo(0);
  }

  /** @param {boolean} on */
  show(on) {
    this.box.hidden = !on;
    $("#account").classList.toggle("accounting", on);
    const s = this.b.state();
    if (s) this.invite(s);
    if (!on) this.b.stage.light(null);
  }

  draw() {
    const f = this.found;
    if (!f) return;
    this.cards.replaceChildren(...f.groups.map((g, i) => this.card(f, g, i)));
    $("#implied-base").replaceChildren(make("b", "", f.base || "Nothing"), " stands. ", button("another base", "base"));
    this.notes(f);
    this.sum();
  }

  /** @param {Proposal} f @param {Card} g @param {number} i */
  card(f, g, i) {
    const li = make("li", "impliedcard");
    li.tabIndex = -1;
    li.dataset.card = String(i);
    const kind = kinds[/** @type {keyof typeof kinds} */ (g.kind)] ?? "";
    const takes = make("span", "takes", `−${g.removes}`);
    const head = make("div", "cardhead", make("b", "", g.name), make("span", "soft", kind), make("span", "grow"), takes);
    const list = make("ul", "cardlines", ...g.relations.map((id) => this.line(f, id, true)));
    li.append(head, list);
    const more = [...f.also, ...f.held].filter((id) => this.about(f.relations[id], g.components));
    if (more.length) {
      const rest = make("details", "cardmore", make("summary", "", `${more.length} more`));
      rest.append(make("ul", "cardlines", ...more.map((id) => this.line(f, id, false))));
      li.append(rest);
    }
    li.append(make("div", "cardfoot", button("Take", "take"), button("Refuse", "refuse"), make("span", "decided soft")));
    return li;
  }

  /** @param {Implied} r @param {string[]} components */
  about(r, components) {
    return components.includes(r.b.split("/")[0]);
  }

  /** @param {Proposal} f @param {string} id @param {boolean} on */
  line(f, id, on) {
    const r = f.relations[id];
    const tick = document.createElement("input");
    tick.type = "checkbox";
    tick.checked = on;
    tick.dataset.id = id;
    const takes = r.removes ? `−${r.removes}` : "repeats";
    const says = make("span", "", r.says, " ", make("span", "soft", r.why));
    return make("li", "", make("label", "", tick, says, make("span", "takes", takes)));
  }

  /** What it says besides: what is near but apart, alone, in doubt. @param {Proposal} f */
  notes(f) {
    /** @type {HTMLElement[]} */
    const out = [];
    const list = (/** @type {string} */ title, /** @type {string[]} */ says) => {
      if (!says.length) return;
      const d = make("details", "cardmore", make("summary", "", `${title} (${says.length})`));
      d.append(make("ul", "impliedsaid", ...says.map((s) => make("li", "", s))));
      out.push(d);
    };
    $("#implied-below").replaceChildren(...f.below.map((s) => {
      const a = make("a", "", s.name);
      a.href = `/a/${s.id}#account`;
      return make("p", "notice", "Nothing relates the parts inside ", a, " yet: account for it first.");
    }));
    list("Alone: nothing touches them", f.alone.map((x) => {
      const near = x.near.map((/** @type {any} */ n) => `${n.component} ${n.mm} mm`).join(", ");
      return `${x.component}; nearest ${near || "nothing"}`;
    }));
    list("Apart by a little", f.apart.map((x) => `${x.mm} mm apart: ${x.b} and ${x.a} (${x.what})`));
    list("It could be otherwise", f.doubts);
    list("Hints", f.hints.map((h) => `${h.b} and ${h.a}: ${h.says}`));
    $("#implied-notes").replaceChildren(...out);
  }

  sum() {
    const f = this.found;
    if (!f) return;
    const left = f.groups.length - this.decided.size;
    const all = /** @type {HTMLButtonElement} */ (this.box.querySelector('[data-implied="all"]'));
    all.hidden = !left;
    all.textContent = `Take all ${left > 1 ? `${left} ` : ""}that ${left === 1 ? "is" : "are"} left`;
    $("#implied-sum").textContent = f.groups.length
      ? `${this.decided.size} of ${f.groups.length} decided`
      : "Nothing that is placed here touches anything else.";
  }

  /** @param {number} i */
  goTo(i) {
    focusCard(this.cards, i);
  }

  /** @param {Element} e */
  lightCard(e) {
    const g = this.found?.groups[Number(/** @type {HTMLElement | null} */ (e.closest("[data-card]"))?.dataset.card ?? -1)];
    if (!g) return;
    const on = g.relations.map((id) => this.found?.relations[id].a.split("/")[0] ?? "");
    this.b.stage.light([...new Set([...g.components, ...on])]);
  }

  /** The next card that is not decided, after one. @param {number} i */
  next(i) {
    const n = this.cards.children.length;
    for (let k = 1; k <= n; k++) if (!this.decided.has((i + k) % n)) return (i + k) % n;
    return -1;
  }

  /** The relations ticked on cards. @param {number[]} cards */
  ticked(cards) {
    const ticks = cards.flatMap((i) => [...this.cards.children[i].querySelectorAll("input:checked")]);
    return ticks.map((t) => /** @type {HTMLElement} */ (t).dataset.id ?? "");
  }

  /** @param {number[]} cards @param {string} as */
  async take(cards, as) {
    const f = this.found;
    if (!f) return;
    const ids = this.ticked(cards);
    if (!ids.length) {
      for (const i of cards) this.decide(i, "refused");
      return;
    }
    const first = this.begun ? {} : { stands: f.base, order: f.order };
    if (!(await this.b.act({ do: "adopt", as, relations: ids.map((id) => f.relations[id].mate), ...first }))) return;
    this.begun = true;
    for (const i of cards) this.decide(i, "taken");
    const on = this.next(Math.max(...cards));
    if (on >= 0) this.goTo(on);
    else this.finish();
  }

  /** @param {number} i @param {"taken" | "refused"} how */
  decide(i, how) {
    const li = /** @type {HTMLElement} */ (this.cards.children[i]);
    if (this.decided.get(i) === "taken") return;
    this.decided.set(i, how);
    li.dataset.decided = how;
    /** @type {HTMLElement} */ (li.querySelector(".decided")).textContent = how;
    for (const t of li.querySelectorAll("input, [data-implied='take'], [data-implied='refuse']")) {
      /** @type {HTMLInputElement} */ (t).disabled = how === "taken";
    }
    this.sum();
  }

  finish() {
    const s = this.b.state();
    this.show(false);
    this.b.tell(`Accounted for: ${s?.verdict ?? ""}.`);
    this.b.back();
  }

  /** @param {KeyboardEvent} e */
  key(e) {
    const target = /** @type {HTMLElement} */ (e.target);
    const i = Number(/** @type {HTMLElement | null} */ (target.closest("[data-card]"))?.dataset.card ?? -1);
    const plain = !e.ctrlKey && !e.altKey && !e.metaKey;
    if (!plain) return;
    if (e.key === "Escape") this.leave();
    else if (i < 0 || target.matches("button, summary")) return;
    else if (e.key === "Enter") this.takeOne(i);
    else if (e.key === "Backspace" || e.key === "Delete") this.refuse(i);
    else if (e.key === "ArrowDown") this.goTo(i + 1);
    else if (e.key === "ArrowUp") this.goTo(i - 1);
    else return;
    e.preventDefault();
    e.stopPropagation();
  }

  leave() {
    this.show(false);
    this.b.back();
  }

  /** @param {number} i */
  takeOne(i) {
    if (this.decided.get(i) !== "taken" && this.found) this.take([i], this.found.groups[i].name);
  }

  /** @param {number} i */
  refuse(i) {
    if (this.decided.get(i) === "taken") return;
    this.decide(i, "refused");
    const on = this.next(i);
    if (on >= 0) this.goTo(on);
    else this.finish();
  }

  /** @param {Element} e */
  click(e) {
    const li = /** @type {HTMLElement | null} */ (e.closest("[data-card]"));
    const i = Number(li?.dataset.card ?? -1);
    switch (/** @type {HTMLElement | null} */ (e.closest("[data-implied]"))?.dataset.implied) {
      case "take":
        this.takeOne(i);
        return;
      case "refuse":
        this.refuse(i);
        return;
      case "all":
        this.takeRest();
        return;
      case "leave":
        this.leave();
        return;
      case "base":
        this.b.palette.open((this.found?.order ?? []).map((words) => ({ words, run: () => this.open(words) })));
        return;
    }
    if (li && !e.closest("input, label, summary")) this.goTo(i);
  }

  takeRest() {
    const rest = [...this.cards.children].map((_, i) => i).filter((i) => !this.decided.has(i));
    if (rest.length) this.take(rest, rest.length === 1 ? this.found?.groups[rest[0]].name ?? "" : "what is placed");
  }
}
