// @ts-check
// The account beside the stage: a line for each component, then the findings. A line that did not change is left alone, and with it
// what is open and what has the focus.
import { points } from "./coupling.js";
import { typed } from "./fields.js";
import { bodiesOf } from "./state.js";
import { shown } from "../units.js";

/** @param {string} html */
function element(html) {
  const t = document.createElement("template");
  t.innerHTML = html.trim();
  return /** @type {HTMLElement} */ (t.content.firstElementChild);
}

/**
 * @typedef {object} Around what the account is in
 * @property {(a: object) => Promise<boolean>} act
 * @property {any} stage
 * @property {(title: string, text: string) => Promise<string | null>} ask
 * @property {(k: number) => void} swing
 * @property {(command: string) => void} run
 * @property {(relation: string, end: string, was: string) => void} repick
 */

export class Ledger {
  /** @param {HTMLElement} box @param {Around} bench */
  constructor(box, bench) {
    this.box = box;
    this.bench = bench;
    this.lines = /** @type {HTMLElement} */ (box.querySelector("#lines"));
    this.findings = /** @type {HTMLElement} */ (box.querySelector("#findings"));
    this.none = /** @type {HTMLElement} */ (box.querySelector("#noaccount"));
    /** @type {import("./state.js").State | null} */
    this.state = null;
    /** @type {Set<string>} */
    this.open = new Set();
    /** @type {Map<string, {html: string, el: HTMLElement}>} */
    this.rows = new Map();
    this.told = ""; // the findings as they are shown
    /** @type {string | null} */
    this.lit = null;
    box.addEventListener("click", (e) => this.click(e));
    box.addEventListener("change", (e) => this.change(e));
    box.addEventListener("keydown", (e) => this.step(e));
  }

  /** @param {import("./state.js").State} s */
  show(s) {
    const focus = this.remember(document.activeElement);
    this.state = s;
    this.none.hidden = s.components.length > 0;
    this.none.textContent = "The account opens with the first part placed.";
    this.showLines(s);
    if (s.findings !== this.told) {
      this.told = s.findings;
      this.findings.innerHTML = s.findings;
    }
    this.findings.hidden = !s.components.length;
    this.lit = null;
    for (const li of this.lines.querySelectorAll(".lit")) li.classList.remove("lit");
    focus?.();
  }

  /** Puts lines in order, making anew only those that changed. @param {import("./state.js").State} s */
  showLines(s) {
    /** @type {Map<string, {html: string, el: HTMLElement}>} */
    const rows = new Map();
    for (const [key, row] of this.rows) {
      if (!(key in s.lines)) row.el.remove();
    }
    let at = this.lines.firstElementChild;
    for (const key of s.line_order) {
      const html = s.lines[key];
      let row = this.rows.get(key);
      if (row?.html !== html) {
        const el = element(html);
        if (row) {
          if (row.el === at) at = at.nextElementSibling;
          row.el.remove();
        }
        row = { html, el };
        if (this.open.has(key)) this.unfold(el, true);
      }
      rows.set(key, row);
      if (row.el === at) at = at.nextElementSibling;
      else this.lines.insertBefore(row.el, at);
    }
    this.rows = rows;
  }

  /** Remembers what has the focus, so that it is there again after its line is made anew. @param {Element | null} e */
  remember(e) {
    if (!(e instanceof HTMLElement) || !this.box.contains(e)) return null;
    const is = (/** @type {HTMLElement} */ b) => [
      b.dataset.act, b.dataset.set, b.dataset.field, b.dataset.of, b.dataset.end, component(b), mate(b), motion(b),
    ].join("\n");
    const want = is(e);
    return () => {
      if (this.box.contains(document.activeElement) && document.activeElement !== this.box) return;
      for (const b of /** @type {NodeListOf<HTMLElement>} */ (this.box.querySelectorAll("[data-act], [data-set]"))) {
        if (is(b) === want) {
          b.focus({ preventScroll: true });
          return;
        }
      }
      this.box.focus({ preventScroll: true });
    };
  }

