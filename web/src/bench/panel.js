// @ts-check
// The forms that take turns with the sentence under the stage: one of them shows, or the sentence does.

/** @type {Panel | null} */
let open = null;

/** Lets the sentence show again, whatever took its place. */
export function closePanel() {
  open?.toggle(false);
}

export class Panel {
  /** @param {HTMLFormElement} form @param {HTMLFormElement} saying the sentence it takes the place of */
  constructor(form, saying) {
    this.form = form;
    this.saying = saying;
    form.addEventListener("submit", (e) => {
      e.preventDefault();
      this.send();
    });
    form.addEventListener("keydown", (e) => {
      if (e.key !== "Escape") return;
      e.stopPropagation();
      this.toggle(false);
    });
  }

  get on() {
    return !this.form.hidden;
  }

  /** @param {string} id */
  get(id) {
    return /** @type {HTMLInputElement} */ (this.form.querySelector(`#${id}`));
  }

  /** Shows it in the place of what shows, or the sentence again. @param {boolean} [on] */
  toggle(on = !this.on) {
    if (on && open !== this) closePanel();
    this.form.hidden = !on;
    this.saying.hidden = on;
    if (on) open = this;
    else if (open === this) open = null;
  }

  /** @param {string} text @param {boolean} [bad] */
  say(text, bad) {
    const p = /** @type {HTMLElement} */ (this.form.querySelector(".hint"));
    p.textContent = text;
    p.classList.toggle("bad", !!bad);
  }

  /** What Enter does. */
  send() {}
}
