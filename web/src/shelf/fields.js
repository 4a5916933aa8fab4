// @ts-check
// What is said of a part is saved field by field, as soon as a field is left. The hands are never disturbed: only the line of facts is
// changed. What could not be saved stays typed, and says so.
import { askAgain, pause, refusal } from "../net.js";

/** @typedef {HTMLInputElement | HTMLSelectElement} Field */

/** The fields not saved yet, each with its latest try. @type {Map<Field, object>} */
const unsaved = new Map();

/** @param {HTMLElement} holder of the forms */
export function fields(holder) {
  holder.addEventListener("change", (e) => {
    const input = e.target;
    if ((input instanceof HTMLInputElement || input instanceof HTMLSelectElement) && input.form?.dataset.save) save(input, input.form);
  });
  holder.addEventListener("submit", (e) => {
    if (/** @type {HTMLElement} */ (e.target).dataset.save) e.preventDefault(); // Enter leaves the field, which saves it
  });
  holder.addEventListener("keydown", (e) => {
    const input = e.target;
    if (!(input instanceof HTMLInputElement) || !input.form?.dataset.save) return;
    if (e.key === "Enter") input.dispatchEvent(new Event("change", { bubbles: true }));
    if (e.key === "Escape" && input.type !== "checkbox") input.value = input.defaultValue;
  });
  addEventListener("beforeunload", (e) => {
    if (unsaved.size) e.preventDefault();
  });
}

/** The button beside a part says its name to those who do not see the row. @param {HTMLElement} part @param {string} name */
function named(part, name) {
  const b = /** @type {HTMLElement} */ (part.querySelector("[data-delete]"));
  b.dataset.ask = `Take ${name} off the Shelf? It can be put back.`;
  /** @type {HTMLElement} */ (b.querySelector(".sr")).textContent = ` ${name}`;
}

/** @param {HTMLFormElement} form @param {string} text @param {boolean} [bad] */
function mark(form, text, bad) {
  const at = /** @type {HTMLElement} */ (form.querySelector(".saved"));
  at.textContent = text;
  at.classList.toggle("bad", !!bad);
}

/** @param {Field} input */
const valueOf = (input) => (input instanceof HTMLInputElement && input.type === "checkbox" ? (input.checked ? "on" : "") : input.value);

/** @param {Field} input @param {HTMLFormElement} form */
async function save(input, form) {
  const value = valueOf(input);
  if (!unsaved.has(input) && input instanceof HTMLInputElement && input.type !== "checkbox" && value === input.defaultValue) return;
  const mine = {};
  unsaved.set(input, mine);
  const label = input.dataset.said || input.name;
  if (input.name === "unit") mark(form, "Reading it again …");
  for (;;) {
    let r;
    try {
      r = await fetch(form.dataset.save ?? "", {
        method: "POST", body: new URLSearchParams({ [input.name]: value }), headers: { Accept: "application/json" }, keepalive: true,
      });
    } catch {
      r = null;
    }
    if (unsaved.get(input) !== mine) return; // something newer was typed
    if (!r || r.status === 503) {
      mark(form, `${label} not saved: the server does not answer; trying again …`, true);
      await pause(askAgain);
      continue;
    }
    unsaved.delete(input);
    if (!r.ok) {
      input.setAttribute("aria-invalid", "true");
      mark(form, `${label} not saved: ${await refusal(r)}`, true);
      unsaved.set(input, mine); // it is still to be put right
      return;
    }
    input.removeAttribute("aria-invalid");
    if (input instanceof HTMLInputElement) input.defaultValue = value;
    /** @type {HTMLElement} */ (form.querySelector(".facts")).innerHTML = await r.text();
    const part = /** @type {HTMLElement} */ (form.closest(".part"));
    part.dataset.words = [...form.querySelectorAll("input")].map((i) => (i.type === "checkbox" ? "" : i.value.toLowerCase())).join(" ");
    if (input.name === "name") named(part, value);
    const preview = r.headers.get("X-Preview");
    if (preview) /** @type {HTMLImageElement} */ (part.querySelector("img")).src = `/preview/${preview}`;
    if (![...unsaved.keys()].some((i) => i.form === form)) mark(form, `${label} saved`);
    return;
  }
}
