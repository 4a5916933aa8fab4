// @ts-check
// The forms and findings that the Bench has besides its sentence.
import { Apart } from "./apart.js";
import { Clashes } from "./clashes.js";
import { Dated } from "./dated.js";
import { Drilling } from "./drilling.js";
import { Fastening } from "./fastening.js";
import { Repeating } from "./repeating.js";
import { Then } from "./then.js";

/** @param {string} css */
const form = (css) => /** @type {HTMLFormElement} */ (document.querySelector(css));

/** @param {import("./bench.js").Bench} b */
export function besides(b) {
  const clashes = new Clashes(b);
  const dated = new Dated(b);
  return {
    clashes,
    dated,
    fastening: new Fastening(form("#fastening"), b),
    repeating: new Repeating(form("#repeating"), b),
    apart: new Apart(form("#apart"), b),
    since: new Then(form("#then"), b),
    drilling: new Drilling(form("#drilling"), b),
    /** Looks again soon: the assembly has changed. @param {import("./state.js").State} s */
    soon: (s) => {
      clashes.soon(s);
      dated.soon(s);
    },
  };
}
