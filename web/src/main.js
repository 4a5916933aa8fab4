import htmx from "htmx.org";
import { shelf } from "./shelf.js";
import { bench } from "./bench.js";

window.htmx = htmx;

document.addEventListener("click", async (e) => {
  const b = e.target.closest("[data-delete]"); if (!b) return;
  if (!confirm(b.dataset.ask)) return;
  let r, data = {};
  try { r = await fetch(b.dataset.delete, { method: "DELETE", headers: { Accept: "application/json" } }); } catch { alert("The server does not answer."); return; }
  if (r.ok) { b.closest("li").remove(); return; }
  try { data = await r.json(); } catch { /* the sentence below will do */ }
  alert(data.error || "That did not work.");
});

const { place, project, asm } = document.body.dataset;
if (place === "shelf") { shelf(project); document.body.dataset.ready = "yes"; }
if (place === "bench") bench(asm);
