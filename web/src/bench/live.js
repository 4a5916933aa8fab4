// @ts-check
// Others at the same assembly: what they do shows within a second, and who is there, with what they have in hand.

const sayEvery = 20_000; // ms: the page is there
const lookEvery = 500; // ms: whether something else is in hand
const wordAfter = 1_000; // ms: a page whose stream was closed says that it is there all the same, before the server takes it for gone
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
    this.word = 0;
    this.said = "";
    this.saidAt = 0;
    this.pill = /** @type {HTMLElement} */ (document.querySelector("#herepill"));
  }

  begin() {
    const seen = () => {
      if (document.visibilityState === "visible") this.listen();
      else this.stream?.close(); // browsers allow few open requests to one server, and pages that are not seen need none
      this.sayAgain();
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
    this.stream = new EventSource(`/a/${this.asm}/live?page=${this.page}`);
    this.stream.addEventListener("open", () => this.sayAgain());
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

  sayAgain() {
    clearTimeout(this.word);
    this.word = window.setTimeout(() => (this.saidAt = 0), wordAfter);
  }

  /** @param {Other[]} others */
  show(others) {
    const hand = [...new Set(others.flatMap((o) => o.hand))];
    this.pill.hidden = !others.length;
    this.pill.textContent = document.body.dataset.me ? byName(others) : byNumber(others.length, hand);
    for (const line of document.querySelectorAll(".line[data-component]")) {
      line.toggleAttribute("data-elsewhere", hand.includes(/** @type {HTMLElement} */ (line).dataset.component ?? ""));
    }
  }
}

/** @param {string[]} list */
function few(list) {
  return list.slice(0, fewNames).join(", ") + (list.length > fewNames ? ` and ${list.length - fewNames} more` : "");
}

/** Where nobody signs in. @param {number} n @param {string[]} hand */
function byNumber(n, hand) {
  return `${n} ${n === 1 ? "other" : "others"} here${hand.length ? `: ${few(hand)} in hand` : ""}`;
}

/** Each once, however many windows they have open; oneself in another window too. @param {Other[]} others */
function byName(others) {
  const people = new Map();
  for (const o of others) people.set(o.who, [...(people.get(o.who) ?? []), ...o.hand]);
  const said = [...people].map(([who, hand]) => {
    const name = who === document.body.dataset.me ? "you, in another window" : who;
    return hand.length ? `${name}: ${few([...new Set(hand)])} in hand` : name;
  });
  return said.length > fewNames ? `${said.slice(0, fewNames).join(" · ")} · ${said.length - fewNames} more` : said.join(" · ");
}
