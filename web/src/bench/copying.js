// @ts-check
// Chosen parts as one: formed into a subassembly, dissolved, copied. A copy's relations to what was not copied are asked for one after
// another, each with the copy's feature in place already; "again" does so with the part seated last until Escape.

export class Copying {
  /**
   * @param {{act: (a: object) => Promise<boolean>, post: (path: string, body: object) => Promise<boolean>, call: import("../net.js").Ask,
   *   several: () => string[], last: () => string, sentence: import("./sentence.js").Sentence, ask: (title: string, text: string) =>
   *   Promise<string | null>, tell: (text: string, bad?: boolean) => void, stage: any, clear: () => void, back: (which: "undo") => void}} b
   */
  constructor(b) {
    this.b = b;
    /** @type {{type: string, put: string, on: string, of: string}[]} */
    this.queue = [];
    this.whole = 0;
    this.repeats = "";
  }

  /** The parts that are meant, or none with a word about it. @param {string} what @param {number} least */
  meant(what, least) {
    const names = this.b.several();
    if (names.length >= least) return names;
    const how = least > 1 ? "Choose two lines or more, by Ctrl or the space bar" : "Point at a part, or choose lines by Ctrl";
    this.b.tell(`${how}, then ${what}.`);
    return null;
  }

  async form() {
    const components = this.meant("form a subassembly of them", 2);
    if (!components) return;
    const name = await this.b.ask(`Subassembly of ${components.length} parts`, "");
    if (!name) return;
    this.b.clear();
    if (await this.b.post("form", { components, name })) this.b.tell(`${name} is on the Shelf too, and can be used again.`);
  }

  async dissolve() {
    const [component] = this.meant("dissolve it", 1) ?? [];
    if (component) await this.b.act({ do: "dissolve", component });
  }

  async copy() {
    const components = this.meant("copy them", 1);
    if (components) await this.make(components);
  }

  /** Places the part seated last once more, and goes on until Escape. */
  async again() {
    const name = this.b.several()[0] || this.b.last();
    if (!name) {
      this.b.tell("Nothing is seated yet that could be repeated.");
      return;
    }
    this.repeats = name;
    await this.make([name]);
  }

  /** @param {string[]} components */
  async make(components) {
    try {
      const { open } = await this.b.call("open", { components });
      this.b.clear();
      if (!(await this.b.act({ do: "copy", components }))) return;
      this.queue = open;
      this.whole = open.length;
      this.next();
    } catch (e) {
      this.b.tell(/** @type {Error} */ (e).message, true);
    }
  }

  /** Asks for the next relation of a copy. */
  async next() {
    const o = this.queue[0];
    if (!o) {
      if (this.repeats && this.whole) await this.again();
      return;
    }
    const put = this.b.stage.find(o.put);
    if (!put) {
      this.skip();
      return;
    }
    const { sentence } = this.b;
    sentence.clear();
    sentence.wanted = o.type;
    await sentence.fill("put", put);
    sentence.say(`${this.whole - this.queue.length + 1} of ${this.whole}, as ${o.of}: pick what it goes on. Escape leaves the rest.`);
  }

  /** The relation that was asked for is there. */
  posted() {
    if (!this.queue.length) return;
    this.skip();
  }

  skip() {
    this.queue.shift();
    this.next();
  }

  /** Ends the row; it tells whether there was one. A repeat of which nothing was said yet is taken back. */
  stop() {
    const had = this.queue.length > 0 || this.repeats !== "";
    if (this.repeats && this.whole && this.queue.length === this.whole) setTimeout(() => this.b.back("undo"), 0);
    this.queue = [];
    this.repeats = "";
    return had;
  }
}
