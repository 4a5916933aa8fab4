// @ts-check
// Features pointed at on the sheet: one is the diameter, section or detail that is asked for, two are a dimension.

const detailRoom = 1.5; // a detail shows a round feature with so much about it
const leastDetail = 5; // mm

/**
 * @param {Element} main the desk
 * @param {(field: string, line: string) => void} add puts a line into a field
 */
export function pointing(main, add) {
  /** @type {SVGPathElement | null} */
  let first = null;
  const said = /** @type {HTMLElement} */ (main.querySelector("#pointed"));
  const acts = /** @type {HTMLElement} */ (main.querySelector("#pointedacts"));
  const button = (/** @type {string} */ what) => /** @type {HTMLButtonElement} */ (acts.querySelector(`[data-point=${what}]`));
  const start = said.textContent ?? "";

  const leave = () => {
    first?.classList.remove("taken");
    first = null;
    said.textContent = start;
    acts.hidden = true;
  };
  /** @param {SVGPathElement} spot */
  const take = (spot) => {
    const { view, ref, says } = spot.dataset;
    if (first?.isConnected && first.dataset.view === view && first !== spot) {
      add("dims", `${view}: ${first.dataset.ref}, ${ref}`);
      leave();
      return;
    }
    leave();
    first = spot;
    spot.classList.add("taken");
    said.textContent = `${says}. Point at a second one in this view for the distance, or:`;
    button("dim").disabled = button("detail").disabled = !("round" in spot.dataset);
    acts.hidden = false;
  };
  acts.addEventListener("click", (e) => {
    const what = /** @type {HTMLElement} */ (e.target).dataset.point;
    if (!what || !first) return;
    const { view, ref } = first.dataset;
    if (what === "dim") add("dims", `${view}: ${ref}`);
    const room = Math.max(leastDetail, Math.round(Number(first.dataset.radius) * detailRoom));
    if (what === "detail") add("details", `${view}: ${ref}, ${room}`);
    if (what === "section") add("section", ref ?? "");
    leave();
  });
  main.addEventListener("keydown", (e) => {
    if (/** @type {KeyboardEvent} */ (e).key === "Escape" && first) leave();
  });
  return take;
}
