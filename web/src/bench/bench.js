// @ts-check
// The Bench: joins the stage, the account and the sentence, and says to the server what is done.
import { again, asking } from "../net.js";
import { Stage } from "../stage/stage.js";
import { NoStage } from "../stage/none.js";
import { Accounting } from "./accounting.js";
import { bring } from "./bringing.js";
import { travel } from "./clashes.js";
import { besides } from "./panels.js";
import { pin } from "./pinning.js";
import { Copying } from "./copying.js";
import { Coupling } from "./coupling.js";
import { byKey, shownKey, table } from "./commands.js";
import { ask, Palette, Placing } from "./dialogs.js";
import { Settings } from "./settings.js";
import { slots } from "./slots.js";
import { Divider } from "./divider.js";
import { driven } from "./driven.js";
import { key } from "./keys.js";
import { showKeys } from "./keysheet.js";
import { First } from "./first.js";
import { Helping } from "./helping.js";
import { Ledger } from "./ledger.js";
import { Live } from "./live.js";
import { Looks } from "./looks.js";
import { Pointer } from "./pointer.js";
import { Running } from "./running.js";
import { Sentence } from "./sentence.js";
import { Slices } from "../slices.js";
import { Measuring } from "./measuring.js";
import { Choosing } from "./choosing.js";
import { Moving } from "./moving.js";
import { Posts } from "./posts.js";
import { merge, poses } from "./state.js";
import { grows, relationChoices } from "./choices.js";
import { shake } from "./shake.js";
import { explained, termList } from "./terms.js";
import { Tug } from "./tug.js";

const tellFor = { good: 3200, bad: 7000 }; // ms
const buttons = ".bar [data-act], .stage [data-act], .sentence [data-act], .inviting [data-act]"; // the account has its own
const many = 100; // lines that are made in slices

/** @param {string} css */
const $ = (css) => /** @type {HTMLElement} */ (document.querySelector(css));

/** @param {string} asm @param {Promise<void>} ready the browser is ready to draw */
export async function bench(asm, ready) {
  const state = asking(asm)("state"); // on its way meanwhile
  state.catch(() => {}); // told where it is wanted
  await ready;
  const stage = makeStage();
  await new Slices().later();
  const b = new Bench(asm, stage);
  await b.begin(state);
  if (location.hash === "#account" && b.state && b.accounting.wanted(b.state)) b.accounting.open();
  const since = /^#since-(\d+)$/.exec(location.hash);
  if (since) b.panels.since.since(Number(since[1]));
  b.live.begin();
  document.body.dataset.ready = "yes";
  // where a feature is drawn, and what is picked: for scripts that drive the Bench
  Object.assign(window, { setfast: driven(b) });
}

/** @returns {any} */
function makeStage() {
  try {
    return new Stage($("#view"), $("#labels"));
  } catch {
    $("#lost").hidden = false;
    return new NoStage();
  }
}

