// @ts-check
// Others at the same assembly: what they do shows within a second, and who is there, with what they have in hand.

const sayEvery = 20_000; // ms: the page is there
const lookEvery = 500; // ms: whether something else is in hand
const lookLater = 300; // ms: while something is being done here
const fewNames = 2;

/** @typedef {{page: string, who: string, hand: string[]}} Other */

export class Live {
  /**
   * @param {string} asm
   * @param {{state: import("./state.js").State | null, posts: import("./posts.js").Posts, tug: any, inHand: () => string[]}} b
   */
  constructor(asm, b) {
    this.b = b;
    this.asm = asm;
    this.page = [...crypto.getRandomValues(new Uint8Array(16))].map((x) => x.toString(16).padStart(2, "0")).join("");
    /** @type {EventSource | null} */
    this.stream = null;
    this.latest = 0;
    this.waiting = 0;
    this.said = "";
    this.saidAt = 0;
    this.pill = /** @type {HTMLElement} */ (document.querySelector("#herepill"));
  }

  begin() {
    const seen = () => {
      if (document.visibilityState === "visible") this.listen();
      else this.stream?.close(); // browsers allow few open requests to one server, and pages that are not seen need none
    };
    document.addEventListener("visibilitychange", seen);
    addEventListener("pageshow", seen); // come back to
    seen();
    setInterval(() => this.say(), lookEvery);
    addEventListener("pagehide", () => {
      this.stream?.close();
      navigator.sendBeacon(`/a/${this.asm}/here`, JSON.stringify({ page: this.page, gone: true }));
    });
  }

  listen() {
    this.stream?.close();
    this.stream = new EventSource(`/a/${this.asm}/live`);
    this.stream.addEventListener("message", (e) => {
      const { seq, here } = JSON.parse(e.data);
      this.latest = seq;
      this.look();
      this.show((here ?? []).filter((/** @type {Other} */ o) => o.page !== this.page));
    });
  }

  /** Shows what has come, once nothing is being done here. */
  look() {
    clearTimeout(this.waiting);
    if (!this.b.state || this.latest <= this.b.state.seq) return;
    if (this.b.posts.busy || this.b.tug.held) this.waiting = window.setTimeout(() => this.look(), lookLater);
    else this.b.posts.catchUp();
  }

  /** Says what is in hand here, where that has changed, and now and then that the page is there. */
  say() {
    const hand = this.b.inHand();
    const now = hand.join("\n");
    if (now === this.said && performance.now() - this.saidAt < sayEvery && this.saidAt) return;
    this.said = now;
    this.saidAt = performance.now();
    fetch(`/a/${this.asm}/here`, {
      method: "POST",
      headers: { "Content-Type": "application/json" },
      body: JSON.stringify({ page: this.page, hand }),
    }).catch(() => {}); // it is said again
  }

  /** @param {Other[]} others */
  show(others) {
    const hand = [...new Set(others.flatMap((o) => o.hand))];
    const names = hand.slice(0, fewNames).join(", ") + (hand.length > fewNames ? ` and ${hand.length - fewNames} more` : "");
    this.pill.hidden = !others.length;
    this.pill.textContent = `${others.length} ${others.length === 1 ? "other" : "others"} here${names ? `: ${names} in hand` : ""}`;
    for (const line of document.querySelectorAll(".line[data-component]")) {
      line.toggleAttribute("data-elsewhere", hand.includes(/** @type {HTMLElement} */ (line).dataset.component ?? ""));
    }
  }
}
