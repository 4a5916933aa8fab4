// @ts-check
// A run as an animated picture. Each step is drawn into a small canvas and encoded at once; the page lives on in between.
import { GIFEncoder, applyPalette, quantize } from "gifenc";

const widest = 640; // pixels
const mostFrames = 120;
const shown = 50; // ms that a picture stands

/** How many pictures are made of so many steps, and of which. @param {number} steps @returns {number[]} */
export function pictures(steps) {
  const n = Math.min(steps, mostFrames);
  return Array.from({ length: n }, (_, i) => Math.round((i * (steps - 1)) / Math.max(1, n - 1)));
}

/**
 * @param {import("../stage/view.js").View} view @param {number} steps @param {(i: number) => void} show brings all to a step
 * @param {(f: number) => void} gone @param {AbortSignal} signal @returns {Promise<Blob | null>} null where it was called off
 */
export async function film(view, steps, show, gone, signal) {
  const canvas = document.createElement("canvas");
  const scale = Math.min(1, widest / view.width);
  canvas.width = Math.round(view.width * scale);
  canvas.height = Math.round(view.height * scale);
  const gif = GIFEncoder();
  const list = pictures(steps);
  let palette;
  for (const [k, i] of list.entries()) {
    if (signal.aborted) return null;
    show(i);
    const c = /** @type {CanvasRenderingContext2D} */ (view.copy(canvas));
    const { data } = c.getImageData(0, 0, canvas.width, canvas.height);
    palette ??= quantize(data, 256); // parts keep their colours: one palette serves all pictures
    gif.writeFrame(applyPalette(data, palette), canvas.width, canvas.height, { palette: k ? undefined : palette, delay: shown });
    gone((k + 1) / list.length);
    await new Promise((r) => setTimeout(r, 0));
  }
  gif.finish();
  return new Blob([gif.bytes()], { type: "image/gif" });
}