export class Bench {
  /** @param {string} asm @param {any} stage */
  constructor(asm, stage) {
    this.asm = asm;
    this.call = asking(asm);
    /** @type {import("./state.js").State | null} */
    this.state = null;
    this.posts = new Posts(this);
    this.live = new Live(asm, this);
    this.view = $("#view");
    this.stage = stage;
    this.sentence = new Sentence(/** @type {HTMLFormElement} */ ($("#saying")), this.stage, this.call, (a) => this.act(a));
    this.coupling = new Coupling(/** @type {HTMLFormElement} */ ($("#coupling")), this);
    this.divider = new Divider($("#divider"), $("main.bench"));
    this.settings = new Settings((a) => this.act(a));
    this.ledger = new Ledger($("#account"), {
      act: (a) => this.act(a), stage: this.stage, ask, swing: (k) => this.swing(k),
      run: (command) => this.commands[command].run(), settle: (part) => this.choosing.next(part.split("/")[0]),
      copy: (text) => this.copyText(text),
      panel: (which, name) => (which === "copies" ? this.panels.repeating : this.panels.fastening).open(name),
      travel: (joint, of, angular) => travel(this, joint, of, angular),
      repick: (relation, end, was) => this.sentence.repick(relation, end, was),
    });
    this.pointer = new Pointer(this.view, $("#under"), this.stage, this.sentence, () => this.tug, (body) => this.help(body));
    this.placing = new Placing((items) => this.post("do", { do: "place", items }, false), () => !!this.state?.components.length);
    this.palette = new Palette();
    this.tug = this.makeTug();
    this.moving = new Moving(/** @type {HTMLFormElement} */ ($("#moving")), this.sentence.form, this.stage, this.view, {
      post: (a) => this.act(a),
      hand: () => this.several(),
      tell: (text, bad) => this.tell(text, bad),
      place: (e) => this.pointer.place(e),
    });
    this.copying = new Copying({
      act: (a) => this.act(a), post: (path, body) => this.post(path, body, true), call: this.call, several: () => this.several(),
      last: () => this.looks.last(), sentence: this.sentence, ask, tell: (text, bad) => this.tell(text, bad), stage: this.stage,
      clear: () => this.ledger.chooseNone(), back: (which) => this.posts.back(which),
    });
    this.sentence.marked = (names) => this.ledger.picked(names);
    this.sentence.posted = () => this.copying.posted();
    this.measuring = new Measuring({
      act: (a) => this.act(a), call: this.call, ask, picks: () => this.picks(), palette: this.palette,
      tell: (text, bad) => this.tell(text, bad), state: () => this.state,
    });
    this.helping = new Helping(/** @type {HTMLFormElement} */ ($("#helping")), this.sentence.form, {
      make: (body) => this.help(body), sentence: this.sentence, stage: this.stage, tell: (text, bad) => this.tell(text, bad),
    });
    this.first = new First();
    this.accounting = new Accounting(this.proposing());
    this.choosing = new Choosing(this.proposing());
    this.looks = new Looks({
      stage: this.stage, call: this.call, tell: (text, bad) => this.tell(text, bad), state: () => this.state, palette: this.palette,
      hand: () => this.hand(), picks: () => this.picks(), ask, act: (a) => this.act(a),
    });
    this.panels = besides(this);
    this.running = new Running(/** @type {HTMLFormElement} */ ($("#running")), this);
    this.commands = table({
      looks: this.looks, copying: this.copying, moving: this.moving, divider: this.divider, stage: this.stage,
      sentence: this.sentence, coupling: this.coupling, running: this.running, tug: this.tug,
      ledger: this.ledger, placing: this.placing, pointer: this.pointer, act: (a) => this.act(a), back: (which) => this.posts.back(which),
      withPart: (run) => this.withPart(run), everything: () => this.everything(), title: () => this.title(), view: this.view, asm,
      first: this.first, helping: this.helping, measuring: this.measuring, shake: () => this.shake(), nextLoose: () => this.nextLoose(),
      groupLines: () => this.groupLines(),
      pin: () => pin(this), retry: () => this.posts.retry(),
      bring: () => this.bring(), accountFor: () => this.accounting.open(), choosing: this.choosing,
      settings: () => this.state && this.settings.open(this.state.settings), keys: () => showKeys(this.commands),
      tell: (text) => this.tell(text), ...this.panels,
      terms: () => this.palette.open(termList((text) => this.tell(text))),
    });
    this.keys = byKey(this.commands);
    explained(document.body, (text) => this.tell(text));
    grows($("#sentence"), $("#stage"));
    addEventListener("keydown", (e) => key(this, e));
    document.addEventListener("click", (e) => {
      const button = /** @type {Element} */ (e.target).closest(buttons);
      if (button instanceof HTMLElement) this.commands[button.dataset.act ?? ""]?.run();
    });
    // another window may have changed the assembly while this one was out of sight
    addEventListener("focus", () => this.posts.catchUp());
    document.addEventListener("visibilitychange", () => this.posts.catchUp());
  }

  /** What panels of proposals act on. */
  proposing() {
    return {
      act: (/** @type {object} */ a) => this.act(a),
      call: this.call,
      stage: this.stage,
      tell: (/** @type {string} */ text, /** @type {boolean} */ bad = false) => this.tell(text, bad),
      state: () => this.state,
      hand: () => this.hand(),
      palette: this.palette,
      back: () => this.ledger.focus(),
      close: () => {
        this.accounting.show(false);
        this.choosing.show(false);
      },
    };
  }

