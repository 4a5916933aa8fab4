// @ts-check
// What draws is made ready while the page answers.

const longest = 2000; // ms to wait for it; the page can make it ready itself

/** Waits until the browser is ready to draw, or does not say. @returns {Promise<void>} */
export function warm() {
  if (typeof OffscreenCanvas === "undefined") return Promise.resolve();
  return new Promise((done) => {
    const worker = new Worker("/static/dist/warm-worker.js");
    const end = () => {
      worker.terminate();
      done();
    };
    worker.onmessage = end;
    worker.onerror = end;
    setTimeout(end, longest);
  });
}
