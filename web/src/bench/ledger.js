// @ts-check
// The account beside the stage: a line for each component, then the findings. A line that did not change is left alone, and with it
// what is open and what has the focus.
import { grouped, head, headOf } from "./grouped.js";
import { component, element, fill, mate, motion, noteOf, reads, remember } from "./lines.js";
import { draggable, nameInPlace } from "./naming.js";
import { said } from "./saying.js";
import { Slices } from "../slices.js";
import { bodiesOf } from "./state.js";

/**
 * @typedef {object} Around what the account is in
 * @property {(a: object) => Promise<boolean>} act
 * @property {any} stage
 * @property {(title: string, text: string) => Promise<string | null>} ask
 * @property {(k: number) => void} swing
 * @property {(command: string) => void} run
 * @property {(part: string) => void} settle shows what would
 * @property {(text: string) => void} copy to the clipboard
 * @property {(which: string, name: string) => void} panel shows a fastened joint, or copies
 * @property {(joint: string, of: string, angular: boolean) => void} travel how far a joint goes until parts meet
 * @property {(relation: string, end: string, was: string) => void} repick
 */

const manyFindings = 100; // of so many those are laid out that are seen

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
    /** @type {Set<string>} components chosen together */
    this.chosen = new Set();
    /** @type {Map<string, {html: string, el: HTMLElement}>} */
    this.rows = new Map();
    /** @type {Map<string, {html: string, el: HTMLElement}>} lines made before they are shown */
    this.made = new Map();
    /** @type {import("./state.js").State | null} whose lines are being made */
    this.preparing = null;
    this.told = ""; // the findings as they are shown
    this.only = ""; // the class of the lines that are shown
    /** @type {Set<string>} groups of the list that are folded */
    this.folded = new Set();
    /** @type {string | null} */
    this.lit = null;
    box.addEventListener("click", (e) => this.click(e));
    box.addEventListener("change", (e) => this.change(e));
    box.addEventListener("keydown", (e) => this.step(e));
    box.addEventListener("dblclick", (e) => this.nameAt(/** @type {Element} */ (e.target), true));
    box.querySelector("#linefind")?.addEventListener("input", () => this.sift());
    draggable(this.lines, (from, to) => this.putAt(component(from), component(to)));
  }

  /**
   * Makes the lines that a state has anew, so that showing them is short; the first that there are show at once, some at a time.
   * @param {import("./state.js").State} s
   */
  async prepare(s) {
    const slices = new Slices();
    const first = !this.rows.size;
    this.preparing = s;
    for (const key of s.line_order) {
      if (this.preparing !== s) return; // another is shown meanwhile
      const html = s.lines[key];
      if (this.rows.get(key)?.html !== html) {
        const made = { html, el: element(html) };
        (first ? this.rows : this.made).set(key, made);
        if (first) this.lines.append(made.el);
      }
      await slices.rest();
    }
  }

  /** @param {import("./state.js").State} s */
  show(s) {
    const focus = remember(this.box);
    this.preparing = null;
    this.state = s;
    this.none.hidden = s.components.length > 0;
    this.none.textContent = "The account opens with the first part placed.";
    this.showLines(s);
    if (s.findings !== this.told) {
      this.told = s.findings;
      this.findings.innerHTML = s.findings;
      this.findings.classList.toggle("many", this.findings.children.length > manyFindings);
    }
    this.findings.hidden = !s.components.length;
    this.showChosen();
    this.lit = null;
    for (const li of this.lines.querySelectorAll(".lit")) li.classList.remove("lit");
    focus?.();
  }

  /** Puts lines in order, making anew only those that changed. @param {import("./state.js").State} s */
  showLines(s) {
    /** @type {Map<string, {html: string, el: HTMLElement}>} */
    const rows = new Map();
    for (const [key, row] of this.rows) {
      if (!(key in s.lines) && !key.startsWith(head)) row.el.remove();
      else if (key.startsWith(head) && !s.groups.some((g) => head + g.name === key)) row.el.remove();
    }
    let at = this.lines.firstElementChild;
    for (const key of grouped(s, this.folded)) {
      const html = s.lines[key] ?? headOf(key, s, this.folded);
      let row = this.rows.get(key);
      if (row?.html !== html) {
        const made = this.made.get(key);
        const el = made?.html === html ? made.el : element(html);
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
    for (const [key, row] of this.rows) if (!rows.has(key)) row.el.remove();
    this.rows = rows;
    this.made.clear();
    this.sift();
  }

  /** Shows the lines that are asked for: by state, and by a word in them. */
  sift() {
    const word = /** @type {HTMLInputElement} */ (this.box.querySelector("#linefind")).value.trim().toLowerCase();
    let shown = 0;
    for (const { el, html } of this.rows.values()) {
      const fits = !this.only || el.classList.contains(this.only);
      el.hidden = !fits || !!word && !reads(html).includes(word);
      if (!el.hidden) shown++;
    }
    /** @type {HTMLElement} */ (this.box.querySelector("#nolines")).hidden = shown > 0 || !this.rows.size;
  }

  /** Shows lines of one state only, or all. @param {HTMLElement} b */
  choosing(b) {
    this.only = b.dataset.only ?? "";
    for (const o of /** @type {NodeListOf<HTMLElement>} */ (this.box.querySelectorAll("[data-only]"))) {
      o.setAttribute("aria-checked", String(o === b));
    }
    this.sift();
  }

  /** Puts a part where another is in the build order. @param {string} name @param {string} where */
  putAt(name, where) {
    const at = this.now.components.findIndex((c) => c.name === where);
    if (at >= 0) this.bench.act({ do: "reorder", component: name, at });
  }

  /** Renames the relation or the part at an element. @param {Element} e @param {boolean} exact only where its name itself is meant */
  nameAt(e, exact) {
    const name = e.closest(".matename, .what .strong");
    if (exact && !name) return false;
    const m = e.closest(".mate");
    const li = e.closest(".line");
    if (m instanceof HTMLElement) this.reid(mate(m));
    else if (li instanceof HTMLElement) this.rename(component(li));
    return !!(m || li);
  }

  /** Puts a part at another place of the build order. @param {string} name @param {number} by */
  reorder(name, by) {
    const at = this.now.components.findIndex((c) => c.name === name) + by;
    if (at >= 0 && at < this.now.components.length) this.bench.act({ do: "reorder", component: name, at });
  }

  /** @param {HTMLElement} b */
  async dismiss(b) {
    const why = await this.bench.ask("Accept this finding, because", "");
    if (why) this.bench.act({ do: "dismiss", finding: b.dataset.finding, why });
  }

  /** Folds a group of the list, or opens it. @param {HTMLElement} b */
  fold(b) {
    const name = b.dataset.group ?? "";
    if (!this.folded.delete(name)) this.folded.add(name);
    this.showLines(this.now);
  }

  /** Goes to the next part that is loose, opens its line and lights it. */
  nextLoose() {
    const loose = [...this.lines.querySelectorAll(".line.c-loose")];
    if (!loose.length) return false;
    const at = loose.findIndex((li) => li.contains(document.activeElement) || li.classList.contains("lit"));
    const li = /** @type {HTMLElement} */ (loose[(at + 1) % loose.length]);
    const row = /** @type {HTMLElement} */ (li.querySelector(".rowopen"));
    for (const key of [...this.open]) {
      const el = this.rows.get(key)?.el;
      if (el && el !== li) this.unfold(el, false);
    }
    this.unfold(li, true);
    this.lit = null;
    this.light([li.dataset.component ?? ""], "c:" + li.dataset.component);
    row.focus({ preventScroll: true });
    li.scrollIntoView({ block: "nearest" });
    return true;
  }

  /** @param {HTMLElement} li @param {boolean} yes */
  unfold(li, yes) {
    li.querySelector(".rowopen")?.setAttribute("aria-expanded", String(yes));
    if (yes) fill(li);
    const inside = /** @type {HTMLElement | null} */ (li.querySelector(".inside"));
    if (inside) inside.hidden = !yes;
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
    if (!b || !act) return;
    if (b.dataset.act === "open" && (e.ctrlKey || e.metaKey || e.shiftKey)) this.choose(component(b));
    else act(b);
  }

  /** Chooses a component together with others, or no longer. @param {string} name */
  choose(name) {
    if (!this.chosen.delete(name)) this.chosen.add(name);
    this.showChosen();
  }

  /** Marks what is chosen, and says how many. */
  showChosen() {
    if (!this.chosen.size && !this.lines.querySelector(".chosen")) return;
    const here = new Set(this.now.components.map((c) => c.name));
    for (const n of this.chosen) if (!here.has(n)) this.chosen.delete(n);
    for (const li of /** @type {NodeListOf<HTMLElement>} */ (this.lines.querySelectorAll(".line"))) {
      const on = this.chosen.has(li.dataset.component ?? "");
      li.classList.toggle("chosen", on);
      li.querySelector(".rowopen")?.toggleAttribute("data-chosen", on);
    }
    const bar = /** @type {HTMLElement} */ (this.box.querySelector("#chosenbar"));
    bar.hidden = !this.chosen.size;
    /** @type {HTMLElement} */ (bar.querySelector("b")).textContent = `${this.chosen.size} chosen`;
    this.bench.stage.light(this.chosen.size ? [...this.chosen] : null);
  }

  /** Marks the lines of the parts that are picked on the stage. @param {string[]} names */
  picked(names) {
    for (const li of /** @type {NodeListOf<HTMLElement>} */ (this.lines.querySelectorAll(".line"))) {
      const on = names.includes(li.dataset.component ?? "");
      if (on && !li.classList.contains("picked")) li.scrollIntoView({ block: "nearest" });
      li.classList.toggle("picked", on);
    }
  }

  /** Chooses nothing; it tells whether anything was. */
  chooseNone() {
    const had = this.chosen.size > 0;
    this.chosen.clear();
    if (had) this.showChosen();
    return had;
  }

  /** Chooses all parts that were not, and none of those that were. */
  chooseOthers() {
    this.chosen = new Set(this.now.components.map((c) => c.name).filter((n) => !this.chosen.has(n)));
    this.showChosen();
    return this.chosen.size;
  }

  /** Brings an angle to its other branch: as much to the other side. @param {HTMLElement} b */
  otherSide(b) {
    const i = b.closest(".standing")?.querySelector(`input[data-of="${b.dataset.of}"]`);
    if (!(i instanceof HTMLInputElement)) return;
    const now = Number(i.defaultValue);
    if (now) this.bench.act({ do: "bring", relation: mate(b), of: b.dataset.of, to: -now });
  }

  /** Opens a subassembly by way of this assembly, and those it was opened by. @param {HTMLElement} b */
  enter(b) {
    const way = new URLSearchParams(location.search).get("in");
    const to = new URL(b.dataset.href ?? "", location.href);
    if (way) to.searchParams.set("in", `${way},${to.searchParams.get("in")}`);
    location.assign(to);
  }

  /** What the buttons of lines and findings do, by name. @type {Record<string, (b: HTMLElement) => void>} */
  acts = {
    open: (b) => this.openLine(b),
    light: (b) => this.light(bodiesOf(this.now, [mate(b)]), "m:" + mate(b)),
    "light-set": (b) => {
      const ids = (b.dataset.mates ?? "").split("\n").filter(Boolean);
      this.light(bodiesOf(this.now, ids), "s:" + ids.join());
    },
    panel: (b) => this.bench.panel(b.dataset.panel ?? "", b.dataset.name ?? ""),
    turn: (b) => this.bench.act({ do: "turn", relation: mate(b) }),
    suppress: (b) => this.bench.act({ do: "suppress", relation: mate(b), on: true }),
    revive: (b) => this.bench.act({ do: "suppress", relation: mate(b), on: false }),
    repick: (b) => this.bench.repick(mate(b), b.dataset.end ?? "", b.textContent ?? ""),
    reid: (b) => this.reid(mate(b)),
    note: (b) => this.note(mate(b), noteOf(b)),
    temporary: (b) => this.temporary(mate(b), noteOf(b), !!b.closest(".mate")?.querySelector(".fortime")),
    travel: (b) => this.bench.travel(mate(b), b.dataset.of ?? "", b.dataset.angular === "yes"),
    "other-side": (b) => this.otherSide(b),
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
    settle: (b) => {
      const k = Number(/** @type {HTMLElement} */ (b.closest("[data-motion]")).dataset.motion);
      this.bench.settle(this.now.motions[k].rides[0]);
    },
    hide: () => this.bench.run("hide"),
    only: () => this.bench.run("only"),
    aside: () => this.bench.run("aside"),
    enter: (b) => this.enter(b),
    move: () => this.bench.run("move"),
    form: () => this.bench.run("form"),
    copy: () => this.bench.run("copy"),
    dissolve: () => this.bench.run("dissolve"),
    earlier: (b) => this.reorder(component(b), -1),
    later: (b) => this.reorder(component(b), 1),
    "only-lines": (b) => this.choosing(b),
    fold: (b) => this.fold(b),
    dismiss: (b) => this.dismiss(b),
    retell: (b) => this.bench.act({ do: "dismiss", finding: b.dataset.finding }),
    unmeasure: (b) => this.bench.act({ do: "unmeasure", as: b.closest("[data-measure]")?.getAttribute("data-measure") }),
    "copy-value": (b) => this.bench.copy(b.dataset.full ?? ""),
    shake: () => this.bench.run("shake"),
    run: () => this.bench.run("run"),
    "next-loose": () => this.bench.run("next-loose"),
    group: () => this.bench.run("group"),
    "choose-none": () => this.chooseNone(),
    "choose-others": () => this.chooseOthers(),
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
  rename(name) {
    const row = /** @type {HTMLElement | undefined} */ (this.rows.get(name)?.el.querySelector(".rowopen"));
    if (row) {
      nameInPlace(row, name, (to) => {
        if (this.open.delete(name)) this.open.add(to);
        this.bench.act({ do: "rename", component: name, to });
      });
    }
  }

  /** @param {string} id */
  reid(id) {
    for (const m of /** @type {NodeListOf<HTMLElement>} */ (this.lines.querySelectorAll(".mate"))) {
      if (m.dataset.mate !== id || !m.offsetParent) continue;
      nameInPlace(/** @type {HTMLElement} */ (m.querySelector(".matename")), id, (to) => this.bench.act({ do: "reid", relation: id, to }));
      return;
    }
  }

  /** Marks a relation as temporary by its note, or no longer. @param {string} id @param {string} was @param {boolean} is it now */
  temporary(id, was, is) {
    const to = is ? was.replace(/^temporary[:,;.]?\s*/i, "") : `temporary${was ? ": " + was : ""}`;
    this.bench.act({ do: "set", relation: id, field: "note", text: to });
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
    const { of, end, field } = i.dataset;
    const acts = /** @type {Record<string, object>} */ ({
      limit: { do: "limit", of, end }, // the other end stays as it is written
      bring: { do: "bring", of },
      field: { do: "set", field },
    });
    const act = { ...acts[i.dataset.set ?? ""], relation: mate(i), ...said(i) };
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
    if (e.key === "F2" && this.nameAt(/** @type {Element} */ (e.target), false)) {
      e.preventDefault();
      return;
    }
    if (b instanceof HTMLElement && by && e.altKey) {
      e.preventDefault();
      this.reorder(component(b), by);
      return;
    }
    if (b instanceof HTMLElement && e.key === " ") {
      e.preventDefault();
      this.choose(component(b));
      return;
    }
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
