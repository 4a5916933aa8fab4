// @ts-check
// Everything that can be done on the Bench, by name: one table with the words, the key and what it is for. Keys, buttons and the list
// of everything all go through it, so that nothing is in reach one way and not the other.

/**
 * @typedef {object} Command
 * @property {string} words
 * @property {string} [key] as the browser names it, in small letters; with "ctrl " or "alt " before it
 * @property {string} [keys] how the key is shown, where that is not the key itself
 * @property {string} [help]
 * @property {() => void} run
 */

/**
 * @typedef {object} Acting what commands act on
 * @property {any} stage
 * @property {import("./sentence.js").Sentence} sentence
 * @property {any} tug
 * @property {import("./ledger.js").Ledger} ledger
 * @property {import("./dialogs.js").Placing} placing
 * @property {import("./pointer.js").Pointer} pointer
 * @property {(a: object) => Promise<boolean>} act
 * @property {(which: "undo" | "redo") => void} back
 * @property {(run: (name: string) => void) => void} withPart
 * @property {() => void} everything
 * @property {() => void} title
 * @property {import("./coupling.js").Coupling} coupling
 * @property {() => void} settings
 * @property {() => void} keys
 * @property {(text: string) => void} tell
 * @property {import("./divider.js").Divider} divider
 * @property {import("./looks.js").Looks} looks
 * @property {import("./moving.js").Moving} moving
 * @property {import("./copying.js").Copying} copying
 * @property {import("./first.js").First} first
 * @property {import("./helping.js").Helping} helping
 * @property {import("./measuring.js").Measuring} measuring
 * @property {() => void} shake
 * @property {() => void} nextLoose
 * @property {() => void} groupLines
 * @property {() => void} terms
 * @property {() => void} bring
 * @property {() => void} pin
 * @property {() => void} retry
 * @property {() => void} accountFor
 * @property {import("./choosing.js").Choosing} choosing
 * @property {import("./running.js").Running} running
 * @property {import("./fastening.js").Fastening} fastening
 * @property {import("./repeating.js").Repeating} repeating
 * @property {import("./drilling.js").Drilling} drilling
 * @property {import("./apart.js").Apart} apart
 * @property {import("./then.js").Then} since
 * @property {import("./dated.js").Dated} dated
 * @property {HTMLElement} view
 * @property {string} asm
 */

/** The forms under the stage. @param {Acting} b @returns {Record<string, Command>} */
function panels(b) {
  return {
    couple: { words: "Couple two joints", key: "l", help: "gear, rack, screw, cam, link", run: () => b.coupling.toggle() },
    run: {
      words: "Run a motion, and see what is met",
      key: "alt r",
      keys: "Alt R",
      help: "drive, animate, clash, scrub",
      run: () => b.running.toggle(),
    },
    fasten: {
      words: "Fasten: screws, washers and nuts through holes",
      key: "alt f",
      keys: "Alt F",
      help: "bolt, stack, joint, nut, washer, screw length, grip, shopping list",
      run: () => b.fastening.toggle(),
    },
    repeat: {
      words: "Repeat parts with their relations, or mirror them",
      key: "alt c",
      keys: "Alt C",
      help: "copies, pattern, array, linear, circular, mirror, opposite hand",
      run: () => b.repeating.toggle(),
    },
    drill: {
      words: "Drill a part where others have their holes",
      key: "alt d",
      keys: "Alt D",
      help: "match drilling, tapped, counterbore, countersink, clearance, bush",
      run: () => b.drilling.toggle(),
    },
    apart: {
      words: "Take it apart, step by step",
      key: "alt x",
      keys: "Alt X",
      help: "explode, exploded view, disassembly, build guide",
      run: () => b.apart.toggle(),
    },
    then: {
      words: "What has changed since …, on the stage",
      key: "alt e",
      keys: "Alt E",
      help: "compare, history, before, earlier, diff, moment",
      run: () => b.since.toggle(),
    },
    retry: {
      words: "Try again what was refused",
      key: "alt enter",
      keys: "Alt Enter",
      help: "changed meanwhile, somebody else, conflict",
      run: () => b.retry(),
    },
    pin: {
      words: "Pin a picture of the stage to the Daybook",
      help: "screenshot, note, record, snapshot",
      run: () => b.pin(),
    },
    papers: {
      words: "Papers: parts list, sheet, build guide",
      help: "drawing, PDF, DXF, export",
      run: () => location.assign(`/a/${b.asm}/list`),
    },
    outline: { words: "Make a plate or spacer of the face picked", help: "outline, shim, derived part", run: () => b.dated.outline() },
    replace: {
      words: "Put another part in the place of one",
      help: "revision, newer file, update, exchange, swap",
      run: () => b.dated.replace(),
    },
  };
}

