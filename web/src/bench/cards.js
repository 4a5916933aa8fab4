// @ts-check
// Pieces of the cards in the account.

/** @template {keyof HTMLElementTagNameMap} K @param {K} tag @param {string} css @param {...(Node | string)} inside */
export function make(tag, css, ...inside) {
  const e = document.createElement(tag);
  e.className = css;
  e.append(...inside);
  return e;
}

/** Puts the keys on one of a stack of cards. @param {HTMLElement} cards @param {number} i */
export function focusCard(cards, i) {
  const li = /** @type {HTMLElement | undefined} */ (cards.children[i]);
  if (!li) return;
  for (const o of cards.children) /** @type {HTMLElement} */ (o).tabIndex = o === li ? 0 : -1;
  li.focus({ preventScroll: true });
  li.scrollIntoView({ block: "nearest" });
}
