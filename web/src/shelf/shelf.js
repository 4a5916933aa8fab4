// @ts-check
// The Shelf: its parts, what is said of them, and files that are handed in.
import { fields } from "./fields.js";
import { handing } from "./handing.js";

/** @param {string} id */
const $ = (id) => /** @type {HTMLElement} */ (document.getElementById(id));

/** @param {string} project */
export function shelf(project) {
  const box = $("progress");
  const find = /** @type {HTMLInputElement} */ ($("shelf-find"));

  const filter = () => {
    const want = find.value.toLowerCase().split(/\s+/).filter(Boolean);
    for (const li of /** @type {NodeListOf<HTMLElement>} */ (document.querySelectorAll(".part"))) {
      li.hidden = !want.every((w) => (li.dataset.words ?? "").includes(w));
    }
  };
  find.addEventListener("input", filter);
  fields($("parts"));
  handing(project, box, refresh);

  async function refresh() {
    const r = await fetch(`/p/${project}/parts`);
    if (!r.ok) return;
    const holder = $("parts");
    holder.innerHTML = await r.text();
    const n = holder.querySelectorAll(".part").length;
    $("shelf-count").textContent = `${n} ${n === 1 ? "part" : "parts"}`;
    filter();
  }
}
