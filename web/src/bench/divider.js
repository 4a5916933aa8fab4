// @ts-check
// The border between the stage and the account: dragged, moved by arrows, or folded away. The width is kept in the browser.

const least = 300;
const most = 640;
const usual = 360;
const step = 20; // px of an arrow
const kept = "setfast.account";

export class Divider {
  /** @param {HTMLElement} bar @param {HTMLElement} around */
  constructor(bar, around) {
    this.bar = bar;
    this.around = around;
    this.width = Number(localStorage.getItem(kept)) || (innerWidth >= 1600 ? 440 : usual);
    this.set(this.width);
    bar.addEventListener("pointerdown", (e) => bar.setPointerCapture(e.pointerId));
    bar.addEventListener("pointermove", (e) => {
      if (bar.hasPointerCapture(e.pointerId)) this.set(innerWidth - e.clientX);
    });
    bar.addEventListener("pointerup", () => localStorage.setItem(kept, String(this.width)));
    bar.addEventListener("dblclick", () => this.fold());
    bar.addEventListener("keydown", (e) => {
      const by = { ArrowLeft: step, ArrowRight: -step }[e.key];
      if (by) this.set(this.width + by);
      else if (e.key === "Enter") this.fold();
      else return;
      e.preventDefault();
      e.stopPropagation();
    });
  }

  /** @param {number} px */
  set(px) {
    this.width = Math.max(least, Math.min(most, Math.round(px)));
    this.around.classList.remove("folded");
    this.around.style.setProperty("--account", `${this.width}px`);
    this.bar.setAttribute("aria-valuenow", String(this.width));
  }

  fold() {
    const folded = this.around.classList.toggle("folded");
    this.bar.setAttribute("aria-valuenow", String(folded ? 0 : this.width));
  }
}