  makeTug() {
    const tug = new Tug({
      asm: this.asm,
      stage: this.stage,
      view: this.view,
      tell: (text, bad) => this.tell(text, bad),
      state: () => /** @type {import("./state.js").State} */ (this.state),
      light: (name) => this.stage.light(name && [name]),
      says: (text) => this.pointer.say(text),
      park: (name, poses) => this.act({ do: "move", component: name, poses }),
      restore: () => this.restore(),
      shown: (on) => this.tugging(on),
    });
    const { view } = this;
    view.addEventListener("pointerdown", (e) => {
      if (!tug.on || e.button !== 0 || !tug.take(...this.pointer.place(e))) return;
      e.stopPropagation();
      if (tug.held) view.setPointerCapture(e.pointerId);
    }, true);
    view.addEventListener("pointermove", (e) => {
      if (!tug.held) return;
      tug.turn(e.shiftKey);
      tug.move(...this.pointer.place(e));
    }, true);
    view.addEventListener("pointerup", () => tug.letGo(true), true);
    view.addEventListener("pointercancel", () => tug.letGo(false), true);
    return tug;
  }

  /** The part in hand: under the cursor, or on whose line the keys are, or that is lit. */
  hand() {
    const line = /** @type {HTMLElement | null} */ (document.activeElement?.closest(".line[data-component]"));
    return this.pointer.current()?.k?.data.name ?? line?.dataset.component ?? this.ledger.litPart ?? "";
  }

  /** Brings a joint to a typed value. */
  bring() {
    const { state, palette } = this;
    const hands = [this.tug.by, this.hand(), this.choosing.part].filter(Boolean).map((n) => n.split("/")[0]);
    this.tug.letGo(true);
    if (state) bring({ state, hands, ask, palette, act: (a) => this.act(a), tell: (text, bad) => this.tell(text, bad) });
  }

  /** The parts chosen, or else the one in hand. */
  /** The components that something is being done with here, for others to see. */
  inHand() {
    const picked = slots.flatMap((s) => this.sentence.slots[s]?.k?.data.name ?? []);
    return [...new Set([...picked, ...this.ledger.chosen])];
  }

  several() {
    const chosen = [...this.ledger.chosen];
    const one = this.hand();
    return chosen.length ? chosen : one ? [one] : [];
  }

  /** What is picked in the sentence, or else what is under the cursor. */
  picks() {
    const { slots } = this.sentence;
    const picked = [slots.put, slots.on].filter((c) => c !== null);
    const under = this.pointer.current();
    return picked.length ? picked : under ? [under] : [];
  }

  /** @param {boolean} on */
  tugging(on) {
    $('[data-act="tug"]').setAttribute("aria-pressed", String(on));
    if (on) this.view.focus({ preventScroll: true });
    this.pointer.forget();
    if (on) this.tell("Pull a part to see what it can do, with Shift to turn it; N takes the next one by keys. Escape ends it.");
  }

  /** @param {Promise<any>} state */
  async begin(state) {
    try {
      this.looks.draggable(this.view, (e) => this.pointer.place(e));
      const beside = this.looks.begin();
      await this.take(await state);
      beside.then(() => this.looks.tints());
    } catch (e) {
      this.ledger.fail(/** @type {Error} */ (e).message);
    }
  }

  /** Puts everything back where the state has it. */
  restore() {
    const s = this.state;
    if (!s) return;
    // what was pulled inside a subassembly is put back with it
    this.stage.show({ ...s, components: s.components.map((c) => ({ ...c })) }, true).then(() => this.stage.goTo(poses(s)));
  }

  /** @param {string} text @param {boolean} [bad] */
  tell(text, bad) {
    const said = $("#said");
    said.textContent = text;
    said.classList.toggle("bad", !!bad);
    said.hidden = false;
    clearTimeout(this.telling);
    this.telling = setTimeout(() => {
      said.hidden = true;
    }, bad ? tellFor.bad : tellFor.good);
  }

