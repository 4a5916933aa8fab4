// @ts-check
// Ways to seat a part, one of which is chosen: what would seat it next, or how else it can sit where its relations have it. Each is a card,
// shown on the stage when the keys are on it; Enter takes it.
import { focusCard, make } from "./cards.js";
import { firstUnrelated, poses } from "./state.js";

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

/**
 * @typedef {{kind: string, at?: number[], says: string, left: number, apart_mm: number, through: string[], now: boolean, mates: any[],
 *   lines: string[],
 *   poses: Record<string, any>, places: any[]}} Way
 */

const aligned = 0.001; // mm: what is off by less fits
const pictured = { width: 150, height: 100 };

export class Choosing {
  /**
   * @param {{act: (a: object) => Promise<boolean>, call: import("../net.js").Ask, stage: any, tell: (text: string, bad?: boolean) => void,
   *   state: () => import("./state.js").State | null, hand: () => string, back: () => void, close: () => void,
   *   palette: import("./dialogs.js").Palette}} b
   */
  constructor(b) {
    this.b = b;
    this.box = $("#choosing");
    this.cards = $("#choosing-cards");
    /** @type {Way[]} */
    this.ways = [];
    /** @type {Way[]} with places that are taken */
    this.found = [];
    this.part = "";
    this.box.addEventListener("keydown", (e) => this.key(e));
    this.box.addEventListener("focusin", (e) => this.preview(this.at(/** @type {Element} */ (e.target))));
    this.box.addEventListener("click", (e) => {
      const target = /** @type {Element} */ (e.target);
      if (target.closest("[data-choosing='leave']")) this.leave();
      else if (target.closest("[data-choosing='take']")) this.take(this.at(target));
      else if (this.at(target) >= 0) this.goTo(this.at(target));
    });
  }

  /** @param {Element} e */
  at(e) {
    return Number(/** @type {HTMLElement | null} */ (e.closest("[data-card]"))?.dataset.card ?? -1);
  }

  /** What would seat the part in hand, or else the first that nothing relates yet. @param {string} [part] or this one */
  next(part) {
    this.ofPart(part ?? (this.b.hand() || firstUnrelated(this.b.state())), (name) => this.seat(name));
  }

  /** @param {string} name */
  seat(name) {
    return this.open(name, "next", `What would seat ${name}`, "Nothing was found that fits it: relate it by a sentence.");
  }

  /** How else the part in hand can sit. */
  seatings() {
    this.ofPart(undefined, (name) => this.open(name, "seatings", `Ways in which ${name} can sit`, "It can sit in no other way."));
  }

  /** @param {string | undefined} part @param {(name: string) => void} run with it, the part in hand, or the one that is chosen from all */
  ofPart(part, run) {
    const name = part ?? this.b.hand().split("/")[0];
    if (name) run(name);
    else this.b.palette.open((this.b.state()?.components ?? []).map((c) => ({ words: c.name, run: () => run(c.name) })));
  }

  /** @param {string} part @param {"next" | "seatings"} path @param {string} title @param {string} none */
  async open(part, path, title, none) {
    this.b.close();
    this.part = part;
    this.cards.replaceChildren();
    $("#choosing-h").textContent = title;
    $("#choosing-sum").textContent = "Trying …";
    this.show(true);
    try {
      this.found = await this.b.call(`${path}?component=${encodeURIComponent(part)}`);
    } catch (e) {
      this.show(false);
      this.b.tell(/** @type {Error} */ (e).message, true);
      return;
    }
    this.ways = this.found.filter((w) => w.kind !== "taken");
    const some = this.ways.length > (path === "seatings" ? 1 : 0);
    $("#choosing-sum").textContent = some ? `${this.ways.length} ${this.ways.length > 1 ? "ways, each" : "way,"} solved` : none;
    this.cards.replaceChildren(...this.ways.map((w, i) => this.card(w, i, path === "seatings")));
    this.mark();
    if (some) this.goTo(path === "seatings" ? 1 : 0);
  }

