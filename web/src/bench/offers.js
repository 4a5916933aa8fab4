// @ts-check
// The relations that fit what is picked, as buttons with their keys.

/**
 * @typedef {object} Offer
 * @property {string} type
 * @property {string} label
 * @property {string} [sense]
 * @property {number} [value]
 * @property {string} [main] the field that the value is of
 * @property {string} [unit] of the value
 * @property {number} before
 * @property {number} after
 * @property {string} leaves
 * @property {number} asked
 * @property {number} doubled
 * @property {string} [odds]
 * @property {string[]} moves
 * @property {Record<string, any>} poses
 * @property {string} [note]
 * @property {boolean} [untried] it is being tried still
 * @property {boolean} [joint]
 * @property {string} [limits] of a joint: the unit its leading coordinate may be limited in
 * @property {[string, string]} say the words before its slots
 * @property {string} [about] what is to be picked besides
 * @property {string} [put_too] the second faces of pairs
 * @property {string} [on_too]
 * @property {import("./fields.js").Field[]} [fields]
 * @property {string[]} [also] other names of it
 */

/** @param {Offer} o @param {boolean} open whether a pick is missing */
export const figuresOf = (o, open) => (open ? "+ a pick" : o.untried ? "trying …" : o.odds ? "cannot hold" : `${o.before} → ${o.after}`);

/** The key of a relation that fits: 1 to 9, 0 for the tenth, and the same with Shift. @param {number} i */
const offerKey = (i) => (i < 20 ? (i < 10 ? "" : "⇧") + String((i + 1) % 10) : "");

/** Which relation that fits a key means, from 0; -1 for none. @param {KeyboardEvent} e */
export function offerOf(e) {
  if (e.ctrlKey || e.altKey || e.metaKey) return -1;
  const digits = /^[0-9]$/.test(e.key);
  const digit = digits ? e.key : /^Digit([0-9])$/.exec(e.code)?.[1]; // on some keyboards the digits want Shift
  if (!digit) return -1;
  return (Number(digit) + 9) % 10 + (!digits && e.shiftKey ? 10 : 0);
}

/**
 * Takes what whole trials told of the offers left untried, each in its place; it gives their places.
 * @param {Offer[]} offers @param {Offer[]} whole
 */
export function tried(offers, whole) {
  const at = [];
  for (const [i, o] of offers.entries()) {
    const w = o.untried && whole.find((x) => x.type === o.type && x.label === o.label);
    if (!w) continue;
    Object.assign(o, w, { untried: false });
    at.push(i);
  }
  return at;
}

/** The other names that a relation goes by. @param {Offer} o */
export const calledAlso = (o) => (o.also ?? []).join(", ").replaceAll("_", " ");

/** @param {Offer} o @param {number} i */
export function offerButton(o, i) {
  const b = document.createElement("button");
  b.type = "button";
  b.className = "offer" + (o.odds ? " odd" : "");
  b.dataset.k = String(i);
  b.dataset.type = o.type;
  b.setAttribute("role", "radio");
  b.setAttribute("aria-checked", "false");
  b.tabIndex = i === 0 ? 0 : -1;
  if (o.also?.length) b.title = `also called ${calledAlso(o)}`;
  const name = document.createElement("b");
  name.textContent = o.label;
  const figures = document.createElement("span");
  figures.className = "ba";
  figures.textContent = figuresOf(o, !!o.about);
  const key = document.createElement("span");
  key.className = "key";
  key.textContent = offerKey(i);
  b.append(key, name, figures);
  return b;
}
