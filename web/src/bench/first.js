// @ts-check
// A first visit: five steps, each said beside what it is about. It never comes by itself twice, and stands in nobody's way.

const kept = "setfast.visited";

/** @type {[string, string][]} what is outlined, and what is said */
const steps = [
  [".account", "The account: each part came with six freedoms; before → after says what its relations left. A line opens to be edited."],
  [".stage", "The stage: point, and read the name at the foot before you click. Drag turns the view, the wheel comes nearer, H fits it."],
  [".sentence", "The sentence: pick what is put, then what it goes on. What fits is offered with the freedoms it leaves; Enter posts it."],
  [".findings", "The findings: what is loose, doubled or at odds, each with what to do about it. Show moves it, mean this plans it."],
  [".bar", "Every step can be taken back, here or by Ctrl Z. The box of / finds everything by its name, the key ? lists keys and terms."],
];

export class First {
  constructor() {
    this.at = -1;
    this.card = /** @type {HTMLElement} */ (document.querySelector("#firstcard"));
    this.pill = /** @type {HTMLElement} */ (document.querySelector("#firstpill"));
    this.pill.hidden = localStorage.getItem(kept) === "yes";
    document.querySelector("#first-next")?.addEventListener("click", () => this.go(this.at + 1));
    document.querySelector("#first-off")?.addEventListener("click", () => this.end());
  }

  begin() {
    this.pill.hidden = true;
    this.go(0);
  }

  /** @param {number} n */
  go(n) {
    for (const e of document.querySelectorAll(".firstlit")) e.classList.remove("firstlit");
    this.at = n;
    if (n >= steps.length) {
      this.end();
      return;
    }
    const [css, words] = steps[n];
    document.querySelector(css)?.classList.add("firstlit");
    /** @type {HTMLElement} */ (this.card.querySelector("#first-n")).textContent = `${n + 1} of ${steps.length}`;
    /** @type {HTMLElement} */ (this.card.querySelector("#first-words")).textContent = words;
    this.card.hidden = false;
    /** @type {HTMLElement} */ (this.card.querySelector("#first-next")).focus();
  }

  end() {
    for (const e of document.querySelectorAll(".firstlit")) e.classList.remove("firstlit");
    this.card.hidden = true;
    this.pill.hidden = true;
    localStorage.setItem(kept, "yes");
  }
}