  /** Shows a state as the server sent it, whole or as what differs. @param {any} sent @param {boolean} [keepView] */
  async take(sent, keepView) {
    const s = merge(this.state, sent);
    if (!s) {
      await this.take(await again(() => this.call("state")), keepView);
      return;
    }
    const first = this.state === null;
    this.state = s;
    this.sentence.state = s;
    this.coupling.take(s.joints);
    this.stage.light(null);
    const drawn = this.stage.show(s, !!keepView && !first); // shapes are on their way while the lines are made
    $("#balance").innerHTML = s.balance;
    if (s.line_order.length > many) await this.ledger.prepare(s);
    if (this.state !== s) return; // what came meanwhile is shown
    this.ledger.show(s);
    this.accounting.invite(s);
    this.panels.soon(s);
    this.backButton("undo", "Take back", s.undo);
    this.backButton("redo", "Do again", s.redo);
    $("#empty").hidden = s.components.length > 0;
    await drawn;
    this.looks.pill();
    if (this.looks.away.size) this.looks.draw();
    if (sent.said) this.tell(sent.said);
    if (sent.note) this.tell(sent.note, true);
    document.body.dataset.seq = String(s.seq);
    if (this.tug.on && !this.tug.held) this.tug.ready();
  }

  /** @param {"undo" | "redo"} which @param {string} word @param {string} said */
  backButton(which, word, said) {
    const b = /** @type {HTMLButtonElement} */ ($(`[data-act="${which}"]`));
    b.disabled = !said;
    b.title = said ? `${word}: ${said}` : `nothing to ${word.toLowerCase()}`;
  }

  /** @param {object} a a command */
  act(a) {
    return this.post("do", a, true);
  }

  /** @param {string} path @param {object} body @param {boolean} keepView */
  post(path, body, keepView) {
    return this.posts.post(path, body, keepView);
  }

  /** Shows a motion of the account. @param {number} k */
  async swing(k) {
    try {
      const s = await this.call(`swing/${k}`);
      if (!s.poses || s.poses.length < 2) {
        this.tell("This motion goes nowhere: it exists only at this very pose.");
        return;
      }
      await this.stage.swing(s.names, s.poses);
      this.stage.goTo(poses(this.state));
    } catch (e) {
      this.tell(/** @type {Error} */ (e).message, true);
    }
  }

  /** Makes a helper feature; it gives its reference. @param {object} body @returns {Promise<string | null>} */
  async help(body) {
    try {
      const { ref, state } = await this.call("helper", body);
      await this.take(state, true);
      return ref;
    } catch (e) {
      this.tell(/** @type {Error} */ (e).message, true);
      return null;
    }
  }

  async shake() {
    if (!this.state) return;
    try {
      const n = await shake(this.state, this.stage, this.call);
      this.stage.goTo(poses(this.state));
      this.tell(n ? `${n} ${n === 1 ? "part is" : "parts are"} loose. N goes to the next.` : "Nothing is loose.");
    } catch (e) {
      this.tell(/** @type {Error} */ (e).message, true);
    }
  }

  nextLoose() {
    if (!this.ledger.nextLoose()) this.tell("Nothing is loose.");
  }

  /** Puts chosen parts under one name in the list, or under none. */
  async groupLines() {
    const components = this.several();
    if (!components.length) {
      this.tell("Choose lines by Ctrl or the space bar, then group them.");
      return;
    }
    const as = await ask("Name of the group, such as bolts; empty takes them out", "");
    if (as === null) return;
    this.ledger.chooseNone();
    await this.act({ do: "group", components, as });
  }

  /** @param {string} text */
  async copyText(text) {
    try {
      await navigator.clipboard.writeText(text);
      this.tell(`Copied: ${text}`);
    } catch {
      this.tell(text); // a browser that lets nothing be copied shows it at least
    }
  }

  async title() {
    const name = $(".path b");
    const to = await ask("Name of the assembly", name.textContent ?? "");
    if (to && (await this.act({ do: "title", to }))) name.textContent = to;
  }

  /** Lists everything that can be done, and every relation by its names. */
  everything() {
    const all = Object.values(this.commands).map((c) => ({ words: c.words, help: c.help, keys: shownKey(c), run: c.run }));
    this.palette.open([...all, ...relationChoices((type, label, family) => {
      if (family === "coupling") this.couple(type);
      else this.sentence.want(type, label);
    })]);
  }

  /** @param {string} type */
  couple(type) {
    this.coupling.get("couple-type").value = type;
    this.coupling.toggle(true);
  }

  /** @param {(name: string) => void} run */
  withPart(run) {
    this.palette.open((this.state?.components ?? []).map((c) => ({ words: c.name, run: () => run(c.name) })));
  }
}
