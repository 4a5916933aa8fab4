// @ts-check
// What is still loose, in one look: all loose parts move a little along a freedom of theirs, each there and back; the others stand.
const mostShaken = 24; // motions asked for at once

/**
 * Shakes what is loose; it tells how many parts moved.
 * @param {import("./state.js").State} s @param {any} stage @param {import("../net.js").Ask} call
 */
export async function shake(s, stage, call) {
  const seen = new Set();
  const asked = [];
  for (const [k, m] of s.motions.entries()) {
    if (m.class !== "loose" || m.rides.every((/** @type {string} */ n) => seen.has(n))) continue;
    for (const n of m.rides) seen.add(n);
    asked.push({ k, rides: m.rides });
    if (asked.length === mostShaken) break;
  }
  if (!asked.length) return 0;
  const swings = await Promise.all(asked.map(({ k }) => call(`swing/${k}`)));
  const names = swings[0].names;
  const steps = Math.max(...swings.map((x) => x.poses.length));
  const stand = swings.find((x) => x.poses.length)?.poses;
  if (!stand || steps < 2) return 0;
  const stands = new Map(s.components.map((x) => [x.name, x.pose]));
  /** @type {any[][]} */
  const poses = [];
  for (let i = 0; i < steps; i++) {
    const row = names.map((/** @type {string} */ n, /** @type {number} */ c) => stands.get(n) ?? stand[0][c]);
    for (const [a, { rides }] of asked.entries()) {
      const list = swings[a].poses;
      const at = list[Math.round((i * (list.length - 1)) / (steps - 1))];
      for (const [c, n] of names.entries()) if (at && rides.includes(n)) row[c] = at[c];
    }
    poses.push(row);
  }
  await stage.swing(names, poses);
  return seen.size;
}