  /** Marks the places on the stage: those that are open by the number that takes them. */
  mark() {
    let n = 0;
    const marks = this.found.map((w) => {
      const taken = w.kind === "taken";
      return { at: w.at, text: taken ? "taken" : String(++n), kind: taken ? "idle" : "put" };
    });
    this.b.stage.places(marks.filter((m) => m.at));
  }

  /** @param {boolean} on */
  show(on) {
    if (!on && !this.box.hidden) this.b.stage.places([]);
    this.box.hidden = !on;
    $("#account").classList.toggle("accounting", on);
    if (!on) this.b.stage.light(null);
  }

  /** @param {Way} w @param {number} i @param {boolean} picture */
  card(w, i, picture) {
    const li = make("li", "impliedcard");
    li.tabIndex = -1;
    li.dataset.card = String(i);
    const left = w.left ? `leaves ${w.left}` : "leaves nothing";
    const number = make("kbd", "", String(i + 1));
    li.append(make("div", "cardhead", number, make("b", "", w.says), make("span", "grow"), make("span", "takes", left)));
    if (w.apart_mm > aligned) li.append(make("p", "notice", `Off by ${Math.round(w.apart_mm * 1000) / 1000} mm: it will be at odds.`));
    if (w.through.length) li.append(make("p", "notice", `Passes through ${w.through.join(", ")}.`));
    if (picture) {
      const img = make("img", "seatingpicture");
      img.src = this.b.stage.picture(this.part, w.poses[this.part], pictured.width, pictured.height);
      img.alt = w.says;
      li.append(img);
    }
    if (w.lines.length) li.append(make("ul", "cardlines", ...w.lines.map((s) => make("li", "", s))));
    const take = make("button", "plain", w.now ? "Keep it" : "Take");
    take.type = "button";
    take.dataset.choosing = "take";
    li.append(make("div", "cardfoot", take));
    return li;
  }

  /** @param {number} i */
  goTo(i) {
    focusCard(this.cards, i);
  }

  /** @param {number} i */
  preview(i) {
    const w = this.ways[i];
    if (!w) return;
    const at = poses(this.b.state());
    for (const [name, p] of Object.entries(w.poses)) at.set(name, p);
    this.b.stage.light([this.part, ...w.mates.map((m) => [m.a, m.b].find((r) => !String(r).startsWith(`${this.part}/`))?.split("/")[0])]);
    this.b.stage.goTo(at);
  }

  leave() {
    this.show(false);
    this.b.stage.goTo(poses(this.b.state()));
    this.b.back();
  }

  /** @param {number} i */
  async take(i) {
    const w = this.ways[i];
    if (!w) return;
    if (w.now) {
      this.leave();
      return;
    }
    const change = w.kind === "seating";
    const act = { do: "adopt", as: this.part, relations: w.mates, poses: w.poses, place: w.places, change };
    if (!(await this.b.act(act))) return;
    const more = change ? "" : firstUnrelated(this.b.state());
    if (more) await this.seat(more); // one after another, until Escape
    if (more && this.ways[0] && !this.ways[0].through.length && this.ways[0].apart_mm <= aligned) return;
    this.show(false);
    this.b.stage.goTo(poses(this.b.state()));
    this.b.back();
  }

  /** @param {KeyboardEvent} e */
  key(e) {
    if (e.ctrlKey || e.altKey || e.metaKey) return;
    const target = /** @type {HTMLElement} */ (e.target);
    const i = this.at(target);
    if (e.key === "Escape") this.leave();
    else if (i < 0 || target.matches("button")) return;
    else if (e.key === "Enter") this.take(i);
    else if (e.key === "ArrowDown") this.goTo(i + 1);
    else if (e.key === "ArrowUp") this.goTo(i - 1);
    else if (/^[1-9]$/.test(e.key)) this.take(Number(e.key) - 1);
    else return;
    e.preventDefault();
    e.stopPropagation();
  }
}
