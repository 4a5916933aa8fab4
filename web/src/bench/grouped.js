// @ts-check
// The lines of the account gathered into groups that fold.

export const head = "\n"; // begins the key of a group's head, as no name does

/** The lines as they are listed: those of a group together, under its head; of a folded one the head alone.
 * @param {import("./state.js").State} s @param {Set<string>} folded */
export function grouped(s, folded) {
  const of = new Map(s.groups.flatMap((g) => g.components.map((/** @type {string} */ c) => [c, g])));
  if (!of.size) return s.line_order;
  const out = [];
  const done = new Set();
  const use = (/** @type {string} */ key) => of.get(key) ?? of.get(key.split("/")[0]);
  for (const key of s.line_order) {
    const g = use(key);
    if (!g) {
      out.push(key);
      continue;
    }
    if (done.has(g.name)) continue;
    done.add(g.name);
    out.push(head + g.name);
    if (!folded.has(g.name)) out.push(...s.line_order.filter((k) => use(k) === g));
  }
  return out;
}

/** The head of a group. @param {string} key @param {import("./state.js").State} s @param {Set<string>} folded */
export function headOf(key, s, folded) {
  const name = key.slice(head.length);
  const n = s.groups.find((g) => g.name === name)?.components.length ?? 0;
  const li = document.createElement("li");
  li.className = "grouphead";
  const b = document.createElement("button");
  b.type = "button";
  b.className = "grouptoggle";
  b.dataset.act = "fold";
  b.dataset.group = name;
  b.setAttribute("aria-expanded", String(!folded.has(name)));
  b.textContent = `${folded.has(name) ? "▸" : "▾"} ${name} · ${n}`;
  li.append(b);
  return li.outerHTML;
}
