// @ts-check
// Long work in slices, so that the page answers in between.

const long = 12; // ms that a slice may take
const now = () => performance.now();

/** Lets what waits go first. */
const giveWay = () => new Promise((/** @type {(x?: unknown) => void} */ go) => {
  const c = new MessageChannel();
  c.port1.onmessage = () => {
    c.port1.close();
    go();
  };
  c.port2.postMessage(null);
});

/** Slices is work that gives way once it has gone on for long. */
export class Slices {
  constructor() {
    this.from = now();
  }

  /** To be awaited between two pieces of work; where little was done there is nothing to await. */
  rest() {
    return now() - this.from < long ? undefined : this.later();
  }

  async later() {
    await giveWay();
    this.from = now();
  }
}
