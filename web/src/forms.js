// @ts-check
// Forms that lead to another page. They are sent from here, so that where the server does not answer, or says no, what was typed is
// still there.
import { notice } from "./notice.js";
import { askAgain, pause, refusal } from "./net.js";

/** @param {SubmitEvent} e */
export async function send(e) {
  const form = /** @type {HTMLFormElement} */ (e.target);
  if (e.defaultPrevented || form.method !== "post" || form.dataset.plain != null) return;
  e.preventDefault();
  if (form.getAttribute("aria-busy")) return;
  form.setAttribute("aria-busy", "true");
  const body = new URLSearchParams(/** @type {any} */ (new FormData(form)));
  try {
    for (;;) {
      let r;
      try {
        r = await fetch(form.action, { method: "POST", body, headers: { Accept: "application/json" } });
      } catch {
        notice("The server does not answer. What you typed is kept; waiting for it …", true);
        await answering();
        notice("The server answers again. Nothing was sent; send it again.");
        return;
      }
      if (r.status === 503) {
        await pause(askAgain);
        continue;
      }
      if (r.ok) {
        location.href = r.url;
        return;
      }
      notice(await refusal(r));
      return;
    }
  } finally {
    form.removeAttribute("aria-busy");
  }
}

/** Waits until the server answers. */
async function answering() {
  for (;;) {
    await pause(askAgain);
    try {
      if ((await fetch("/healthz")).ok) return;
    } catch {
      // not yet
    }
  }
}
