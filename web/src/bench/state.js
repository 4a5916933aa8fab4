// @ts-check
// The state of an assembly as it is shown. The server sends it whole, or what differs from the state before; then only what
// differs is replaced, and whoever shows it can tell by what is the very same object.

/**
 * @typedef {object} State
 * @property {number} seq
 * @property {any[]} components in build order
 * @property {string[]} line_order
 * @property {Record<string, string>} lines
 * @property {Record<string, string[]>} mates the components each relation is between
 * @property {any[]} motions
 * @property {string} findings
 * @property {string} balance
 * @property {import("./coupling.js").Joint[]} joints
 * @property {import("./settings.js").Sheet} settings
 * @property {{name: string, components: string[]}[]} groups of the list
 * @property {{name: string, values: Record<string, string>}[]} variants
 * @property {{name: string, look: number[]}[]} views of the document
 * @property {{name: string, words: string, drive: import("./legs.js").Drive}[]} runs that the document keeps
 * @property {string} verdict
 * @property {string} undo
 * @property {string} redo
 */

/**
 * Makes a state of what the server sent; null where it builds on another than the one at hand.
 * @param {State | null} was
 * @param {any} sent
 * @returns {State | null}
 */
export function merge(was, sent) {
  const builds = sent.base !== undefined;
  if (builds && was?.seq !== sent.base) return null;
  const old = builds ? /** @type {State} */ (was) : null;
  const named = new Map((old?.components ?? []).map((c) => [c.name, c]));
  const components = sent.order.map((/** @type {string} */ n) => sent.components[n] ?? named.get(n));
  const lines = /** @type {Record<string, string>} */ ({});
  for (const key of sent.line_order) lines[key] = sent.lines[key] ?? old?.lines[key];
  const mates = { ...(old?.mates ?? {}), ...sent.mates };
  for (const id of sent.gone ?? []) delete mates[id];
  return {
    seq: sent.seq,
    components,
    line_order: sent.line_order,
    lines,
    mates,
    motions: sent.motions ?? old?.motions ?? [],
    findings: sent.findings ?? old?.findings ?? "",
    balance: sent.balance,
    joints: sent.joints,
    settings: sent.settings,
    groups: sent.groups,
    variants: sent.variants,
    views: sent.views,
    runs: sent.runs,
    verdict: sent.verdict,
    undo: sent.undo,
    redo: sent.redo,
  };
}

/** Where all components stand. @param {State | null} s @returns {Map<string, any>} */
export const poses = (s) => new Map((s?.components ?? []).map((c) => [c.name, c.pose]));

/** The components that relations are between, each once. @param {State} s @param {string[]} ids */
export const bodiesOf = (s, ids) => [...new Set(ids.flatMap((id) => s.mates[id] ?? []))];

/** The first part in build order that no relation is about; empty where there is none. @param {State | null} s */
export function firstUnrelated(s) {
  const related = new Set(Object.values(s?.mates ?? {}).flat().map((p) => p.split("/")[0]));
  return s?.components.find((c) => !c.grounded && !c.suppressed && !related.has(c.name))?.name ?? "";
}
