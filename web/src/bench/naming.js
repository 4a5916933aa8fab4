// @ts-check
// Lines renamed and put elsewhere where they stand, without a dialog.

/**
 * Has a name typed where it stands. Enter or leaving the field takes it, Escape leaves it as it was.
 * @param {HTMLElement} after what the field comes behind @param {string} was @param {(to: string) => void} done
 */
export function nameInPlace(after, was, done) {
  const i = document.createElement("input");
  i.className = "inplace";
  i.value = was;
  i.setAttribute("aria-label", `New name of ${was}`);
  let open = true;
  const end = (/** @type {boolean} */ take) => {
    if (!open) return;
    open = false;
    const to = i.value.trim();
    i.remove();
    after.hidden = false;
    if (take && to && to !== was) done(to);
  };
  i.addEventListener("keydown", (e) => {
    e.stopPropagation();
    if (e.key !== "Enter" && e.key !== "Escape") return;
    e.preventDefault();
    end(e.key === "Enter");
    after.focus();
  });
  i.addEventListener("blur", () => end(true));
  after.after(i);
  after.hidden = !after.matches(".rowopen"); // over a row's name the field lies by itself
  i.focus();
  i.select();
}

const still = 4; // px that a press may move and is no drag yet

/**
 * Has lines dragged by their number to another place.
 * @param {HTMLElement} list @param {(from: HTMLElement, to: HTMLElement) => void} drop
 */
export function draggable(list, drop) {
  list.addEventListener("pointerdown", (e) => {
    const handle = /** @type {Element} */ (e.target).closest(".line .no");
    const from = /** @type {HTMLElement | null | undefined} */ (handle?.closest(".line"));
    if (!from || e.button !== 0) return;
    const y = e.clientY;
    /** @type {HTMLElement | null} */
    let to = null;
    let dragged = false;
    const mark = (/** @type {HTMLElement | null} */ li) => {
      to?.classList.remove("dropbefore", "dropbehind");
      to = li;
      if (li && li !== from) li.classList.add(behind(from, li) ? "dropbehind" : "dropbefore");
    };
    const move = (/** @type {PointerEvent} */ ev) => {
      dragged = dragged || Math.abs(ev.clientY - y) > still;
      if (!dragged) return;
      from.classList.add("dragged");
      const li = document.elementFromPoint(ev.clientX, ev.clientY)?.closest("#lines > .line");
      mark(/** @type {HTMLElement | null} */ (li ?? null));
    };
    const up = () => {
      removeEventListener("pointermove", move);
      removeEventListener("pointerup", up);
      from.classList.remove("dragged");
      const there = to;
      mark(null);
      if (!dragged) return;
      addEventListener("click", noClick, true);
      setTimeout(() => {
        removeEventListener("click", noClick, true);
        if (there && there !== from) drop(from, there);
      });
    };
    addEventListener("pointermove", move);
    addEventListener("pointerup", up);
  });
}

/** The press that ends a drag is no click on the line. @param {MouseEvent} e */
const noClick = (e) => e.stopPropagation();

/** Whether a line comes behind another. @param {HTMLElement} a @param {HTMLElement} b */
const behind = (a, b) => !!(a.compareDocumentPosition(b) & Node.DOCUMENT_POSITION_FOLLOWING);
