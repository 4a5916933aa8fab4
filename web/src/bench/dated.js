// @ts-check
// Parts that are out of date, and parts that were made of others: told beside the account, compared before they change.
import { make } from "./cards.js";
import { ask } from "./dialogs.js";
import { trim } from "../units.js";
import { plain } from "./words.js";

/**
 * @typedef {{component: string, how: string, says: string, from: string, to?: string, finding: string, kept?: string}} Stale
 * @typedef {{component: string, how: string, of: string}} Linked
 * @typedef {{key: string, name: string, number: string, revision: string, file: string, picture: string, mass_kg: number | null,
 *   volume_mm3: number}} Side
 * @typedef {{mate: string, feature: string, why: string, proposal: string | null}} Broken
 * @typedef {{carried: number, moved: {mate: string, feature: string, mm: number}[],
 *   broken: Broken[], other?: string[], old: Side, new: Side, gone: string[], fresh: string[], shifted: string[],
 *   changes: string[], also: {id: number, name: string}[]}} Compared
 */

const wait = 600; // ms after the last edit
const most = 8; // features named one by one

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

export class Dated {
  /**
   * @param {{call: import("../net.js").Ask, act: (a: object) => Promise<boolean>, several: () => string[],
   *   post: (path: string, body: object, keepView: boolean) => Promise<boolean>, tell: (text: string, bad?: boolean) => void,
   *   picks: () => import("../stage/pick.js").Candidate[], palette: import("./dialogs.js").Palette,
   *   state: import("./state.js").State | null}} b
   */
  constructor(b) {
    this.b = b;
    this.box = $("#dated");
    this.timer = 0;
    this.seq = -1;
    /** @type {Stale[]} */
    this.stale = [];
    this.box.addEventListener("click", (e) => this.click(/** @type {Element} */ (e.target)));
  }

  /** Looks again soon: the assembly has changed. @param {import("./state.js").State} s */
  soon(s) {
    this.seq = s.seq;
    clearTimeout(this.timer);
    this.timer = window.setTimeout(() => this.look(s.seq), wait);
  }

  /** @param {number} seq */
  async look(seq) {
    try {
      const { stale, linked } = /** @type {{stale: Stale[], linked: Linked[]}} */ (await this.b.call("dated"));
      if (seq === this.seq) this.show(stale, linked);
    } catch {
      this.box.hidden = true; // the account tells when the server is gone
    }
  }

  /** @param {Stale[]} stale @param {Linked[]} linked */
  show(stale, linked) {
    this.stale = stale;
    this.box.hidden = !stale.length && !linked.length;
    const rows = stale.map((s, i) => this.row(s, i));
    const made = linked.filter((l) => !stale.some((s) => s.component === l.component)).map((l) => {
      const p = make("p", "finding f-quiet");
      const acts = make("span", "acts", this.button("break", "break the link", l.component));
      p.append(make("span", "tag", "made of"), make("span", "say", `${plain(l.component)}: ${l.how}, of ${l.of}`), acts);
      return p;
    });
    this.box.replaceChildren(make("h3", "", "Parts and their files"), ...rows, ...made);
  }

  /** @param {Stale} s @param {number} i */
  row(s, i) {
    const row = make("p", `finding ${s.kept ? "f-quiet" : "f-loose"}`);
    const say = make("span", "say", plain(s.component));
    say.append(make("small", "", s.kept ? `kept on purpose: ${s.kept}` : s.says));
    const acts = make("span", "acts");
    if (s.how === "revision") acts.append(this.button("compare", "what changes", String(i)));
    else acts.append(this.button("follow", "follow", String(i)), this.button("keep", "keep", String(i)));
    row.append(make("span", "tag", "older"), say, acts);
    return row;
  }

  /** @param {string} does @param {string} words @param {string} of */
  button(does, words, of) {
    const b = make("button", "plain", words);
    b.type = "button";
    b.dataset.dated = does;
    b.dataset.of = of;
    return b;
  }

  /** @param {Element} target */
  async click(target) {
    const b = /** @type {HTMLElement | null} */ (target.closest("[data-dated]"));
    if (!b) return;
    const of = b.dataset.of ?? "";
    const s = this.stale[Number(of)];
    switch (b.dataset.dated) {
      case "compare":
        await this.compare(s.from, s.to ?? "", s);
        break;
      case "follow":
        await this.b.post("follow", { component: s.component }, true);
        break;
      case "keep":
        await this.keep(s);
        break;
      default:
        await this.b.call("unlink", { component: of });
        this.look(this.seq);
    }
  }

  /** Keeps the old one on purpose. @param {Stale} s */
  async keep(s) {
    const why = await ask(`${plain(s.component)} stays as it is, because`, s.kept ?? "");
    if (why) await this.b.act({ do: "dismiss", finding: s.finding, why });
  }

