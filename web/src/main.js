// @ts-check
// Every page begins here.
import htmx from "htmx.org";
import { send } from "./forms.js";
import { refusal } from "./net.js";
import { notice } from "./notice.js";
import { desk } from "./sheet.js";
import { marking } from "./marking.js";
import { shelf } from "./shelf/shelf.js";
import { warm } from "./stage/warm.js";

Object.assign(window, { htmx });

/**
 * Asks the server for something that changes the Shelf; it tells what went wrong, and whether it went well.
 * @param {string} path @param {string} method
 */
async function change(path, method) {
  let r;
  try {
    r = await fetch(path, { method, headers: { Accept: "application/json" } });
  } catch {
    notice("The server does not answer. Nothing was changed; try again.");
    return false;
  }
  if (r.ok) return true;
  notice(await refusal(r));
  return false;
}

document.addEventListener("submit", send);
document.addEventListener("focusin", (e) => {
  if (e.target instanceof HTMLInputElement && e.target.readOnly) e.target.select(); // to be copied
});
document.addEventListener("htmx:error", () => notice("The server does not answer; what is shown may be old."));
document.addEventListener("htmx:response:error", () => notice("That did not work; what is shown may be old."));
document.addEventListener("click", async (e) => {
  const b = /** @type {HTMLElement | null} */ (/** @type {Element} */ (e.target).closest("[data-delete], [data-back]"));
  if (!b || (b.dataset.ask && !confirm(b.dataset.ask))) return;
  const ok = await (b.dataset.back ? change(b.dataset.back, "POST") : change(b.dataset.delete ?? "", "DELETE"));
  if (!ok) return;
  if (b.closest(".offlist") && b.dataset.delete) b.closest("li")?.remove();
  else location.reload(); // counts, verdicts and the list of what is off change with it
});

const { place, project, asm } = document.body.dataset;
if (place === "shelf" && project) {
  shelf(project);
  document.body.dataset.ready = "yes";
}
if (place === "marking" && project) marking(project);
if (place === "bench" && asm) {
  const ready = warm();
  import("./bench/bench.js").then(({ bench }) => bench(asm, ready));
}
const onDesk = document.querySelector("main.desk");
if (onDesk) desk(onDesk);
