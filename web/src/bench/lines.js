// @ts-check
// Lines of the account as they are made: a thousand closed ones are to cost little.

const within = '<div class="inside"'; // where what is inside a line begins
const rowEnds = "</li>";
/** @type {WeakMap<HTMLElement, string>} what is inside lines that were not opened yet: a thousand of them would be most of a page */
const insides = new WeakMap();

/** A line, without what is inside it, which is made when it is opened. @param {string} html */
export function element(html) {
  const cut = html.indexOf(within);
  const t = document.createElement("template");
  t.innerHTML = cut < 0 ? html.trim() : html.slice(0, cut).trim() + rowEnds;
  const li = /** @type {HTMLElement} */ (t.content.firstElementChild);
  if (cut >= 0) insides.set(li, html.slice(cut, html.lastIndexOf(rowEnds)));
  return li;
}

/** Makes what is inside a line. @param {HTMLElement} li */
export function fill(li) {
  const made = insides.get(li);
  if (!made) return;
  insides.delete(li);
  li.insertAdjacentHTML("beforeend", made);
}

/** @type {Record<string, string>} */
const marks = { "&amp;": "&", "&#39;": "'", "&#34;": '"', "&lt;": "<", "&gt;": ">" };

/** What a line reads like, opened, in small letters. @param {string} html */
export const reads = (html) => html.replace(/<[^>]*>/g, " ").replace(/&(amp|#39|#34|lt|gt);/g, (m) => marks[m]).toLowerCase();

/** The note of the relation at an element. @param {HTMLElement} e */
export const noteOf = (e) => e.closest(".mate")?.querySelector(".matenote")?.textContent ?? "";
/** @param {HTMLElement} e */
export const component = (e) => /** @type {HTMLElement | null} */ (e.closest(".line"))?.dataset.component ?? "";
/** @param {HTMLElement} e */
export const mate = (e) => /** @type {HTMLElement | null} */ (e.closest(".mate"))?.dataset.mate ?? "";
/** @param {HTMLElement} e */
export const motion = (e) => Number(/** @type {HTMLElement | null} */ (e.closest("[data-motion]"))?.dataset.motion ?? -1);

/** What tells one control of the account from another. @param {HTMLElement} b */
const is = (b) => [b.dataset.act, b.dataset.set, b.dataset.field, b.dataset.of, b.dataset.end, component(b), mate(b), motion(b)].join("\n");

/** Remembers what has the focus in the account, so that it is there again after its line is made anew. @param {HTMLElement} box */
export function remember(box) {
  const e = document.activeElement;
  if (!(e instanceof HTMLElement) || !box.contains(e)) return null;
  const want = is(e);
  return () => {
    if (box.contains(document.activeElement) && document.activeElement !== box) return;
    for (const b of /** @type {NodeListOf<HTMLElement>} */ (box.querySelectorAll("[data-act], [data-set]"))) {
      if (is(b) === want) {
        b.focus({ preventScroll: true });
        return;
      }
    }
    box.focus({ preventScroll: true });
  };
}
