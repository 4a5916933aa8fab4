// @ts-check
// What the words of the account mean, where they stand and on one list.

/** @type {Record<string, string>} */
export const terms = {
  freedom: "one way a part can still move: a free part has six, three slides and three turns.",
  opening: "the freedoms of all parts before any relation: six for each that is not grounded.",
  removed: "the freedoms that the relations take away together.",
  left: "what is not taken away: planned, idle and loose together.",
  planned: "a motion that is meant, as of a crank. It passes.",
  idle: "a motion that changes nothing: a round part, or a fastener, spinning about its own axis. It passes.",
  loose: "a motion that nobody meant. Shake shows it; a relation takes it away, \"mean this\" plans it.",
  shaky: "a motion only for an instant, at this very pose: the parts give a little, and are stiff beside it. Such geometry is fragile.",
  doubled: "relations that ask the same twice. They hold as long as the parts are exact; beside each stands by how much they may be off.",
  "at odds": "relations that cannot hold together, in the smallest set, each with what it misses by. One of them must change.",
  blocked: "a motion that is planned, but that the relations do not allow.",
  clash: "two parts are in one another, by more than the tolerance: how deep, and how much. Touching is none.",
  fit: "an overlap that is meant: a press fit, a thread, teeth in mesh.",
  undecided: "two parts whose shapes do not tell whether they are in one another.",
  clashes: "parts pass through one another: nobody can build it so.",
  grounded: "a part that stands where it is. All others are placed by it.",
  set: "nothing is left but what is idle: fully constrained, without conflicts.",
  "moves as planned": "what is left to move is what was meant, and nothing else.",
  joint: "screws, washers and a nut, or a tapped hole, through holes in line: something does not go, reach or seat as it should.",
  missing: "something on the Shelf that an assembly needs was thrown away.",
  below: "a subassembly that does not pass by itself.",
  note: "no fault, but worth a look; it can be accepted with a reason.",
};

/** What a word means, or nothing. @param {string} word */
export function meaning(word) {
  const key = word.trim().toLowerCase();
  const of = terms[key] ?? terms[key.replace(/s$/, "")];
  return of ? `${word.trim()}: ${of}` : "";
}

/**
 * Has words that carry a meaning tell it when asked.
 * @param {HTMLElement} box @param {(text: string) => void} tell
 */
export function explained(box, tell) {
  box.addEventListener("click", (e) => {
    const b = /** @type {Element} */ (e.target).closest("[data-term]");
    const says = b instanceof HTMLElement ? meaning(b.dataset.term || (b.textContent ?? "")) : "";
    if (says) tell(says);
  });
}

/** The words as a list to choose from. @param {(text: string) => void} tell */
export const termList = (tell) => Object.entries(terms).map(([w, says]) => ({ words: `${w}: ${says}`, run: () => tell(`${w}: ${says}`) }));