  /** Puts any part of the Shelf in the place of the one in hand. */
  replace() {
    const [name] = this.b.several();
    const c = this.b.state?.components.find((k) => k.name === name);
    if (!c?.part) {
      this.b.tell("Point at a part, or go to its line, then choose what comes in its place.");
      return;
    }
    const rows = /** @type {HTMLElement[]} */ ([...document.querySelectorAll("#placing [data-key^=p]")]);
    const others = rows.filter((r) => r.dataset.key !== c.part);
    this.b.palette.open(others.map((r) => ({
      words: `${r.closest("tr, li")?.querySelector("b, .strong")?.textContent ?? r.getAttribute("aria-label") ?? r.dataset.key}`.trim(),
      run: () => this.compare(c.part, r.dataset.key ?? "", null),
    })));
  }

  /** Shows what changes, side by side, and takes it. @param {string} from @param {string} to @param {Stale | null} s */
  async compare(from, to, s) {
    let c;
    try {
      c = /** @type {Compared} */ (await this.b.call("compare", { from, to }));
    } catch (e) {
      this.b.tell(/** @type {Error} */ (e).message, true);
      return;
    }
    const d = /** @type {HTMLDialogElement} */ ($("#comparing"));
    $("#comparing-h").textContent = `What changes with ${c.new.name}`;
    $("#comparing-sides").replaceChildren(side("is", c.old), side("comes", c.new));
    $("#comparing-told").replaceChildren(...told(c));
    const keep = $("#comparing-keep");
    $("#comparing-go").textContent = s ? "Take the newer one" : "Put it in its place";
    keep.hidden = !s;
    keep.onclick = () => {
      d.close("cancel");
      if (s) this.keep(s);
    };
    d.returnValue = "";
    d.showModal();
    d.addEventListener("close", () => {
      if (d.returnValue !== "go") return;
      const said = (/** @type {string} */ name) => {
        const ticked = /** @type {NodeListOf<HTMLInputElement>} */ (d.querySelectorAll(`[name=${name}]:checked`));
        return [...ticked].map((i) => i.value);
      };
      this.b.post("revise", { from, to, mend: said("mend"), also: said("also").map(Number) }, true);
    }, { once: true });
  }

  /** Makes a plate of the face that is picked. */
  async outline() {
    const face = this.b.picks().find((c) => c.f.k === "plane");
    if (!face) {
      this.b.tell("Pick a flat face first: a plate of its outline is made on it.");
      return;
    }
    const thick = Number(await ask("How thick, in mm", "5"));
    if (!(thick > 0)) return;
    const name = await ask("Name of the plate", "Spacer");
    if (name) await this.b.post("outline", { face: face.ref, thick, name }, true);
  }
}

/** One of the two revisions. @param {string} word @param {Side} s */
function side(word, s) {
  const img = make("img", "");
  img.src = `/preview/${s.picture}`;
  img.width = 200;
  img.height = 200;
  img.alt = "";
  const kg = s.mass_kg == null ? "mass not known" : `${trim(s.mass_kg)} kg`;
  const called = [s.number, s.revision && `revision ${s.revision}`, s.file].filter(Boolean).join(" · ");
  const caption = make("figcaption", "", make("b", "", `${word}: ${s.name}`), make("small", "soft", `${called} · ${kg}`));
  return make("figure", "side", img, caption);
}

/** A box to tick. @param {string} name @param {string} value @param {string} words */
function tick(name, value, words) {
  const box = make("input", "");
  box.type = "checkbox";
  box.name = name;
  box.value = value;
  return make("label", "saidfield", box, words);
}

/** What is told of a comparison. @param {Compared} c */
function told(c) {
  /** @type {HTMLElement[]} */
  const rows = [];
  const row = (/** @type {string} */ text, bad = false) => {
    const li = make("li", bad ? "bad" : "", text);
    rows.push(li);
    return li;
  };
  const few = (/** @type {string[]} */ l) => l.slice(0, most).join(", ") + (l.length > most ? ` and ${l.length - most} more` : "");
  row(`${c.changes.join(", ")}: ${c.carried} relations hold on`);
  if (c.shifted.length) row(`moved: ${few(c.shifted)}`);
  if (c.gone.length) row(`gone: ${few(c.gone)}`);
  if (c.fresh.length) row(`new: ${few(c.fresh)}`);
  for (const m of c.moved) row(`${m.mate} moves by ${trim(m.mm)} mm with ${m.feature}`);
  for (const b of c.broken) {
    const li = row(`${b.mate} is broken: ${b.feature}, ${b.why}`, true);
    if (!b.proposal) continue;
    li.append(tick("mend", b.mate, ` put it on ${b.proposal}`));
  }
  for (const a of c.also) row("also used in ").append(tick("also", String(a.id), ` ${a.name}: change it there too`));
  for (const o of c.other ?? []) row(`${o} stands on what is gone`, true);
  return rows;
}
