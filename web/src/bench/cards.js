// @ts-check
// Pieces of the cards in the account.

/** @template {keyof HTMLElementTagNameMap} K @param {K} tag @param {string} css @param {...(Node | string)} inside */
export function make(tag, css, ...inside) {
  const e = document.createElement(tag);
  e.className = css;
  e.append(...inside);
  return e;
}

/** One of several to choose from. @param {string} text @param {boolean} on @param {() => void} does @param {boolean} [bad] */
export function choice(text, on, does, bad = false) {
  const b = make("button", "plain jointname", text);
  b.type = "button";
  b.setAttribute("role", "radio");
  b.setAttribute("aria-checked", String(on));
  b.classList.toggle("bad", bad);
  b.addEventListener("click", does);
  return b;
}

/** Puts the keys on one of a stack of cards. @param {HTMLElement} cards @param {number} i */
export function focusCard(cards, i) {
  const li = /** @type {HTMLElement | undefined} */ (cards.children[i]);
  if (!li) return;
  for (const o of cards.children) /** @type {HTMLElement} */ (o).tabIndex = o === li ? 0 : -1;
  li.focus({ preventScroll: true });
  li.scrollIntoView({ block: "nearest" });
}
