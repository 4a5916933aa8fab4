// @ts-check
// The parts of the interface that touch neither page nor server, as tests try them in a browser.
export { byKey, keyOf, shownKey, table } from "./bench/commands.js";
export { figuresOf, offerOf, tried } from "./bench/offers.js";
export { bodiesOf, firstUnrelated, merge, poses } from "./bench/state.js";
export { round } from "./bench/measuring.js";
export { element, reads } from "./bench/lines.js";
export { meaning, terms } from "./bench/terms.js";
export { search } from "./bench/typing.js";
export { number, plain, range, what, words } from "./bench/words.js";
export { trim } from "./units.js";
export { isOpen } from "./shelf/reading.js";
export { refOf, slotEnd, wants } from "./stage/feature.js";
