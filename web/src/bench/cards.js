// @ts-check
// Pieces of the cards in the account.

/** @template {keyof HTMLElementTagNameMap} K @param {K} tag @param {string} css @param {...(Node | string)} inside */
export function make(tag, css, ...inside) {
  const e = document.createElement(tag);
  e.className = css;
  e.append(...inside);
  return e;
}
