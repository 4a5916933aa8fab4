// @ts-check
// A fastened joint in section: plates hatched, the screw whole, to scale, its axis across.

/** @typedef {{name: string, kind: string, top: number, bottom: number, hole?: number, width?: number}} Section */

const wide = 250; // px
const high = 120;
const edge = 6;
const ns = "http://www.w3.org/2000/svg";

/** @param {SVGSVGElement} svg @param {Section[]} list */
export function section(svg, list) {
  const low = Math.min(...list.map((s) => s.bottom));
  const top = Math.max(...list.map((s) => s.top));
  const broad = 1.5 * Math.max(...list.map((s) => s.width ?? 0));
  const scale = Math.min((wide - 2 * edge) / (top - low), (high - 2 * edge) / broad);
  const x = (/** @type {number} */ at) => wide / 2 + ((top + low) / 2 - at) * scale; // the head on the left
  /** @type {SVGElement[]} */
  const parts = [];
  const box = (/** @type {string} */ kind, /** @type {Section} */ s, /** @type {number} */ from, /** @type {number} */ to) => {
    for (const side of to > 0 && from > 0 ? [1, -1] : [0]) {
      const r = document.createElementNS(ns, "rect");
      const y0 = side === 0 ? -to : side > 0 ? from : -to;
      const y1 = side === 0 ? to : side > 0 ? to : -from;
      r.setAttribute("x", String(x(s.top)));
      r.setAttribute("width", String((s.top - s.bottom) * scale));
      r.setAttribute("y", String(high / 2 + y0 * scale));
      r.setAttribute("height", String((y1 - y0) * scale));
      r.setAttribute("class", `s-${kind}`);
      const t = document.createElementNS(ns, "title");
      t.textContent = s.name;
      r.append(t);
      parts.push(r);
    }
  };
  const order = ["plate", "tapped", "washer", "nut", "shank", "head"];
  for (const kind of order) {
    for (const [i, s] of list.filter((k) => k.kind === kind).entries()) {
      const out = (s.width ?? broad) / 2;
      const hole = (s.hole ?? 0) / 2;
      if (kind === "plate" || kind === "tapped") box(`${kind} n${i % 2}`, s, hole, broad / 2);
      else if (kind === "washer" || kind === "nut") box(kind, s, hole, out);
      else box(kind, s, 0, out);
    }
  }
  const axis = document.createElementNS(ns, "path");
  axis.setAttribute("d", `M${x(top) - edge} ${high / 2}H${x(low) + edge}`);
  axis.setAttribute("class", "s-axis");
  svg.setAttribute("viewBox", `0 0 ${wide} ${high}`);
  svg.setAttribute("width", String(wide));
  svg.setAttribute("height", String(high));
  svg.replaceChildren(...parts, axis);
}
