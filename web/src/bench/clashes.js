// @ts-check
// What passes through what, looked for beside the account after each edit: as findings, with where and how deep, and what is meant so.
import { make } from "./cards.js";
import { ask } from "./dialogs.js";
import { trim } from "../units.js";
import { plain } from "./words.js";

/**
 * @typedef {{a: string, b: string, kind: string, depth_mm?: number, volume_mm3?: number, at?: number[], fit?: string,
 *   why?: string}} Pair
 */
/** @typedef {{verdict: string, looked_at: number, no_shape: string[], pairs: Pair[], undecided: Pair[]}} Found */

const waitForMore = 400; // ms after the last edit …
const waitForEach = 4; // … and more for each part: looking at many takes the processors that the next edit wants
const worse = ["at odds", "blocked", "incomplete"];
const kinds = [
  { kind: "press", words: "A press fit: it is meant to be held by its overlap" },
  { kind: "thread", words: "A thread in its hole, up to the thread's depth" },
  { kind: "mesh", words: "Teeth in mesh" },
  { kind: "ignore", words: "Leave it: it is no matter here" },
];

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

export class Clashes {
  /**
   * @param {{call: import("../net.js").Ask, act: (a: object) => Promise<boolean>, stage: any, looks: import("./looks.js").Looks,
   *   palette: import("./dialogs.js").Palette}} b
   */
  constructor(b) {
    this.b = b;
    this.box = $("#clashes");
    /** @type {Found | null} */
    this.found = null;
    this.wait = 0;
    this.seq = -1;
    this.own = ""; // the verdict of the account, without clashes
    this.box.addEventListener("click", (e) => this.click(/** @type {Element} */ (e.target)));
    document.addEventListener("click", (e) => {
      if (/** @type {Element} */ (e.target).closest(".v-clashes")) this.box.scrollIntoView({ block: "end" });
    });
  }

  /** Looks again soon: the assembly has changed. @param {import("./state.js").State} s */
  soon(s) {
    this.seq = s.seq;
    this.own = s.verdict;
    clearTimeout(this.wait);
    this.box.hidden = s.components.length < 2;
    this.box.setAttribute("aria-busy", "true");
    if (!this.box.hidden) {
      this.wait = window.setTimeout(() => this.look(s.seq), waitForMore + waitForEach * s.components.length);
    }
  }

  /** @param {number} seq */
  async look(seq) {
    if (!this.found) this.box.replaceChildren(make("h3", "", "Passing through"), make("p", "soft", "Looking …"));
    try {
      const found = await this.b.call("clash");
      if (seq !== this.seq) return;
      this.found = found;
    } catch (e) {
      if (seq !== this.seq) return;
      this.found = null;
      this.box.replaceChildren(make("h3", "", "Passing through"), make("p", "notice", /** @type {Error} */ (e).message));
      return;
    } finally {
      if (seq === this.seq) this.box.removeAttribute("aria-busy");
    }
    this.show();
  }

  show() {
    const f = /** @type {Found} */ (this.found);
    const list = /** @type {[string, Pair][]} */ ([
      ...f.pairs.filter((p) => p.kind === "clash").map((p) => ["clash", p]),
      ...f.undecided.map((p) => ["undecided", p]),
      ...f.pairs.filter((p) => p.kind === "fit").map((p) => ["fit", p]),
    ]);
    const rows = list.map(([tag, p], i) => this.row(tag, p, i));
    const touching = f.pairs.filter((p) => p.kind === "touch").length;
    const none = f.no_shape.length ? `, ${f.no_shape.length} without a shape` : "";
    const sum = `${f.looked_at} pairs looked at, ${touching} touch${none}.`;
    const clear = f.verdict === "clear" ? "Nothing passes through anything. " : "";
    this.list = list.map(([, p]) => p);
    this.box.replaceChildren(make("h3", "", "Passing through"), ...rows, make("p", "soft small", clear + sum));
    this.verdict(f.verdict === "clash" && !worse.includes(this.own));
  }

