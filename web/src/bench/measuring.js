// @ts-check
// Measures: what is picked is measured at once, and kept by name where that is wanted. Variants: the same assembly with other named
// values, side by side.
import { handOut } from "../net.js";
import { scale, shown, trim } from "../units.js";

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

export class Measuring {
  /**
   * @param {{act: (a: object) => Promise<boolean>, call: import("../net.js").Ask, ask: (title: string, text: string) =>
   *   Promise<string | null>, picks: () => import("../stage/pick.js").Candidate[], palette: import("./dialogs.js").Palette,
   *   tell: (text: string, bad?: boolean) => void, state: () => import("./state.js").State | null}} b
   */
  constructor(b) {
    this.b = b;
    /** @type {{name: string, values: Record<string, string>}[]} */
    this.columns = [];
    /** @type {any[]} */
    this.outcomes = [];
    this.box = /** @type {HTMLDialogElement} */ ($("#variants"));
    $("#variant-more").addEventListener("click", () => {
      this.read();
      this.columns.push({ name: `variant ${this.columns.length + 1}`, values: {} });
      this.table();
    });
    $("#variant-solve").addEventListener("click", () => this.solve());
    $("#variant-keep").addEventListener("click", () => this.keep());
    $("#variant-csv").addEventListener("click", () => this.csv());
  }

  /** What can be measured of what is picked, with the values. */
  async measure() {
    const [a, b] = this.b.picks();
    /** @type {{words: string, as: string, measure: any}[]} */
    const list = [];
    const add = (/** @type {string} */ words, /** @type {string} */ as, /** @type {any} */ measure) => list.push({ words, as, measure });
    if (a && b) {
      add("Distance", "distance", { type: "distance", a: a.ref, b: b.ref });
      if (a.f.dir && b.f.dir) add("Angle", "angle", { type: "angle", a: a.ref, b: b.ref });
      add("Place of the first, seen from the second", "place", { type: "position", of: a.ref, in: b.ref });
    } else if (a) {
      add("Place in the assembly", "place", { type: "position", of: a.ref, in: "@/origin" });
      add("Centre of mass, seen from what is picked", "centre of mass", { type: "centre_of_mass", in: a.ref });
    }
    const told = round([a, b].filter(Boolean));
    add("Centre of mass in the assembly", "centre of mass", { type: "centre_of_mass", in: "@/origin" });
    add("Mass", "mass", { type: "mass" });
    for (const j of this.b.state()?.joints ?? []) {
      for (const c of j.of) {
        add(`${c.name.replaceAll("_", " ")} of ${j.id}`, `${j.id} ${c.name}`, { type: "coordinate", joint: j.id, of: c.name });
      }
    }
    const said = await Promise.all(list.map((m) => this.b.call("measure", { measures: [m.measure] }).then((r) => r.says[0], () => null)));
    const kept = list.map((m, i) => ({ ...m, says: said[i] })).filter((m) => m.says !== null);
    this.b.palette.open([
      ...told.map((m) => ({ words: m.words, keys: m.says, help: "measure size fit", run: () => this.b.tell(`${m.words}: ${m.says}`) })),
      ...kept.map((m) => ({ words: m.words, keys: m.says, help: "measure keep gap", run: () => this.name(m) })),
    ]);
  }

  /** @param {{as: string, measure: any}} m */
  async name(m) {
    const as = await this.b.ask("Keep this measure as", m.as);
    if (as) this.b.act({ do: "measure", as, measure: m.measure });
  }

  // variants

  variants() {
    const s = this.b.state();
    if (!s) return;
    this.outcomes = [];
    this.columns = s.variants.map((v) => ({ name: v.name, values: { ...v.values } }));
    if (!this.columns.length) this.columns = [{ name: "as it is", values: {} }, { name: "variant 1", values: {} }];
    $("#variant-none").hidden = s.settings.values.length > 0;
    this.table();
    this.box.showModal();
  }

  /** Takes over what was typed. */
  read() {
    for (const i of /** @type {NodeListOf<HTMLInputElement>} */ (this.box.querySelectorAll("input[data-column]"))) {
      const c = this.columns[Number(i.dataset.column)];
      const value = i.dataset.value ?? "";
      if (!value) c.name = i.value.trim() || c.name;
      else if (i.value.trim()) c.values[value] = i.value.trim();
      else delete c.values[value];
    }
  }