  /** @param {HTMLElement} li @param {boolean} yes */
  unfold(li, yes) {
    li.querySelector(".rowopen")?.setAttribute("aria-expanded", String(yes));
    const inside = /** @type {HTMLElement} */ (li.querySelector(".inside"));
    inside.hidden = !yes;
    const key = /** @type {string} */ (li.dataset.key);
    if (yes) this.open.add(key);
    else this.open.delete(key);
  }

  /** Makes some components stand out on the stage, or lets all be as they were. @param {string[]} names @param {string} key */
  light(names, key) {
    this.lit = this.lit === key ? null : key;
    this.bench.stage.light(this.lit === null ? null : names);
    for (const li of /** @type {NodeListOf<HTMLElement>} */ (this.lines.querySelectorAll(".line"))) {
      li.classList.toggle("lit", this.lit !== null && names.includes(li.dataset.component ?? ""));
    }
  }

  /** The one component that is lit, or nothing. */
  get litPart() {
    return this.lit?.startsWith("c:") ? this.lit.slice(2) : null;
  }

  /** Lets all be as they were. */
  unlight() {
    if (this.lit !== null) this.light([], this.lit);
  }

  /** @param {MouseEvent} e */
  click(e) {
    const b = /** @type {HTMLElement | null} */ (/** @type {Element} */ (e.target).closest("button[data-act]"));
    const act = b && this.acts[b.dataset.act ?? ""];
    if (b && act) act(b);
  }

  /** What the buttons of lines and findings do, by name. @type {Record<string, (b: HTMLElement) => void>} */
  acts = {
    open: (b) => this.openLine(b),
    light: (b) => this.light(bodiesOf(this.now, [mate(b)]), "m:" + mate(b)),
    "light-set": (b) => {
      const ids = (b.dataset.mates ?? "").split("\n").filter(Boolean);
      this.light(bodiesOf(this.now, ids), "s:" + ids.join());
    },
    turn: (b) => this.bench.act({ do: "turn", relation: mate(b) }),
    suppress: (b) => this.bench.act({ do: "suppress", relation: mate(b), on: true }),
    revive: (b) => this.bench.act({ do: "suppress", relation: mate(b), on: false }),
    repick: (b) => this.bench.repick(mate(b), b.dataset.end ?? "", b.textContent ?? ""),
    reid: (b) => this.reid(mate(b)),
    note: (b) => this.note(mate(b), b.closest(".mate")?.querySelector(".matenote")?.textContent ?? ""),
    unrelate: (b) => this.bench.act({ do: "unrelate", relation: mate(b) }),
    "ground-origin": (b) => this.bench.act({ do: "ground", component: component(b), on: true, origin: true }),
    "ground-here": (b) => this.bench.act({ do: "ground", component: component(b), on: true }),
    unground: (b) => this.bench.act({ do: "ground", component: component(b), on: false }),
    "suppress-part": (b) => this.bench.act({ do: "suppress", component: component(b), on: true }),
    "revive-part": (b) => this.bench.act({ do: "suppress", component: component(b), on: false }),
    flex: (b) => this.bench.act({ do: "flex", component: component(b), on: true }),
    stiff: (b) => this.bench.act({ do: "flex", component: component(b), on: false }),
    remove: (b) => this.bench.act({ do: "remove", component: component(b) }),
    rename: (b) => this.rename(component(b)),
    hide: () => this.bench.run("hide"),
    only: () => this.bench.run("only"),
    aside: () => this.bench.run("aside"),
    remedy: (b) => this.bench.act({ do: "remedy", finding: Number(b.dataset.finding), remedy: Number(b.dataset.remedy) }),
    plan: (b) => this.bench.act({ do: "plan", motion: motion(b) }),
    unplan: (b) => this.bench.act({ do: "unplan", at: Number(b.dataset.at) }),
    swing: (b) => this.bench.swing(motion(b)),
  };

  get now() {
    return /** @type {import("./state.js").State} */ (this.state);
  }

