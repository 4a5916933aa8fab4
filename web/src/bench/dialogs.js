// @ts-check
// The dialogs of the Bench: placing parts, asking for a text, and everything by its plain name.

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

/** Asks for one text; null where nothing is meant. @param {string} title @param {string} text @returns {Promise<string | null>} */
export function ask(title, text) {
  const d = /** @type {HTMLDialogElement} */ ($("#asking"));
  const i = /** @type {HTMLInputElement} */ ($("#asking-text"));
  $("#asking-h").textContent = title;
  i.value = text;
  d.returnValue = "";
  d.showModal();
  i.select();
  i.onkeydown = (e) => {
    if (e.key !== "Enter") return;
    e.preventDefault();
    d.close("go");
  };
  return new Promise((r) => d.addEventListener("close", () => r(d.returnValue === "go" ? i.value.trim() : null), { once: true }));
}

const mostOfOne = 99;

/** Placing is where parts are chosen from the Shelf, so many of each. */
export class Placing {
  /** @param {(items: string[]) => void} place @param {() => boolean} any whether something is placed already */
  constructor(place, any) {
    this.any = any;
    this.box = /** @type {HTMLDialogElement} */ ($("#placing"));
    /** @type {Map<string, number>} in the order in which they were asked for: that is the build order */
    this.wanted = new Map();
    this.box.addEventListener("click", (e) => this.more(e));
    this.box.addEventListener("input", (e) => this.typed(e));
    this.box.addEventListener("close", () => {
      if (this.box.returnValue === "go") place(this.chosen());
    });
    this.box.addEventListener("keydown", (e) => {
      if (e.key !== "Enter" || !(e.target instanceof HTMLInputElement)) return;
      e.preventDefault();
      if (this.chosen().length) this.box.close("go");
    });
  }

  open() {
    this.wanted = new Map();
    for (const i of /** @type {NodeListOf<HTMLInputElement>} */ (this.box.querySelectorAll("[data-key]"))) i.value = "0";
    this.box.returnValue = "";
    this.box.showModal();
    /** @type {HTMLElement | null} */ (this.box.querySelector("[data-more]"))?.focus();
    this.count();
  }

  /** @param {MouseEvent} e */
  more(e) {
    const b = /** @type {HTMLElement | null} */ (/** @type {Element} */ (e.target).closest("[data-more]"));
    if (!b) return;
    const i = /** @type {HTMLInputElement} */ (document.getElementById(b.dataset.more ?? ""));
    i.value = String(Number(i.value) + 1);
    this.want(i);
    this.count();
    if (e.shiftKey) this.box.close("go"); // the last one
  }

  /** @param {Event} e */
  typed(e) {
    const i = /** @type {HTMLInputElement} */ (e.target);
    if (i.dataset.key) this.want(i);
    else this.find(i.value.toLowerCase());
    this.count();
  }

  /** @param {string} text */
  find(text) {
    for (const li of /** @type {NodeListOf<HTMLElement>} */ (this.box.querySelectorAll(".pickparts li"))) {
      li.hidden = !(li.dataset.words ?? "").includes(text);
    }
  }

  /** @param {HTMLInputElement} i */
  want(i) {
    const n = Math.max(0, Math.min(mostOfOne, Math.floor(Number(i.value)) || 0));
    const key = i.dataset.key ?? "";
    if (n) this.wanted.set(key, n);
    else this.wanted.delete(key);
  }

  chosen() {
    return [...this.wanted].flatMap(([key, n]) => Array(n).fill(key));
  }

  /** Says what will be placed, and what becomes of the first. */
  count() {
    const n = this.chosen().length;
    const go = /** @type {HTMLButtonElement} */ ($("#placego"));
    go.textContent = n ? `Place ${n}` : "Place";
    go.disabled = !n;
    $("#placing-base").textContent = this.base();
  }

  base() {
    if (this.any()) return "Arrivals are spread out so that none hides another.";
    const [first] = this.wanted.keys();
    if (!first) return "Choose the base first: it is grounded on the origin, the others are spread out beside it.";
    const name = this.box.querySelector(`[data-key="${first}"]`)?.closest("li")?.querySelector(".strong")?.textContent;
    return `${name} was chosen first: it is the base, grounded on the origin.`;
  }
}

/** @typedef {{words: string, keys?: string, help?: string, run: () => void}} Choice */

/** Palette finds one of many things by what it is called. */
export class Palette {
  constructor() {
    this.box = /** @type {HTMLDialogElement} */ ($("#commands"));
    this.find = /** @type {HTMLInputElement} */ ($("#command-find"));
    this.list = $("#command-list");
    /** @type {Choice[]} */
    this.all = [];
    /** @type {Choice[]} */
    this.shown = [];
    this.at = 0;
    this.find.addEventListener("input", () => this.show());
    this.find.addEventListener("keydown", (e) => this.key(e));
  }

  /** @param {Choice[]} all */
  open(all) {
    this.all = all;
    this.find.value = "";
    this.show();
    this.box.showModal();
    this.find.focus();
  }

  show() {
    const want = this.find.value.toLowerCase().split(/\s+/).filter(Boolean);
    this.shown = this.all.filter((c) => {
      const text = `${c.words} ${c.help ?? ""}`.toLowerCase();
      return want.every((t) => text.includes(t));
    });
    this.at = 0;
    this.list.replaceChildren(...this.shown.map((c, i) => this.row(c, i)));
  }

  /** @param {Choice} c @param {number} i */
  row(c, i) {
    const li = document.createElement("li");
    li.id = `cmd-${i}`;
    li.setAttribute("role", "option");
    li.setAttribute("aria-selected", String(i === 0));
    const name = document.createElement("span");
    name.textContent = c.words;
    if (c.help) name.title = c.help;
    const key = document.createElement("span");
    key.className = "soft";
    key.textContent = c.keys ?? "";
    li.append(name, key);
    li.addEventListener("click", () => this.run(i));
    return li;
  }

  /** @param {number} i */
  run(i) {
    this.box.close();
    const c = this.shown[i];
    if (c) setTimeout(c.run, 0);
  }

  /** @param {KeyboardEvent} e */
  key(e) {
    const by = { ArrowDown: 1, ArrowUp: -1 }[e.key];
    if (by && this.shown.length) {
      e.preventDefault();
      this.at = (this.at + by + this.shown.length) % this.shown.length;
      for (const [i, li] of [...this.list.children].entries()) li.setAttribute("aria-selected", String(i === this.at));
      this.list.children[this.at].scrollIntoView({ block: "nearest" });
      this.find.setAttribute("aria-activedescendant", `cmd-${this.at}`);
    }
    if (e.key === "Enter") {
      e.preventDefault();
      this.run(this.at);
    }
  }
}
