// @ts-check
// The keyboard of the Bench: Escape ends the innermost thing, then what is in hand has its keys, then the table of commands.
import { keyOf } from "./commands.js";
import { offerOf } from "./offers.js";

/** @typedef {import("./bench.js").Bench} Bench */

/** @param {Bench} b @param {KeyboardEvent} e */
export function key(b, e) {
  if (document.querySelector("dialog[open]")) return;
  const target = /** @type {HTMLElement} */ (e.target);
  const typing = target.matches("input, textarea, select");
  const pressed = keyOf(e);
  if (pressed === "escape") {
    escape(b, typing ? target : null);
    return;
  }
  if (pressed === "ctrl z" || pressed === "ctrl y") {
    const i = /** @type {HTMLInputElement} */ (target);
    if (typing && i.value !== i.defaultValue) return; // the browser's own
  } else if (typing && !pressed.startsWith("alt ")) {
    return;
  }
  const taken = tugKey(b, pressed, target, e.shiftKey) || sentenceKey(b, pressed, target, e);
  if (taken || lineKey(b, pressed, target) || viewKey(b, pressed, target)) {
    e.preventDefault();
    return;
  }
  const name = b.keys.get(pressed);
  if (!name) return;
  e.preventDefault();
  b.commands[name].run();
}

/** Escape ends the innermost thing that is going on. @param {Bench} b @param {HTMLElement | null} typing */
function escape(b, typing) {
  if (b.tug.held) b.tug.letGo(false);
  else if (b.tug.on) b.tug.toggle(false);
  else {
    typing?.blur();
    const row = b.copying.stop();
    if (!b.sentence.clear() && !row && !b.ledger.chooseNone()) b.ledger.unlight();
  }
}

/** @param {Bench} b @param {string} key @param {HTMLElement} target @param {boolean} shift whether what is pulled may turn */
function tugKey(b, key, target, shift) {
  const { tug } = b;
  if (!tug.on || target.closest("button, a")) return false;
  tug.turn(shift);
  const by = { arrowleft: [-1, 0], arrowright: [1, 0], arrowup: [0, 1], arrowdown: [0, -1] }[key];
  if (key === "n") tug.next();
  else if (by && tug.held) tug.nudge(by[0], by[1]);
  else if (key === "enter" && tug.held) tug.letGo(true);
  else return false;
  return true;
}

/** @param {Bench} b @param {string} key @param {HTMLElement} target @param {KeyboardEvent} e */
function sentenceKey(b, key, target, e) {
  const here = target === b.view || target === document.body || target.closest("#offers");
  const offer = offerOf(e);
  if (key === "enter" && here && !b.sentence.button.disabled) b.sentence.send();
  else if (b.sentence.offers[offer]) {
    b.sentence.choose(offer);
    if (target.closest("#offers")) b.sentence.focusChosen();
  } else return false;
  return true;
}

/** Delete takes the part away on whose line the keys are. @param {Bench} b @param {string} key @param {HTMLElement} target */
function lineKey(b, key, target) {
  const line = /** @type {HTMLElement | null} */ (target.closest(".line[data-component]"));
  if (key !== "delete" || !line) return false;
  b.act({ do: "remove", component: line.dataset.component });
  return true;
}

/** @param {Bench} b @param {string} key @param {HTMLElement} target */
function viewKey(b, key, target) {
  if (target !== b.view) return false;
  const by = { arrowleft: [-0.15, 0], arrowright: [0.15, 0], arrowup: [0, -0.12], arrowdown: [0, 0.12] }[key];
  if (by) b.stage.view.turn(by[0], by[1]);
  else if (key === "+" || key === "=") b.stage.view.nearer(0.87);
  else if (key === "-") b.stage.view.nearer(1.15);
  else return false;
  return true;
}
