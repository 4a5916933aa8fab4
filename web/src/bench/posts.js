// @ts-check
// What is said to the server: one thing at a time, once each, and what has changed meanwhile.
import { again, pause, Refusal } from "../net.js";

const askAgain = 1500; // ms between questions to a server that is gone

export class Posts {
  /** @param {import("./bench.js").Bench} b */
  constructor(b) {
    this.b = b;
    this.busy = false;
    /** @type {Promise<boolean>} */
    this.posting = Promise.resolve(true);
    this.backs = Promise.resolve();
    /** What was refused because it touches what somebody else changed. @type {{path: string, body: object, keepView: boolean} | null} */
    this.refused = null;
    /** @type {Promise<void> | undefined} */
    this.catching = undefined;
    this.gone = false; // the server does not answer: what it has done shows when it is back
  }

  /** Waits for what is being done: presses that come quicker than answers are kept, each taking one line. @param {"undo" | "redo"} which */
  back(which) {
    this.backs = this.backs.then(async () => {
      await this.posting.catch(() => false);
      if (!this.b.state?.[which]) return;
      this.b.sentence.clear();
      await this.post(which, {}, true).catch(() => false);
    });
  }

  /**
   * Says something to the server, meant for the state that is shown. What is sent again, because the answer was lost or the server
   * busy, is done once.
   * @param {string} path @param {object} body @param {boolean} keepView
   */
  async post(path, body, keepView) {
    if (this.busy || !this.b.state) return false;
    if (this.gone) {
      this.b.tell("The server does not answer yet; waiting for it …", true);
      return false;
    }
    this.refused = null;
    this.posting = this.posted(path, body, keepView);
    return this.posting;
  }

  /** @param {string} path @param {object} body @param {boolean} keepView */
  async posted(path, body, keepView) {
    this.busy = true;
    document.body.setAttribute("aria-busy", "true");
    await this.catching;
    const token = crypto.getRandomValues(new Uint32Array(4)).join("-").slice(0, 40);
    const base = this.b.state?.seq;
    try {
      const s = await again(() => this.b.call(path, { ...body, base, token }));
      await this.b.take(s.later ? await again(() => this.b.call("state")) : s, keepView);
      if (s.later && s.said) this.b.tell(s.said);
      return true;
    } catch (e) {
      if (e instanceof Refusal && e.status === 409) this.refused = { path, body, keepView };
      await this.failed(/** @type {Error} */ (e));
      return false;
    } finally {
      this.busy = false;
      document.body.removeAttribute("aria-busy");
    }
  }

  /** Tries what was refused, since somebody else changed what it touches, again on how it stands now. */
  async retry() {
    await this.posting.catch(() => false); // it is told before it is shown how things stand
    const r = this.refused;
    if (r) this.post(r.path, r.body, r.keepView);
    else this.b.tell("Nothing was refused.");
  }

  /** @param {Error} e */
  async failed(e) {
    this.b.tell(this.refused ? `${e.message}. Alt Enter tries it again on that.` : e.message, true);
    if (!(e instanceof Refusal)) return;
    if (e.status === 409) await this.b.take(await this.b.call("state"), true);
    if (e.passing) this.waitForServer();
  }

  /** Asks until there is an answer, and shows how things stand then. */
  async waitForServer() {
    if (this.gone) return;
    this.gone = true;
    for (;;) {
      await pause(askAgain);
      try {
        const s = await this.b.call(`state?since=${this.b.state?.seq}`);
        if (s) await this.b.take(s, true);
        this.b.tell(s ? "The server answers again; here is how it stands now." : "The server answers again. Nothing has changed; go on.");
        break;
      } catch (e) {
        if (!(e instanceof Refusal) || !e.passing) break;
        this.b.tell(e.message, true);
      }
    }
    this.gone = false;
  }

  /** Looks whether another window changed anything. What is done meanwhile waits for the answer. */
  catchUp() {
    this.catching ??= this.lookAgain().finally(() => {
      this.catching = undefined;
    });
    return this.catching;
  }

  async lookAgain() {
    if (!this.b.state || this.busy || this.b.tug.held || document.visibilityState !== "visible") return;
    try {
      const s = await this.b.call(`state?since=${this.b.state.seq}`);
      if (s) {
        await this.b.take(s, true);
        this.b.tell("This was changed in another window, or by somebody else; here is how it stands now.");
      }
    } catch (e) {
      this.b.tell(/** @type {Error} */ (e).message, true);
    }
  }
}