  table() {
    const s = this.b.state();
    /** @type {HTMLElement[]} */
    const rows = [];
    const row = (/** @type {string} */ title, /** @type {(k: number) => Node | string} */ cell, head = false) => {
      const tr = document.createElement("tr");
      const th = document.createElement("th");
      th.textContent = title;
      tr.append(th);
      for (const k of this.columns.keys()) {
        const td = document.createElement(head ? "th" : "td");
        td.append(cell(k));
        tr.append(td);
      }
      rows.push(tr);
    };
    const input = (/** @type {number} */ k, /** @type {string} */ value, /** @type {string} */ is, /** @type {string} */ hint) => {
      const i = document.createElement("input");
      i.className = "numslot";
      i.dataset.column = String(k);
      i.dataset.value = value;
      i.value = is;
      i.placeholder = hint;
      i.setAttribute("aria-label", value ? `${value} in column ${k + 1}` : `Name of column ${k + 1}`);
      return i;
    };
    row("", (k) => input(k, "", this.columns[k].name, ""), true);
    for (const v of s?.settings.values ?? []) row(v.name, (k) => input(k, v.name, this.columns[k].values[v.name] ?? "", v.text));
    if (this.outcomes.length) {
      row("verdict", (k) => this.outcomes[k]?.error ?? this.outcomes[k]?.verdict ?? "");
      const names = new Set(this.outcomes.flatMap((o) => Object.keys(o.measures ?? {})));
      for (const n of names) row(n, (k) => text(this.outcomes[k]?.measures?.[n]));
    }
    $("#variant-table").replaceChildren(...rows);
  }

  async solve() {
    this.read();
    try {
      this.outcomes = await this.b.call("variants", { columns: this.columns.map((c) => c.values) });
    } catch (e) {
      this.b.tell(/** @type {Error} */ (e).message, true);
    }
    this.table();
  }

  async keep() {
    this.read();
    this.box.close();
    const variants = this.columns.map((c) => ({ name: c.name, values: Object.entries(c.values).map(([name, t]) => ({ name, text: t })) }));
    await this.b.act({ do: "vary", variants });
  }

  /** Hands the table out as it stands, numbers with all their digits. */
  csv() {
    this.read();
    const quote = (/** @type {any} */ x) => `"${String(x ?? "").replaceAll('"', '""')}"`;
    const lines = [["", ...this.columns.map((c) => c.name)]];
    for (const v of this.b.state()?.settings.values ?? []) lines.push([v.name, ...this.columns.map((c) => c.values[v.name] ?? v.text)]);
    if (this.outcomes.length) {
      lines.push(["verdict", ...this.outcomes.map((o) => o.error ?? o.verdict)]);
      for (const n of new Set(this.outcomes.flatMap((o) => Object.keys(o.measures ?? {})))) {
        lines.push([n, ...this.outcomes.map((o) => [o.measures?.[n] ?? ""].flat().join(" "))]);
      }
    }
    handOut(new Blob([lines.map((l) => l.map(quote).join(",")).join("\r\n") + "\r\n"], { type: "text/csv" }), "variants.csv");
  }
}

/** A measured value as it is shown: to a tenth of a thousandth. @param {any} v */
function text(v) {
  if (v === null || v === undefined) return "not known";
  return [v].flat().map((x) => String(Math.round(x * 1e4) / 1e4)).join(", ");
}

/**
 * What round features say by themselves: their diameters, and of two the room between them.
 * @param {any[]} picks @returns {any[]}
 */
export function round(picks) {
  const out = [];
  const mm = (/** @type {number} */ x) => `${trim(x / scale(shown()))} ${shown()}`;
  const of = picks.filter((c) => c.f.r);
  for (const [i, c] of of.entries()) {
    out.push({ words: of.length > 1 ? `Diameter of the ${i ? "second" : "first"}` : "Diameter", says: mm(2 * c.f.r) });
  }
  const hole = of.find((c) => c.f.side === "hole");
  const shank = of.find((c) => c.f.side === "shaft");
  if (hole && shank) {
    const room = 2 * (hole.f.r - shank.f.r);
    out.push({ words: room < 0 ? "Interference, on the diameter" : "Clearance, on the diameter", says: mm(Math.abs(room)) });
  }
  return out;
}
