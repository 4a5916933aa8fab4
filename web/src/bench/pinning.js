// @ts-check
// A picture of the stage, pinned to the line of the Daybook after which it was taken.
import { css } from "../stage/marks.js";
import { ask } from "./dialogs.js";

const widest = 960; // pixels
const quality = 0.85;

/**
 * @param {{call: import("../net.js").Ask, stage: any, state: import("./state.js").State | null,
 *   tell: (text: string, bad?: boolean) => void}} b
 */
export async function pin(b) {
  const { view } = b.stage;
  if (!b.state || !view?.copy) {
    b.tell("There is no picture of the stage to pin here.", true);
    return;
  }
  const canvas = document.createElement("canvas");
  const scale = Math.min(1, widest / view.width);
  canvas.width = Math.round(view.width * scale);
  canvas.height = Math.round(view.height * scale);
  const paper = canvas.getContext("2d", { willReadFrequently: true });
  if (paper) {
    paper.fillStyle = css("--stage");
    paper.fillRect(0, 0, canvas.width, canvas.height);
  }
  view.copy(canvas);
  const picture = canvas.toDataURL("image/jpeg", quality).split(",")[1];
  const { seq } = b.state;
  const text = await ask("What does this picture show?", "");
  if (text === null) return;
  try {
    await b.call("pin", { seq, text, picture });
    b.tell(`Pinned to line ${seq} of the Daybook.`);
  } catch (e) {
    b.tell(/** @type {Error} */ (e).message, true);
  }
}
