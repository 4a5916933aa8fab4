// @ts-check
// Tries what a panel holds, a little after the last change. Answers that something newer has overtaken are dropped.

const settle = 150; // ms without a change before it is tried

export class Trial {
  /** @param {() => void} run */
  constructor(run) {
    this.run = run;
    this.turn = 0;
    this.waiting = 0;
  }

  soon() {
    clearTimeout(this.waiting);
    this.waiting = window.setTimeout(this.run, settle);
  }

  /** Nothing that is on its way is wanted any more. */
  drop() {
    clearTimeout(this.waiting);
    this.turn++;
  }

  /**
   * Gives the answer, or why there is none, or nothing once it is overtaken.
   * @template T @param {() => Promise<T>} call @returns {Promise<{got?: T, why?: string} | null>}
   */
  async ask(call) {
    this.drop();
    const mine = this.turn;
    /** @type {{got?: T, why?: string}} */
    const out = {};
    try {
      out.got = await call();
    } catch (e) {
      out.why = /** @type {Error} */ (e).message;
    }
    return mine === this.turn ? out : null;
  }
}
