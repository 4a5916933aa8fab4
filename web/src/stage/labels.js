// @ts-check
// Labels beside what they name: few, inside the stage and off one another. What finds no place among them is counted.

/** How many labels of motions are shown at most. */
export const mostLabels = 12;

export class Labels {
  /** @param {HTMLElement} box @param {import("./view.js").View} view */
  constructor(box, view) {
    this.box = box;
    this.view = view;
    /** @type {{kind: string, el: HTMLElement, where: () => import("three").Vector3, width: number}[]} */
    this.list = [];
    this.more = document.createElement("span");
    this.more.className = "more";
  }

  /** @param {string} kind @param {string} text @param {() => import("three").Vector3} where @param {string} cls */
  add(kind, text, where, cls) {
    const el = document.createElement("span");
    el.textContent = text;
    el.className = `l-${cls}`;
    this.box.append(el);
    this.list.push({ kind, el, where, width: 0 });
  }

  /** @param {string} kind */
  clear(kind) {
    this.list = this.list.filter((l) => {
      if (l.kind === kind) l.el.remove();
      return l.kind !== kind;
    });
    if (kind === "motion") this.more.remove();
  }

  /** Tells of labels that are left out. @param {string} text */
  rest(text) {
    this.more.textContent = text;
    this.box.append(this.more);
  }

  place() {
    /** @type {[number, number, number][]} */
    const taken = [];
    const { width, height } = this.view;
    for (const l of this.list) {
      l.width ||= l.el.offsetWidth;
      const p = this.view.project(l.where());
      const w = l.width || 80;
      const h = 22;
      const x = Math.max(4, Math.min(width - w - 4, p.x + 10));
      let y = Math.max(44, Math.min(height - h - 44, p.y - 11));
      for (let n = 0; n < 24 && taken.some((t) => x < t[0] + t[2] && t[0] < x + w && y < t[1] + h && t[1] < y + h); n++) {
        y = y + 23 > height - h - 4 ? 44 : y + 23;
      }
      taken.push([x, y, w]);
      l.el.style.transform = `translate(${Math.round(x)}px, ${Math.round(y)}px)`;
    }
  }
}