  /** @param {HTMLElement} b */
  openLine(b) {
    const li = /** @type {HTMLElement} */ (b.closest(".line"));
    const yes = !this.open.has(li.dataset.key ?? "");
    this.unfold(li, yes);
    if (yes) this.light([component(b)], "c:" + component(b));
    else this.unlight();
  }

  /** @param {string} name */
  async rename(name) {
    const to = await this.bench.ask(`Rename ${name}`, name);
    if (!to || to === name) return;
    if (this.open.delete(name)) this.open.add(to);
    this.bench.act({ do: "rename", component: name, to });
  }

  /** @param {string} id */
  async reid(id) {
    const to = await this.bench.ask(`Rename ${id}`, id);
    if (to && to !== id) this.bench.act({ do: "reid", relation: id, to });
  }

  /** @param {string} id @param {string} was */
  async note(id, was) {
    const to = await this.bench.ask(`Note on ${id}: why it is so`, was);
    if (to !== null && to !== was) this.bench.act({ do: "set", relation: id, field: "note", text: to });
  }

  /** A field of a relation was changed: a number, an expression, a word, or nothing. @param {Event} e */
  async change(e) {
    const i = /** @type {Element} */ (e.target).closest("[data-set]");
    if (!(i instanceof HTMLInputElement || i instanceof HTMLSelectElement)) return;
    const act = i.dataset.set === "limit"
      ? { do: "limit", relation: mate(i), of: i.dataset.of, end: i.dataset.end, ...said(i) } // the other end stays as it is written
      : { do: "set", relation: mate(i), field: i.dataset.field, ...said(i) };
    if (await this.bench.act(act)) return;
    if (i instanceof HTMLInputElement) {
      i.value = i.defaultValue;
      i.checked = i.defaultChecked;
    } else for (const o of i.options) o.selected = o.defaultSelected;
  }

  /** Up and down go from line to line. @param {KeyboardEvent} e */
  step(e) {
    const b = /** @type {Element} */ (e.target).closest(".rowopen");
    const by = { ArrowDown: 1, ArrowUp: -1 }[e.key];
    if (!b || !by) return;
    e.preventDefault();
    const rows = /** @type {HTMLElement[]} */ ([...this.box.querySelectorAll(".rowopen")]);
    rows[Math.max(0, Math.min(rows.length - 1, rows.indexOf(/** @type {HTMLElement} */ (b)) + by))].focus();
  }

  /** Goes to the first line. */
  focus() {
    (/** @type {HTMLElement | null} */ (this.box.querySelector(".rowopen")) || this.box).focus();
  }

  /** @param {string} message */
  fail(message) {
    this.none.hidden = false;
    this.none.className = "notice";
    this.none.textContent = message;
  }
}

/** @param {HTMLElement} e */
const component = (e) => /** @type {HTMLElement | null} */ (e.closest(".line"))?.dataset.component ?? "";
/** @param {HTMLElement} e */
const mate = (e) => /** @type {HTMLElement | null} */ (e.closest(".mate"))?.dataset.mate ?? "";
/** @param {HTMLElement} e */
const motion = (e) => Number(/** @type {HTMLElement | null} */ (e.closest("[data-motion]"))?.dataset.motion ?? -1);

/**
 * What a field says now, as the server takes it. Of a vector all three numbers count.
 * @param {HTMLInputElement | HTMLSelectElement} i
 */
function said(i) {
  const unit = i.dataset.length ? shown() : "";
  switch (i.dataset.kind) {
    case "flag":
      return i instanceof HTMLInputElement && i.checked ? { value: true } : {};
    case "profile":
      return { value: points(i.value) ?? [] };
    case "vector": {
      const all = [...i.parentElement?.querySelectorAll("input") ?? []].map((k) => typed(k.value, unit, true) ?? 0);
      return all.every((x) => x === 0) ? {} : { value: all };
    }
  }
  const v = typed(i.value, unit);
  return v === undefined ? {} : typeof v === "number" ? { to: v } : { text: v };
}
