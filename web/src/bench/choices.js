// @ts-check
// What the page knows of relations, as choices for the box of everything; and how the sentence makes room for itself.

/** The relations by name. @param {(type: string, label: string, family: string) => void} run */
export function relationChoices(run) {
  return [...document.querySelectorAll("#relations option")].map((e) => {
    const { type = "", also, family = "" } = /** @type {HTMLElement} */ (e).dataset;
    const label = /** @type {HTMLOptionElement} */ (e).label;
    return {
      words: label,
      help: `${type} ${also} relate mate constraint relation joint`.replaceAll("_", " "),
      keys: type.replaceAll("_", " "),
      run: () => run(type, label, family),
    };
  });
}

/** Tells the stage by how much the sentence has grown over it. @param {HTMLElement} sentence @param {HTMLElement} stage */
export function grows(sentence, stage) {
  const least = parseFloat(getComputedStyle(sentence).minHeight);
  new ResizeObserver(() => stage.style.setProperty("--grown", `${sentence.offsetHeight - least}px`)).observe(sentence);
}
