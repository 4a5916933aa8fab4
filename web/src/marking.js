// @ts-check
// Marking: submissions are handed in here, and their table is sorted by any of its columns.
import { handing } from "./shelf/handing.js";

/** @param {string} project */
export function marking(project) {
  const box = /** @type {HTMLElement} */ (document.getElementById("progress"));
  handing(project, box, () => {
    const shown = new URL(location.href);
    shown.searchParams.delete("of"); // what has come is marked too
    box.dataset.next = shown.href;
    const go = /** @type {HTMLAnchorElement | null} */ (box.querySelector("a"));
    if (go) go.href = shown.href;
  });
  const table = document.querySelector("table.marks");
  table?.addEventListener("click", (e) => {
    const b = /** @type {Element} */ (e.target).closest("th button");
    if (b) sort(/** @type {HTMLTableElement} */ (table), /** @type {HTMLTableCellElement} */ (b.parentElement));
  });
}

/** @param {HTMLTableElement} table @param {HTMLTableCellElement} th */
function sort(table, th) {
  const down = th.getAttribute("aria-sort") === "ascending";
  for (const other of table.querySelectorAll("th")) other.removeAttribute("aria-sort");
  th.setAttribute("aria-sort", down ? "descending" : "ascending");
  const body = table.tBodies[0];
  const rows = [...body.rows];
  const cell = (/** @type {HTMLTableRowElement} */ r) => r.cells[th.cellIndex].textContent?.trim() ?? "";
  rows.sort((a, b) => cell(a).localeCompare(cell(b), undefined, { numeric: true }) * (down ? -1 : 1));
  body.append(...rows);
}
