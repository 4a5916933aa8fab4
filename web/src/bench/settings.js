// @ts-check
// The sheet of what an assembly counts by: named values, policy and tolerances.

/**
 * @typedef {{name: string, text: string, is: string}} NamedValue
 * @typedef {object} Sheet
 * @property {number} tolerance_mm
 * @property {number} tolerance_deg
 * @property {boolean} fasteners_held
 * @property {NamedValue[]} values
 */

/** @param {string} id */
const $ = (id) => /** @type {HTMLInputElement} */ (document.getElementById(id));

export class Settings {
  /** @param {(a: object) => Promise<boolean>} post */
  constructor(post) {
    this.post = post;
    this.box = /** @type {HTMLDialogElement} */ (document.getElementById("settings"));
    this.list = /** @type {HTMLElement} */ (document.getElementById("values"));
    /** @type {Sheet | null} */
    this.was = null;
    $("value-more").addEventListener("click", () => this.row({ name: "", text: "", is: "" }).focus());
    $("settings-go").addEventListener("click", () => this.keep());
    this.box.addEventListener("keydown", (e) => {
      if (e.key !== "Enter" || !(e.target instanceof HTMLInputElement) || e.target.type === "checkbox") return;
      e.preventDefault();
      this.keep();
    });
  }

  /** @param {Sheet} s */
  open(s) {
    this.was = s;
    this.list.replaceChildren();
    for (const v of s.values) this.row(v);
    if (!s.values.length) this.row({ name: "", text: "", is: "" });
    $("spin").checked = s.fasteners_held;
    $("tol-mm").value = String(s.tolerance_mm);
    $("tol-deg").value = String(s.tolerance_deg);
    $("settings-bad").hidden = true;
    this.box.showModal();
  }

  /** @param {NamedValue} v */
  row(v) {
    const li = document.createElement("li");
    const input = (/** @type {string} */ label, /** @type {string} */ value, /** @type {string} */ hint) => {
      const i = document.createElement("input");
      i.className = "input";
      i.value = value;
      i.placeholder = hint;
      i.setAttribute("aria-label", label);
      return i;
    };
    const name = input("Name of the value", v.name, "name");
    const text = input(`Value ${v.name}`, v.text, "12.5 mm");
    const is = document.createElement("span");
    is.className = "soft";
    is.textContent = v.is && v.is !== v.text ? `= ${v.is}` : "";
    const off = document.createElement("button");
    off.type = "button";
    off.className = "plain";
    off.textContent = "leave out";
    off.addEventListener("click", () => li.remove());
    li.append(name, "=", text, is, off);
    this.list.append(li);
    return name;
  }

  /** What was changed, as commands. */
  acts() {
    const was = /** @type {Sheet} */ (this.was);
    const out = [];
    const values = [...this.list.children].map((li) => [...li.querySelectorAll("input")].map((i) => i.value.trim()))
      .filter(([name, text]) => name || text).map(([name, text]) => ({ name, text }));
    if (JSON.stringify(values) !== JSON.stringify(was.values.map(({ name, text }) => ({ name, text })))) out.push({ do: "values", values });
    /** @type {Record<string, any>} */
    const s = {};
    if ($("spin").checked !== was.fasteners_held) s.fasteners_held = $("spin").checked;
    if (Number($("tol-mm").value) !== was.tolerance_mm) s.tolerance_mm = Number($("tol-mm").value);
    if (Number($("tol-deg").value) !== was.tolerance_deg) s.tolerance_deg = Number($("tol-deg").value);
    if (Object.keys(s).length) out.push({ do: "settings", ...s });
    return out;
  }

  async keep() {
    this.box.close(); // what is refused is told on the Bench
    for (const a of this.acts()) {
      if (await this.post(a)) continue;
      this.box.showModal();
      const bad = $("settings-bad");
      bad.textContent = document.getElementById("said")?.textContent ?? "";
      bad.hidden = false;
      return;
    }
  }
}
