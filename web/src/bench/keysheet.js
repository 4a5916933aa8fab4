// @ts-check
// All keys on one sheet, with what the words of the account mean.
import { shownKey } from "./commands.js";
import { terms } from "./terms.js";

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

/** @param {Record<string, import("./commands.js").Command>} commands */
export function showKeys(commands) {
  const rows = Object.values(commands).filter((c) => shownKey(c)).map((c) => {
    const li = document.createElement("li");
    const key = document.createElement("kbd");
    key.textContent = shownKey(c);
    li.append(key, c.words);
    return li;
  });
  $("#keylist").replaceChildren(...rows);
  $("#terms").replaceChildren(...Object.entries(terms).flatMap(([word, says]) => {
    const [dt, dd] = [document.createElement("dt"), document.createElement("dd")];
    [dt.textContent, dd.textContent] = [word, says];
    return [dt, dd];
  }));
  /** @type {HTMLDialogElement} */ ($("#keysheet")).showModal();
}
