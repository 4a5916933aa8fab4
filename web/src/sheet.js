// @ts-check
// The sheet on its desk: views, balloons and dimensions are dragged, or moved by the arrow keys, and stay where they were put; what is
// pointed at is dimensioned.
import { pointing } from "./pointing.js";

const movable = /^(view|balloon|dim) /;
const step = 1; // mm an arrow key
const moved = 0.5; // mm: less is a click

/** What the sheet says, in the fields beside it. */
class Says {
  /** @param {Element} main */
  constructor(main) {
    this.main = main;
  }

  /** @param {string} name @param {(lines: string[]) => string[]} change */
  change(name, change) {
    const f = this.set(name, change);
    f.dispatchEvent(new Event("change", { bubbles: true }));
  }

  /** @param {string} name @param {(lines: string[]) => string[]} change */
  set(name, change) {
    const f = /** @type {HTMLTextAreaElement} */ (this.main.querySelector(`[name=${name}]`));
    f.value = change(f.value.split("\n").filter((l) => l.trim())).join("\n");
    return f;
  }

  /** @param {string} what @param {number} dx @param {number} dy mm, to the right and up */
  move(what, dx, dy) {
    this.change("moves", (lines) => {
      const at = lines.findIndex((l) => l.split(":")[0].trim() === what);
      const was = (lines[at]?.split(":")[1] ?? "").split(",").map(Number);
      const [x, y] = was.length === 2 && was.every(Number.isFinite) ? was : [0, 0];
      const line = `${what}: ${Math.round((x + dx) * 10) / 10}, ${Math.round((y + dy) * 10) / 10}`;
      return at < 0 ? [...lines, line] : lines.with(at, line);
    });
  }

  /** Takes a line off; dimensions behind it keep their places. @param {string} name @param {number} i */
  drop(name, i) {
    if (name === "dims") {
      this.set("moves", (lines) =>
        lines.flatMap((l) => {
          const n = Number(/^dim (\d+):/.exec(l)?.[1] ?? 0) - 1;
          if (n < i) return [l];
          return n === i ? [] : [l.replace(/\d+/, String(n))];
        }),
      );
    }
    this.change(name, (lines) => lines.filter((_, k) => k !== i));
  }
}

/** @param {EventTarget | null} e @returns {SVGPathElement | null} */
const spotAt = (e) => /** @type {Element} */ (e).closest?.(".spots path") ?? null;

/** What is moved where something is pressed. @param {Element} main @param {EventTarget | null} e */
function movedAt(main, e) {
  const of = spotAt(e)?.dataset.view;
  const g = of ? main.querySelector(`.leaf g[id="view ${CSS.escape(of)}"]`) : /** @type {Element} */ (e).closest?.(".leaf g[id]");
  return g && movable.test(g.id) ? /** @type {SVGGElement} */ (g) : null;
}

/** @param {Element} main @param {Says} says @param {(spot: SVGPathElement) => void} point */
function dragging(main, says, point) {
  main.addEventListener("pointerdown", (e) => {
    const down = /** @type {PointerEvent} */ (e);
    const g = movedAt(main, down.target);
    const svg = g?.ownerSVGElement;
    if (!g || !svg || down.button) return;
    down.preventDefault();
    const mm = svg.viewBox.baseVal.width / svg.getBoundingClientRect().width;
    const by = [0, 0];
    const drag = (/** @type {PointerEvent} */ p) => {
      by[0] = (p.clientX - down.clientX) * mm;
      by[1] = (p.clientY - down.clientY) * mm;
      g.setAttribute("transform", `translate(${by[0]} ${by[1]})`);
    };
    const done = () => {
      removeEventListener("pointermove", drag);
      removeEventListener("pointerup", done);
      removeEventListener("pointercancel", done);
      const at = spotAt(down.target);
      if (Math.hypot(by[0], by[1]) > moved) says.move(g.id, by[0], -by[1]);
      else if (at) point(at);
    };
    addEventListener("pointermove", drag);
    addEventListener("pointerup", done);
    addEventListener("pointercancel", done);
  });
}

/** @param {Element} main the desk with what the sheet says beside it */
export function desk(main) {
  const says = new Says(main);
  const ready = () => {
    for (const g of main.querySelectorAll(".leaf g[id]")) {
      if (!movable.test(g.id) || g.hasAttribute("tabindex")) continue;
      g.setAttribute("tabindex", "0");
      g.setAttribute("role", "group");
      g.setAttribute("aria-label", `${g.id}; arrow keys move it${g.id.startsWith("dim ") ? ", Delete takes it off" : ""}`);
    }
  };
  ready();
  new MutationObserver(ready).observe(main, { childList: true, subtree: true });
  const add = (/** @type {string} */ name, /** @type {string} */ line) =>
    says.change(name, (lines) => (name === "section" ? [line] : [...lines, line]));
  dragging(main, says, pointing(main, add));
  main.addEventListener("keydown", (e) => {
    const k = /** @type {KeyboardEvent} */ (e);
    const g = movedAt(main, k.target);
    if (g?.id.startsWith("dim ") && k.key === "Delete") says.drop("dims", Number(g.id.slice("dim ".length)) - 1);
    const to = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[k.key];
    if (!g || !to) return;
    k.preventDefault();
    says.move(g.id, to[0] * step, to[1] * step);
  });
  main.addEventListener("click", (e) => {
    const b = /** @type {HTMLElement} */ (e.target);
    if (b.dataset.drop) says.drop(b.dataset.drop, Number(b.dataset.line));
  });
  const beside = main.querySelectorAll("#sh-look, #sh-as"); // what a sheet is not asked for
  for (const i of beside) i.addEventListener("change", (e) => e.stopPropagation());
  main.querySelector("#sh-home")?.addEventListener("click", () => says.change("moves", () => []));
}