/** @param {Acting} b @returns {Record<string, Command>} */
export function table(b) {
  return {
    place: { words: "Place parts", key: "p", help: "from the Shelf, so many of each", run: () => b.placing.open() },
    undo: { words: "Take back the last line", key: "ctrl z", keys: "Ctrl Z", help: "undo", run: () => b.back("undo") },
    redo: { words: "Do again what was taken back", key: "ctrl y", keys: "Ctrl Y", help: "redo", run: () => b.back("redo") },
    home: { words: "Show everything, or the home view", key: "h", help: "fit the view", run: () => showAll(b) },
    ...looking(b),
    freedoms: { words: "Marks: freedoms, origins too, or none", key: "f", help: "what is left, as arrows", run: () => toggleFreedoms(b) },
    colours: { words: "Colours of the files, or the quiet palette", key: "c", help: "color", run: () => b.stage.colours() },
    tug: { words: "Pull parts about by hand", key: "t", help: "drag, move", run: () => b.tug.toggle() },
    sentence: {
      words: "Begin a sentence",
      key: "s",
      help: "type a feature, relate, mate, constraint, relation, joint",
      run: () => b.sentence.begin(),
    },
    facing: { words: "Turn the alignment, sign or side round", key: "r", help: "flip, reverse", run: () => b.sentence.flip() },
    quarter: { words: "A quarter turn more", key: "w", help: "rotate 90", run: () => quarter(b) },
    ...panels(b),
    settings: { words: "Settings of this assembly", key: ",", help: "tolerances, named values, spin", run: () => b.settings() },
    keys: { words: "The keys on one sheet", key: "?", help: "help, shortcuts", run: () => b.keys() },
    "step-back": { words: "Take back the last pick", key: "backspace", keys: "Backspace", run: () => b.sentence.stepBack() },
    clear: { words: "Clear the sentence", key: "escape", keys: "Esc", run: () => b.sentence.clear() },
    "next-under": { words: "Next feature under the cursor", key: "q", run: () => b.pointer.next() },
    "next-end": { words: "Next end of the feature under the cursor", key: "e", run: () => b.pointer.nextEnd() },
    "pick-all": { words: "Pick anything", key: "alt 1", keys: "Alt 1", run: () => b.pointer.setFilter("all") },
    "pick-face": { words: "Pick faces only", key: "alt 2", keys: "Alt 2", run: () => b.pointer.setFilter("face") },
    "pick-axis": { words: "Pick axes only", key: "alt 3", keys: "Alt 3", run: () => b.pointer.setFilter("axis") },
    "pick-rim": { words: "Pick rims only", key: "alt 4", keys: "Alt 4", run: () => b.pointer.setFilter("rim") },
    "pick-point": { words: "Pick points only", key: "alt 5", keys: "Alt 5", run: () => b.pointer.setFilter("point") },
    fold: { words: "Fold the account away, or bring it back", key: "y", help: "hide panel", run: () => b.divider.fold() },
    account: { words: "Go to the account", key: "a", run: () => b.ledger.focus() },
    stage: { words: "Go to the stage", key: "g", run: () => b.view.focus() },
    everything: { words: "Everything that can be done", key: "/", run: () => b.everything() },
    "ground-origin": {
      words: "Ground a part on the origin",
      help: "fix, lock",
      run: () => b.withPart((n) => b.act({ do: "ground", component: n, on: true, origin: true })),
    },
    "ground-here": {
      words: "Ground a part where it stands",
      help: "fix, lock",
      run: () => b.withPart((n) => b.act({ do: "ground", component: n, on: true })),
    },
    unground: { words: "Unground a part", run: () => b.withPart((n) => b.act({ do: "ground", component: n, on: false })) },
    remove: {
      words: "Remove a part",
      keys: "Delete on its line",
      help: "delete",
      run: () => b.withPart((n) => b.act({ do: "remove", component: n })),
    },
    title: { words: "Rename this assembly", run: () => b.title() },
    "hold-fasteners": {
      words: "Count the spin of fasteners as loose",
      run: () => b.act({ do: "settings", fasteners_held: true }),
    },
    "free-fasteners": { words: "Let fasteners spin", run: () => b.act({ do: "settings", fasteners_held: false }) },
    export: { words: "Save as an assembly file", help: "export", run: () => location.assign(`/a/${b.asm}/export`) },
    save: {
      words: "Save with the files of its parts, as a zip",
      help: "export, pack, bundle, archive",
      run: () => location.assign(`/a/${b.asm}/save`),
    },
    shelf: { words: "Go to the Shelf", run: () => goToShelf() },
  };
}

