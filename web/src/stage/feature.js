// @ts-check
// Features as picking and the sentence name them.

/**
 * @typedef {import("./scene.js").Use} Use
 * @typedef {import("./shape.js").Feature} Feature
 */

/** How a document names a feature of a use. @param {Use} u @param {Feature} f */
export const refOf = (u, f) => `${u.comp.data.name}/${u.path}${f.n}`;

/** @typedef {{x: number, y: number, z: number}} XYZ */
/** @param {XYZ} a @param {XYZ} b */
const dot = (a, b) => a.x * b.x + a.y * b.y + a.z * b.z;
/** @param {XYZ} a @param {XYZ} b */
const less = (a, b) => ({ x: a.x - b.x, y: a.y - b.y, z: a.z - b.z });

/**
 * The other end of a slot: a round wall of the same radius, with two flat walls between that touch both.
 * @param {Feature} f @param {Feature[]} features of the same part @returns {Feature | null}
 */
export function slotEnd(f, features) {
  const { dir, r } = f;
  if (f.k !== "cylinder" || f.side !== "hole" || !dir || !r) return null;
  const near = 1e-4 * (1 + r);
  for (const g of features) {
    if (g === f || g.k !== "cylinder" || g.side !== "hole" || g.same || !g.dir || Math.abs((g.r ?? 0) - r) > near) continue;
    const way = less(g.at, f.at);
    const up = dot(way, dir);
    const across = { x: way.x - up * dir.x, y: way.y - up * dir.y, z: way.z - up * dir.z };
    const long = Math.sqrt(dot(across, across));
    if (Math.abs(Math.abs(dot(g.dir, dir)) - 1) > 1e-6 || long < near) continue;
    const walls = features.filter((p) => p.k === "plane" && p.face >= 0 && p.dir && Math.abs(dot(p.dir, dir)) < 1e-5
      && Math.abs(dot(p.dir, across)) < 1e-5 * long && Math.abs(Math.abs(dot(less(p.at, f.at), p.dir)) - r) < near);
    if (walls.some((p) => dot(less(p.at, f.at), p.dir ?? dir) < 0 && walls.some((q) => dot(p.dir ?? dir, q.dir ?? dir) < 0))) return g;
  }
  return null;
}

/** Tells whether a feature may be picked under a filter. @param {string} filter @param {Feature} f */
export function wants(filter, f) {
  switch (filter) {
    case "face":
      return f.face >= 0 || (!!f.helper && f.k === "plane");
    case "axis":
      return !!f.dir && f.k !== "plane" && f.k !== "circle";
    case "rim":
      return f.k === "circle";
    case "point":
      return f.vertex >= 0 || f.k === "sphere" || f.k === "point";
  }
  return true;
}