  /**
   * Tells in the verdict that there are clashes, or what the account says by itself: findings that did not change still tell the last.
   * @param {boolean} clash
   */
  verdict(clash) {
    const told = clash ? "clashes" : this.own;
    for (const v of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll("#balance .verdict, #findings .verdict"))) {
      v.textContent = told;
      v.className = `verdict v-${told.replaceAll(" ", "-")}`;
      v.title = clash ? "Show what passes through what" : "";
    }
  }

  /** @param {string} tag @param {Pair} p @param {number} i */
  row(tag, p, i) {
    const row = make("p", `finding f-${tag === "clash" ? "at-odds" : tag === "fit" ? "quiet" : "loose"}`);
    row.dataset.pair = String(i);
    const term = make("button", "tag term", tag);
    term.type = "button";
    term.dataset.term = tag;
    term.title = "What is this?";
    const say = make("span", "say", `${plain(p.a)} and ${plain(p.b)}`);
    if (p.depth_mm != null) say.append(make("small", "", `${trim(p.depth_mm)} mm deep, ${trim(p.volume_mm3 ?? 0)} mm³`));
    if (p.why) say.append(make("small", "", p.why));
    if (p.fit) say.append(make("small", "", `meant: ${p.fit}`));
    const acts = make("span", "acts");
    if (p.at) acts.append(this.button("show", "show"));
    if (tag === "fit") acts.append(this.button("unfit", "withdraw"));
    else if (tag === "clash") acts.append(this.button("fit", "meant …"));
    row.append(term, say, acts);
    return row;
  }

  /** @param {string} does @param {string} words */
  button(does, words) {
    const b = make("button", "plain", words);
    b.type = "button";
    b.dataset.clash = does;
    return b;
  }

  /** @param {Element} target */
  click(target) {
    const b = /** @type {HTMLElement | null} */ (target.closest("[data-clash]"));
    const row = /** @type {HTMLElement | null} */ (target.closest("[data-pair]"));
    const p = this.list?.[Number(row?.dataset.pair ?? -1)];
    if (!b || !p) return;
    if (b.dataset.clash === "show") this.reveal(p);
    else if (b.dataset.clash === "fit") this.meant(p);
    else this.b.act({ do: "fit", a: p.a, b: p.b });
  }

  /** Shows an overlap: the two parts alone stand out, cut where they are deepest in one another. @param {Pair} p */
  reveal(p) {
    const { stage, looks } = this.b;
    stage.light([p.a, p.b].map((n) => n.split("/")[0]));
    if (p.at) looks.cutFacing(p.at, `where ${plain(p.a)} and ${plain(p.b)} overlap`);
  }

  /** Declares an overlap as meant, of a kind, with the reason. @param {Pair} p */
  meant(p) {
    this.b.palette.open(kinds.map((k) => ({
      words: k.words,
      run: async () => {
        const note = await ask(`${plain(p.a)} and ${plain(p.b)} are meant to overlap, because`, "");
        if (note !== null) this.b.act({ do: "fit", a: p.a, b: p.b, kind: k.kind, note });
      },
    })));
  }
}

/**
 * How far a joint goes until parts meet, offered as its limits.
 * @param {{call: import("../net.js").Ask, act: (a: object) => Promise<boolean>, palette: import("./dialogs.js").Palette,
 *   tell: (text: string, bad?: boolean) => void}} b
 * @param {string} joint @param {string} of @param {boolean} angular
 */
export async function travel(b, joint, of, angular) {
  const unit = angular ? "°" : "mm";
  b.tell(`Looking how far ${plain(joint)} goes …`);
  let t;
  try {
    t = await b.call(`travel?joint=${encodeURIComponent(joint)}&of=${of}`);
  } catch (e) {
    b.tell(/** @type {Error} */ (e).message, true);
    return;
  }
  const [down, up] = t.stopped_by.map(by);
  const end = (/** @type {number | null} */ x) => (x == null ? "any" : `${trim(x)} ${unit}`);
  const says = `${of.replaceAll("_", " ")} of ${plain(joint)}: down to ${end(t.from)} (${down}), up to ${end(t.to)} (${up})`;
  if (t.from == null && t.to == null) {
    b.tell(`${says}: nothing to limit.`);
    return;
  }
  const inside = (t.in_one_another ?? []).map((/** @type {string[]} */ p) => p.map(plain).join(" and "));
  if (inside.length) b.tell(`${inside.join("; ")} are in one another already, and stop nothing here.`, true);
  b.palette.open([
    { words: `Limit it so — ${says}`, run: () => b.act({ do: "limit", relation: joint, of, ...ends(t) }) },
    { words: "Leave it as it is", run: () => b.tell(says) },
  ]);
}

/** @param {{from: number | null, to: number | null}} t */
function ends(t) {
  /** @type {Record<string, number>} */
  const out = {};
  if (t.from != null) out.lo = t.from;
  if (t.to != null) out.hi = t.to;
  return out;
}

/** What stops a joint. @param {{limit?: string, joint?: string, a?: string, b?: string, why?: string}} s */
function by(s) {
  if (s.a) return `${plain(s.a)} meets ${plain(s.b ?? "")}`;
  if (s.limit) return `limit of ${plain(s.joint ?? "")}`;
  return s.why === "nothing" ? "nothing stops it" : s.why ?? "";
}