/** How things are looked at, moved and gathered. @param {Acting} b @returns {Record<string, Command>} */
function looking(b) {
  return {
    views: { words: "Views: front, top, along an axis …", key: "v", help: "parallel, keep a view", run: () => b.looks.views() },
    section: { words: "Section through what is pointed at", key: "x", help: "cut, clip", run: () => b.looks.section() },
    hide: { words: "Hide a part, or show it", key: "i", help: "invisible", run: () => b.looks.hide() },
    only: { words: "Show only a part", key: "o", help: "isolate", run: () => b.looks.only() },
    "see-through": { words: "See through a part", key: "u", help: "transparent, ghost", run: () => b.looks.seeThrough() },
    "hidden-edges": { words: "Edges behind faces", help: "hidden lines, dashed, x-ray", run: () => b.looks.hiddenEdges() },
    aside: { words: "Hold a part aside, or put it back", key: "b", help: "draw apart, explode", run: () => b.looks.aside() },
    "aside-all": { words: "All parts apart, or together", key: "alt b", keys: "Alt B", help: "explode", run: () => b.looks.asideAll() },
    move: { words: "Move parts by exact amounts", key: "m", help: "shift, turn, rotate, transform, handles", run: () => b.moving.toggle() },
    form: { words: "Form a subassembly of chosen parts", key: "alt g", keys: "Alt G", help: "group", run: () => b.copying.form() },
    dissolve: { words: "Dissolve a subassembly", help: "ungroup, explode", run: () => b.copying.dissolve() },
    copy: { words: "Copy parts with their relations", key: "d", help: "duplicate, repeat", run: () => b.copying.copy() },
    again: { words: "The part seated last, again here", key: "z", help: "repeat, place again", run: () => b.copying.again() },
    shake: { words: "Shake what is loose", key: "k", help: "tug test, what moves", run: () => b.shake() },
    "next-loose": { words: "Next loose part", key: "n", help: "find free", run: () => b.nextLoose() },
    helper: { words: "Helper feature on a part", key: "alt h", keys: "Alt H", help: "point, axis, plane", run: () => b.helping.toggle() },
    measure: { words: "Measure what is picked", key: "j", help: "distance, angle, gap, mass", run: () => b.measuring.measure() },
    variants: { words: "Variants side by side", help: "configurations, table, csv", run: () => b.measuring.variants() },
    group: { words: "Group lines in the list", help: "folder, bolts", run: () => b.groupLines() },
    compact: { words: "Lines of one row each, or two", key: "alt y", keys: "Alt Y", run: () => toggleCompact() },
    bring: { words: "Bring a joint to a typed value", key: "=", help: "coordinate, angle, slide, tug, set", run: () => b.bring() },
    next: {
      words: "What would seat the part in hand",
      key: "alt n",
      keys: "Alt N",
      help: "propose, next relation, suggest, match holes, fill the other holes",
      run: () => b.choosing.next(),
    },
    seatings: {
      words: "Other ways for the part to sit",
      key: "alt s",
      keys: "Alt S",
      help: "seatings, flip, turn, positions, symmetric",
      run: () => b.choosing.seatings(),
    },
    "account-for": {
      words: "Account for it: relations from how parts stand",
      key: "alt a",
      keys: "Alt A",
      help: "recover, propose, automatic, contacts, import",
      run: () => b.accountFor(),
    },
    terms: { words: "What the words of the account mean", help: "glossary, terms, help, loose, idle, shaky", run: () => b.terms() },
    others: {
      words: "Choose the other parts instead",
      help: "invert, all but these, group that leaves parts out",
      run: () => b.tell(`${b.ledger.chooseOthers()} chosen.`),
    },
    first: { words: "Five steps for a first visit", help: "tour, help", run: () => b.first.begin() },
    tint: { words: "Colour of a part", help: "color, appearance", run: () => b.looks.colour() },
    "keep-home": { words: "Keep this as the home position", help: "save pose", run: () => b.looks.keepHome() },
    "go-home": { words: "Go to the home position", help: "reset pose", run: () => b.looks.goHome() },
  };
}

