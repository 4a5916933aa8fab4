// @ts-check
// A joint brought to a typed value, from anywhere: of the part that was pulled last or is in hand first.
import { typed } from "./fields.js";
import { scale, shown, trim } from "../units.js";
import { plain, range } from "./words.js";

/**
 * @param {object} b
 * @param {import("./state.js").State} b.state @param {string[]} b.hands the parts that are meant, the likeliest first
 * @param {(title: string, text: string) => Promise<string | null>} b.ask @param {import("./dialogs.js").Palette} b.palette
 * @param {(a: object) => Promise<boolean>} b.act @param {(text: string, bad?: boolean) => void} b.tell
 */
export function bring({ state, hands, ask, palette, act, tell }) {
  const all = state.joints.flatMap((j) => j.of.map((c) => ({ ...c, joint: j.id, parts: state.mates[j.id] ?? [] })));
  const mine = all.filter((c) => hands.some((h) => c.parts.includes(h)));
  const list = mine.length ? mine : all;
  if (!list.length) {
    tell("No joint here has a coordinate that could be brought anywhere.");
    return;
  }
  const unit = (/** @type {any} */ c) => (c.angular ? "°" : shown());
  const at = (/** @type {any} */ c) => trim(c.at / (c.angular ? 1 : scale(shown())));
  const to = async (/** @type {any} */ c) => {
    const text = await ask(`Bring ${c.name.replaceAll("_", " ")} of ${plain(c.joint)} (${unit(c)}) to, or keep it within (0 to 90)`, at(c));
    if (text === null || text === at(c)) return;
    const ends = range(text)?.map((t) => typed(t, c.angular ? "" : shown()));
    if (ends) {
      const limit = { do: "limit", relation: c.joint, of: c.name };
      if (ends.every((end) => typeof end === "number")) {
        act({ ...limit, lo: ends[0], hi: ends[1] });
        return;
      }
      for (const [i, end] of ends.entries()) {
        const to = typeof end === "number" ? { to: end } : { text: end };
        if (!(await act({ ...limit, end: i ? "hi" : "lo", ...to }))) return;
      }
      return;
    }
    const v = typed(text, c.angular ? "" : shown());
    if (v === undefined) tell("Write a number, such as 12.5, or a sum, such as depth + 3 mm.", true);
    else act({ do: "bring", relation: c.joint, of: c.name, ...(typeof v === "number" ? { to: v } : { text: v }) });
  };
  if (list.length === 1) to(list[0]);
  else {
    palette.open(list.map((c) => ({
      words: `${c.name.replaceAll("_", " ")} of ${plain(c.joint)}`, keys: `${at(c)} ${unit(c)}`, help: "bring joint", run: () => to(c),
    })));
  }
}
