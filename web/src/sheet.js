// @ts-check
// The sheet on its desk: views, balloons and dimensions are dragged, or moved by the arrow keys, and stay where they were put.

const movable = /^(view|balloon|dim) /;
const step = 1; // mm an arrow key

/** @param {Element} main the desk with what the sheet says beside it */
export function desk(main) {
  const moves = /** @type {HTMLTextAreaElement} */ (main.querySelector("#sh-moves"));

  /** @returns {Map<string, [number, number]>} */
  const read = () => {
    const out = new Map();
    for (const line of moves.value.split("\n")) {
      const [what, by] = line.split(":");
      const at = by?.split(",").map(Number);
      if (at?.length === 2 && at.every(Number.isFinite)) out.set(what.trim(), at);
    }
    return out;
  };
  /** @param {string} what @param {number} dx @param {number} dy mm, to the right and up */
  const move = (what, dx, dy) => {
    const all = read();
    const [x, y] = all.get(what) ?? [0, 0];
    all.set(what, [Math.round((x + dx) * 10) / 10, Math.round((y + dy) * 10) / 10]);
    moves.value = [...all].map(([k, v]) => `${k}: ${v[0]}, ${v[1]}`).join("\n");
    moves.dispatchEvent(new Event("change", { bubbles: true }));
  };
  const found = (/** @type {EventTarget | null} */ e) => {
    const g = /** @type {Element} */ (e).closest?.(".leaf g[id]");
    return g && movable.test(g.id) ? /** @type {SVGGElement} */ (g) : null;
  };
  const ready = () => {
    for (const g of main.querySelectorAll(".leaf g[id]")) {
      if (!movable.test(g.id) || g.hasAttribute("tabindex")) continue;
      g.setAttribute("tabindex", "0");
      g.setAttribute("role", "group");
      g.setAttribute("aria-label", `${g.id}; arrow keys move it`);
    }
  };
  ready();
  new MutationObserver(ready).observe(main, { childList: true, subtree: true });

  main.addEventListener("pointerdown", (e) => {
    const down = /** @type {PointerEvent} */ (e);
    const g = found(down.target);
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
      if (Math.hypot(by[0], by[1]) > 0.5) move(g.id, by[0], -by[1]);
    };
    addEventListener("pointermove", drag);
    addEventListener("pointerup", done);
    addEventListener("pointercancel", done);
  });
  main.addEventListener("keydown", (e) => {
    const k = /** @type {KeyboardEvent} */ (e);
    const g = found(k.target);
    const to = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, 1], ArrowDown: [0, -1] }[k.key];
    if (!g || !to) return;
    k.preventDefault();
    move(g.id, to[0] * step, to[1] * step);
  });
  main.querySelector("#sh-home")?.addEventListener("click", () => {
    moves.value = "";
    moves.dispatchEvent(new Event("change", { bubbles: true }));
  });
}