/** How a command's key is shown. @param {Command} c */
export const shownKey = (c) => c.keys ?? c.key?.toUpperCase() ?? "";

/** Commands by key. @param {Record<string, Command>} commands @returns {Map<string, string>} */
export function byKey(commands) {
  const out = new Map();
  for (const [name, c] of Object.entries(commands)) {
    if (!c.key) continue;
    if (out.has(c.key)) throw new Error(`${name} and ${out.get(c.key)} have the same key`);
    out.set(c.key, name);
  }
  return out;
}

/** The key that was pressed, as the table names it. @param {KeyboardEvent} e */
export function keyOf(e) {
  const key = e.key.toLowerCase();
  if (e.ctrlKey || e.metaKey) return e.shiftKey && key === "z" ? "ctrl y" : `ctrl ${key}`;
  return e.altKey ? `alt ${key}` : key;
}

function goToShelf() {
  const a = document.querySelector(".path a");
  if (a instanceof HTMLAnchorElement) location.assign(a.href);
}

/** @param {{sentence: import("./sentence.js").Sentence, moving: import("./moving.js").Moving}} b */
function quarter(b) {
  if (b.sentence.quarter()) return;
  if (!b.moving.on) b.moving.toggle(true);
  if (b.moving.on) b.moving.quarter(2);
}

/** @param {{looks: import("./looks.js").Looks}} b */
function showAll(b) {
  b.looks.showAll();
  b.looks.home();
}

function toggleCompact() {
  document.querySelector("#account")?.classList.toggle("compact");
}

/** Goes from freedoms to freedoms and origins, to none, and on. @param {Acting} b */
function toggleFreedoms(b) {
  const { stage } = b;
  if (stage.showFreedoms && !stage.origins.on) {
    stage.origins.on = true;
    b.tell("Freedoms and origins are drawn.");
  } else {
    stage.origins.on = false;
    stage.showFreedoms = !stage.showFreedoms;
    b.tell(stage.showFreedoms ? "Freedoms are drawn." : "No marks are drawn.");
  }
  document.querySelector('[data-act="freedoms"]')?.setAttribute("aria-pressed", String(stage.showFreedoms));
  stage.freedoms();
  stage.draw();
}
